import type { z } from 'zod'
import { requalification } from '#core/cylinder/requalification'
import { sourceOf } from '#core/source/book'
import type { assessRequalificationResponse } from '#shared/contract/assess-cylinder-schema'
import { assessRequalificationRequest } from '#shared/contract/assess-cylinder-schema'
import { wordsHere } from '../../../words/here'
import { api, assessed, parseBody } from '../../../http'

/** When a cylinder must be tested again, by its marks. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessRequalificationResponse>> => {
  const { tests, rule, years: _years, ruleSets, ...answer } = requalification(await parseBody(event, assessRequalificationRequest))
  return assessed({
    ...answer, tests: tests.map(test => ({ ...test })), rule: rule && wordsHere().cylinderWords.requalificationRules[rule],
    ruleSets: ruleSets.map(({ sources, ...ruleSet }) => ({ ...ruleSet, sources: sources.map(sourceOf) })),
  })
})
