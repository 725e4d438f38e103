import { describe, expect, it } from 'vitest'
import { airOfDay, peopleOfDay } from '#core/air/day-that-ended'
import type { EndedDay } from '#core/air/day-that-ended'
import { judgedDay } from '#core/air/judged-day'
import { dayQuestion } from '#core/air/air-facts'
import { surveyPlace } from '#core/air/survey-place'
import type { Stay } from '#core/time/stays'
import type { Station } from '#core/streams/station/station'
import { decidePerson, evolvePerson, NOBODY } from '#core/streams/person/person'
import type { PeopleAround, Person } from '#core/streams/person/person'
import { ARM, facts, HALL, LATER, NEAR, ready, STICK } from './air-of-a-shop'

// What is kept of a day that is over. By what record would it say that somebody breathed less than they did?

const MORNING: Stay = { fromMin: 240, toMin: 480 }
const END = '2026-03-03T03:59:59.999Z'
const ended = (
  stations: Readonly<Record<string, Station>>,
  stoodClear: EndedDay['stoodClear'],
  over: Parameters<typeof facts>[1] = {},
): EndedDay => ({ ...facts(stations, { now: END, ...over }), stoodClear })
const keep = (day: EndedDay, personId = 'imke') => airOfDay(day, '2026-03-02', 14)(personId)
const highOf = (day: EndedDay, personId = 'imke'): number =>
  keep(day, personId)!.substances.find(({ substance }) => substance === 'total-fume')!.twaMgPerM3.high

