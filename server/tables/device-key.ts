import type { KeyPurposeId } from '#core/ids/monitor-ids'
import type { Queryable } from '../database/connection'

/** Keeps the digest of a key. The key itself is kept nowhere. */
export async function keepDeviceKey(
  db: Queryable,
  siteId: string,
  { keyId, keySha256, purpose }: { readonly keyId: string, readonly keySha256: string, readonly purpose: KeyPurposeId },
): Promise<void> {
  await db.query(
    'insert into device_key (site_id, key_id, key_sha256, purpose) values ($1, $2, $3, $4)',
    [siteId, keyId, keySha256, purpose],
  )
}

export async function dropDeviceKey(db: Queryable, siteId: string, keyId: string): Promise<void> {
  await db.query('delete from device_key where site_id = $1 and key_id = $2', [siteId, keyId])
}

/** The site that a key is for, and which key it is; null when it was never made, is revoked, or is for something else. */
export async function deviceKeyBehind(
  db: Queryable,
  keySha256: string,
  purpose: KeyPurposeId,
): Promise<{ readonly siteId: string, readonly keyId: string } | null> {
  const { rows } = await db.query<{ site_id: string, key_id: string }>(
    'select site_id, key_id from device_key where key_sha256 = $1 and purpose = $2',
    [keySha256, purpose],
  )
  const [row] = rows
  return row ? { siteId: row.site_id, keyId: row.key_id } : null
}
