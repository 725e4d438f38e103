import type pg from 'pg'
import type { Clock } from './clock'
import { Boards } from './boards'
import { clockFrom, nowIso } from './clock'
import { keepDoing, startDeadlineWorker } from './clockwork/deadlines'
import { anchorSeals } from './clockwork/seals'
import { APP_ROLE, openPool, SERVING_LIMITS } from './database/connection'
import { cleanFailedTries } from './tables/failed-try'
import { cleanSessions } from './tables/session'
import { Live } from './live'
import { complain } from './logging'
import { LoopDelay } from './loop-delay'
import { Metrics } from './metrics'
import { AnchorKeeper, anchorPlace } from './record/anchors'
import type { Door } from './door/door'

/** What one running process holds: connections and timers, no state that matters. */
export interface Running {
  readonly pool: pg.Pool
  readonly clock: Clock
  readonly live: Live
  /** The boards of the sites, each worked out once and shared. */
  readonly boards: Boards
  readonly loopDelay: LoopDelay
  readonly door: Door
  /** Keeps each day's seal outside the database. */
  readonly anchors: AnchorKeeper
  readonly metrics: Metrics
  readonly close: () => Promise<void>
}

const TIDY_EVERY_MS = 10 * 60_000
/** A seal is made once a day: it is outside the database soon after. */
const ANCHOR_EVERY_MS = 5000

/** A session that ended by its age says nothing any more after a month. */
const SESSIONS_KEPT_MS = 30 * 24 * 3600_000

async function tidyUp(pool: pg.Pool, clock: Clock): Promise<void> {
  await cleanFailedTries(pool, nowIso(clock))
  await cleanSessions(pool, new Date(clock.nowMs() - SESSIONS_KEPT_MS).toISOString())
}

let running: Running | undefined

/** Opens everything the process needs. `ZONARIS_ROLE=none` serves as the login given, where it may not step down. */
export function startRunning(env: NodeJS.ProcessEnv): Running {
  const url = env.DATABASE_URL
  if (!url) throw new Error('DATABASE_URL is not set. Start with "npm start", which sets it.')
  const clock = clockFrom(env.ZONARIS_CLOCK)
  const pool = openPool(url, env.ZONARIS_ROLE === 'none' ? null : APP_ROLE, SERVING_LIMITS)
  const live = new Live(pool, url)
  const door: Door = { pool, clock, announce: live.announce }
  const stopWorker = startDeadlineWorker(door)
  const anchors = new AnchorKeeper(anchorPlace(env))
  // In turns of its own: a disk or an address that does not answer keeps no clock from ringing.
  const stopAnchoring = keepDoing('Seals could not be anchored; trying again.', () => anchorSeals(door, anchors), ANCHOR_EVERY_MS)
  const tidy = setInterval(() => {
    tidyUp(pool, clock).catch(error => complain('What is over could not be dropped.', error))
  }, TIDY_EVERY_MS).unref()
  const loopDelay = new LoopDelay()
  const close = async () => {
    loopDelay.close()
    clearInterval(tidy)
    await Promise.all([stopWorker(), stopAnchoring()])
    await live.close()
    await pool.end()
  }
  return (running = {
    pool,
    clock,
    live,
    boards: new Boards(pool, clock),
    loopDelay,
    door,
    anchors,
    metrics: new Metrics(pool, loopDelay),
    close,
  })
}

export function useRunning(): Running {
  if (!running) throw new Error('the server has not started')
  return running
}
