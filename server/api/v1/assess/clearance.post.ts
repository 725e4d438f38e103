import type { z } from 'zod'
import { RULES_VERSION } from '#core/clearance/assess-station'
import { judgeSite } from '#core/site-facts/judge-site'
import { factsFromTold } from '#core/site-facts/told-site'
import type { assessClearanceResponse } from '#shared/contract/clearance-schema'
import { assessClearanceRequest } from '#shared/contract/clearance-schema'
import { api, findingsOut, parseBody } from '../../../http'
import { spoken } from '../../../spoken'

/** Each bay's seven gates, from a shop as it was told, by the same code that judges the Floor. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessClearanceResponse>> => {
  const shop = await parseBody(event, assessClearanceRequest)
  const { facts, unaccepted } = factsFromTold(shop, said => spoken(said).message)
  return {
    at: shop.now,
    rulesVersion: RULES_VERSION,
    bays: judgeSite(facts).map(({ bay, verdict, oldestFactAt }) => ({
      bayId: bay.bayId,
      label: bay.label,
      word: verdict.word,
      reason: verdict.reason && findingsOut([spoken(verdict.reason)])[0]!,
      oldestFactAt,
      gates: verdict.gates.map(({ gate, state, findings }) => ({
        gate,
        state,
        findings: findingsOut(findings.map(said => spoken(said))),
      })),
    })),
    unaccepted: unaccepted.map(({ index, findings }) => ({ index, findings: findingsOut(findings.map(said => spoken(said))) })),
  }
})
