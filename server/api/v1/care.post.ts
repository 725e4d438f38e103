import { careRequest } from '#shared/contract/sign-in-schema'
import { noteCare } from '../../door/note-apart'
import { api, parseBody, Problem, requireRight } from '../../http'
import { requireHere } from '../../require-here'
import { useRunning } from '../../running'

/** Writes or erases what is known of somebody's eyes and body. */
export default api(async (event) => {
  const { siteId, person: author } = await requireRight(event, 'health-fields')
  const { personId, care } = await parseBody(event, careRequest)
  const { pool, door } = useRunning()
  await requireHere(pool, siteId, personId)
  const { status, body } = await noteCare(door, { siteId, actor: { kind: 'person', personId: author.personId } }, personId, care)
  if (status !== 200) throw new Problem(status, body)
  return {}
})
