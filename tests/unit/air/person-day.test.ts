import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { airOf, hallQuestion } from '#core/air/air-facts'
import { predictHall } from '#core/air/hall-prediction'
import { NOWHERE_ELSE, personDay } from '#core/air/person-day'
import { leakOf } from '#core/exposure/day-air'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import type { DayJob } from '#core/job/day-work'
import type { MaskId } from '#core/ids/vocabulary'
import type { Station } from '#core/streams/station/station'
import { ARM, facts, gateOf, HALL, LATER, ready, RULES, STICK } from './air-of-a-shop'

// Exposure follows people. By what day would a bay read clear when it must hold?

const at = (startsAt: string, endsAt: string, arcMinPerH = 5) => ({ ...STICK, startsAt, endsAt, arcMinPerH })
const earlier = (job: Station['job'], personId: string | null, hours: readonly [string, string] | null = null): DayJob => ({
  job: job!,
  personId,
  validUntil: LATER,
  sinceAt: hours && `2026-03-02T${hours[0]}:00.000Z`,
  untilAt: hours && `2026-03-02T${hours[1]}:00.000Z`,
})
const fractionOf = (...asked: Parameters<typeof gateOf>): number => gateOf(...asked).air.exposure!.fraction!
const dayAt = (stations: Readonly<Record<string, Station>>, bayId = 'one') => {
  const known = facts(stations)
  return personDay(stations[bayId]!.personId, bayId, predictHall(hallQuestion(known, 'hall')!), airOf(known)(bayId).elsewhere('imke'))!
}

