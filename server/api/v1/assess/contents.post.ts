import type { z } from 'zod'
import type { Contents } from '#core/cylinder/contents'
import { contentsByPressure, contentsByWeight, pressureRefusal } from '#core/cylinder/contents'
import { speak } from '../../../spoken'
import type { assessContentsResponse } from '#shared/contract/assess-cylinder-schema'
import { contentsByPressureRequest, contentsByWeightRequest } from '#shared/contract/assess-cylinder-schema'
import { api, assessed, parse, readJson, refuseInput } from '../../../http'

const answer = ({ minutesLeft, minutesLeftLow, compressibility, band, ...rest }: Contents) =>
  assessed({
    ...rest,
    band: { ...band },
    ...(minutesLeft === null ? {} : { minutesLeft }),
    ...(minutesLeftLow === null ? {} : { minutesLeftLow }),
    ...(compressibility === null ? {} : { compressibility }),
  })

/** What a cylinder holds: by gauge, or by weight where pressure says nothing. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessContentsResponse>> => {
  const body = await readJson(event)
  if (typeof body === 'object' && body !== null && ('grossKg' in body || 'tareKg' in body)) {
    const question = parse(contentsByWeightRequest, body)
    if (question.grossKg < question.tareKg) refuseInput('grossKg', 'at least the tare: weigh it with the same parts on')
    return answer(contentsByWeight(question))
  }
  const question = parse(contentsByPressureRequest, body)
  const refusal = pressureRefusal(question.gas)
  if (refusal) {
    const { message, todo } = speak(refusal)
    refuseInput('gaugePressureKPa', [message, todo].filter(Boolean).join(' '))
  }
  return answer(contentsByPressure(question))
})
