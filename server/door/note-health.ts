import { createHash, randomBytes, randomUUID } from 'node:crypto'
import type { WearerRecord } from '#core/respirator/wearer'
import { canonicalText } from '../database/event'
import { handleCommand } from './handle'
import { systemCommand } from './system-command'
import type { Caller } from './caller'
import type { Answer, Door } from './door'
import { personStream } from '#core/ids/streams'
import { eraseWearer, keepWearer } from '../tables/wearer'

/**
 * Writes or erases a health record. The chain learns that there is one, with its salted hash; what it says stays in a
 * table that can be erased.
 *
 * @param wearer null erases
 */
export async function noteHealth(
  door: Door,
  { siteId, actor }: Pick<Caller, 'siteId' | 'actor'>,
  personId: string,
  wearer: WearerRecord | null,
): Promise<Answer> {
  const [recordId, salt] = [randomUUID(), randomBytes(16).toString('hex')]
  const health = wearer && { recordId, sha256: createHash('sha256').update(salt).update(canonicalText(wearer)).digest('hex') }
  const command = systemCommand(door.clock, [personStream(personId)], { type: 'person.note-health', payload: { health } })
  // Refused, nothing of it is kept or erased.
  return handleCommand(door, { siteId, actor, holder: 'system' }, command, async (db) => {
    if (wearer) await keepWearer(db, siteId, { personId, recordId, salt, ...wearer })
    else await eraseWearer(db, siteId, personId)
  })
}
