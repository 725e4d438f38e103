import { describe, expect, it } from 'vitest'
import { isLoudAround } from '#core/hearing/neighbours-noise'

const US = { shiftHours: 8, shopDayHour: 4, jurisdiction: 'us' } as const
const EU = { ...US, jurisdiction: 'eu' } as const

// 29 CFR 1910.95 App. A for the dose, from memory; levels at the ear are of trade sheets, order only; 10 dB to the next bay is ours.
describe('loud work next door', () => {
  it('arcs alone are under what counts', () =>
    expect(isLoudAround([{ process: 'gmaw' }, { process: 'smaw' }, { process: 'fcaw-s' }], US)).toBe(false))
  it('gouging or grinding for half a shift asks for protection', () => {
    expect(isLoudAround([{ process: 'cac-a' }], US)).toBe(true)
    expect(isLoudAround([{ process: 'grinding' }], US)).toBe(true)
  })
  it('an hour of oxygen cutting does not in the US and does where 3 dB are twice the dose for longer', () => {
    const cut = { process: 'ofc', startsAt: '08:00', endsAt: '12:00' } as const
    expect(isLoudAround([cut], US)).toBe(false)
    expect(isLoudAround([cut], EU)).toBe(true)
  })
  it('two of them add up, and minutes that somebody said count as said', () => {
    // 2 h at 92 dBA is a third of a dose, two of them two thirds: 87 dBA.
    const cut = { process: 'ofc', startsAt: '08:00', endsAt: '12:00' } as const
    expect(isLoudAround([cut, cut], US)).toBe(true)
    expect(isLoudAround([{ ...cut, arcMinPerH: 60 }], US)).toBe(true)
    expect(isLoudAround([{ ...cut, arcMinPerH: 5 }, { ...cut, arcMinPerH: 5 }], US)).toBe(false)
  })
  it('times nobody said are the whole shift', () => expect(isLoudAround([{ process: 'pac' }], US)).toBe(true))
})
