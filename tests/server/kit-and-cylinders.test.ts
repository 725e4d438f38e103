import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { CylinderCommands } from '#core/streams/cylinder/cylinder'
import { connectingSteps, jointsFor } from '#core/cylinder/guided-steps'
import { BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import type { Answers } from '#core/inspection/check-list'
import { fireDueDeadlines } from '#server/clockwork/deadlines'
import { DERIVED_TABLES, rebuild } from '#server/record/rebuild'
import { readDue, readKitItem, readOut } from '#server/tables/kit-item'
import { verifyChains } from '#server/database/event'
import { BAY_1, BAY_2, count, JOB, openShop } from './shop'
import type { Shop } from './shop'
import type { Caller } from '#server/door/caller'
import { CHECK_LISTS_STREAM, cylinderStream, kitItemStream, noticeStream, personStream, placeStream } from '#core/ids/streams'
import { readNoticesAbout, readUnseen } from '#server/tables/notice'
import { readCylinders } from '#server/tables/cylinder'

let shop: Shop
const lead = () => shop.as(['safety-lead'])
const maren = () => shop.as(['instructor'], 'maren')
const jun = () => shop.as(['store-keeper'], 'jun')
const imke = (): Caller => ({ ...shop.as(['learner'], 'imke'), holder: { roles: ['learner'], areaId: null, bayId: 'bay-1' } })
const ok = async (...args: Parameters<Shop['send']>) => {
  const answer = await shop.send(...args)
  expect(answer.status, JSON.stringify(answer.body)).toBe(200)
  return answer
}
const codesOf = async (...args: Parameters<Shop['send']>) => (await shop.send(...args)).body.findings.map(({ code }) => code)
const gateOf = (bay: string, gate: string) =>
  shop.pool
    .query<{ payload: { state: string, findings: { code: string, values: Record<string, unknown> }[] } }>(
      `select body_json->'payload' as payload from event where site_id = $1 and stream_id = $2 and type = 'gate-changed' and body_json->'payload'->>'gate' = $3 order by version desc limit 1`,
      [shop.siteId, bay, gate],
    )
    .then(({ rows }) => rows[0]?.payload)

const ARRESTOR = kitItemStream('fa-3')
const yes = (listId: string): Answers =>
  Object.fromEntries(
    BUILT_IN_LISTS.find(({ id }) => id === listId)!.checks.map(check => [
      check.id,
      check.asks === 'yes-no' ? true : check.asks === 'choice' ? check.passing[0]! : (check.atMost ?? check.atLeast!),
    ]),
  )
const pass = (listId: string, over: Answers = {}) =>
  ({ type: 'item.inspect', payload: { listId, listVersion: 1, answers: { ...yes(listId), ...over } } }) as const

const RECEIVE: CylinderCommands['cylinder.receive'] = {
  gas: 'acetylene', owner: 'rented', stamps: 'DOT-8AL / 6-15', tareKg: 80, fullM3: 9.3, waterVolumeL: 61, lay: { lyingMin: 20 },
  place: { placeId: 'cage', xM: 1, yM: 1, isUpright: true, isSecured: true, isCapped: true },
}
const FLAME = {
  process: 'ofc',
  fuelGas: 'acetylene',
  plateThicknessMm: 12,
  tip: 'cutting',
  baseMetal: 'mild-steel',
  coating: 'none',
  startsAt: '08:00',
  endsAt: '10:00',
  arcMinPerH: 10,
} as const

beforeAll(async () => {
  shop = await openShop()
  for (const [id, name, role] of [
    ['jun', 'Jun', 'store-keeper'],
    ['imke', 'Imke', 'learner'],
    ['dov', 'Dov', 'welder'],
  ] as const)
    await ok(lead(), [personStream(id)], { type: 'person.add', payload: { name, roles: [role], areaId: null, bayId: null } })
  for (const bay of [BAY_1, BAY_2]) await ok(maren(), [bay], { type: 'station.set-job', payload: { job: FLAME } })
  await ok(maren(), [BAY_1], { type: 'station.place-person', payload: { personId: 'imke' } })
})
afterAll(() => shop.close())

describe('things behind the one door', () => {
  it('a tag is worn once, in whatever letters, by a thing or by a cylinder', async () => {
    await ok(jun(), [ARRESTOR], { type: 'item.register', payload: { kind: 'flashback-arrestor', name: 'Arrestor, fuel', marks: {} } })
    expect(await codesOf(jun(), [ARRESTOR], { type: 'item.register', payload: { kind: 'hose', name: 'Hose', marks: {} } })).toEqual([
      'kit.tag-taken',
    ])
    await ok(jun(), [placeStream('cage')], {
      type: 'place.describe',
      payload: { name: 'Cage', level: 0, xM: 0, yM: 0, widthM: 6, depthM: 4, room: null },
    })
    expect(await codesOf(jun(), [cylinderStream('fa-3')], { type: 'cylinder.receive', payload: RECEIVE })).toEqual(['kit.tag-taken'])
    expect(
      await codesOf(jun(), [kitItemStream('FA 3!')], { type: 'item.register', payload: { kind: 'hose', name: 'Hose', marks: {} } }),
    ).toEqual(['command.unknown-stream'])
    expect((await readKitItem(shop.pool, shop.siteId, ' Fa-3 '))?.item.tag).toBe('FA-3')
  })
  it('goes to a bay, a person or a place that is there, by whoever may give it', async () => {
    expect(await codesOf(imke(), [ARRESTOR], { type: 'item.assign', payload: { assignment: { to: 'bay', id: 'bay-1' } } })).toEqual([
      'command.not-allowed',
    ])
    for (const assignment of [
      { to: 'bay', id: 'bay-77' },
      { to: 'person', id: 'nobody' },
      { to: 'place', id: 'attic' },
      { to: 'permit', id: 'p1' },
    ] as const) {
      expect(await codesOf(maren(), [ARRESTOR], { type: 'item.assign', payload: { assignment } })).toEqual(['kit.assigned-nowhere'])
    }
    await ok(maren(), [ARRESTOR], { type: 'item.assign', payload: { assignment: { to: 'bay', id: 'bay-1' } } })
    expect((await gateOf(BAY_1, 'gas'))?.findings.map(({ code, values }) => [code, values.tag])).toContainEqual(['kit.never-done', 'FA-3'])
  })
  it('a learner looks at what stands at their own bay, and at nothing else', async () => {
    await ok(imke(), [ARRESTOR], pass('flashback-arrestor.before-use'))
    await ok(jun(), [kitItemStream('h-9')], { type: 'item.register', payload: { kind: 'hose', name: 'Hose', marks: {} } })
    expect(await codesOf(imke(), [kitItemStream('h-9')], pass('hose.before-use'))).toEqual(['command.not-allowed'])
    await ok(maren(), [kitItemStream('h-9')], { type: 'item.assign', payload: { assignment: { to: 'person', id: 'imke' } } })
    await ok(imke(), [kitItemStream('h-9')], pass('hose.before-use'))
  })
  it('a pass by somebody not named is kept and renews nothing; the lead names, and then it counts', async () => {
    const answer = await ok(maren(), [ARRESTOR], pass('flashback-arrestor.yearly'))
    expect(answer.body.findings.map(({ code }) => code)).toEqual(['kit.competence-missing'])
    expect((await readKitItem(shop.pool, shop.siteId, 'fa-3'))?.dueOn).toBe('now')
    expect(
      await codesOf(maren(), [personStream('maren')], {
        type: 'person.name-competent',
        payload: { competences: ['flashback-arrestor'] },
      }),
    ).toEqual(['command.not-allowed'])
    await ok(lead(), [personStream('maren')], { type: 'person.name-competent', payload: { competences: ['flashback-arrestor'] } })
    await ok(maren(), [ARRESTOR], pass('flashback-arrestor.yearly'))
    expect((await readKitItem(shop.pool, shop.siteId, 'fa-3'))?.dueOn).toBe('2027-11-23')
  })
  it('a failed look tags it out, holds the bay in the same breath, and tells those who must know', async () => {
    const answer = await ok(imke(), [ARRESTOR], pass('flashback-arrestor.before-use', { 'arrestor-clean': false }))
    const gas = await gateOf(BAY_1, 'gas')
    expect([gas?.state, gas?.findings[0]]).toMatchObject([
      'hold',
      { code: 'kit.tagged-out', values: { tag: 'FA-3', checks: ['arrestor-clean'] } },
    ])
    expect(await count(shop.pool, 'select count(distinct stream_id) from event where command_id = $1', [answer.body.commandId])).toBe(3)
    const [notice] = await readNoticesAbout(shop.pool, shop.siteId, ARRESTOR)
    expect(notice?.to).toEqual([
      { personId: 'jun', as: 'store-keeper' },
      { personId: 'lead', as: 'safety-lead' },
      { personId: 'maren', as: 'instructor' },
    ])
    expect(notice?.seenAt).toEqual({})
    expect(await readUnseen(shop.pool, shop.siteId, 'imke')).toEqual([])
    // Told means seen, once, by oneself.
    await ok(jun(), [noticeStream(notice!.noticeId)], { type: 'notice.see', payload: {} })
    await ok(jun(), [noticeStream(notice!.noticeId)], { type: 'notice.see', payload: {} })
    expect((await readNoticesAbout(shop.pool, shop.siteId, ARRESTOR))[0]?.seenAt).toEqual({
      jun: new Date(shop.clock.nowMs()).toISOString(),
    })
    expect([
      (await readUnseen(shop.pool, shop.siteId, 'jun')).length,
      (await readUnseen(shop.pool, shop.siteId, 'maren')).length,
    ]).toEqual([0, 1])
  })
  it('is given to nobody while it is out, and comes back only by somebody named, with the repair', async () => {
    expect((await readOut(shop.pool, shop.siteId, 10)).map(({ tagId }) => tagId)).toEqual(['fa-3'])
    expect(await codesOf(maren(), [ARRESTOR], { type: 'item.assign', payload: { assignment: { to: 'bay', id: 'bay-2' } } })).toEqual([
      'kit.tagged-out',
    ])
    expect(await codesOf(jun(), [ARRESTOR], { type: 'item.release', payload: { repair: 'new one inside' } })).toEqual([
      'kit.competence-missing',
    ])
    expect(await codesOf(maren(), [ARRESTOR], { type: 'item.release', payload: { repair: ' ' } })).toEqual(['kit.repair-not-said'])
    expect(await readUnseen(shop.pool, shop.siteId, 'maren')).toHaveLength(1)
    await ok(maren(), [ARRESTOR], { type: 'item.release', payload: { repair: 'Cleaned and tested on the rig.' } })
    // Put right, it is no news any more; that she never saw it stays in the record.
    expect(await readUnseen(shop.pool, shop.siteId, 'maren')).toEqual([])
    expect((await readNoticesAbout(shop.pool, shop.siteId, ARRESTOR))[0]?.seenAt).not.toHaveProperty('maren')
    // Repaired, every list that asks for it is due again.
    expect((await gateOf(BAY_1, 'gas'))?.findings.map(({ code }) => code)).toContain('kit.due-after-event')
  })
  it('a report on a tag that nothing wears is recorded, and the store is told', async () => {
    expect(
      (await ok(maren(), [kitItemStream('zz-1')], { type: 'item.tag-out', payload: { reason: 'cracked' } })).body.findings.map(
        ({ code }) => code,
      ),
    ).toEqual(['kit.tag-unknown'])
    expect(await codesOf(maren(), [kitItemStream('zz-1')], { type: 'item.assign', payload: { assignment: null } })).toEqual([
      'kit.tag-unknown',
    ])
    expect(await count(shop.pool, `select count(*) from event where stream_id = 'item/zz-1' and type = 'unknown-tag-reported'`)).toBe(1)
    expect((await readUnseen(shop.pool, shop.siteId, 'jun')).map(({ what }) => what.code)).toContain('kit.tag-unknown')
    expect(await readKitItem(shop.pool, shop.siteId, 'zz-1')).toBeNull()
    await ok(jun(), [kitItemStream('zz-1')], { type: 'item.register', payload: { kind: 'hose', name: 'Hose', marks: {} } })
    // Registered, the thing is sound; what was reported of its tag before is still to be seen.
    expect((await readUnseen(shop.pool, shop.siteId, 'jun')).map(({ what }) => what.code)).toContain('kit.tag-unknown')
  })
  it('what is put right takes no place from what is not: an older notice is told behind any number of them', async () => {
    await ok(maren(), [kitItemStream('zz-1')], { type: 'item.tag-out', payload: { reason: 'cut through' } })
    // Another notice about it was given at the same instant: which comes first is nobody's promise.
    const about = (await readUnseen(shop.pool, shop.siteId, 'jun')).find(
      one => one.about === 'item/zz-1' && one.what.code === 'kit.tagged-out',
    )
    expect(about).toBeDefined()
    // Of a thing that is in service again, and told later.
    const later = { ...about!, about: ARRESTOR, givenAt: '2099-01-01T00:00:00.000Z' }
    await shop.pool.query(
      `insert into notice_reading (site_id, notice_id, version, about, given_at, notice)
      select $1, 'many-' || i, 1, $4, $2, $3 from generate_series(1, 120) i`,
      [shop.siteId, later.givenAt, JSON.stringify(later), ARRESTOR],
    )
    await shop.pool.query(
      `insert into notice_told (site_id, notice_id, person_id, seen_at)
      select $1, 'many-' || i, 'jun', null from generate_series(1, 120) i`,
      [shop.siteId],
    )
    expect((await readUnseen(shop.pool, shop.siteId, 'jun')).map(({ noticeId }) => noticeId)).toContain(about!.noticeId)
    await shop.pool.query(`delete from notice_told where notice_id like 'many-%'`)
    await shop.pool.query(`delete from notice_reading where notice_id like 'many-%'`)
  })
  it('an edited list gets a version of its own and dates every thing of its kind anew; what was done keeps its version', async () => {
    const { version: _version, ...list } = BUILT_IN_LISTS.find(({ id }) => id === 'flashback-arrestor.yearly')!
    await ok(maren(), [ARRESTOR], pass('flashback-arrestor.yearly'))
    expect(await codesOf(maren(), [CHECK_LISTS_STREAM], { type: 'check-lists.change', payload: { list } })).toEqual(['command.not-allowed'])
    const unchanged = await ok(jun(), [CHECK_LISTS_STREAM], { type: 'check-lists.change', payload: { list } })
    await ok(jun(), [CHECK_LISTS_STREAM], {
      type: 'check-lists.change',
      payload: { list: { ...list, every: { unit: 'months', count: 6 } } },
    })
    expect([await count(shop.pool, `select count(*) from event where stream_id = 'check-lists'`), unchanged.status]).toEqual([1, 200])
    expect((await readKitItem(shop.pool, shop.siteId, 'fa-3'))?.dueOn).toBe('2027-05-23')
    expect((await ok(maren(), [ARRESTOR], pass('flashback-arrestor.yearly'))).body.findings.map(({ code }) => code)).toEqual([
      'kit.list-version-old',
    ])
  })
})

describe('cylinders behind the one door', () => {
  const A7 = cylinderStream('a-7')
  it('an acetylene cylinder that lay has to stand: it is not connected before, and the clock says when', async () => {
    await ok(jun(), [A7], { type: 'cylinder.receive', payload: RECEIVE })
    const steps = connectingSteps('acetylene')
    expect(await codesOf(maren(), [A7], { type: 'cylinder.connect', payload: { bayId: 'bay-1', steps } })).toEqual(['cylinder.settling'])
    const settled = () => count(shop.pool, `select count(*) from event where stream_id = 'cylinder/a-7' and type = 'cylinder-settled'`)
    await fireDueDeadlines(shop.door)
    expect(await settled()).toBe(0)
    shop.clock.set('2026-11-23T09:00:00.000Z')
    await fireDueDeadlines(shop.door)
    await fireDueDeadlines(shop.door)
    expect(await settled()).toBe(1)
    expect(await codesOf(maren(), [A7], { type: 'cylinder.connect', payload: { bayId: 'bay-1', steps: steps.slice(1) } })).toEqual([
      'cylinder.steps-missing',
    ])
    await ok(maren(), [A7], { type: 'cylinder.connect', payload: { bayId: 'bay-1', steps } })
    expect((await gateOf(BAY_1, 'gas'))?.findings.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['gas.not-leak-tested', 'gas.not-read']),
    )
  })
  it('is read by weight, and by pressure nothing is known', async () => {
    await ok(imke(), [A7], { type: 'cylinder.read', payload: { by: 'weight', grossKg: 86 } })
    expect((await readCylinders(shop.pool, shop.siteId, 'A-7'))[0]?.cylinder.reading).toMatchObject({ by: 'weight', grossKg: 86 })
  })
  it('a leaking joint stops the bay, tags the cylinder out, and tells people; release and re-opening take who may', async () => {
    const joints = Object.fromEntries(jointsFor('acetylene').map(joint => [joint, joint !== 'hose-end']))
    await ok(imke(), [A7], { type: 'cylinder.test-joints', payload: { joints } })
    expect(await count(shop.pool, `select count(*) from event where stream_id = $1 and type = 'stopped'`, [BAY_1])).toBe(1)
    const gas = await gateOf(BAY_1, 'gas')
    expect([gas?.state, gas?.findings[0]]).toMatchObject(['stop', { code: 'cylinder.danger', values: { danger: 'leak', tag: 'A-7' } }])
    expect((await readUnseen(shop.pool, shop.siteId, 'jun')).some(({ what }) => what.code === 'cylinder.danger')).toBe(true)
    expect(await codesOf(imke(), [A7], { type: 'cylinder.release', payload: { repair: 'tightened' } })).toEqual(['kit.competence-missing'])
    await ok(lead(), [A7], { type: 'cylinder.release', payload: { repair: 'Hose end tightened, tested again.' } })
    await ok(maren(), [A7], {
      type: 'cylinder.test-joints',
      payload: { joints: Object.fromEntries(jointsFor('acetylene').map(joint => [joint, true])) },
    })
    expect((await gateOf(BAY_1, 'gas'))?.state).not.toBe('stop')
  })
  it('goes back only when its regulator is off, and may come again with the same tag', async () => {
    expect(await codesOf(jun(), [A7], { type: 'cylinder.return', payload: {} })).toEqual(['cylinder.still-connected'])
    await ok(maren(), [A7], { type: 'cylinder.disconnect', payload: { isCapped: true } })
    await ok(jun(), [A7], { type: 'cylinder.return', payload: {} })
    expect(await readCylinders(shop.pool, shop.siteId)).toEqual([])
    await ok(jun(), [A7], { type: 'cylinder.receive', payload: { ...RECEIVE, lay: { lyingMin: null } } })
    expect((await readCylinders(shop.pool, shop.siteId, 'a-7'))[0]?.cylinder.settlesAt).toBe('2026-11-24T09:00:00.000Z')
  })
})

