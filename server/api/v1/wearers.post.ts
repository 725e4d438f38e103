import { z } from 'zod'
import { MASKS } from '#core/vocabulary/vocabulary'
import { noteHealth } from '../../commands/note-health'
import { readPerson } from '../../database/person'
import { api, parseBody, Problem, requireRight } from '../../http'
import { useRunning } from '../../running'

const date = z.iso.date('a date as 2026-11-23').nullable()
const wearerSchema = z.strictObject({
  personId: z.string().max(64),
  /** Null erases the record. */
  wearer: z.strictObject({ mask: z.enum(MASKS), fitTestedOn: date, medicallyClearedOn: date }).nullable(),
})

/** Writes or erases the health record of somebody who wears a mask. */
export default api(async (event) => {
  const { siteId, person: author } = await requireRight(event, 'health-fields')
  const { personId, wearer } = await parseBody(event, wearerSchema)
  const { pool, door } = useRunning()
  const person = await readPerson(pool, siteId, personId)
  if (!person || person.hasLeft) throw new Problem(422, { error: 'Nobody by that id is on the people list.', fields: [{ path: 'personId', message: 'choose somebody from the list' }] })
  const { status, body } = await noteHealth(door, { siteId, actor: { kind: 'person', personId: author.personId } }, personId, wearer)
  if (status !== 200) throw new Problem(status, body)
  return {}
})
