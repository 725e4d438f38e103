import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { CommandOf } from '#core/streams/commands'
import { handleCommand } from '#server/door/handle'
import { rebuild } from '#server/record/rebuild'
import { countSafetyLeads, readPerson } from '#server/tables/person'
import { readPermit } from '#server/tables/permit'
import { readStations } from '#server/tables/station'
import { COMMAND_SAMPLES } from '../command-samples'
import { BAY_1, BAY_2, bringExtinguisher, count, openShop } from './shop'
import type { Shop } from './shop'
import type { Caller } from '#server/door/caller'
import type { Answer } from '#server/door/door'
import { kitItemStream, permitStream, personStream } from '#core/ids/streams'

// Two at once end as one after the other, whatever they are about: nothing that a decision read has changed by the time it stands.

let shop: Shop
const lead = () => shop.as(['safety-lead'], 'lead')
const send = async (caller: Caller, stream: string, what: CommandOf) => shop.send(caller, [stream], what)
const ok = async (caller: Caller, stream: string, what: CommandOf) => {
  const answer = await send(caller, stream, what)
  expect(answer.status, `${what.type} ${JSON.stringify(answer.body)}`).toBe(200)
}
const codesOf = ({ body }: Answer) => body.findings.map(({ code }) => code)
const person = (roles: readonly ('safety-lead' | 'welder' | 'fire-watch' | 'auditor' | 'permit-authoriser')[]) => ({
  name: 'X',
  roles,
  areaId: null,
  bayId: null,
})

beforeAll(async () => {
  shop = await openShop()
})
afterAll(() => shop.close())

describe('a command that names one stream twice', () => {
  it('is refused, and records nothing', async () => {
    const before = await count(shop.pool, 'select count(*) from event')
    const answer = await shop.send(shop.as(['instructor'], 'maren'), [BAY_1, BAY_2, BAY_1], {
      type: 'station.set-helmet',
      payload: { shade: 11 },
    })
    expect([answer.status, codesOf(answer)]).toEqual([409, ['command.stream-twice']])
    expect(await count(shop.pool, 'select count(*) from event')).toBe(before)
  })
})

describe('a time before the site was opened', () => {
  const at = '2026-01-05T07:59:59.000Z'
  const early = (what: CommandOf, caller = shop.as(['instructor'], 'maren')) => shop.send(caller, [BAY_1], what, { at })
  it('is refused for a request and for a report', async () => {
    for (const what of [
      { type: 'station.check-helmet', payload: { passed: true } },
      { type: 'station.reopen', payload: {} },
    ] as CommandOf[])
      expect(codesOf(await early(what)), what.type).toEqual(['command.before-site'])
  })
  it('keeps nobody from stopping: a device whose clock is wrong is heard now', async () => {
    expect((await early({ type: 'station.stop', payload: {} })).status).toBe(200)
    const { rows } = await shop.pool.query<{ at: string }>(
      'select body_json ->> \'at\' as at from event where stream_id = $1 and type = \'stopped\'',
      [BAY_1],
    )
    expect(rows.map(row => row.at)).toEqual([new Date(shop.clock.nowMs()).toISOString()])
  })
  it('says nothing of a round: that is refused', async () => {
    const answer = await shop.send(lead(), [permitStream('nowhere')], { type: 'permit.round', payload: {} }, { at })
    expect(codesOf(answer)).toEqual(['command.before-site'])
  })
})

describe('what nobody should ask', () => {
  it('a list by the name of what every object has is no list', async () => {
    await ok(lead(), kitItemStream('gr-1'), { type: 'item.register', payload: COMMAND_SAMPLES['item.register'] })
    for (const listId of ['__proto__', 'constructor', 'toString']) {
      const answer = await send(lead(), kitItemStream('gr-1'), { type: 'item.inspect', payload: { listId, listVersion: 1, answers: {} } })
      // Somebody looked at the thing: that is recorded, and counts for nothing.
      expect([answer.status, codesOf(answer)], listId).toEqual([200, ['kit.list-of-other-kind']])
    }
  })
  it('a permit extended to before it ends is refused, and breaks nothing', async () => {
    const permit = permitStream('backwards')
    await ok(lead(), personStream('kit'), { type: 'person.add', payload: person(['welder']) })
    await ok(lead(), permit, { type: 'permit.request', payload: COMMAND_SAMPLES['permit.request'] })
    const answer = await shop.send({ ...lead(), isSigned: true }, [permit], {
      type: 'permit.extend',
      payload: { untilAt: '2026-01-10T08:00:00.000Z' },
    })
    expect(answer.status).toBe(409)
  })
})

