import type { SourceId } from '../source/book'
import { IDLH_MG_PER_M3 } from '../exposure/idlh'
import type { ExposureLimit } from '../exposure/limits'
import { limitsFor } from '../exposure/limits'
import { exposureRuleSetsInForce, withInherited } from '../exposure/rule-sets'
import { LEL_FORBIDS_AT_PERCENT, OXYGEN_LEAST_PERCENT } from '../hotwork/gas-bounds'
import type { LimitKind } from '../ids/exposure-ids'
import type { MonitorBoundId, MonitorQuantityId, MonitoredSubstance } from '../ids/monitor-ids'
import type { HouseRules } from '../streams/house-rules/house-rules'

/** A bound that a reading keeps, in the unit of what is measured. */
export interface MonitorBound {
  readonly bound: MonitorBoundId
  readonly value: number
  /** A mean of a quarter of an hour is compared, not a single reading. */
  readonly isOfMean: boolean
  /** Work stops under it; left out, over it. */
  readonly isLeast?: true
  /** Reached, it is passed already. */
  readonly isReachedAt?: true
  readonly source: SourceId
}

/** What the house and its law say of what a monitor measures. */
export type BoundRules = Pick<HouseRules, 'jurisdiction' | 'exposureBasis' | 'oxygenMaxPercent'>

/**
 * Where no short-term limit is printed, a quarter of an hour stays under so many times the eight-hour limit.
 * Source: `usConsensusExcursion`.
 */
export const EXCURSION_TIMES = 5

/** A limit as a monitor would read it, mg/m³ of the substance itself. */
const asRead = ({ valueMgPerM3, perElement }: ExposureLimit): number => valueMgPerM3 / perElement
const lowest = (limits: readonly ExposureLimit[]): ExposureLimit | undefined =>
  [...limits].sort((a, b) => asRead(a) - asRead(b))[0]

/** The limits of a substance that bind: those in force, or where they are silent all that are known. */
function bindingOf(substance: MonitoredSubstance, { jurisdiction, exposureBasis }: BoundRules): readonly ExposureLimit[] {
  const inForce = withInherited(exposureRuleSetsInForce(jurisdiction, exposureBasis))
  const all = limitsFor(substance)
  const binding = all.filter(({ ruleSet }) => inForce.includes(ruleSet))
  return binding.length > 0 ? binding : all
}

function boundsOfSubstance(substance: MonitoredSubstance, rules: BoundRules): readonly MonitorBound[] {
  const binding = bindingOf(substance, rules)
  const ofKind = (kind: LimitKind) => lowest(binding.filter(limit => limit.kind === kind))
  const [ceiling, shortTerm, twa] = [ofKind('ceiling'), ofKind('short-term'), ofKind('twa')]
  const idlh = IDLH_MG_PER_M3[substance]
  const bounds: MonitorBound[] = []
  if (idlh !== undefined)
    bounds.push({ bound: 'danger', value: idlh, isOfMean: false, isReachedAt: true, source: 'usIdlh' })
  if (ceiling) bounds.push({ bound: 'ceiling', value: asRead(ceiling), isOfMean: false, source: ceiling.source })
  if (shortTerm) bounds.push({ bound: 'short-term', value: asRead(shortTerm), isOfMean: true, source: shortTerm.source })
  else if (twa)
    bounds.push({ bound: 'short-term', value: EXCURSION_TIMES * asRead(twa), isOfMean: true, source: 'usConsensusExcursion' })
  return bounds
}

/**
 * What a monitor's readings are compared with: exceeded, the bay stops. Of each kind the strictest in force; a substance on which
 * they are silent borrows the strictest known.
 *
 * @returns bounds in mg/m³, % oxygen or % of the lower explosive limit, gravest first; none of a flow, which the hood's own decides
 */
export function monitorBounds(quantity: MonitorQuantityId, rules: BoundRules): readonly MonitorBound[] {
  switch (quantity) {
    case 'hood-flow':
      return []
    case 'oxygen':
      return [
        { bound: 'oxygen-low', value: OXYGEN_LEAST_PERCENT, isOfMean: false, isLeast: true, source: 'usConfined' },
        { bound: 'oxygen-high', value: rules.oxygenMaxPercent, isOfMean: false, source: 'usConfined' },
      ]
    case 'flammable-gas':
      return [
        { bound: 'flammable', value: LEL_FORBIDS_AT_PERCENT, isOfMean: false, isReachedAt: true, source: 'usConfined' },
      ]
    default:
      return boundsOfSubstance(quantity, rules)
  }
}

/** Is a value past a bound? What is no number is. */
export function isPast({ value: bound, isLeast, isReachedAt }: MonitorBound, value: number): boolean {
  if (!Number.isFinite(value)) return true
  if (isLeast) return !(value >= bound)
  return isReachedAt ? !(value < bound) : !(value <= bound)
}
