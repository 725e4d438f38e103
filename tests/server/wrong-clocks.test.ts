import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { CommandOf } from '#core/streams/commands'
import { fireDueDeadlines } from '#server/clockwork/deadlines'
import { readPermit } from '#server/tables/permit'
import { readStations } from '#server/tables/station'
import { COMMAND_SAMPLES } from '../command-samples'
import { BAY_1, bringExtinguisher, JOB, openShop } from './shop'
import type { Shop } from './shop'
import type { Caller } from '#server/door/caller'
import { permitStream, personStream } from '#core/ids/streams'

// A day on phones whose clocks are wrong by hours. The shop's own clock decides: a stop is heard now, a check of another day is none of
// today, and a watch that says it walked hours ago has not walked since.

const HOURS = [-26, -5, -1, 1, 5, 26]
let shop: Shop
const lead = () => ({ ...shop.as(['safety-lead'], 'lead'), isSigned: true })
const maren = () => shop.as(['instructor'], 'maren')
const wrongBy = (hours: number) => new Date(shop.clock.nowMs() + hours * 3600_000).toISOString()
const send = async (caller: Caller, stream: string, what: CommandOf, hours = 0) => {
  const answer = await shop.send(caller, [stream], what, { at: wrongBy(hours) })
  expect(answer.status, `${what.type} ${JSON.stringify(answer.body)}`).toBe(200)
}
const bay = async () => (await readStations(shop.pool, shop.siteId)).find(({ bayId }) => bayId === 'bay-1')!
const at = (time: string) => shop.clock.set(`2026-11-23T${time}:00.000Z`)
const tick = async (time: string) => {
  at(time)
  while ((await fireDueDeadlines(shop.door)) > 0);
}

beforeAll(async () => {
  shop = await openShop()
  at('12:00')
  for (const [id, role] of [
    ['ada', 'fire-watch'],
    ['bea', 'fire-watch'],
    ['kit', 'welder'],
    ['tom', 'welder'],
  ] as const)
    await send(lead(), personStream(id), { type: 'person.add', payload: { name: id, roles: [role], areaId: null, bayId: null } })
  await send(maren(), BAY_1, { type: 'station.set-job', payload: { job: JOB } })
})
afterAll(() => shop.close())

describe.each(HOURS)('a phone that is %s h wrong', (hours) => {
  it('stops a bay at once', async () => {
    await send(shop.as(['learner'], 'imke'), BAY_1, { type: 'station.stop', payload: { reason: 'sparks' } }, hours)
    expect((await bay()).facts.stop).not.toBeNull()
    await send(lead(), BAY_1, { type: 'station.reopen', payload: {} })
    expect((await bay()).facts.stop).toBeNull()
  })
  it('makes no check of today out of one of yesterday, and none that outlives today', async () => {
    await send(maren(), BAY_1, { type: 'station.check-helmet', payload: { passed: true } }, hours)
    const validUntil = (await bay()).facts.helmetCheck?.validUntil ?? null
    // Said to be hours away, it is good for the shop day in which it says it was, and never past the one that runs.
    expect(validUntil === null || Date.parse(validUntil) <= Date.parse('2026-11-24T04:00:00.000Z')).toBe(true)
    if (hours < -20) expect(validUntil === null || Date.parse(validUntil) <= shop.clock.nowMs()).toBe(true)
    await send(maren(), BAY_1, { type: 'station.check-helmet', payload: { passed: false, fault: 'lens' } })
    // What is older than the last look changes nothing: a slow phone clears no fault.
    if (hours < 0) {
      await send(maren(), BAY_1, { type: 'station.check-helmet', payload: { passed: true } }, hours)
      expect((await bay()).facts.helmetCheck).toMatchObject({ passed: false })
    }
  })
})

describe('a watch by a phone whose clock is wrong', () => {
  const begin = async (permitId: string, from: string, [watcher, operator]: readonly [string, string]) => {
    await tick(from)
    const permit = permitStream(permitId)
    const request = {
      ...COMMAND_SAMPLES['permit.request'],
      place: { where: `Quay of ${permitId}`, placeId: null, bayId: null },
      operatorIds: [operator],
      fromAt: `2026-11-23T${from}:00.000Z`,
      untilAt: new Date(shop.clock.nowMs() + 3 * 3600_000).toISOString(),
    }
    await send(lead(), permit, { type: 'permit.request', payload: request } as unknown as CommandOf)
    for (const { id } of (await readPermit(shop.pool, shop.siteId, permitId))!.permit.plan.precautions)
      await send(lead(), permit, { type: 'permit.see-to', payload: { precaution: id, how: 'done' } })
    await bringExtinguisher(shop, `ex-${permitId}`, permitId)
    await send(lead(), permit, {
      type: 'permit.authorise',
      payload: { watcherIds: [watcher], secondChannel: 'radio', nearSeen: ['p-slow', 'p-fast'] },
    })
    await send(shop.as(['fire-watch'], watcher), permit, { type: 'permit.take-post', payload: {} })
    await send(lead(), permit, { type: 'permit.start-work', payload: {} })
    return permit
  }
  const phase = async (permitId: string) => (await readPermit(shop.pool, shop.siteId, permitId))!.permit

  it('three hours slow is not heard: the round is missed, and the work stops by itself', async () => {
    const permit = await begin('p-slow', '12:10', ['ada', 'kit'])
    for (const time of ['12:20', '12:29']) {
      await tick(time)
      await send(shop.as(['fire-watch'], 'ada'), permit, { type: 'permit.round', payload: {} }, -3)
    }
    await tick('12:31')
    expect(await phase('p-slow')).toMatchObject({ phase: 'suspended', suspension: { cause: 'round-overdue' } })
  })
  it('three hours fast is heard when it is heard, and no longer than that', async () => {
    const permit = await begin('p-fast', '13:10', ['bea', 'tom'])
    await tick('13:20')
    await send(shop.as(['fire-watch'], 'bea'), permit, { type: 'permit.round', payload: {} }, 3)
    expect((await phase('p-fast')).posts).toMatchObject([{ heardAt: '2026-11-23T13:20:00.000Z' }])
    await tick('13:34')
    expect(await phase('p-fast')).toMatchObject({ phase: 'working' })
    await tick('13:41')
    expect(await phase('p-fast')).toMatchObject({ phase: 'suspended', suspension: { cause: 'round-overdue' } })
  })
  it('stops it in either case', async () => {
    for (const hours of [-3, 3]) {
      await send(shop.as(['fire-watch'], 'bea'), permitStream('p-fast'), { type: 'permit.round', payload: {} })
      await send(lead(), permitStream('p-fast'), { type: 'permit.resume', payload: { cleared: 'clock set' } })
      await send(
        shop.as(['learner'], 'imke'),
        permitStream('p-fast'),
        { type: 'permit.stop', payload: { cause: 'fire-or-smoke' } },
        hours,
      )
      expect(await phase('p-fast'), `${hours} h`).toMatchObject({ phase: 'suspended', suspension: { cause: 'fire-or-smoke' } })
    }
  })
})
