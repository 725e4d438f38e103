import type { z } from 'zod'
import { solveRack } from '#core/shade/rack'
import type { assessHelmetResponse } from '#shared/contract/assess-protection-schema'
import { assessHelmetRequest } from '#shared/contract/assess-protection-schema'
import { api, assessed, parseBody } from '../../../http'

/** Which helmets of a rack do for the jobs of a day and for a person. Stateless; needs no session; house rules apply only if sent. */
export default api(async (event): Promise<z.input<typeof assessHelmetResponse>> => {
  const { job, alsoJobs = [], person, helmets, house } = await parseBody(event, assessHelmetRequest)
  const rack = assessed(solveRack([job, ...alsoJobs], helmets, { person, rules: house }))
  return { ...rack, helmets: rack.helmets.map(helmet => assessed(helmet)) }
})
