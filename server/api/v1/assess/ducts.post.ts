import type { z } from 'zod'
import { DUCT_ROUGHNESS_MM } from '#core/ventilation/duct-friction'
import { assessDucts } from '#core/ventilation/duct-system'
import { ENTRY_COEFFICIENTS } from '#core/ventilation/hood-flow'
import type { assessDuctsResponse } from '#shared/contract/assess-ducts-schema'
import { assessDuctsRequest } from '#shared/contract/assess-ducts-schema'
import { spoken } from '../../../spoken'
import { api, findingsOut, parseBody } from '../../../http'

/** What every hood of a system of ducts draws, which are starved, and how many may be open at once. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessDuctsResponse>> => {
  const { fan, filter, ducts, hoods } = await parseBody(event, assessDuctsRequest)
  const { findings, ...balance } = assessDucts({
    fan,
    filter,
    ducts: ducts.map(({ wall, ...duct }) => ({ ...duct, roughnessMm: DUCT_ROUGHNESS_MM[wall] })),
    hoods: hoods.map(({ duct, entry, entryLoss, ...hood }) => ({
      ...hood,
      ductId: duct,
      entryLoss: entryLoss ?? 1 / ENTRY_COEFFICIENTS[entry!] ** 2 - 1,
    })),
  })
  return {
    fan: { ...balance.fan },
    hoods: balance.hoods.map(hood => ({ ...hood })),
    ducts: balance.ducts.map(duct => ({ ...duct })),
    isBalanced: balance.isBalanced,
    mayBeOpen: balance.mayBeOpen,
    findings: findingsOut(findings.map(said => spoken(said))),
  }
})
