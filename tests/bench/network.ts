import { randomUUID } from 'node:crypto'
import { Agent, createServer, request as httpRequest } from 'node:http'
import type { IncomingMessage, ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'
import { setTimeout as wait } from 'node:timers/promises'
import pg from 'pg'
import { randomFrom } from '#core/chance/draws'
import makeDemoTemplate from '../e2e/demo-template'
import { PASSWORDS, serve } from '../e2e/served'
import { report } from './ratio'

/**
 * A network as a yard has it: between phones and server stands a proxy that cuts before and after, keeps waiting, sends twice and
 * out of order. Each phone sends what it has until it is answered, as the outbox does: nothing is lost, nothing is recorded twice, and
 * what one phone did stands in the order in which it did it.
 */
const STORMS = Number(process.env.NETWORK_STORMS ?? 500)
const PHONES = 6
const EACH = 2
/** A phone gives a line up after this, and sends again, ms. */
const PATIENCE_MS = 1500

const random = randomFrom(2026)
const chance = (share: number): boolean => random() < share

/** What the proxy did to those that came through. */
const done = { cutBefore: 0, cutAfter: 0, delayed: 0, repeated: 0, reordered: 0 }

interface Whole {
  readonly method: string
  readonly url: string
  readonly headers: IncomingMessage['headers']
  readonly body: Buffer
}

async function wholeOf(request: IncomingMessage): Promise<Whole> {
  const parts: Buffer[] = []
  for await (const part of request) parts.push(part as Buffer)
  return { method: request.method!, url: request.url!, headers: request.headers, body: Buffer.concat(parts) }
}

const agent = new Agent({ keepAlive: true, maxSockets: 64 })

function forward(port: number, { method, url, headers, body }: Whole): Promise<{ status: number, body: Buffer }> {
  return new Promise((resolve, reject) => {
    const upstream = httpRequest(
      { host: '127.0.0.1', port, method, path: url, headers: { ...headers, host: `127.0.0.1:${port}` }, agent },
      (answer) => {
        const parts: Buffer[] = []
        answer.on('data', (part: Buffer) => parts.push(part))
        answer.on('end', () => resolve({ status: answer.statusCode!, body: Buffer.concat(parts) }))
      },
    )
    upstream.on('error', reject)
    upstream.end(body)
  })
}

/** One that waits until the next has gone before it. */
let held: (() => void) | null = null
async function letOthersPass(): Promise<void> {
  held?.()
  held = null
  if (!chance(0.15)) return
  done.reordered++
  await Promise.race([
    new Promise<void>((resolve) => {
      held = resolve
    }),
    wait(300),
  ])
}

async function disturb(port: number, request: IncomingMessage, response: ServerResponse): Promise<void> {
  const whole = await wholeOf(request)
  if (chance(0.15)) {
    done.cutBefore++
    request.socket.destroy()
    return
  }
  await letOthersPass()
  if (chance(0.2)) {
    done.delayed++
    await wait(random() * 120)
  }
  const first = forward(port, whole)
  if (chance(0.15)) {
    done.repeated++
    await Promise.allSettled([first, forward(port, whole), wait(random() * 20).then(() => forward(port, whole))])
  }
  const answer = await first
  if (chance(0.2)) {
    done.cutAfter++
    request.socket.destroy()
    return
  }
  response.writeHead(answer.status, { 'content-type': 'application/json' }).end(answer.body)
}

await makeDemoTemplate()
const shop = await serve()
const serverPort = Number(new URL(shop.url).port)
const proxy = createServer((request, response) => {
  disturb(serverPort, request, response).catch(() => response.destroy())
})
await new Promise<void>(resolve => proxy.listen(0, '127.0.0.1', resolve))
const through = `http://127.0.0.1:${(proxy.address() as AddressInfo).port}/api/v1/commands`

const signedIn = await fetch(`${shop.url}/api/v1/sign-in`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ loginName: 'maren', password: PASSWORDS.maren }),
})
const cookie = signedIn.headers
  .getSetCookie()
  .map(line => line.split(';')[0])
  .join('; ')

const sent: { id: string, phone: number, seq: number }[] = []
let tries = 0
const seqs = Array.from({ length: PHONES }, () => 0)

/** Sends one command until it is answered; gives up on nothing. */
async function sendUntilHeard(phone: number): Promise<void> {
  const seq = ++seqs[phone]!
  const at = new Date().toISOString()
  const command = {
    id: randomUUID(),
    type: 'station.set-helmet',
    streams: [{ id: `station/bay-${phone + 1}`, expectedVersion: null }],
    at,
    deviceId: `phone-${phone}`,
    deviceSeq: seq,
    payload: { shade: 9 + (seq % 5) },
  }
  sent.push({ id: command.id, phone, seq })
  for (;;) {
    tries++
    const answer = await fetch(through, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie },
      body: JSON.stringify({ ...command, sentAt: new Date().toISOString() }),
      signal: AbortSignal.timeout(PATIENCE_MS),
    }).then(
      async response => (response.status === 200 ? ((await response.json()) as { commandId: string }) : null),
      () => null,
    )
    if (answer?.commandId === command.id) return
    await wait(20 + random() * 60)
  }
}

for (let storm = 0; storm < STORMS; storm++) {
  await Promise.all(
    Array.from({ length: PHONES }, async (_, phone) => {
      for (let i = 0; i < EACH; i++) await sendUntilHeard(phone)
    }),
  )
}
proxy.close()
proxy.closeAllConnections()
agent.destroy()

const client = new pg.Client({ connectionString: shop.databaseUrl })
await client.connect()
const { rows } = await client.query<{ command_id: string, position: number, count: number }>(
  `select command_id::text, min(position)::int as position, count(*)::int as count from event where type = 'helmet-set' and command_id = any($1) group by 1`,
  [sent.map(({ id }) => id)],
)
await client.end()
await shop.stop()
const kept = new Map(rows.map(row => [row.command_id, row]))
const lost = sent.filter(({ id }) => !kept.has(id)).length
const twice = rows.filter(({ count }) => count > 1).length
const outOfOrder = Array.from({ length: PHONES }, (_, phone) =>
  sent
    .filter(one => one.phone === phone)
    .toSorted((a, b) => a.seq - b.seq)
    .map(({ id }) => kept.get(id)?.position ?? 0),
).flatMap(positions => positions.slice(1).filter((position, i) => position <= positions[i]!)).length
const what = Object.entries(done)
  .map(([name, count]) => `${count} ${name}`)
  .join(', ')
const told = `${STORMS} storms, ${sent.length} commands in ${tries} tries; ${what}`
const verdicts = [
  report({ name: 'acknowledged commands lost by a bad network', ratio: lost, atMost: 0, absolutes: told }),
  report({ name: 'commands recorded twice by a bad network', ratio: twice, atMost: 0, absolutes: told }),
  report({ name: 'commands of one phone out of order', ratio: outOfOrder, atMost: 0, absolutes: told }),
]
process.exit(verdicts.every(Boolean) ? 0 : 1)
