import { randomFrom } from '../chance/draws'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { ProcessId } from '../ids/vocabulary'
import { RADIUS_OF_RULE_M } from './radius-rules'
import { SPARK_CLASSES, SPARK_CLASS_OF } from './spark-classes'
import type { SparkClass } from './spark-classes'
import { FLIGHT, sparkLanding } from './spark-flight'

/** Where the model may be asked; beyond it nothing is guessed. */
export const REACH_LIMITS = { heightM: { min: 0, max: 20 }, windMPerS: { min: 0, max: 15 } } as const

export interface ReachQuestion {
  readonly process: ProcessId
  /** Of the work above the floor that sparks come down on, m. */
  readonly heightM: number
  /** Strongest wind of the day or draught of the hall, m/s. */
  readonly windMPerS: number
  /** A hard smooth floor lets drops bounce and roll on; left out, it is taken as hard. */
  readonly hardFloor?: boolean
  /** Share of hot drops, %, that have come down inside the reach that binds; left out, all of them. */
  readonly percentile?: number
  readonly seed?: number
}

export interface Reach { readonly p50: number, readonly p90: number, readonly p99: number, readonly max: number }
export interface ReachAnswer {
  readonly publishedRadiusM: number
  /** Null where the model does not reach. */
  readonly reachM: Reach | null
  /** What binds; null where nothing may be said. */
  readonly radiusM: number | null
  readonly findings: readonly Finding[]
}

const DEGREE = Math.PI / 180
const SIZES = 7
const ROLL_M = 3
const DROPS = 400

const sizesOf = ({ smallestM, largestM }: SparkClass): readonly number[] =>
  Array.from({ length: SIZES }, (_, i) => smallestM * (largestM / smallestM) ** (i / (SIZES - 1)))

/** Flights already followed, by class and question: the same question is asked again at every change of a request. */
const followed = new WeakMap<SparkClass, Map<string, readonly number[]>>()
const FOLLOWED_AT_MOST = 200
function onceFor(sparks: SparkClass, question: string, follow: () => readonly number[]): readonly number[] {
  const known = followed.get(sparks) ?? new Map<string, readonly number[]>()
  followed.set(sparks, known)
  const landings = known.get(question) ?? follow()
  if (known.size >= FOLLOWED_AT_MOST) known.clear()
  known.set(question, landings)
  return landings
}

/** The farthest hot landing down the wind, m, over sizes and angles: a coarse search, and a fine one round its best. */
export const farthestHotLanding = (sparks: SparkClass, heightM: number, windMPerS: number): number =>
  onceFor(sparks, `farthest ${heightM} ${windMPerS}`, () => [searchFarthest(sparks, heightM, windMPerS)])[0]!

function searchFarthest(sparks: SparkClass, heightM: number, windMPerS: number): number {
  const hot = (diameterM: number, degrees: number): number => {
    const landing = sparkLanding(
      { diameterM, speedMPerS: sparks.speedMPerS, elevationRad: degrees * DEGREE, azimuthRad: 0, temperatureC: sparks.leavesAtC },
      heightM,
      windMPerS,
    )
    return landing.temperatureC >= FLIGHT.hotAtC ? landing.distanceM : 0
  }
  const coarse = sizesOf(sparks).flatMap(diameterM =>
    Array.from({ length: 41 }, (_, i) => -80 + 4 * i).map(degrees => ({ diameterM, degrees, distanceM: hot(diameterM, degrees) })),
  )
  const best = coarse.toSorted((a, b) => b.distanceM - a.distanceM).slice(0, 3)
  return Math.max(
    ...best.flatMap(({ diameterM, degrees, distanceM }) => [
      distanceM,
      ...[-3, -2, -1, 1, 2, 3].map(step => hot(diameterM, degrees + step)),
    ]),
  )
}

/**
 * Hot landings of drops thrown every way: sizes even by their logarithm, speeds from a fifth to all of the class's, every direction alike.
 * Ascending, m.
 */
const hotLandings = (sparks: SparkClass, heightM: number, windMPerS: number, seed: number): readonly number[] =>
  onceFor(sparks, `thrown ${heightM} ${windMPerS} ${seed}`, () => throwDrops(sparks, heightM, windMPerS, seed))

