import type { ClassPlan } from './place-class'

/** A place in the plan of a class: a bay with whoever comes to it, or somebody for whom there is none. */
export interface Slot { readonly bayId: string | null, readonly personId: string | null }

/**
 * The plan of a class as it may be changed by hand: the bays that it may have, in walking order, then whoever is left over.
 * @param open bays at which nobody stands
 */
export const slotsOf = ({ people, left }: ClassPlan, open: readonly string[]): readonly Slot[] => [
  ...open.map(bayId => ({ bayId, personId: people[bayId] ?? null })),
  ...left.map(personId => ({ bayId: null, personId })),
]

/** Two places with those who had them exchanged: nobody is lost, and nobody stands at two. */
export function exchanged(slots: readonly Slot[], a: number, b: number): readonly Slot[] {
  const [one, other] = [slots[a], slots[b]]
  if (one === undefined || other === undefined) return slots
  return slots.with(a, { ...one, personId: other.personId }).with(b, { ...other, personId: one.personId })
}

/** Who comes to which bay. */
export const placedIn = (slots: readonly Slot[]): Readonly<Record<string, string>> =>
  Object.fromEntries(slots.flatMap(({ bayId, personId }) => (bayId === null || personId === null ? [] : [[bayId, personId]])))
