import type { Readings } from '#shared/contract/answers'
import { getQuery } from 'h3'
import { z } from 'zod'
import { mayDo } from '#core/rights/rights'
import { readDevices } from '../../../tables/device'
import { api, parse, Problem, requireSignedIn } from '../../../http'
import { useRunning } from '../../../running'
import { errorsHere } from '../../../words/here'

const querySchema = z.strictObject({ of: z.enum(['me', 'all']).default('me') })

/** The devices that act for whoever asks; all of the site for who manages people. */
export default api(async (event): Promise<Readings['devices']> => {
  const { siteId, deviceId: inHand, person, holder } = await requireSignedIn(event)
  const { of } = parse(querySchema, getQuery(event))
  if (of === 'all' && !mayDo(holder, 'manage-people'))
    throw new Problem(403, { error: errorsHere().devicesOfOthers })
  const devices = await readDevices(useRunning().pool, siteId, of === 'all' ? null : person.personId)
  return {
    devices: devices.map(({ deviceId, name, personId, personName, firstAt, signedInAt, heardAt }) => ({
      deviceId,
      name,
      personId,
      personName,
      firstAt,
      signedInAt,
      heardAt,
      isThis: deviceId === inHand,
    })),
  }
})
