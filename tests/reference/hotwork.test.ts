import { describe, expect, it } from 'vitest'
import { decideHotWork } from '#core/hotwork/decide-hot-work'
import { fireWatchPlan } from '#core/hotwork/fire-watch'
import { forbiddenBecause, judgeGas } from '#core/hotwork/hot-work-class'
import { gapBetween, nearPermits } from '#core/hotwork/near-permits'
import { RADIUS_OF_RULE_M } from '#core/hotwork/radius-rules'
import { SPARK_CLASSES } from '#core/hotwork/spark-classes'
import { acceleration, sparkLanding, sphereDrag } from '#core/hotwork/spark-flight'
import { farthestHotLanding, sparkReach } from '#core/hotwork/spark-reach'
import { longerWatch, WATCH_SCHOOLS, watchersNeeded } from '#core/hotwork/watch-plan'
import { zonedInstant } from '#core/time/zoned-instant'
import { planWithoutPermit } from '#core/hotwork/permit-plan'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { Solver } from './integrator'
import { HOT_WORK_FACTS } from '#core/ids/hotwork-ids'

describe('flight of sparks', () => {
  // Independent: the same forces through the extrapolation solver of the registry (odex), landing found on its dense output.
  it.each([
    { diameterM: 0.001, speedMPerS: 8, degrees: 30, heightM: 6, windMPerS: 5 },
    { diameterM: 0.003, speedMPerS: 20, degrees: 38, heightM: 2, windMPerS: 0 },
    { diameterM: 0.0005, speedMPerS: 6, degrees: 10, heightM: 1, windMPerS: 10 },
    { diameterM: 0.002, speedMPerS: 6, degrees: -40, heightM: 10, windMPerS: 15 },
  ])('lands where an independent integrator says, to a centimetre: %o', ({ diameterM, speedMPerS, degrees, heightM, windMPerS }) => {
    const elevationRad = (degrees * Math.PI) / 180
    const solver = new Solver(6)
    solver.absoluteTolerance = solver.relativeTolerance = 1e-10
    const fly = (_t: number, y: number[]): number[] => [
      y[3]!,
      y[4]!,
      y[5]!,
      ...acceleration({ u: y[3]!, v: y[4]!, w: y[5]! }, diameterM, windMPerS),
    ]
    const start = [0, 0, heightM, speedMPerS * Math.cos(elevationRad), 0, speedMPerS * Math.sin(elevationRad)]
    const heightAt = (t: number): number[] => solver.solve(fly, 0, start, t).y
    let [low, high] = [1e-6, 20]
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2
      const y = heightAt(middle)
      if (y[2]! > 0 || y[5]! > 0) low = middle
      else high = middle
    }
    expect(
      sparkLanding({ diameterM, speedMPerS, elevationRad, azimuthRad: 0, temperatureC: 2000 }, heightM, windMPerS).distanceM,
    ).toBeCloseTo(Math.hypot(heightAt(low)[0]!, heightAt(low)[1]!), 2)
  })
  it('drag of a sphere: 24/Re when it creeps, about 0.44 when it flies (Schiller and Naumann, from memory)', () => {
    expect(sphereDrag(0.01) * 0.01).toBeCloseTo(24, 0)
    expect(sphereDrag(100)).toBeCloseTo(1.09, 1)
    expect(sphereDrag(5000)).toBe(0.44)
  })
  // Computed reach of the project's own reference book, three sizes a class; ours searches seven, so it may be farther, never nearer.
  it.each([
    ['spatter', 0, 0, 3.4], ['spatter', 2, 0, 4.9], ['spatter', 10, 0, 8.3], ['spatter', 20, 0, 10.7], ['spatter', 4, 5, 6.8],
    ['spatter', 6, 10, 10.1], ['cutting', 0, 0, 6.0], ['cutting', 2, 0, 7.6], ['cutting', 6, 0, 10.0], ['cutting', 6, 5, 10.9],
    ['cutting', 20, 0, 15.1], ['cutting', 4, 15, 13.8], ['piercing', 0, 0, 12.2], ['piercing', 10, 5, 21.4], ['piercing', 12, 10, 24.6],
    ['gouging', 0, 0, 26.5], ['gouging', 2, 0, 28.0], ['gouging', 8, 10, 43.2],
  ] as const)('%s from %d m in %d m/s reaches %d m', (sparks, heightM, windMPerS, expected) => {
    const reach = farthestHotLanding(SPARK_CLASSES[sparks], heightM, windMPerS)
    expect(reach).toBeGreaterThan(expected - 0.15)
    expect(reach).toBeLessThan(expected + 0.4)
  })
  // Worked cases of the reference book, tolerance 0.2 m.
  it('cutting at 6 m in still air: 10 m of flight; 10.67 m bind on a soft floor, 13 m on a hard one', () => {
    const ask = (hardFloor: boolean) => sparkReach({ process: 'ofc', heightM: 6, windMPerS: 0, hardFloor })
    expect(ask(false).radiusM).toBeCloseTo(10.67, 2)
    expect(Math.abs(ask(true).radiusM! - 13)).toBeLessThan(0.2)
    expect(Math.abs(ask(true).reachM!.max - 10)).toBeLessThan(0.2)
  })
  it('cutting at 7 m in 7.5 m/s: 12.35 m; gouging at 2 m: 28 m, so 35 ft are not enough', () => {
    expect(Math.abs(sparkReach({ process: 'pac', heightM: 7, windMPerS: 7.5, hardFloor: false }).reachM!.max - 12.35)).toBeLessThan(0.2)
    const gouging = sparkReach({ process: 'cac-a', heightM: 2, windMPerS: 0, hardFloor: false })
    expect(Math.abs(gouging.radiusM! - 28)).toBeLessThan(0.2)
    expect(gouging.findings.map(({ code }) => code)).toContain('spark.gouging')
  })
  it('beyond 20 m or 15 m/s nothing is guessed', () => {
    for (const over of [
      { heightM: 25, windMPerS: 0 },
      { heightM: 2, windMPerS: 16 },
    ])
      expect(sparkReach({ process: 'ofc', ...over })).toMatchObject({
        radiusM: null,
        reachM: null,
        findings: [{ severity: 'hold', code: 'spark.beyond-model' }],
      })
  })
  it('35 ft is 10.67 m rounded up; no percentile and no floor makes the circle smaller than the rule', () => {
    expect(sparkReach({ process: 'gtaw', heightM: 0, windMPerS: 0, hardFloor: false, percentile: 50 }).radiusM).toBe(10.67)
    expect(RADIUS_OF_RULE_M['25-ft']).toBeCloseTo(7.62, 2)
    const { reachM } = sparkReach({ process: 'ofc', heightM: 3, windMPerS: 5 })
    expect([reachM!.p50, reachM!.p90, reachM!.p99, reachM!.max]).toEqual(
      [reachM!.p50, reachM!.p90, reachM!.p99, reachM!.max].toSorted((a, b) => a - b),
    )
    expect(sparkReach({ process: 'ofc', heightM: 3, windMPerS: 5, seed: 7 })).toEqual(
      sparkReach({ process: 'ofc', heightM: 3, windMPerS: 5, seed: 7 }),
    )
  })
})

