import { getRouterParam, setHeader } from 'h3'
import { nowIso } from '../../../../clock'
import { api, Problem, requireRight } from '../../../../http'
import { cardPaper } from '../../../../paper/card-paper'
import { cardAddress, cardsOf, readCards } from '../../../../paper/cards-read'
import { useRunning } from '../../../../running'
import { cardToken } from '../../../../tables/bay-card'
import { errorsHere } from '../../../../words/here'

/** A bay's card as a PDF to print, in the language that is asked for. */
export default api(async (event) => {
  const { siteId } = await requireRight(event, 'door-checks')
  const { pool, clock } = useRunning()
  const now = nowIso(clock)
  const { facts, cards } = await readCards(pool, siteId, now)
  const found = cards.find(({ card }) => card.bayId === getRouterParam(event, 'bayId'))
  if (!found) throw new Problem(404, { error: errorsHere().noSuchBay })
  const address = cardAddress(event, await cardToken(pool, siteId, found.card.bayId))
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'content-disposition', 'inline; filename="card.pdf"')
  return cardPaper({ card: found.card, address }, cardsOf(facts, now))
})
