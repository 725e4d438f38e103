import { getRouterParam } from 'h3'
import { itemStream } from '#core/command/commands'
import { tagIdOf } from '#core/tag'
import type { ItemPageReading } from '#shared/readings'
import { readLife } from '../../../database/log'
import { readCheckLists, readItem, readNoticesAbout } from '../../../database/store'
import { api, Problem, requireSignedIn } from '../../../http'
import { useRunning } from '../../../running'
import { shopDayAt } from '../../../shop-day'

/** A thing by its tag, with its whole life. */
export default api(async (event): Promise<ItemPageReading> => {
  const { siteId } = await requireSignedIn(event)
  const { pool } = useRunning()
  const tag = getRouterParam(event, 'tag') ?? ''
  const item = await readItem(pool, siteId, tag)
  if (!item) throw new Problem(404, { error: `Nothing here wears the tag ${tag.slice(0, 24).toUpperCase()}.` })
  const streamId = itemStream(tagIdOf(tag))
  const [{ today }, { lists }, life, notices] = await Promise.all([shopDayAt(pool, siteId), readCheckLists(pool, siteId), readLife(pool, siteId, streamId), readNoticesAbout(pool, siteId, streamId)])
  return { ...item, today, lists, life, notices }
})
