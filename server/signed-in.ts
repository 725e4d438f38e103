import type { Holder } from '#core/rights/rights'
import type { PersonReading } from '#shared/contract/readings'

/** Whose session a request comes with. */
export interface SignedIn {
  readonly siteId: string
  readonly sessionId: string
  readonly deviceId: string
  readonly person: PersonReading
  readonly holder: Holder
}
