import { choose, expect, serve, signIn, test } from './served'
import type { Served } from './served'
import { runStandIn } from './stand-in'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

/** What an instrument sends, as it sends it. */
const tell = (key: string, pack: unknown) =>
  fetch(`${served.url}/api/v1/readings`, {
    method: 'POST',
    headers: { 'authorization': `Bearer ${key}`, 'content-type': 'application/senml+json' },
    body: JSON.stringify(pack),
  })

test('a monitor holds until it is heard, stops its bay past a limit in the same breath, and holds once it is silent', async ({ page }) => {
  await signIn(page, served, 'oskar', '/set-up')
  await page.getByLabel('What it is for').fill('Monitors')
  await page.getByRole('radio', { name: 'tells readings' }).click()
  await page.getByRole('button', { name: 'Make a key' }).click()
  const key = (await page.locator('.key-itself').textContent())!
  // It tells, and reads nothing; nobody's session tells, and no key that reads.
  expect((await fetch(`${served.url}/api/v1/clearance`, { headers: { authorization: `Bearer ${key}` } })).status).toBe(401)
  expect((await tell('nonsense', [{ n: 'bay-2:carbon-monoxide', u: 'ppm', v: 3 }])).status).toBe(401)
  expect((await tell(key, [{ n: 'bay-2:carbon-monoxide', u: 'ppm', v: 3 }])).status).toBe(422)

  await page.goto(`${served.url}/`)
  const bay = page.getByRole('link', { name: /^Bay 2,/ })
  await expect(bay).toHaveAttribute('aria-label', /Clear to strike/)
  await page.goto(`${served.url}/air/bay-2`)
  const read = page.getByRole('region', { name: 'Read here now' })
  await read.getByRole('button', { name: 'Place a monitor' }).click()
  await choose(read.getByLabel('What it measures'), 'carbon monoxide')
  await expect(read.getByLabel('The name it sends')).toHaveValue('bay-2:carbon-monoxide')
  await read.getByLabel('Counts as silent after').fill('40')
  await read.getByRole('button', { name: 'Place it' }).click()
  await expect(read).toContainText('stands here and was never heard')
  await page.goto(`${served.url}/`)
  await expect(bay).toHaveAttribute('aria-label', /Hold/)

  // Heard within its limits, it holds nothing. A wrong unit, a name nobody knows and a time to come are said, record by record.
  const wrong = await tell(key, [{ bn: 'bay-2:', n: 'carbon-monoxide', u: 'Cel', v: 3 }, { n: 'ozone', u: 'ppm', v: 1 }])
  expect(wrong.status).toBe(422)
  expect(((await wrong.json()) as { fields: { path: string }[] }).fields.map(({ path: at }) => at)).toEqual(['0.u', '1.n'])
  // What no number of its unit can be, and times of another life, are refused by their field.
  const anHourOn = Date.now() / 1000 + 3600
  for (const [odd, field] of [[{ v: 1e300 }, '0.v'], [{ v: 3, t: -1e12 }, '0.t'], [{ v: 3, t: anHourOn }, '0.t']] as const) {
    const refused = await tell(key, [{ n: 'bay-2:carbon-monoxide', u: 'kg/m3', ...odd }])
    expect(refused.status, field).toBe(422)
    expect(((await refused.json()) as { fields: { path: string }[] }).fields.map(({ path: at }) => at)).toContain(field)
  }
  const far = await tell(key, [{ n: 'bay-2:carbon-monoxide', u: 'ppm', v: 3 }, { n: 'bay-2:carbon-monoxide', u: 'ppm', v: 3, t: -7300 }])
  expect(far.status).toBe(422)
  const pack = [{ bn: 'bay-2:', bu: 'ppm', bt: Date.now() / 1000, n: 'carbon-monoxide', v: 3, t: -4 }, { n: 'carbon-monoxide', v: 3.5 }]
  expect(await (await tell(key, pack)).json()).toMatchObject({ monitors: [{ taken: 2, repeated: 0, standing: 'within' }] })
  expect(await (await tell(key, pack)).json()).toMatchObject({ monitors: [{ taken: 0, repeated: 2, standing: 'within' }] })
  // The same as a log that somebody saved: what was told already is not told twice, and a clock without its zone is none.
  const log = (rows: string) => fetch(`${served.url}/api/v1/readings`, {
    method: 'POST',
    headers: { 'authorization': `Bearer ${key}`, 'content-type': 'text/csv; charset=utf-8' },
    body: `time,name,unit,value\n${rows}`,
  })
  const justBefore = new Date(Date.now() - 2000).toISOString()
  expect(await (await log(`${justBefore},bay-2:carbon-monoxide,ppm,3.4\n`)).json()).toMatchObject({ monitors: [{ taken: 1 }] })
  expect(await (await log(`${justBefore},bay-2:carbon-monoxide,ppm,3.4\n`)).json()).toMatchObject({ monitors: [{ taken: 0, repeated: 1 }] })
  const unzoned = await log('2026-12-01T09:30:00,bay-2:carbon-monoxide,ppm,3.4\n')
  expect([unzoned.status, ((await unzoned.json()) as { fields: unknown[] }).fields]).toMatchObject([422, [{ path: '0.time' }]])
  // Where nothing holds, the board tells what is read there.
  await expect(bay).toHaveAttribute('aria-label', /Clear to strike\. 3\.5 ppm carbon monoxide now\./)

  const over = await tell(key, [{ n: 'bay-2:carbon-monoxide', u: 'ppm', v: 1300 }])
  expect(await over.json()).toMatchObject({ monitors: [{ standing: 'over' }] })
  // The answer came after the stop: nothing is waited for.
  await page.goto(`${served.url}/bay/bay-2`)
  await expect(page.getByText(/Carbon monoxide 1300 ppm, read by Carbon monoxide at bay 2/).first()).toBeVisible()
  await page.goto(`${served.url}/air/bay-2`)
  await expect(read).toContainText('1300 ppm')
  await expect(read).toContainText('past the immediate danger to life, 1200 ppm')

  // Nothing more is heard of it: it holds by itself, and says since when.
  await expect(read).toContainText('has not been heard since', { timeout: 60_000 })
})

test('the stand-in for an instrument tells a shift, and the page shows what it reads', async ({ page }) => {
  await signIn(page, served, 'oskar', '/set-up')
  await page.getByLabel('What it is for').fill('Stand-in')
  await page.getByRole('radio', { name: 'tells readings' }).click()
  await page.getByRole('button', { name: 'Make a key' }).click()
  const key = (await page.locator('.key-itself').textContent())!
  await page.goto(`${served.url}/air/bay-3`)
  const read = page.getByRole('region', { name: 'Read here now' })
  await read.getByRole('button', { name: 'Place a monitor' }).click()
  await choose(read.getByLabel('What it measures'), 'carbon monoxide')
  await read.getByRole('button', { name: 'Place it' }).click()
  await expect(read).toContainText('it sends as bay-3:carbon-monoxide')
  const standIn = runStandIn('monitor', [served.url, 'bay-3:carbon-monoxide'], key)
  try {
    await expect(read.locator('.number')).toContainText('ppm', { timeout: 30_000 })
    await expect(read).toContainText(/highest of 15 min [\d.]+ ppm/)
    await expect(read).not.toContainText('never heard')
  } finally { standIn.end() }
  await read.getByRole('button', { name: /^Take it away/ }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Take it away' }).click()
  await expect(read).toContainText('No instrument stands here')
})
