import { describe, expect, it } from 'vitest'
import { RADIUS_OF_RULE_M } from '#core/hotwork/radius-rules'
import { SPARK_CLASS_OF, SPARK_CLASSES } from '#core/hotwork/spark-classes'
import type { SparkClass } from '#core/hotwork/spark-classes'
import { FLIGHT, sparkLanding } from '#core/hotwork/spark-flight'
import { randomFrom } from '#core/chance/draws'
import { farthestHotLanding, REACH_LIMITS, sparkReach } from '#core/hotwork/spark-reach'

const up = (m: number) => Math.ceil(m * 100 - 1e-9) / 100

/** The published generator of this name in whole numbers without a limit: what ours does in 32 bits. */
function mulberry32(seed: number): () => number {
  const BITS = 2n ** 32n
  let state = BigInt(seed) % BITS
  return () => {
    state = (state + 0x6d2b79f5n) % BITS
    let mixed = ((state ^ (state >> 15n)) * (1n | state)) % BITS
    mixed = ((mixed + (mixed ^ (mixed >> 7n)) * (61n | mixed)) % BITS) ^ mixed
    return Number((mixed ^ (mixed >> 14n)) % BITS) / 4294967296
  }
}

/** Drops thrown here, with the same numbers: where those that are still hot land, ascending, m. */
function thrown(
  { smallestM, largestM, speedMPerS, leavesAtC }: SparkClass,
  heightM: number,
  windMPerS: number,
  seed: number,
): readonly number[] {
  const random = mulberry32(seed)
  return Array.from({ length: 400 }, () => {
    const [size, speed, up, round] = [random(), random(), random(), random()] as const
    return sparkLanding(
      {
        diameterM: Math.exp(Math.log(smallestM) + size * (Math.log(largestM) - Math.log(smallestM))),
        speedMPerS: speedMPerS * (1 - 0.8 * (1 - speed)),
        elevationRad: Math.PI / 2 - Math.acos(2 * up - 1),
        azimuthRad: round * 2 * Math.PI,
        temperatureC: leavesAtC,
      },
      heightM,
      windMPerS,
    )
  })
    .filter(({ temperatureC }) => temperatureC >= FLIGHT.hotAtC)
    .map(({ distanceM }) => distanceM)
    .sort((a, b) => a - b)
}

it('numbers of chance are those of the published generator, for any seed', () => {
  for (const seed of [1, 7, 4_000_000_000]) {
    const [ours, theirs] = [randomFrom(seed), mulberry32(seed)]
    for (let i = 0; i < 20; i++) expect(ours()).toBe(theirs())
  }
})

describe.each([
  ['ofc', 3, 5, 1],
  ['smaw', 6, 0, 1],
  ['pac', 2, 8, 7],
] as const)('sparks of %s from %i m in %i m/s, seed %i', (process, heightM, windMPerS, seed) => {
  const answer = () => sparkReach({ process, heightM, windMPerS, seed, hardFloor: false })
  it('reach what the drops that land hot say: half, nine in ten, 99 in a hundred', () => {
    const landed = thrown(SPARK_CLASS_OF[process]!, heightM, windMPerS, seed)
    expect(landed.length).toBeGreaterThan(20)
    const nearestRank = (percent: number) => landed[Math.ceil((percent / 100) * landed.length) - 1]!
    const { p50, p90, p99, max } = answer().reachM!
    for (const [found, percent] of [
      [p50, 50],
      [p90, 90],
      [p99, 99],
    ] as const)
      expect(Math.abs(found - up(nearestRank(percent)))).toBeLessThan(0.011)
    expect(max).toBeGreaterThanOrEqual(up(landed.at(-1)!))
  })
  it('and at the most what a search of every size and angle finds', () => {
    const { smallestM, largestM, speedMPerS, leavesAtC } = SPARK_CLASS_OF[process]!
    let farthest = 0
    for (let size = 0; size <= 12; size++) {
      for (let degrees = -10; degrees <= 70; degrees += 2) {
        const { distanceM, temperatureC } = sparkLanding(
          {
            diameterM: smallestM * (largestM / smallestM) ** (size / 12),
            speedMPerS,
            elevationRad: (degrees * Math.PI) / 180,
            azimuthRad: 0,
            temperatureC: leavesAtC,
          },
          heightM,
          windMPerS,
        )
        if (temperatureC >= FLIGHT.hotAtC) farthest = Math.max(farthest, distanceM)
      }
    }
    const { max } = answer().reachM!
    expect(max).toBeGreaterThan(farthest * 0.95)
    expect(max).toBeLessThanOrEqual(Math.max(up(farthest), up(thrown(SPARK_CLASS_OF[process]!, heightM, windMPerS, seed).at(-1)!)) + 0.01)
  })
  it('a share of them counts for no more than all, and is said', () => {
    const { reachM } = answer()
    const rule = 0.01
    for (const [percentile, reach] of [
      [0, null],
      [0.1, null],
      [50, reachM!.p50],
      [90, reachM!.p90],
      [100, reachM!.max],
    ] as const) {
      const { radiusM, findings } = sparkReach({ process, heightM, windMPerS, seed, hardFloor: false, percentile }, rule)
      expect(radiusM).toBe(reach ?? Math.max(rule, up(thrown(SPARK_CLASS_OF[process]!, heightM, windMPerS, seed)[0]!)))
      expect(findings.some(({ code }) => code === 'spark.percentile')).toBe(percentile < 100)
    }
  })
})

