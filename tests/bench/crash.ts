import { spawn } from 'node:child_process'
import type { ChildProcess } from 'node:child_process'
import { rmSync } from 'node:fs'
import path from 'node:path'
import { setTimeout as wait } from 'node:timers/promises'
import pg from 'pg'
import type { CommandOf } from '#core/streams/commands'
import { planWithoutPermit } from '#core/hotwork/permit-plan'
import type { PermitRequest } from '#core/streams/permit/permit'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { randomFrom } from '#core/chance/draws'
import { ensureCluster, stopHard } from '../../scripts/postgres.mjs'
import { permitStream, personStream } from '#core/ids/streams'

/**
 * Kills the application and the database at random while deadlines of permits fall due: each deadline's event happens
 * once, none is lost, and what was acknowledged is there. The database keeps its durability here.
 */
const KILLS = Number(process.env.CRASH_KILLS ?? 100)
const [SPEED, PERMITS, START] = [120, 12, Date.parse('2026-11-24T08:00:00.000Z')]
const root = path.resolve(import.meta.dirname, '../..')

rmSync(path.join(root, '.data/crash-pg'), { recursive: true, force: true })
let cluster = await ensureCluster('crash-pg', { preferredPort: 5760 })
process.env.ZONARIS_TEST_CLUSTER = cluster.url
const { openShop } = await import('../server/shop')
await (await import('../server/template-database')).default()
const shop = await openShop('crash')
shop.clock.set(new Date(START).toISOString())
const began = Date.now()
const shopNow = () => new Date(START + (Date.now() - began) * SPEED).toISOString()

const lead = { ...shop.as(['safety-lead']), isSigned: true }
const ok = async (streamId: string, what: CommandOf, caller = lead) => {
  const answer = await shop.send(caller, [streamId], what)
  if (answer.status !== 200) throw new Error(`${what.type}: ${JSON.stringify(answer.body)}`)
}
const watchers: string[] = []
for (let i = 0; i < PERMITS; i++) {
  for (const who of ['watcher', 'worker'])
    await ok(personStream(`${who}-${i}`), {
      type: 'person.add',
      payload: { name: `${who} ${i}`, roles: ['fire-watch', 'instructor'], areaId: null, bayId: null },
    })
  // An arc without a permit begins a watch at once; half of them are walked by the processes, half are left alone.
  const place: PermitRequest['place'] = { where: `Place ${i}`, placeId: null, bayId: null }
  await ok(permitStream(`p-${i}`), { type: 'permit.report-arc', payload: { place } })
  await ok(
    permitStream(`p-${i}`),
    { type: 'permit.take-post', payload: {} },
    { ...shop.as(['fire-watch', 'instructor'], `watcher-${i}`), isSigned: false },
  )
  if (i % 2 === 0) watchers.push(`p-${i}=watcher-${i}`)
}

const acknowledged = new Set<string>()
function startApp(): ChildProcess {
  const child = spawn(
    process.execPath,
    [
      path.join(root, 'node_modules/tsx/dist/cli.mjs'),
      '--tsconfig',
      path.join(root, 'tsconfig.scripts.json'),
      path.join(root, 'tests/bench/crash-app.ts'),
    ],
    {
      cwd: root,
      stdio: ['ignore', 'pipe', 'ignore'],
      detached: true,
      env: {
        ...process.env,
        DATABASE_URL: shop.url,
        CRASH_SITE: shop.siteId,
        CRASH_WATCHERS: watchers.join(','),
        ZONARIS_CLOCK: `${shopNow()} x${SPEED}`,
      },
    },
  )
  child.stdout!.on('data', (data: Buffer) => {
    for (const id of data
      .toString()
      .split('\n')
      .filter(line => line.length === 36))
      acknowledged.add(id)
  })
  return child
}
/** The whole group: the loader and what it runs. */
const killApp = ({ pid }: ChildProcess) => {
  try {
    process.kill(-pid!, 'SIGKILL')
  } catch {
    /* It is gone already. */
  }
}

const random = randomFrom(2026)
let apps = [startApp(), startApp()]
let [appKills, databaseKills] = [0, 0]
for (let kill = 0; kill < KILLS; kill++) {
  await wait(400 + random() * 1200)
  if (random() < 0.7) {
    const i = Math.floor(random() * apps.length)
    killApp(apps[i]!)
    apps[i] = startApp()
    appKills++
  } else {
    await stopHard('crash-pg')
    cluster = await ensureCluster('crash-pg', { preferredPort: 5760 })
    databaseKills++
  }
}
await wait(6000)
for (const app of apps) killApp(app)
apps = []

