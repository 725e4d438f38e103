import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { CommandOf } from '#core/streams/commands'
import { connectingSteps, jointsFor } from '#core/cylinder/guided-steps'
import { randomFrom } from '#core/chance/draws'
import { verifyChains } from '#server/database/event'
import { openPool } from '#server/database/connection'
import { handleCommand } from '#server/door/handle'
import { DERIVED_TABLES, rebuild } from '#server/record/rebuild'
import { BAY_1, BAY_2, count, openShop } from './shop'
import type { Shop } from './shop'
import { clusterUrl, onCluster, TEMPLATE } from './template-database'
import { GATE_REQUEST } from '../../demo/two-bay-shop'
import type { Caller } from '#server/door/caller'
import { cylinderStream, kitItemStream, permitStream, personStream, stationStream } from '#core/ids/streams'

/** One thing that somebody may do: who, to what, what. */
interface Move {
  readonly by: Caller
  readonly streams: readonly string[]
  readonly what: CommandOf
}

let shop: Shop
const signed = (caller: Caller): Caller => ({ ...caller, isSigned: true })
const lead = () => signed(shop.as(['safety-lead'], 'lead'))
const second = () => signed(shop.as(['safety-lead', 'permit-authoriser'], 'hedda'))
const PERMIT = permitStream('p-1')
const [CYLINDER, ITEM] = [cylinderStream('ar-1'), kitItemStream('m-1')]
const REQUEST: Extract<CommandOf, { type: 'permit.request' }>['payload'] = {
  place: { where: 'Gate', placeId: null, bayId: 'bay-2' },
  facts: GATE_REQUEST.facts,
  job: { what: 'Weld it', process: 'gmaw', currentA: 200, heightM: 1, workpiece: 'structure', metalFire: false },
  conditions: { sprinklers: 'none', windMPerS: 1 },
  operatorIds: ['kit'],
  fromAt: '2026-11-23T08:00:00.000Z',
  untilAt: '2026-11-23T12:00:00.000Z',
}

