import type { H3Event } from 'h3'
import { mayDo } from '#core/rights/rights'
import { readDevice } from './tables/device'
import type { Device } from './tables/device'
import { Problem, requireSignedIn } from './http'
import { useRunning } from './running'
import { errorsHere } from './words/here'

/** A device that whoever asks may name and take back: one that acts for them, or any of the site for who manages people. */
export async function requireOwnDevice(event: H3Event, deviceId: string): Promise<Device> {
  const { siteId, person, holder } = await requireSignedIn(event)
  const device = await readDevice(useRunning().pool, siteId, deviceId)
  if (!device || (device.personId !== person.personId && !mayDo(holder, 'manage-people')))
    throw new Problem(404, { error: errorsHere().noDevice })
  return device
}
