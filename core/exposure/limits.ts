import type { SourceId } from '../source/book'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'
import { mgPerM3FromPpm } from '../fume/gases'
import type { LimitKind } from '../ids/exposure-ids'

/** What part of the dust is sampled. Fume is so fine that all three see nearly the same. */
export type SampledFraction = 'total' | 'inhalable' | 'respirable'

export interface ExposureLimit {
  readonly substance: SubstanceId
  readonly ruleSet: ExposureRuleSetId
  readonly kind: LimitKind
  /** As printed, mg/m³. */
  readonly valueMgPerM3: number
  /** mg of what the limit is printed for (an oxide, say) to each mg of the element. */
  readonly perElement: number
  readonly sampled: SampledFraction | null
  readonly source: SourceId
}

/** Oxide for each mass of element. Source: atomic masses. */
const FE2O3 = 1.430
const ZNO = 1.2447

type Row = readonly [
  substance: SubstanceId,
  kind: LimitKind,
  valueMgPerM3: number,
  more?: { readonly sampled?: SampledFraction, readonly perElement?: number, readonly source?: SourceId },
]

const table = (ruleSet: ExposureRuleSetId, source: SourceId, rows: readonly Row[]): readonly ExposureLimit[] =>
  rows.map(([substance, kind, valueMgPerM3, more]) => ({
    ruleSet,
    substance,
    kind,
    valueMgPerM3,
    perElement: more?.perElement ?? 1,
    sampled: more?.sampled ?? null,
    source: more?.source ?? source,
  }))

const ppm = mgPerM3FromPpm

const US_LEGAL = table('us-legal', 'usLimits', [
  ['iron', 'twa', 10, { perElement: FE2O3, sampled: 'total' }],
  ['manganese', 'ceiling', 5, { sampled: 'total' }],
  ['chromium', 'twa', 0.5, { sampled: 'total' }],
  ['chromium-vi', 'twa', 0.005, { source: 'usChromium' }],
  ['nickel', 'twa', 1, { sampled: 'total' }],
  ['zinc', 'twa', 5, { perElement: ZNO, sampled: 'total' }],
  ['copper', 'twa', 0.1, { sampled: 'total' }],
  ['aluminium', 'twa', 5, { sampled: 'respirable' }],
  ['cadmium', 'twa', 0.005, { source: 'usCadmium' }],
  ['lead', 'twa', 0.05, { source: 'usLead' }],
  ['beryllium', 'twa', 0.0002, { source: 'usBeryllium' }],
  ['beryllium', 'short-term', 0.002, { source: 'usBeryllium' }],
  ['fluorides', 'twa', 2.5, { sampled: 'total' }],
  ['ozone', 'twa', ppm('ozone', 0.1)],
  ['nitrogen-dioxide', 'ceiling', ppm('nitrogen-dioxide', 5)],
  ['nitric-oxide', 'twa', ppm('nitric-oxide', 25)],
  ['carbon-monoxide', 'twa', ppm('carbon-monoxide', 50)],
])

