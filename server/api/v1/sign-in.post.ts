import type { Forms } from '#shared/contract/answers'
import { signInRequest } from '#shared/contract/sign-in-schema'
import { findLogin } from '../../tables/credential'
import { giveBack, returnTry, signInSubjects, takeTry } from '../../tables/failed-try'
import { areDemoSignInsRefused } from '../../demo-sign-ins'
import { knownDevice } from '../../known-device'
import { openSessionFor } from '../../open-session'
import { addressOf, api, parseBody, Problem, serverNow } from '../../http'
import { useRunning } from '../../running'
import { verifySecret } from '../../secrets'
import { errorsHere } from '../../words/here'

/** Known or unknown, a name is treated the same: same words, same time, same lock-out. */
export default api(async (event): Promise<Forms['sign-in']['answers']> => {
  const { loginName, password } = await parseBody(event, signInRequest)
  const { pool } = useRunning()
  const now = serverNow()
  const subjects = signInSubjects(loginName, { deviceId: (await knownDevice(event))?.deviceId ?? null, address: addressOf(event) })
  const until = await takeTry(pool, subjects, now)
  if (until) throw new Problem(429, { error: errorsHere().tooManyWrongHere, lockedUntil: until })
  const credential = await findLogin(pool, loginName)
  const matches = await verifySecret(credential?.passwordHash, password).catch(async (error: unknown) => {
    await returnTry(pool, subjects)
    throw error
  })
  if (!matches || !credential) throw new Problem(401, { error: errorsHere().nameAndPassword })
  if (credential.isDemo && areDemoSignInsRefused()) throw new Problem(403, { error: errorsHere().demoRefused })
  await giveBack(pool, subjects)
  const { siteId, personId } = credential
  await openSessionFor(event, siteId, personId)
  return { personId }
})
