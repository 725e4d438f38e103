import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { fireDueDeadlines } from '#server/clockwork/deadlines'
import { READ_SHAPE, rebuildIfOtherShape } from '#server/record/rebuild'
import { readTrouble } from '#server/database/deadline'
import { readUncovered } from '#server/tables/permit'
import { BAY_1, count, layAcetylene, openShop } from './shop'
import type { Shop } from './shop'
import { permitStream, personStream } from '#core/ids/streams'

let shop: Shop
const lead = () => ({ ...shop.as(['safety-lead']), isSigned: true })
const settled = () => count(shop.pool, `select count(*) from event where type = 'cylinder-settled' and site_id = $1`, [shop.siteId])

beforeAll(async () => {
  shop = await openShop()
  await layAcetylene(shop, lead())
})
afterAll(() => shop.close())

describe('one failing clock stays alone', () => {
  it('a kind nobody knows, and a hundred that are refused, keep no other from firing; each is set aside with its reason', async () => {
    await shop.pool.query(`insert into deadline (site_id, stream_id, kind, due_at) values ($1, $2, 'tea-time', '2026-11-23T08:00:01Z')`, [
      shop.siteId,
      BAY_1,
    ])
    for (let i = 0; i < 100; i++) {
      // Of a permit that is not there: refused each time.
      await shop.pool.query('insert into stream (site_id, stream_id) values ($1, $2) on conflict do nothing', [
        shop.siteId,
        permitStream(`ghost-${i}`),
      ])
      await shop.pool.query(`insert into deadline (site_id, stream_id, kind, due_at) values ($1, $2, 'lapses', '2026-11-23T08:00:01Z')`, [
        shop.siteId,
        permitStream(`ghost-${i}`),
      ])
    }
    shop.clock.set('2026-11-23T09:30:00.000Z')
    await fireDueDeadlines(shop.door)
    await fireDueDeadlines(shop.door)
    expect(await settled()).toBe(1)
    const trouble = await readTrouble(shop.pool, shop.siteId, 200)
    expect(trouble.find(({ kind }) => kind === 'tea-time')).toMatchObject({
      streamId: BAY_1,
      tries: 1,
      because: 'no clock of station/bay-1 is called tea-time',
      retryAt: '2026-11-23T09:30:02.000Z',
    })
    expect(trouble.filter(({ kind }) => kind === 'lapses')).toHaveLength(100)
  })
  it('it is tried again, each time twice as late, and forgotten once it is not due any more', async () => {
    shop.clock.set('2026-11-23T09:30:01.000Z')
    await fireDueDeadlines(shop.door)
    expect((await readTrouble(shop.pool, shop.siteId, 200)).find(({ kind }) => kind === 'tea-time')?.tries).toBe(1)
    shop.clock.set('2026-11-23T09:30:03.000Z')
    for (let i = 0; i < 3; i++) await fireDueDeadlines(shop.door)
    expect((await readTrouble(shop.pool, shop.siteId, 200)).find(({ kind }) => kind === 'tea-time')).toMatchObject({
      tries: 2,
      retryAt: '2026-11-23T09:30:07.000Z',
    })
    await shop.pool.query(`delete from deadline where kind in ('tea-time', 'lapses')`)
    await fireDueDeadlines(shop.door)
    expect(await readTrouble(shop.pool, shop.siteId)).toEqual([])
  })
  it('what is accepted and stays due all the same is set aside too: it would fill the batch for ever', async () => {
    // A permit that has no such deadline by its own facts: its command does nothing.
    await shop.send(shop.as(['learner'], 'lead'), [permitStream('p-0')], {
      type: 'permit.report-arc',
      payload: { place: { where: 'Yard', placeId: null, bayId: null } },
    })
    await shop.pool.query(
      `insert into deadline (site_id, stream_id, kind, due_at) values ($1, $2, 'gas-retest', '2026-11-23T08:00:00Z')`,
      [shop.siteId, permitStream('p-0')],
    )
    await fireDueDeadlines(shop.door)
    expect((await readTrouble(shop.pool, shop.siteId)).find(({ kind }) => kind === 'gas-retest')).toMatchObject({
      because: 'nothing came of it',
      tries: 1,
    })
    await shop.pool.query(`delete from deadline where kind = 'gas-retest'`)
    await fireDueDeadlines(shop.door)
  })
  it('a site that cannot be sealed keeps no other from it', async () => {
    const { rows } = await shop.pool.query<{ site: object }>('select site from site_reading where site_id = $1', [shop.siteId])
    await shop.pool.query(`insert into site_reading (site_id, version, site) values ('broken', 1, $1)`, [
      JSON.stringify({ ...rows[0]!.site, timeZone: 'Fen/Marsh' }),
    ])
    shop.clock.set('2026-11-25T09:00:00.000Z')
    await fireDueDeadlines(shop.door)
    expect(
      await count(
        shop.pool,
        `select count(*) from event where site_id = $1 and stream_id = 'seal' and body_json->'payload'->>'day' = '2026-11-24'`,
        [shop.siteId],
      ),
    ).toBe(1)
    const troubles = await readTrouble(shop.pool, 'broken')
    expect(troubles.map(({ kind, tries }) => `${kind} ${tries}`).sort()).toEqual(['air-of-day 1', 'seal-day 1'])
    await shop.pool.query(`delete from site_reading where site_id = 'broken'`)
  })
})

