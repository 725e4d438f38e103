import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { LOG_KINDS } from '#core/ids/log-kinds'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { HOUSE_RULES_STREAM, kitItemStream, personStream, SITE_STREAM } from '#core/ids/streams'
import type { LogEntry } from '#shared/contract/readings'
import { readLog } from '#server/tables/log'
import type { Wanted } from '#server/tables/log'
import { BAY_1, BAY_2, layAcetylene, openShop } from './shop'
import type { Shop } from './shop'

let shop: Shop
/** The position before anything was done here. */
let begun: number
const lead = () => shop.as(['safety-lead'])

beforeAll(async () => {
  shop = await openShop()
  begun = (await readLog(shop.pool, shop.siteId, { before: null, limit: 1, wanted: {} }))[0]!.position
  const rules = { ...NEW_SITE_RULES, shadeMinimum: 10 }
  for (const actionFraction of [0.25, 0.5])
    await shop.send(lead(), [HOUSE_RULES_STREAM], { type: 'house-rules.change', payload: { ...rules, actionFraction } })
  await shop.send(lead(), [SITE_STREAM], {
    type: 'site.change-bay', payload: { bayId: 'bay-2', areaId: 'area', label: '2b', kind: 'designated', closed: false },
  })
  await shop.send(lead(), [SITE_STREAM], {
    type: 'site.change-bay', payload: { bayId: 'bay-1', areaId: 'area', label: '1', kind: 'designated', closed: true },
  })
  await shop.send(lead(), [SITE_STREAM], {
    type: 'site.change-bay', payload: { bayId: 'bay-1', areaId: 'area', label: '1', kind: 'designated', closed: false },
  })
  await shop.send(lead(), [personStream('maren')], {
    type: 'person.change', payload: { name: 'Maren', roles: ['instructor', 'fire-watch'], areaId: null, bayId: null },
  })
  shop.clock.set('2026-11-24T03:30:00.000Z')
  await shop.send(shop.as(['instructor'], 'maren'), [BAY_1], { type: 'station.stop', payload: { reason: 'smoke' } })
  shop.clock.set('2026-11-24T08:00:00.000Z')
  await shop.send(lead(), [BAY_1], { type: 'station.reopen', payload: {} })
  await layAcetylene(shop, lead())
  await shop.send(lead(), [kitItemStream('ma-1')], { type: 'item.register', payload: { kind: 'arc-machine', name: 'Inverter', marks: {} } })
  await shop.send(lead(), [kitItemStream('ma-1')], { type: 'item.assign', payload: { assignment: { to: 'bay', id: 'bay-2' } } })
})
afterAll(() => shop.close())

const look = async (wanted: Wanted): Promise<readonly LogEntry[]> =>
  (await readLog(shop.pool, shop.siteId, { before: null, limit: 200, wanted })).filter(({ position }) => position > begun)
const said = (entries: readonly LogEntry[]): readonly string[] => entries.map(({ streamId, type }) => `${streamId} ${type}`)

describe('the record is narrowed', () => {
  it('to who did it', async () => {
    const entries = await look({ personId: 'maren' })
    expect(said(entries).filter(line => line.endsWith(' stopped'))).toEqual([`${BAY_1} stopped`])
    expect(entries.every(({ actorName }) => actorName === 'Maren')).toBe(true)
  })
  it('to the shop day on which it happened: the night is of the day before', async () => {
    // The shop day of 23 November ends at 04:00 local on the 24th.
    const night = await look({ since: '2026-11-23T04:00:00.000Z', until: '2026-11-24T04:00:00.000Z', kind: 'stops' })
    expect(said(night)).toEqual([`${BAY_1} stopped`])
    const day = await look({ since: '2026-11-24T04:00:00.000Z', until: '2026-11-25T04:00:00.000Z', kind: 'stops' })
    expect(said(day)).toEqual([`${BAY_1} reopened`])
  })
  it('to a bay: its own lines, what names it elsewhere, and what is given to it', async () => {
    const one = said(await look({ bayId: 'bay-1' }))
    expect(one).toContain(`${BAY_1} stopped`)
    expect(one.filter(line => line === `${SITE_STREAM} bay-changed`)).toHaveLength(2)
    const two = said(await look({ bayId: 'bay-2' }))
    expect(two).toContain(`${kitItemStream('ma-1')} item-assigned`)
    expect(two.some(line => line.startsWith(BAY_1))).toBe(false)
  })
  it('to a place outside the bays, and what stands there', async () => {
    const lines = said(await look({ placeId: 'store' }))
    expect(lines).toContain('place/store place-described')
    expect(lines).toContain('cylinder/ac-1 cylinder-placed')
    expect(lines.some(line => line.startsWith('station/'))).toBe(false)
  })
  it('to a kind; all kinds together are all of it, each line once', async () => {
    const all = await look({})
    const kinds = await Promise.all(LOG_KINDS.map(kind => look({ kind })))
    expect(kinds.flat().map(({ position }) => position).toSorted((a, b) => b - a)).toEqual(all.map(({ position }) => position))
    expect(said(await look({ kind: 'rules' }))).toEqual(['house-rules house-rules-changed', 'house-rules house-rules-changed'])
  })
  it('never beyond the streams that somebody may read, whatever else is asked', async () => {
    for (const wanted of [{ bayId: 'bay-1' }, { personId: 'lead' }, { kind: 'stops' }, { placeId: 'store' }] as const)
      expect((await look({ ...wanted, streamIds: [BAY_2] })).every(({ streamId }) => streamId === BAY_2), JSON.stringify(wanted)).toBe(true)
  })
})

describe('a line that replaces another tells what that one said', () => {
  it('of house rules: 50, then 25, then 50 again', async () => {
    const rules = await look({ kind: 'rules' })
    const fractions = rules.map(({ was, payload }) => [was, payload].map(one => (one as { actionFraction: number }).actionFraction))
    expect(fractions).toEqual([[0.25, 0.5], [0.5, 0.25]])
  })
  it('of the same bay, not of another of the same stream', async () => {
    const bays = (await look({ kind: 'site' })).filter(({ type }) => type === 'bay-changed')
    const told = bays.map(({ was, payload }) => [was, payload].map((one) => {
      const { bayId, label, closed } = one as { bayId: string, label: string, closed: boolean }
      return `${bayId} ${label}${closed ? ' closed' : ''}`
    }))
    expect(told).toEqual([['bay-1 1 closed', 'bay-1 1'], ['bay-1 1', 'bay-1 1 closed'], ['bay-2 2', 'bay-2 2b']])
  })
  it('of a person as they were added', async () => {
    const [changed] = (await look({ kind: 'people' })).filter(({ type }) => type === 'person-changed')
    expect(changed!.was).toMatchObject({ roles: ['instructor'] })
  })
  it('and a line that replaces nothing has none', async () => {
    for (const entry of await look({ kind: 'stops' })) expect(entry.was).toBeNull()
  })
})
