import { randomBytes, randomUUID } from 'node:crypto'
import type { WearerRecord } from '#core/respirator/wearer'
import type { CareRecord } from '#core/shade/care'
import { personStream } from '#core/ids/streams'
import type { CommandOf } from '#core/streams/commands'
import type { Queryable } from '../database/connection'
import { hashOfApart } from '../record/hash-apart'
import { eraseCare, keepCare } from '../tables/care'
import { eraseWearer, keepWearer } from '../tables/wearer'
import { handleCommand } from './handle'
import { systemCommand } from './system-command'
import type { Caller } from './caller'
import type { Answer, Door } from './door'

type Author = Pick<Caller, 'siteId' | 'actor'>
/** What the chain learns of a record that is kept apart: which, and its salted hash. */
type Stamp = { readonly recordId: string, readonly sha256: string } | null

/**
 * Writes or erases a record that is kept apart. The chain learns that there is one, with its salted hash; what it says stays in a
 * table that can be erased.
 *
 * @param record null erases
 */
async function noteApart<Said extends WearerRecord | CareRecord>(
  door: Door,
  { siteId, actor }: Author,
  personId: string,
  record: Said | null,
  { commandOf, keep, erase }: {
    readonly commandOf: (stamp: Stamp) => CommandOf
    readonly keep: (db: Queryable, said: { readonly recordId: string, readonly salt: string, readonly record: Said }) => Promise<void>
    readonly erase: (db: Queryable) => Promise<unknown>
  },
): Promise<Answer> {
  const [recordId, salt] = [randomUUID(), randomBytes(16).toString('hex')]
  const stamp = record && { recordId, sha256: hashOfApart(salt, record) }
  const command = systemCommand(door.clock, [personStream(personId)], commandOf(stamp))
  // Refused, nothing of it is kept or erased.
  return handleCommand(door, { siteId, actor, holder: 'system' }, command, async (db) => {
    if (record) await keep(db, { recordId, salt, record })
    else await erase(db)
  })
}

/** Writes or erases what is known of somebody's mask: its fit test, and their medical clearance. */
export const noteHealth = (door: Door, author: Author, personId: string, wearer: WearerRecord | null): Promise<Answer> =>
  noteApart(door, author, personId, wearer, {
    commandOf: health => ({ type: 'person.note-health', payload: { health } }),
    keep: (db, { recordId, salt, record }) => keepWearer(db, author.siteId, { personId, recordId, salt, ...record }),
    erase: db => eraseWearer(db, author.siteId, personId),
  })

/** Writes or erases what is known of somebody's eyes and body. */
export const noteCare = (door: Door, author: Author, personId: string, care: CareRecord | null): Promise<Answer> =>
  noteApart(door, author, personId, care, {
    commandOf: stamp => ({ type: 'person.note-care', payload: { care: stamp } }),
    keep: (db, said) => keepCare(db, author.siteId, { personId, ...said }),
    erase: db => eraseCare(db, author.siteId, personId),
  })
