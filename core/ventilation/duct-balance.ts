import type { Duct } from './duct-friction'
import { damperCoefficient, ductAreaM2, ductLossPa, velocityPressurePa } from './duct-friction'

/** A point of a fan's curve: what it lifts at a flow. Static pressure stands in for total where the maker prints only that: it is less. */
export interface FanPoint { readonly flowM3PerS: number, readonly pressurePa: number }

/** A duct of the system, and the one that it leads into; null leads to the fan. */
export interface SystemDuct extends Duct { readonly id: string, readonly into: string | null }

/** A hood at the end of a duct. */
export interface SystemHood {
  readonly id: string
  /** It stands at the end of this one, which takes no other. */
  readonly ductId: string
  /** What its mouth takes, in velocity pressures of its duct: 1/Ce² − 1. */
  readonly entryLoss: number
  /** Of its damper's travel, 0 (shut) to 1. */
  readonly openShare: number
  /** It is counted on for so much. */
  readonly neededM3PerS?: number | undefined
}

export interface DuctSystem {
  /** In the order of flow; what it lifts falls all the way. */
  readonly fan: readonly FanPoint[]
  /** What the filter takes at a flow; it grows with the square. */
  readonly filter?: FanPoint | undefined
  readonly ducts: readonly SystemDuct[]
  readonly hoods: readonly SystemHood[]
}

/** A hood as the system lets it draw. */
export interface HoodDraw {
  readonly id: string
  readonly flowM3PerS: number
  /** Suction in its duct behind the mouth, Pa: what a gauge there would read. */
  readonly suctionPa: number
  /** Of what it is counted on for; null where nobody said. */
  readonly share: number | null
}

export interface DuctBalance {
  readonly fan: FanPoint
  readonly hoods: readonly HoodDraw[]
  readonly ducts: readonly { readonly id: string, readonly flowM3PerS: number, readonly mPerS: number, readonly lossPa: number }[]
  /** Every way takes what the fan lifts; not so, the flows are none. */
  readonly isBalanced: boolean
}

/** What the fan lifts at a flow. Below its first point no more than there; beyond its last it falls on as it fell. */
function fanPa(points: readonly FanPoint[], flow: number): number {
  const [first, last] = [points[0]!, points.at(-1)!]
  if (flow <= first.flowM3PerS) return first.pressurePa
  const after = Math.max(1, points.findIndex(point => point.flowM3PerS >= flow))
  const [a, b] = flow > last.flowM3PerS ? [points.at(-2)!, last] : [points[after - 1]!, points[after]!]
  return a.pressurePa + (b.pressurePa - a.pressurePa) * (flow - a.flowM3PerS) / (b.flowM3PerS - a.flowM3PerS)
}
const filterPa = (filter: FanPoint | undefined, flow: number): number =>
  filter ? filter.pressurePa * (flow / filter.flowM3PerS) ** 2 : 0

/** How a pressure changes with a flow. */
function slopeOf(pressure: (flow: number) => number, flow: number): number {
  const step = Math.max(1e-6, flow * 1e-4)
  return (pressure(flow + step) - pressure(Math.max(0, flow - step))) / (flow + step - Math.max(0, flow - step))
}

/** The ducts that the air of a duct goes through, from it to the fan. */
function wayOf(ducts: ReadonlyMap<string, SystemDuct>, ductId: string): readonly SystemDuct[] {
  const way: SystemDuct[] = []
  for (let id: string | null = ductId; id !== null;) {
    const duct = ducts.get(id)
    if (!duct || way.includes(duct)) throw new RangeError(`the way of ${ductId} does not end at the fan`)
    way.push(duct)
    id = duct.into
  }
  return way
}

/** A step that is halved further leads nowhere: it is taken as it is, and the next one starts from there. */
const LEAST_STEP = 1 / 64
const MOST_TURNS = 200
/** Balanced to this share of what the fan lifts. */
const BALANCED = 1e-9
/** Further off, it is no balance. */
const GOOD_ENOUGH = 1e-3

/**
 * What every hood draws: along the way from each open hood to the fan, mouth, damper, ducts and filter take together what the fan lifts.
 * Newton's method on the flows of the open hoods; the losses grow and the fan falls with the flow, so there is one answer.
 *
 * @throws RangeError where a hood's way does not end at the fan
 * Source: `ductFriction`.
 */
