import { GATES } from '../ids/vocabulary'
import type { ShopClock } from '../job/day-work'
import { minutesAt } from '../job/day-work'
import type { Station, StationEvent } from '../streams/station/station'
import { evolveStation } from '../streams/station/station'
import type { Instant } from '../time/instant'
import { msOf } from '../time/instant'
import type { Stay } from '../time/stays'

/** Something that befell a station on a day, with the command it came of: what comes of one command comes at once. */
export interface Befell { readonly event: StationEvent, readonly commandId: string, readonly recordedAt: Instant }

/** How a bay stood over a day. */
export interface DayOfBay {
  /** When it was clear to strike, minutes of the shop day. */
  readonly clear: readonly Stay[]
  /** The station as it was when it last was clear: its work, its hood, whoever stood there. Null where it never was. */
  readonly lastClear: Station | null
  /** The station as the day ended. */
  readonly atEnd: Station
}

const MINUTE_MS = 60_000
const MINUTES_A_DAY = 1440

/** Clear by what was recorded of its gates. */
const isClear = ({ gates, stop }: Station): boolean =>
  stop === null && GATES.every((gate) => {
    const state = gates[gate]?.state
    return state === 'open' || state === 'not-needed'
  })

/**
 * When a bay stood clear on a shop day, by the gates as they were recorded. A day begins on hold whatever stood the evening before: the
 * looks of that day are over, though nobody was awake to write it down.
 *
 * @param before the station as the day began
 * @param befell what was recorded of it on that day, in order
 * @param dayEnds the first instant of the next shop day
 */
export function dayOfBay(before: Station, befell: readonly Befell[], clock: ShopClock, dayEnds: Instant): DayOfBay {
  const clear: Stay[] = []
  let station = before
  let lastClear: Station | null = null
  let since: Instant | null = null
  befell.forEach(({ event, commandId, recordedAt }, at) => {
    station = evolveStation(station, event)
    if (befell[at + 1]?.commandId === commandId) return
    const stands = isClear(station)
    if (stands) lastClear = station
    if (stands && since === null) since = recordedAt
    if (!stands && since !== null) {
      clear.push(stayOf(since, recordedAt, clock))
      since = null
    }
  })
  if (since !== null) clear.push({ fromMin: minutesAt(since, clock), toMin: Math.max(MINUTES_A_DAY, stayOf(since, dayEnds, clock).toMin) })
  // Clear for no time at all was never clear: nobody strikes between two instants that are one.
  return { clear: clear.filter(({ fromMin, toMin }) => toMin > fromMin), lastClear, atEnd: station }
}

/** From one instant of a shop day to a later one, by the clock on the wall; where autumn turns it back, as long as it lasted. */
function stayOf(from: Instant, to: Instant, clock: ShopClock): Stay {
  const [fromMin, toMin] = [minutesAt(from, clock), minutesAt(to, clock)]
  return { fromMin, toMin: toMin >= fromMin ? toMin : fromMin + (msOf(to) - msOf(from)) / MINUTE_MS }
}
