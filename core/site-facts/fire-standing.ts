import type { KeptPermit, PermitFact } from '../streams/permit/permit-fact'
import type { FireAround } from '../clearance/fire-around'

/** What the Fire gates of some bays are read from: their open permits, how many screens are heard, names of people. */
export interface FireReadings {
  readonly permits: readonly KeptPermit[]
  readonly screens: number
  readonly names: Readonly<Record<string, string>>
}

/** The same, ready for judging: by bay. */
export interface FireStanding {
  readonly byBay: Readonly<Record<string, readonly PermitFact[]>>
  readonly screens: number
  readonly names: Readonly<Record<string, string>>
}
export const NO_FIRE_STANDING: FireStanding = { byBay: {}, screens: 0, names: {} }

/** What of it concerns one bay. */
export const fireAt = ({ byBay, screens, names }: FireStanding, bayId: string): FireAround => ({
  permits: byBay[bayId] ?? [],
  secondScreen: screens >= 2,
  nameOf: personId => names[personId] ?? 'the watch',
})
