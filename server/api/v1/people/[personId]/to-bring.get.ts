import { getRouterParam, setHeader } from 'h3'
import { firstNameOf } from '#core/card/bay-card'
import { judgeBody } from '#core/clearance/body-gate'
import { viewsOf } from '#core/site-facts/site-standing'
import { joinFacts } from '#core/site-facts/join-facts'
import { nowIso } from '../../../../clock'
import { api, Problem, requireRight } from '../../../../http'
import { shoppingList } from '../../../../paper/card-paper'
import { cardsOf, readCards } from '../../../../paper/cards-read'
import { useRunning } from '../../../../running'
import { errorsHere } from '../../../../words/here'

/** What somebody has to bring next time: of what was told of them today, what does not pass for the work where they stand. */
export default api(async (event) => {
  const { siteId } = await requireRight(event, 'door-checks')
  const { pool, clock } = useRunning()
  const now = nowIso(clock)
  const personId = getRouterParam(event, 'personId') ?? ''
  const { facts } = await readCards(pool, siteId, now)
  const welder = facts.welders[personId]
  if (!welder) throw new Problem(404, { error: errorsHere().nobodyByThatId })
  const bay = facts.site.bays.find(({ bayId, closed }) => !closed && facts.stations[bayId]?.personId === personId)
  const station = bay && facts.stations[bay.bayId]
  const outfit = bay && station
    ? judgeBody(station, { ...viewsOf(joinFacts(facts))(bay), welder }).outfit
    : []
  const needed = outfit.filter(({ garments, standing }) => garments !== null && standing === 'fails')
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'content-disposition', 'inline; filename="to-bring.pdf"')
  return shoppingList(firstNameOf(welder.name), needed, cardsOf(facts, now))
})
