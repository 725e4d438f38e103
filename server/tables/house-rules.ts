import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import type { Versioned } from './versioned'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { asHouseRules } from './states'

export async function readHouseRules(db: Queryable, siteId: string): Promise<Versioned<HouseRules> | null> {
  const { rows } = await db.query<{ version: number, rules: unknown }>(
    'select version, rules from house_rules_reading where site_id = $1',
    [siteId],
  )
  return rows[0] ? { version: rows[0].version, value: asHouseRules(rows[0].rules) } : null
}

export function writeHouseRules(siteId: string, version: number, rules: HouseRules): Statement[] {
  return [
    {
      text: `insert into house_rules_reading (site_id, version, rules) values ($1, $2, $3)
    on conflict (site_id) do update set version = excluded.version, rules = excluded.rules`,
      values: [siteId, version, JSON.stringify(rules)],
    },
  ]
}
