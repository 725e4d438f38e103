import { describe, expect, it } from 'vitest'
import { airOf } from '#core/air/air-facts'
import { personDay } from '#core/air/person-day'
import { bayAirOf, judgeAir } from '#core/clearance/air-gate'
import { NO_KIT } from '#core/clearance/kit-around'
import { personIn } from '#core/clearance/person-around'
import type { Job } from '#core/job/job'
import type { Helping } from '#core/job/helping'
import { helpOf } from '#core/job/helping'
import type { MaskId } from '#core/ids/vocabulary'
import { decideStation } from '#core/streams/station/decide-station'
import type { StationCommand } from '#core/streams/station/decide-station'
import { evolveStation } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { facts, LATER, maskOf, NOW, ready, RULES, STICK } from './air-of-a-shop'

const helps = (personId: string, over: Partial<Helping> = {}): Helping =>
  ({ personId, sinceAt: '2026-03-02T07:00:00.000Z', untilAt: null, validUntil: LATER, eyes: null, ...over })
/** Takes most of what is made: whoever stands there breathes well under the limit. */
const EASY: Job = { ...STICK, arcMinPerH: 2, head: 'out-of-plume' }
const HARD: Job = { ...STICK, arcMinPerH: 40 }

function gateAt(
  stations: Readonly<Record<string, Station>>,
  bayId: string,
  masks: Readonly<Record<string, MaskId>> = {},
  over: Parameters<typeof facts>[1] = {},
) {
  const wearers = Object.fromEntries(
    Object.entries(masks).map(([id, mask]) => [id, { mask, readyUntil: LATER, isShaven: true }]))
  const worn = Object.fromEntries(Object.entries(masks).map(([id, mask]) => [id, [maskOf(mask)]]))
  const known = facts(stations, { wearers, ...over })
  const around = { worn, wearers, welders: {} }
  return judgeAir(stations[bayId]!, airOf(known)(bayId), NO_KIT, id => personIn(around, id), RULES, NOW)
}
const ofHelper = (gate: ReturnType<typeof gateAt>) => gate.findings.filter(({ code }) => code.startsWith('air.helper-'))

describe('who helps at an arc', () => {
  it('breathes of it: where their day is under, it is told, and where it is over the bay holds', () => {
    const easy = ready({ job: EASY, helpers: [helps('teo')] })
    expect(gateAt({ one: ready({ job: EASY }) }, 'one').state).toBe('open')
    expect(gateAt({ one: easy }, 'one').state).toBe('open')
    expect(ofHelper(gateAt({ one: easy }, 'one'))).toMatchObject([{ severity: 'note', code: 'air.helper-under', values: { mask: null } }])
    // Whoever welds has a mask; who helps has none.
    const hard = { one: ready({ job: HARD, helpers: [helps('teo')] }) }
    const gate = gateAt(hard, 'one', { imke: 'papr-tight-full' })
    expect(gateAt({ one: ready({ job: HARD }) }, 'one', { imke: 'papr-tight-full' }).state).toBe('open')
    expect(gate.state).toBe('hold')
    expect(ofHelper(gate)).toMatchObject([{ severity: 'hold', code: 'air.helper-over', values: { name: 'teo' } }])
    expect(gateAt(hard, 'one', { imke: 'papr-tight-full', teo: 'papr-tight-full' }).state).toBe('open')
    expect(gateAt(hard, 'one', { imke: 'papr-tight-full', teo: 'dust-mask' }).state).toBe('hold')
  })
  it('stands wherever there is room, whatever was seen of whoever welds', () => {
    const partOf = (personId: string, station: Station) => {
      const around = airOf(facts({ one: station }))('one')
      const hall = around.predict(bayAirOf(station, around))!
      return personDay(personId, 'one', hall, around.elsewhere(personId))!.air.breathed['total-fume']!.twa.high
    }
    const seen = ready({ job: { ...EASY, position: 'flat', confinement: 'open' }, helpers: [helps('teo')] })
    const unseen = ready({ job: { ...EASY, head: undefined }, helpers: [helps('teo')] })
    expect(partOf('teo', seen)).toBeGreaterThan(partOf('imke', seen))
    expect(partOf('teo', seen)).toBe(partOf('teo', unseen))
    expect(partOf('teo', unseen)).toBe(partOf('imke', unseen))
  })
})

