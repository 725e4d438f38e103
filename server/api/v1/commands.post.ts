import { getQuery, setResponseStatus } from 'h3'
import { envelopeSchema, payloadSchemas, SYSTEM_COMMANDS } from '#shared/contract/command-schemas'
import { URGENT_COMMANDS } from '#core/streams/urgent'
import { handleCommand } from '../../door/handle'
import { signerOf } from '../../door/signature'
import type { Device } from '../../tables/device'
import { knownDevice } from '../../known-device'
import { api, parse, parseBody, Problem, signedIn } from '../../http'
import { useRunning } from '../../running'
import type { Command } from '../../door/command'
import type { Caller } from '../../door/caller'
import { errorsHere, fieldHere } from '../../words/here'

/** A device does what stops, calls and watches, for whoever signed in on it last and for nobody else. */
function deviceCaller(device: Device | null, command: Command): Caller {
  if (!device || !URGENT_COMMANDS.has(command.type))
    throw new Problem(401, { error: errorsHere().signInFirst })
  const { siteId, deviceId, personId } = device
  if (command.type === 'permit.round' && (command.payload.watcherId ?? personId) !== personId) {
    throw new Problem(401, { error: errorsHere().somebodyElseSince })
  }
  return { siteId, actor: { kind: 'device', deviceId, forPersonId: personId }, holder: 'system' }
}

/** The one door for change. 200 with what was recorded, 409 with the reasons, 422 with the fields. */
export default api(async (event) => {
  // Made before somebody else signed in, it is the device's word and not theirs.
  const who = getQuery(event).as === 'device' ? null : await signedIn(event)
  const { type, payload, signature, ...envelope } = await parseBody(event, envelopeSchema)
  if (SYSTEM_COMMANDS.has(type)) {
    throw new Problem(422, {
      error: errorsHere().systemCommand,
      fields: [{ path: 'type', message: fieldHere('choose another command') }],
    })
  }
  const command = { ...envelope, type, payload: parse(payloadSchemas[type], payload, 'payload') } as Command
  const { door, metrics } = useRunning()
  const caller = who ? await signerOf(door, who, signature) : deviceCaller(await knownDevice(event), command)
  const { status, body }
    = 'refused' in caller
      ? { status: 409, body: { commandId: command.id, findings: caller.refused } }
      : await handleCommand(door, caller, command)
  metrics.commanded(type, status)
  setResponseStatus(event, status)
  return body
})
