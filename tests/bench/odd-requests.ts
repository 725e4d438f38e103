import { request as openRequests } from '@playwright/test'
import { OddRequests, sendOdd } from '../e2e/odd-requests'
import type { OpenApi } from '../e2e/odd-requests'
import makeDemoTemplate from '../e2e/demo-template'
import { PASSWORDS, serve } from '../e2e/served'
import { verifyRecord } from '#server/record/verify-record'
import { report } from './ratio'

/** Twenty thousand requests that nobody should send: none fails in the server, none takes longer than a second. */
const REQUESTS = 20_000
const AT_ONCE = 4
const SLOW_MS = 1000

await makeDemoTemplate()
const shop = await serve()
const request = await openRequests.newContext()
try {
  await request.post(`${shop.url}/api/v1/sign-in`, { data: { loginName: 'oskar', password: PASSWORDS.oskar } })
  const doc = (await (await request.get(`${shop.url}/api/v1/openapi.json`)).json()) as OpenApi
  const statuses = new Map<number, number>()
  let [failed, slow, longestMs] = [0, 0, 0]
  const requests = new OddRequests(doc, Date.now()).take(REQUESTS)
  const worker = async () => {
    for (const one of requests) {
      const began = performance.now()
      const status = (await sendOdd(request, shop.url, one)).status()
      const ms = performance.now() - began
      statuses.set(status, (statuses.get(status) ?? 0) + 1)
      longestMs = Math.max(longestMs, ms)
      if (status >= 500) failed++
      if (ms > SLOW_MS) slow++
      if (status >= 500 || ms > SLOW_MS) process.stdout.write(`${status} in ${ms.toFixed(0)} ms: ${JSON.stringify(one).slice(0, 300)}\n`)
    }
  }
  await Promise.all(Array.from({ length: AT_ONCE }, worker))
  const told = [...statuses]
    .sort(([a], [b]) => a - b)
    .map(([status, count]) => `${status}: ${count}`)
    .join(', ')
  const whole = report({ name: 'odd requests answered with 5xx', ratio: failed, atMost: 0, absolutes: `of ${REQUESTS}; ${told}` })
  const quick = report({
    name: 'odd requests that took longer than a second',
    ratio: slow,
    atMost: 0,
    absolutes: `the longest ${longestMs.toFixed(0)} ms`,
  })
  // Nothing of it was written wrongly: every event, seal and reading is what it should be.
  const { wounds, events } = await verifyRecord(shop.databaseUrl)
  const unhurt = report({ name: 'wounds of the record after odd requests', ratio: wounds.length, atMost: 0, absolutes: `${events} events` })
  for (const { what, where, says } of wounds.slice(0, 10)) process.stdout.write(`       ${what} ${where}: ${says}\n`)
  if (!whole || !quick || !unhurt) process.exitCode = 1
} finally {
  await request.dispose()
  await shop.stop()
}
