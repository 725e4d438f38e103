/** From the wall to the middle of a bay, m. House reading: whoever stands in it. */
const FROM_WALL_M = 2

/**
 * Where bays stand, told by how far it is from one to the next: in rows along their hall, each bay as near to the next row as to its
 * neighbour, so that no two stand farther apart here than somebody said. Air puts them right one by one.
 *
 * @param apartM from the middle of one bay to the next, where they stand closest
 * @param lengthM of the hall; undefined where nobody measured it, and there is one row
 * @param last a bay that stands there already: the first of these is its neighbour. Left out, they begin in the corner
 * @returns middle of each bay, m from the corner of the hall
 */
export function bayRows(
  count: number,
  apartM: number,
  lengthM: number | undefined,
  last?: { readonly xM: number, readonly yM: number },
): readonly { readonly xM: number, readonly yM: number }[] {
  const perRow = lengthM === undefined ? Math.max(1, count) : Math.max(1, Math.floor(lengthM / apartM))
  return Array.from({ length: count }, (_, nth) => ({
    xM: (last ? last.xM + apartM : apartM / 2) + nth % perRow * apartM,
    yM: (last?.yM ?? FROM_WALL_M) + Math.floor(nth / perRow) * apartM,
  }))
}
