import type { Language } from '#shared/words/language'
import type { Queryable } from '../database/connection'

/** The language that a person chose; null for who never did: the site's stands. */
export async function readLanguage(db: Queryable, siteId: string, personId: string): Promise<Language | null> {
  const { rows } = await db.query<{ language: Language }>('select language from preference where site_id = $1 and person_id = $2', [
    siteId,
    personId,
  ])
  return rows[0]?.language ?? null
}

export async function setLanguage(db: Queryable, siteId: string, personId: string, language: Language): Promise<void> {
  await db.query(
    `insert into preference (site_id, person_id, language) values ($1, $2, $3)
    on conflict (site_id, person_id) do update set language = excluded.language`,
    [siteId, personId, language],
  )
}

/** What somebody chose for themselves is nobody's once they have left. */
export async function erasePreference(db: Queryable, siteId: string, personId: string): Promise<void> {
  await db.query('delete from preference where site_id = $1 and person_id = $2', [siteId, personId])
}
