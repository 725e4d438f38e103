import { createHash, randomBytes, randomUUID } from 'node:crypto'
import { z } from 'zod'
import { personStream } from '#core/command/commands'
import { MASKS } from '#core/vocabulary/vocabulary'
import { handleCommand } from '../../commands/door'
import { systemCommand } from '../../commands/system-command'
import { eraseWearer, keepWearer } from '../../database/air'
import { canonicalText } from '../../database/event'
import { readPerson } from '../../database/person'
import { api, parseBody, Problem, requireRight } from '../../http'
import { useRunning } from '../../running'

const date = z.iso.date('a date as 2026-11-23').nullable()
const wearerSchema = z.strictObject({
  personId: z.string().max(64),
  /** Null erases the record. */
  wearer: z.strictObject({ mask: z.enum(MASKS), fitTestedOn: date, medicallyClearedOn: date }).nullable(),
})

/** Writes or erases a health record. The chain learns that there is one, with its salted hash; what it says stays in a table that can be erased. */
export default api(async (event) => {
  const { siteId, person: author } = await requireRight(event, 'health-fields')
  const { personId, wearer } = await parseBody(event, wearerSchema)
  const { pool, door, clock } = useRunning()
  const person = await readPerson(pool, siteId, personId)
  if (!person || person.hasLeft) throw new Problem(422, { error: 'Nobody by that id is on the people list.', fields: [{ path: 'personId', message: 'choose somebody from the list' }] })
  let health: { recordId: string, sha256: string } | null = null
  if (wearer) {
    const [recordId, salt] = [randomUUID(), randomBytes(16).toString('hex')]
    await keepWearer(pool, siteId, { personId, recordId, salt, ...wearer })
    health = { recordId, sha256: createHash('sha256').update(salt).update(canonicalText(wearer)).digest('hex') }
  }
  else await eraseWearer(pool, siteId, personId)
  const command = systemCommand(clock, [personStream(personId)], { type: 'person.note-health', payload: { health } })
  const { status, body } = await handleCommand(door, { siteId, actor: { kind: 'person', personId: author.personId }, holder: 'system' }, command)
  if (status !== 200) throw new Problem(status, body)
  return {}
})
