import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { CylinderCommand, CylinderState } from '#core/streams/cylinder/cylinder'
import { evolveCylinder } from '#core/streams/cylinder/cylinder'
import { contentsOf, cylinderFact, drawableM3 } from '#core/cylinder/cylinder-fact'
import type { CylinderContext } from '#core/streams/cylinder/decide-cylinder'
import { decideCylinder } from '#core/streams/cylinder/decide-cylinder'
import { connectingSteps, dangerSteps, jointsFor } from '#core/cylinder/guided-steps'
import { judgePlace } from '#core/cylinder/judge-place'
import { regulatorsToTakeOff } from '#core/cylinder/week-end'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { Place } from '#core/streams/place/place'
import { CYLINDER_GASES } from '#core/ids/vocabulary'
import { DANGERS, SHUTTING_STEPS } from '#core/ids/cylinder-ids'

const context: CylinderContext = {
  tag: 'A-7',
  at: '2026-11-24T10:00:00.000Z',
  checksValidUntil: '2026-11-25T04:00:00.000Z',
  rules: NEW_SITE_RULES,
  isCompetent: true,
  place: null,
  job: null,
}
const spot = { placeId: 'cage', xM: 1, yM: 1, isUpright: true, isSecured: true, isCapped: true }
const RECEIVE: CylinderCommand = {
  type: 'cylinder.receive',
  payload: { gas: 'acetylene', owner: 'rented', stamps: 'DOT-8AL / 6-20', tareKg: 80, fullM3: 9.3, lay: null, place: spot },
}
function life(
  commands: readonly CylinderCommand[],
  over: Partial<CylinderContext> = {},
): { readonly state: CylinderState | null, readonly refused: readonly string[] } {
  let state: CylinderState | null = null
  const refused: string[] = []
  for (const command of commands) {
    const decided = decideCylinder(state, command, { ...context, ...over })
    if ('refused' in decided) refused.push(...decided.refused.map(({ code }) => code))
    else state = decided.events.reduce(evolveCylinder, state)
  }
  return { state, refused }
}
const connect: CylinderCommand = { type: 'cylinder.connect', payload: { bayId: 'bay-1', steps: connectingSteps('acetylene') } }

