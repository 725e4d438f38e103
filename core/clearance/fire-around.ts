import type { PermitFact } from '../streams/permit/permit-fact'

/** What the Fire gate of a bay rests on besides its things. */
export interface FireAround {
  /** Permits for this bay that have not ended. */
  readonly permits: readonly PermitFact[]
  /** Another screen of the site was heard within a minute. */
  readonly secondScreen: boolean
  readonly nameOf: (personId: string) => string
}

/** Nothing is known of any permit: a spot on a structure holds. */
export const NO_FIRE_AROUND: FireAround = { permits: [], secondScreen: false, nameOf: id => id }
