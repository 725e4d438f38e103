import { getHeader, setHeader, setResponseStatus } from 'h3'
import { mayDo } from '#core/rights/rights'
import { readTrouble } from '../../database/deadline'
import { api, requireSignedIn } from '../../http'
import { useRunning } from '../../running'
import { readUnseen } from '../../tables/notice'
import { readPosition } from '../../tables/site'

/** Everything the board judges from, as of one position: the browser judges with the same core. */
export default api(async (event): Promise<Buffer | null> => {
  const { siteId, person, holder } = await requireSignedIn(event)
  const { pool, boards } = useRunning()
  const { etag, json, gzip } = await boards.at(siteId, await readPosition(pool, siteId), async () => ({
    unseen: await readUnseen(pool, siteId, person.personId),
    trouble: mayDo(holder, 'set-up-site')
      ? (await readTrouble(pool, siteId)).map(({ streamId, kind, dueAt, tries, because }) => ({ streamId, kind, dueAt, tries, because }))
      : [],
  }))
  setHeader(event, 'etag', etag)
  setHeader(event, 'vary', 'accept-encoding')
  if (getHeader(event, 'if-none-match') === etag) {
    setResponseStatus(event, 304)
    return null
  }
  setHeader(event, 'content-type', 'application/json')
  if (!(getHeader(event, 'accept-encoding') ?? '').includes('gzip')) return json
  setHeader(event, 'content-encoding', 'gzip')
  return gzip
})