describe('a cylinder\'s life', () => {
  // Worked cases SE-01, SE-03 and SE-05 of the settling schools; the default is house policy, no law prints a time.
  it.each([
    [20, '2026-11-24T11:00:00.000Z'],
    [90, '2026-11-24T11:30:00.000Z'],
    [null, '2026-11-25T10:00:00.000Z'],
    [100_000, '2026-11-25T10:00:00.000Z'],
  ])('lay %s minutes: settles until %s', (lyingMin, until) => {
    expect(life([{ ...RECEIVE, payload: { ...RECEIVE.payload, lay: { lyingMin } } } as CylinderCommand]).state?.settlesAt).toBe(until)
  })
  it('only a dissolved gas has to stand', () => {
    expect(
      life([
        { ...RECEIVE, payload: { ...RECEIVE.payload, gas: 'argon', lay: { lyingMin: 4000 } } } as CylinderCommand,
        { ...connect, payload: { bayId: 'bay-1', steps: connectingSteps('argon') } } as CylinderCommand,
      ]).refused,
    ).toEqual([])
  })
  it('is connected once, and moved only when its regulator is off', () => {
    const { state, refused } = life([
      RECEIVE,
      connect,
      connect,
      { type: 'cylinder.place', payload: spot },
      { type: 'cylinder.disconnect', payload: { isCapped: true } },
      { type: 'cylinder.place', payload: spot },
    ])
    expect(refused).toEqual(['cylinder.still-connected', 'cylinder.still-connected'])
    expect(state).toMatchObject({ isConnected: false, standing: { in: 'place' }, stance: { isCapped: true } })
  })
  it('a leak test is worth nothing once its joints were touched', () => {
    const tight: CylinderCommand = {
      type: 'cylinder.test-joints',
      payload: { joints: Object.fromEntries(jointsFor('acetylene').map(joint => [joint, true])) },
    }
    expect(life([RECEIVE, connect, tight]).state?.leakTest).not.toBeNull()
    for (const touched of [
      { type: 'cylinder.disconnect', payload: { isCapped: true } },
      { type: 'cylinder.note-lying', payload: { lyingMin: 5 } },
    ] as const)
      expect(life([RECEIVE, connect, tight, touched]).state?.leakTest).toBeNull()
  })
  it('a leak test or a reading that is reported late undoes nothing newer', () => {
    const at = (commands: readonly (readonly [CylinderCommand, string])[]) =>
      commands.reduce<CylinderState | null>((state, [command, when]) => {
        const decided = decideCylinder(state, command, { ...context, at: `2026-11-24T${when}:00.000Z` })
        return 'events' in decided ? decided.events.reduce(evolveCylinder, state) : state
      }, null)!
    const tight: CylinderCommand = { type: 'cylinder.test-joints', payload: { joints: { 'valve-stem': true } } }
    const weigh = (grossKg: number): CylinderCommand => ({ type: 'cylinder.read', payload: { by: 'weight', grossKg } })
    expect(at([[RECEIVE, '08:00'], [connect, '10:00'], [tight, '09:30']]).leakTest).toBeNull()
    expect(at([[RECEIVE, '08:00'], [connect, '10:00'], [tight, '10:05']]).leakTest?.at).toBe('2026-11-24T10:05:00.000Z')
    expect(at([[RECEIVE, '08:00'], [weigh(84), '11:00'], [weigh(88), '09:00']]).reading).toMatchObject({ grossKg: 84 })
    // A leak is a danger whenever it is told.
    expect(
      at([
        [RECEIVE, '08:00'],
        [connect, '10:00'],
        [{ type: 'cylinder.test-joints', payload: { joints: { 'valve-stem': false } } }, '09:30'],
      ]).danger?.danger,
    ).toBe('leak')
  })
  it('empty or tagged out it is not connected; corrected, its life goes on', () => {
    expect(life([RECEIVE, { type: 'cylinder.note-empty', payload: {} }, connect]).refused).toEqual(['cylinder.empty'])
    expect(life([RECEIVE, { type: 'cylinder.tag-out', payload: { reason: 'dent' } }, connect]).refused).toEqual(['kit.tagged-out'])
    const { state } = life([
      RECEIVE,
      connect,
      { type: 'cylinder.correct', payload: { gas: 'acetylene', owner: 'owned', stamps: 'DOT-8 / 3-19' } },
    ])
    expect(state).toMatchObject({ owner: 'owned', stamps: 'DOT-8 / 3-19', isConnected: true, tag: 'A-7' })
    expect(state).not.toHaveProperty('fullM3')
  })
  it('what was reported of a tag that nothing wears is kept, requests are refused', () => {
    expect(decideCylinder(null, { type: 'cylinder.report-danger', payload: { danger: 'leak' } }, context)).toMatchObject({
      events: [{ type: 'unknown-tag-reported' }],
      remarks: [{ code: 'kit.tag-unknown' }],
    })
    expect(life([connect]).refused).toEqual(['kit.tag-unknown'])
  })
  it('in danger it stays so until somebody named releases it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DANGERS),
        fc.array(
          fc.constantFrom<CylinderCommand>(
            { type: 'cylinder.read', payload: { by: 'weight', grossKg: 85 } },
            { type: 'cylinder.disconnect', payload: { isCapped: true } },
            { type: 'cylinder.place', payload: spot },
            { type: 'cylinder.note-empty', payload: {} },
            { type: 'cylinder.tag-out', payload: { reason: 'x' } },
          ),
          { maxLength: 6 },
        ),
        (danger, more) => {
          const { state } = life([RECEIVE, connect, { type: 'cylinder.report-danger', payload: { danger } }, ...more])
          const fact = cylinderFact(state!, NEW_SITE_RULES, '2026-11-24', context.checksValidUntil)
          expect(fact.findings[0]).toMatchObject({ severity: 'stop', code: 'cylinder.danger' })
          expect(
            life(
              [
                RECEIVE,
                { type: 'cylinder.report-danger', payload: { danger } },
                { type: 'cylinder.release', payload: { repair: 'valve changed' } },
              ],
              { isCompetent: false },
            ).refused,
          ).toEqual(['kit.competence-missing'])
        },
      ),
    )
  })
})

describe('steps and instructions', () => {
  it('every gas has its own steps: no oil at oxygen, three quarters of a turn at acetylene, never cracking hydrogen', () => {
    expect(connectingSteps('oxygen')).toContain('clean-hands')
    expect(connectingSteps('acetylene')).toContain('acetylene-turn')
    expect(connectingSteps('hydrogen')).not.toContain('crack-valve')
    for (const gas of CYLINDER_GASES) expect([connectingSteps(gas)[0], connectingSteps(gas).at(-1)]).toEqual(['secured', 'purge'])
    expect(SHUTTING_STEPS[0]).toBe('torch-shut')
  })
  it('acetylene in a fire is not touched; an inert leak asks for no lone rescue; every answer is short and sourced', () => {
    expect(dangerSteps('in-fire', 'acetylene').steps.slice(0, 2)).toEqual(['do-not-touch', 'go-away-200'])
    expect(dangerSteps('leak', 'argon').steps).toContain('no-rescue-alone')
    for (const danger of DANGERS)
      for (const gas of CYLINDER_GASES)
        expect([dangerSteps(danger, gas).steps.length <= 7, dangerSteps(danger, gas).sources.length > 0]).toEqual([true, true])
  })
})

