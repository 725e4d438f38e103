import { wearerRequest } from '#shared/contract/sign-in-schema'
import { noteHealth } from '../../door/note-apart'
import { requireHere } from '../../require-here'
import { api, parseBody, Problem, refuseInput, requireRight } from '../../http'
import { useRunning } from '../../running'

/** Writes or erases the health record of somebody who wears a mask. */
export default api(async (event) => {
  const { siteId, person: author } = await requireRight(event, 'health-fields')
  const { personId, wearer } = await parseBody(event, wearerRequest)
  const { pool, door, clock } = useRunning()
  // A date to come would make somebody ready for longer than anybody tested them. Zones differ by less than a day.
  const tomorrow = new Date(clock.nowMs() + 24 * 3600_000).toISOString().slice(0, 10)
  for (const field of ['fitTestedOn', 'medicallyClearedOn'] as const) {
    if ((wearer?.[field] ?? '') > tomorrow) refuseInput(`wearer.${field}`, 'a day that has been')
  }
  await requireHere(pool, siteId, personId)
  const { status, body } = await noteHealth(door, { siteId, actor: { kind: 'person', personId: author.personId } }, personId, wearer)
  if (status !== 200) throw new Problem(status, body)
  return {}
})