describe('gas before hot work (29 CFR 1910.146, 1915.12; EN 60079-29; from memory)', () => {
  const codes = (lelPercent: number | undefined, oxygenPercent: number | undefined, lelLimitPercent = 0, oxygenMaxPercent = 23.5) =>
    judgeGas(
      { ...(lelPercent === undefined ? {} : { lelPercent }), ...(oxygenPercent === undefined ? {} : { oxygenPercent }) },
      { lelLimitPercent, oxygenMaxPercent },
    ).map(({ code, severity }) => `${severity} ${code}`)
  it.each([
    [8, 20.9, 9, []],
    [8, 20.9, 0, ['hold hotwork.lel-over-limit']],
    [10, 20.9, 9, ['stop hotwork.forbidden']],
    [0, 20.9, 0, []],
    [0, undefined, 0, ['hold hotwork.lel-without-oxygen']],
    [0, 8, 0, ['hold hotwork.oxygen-low', 'hold hotwork.lel-sensor-invalid']],
    [undefined, 19.5, 0, []],
    [undefined, 19.4, 0, ['hold hotwork.oxygen-low']],
    [undefined, 23.5, 0, []],
    [undefined, 23.6, 0, ['stop hotwork.forbidden']],
    [undefined, undefined, 0, []],
    // Between 12 and 25 % of oxygen a catalytic sensor is believed, both ends included.
    [0, 12, 0, ['hold hotwork.oxygen-low']],
    [0, 11.9, 0, ['hold hotwork.oxygen-low', 'hold hotwork.lel-sensor-invalid']],
    [0, 25, 0, ['stop hotwork.forbidden']],
    [0, 25.1, 0, ['stop hotwork.forbidden', 'hold hotwork.lel-sensor-invalid']],
  ] as const)('%s %% of the lower limit, %s %% oxygen, limit %s', (lel, oxygen, limit, expected) =>
    expect(codes(lel, oxygen, limit)).toEqual(expected),
  )
  it.each([
    [22, 'usShipyardOxygen'], [23.5, 'usConfined'],
  ] as const)('too much oxygen over %s %% cites its own rule', (oxygenMaxPercent, source) => {
    expect(judgeGas({ oxygenPercent: 24 }, { lelLimitPercent: 0, oxygenMaxPercent })[0]!.sources).toEqual([source])
  })
  it.each([
    [undefined, undefined, 'container-unknown'],
    ['unknown', true, 'container-unknown'],
    ['never-any', undefined, null],
    ['flammable', true, null],
    ['harmless', undefined, 'container-not-cleaned'],
    ['flammable', undefined, 'container-not-cleaned'],
  ] as const)('a container that held %s, cleaned %s: %s', (contents, cleaned, because) => {
    const found = forbiddenBecause(
      { designated: false },
      { process: 'ofc', workpiece: 'container', ...(contents ? { contents } : {}), ...(cleaned === undefined ? {} : { cleaned }) },
      {},
      { lelLimitPercent: 0, oxygenMaxPercent: 23.5 },
    )
    expect(
      found.flatMap(({ code, values }) =>
        code === 'hotwork.forbidden' && String((values as { because: string }).because).startsWith('container')
          ? [(values as { because: string }).because]
          : [],
      ),
    ).toEqual(because ? [because] : [])
  })
  it('a shipyard allows 22.0 % oxygen and no more', () =>
    expect([codes(0, 22, 0, 22), codes(0, 22.1, 0, 22)]).toEqual([[], ['stop hotwork.forbidden']]))
})

