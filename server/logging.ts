import pino from 'pino'
import { isDatabaseAway } from './database/away'

/** One line of JSON for each thing worth telling: no names, no words that people wrote, no secrets. `ZONARIS_LOG` sets how much. */
export const log = pino({
  base: undefined,
  level: process.env.ZONARIS_LOG || 'info',
  timestamp: pino.stdTimeFunctions.isoTime,
  formatters: { level: label => ({ level: label }) },
})

/** What of an error may be written down: what kind it is and where it arose. What a database says of the values at hand is left out. */
function toldOf(error: unknown): object {
  if (!(error instanceof Error)) return { error: String(error).slice(0, 200) }
  const { code, constraint } = error as { code?: string, constraint?: string }
  const isOfDatabase = code !== undefined && /^[0-9A-Z]{5}$/.test(code)
  return {
    error: error.name,
    message: isOfDatabase ? undefined : error.message.slice(0, 500),
    code,
    constraint,
    stack: isOfDatabase ? undefined : error.stack,
  }
}

const QUIET_MS = 1000
let saidAwayAtMs = -Infinity
let unsaid = 0

/**
 * Says that something went wrong. Of a database that is away everything complains at once, and again with every request: one line a
 * second says so, and how many it stands for.
 *
 * @param nowMs a clock that never runs backwards
 */
export function complain(what: string, error: unknown, nowMs = performance.now()): void {
  if (!isDatabaseAway(error)) {
    log.error(toldOf(error), what)
    return
  }
  if (nowMs - saidAwayAtMs < QUIET_MS) {
    unsaid++
    return
  }
  log.error({ ...toldOf(error), stack: undefined, unsaid }, `The database is away. ${what}`)
  saidAwayAtMs = nowMs
  unsaid = 0
}