describe('the day of a person', () => {
  it('adds up over bays: what each alone would allow holds together', () => {
    const [morning, afternoon] = [ready({ job: at('08:00', '12:00', 9) }), ready({ job: at('12:00', '16:00', 9) })]
    const [one, two] = [fractionOf({ one: morning }), fractionOf({ one: afternoon })]
    expect(one).toBeLessThan(RULES.actionFraction)
    expect(two).toBeLessThan(RULES.actionFraction)
    const both = gateOf({ one: morning, two: afternoon })
    expect(both.state).toBe('hold')
    expect(both.codes).toEqual(expect.arrayContaining(['exposure.over', 'air.day-of-person']))
    expect(gateOf({ one: morning, two: afternoon }, 'two').state).toBe('hold')
    // In somebody else's day they do not.
    expect(gateOf({ one: morning, two: { ...afternoon, personId: 'kit' } }).codes).not.toContain('air.day-of-person')
  })
  it('is summed draw by draw: more than either part, and no more than both percentiles at once', () => {
    const [morning, afternoon] = [ready({ job: at('08:00', '12:00') }), ready({ job: at('12:00', '16:00') })]
    const twa = dayAt({ one: morning, two: afternoon }).air.breathed['total-fume']!.twa.high
    const alone = (station: Station): number => dayAt({ one: station }).air.breathed['total-fume']!.twa.high
    expect(twa).toBeGreaterThan(Math.max(alone(morning), alone(afternoon)) * 1.2)
    expect(twa).toBeLessThan(alone(morning) + alone(afternoon))
  })
  it('is as long as from the first work to the last, wherever that is: limits count lower', () => {
    const late = { one: ready({ job: at('06:00', '10:00') }), two: ready({ job: at('16:00', '20:00') }) }
    expect(dayAt(late).hours).toBe(14)
    expect(dayAt({ one: late.one }).hours).toBe(8)
    expect(gateOf(late).air.exposure!.findings.find(({ code }) => code === 'exposure.long-shift')!.values).toMatchObject({
      shiftHours: 14, weekHours: 70,
    })
    expect(gateOf({ one: late.one }).air.exposure!.findings.map(({ code }) => code)).not.toContain('exposure.long-shift')
    const day = { one: ready({ job: at('08:00', '16:00', 9) }) }
    const sixDays = { rules: { ...RULES, workDaysPerWeek: 6 } }
    // 40/48 · 120/128 = 0.78125 of the limit, for the same hours of a day.
    expect(fractionOf(day, 'one', sixDays)).toBeCloseTo(fractionOf(day) / 0.78125, 12)
  })
  it('leaves out what somebody else did at the bay; what nobody is named for counts for whoever stands there', () => {
    const morning = at('08:00', '12:00', 9)
    const after = (personId: string | null): Station =>
      ready({ job: at('12:00', '16:00', 9), earlierJobs: [earlier(morning, personId, personId === null ? null : ['08:00', '12:00'])] })
    const own = fractionOf({ one: after('imke') })
    expect(gateOf({ one: after('imke') }).state).toBe('hold')
    expect(fractionOf({ one: after(null) })).toBe(own)
    const another = gateOf({ one: after('kit') })
    expect(another.state).toBe('open')
    // What still hangs in the hall from then is breathed all the same.
    expect(another.air.exposure!.fraction!).toBeGreaterThan(fractionOf({ one: ready({ job: at('12:00', '16:00', 9) }) }))
    // Where nobody stands, all the work of the bay is one day.
    expect(fractionOf({ one: { ...after('kit'), personId: null } })).toBe(own)
  })
  it('counts two bays at once whole, and a bay that was closed since', () => {
    const both = { one: ready({ job: at('08:00', '12:00', 9) }), two: ready({ job: at('08:00', '12:00', 9) }) }
    expect(gateOf(both).state).toBe('hold')
    const stations = {
      one: ready({ job: at('12:00', '16:00', 9) }),
      two: ready({ personId: null, job: null, earlierJobs: [earlier(at('08:00', '12:00', 9), 'imke', ['08:00', '12:00'])] }),
    }
    const site = facts(stations).site
    const closed = { site: { ...site, bays: site.bays.map(bay => bay.bayId === 'two' ? { ...bay, closed: true } : bay) } }
    expect(fractionOf(stations, 'one', closed)).toBe(fractionOf(stations))
    expect(gateOf(stations, 'one', closed).codes).toContain('air.day-of-person')
  })
  it('goes on in another hall; one that nobody described, or a bay in none, holds', () => {
    const stations = { one: ready({ job: at('08:00', '12:00', 9) }), two: ready({ job: at('12:00', '16:00', 9) }) }
    const known = facts(stations)
    const apart = {
      site: {
        ...known.site,
        areas: [...known.site.areas, { areaId: 'yard', hallId: 'shed', name: 'Yard' }],
        bays: known.site.bays.map(bay => bay.bayId === 'two' ? { ...bay, areaId: 'yard' } : bay),
      },
    }
    const shed = { air: HALL, bays: { two: { xM: 0, yM: 0, extraction: ARM } } }
    const told = { ...apart, halls: { ...known.halls, shed } }
    expect(gateOf(stations, 'one', told).codes).toContain('air.day-of-person')
    expect(fractionOf(stations, 'one', told)).toBeGreaterThan(fractionOf({ one: stations.one }))
    expect(gateOf(stations, 'one', apart).findings).toContainEqual(
      expect.objectContaining({ severity: 'hold', code: 'air.elsewhere-unknown', values: { bays: ['two'], count: 1 } }),
    )
    const nowhere = { site: { ...apart.site, areas: known.site.areas } }
    expect(gateOf(stations, 'one', nowhere).codes).toContain('air.elsewhere-unknown')
  })
  it('work of theirs whose times or fume cannot be said holds, wherever it is', () => {
    const own = ready({ job: at('12:00', '16:00') })
    for (const job of [{ ...STICK, endsAt: undefined }, { ...STICK, consumable: undefined }, { ...STICK, arcMinPerH: undefined }]) {
      expect(gateOf({ one: own, two: ready({ job }) }).codes).toContain('air.elsewhere-unknown')
      expect(gateOf({ one: own, two: ready({ job: null, earlierJobs: [earlier({ ...STICK, consumable: undefined }, 'imke')] }) }).codes)
        .toContain('air.elsewhere-unknown')
    }
  })
  it('without anybody, or at a bay whose work cannot be said, is that of the bay or none', () => {
    const hall = predictHall(hallQuestion(facts({ one: ready(), two: ready() }), 'hall')!)
    expect(personDay(null, 'one', hall, NOWHERE_ELSE)!.bays).toEqual([])
    expect(personDay('imke', 'one', hall, NOWHERE_ELSE)!.bays).toEqual(['two'])
    const unknown = predictHall(hallQuestion(facts({ one: ready({ job: { ...STICK, endsAt: undefined } }) }), 'hall')!)
    expect(personDay('imke', 'one', unknown, NOWHERE_ELSE)).toBeNull()
    expect(personDay('imke', 'no-such-bay', hall, NOWHERE_ELSE)).toBeNull()
  })
})

