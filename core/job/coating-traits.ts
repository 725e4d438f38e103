import type { CoatingId } from '../ids/vocabulary'

/** What follows from what a plate is coated with. A coating that is named and not described here does not compile. */
export interface CoatingTraits {
  /** It is known what it is, and that heat drives it off: Job says so. What nobody can name holds there instead. */
  readonly burnsOff: boolean
  /** Puts metal or paint fume where it is breathed. */
  readonly isFuming: boolean
  /** Law asks for a hood: zinc, lead, cadmium, or what may hold them. Source: 29 CFR 1910.252(c). */
  readonly needsHood: boolean
}

const HARMS: CoatingTraits = { burnsOff: true, isFuming: true, needsHood: true }
const UNNAMED: CoatingTraits = { burnsOff: false, isFuming: true, needsHood: true }

export const COATING_TRAITS: Readonly<Record<CoatingId, CoatingTraits>> = {
  'none': { burnsOff: false, isFuming: false, needsHood: false },
  'zinc': HARMS,
  'zinc-strip': HARMS,
  'zinc-plated': HARMS,
  'zinc-primer': HARMS,
  'lead-paint': HARMS,
  'cadmium': HARMS,
  'paint': UNNAMED,
  'primer': UNNAMED,
  'yellow-passivate': UNNAMED,
  'unknown': UNNAMED,
  'chromium-plated': { burnsOff: true, isFuming: true, needsHood: false },
  'aluminised': { burnsOff: true, isFuming: false, needsHood: false },
  'oil': { burnsOff: true, isFuming: false, needsHood: false },
}
