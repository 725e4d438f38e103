import type { JurisdictionId } from '../ids/vocabulary'
import type { SourceId } from '../source/book'

/** For how many years what somebody was exposed to has to be kept, at the least, and who says so. */
export interface KeepingRule { readonly years: number, readonly source: SourceId }

/**
 * How long records of exposure are kept, by law: of fume, which is taken to cause cancer (IARC monograph 118), the longest that is asked.
 * A row is complete; this record forgets nothing by itself, so the rule tells what a site owes when it closes.
 */
export const EXPOSURE_RECORDS: Readonly<Record<JurisdictionId, KeepingRule>> = {
  'us': { years: 30, source: 'usExposureRecords' },
  'us-ca': { years: 30, source: 'californianExposureRecords' },
  'eu': { years: 40, source: 'euCarcinogenRecords' },
  'uk': { years: 40, source: 'ukExposureRecords' },
  'de': { years: 40, source: 'germanExposureRecords' },
}

/** Where no law was chosen, the longest of all. */
export const keepingRuleOf = (jurisdiction: JurisdictionId | null): KeepingRule => EXPOSURE_RECORDS[jurisdiction ?? 'eu']
