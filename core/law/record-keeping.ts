import type { JurisdictionId } from '../ids/vocabulary'
import type { SourceRef } from '../source/source-ref'

/** For how many years what somebody was exposed to has to be kept, at the least, and who says so. */
export interface KeepingRule { readonly years: number, readonly source: SourceRef }

const US: KeepingRule = {
  years: 30,
  source: {
    document: '29 CFR 1910.1020 Access to employee exposure and medical records',
    clause: '(d)(1)(ii)',
    basis: 'published',
    confidence: 'high',
  },
}
const FORTY_YEARS = { years: 40 }
const CARCINOGENS: KeepingRule = {
  ...FORTY_YEARS,
  source: {
    document: 'Directive 2004/37/EC on carcinogens, mutagens and reprotoxic substances at work',
    clause: 'Article 15',
    basis: 'published',
    confidence: 'medium',
  },
}

/**
 * How long records of exposure are kept, by law: of fume, which is taken to cause cancer (IARC monograph 118), the longest that is asked.
 * A row is complete; this record forgets nothing by itself, so the rule tells what a site owes when it closes.
 */
export const EXPOSURE_RECORDS: Readonly<Record<JurisdictionId, KeepingRule>> = {
  'us': US,
  'us-ca': {
    ...US,
    source: {
      ...US.source,
      document: '8 CCR 3204 Access to employee exposure and medical records',
      clause: '(d)(1)(B)',
      confidence: 'medium',
    },
  },
  'eu': CARCINOGENS,
  'uk': {
    ...FORTY_YEARS,
    source: {
      document: 'COSHH Regulations 2002',
      clause: 'regulation 10(5)(a)',
      basis: 'published',
      confidence: 'high',
    },
  },
  'de': {
    ...FORTY_YEARS,
    source: {
      document: 'Gefahrstoffverordnung',
      clause: '§ 14 (3)',
      basis: 'published',
      confidence: 'medium',
    },
  },
}

/** Where no law was chosen, the longest of all. */
export const keepingRuleOf = (jurisdiction: JurisdictionId | null): KeepingRule =>
  jurisdiction === null ? CARCINOGENS : EXPOSURE_RECORDS[jurisdiction]