/** Every kind of thing that may meet another over a small shop. */
const moves = (): readonly Move[] => [
  ...[lead(), second()].flatMap((by): Move[] => [
    { by, streams: [personStream('lead')], what: { type: 'person.leave', payload: {} } },
    { by, streams: [personStream('hedda')], what: { type: 'person.leave', payload: {} } },
    {
      by,
      streams: [personStream('hedda')],
      what: { type: 'person.change', payload: { name: 'Hedda', roles: ['permit-authoriser'], areaId: null, bayId: null } },
    },
    { by, streams: [personStream('ada')], what: { type: 'person.leave', payload: {} } },
  ]),
  ...['ada', 'kit', 'hedda'].flatMap((personId): Move[] =>
    [BAY_1, BAY_2].map(bay => ({ by: lead(), streams: [bay], what: { type: 'station.place-person', payload: { personId } } })),
  ),
  {
    by: lead(),
    streams: [BAY_1],
    what: {
      type: 'station.set-job',
      payload: { job: { process: 'gmaw', currentA: 180, baseMetal: 'mild-steel', shieldingGas: 'argon' } },
    },
  },
  { by: lead(), streams: [BAY_2], what: { type: 'station.clear-job', payload: {} } },
  { by: lead(), streams: [BAY_1], what: { type: 'station.check-helmet', payload: { passed: true } } },
  {
    by: lead(),
    streams: [BAY_1],
    what: { type: 'station.check-extraction', payload: { on: true, damperOpen: true, inPosition: true, draws: true } },
  },
  { by: lead(), streams: [], what: { type: 'station.stop-all', payload: {} } },
  { by: lead(), streams: [BAY_1], what: { type: 'station.stop', payload: { reason: 'drill' } } },
  { by: lead(), streams: [BAY_1, BAY_2], what: { type: 'station.reopen', payload: { note: 'put right' } } },
  { by: lead(), streams: [CYLINDER], what: { type: 'cylinder.connect', payload: { bayId: 'bay-1', steps: connectingSteps('argon') } } },
  {
    by: lead(),
    streams: [CYLINDER],
    what: { type: 'cylinder.test-joints', payload: { joints: Object.fromEntries(jointsFor('argon').map((joint, i) => [joint, i > 0])) } },
  },
  { by: lead(), streams: [CYLINDER], what: { type: 'cylinder.return', payload: {} } },
  { by: lead(), streams: [ITEM], what: { type: 'item.assign', payload: { assignment: { to: 'bay', id: 'bay-1' } } } },
  { by: lead(), streams: [ITEM], what: { type: 'item.assign', payload: { assignment: { to: 'permit', id: 'p-1' } } } },
  { by: lead(), streams: [ITEM], what: { type: 'item.tag-out', payload: { reason: 'cord' } } },
  { by: lead(), streams: [ITEM], what: { type: 'item.retire', payload: { reason: 'old' } } },
  { by: shop.as(['welder'], 'kit'), streams: [PERMIT], what: { type: 'permit.request', payload: REQUEST } },
  { by: shop.as(['fire-watch'], 'ada'), streams: [PERMIT], what: { type: 'permit.take-post', payload: {} } },
  { by: shop.as(['fire-watch'], 'ada'), streams: [permitStream('p-0')], what: { type: 'permit.take-post', payload: {} } },
  { by: shop.as(['fire-watch'], 'ada'), streams: [permitStream('p-0')], what: { type: 'permit.leave-post', payload: {} } },
  { by: second(), streams: [permitStream('p-0')], what: { type: 'permit.extend', payload: { untilAt: '2026-11-23T13:00:00.000Z' } } },
  { by: second(), streams: [permitStream('p-0')], what: { type: 'permit.revoke', payload: { reason: 'wind' } } },
  {
    by: shop.as(['learner'], 'teo'),
    streams: [permitStream('p-2')],
    what: { type: 'permit.report-arc', payload: { place: { where: 'Behind', placeId: null, bayId: 'bay-1' } } },
  },
  { by: shop.as(['learner'], 'teo'), streams: [permitStream('p-0')], what: { type: 'permit.stop', payload: { cause: 'stopped' } } },
  { by: shop.as(['learner'], 'teo'), streams: [permitStream('p-0')], what: { type: 'permit.call-help', payload: {} } },
]

beforeAll(async () => {
  shop = await openShop()
  const ok = async (by: Caller, streams: readonly string[], what: CommandOf) =>
    expect((await shop.send(by, streams, what)).status, what.type).toBe(200)
  for (const [id, role] of [
    ['hedda', 'safety-lead'],
    ['ada', 'fire-watch'],
    ['kit', 'welder'],
    ['teo', 'learner'],
  ] as const)
    await ok(lead(), [personStream(id)], { type: 'person.add', payload: { name: id, roles: [role], areaId: null, bayId: null } })
  await ok(lead(), ['place/store'], {
    type: 'place.describe',
    payload: { name: 'Store', level: 0, xM: 0, yM: 0, widthM: 6, depthM: 4, room: null },
  })
  await ok(lead(), [CYLINDER], {
    type: 'cylinder.receive',
    payload: {
      gas: 'argon',
      owner: 'rented',
      stamps: '',
      lay: null,
      place: { placeId: 'store', xM: 1, yM: 1, isUpright: true, isSecured: true, isCapped: true },
    },
  })
  await ok(lead(), [ITEM], { type: 'item.register', payload: { kind: 'arc-machine', name: 'Machine', marks: {} } })
  await ok(shop.as(['welder'], 'kit'), [permitStream('p-0')], {
    type: 'permit.report-arc',
    payload: { place: { where: 'Yard', placeId: null, bayId: null } },
  })
})
afterAll(() => shop.close())

const invariants: Readonly<Record<string, string>> = {
  'a site keeps a safety lead': `select (count(*) = 0)::int as count from person_reading where site_id = $1 and not has_left and 'safety-lead' = any(roles)`,
  'nobody on post stands at a bay':
    'select count(*) from station_reading s join permit_post p on p.site_id = s.site_id and p.person_id = s.person_id where s.site_id = $1',
  'nobody who left is on post':
    'select count(*) from permit_post p join person_reading r on r.site_id = p.site_id and r.person_id = p.person_id where p.site_id = $1 and r.has_left',
  'nobody who left stands at a bay':
    'select count(*) from station_reading s join person_reading r on r.site_id = s.site_id and r.person_id = s.person_id where s.site_id = $1 and r.has_left',
  'nothing returned or retired is in use': `select count(*) from cylinder_reading where site_id = $1 and bay_id is not null and (cylinder->>'isReturned')::boolean`,
}

