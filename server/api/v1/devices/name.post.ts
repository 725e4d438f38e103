import { nameDeviceRequest } from '#shared/contract/sign-in-schema'
import { nameDevice } from '../../../tables/device'
import { api, parseBody } from '../../../http'
import { requireOwnDevice } from '../../../own-device'
import { useRunning } from '../../../running'

/** Names a device, so that it is known again in the list. */
export default api(async (event) => {
  const { deviceId, name } = await parseBody(event, nameDeviceRequest)
  const device = await requireOwnDevice(event, deviceId)
  await nameDevice(useRunning().pool, device.siteId, deviceId, name)
  return {}
})