describe('a mask that is off', () => {
  // What a mask lets through: time off + time on / factor; arithmetic. 0.1 + 0.9/50 = 0.118, a factor of 8.5, not of 50.
  it('for a tenth of the time loses most of its factor', () => {
    expect(leakOf({ apf: 50, wornShare: 0.9 })).toBeCloseTo(0.118, 12)
    expect(1 / leakOf({ apf: 1000, wornShare: 0.9 })).toBeLessThan(10)
    expect(leakOf({ apf: 50, wornShare: 1 })).toBeCloseTo(1 / 50, 12)
    expect(leakOf({ apf: 50, wornShare: 0 })).toBe(1)
  })
  const hard = { one: ready({ job: at('08:00', '16:00', 60) }) }
  const wearing = (mask: MaskId, rules: Partial<HouseRules> = {}, stations: Readonly<Record<string, Station>> = hard) =>
    gateOf(stations, 'one', {
      wearers: { imke: { mask, readyUntil: LATER, isShaven: true } },
      rules: { ...RULES, ...rules },
    })
  it('holds, where its factor would be enough and the time it is off is not', () => {
    const always = wearing('papr-helmet', { maskWornShare: 1 })
    expect(always.state).toBe('open')
    const often = wearing('papr-helmet', { maskWornShare: 0.9 })
    expect(often.state).toBe('hold')
    const said = often.findings.find(({ code }) => code === 'respirator.off-too-long')!
    expect(said.values).toMatchObject({ mask: 'papr-helmet', wornPercent: 90 })
    expect((said.values as { fraction: number }).fraction).toBeGreaterThan(RULES.actionFraction)
    // And the lists of masks that would do leave it out.
    const suits = (gate: typeof often) => gate.air.respirator!.masks.find(({ mask }) => mask === 'papr-helmet')!.suits
    expect([suits(always), suits(often)]).toEqual([true, false])
  })
  it('counts the hall between jobs in full: nobody wears it there', () => {
    const day = dayAt({ one: ready({ job: at('08:00', '10:00', 60) }) }).air
    const worn = { apf: 1000, isSupplied: false, wornShare: 1 }
    const fume = day.breathed['total-fume']!
    expect(fume.twaBesides.high).toBeGreaterThan(0)
    const inside = day.inside(worn).breathed['total-fume']!.twa.high
    expect(inside).toBeGreaterThan(fume.twaBesides.high)
    expect(inside).toBeLessThan(fume.twaBesides.high + fume.twa.high / 500)
  })
  it('takes nothing of gases where it only filters, and of short time what its factor says', () => {
    const day = dayAt(hard).air
    const filtered = day.inside({ apf: 50, isSupplied: false, wornShare: 0.9 }).breathed
    const supplied = day.inside({ apf: 50, isSupplied: true, wornShare: 0.9 }).breathed
    expect(filtered.ozone!.peak.high).toBe(day.breathed.ozone!.peak.high)
    expect(supplied.ozone!.peak.high).toBeCloseTo(day.breathed.ozone!.peak.high / 50, 12)
    expect(filtered.manganese!.shortTerm.high).toBeCloseTo(day.breathed.manganese!.shortTerm.high / 50, 12)
    // No more is breathed inside than outside, however it is worn.
    for (const substance of ['manganese', 'total-fume', 'ozone'] as const)
      for (const kind of ['twa', 'shortTerm', 'peak', 'nearField'] as const)
        expect(filtered[substance]![kind].high).toBeLessThanOrEqual(day.breathed[substance]![kind].high)
  })
})

describe('what acts alike', () => {
  it('is summed draw by draw: less than all parts at their worst at once, and never less than the worst of them', () => {
    const { air } = dayAt({ one: ready({ job: at('08:00', '12:00', 30) }) })
    const parts = [
      { substance: 'ozone', kind: 'peak', perMgPerM3: 2 },
      { substance: 'fluorides', kind: 'peak', perMgPerM3: 1 },
    ] as const
    const ends = parts.map(({ substance, kind, perMgPerM3 }) => air.breathed[substance]![kind].high * perMgPerM3)
    const sum = air.highOf(parts)
    expect(sum).toBeGreaterThanOrEqual(Math.max(...ends))
    expect(sum).toBeLessThan(ends[0]! + ends[1]!)
    expect(air.highOf([parts[0]])).toBeCloseTo(ends[0]!, 12)
  })
  it('a bay that the gate opens always burns at the others: by the same sums, the same person and the same hours', () => {
    // A morning of somebody else, in which the bay as a whole would be over.
    const one = ready({ job: at('12:00', '16:00', 9), earlierJobs: [earlier(at('08:00', '12:00', 30), 'kit', ['08:00', '12:00'])] })
    const two = ready({ personId: 'ada', job: at('12:00', '16:00', 5) })
    expect(gateOf({ one, two }).state).toBe('open')
    expect(gateOf({ one, two }, 'two').codes).not.toContain('air.neighbours-held')
  })
  it('is never judged milder at the gate than where it is asked whether the bay burns: parts of a day only add', () => {
    fc.assert(
      fc.property(
        fc.record({ from: fc.integer({ min: 6, max: 11 }), hours: fc.integer({ min: 1, max: 4 }), arc: fc.integer({ min: 1, max: 40 }) }),
        fc.option(fc.record({ from: fc.integer({ min: 6, max: 18 }), hours: fc.integer({ min: 1, max: 5 }) }), { nil: null }),
        (here, there) => {
          const time = (hour: number): string => `${String(hour).padStart(2, '0')}:00`
          const one = ready({ job: at(time(here.from), time(here.from + here.hours), here.arc) })
          const two = there && ready({ job: at(time(there.from), time(there.from + there.hours), 5) })
          const question = hallQuestion(facts(two ? { one, two } : { one }), 'hall')!
          let alone = Infinity
          const hall = predictHall({
            ...question,
            mayStrike: (bayId, asked) => {
              if (bayId === 'one') alone = asked()!.air.breathed['total-fume']!.twa.high
              return true
            },
          })
          const day = personDay('imke', 'one', hall, NOWHERE_ELSE)!
          // Asked for by a neighbour.
          hall.unknownBeside('two')
          hall.heldBeside('two')
          expect(alone).toBeLessThanOrEqual(day.air.breathed['total-fume']!.twa.high * (1 + 1e-12))
        },
      ),
      { numRuns: 40 },
    )
  })
})
