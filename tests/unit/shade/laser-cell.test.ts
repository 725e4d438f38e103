import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { judgeBody } from '#core/clearance/body-gate'
import { judgeEyes } from '#core/clearance/eyes-gate'
import { NO_FIRE_AROUND } from '#core/clearance/fire-around'
import type { KitAround } from '#core/clearance/kit-around'
import { finding } from '#core/findings/finding'
import { NOBODY } from '#core/clearance/person-around'
import { UNKNOWN_AIR } from '#core/air/air-facts'
import { COOL } from '../clearance/told-heat'
import { IN_THE_CELL, LASER_CHECKS } from '#core/ids/laser-ids'
import { cellHazard, filterFault, judgeLaserCell } from '#core/laser/laser-cell'
import type { LaserBeam, LaserFilter } from '#core/laser/beam'
import type { LaserGround } from '#core/laser/beam-course'
import type { LaserCell, PersonInCell } from '#core/laser/laser-cell'
import type { KitItemFact } from '#core/inspection/kit-item-fact'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { decideStation } from '#core/streams/station/decide-station'
import { EMPTY_STATION, evolveStation } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'

const BEAM: LaserBeam = { powerW: 1500, wavelengthNm: 1070, divergenceMrad: 50, beamDiameterMm: 5, convention: '1/e' }
const GOOD: LaserFilter = { od: 7, fromNm: 1000, toNm: 1100, damageRating: 8 }
const operator: PersonInCell = { who: 'operator', eyewear: GOOD, helmet: GOOD }
const ALL = Object.fromEntries(LASER_CHECKS.map(check => [check, true]))
const LOOKED_AT = '2026-11-30T12:00:00.000Z'
const cell = (over: Partial<LaserCell> = {}): LaserCell => ({ laserTag: 'LW-1', beam: BEAM, answers: ALL, present: [operator], ...over })
/** A thing of the register that passed its looks. */
const item = (tag: string, kind: KitItemFact['kind'], marks: KitItemFact['marks'] = {}): KitItemFact =>
  ({ tag, kind, name: tag, marks, mayUse: true, findings: [], validUntil: '2026-12-01T09:00:00.000Z', seenAt: null, distanceM: null })
const LASER = item('LW-1', 'laser-welder')
const holds = (
  one: LaserCell | null,
  lasers: readonly KitItemFact[] = [LASER],
  filters: readonly KitItemFact[] = [],
  ground: LaserGround | null = null,
) => {
  const { found, missing } = judgeLaserCell(one && { ...one, at: LOOKED_AT }, { lasers, filters }, ground)
  return [...found, ...missing].filter(({ severity }) => severity === 'hold').map(({ code }) => code)
}

// ANSI Z136.1 and IEC 60825-1 for what the eye bears, EN 207 for what a filter bears: from memory. 1.5 kW at 50 mrad and 5 mm reaches
// 123.6 m straight, and asks for 5.89, all of it in seven millimetres.
it('how far it reaches and how dark a filter has to be', () => {
  const { eyeHazardDistanceM, requiredOd, diffuseEyeDistanceM } = cellHazard(BEAM)
  expect(eyeHazardDistanceM).toBeCloseTo(123.6, 1)
  expect(requiredOd).toBeCloseTo(5.89, 2)
  expect(diffuseEyeDistanceM).toBeCloseTo(3.09, 2)
})

