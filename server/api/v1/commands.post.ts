import { setResponseStatus } from 'h3'
import { envelopeSchema, payloadSchemas, SYSTEM_COMMANDS } from '#shared/schemas/command-schemas'
import type { Command } from '../../commands/door'
import { handleCommand } from '../../commands/door'
import { signerOf } from '../../commands/signature'
import { api, parse, parseBody, Problem, requireSignedIn } from '../../http'
import { useRunning } from '../../running'

/** The one door for change. 200 with what was recorded, 409 with the reasons, 422 with the fields. */
export default api(async (event) => {
  const who = await requireSignedIn(event)
  const { type, payload, signature, ...envelope } = await parseBody(event, envelopeSchema)
  if (SYSTEM_COMMANDS.has(type)) throw new Problem(422, { error: 'This command is given by the system alone.', fields: [{ path: 'type', message: 'choose another command' }] })
  const command = { ...envelope, type, payload: parse(payloadSchemas[type], payload, 'payload') } as Command
  const { door } = useRunning()
  const caller = await signerOf(door, who, signature)
  const { status, body } = 'refused' in caller ? { status: 409, body: { commandId: command.id, findings: caller.refused } } : await handleCommand(door, caller, command)
  setResponseStatus(event, status)
  return body
})
