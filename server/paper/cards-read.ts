import type { H3Event } from 'h3'
import { getRequestURL } from 'h3'
import type pg from 'pg'
import type { BayCard } from '#core/card/bay-card'
import { bayCard } from '#core/card/bay-card'
import { judgeSite } from '#core/site-facts/judge-site'
import type { SiteFacts } from '#core/site-facts/site-facts'
import type { Station } from '#core/streams/station/station'
import type { Instant } from '#core/time/instant'
import type { CallNumbers } from '#shared/contract/readings'
import type { Clock } from '../clock'
import { nowIso } from '../clock'
import { inTransaction } from '../database/connection'
import { readWholeSite } from '../tables/site-facts'
import type { CardsOf } from './card-paper'

/** A site as it stands, with the card of every open bay, all of one moment. */
export interface CardsRead {
  readonly facts: SiteFacts<Station>
  readonly cards: readonly { readonly card: BayCard, readonly personId: string | null }[]
}

export const readCards = (pool: pg.Pool, siteId: string, now: Instant): Promise<CardsRead> =>
  inTransaction(pool, async (db) => {
    await db.query('set transaction isolation level repeatable read read only')
    const facts = await readWholeSite(db, siteId, now)
    const nameOf = (personId: string): string | null => facts.welders[personId]?.name ?? null
    return {
      facts,
      cards: judgeSite(facts).map(judged => ({ card: bayCard(judged, nameOf), personId: judged.station.personId })),
    }
  })

/** What was read of a site is told for so long, ms: any number of phones that hold its cards ask for the same. */
const TOLD_FOR_MS = 1000
const kept = new Map<string, { readonly begunMs: number, readonly read: Promise<CardsRead> }>()

/** The same for whoever holds a card: worked out once for all of them. Nothing that matters is kept here. */
export function readCardsForAll(pool: pg.Pool, siteId: string, clock: Clock): Promise<CardsRead> {
  const known = kept.get(siteId)
  if (known && Math.abs(clock.nowMs() - known.begunMs) < TOLD_FOR_MS) return known.read
  const begun = { begunMs: clock.nowMs(), read: readCards(pool, siteId, nowIso(clock)) }
  kept.set(siteId, begun)
  begun.read.catch(() => {
    if (kept.get(siteId) === begun) kept.delete(siteId)
  })
  return begun.read
}

export const callsOf = ({ rules }: Pick<SiteFacts, 'rules'>): CallNumbers => {
  const { emergencyNumber, firePointNumber, firstAidNumber, gasSupplierNumber } = rules
  return { emergencyNumber, firePointNumber, firstAidNumber, gasSupplierNumber }
}

/** What stands on every paper of a site. */
export const cardsOf = (facts: SiteFacts<Station>, printedAt: Instant): CardsOf => ({
  siteName: facts.site.name,
  timeZone: facts.site.timeZone,
  units: facts.rules.units,
  calls: callsOf(facts),
  printedAt,
})

/**
 * Where a card's code leads: under `PUBLIC_URL`, or, where nobody said under which address the shop is reached, where this paper was
 * asked for.
 */
export const cardAddress = (event: H3Event, token: string): string =>
  new URL(`/c/${token}`, process.env.PUBLIC_URL ?? getRequestURL(event).origin).href