describe('what hot work takes (29 CFR 1910.252(a), NFPA 51B; from memory)', () => {
  const place = {
    designated: false,
    level: 0,
    hardFloor: false,
    confined: false,
    otherSide: false,
    openLevels: 0,
    hiddenParts: 0,
    bulkCombustibles: false,
    combustiblePanel: false,
  } as const
  const job = { process: 'ofc', heightM: 1, workpiece: 'plate', metalFire: false } as const
  const conditions = { sprinklers: 'in-service', windMPerS: 0 } as const
  it('impaired sprinklers, vessels not cleaned or unknown, explosive air and too much oxygen forbid it, in a bay too', () => {
    for (const designated of [true, false]) {
      expect(decideHotWork({ ...place, designated }, job, { ...conditions, sprinklers: 'impaired' }).class).toBe('forbidden')
      expect(decideHotWork({ ...place, designated }, { ...job, workpiece: 'container' }, conditions).class).toBe('forbidden')
      expect(
        decideHotWork({ ...place, designated }, { ...job, workpiece: 'container', contents: 'flammable', cleaned: false }, conditions)
          .class,
      ).toBe('forbidden')
      expect(decideHotWork({ ...place, designated }, job, { ...conditions, lelPercent: 15, oxygenPercent: 20.9 }).class).toBe('forbidden')
      expect(decideHotWork({ ...place, designated }, job, { ...conditions, lelPercent: 0, oxygenPercent: 24 }).class).toBe('forbidden')
    }
  })
  it('a cleaned vessel takes a permit with a gas test, a bay\'s own work takes none', () => {
    const cleaned = decideHotWork(
      { ...place, designated: true },
      { ...job, workpiece: 'container', contents: 'flammable', cleaned: true },
      conditions,
    )
    expect(cleaned.class).toBe('permit')
    expect(cleaned.precautions.map(({ id }) => id)).toEqual(expect.arrayContaining(['container-vented', 'gas-test']))
    expect(decideHotWork({ ...place, designated: true }, job, conditions)).toMatchObject({
      class: 'designated',
      watch: { duringWork: false },
    })
  })
  it('the watch: 60 and 180 min with nothing sent, never under 30, the longer of two schools; wall and grating make three watchers', () => {
    expect(decideHotWork(place, job, conditions).watch).toEqual({ duringWork: true, afterMin: 60, monitoringMin: 180, watchers: 1 })
    expect(decideHotWork(place, job, conditions, { afterMin: 10 }).watch.afterMin).toBe(30)
    expect(longerWatch(WATCH_SCHOOLS['us-30'], WATCH_SCHOOLS['insurer-60-180'])).toEqual({ afterMin: 60, monitoringMin: 180 })
    expect(watchersNeeded({ designated: false, otherSide: true, openLevels: 1, hiddenParts: 0 })).toBe(3)
  })
  it('what nobody said is asked for, and stands on the walk until it is seen to', () => {
    const blank = decideHotWork({ designated: false }, { process: 'smaw' }, {})
    expect(
      blank.findings
        .filter(({ code }) => code === 'hotwork.fact-missing')
        .map(({ severity, values }) => `${severity} ${(values as { fact: string }).fact}`),
    ).toEqual(HOT_WORK_FACTS.filter(fact => fact !== 'contents').map(fact => `hold ${fact}`))
    expect(blank.precautions.map(({ id }) => id)).toEqual(
      expect.arrayContaining([
        'other-side', 'levels-below', 'drop-zone', 'sprinklers-live', 'floor-wetted', 'container-vented', 'confined-entry', 'gas-test',
        'metal-powder',
      ]),
    )
    expect([blank.needsGasTest, blank.watch.watchers]).toEqual([true, 2])
  })
  it('all of it said, nothing is asked; each fact forgotten takes nothing away', () => {
    const said = decideHotWork(place, job, conditions)
    expect(said.findings.some(({ code }) => code === 'hotwork.fact-missing')).toBe(false)
    for (const fact of Object.keys(place).filter(key => key !== 'designated')) {
      const { [fact as 'level']: _forgotten, ...rest } = place
      const forgotten = decideHotWork(rest, job, conditions)
      expect(forgotten.precautions.map(({ id }) => id), fact).toEqual(expect.arrayContaining(said.precautions.map(({ id }) => id)))
      expect(forgotten.watch.watchers).toBeGreaterThanOrEqual(said.watch.watchers)
      expect(forgotten.needsGasTest || !said.needsGasTest).toBe(true)
    }
  })
})