describe('what is left', () => {
  const weighed = life([RECEIVE, { type: 'cylinder.read', payload: { by: 'weight', grossKg: 88.45 } }]).state!
  it('by weight for acetylene; without its tare nothing is known', () => {
    // 18.5 lb of gas at 14.5 ft³/lb, the low printing: 7.60 m³. Source: handbooks, from memory.
    expect(drawableM3(weighed)).toBeCloseTo(7.65, 1)
    const { tareKg: _tare, ...bare } = weighed
    expect(contentsOf(bare)).toBeNull()
  })
  it('by pressure what stays in the cylinder is not counted', () => {
    const argon = life([
      { ...RECEIVE, payload: { ...RECEIVE.payload, gas: 'argon', waterVolumeL: 49 } } as CylinderCommand,
      { type: 'cylinder.read', payload: { by: 'pressure', gaugePressureKPa: 172, temperatureC: 20 } },
    ]).state!
    expect(drawableM3(argon)).toBe(0)
  })
})

describe('a store', () => {
  const CAGE: Place = { name: 'Cage', level: 0, xM: 0, yM: 0, widthM: 12, depthM: 4, room: null, store: { barriers: [], combustibles: [] } }
  const at = (tag: string, gas: CylinderState['gas'], xM: number, over: Partial<CylinderState> = {}) => {
    const cylinder: CylinderState = {
      ...life([RECEIVE]).state!,
      tag,
      gas,
      standing: { in: 'place', placeId: 'cage', xM, yM: 1 },
      diameterM: 0.25,
      ...over,
    }
    return { cylinder, fact: cylinderFact(cylinder, NEW_SITE_RULES, '2026-11-24', context.checksValidUntil) }
  }
  it('moving a cylinder resolves its conflict', () => {
    expect(judgePlace(CAGE, [at('O-1', 'oxygen', 1), at('A-1', 'acetylene', 4)], 'us').storage.conflicts).toMatchObject([
      { between: ['O-1', 'A-1'], distanceM: 2.75 },
    ])
    expect(judgePlace(CAGE, [at('O-1', 'oxygen', 1), at('A-1', 'acetylene', 7.4)], 'us').storage.conflicts).toEqual([])
  })
  it('says what is left to breathe in a closed room, and nothing of it in the open', () => {
    // 10.7 m³ of argon in 50 m³: 16.4 % (BCGA GN11 type sum, from memory).
    const room = judgePlace({ ...CAGE, room: { volumeM3: 50, supplyM3PerS: 0 } }, [at('AR-1', 'argon', 1, { fullM3: 10.7 })], 'us')
    expect(room.worstLeak).toMatchObject({ tag: 'AR-1', verdict: 'deficient' })
    expect(room.worstLeak!.oxygenPercent).toBeCloseTo(16.4, 1)
    expect(judgePlace(CAGE, [at('AR-1', 'argon', 1)], 'us').worstLeak).toBeNull()
  })
  it('an unknown content counts as a large full one, a missing cap and chain are said', () => {
    const { fullM3: _full, ...unknown } = at('AR-1', 'argon', 1).cylinder
    const here = {
      cylinder: { ...unknown, stance: { isUpright: true, isSecured: false, isCapped: false } },
      fact: cylinderFact(unknown, NEW_SITE_RULES, '2026-11-24', context.checksValidUntil),
    }
    expect(judgePlace(CAGE, [here], 'us').findings.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['storage.content-assumed', 'storage.cap-off', 'cylinder.not-secured']),
    )
  })
})

describe('the end of the week', () => {
  const on = life([RECEIVE, connect]).state!
  // 24 November 2026 is a Tuesday.
  it.each([
    ['off-weekly', 5, '2026-11-27', false],
    ['off-weekly', 2, '2026-11-24', true],
    ['off-weekly', 1, '2026-11-30', false],
    ['off-daily', 5, '2026-11-24', true],
  ] as const)('%s, week ends on %i: off by %s', (regulatorRule, weekEndsOn, by, isToday) => {
    expect(regulatorsToTakeOff([on, { ...on, isConnected: false }], { regulatorRule, weekEndsOn }, '2026-11-24')).toMatchObject({
      by,
      isToday,
      list: [{ tag: 'A-7' }],
    })
  })
  it('in daily use none comes off', () =>
    expect(regulatorsToTakeOff([on], { regulatorRule: 'on-in-daily-use', weekEndsOn: 5 }, '2026-11-24').list).toEqual([]))
})