/** The threshold values and the recommended limits together: both are recommendations, and the stricter one counts. */
const US_CONSENSUS = table('us-consensus', 'usConsensusLimits', [
  ['total-fume', 'twa', 3, { sampled: 'respirable', source: 'usConsensusDust' }],
  ['iron', 'twa', 5, { perElement: FE2O3, sampled: 'respirable' }],
  ['manganese', 'twa', 0.02, { sampled: 'respirable' }],
  ['manganese', 'twa', 0.1, { sampled: 'inhalable' }],
  ['manganese', 'short-term', 3, { source: 'usRecommendedLimits' }],
  ['chromium', 'twa', 0.5, { sampled: 'inhalable' }],
  ['chromium-vi', 'twa', 0.0002, { sampled: 'inhalable' }],
  ['chromium-vi', 'short-term', 0.0005, { sampled: 'inhalable' }],
  ['nickel', 'twa', 0.2, { sampled: 'inhalable' }],
  ['nickel', 'twa', 0.015, { source: 'usRecommendedLimits' }],
  ['zinc', 'twa', 2, { perElement: ZNO, sampled: 'respirable' }],
  ['zinc', 'short-term', 10, { perElement: ZNO, sampled: 'respirable' }],
  ['copper', 'twa', 0.2],
  ['copper', 'twa', 0.1, { source: 'usRecommendedLimits' }],
  ['aluminium', 'twa', 1, { sampled: 'respirable' }],
  ['cadmium', 'twa', 0.002, { sampled: 'respirable' }],
  ['cadmium', 'twa', 0.01, { sampled: 'total' }],
  ['lead', 'twa', 0.05],
  ['beryllium', 'twa', 0.00005, { sampled: 'inhalable' }],
  ['beryllium', 'ceiling', 0.0005, { source: 'usRecommendedLimits' }],
  ['fluorides', 'twa', 2.5],
  ['ozone', 'twa', ppm('ozone', 0.05), { source: 'usConsensusOzone' }],
  ['ozone', 'ceiling', ppm('ozone', 0.1), { source: 'usRecommendedLimits' }],
  ['nitrogen-dioxide', 'twa', ppm('nitrogen-dioxide', 0.2)],
  ['nitrogen-dioxide', 'short-term', ppm('nitrogen-dioxide', 1), { source: 'usRecommendedLimits' }],
  ['nitric-oxide', 'twa', ppm('nitric-oxide', 25)],
  ['carbon-monoxide', 'twa', ppm('carbon-monoxide', 25)],
  ['carbon-monoxide', 'ceiling', ppm('carbon-monoxide', 200), { source: 'usRecommendedLimits' }],
])

const US_CA = table('us-ca', 'caLimits', [
  ['total-fume', 'twa', 5],
  ['iron', 'twa', 5, { perElement: FE2O3 }],
  ['manganese', 'twa', 0.2],
  ['chromium', 'twa', 0.5, { source: 'usLimits' }],
  ['chromium-vi', 'twa', 0.005, { source: 'usChromium' }],
  ['nickel', 'twa', 0.1, { source: 'caLimitsMedium' }],
  ['zinc', 'twa', 5, { perElement: ZNO, source: 'caLimitsMedium' }],
  ['zinc', 'short-term', 10, { perElement: ZNO, source: 'caLimitsMedium' }],
  ['copper', 'twa', 0.1, { source: 'usLimits' }],
  ['aluminium', 'twa', 5],
  ['cadmium', 'twa', 0.005, { source: 'usCadmium' }],
  ['lead', 'twa', 0.01, { source: 'caLead' }],
  ['beryllium', 'twa', 0.0002, { source: 'usBeryllium' }],
  ['beryllium', 'short-term', 0.002, { source: 'usBeryllium' }],
  ['fluorides', 'twa', 2.5, { source: 'usLimits' }],
  ['ozone', 'twa', ppm('ozone', 0.1)],
  ['ozone', 'short-term', ppm('ozone', 0.3)],
  ['nitrogen-dioxide', 'short-term', ppm('nitrogen-dioxide', 1)],
  ['nitric-oxide', 'twa', ppm('nitric-oxide', 25), { source: 'usLimits' }],
  ['carbon-monoxide', 'twa', ppm('carbon-monoxide', 25)],
  ['carbon-monoxide', 'ceiling', ppm('carbon-monoxide', 200)],
])

/** The Union prints no limit for iron, zinc, copper or aluminium fume. */
const EU = table('eu', 'euLimits', [
  ['manganese', 'twa', 0.05, { sampled: 'respirable', source: 'euManganese' }],
  ['manganese', 'twa', 0.2, { sampled: 'inhalable', source: 'euManganese' }],
  ['chromium', 'twa', 2],
  ['chromium-vi', 'twa', 0.005, { source: 'euChromium' }],
  ['nickel', 'twa', 0.01, { sampled: 'respirable', source: 'euNickel' }],
  ['nickel', 'twa', 0.05, { sampled: 'inhalable', source: 'euNickel' }],
  // 0.004 until July 2027: the later, lower value is taken.
  ['cadmium', 'twa', 0.001, { sampled: 'inhalable', source: 'euCadmium' }],
  ['lead', 'twa', 0.03, { source: 'euLead' }],
  ['beryllium', 'twa', 0.0002, { sampled: 'inhalable', source: 'euBeryllium' }],
  ['fluorides', 'twa', 2.5, { source: 'euFluorides' }],
  ['nitrogen-dioxide', 'twa', 0.96, { source: 'euManganese' }],
  ['nitrogen-dioxide', 'short-term', 1.91, { source: 'euManganese' }],
  ['nitric-oxide', 'twa', 2.5, { source: 'euManganese' }],
  ['carbon-monoxide', 'twa', 23, { source: 'euManganese' }],
  ['carbon-monoxide', 'short-term', 117, { source: 'euManganese' }],
])

