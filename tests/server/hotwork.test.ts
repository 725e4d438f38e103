import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { CommandOf } from '#core/streams/commands'
import type { PermitCommands, PermitRequest } from '#core/streams/permit/permit'
import { permitDeadlines } from '#core/streams/permit/permit-deadlines'
import { handleCommand } from '#server/door/handle'
import { fireDueDeadlines } from '#server/clockwork/deadlines'
import { DERIVED_TABLES, rebuild } from '#server/record/rebuild'
import { verifyChains } from '#server/database/event'
import { noteScreen, readLivePermits, readPermit, readPublicPermit } from '#server/tables/permit'
import { readStations } from '#server/tables/station'
import { bringExtinguisher, count, openShop } from './shop'
import type { Shop } from './shop'
import type { Caller } from '#server/door/caller'
import { SITE_STREAM, kitItemStream, permitStream, personStream, stationStream } from '#core/ids/streams'
import { readUnseen } from '#server/tables/notice'

let shop: Shop
const GATE = stationStream('gate-3')
const signed = (caller: Caller): Caller => ({ ...caller, isSigned: true })
const oskar = () => signed(shop.as(['safety-lead'], 'lead'))
const hedda = () => shop.as(['permit-authoriser', 'fire-watch'], 'hedda')
const ada = () => shop.as(['fire-watch'], 'ada')
const kit = () => shop.as(['welder'], 'kit')
const at = (time: string) => shop.clock.set(`2026-11-23T${time}:00.000Z`)
const send = (caller: Caller, permitId: string, what: CommandOf, over: object = {}) =>
  shop.send(caller, [permitStream(permitId)], what, over)
const ok = async (caller: Caller, permitId: string, what: CommandOf, over: object = {}) => {
  const answer = await send(caller, permitId, what, over)
  expect(answer.status, `${what.type} ${JSON.stringify(answer.body)}`).toBe(200)
  return answer
}
const codes = async (...args: Parameters<typeof send>) => (await send(...args)).body.findings.map(({ code }) => code)
const permit = async (permitId: string) => (await readPermit(shop.pool, shop.siteId, permitId))!.permit
const tick = (time: string) => {
  at(time)
  return fireDueDeadlines(shop.door)
}
const typesOf = async (permitId: string) =>
  (
    await shop.pool.query<{ type: string }>('select type from event where site_id = $1 and stream_id = $2 order by version', [
      shop.siteId,
      permitStream(permitId),
    ])
  ).rows.map(({ type }) => type)
const fireGate = async () =>
  (
    await shop.pool.query<{ state: string, code: string }>(
      `select body_json->'payload'->>'state' as state, body_json->'payload'->'findings'->0->>'code' as code from event
  where site_id = $1 and stream_id = $2 and type = 'gate-changed' and body_json->'payload'->>'gate' = 'fire' order by version desc limit 1`,
      [shop.siteId, GATE],
    )
  ).rows[0]

const request = (over: Partial<PermitRequest> = {}): PermitCommands['permit.request'] => ({
  place: { where: 'Lock gate 3', placeId: null, bayId: 'gate-3' },
  facts: {
    level: 0,
    confined: false,
    otherSide: false,
    openLevels: 0,
    hiddenParts: 0,
    hardFloor: true,
    bulkCombustibles: false,
    combustiblePanel: false,
  },
  job: { what: 'Cut the strap', process: 'ofc', heightM: 1, workpiece: 'structure', metalFire: false },
  conditions: { sprinklers: 'none', windMPerS: 2 },
  operatorIds: ['kit'],
  fromAt: '2026-11-23T08:00:00.000Z',
  untilAt: '2026-11-23T12:00:00.000Z',
  ...over,
})
async function ask(permitId: string, over: Partial<PermitRequest> = {}) {
  await ok(kit(), permitId, { type: 'permit.request', payload: request(over) })
  for (const { id } of (await permit(permitId)).plan.precautions)
    await ok(kit(), permitId, { type: 'permit.see-to', payload: { precaution: id, how: 'done' } })
}
const AUTHORISE = {
  type: 'permit.authorise',
  payload: { watcherIds: ['hedda'], secondChannel: 'radio 2', nearSeen: [] },
} as const satisfies CommandOf
const extinguisherFor = (tag: string, permitId: string) => bringExtinguisher(shop, tag, permitId)