it('the fine search goes three degrees round the best of the coarse one, to both sides', () => {
  // Along sizes of the coarse search and every whole degree near its best, nothing lands farther.
  for (const sparks of [SPARK_CLASSES.cutting, SPARK_CLASSES.spatter]) {
    const found = farthestHotLanding(sparks, 4, 1)
    // The farthest are the larger drops, thrown neither flat nor steep.
    for (let size = 3; size < 7; size++) {
      for (let degrees = 5; degrees <= 65; degrees++) {
        const landing = sparkLanding(
          {
            diameterM: sparks.smallestM * (sparks.largestM / sparks.smallestM) ** (size / 6),
            speedMPerS: sparks.speedMPerS,
            elevationRad: (degrees * Math.PI) / 180,
            azimuthRad: 0,
            temperatureC: sparks.leavesAtC,
          },
          4,
          1,
        )
        if (landing.temperatureC >= FLIGHT.hotAtC) expect(landing.distanceM).toBeLessThanOrEqual(found + 0.02)
      }
    }
  }
})

describe('what is said of a reach', () => {
  const ask = (over: Partial<Parameters<typeof sparkReach>[0]>, ruleM?: number) =>
    sparkReach({ process: 'ofc', heightM: 2, windMPerS: 0, hardFloor: false, ...over }, ruleM)
  const codes = (over: Partial<Parameters<typeof sparkReach>[0]>, ruleM?: number) => ask(over, ruleM).findings.map(({ code }) => code)
  it('the rule binds up to where the reach is as large; from there the reach', () => {
    const { radiusM } = ask({}, 0.01)
    expect(codes({}, radiusM!)[0]).toBe('spark.rule-binds')
    expect(codes({}, radiusM! - 0.01)[0]).toBe('spark.reach-binds')
    expect(ask({}).publishedRadiusM).toBe(up(RADIUS_OF_RULE_M['35-ft']))
  })
  it('a hard floor adds its roll, one that nobody said the same with a word of doubt, a soft one none', () => {
    const [soft, hard, unknown] = [ask({}, 0.01), ask({ hardFloor: true }, 0.01), ask({ hardFloor: undefined }, 0.01)]
    expect(hard.radiusM).toBe(up(soft.radiusM! + 3))
    expect(unknown.radiusM).toBe(hard.radiusM)
    expect(
      [soft, hard, unknown].map(({ findings }) =>
        findings.map(({ code }) => code).filter(code => code === 'spark.roll-added' || code === 'spark.floor-unknown'),
      ),
    ).toEqual([[], ['spark.roll-added'], ['spark.floor-unknown']])
  })
  it('just the highest and windiest of the model are answered; beyond it, and without a class, nothing is', () => {
    const [heightM, windMPerS] = [REACH_LIMITS.heightM.max, REACH_LIMITS.windMPerS.max]
    expect(ask({ heightM, windMPerS }).radiusM).not.toBeNull()
    for (const over of [{ heightM: heightM + 0.1 }, { windMPerS: windMPerS + 0.1 }])
      expect(ask(over)).toMatchObject({ reachM: null, radiusM: null, findings: [{ severity: 'hold', code: 'spark.beyond-model' }] })
    const classless = (Object.keys(SPARK_CLASS_OF) as (keyof typeof SPARK_CLASS_OF)[]).filter(process => !SPARK_CLASS_OF[process])
    for (const process of classless)
      expect(ask({ process })).toEqual({
        publishedRadiusM: 10.67,
        reachM: null,
        radiusM: null,
        findings: [expect.objectContaining({ severity: 'hold', code: 'spark.no-class', values: { process } })],
      })
  })
  it('cutting says how far a piercing throws, grinding of the same class does not; gouging says its own', () => {
    expect(codes({ process: 'ofc' })).toContain('spark.piercing')
    expect(codes({ process: 'grinding' })).not.toContain('spark.piercing')
    expect(codes({ process: 'gmaw' })).not.toContain('spark.piercing')
    expect(codes({ process: 'cac-a' })).toContain('spark.gouging')
    expect(codes({ process: 'ofc' })).not.toContain('spark.gouging')
  })
})
