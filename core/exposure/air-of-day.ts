import type { LimitKind, MixtureGroupId, MixtureSpan, SampleVerdict } from '../ids/exposure-ids'
import type { ExposureRuleSetId, ProcessId, SubstanceId } from '../ids/vocabulary'
import type { Range } from '../range'

/** A substance that was breathed on a day, with the limit of it that was used most. Outside any mask. */
export interface SubstanceOfDay {
  readonly substance: SubstanceId
  /** Over eight hours, mg/m³: the 5th, 50th and 95th percentile. */
  readonly twaMgPerM3: Range
  /** Of the worst quarter of an hour, and of the worst moment, mg/m³, at the 95th percentile. */
  readonly shortTermMgPerM3: number
  readonly peakMgPerM3: number
  /** Of the limits that bound, the one used most; null where none did. */
  readonly use: {
    readonly ruleSet: ExposureRuleSetId
    readonly kind: LimitKind
    /** As printed. */
    readonly limitMgPerM3: number
    readonly fraction: number
  } | null
}

/** What samples said of the work of a day as it was done: they overrule what was reckoned. */
export interface SampledOfDay {
  readonly bayId: string
  readonly substance: SubstanceId
  /** Day of the last sample, YYYY-MM-DD. */
  readonly takenOn: string
  readonly count: number
  readonly verdict: SampleVerdict
  /** What the 95th percentile keeps under with 70 % confidence, mg/m³; null where they were too few. */
  readonly boundMgPerM3: number | null
}

/**
 * What somebody breathed on a shop day that is over, as it is kept: worked out from their work while their bays stood clear to strike, with
 * the rules and the halls of that day. It says all in its own figures, so that no later program is needed to read it.
 */
export interface AirOfDay {
  /** YYYY-MM-DD. */
  readonly day: string
  /** Which rules reckoned it. */
  readonly rulesVersion: number
  /** From the first work to the last, or to the end of the shift; null where nothing can be said. */
  readonly hours: number | null
  /** Where they worked, and for how many minutes their bay was clear while they did. */
  readonly work: readonly { readonly bayId: string, readonly minutes: number, readonly processes: readonly ProcessId[] }[]
  /** Bays whose fume nobody could say: theirs, or beside them. What these added is in no figure here. */
  readonly unknownBays: readonly string[]
  readonly substances: readonly SubstanceOfDay[]
  /** The largest sum of what acts alike, where one is the hardest of all. */
  readonly mixture: {
    readonly group: MixtureGroupId
    readonly span: MixtureSpan
    readonly ruleSet: ExposureRuleSetId
    readonly fraction: number
  } | null
  /** The largest share of what bound, limit or sum; null where nothing is breathed whose limit is known, or nothing can be said. */
  readonly fraction: number | null
  readonly sampled: readonly SampledOfDay[]
}
