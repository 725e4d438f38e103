import type { ExposureBasisId, ExposureRuleSetId, JurisdictionId } from '../ids/vocabulary'
import { LAWS } from '../law/laws'
import { EXPOSURE_RULE_SETS } from '../ids/vocabulary'

/** The body of limits that binds above another: a state keeps the federal law, a member the law of its union. */
const BINDS_ABOVE: Readonly<Record<ExposureRuleSetId, ExposureRuleSetId | null>> = {
  'us-legal': null,
  'us-consensus': null,
  'us-ca': 'us-legal',
  'eu': null,
  'uk': null,
  'de': 'eu',
}

/**
 * Rule sets with what binds above each of them: the stricter of both counts, and where one is silent the other speaks.
 *
 * @example withInherited(['de']) // ['de', 'eu']
 */
export const withInherited = (ruleSets: readonly ExposureRuleSetId[]): readonly ExposureRuleSetId[] =>
  [...new Set(ruleSets.flatMap(ruleSet => [ruleSet, ...BINDS_ABOVE[ruleSet] === null ? [] : [BINDS_ABOVE[ruleSet]]]))]

/**
 * The rule sets that bind a site: its law always, and its basis, which can only make it stricter.
 * With no site rules the strictest known binds.
 */
export function exposureRuleSetsInForce(jurisdiction: JurisdictionId | null, basis: ExposureBasisId): readonly ExposureRuleSetId[] {
  if (jurisdiction === null || basis === 'strictest') return EXPOSURE_RULE_SETS
  return withInherited([LAWS[jurisdiction].exposure, basis])
}