export function balanceDucts({ fan, filter, ducts, hoods }: DuctSystem): DuctBalance {
  const byId = new Map(ducts.map(duct => [duct.id, duct]))
  const ways = new Map(hoods.map(hood => [hood.id, wayOf(byId, hood.ductId)]))
  const open = hoods.filter(({ openShare }) => openShare > 0)
  const mouthPa = (hood: SystemHood) => {
    const area = ductAreaM2(byId.get(hood.ductId)!.diameterM)
    const taken = hood.entryLoss + damperCoefficient(hood.openShare)
    return (flow: number): number => taken * velocityPressurePa(flow / area)
  }
  const mouths = open.map(mouthPa)
  /** Which open hoods each duct carries. */
  const isOnWay = (hood: SystemHood, id: string): boolean => ways.get(hood.id)!.some(duct => duct.id === id)
  const carried = new Map(ducts.map(({ id }) => [id, open.flatMap((hood, i) => (isOnWay(hood, id) ? [i] : []))]))
  const flowIn = (flows: ArrayLike<number>, id: string): number => carried.get(id)!.reduce((sum, i) => sum + flows[i]!, 0)
  const total = (flows: ArrayLike<number>): number => Array.from(flows).reduce((sum, flow) => sum + flow, 0)
  const lift = (flow: number): number => fanPa(fan, flow) - filterPa(filter, flow)
  const residuals = (flows: ArrayLike<number>): number[] => {
    const left = lift(total(flows))
    const losses = new Map(ducts.map(duct => [duct.id, ductLossPa(duct, flowIn(flows, duct.id))]))
    return open.map((hood, i) =>
      left - mouths[i]!(flows[i]!) - ways.get(hood.id)!.reduce((sum, duct) => sum + losses.get(duct.id)!, 0))
  }
  const most = Math.max(...fan.map(({ pressurePa }) => pressurePa))
  const worst = (rs: readonly number[]): number => Math.max(0, ...rs.map(Math.abs))

  let flows: number[] = open.map(() => fan.at(-1)!.flowM3PerS / Math.max(1, open.length) / 2)
  let rs = residuals(flows)
  for (let turn = 0; turn < MOST_TURNS && worst(rs) > BALANCED * most; turn++) {
    const fanSlope = slopeOf(lift, total(flows))
    const ductSlopes = new Map(ducts.map(duct => [duct.id, slopeOf(flow => ductLossPa(duct, flow), flowIn(flows, duct.id))]))
    const matrix = open.map((_hood, i) => open.map((_other, k) => (i === k ? slopeOf(mouths[i]!, flows[i]!) + 1e-9 : 0) - fanSlope))
    // What a duct takes from one hood it takes from every hood whose air it carries.
    for (const { id } of ducts) {
      const slope = ductSlopes.get(id)!
      for (const i of carried.get(id)!) for (const k of carried.get(id)!) matrix[i]![k]! += slope
    }
    const step = solved(matrix, rs)
    // Half the way, and half of that, until it is nearer than before; no flow more than doubles or halves at once, and none turns round.
    let share = 1
    let next = flows
    do {
      next = flows.map((flow, i) => Math.min(2 * flow, Math.max(flow / 2, flow + share * step[i]!)))
      share /= 2
    } while (worst(residuals(next)) >= worst(rs) && share > LEAST_STEP)
    flows = next
    rs = residuals(flows)
  }
  const flowOf = (id: string): number => flows[open.findIndex(hood => hood.id === id)] ?? 0
  const whole = total(flows)
  return {
    fan: { flowM3PerS: whole, pressurePa: fanPa(fan, whole) },
    hoods: hoods.map((hood) => {
      const flow = flowOf(hood.id)
      const moving = velocityPressurePa(flow / ductAreaM2(byId.get(hood.ductId)!.diameterM))
      // A gauge behind the mouth reads what the mouth takes and what sets the air moving; the damper stands behind it.
      return {
        id: hood.id,
        flowM3PerS: flow,
        suctionPa: (1 + hood.entryLoss) * moving,
        share: hood.neededM3PerS === undefined ? null : flow / hood.neededM3PerS,
      }
    }),
    ducts: ducts.map((duct) => {
      const flow = flowIn(flows, duct.id)
      return { id: duct.id, flowM3PerS: flow, mPerS: flow / ductAreaM2(duct.diameterM), lossPa: ductLossPa(duct, flow) }
    }),
    isBalanced: open.length === 0 || worst(rs) <= GOOD_ENOUGH * most,
  }
}

/** Solves a small system of linear equations by elimination with the largest pivot. */
function solved(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const rows = matrix.map((row, i) => [...row, right[i]!])
  const n = rows.length
  for (let k = 0; k < n; k++) {
    const pivot = rows.slice(k).reduce((best, row, i) => (Math.abs(row[k]!) > Math.abs(rows[best]![k]!) ? k + i : best), k)
    const [from, to] = [rows[k]!, rows[pivot]!]
    rows[k] = to
    rows[pivot] = from
    for (let i = k + 1; i < n; i++) {
      const share = rows[i]![k]! / rows[k]![k]!
      for (let j = k; j <= n; j++) rows[i]![j]! -= share * rows[k]![j]!
    }
  }
  const x = new Array<number>(n).fill(0)
  for (let i = n - 1; i >= 0; i--)
    x[i] = (rows[i]![n]! - rows[i]!.slice(i + 1, n).reduce((sum, value, k) => sum + value * x[i + 1 + k]!, 0)) / rows[i]![i]!
  return x
}
