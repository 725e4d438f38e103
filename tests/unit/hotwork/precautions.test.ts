import { describe, expect, it } from 'vitest'
import { decideHotWork, STRICTEST_HOUSE } from '#core/hotwork/decide-hot-work'
import { fireWatchPlan } from '#core/hotwork/fire-watch'
import type { HotWorkConditions, HotWorkJob, HotWorkPlace } from '#core/hotwork/hot-work-class'
import { needsGasTest, precautionsFor } from '#core/hotwork/precautions'
import { GATE_REQUEST } from '../../../demo/two-bay-shop'
import type { PrecautionId } from '#core/ids/hotwork-ids'
import { PRECAUTIONS } from '#core/ids/hotwork-ids'

// A place of which everything is known and nothing is amiss, for one fact after another.
const PLACE: HotWorkPlace = { ...GATE_REQUEST.facts, designated: false }
const JOB: HotWorkJob = { process: 'smaw', currentA: 140, heightM: 1, workpiece: 'structure', metalFire: false }
const CONDITIONS: HotWorkConditions = { sprinklers: 'none', windMPerS: 2 }
const asked = (place: object = {}, job: object = {}, conditions: object = {}): ReadonlySet<PrecautionId> =>
  new Set(precautionsFor({ ...PLACE, ...place }, { ...JOB, ...job }, { ...CONDITIONS, ...conditions }).map(({ id }) => id))

describe('a precaution is asked for where its fact is so, and where nobody looked', () => {
  it.each([
    ['floor-wetted', 'hardFloor', [true], [false, undefined]],
    ['other-side', 'otherSide', [false], [true, undefined]],
    ['confined-entry', 'confined', [false], [true, undefined]],
    ['gas-test', 'confined', [false], [true, undefined]],
    ['levels-below', 'level', [0], [1, 2, undefined]],
    ['levels-below', 'openLevels', [0], [1, undefined]],
  ] as const)('%s by %s', (id, fact, without, withIt) => {
    for (const value of without) expect([value, asked({ [fact]: value }).has(id)]).toEqual([value, false])
    for (const value of withIt) expect([value, asked({ [fact]: value }).has(id)]).toEqual([value, true])
  })
  it.each([
    ['drop-zone', 'heightM', [1.99], [2, 8, undefined]],
    ['metal-powder', 'metalFire', [false], [true, undefined]],
    ['container-vented', 'workpiece', ['structure', 'plate'], ['container', undefined]],
    ['gas-test', 'workpiece', ['structure', 'plate'], ['container', undefined]],
    ['gas-test', 'contents', ['never-any', 'harmless', undefined], ['flammable', 'unknown']],
  ] as const)('%s by %s', (id, fact, without, withIt) => {
    for (const value of without) expect([value, asked({}, { [fact]: value }).has(id)]).toEqual([value, false])
    for (const value of withIt) expect([value, asked({}, { [fact]: value }).has(id)]).toEqual([value, true])
  })
  it.each(['sprinklers-live', 'heads-shielded'] as const)('%s by the sprinklers', (id) => {
    expect([...(['none', 'in-service', undefined] as const)].map(sprinklers => asked({}, {}, { sprinklers }).has(id))).toEqual([
      false,
      true,
      true,
    ])
  })
  it('a pipe or a duct is a vessel until it never held anything', () => {
    for (const workpiece of ['pipe', 'duct'])
      expect(['never-any', 'harmless', undefined].map(contents => asked({}, { workpiece, contents }).has('container-vented'))).toEqual([
        false,
        true,
        true,
      ])
  })
  it('air that was read once is read again', () => {
    expect([
      needsGasTest(PLACE, JOB),
      needsGasTest(PLACE, JOB, { lelPercent: 0 }),
      needsGasTest(PLACE, JOB, { oxygenPercent: 20.9 }),
    ]).toEqual([false, true, true])
  })
  it('what is always asked for is asked for, in the order of the walk, and says what must be done and put back', () => {
    const least = precautionsFor(PLACE, JOB, CONDITIONS)
    expect(least.map(({ id }) => id)).toEqual([
      ...['cold-or-bay', 'floor-swept', 'liquids-dust-out', 'circle-clear', 'openings-covered', 'ducts-conveyors', 'detectors-isolated'],
      ...['cylinders-clear', 'breathing', 'extinguisher', 'bucket-hose', 'screens', 'alarm-route', 'hot-marked', 'kit-looked-at'],
    ])
    const marks = (id: PrecautionId) => least.filter(one => one.id === id).map(({ mustBeDone, restore }) => [mustBeDone, restore])[0]
    expect([marks('floor-swept'), marks('ducts-conveyors'), marks('screens')]).toEqual([
      [true, false],
      [false, true],
      [false, false],
    ])
    const all = precautionsFor({ designated: false }, { process: 'smaw' }, {})
    expect(all.map(({ id }) => id)).toEqual(PRECAUTIONS)
  })
})

