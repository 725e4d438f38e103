import { randomUUID } from 'node:crypto'
import { Agent, request as httpRequest } from 'node:http'
import type { IncomingMessage } from 'node:http'
import { setTimeout as wait } from 'node:timers/promises'
import { gunzipSync } from 'node:zlib'
import pg from 'pg'
import makeDemoTemplate from '../e2e/demo-template'
import { PASSWORDS, serve } from '../e2e/served'
import { median, report } from './ratio'

/**
 * Two hundred screens listen; one bay changes. Each hears of it and asks for the board: how long from the tap until the board with the
 * change has come to each. What a screen then draws, it draws with a machine of its own.
 */
const SCREENS = Number(process.env.SCREENS ?? 200)
const ROUNDS = Number(process.env.SCREEN_ROUNDS ?? 15)
const PER_PERSON = 13
const GOAL_MS = 1000

await makeDemoTemplate()
const shop = await serve()
const { port } = new URL(shop.url)
const agent = new Agent({ keepAlive: true, maxSockets: 64 })

interface Told {
  readonly status: number
  readonly headers: IncomingMessage['headers']
  readonly body: Buffer
}
function ask(method: string, path: string, headers: Record<string, string>, body?: string): Promise<Told> {
  return new Promise((resolve, reject) => {
    const asked = httpRequest(
      { host: '127.0.0.1', port, method, path, headers: { ...(body ? { 'content-type': 'application/json' } : {}), ...headers }, agent },
      (answer) => {
        const parts: Buffer[] = []
        answer.on('data', (part: Buffer) => parts.push(part))
        answer.on('end', () => resolve({ status: answer.statusCode!, headers: answer.headers, body: Buffer.concat(parts) }))
      },
    )
    asked.on('error', reject)
    asked.end(body)
  })
}

async function signIn(loginName: string, password: string): Promise<string> {
  const { headers, status } = await ask('POST', '/api/v1/sign-in', {}, JSON.stringify({ loginName, password }))
  if (status !== 200) throw new Error(`${loginName} could not sign in: ${status}`)
  return (headers['set-cookie'] ?? []).map(line => line.split(';')[0]).join('; ')
}

/** As many people as so many screens take: the demo's own, and namesakes who have the password of the first. */
async function people(count: number): Promise<string[]> {
  const cookies: string[] = []
  const own = Object.entries(PASSWORDS)
  for (const [loginName, password] of own.slice(0, count)) cookies.push(await signIn(loginName, password))
  const db = new pg.Client({ connectionString: shop.databaseUrl })
  await db.connect()
  for (let i = own.length; i < count; i++) {
    await db.query(
      `insert into person_reading (site_id, person_id, version, name, roles, has_left, pin_set)
      select site_id, $1, 1, $1, roles, false, false from person_reading where person_id = 'imke-tarrow'`,
      [`screen-${i}`],
    )
    await db.query(
      `insert into credential (site_id, person_id, login_name, password_hash, is_demo) select site_id, $1, $1, password_hash, true from credential where login_name = 'imke'`,
      [`screen-${i}`],
    )
    cookies.push(await signIn(`screen-${i}`, PASSWORDS.imke))
  }
  await db.end()
  return cookies
}

const cookies = await people(Math.ceil(SCREENS / PER_PERSON))
const lead = await signIn('maren', PASSWORDS.maren)
const floor = JSON.parse(
  gunzipSync((await ask('GET', '/api/v1/floor', { 'cookie': lead, 'accept-encoding': 'gzip' })).body).toString(),
) as { position: number }

/** What each screen does when it hears of a change: at first nothing. */
let onChange: (screen: number) => void = () => {}
for (let screen = 0; screen < SCREENS; screen++) {
  const cookie = cookies[Math.floor(screen / PER_PERSON)]!
  const stream = httpRequest({ host: '127.0.0.1', port, path: `/api/v1/events?after=${floor.position}`, headers: { cookie } }, (answer) => {
    answer.setEncoding('utf8')
    answer.on('data', (text: string) => {
      if (text.includes('event: changes')) onChange(screen)
    })
  })
  stream.end()
}
await wait(2000)

const heardMs: number[] = []
const shownMs: number[] = []
let older = 0
let bytes = 0
for (let round = 0; round < ROUNDS; round++) {
  const began = performance.now()
  let position = 0
  const bodies: Buffer[] = []
  const all = new Promise<void>((resolve) => {
    let left = SCREENS
    const heard = new Set<number>()
    onChange = (screen) => {
      if (heard.has(screen)) return
      heard.add(screen)
      heardMs.push(performance.now() - began)
      ask('GET', '/api/v1/floor', { 'cookie': cookies[Math.floor(screen / PER_PERSON)]!, 'accept-encoding': 'gzip' }).then(
        ({ body }) => {
          shownMs.push(performance.now() - began)
          bodies.push(body)
          if (--left === 0) resolve()
        },
        (error: unknown) => {
          throw error
        },
      )
    }
  })
  const at = new Date().toISOString()
  const answer = await ask(
    'POST',
    '/api/v1/commands',
    { cookie: lead },
    JSON.stringify({
      id: randomUUID(),
      type: 'station.set-helmet',
      streams: [{ id: 'station/bay-7', expectedVersion: null }],
      at,
      sentAt: at,
      deviceId: 'bench',
      deviceSeq: round + 1,
      payload: { shade: 9 + (round % 5) },
    }),
  )
  position = (JSON.parse(answer.body.toString()) as { position: number }).position
  await Promise.race([
    all,
    wait(30_000).then(() => {
      throw new Error('not every screen heard')
    }),
  ])
  older += bodies.filter(body => (JSON.parse(gunzipSync(body).toString()) as { position: number }).position < position).length
  bytes = bodies[0]!.length
  onChange = () => {}
  await wait(300)
}
agent.destroy()
await shop.stop()

const p95 = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length * 0.95)]!
const told = `${SCREENS} screens, ${ROUNDS} changes: heard in ${Math.round(median(heardMs))} ms at the median and ${Math.round(p95(heardMs))} at the 95th percentile, shown in ${Math.round(median(shownMs))} and ${Math.round(p95(shownMs))}; ${(bytes / 1000).toFixed(1)} kB each`
const verdicts = [
  report({
    name: 'a change shown on every screen, 95th percentile against 1 s',
    ratio: p95(shownMs) / GOAL_MS,
    atMost: 1,
    absolutes: told,
  }),
  report({ name: 'boards older than what was heard', ratio: older, atMost: 0, absolutes: told }),
]
process.exit(verdicts.every(Boolean) ? 0 : 1)
