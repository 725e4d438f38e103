import { spawnSync } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { createWriteStream } from 'node:fs'
import { mkdtemp, rm, stat, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { pipeline } from 'node:stream/promises'
import type pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { fireDueDeadlines } from '#server/clockwork/deadlines'
import { anchorSeals } from '#server/clockwork/seals'
import { noteCare, noteHealth } from '#server/door/note-apart'
import { canonicalText, chainHash } from '#server/database/event'
import { readTrouble } from '#server/database/deadline'
import { AnchorKeeper, readAnchors } from '#server/record/anchors'
import { exportRecord } from '#server/record/export-record'
import { atOneMoment, verifyInside, verifyRecord } from '#server/record/verify-record'
import type { Anchor, ExportRow } from '../../scripts/zonaris-verify.mjs'
import { anchorLine, checkRecord, headsDigest, isSigned, readAnchorLine } from '../../scripts/zonaris-verify.mjs'
import { anchorKeeper } from '../../standins/anchor-keeper'
import { COMMAND_SAMPLES } from '../command-samples'
import { BAY_1, BAY_2, JOB, MORNING, openShop } from './shop'
import type { Shop } from './shop'
import { kitItemStream, personStream } from '#core/ids/streams'

// What the owner of the database alters by hand, with every trigger off: each must be found, by whoever looks from inside or, where
// the whole was written anew, by whoever holds an anchor. The last day's, not sealed yet, at the latest when its seal is missing.

let shop: Shop
let folder: string
let anchors: Anchor[]
let publicKeyPem: string

const nextDay = (days: number) => new Date(Date.parse(MORNING) + days * 24 * 3600_000).toISOString()

beforeAll(async () => {
  shop = await openShop()
  folder = await mkdtemp(path.join(tmpdir(), 'wounds-'))
  const keeper = new AnchorKeeper({ folder, keyFile: path.join(folder, 'private', 'key.pem'), postTo: null })
  const maren = shop.as(['instructor'], 'maren')
  await shop.send(shop.as(['safety-lead']), [personStream('teo')], {
    type: 'person.add',
    payload: { name: 'Teo', roles: ['welder'], areaId: null, bayId: null },
  })
  await shop.send(shop.as(['safety-lead']), [personStream('ada')], {
    type: 'person.add',
    payload: { name: 'Ada', roles: ['welder'], areaId: null, bayId: null },
  })
  await noteHealth(shop.door, { siteId: shop.siteId, actor: { kind: 'person', personId: 'lead' } }, 'teo', {
    mask: 'half-p100',
    fitTestedOn: '2026-06-01',
    medicallyClearedOn: '2026-06-01',
  })
  await noteCare(shop.door, { siteId: shop.siteId, actor: { kind: 'person', personId: 'lead' } }, 'teo', {
    isLightSensitive: true, hasSoreEyes: false, wearsPrescription: false, symptoms: '', sizes: 'M',
  })
  await shop.send(maren, [BAY_1], { type: 'station.set-job', payload: { job: JOB } })
  await shop.send(maren, [BAY_1], { type: 'station.set-helmet', payload: { shade: 11 } })
  await shop.send(maren, [BAY_1], { type: 'station.check-helmet', payload: { passed: true } })
  await shop.send(shop.as(['safety-lead']), [kitItemStream('gr-1')], { type: 'item.register', payload: COMMAND_SAMPLES['item.register'] })
  for (let i = 0; i < 205; i++) await shop.send(maren, [BAY_2], { type: 'station.set-helmet', payload: { shade: 8 + (i % 6) } })
  for (const day of [1, 2]) {
    shop.clock.set(nextDay(day))
    await fireDueDeadlines(shop.door)
    await anchorSeals(shop.door, keeper)
    await shop.send(maren, [BAY_1], { type: 'station.set-helmet', payload: { shade: 9 + day } })
  }
  await shop.send(maren, [BAY_1], { type: 'station.check-helmet', payload: { passed: true } })
  anchors = await readAnchors(keeper.fileOf(shop.siteId))
  publicKeyPem = await keeper.publicKeyPem()
}, 60_000)
afterAll(async () => {
  await shop.close()
  await rm(folder, { recursive: true, force: true })
})

/** Writes a stream anew from an event on, each hash and the head with it, as somebody would who knows how. */
async function rewriteFrom(
  db: pg.Client,
  streamId: string,
  change: (body: { payload: Record<string, unknown> }, version: number) => void,
): Promise<void> {
  const { rows } = await db.query<{ version: number, body: string }>(
    'select version, body from event where stream_id = $1 order by version',
    [streamId],
  )
  let hash = ''
  for (const { version, body } of rows) {
    const said = JSON.parse(body) as { payload: Record<string, unknown> }
    change(said, version)
    const text = canonicalText(said)
    const next = chainHash(hash, text)
    await db.query('update event set body = $3, prev_hash = $4, hash = $5 where stream_id = $1 and version = $2', [
      streamId, version, text, hash, next,
    ])
    hash = next
  }
  await db.query('update stream set head_hash = $2 where stream_id = $1', [streamId, hash])
}

/** Writes every seal anew so that it fits what stands now. */
async function reseal(db: pg.Client): Promise<void> {
  const { rows } = await db.query<{ position: number, heads: Record<string, { version: number, hash: string }> }>(
    `select s.position, (select jsonb_object_agg(stream_id, jsonb_build_object('version', version, 'hash', hash)) from (
        select distinct on (stream_id) stream_id, version, hash from event
        where stream_id <> 'seal' and position <= (s.body_json -> 'payload' ->> 'position')::bigint
        order by stream_id, version desc) h) as heads
    from event s where s.stream_id = 'seal' order by s.version`,
  )
  const digests = rows.map(({ heads }) => headsDigest(Object.entries(heads)))
  await rewriteFrom(db, 'seal', ({ payload }, version) => {
    payload.headsSha256 = digests[version - 1]
  })
}

/** As somebody would who changes a text and makes its own hash again. */
const rehashed = (streamId: string, from: string, to: string, where: string): string => {
  const text = `replace(body, '${from}', '${to}')`
  return `update event set body = ${text}, hash = encode(sha256((prev_hash || ${text})::bytea), 'hex')
    where stream_id = '${streamId}' and ${where}`
}
/** The head of a stream set back by one, as if its last event had never been. */
const SET_BACK = `update stream set version = version - 1,
  head_hash = (select hash from event where stream_id = '${BAY_2}' order by version desc limit 1) where stream_id = '${BAY_2}'`
/** Every position closed up, so that none is missing. */
const CLOSED_UP = `update event e set position = -n.position
  from (select stream_id, version, row_number() over (order by position) as position from event) n
  where n.stream_id = e.stream_id and n.version = e.version;
  update event set position = -position; update site_position set position = position - 1`
const LAST_OF = (streamId: string) => `(select max(version) from event where stream_id = '${streamId}')`
type Alteration = readonly [name: string, alter: string | ((db: pg.Client) => Promise<void>), found: string]

const ALTERATIONS: readonly Alteration[] = [
  [
    'a text',
    `update event set body = replace(body, '"currentA":180', '"currentA":90') where stream_id = '${BAY_1}' and type = 'job-set'`,
    'text',
  ],
  [
    'a text, and its own hash',
    rehashed(BAY_1, '"shade":11', '"shade":13', `type = 'helmet-set' and body like '%"shade":11%'`),
    'link',
  ],
  [
    'the last text of a stream, and its hash',
    rehashed(BAY_2, '"shade":8', '"shade":13', `version = ${LAST_OF(BAY_2)}`),
    'head',
  ],
  [
    'a whole stream written anew',
    db =>
      rewriteFrom(db, BAY_1, ({ payload }) => {
        if (payload.shade === 11) payload.shade = 14
      }),
    'seal',
  ],
  [
    'a whole stream and every seal written anew',
    async (db) => {
      await rewriteFrom(db, BAY_1, ({ payload }) => {
        if (payload.shade === 11) payload.shade = 14
      })
      await reseal(db)
    },
    'anchor',
  ],
  ['an event in the middle gone', `delete from event where stream_id = '${BAY_2}' and version = 50`, 'gap'],
  [
    'the last event gone, and the head set back',
    `delete from event where stream_id = '${BAY_2}' and version = ${LAST_OF(BAY_2)};
    ${SET_BACK}`,
    'position',
  ],
  [
    'the last event gone, the head set back and every position closed up',
    `delete from event where stream_id = '${BAY_2}' and version = ${LAST_OF(BAY_2)};
    ${SET_BACK};
    ${CLOSED_UP}`,
    'seal',
  ],
  [
    'a whole stream gone',
    `delete from event where stream_id = 'item/gr-1'; delete from stream where stream_id = 'item/gr-1'`,
    'position',
  ],
  ['the column of a type', `update event set type = 'helmet-checked' where stream_id = '${BAY_1}' and type = 'helmet-set'`, 'columns'],
  [
    'the column of when',
    `update event set recorded_at = recorded_at - interval '1 hour' where stream_id = '${BAY_1}' and version = 2`,
    'columns',
  ],
  ['the column of who', `update event set actor_person_id = 'teo' where stream_id = '${BAY_1}' and version = 2`, 'columns'],
  ['the column of what kind did it', `update event set actor_kind = 'clock' where stream_id = '${BAY_1}' and version = 2`, 'columns'],
  [
    'the column of the command',
    `update event set command_id = '${randomUUID()}' where stream_id = '${BAY_1}' and version = 2`,
    'columns',
  ],
  [
    'the JSON beside the text',
    `alter table event alter column body_json drop expression;
    update event set body_json = jsonb_set(body_json, '{payload,day}', '"2026-01-01"') where stream_id = 'seal' and version = 1`,
    'columns',
  ],
  [
    'two positions exchanged',
    `update event set position = -1 where stream_id = '${BAY_2}' and version = 10;
    update event set position = (select position from event where stream_id = '${BAY_2}' and version = 11) - 1000000 where position = -1;
    update event set position = position - 1 where stream_id = '${BAY_2}' and version = 11;
    update event set position = position + 1000000 where position < 0`,
    'gap',
  ],
  ['a row that says a stream has no event', `update stream set version = 0, head_hash = '' where stream_id = 'item/gr-1'`, 'head'],
  ['the row of a stream gone, its events left', `delete from stream where stream_id = 'item/gr-1'`, 'stream'],
  ['a row of a stream that nothing happened to', `insert into stream values ('yard', 'item/gr-9', 3, 'aaaa')`, 'head'],
  ['a position below zero', `update event set position = -5 where stream_id = 'item/gr-1'`, 'position'],
  ['the counter set on', `update site_position set position = position + 5`, 'counter'],
  [
    'the last seal gone, and every position after it closed up',
    `delete from event where stream_id = 'seal' and version = 2;
    update stream set version = 1, head_hash = (select hash from event where stream_id = 'seal' and version = 1) where stream_id = 'seal';
    ${CLOSED_UP}`,
    'anchor',
  ],
  [
    'what a bay is read as',
    `update station_reading set facts = jsonb_set(facts, '{helmet,shade}', '14') where bay_id = 'bay-1'`,
    'reading',
  ],
  ['a rule of the house, where it is read', `update house_rules_reading set rules = jsonb_set(rules, '{watchAfterMin}', '5')`, 'reading'],
  [
    'a person who is on no list',
    `insert into person_reading (site_id, person_id, version, name, roles, has_left, pin_set)
    values ('yard', 'ghost', 1, 'Ghost', '{safety-lead}', false, false)`,
    'reading',
  ],
  ['a clock that never rings', `delete from deadline`, 'reading'],
  ['a snapshot that is folded from', `update snapshot set state = jsonb_set(state, '{helmet,shade}', '14')`, 'snapshot'],
  ['a date of somebody\'s health', `update wearer_health set fit_tested_on = '2026-11-01'`, 'health'],
  ['what is known of somebody\'s eyes', `update person_care set record = jsonb_set(record, '{isLightSensitive}', 'false')`, 'health'],
  ['a record of somebody\'s eyes, gone without a word', 'delete from person_care', 'health'],
  ['how a fit test went', `update wearer_health set fit = '{"passed": true}'`, 'health'],
  ['a health record, gone without a word', 'delete from wearer_health', 'health'],
  [
    'a health record of somebody who has none',
    `insert into wearer_health (site_id, person_id, record_id, salt, mask) values ('yard', 'ada', '${randomUUID()}', 's', 'n95')`,
    'health',
  ],
  [
    'a whole site gone',
    `delete from event; delete from stream; delete from site_position; delete from site_reading;
    delete from house_rules_reading; delete from station_reading; delete from person_reading;
    delete from hall_reading; delete from item_reading; delete from deadline; delete from snapshot;
    delete from wearer_health; delete from person_care; delete from notice_reading`,
    'site',
  ],
  [
    'everything of the last day gone, its seal too',
    `delete from event where recorded_at >= '${nextDay(1)}';
    update stream s set (version, head_hash) = (select coalesce(max(e.version), 0), 
      coalesce((array_agg(e.hash order by e.version desc))[1], '') from event e where e.stream_id = s.stream_id);
    update site_position set position = (select max(position) from event)`,
    'anchor',
  ],
]

/** Looks at the database with every trigger off and this altered; nothing of it stays. */
const whileAltered = <Result>(alter: Alteration[1], look: (client: pg.Client) => Promise<Result>): Promise<Result> =>
  atOneMoment(shop.url, async (client) => {
    await client.query('alter table event disable trigger all')
    if (typeof alter === 'string') await client.query(alter)
    else await alter(client)
    return look(client)
  })

describe('what is found from inside, with the anchors', () => {
  it('nothing, while nobody altered anything', async () => {
    const checked = await verifyRecord(shop.url, { anchors, publicKeyPem })
    expect(checked).toMatchObject({ wounds: [], sites: 1, seals: 2, anchors: 2 })
    expect(checked.events).toBeGreaterThan(215)
  })
  it.each(ALTERATIONS)('%s', async (_name, alter, found) => {
    const { wounds } = await whileAltered(alter, client => verifyInside(client, { anchors, publicKeyPem }))
    expect(wounds.map(({ what }) => what)).toContain(found)
  })
  it('an anchor that was not signed with the key is not believed, and said', async () => {
    const forged = { ...anchors[0]!, headsSha256: 'f'.repeat(64) }
    expect((await verifyRecord(shop.url, { anchors: [forged, anchors[1]!], publicKeyPem })).wounds).toMatchObject([{ what: 'signature' }])
    expect((await verifyRecord(shop.url, { anchors, publicKeyPem: null })).wounds.map(({ what }) => what)).toEqual([
      'signature',
      'signature',
    ])
  })
})

/** What stands beside the record and is in no export. */
const BESIDE = new Set(['reading', 'snapshot', 'health'])

describe('zonaris-verify', () => {
  const script = path.resolve(import.meta.dirname, '../../scripts/zonaris-verify.mjs')
  const run = (...args: string[]) => spawnSync(process.execPath, [script, ...args], { encoding: 'utf8', cwd: '/' })
  const exportOf = async (client: pg.Client): Promise<string> => {
    const file = path.join(folder, `${randomUUID()}.jsonl`)
    async function* lines() {
      for await (const row of exportRecord(client, null)) yield `${JSON.stringify(row)}\n`
    }
    await pipeline(lines, createWriteStream(file))
    return file
  }
  const keyFile = () => path.join(folder, 'anchor-key.pub.pem')
  const anchorFile = () => path.join(folder, 'yard.anchors.jsonl')

  it('checks an export without app or database, with the file of anchors or with the line of a day sheet', async () => {
    const file = await atOneMoment(shop.url, exportOf)
    for (const given of [
      ['--anchors', anchorFile()],
      ['--line', anchorLine(anchors[1]!)],
    ]) {
      const { status, stdout } = run(file, ...given, '--key', keyFile())
      expect([status, stdout]).toEqual([0, expect.stringContaining('everything stands')])
    }
    expect(run(file).stdout).toContain('No anchor was given')
    expect(run().status).toBe(2)
    expect(run(file, '--line', 'ZONARIS1 nonsense').status).toBe(2)
  })
  it('finds there too everything that was done to the record itself', async () => {
    for (const [name, alter, found] of ALTERATIONS.filter(([, , what]) => !BESIDE.has(what))) {
      const file = await whileAltered(alter, exportOf)
      const { status, stdout } = run(file, '--anchors', anchorFile(), '--key', keyFile())
      expect([name, status, stdout.includes(`(${found})`)]).toEqual([name, 1, true])
    }
  })
})

describe('days and times', () => {
  const rowsOf = (days: readonly (readonly [at: string, seals?: string])[]): ExportRow[] => {
    let [hash, sealHash, sealVersion] = ['', '', 0]
    const heads: [string, { version: number, hash: string }][] = []
    const rows = days.map(([at, seals], i): ExportRow => {
      const streamId = seals ? 'seal' : 'site'
      const version = seals ? ++sealVersion : i + 1 - sealVersion
      const payload = seals ? { day: seals, headsSha256: headsDigest(heads.slice(-1)), streams: 1, position: i } : {}
      const type = seals ? 'day-sealed' : 'x'
      const body = canonicalText({
        siteId: 's',
        streamId,
        version,
        type,
        typeVersion: 1,
        at,
        recordedAt: at,
        actor: { kind: 'clock' },
        commandId: 'c',
        payload,
      })
      const prevHash = seals ? sealHash : hash
      const next = chainHash(prevHash, body)
      if (seals) sealHash = next
      else {
        hash = next
        heads.push(['site', { version, hash }])
      }
      const fixed = { actorKind: 'clock', actorPersonId: null, commandId: 'c', jsonStands: true }
      return { kind: 'event', siteId: 's', streamId, version, position: i + 1, type, body, prevHash, hash: next, recordedAt: at, ...fixed }
    })
    const own = rows.filter(row => row.kind === 'event' && row.streamId === 'site').length
    return [
      { kind: 'site', siteId: 's', position: rows.length },
      { kind: 'stream', siteId: 's', streamId: 'site', version: own, headHash: hash },
      ...(sealVersion > 0 ? [{ kind: 'stream' as const, siteId: 's', streamId: 'seal', version: sealVersion, headHash: sealHash }] : []),
      ...rows,
    ]
  }
  const woundsOf = async (days: Parameters<typeof rowsOf>[0]) =>
    (await checkRecord(() => rowsOf(days))).wounds.map(({ what, where }) => `${what} ${where}`)
  const EVERY_DAY = [
    ['2026-11-20T10:00:00Z'],
    ['2026-11-21T05:00:00Z', '2026-11-20'],
    ['2026-11-21T10:00:00Z'],
    ['2026-11-22T05:00:00Z', '2026-11-21'],
  ] as const
  it('stand when each day with something in it is sealed, also when nobody was awake for a week', async () => {
    expect(await woundsOf(EVERY_DAY)).toEqual([])
    expect(await woundsOf([['2026-11-20T10:00:00Z'], ['2026-11-29T05:00:00Z', '2026-11-20'], ['2026-11-29T10:00:00Z']])).toEqual([])
  })
  it('a day with something in it that nothing seals is missed', async () => {
    expect(await woundsOf([['2026-11-10T10:00:00Z'], ['2026-11-16T10:00:00Z']])).toEqual(['day 2026-11-10'])
    expect(await woundsOf([['2026-11-10T10:00:00Z'], ['2026-11-16T10:00:00Z'], ['2026-11-17T05:00:00Z', '2026-11-16']])).toEqual([
      'day 2026-11-10',
    ])
  })
  it('a day to come is not sealed: it would keep those until then from being sealed', async () => {
    expect(await woundsOf([['2026-11-20T10:00:00Z'], ['2026-11-20T11:00:00Z', '2099-01-01']])).toContain('seal seal of 2099-01-01')
  })
  it('what was recorded before what stands before it was put there later', async () => {
    expect(await woundsOf([['2026-11-20T10:00:00Z'], ['2026-11-20T09:51:00Z']])).toEqual([])
    expect(await woundsOf([['2026-11-20T10:00:00Z'], ['2026-11-20T09:49:00Z']])).toEqual(['time site, event 2'])
  })
})

describe('the key and the anchors', () => {
  it('a line is read back as it was signed; changed in any part, it was not signed', () => {
    const [anchor] = anchors as [Anchor, Anchor]
    expect(readAnchorLine(anchorLine(anchor))).toEqual(anchor)
    expect(isSigned(anchor, publicKeyPem)).toBe(true)
    for (const over of [
      { siteId: 'other' },
      { day: '2026-11-21' },
      { sealVersion: 9 },
      { position: 1 },
      { headsSha256: 'a' },
      { sealHash: 'a' },
      { signature: 'AAAA' },
    ])
      expect(isSigned({ ...anchor, ...over }, publicKeyPem), JSON.stringify(over)).toBe(false)
  })
  it('belong to the app\'s own user alone', async () => {
    expect((await stat(path.join(folder, 'private', 'key.pem'))).mode & 0o777).toBe(0o600)
    expect((await stat(path.join(folder, 'yard.anchors.jsonl'))).mode & 0o777).toBe(0o600)
  })
})

describe('anchoring', () => {
  it('seals each day that was slept through as it stood when it ended, anchors it once, and posts it until it is taken', async () => {
    const other = await openShop('dock')
    const home = await mkdtemp(path.join(tmpdir(), 'anchors-'))
    const kept = path.join(home, 'kept.jsonl')
    const place = { folder: home, keyFile: path.join(home, 'key.pem') }
    const server = anchorKeeper(kept, await new AnchorKeeper({ ...place, postTo: null }).publicKeyPem())
    const post = 'http://127.0.0.1:9/nobody-listens'
    const first = new AnchorKeeper({ ...place, postTo: post })
    other.clock.set(nextDay(1))
    const turn = async (anchors: AnchorKeeper) => {
      await fireDueDeadlines(other.door)
      await anchorSeals(other.door, anchors)
    }
    await turn(first)
    expect(await readTrouble(other.pool, 'dock')).toMatchObject([{ kind: 'anchor' }])
    await other.send(other.as(['instructor'], 'maren'), [BAY_1], { type: 'station.set-helmet', payload: { shade: 10 } })
    // Three days nobody was awake; another process, with another address that does listen.
    other.clock.set(nextDay(4))
    await other.send(other.as(['instructor'], 'maren'), [BAY_1], { type: 'station.set-helmet', payload: { shade: 12 } })
    await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
    const { port } = server.address() as { port: number }
    const second = new AnchorKeeper({ ...place, postTo: `http://127.0.0.1:${port}` })
    await turn(second)
    await turn(second)
    const made = await readAnchors(second.fileOf('dock'))
    expect(made.map(({ day }) => day)).toEqual(['2026-11-23', '2026-11-24', '2026-11-26'])
    // The day before yesterday is sealed without what came after it.
    expect(made[1]!.position).toBeLessThan(made[2]!.position)
    expect(await readAnchors(kept)).toEqual(made)
    expect(await readTrouble(other.pool, 'dock')).toEqual([])
    const again = { ...made[0]!, day: '2026-11-20' }
    expect((await fetch(`http://127.0.0.1:${port}`, { method: 'POST', body: JSON.stringify(again) })).status).toBe(400)
    await new Promise(resolve => server.close(resolve))
    await writeFile(second.fileOf('dock'), `${JSON.stringify({ ...made[2]!, sealHash: 'b'.repeat(64) })}\n`)
    other.clock.set(nextDay(5))
    await turn(new AnchorKeeper({ ...place, postTo: null }))
    expect((await readTrouble(other.pool, 'dock'))[0]).toMatchObject({
      kind: 'anchor',
      because: expect.stringContaining('is not in this record'),
    })
    await other.close()
    await rm(home, { recursive: true, force: true })
  })
})
