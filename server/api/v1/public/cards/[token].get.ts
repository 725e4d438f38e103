import type { Readings } from '#shared/contract/answers'
import { getRouterParam, setHeader } from 'h3'
import { addressOf, api, Problem, refuseTooMany } from '../../../../http'
import { giveCodeBack, waitBeforeCode } from '../../../../limits'
import { callsOf, readCardsForAll } from '../../../../paper/cards-read'
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
  const { facts, cards } = await readCardsForAll(pool, of.siteId, clock)
  const found = cards.find(({ card }) => card.bayId === of.bayId)
  if (!found) throw new Problem(404, { error: errorsHere().noCardByCode })
  setHeader(event, 'cache-control', 'no-store')
  const { site: { name, timeZone }, rules: { units }, now } = facts
  return { siteName: name, timeZone, now, units, calls: callsOf(facts), card: found.card }
})