describe('what is kept of a day', () => {
  it('is what the gate reckoned, where a bay stood clear through the whole of its work', () => {
    const stations = { one: ready() }
    const kept = keep(ended(stations, { one: [{ fromMin: 200, toMin: 900 }] }))!
    const { day, exposure } = judgedDay(dayQuestion(facts(stations), 'one')!, facts(stations).rules)!
    expect(kept).toMatchObject({
      day: '2026-03-02', hours: day.hours, unknownBays: [], work: [{ bayId: 'one', minutes: 240, processes: ['smaw'] }],
    })
    expect(kept.fraction).toBeGreaterThanOrEqual(exposure.fraction!)
    expect(kept.fraction).toBeLessThan(exposure.fraction! * 1.01)
    // What reads in it never reads smaller than what was compared.
    for (const { substance, twaMgPerM3 } of kept.substances)
      expect(twaMgPerM3.high, substance).toBeGreaterThanOrEqual(day.air.breathed[substance]!.twa.high)
  })
  it('counts only work in which the bay was clear, and half of it makes less', () => {
    const whole = ended({ one: ready() }, { one: [MORNING] })
    const half = ended({ one: ready() }, { one: [{ fromMin: 240, toMin: 360 }] })
    expect(keep(half)!.work).toEqual([{ bayId: 'one', minutes: 120, processes: ['smaw'] }])
    expect(highOf(half)).toBeLessThan(highOf(whole) * 0.7)
    expect(highOf(half)).toBeGreaterThan(highOf(whole) * 0.3)
  })
  it('is kept of who helped as of who welded, and cannot be said where they helped at other hours than were set', () => {
    const came = { personId: 'teo', sinceAt: '2026-03-02T07:00:00.000Z', untilAt: null, validUntil: LATER }
    const helped = ready({ helpers: [{ ...came, eyes: null }] })
    const day = ended({ one: helped }, { one: [MORNING] })
    expect(peopleOfDay(day)).toEqual(['imke', 'teo'])
    expect(keep(day, 'teo')!.work).toEqual([{ bayId: 'one', minutes: 240, processes: ['smaw'] }])
    // Nobody watched either head: both breathe alike.
    expect(highOf(day, 'teo')).toBe(highOf(day))
    expect(highOf(ended({ one: helped }, { one: [{ fromMin: 240, toMin: 360 }] }), 'teo')).toBeLessThan(highOf(day, 'teo') * 0.7)
    const atAnotherTime = keep(ended({ one: helped }, { one: [{ fromMin: 600, toMin: 700 }] }), 'teo')
    expect(atAnotherTime).toMatchObject({ fraction: null, unknownBays: ['one'] })
  })
  it('is nothing for whoever could strike no arc: a bay that never stood clear', () => {
    expect(keep(ended({ one: ready() }, {}))).toBeNull()
    expect(peopleOfDay(ended({ one: ready() }, { one: [] }))).toEqual([])
  })
  it('cannot be said where a bay stood clear, but not in the hours for which its work was set', () => {
    const later = keep(ended({ one: ready() }, { one: [{ fromMin: 600, toMin: 700 }] }))
    expect(later).toMatchObject({ fraction: null, substances: [], unknownBays: ['one'], work: [{ bayId: 'one', minutes: 0 }] })
    // Somebody whose work was taken away before the bay was clear struck nothing there.
    const gone = {
      job: STICK, personId: 'ada', validUntil: LATER, sinceAt: '2026-03-02T07:00:00.000Z', untilAt: '2026-03-02T07:30:00.000Z',
    }
    const day = ended({ one: ready({ earlierJobs: [gone] }) }, { one: [MORNING] })
    expect(keep(day, 'ada')).toBeNull()
    // When it went was not kept: then all of it counts.
    const unkept = ended({ one: ready({ earlierJobs: [{ ...gone, untilAt: null }] }) }, { one: [MORNING] })
    expect(keep(unkept, 'ada')?.work).toMatchObject([{ bayId: 'one', minutes: 240 }])
  })
  it('has the fume of neighbours that burnt, and of none that stood on hold', () => {
    const two = { one: ready(), two: ready({ personId: 'kit' }) }
    const alone = highOf(ended(two, { one: [MORNING] }))
    expect(highOf(ended(two, { one: [MORNING], two: [MORNING] }))).toBeGreaterThan(alone * 1.02)
    expect(peopleOfDay(ended(two, { one: [MORNING], two: [MORNING] }))).toEqual(['imke', 'kit'])
  })
  it('burns whatever the gate would say now: a bay that was clear has burnt', () => {
    // So much that no gate would open on it.
    const hot = { one: ready({ job: { ...STICK, arcMinPerH: 60, currentA: 240 } }) }
    expect(keep(ended(hot, { one: [MORNING] }, { extraction: null }))!.fraction).toBeGreaterThan(1)
  })
  it('follows a person over bays, earlier jobs among them, also one that stands at none any more', () => {
    const before = {
      job: STICK, personId: 'imke', validUntil: LATER, sinceAt: '2026-03-02T08:00:00.000Z', untilAt: '2026-03-02T12:00:00.000Z',
    }
    const day = ended(
      {
        one: ready({ personId: 'kit', job: null, earlierJobs: [before] }),
        two: ready({ job: { ...STICK, startsAt: '13:00', endsAt: '16:00' } }),
      },
      { one: [MORNING], two: [{ fromMin: 540, toMin: 720 }] },
    )
    expect(keep(day)!.work).toEqual([
      { bayId: 'one', minutes: 240, processes: ['smaw'] },
      { bayId: 'two', minutes: 180, processes: ['smaw'] },
    ])
    expect(keep(day, 'kit')).toBeNull()
  })
  it('names what nobody can say and puts no figure to it', () => {
    const { arcMinPerH: _left, ...unsaid } = STICK
    const kept = keep(ended({ one: ready({ job: unsaid }) }, { one: [MORNING] }))!
    expect(kept).toMatchObject({ hours: null, substances: [], fraction: null, unknownBays: ['one'] })
    const beside = keep(ended({ one: ready(), two: ready({ personId: 'kit', job: unsaid }) }, { one: [MORNING], two: [MORNING] }))!
    expect(beside.unknownBays).toEqual(['two'])
    expect(beside.fraction).not.toBeNull()
  })
  it('tells what samples of that very work said, and they answer the limit of the shift', () => {
    const place = surveyPlace(
      { bayId: 'one', job: STICK, earlierJobs: [], personId: 'imke', extraction: ARM, position: NEAR, check: null }, HALL)!
    const results = [0.004, 0.005, 0.006, 0.005, 0.004, 0.006]
      .map((mgPerM3, n) => ({ label: String(n), mgPerM3, isBelowLoq: false, minutes: 400 }))
    const surveys = { one: [{ surveyId: 's', substance: 'manganese' as const, takenOn: '2026-02-01', results, place, withdrawn: false }] }
    const kept = keep(ended({ one: ready() }, { one: [MORNING] }, { surveys }))!
    expect(kept.sampled).toMatchObject([{ bayId: 'one', substance: 'manganese', takenOn: '2026-02-01', count: 6, verdict: 'compliant' }])
    expect(kept.substances.find(({ substance }) => substance === 'manganese')!.use?.kind).not.toBe('twa')
    // Samples that fail put nothing aside: a day over a limit never reads by what is left of it.
    const failing = { one: [{ ...surveys.one[0]!, results: results.map(one => ({ ...one, mgPerM3: one.mgPerM3 * 100 })) }] }
    const over = keep(ended({ one: ready() }, { one: [MORNING] }, { surveys: failing }))!
    expect(over.sampled).toMatchObject([{ verdict: 'non-compliant' }])
    expect(over.fraction).toBe(keep(ended({ one: ready() }, { one: [MORNING] }))!.fraction)
    const other = keep(ended({ one: ready({ job: { ...STICK, currentA: 140 } }) }, { one: [MORNING] }, { surveys }))!
    expect(other.sampled).toEqual([])
  })
})

describe('a day is kept', () => {
  const day = (date: string) => ({ ...keep(ended({ one: ready() }, { one: [MORNING] }))!, day: date })
  const AROUND: PeopleAround = { safetyLeads: 1, dayEnds: LATER, today: '2026-03-03', at: LATER, id: 'imke', by: 'clock' }
  const imke: Person = { ...NOBODY, name: 'Imke', roles: ['welder'] }
  const decide = (person: Person, date: string) => decidePerson(person, { type: 'person.keep-air', payload: day(date) }, AROUND)
  it('once, in order, and also of somebody who left that afternoon', () => {
    const first = decide(imke, '2026-03-02')
    expect(first).toMatchObject({ events: [{ type: 'air-of-day-kept' }] })
    const kept = evolvePerson(imke, { type: 'air-of-day-kept', version: 1, payload: day('2026-03-02') })
    expect(decide(kept, '2026-03-02')).toEqual({ events: [] })
    expect(decide(kept, '2026-03-01')).toEqual({ events: [] })
    expect(decide(kept, '2026-03-03')).toMatchObject({ events: [{ payload: { day: '2026-03-03' } }] })
    expect(decide({ ...kept, hasLeft: true }, '2026-03-03')).toMatchObject({ events: [{ type: 'air-of-day-kept' }] })
  })
  it('of nobody who is not there', () => {
    expect(decide(NOBODY, '2026-03-02')).toMatchObject({ refused: [{ code: 'command.person-unknown' }] })
  })
})