const UK = table('uk', 'ukLimits', [
  // Not a limit for fume: dust above it counts as hazardous.
  ['total-fume', 'twa', 4, { sampled: 'respirable' }],
  ['iron', 'twa', 5],
  ['iron', 'short-term', 10],
  ['manganese', 'twa', 0.05, { sampled: 'respirable' }],
  ['manganese', 'twa', 0.2, { sampled: 'inhalable' }],
  ['chromium', 'twa', 0.5],
  // The 2020 print gives 0.010, and 0.025 for fume made by a process; whether 0.005 is in force is not sure: the lowest is taken.
  ['chromium-vi', 'twa', 0.005, { source: 'ukChromium' }],
  ['nickel', 'twa', 0.1],
  ['copper', 'twa', 0.2],
  ['aluminium', 'twa', 4, { sampled: 'respirable' }],
  ['cadmium', 'twa', 0.025],
  ['cadmium', 'short-term', 0.05],
  ['lead', 'twa', 0.15, { source: 'ukLead' }],
  // The Union's lower value was not taken into this print.
  ['beryllium', 'twa', 0.002, { source: 'ukBeryllium' }],
  ['fluorides', 'twa', 2.5],
  ['ozone', 'short-term', 0.4],
  ['nitrogen-dioxide', 'twa', 0.96],
  ['nitrogen-dioxide', 'short-term', 1.91],
  ['nitric-oxide', 'twa', 2.5],
  ['carbon-monoxide', 'twa', 23],
  ['carbon-monoxide', 'short-term', 117],
])

const DE = table('de', 'deLimits', [
  ['total-fume', 'twa', 1.25, { sampled: 'respirable' }],
  ['manganese', 'twa', 0.02, { sampled: 'respirable' }],
  ['manganese', 'twa', 0.2, { sampled: 'inhalable' }],
  ['chromium-vi', 'twa', 0.001, { sampled: 'inhalable', source: 'deCarcinogens' }],
  ['nickel', 'twa', 0.006, { sampled: 'respirable', source: 'deCarcinogens' }],
  ['zinc', 'twa', 0.1, { sampled: 'respirable', perElement: ZNO, source: 'deRecommended' }],
  ['copper', 'twa', 0.01, { sampled: 'respirable', source: 'deRecommended' }],
  ['lead', 'twa', 0.03, { source: 'euLead' }],
  ['beryllium', 'twa', 0.00006, { sampled: 'respirable', source: 'deLimitsMedium' }],
  ['beryllium', 'twa', 0.00014, { sampled: 'inhalable', source: 'deLimitsMedium' }],
  ['fluorides', 'twa', 1, { sampled: 'inhalable', source: 'deLimitsMedium' }],
  ['nitrogen-dioxide', 'twa', 0.95],
  ['nitric-oxide', 'twa', 2.5],
  ['carbon-monoxide', 'twa', 23, { source: 'deLimitsMedium' }],
])

/** Every exposure limit that Zonaris knows, rule set by rule set. Recalled: check your current edition. */
export const EXPOSURE_LIMITS: readonly ExposureLimit[] = [...US_LEGAL, ...US_CONSENSUS, ...US_CA, ...EU, ...UK, ...DE]

export const limitsFor = (substance: SubstanceId): readonly ExposureLimit[] =>
  EXPOSURE_LIMITS.filter(limit => limit.substance === substance)

/** Rule sets that print no number for total fume, or only one that is not a limit for fume. */
export const SILENT_ON_FUME: ReadonlySet<ExposureRuleSetId> = new Set(['us-legal', 'eu'])
