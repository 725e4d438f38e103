import type { Shown } from '../shown'

/** What the board and the command line say of a job, in English; the board loads this, and not what its panels say. */
export const jobPages = {
  words: {
    to: (currentRangeA: Shown, current: Shown) => `${currentRangeA} to ${current}`,
    tungsten: (length: Shown) => `${length} tungsten`,
    rod: (length: Shown) => `${length} rod`,
    wire: (length: Shown) => `${length} wire`,
    wire2: (feed: Shown) => `wire ${feed}`,
    travel: (feed: Shown) => `travel ${feed}`,
    kerf: (width: Shown) => `cut ${width} wide`,
    shopAir: 'shop air',
    gas: (gasFlow: Shown) => `gas ${gasFlow}`,
    thick: (length: Shown) => `${length} thick`,
    acetylene: (flow: Shown) => `acetylene ${flow}`,
    oxygen: (flow: Shown) => `oxygen ${flow}`,
    coatingNotKnown: 'coating not known',
    stripped: (what: Shown) => `, stripped${what}`,
    to2: (startsAt: Shown, endsAt: Shown) => `${startsAt} to ${endsAt}`,
    head: (heads: Shown) => `head ${heads}`,
    arcAnHour: (minutes: Shown) => `${minutes} arc an hour`,
  },
}
