import { getQuery, setHeader } from 'h3'
import { nowIso } from '../../clock'
import { api, requireRight } from '../../http'
import { classSheet } from '../../paper/card-paper'
import { cardAddress, cardsOf, readCards } from '../../paper/cards-read'
import { useRunning } from '../../running'
import { cardToken } from '../../tables/bay-card'
import { readHere } from '../../tables/person'

/** No class is called longer: what comes in an address is outside text. */
const LONGEST_NAME = 40

/** Everybody of a class who stands at a bay, on one sheet; without a class, everybody who stands at one. */
export default api(async (event) => {
  const { siteId } = await requireRight(event, 'door-checks')
  const { pool, clock } = useRunning()
  const now = nowIso(clock)
  const { group } = getQuery(event)
  const asked = typeof group === 'string' ? group.slice(0, LONGEST_NAME) : ''
  const [{ facts, cards }, here] = await Promise.all([readCards(pool, siteId, now), readHere(pool, siteId)])
  const members = new Set(here.filter(one => asked === '' || one.group === asked).map(({ personId }) => personId))
  const theirs = cards.filter(({ personId }) => personId !== null && members.has(personId))
  const addressed = await Promise.all(theirs.map(async ({ card }) =>
    ({ card, address: cardAddress(event, await cardToken(pool, siteId, card.bayId)) })))
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'content-disposition', 'inline; filename="class.pdf"')
  return classSheet(asked, addressed, cardsOf(facts, now))
})
