import type { Actor } from '#core/streams/decision'
import type { Holder } from '#core/rights/rights'

/** Who stands at the door. The clock and a known device hold no rights of a person; the routes decide what they may send. */
export interface Caller {
  readonly siteId: string
  readonly actor: Actor
  readonly holder: Holder | 'system'
  /** Signed with a PIN, here and now. */
  readonly isSigned?: boolean
  /** The house does this itself: its ids are its own, and nothing that is sent can take one before. */
  readonly isHouse?: boolean
}
