import type { ExposureBasisId, ExposureRuleSetId, JurisdictionId } from '../vocabulary/vocabulary'
import { EXPOSURE_RULE_SETS } from '../vocabulary/vocabulary'

/** The body of limits that is law in a jurisdiction. */
export const LAW_OF: Readonly<Record<JurisdictionId, ExposureRuleSetId>> = { 'us': 'us-legal', 'us-ca': 'us-ca', 'eu': 'eu', 'uk': 'uk', 'de': 'de' }

/**
 * The rule sets that bind a site: its law always, and its basis, which can only make it stricter.
 * With no site rules the strictest known binds.
 */
export function exposureRuleSetsInForce(jurisdiction: JurisdictionId | null, basis: ExposureBasisId): readonly ExposureRuleSetId[] {
  if (jurisdiction === null || basis === 'strictest') return EXPOSURE_RULE_SETS
  const law = LAW_OF[jurisdiction]
  return basis === law ? [law] : [law, basis]
}
