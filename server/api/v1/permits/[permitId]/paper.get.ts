import { getRouterParam, setHeader } from 'h3'
import { finding } from '#core/findings/finding'
import { isNamedIn } from '#core/streams/permit/named-in'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { mayDo } from '#core/rights/rights'
import { readNames } from '../../../../tables/person'
import { readPermit } from '../../../../tables/permit'
import { readSite } from '../../../../tables/site'
import { nowIso } from '../../../../clock'
import { api, Problem, requireSignedIn } from '../../../../http'
import { permitPaper } from '../../../../paper/permit-paper'
import { useRunning } from '../../../../running'
import { spoken } from '../../../../spoken'
import { readHouseRules } from '../../../../tables/house-rules'
import { errorsHere, wordsHere } from '../../../../words/here'

/** The permit as a PDF to print, with a code that opens its public page where `PUBLIC_URL` says under which address. */
export default api(async (event) => {
  const { siteId, person, holder } = await requireSignedIn(event)
  const { pool, clock } = useRunning()
  const kept = await readPermit(pool, siteId, getRouterParam(event, 'permitId') ?? '')
  if (!kept) throw new Problem(404, { error: errorsHere().noPermit })
  // Its code opens the public page: the paper is for whoever works under it or answers for it.
  if (!mayDo(holder, 'work-permit', { bayId: null, areaId: null, isOwnPermit: isNamedIn(kept.permit, person.personId) })) {
    throw new Problem(409, { findings: [spoken(finding('hold', 'command.not-allowed', { right: 'work-permit', roles: holder.roles }))] })
  }
  const [site, rules, names] = await Promise.all([readSite(pool, siteId), readHouseRules(pool, siteId), readNames(pool, siteId)])
  const { units, emergencyNumber, firePointNumber } = rules?.value ?? NEW_SITE_RULES
  const publicUrl = process.env.PUBLIC_URL
  const pdf = await permitPaper({
    permit: kept.permit,
    siteName: site?.value.name ?? '',
    timeZone: site?.value.timeZone ?? 'UTC',
    units,
    emergencyNumber,
    firePointNumber,
    printedAt: nowIso(clock),
    nameOf: personId => names.find(one => one.personId === personId)?.name ?? wordsHere().papers.somebodyLeft,
    address: publicUrl ? new URL(`/p/${kept.permit.token}`, publicUrl).href : null,
  })
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'content-disposition', `inline; filename="${kept.permit.code}.pdf"`)
  return pdf
})
