import { drawnHoods } from './hall-ducts'
import type { HallDucts, HoodOnDucts } from './hall-ducts'

/** Every set of so many. */
function* setsOf<Item>(items: readonly Item[], count: number, from = 0): Generator<readonly Item[]> {
  if (count === 0) yield []
  else for (let i = from; i <= items.length - count; i++) for (const rest of setsOf(items, count - 1, i + 1)) yield [items[i]!, ...rest]
}

/**
 * The most hoods that may be open at once, whichever they are: one more lets no other draw more, so the first number that starves one ends
 * it.
 *
 * @param starves with these open, and no other of them, one of them draws too little, or nobody knows what it draws
 */
export function mostOpen(ids: readonly string[], starves: (open: ReadonlySet<string>) => boolean): number {
  if (!starves(new Set(ids))) return ids.length
  for (let count = 1; count < ids.length; count++) for (const chosen of setsOf(ids, count)) if (starves(new Set(chosen))) return count - 1
  return ids.length - 1
}

/** More hoods than this are not tried in every order while somebody looks on. */
const HOODS_TRIED_AT_ONCE = 7

/**
 * How many of the hoods of a hall that have to draw something may be open at once, whichever they are, the others standing as they do. One
 * that draws too little even by itself is not among them. Null where fewer than two are, or there are too many to try.
 *
 * @param neededM3PerS what each must draw where it stands; one that is not told may stand as it does
 */
export function mayBeOpenAtOnce(
  ducts: HallDucts,
  known: readonly HoodOnDucts[],
  neededM3PerS: ReadonlyMap<string, number>,
): { readonly most: number, readonly of: number } | null {
  const starves = (open: ReadonlySet<string>): boolean => {
    const drawn = drawnHoods(ducts, known.map(one => neededM3PerS.has(one.bayId) ? { ...one, isSeenShut: !open.has(one.bayId) } : one))
    return [...open].some((bayId) => {
      const flow = drawn.get(bayId)?.flowM3PerS ?? null
      return flow === null || flow < neededM3PerS.get(bayId)!
    })
  }
  const able = known.map(({ bayId }) => bayId).filter(bayId => neededM3PerS.has(bayId) && !starves(new Set([bayId])))
  return able.length < 2 || able.length > HOODS_TRIED_AT_ONCE ? null : { most: mostOpen(able, starves), of: able.length }
}
