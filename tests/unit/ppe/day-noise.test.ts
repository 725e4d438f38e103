import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isLoudDay, loudSpans, noiseAtEar, noiseNeed, spansHere, spansThere } from '#core/hearing/day-noise'
import type { NoiseHouse } from '#core/hearing/day-noise'
import type { Job } from '#core/job/job'
import { doesFail, judgeGarments } from '#core/ppe/judge-garments'
import type { WornGarment } from '#core/ppe/judge-garments'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { wear } from '#core/ppe/wearables'
import { DERATINGS } from '#core/ids/protection-ids'

const US = { shiftHours: 8, shopDayHour: 4, jurisdiction: 'us' } as const
const EU = { ...US, jurisdiction: 'eu' } as const
const isLoudAround = (jobs: readonly Job[], house: NoiseHouse): boolean => isLoudDay(noiseAtEar(loudSpans(jobs, 'next-bay', house), house))

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

const NOW = '2026-11-23T15:00:00.000Z'
const before = (process: Job['process'], personId: string | null, validUntil = '2026-11-24T09:00:00.000Z') =>
  ({ job: { process }, personId, sinceAt: null, untilAt: null, validUntil })

describe('whose ear it is at', () => {
  const levels = (spans: ReturnType<typeof spansHere>) => spans.map(({ levelDbA }) => levelDbA)
  it('own work, and what nobody says was another\'s, at the own ear; what somebody else did before, from next to it', () => {
    const earlierJobs = [before('pac', 'kit'), before('grinding', null), before('ofc', 'lena')]
    const work = { job: { process: 'cac-a' as const }, personId: 'kit', earlierJobs }
    expect(levels(spansHere(work, US, NOW))).toEqual([105, 110, 115, 92])
  })
  it('what lapsed with yesterday is not of this day', () =>
    expect(spansHere({ job: null, personId: 'kit', earlierJobs: [before('pac', 'kit', NOW)] }, US, NOW)).toEqual([]))
  it('elsewhere only what is known to be theirs is at their ear, near or far; the rest is heard where it is near', () => {
    const work = { job: { process: 'pac' as const }, personId: 'kit', earlierJobs: [before('grinding', null)] }
    expect(levels(spansThere('kit', work, true, US, NOW))).toEqual([105, 100])
    expect(levels(spansThere('kit', work, false, US, NOW))).toEqual([105])
    expect(levels(spansThere('lena', work, false, US, NOW))).toEqual([])
    // Nobody stands here, and nobody was named there: they are not the same person.
    expect(levels(spansThere(null, { ...work, personId: null }, true, US, NOW))).toEqual([100, 95])
  })
})

