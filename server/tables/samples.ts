import type { Statement } from '../database/statement'
import type { SamplesState } from '#core/streams/samples/samples'

export function writeSamples(siteId: string, bayId: string, version: number, { surveys }: SamplesState): Statement[] {
  return [
    {
      text: `insert into samples_reading (site_id, bay_id, version, surveys) values ($1, $2, $3, $4)
    on conflict (site_id, bay_id) do update set version = excluded.version, surveys = excluded.surveys`,
      values: [siteId, bayId, version, JSON.stringify(surveys)],
    },
  ]
}