beforeAll(async () => {
  shop = await openShop()
  await shop.send(oskar(), [SITE_STREAM], {
    type: 'site.add-bay',
    payload: { bayId: 'gate-3', areaId: 'area', label: '3', kind: 'structure' },
  })
  for (const [id, role] of [
    ['hedda', 'permit-authoriser'], ['ada', 'fire-watch'], ['noor', 'fire-watch'], ['kit', 'welder'], ['teo', 'learner'],
  ] as const)
    await shop.send(oskar(), [personStream(id)], { type: 'person.add', payload: { name: id, roles: [role], areaId: null, bayId: null } })
  await shop.send(shop.as(['instructor'], 'maren'), [GATE], { type: 'station.place-person', payload: { personId: 'kit' } })
  await shop.send(shop.as(['instructor'], 'maren'), [GATE], {
    type: 'station.set-job',
    payload: { job: { process: 'ofc', baseMetal: 'mild-steel', plateThicknessMm: 12, fuelGas: 'acetylene' } },
  })
})
afterAll(() => shop.close())

describe('a permit behind the one door', () => {
  it('is refused where hot work is forbidden, and asks for what is not known', async () => {
    expect(
      await codes(kit(), 'no-1', { type: 'permit.request', payload: request({ conditions: { sprinklers: 'impaired', windMPerS: 1 } }) }),
    ).toContain('hotwork.forbidden')
    expect(await codes(kit(), 'no-2', { type: 'permit.request', payload: request({ conditions: { windMPerS: 1 } }) })).toEqual([
      'hotwork.fact-missing',
    ])
    expect(await codes(kit(), 'no-3', { type: 'permit.request', payload: request({ untilAt: '2026-11-23T22:00:00.000Z' }) })).toEqual([
      'permit.too-long',
    ])
    expect(await codes(shop.as(['store-keeper'], 'jun'), 'no-4', { type: 'permit.request', payload: request() })).toEqual([
      'command.not-allowed',
    ])
    expect(await readPermit(shop.pool, shop.siteId, 'no-1')).toBeNull()
  })
  it('is authorised by a signature of somebody else, with everything seen to, an extinguisher and a free watcher', async () => {
    await ok(kit(), 'p-1', { type: 'permit.request', payload: request() })
    expect(await fireGate()).toMatchObject({ state: 'to-do', code: 'permit.not-in-phase' })
    expect(await codes(hedda(), 'p-1', AUTHORISE)).toEqual(['permit.signature-needed'])
    expect(await codes(signed(hedda()), 'p-1', AUTHORISE)).toEqual(['permit.precaution-open', 'permit.no-extinguisher'])
    await ask('p-x', { untilAt: '2026-11-23T08:30:00.000Z', fromAt: '2026-11-23T08:00:00.000Z' })
    for (const { id } of (await permit('p-1')).plan.precautions)
      await ok(kit(), 'p-1', { type: 'permit.see-to', payload: { precaution: id, how: 'done' } })
    await extinguisherFor('ex-9', 'p-1')
    expect(await codes(signed(shop.as(['welder', 'permit-authoriser'], 'kit')), 'p-1', AUTHORISE)).toEqual(['permit.own-work'])
    // The permit asked for beside it has no place on the grid: it counts as near until somebody looked.
    expect(await codes(signed(hedda()), 'p-1', { ...AUTHORISE, payload: { ...AUTHORISE.payload, secondChannel: null } })).toEqual([
      'permit.near',
      'permit.no-second-channel',
    ])
    await ok(signed(hedda()), 'p-x', { type: 'permit.refuse', payload: { reason: 'one is enough' } })
    expect(await codes(signed(hedda()), 'p-1', { ...AUTHORISE, payload: { ...AUTHORISE.payload, watcherIds: ['kit'] } })).toContain(
      'permit.watcher-works',
    )
    await ok(signed(hedda()), 'p-1', { ...AUTHORISE, payload: { ...AUTHORISE.payload, watcherIds: ['ada'] } })
    expect(await codes(signed(hedda()), 'p-1', AUTHORISE)).toEqual(['permit.not-in-phase'])
  })
  it('works with its watch on post: the gate opens, and closes by the clock when a round is missed', async () => {
    expect(await codes(kit(), 'p-1', { type: 'permit.start-work', payload: {} })).toEqual(['permit.no-watch-on-post'])
    await ok(ada(), 'p-1', { type: 'permit.take-post', payload: {} })
    await ok(kit(), 'p-1', { type: 'permit.start-work', payload: {} })
    expect(await fireGate()).toMatchObject({ state: 'open' })
    await tick('08:15')
    expect(await typesOf('p-1')).toContain('round-came-due')
    expect(await fireGate()).toMatchObject({ state: 'hold', code: 'permit.unheard' })
    await ok(ada(), 'p-1', { type: 'permit.round', payload: {} })
    expect(await fireGate()).toMatchObject({ state: 'open' })
    await Promise.all([tick('08:36'), fireDueDeadlines(shop.door), fireDueDeadlines(shop.door)])
    expect((await typesOf('p-1')).filter(type => type === 'round-overdue')).toHaveLength(1)
    expect(await permit('p-1')).toMatchObject({ phase: 'suspended', suspension: { cause: 'round-overdue' } })
    expect(await fireGate()).toMatchObject({ state: 'stop', code: 'permit.suspended' })
    expect((await readUnseen(shop.pool, shop.siteId, 'kit')).map(({ what }) => what.code)).toContain('permit.stopped')
  })
  it('a missed round told late is recorded with its gap; whoever authorised lets the work go on', async () => {
    const late = await ok(ada(), 'p-1', { type: 'permit.round', payload: {} })
    expect(late.body.findings.map(({ code }) => code)).toEqual(['permit.gap'])
    expect(await codes(signed(ada()), 'p-1', { type: 'permit.resume', payload: { cleared: 'radio flat' } })).toEqual([
      'command.not-allowed',
    ])
    await ok(signed(hedda()), 'p-1', { type: 'permit.resume', payload: { cleared: 'battery changed' } })
    expect(await fireGate()).toMatchObject({ state: 'open' })
    expect((await readUnseen(shop.pool, shop.siteId, 'kit')).map(({ what }) => what.code)).not.toContain('permit.stopped')
  })
  it('an extinguisher tagged out stops the work that rested on it; another one lets it go on, once somebody says so', async () => {
    await shop.send(oskar(), [kitItemStream('ex-9')], { type: 'item.tag-out', payload: { reason: 'pin gone' } })
    expect(await permit('p-1')).toMatchObject({ phase: 'suspended', suspension: { cause: 'kit', by: 'lead' } })
    expect(await fireGate()).toMatchObject({ state: 'hold', code: 'permit.suspended' })
    expect((await readUnseen(shop.pool, shop.siteId, 'kit')).map(({ what }) => what.values)).toContainEqual(
      expect.objectContaining({ cause: 'kit' }),
    )
    const resume = { type: 'permit.resume', payload: { cleared: 'another one stands there' } } as const
    expect(await codes(signed(hedda()), 'p-1', resume)).toEqual(['permit.kit-out', 'permit.no-extinguisher'])
    await extinguisherFor('ex-10', 'p-1')
    await shop.send(oskar(), [kitItemStream('ex-9')], { type: 'item.assign', payload: { assignment: null } })
    expect(await fireGate()).toMatchObject({ state: 'hold' })
    await ok(signed(hedda()), 'p-1', resume)
    expect(await fireGate()).toMatchObject({ state: 'open' })
  })
  it('carried away from under the work, the last extinguisher stops it too; a second one beside it does not', async () => {
    await extinguisherFor('ex-12', 'p-1')
    await shop.send(oskar(), [kitItemStream('ex-12')], { type: 'item.assign', payload: { assignment: null } })
    expect(await permit('p-1')).toMatchObject({ phase: 'working' })
    await shop.send(oskar(), [kitItemStream('ex-10')], { type: 'item.assign', payload: { assignment: { to: 'person', id: 'teo' } } })
    expect(await permit('p-1')).toMatchObject({ phase: 'suspended', suspension: { cause: 'kit' } })
    await shop.send(oskar(), [kitItemStream('ex-10')], {
      type: 'item.assign',
      payload: { assignment: { to: 'permit', id: 'p-1', distanceM: 4 } },
    })
    await ok(signed(hedda()), 'p-1', { type: 'permit.resume', payload: { cleared: 'brought back' } })
  })
  it('whoever is not named walks no round, and a learner relieves nobody while work goes on', async () => {
    const teo = signed(shop.as(['learner'], 'teo'))
    for (const what of [
      { type: 'permit.round', payload: {} },
      { type: 'permit.relieve', payload: { relievedId: 'ada' } },
    ] as CommandOf[])
      expect(await codes(teo, 'p-1', what)).toEqual(['command.not-allowed'])
  })
  it('ends in the watch: relieved without a gap, a gap begins it again, then monitoring, put back and closed', async () => {
    await tick('08:50')
    await ok(ada(), 'p-1', { type: 'permit.round', payload: {} })
    await ok(kit(), 'p-1', { type: 'permit.end-work', payload: {} })
    expect(await permit('p-1')).toMatchObject({ phase: 'watch', watchFrom: '2026-11-23T08:50:00.000Z' })
    at('09:00')
    await ok(signed(shop.as(['learner'], 'teo')), 'p-1', { type: 'permit.relieve', payload: { relievedId: 'ada' } })
    const teo = () => shop.as(['learner'], 'teo')
    for (const time of ['09:14', '09:28']) {
      await tick(time)
      await ok(teo(), 'p-1', { type: 'permit.round', payload: {} })
    }
    await tick('09:29')
    await ok(teo(), 'p-1', { type: 'permit.leave-post', payload: {} })
    await tick('09:37')
    await ok(teo(), 'p-1', { type: 'permit.take-post', payload: {} })
    expect((await permit('p-1')).watchFrom).toBe('2026-11-23T09:37:00.000Z')
    for (const time of ['09:51', '10:05', '10:19', '10:33']) {
      await tick(time)
      await ok(teo(), 'p-1', { type: 'permit.round', payload: {} })
    }
    await tick('10:36')
    expect((await permit('p-1')).phase).toBe('watch')
    await tick('10:37')
    expect(await permit('p-1')).toMatchObject({ phase: 'monitoring', watchOverAt: '2026-11-23T10:37:00.000Z' })
    expect(await codes(signed(hedda()), 'p-1', { type: 'permit.close', payload: {} })).toEqual([
      'permit.monitoring-not-over',
      'permit.looks-missed',
      'permit.restore-open',
    ])
    await tick('11:20')
    expect(await typesOf('p-1')).toContain('visit-missed')
    await tick('13:37')
    for (const precaution of ['ducts-conveyors', 'detectors-isolated'] as const)
      await ok(kit(), 'p-1', { type: 'permit.restore', payload: { precaution } })
    // Nobody looked in the three hours: it closes only by saying so, and the record keeps both.
    expect(await codes(signed(hedda()), 'p-1', { type: 'permit.close', payload: {} })).toEqual(['permit.looks-missed'])
    await ok(signed(hedda()), 'p-1', {
      type: 'permit.close',
      payload: { despite: 'Looked now at every place the sparks reached; all cold.' },
    })
    expect(await permit('p-1')).toMatchObject({
      phase: 'closed',
      closing: { by: 'hedda', reason: 'Looked now at every place the sparks reached; all cold.' },
    })
  })
  it('lapses by the clock while work goes on: the work stops and the whole watch begins', async () => {
    at('13:40')
    await ask('p-2', { fromAt: '2026-11-23T13:30:00.000Z', untilAt: '2026-11-23T14:00:00.000Z' })
    await extinguisherFor('ex-11', 'p-2')
    await ok(oskar(), 'p-2', AUTHORISE)
    await ok(hedda(), 'p-2', { type: 'permit.take-post', payload: {} })
    await ok(kit(), 'p-2', { type: 'permit.start-work', payload: {} })
    await tick('13:54')
    await ok(hedda(), 'p-2', { type: 'permit.round', payload: {} })
    await tick('14:03')
    expect(await permit('p-2')).toMatchObject({ phase: 'watch', watchFrom: '2026-11-23T14:00:00.000Z' })
    expect((await typesOf('p-2')).slice(-3)).toEqual(['permit-lapsed', 'work-stopped', 'watch-began'])
  })
  it('an arc where no permit stood is recorded, stops the bay and starts the full watch', async () => {
    at('14:05')
    const place = { where: 'By the timber stacks', placeId: null, bayId: 'gate-3' }
    const said = await ok(shop.as(['learner'], 'teo'), 'p-3', { type: 'permit.report-arc', payload: { place } })
    expect(said.body.findings.map(({ code }) => code)).toEqual(['permit.arc-without-permit'])
    expect(await permit('p-3')).toMatchObject({ phase: 'watch', watchFrom: '2026-11-23T14:05:00.000Z', plan: { afterMin: 60 } })
    expect((await readStations(shop.pool, shop.siteId)).find(({ bayId }) => bayId === 'gate-3')?.facts.stop?.reason).toContain(
      'without a live permit',
    )
  })
  it('nobody watches in two places, also when two authorisers sign at once', async () => {
    at('15:00')
    const spans = { fromAt: '2026-11-23T15:00:00.000Z', untilAt: '2026-11-23T16:00:00.000Z' }
    await ask('q-1', { ...spans, place: { where: 'Gate A', placeId: null, bayId: null }, operatorIds: ['kit'] })
    await ask('q-2', { ...spans, place: { where: 'Gate B', placeId: null, bayId: null }, operatorIds: ['maren'] })
    await extinguisherFor('ex-21', 'q-1')
    await extinguisherFor('ex-22', 'q-2')
    const sign = (permitId: string, caller: Caller) =>
      send(caller, permitId, {
        type: 'permit.authorise',
        payload: { watcherIds: ['teo'], secondChannel: 'radio', nearSeen: ['p-1', 'p-2', 'p-3', 'q-1', 'q-2'] },
      })
    const answers = await Promise.all([sign('q-1', oskar()), sign('q-2', signed(hedda()))])
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409])
    expect(answers.find(({ status }) => status === 409)!.body.findings.map(({ code }) => code)).toEqual(['permit.watcher-busy'])
    expect(
      await count(shop.pool, `select count(*) from permit_duty where site_id = $1 and person_id = 'teo' and permit_id like 'q-%'`, [
        shop.siteId,
      ]),
    ).toBe(1)
    // Two authorisers, one permit: the second finds it authorised.
    const both = await Promise.all([sign('q-2', oskar()), sign('q-2', signed(hedda()))])
    expect(both.every(({ status }) => status === 409)).toBe(true)
  })
  it('one screen is not enough without a second channel; a second screen heard within a minute is', async () => {
    at('15:10')
    await ask('s-1', {
      place: { where: 'Gate C', placeId: null, bayId: null },
      operatorIds: ['ada'],
      fromAt: '2026-11-23T15:10:00.000Z',
      untilAt: '2026-11-23T15:40:00.000Z',
    })
    await extinguisherFor('ex-31', 's-1')
    const sign = {
      type: 'permit.authorise',
      payload: { watcherIds: ['noor'], secondChannel: null, nearSeen: ['p-1', 'p-2', 'p-3', 'q-1', 'q-2'] },
    } as const
    await noteScreen(shop.pool, shop.siteId, 'tablet-1', 'ada', '2026-11-23T15:09:30.000Z')
    await noteScreen(shop.pool, shop.siteId, 'wall', 'maren', '2026-11-23T15:08:00.000Z')
    expect(await codes(oskar(), 's-1', sign)).toEqual(['permit.no-second-channel'])
    await noteScreen(shop.pool, shop.siteId, 'wall', 'maren', '2026-11-23T15:09:50.000Z')
    await ok(oskar(), 's-1', sign)
  })
  it('a stop of all stops hot work too, once, from a device as well', async () => {
    const stopAll = shop.command([], { type: 'station.stop-all', payload: {} })
    for (let i = 0; i < 2; i++)
      await handleCommand(shop.door, { siteId: shop.siteId, actor: { kind: 'device', deviceId: 'tablet' }, holder: 'system' }, stopAll)
    expect(await permit('s-1')).toMatchObject({ phase: 'suspended', suspension: { cause: 'stopped', by: 'device' } })
    expect((await typesOf('s-1')).filter(type => type === 'work-stopped')).toHaveLength(1)
  })
  it('the paper\'s code and the typed one open the same permit; the board puts whose turn comes first', async () => {
    const { code, token } = await permit('s-1')
    expect((await readPublicPermit(shop.pool, token))?.permitId).toBe('s-1')
    expect((await readPublicPermit(shop.pool, code.toLowerCase()))?.permitId).toBe('s-1')
    expect(token.length).toBeGreaterThanOrEqual(32)
    const first = await readLivePermits(shop.pool, shop.siteId, 2)
    const turn = ({ permit: one }: typeof first[number]) => permitDeadlines(one).map(({ dueAt }) => dueAt).sort()[0] ?? '9'
    const rest = await readLivePermits(shop.pool, shop.siteId, 50, {
      permitId: first[1]!.permitId,
      turnAt:
        permitDeadlines(first[1]!.permit)
          .map(({ dueAt }) => dueAt)
          .sort()[0] ?? null,
    })
    const all = [...first, ...rest]
    expect(all.map(turn)).toEqual(all.map(turn).toSorted())
    expect(new Set(all.map(({ permitId }) => permitId)).size).toBe(
      await count(shop.pool, 'select count(*) from permit_reading where site_id = $1 and is_open', [shop.siteId]),
    )
  })
  it('rebuilding gives the same tables, and every chain holds', async () => {
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
})
