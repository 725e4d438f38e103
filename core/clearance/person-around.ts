import type { KitItemFact } from '../inspection/kit-item-fact'
import type { ProcessId, ZoneId } from '../ids/vocabulary'
import type { Wearer } from '../respirator/wearer'
import type { ToldOutfit } from '../ppe/wearables'
import type { Instant } from '../time/instant'
import type { SettledShade } from '../shade/settled-shade'

/** What is known of somebody who welds, as far as gates ask. Of health only what follows from it. */
export interface Welder {
  readonly name: string
  /** Processes they are signed off for. */
  readonly signedOffFor: readonly ProcessId[]
  /** The day, YYYY-MM-DD, until which what they were taught of a process stands; left out where it does not end. */
  readonly taughtUntil: Readonly<Partial<Record<ProcessId, string>>>
  readonly settled: readonly SettledShade[]
  /** Starts one shade darker. */
  readonly isOneDarker: boolean
  /** Sees by lenses of their own: rated ones, or rated glasses over them. */
  readonly wearsPrescription: boolean
  /** What they were last seen to have on; null where nobody ever told. */
  readonly outfit: OutfitToday | null
  /** When something that covered a zone went back to the shop. */
  readonly takenOff: Readonly<Partial<Record<ZoneId, Instant>>>
}

/** The day until which what somebody was taught of a process stood, where that is over; null where it stands, or does not end. */
export function trainingOver({ taughtUntil }: Pick<Welder, 'taughtUntil'>, process: ProcessId, shopDay: string): string | null {
  const until = taughtUntil[process]
  return until !== undefined && until < shopDay ? until : null
}

/** What somebody has on, as it was seen at an instant; it speaks until the shop day ends. */
export interface OutfitToday extends ToldOutfit { readonly at: Instant, readonly validUntil: Instant }

/** What goes with a person, wherever they stand: what they wear, and whether a mask may be counted on. */
export interface PersonAround {
  /** Things assigned to them, as of a shop day. */
  readonly worn: readonly KitItemFact[]
  /** Null when nobody has written down a mask for them. */
  readonly wearer: Wearer | null
  /** Null for nobody, and for somebody who is not known. */
  readonly welder: Welder | null
}

/** Nobody stands here, or nothing is known of them: nothing protects them. */
export const NOBODY: PersonAround = { worn: [], wearer: null, welder: null }

/** Of everybody of a site, by whom it is. */
export interface PeopleAround {
  readonly worn: Readonly<Record<string, readonly KitItemFact[]>>
  readonly wearers: Readonly<Record<string, Wearer>>
  readonly welders: Readonly<Record<string, Welder>>
}

/** What goes with one of them. */
export function personIn({ worn, wearers, welders }: PeopleAround, personId: string | null): PersonAround {
  return personId === null ? NOBODY : { worn: worn[personId] ?? [], wearer: wearers[personId] ?? null, welder: welders[personId] ?? null }
}
