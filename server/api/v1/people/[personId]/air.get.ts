import { getQuery, getRouterParam } from 'h3'
import { z } from 'zod'
import { reachOf } from '#core/rights/rights'
import type { Readings } from '#shared/contract/answers'
import { api, parse, Problem, requireSignedIn } from '../../../../http'
import { useRunning } from '../../../../running'
import { DAYS_AT_A_TIME, readAirOfDays } from '../../../../tables/air-of-days'
import { readPerson } from '../../../../tables/person'
import { errorsHere } from '../../../../words/here'

const querySchema = z.strictObject({ before: z.iso.date().optional() })

/** What somebody breathed, day by day, newest first: one's own, and anybody's for who reads the whole record. */
export default api(async (event): Promise<Readings['people/{personId}/air']> => {
  const { siteId, person, holder } = await requireSignedIn(event)
  const { pool } = useRunning()
  const { before } = parse(querySchema, getQuery(event))
  const personId = getRouterParam(event, 'personId') ?? ''
  const mayRead = personId === person.personId || reachOf(holder, 'read-records') === 'all'
  // What is not theirs to read is not there for them, whether or not anybody has that id.
  if (!mayRead || !await readPerson(pool, siteId, personId)) throw new Problem(404, { error: errorsHere().nobodyByThatId })
  const days = await readAirOfDays(pool, siteId, personId, before ?? null)
  return { days, hasMore: days.length === DAYS_AT_A_TIME }
})
