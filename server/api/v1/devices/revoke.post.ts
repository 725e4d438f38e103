import { revokeDeviceRequest } from '#shared/contract/sign-in-schema'
import { inTransaction } from '../../../database/connection'
import { dropDevice } from '../../../tables/device'
import { api, parseBody } from '../../../http'
import { requireOwnDevice } from '../../../own-device'
import { useRunning } from '../../../running'

/** Takes a device back: its sessions end, and it stops, calls and watches for nobody any more. */
export default api(async (event) => {
  const { deviceId } = await parseBody(event, revokeDeviceRequest)
  const device = await requireOwnDevice(event, deviceId)
  await inTransaction(useRunning().pool, db => dropDevice(db, device.siteId, deviceId))
  return {}
})