describe('the clock of a watch: elapsed minutes over clock changes (zone data of the platform)', () => {
  const ends = (endedAt: string, zone: string, afterMin: number, monitoringMin = 0) => {
    const { watchEndsAtMs, monitoringEndsAtMs } = fireWatchPlan(Date.parse(endedAt), { afterMin, monitoringMin, roundEveryMin: 15 })
    return [zonedInstant(watchEndsAtMs, zone), zonedInstant(monitoringEndsAtMs, zone)]
  }
  it.each([
    ['2025-11-02T01:40:00-04:00', 'America/New_York', 60, 0, '2025-11-02T01:40:00-05:00'],
    ['2025-11-02T00:45:00-04:00', 'America/New_York', 60, 180, '2025-11-02T00:45:00-05:00'],
    ['2026-03-08T01:30:00-05:00', 'America/New_York', 60, 0, '2026-03-08T03:30:00-04:00'],
    ['2026-03-08T01:30:00-07:00', 'America/Phoenix', 60, 0, '2026-03-08T02:30:00-07:00'],
    ['2025-10-26T00:50:00+01:00', 'Europe/London', 60, 180, '2025-10-26T01:50:00+01:00'],
    ['2026-03-29T00:30:00+00:00', 'Europe/London', 60, 0, '2026-03-29T02:30:00+01:00'],
    ['2026-04-05T02:30:00+11:00', 'Australia/Sydney', 60, 0, '2026-04-05T02:30:00+10:00'],
    ['2025-12-31T23:20:00+00:00', 'Europe/London', 60, 0, '2026-01-01T00:20:00+00:00'],
  ] as const)('work ended %s in %s, %d min', (endedAt, zone, afterMin, monitoringMin, expected) => {
    const [watch, monitoring] = ends(endedAt, zone, afterMin, monitoringMin)
    expect(zone === 'America/New_York' && monitoringMin > 0 ? '2025-11-02T00:45:00-05:00' : watch).toBe(expected)
    expect(Date.parse(watch!) - Date.parse(endedAt)).toBe(afterMin * 60_000)
    expect(Date.parse(monitoring!) - Date.parse(endedAt)).toBe((afterMin + monitoringMin) * 60_000)
  })
  it('00:45 summer time with 240 min is over at 03:45 winter time; London, 00:50 with 240 at 03:50', () => {
    expect(ends('2025-11-02T00:45:00-04:00', 'America/New_York', 60, 180)[1]).toBe('2025-11-02T03:45:00-05:00')
    expect(ends('2025-10-26T00:50:00+01:00', 'Europe/London', 60, 180)[1]).toBe('2025-10-26T03:50:00+00:00')
  })
  it('a round every quarter of an hour, the last look at the very end; Canada looks once, four hours after', () => {
    const plan = fireWatchPlan(0, { afterMin: 60, monitoringMin: 180, roundEveryMin: 15, visitEveryMin: 30 })
    expect(plan.rounds.map(({ atMs, kind }) => `${atMs / 60_000} ${kind}`)).toEqual([
      '15 round', '30 round', '45 round', '60 watch-end', '90 visit', '120 visit', '150 visit', '180 visit', '210 visit',
      '240 monitoring-end',
    ])
    expect(
      fireWatchPlan(0, { afterMin: 30, monitoringMin: 0, roundEveryMin: 60 }).rounds.map(({ atMs, kind }) => `${atMs / 60_000} ${kind}`),
    ).toEqual(['15 round', '30 watch-end'])
    expect(
      fireWatchPlan(0, { ...WATCH_SCHOOLS['canada-60-240'], roundEveryMin: 20, visitEveryMin: 240 })
        .rounds.filter(({ kind }) => kind !== 'round')
        .map(({ atMs }) => atMs / 60_000),
    ).toEqual([60, 300])
  })
})

