import type { CareRecord, Sizes } from '#core/shade/care'
import { careRecord } from '#shared/contract/sign-in-schema'
import type { Queryable } from '../database/connection'

export async function keepCare(
  db: Queryable,
  siteId: string,
  { personId, recordId, salt, record }: {
    readonly personId: string
    readonly recordId: string
    readonly salt: string
    readonly record: CareRecord
  },
): Promise<void> {
  await db.query(
    `insert into person_care (site_id, person_id, record_id, salt, record) values ($1, $2, $3, $4, $5)
    on conflict (site_id, person_id) do update set record_id = excluded.record_id, salt = excluded.salt, record = excluded.record`,
    [siteId, personId, recordId, salt, JSON.stringify(record)],
  )
}

/** Erases for good; the chain keeps only that there was a record. */
export async function eraseCare(db: Queryable, siteId: string, personId: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from person_care where site_id = $1 and person_id = $2', [siteId, personId])
  return rowCount === 1
}

/** The sizes that people wear, of whom they are known. */
export async function readSizes(db: Queryable, siteId: string): Promise<Readonly<Record<string, Sizes>>> {
  const known = await readCare(db, siteId, null)
  return Object.fromEntries(known.flatMap(({ personId, sizeOf }) => sizeOf ? [[personId, sizeOf]] : []))
}

/** What is known of one person's eyes and body, or of everybody's. */
export async function readCare(
  db: Queryable,
  siteId: string,
  personId: string | null,
): Promise<(CareRecord & { readonly personId: string })[]> {
  const { rows } = await db.query<{ person_id: string, record: unknown }>(
    'select person_id, record from person_care where site_id = $1 and ($2::text is null or person_id = $2) order by person_id',
    [siteId, personId],
  )
  return rows.map(row => ({ personId: row.person_id, ...careRecord.parse(row.record) }))
}