describe('by what input would a laser cell open when it must hold', () => {
  it('looked over whole, with everybody behind both, it does not hold', () => expect(holds(cell())).toEqual([]))
  it('nobody looked', () => expect(holds(null)).toEqual(['eyes.laser-cell-to-check']))
  it.each(LASER_CHECKS)('%s is not so, or nobody said', (check) => {
    expect(holds(cell({ answers: { ...ALL, [check]: false } }))).toEqual(['eyes.laser-check-fails'])
    const { [check]: _unsaid, ...others } = ALL
    expect(holds(cell({ answers: others }))).toEqual(['eyes.laser-checks-unsaid'])
  })
  it('another laser stands there, one more beside it, or none', () => {
    const other = item('LW-2', 'laser-welder')
    for (const here of [[other], [LASER, other], []]) expect(holds(cell(), here)).toEqual(['eyes.laser-another'])
  })
  it('it was looked over before this laser came, or before it came back', () => {
    expect(holds(cell(), [{ ...LASER, assignedAt: '2026-11-30T12:00:01.000Z' }])).toEqual(['eyes.laser-cell-to-check'])
    expect(holds(cell(), [{ ...LASER, assignedAt: LOOKED_AT }])).toEqual([])
  })
  it('nobody is told, or not whoever runs it', () => {
    expect(holds(cell({ present: [] }))).toEqual(['eyes.laser-nobody-told'])
    expect(holds(cell({ present: [{ ...operator, who: 'helper' }] }))).toEqual(['eyes.laser-operator-untold'])
  })
  it.each(IN_THE_CELL)('one %s without eyewear, without helmet, or without either', (who) => {
    const more = (one: Omit<PersonInCell, 'who'>) => holds(cell({ present: [operator, { who, ...one }] }))
    expect(more({ helmet: GOOD })).toEqual(['eyes.laser-without'])
    expect(more({ eyewear: GOOD })).toEqual(['eyes.laser-without'])
    expect(more({})).toEqual(['eyes.laser-without', 'eyes.laser-without'])
  })
  it.each<[string, Partial<LaserFilter>, string]>([
    ['for another wavelength', { fromNm: 400, toNm: 700 }, 'wavelength'],
    ['as dark as a shade 12', { od: 3.57 }, 'too-light'],
    ['just not dark enough', { od: 5.8 }, 'too-light'],
    ['that burns through', { damageRating: 5 }, 'burns-through'],
    ['that says no scale number', { damageRating: undefined }, 'rating-unknown'],
  ])('a filter %s', (_what, change, fault) => {
    const { damageRating, ...marks } = { ...GOOD, ...change }
    const filter: LaserFilter = { ...marks, ...damageRating === undefined ? {} : { damageRating } }
    expect(filterFault(BEAM, filter)).toBe(fault)
    expect(holds(cell({ present: [{ ...operator, helmet: filter }] }))).toEqual(['eyes.laser-filter'])
  })
  it('another beam than the register says this laser has: the one of the register is judged', () => {
    const kept = (laserBeam: LaserBeam) => [item('LW-1', 'laser-welder', { laserBeam })]
    expect(holds(cell(), kept(BEAM))).toEqual([])
    const changes: readonly Partial<LaserBeam>[] = [
      { powerW: 1400 }, { wavelengthNm: 1080 }, { divergenceMrad: 55 }, { beamDiameterMm: 6 }, { convention: '1/e2' },
    ]
    for (const change of changes)
      expect(holds(cell({ beam: { ...BEAM, ...change } }), kept(BEAM))).toEqual(['eyes.laser-beam-other'])
    // Typed weak enough for what is worn, at a laser of thirty times that.
    const strong = kept({ ...BEAM, powerW: 50_000 })
    expect(holds(cell(), strong)).toEqual(['eyes.laser-filter', 'eyes.laser-filter', 'eyes.laser-beam-other'])
  })
  describe('a filter that is told by its tag', () => {
    const tagged: PersonInCell = { who: 'operator', eyewear: { tag: 'LE-1' }, helmet: { tag: 'LH-1' } }
    const rack = (eyewear: KitItemFact['marks'] = { laserFilter: GOOD }) =>
      [item('LE-1', 'laser-eyewear', eyewear), item('LH-1', 'helmet', { laserFilter: GOOD })]
    const wornOf = (present: readonly PersonInCell[], filters: readonly KitItemFact[]) => holds(cell({ present }), [LASER], filters)
    it('answers by what the register says is marked on it', () => expect(wornOf([tagged], rack())).toEqual([]))
    it('holds where the register says nothing of it, or that it does not answer', () => {
      expect(wornOf([tagged], rack({}))).toEqual(['eyes.laser-filter-unmarked'])
      expect(wornOf([tagged], rack({ laserFilter: { ...GOOD, od: 4 } }))).toEqual(['eyes.laser-filter'])
    })
    it('holds where it is elsewhere, or is another kind of thing', () => {
      expect(wornOf([tagged], rack().slice(1))).toEqual(['eyes.laser-filter-away'])
      const swapped: PersonInCell = { who: 'operator', eyewear: { tag: 'LH-1' }, helmet: { tag: 'LE-1' } }
      expect(wornOf([swapped], rack())).toEqual(['eyes.laser-filter-away', 'eyes.laser-filter-away'])
    })
    it('holds where it came after the look, or went and came back since', () => {
      const [eyewear, helmet] = rack()
      const since = (assignedAt: string) => wornOf([tagged], [{ ...eyewear!, assignedAt }, helmet!])
      expect(since('2026-11-30T11:00:00.000Z')).toEqual([])
      // An instant, not a text: an hour earlier by the other clock.
      expect(since('2026-11-30T12:30:00.000+01:00')).toEqual([])
      expect(since('2026-11-30T12:00:01.000Z')).toEqual(['eyes.laser-filter-since'])
    })
    it('holds where two wear it at once', () => {
      const other: PersonInCell = { who: 'visitor', eyewear: { tag: 'LE-1' }, helmet: GOOD }
      expect(wornOf([tagged, other], rack())).toEqual(['eyes.laser-filter-twice'])
    })
  })
  describe('the plan of its hall', () => {
    const aimed = (aim: LaserCell['aim'], ground: LaserGround) => holds(aim ? cell({ aim }) : cell(), [LASER], [], ground)
    const bench = { label: '2', xM: 2, yM: 4 }
    const ground = (over: Partial<LaserGround> = {}): LaserGround => ({
      plan: {
        outline: { xM: 0, yM: 0, lengthM: 12, widthM: 8 },
        things: [{ kind: 'door', xM: 12, yM: 4, towardsDeg: 90, lengthM: 1 }],
        ductsAt: {},
        hoodsTowardsDeg: {},
      },
      spot: { xM: 8, yM: 4 },
      others: [bench],
      unplaced: [],
      ...over,
    })
    it('shows a door that what is thrown back reaches, and a bay', () => {
      expect(aimed({ towardsDeg: 0, piece: 'flat' }, ground())).toEqual(['eyes.laser-way-out'])
      expect(aimed({ towardsDeg: 180, piece: 'flat' }, ground())).toEqual(['eyes.laser-bays-in-reach'])
      expect(aimed({ towardsDeg: 90, piece: 'flat' }, ground())).toEqual([])
    })
    it('asks which way it points where not every way ends', () => {
      expect(aimed(undefined, ground())).toEqual(['eyes.laser-aim-untold'])
      const closed = ground({ others: [] })
      expect(aimed(undefined, { ...closed, plan: { ...closed.plan, things: [] } })).toEqual([])
    })
    it('shows a bay that nobody placed nowhere: it may be anywhere', () =>
      expect(aimed({ towardsDeg: 90, piece: 'flat' }, ground({ unplaced: ['3'] }))).toEqual(['eyes.laser-bays-unplaced']))
    it('does not show the laser itself', () =>
      expect(aimed({ towardsDeg: 90, piece: 'flat' }, ground({ spot: { xM: 12.5, yM: 4 } }))).toEqual(['eyes.laser-off-plan']))
    it('is of a beam of the register, not of a weaker one that was typed', () => {
      const typed = cell({ beam: { ...BEAM, powerW: 0.001 }, aim: { towardsDeg: 0, piece: 'flat' } })
      expect(holds(typed, [item('LW-1', 'laser-welder', { laserBeam: BEAM })], [], ground())).toContain('eyes.laser-way-out')
    })
  })
  it('a stronger beam never opens what a weaker one held, and a darker filter never closes what a lighter one opened', () => {
    fc.assert(fc.property(
      fc.double({ min: 1, max: 20_000, noNaN: true }),
      fc.double({ min: 1, max: 5, noNaN: true }),
      fc.double({ min: 0, max: 11, noNaN: true }),
      (powerW, factor, od) => {
        const at = (power: number, density: number) => filterFault({ ...BEAM, powerW: power }, { ...GOOD, od: density, damageRating: 12 })
        if (at(powerW, od) !== null) expect(at(powerW * factor, od)).not.toBeNull()
        if (at(powerW, od) === null) expect(at(powerW, od + 1)).toBeNull()
      },
    ))
  })
})