const pool = new pg.Client({ connectionString: shop.url })
await pool.connect()
const { verifyChains } = await import('#server/database/event')
const { fireDueDeadlines } = await import('#server/clockwork/deadlines')
const { openPool } = await import('#server/database/connection')
const last = openPool(shop.url)
const clock = { nowMs: () => Date.parse(shopNow()) }
while (await fireDueDeadlines({ pool: last, clock, announce: () => {} }) > 0) await wait(20)
const rows = async <Row extends pg.QueryResultRow>(sql: string, values: unknown[] = []): Promise<Row[]> =>
  (await pool.query<Row>(sql, values)).rows
const twice = await rows<{ stream_id: string, type: string, key: string, count: number }>(
  `
  select stream_id, type, body_json->'payload'->>'dueAt' as key, count(*)::int as count from event where site_id = $1 and type in ('round-came-due', 'round-overdue', 'visit-missed')
  group by 1, 2, 3 having count(*) > 1`,
  [shop.siteId],
)
const stillDue = await rows<{ count: number }>('select count(*)::int as count from deadline where due_at <= $1', [shopNow()])
const lost
  = acknowledged.size === 0
    ? []
    : await rows<{ id: string }>(
        `select a.id from unnest($1::uuid[]) as a (id) where not exists (select 1 from event e where e.site_id = $2 and e.command_id = a.id)`,
        [[...acknowledged], shop.siteId],
      )
const leftAlone = await rows<{ stream_id: string, count: number }>(
  `select stream_id, count(*)::int as count from event where site_id = $1 and type = 'round-overdue' and stream_id = any($2) group by 1`,
  [shop.siteId, Array.from({ length: PERMITS / 2 }, (_, i) => permitStream(`p-${2 * i + 1}`))],
)
const early = await rows<{ stream_id: string }>(
  `select e.stream_id from event e where e.site_id = $1 and e.type = 'watch-over' and exists (
  select 1 from event w where w.site_id = e.site_id and w.stream_id = e.stream_id and w.type = 'watch-began' and w.version < e.version
  and not exists (select 1 from event later where later.site_id = w.site_id and later.stream_id = w.stream_id and later.type = 'watch-began' and later.version > w.version and later.version < e.version)
  and (e.body_json->'payload'->>'at')::timestamptz < (w.body_json->'payload'->>'fromAt')::timestamptz + $2 * interval '1 minute')`,
  [shop.siteId, planWithoutPermit(NEW_SITE_RULES).afterMin],
)
const broken = await verifyChains(last, shop.siteId)
const events = await rows<{ type: string, count: number }>(
  `select type, count(*)::int as count from event where site_id = $1 and stream_id like 'permit/%' group by 1 order by 1`,
  [shop.siteId],
)
await pool.end()
await last.end()
await shop.close().catch(() => {})
cluster.stop()
rmSync(path.join(root, '.data/crash-pg'), { recursive: true, force: true })

const failures = [
  ...twice.map(({ stream_id, type, key, count }) => `${type} of ${stream_id} at ${key} happened ${count} times`),
  ...(stillDue[0]!.count > 0 ? [`${stillDue[0]!.count} deadlines are due and were not fired`] : []),
  ...lost.map(({ id }) => `the acknowledged command ${id} left nothing`),
  ...(leftAlone.length < PERMITS / 2 || leftAlone.some(({ count }) => count !== 1)
    ? [`places left alone are overdue once each: ${JSON.stringify(leftAlone)}`]
    : []),
  ...early.map(({ stream_id }) => `the watch of ${stream_id} was over too soon`),
  ...broken.map(one => `chain: ${JSON.stringify(one)}`),
]
process.stdout.write(
  `${failures.length === 0 ? 'kept  ' : 'MISSED'} ${appKills} kills of the application and ${databaseKills} of the database while deadlines fell due: ${acknowledged.size} acknowledged commands, ${events.map(({ type, count }) => `${count} ${type}`).join(', ')}\n`,
)
for (const failure of failures) process.stdout.write(`       ${failure}\n`)
process.exit(failures.length === 0 ? 0 : 1)
