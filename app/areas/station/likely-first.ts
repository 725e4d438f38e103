import type { RoleId } from '#core/ids/vocabulary'
import { byName, nameKey } from '#core/roll/read-roll'

/** How likely somebody is to be placed at a bay, the likeliest first; whoever is on watch may not be. */
export const LIKELY = ['usual', 'free', 'elsewhere', 'onWatch'] as const
export type Likely = typeof LIKELY[number]

interface Somebody {
  readonly personId: string
  readonly name: string
  readonly roles: readonly RoleId[]
  readonly group: string | null
  readonly bayId: string | null
}
interface Stands {
  readonly bayIds: readonly string[]
  readonly watchesAt: string | null
}

const welds = ({ roles }: Somebody): boolean => roles.includes('learner') || roles.includes('welder')

/**
 * Whom to offer for a bay: who stands there or usually does, who stands nowhere, who stands elsewhere. In each part those who weld
 * come before those who do not, then those whose group is at work today, the group that most stand for first; then by name.
 *
 * @param where where they stand; nobody who stands nowhere is in it
 * @param sought a part of the name, or of the group's
 */
export function likelyFirst<Person extends Somebody>(
  people: readonly Person[],
  bayId: string,
  where: ReadonlyMap<string, Stands>,
  sought = '',
): Readonly<Record<Likely, readonly Person[]>> {
  const atWork = new Map<string, number>()
  for (const { personId, group } of people)
    if (group !== null && (where.get(personId)?.bayIds.length ?? 0) > 0) atWork.set(group, (atWork.get(group) ?? 0) + 1)
  const ofGroup = ({ group }: Person): number => (group === null ? 0 : atWork.get(group) ?? 0)
  const likelyOf = ({ personId, bayId: own }: Person): Likely => {
    const stands = where.get(personId)
    if (stands && stands.watchesAt !== null) return 'onWatch'
    if (stands?.bayIds.includes(bayId)) return 'usual'
    if (stands && stands.bayIds.length > 0) return 'elsewhere'
    return own === bayId ? 'usual' : 'free'
  }
  const key = nameKey(sought)
  const found = people
    .filter(({ name, group }) => nameKey(name).includes(key) || nameKey(group ?? '').includes(key))
    .toSorted((a, b) => Number(welds(b)) - Number(welds(a)) || ofGroup(b) - ofGroup(a) || byName(a, b))
  return {
    usual: found.filter(person => likelyOf(person) === 'usual'),
    free: found.filter(person => likelyOf(person) === 'free'),
    elsewhere: found.filter(person => likelyOf(person) === 'elsewhere'),
    onWatch: found.filter(person => likelyOf(person) === 'onWatch'),
  }
}
