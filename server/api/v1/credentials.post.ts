import { z } from 'zod'
import { idSchema, nameOf } from '#shared/schemas/text-schema'
import { personStream } from '#core/command/commands'
import { mayDo } from '#core/person/rights'
import { handleCommand } from '../../commands/door'
import { systemCommand } from '../../commands/system-command'
import { findLogin, readCredential, setLogin, setPin } from '../../database/credential'
import { readPerson } from '../../database/person'
import { api, parseBody, Problem, requireSignedIn } from '../../http'
import { useRunning } from '../../running'
import { hashSecret } from '../../secrets'

const credentialSchema = z.union([
  z.strictObject({
    personId: idSchema,
    loginName: nameOf(80, 'a sign-in name').min(3, 'at least 3 letters'),
    password: z.string().min(10, 'at least 10 characters').max(200),
  }),
  z.strictObject({ personId: idSchema, pin: z.string().regex(/^\d{4,8}$/, 'a PIN of 4 to 8 digits') }),
])

/** Sets a sign-in, or a PIN: one's own PIN, or anybody's by who manages people. The chain records that it was set, never what. */
export default api(async (event) => {
  const who = await requireSignedIn(event)
  const body = await parseBody(event, credentialSchema)
  const { pool, door, clock } = useRunning()
  const managing = mayDo(who.holder, 'manage-people')
  const own = body.personId === who.person.personId
  if (!managing && !(own && 'pin' in body)) throw new Problem(403, { error: 'Only the safety lead sets sign-ins; everybody may set their own PIN.' })
  const person = await readPerson(pool, who.siteId, body.personId)
  if (!person || person.hasLeft) throw new Problem(422, { error: 'Nobody by that id is on the people list.', fields: [{ path: 'personId', message: 'choose somebody from the list' }] })
  if ('pin' in body) {
    if (!await readCredential(pool, who.siteId, body.personId)) throw new Problem(422, { error: 'A PIN belongs to a sign-in.', fields: [{ path: 'pin', message: 'give this person a sign-in first' }] })
  }
  else {
    const taken = await findLogin(pool, body.loginName)
    if (taken && taken.personId !== body.personId) throw new Problem(422, { error: 'That sign-in name is taken.', fields: [{ path: 'loginName', message: 'choose another name' }] })
  }
  const hash = await hashSecret('pin' in body ? body.pin : body.password)
  const command = systemCommand(clock, [personStream(body.personId)], { type: 'person.secret-set', payload: { kind: 'pin' in body ? 'pin' : 'password' } })
  await handleCommand(door, { siteId: who.siteId, actor: { kind: 'person', personId: who.person.personId }, holder: 'system' }, command, async (db) => {
    if ('pin' in body) await setPin(db, who.siteId, body.personId, hash)
    else await setLogin(db, who.siteId, body.personId, body.loginName, hash)
  })
  return {}
})
