import { getRouterParam, setHeader } from 'h3'
import { hallIdOf } from '#core/air/air-facts'
import { measuredAt } from '#core/air/surveyed'
import { samplesStream } from '#core/ids/streams'
import { nowIso } from '../../../../clock'
import { inTransaction } from '../../../../database/connection'
import { readBodies } from '../../../../database/event'
import { api, Problem, requireRight } from '../../../../http'
import type { PutIn } from '../../../../paper/samples-report'
import { samplesReport } from '../../../../paper/samples-report'
import { useRunning } from '../../../../running'
import { readWholeSite } from '../../../../tables/site-facts'
import { readNames } from '../../../../tables/person'
import { errorsHere, wordsHere } from '../../../../words/here'

/** The samples of a bay as a PDF: what was measured, how it was judged, the verdict, who put it in; in the language that is asked for. */
export default api(async (event) => {
  const { siteId } = await requireRight(event, 'record-samples')
  const { pool, clock } = useRunning()
  const now = nowIso(clock)
  const bayId = getRouterParam(event, 'bayId') ?? ''
  const { facts, bodies, names } = await inTransaction(pool, async (db) => {
    await db.query('set transaction isolation level repeatable read read only')
    return {
      facts: await readWholeSite(db, siteId, now),
      bodies: await readBodies(db, siteId, samplesStream(bayId), 0),
      names: new Map((await readNames(db, siteId)).map(({ personId, name }) => [personId, name])),
    }
  })
  const bay = facts.site.bays.find(one => one.bayId === bayId)
  if (!bay) throw new Problem(404, { error: errorsHere().noSuchBay })
  const { papers } = wordsHere()
  const putIn = new Map(bodies.flatMap(({ type, at, actor, payload }): [string, PutIn][] => type === 'survey-recorded'
    ? [[
        (payload as { readonly surveyId: string }).surveyId,
        { name: actor.kind === 'person' ? names.get(actor.personId) ?? papers.somebodyLeft : papers.somebodyLeft, at },
      ]]
    : []))
  const hallId = hallIdOf(facts.site, bayId)
  const pdf = await samplesReport({
    siteName: facts.site.name,
    timeZone: facts.site.timeZone,
    units: facts.rules.units,
    printedAt: now,
    bayLabel: bay.label,
    hallName: facts.site.halls.find(hall => hall.hallId === hallId)?.name ?? '',
    measured: measuredAt(facts, bayId),
    putIn,
  })
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'content-disposition', `inline; filename="samples-${bayId}.pdf"`)
  return pdf
})