// Label less 7 dB, halved; the better of two and 5 dB: 29 CFR 1910.95 App. B and the OSHA Technical Manual, from memory.
describe('what a day of noise asks for', () => {
  const noise = (twaDbA: number | null) => ({ rule: 'us-hearing-conservation' as const, twaDbA })
  it('nothing, any, one by its label, two, or no protector is enough', () => {
    expect(noiseNeed(noise(null), 'half')).toBeNull()
    expect(noiseNeed(noise(84.9), 'half')).toBeNull()
    expect(noiseNeed(noise(85), 'half')).toMatchObject({ takes: 'any', nrrDb: 0 })
    expect(noiseNeed(noise(92), 'half')).toMatchObject({ takes: 'rated', nrrDb: 21 })
    expect(noiseNeed(noise(98), 'half')).toMatchObject({ takes: 'rated', nrrDb: 33 })
    expect(noiseNeed(noise(98.1), 'half')).toMatchObject({ takes: 'two', nrrDb: 24 })
    expect(noiseNeed(noise(103), 'half')).toMatchObject({ takes: 'two', nrrDb: 33 })
    expect(noiseNeed(noise(103.1), 'half')).toMatchObject({ takes: 'none-is-enough', nrrDb: null })
  })
  it('less where a house counts the whole label, and by its kind what a muff has to say', () => {
    expect(noiseNeed(noise(98.1), 'none')).toMatchObject({ takes: 'rated', nrrDb: 21 })
    expect(noiseNeed(noise(95), 'by-kind')).toMatchObject({ takes: 'rated', nrrDb: 23 })
    expect(noiseNeed(noise(102), 'by-kind')).toMatchObject({ takes: 'two', nrrDb: 26 })
  })

  const PLASMA: Job = { process: 'pac', currentA: 45, position: 'flat' }
  const ear = (item: 'ear-plugs' | 'ear-muffs', nrrDb?: number): WornGarment =>
    ({ zone: 'ears', item, condition: [], ...nrrDb === undefined ? {} : { nrrDb } })
  const said = (twaDbA: number | null, ...worn: readonly WornGarment[]) => {
    const { zones } = judgeGarments(PLASMA, worn, {}, { noise: noise(twaDbA) })
    const { requirement, findings } = zones.find(({ zone }) => zone === 'ears')!
    return [requirement, ...findings.map(({ code }) => code)]
  }
  it('by what input would plugs pass that do too little', () => {
    expect(said(92, ear('ear-plugs'))).toEqual(['hearing-protection-rated', 'garment.label-unread'])
    expect(said(92, ear('ear-plugs', 20))).toEqual(['hearing-protection-rated', 'garment.protector-too-weak'])
    expect(said(92, ear('ear-plugs', 21))).toEqual(['hearing-protection-rated', 'garment.passes'])
    expect(said(100, ear('ear-plugs', 33))).toEqual(['hearing-protection-two', 'garment.protector-too-weak'])
    expect(said(100, ear('ear-plugs', 33), ear('ear-muffs'))).toEqual(['hearing-protection-two', 'garment.label-unread'])
    expect(said(100, ear('ear-plugs', 33), ear('ear-muffs', 25))).toEqual(['hearing-protection-two', 'garment.passes'])
    // Two pairs of plugs are one.
    expect(said(100, ear('ear-plugs', 33), ear('ear-plugs', 33))).toEqual(['hearing-protection-two', 'garment.protector-too-weak'])
    expect(said(110, ear('ear-plugs', 33), ear('ear-muffs', 31))).toEqual(['hearing-protection-two', 'garment.protector-too-weak'])
  })
  it('a label that was read of two worn at once is of neither: each is read', () => {
    expect(wear([], 'plugs-and-muffs', { nrrDb: 33 }).map(({ nrrDb }) => nrrDb)).toEqual([undefined, undefined])
    expect(wear([], 'muffs', { nrrDb: 31 }).map(({ nrrDb }) => nrrDb)).toEqual([31])
  })
  it('by kind no one number is named: a plug would need another than a muff', () => {
    const least = (protectorRule: typeof DERATINGS[number]) =>
      requiredOutfit(PLASMA, { noise: noise(92), protectorRule }).find(({ zone }) => zone === 'ears')?.leastNrrDb
    expect([least('half'), least('none'), least('by-kind')]).toEqual([21, 14, undefined])
  })
  it('a cutter whose day is short enough wears any', () =>
    expect(said(80, ear('ear-plugs'))).toEqual(['hearing-protection', 'garment.passes']))
  it('where nobody reckoned the noise, that is said and the plugs are no failure', () => {
    const { zones } = judgeGarments(PLASMA, [ear('ear-plugs')])
    expect(zones.find(({ zone }) => zone === 'ears')).toMatchObject({
      requirement: 'hearing-protection', verdict: 'pass-with-caution', findings: [{ code: 'garment.noise-decides' }],
    })
  })

  const label = fc.option(fc.integer({ min: 0, max: 40 }), { nil: undefined })
  const protector = fc.record({ item: fc.constantFrom('ear-plugs' as const, 'ear-muffs' as const), nrrDb: label })
    .map(({ item, nrrDb }) => ear(item, nrrDb))
  const fails = (twaDbA: number, worn: readonly WornGarment[], protectorRule: typeof DERATINGS[number]) =>
    judgeGarments(PLASMA, worn, { protectorRule }, { noise: noise(twaDbA) }).zones.some(one => one.zone === 'ears' && doesFail(one))
  it('one more protector, or a label that is read, never fails what passed; a louder day never passes what failed', () => {
    fc.assert(fc.property(
      fc.double({ min: 70, max: 115, noNaN: true }), fc.double({ min: 0, max: 20, noNaN: true }),
      fc.array(protector, { minLength: 1, maxLength: 3 }), protector, fc.constantFrom(...DERATINGS),
      (twaDbA, more, worn, another, rule) => {
        if (fails(twaDbA, worn, rule)) {
          expect(fails(twaDbA + more, worn, rule)).toBe(true)
          expect(fails(twaDbA, worn.map(({ nrrDb: _label, ...unread }) => unread), rule)).toBe(true)
        } else expect(fails(twaDbA, [...worn, another], rule)).toBe(false)
      },
    ))
  })
})
