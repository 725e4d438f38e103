import type { HallSize } from '../streams/site/site'

/** Between bays in a row, and from the wall to the middle of a bay, m. House reading: one booth and who stands in it. */
const BAY_M = 3
const FROM_WALL_M = 2

/**
 * Where bays stand until somebody says otherwise: in rows along the length of their hall, evenly, the first row by one long wall. Nobody
 * measured it, so it is told as such; Air moves them.
 *
 * @param size of the hall; where nobody measured it, one row at the usual distance
 * @returns middle of each bay, m from the corner of the hall
 */
export function bayRows(count: number, size: HallSize | undefined): readonly { readonly xM: number, readonly yM: number }[] {
  const perRow = size ? Math.max(1, Math.min(count, Math.floor(size.lengthM / BAY_M))) : count
  const rows = Math.ceil(count / perRow)
  const alongM = size ? size.lengthM / perRow : BAY_M
  const acrossM = size && rows > 1 ? Math.max(0, size.widthM - 2 * FROM_WALL_M) / (rows - 1) : BAY_M
  const startM = size ? Math.min(FROM_WALL_M, size.widthM / 2) : FROM_WALL_M
  return Array.from({ length: count }, (_, nth) => ({
    xM: (nth % perRow + 0.5) * alongM,
    yM: startM + Math.floor(nth / perRow) * acrossM,
  }))
}
