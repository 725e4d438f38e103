import { describe, expect, it } from 'vitest'
import { dayOfBay } from '#core/clearance/stood-clear'
import type { Befell } from '#core/clearance/stood-clear'
import { GATES } from '#core/ids/vocabulary'
import { EMPTY_STATION } from '#core/streams/station/station'
import type { Station, StationEvent } from '#core/streams/station/station'
import { STICK } from '../air/air-of-a-shop'

// When did a bay stand clear? By what record would it read longer, or shorter, than it did?

const CLOCK = { timeZone: 'Europe/London', shopDayHour: 4 }
const ENDS = '2026-03-03T04:00:00.000Z'
const at = (time: string): string => `2026-03-02T${time}:00.000Z`
let commands = 0
/** What came of one command at a time of the day. */
const did = (time: string, ...events: readonly StationEvent[]): readonly Befell[] => {
  const commandId = String(commands++)
  return events.map(event => ({ event, commandId, recordedAt: at(time) }))
}
const gate = (state: 'open' | 'hold' | 'not-needed', id: (typeof GATES)[number] = 'eyes'): StationEvent =>
  ({ type: 'gate-changed', version: 1, payload: { gate: id, state, findings: [], rulesVersion: 14 } })
const allOpen = GATES.map(id => gate(id === 'gas' ? 'not-needed' : 'open', id))
const OPEN: Station['gates'] = Object.fromEntries(GATES.map(id => [id, { state: 'open', findings: [] }]))
const day = (befell: readonly (readonly Befell[])[], before: Station = EMPTY_STATION) => dayOfBay(before, befell.flat(), CLOCK, ENDS)

describe('a bay over a day', () => {
  it('stood clear from the last gate that opened to the first that closed, once and again', () => {
    const { clear } = day([
      did('08:00', ...allOpen), did('10:30', gate('hold')), did('11:00', gate('open')), did('12:15', gate('hold', 'air')),
    ])
    expect(clear).toEqual([{ fromMin: 240, toMin: 390 }, { fromMin: 420, toMin: 495 }])
  })
  it('never was with a gate that nobody ever opened, or one still to do', () => {
    expect(day([did('08:00', ...allOpen.slice(1))])).toMatchObject({ clear: [], lastClear: null })
  })
  it('is on hold as the day begins, whatever stood the evening before: nobody was awake to let it lapse', () => {
    expect(day([], { ...EMPTY_STATION, gates: OPEN }).clear).toEqual([])
    expect(day([did('09:00', gate('hold', 'air')), did('10:00', gate('open', 'air'))], { ...EMPTY_STATION, gates: OPEN }).clear)
      .toEqual([{ fromMin: 360, toMin: 1440 }])
  })
  it('is not clear while it is stopped, with every gate open', () => {
    const stopped: StationEvent = { type: 'stopped', version: 1, payload: { at: at('09:00'), by: 'maren', reason: null } }
    const reopened: StationEvent = { type: 'reopened', version: 1, payload: { note: null } }
    expect(day([did('08:00', ...allOpen), did('09:00', stopped), did('09:30', reopened), did('10:00', gate('hold'))]).clear)
      .toEqual([{ fromMin: 240, toMin: 300 }, { fromMin: 330, toMin: 360 }])
  })
  it('counts what one command did as one: a gate that closes in the same breath as its cause leaves no moment between', () => {
    const { clear, lastClear } = day([
      did('08:00', { type: 'job-set', version: 3, payload: { job: STICK, validUntil: ENDS, at: at('08:00') } }, ...allOpen),
      did('10:00', { type: 'job-cleared', version: 2, payload: { at: at('10:00') } }, gate('hold', 'job')),
    ])
    expect(clear).toEqual([{ fromMin: 240, toMin: 360 }])
    // As it was while it was clear: with the work that could be done.
    expect(lastClear?.job).toEqual(STICK)
  })
  it('was not clear that was shut in the instant in which it opened', () => {
    expect(day([did('08:00', ...allOpen), did('08:00', gate('hold'))]).clear).toEqual([])
  })
  it('stands clear to the end of the day where nothing closed it', () => {
    expect(day([did('22:00', ...allOpen)]).clear).toEqual([{ fromMin: 1080, toMin: 1440 }])
  })
  it('loses no minute where autumn turns the clock back', () => {
    const clock = { timeZone: 'America/New_York', shopDayHour: 4 }
    const night = (time: string, ...events: readonly StationEvent[]): readonly Befell[] =>
      did('08:00', ...events).map(one => ({ ...one, recordedAt: `2026-11-01T${time}:00.000Z` }))
    // 01:30 by summer time to 01:10 by winter time: forty minutes.
    const { clear } = dayOfBay(
      EMPTY_STATION, [...night('05:30', ...allOpen), ...night('06:10', gate('hold'))], clock, '2026-11-01T09:00:00.000Z')
    expect(clear).toEqual([{ fromMin: 1290, toMin: 1330 }])
  })
})
