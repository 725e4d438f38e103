import type { APIRequestContext } from '@playwright/test'
import { runScript } from './demo-template'
import { OddRequests, sendOdd } from './odd-requests'
import type { OddRequest, OpenApi } from './odd-requests'
import { expect, PASSWORDS, serve, test } from './served'

/** So many here; twenty thousand in the bench. */
const REQUESTS = 1000
const AT_ONCE = 8

async function send(request: APIRequestContext, url: string, odd: OddRequest): Promise<string | null> {
  const response = await sendOdd(request, url, odd)
  if (response.status() < 500) return null
  return `${response.status()} ${JSON.stringify(odd).slice(0, 600)} answered ${(await response.text()).slice(0, 200)}`
}

test('a thousand requests that nobody should send: none fails in the server, and the record stands', async ({ request }) => {
  test.setTimeout(180_000)
  const shop = await serve()
  await request.post(`${shop.url}/api/v1/sign-in`, { data: { loginName: 'oskar', password: PASSWORDS.oskar } })
  const odd = new OddRequests((await (await request.get(`${shop.url}/api/v1/openapi.json`)).json()) as OpenApi, 11)
  const requests = [...odd.take(REQUESTS)]
  const failed: string[] = []
  for (let i = 0; i < requests.length; i += AT_ONCE) {
    const answers = await Promise.all(requests.slice(i, i + AT_ONCE).map(one => send(request, shop.url, one)))
    failed.push(...answers.filter(answer => answer !== null))
  }
  expect(failed).toEqual([])
  // Whatever was done by it, the record holds together with everything that is read beside it, and the shop can still be stopped.
  const env = { ...process.env, DATABASE_URL: shop.databaseUrl, ZONARIS_ANCHORS: shop.anchors }
  expect(await runScript('scripts/record.ts', env, ['verify'])).toContain('1 anchors: everything stands')
  const at = new Date().toISOString()
  const stop = await request.post(`${shop.url}/api/v1/commands`, {
    data: { id: crypto.randomUUID(), type: 'station.stop-all', streams: [], payload: {}, at, sentAt: at, deviceId: 'test', deviceSeq: 1 },
  })
  expect(stop.status()).toBe(200)
  await shop.stop()
})
