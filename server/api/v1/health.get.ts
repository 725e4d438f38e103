import { setResponseStatus } from 'h3'
import { shopDayOf } from '#core/time/shop-day'
import { isDatabaseAway } from '../../database/away'
import { countLate, readTrouble } from '../../database/deadline'
import { sitesToSeal } from '../../database/seal'
import { nowIso } from '../../clock'
import { api } from '../../http'
import { useRunning } from '../../running'

/** A clock that rang this long ago should have done its work, and a day that ended be sealed, ms. */
const LATE_MS = 60_000
const DAY_MS = 24 * 3600_000

/** Is this process alive, and ready: does it reach its database, do its clocks ring, are its days sealed, how long does work wait? */
export default api(async (event) => {
  const { pool, clock, loopDelay } = useRunning()
  const process = {
    alive: true,
    eventLoop: loopDelay.read(),
    database: { connections: pool.totalCount, idle: pool.idleCount, waiting: pool.waitingCount },
  }
  try {
    const sinceMs = clock.nowMs() - LATE_MS
    const [trouble, late, sites] = await Promise.all([
      readTrouble(pool, null, 1000),
      countLate(pool, new Date(sinceMs).toISOString()),
      sitesToSeal(pool),
    ])
    const unsealed = sites.filter(
      ({ timeZone, shopDayHour, lastSealedDay }) =>
        lastSealedDay !== null && lastSealedDay < shopDayOf(sinceMs - DAY_MS, timeZone, shopDayHour),
    )
    const clocks = {
      late,
      setAside: trouble.length,
      kinds: [...new Set(trouble.map(({ kind }) => kind))],
      oldestDueAt: trouble[0]?.dueAt ?? null,
    }
    return { ok: true, ready: true, ...process, now: nowIso(clock), clocks, seals: { late: unsealed.length } }
  } catch (error) {
    if (!isDatabaseAway(error)) throw error
    setResponseStatus(event, 503)
    return { ok: false, ready: false, ...process, now: nowIso(clock), clocks: null, seals: null }
  }
})