it('a watch that nobody keeps is told of every screen, from the moment it was left', async () => {
  for (const [id, role] of [
    ['ada', 'fire-watch'],
    ['teo', 'learner'],
  ] as const)
    await shop.send(lead(), [personStream(id)], { type: 'person.add', payload: { name: id, roles: [role], areaId: null, bayId: null } })
  const place = { where: 'By the stacks', placeId: null, bayId: null }
  expect(
    (await shop.send(shop.as(['learner'], 'teo'), [permitStream('p-1')], { type: 'permit.report-arc', payload: { place } })).status,
  ).toBe(200)
  const now = () => new Date(shop.clock.nowMs()).toISOString()
  const uncovered = async () => (await readUncovered(shop.pool, shop.siteId, now())).filter(({ permitId }) => permitId === 'p-1')
  expect(await uncovered()).toEqual([{ permitId: 'p-1', where: 'By the stacks', sinceAt: now() }])
  await shop.send(shop.as(['fire-watch'], 'ada'), [permitStream('p-1')], { type: 'permit.take-post', payload: {} })
  expect(await uncovered()).toEqual([])
  // On post she has no other task, and does not leave the site unrelieved.
  expect(
    (await shop.send(lead(), [BAY_1], { type: 'station.place-person', payload: { personId: 'ada' } })).body.findings.map(
      ({ code }) => code,
    ),
  ).toEqual(['permit.on-post'])
  expect(
    (await shop.send(lead(), [personStream('ada')], { type: 'person.leave', payload: {} })).body.findings.map(({ code }) => code),
  ).toEqual(['permit.on-post'])
  shop.clock.set('2026-11-25T09:05:00.000Z')
  await shop.send(shop.as(['fire-watch'], 'ada'), [permitStream('p-1')], { type: 'permit.leave-post', payload: {} })
  for (const time of ['09:06', '09:21', '09:36']) {
    shop.clock.set(`2026-11-25T${time}:00.000Z`)
    await fireDueDeadlines(shop.door)
  }
  expect(await uncovered()).toMatchObject([{ permitId: 'p-1', sinceAt: '2026-11-25T09:05:00.000Z' }])
  // Said at once, and again as often as a round would be due, for as long as nobody comes.
  expect(
    await count(shop.pool, `select count(*) from event where site_id = $1 and stream_id = 'permit/p-1' and type = 'cover-missing'`, [
      shop.siteId,
    ]),
  ).toBeGreaterThanOrEqual(3)
})

it('tables of another shape are folded anew at a start, once', async () => {
  await shop.pool.query('delete from read_shape')
  expect(await rebuildIfOtherShape(shop.pool)).toBeGreaterThan(0)
  expect(await rebuildIfOtherShape(shop.pool)).toBeNull()
  await shop.pool.query('update read_shape set shape = $1', [READ_SHAPE - 1])
  expect(await rebuildIfOtherShape(shop.pool)).toBeGreaterThan(0)
})
