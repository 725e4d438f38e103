import type { z } from 'zod'
import { heatStress } from '#core/heat/heat-stress'
import type { assessHeatResponse } from '#shared/contract/assess-protection-schema'
import { assessHeatRequest } from '#shared/contract/assess-protection-schema'
import { api, assessed, parseBody } from '../../../http'

/** Heat at work, and how much of each hour may be worked. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessHeatResponse>> => {
  const asked = await parseBody(event, assessHeatRequest)
  const { wbgtC, airC, humidityPercent, sun, metabolicW, work, clothingAdjustmentC, clothing, acclimatised } = asked
  // The schema has seen to it that of each pair one is there, and all of air, humidity and sun where no index was measured.
  return assessed(heatStress({
    isAcclimatised: acclimatised,
    ...wbgtC === undefined ? { airC: airC!, humidityPercent: humidityPercent!, isInSun: sun! } : { wbgtC },
    ...work === undefined ? { metabolicW: metabolicW! } : { work },
    ...clothing === undefined ? { clothingAdjustmentC: clothingAdjustmentC! } : { clothing },
  }))
})
