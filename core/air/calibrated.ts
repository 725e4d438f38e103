import { bayAirOf } from '../clearance/air-gate'
import type { Calibration, FactorSpread } from '../exposure/calibration'
import { calibrate } from '../exposure/calibration'
import { judgeExposure, NOTHING_MEASURED } from '../exposure/judge-exposure'
import type { LimitUse } from '../exposure/judge-exposure'
import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import type { Job } from '../job/job'
import type { SubstanceId } from '../ids/vocabulary'
import type { Range } from '../range'
import { workPatternOf } from '../streams/house-rules/house-rules'
import { airOf } from './air-facts'
import type { AirFacts } from './air-facts'
import type { BayPrediction } from './hall-prediction'
import type { PooledSurvey } from './measured-air'
import { measuredAt } from './surveyed'

// What samples say of the model, at the place where they were taken, and of the same work elsewhere.

/** From one shift to another of the same work: the safe end of what is usual, for the wider it is the less a few samples move. */
const SHIFT_GSD = 2.5
/** Nothing that is reckoned is more certain than this, as a geometric standard deviation. */
const LEAST_GSD = 1.05
const Z95 = 1.645

/** Shares of a shift limit: as it was reckoned, and as samples have it. */
interface Moved {
  readonly substance: SubstanceId
  /** The shift limit that the shares are of: the hardest that binds. */
  readonly use: LimitUse
  /** As it was reckoned: the 5th, 50th and 95th percentile. */
  readonly before: Range
  /** With what the samples say. */
  readonly after: Range
}

/** The model against what was measured at the same place, of the same work. */
export interface CalibratedHere extends Moved {
  /** Results, over all surveys that speak. */
  readonly count: number
  readonly takenOn: string
  readonly calibration: Calibration
}

/** The same work elsewhere: of what was found there, only what goes with process and consumable is carried. In pencil. */
export interface CarriedHere extends Moved {
  readonly fromBayId: string
  readonly count: number
  /** Times what the model says the work makes. */
  readonly factor: FactorSpread
}

interface Modelled {
  readonly use: LimitUse
  readonly twa: Range
  /** What is not known of the whole answer, of what is made, and of what of it is breathed: geometric standard deviations. */
  readonly emissionGsd: number
  readonly captureGsd: number
  readonly hours: number
}

/** Emission goes with process, consumable and base metal, wherever it burns. */
const sameWork = (a: Job, b: Job): boolean =>
  a.process === b.process && a.consumable === b.consumable && a.baseMetal === b.baseMetal && (a.coating ?? 'none') === (b.coating ?? 'none')

const gsdOf = ({ mid, high }: Range): number => Math.exp(Math.log(high / mid) / Z95)

/** What the model says of a substance at a bay, with its own doubt parted in two; null where it says nothing of it. */
function modelledAt(facts: AirFacts, { breathed, made, shiftHours }: BayPrediction, substance: SubstanceId): Modelled | null {
  const twa = breathed?.[substance]?.twa
  if (!breathed || !twa || !(twa.mid > 0)) return null
  const { rules } = facts
  const inForce = exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis)
  const { uses } = judgeExposure({ breathed }, inForce, rules.actionFraction, workPatternOf(rules, shiftHours), NOTHING_MEASURED)
  const use = uses.find(({ binds, limit }) => binds && limit.substance === substance && limit.kind === 'twa')
  if (!use) return null
  const whole = Math.log(Math.max(gsdOf(twa), LEAST_GSD ** 2))
  const ofMade = made[substance] && made[substance].mid > 0 ? Math.log(gsdOf(made[substance])) : 0
  // What is made cannot be doubted more than the answer that it is in: the rest is left to what of it is breathed.
  const emission = Math.min(Math.max(ofMade, Math.log(LEAST_GSD)), whole * 0.95)
  return {
    use,
    twa,
    emissionGsd: Math.exp(emission),
    captureGsd: Math.exp(Math.max(Math.log(LEAST_GSD), Math.sqrt(whole ** 2 - emission ** 2))),
    hours: shiftHours,
  }
}

