import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { gapBetween } from '#core/hotwork/near-permits'
import { judgeSite } from '#core/site-facts/judge-site'
import type { Place } from '#core/streams/place/place'
import { readLife, readLog } from '#server/tables/log'
import { readAssigned } from '#server/tables/kit-item'
import { readPermit, readPermitsNear } from '#server/tables/permit'
import { OddRow, shapedAs } from '#server/tables/shaped'
import { readWholeSite } from '#server/tables/site-facts'
import { loadDemo } from '../../demo/load'
import { SITE } from '../../demo/fenmarsh'
import { openShop } from './shop'
import type { Shop } from './shop'

let shop: Shop
const { siteId } = SITE
const now = () => new Date(shop.clock.nowMs()).toISOString()
beforeAll(async () => {
  shop = await openShop('other')
  await loadDemo(shop.door, true)
})
afterAll(() => shop.close())

describe('a row is read part by part', () => {
  interface Lamp {
    readonly tag: string
    readonly lumens: number | null
    readonly isOn: boolean
    readonly parts: readonly string[]
    readonly marks: { readonly made?: string }
    readonly note?: string
  }
  const asLamp = shapedAs<Lamp>('lamp_reading', { tag: 'text', lumens: 'number?', isOn: 'truth', parts: 'list', marks: 'object' })
  const lamp: Lamp = { tag: 'L-1', lumens: null, isOn: true, parts: [], marks: {} }
  it('what fits comes back as it is, what may be left out may be', () => {
    expect(asLamp(lamp)).toBe(lamp)
    expect(asLamp({ ...lamp, lumens: 800, note: 'new' })).toMatchObject({ lumens: 800 })
  })
  it.each([
    ['nothing', null],
    ['a list', []],
    ['a text', 'L-1'],
    ['a part missing', { tag: 'L-1', lumens: 1, isOn: true, parts: [] }],
    ['null where none may be', { ...lamp, isOn: null }],
    ['a number for a text', { ...lamp, tag: 7 }],
    ['an object for a list', { ...lamp, parts: {} }],
    ['a list for an object', { ...lamp, marks: [] }],
    ['a part inherited', Object.create(lamp)],
  ])('%s is thrown, with the table and what to do', (_name, row) => {
    expect(() => asLamp(row)).toThrow(OddRow)
    expect(() => asLamp(row)).toThrow(/lamp_reading.*npm run rebuild/)
  })
  it.each([
    ['station_reading', 'facts', 'fireCheck'],
    ['item_reading', 'item', 'taggedOut'],
    ['cylinder_reading', 'cylinder', 'danger'],
    ['permit_reading', 'permit', 'suspension'],
    ['house_rules_reading', 'rules', 'jurisdiction'],
    ['hall_reading', 'hall', 'air'],
    ['site_reading', 'site', 'bays'],
  ])('of %s without %s.%s nothing is judged clear: nothing is judged', async (table, column, part) => {
    const db = await shop.pool.connect()
    try {
      await db.query('begin')
      await db.query(`update ${table} set ${column} = ${column} - '${part}' where site_id = $1`, [siteId])
      await expect(readWholeSite(db, siteId, now())).rejects.toThrow(OddRow)
    } finally {
      await db.query('rollback')
      db.release()
    }
    expect(judgeSite(await readWholeSite(shop.pool, siteId, now())).some(({ verdict }) => verdict.word === 'clear-to-strike')).toBe(true)
  })
})

