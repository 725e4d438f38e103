import type { z } from 'zod'
import { requiredShade } from '#core/shade/required-shade'
import { judgeWorn } from '#core/shade/worn-shade'
import { sourceOf } from '#core/source/book'
import { speak, spoken } from '../../../spoken'
import type { assessShadeResponse } from '#shared/contract/assess-shade-schema'
import { assessShadeRequest } from '#shared/contract/assess-shade-schema'
import { api, findingsOut, parseBody } from '../../../http'

/** The shade a weld needs, every rule set side by side. Stateless; needs no session; house rules apply only if sent. */
export default api(async (event): Promise<z.input<typeof assessShadeResponse>> => {
  const { wornTransmittance, wornShades, house, ...question } = await parseBody(event, assessShadeRequest)
  const { minimum, start, bindingRuleSet, ruleSets, findings } = requiredShade(question, house)
  const worn = judgeWorn({ transmittance: wornTransmittance, shades: wornShades }, { minimum, start, bindingRuleSet })
  return {
    minimum,
    start,
    bindingRuleSet,
    ruleSets: ruleSets.map(({ ruleSet, minimum, suggested, source, notes }) => ({
      ruleSet,
      minimum,
      suggested: suggested === null ? null : [suggested[0], suggested[1]],
      source: sourceOf(source),
      ...notes.length > 0 ? { note: notes.map(note => speak(note).message).join(' ') } : {},
    })),
    ...worn.effectiveShade === null ? {} : { effectiveShade: worn.effectiveShade },
    findings: findingsOut([...findings, ...worn.findings].map(said => spoken(said))),
  }
})
