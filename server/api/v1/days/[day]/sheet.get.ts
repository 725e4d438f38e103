import { getRouterParam, setHeader } from 'h3'
import { reachOf } from '#core/rights/rights'
import { anchorLine } from '../../../../../scripts/zonaris-verify.mjs'
import { readSealEvents } from '../../../../database/seal'
import { readSite } from '../../../../tables/site'
import { api, Problem, requireRight, serverNow } from '../../../../http'
import { daySheet } from '../../../../paper/day-sheet'
import { useRunning } from '../../../../running'
import { errorsHere } from '../../../../words/here'

/** The day sheet as a PDF: the day's seal, signed, as a line and as a code, to be kept where the database's owner does not reach. */
export default api(async (event) => {
  const { siteId, holder } = await requireRight(event, 'read-records')
  // The seal speaks for every stream, and so does whoever may read them all.
  if (reachOf(holder, 'read-records') !== 'all') throw new Problem(403, { error: errorsHere().daySheetsFor })
  const { pool, anchors } = useRunning()
  const day = getRouterParam(event, 'day') ?? ''
  const [seals, site] = await Promise.all([readSealEvents(pool, siteId), readSite(pool, siteId)])
  const seal = seals.find(one => one.day === day)
  if (!seal) throw new Problem(404, { error: errorsHere().notSealed })
  const anchor = await anchors.signed(siteId, seal)
  const pdf = await daySheet({
    siteName: site?.value.name ?? '',
    timeZone: site?.value.timeZone ?? 'UTC',
    printedAt: serverNow(),
    streams: seal.streams,
    anchor,
    line: anchorLine(anchor),
    publicKeyPem: await anchors.publicKeyPem(),
  })
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'content-disposition', `inline; filename="day-${day}.pdf"`)
  return pdf
})
