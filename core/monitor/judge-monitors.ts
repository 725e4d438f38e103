import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { inThreeFigures } from '../findings/in-three-figures'
import { SENSOR_OXYGEN_PERCENT } from '../hotwork/gas-bounds'
import type { Extraction } from '../streams/hall/hall'
import type { Monitor } from '../streams/monitor/monitor'
import type { Instant } from '../time/instant'
import { stands } from '../time/instant'
import { silentAt } from './heard-air'
import { standingOf } from './standing'
import type { StandingRules } from './standing'

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

/** What a bay's instruments are judged among. */
export interface MonitorsAround {
  /** All that stand for the bay. */
  readonly monitors: readonly Monitor[]
  /** What the bay draws its air off with, as it is counted on; undefined where nobody has said. */
  readonly extraction: Extraction | null | undefined
  readonly rules: StandingRules
  readonly now: Instant
}

/**
 * What one of a bay's monitors says. Past a bound it stops; one that is not heard, reads what cannot be, or finds less air drawn than is
 * counted on, holds. What keeps its bounds says nothing: it proves no more than that.
 */
export function judgeMonitor(monitor: Monitor, { monitors, extraction, rules, now }: MonitorsAround): readonly Finding[] {
  const { name, quantity, heard } = monitor
  if (heard === null) return [finding('hold', 'monitor.never-heard', { name })]
  const found = [...standingOf({ name, quantity, heard }, rules)]
  if (!speaks(monitor, now)) found.push(finding('hold', 'monitor.silent', { name, sinceIso: heard.at }, ['houseRule']))
  const isStopped = found.some(({ severity }) => severity === 'stop')
  if (quantity === 'flammable-gas' && !isStopped && !isSensorTrue(monitors, now))
    found.push(finding('hold', 'monitor.flammable-unproven', { name }, ['lelSensor']))
  if (quantity === 'hood-flow' && extraction && !(heard.value >= extraction.flowM3PerS))
    found.push(finding('hold', 'monitor.flow-low', { name, flowM3PerS: heard.value, neededM3PerS: extraction.flowM3PerS }))
  return found.map(inThreeFigures)
}

/** What all the monitors of a bay say. */
export const judgeMonitors = (around: MonitorsAround): readonly Finding[] =>
  around.monitors.flatMap(monitor => judgeMonitor(monitor, around))
