import { shopDayEndsAtMs, shopDayOf } from '../time/shop-day'
import type { Holder } from '../rights/rights'
import type { Instant } from '../time/instant'
import { msOf } from '../time/instant'
import type { Actor } from './decision'
import type { HouseRules } from './house-rules/house-rules'
import type { Site } from './site/site'

/** Where and when a command is decided, and by whom: what every decision knows. */
export interface Scene {
  /** The id behind the stream: a bay, a tag, a person. */
  readonly id: string
  readonly site: Site
  readonly rules: HouseRules
  readonly now: Instant
  /** When it was so: never after now. */
  readonly at: Instant
  readonly actor: Actor
  /** The system itself holds every right: it acts for whoever made it act. */
  readonly holder: Holder | 'system'
  /** Signed with a PIN, here and now. */
  readonly isSigned: boolean
}

/** Who acts, in one word for the record. */
export const actorWord = (actor: Actor): string => (actor.kind === 'person' ? actor.personId : actor.kind)

type Day = Pick<Scene, 'site' | 'rules'>

/** The shop day that holds an instant, YYYY-MM-DD. */
export const shopDayAt = ({ site, rules }: Day, at: Instant): string => shopDayOf(msOf(at), site.timeZone, rules.shopDayHour)

/** When the shop day ends that holds an instant. */
export const dayEndsAfter = ({ site, rules }: Day, at: Instant): Instant =>
  new Date(shopDayEndsAtMs(msOf(at), site.timeZone, rules.shopDayHour)).toISOString()