describe('by what would a helper read clear who must hold?', () => {
  it('by their own work elsewhere: both are one day, at both bays and in another hall', () => {
    const atOwn = (job: Job) => ready({ personId: 'teo', job: { ...job, startsAt: '13:00', endsAt: '17:00' } })
    const helped = ready({ job: { ...EASY, head: undefined, arcMinPerH: 8 }, helpers: [helps('teo')] })
    const fraction = (stations: Readonly<Record<string, Station>>) => {
      const said = ofHelper(gateAt(stations, 'one'))[0]!
      return (said.values as { fraction: number }).fraction
    }
    expect(fraction({ one: helped, two: atOwn({ ...EASY, arcMinPerH: 8 }) })).toBeGreaterThan(fraction({ one: helped }) * 1.3)
    // And at their own bay their help counts.
    const own = { two: atOwn({ ...EASY, arcMinPerH: 8 }) }
    const day = (stations: Readonly<Record<string, Station>>) => gateAt(stations, 'two').air.day!
    expect(day({ ...own, one: helped }).bays).toEqual(['one'])
    expect(day({ ...own, one: helped }).air.breathed['total-fume']!.twa.high)
      .toBeGreaterThan(day({ ...own, one: ready({ job: helped.job! }) }).air.breathed['total-fume']!.twa.high * 1.3)
  })
  it('by fume that nobody can say, times that nobody said, and a hall of theirs that nobody described', () => {
    const unsaid = { one: ready({ job: { ...STICK, baseMetal: 'brass' }, helpers: [helps('teo')] }) }
    expect(ofHelper(gateAt(unsaid, 'one', { imke: 'scba' }))).toMatchObject([{ severity: 'hold', code: 'air.helper-unknown' }])
    expect(ofHelper(gateAt(unsaid, 'one', { imke: 'scba', teo: 'scba' })))
      .toMatchObject([{ code: 'air.helper-under', values: { mask: 'scba' } }])
    const untimed = { one: ready({ job: { ...STICK, startsAt: undefined }, helpers: [helps('teo')] }) }
    expect(ofHelper(gateAt(untimed, 'one'))).toMatchObject([{ severity: 'hold', code: 'air.helper-unknown' }])
    const known = facts({ one: ready({ job: EASY, helpers: [helps('teo')] }), far: ready({ personId: 'teo', job: EASY }) })
    const site = { ...known.site, areas: [...known.site.areas, { areaId: 'yard', hallId: 'other', name: 'Yard' }] }
    const bays = site.bays.map(bay => bay.bayId === 'far' ? { ...bay, areaId: 'yard' } : bay)
    expect(ofHelper(gateAt(known.stations as Readonly<Record<string, Station>>, 'one', {}, { site: { ...site, bays } })))
      .toMatchObject([{ severity: 'hold', code: 'air.helper-unknown' }])
  })
  it('by work that nobody is named for: it is no work of theirs, seen with its welder\'s head out of the plume', () => {
    const at = (head: Job['head']) => {
      const job: Job = { ...EASY, head, position: 'flat', confinement: 'open', startsAt: '08:00', endsAt: '12:00' }
      const earlierJobs = [{ job, validUntil: LATER, personId: null, sinceAt: null, untilAt: null }]
      const now = { ...EASY, head: undefined, startsAt: '13:00', endsAt: '17:00' }
      const one = ready({ personId: null, job: now, earlierJobs, helpers: [helps('teo')] })
      return (ofHelper(gateAt({ one }, 'one'))[0]!.values as { fraction: number }).fraction
    }
    expect(at('out-of-plume')).toBe(at(undefined))
  })
  it('by what nobody measured in the fume, seen from the head of whoever welds', () => {
    const job: Job = {
      ...EASY, process: 'gmaw', consumable: 'ernicrmo-3', baseMetal: 'bronze', shieldingGas: 'argon', currentA: 60, arcMinPerH: 1,
    }
    // Bronze boils: of all of it nobody can say, and that holds for a helper as well.
    expect(ofHelper(gateAt({ one: ready({ job, helpers: [helps('teo')] }) }, 'one'))).toMatchObject([{ code: 'air.helper-unknown' }])
    const copper: Job = { ...job, consumable: 'ernicu-7', baseMetal: 'copper', currentA: 220, arcMinPerH: 30 }
    expect(ofHelper(gateAt({ one: ready({ job: copper, helpers: [helps('teo')] }) }, 'one'))[0]!.severity).toBe('hold')
  })
  it('by going before it was looked at: what they breathed stays theirs, and the bay is judged without them', () => {
    const gone = ready({ job: HARD, helpers: [helps('teo', { untilAt: '2026-03-02T09:30:00.000Z' })] })
    const masks = { imke: 'papr-tight-full' } as const
    expect(ofHelper(gateAt({ one: gone }, 'one', masks))).toEqual([])
    const own = ready({ personId: 'teo', job: { ...EASY, startsAt: '13:00', endsAt: '17:00' } })
    expect(gateAt({ one: gone, two: own }, 'two').air.day!.bays).toEqual(['one'])
    // Help of another day is nobody's today.
    const old = ready({ job: HARD, helpers: [helps('teo', { validUntil: '2026-03-02T04:00:00.000Z' })] })
    expect(ofHelper(gateAt({ one: old }, 'one', masks))).toEqual([])
    expect(gateAt({ one: old, two: own }, 'two').air.day!.bays).toEqual([])
  })
  it('told late they were there from the beginning of what they help at, and not at what was over before', () => {
    const clock = { timeZone: 'Europe/London', shopDayHour: 4 }
    const first = { job: { ...STICK, arcMinPerH: 9 }, fromMin: 240, toMin: 300 }
    const day = { work: [first, { job: STICK, fromMin: 300, toMin: 480 }], standing: STICK }
    const spans = (over: Partial<Helping>) =>
      helpOf('teo', [helps('teo', over)], day, clock, NOW).map(({ fromMin, toMin }) => [fromMin, toMin])
    expect(spans({ sinceAt: '2026-03-02T08:30:00.000Z' })).toEqual([[240, 300], [300, 480]])
    expect(spans({ sinceAt: '2026-03-02T09:30:00.000Z' })).toEqual([[300, 480]])
    expect(spans({ sinceAt: '2026-03-02T09:30:00.000Z', untilAt: '2026-03-02T10:00:00.000Z' })).toEqual([[300, 360]])
    // Of the job that stands all of it counts, told after its hours too: it may burn at others than were said.
    expect(spans({ sinceAt: '2026-03-02T20:00:00.000Z' })).toEqual([[300, 480]])
    expect(helpOf('kit', [helps('teo')], { work: [first], standing: null }, clock, NOW)).toEqual([])
  })
})

