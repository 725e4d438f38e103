/** A bay that may be stood at, and who stands there. */
interface Open { readonly bayId: string, readonly personId: string | null }
/** Somebody of a class, with the bay that is theirs. */
interface Comer { readonly personId: string, readonly bayId: string | null }

/** Whom a class brings where, and who is left over. */
export interface ClassPlan {
  readonly people: Readonly<Record<string, string>>
  readonly left: readonly string[]
}

/**
 * Places a class on bays: whoever stands at one of them stays, then each goes to their own, then the rest in their order to those that are
 * free. Nobody of another class is sent away, and nobody stands at two.
 *
 * @param bays in walking order
 * @param mayStand people who may be placed at all: whoever is on watch may not
 */
export function placeClass(bays: readonly Open[], comers: readonly Comer[], mayStand: (personId: string) => boolean): ClassPlan {
  const people: Record<string, string> = {}
  const free = new Set(bays.filter(({ personId }) => personId === null).map(({ bayId }) => bayId))
  const standing = new Set(bays.flatMap(({ personId }) => personId ?? []))
  const waiting = comers.filter(({ personId }) => !standing.has(personId) && mayStand(personId))
  const rest: Comer[] = []
  for (const comer of waiting) {
    if (comer.bayId !== null && free.delete(comer.bayId)) people[comer.bayId] = comer.personId
    else rest.push(comer)
  }
  const order = bays.map(({ bayId }) => bayId).filter(bayId => free.has(bayId))
  for (const [index, { personId }] of rest.entries()) if (order[index] !== undefined) people[order[index]] = personId
  const placed = new Set(Object.values(people))
  return { people, left: comers.map(({ personId }) => personId).filter(id => !standing.has(id) && !placed.has(id)) }
}