describe('two at once', () => {
  it('two safety leads who demote each other leave one, every time', async () => {
    await ok(lead(), personStream('second'), { type: 'person.add', payload: person(['safety-lead']) })
    for (let i = 0; i < 40; i++) {
      await Promise.all([
        send(lead(), personStream('second'), { type: 'person.change', payload: person(['auditor']) }),
        send(shop.as(['safety-lead'], 'second'), personStream('lead'), { type: 'person.change', payload: person(['auditor']) }),
      ])
      expect(await countSafetyLeads(shop.pool, shop.siteId, [])).toBe(1)
      const left = (await readPerson(shop.pool, shop.siteId, 'lead'))!.roles.includes('safety-lead') ? 'lead' : 'second'
      await ok(shop.as(['safety-lead'], left), personStream(left === 'lead' ? 'second' : 'lead'), {
        type: 'person.change',
        payload: person(['safety-lead']),
      })
    }
  })
  it('nobody stands at a bay after they left', async () => {
    for (let i = 0; i < 30; i++) {
      const id = `leaver-${i}`
      await ok(lead(), personStream(id), { type: 'person.add', payload: person(['welder']) })
      await Promise.all([
        send(lead(), BAY_2, { type: 'station.place-person', payload: { personId: id } }),
        send(lead(), personStream(id), { type: 'person.leave', payload: {} }),
      ])
      const stands = (await readStations(shop.pool, shop.siteId)).some(({ facts }) => facts.personId === id)
      expect(stands, id).toBe(false)
    }
  })
  it('no permit is at work without its extinguisher, whichever of the two came first', async () => {
    const signed = { ...lead(), isSigned: true }
    for (const [id, role] of [
      ['hedda', 'permit-authoriser'],
      ['ada', 'fire-watch'],
    ] as const)
      await ok(lead(), personStream(id), { type: 'person.add', payload: person([role]) })
    let refused = 0
    for (let i = 0; i < 20; i++) {
      const [permit, tag] = [permitStream(`race-${i}`), kitItemStream(`ex-${i + 1}`)]
      const payload = { ...COMMAND_SAMPLES['permit.request'], place: { where: `Far quay ${i}`, placeId: null, bayId: null } }
      await ok(shop.as(['welder'], 'kit'), permit, { type: 'permit.request', payload })
      const asked = (await readPermit(shop.pool, shop.siteId, `race-${i}`))!.permit
      for (const { id } of asked.plan.precautions)
        await ok(shop.as(['welder'], 'kit'), permit, { type: 'permit.see-to', payload: { precaution: id, how: 'done' } })
      await bringExtinguisher(shop, `ex-${i + 1}`, `race-${i}`)
      const authorise = () => send(signed, permit, {
        type: 'permit.authorise',
        payload: {
          watcherIds: ['ada'],
          secondChannel: 'radio',
          nearSeen: ['backwards', ...Array.from({ length: i }, (_, n) => `race-${n}`)],
        },
      })
      const tagOut = () => send(lead(), tag, { type: 'item.tag-out', payload: { reason: 'pin gone' } })
      // Now the one and now the other sets out first: else a slow machine never sees the second win.
      const out = i % 2 === 1 ? tagOut() : null
      const [first] = await Promise.all([authorise(), out ?? tagOut()])
      if (first.status === 200) {
        await ok(shop.as(['fire-watch'], 'ada'), permit, { type: 'permit.take-post', payload: {} })
        expect(codesOf(await send(lead(), permit, { type: 'permit.start-work', payload: {} }))).toContain('permit.kit-out')
      } else {
        refused++
        expect(codesOf(first)).toContain('permit.kit-out')
      }
      // Whoever watched is free again for the next.
      await ok(
        signed,
        permit,
        first.status === 200
          ? { type: 'permit.revoke', payload: { reason: 'race' } }
          : { type: 'permit.refuse', payload: { reason: 'race' } },
      )
    }
    expect(refused).toBeGreaterThan(0)
  })
  it('rebuilding while others write loses nothing that is born meanwhile', async () => {
    const added = Promise.all(
      Array.from({ length: 30 }, (_, i) =>
        handleCommand(shop.door, lead(), shop.command([personStream(`born-${i}`)], { type: 'person.add', payload: person(['welder']) })),
      ),
    )
    const rebuilt = [rebuild(shop.pool), rebuild(shop.pool)]
    expect((await added).every(({ status }) => status === 200)).toBe(true)
    await Promise.all(rebuilt)
    expect(await count(shop.pool, 'select count(*) from person_reading where person_id like \'born-%\'')).toBe(30)
  })
})