describe('one thing is read without all of them', () => {
  it('the life of a stream is found by an index, as the log of some streams is', async () => {
    const { rows: streams } = await shop.pool.query<{ stream_id: string }>(
      'select stream_id from stream where site_id = $1 and version > 2 and stream_id like \'station/%\' limit 1',
      [siteId],
    )
    const streamId = streams[0]!.stream_id
    const life = await readLife(shop.pool, siteId, streamId)
    expect(life).toEqual(
      (await readLog(shop.pool, siteId, { before: null, limit: 500, wanted: { streamIds: [streamId.replace(/.$/, '%')] } }))
        .filter(entry => entry.streamId === streamId)
        .map(({ hash: _hash, streamId: _id, about: _about, ...entry }) => entry),
    )
    const db = await shop.pool.connect()
    try {
      await db.query('begin')
      await db.query('set local enable_seqscan = off')
      const { rows } = await db.query<{ 'QUERY PLAN': string }>(
        `explain select position from event e where e.site_id = $1 and e.stream_id = any($2) order by e.position desc limit 60`,
        [siteId, [streamId]],
      )
      expect(rows.map(row => row['QUERY PLAN']).join('\n')).toMatch(/Index Cond:.*stream_id/)
    } finally {
      await db.query('rollback')
      db.release()
    }
  })
  it('the kit of a bay is what a round finds there', async () => {
    const all = await readAssigned(shop.pool, siteId, null)
    const { stations } = await readWholeSite(shop.pool, siteId, now())
    for (const [bayId, { personId }] of Object.entries(stations)) {
      const here = all.filter(({ item: { assignment } }) =>
        assignment?.to === 'bay'
          ? [assignment.id, ...(assignment.alsoIds ?? [])].includes(bayId)
          : assignment?.to === 'person' && assignment.id === personId,
      )
      expect(
        (await readAssigned(shop.pool, siteId, bayId)).map(({ tagId }) => tagId),
        bayId,
      ).toEqual(here.map(({ tagId }) => tagId))
    }
  })
  it('permits that may be near are all that are, by the gap between their places', async () => {
    const { rows } = await shop.pool.query<{ permit_id: string }>(
      'select permit_id from permit_reading where site_id = $1 and is_open order by permit_id limit 1',
      [siteId],
    )
    const { permit } = (await readPermit(shop.pool, siteId, rows[0]!.permit_id))!
    const outlines: Place[] = Array.from({ length: 24 }, (_, i) => ({
      name: `spot ${i}`,
      level: 0,
      xM: (i * 37) % 90,
      yM: (i * 53) % 70,
      widthM: 1 + (i % 5),
      depthM: 2,
      room: null,
      store: null,
    }))
    const db = await shop.pool.connect()
    try {
      await db.query('begin')
      await db.query('delete from permit_reading where site_id = $1', [siteId])
      for (const [i, place] of outlines.entries()) {
        await db.query('insert into place_reading (site_id, place_id, version, place) values ($1, $2, 1, $3)', [
          siteId,
          `spot-${i}`,
          JSON.stringify(place),
        ])
        await db.query(
          `insert into permit_reading (site_id, permit_id, version, code, token, phase, is_open, place_id, permit) values ($1, $2, 1, $2, $2, 'working', true, $3, $4)`,
          [
            siteId,
            `p-${String(i).padStart(2, '0')}`,
            i === 23 ? null : `spot-${i}`,
            JSON.stringify({ ...permit, plan: { ...permit.plan, radiusM: 5 + (i % 7) } }),
          ],
        )
      }
      for (const i of [0, 5, 11, 17]) {
        const radiusM = 5 + (i % 7)
        const near = (await readPermitsNear(db, siteId, { placeId: `spot-${i}`, radiusM })).map(({ permitId }) => permitId)
        const must = outlines
          .map((_, j) => j)
          .filter(j => j === 23 || gapBetween(outlines[i]!, outlines[j]!) < radiusM + 5 + (j % 7))
          .map(j => `p-${String(j).padStart(2, '0')}`)
        expect(near).toEqual(must)
      }
      expect(await readPermitsNear(db, siteId, { placeId: null, radiusM: 5 })).toHaveLength(24)
      expect(await readPermitsNear(db, siteId, { placeId: 'nowhere', radiusM: 5 })).toHaveLength(24)
    } finally {
      await db.query('rollback')
      db.release()
    }
  })
})
