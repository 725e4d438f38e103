import type { DrawSet } from '../chance/draw-set'
import type { SubstanceId } from '../ids/vocabulary'
import type { Range } from '../range'
import { risen } from '../ventilation/hall-modes'
import type { DrawnHall, HallBay } from './drawn-hall'
import { floatsAs, partOfFume } from './drawn-hall'
import { alongBetween, MINUTE } from './heard'

/** What floats in a hall over the day, mg/m³: the middle and the 95th percentile, minute by minute as they were asked. */
export interface HallCourse {
  /** By the parts of a long hall, from its beginning on; one where it is not long. */
  readonly hall: readonly (readonly Range[])[]
  /** Bay by bay, mixed through its near field: before how somebody stands there. */
  readonly near: readonly (readonly Range[])[]
}

/**
 * The course of one substance through the day of a hall. Arc time is spread evenly over its stretch, as in the eight-hour sum: what one run
 * of the arc reaches is more. An arc that does not burn puts nothing in the hall, and stands in its own near field alone.
 *
 * @param atMin minutes of the shop day
 * @param burns whether a bay's arcs are counted in the hall
 * @param spread how what was drawn is read
 * Source: `twoZone`, `hallDoubt`; the sum derived here.
 */
export function hallCourse(
  hall: DrawnHall,
  bays: readonly HallBay[],
  substance: SubstanceId,
  atMin: readonly number[],
  burns: (spot: number) => boolean,
  spread: DrawSet['spread'],
): HallCourse {
  const { count, mixing } = hall
  const what = floatsAs(substance)
  const modes = hall.modes(hall.moving(what))
  const { slow, fast, apart, weights } = modes
  const parts = Array.from({ length: hall.long?.parts ?? 1 }, (_, part) => part)
  const partOf = (spot: number): number | undefined => hall.long ? bays[spot]!.part : 0
  const sources = bays.flatMap(({ work }, spot) =>
    work.flatMap((stretch, index) => {
      if (!stretch.emission[substance]) return []
      const [made, minutes, taken] = [hall.madeOf(spot, index, substance), hall.arcMinutes(spot, stretch.arcMinPerH), hall.taken(spot)]
      const returned = hall.returned(spot, what)
      // Responses are to 1 mg/s.
      const perS = made.map((mgPerMin, n) => (mgPerMin * minutes[n]!) / 60 / MINUTE)
      const [loose, back] = [perS.map((mg, n) => mg * (1 - taken[n]!)), perS.map((mg, n) => mg * taken[n]! * returned)]
      return [{ spot, stretch, isIn: burns(spot), loose, back }]
    }),
  )
  const all = bays.flatMap(({ work }) => work)
  const part = partOfFume(all, substance)
  const incoming = part > 0 ? hall.incoming() : null
  const { own, other, hall: inHall } = weights

  const at = (minute: number): { readonly fars: readonly Float64Array[], readonly nears: readonly Float64Array[] } => {
    const fars = parts.map(() => new Float64Array(count))
    /** What every near field holds beyond the hall, and what one of them does beyond the rest. */
    const besides = new Float64Array(count)
    const alone = bays.map(() => new Float64Array(count))
    for (const { spot, stretch, isIn, loose, back } of sources) {
      const afterS = (minute - stretch.fromMin) * MINUTE
      if (afterS <= 0) continue
      const onS = (stretch.toMin - stretch.fromMin) * MINUTE
      const mine = alone[spot]!
      for (let n = 0; n < count; n++) {
        const [bySlow, byFast, byApart] = [risen(slow[n]!, afterS, onS), risen(fast[n]!, afterS, onS), risen(apart[n]!, afterS, onS)]
        const inFar = mixing[n]! * (
          loose[n]! * (own.farSlow[n]! * bySlow + own.farFast[n]! * byFast)
          + back[n]! * (inHall.farSlow[n]! * bySlow + inHall.farFast[n]! * byFast)
        )
        const inAll
          = loose[n]! * (own.nearSlow[n]! * bySlow + own.nearFast[n]! * byFast + other.nearApart[n]! * byApart)
            + back[n]! * (inHall.nearSlow[n]! * bySlow + inHall.nearFast[n]! * byFast)
        if (isIn) {
          for (const far of fars) far[n]! += inFar
          besides[n]! += inAll
        } else mine[n]! += inFar + inAll
        mine[n]! += loose[n]! * (own.nearApart[n]! - other.nearApart[n]!) * byApart
      }
      const from = partOf(spot)
      // What burns and is not counted in the hall stands round its own arc alone.
      for (const to of isIn ? parts : [from ?? 0]) {
        const into = isIn ? fars[to]! : mine
        for (const { rate, weight, perM3 } of alongBetween(modes, { from, to }))
          for (let n = 0; n < count; n++)
            into[n]! += mixing[n]! * (loose[n]! + back[n]!) * weight * perM3[n]! * risen(rate[n]!, afterS, onS)
      }
    }
    if (incoming) for (const far of fars) for (let n = 0; n < count; n++) far[n]! += part * incoming[n]!
    // Where a bay stands that nobody placed is taken to be the fullest part.
    const fullest = fars.reduce((most, far) => sumOf(far) > sumOf(most) ? far : most)
    const around = (spot: number): Float64Array => {
      const own = partOf(spot)
      return own === undefined ? fullest : fars[own]!
    }
    return {
      fars: fars.map(far => far.map(mg => Math.max(0, mg))),
      nears: alone.map((mine, spot) => mine.map((mg, n) => Math.max(0, mg + around(spot)[n]! + besides[n]!))),
    }
  }
  const course = atMin.map(at)
  return {
    hall: parts.map(part => course.map(({ fars }) => spread(fars[part]!))),
    near: bays.map((_, spot) => course.map(({ nears }) => spread(nears[spot]!))),
  }
}

const sumOf = (drawn: Float64Array): number => drawn.reduce((sum, one) => sum + one, 0)
