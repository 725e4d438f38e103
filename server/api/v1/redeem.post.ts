import type { Forms } from '#shared/contract/answers'
import { redeemRequest } from '#shared/contract/sign-in-schema'
import { handleCommand } from '../../door/handle'
import { systemCommand } from '../../door/system-command'
import { findLogin, takeCode } from '../../tables/credential'
import { giveBack, signInSubjects, takeTry } from '../../tables/failed-try'
import { dropDevicesOf } from '../../tables/device'
import { endSessionsOf } from '../../tables/session'
import { knownDevice } from '../../known-device'
import { addressOf, api, parseBody, Problem, serverNow } from '../../http'
import { openSessionFor } from '../../open-session'
import { useRunning } from '../../running'
import { codeSha256, hashSecret } from '../../secrets'
import { personStream } from '#core/ids/streams'
import { errorsHere } from '../../words/here'

/** After a reset nothing is signed for this long, ms: its owner was told, and has a day to say that it was not them. */
const REST_AFTER_RESET_MS = 24 * 3600_000

/** Sets one's own password and PIN with a code that was handed over, once, and signs in. Whatever was open before is ended. */
export default api(async (event): Promise<Forms['redeem']['answers']> => {
  const { loginName, code, password, pin } = await parseBody(event, redeemRequest)
  const { pool, door, clock } = useRunning()
  const now = serverNow()
  const subjects = signInSubjects(loginName, { deviceId: (await knownDevice(event))?.deviceId ?? null, address: addressOf(event) })
  const until = await takeTry(pool, subjects, now)
  if (until) throw new Problem(429, { error: errorsHere().tooManyWrongHere, lockedUntil: until })
  const credential = await findLogin(pool, loginName)
  // Somebody unknown costs as long as somebody known.
  const [passwordHash, pinHash] = [await hashSecret(password), pin === null ? null : await hashSecret(pin)]
  const wrong = new Problem(401, { error: errorsHere().nameAndCode })
  if (!credential) throw wrong
  const { siteId, personId } = credential
  const signsFrom = credential.passwordHash === null ? null : new Date(clock.nowMs() + REST_AFTER_RESET_MS).toISOString()
  const command = systemCommand(clock, [personStream(personId)], {
    type: 'person.use-code',
    payload: { signsFrom, pinSet: pinHash !== null },
  })
  const { status, body } = await handleCommand(
    door,
    { siteId, actor: { kind: 'person', personId }, holder: 'system' },
    command,
    async (db) => {
      const taken = await takeCode(db, {
        siteId,
        personId,
        codeSha256: codeSha256(code),
        passwordHash,
        pinHash,
        signsFromIso: signsFrom,
        nowIso: now,
      })
      // Nothing of it stands: neither the password nor the word in the record.
      if (!taken) throw wrong
      await endSessionsOf(db, siteId, personId)
      await dropDevicesOf(db, siteId, personId)
    },
  )
  if (status !== 200) throw new Problem(status, body)
  await giveBack(pool, subjects)
  await openSessionFor(event, siteId, personId)
  return { personId, signsFrom }
})
