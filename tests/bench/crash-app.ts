import { randomUUID } from 'node:crypto'
import { setTimeout as wait } from 'node:timers/promises'
import { clockFrom } from '#server/clock'
import { startDeadlineWorker } from '#server/clockwork/deadlines'
import { handleCommand } from '#server/door/handle'
import { systemCommand } from '#server/door/system-command'
import { openPool } from '#server/database/connection'
import type { Command } from '#server/door/command'
import type { Caller } from '#server/door/caller'
import { permitStream } from '#core/ids/streams'

/** One application process of the crash test: fires deadlines, and sends rounds that it names on its output once they are acknowledged. */
const { DATABASE_URL: url = '', CRASH_SITE: siteId = '', CRASH_WATCHERS = '', ZONARIS_CLOCK } = process.env
const clock = clockFrom(ZONARIS_CLOCK)
const pool = openPool(url)
pool.removeAllListeners('error').on('error', () => {})
const door = { pool, clock, announce: () => {} }
console.error = () => {}
startDeadlineWorker(door, 100)
const watchers = CRASH_WATCHERS.split(',').map(pair => pair.split('='))
for (;;) {
  const [permitId, personId] = watchers[Math.floor(Math.random() * watchers.length)]!
  const caller: Caller = {
    siteId,
    actor: { kind: 'person', personId: personId! },
    holder: { roles: ['fire-watch', 'instructor'], areaId: null, bayId: null },
  }
  const command: Command = systemCommand(clock, [permitStream(permitId!)], { type: 'permit.round', payload: {} }, { id: randomUUID() })
  try {
    if ((await handleCommand(door, caller, command)).status === 200) process.stdout.write(`${command.id}\n`)
  } catch {
    /* The database is down, or fell while it answered: nothing was acknowledged. */
  }
  await wait(40)
}