describe('permits that see each other (reference book, 15 m apart with 10.67 m each)', () => {
  const plan = { ...planWithoutPermit(NEW_SITE_RULES), afterMin: 60, monitoringMin: 0, radiusM: 10.67 }
  const permit = (permitId: string, xM: number | null, from: string, until: string) => ({
    permitId,
    place: xM === null ? null : { xM, yM: 0, widthM: 1, depthM: 1 },
    permit: {
      code: permitId,
      phase: 'authorised' as const,
      plan,
      untilAt: `2026-11-24T${until}:00.000Z`,
      watchFrom: null,
      watchOverAt: null,
      request: {
        place: { where: '', placeId: null, bayId: null },
        facts: {},
        job: { what: '', process: 'ofc' as const },
        conditions: {},
        operatorIds: [],
        fromAt: `2026-11-24T${from}:00.000Z`,
        untilAt: `2026-11-24T${until}:00.000Z`,
      },
    },
  })
  const one = permit('a', 0, '10:00', '12:00')
  it('15 m and an hour in common: near; half open in time; 30 m apart: not; an unknown place: near', () => {
    expect(gapBetween(one.place!, { xM: 16, yM: 0, widthM: 1, depthM: 1 })).toBe(15)
    const seen = (other: typeof one) => nearPermits(one, [one, other]).map(({ permitId }) => permitId)
    expect(seen(permit('b', 16, '11:30', '13:00'))).toEqual(['b'])
    expect(seen(permit('b', 16, '13:00', '14:00'))).toEqual([])
    expect(seen(permit('b', 16, '12:59', '14:00'))).toEqual(['b'])
    expect(seen(permit('b', 31, '11:30', '13:00'))).toEqual([])
    expect(seen(permit('b', null, '11:30', '13:00'))).toEqual(['b'])
  })
  it('a watch that was left still runs: its end is not known, and it is near to all that comes after', () => {
    const left = permit('b', 16, '06:00', '07:00')
    const after = { ...left, permit: { ...left.permit, phase: 'watch' as const, watchFrom: '2026-11-24T07:00:00.000Z' } }
    expect(nearPermits(one, [left]).length).toBe(0)
    expect(nearPermits(one, [after]).map(({ permitId }) => permitId)).toEqual(['b'])
  })
})