describe('helpers of a bay', () => {
  const context = { bayId: 'one', now: NOW, at: NOW, by: 'maren', checksValidUntil: LATER }
  const decide = (station: Station, command: StationCommand) => decideStation(station, command, context)
  const after = (station: Station, command: StationCommand): Station => {
    const decided = decide(station, command)
    if ('refused' in decided) throw new Error('refused')
    return decided.events.reduce(evolveStation, station)
  }
  const take = (personId: string): StationCommand => ({ type: 'station.take-helper', payload: { personId } })
  it('come once, go once, and are never whoever welds there', () => {
    const helped = after(ready(), take('teo'))
    expect(helped.helpers).toEqual([helps('teo', { sinceAt: NOW })])
    expect(after(helped, take('teo'))).toEqual(helped)
    expect(decide(ready(), take('imke'))).toMatchObject({ refused: [{ code: 'command.helps-themselves' }] })
    const end: StationCommand = { type: 'station.end-help', payload: { personId: 'teo' } }
    expect(after(helped, end).helpers).toEqual([helps('teo', { sinceAt: NOW, untilAt: NOW })])
    expect(after(ready(), end)).toEqual(ready())
    // Whoever comes to weld helps no more.
    expect(after(helped, { type: 'station.place-person', payload: { personId: 'teo' } }).helpers[0]!.untilAt).toBe(NOW)
    expect(after(helped, { type: 'station.place-person', payload: { personId: 'kit' } }).helpers[0]!.untilAt).toBeNull()
  })
  it('void who was found in a laser\'s cell: they were not', () => {
    const cell = { answers: {}, present: [{ who: 'operator' }], at: NOW, by: 'maren', validUntil: LATER } as unknown as Station['laserCell']
    expect(after(ready({ laserCell: cell }), take('teo')).laserCell!.present).toEqual([])
  })
  it('are forgotten with the checks of the day', () => {
    const helped = after(ready(), take('teo'))
    expect(evolveStation(helped, { type: 'checks-lapsed', version: 1, payload: { at: LATER } }).helpers).toEqual([])
    expect(evolveStation(helped, { type: 'checks-lapsed', version: 1, payload: { at: NOW } }).helpers).toHaveLength(1)
  })
})
