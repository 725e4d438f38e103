import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { DuctBalance, DuctSystem, HoodDraw } from './duct-balance'
import { balanceDucts } from './duct-balance'
import { mostOpen } from './most-open'

/** Fume settles in a duct in which the air is slower, m/s. Source: `ductVelocity`. */
export const LEAST_DUCT_M_PER_S = 10
/** More hoods than this are not tried in every order. */
export const HOODS_TRIED = 10
/** Nor those of a system of more ducts. */
const DUCTS_TRIED = 40

export interface DuctAssessment extends DuctBalance {
  /** However they are chosen, so many may stand open and none is starved; null where it was not tried. */
  readonly mayBeOpen: number | null
  readonly findings: readonly Finding[]
}

/** Hoods that draw less than they are counted on for. */
const starvedIn = ({ hoods }: DuctBalance, open: ReadonlySet<string>): readonly HoodDraw[] =>
  hoods.filter(({ id, share }) => open.has(id) && share !== null && share < 1)

/**
 * A system of ducts: what each hood draws now, which are starved, and how many may be open at once, whichever they are.
 *
 * @throws RangeError where a hood's way does not end at the fan
 */
export function assessDucts(system: DuctSystem): DuctAssessment {
  const balance = balanceDucts(system)
  const open = new Set(system.hoods.filter(({ openShare }) => openShare > 0).map(({ id }) => id))
  const findings: Finding[] = []
  if (!balance.isBalanced) findings.push(finding('hold', 'ducts.no-balance', {}))
  for (const { id, flowM3PerS } of starvedIn(balance, open)) {
    const neededM3PerS = system.hoods.find(hood => hood.id === id)!.neededM3PerS!
    findings.push(finding('hold', 'ducts.starved', { hood: id, flowM3PerS, neededM3PerS }, ['ductFriction']))
  }
  for (const { id, flowM3PerS, mPerS } of balance.ducts) {
    if (flowM3PerS > 0 && mPerS < LEAST_DUCT_M_PER_S)
      findings.push(finding('caution', 'ducts.slow', { duct: id, mPerS, atLeastMPerS: LEAST_DUCT_M_PER_S }, ['ductVelocity']))
  }
  const [least, greatest] = [system.fan[0]!.flowM3PerS, system.fan.at(-1)!.flowM3PerS]
  const { flowM3PerS } = balance.fan
  if (open.size > 0 && (flowM3PerS < least || flowM3PerS > greatest))
    findings.push(finding('hold', 'ducts.off-the-curve', { flowM3PerS, leastM3PerS: least, mostM3PerS: greatest }))
  const mayBeOpen = howManyMayBeOpen(system)
  if (mayBeOpen !== null)
    findings.push(finding('note', 'ducts.may-be-open', { count: mayBeOpen, of: system.hoods.length }, ['ductFriction']))
  return { ...balance, mayBeOpen, findings }
}

/** How many may be open at once, whichever they are; null where it was not tried. */
function howManyMayBeOpen(system: DuctSystem): number | null {
  const { hoods } = system
  const isTooMany = hoods.length > HOODS_TRIED || system.ducts.length > DUCTS_TRIED
  if (isTooMany || hoods.some(({ neededM3PerS }) => neededM3PerS === undefined)) return null
  return mostOpen(hoods.map(({ id }) => id), (open) => {
    const balance = balanceDucts({ ...system, hoods: hoods.map(hood => ({ ...hood, openShare: open.has(hood.id) ? 1 : 0 })) })
    return !balance.isBalanced || starvedIn(balance, open).length > 0
  })
}
