import { z } from 'zod'
import { findLogin } from '../../database/credential'
import { giveBack, returnTry, signInSubjects, takeTry } from '../../database/failed-try'
import { knownDevice, rememberDevice } from '../../known-device'
import { addressOf, api, parseBody, Problem, serverNow } from '../../http'
import { useRunning } from '../../running'
import { verifySecret } from '../../secrets'

const signInSchema = z.strictObject({
  loginName: z.string().trim().min(1, 'your sign-in name').max(80),
  password: z.string().min(1, 'your password').max(200),
})

/** Known or unknown, a name is treated the same: same words, same time, same lock-out. */
export default api(async (event) => {
  const { loginName, password } = await parseBody(event, signInSchema)
  const { pool, clock } = useRunning()
  const now = serverNow()
  const subjects = signInSubjects(loginName, { deviceId: knownDevice(event)?.deviceId ?? null, address: addressOf(event) })
  const until = await takeTry(pool, subjects, now)
  if (until) throw new Problem(429, { error: 'Too many wrong tries from here.', lockedUntil: until })
  const credential = await findLogin(pool, loginName)
  const matches = await verifySecret(credential?.passwordHash, password).catch(async (error: unknown) => {
    await returnTry(pool, subjects)
    throw error
  })
  if (!matches || !credential) throw new Problem(401, { error: 'Name and password do not match.' })
  if (credential.isDemo && process.env.ZONARIS_DEMO_SIGN_INS === 'refuse') {
    throw new Problem(403, { error: 'The demo sign-ins are printed for everybody, so they only work on this machine itself. Give people passwords of their own.' })
  }
  await giveBack(pool, subjects)
  const { siteId, personId, sessionEpoch } = credential
  await setUserSession(event, { user: { siteId, personId, epoch: sessionEpoch, signedInAtMs: clock.nowMs() } })
  rememberDevice(event, siteId)
  return { personId }
})
