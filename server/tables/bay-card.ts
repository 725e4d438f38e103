import { randomBytes } from 'node:crypto'
import type { Queryable } from '../database/connection'

/** So much of it nobody guesses: 24 bytes, as text. */
const TOKEN_BYTES = 24

/** The token of a bay's card; made when the first card is printed, and the same from then on. */
export async function cardToken(db: Queryable, siteId: string, bayId: string): Promise<string> {
  await db.query('insert into bay_card (site_id, bay_id, token) values ($1, $2, $3) on conflict (site_id, bay_id) do nothing', [
    siteId,
    bayId,
    randomBytes(TOKEN_BYTES).toString('base64url'),
  ])
  const { rows } = await db.query<{ token: string }>('select token from bay_card where site_id = $1 and bay_id = $2', [siteId, bayId])
  return rows[0]!.token
}

/** The bay that a card is of; null for a token that nobody printed. */
export async function bayOfCard(db: Queryable, token: string): Promise<{ readonly siteId: string, readonly bayId: string } | null> {
  const { rows } = await db.query<{ site_id: string, bay_id: string }>('select site_id, bay_id from bay_card where token = $1', [token])
  return rows[0] ? { siteId: rows[0].site_id, bayId: rows[0].bay_id } : null
}
