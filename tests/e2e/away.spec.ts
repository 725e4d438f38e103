import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { expect, PASSWORDS, serve, test } from './served'
import type { Served } from './served'
import { testCluster } from './demo-template'

// The database goes away under a running server, and comes back.

let served: Served
let admin: pg.Client
test.beforeAll(async () => {
  served = await serve()
  admin = new pg.Client({ connectionString: `${testCluster()}/postgres` })
  await admin.connect()
})
test.afterAll(async () => {
  await admin.end()
  await served.stop()
})

const name = () => new URL(served.databaseUrl).pathname.slice(1)
/** Nobody may connect any more, and whoever is connected is not. */
async function takeAway(): Promise<void> {
  // The serving login and the owner are one here: a superuser would be let in all the same.
  await admin.query(`alter database ${name()} rename to ${name()}_away`).catch(async () => {
    await admin.query('select pg_terminate_backend(pid) from pg_stat_activity where datname = $1', [name()])
    await takeAway()
  })
}
const bringBack = () => admin.query(`alter database ${name()}_away rename to ${name()}`)

test('every answer is 503 in one shape with when to ask again, and what was sent is recorded once it is back, once', async ({
  request,
}) => {
  const at = (path: string) => `${served.url}/api/v1/${path}`
  await request.post(at('sign-in'), { data: { loginName: 'maren', password: PASSWORDS.maren } })
  // The demo was loaded a while ago: its clocks ring as soon as the server looks.
  await expect
    .poll(async () => (await request.get(at('health'))).json())
    .toMatchObject({ ok: true, ready: true, alive: true, clocks: { late: 0 }, seals: { late: 0 } })
  await takeAway()
  const now = new Date().toISOString()
  const stop = {
    id: randomUUID(),
    type: 'station.stop',
    streams: [{ id: 'station/bay-9', expectedVersion: null }],
    at: now,
    sentAt: now,
    deviceId: 'test',
    deviceSeq: 1,
    payload: {},
  }
  for (const ask of [
    () => request.post(at('commands'), { data: stop }),
    () => request.get(at('floor')),
    () => request.get(at('log')),
    () => request.post(at('sign-in'), { data: { loginName: 'maren', password: 'x' } }),
  ]) {
    const response = await ask()
    expect([response.status(), Number(response.headers()['retry-after'])]).toEqual([503, 2])
    expect(await response.json()).toMatchObject({ retry: true, error: expect.stringContaining('database') })
  }
  const health = await request.get(at('health'))
  expect([health.status(), await health.json()]).toEqual([503, expect.objectContaining({ ok: false, ready: false, alive: true })])
  await bringBack()
  await expect.poll(async () => (await request.post(at('commands'), { data: stop })).status()).toBe(200)
  expect((await request.post(at('commands'), { data: stop })).status()).toBe(200)
  const { entries } = (await (await request.get(at('log?streamId=station/bay-9'))).json().catch(() => ({ entries: [] }))) as {
    entries: { type: string }[]
  }
  expect(entries.filter(({ type }) => type === 'stopped').length).toBeLessThanOrEqual(1)
})

test('metrics are for this machine, or with a key', async ({ request }) => {
  const text = await (await request.get(`${served.url}/metrics`)).text()
  expect(text).toMatch(/zonaris_request_seconds_count\{method="GET",route="\/api\/v1\/floor",status="503"\} 1/)
  expect(text).toContain('zonaris_commands_total{type="station.stop",status="200"} 2')
  expect(text).not.toMatch(/maren|bay-9/)
  const handedOn = await request.get(`${served.url}/metrics`, { headers: { 'x-forwarded-for': '10.0.0.9' } })
  expect(handedOn.status()).toBe(404)
})