describe('the class of a piece of hot work', () => {
  const decide = (
    place: object = {},
    job: object = {},
    conditions: object = {},
    house: Parameters<typeof decideHotWork>[3] = STRICTEST_HOUSE,
  ) => decideHotWork({ ...PLACE, ...place }, { ...JOB, ...job }, { ...CONDITIONS, ...conditions }, house)
  const codes = (...given: Parameters<typeof decide>) => decide(...given).findings.map(({ code }) => code)
  it('a designated bay needs nothing but itself; a vessel or a confined place is nowhere for the bay', () => {
    expect(decide({ designated: true })).toMatchObject({
      class: 'designated',
      precautions: [],
      needsGasTest: false,
      reach: null,
      watch: { duringWork: false, afterMin: 0, monitoringMin: 0, watchers: 0 },
    })
    expect(codes({ designated: true })).toEqual(['hotwork.designated', 'hotwork.advises'])
    expect(decide({ designated: true, confined: true }).class).toBe('permit')
    expect(decide({ designated: true, confined: undefined }).class).toBe('designated')
    expect(decide({ designated: true }, { workpiece: 'container', contents: 'harmless', cleaned: true }).class).toBe('permit')
    expect(decide({ designated: true }, { workpiece: undefined }).class).toBe('designated')
    expect(decide({ designated: true, bulkCombustibles: true }).class).toBe('forbidden')
  })
  it('elsewhere it takes a permit, with the watch of the house and never less than the law', () => {
    expect(decide()).toMatchObject({
      class: 'permit',
      watch: { duringWork: true, afterMin: 60, monitoringMin: 180, watchers: 1 },
      needsGasTest: false,
    })
    expect(decide({}, {}, {}, { ...STRICTEST_HOUSE, afterMin: 10 }).watch.afterMin).toBe(30)
    expect(codes({}, {}, {}, { ...STRICTEST_HOUSE, afterMin: 29 })).toContain('hotwork.law-watch-shorter')
    expect(codes({}, {}, {}, { ...STRICTEST_HOUSE, afterMin: 30 })).not.toContain('hotwork.law-watch-shorter')
    expect(codes()).toEqual(
      expect.arrayContaining(['hotwork.no-sprinklers', 'hotwork.watchers', 'hotwork.permit-needed', 'hotwork.bay-first']),
    )
    expect(codes({}, {}, { sprinklers: 'in-service' })).not.toContain('hotwork.no-sprinklers')
    expect(codes()).not.toContain('hotwork.rules-not-sent')
    expect(decideHotWork(PLACE, JOB, CONDITIONS).findings.map(({ code }) => code)).toContain('hotwork.rules-not-sent')
  })
  it('what is forbidden has no precautions and no watch, and asks for no permit', () => {
    const forbidden = decide({ bulkCombustibles: true })
    expect(forbidden).toMatchObject({
      class: 'forbidden',
      precautions: [],
      watch: { duringWork: false, afterMin: 0, monitoringMin: 0, watchers: 0 },
    })
    expect(codes({ bulkCombustibles: true })).not.toContain('hotwork.permit-needed')
    expect(codes({ bulkCombustibles: true })).not.toContain('hotwork.bay-first')
  })
  it('the air is asked for until both of its numbers are there', () => {
    const test = (conditions: object, place: object = { confined: true }) =>
      codes(place, {}, conditions).includes('hotwork.gas-test-needed')
    expect([test({}), test({ lelPercent: 0 }), test({ oxygenPercent: 20.9 }), test({ lelPercent: 0, oxygenPercent: 20.9 })]).toEqual([
      true,
      true,
      true,
      false,
    ])
    expect(test({}, {})).toBe(false)
  })
  it('without height or wind there is no reach, and it is asked for', () => {
    expect(decide().reach).not.toBeNull()
    expect([decide({}, { heightM: undefined }).reach, decide({}, {}, { windMPerS: undefined }).reach]).toEqual([null, null])
    expect(
      decide({}, { heightM: undefined })
        .findings.filter(({ code }) => code === 'hotwork.fact-missing')
        .map(({ values }) => 'fact' in values && values.fact),
    ).toEqual(['height'])
    expect(codes({ hardFloor: undefined })).toContain('spark.floor-unknown')
    expect(codes()).not.toContain('spark.floor-unknown')
  })
})

it('a watch plan needs minutes between its looks', () => {
  const plan = (roundEveryMin: number, visitEveryMin?: number) => () =>
    fireWatchPlan(0, { afterMin: 30, monitoringMin: 60, roundEveryMin, ...(visitEveryMin === undefined ? {} : { visitEveryMin }) })
  for (const bad of [plan(0), plan(-1), plan(Number.NaN), plan(10, 0), plan(10, -5)]) expect(bad).toThrow('minutes between them')
  expect(plan(10, 20)().rounds.map(({ atMs, kind }) => `${atMs / 60_000} ${kind}`)).toEqual([
    '10 round',
    '20 round',
    '30 watch-end',
    '50 visit',
    '70 visit',
    '90 monitoring-end',
  ])
})
