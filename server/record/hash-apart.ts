import { createHash } from 'node:crypto'
import type { WearerRecord } from '#core/respirator/wearer'
import type { CareRecord } from '#core/shade/care'
import { canonicalText } from '../database/event'

/** What a record that is kept apart is hashed to. */
export const hashOfApart = (salt: string, record: WearerRecord | CareRecord): string =>
  createHash('sha256').update(salt).update(canonicalText(record)).digest('hex')
