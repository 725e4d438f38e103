import type { Readings } from '#shared/contract/answers'
import { getRouterParam } from 'h3'
import { laterOf, minutesAfter } from '#core/time/instant'
import { nowIso } from '../../../clock'
import { api, Problem, requireSignedIn } from '../../../http'
import { useRunning } from '../../../running'
import { readMonitors, readStretches } from '../../../tables/monitor'
import { errorsHere } from '../../../words/here'

/** So far back, min, in stretches of so long, s: a picture of a shift has no room for more. */
const BACK_MIN = 8 * 60
const STRETCH_S = 120

/** What an instrument read here over the last eight hours, in stretches of two minutes. */
export default api(async (event): Promise<Readings['monitors/{monitorId}']> => {
  const { siteId } = await requireSignedIn(event)
  const { pool, clock } = useRunning()
  const monitorId = getRouterParam(event, 'monitorId') ?? ''
  const monitor = (await readMonitors(pool, siteId, [monitorId])).get(monitorId)
  if (!monitor) throw new Problem(404, { error: errorsHere().noMonitor(monitorId.slice(0, 64)) })
  // What it read elsewhere, perhaps in another unit, says nothing here.
  const fromAt = laterOf(monitor.placedAt, minutesAfter(nowIso(clock), -BACK_MIN))
  return { monitorId, monitor, stretches: await readStretches(pool, siteId, monitorId, fromAt, STRETCH_S) }
})
