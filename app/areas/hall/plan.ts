import type { HallPlan, PlanKind, Spot } from '#core/streams/hall/hall-plan'
import type { HallSize } from '#core/streams/site/site'
import type { HallDucts } from '#core/ventilation/hall-ducts'

type Outline = HallPlan['outline']

/** How far round its bays a hall is taken to reach where nobody drew it, m. */
const ROUND_BAYS_M = 3

/** Where a hall ends: as it was drawn, as its sides were told from the corner of the grid on, or as far as its bays ask for. */
export function outlineOf(plan: HallPlan | null, bays: readonly Spot[], size: HallSize | null = null): Outline {
  if (plan) return plan.outline
  if (size) return { xM: 0, yM: 0, lengthM: size.lengthM, widthM: size.widthM }
  if (bays.length === 0) return { xM: 0, yM: 0, lengthM: 10, widthM: 6 }
  const [left, right] = [Math.min(...bays.map(({ xM }) => xM)), Math.max(...bays.map(({ xM }) => xM))]
  const [top, bottom] = [Math.min(...bays.map(({ yM }) => yM)), Math.max(...bays.map(({ yM }) => yM))]
  return {
    xM: left - ROUND_BAYS_M,
    yM: top - ROUND_BAYS_M,
    lengthM: right - left + 2 * ROUND_BAYS_M,
    widthM: bottom - top + 2 * ROUND_BAYS_M,
  }
}

/** How what moves air is drawn, pointing along the grid: its arrow, and where the box of a fan begins. */
export const ARROWS: Readonly<Partial<Record<PlanKind, { readonly arrow: string, readonly boxX?: number }>>> = {
  'blows-in': { arrow: 'M -8 0 H 8 M 2 -6 L 9 0 L 2 6', boxX: -14 },
  'draws-out': { arrow: 'M -8 0 H 8 M 2 -6 L 9 0 L 2 6', boxX: 8 },
  'draught': { arrow: 'M -16 0 H 14 M 7 -6 L 15 0 L 7 6' },
}

/** The outline with every spot in it: none is drawn outside of the picture. */
export function seenFrom({ xM, yM, lengthM, widthM }: Outline, spots: readonly Spot[]): Outline {
  const [left, top] = [Math.min(xM, ...spots.map(spot => spot.xM)), Math.min(yM, ...spots.map(spot => spot.yM))]
  const [right, bottom] = [Math.max(xM + lengthM, ...spots.map(spot => spot.xM)), Math.max(yM + widthM, ...spots.map(spot => spot.yM))]
  return { xM: left, yM: top, lengthM: right - left, widthM: bottom - top }
}

/** What has a name and nothing at its end where a hood would be: the ducts whose meeting point is said on a plan. */
export const meetingDucts = ({ ducts, hoods }: HallDucts): readonly string[] =>
  ducts.map(({ id }) => id).filter(id => !hoods.some(({ ductId }) => ductId === id))

/**
 * The runs of the ducts as a plan shows them, each from its far end to where it leads; what nobody placed is left out.
 *
 * @param hoodAt where the mouth of a bay's hood is
 */
export function ductRuns(
  { ducts, hoods }: HallDucts,
  { ductsAt, things }: HallPlan,
  hoodAt: (bayId: string) => Spot | null,
): readonly { readonly id: string, readonly from: Spot, readonly to: Spot }[] {
  const fan = things.find(({ kind }) => kind === 'duct-fan') ?? null
  const farEnd = (id: string): Spot | null => {
    const hood = hoods.find(({ ductId }) => ductId === id)
    return hood ? hoodAt(hood.bayId) : ductsAt[id] ?? null
  }
  return ducts.flatMap(({ id, into }) => {
    const [from, to] = [farEnd(id), into === null ? fan : farEnd(into)]
    return from && to ? [{ id, from, to }] : []
  })
}