describe('what is derived', () => {
  it('the due list is soonest first, page by page', async () => {
    const all = await readDue(shop.pool, shop.siteId, '2028-01-01', 10)
    const first = await readDue(shop.pool, shop.siteId, '2028-01-01', 1)
    expect(all.map(({ dueOn }) => dueOn)).toEqual(
      [...all.map(({ dueOn }) => dueOn)].sort((a, b) => ((a === 'now' ? '' : a!) < (b === 'now' ? '' : b!) ? -1 : 1)),
    )
    expect(await readDue(shop.pool, shop.siteId, '2028-01-01', 10, { dueOn: first[0]!.dueOn!, tagId: first[0]!.tagId })).toEqual(
      all.slice(1),
    )
  })
  it('rebuilding from the events gives the same rows, and every chain stands', async () => {
    await ok(maren(), [BAY_2], { type: 'station.set-job', payload: { job: JOB } })
    const rows = async () =>
      Promise.all(
        DERIVED_TABLES.filter(table => table !== 'snapshot').map(
          async table => (await shop.pool.query(`select to_jsonb(t) as row from ${table} t order by to_jsonb(t)::text`)).rows,
        ),
      )
    const before = await rows()
    await rebuild(shop.pool)
    expect(await rows()).toEqual(before)
    expect(await verifyChains(shop.pool, shop.siteId)).toEqual([])
  })
})
