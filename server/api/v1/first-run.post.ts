import type { Forms } from '#shared/contract/answers'
import { firstRunRequest } from '#shared/contract/sign-in-schema'
import { openSite } from '../../door/open-site'
import { inTransaction } from '../../database/connection'
import { takeFirstRun } from '../../tables/first-run'
import { anySite } from '../../tables/site'
import { api, parseBody, Problem, serverNow } from '../../http'
import { openSessionFor } from '../../open-session'
import { useRunning } from '../../running'
import { codeSha256, hashSecret } from '../../secrets'
import { errorsHere, fieldHere } from '../../words/here'

/** Opens the first site, with its first safety lead, against the one-time code that the start printed. */
export default api(async (event): Promise<Forms['first-run']['answers']> => {
  const { code, site, choice, personName, loginName, password } = await parseBody(event, firstRunRequest)
  const { pool, door } = useRunning()
  if (await anySite(pool)) throw new Problem(409, { error: errorsHere().setUpAlready })
  const fresh = await inTransaction(pool, db => takeFirstRun(db, codeSha256(code), serverNow()))
  if (!fresh)
    throw new Problem(422, {
      error: errorsHere().firstRunCode,
      fields: [{ path: 'code', message: fieldHere('use the code that the last start printed') }],
    })
  const { siteId, personId } = await openSite(door, {
    site,
    choice,
    lead: { name: personName, loginName, passwordHash: await hashSecret(password) },
  })
  await openSessionFor(event, siteId, personId)
  return { siteId, personId }
})
