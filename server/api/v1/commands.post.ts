import { getQuery, setResponseStatus } from 'h3'
import { envelopeSchema, payloadSchemas, SYSTEM_COMMANDS } from '#shared/schemas/command-schemas'
import { URGENT_COMMANDS } from '#core/command/urgent'
import type { Caller, Command } from '../../commands/door'
import { handleCommand } from '../../commands/door'
import { signerOf } from '../../commands/signature'
import { knownDevice } from '../../known-device'
import type { KnownDevice } from '../../known-device'
import { api, parse, parseBody, Problem, signedInHere } from '../../http'
import { useRunning } from '../../running'

const deviceCaller = ({ siteId, deviceId }: KnownDevice): Caller => ({ siteId, actor: { kind: 'device', deviceId }, holder: 'system' })

/** The one door for change. 200 with what was recorded, 409 with the reasons, 422 with the fields. */
export default api(async (event) => {
  // Made before somebody else signed in, it is the device's word and not theirs.
  const who = await signedInHere(event).then(signedIn => getQuery(event).as === 'device' ? null : signedIn)
  const device = who ? null : knownDevice(event)
  const { type, payload, signature, ...envelope } = await parseBody(event, envelopeSchema)
  if (SYSTEM_COMMANDS.has(type)) throw new Problem(422, { error: 'This command is given by the system alone.', fields: [{ path: 'type', message: 'choose another command' }] })
  const command = { ...envelope, type, payload: parse(payloadSchemas[type], payload, 'payload') } as Command
  const { door } = useRunning()
  if (!who && !(device && URGENT_COMMANDS.has(type))) throw new Problem(401, { error: 'Sign in first. What you entered is kept on this page.' })
  const caller = who ? await signerOf(door, who, signature) : deviceCaller(device!)
  const { status, body } = 'refused' in caller ? { status: 409, body: { commandId: command.id, findings: caller.refused } } : await handleCommand(door, caller, command)
  setResponseStatus(event, status)
  return body
})