function throwDrops(sparks: SparkClass, heightM: number, windMPerS: number, seed: number): readonly number[] {
  const random = randomFrom(seed)
  const landed: number[] = []
  for (let i = 0; i < DROPS; i++) {
    const spark = {
      diameterM: sparks.smallestM * (sparks.largestM / sparks.smallestM) ** random(),
      speedMPerS: sparks.speedMPerS * (0.2 + 0.8 * random()),
      elevationRad: Math.asin(2 * random() - 1),
      azimuthRad: 2 * Math.PI * random(),
      temperatureC: sparks.leavesAtC,
    }
    const { distanceM, temperatureC } = sparkLanding(spark, heightM, windMPerS)
    if (temperatureC >= FLIGHT.hotAtC) landed.push(distanceM)
  }
  return landed.sort((a, b) => a - b)
}

/** A percentile that never falls below the share it stands for. */
const percentileOf = (ascending: readonly number[], percent: number): number =>
  ascending[Math.min(ascending.length - 1, Math.max(0, Math.ceil((percent / 100) * ascending.length) - 1))] ?? 0

const upToCm = (m: number): number => Math.ceil(m * 100 - 1e-9) / 100

/**
 * How far do sparks reach, and how large a circle must be clear: the larger of the rule's radius and the computed reach,
 * plus roll on a hard floor. The computed reach never makes the circle smaller than the rule's.
 * radius = max(rule, reach(height, wind) + roll).
 *
 * @param ruleM the radius that law and house rule ask for, m; left out, 35 ft
 * @returns metres, rounded up to the centimetre; beyond 20 m of height or 15 m/s of wind a hold and no radius
 * Source: `usHotWork`, `consensusHotWork`, `sparkModel`, `sphereDrag`, `roll`.
 * @example sparkReach({ process: 'ofc', heightM: 6, windMPerS: 0, hardFloor: true }).radiusM // 13.0 (10.0 of flight, 3 of roll)
 */
export function sparkReach(
  { process, heightM, windMPerS, hardFloor, percentile = 100, seed = 1 }: ReachQuestion,
  ruleM: number = RADIUS_OF_RULE_M['35-ft'],
): ReachAnswer {
  const publishedRadiusM = upToCm(ruleM)
  const sparks = SPARK_CLASS_OF[process]
  if (!sparks) return { publishedRadiusM, reachM: null, radiusM: null, findings: [finding('hold', 'spark.no-class', { process })] }
  const [maxHeightM, maxWindMPerS] = [REACH_LIMITS.heightM.max, REACH_LIMITS.windMPerS.max]
  if (heightM > maxHeightM || windMPerS > maxWindMPerS) {
    return {
      publishedRadiusM,
      reachM: null,
      radiusM: null,
      findings: [finding('hold', 'spark.beyond-model', { heightM, windMPerS, maxHeightM, maxWindMPerS }, ['sparkModel'])],
    }
  }
  const landed = hotLandings(sparks, heightM, windMPerS, seed)
  // Thrown faster than the search's best angle can be, none lands farther; the larger of both is said all the same.
  const max = upToCm(Math.max(farthestHotLanding(sparks, heightM, windMPerS), landed.at(-1) ?? 0))
  const reachM = {
    p50: upToCm(percentileOf(landed, 50)),
    p90: upToCm(percentileOf(landed, 90)),
    p99: upToCm(percentileOf(landed, 99)),
    max,
  }
  const counted = percentile >= 100 ? max : Math.min(max, upToCm(percentileOf(landed, percentile)))
  const rollM = hardFloor === false ? 0 : ROLL_M
  const withRoll = upToCm(counted + rollM)
  const radiusM = Math.max(publishedRadiusM, withRoll)
  const findings: Finding[] = [
    withRoll > publishedRadiusM
      ? finding('caution', 'spark.reach-binds', { radiusM, reachM: counted, ruleM: publishedRadiusM }, [
          'sparkModel',
          'sphereDrag',
        ])
      : finding('note', 'spark.rule-binds', { radiusM, reachM: counted }, ['usHotWork', 'sparkModel']),
  ]
  if (hardFloor === undefined) findings.push(finding('caution', 'spark.floor-unknown', { rollM }, ['roll']))
  else if (hardFloor) findings.push(finding('note', 'spark.roll-added', { rollM }, ['roll']))
  if (percentile < 100) findings.push(finding('caution', 'spark.percentile', { percentile, maxM: max }, ['sparkModel']))
  if (sparks.id === 'cutting' && process !== 'grinding')
    findings.push(
      finding('caution', 'spark.piercing', { reachM: upToCm(farthestHotLanding(SPARK_CLASSES.piercing, heightM, windMPerS)) }, [
        'sparkModel',
      ]),
    )
  if (sparks.id === 'gouging')
    findings.push(finding('caution', 'spark.gouging', { reachM: max, ruleM: publishedRadiusM }, ['consensusGouging']))
  return { publishedRadiusM, reachM, radiusM, findings }
}
