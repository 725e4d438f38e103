import { z } from 'zod'
import { nameOf } from '#shared/schemas/text-schema'
import { payloadSchemas } from '#shared/schemas/command-schemas'
import { openSite } from '../../commands/open-site'
import { inTransaction } from '../../database/connection'
import { takeFirstRun } from '../../database/first-run'
import { anySite } from '../../database/site'
import { api, parseBody, Problem, serverNow } from '../../http'
import { useRunning } from '../../running'
import { codeSha256, hashSecret } from '../../secrets'

const firstRunSchema = z.strictObject({
  code: z.string().min(1, 'the code that the first start printed').max(40),
  site: payloadSchemas['site.open'],
  personName: nameOf(80, 'your name'),
  loginName: nameOf(80, 'a sign-in name').min(3, 'at least 3 letters'),
  password: z.string().min(10, 'at least 10 characters').max(200),
})

/** Opens the first site, with its first safety lead, against the one-time code that the start printed. */
export default api(async (event) => {
  const { code, site, personName, loginName, password } = await parseBody(event, firstRunSchema)
  const { pool, door, clock } = useRunning()
  if (await anySite(pool)) throw new Problem(409, { error: 'This shop is set up already. Sign in.' })
  const fresh = await inTransaction(pool, db => takeFirstRun(db, codeSha256(code), serverNow()))
  if (!fresh) throw new Problem(422, { error: 'That code does not open the first run.', fields: [{ path: 'code', message: 'use the code that the last start printed' }] })
  const { siteId, personId } = await openSite(door, { site, lead: { name: personName, loginName, passwordHash: await hashSecret(password) } })
  await setUserSession(event, { user: { siteId, personId, epoch: 0, signedInAtMs: clock.nowMs() } })
  return { siteId, personId }
})
