import type { Finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import { finding } from '../findings/finding'
import type { WorkRateId } from '../ids/protection-ids'
import type { Job } from '../job/job'
import type { HeatRuleId } from '../streams/house-rules/house-rules'
import type { ToldHeat } from '../streams/hall/hall'
import type { Instant } from '../time/instant'
import { minutesAfter, stands } from '../time/instant'
import { heatStress } from './heat-stress'

/** Within so much of the limit, °C, a day may still grow too warm: what was told then is soon old. House rule: a day warms by no more. */
const MAY_WARM_BY_C = 8
/** So far below the limit, °C, the table's lack of a full hour of heavy work is not for the heat. House rule. */
const COOL_BY_C = 5
/** How long what was told of a warm hall stands, min. House rule. */
export const WARM_STANDS_MIN = 4 * 60

/** How hard a job is, as the heat limits class work: overhead, gouging, and wherever one cannot stand up straight. Source: `heatWork`. */
export const workRateOf = ({ process, position, confinement }: Pick<Job, 'process' | 'position' | 'confinement'>): WorkRateId =>
  process === 'cac-a' || position === 'overhead' || confinement === 'restricted' || confinement === 'confined' ? 'heavy' : 'moderate'

/**
 * What the warmth of a hall means for a job there, in leathers: nothing where it is cool enough, how much of each hour may be worked, or
 * that nobody may work. What was told of a warm hall is asked again after `WARM_STANDS_MIN`, for a morning says little of the afternoon.
 *
 * @param told of the hall; null where nobody ever told, or the bay stands in no hall
 * @returns first what is wrong, then what is missing
 * Source: `heatLimits`, `heatLeathers`, `heatWork`.
 */
export function heatOfDay(
  job: Job,
  told: ToldHeat | null,
  { heatRule, now }: { readonly heatRule: HeatRuleId, readonly now: Instant },
): { readonly found: readonly Finding[], readonly missing: readonly Finding[] } {
  if (told === null || !stands(told.validUntil, now))
    return { found: [], missing: heatRule === 'asked-daily' ? [finding('hold', 'body.heat-not-told', {})] : [] }
  const { warmth, isEverybodyUsed, at } = told
  const { effectiveWbgtC: effectiveC, limitC, workMinPerH } = heatStress({
    ...warmth, isAcclimatised: isEverybodyUsed, work: workRateOf(job), clothing: 'welding-leathers',
  })
  if (effectiveC > limitC - MAY_WARM_BY_C && !stands(minutesAfter(at, WARM_STANDS_MIN), now))
    return { found: [], missing: [finding('hold', 'body.heat-old', { hours: WARM_STANDS_MIN / 60 })] }
  if (workMinPerH === 60 || effectiveC <= limitC - COOL_BY_C) return { found: [], missing: [] }
  const index: readonly SourceId[] = 'wbgtC' in warmth ? ['heatIndex'] : ['heatIndex', warmth.isInSun ? 'sunnyIndex' : 'wetBulb']
  const cited: readonly SourceId[] = ['heatLimits', 'heatLeathers', 'heatWork', ...index]
  return {
    found: [workMinPerH === 0
      ? finding('hold', 'body.too-hot', { effectiveC, limitC }, cited)
      : finding('caution', 'body.heat-rest', { effectiveC, limitC, workMin: workMinPerH }, cited)],
    missing: [],
  }
}
