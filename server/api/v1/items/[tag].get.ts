import type { Readings } from '#shared/contract/answers'
import { getRouterParam } from 'h3'
import { baysServed } from '#core/streams/kit-item/kit-item'
import { tagIdOf } from '#core/ids/tag'
import { readKitItem } from '../../../tables/kit-item'
import { api, Problem, requireSignedIn } from '../../../http'
import { readLifeFor } from '../../../readable'
import { useRunning } from '../../../running'
import { shopDayNow } from '../../../shop-day'
import { kitItemStream } from '#core/ids/streams'
import { readNoticesAbout } from '../../../tables/notice'
import { readCheckLists } from '../../../tables/check-lists'
import { errorsHere } from '../../../words/here'

/** A thing by its tag, with its whole life. */
export default api(async (event): Promise<Readings['items/{tag}']> => {
  const who = await requireSignedIn(event)
  const { siteId } = who
  const { pool } = useRunning()
  const tag = getRouterParam(event, 'tag') ?? ''
  const item = await readKitItem(pool, siteId, tag)
  if (!item) throw new Problem(404, { error: errorsHere().nothingWears(tag.slice(0, 24).toUpperCase()) })
  const streamId = kitItemStream(tagIdOf(tag))
  const [{ site, today }, { lists }, notices] = await Promise.all([
    shopDayNow(pool, siteId),
    readCheckLists(pool, siteId),
    readNoticesAbout(pool, siteId, streamId),
  ])
  const life = await readLifeFor(pool, who, streamId, { site, bayIds: baysServed(item.item.assignment) })
  return { ...item, today, lists, life, notices }
})