const shareOf = ({ low, mid, high }: Range, { perMgPerM3 }: LimitUse): Range =>
  ({ low: low * perMgPerM3, mid: mid * perMgPerM3, high: high * perMgPerM3 })

const predictionAt = (facts: AirFacts, bayId: string): BayPrediction | null => {
  const [station, around] = [facts.stations[bayId], airOf(facts)(bayId)]
  return station ? around.predict(bayAirOf(station, around))?.bay(bayId) ?? null : null
}

function calibrateOne(
  facts: AirFacts,
  prediction: BayPrediction,
  { substance, surveys, takenOn }: PooledSurvey,
): readonly CalibratedHere[] {
  const model = modelledAt(facts, prediction, substance)
  if (!model) return []
  // A sample is the mean of its shift; the model's figure is summed over the shift and divided by eight hours.
  const modelledMgPerM3 = model.twa.mid * 8 / model.hours
  const samples = surveys.flatMap(({ results }) => results)
    .filter(({ mgPerM3 }) => mgPerM3 > 0)
    .map(({ mgPerM3, isBelowLoq }) => ({ modelledMgPerM3, measuredMgPerM3: mgPerM3, isBelowLoq }))
  if (samples.length === 0) return []
  const calibration = calibrate({ samples, emissionGsd: model.emissionGsd, captureGsd: model.captureGsd, shiftGsd: SHIFT_GSD })
  const before = shareOf(model.twa, model.use)
  const { p05, p50, p95 } = calibration.whole.after
  return [{
    substance,
    use: model.use,
    before,
    after: { low: before.mid * p05, mid: before.mid * p50, high: before.mid * p95 },
    count: samples.length,
    takenOn,
    calibration,
  }]
}

/**
 * What the samples that speak for a bay say of the model there, substance by substance. What is gated is the samples' own test; this tells
 * how far off the model was. Source: `bayes`, `withinWorker`.
 */
export function calibratedAt(facts: AirFacts, bayId: string): readonly CalibratedHere[] {
  if (!facts.surveys[bayId]?.length) return []
  const prediction = predictionAt(facts, bayId)
  return prediction ? measuredAt(facts, bayId).pooled.flatMap(pooled => calibrateOne(facts, prediction, pooled)) : []
}

/**
 * What samples of the same work at other bays would make of the model here, for substances that nobody measured here: of several bays the
 * one that says most. It is told in pencil and opens nothing: another hood and another head are between.
 */
export function carriedTo(facts: AirFacts, bayId: string): readonly CarriedHere[] {
  const job = facts.stations[bayId]?.job
  const measured = Object.entries(facts.stations).flatMap(([fromBayId, { job: there }]) =>
    job && there && fromBayId !== bayId && facts.surveys[fromBayId]?.length && sameWork(job, there) ? [fromBayId] : [])
  const prediction = measured.length === 0 ? null : predictionAt(facts, bayId)
  if (!prediction) return []
  const ownSubstances = new Set(measuredAt(facts, bayId).pooled.map(({ substance }) => substance))
  const most = new Map<SubstanceId, CarriedHere>()
  for (const fromBayId of measured) {
    for (const { substance, count, calibration } of calibratedAt(facts, fromBayId)) {
      const model = ownSubstances.has(substance) ? null : modelledAt(facts, prediction, substance)
      if (!model) continue
      const factor = calibration.emission.after
      const carried = { substance, use: model.use, fromBayId, count, factor, ...movedBy(factor, model) }
      if (carried.after.high > (most.get(substance)?.after.high ?? 0)) most.set(substance, carried)
    }
  }
  return [...most.values()]
}

/** The emission as it was found elsewhere, with the doubt of this hood and this head as it is. */
function movedBy({ p05, p50, p95 }: FactorSpread, { twa, use, captureGsd }: Modelled): Pick<Moved, 'before' | 'after'> {
  const before = shareOf(twa, use)
  const capture = Math.log(captureGsd) * Z95
  const [down, up] = [Math.hypot(Math.log(p50 / p05), capture), Math.hypot(Math.log(p95 / p50), capture)]
  const mid = before.mid * p50
  return { before, after: { low: mid * Math.exp(-down), mid, high: mid * Math.exp(up) } }
}
