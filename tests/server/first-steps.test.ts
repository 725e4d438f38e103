import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { NewKitItem } from '#core/streams/kit-item/kit-item'
import { HOUSE_RULES_STREAM, kitItemStream, SITE_STREAM } from '#core/ids/streams'
import type { JurisdictionId } from '#core/ids/vocabulary'
import { openSite } from '#server/door/open-site'
import { readKitItem } from '#server/tables/kit-item'
import { openShop } from './shop'
import type { Shop } from './shop'

let shop: Shop
beforeAll(async () => {
  shop = await openShop()
})
afterAll(() => shop.close())

const lead = () => shop.as(['safety-lead'], 'lead')
const keeper = () => shop.as(['store-keeper'], 'keeper')
const codesOf = async (...args: Parameters<Shop['send']>) => (await shop.send(...args)).body.findings.map(({ code }) => code)
const thing = (over: object = {}) => ({
  kind: 'hose' as NewKitItem['kind'], name: 'Hose', marks: {}, assignment: { to: 'bay', id: 'bay-1' } as const, onPaper: [], ...over,
})
const many = (items: Readonly<Record<string, ReturnType<typeof thing>>>) => ({ type: 'item.register-many', payload: { items } }) as const
const there = async (tag: string) => (await readKitItem(shop.pool, shop.siteId, tag)) !== null

describe('many things at once', () => {
  it('are all there, each at its bay', async () => {
    const answer = await shop.send(keeper(), [kitItemStream('ho-1'), kitItemStream('ho-2')], many({ 'ho-1': thing(), 'ho-2': thing() }))
    expect(answer.status, JSON.stringify(answer.body)).toBe(200)
    const both = await Promise.all(['ho-1', 'ho-2'].map(tag => readKitItem(shop.pool, shop.siteId, tag)))
    expect(both.map(one => one?.item.assignment)).toEqual([{ to: 'bay', id: 'bay-1' }, { to: 'bay', id: 'bay-1' }])
  })
  it('are none of them there where one cannot be: a tag that is worn, a bay that is not, a paper that is not taken', async () => {
    const streams = [kitItemStream('ho-7'), kitItemStream('ho-1')]
    expect(await codesOf(keeper(), streams, many({ 'ho-7': thing(), 'ho-1': thing() }))).toEqual(['kit.tag-taken'])
    const nowhere = many({ 'ho-7': thing(), 'ho-8': thing({ assignment: { to: 'bay', id: 'bay-77' } }) })
    expect(await codesOf(keeper(), [kitItemStream('ho-7'), kitItemStream('ho-8')], nowhere)).toEqual(['kit.assigned-nowhere'])
    const untaken = many({ 'ho-7': thing({ onPaper: [{ listId: 'hose.before-use', doneOn: '2026-01-02', by: 'Lowe' }] }) })
    expect(await codesOf(keeper(), [kitItemStream('ho-7')], untaken)).toEqual(['kit.paper-before-use'])
    expect(await there('ho-7')).toBe(false)
  })
  it('are named by their streams, each and no other', async () => {
    expect(await codesOf(keeper(), [kitItemStream('ho-7')], many({ 'ho-7': thing(), 'ho-9': thing() }))).toEqual(['command.unknown-stream'])
    expect(await codesOf(keeper(), [kitItemStream('ho-7'), kitItemStream('ho-9')], many({ 'ho-7': thing() }))).toEqual(['kit.tag-unknown'])
  })
  it('bring papers of what takes somebody competent only by who is', async () => {
    const paper = { listId: 'arc-machine.electrical', doneOn: '2026-01-02', by: 'Lowe' }
    const machine = many({ 'm-70': thing({ kind: 'arc-machine', onPaper: [paper] }) })
    expect(await codesOf(keeper(), [kitItemStream('m-70')], machine)).toEqual(['kit.competence-missing'])
    expect((await shop.send(lead(), [kitItemStream('m-70')], machine)).status).toBe(200)
    expect((await readKitItem(shop.pool, shop.siteId, 'm-70'))!.item.lists['arc-machine.electrical']!.passedOn).toBe('2026-01-02')
  })
})

describe('a hall', () => {
  it('set out in one go is there as a whole, with nothing clear in it', async () => {
    const bays = [{ bayId: 'bay-n1', label: 'N1', kind: 'designated' }, { bayId: 'bay-n2', label: 'N2', kind: 'structure' }] as const
    const payload = { hall: { hallId: 'new', name: 'New' }, area: { areaId: 'new', name: 'New' }, bays }
    const setOut = { type: 'site.set-out', payload } as const
    expect((await shop.send(lead(), [SITE_STREAM], setOut)).status).toBe(200)
    expect(await codesOf(lead(), [SITE_STREAM], setOut)).toEqual(['command.name-taken'])
    expect(await codesOf(shop.as(['instructor'], 'maren'), [SITE_STREAM], setOut)).toEqual(['command.not-allowed'])
  })
})

describe('a new shop', () => {
  it.each<[JurisdictionId, string, string]>([['us-ca', 'us-consensus', 'us'], ['uk', 'eu', 'uk'], ['de', 'eu', 'uk']])(
    'goes by the law it named first: %s',
    async (jurisdiction, shadeBasis, storageBasis) => {
      const siteId = `site-${jurisdiction}`
      await openSite(shop.door, {
        siteId,
        site: { name: 'Yard', timeZone: 'UTC' },
        choice: { jurisdiction, units: 'us', language: 'es' },
        lead: { name: 'Wren', loginName: `wren-${jurisdiction}`, passwordHash: 'none' },
      })
      const { rows } = await shop.pool.query<{ rules: unknown }>(
        `select body_json->'payload' as rules from event where site_id = $1 and stream_id = $2`,
        [siteId, HOUSE_RULES_STREAM],
      )
      expect(rows).toHaveLength(1)
      const strictest = { exposureBasis: 'strictest', units: 'us', language: 'es' }
      expect(rows[0]!.rules).toMatchObject({ jurisdiction, shadeBasis, storageBasis, ...strictest })
    },
  )
})
