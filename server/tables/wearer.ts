import type { WearerRecord } from '#core/respirator/wearer'
import { asFitTest } from './states'
import type { Queryable } from '../database/connection'
import type { MaskId } from '#core/ids/vocabulary'

export interface StoredWearer extends WearerRecord {
  readonly personId: string
  readonly recordId: string
  readonly salt: string
}

export async function keepWearer(
  db: Queryable,
  siteId: string,
  { personId, recordId, salt, mask, fitTestedOn, medicallyClearedOn, fit }: StoredWearer,
): Promise<void> {
  await db.query(
    `insert into wearer_health (site_id, person_id, record_id, salt, mask, fit_tested_on, medically_cleared_on, fit)
    values ($1, $2, $3, $4, $5, $6, $7, $8)
    on conflict (site_id, person_id) do update set record_id = excluded.record_id, salt = excluded.salt, mask = excluded.mask,
      fit_tested_on = excluded.fit_tested_on, medically_cleared_on = excluded.medically_cleared_on, fit = excluded.fit`,
    [siteId, personId, recordId, salt, mask, fitTestedOn, medicallyClearedOn, fit ? JSON.stringify(fit) : null],
  )
}

/** Erases for good; the chain keeps only that there was a record. */
export async function eraseWearer(db: Queryable, siteId: string, personId: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from wearer_health where site_id = $1 and person_id = $2', [siteId, personId])
  return rowCount === 1
}

/** Health records: of one person, or of all. */
export async function readWearers(
  db: Queryable,
  siteId: string,
  personId: string | null,
): Promise<(WearerRecord & { readonly personId: string })[]> {
  const { rows } = await db.query<{ person_id: string, mask: MaskId, fitted: string | null, medical: string | null, fit: unknown }>(
    `
    select person_id, mask, to_char(fit_tested_on, 'YYYY-MM-DD') as fitted, to_char(medically_cleared_on, 'YYYY-MM-DD') as medical, fit
    from wearer_health where site_id = $1 and ($2::text is null or person_id = $2) order by person_id`,
    [siteId, personId],
  )
  return rows.map(({ person_id: personId, mask, fitted, medical, fit }) =>
    ({ personId, mask, fitTestedOn: fitted, medicallyClearedOn: medical, ...(fit ? { fit: asFitTest(fit) } : {}) }))
}