/** What a pair came to, without the codes and ids that are made by chance. */
const OUTCOME = [
  'select bay_id, facts - \'gates\' as facts, person_id from station_reading order by 1',
  'select bay_id, facts->\'gates\' as gates from station_reading order by 1',
  'select person_id, roles, has_left from person_reading order by 1',
  'select tag_id, item from item_reading order by 1',
  'select tag_id, cylinder from cylinder_reading order by 1',
  'select permit_id, phase, permit->\'posts\' as posts, permit->\'untilAt\' as until, permit->\'suspension\' as suspension from permit_reading order by 1',
  'select person_id, permit_id from permit_post order by 1',
  'select stream_id, kind, due_at from deadline order by 1, 2',
]
/** Meetings at random, and pairs that are compared with both orders: the bench looks longer. */
const MEETINGS = Number(process.env.ZONARIS_MEETINGS ?? 200)
const PAIRS = Number(process.env.ZONARIS_PAIRS ?? 6)
/** Longer where there are more, ms. */
const patience = (rounds: number): number => Math.max(120_000, rounds * 3_000)

/** Copies a database that is in use: dumped rows by rows, by a copy of its template and of every table. */
async function copyOf(url: string, name: string): Promise<void> {
  await onCluster(`create database ${name} template ${TEMPLATE}`)
  const [from, to] = [new pg.Client({ connectionString: url }), new pg.Client({ connectionString: `${clusterUrl()}/${name}` })]
  await Promise.all([from.connect(), to.connect()])
  try {
    const { rows: tables } = await from.query<{ name: string }>(
      `select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'`,
    )
    await to.query('set session_replication_role = replica')
    for (const { name: table } of tables.filter(one => one.name !== 'schemaversion')) {
      const { rows } = await from.query<{ all: string | null }>(`select json_agg(t)::text as all from ${table} t`)
      const { rows: columns } = await from.query<{ all: string }>(
        `select string_agg(quote_ident(column_name), ', ') as all from information_schema.columns where table_schema = 'public' and table_name = $1 and is_generated = 'NEVER'`,
        [table],
      )
      if (rows[0]?.all)
        await to.query(
          `insert into ${table} (${columns[0]!.all}) overriding system value select ${columns[0]!.all} from json_populate_recordset(null::${table}, $1::json) on conflict do nothing`,
          [rows[0].all],
        )
    }
  } finally {
    await Promise.all([from.end(), to.end()])
  }
}

