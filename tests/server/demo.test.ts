import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { shopDayEndsAtMs } from '#core/time/shop-day'
import { judgeSite } from '#core/site-facts/judge-site'
import { readWholeSite } from '#server/tables/site-facts'
import { clockFrom, shiftedClock } from '#server/clock'
import { verifyChains } from '#server/database/event'
import { findLogin, readCredential } from '#server/tables/credential'
import { readStations } from '#server/tables/station'
import { verifySecret } from '#server/secrets'
import { loadDemo } from '../../demo/load'
import { SITE } from '../../demo/fenmarsh'
import { count, openShop } from './shop'
import type { Shop } from './shop'

let shop: Shop
beforeAll(async () => {
  shop = await openShop('other')
  await loadDemo(shop.door, true)
})
afterAll(() => shop.close())

describe('the demo yard', () => {
  it('shows every state that is judged today, bay by bay', async () => {
    const now = new Date(shop.clock.nowMs()).toISOString()
    const facts = await readWholeSite(shop.pool, SITE.siteId, now)
    const said = judgeSite(facts)
      .filter(({ bay }) => facts.stations[bay.bayId])
      .map(({ bay, verdict: { word, gates } }) => `${bay.label} ${word} ${gates.map(({ state }) => state).join(' ')}`)
    expect(said).toEqual([
      '1 hold open open open open open open to-do',
      '2 clear-to-strike open open open open open open open',
      '3 hold open open to-do open open open hold',
      '4 hold hold hold open hold not-needed open hold',
      '5 hold open open open open not-needed open hold',
      '6 hold open open hold to-do not-needed hold to-do',
      '7 hold open to-do open open not-needed to-do to-do',
      '8 stopped open open open open open open open',
      '9 hold open open open hold not-needed open to-do',
      '10 hold hold open open hold open not-needed to-do',
      '12 hold open hold to-do hold not-needed to-do to-do',
    ])
  })
  it('is checked today, relative to the moment of loading', async () => {
    const [bay] = await readStations(shop.pool, SITE.siteId)
    expect(bay!.facts.helmetCheck!.validUntil).toBe(new Date(shopDayEndsAtMs(shop.clock.nowMs(), SITE.timeZone, 4)).toISOString())
  })
  it('is loaded once, through the door: chains stand, and a second start only prints the sign-ins', async () => {
    expect(await verifyChains(shop.pool, SITE.siteId)).toEqual([])
    const before = await count(shop.pool, 'select count(*) from event')
    expect((await loadDemo(shop.door, false)).map(({ loginName }) => loginName)).toEqual([
      'oskar', 'maren', 'bea', 'imke', 'jun', 'hedda', 'wim', 'tove', 'ebba',
    ])
    expect(await count(shop.pool, 'select count(*) from event')).toBe(before)
  })
  it('keeps secrets out of the record, and out of each other', async () => {
    expect(
      await count(
        shop.pool,
        `select count(*) from event where body like '%scrypt%' or body like '%mitre-sill%' or (body_json -> 'payload')::text like '%"2806"%'`,
      ),
    ).toBe(0)
    const maren = (await findLogin(shop.pool, 'MAREN'))!
    expect(maren).toMatchObject({ siteId: SITE.siteId, personId: 'maren-holt', isDemo: true })
    expect([
      await verifySecret(maren.passwordHash, 'mitre-sill-maren'),
      await verifySecret(maren.passwordHash, 'mitre-sill-oskar'),
      await verifySecret(null, 'anything'),
      await verifySecret(maren.pinHash, '2806'),
    ]).toEqual([true, false, false, true])
    expect(await readCredential(shop.pool, 'other', 'maren-holt')).toBeNull()
  })
})

describe('the clock', () => {
  it('can be set and sped, and refuses what it cannot read', () => {
    let real = 1000
    const clock = shiftedClock(5000, 10, { nowMs: () => real })
    real += 250
    expect(clock.nowMs()).toBe(7500)
    expect(clockFrom('2026-11-23T08:00:00Z').nowMs()).toBeGreaterThanOrEqual(Date.parse('2026-11-23T08:00:00Z'))
    expect(() => clockFrom('tomorrow')).toThrow(/ZONARIS_CLOCK/)
  })
})
