import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { shopDayOf } from '#core/time/shop-day'
import { fireDueDeadlines } from '#server/clockwork/deadlines'
import { handleCommand } from '#server/door/handle'
import { uuidFor } from '#server/door/system-command'
import { readTrouble } from '#server/database/deadline'
import { BAY_1, count, layAcetylene, openShop } from './shop'
import type { Shop } from './shop'
import { SEAL_STREAM, cylinderStream, permitStream, personStream } from '#core/ids/streams'

let shop: Shop
beforeAll(async () => {
  shop = await openShop()
})
afterAll(() => shop.close())

const lead = () => shop.as(['safety-lead'])
const learner = () => shop.as(['learner'], 'teo')
/** A command that is refused to a learner, under an id that somebody chose. */
const claim = (id: string) =>
  shop.send(learner(), [BAY_1], { type: 'station.set-job', payload: { job: { process: 'smaw' } } } as never, { id })

describe('an id that a client can reckon is none that the house will use', () => {
  it('a deadline whose every id was sent before, refused, happens all the same', async () => {
    await layAcetylene(shop, lead())
    const {
      rows: [due],
    } = await shop.pool.query<{ due_at: Date }>(`select due_at from deadline where kind = 'settled'`)
    for (let version = 0; version < 6; version++) {
      for (const tries of ['0', '1']) {
        const answer = await claim(
          uuidFor(shop.siteId, cylinderStream('ac-1'), 'settled', due!.due_at.toISOString(), String(version), tries),
        )
        expect(answer.status).toBe(409)
      }
    }
    shop.clock.set(new Date(due!.due_at.getTime() + 1000).toISOString())
    await fireDueDeadlines(shop.door)
    expect(await count(shop.pool, `select count(*) from event where type = 'cylinder-settled'`)).toBe(1)
    expect(await readTrouble(shop.pool, shop.siteId)).toEqual([])
  })
  it('so does the sealing of a day', async () => {
    shop.clock.set('2026-11-25T09:00:00.000Z')
    const day = shopDayOf(shop.clock.nowMs() - 24 * 3600_000, 'Europe/London', 4)
    for (const parts of [
      [shop.siteId, SEAL_STREAM, day],
      [shop.siteId, SEAL_STREAM, day, '0'],
    ])
      await claim(uuidFor(...parts))
    await fireDueDeadlines(shop.door)
    expect(
      await count(shop.pool, `select count(*) from event where stream_id = 'seal' and body_json->'payload'->>'day' = $1`, [day]),
    ).toBe(1)
  })
  it('a day whose sealing was refused once is tried under another id', async () => {
    shop.clock.set('2026-11-26T09:00:00.000Z')
    // The door itself remembers a refusal under the house's id: were it asked again, it would answer the same for ever.
    await shop.pool.query(
      `insert into command_answer (site_id, by_house, command_id, request_sha256, status, answer, recorded_at)
      values ($1, true, $2, 'x', 409, '{"commandId": "", "findings": []}', now())`,
      [shop.siteId, uuidFor(shop.siteId, SEAL_STREAM, '2026-11-25', '0')],
    )
    await fireDueDeadlines(shop.door)
    expect(await readTrouble(shop.pool, shop.siteId)).toMatchObject([{ kind: 'seal-day', tries: 1 }])
    shop.clock.set('2026-11-26T09:00:05.000Z')
    await fireDueDeadlines(shop.door)
    expect(
      await count(shop.pool, `select count(*) from event where stream_id = 'seal' and body_json->'payload'->>'day' = '2026-11-25'`),
    ).toBe(1)
    expect(await readTrouble(shop.pool, shop.siteId)).toEqual([])
  })
  it('a stop of all reaches hot work whose part of it was claimed before', async () => {
    await shop.send(lead(), [personStream('teo')], {
      type: 'person.add',
      payload: { name: 'Teo', roles: ['learner'], areaId: null, bayId: null },
    })
    await shop.send(learner(), [permitStream('p-1')], {
      type: 'permit.report-arc',
      payload: { place: { where: 'By the stacks', placeId: null, bayId: null } },
    })
    // Hot work with everything it takes stands in hotwork.test.ts; here it is enough that the stop looks for it.
    await shop.pool.query(`update permit_reading set phase = 'working', is_open = true where permit_id = 'p-1'`)
    const id = randomUUID()
    await claim(uuidFor(id, 'p-1'))
    expect((await shop.send(lead(), [BAY_1], { type: 'station.stop-all', payload: {} }, { id })).status).toBe(200)
    expect(
      await count(shop.pool, `select count(*) from command_answer where by_house and command_id = $1 and status = 200`, [
        uuidFor(id, 'p-1'),
      ]),
    ).toBe(1)
  })
})

describe('a command sent again', () => {
  it('is answered to whoever sent it, and to their device once they signed out; to nobody else', async () => {
    const command = shop.command([BAY_1], { type: 'station.stop', payload: {} })
    const first = await handleCommand(shop.door, shop.as(['instructor'], 'maren'), command)
    expect(first.status).toBe(200)
    expect(await handleCommand(shop.door, shop.as(['instructor'], 'maren'), command)).toEqual(first)
    expect(
      await handleCommand(shop.door, { siteId: shop.siteId, actor: { kind: 'device', deviceId: 'tablet' }, holder: 'system' }, command),
    ).toEqual(first)
    const other = await handleCommand(shop.door, lead(), command)
    expect(other.status).toBe(409)
    expect(other.body.findings.map(({ code }) => code)).toEqual(['command.id-reused'])
  })
})
