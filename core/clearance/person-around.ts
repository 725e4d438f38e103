import type { KitItemFact } from '../inspection/kit-item-fact'
import type { Wearer } from '../respirator/wearer'

/** What goes with a person, wherever they stand: what they wear, and whether a mask may be counted on. */
export interface PersonAround {
  /** Things assigned to them, as of a shop day. */
  readonly worn: readonly KitItemFact[]
  /** Null when nobody has written down a mask for them. */
  readonly wearer: Wearer | null
}

/** Nobody stands here, or nothing is known of them: nothing protects them. */
export const NOBODY: PersonAround = { worn: [], wearer: null }

/** Of everybody of a site, by whom it is. */
export interface PeopleAround {
  readonly worn: Readonly<Record<string, readonly KitItemFact[]>>
  readonly wearers: Readonly<Record<string, Wearer>>
}

/** What goes with one of them. */
export function personIn({ worn, wearers }: PeopleAround, personId: string | null): PersonAround {
  return personId === null ? NOBODY : { worn: worn[personId] ?? [], wearer: wearers[personId] ?? null }
}
