import type { Readings } from '#shared/contract/answers'
import { getRouterParam, setHeader } from 'h3'
import { nowIso } from '../../../../clock'
import { addressOf, api, Problem, refuseTooMany } from '../../../../http'
import { giveCodeBack, waitBeforeCode } from '../../../../limits'
import { callsOf, readCards } from '../../../../paper/cards-read'
import { useRunning } from '../../../../running'
import { bayOfCard } from '../../../../tables/bay-card'
import { errorsHere } from '../../../../words/here'

/** What the code on a card opens, for whoever holds it: how the bay stands, and what to wear there. A first name at most. */
export default api(async (event): Promise<Readings['public/cards/{token}']> => {
  const { pool, clock } = useRunning()
  const asked = getRouterParam(event, 'token') ?? ''
  const address = addressOf(event)
  refuseTooMany(event, await waitBeforeCode(address))
  const of = /^[A-Za-z0-9_-]{20,64}$/.test(asked) ? await bayOfCard(pool, asked) : null
  if (of === null) throw new Problem(404, { error: errorsHere().noCardByCode })
  await giveCodeBack(address)
  const now = nowIso(clock)
  const { facts, cards } = await readCards(pool, of.siteId, now)
  const found = cards.find(({ card }) => card.bayId === of.bayId)
  if (!found) throw new Problem(404, { error: errorsHere().noCardByCode })
  setHeader(event, 'cache-control', 'no-store')
  return { siteName: facts.site.name, timeZone: facts.site.timeZone, now, units: facts.rules.units, calls: callsOf(facts), card: found.card }
})
