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
