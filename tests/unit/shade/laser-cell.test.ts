import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { judgeBody } from '#core/clearance/body-gate'
import { judgeEyes } from '#core/clearance/eyes-gate'
import { NO_FIRE_AROUND } from '#core/clearance/fire-around'
import type { KitAround } from '#core/clearance/kit-around'
import { NOBODY } from '#core/clearance/person-around'
import { UNKNOWN_AIR } from '#core/air/air-facts'
import { COOL } from '../clearance/told-heat'
import { IN_THE_CELL, LASER_CHECKS } from '#core/ids/laser-ids'
import { cellHazard, filterFault, judgeLaserCell } from '#core/laser/laser-cell'
import type { LaserBeam, LaserCell, LaserFilter, PersonInCell } from '#core/laser/laser-cell'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { decideStation } from '#core/streams/station/decide-station'
import { EMPTY_STATION, evolveStation } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'

const BEAM: LaserBeam = { powerW: 1500, wavelengthNm: 1070, divergenceMrad: 50, beamDiameterMm: 5, convention: '1/e' }
const GOOD: LaserFilter = { od: 7, fromNm: 1000, toNm: 1100, damageRating: 8 }
const operator: PersonInCell = { who: 'operator', eyewear: GOOD, helmet: GOOD }
const ALL = Object.fromEntries(LASER_CHECKS.map(check => [check, true]))
const cell = (over: Partial<LaserCell> = {}): LaserCell => ({ laserTag: 'LW-1', beam: BEAM, answers: ALL, present: [operator], ...over })
const holds = (one: LaserCell | null, here: readonly string[] = ['LW-1']) => {
  const { found, missing } = judgeLaserCell(one, here)
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
    for (const here of [['LW-2'], ['LW-1', 'LW-2'], []]) expect(holds(cell(), here)).toEqual(['eyes.laser-another'])
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
  const LASER_HERE = { items: [{ kind: 'laser-welder', tag: 'LW-1' }], cylinders: [] } as unknown as KitAround
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