describe('two at once end as one after the other', () => {
  it('over a small shop, in hundreds of meetings: every invariant holds, and nothing but yes and no is answered', async () => {
    const random = randomFrom(20261128)
    const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)]!
    const odd: string[] = []
    for (let round = 0; round < MEETINGS; round++) {
      const all = moves()
      const pair = random() < 0.8 ? [pick(all), pick(all)] : [pick(all), pick(all), pick(all)]
      const answers = await Promise.all(
        pair.map(({ by, streams, what }) =>
          shop.send(by, streams, what).catch((error: unknown) => ({ status: 500, body: String(error) })),
        ),
      )
      for (const [i, { status, body }] of answers.entries())
        if (status !== 200 && status !== 409)
          odd.push(`${pair.map(({ what }) => what.type).join(' + ')}: ${i} ${status} ${JSON.stringify(body)}`)
      for (const [name, sql] of Object.entries(invariants))
        if ((await count(shop.pool, sql, [shop.siteId])) > 0)
          odd.push(`${name}: broken by ${pair.map(({ what, streams }) => `${what.type} ${streams.join(',')}`).join(' + ')}`)
    }
    expect(odd).toEqual([])
  }, patience(MEETINGS))
  it('what stands in the tables is what the events give, and every chain holds', async () => {
    const dump = async () =>
      Promise.all(
        DERIVED_TABLES.filter(table => table !== 'snapshot').map(async table =>
          (await shop.pool.query<{ row: string }>(`select row_to_json(t)::text as row from ${table} t order by 1`)).rows.map(
            ({ row }) => row,
          ),
        ),
      )
    const before = await dump()
    await rebuild(shop.pool)
    expect(await dump()).toEqual(before)
    expect(await verifyChains(shop.pool, shop.siteId)).toEqual([])
  })
  it('the outcome of two at once is that of one after the other, in one of the two orders', async () => {
    const base = `base_${randomUUID().replaceAll('-', '')}`
    // A copy needs a database that nobody is connected to: one is copied from the shop as it stands.
    await copyOf(shop.url, base)
    const random = randomFrom(7)
    const odd: string[] = []
    try {
      for (let round = 0; round < PAIRS; round++) {
        const all = moves()
        const pair = [all[Math.floor(random() * all.length)]!, all[Math.floor(random() * all.length)]!]
        const commands = pair.map(({ streams, what }) => shop.command(streams, what))
        const outcomes: string[] = []
        for (const order of ['together', 'first', 'second'] as const) {
          const name = `${base}_${order}`
          await onCluster(`create database ${name} template ${base}`)
          const pool = openPool(`${clusterUrl()}/${name}`)
          pool.removeAllListeners('error').on('error', () => {})
          const door = { pool, clock: shop.clock, announce: () => {} }
          const send = (i: number) => handleCommand(door, pair[i]!.by, commands[i]!)
          try {
            if (order === 'together') await Promise.all([send(0), send(1)])
            else for (const i of order === 'first' ? [0, 1] : [1, 0]) await send(i)
            outcomes.push(JSON.stringify(await Promise.all(OUTCOME.map(async sql => (await pool.query(sql)).rows))))
          } finally {
            await pool.end()
            await onCluster(`drop database ${name} with (force)`)
          }
        }
        if (outcomes[0] !== outcomes[1] && outcomes[0] !== outcomes[2])
          odd.push(`${pair.map(({ what, streams }) => `${what.type} ${streams.join(',')}`).join(' + ')}\n${outcomes.join('\n')}`)
      }
    } finally {
      await onCluster(`drop database ${base} with (force)`)
    }
    expect(odd).toEqual([])
  }, patience(PAIRS))
  it('of two safety leads who leave at once, one stays', async () => {
    for (let tries = 0; tries < 5; tries++) {
      const own = await openShop(`leads-${tries}`)
      try {
        const boss = own.as(['safety-lead'])
        await own.send(boss, [personStream('hedda')], {
          type: 'person.add',
          payload: { name: 'Hedda', roles: ['safety-lead'], areaId: null, bayId: null },
        })
        const answers = await Promise.all(
          ['lead', 'hedda'].map(id => own.send(boss, [personStream(id)], { type: 'person.leave', payload: {} })),
        )
        expect(answers.map(({ status }) => status).sort()).toEqual([200, 409])
      } finally {
        await own.close()
      }
    }
  }, 60_000)
  it('a bay\'s recorded gates are what its facts give, whichever of two came first', async () => {
    const own = await openShop('gates')
    try {
      const boss = own.as(['safety-lead'])
      await Promise.all(
        Array.from({ length: 12 }, (_, i) =>
          own.send(
            boss,
            [stationStream(`bay-${(i % 2) + 1}`)],
            i % 3 === 0
              ? { type: 'station.set-job', payload: { job: { process: 'gmaw', currentA: 150 + i } } }
              : { type: 'station.set-helmet', payload: { shade: 9 + (i % 4) } },
          ),
        ),
      )
      const { rows } = await own.pool.query<{ facts: { gates: Record<string, unknown> } }>(
        'select facts from station_reading where site_id = $1 order by bay_id',
        [own.siteId],
      )
      expect(rows.length).toBe(2)
      await rebuild(own.pool)
      expect((await own.pool.query('select facts from station_reading where site_id = $1 order by bay_id', [own.siteId])).rows).toEqual(
        rows,
      )
    } finally {
      await own.close()
    }
  })
})
