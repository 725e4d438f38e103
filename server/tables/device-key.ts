import type { Queryable } from '../database/connection'

/** Keeps the digest of a key. The key itself is kept nowhere. */
export async function keepDeviceKey(db: Queryable, siteId: string, keyId: string, keySha256: string): Promise<void> {
  await db.query('insert into device_key (site_id, key_id, key_sha256) values ($1, $2, $3)', [siteId, keyId, keySha256])
}

export async function dropDeviceKey(db: Queryable, siteId: string, keyId: string): Promise<void> {
  await db.query('delete from device_key where site_id = $1 and key_id = $2', [siteId, keyId])
}

/** The site that a key reads, or null when it was never made or is revoked. */
export async function siteOfDeviceKey(db: Queryable, keySha256: string): Promise<string | null> {
  const { rows } = await db.query<{ site_id: string }>('select site_id from device_key where key_sha256 = $1', [keySha256])
  return rows[0]?.site_id ?? null
}
