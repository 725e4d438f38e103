import { monthsAfter } from '../time/months-after'

/** Extinguishers by what fixes their tests. */
export const EXTINGUISHER_TYPES = [
  'dry-chemical', 'dry-chemical-stainless', 'carbon-dioxide', 'water', 'foam', 'wet-chemical', 'dry-powder', 'halogenated',
] as const
export type ExtinguisherType = typeof EXTINGUISHER_TYPES[number]

/** Years between pressure tests, and between looks inside where the type has them. Source: `extinguisher`. */
const YEARS: Readonly<Record<ExtinguisherType, { readonly pressure: number, readonly inside: number | null }>> = {
  'dry-chemical': { pressure: 12, inside: 6 },
  'dry-chemical-stainless': { pressure: 5, inside: null },
  'carbon-dioxide': { pressure: 5, inside: null },
  'water': { pressure: 5, inside: null },
  'foam': { pressure: 5, inside: null },
  'wet-chemical': { pressure: 5, inside: null },
  'dry-powder': { pressure: 12, inside: null },
  'halogenated': { pressure: 12, inside: 6 },
}

/** Days on which an extinguisher was made and last opened or tested, YYYY-MM-DD. */
export interface ExtinguisherPast { readonly madeOn: string, readonly pressureTestedOn?: string, readonly openedOn?: string }

/**
 * When it is tested under pressure, and looked into. The six years run from making, from a recharge that opened it,
 * and from a pressure test, which takes the look inside with it. Source: `extinguisher`.
 *
 * @example extinguisherDates('dry-chemical', { madeOn: '2014-05-01' }) // pressure 2026-05-01, inside 2020-05-01
 */
export function extinguisherDates(
  type: ExtinguisherType,
  { madeOn, pressureTestedOn, openedOn }: ExtinguisherPast,
): { readonly pressureDueOn: string, readonly insideDueOn: string | null } {
  const { pressure, inside } = YEARS[type]
  const newest = [madeOn, pressureTestedOn, openedOn]
    .filter(on => on !== undefined)
    .sort()
    .at(-1)!
  const pressureDueOn = monthsAfter(pressureTestedOn ?? madeOn, pressure * 12)
  const insideDueOn = inside === null ? null : monthsAfter(newest, inside * 12)
  // A look inside that would fall with the pressure test is done by it.
  return { pressureDueOn, insideDueOn: insideDueOn !== null && insideDueOn > pressureDueOn ? pressureDueOn : insideDueOn }
}

/** What an extinguisher's own dates ask for; null while nobody wrote down what it is and when it was made. */
export function extinguisherDues({
  extinguisherType,
  madeOn,
  pressureTestedOn,
  openedOn,
}: {
  readonly extinguisherType?: ExtinguisherType
  readonly madeOn?: string
  readonly pressureTestedOn?: string
  readonly openedOn?: string
}): readonly { readonly what: 'pressure-test' | 'look-inside', readonly dueOn: string }[] | null {
  if (extinguisherType === undefined || madeOn === undefined) return null
  const { pressureDueOn, insideDueOn } = extinguisherDates(extinguisherType, { madeOn, pressureTestedOn, openedOn })
  return [
    { what: 'pressure-test', dueOn: pressureDueOn },
    ...(insideDueOn === null ? [] : [{ what: 'look-inside', dueOn: insideDueOn } as const]),
  ]
}
