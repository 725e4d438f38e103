import type { z } from 'zod'
import { roomLevels } from '#core/ventilation/room'
import type { assessRoomResponse } from '#shared/contract/assess-air-schema'
import { assessRoomRequest } from '#shared/contract/assess-air-schema'
import { api, parseBody } from '../../../http'

/** Concentration in a room with one source, settled, at the end and on average. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessRoomResponse>> => {
  const { nearField, ...levels } = roomLevels(await parseBody(event, assessRoomRequest))
  return { ...levels, ...nearField ? { nearField: { ...nearField } } : {} }
})
