import type { Readings } from '#shared/contract/answers'
import { getRouterParam } from 'h3'
import { cylinderFact, requalificationOf } from '#core/cylinder/cylinder-fact'
import { tagIdOf } from '#core/ids/tag'
import { api, Problem, requireSignedIn } from '../../../http'
import { readLifeFor } from '../../../readable'
import { useRunning } from '../../../running'
import { shopDayNow } from '../../../shop-day'
import { cylinderStream } from '#core/ids/streams'
import { readNoticesAbout } from '../../../tables/notice'
import { readCylinders } from '../../../tables/cylinder'
import { errorsHere } from '../../../words/here'

/** A cylinder by its tag, with its whole life. */
export default api(async (event): Promise<Readings['cylinders/{tag}']> => {
  const who = await requireSignedIn(event)
  const { siteId } = who
  const { pool } = useRunning()
  const tag = getRouterParam(event, 'tag') ?? ''
  const [row] = await readCylinders(pool, siteId, tag)
  if (!row) throw new Problem(404, { error: errorsHere().noCylinder(tag.slice(0, 24).toUpperCase()) })
  const streamId = cylinderStream(tagIdOf(tag))
  const [{ site, rules, today, dayEnds }, notices] = await Promise.all([shopDayNow(pool, siteId), readNoticesAbout(pool, siteId, streamId)])
  const { standing } = row.cylinder
  const life = await readLifeFor(pool, who, streamId, { site, bayIds: standing?.in === 'bay' ? [standing.bayId] : [] })
  return {
    ...row,
    today,
    fact: cylinderFact(row.cylinder, rules, today, dayEnds),
    nextDue: requalificationOf(row.cylinder, today).nextDue,
    life,
    notices,
  }
})
