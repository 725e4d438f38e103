/** A footprint on the site's grid, metres; x, y its lower left corner. */
export interface Footprint { readonly xM: number, readonly yM: number, readonly widthM: number, readonly depthM: number }
/** A wall in plan. */
export interface Wall { readonly x1M: number, readonly y1M: number, readonly x2M: number, readonly y2M: number }
interface Point { readonly x: number, readonly y: number }

/** Nearer than this counts as touching, m: half a millimetre, under what a tape reads. */
const GRAZE = 5e-4

const cornersOf = ({ xM, yM, widthM, depthM }: Footprint): readonly Point[] => [
  { x: xM, y: yM },
  { x: xM + widthM, y: yM },
  { x: xM + widthM, y: yM + depthM },
  { x: xM, y: yM + depthM },
]
const clamp = (value: number, low: number, high: number): number => Math.min(Math.max(value, low), high)
/** The point of a footprint that is nearest to a point. */
const nearestIn = ({ xM, yM, widthM, depthM }: Footprint, { x, y }: Point): Point => ({
  x: clamp(x, xM, xM + widthM),
  y: clamp(y, yM, yM + depthM),
})
const between = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)

/** Edge to edge, m; 0 when they touch or overlap. Centre to centre would pass what stands too near. */
export function edgeDistanceM(a: Footprint, b: Footprint): number {
  const dx = Math.max(0, b.xM - (a.xM + a.widthM), a.xM - (b.xM + b.widthM))
  const dy = Math.max(0, b.yM - (a.yM + a.depthM), a.yM - (b.yM + b.depthM))
  return Math.hypot(dx, dy)
}

const turn = (a: Point, b: Point, c: Point): number => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)
const startOf = (wall: Wall): Point => ({ x: wall.x1M, y: wall.y1M })
const endOf = (wall: Wall): Point => ({ x: wall.x2M, y: wall.y2M })

/** Whether a wall stands across a line. A line that only grazes its end goes by: the end is where a flame gets round. */
function blocks(wall: Wall, from: Point, to: Point): boolean {
  const [a, b] = [startOf(wall), endOf(wall)]
  const length = between(from, to)
  const wallLength = between(a, b)
  if (length === 0 || wallLength === 0) return false
  const sideA = turn(from, to, a) / length
  const sideB = turn(from, to, b) / length
  if (Math.abs(sideA) < GRAZE || Math.abs(sideB) < GRAZE || (sideA > 0) === (sideB > 0)) return false
  return (turn(a, b, from) > 0) !== (turn(a, b, to) > 0)
}

/** Where a ray from a point first meets a footprint: the distance, or null when it passes by. */
function reach({ xM, yM, widthM, depthM }: Footprint, from: Point, angle: number): number | null {
  const [dx, dy] = [Math.cos(angle), Math.sin(angle)]
  let [enter, leave] = [0, Infinity]
  for (const [at, step, low, high] of [[from.x, dx, xM, xM + widthM], [from.y, dy, yM, yM + depthM]] as const) {
    if (Math.abs(step) < 1e-12) {
      if (at < low - 1e-9 || at > high + 1e-9) return null
      continue
    }
    const [first, second] = [(low - at) / step, (high - at) / step].sort((p, q) => p - q) as [number, number]
    enter = Math.max(enter, first)
    leave = Math.min(leave, second)
  }
  return enter <= leave + 1e-9 ? enter : null
}

const ANGLE_STEPS = 180
/**
 * Straight lines through one point that the footprints can see each other along: fans at two degrees, and exactly at every corner and
 * square to the grid.
 */
function anglesThrough(through: Point, a: Footprint, b: Footprint): readonly number[] {
  const angles: number[] = []
  for (let step = 0; step < ANGLE_STEPS; step++) angles.push(step / ANGLE_STEPS * 2 * Math.PI)
  for (const corner of cornersOf(b)) angles.push(Math.atan2(corner.y - through.y, corner.x - through.x))
  for (const corner of cornersOf(a)) angles.push(Math.atan2(through.y - corner.y, through.x - corner.x))
  return angles
}

/**
 * Whether two footprints share floor: crossing like a plus, neither has a corner in the other. Merely touching, a wall may still stand
 * between.
 */
const overlap = (a: Footprint, b: Footprint): boolean =>
  a.xM < b.xM + b.widthM && b.xM < a.xM + a.widthM && a.yM < b.yM + b.depthM && b.yM < a.yM + a.depthM

/**
 * The shortest straight line from one footprint to the other that no wall stands across, m; Infinity when every line is cut.
 * Candidates are the nearest points, and the lines that pass a wall's end: the shortest free line always touches one of them.
 */
export function sightDistanceM(a: Footprint, b: Footprint, walls: readonly Wall[]): number {
  if (overlap(a, b)) return 0
  let shortest = Infinity
  const consider = (from: Point, to: Point): void => {
    const length = between(from, to)
    if (length < shortest && !walls.some(wall => blocks(wall, from, to))) shortest = length
  }
  for (const corner of cornersOf(a)) consider(corner, nearestIn(b, corner))
  for (const corner of cornersOf(b)) consider(nearestIn(a, corner), corner)
  for (const wall of walls) {
    for (const end of [startOf(wall), endOf(wall)]) {
      consider(nearestIn(a, end), nearestIn(b, nearestIn(a, end)))
      for (const angle of anglesThrough(end, a, b)) {
        const [ahead, behind] = [reach(b, end, angle), reach(a, end, angle + Math.PI)]
        if (ahead === null || behind === null) continue
        consider(
          { x: end.x - behind * Math.cos(angle), y: end.y - behind * Math.sin(angle) },
          { x: end.x + ahead * Math.cos(angle), y: end.y + ahead * Math.sin(angle) },
        )
      }
    }
  }
  return shortest
}

/** The shortest way round the ends of the walls, m: by one or more ends, each leg free. Infinity when walls close all round. */
export function pathRoundM(a: Footprint, b: Footprint, walls: readonly Wall[]): number {
  const ends = walls.flatMap(wall => [startOf(wall), endOf(wall)])
  const direct = sightDistanceM(a, b, walls)
  const isFree = (from: Point, to: Point): boolean => !walls.some(wall => blocks(wall, from, to))
  // Shortest ways over the ends, from the first footprint: as many rounds as there are ends settle it.
  const best = ends.map(end => isFree(nearestIn(a, end), end) ? between(nearestIn(a, end), end) : Infinity)
  for (let round = 0; round < ends.length; round++) {
    for (const [i, from] of ends.entries())
      for (const [j, to] of ends.entries()) if (isFree(from, to)) best[j] = Math.min(best[j]!, best[i]! + between(from, to))
  }
  return Math.min(
    direct,
    ...ends.map((end, index) => (isFree(end, nearestIn(b, end)) ? best[index]! + between(end, nearestIn(b, end)) : Infinity)),
  )
}

/** How far a wall reaches beyond two footprints on each side, seen along the wall, m: the smaller side. */
export function overhangM(a: Footprint, b: Footprint, wall: Wall): number {
  const [from, to] = [startOf(wall), endOf(wall)]
  const length = between(from, to)
  if (length === 0) return -Infinity
  const along = (point: Point): number => ((point.x - from.x) * (to.x - from.x) + (point.y - from.y) * (to.y - from.y)) / length
  const places = [...cornersOf(a), ...cornersOf(b)].map(along)
  return Math.min(Math.min(...places), length - Math.max(...places))
}
