import { createHash, randomBytes, randomUUID } from 'node:crypto'
import { setResponseStatus } from 'h3'
import { deviceKeyRequest } from '#shared/contract/sign-in-schema'
import { handleCommand } from '../../door/handle'
import { systemCommand } from '../../door/system-command'
import { keepDeviceKey } from '../../tables/device-key'
import { api, parseBody, requireRight } from '../../http'
import { useRunning } from '../../running'
import { SITE_STREAM } from '#core/ids/streams'

/** Makes a key for a lamp, a wall, an interlock or an instrument, and shows it this once. The record learns its name and what it is for. */
export default api(async (event) => {
  const { siteId, person } = await requireRight(event, 'set-up-site')
  const { name, purpose } = await parseBody(event, deviceKeyRequest)
  const { door, clock } = useRunning()
  const [keyId, key] = [randomUUID(), randomBytes(32).toString('base64url')]
  const command = systemCommand(clock, [SITE_STREAM], { type: 'site.make-key', payload: { keyId, name, purpose } })
  const { status, body } = await handleCommand(
    door,
    { siteId, actor: { kind: 'person', personId: person.personId }, holder: 'system' },
    command,
    db => keepDeviceKey(db, siteId, { keyId, keySha256: createHash('sha256').update(key).digest('hex'), purpose }),
  )
  setResponseStatus(event, status)
  return status === 200 ? { keyId, name, key } : body
})
