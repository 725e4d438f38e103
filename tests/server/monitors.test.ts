import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { mgPerM3FromPpm } from '#core/fume/gases'
import { monitorStream, SITE_STREAM } from '#core/ids/streams'
import type { Reading } from '#core/monitor/heard-air'
import { fireDueDeadlines } from '#server/clockwork/deadlines'
import { rebuild } from '#server/record/rebuild'
import { handleCommand } from '#server/door/handle'
import { deviceKeyBehind, keepDeviceKey } from '#server/tables/device-key'
import { keepValues, readMonitors, readStretches, readValues } from '#server/tables/monitor'
import { BAY_1, count, MORNING, openShop } from './shop'
import type { Shop } from './shop'

const MONITOR = monitorStream('bay-1-co')
const ppm = (value: number) => mgPerM3FromPpm('carbon-monoxide', value)
let shop: Shop
const lead = () => ({ ...shop.as(['safety-lead']), isSigned: true })
const at = (seconds: number) => new Date(Date.parse(MORNING) + seconds * 1000).toISOString()
/** What comes of a pack, as the route has it recorded. */
const tell = (readings: readonly Reading[]) =>
  handleCommand(
    shop.door,
    { siteId: shop.siteId, actor: { kind: 'device', deviceId: 'key-1' }, holder: 'system' },
    shop.command([MONITOR], { type: 'monitor.hear', payload: { readings } }),
    async (db) => {
      await keepValues(db, shop.siteId, 'bay-1-co', readings, at(0))
    },
  )
const kept = (fromS: number) => readValues(shop.pool, shop.siteId, 'bay-1-co', { fromAt: at(fromS), toAt: at(10_000) })
const events = (type: string) => count(shop.pool, `select count(*) from event where type = '${type}' and site_id = $1`, [shop.siteId])

beforeAll(async () => {
  shop = await openShop()
  const { status } = await shop.send(lead(), [MONITOR], {
    type: 'monitor.place',
    payload: { name: 'CO at bay 1', senmlName: 'bay-1:co', bayIds: ['bay-1'], quantity: 'carbon-monoxide', silentAfterS: 120 },
  })
  expect(status).toBe(200)
  await shop.send(lead(), [BAY_1], { type: 'station.set-job', payload: { job: { process: 'gmaw', currentA: 180 } } })
})
afterAll(() => shop.close())

describe('an instrument at a bay', () => {
  it('a reading past what is immediately dangerous stops the bay in the same transaction, and people are told', async () => {
    await tell([{ at: at(0), value: ppm(3) }])
    expect(await events('stopped')).toBe(0)
    shop.clock.set(at(10))
    await tell([{ at: at(10), value: ppm(1500) }])
    const { rows } = await shop.pool.query<{ type: string, body: string, recorded_at: Date }>(
      `select type, body, recorded_at from event where site_id = $1 and type in ('air-heard', 'stopped', 'notice-given', 'gate-changed')
       order by position desc limit 4`,
      [shop.siteId],
    )
    expect(new Set(rows.map(({ type }) => type))).toEqual(new Set(['air-heard', 'stopped', 'notice-given', 'gate-changed']))
    expect(new Set(rows.map(({ recorded_at: recorded }) => recorded.toISOString())).size).toBe(1)
    expect(rows.find(({ type }) => type === 'stopped')!.body).toContain('Carbon monoxide 1500 ppm, read by CO at bay 1')
  })
  it('the same pack again changes nothing, and is kept once', async () => {
    const before = await count(shop.pool, 'select count(*) from event where site_id = $1', [shop.siteId])
    await tell([{ at: at(10), value: ppm(1500) }])
    expect(await count(shop.pool, 'select count(*) from event where site_id = $1', [shop.siteId])).toBe(before)
    expect(await kept(0)).toHaveLength(2)
    // Another value of the same instant is another reading.
    const again = [{ at: at(10), value: 1 }, { at: at(10), value: ppm(1500) }]
    expect(await keepValues(shop.pool, shop.siteId, 'bay-1-co', again, at(11))).toBe(1)
  })
  it('two packs at once end as one after the other: no reading is heard twice, and none is lost', async () => {
    shop.clock.set(at(1000))
    const packs = Array.from({ length: 6 }, (_, i) => [{ at: at(960 + i), value: ppm(i === 3 ? 1400 : 2) }])
    const answers = await Promise.all(packs.map(tell))
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200, 200, 200, 200])
    const monitor = (await readMonitors(shop.pool, shop.siteId, ['bay-1-co'])).get('bay-1-co')!
    expect(monitor.over).toMatchObject({ bound: 'danger', since: at(963) })
    expect(await kept(960)).toHaveLength(6)
    // In a picture of two minutes each they are one stretch, with the highest of them.
    const [stretch, ...more] = await readStretches(shop.pool, shop.siteId, 'bay-1-co', at(960), 120)
    expect([stretch!.at, stretch!.count, more.length]).toEqual([at(960), 6, 0])
    expect(stretch!.highest).toBeCloseTo(ppm(1400), 9)
    expect(stretch!.lowest).toBeCloseTo(ppm(2), 9)
  })
  it('is silent on record when its time is up, once', async () => {
    shop.clock.set(at(3000))
    await tell([{ at: at(3000), value: ppm(2) }])
    shop.clock.set(at(3119))
    await fireDueDeadlines(shop.door)
    expect(await events('monitor-silent')).toBe(0)
    shop.clock.set(at(3120))
    await fireDueDeadlines(shop.door)
    await fireDueDeadlines(shop.door)
    expect(await events('monitor-silent')).toBe(1)
  })
  it('what it tells of itself is folded anew as it was', async () => {
    const folded = async () => (await readMonitors(shop.pool, shop.siteId, ['bay-1-co'])).get('bay-1-co')
    const before = await folded()
    await rebuild(shop.pool)
    expect(await folded()).toEqual(before)
    // What every value was is not derived, and stays.
    expect((await kept(0)).length).toBeGreaterThan(6)
  })
})

describe('device keys', () => {
  it('a key that reads tells nothing, and one that tells reads nothing', async () => {
    await shop.send(lead(), [SITE_STREAM], { type: 'site.make-key', payload: { keyId: 'k', name: 'Monitors', purpose: 'tells' } })
    await keepDeviceKey(shop.pool, shop.siteId, { keyId: 'k', keySha256: 'f'.repeat(64), purpose: 'tells' })
    expect(await deviceKeyBehind(shop.pool, 'f'.repeat(64), 'tells')).toEqual({ siteId: shop.siteId, keyId: 'k' })
    expect(await deviceKeyBehind(shop.pool, 'f'.repeat(64), 'reads')).toBeNull()
  })
})
