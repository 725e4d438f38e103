import type { Page } from '@playwright/test'
import type { CommandPayloads, CommandType } from '#core/streams/commands'
import type { EquipmentKindId } from '#core/ids/vocabulary'
import { listsFor } from '#core/inspection/built-in-lists'
import type { Job } from '#core/job/job'
import type { KitItemMarks } from '#core/streams/kit-item/kit-item'
import { shopDayEndsAtMs } from '#core/time/shop-day'
import type { FloorReading } from '#shared/contract/readings'
import { BAYS, bayIdOf } from '../../demo/fenmarsh'
import { choose, expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

const STICK: Job = {
  process: 'smaw', currentA: 110, consumable: 'e6013', electrodeDiameterMm: 3.2, plateThicknessMm: 6.35, baseMetal: 'mild-steel',
  coating: 'none', startsAt: '08:00', endsAt: '12:00', position: 'flat', confinement: 'open', residue: 'none', container: 'not-a-container',
  arcMinPerH: 1,
}

const sender = (page: Page) =>
  async <Type extends CommandType>(type: Type, stream: string | readonly string[], payload: CommandPayloads[Type]): Promise<void> => {
    const sentAt = new Date().toISOString()
    const streams = [stream].flat().map(id => ({ id, expectedVersion: null }))
    const data = { id: crypto.randomUUID(), type, streams, at: sentAt, sentAt, deviceId: 'evening-device-1', deviceSeq: 1, payload }
    const answer = await page.request.post(`${served.url}/api/v1/commands`, { data })
    expect(answer.ok(), `${type}: ${await answer.text()}`).toBe(true)
  }

/** What is written on what the evening brings. */
const MARKS: Readonly<Partial<Record<EquipmentKindId, KitItemMarks>>> = {
  'arc-machine': { ratedCurrentA: 140, ratedDutyPercent: 35, maxCurrentA: 160 },
  'welding-leads': { leadLengthM: 10, leadAreaMm2: 50 },
}

/**
 * The evening before, with nothing broken: the demo's stopped bay is open again, what was tagged out is away, its three bays without a
 * machine have what a stick bay needs, and every bay has work that its hood can take.
 */
async function theEveningBefore(page: Page): Promise<void> {
  const send = sender(page)
  const kept = (kind: EquipmentKindId) => listsFor(kind)
    .filter(({ every }) => every.unit !== 'use')
    .map(({ id }) => ({ listId: id, doneOn: new Date(Date.now() - 3 * 86_400_000).toISOString().slice(0, 10), by: 'Fenmarsh Testing' }))
  const items = Object.fromEntries(['6', '9', '10', '11', '12'].flatMap(label =>
    (['arc-machine', 'welding-leads', 'electrode-holder', 'work-clamp'] as const)
      .filter(kind => label !== '6' || kind === 'arc-machine')
      .map((kind, nth) => [`${['mw', 'lw', 'ew', 'cw'][nth]}-${label}`, {
        kind, name: `${kind} of bay ${label}`, marks: MARKS[kind] ?? {}, assignment: { to: 'bay', id: bayIdOf(label) }, onPaper: kept(kind),
      } as const])))
  await send('item.register-many', Object.keys(items).map(tag => `item/${tag}`), { items })
  for (const tag of ['m-6', 'pc-9', 'c-9', 'gr-2', 'gr-3', 'r-10', 'r-11', 'fa-3', 'fa-4', 'hs-10', 'to-10'])
    await send('item.assign', `item/${tag}`, { assignment: null })
  for (const tag of ['ox-1', 'ac-3']) {
    await send('cylinder.disconnect', `cylinder/${tag}`, { isCapped: true })
    await send('cylinder.return', `cylinder/${tag}`, {})
  }
  await send('item.assign', 'item/ex-5', { assignment: { to: 'bay', id: 'bay-12', distanceM: 6 } })
  await send('station.reopen', 'station/bay-8', { note: 'The cylinder was changed.' })
  const arm = { ...BAYS[0]!.extraction!, flowM3PerS: 1200 / 3600 }
  for (const label of ['10', '11']) {
    const [xM, yM] = BAYS.find(bay => bay.label === label)!.at
    await send('hall.fit-bay', 'hall/boat-shed', { bayId: bayIdOf(label), fitted: { xM, yM, extraction: arm } })
    await send('station.place-hood', `station/${bayIdOf(label)}`, { placement: 'beside', distanceM: 0.2 })
  }
  await send('station.place-hood', 'station/bay-4', { placement: 'beside', distanceM: 0.2 })
  const person = { name: 'Asa Wren', roles: ['learner'], areaId: null, bayId: null } as const
  await send('person.add', 'person/asa-wren', person)
  for (const personId of ['ivo-reyes', 'lena-stroud', 'kit-amari', 'asa-wren'])
    await send('person.sign-off', `person/${personId}`, { process: 'smaw', isSignedOff: true })
  await send('station.place-person', 'station/bay-12', { personId: null })
  await send('station.clear-job', 'station/bay-12', {})
  await send('permit.refuse', 'permit/gate-3-strap', { reason: 'Done in the hall instead.' })
  await send('site.change-bay', 'site', { bayId: 'bay-12', areaId: 'structures', label: '12', kind: 'designated', closed: false })
  const { stations } = await (await page.request.get(`${served.url}/api/v1/floor`)).json() as FloorReading
  const jobAt = (label: string, over: Partial<Job>): Job =>
    ({ ...stations.find(({ bayId }) => bayId === bayIdOf(label))!.facts.job!, ...over })
  const jobs: Readonly<Record<string, Job>> = {
    '4': STICK, '10': STICK, '11': STICK, '9': STICK, '12': { ...STICK, currentA: 70, electrodeDiameterMm: 2.4, arcMinPerH: 0.5 },
    '7': jobAt('7', { coating: 'none', coatingStripped: undefined, strippedWidthMm: undefined, arcMinPerH: 1 }),
    '8': jobAt('8', { arcMinPerH: 1 }),
  }
  for (const [label, job] of Object.entries(jobs)) await send('station.set-job', `station/${bayIdOf(label)}`, { job })
  for (const [label, personId] of [['8', 'tove-ridd'], ['11', 'kit-amari'], ['12', 'asa-wren']] as const)
    await send('station.place-person', `station/${bayIdOf(label)}`, { personId })
}
/** Everybody has gone home, and no work stands anywhere. */
async function emptyBays(page: Page): Promise<void> {
  const send = sender(page)
  for (const { label } of BAYS) {
    await send('station.place-person', `station/${bayIdOf(label)}`, { personId: null })
    await send('station.clear-job', `station/${bayIdOf(label)}`, {})
  }
}

/** Every finger that goes down counts, and every field that is typed into. */
const countTaps = (page: Page): Promise<void> => page.evaluate(() => {
  const counted = window as unknown as { taps: number }
  counted.taps = 0
  for (const kind of ['pointerdown', 'change'] as const) window.addEventListener(kind, ({ target, isTrusted }) => {
    const isTyped = target instanceof HTMLInputElement && target.type !== 'checkbox' && target.type !== 'radio'
    if (kind === 'pointerdown' ? isTrusted : isTyped) counted.taps++
  }, true)
})
const tapsOf = (page: Page): Promise<number> => page.evaluate(() => (window as unknown as { taps: number }).taps)

test('a day that was kept opens the shop: from all on hold at 07:40 to twelve bays clear in at most sixty taps', async ({ page }) => {
  test.setTimeout(420_000)
  await signIn(page, served, 'oskar', '/opening')
  await theEveningBefore(page)
  const days = page.getByRole('region', { name: 'A day that is kept' })
  await expect(page.getByRole('heading', { name: /^12 Asa Wren/ })).toBeVisible()
  await days.getByRole('button', { name: 'Keep this day for another' }).click()
  await days.getByLabel('What it is called').fill('Tuesday')
  await days.getByRole('button', { name: 'Keep it' }).click()
  await expect(days.getByRole('button', { name: 'Keep this day for another' })).toBeVisible()
  await emptyBays(page)

  await served.restart(new Date(shopDayEndsAtMs(Date.now(), 'America/New_York', 4) + 220 * 60_000).toISOString())
  await signIn(page, served, 'maren', '/opening')
  await expect(page.getByText('12 bays to go, 0 clear to strike')).toBeVisible()
  await countTaps(page)
  await choose(days.getByRole('combobox', { name: 'A day that is kept' }), 'Tuesday')
  await days.getByRole('checkbox', { name: /^I looked: today/ }).click()
  await expect(days.getByRole('button', { name: 'Place 12 people, set the jobs of 12 bays' })).toBeVisible()
  // The looks of yesterday lapse as the shop wakes: where one does in that breath, the page asks to look and to press again.
  const placed = page.getByRole('heading', { name: /^12 Asa Wren/ })
  await expect(async () => {
    if (!await placed.isVisible()) await days.getByRole('button', { name: /^Place 12 people/ }).click({ timeout: 5000 })
    await expect(placed).toBeVisible()
  }).toPass({ timeout: 90_000 })
  await expect(page.getByRole('button', { name: /^Passes at the door at bay 12\b/ })).toContainText('helmet reads 10')
  const warm = page.getByRole('region', { name: 'How warm is it?' })
  await warm.getByLabel('Air').fill('56')
  await warm.getByLabel('Humidity').fill('55')
  await warm.getByRole('radio', { name: 'No', exact: true }).click()
  await warm.getByRole('radio', { name: 'not all are used to such heat' }).click()
  await warm.getByRole('button', { name: 'Tell it' }).click()
  // From the first bay to the last, whatever key comes next is tapped: once all that the last one told is answered, for a bay that is
  // not clear yet shows its key between two answers, and once the rows stand, for they take no tap before.
  const keys = page.getByRole('button', { name: /^(Brushed: all tight|Looked: all sound|Passes at the door)/ })
  const standing = page.locator('html:not([data-asking]) .bays:not([data-moving])')
  const done = page.getByText('0 bays to go, 12 clear to strike')
  for (let key = 0; key < 60 && !await done.isVisible(); key++) {
    await expect(standing).toHaveCount(1)
    if (await keys.count() > 0) await keys.first().click()
    else await expect(done).toBeVisible()
  }
  await expect(done).toBeVisible()
  expect(await tapsOf(page)).toBeLessThanOrEqual(60)
  // It stands: pressed again it would change nothing.
  await choose(days.getByRole('combobox', { name: 'A day that is kept' }), 'Tuesday')
  await expect(days.getByText('This day stands already.')).toBeVisible()
  await days.getByRole('button', { name: 'Drop this day' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Drop this day' }).click()
  await expect(days.getByRole('combobox', { name: 'A day that is kept' })).toContainText('none is kept yet')
})
