import { credentialsRequest } from '#shared/contract/sign-in-schema'
import { handleCommand } from '../../door/handle'
import { systemCommand } from '../../door/system-command'
import { readCredential, setPassword, setPin } from '../../tables/credential'
import { giveBack, ownPasswordSubject, returnTry, takeTry } from '../../tables/failed-try'
import { endOtherSessions } from '../../tables/session'
import { api, parseBody, Problem, refuseInput, requireSignedIn, serverNow } from '../../http'
import { useRunning } from '../../running'
import { hashSecret, verifySecret } from '../../secrets'
import { personStream } from '#core/ids/streams'
import { errorsHere } from '../../words/here'

/**
 * Sets one's own password or PIN, and nobody else's: whoever finds a tablet signed in would have to know the password. The record
 * learns that it was set, never what.
 */
export default api(async (event) => {
  const { siteId, sessionId, person } = await requireSignedIn(event)
  const body = await parseBody(event, credentialsRequest)
  const { pool, door, clock } = useRunning()
  const { personId } = person
  const subjects = [ownPasswordSubject(siteId, personId)]
  const until = await takeTry(pool, subjects, serverNow())
  if (until) throw new Problem(429, { error: errorsHere().tooManyWrong, lockedUntil: until })
  const credential = await readCredential(pool, siteId, personId)
  const matches = await verifySecret(credential?.passwordHash, body.currentPassword).catch(async (error: unknown) => {
    await returnTry(pool, subjects)
    throw error
  })
  if (!matches) refuseInput('currentPassword', 'this is not your password as it is now')
  await giveBack(pool, subjects)
  const hash = await hashSecret('pin' in body ? body.pin : body.password)
  const what = { type: 'person.secret-set', payload: { kind: 'pin' in body ? 'pin' : 'password' } } as const
  const answer = await handleCommand(
    door,
    { siteId, actor: { kind: 'person', personId }, holder: 'system' },
    systemCommand(clock, [personStream(personId)], what),
    async (db) => {
      if ('pin' in body) await setPin(db, siteId, personId, hash)
      else {
        await setPassword(db, siteId, personId, hash)
        await endOtherSessions(db, siteId, personId, sessionId)
      }
    },
  )
  if (answer.status !== 200) throw new Problem(answer.status, answer.body)
  return {}
})
