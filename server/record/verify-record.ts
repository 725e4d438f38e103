import pg from 'pg'
import type { Anchor, Checked } from '../../scripts/zonaris-verify.mjs'
import { checkRecord } from '../../scripts/zonaris-verify.mjs'
import { checkDerived } from './check-derived'
import { exportRecord } from './export-record'

/** Runs work on a connection of its own that sees one moment; nothing that it makes stays. */
export async function atOneMoment<Result>(url: string, work: (client: pg.Client) => Promise<Result>): Promise<Result> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    await client.query('begin transaction isolation level repeatable read')
    return await work(client)
  } finally {
    await client.query('rollback')
    await client.end()
  }
}

/** What is given from outside: anchors, and the key they were signed with. */
export interface FromOutside {
  readonly anchors?: readonly Anchor[]
  readonly publicKeyPem?: string | null
}

/** Looks at the whole record, inside a transaction that sees one moment: see `verifyRecord`. */
export async function verifyInside(client: pg.ClientBase, given: FromOutside = {}): Promise<Checked> {
  const checked = await checkRecord(() => exportRecord(client, null), given)
  return { ...checked, wounds: [...checked.wounds, ...(await checkDerived(client))] }
}

/**
 * Looks at the whole record at one moment: every event, every seal, what was anchored outside, and everything that is derived.
 *
 * @param url a login that may read all and make temporary tables
 */
export const verifyRecord = (url: string, given: FromOutside = {}): Promise<Checked> =>
  atOneMoment(url, client => verifyInside(client, given))