describe('a laser bay', () => {
  const LASER_HERE: KitAround = { items: [LASER], cylinders: [] }
  const [NOW, ENDS] = ['2026-11-30T12:00:00.000Z', '2026-12-01T09:00:00.000Z']
  const at = (now: string) => ({
    rules: NEW_SITE_RULES, workplace: 'general' as const, noiseElsewhere: () => [], now, air: UNKNOWN_AIR,
    kit: LASER_HERE, fire: NO_FIRE_AROUND, forPerson: () => NOBODY,
  })
  const lookedOver = (station: Station, one: LaserCell, when = NOW): Station => {
    const decided = decideStation(station, { type: 'station.check-laser-cell', payload: one }, {
      bayId: 'bay-1', now: when, at: when, by: 'maren', checksValidUntil: ENDS,
    })
    return 'events' in decided ? decided.events.reduce(evolveStation, station) : station
  }
  const bay: Station = { ...EMPTY_STATION, personId: 'kit', personSince: '2026-11-30T11:00:00.000Z', job: { process: 'lbw' } }
  it('opens Eyes by its cell alone: a shade, a checked helmet and clear glasses do nothing', () => {
    const shaded: Station = {
      ...bay,
      helmet: { shade: 14, at: NOW },
      helmetCheck: { passed: true, at: NOW, validUntil: ENDS },
      glasses: { kind: 'clear-rated', at: NOW, validUntil: ENDS },
    }
    expect(judgeEyes(shaded, at(NOW)).state).toBe('to-do')
    expect(judgeEyes(lookedOver(bay, cell()), at(NOW))).toMatchObject({ state: 'open', shade: null })
  })
  it('forgets which way it points with the next job, with whoever comes next, and where it was said before the job', () => {
    const aimed = cell({ aim: { towardsDeg: 90, piece: 'flat' } })
    const job = (at: string) => ({ type: 'job-set', version: 3, payload: { job: bay.job!, at, validUntil: ENDS } }) as const
    const open = lookedOver(bay, aimed)
    expect(open.laserCell?.aim).toEqual(aimed.aim)
    expect(evolveStation(open, job('2026-11-30T12:30:00.000Z')).laserCell?.aim).toBeUndefined()
    const next = evolveStation(open, { type: 'person-placed', version: 2, payload: { personId: 'pia', at: '2026-11-30T12:30:00.000Z' } })
    expect(next.laserCell?.aim).toBeUndefined()
    const before = evolveStation(bay, job('2026-11-30T12:30:00.000Z'))
    expect(lookedOver(before, aimed).laserCell).toMatchObject({ laserTag: 'LW-1', present: [operator] })
    expect(lookedOver(before, aimed).laserCell?.aim).toBeUndefined()
  })
  it('holds again on the next day, for whoever comes next, and for a visitor without eyewear', () => {
    const open = lookedOver(bay, cell())
    expect(judgeEyes(open, at('2026-12-01T09:00:01.000Z')).state).toBe('to-do')
    const next = evolveStation(open, { type: 'person-placed', version: 2, payload: { personId: 'pia', at: '2026-11-30T12:30:00.000Z' } })
    expect(judgeEyes(next, at('2026-11-30T12:31:00.000Z')).findings[0]?.code).toBe('eyes.laser-nobody-told')
    const visited = lookedOver(open, cell({ present: [operator, { who: 'visitor', helmet: GOOD }] }), '2026-11-30T12:10:00.000Z')
    const gate = judgeEyes(visited, at('2026-11-30T12:11:00.000Z'))
    expect([gate.state, gate.findings[0]?.code]).toEqual(['hold', 'eyes.laser-without'])
    // What was said late, of before the visitor came, opens nothing.
    const late = lookedOver(visited, cell(), '2026-11-30T12:05:00.000Z')
    expect(judgeEyes(late, at('2026-11-30T12:11:00.000Z')).state).toBe('hold')
  })
  it('holds once the eyewear that was told by its tag is tagged out, due for a look, or back in the rack', () => {
    const eyewear = item('LE-1', 'laser-eyewear', { laserFilter: GOOD })
    const open = lookedOver(bay, cell({ present: [{ who: 'operator', eyewear: { tag: 'LE-1' }, helmet: GOOD }] }))
    const with_ = (...items: readonly KitItemFact[]) => judgeEyes(open, { ...at(NOW), kit: { items: [LASER, ...items], cylinders: [] } })
    expect(with_(eyewear).state).toBe('open')
    const out = finding('hold', 'kit.tagged-out', { tag: 'LE-1', checks: [], reason: 'Crazed.' })
    expect(with_({ ...eyewear, mayUse: false, findings: [out] }).state).toBe('hold')
    const due = finding('hold', 'kit.look-due', { tag: 'LE-1', listId: 'laser-eyewear:before-use' })
    expect(with_({ ...eyewear, findings: [due] }).state).toBe('to-do')
    expect(with_({ ...eyewear, validUntil: NOW }).state).toBe('to-do')
    expect(with_().state).toBe('to-do')
    // Another of the bay that nobody wears is nothing to this.
    expect(with_(eyewear, { ...eyewear, tag: 'LE-2', findings: [out] }).state).toBe('open')
    // Worn by whoever stands here, it is here.
    const worn = { ...at(NOW), forPerson: () => ({ ...NOBODY, worn: [eyewear] }) }
    expect(judgeEyes(open, worn).state).toBe('open')
  })
  it('Body asks for eyewear and helmet by name; whether they answer is said at Eyes', () => {
    const worn = requiredOutfit(bay.job!).map(({ zone }) => zone)
    expect(worn).toContain('face')
    const zones = Object.fromEntries(requiredOutfit(bay.job!).map(({ zone, requirement }) =>
      [zone, { passes: true, requirement, at: NOW, validUntil: ENDS }]))
    const station = { job: bay.job, zones, earlierJobs: [], personId: null }
    const door = { rules: NEW_SITE_RULES, noiseElsewhere: () => [], welder: null, now: NOW, heat: COOL }
    expect(judgeBody(station, door).state).toBe('open')
  })
})
