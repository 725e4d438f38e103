import { byName } from '#core/roll/read-roll'
import { mayDo } from '#core/rights/rights'
import type { RightId } from '#core/ids/rights'
import type { RoleId } from '#core/ids/vocabulary'

interface Somebody {
  readonly personId: string
  readonly name: string
  readonly roles: readonly RoleId[]
}
interface Stands {
  readonly bayIds: readonly string[]
  readonly watchesAt: string | null
}

/** May somebody of these roles ever do this where the permit is their own? */
const mayOwn = ({ roles }: Somebody, right: RightId): boolean =>
  mayDo({ roles, areaId: null, bayId: null }, right, { bayId: null, areaId: null, isOwnPermit: true })

/** Those for whom most speaks first; then by name. */
const firstBy = <Person extends Somebody>(people: readonly Person[], speaksFor: (person: Person) => number): readonly Person[] =>
  people.toSorted((a, b) => speaksFor(b) - speaksFor(a) || byName(a, b))

/** Those offered, and after them whoever was picked before and is not offered any more: what is picked stays in sight. */
export const withPicked = <Person extends Somebody>(
  offered: readonly Person[],
  people: readonly Person[],
  pickedIds: readonly string[],
): readonly Person[] => [...offered, ...people.filter(person => pickedIds.includes(person.personId) && !offered.includes(person))]

/**
 * Whom to offer as fire watch: whoever may stand one and has no other task; those first whose work it is. Nobody who works under the
 * permit, stands at a bay or watches elsewhere is offered: the door refuses them.
 *
 * @param where where they stand; nobody who stands nowhere is in it
 */
export function watchersToOffer<Person extends Somebody>(
  people: readonly Person[],
  operatorIds: readonly string[],
  where: ReadonlyMap<string, Stands>,
): readonly Person[] {
  const isFree = ({ personId }: Person): boolean => !operatorIds.includes(personId) && !where.has(personId)
  return firstBy(
    people.filter(person => isFree(person) && mayOwn(person, 'stand-watch')),
    ({ roles }) => Number(roles.includes('fire-watch')),
  )
}

/**
 * Whom to offer as doing the work of a permit: whoever may work under one and is on no watch; those first who stand at its bay, then those
 * who weld.
 */
export function operatorsToOffer<Person extends Somebody>(
  people: readonly Person[],
  bayId: string | null,
  where: ReadonlyMap<string, Stands>,
): readonly Person[] {
  const standsThere = (personId: string): boolean => bayId !== null && (where.get(personId)?.bayIds.includes(bayId) ?? false)
  return firstBy(
    people.filter(person => (where.get(person.personId)?.watchesAt ?? null) === null && mayOwn(person, 'work-permit')),
    ({ personId, roles }) => 2 * Number(standsThere(personId)) + Number(roles.includes('welder') || roles.includes('learner')),
  )
}
