import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { inThreeFigures } from '../findings/in-three-figures'
import { SENSOR_OXYGEN_PERCENT } from '../hotwork/gas-bounds'
import { FIRE_SOURCES } from '../source/fire-sources'
import { SOURCES } from '../source/sources'
import type { Extraction } from '../streams/hall/hall'
import type { HouseRules } from '../streams/house-rules/house-rules'
import type { Monitor } from '../streams/monitor/monitor'
import { silentAt } from '../streams/monitor/monitor'
import type { Instant } from '../time/instant'
import { stands } from '../time/instant'
import { comparedWith, isHeadingPast } from './heard-air'
import { isPast, monitorBounds } from './monitor-bounds'
import { shownReading } from './quantity-units'

/** A zero that drifts further below than this share of the lowest bound is no zero. */
const DRIFT_SHARE = 0.1

/** Does a monitor speak at all: was it heard where it stands, and lately? */
export const speaks = (monitor: Pick<Monitor, 'heard' | 'silentAfterS'>, now: Instant): boolean => {
  const until = silentAt(monitor)
  return until !== null && stands(until, now)
}

/** Is there oxygen enough, by a monitor beside it, for a sensor of flammable gas to tell the truth? */
const isSensorTrue = (monitors: readonly Monitor[], now: Instant): boolean =>
  monitors.some(({ quantity, heard, silentAfterS }) =>
    quantity === 'oxygen'
    && heard !== null
    && speaks({ heard, silentAfterS }, now)
    && heard.lowest >= SENSOR_OXYGEN_PERCENT.min
    && heard.highest <= SENSOR_OXYGEN_PERCENT.max)

/**
 * What the monitors of a bay say. Past a bound it stops; one that is not heard, reads what cannot be, or finds less air drawn than is
 * counted on, holds. What keeps its bounds says nothing: it proves no more than that.
 *
 * @param monitors those that stand for the bay
 * @param extraction what the bay draws its air off with, as it is counted on; undefined where nobody has said
 */
export function judgeMonitors(
  monitors: readonly Monitor[],
  extraction: Extraction | null | undefined,
  rules: Pick<HouseRules, 'jurisdiction' | 'exposureBasis' | 'oxygenMaxPercent' | 'lelLimitPercent'>,
  now: Instant,
): readonly Finding[] {
  const said = monitors.flatMap((monitor): readonly Finding[] => {
    const { name, quantity, heard } = monitor
    if (heard === null) return [finding('hold', 'monitor.never-heard', { name })]
    const found: Finding[] = []
    const bounds = monitorBounds(quantity, rules)
    const past = bounds.find(bound => isPast(bound, comparedWith(bound, heard)))
    if (past) {
      const [read, limit] = [shownReading(quantity, comparedWith(past, heard)), shownReading(quantity, past.value)]
      const values = { name, quantity, bound: past.bound, value: read.value, limit: limit.value, unit: read.unit }
      found.push(finding('stop', 'monitor.over', values, [past.source]))
    }
    const heading = past ? undefined : bounds.find(bound => isHeadingPast(bound, heard))
    if (heading) {
      const [read, limit] = [shownReading(quantity, heard.mean), shownReading(quantity, heading.value)]
      const values = { name, quantity, bound: heading.bound, value: read.value, limit: limit.value, unit: read.unit }
      found.push(finding('hold', 'monitor.heading-over', { ...values, minutes: heard.coveredS / 60 }, [heading.source]))
    }
    if (!speaks(monitor, now)) found.push(finding('hold', 'monitor.silent', { name, sinceIso: heard.at }, [SOURCES.houseRule]))
    const drift = DRIFT_SHARE * Math.min(...bounds.filter(({ isLeast }) => !isLeast).map(({ value }) => value), Infinity)
    if (heard.lowest < (Number.isFinite(drift) ? -drift : 0)) found.push(finding('hold', 'monitor.below-zero', { name }))
    if (quantity === 'flammable-gas' && !past) {
      if (heard.highest > rules.lelLimitPercent)
        found.push(
          finding('hold', 'monitor.flammable', { name, percent: heard.highest, limitPercent: rules.lelLimitPercent }, [
            SOURCES.houseRule,
          ]),
        )
      if (!isSensorTrue(monitors, now)) found.push(finding('hold', 'monitor.flammable-unproven', { name }, [FIRE_SOURCES.lelSensor]))
    }
    if (quantity === 'hood-flow' && extraction && !(heard.value >= extraction.flowM3PerS))
      found.push(
        finding('hold', 'monitor.flow-low', { name, flowM3PerS: heard.value, neededM3PerS: extraction.flowM3PerS }),
      )
    return found
  })
  return said.map(inThreeFigures)
}
