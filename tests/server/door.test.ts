import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { readLanguage, setLanguage } from '#server/tables/preference'
import { handleCommand } from '#server/door/handle'
import { readStations } from '#server/tables/station'
import { BAY_1, BAY_2, count, JOB, openShop } from './shop'
import type { Shop } from './shop'
import type { PersonProfile } from '#core/streams/person/person'
import { HOUSE_RULES_STREAM, personStream } from '#core/ids/streams'

let shop: Shop
beforeAll(async () => {
  shop = await openShop()
})
afterAll(() => shop.close())

const events = (streamId: string, type: string) =>
  count(shop.pool, 'select count(*) from event where site_id = $1 and stream_id = $2 and type = $3', [shop.siteId, streamId, type])
const instructor = () => shop.as(['instructor'], 'maren')
const versionOf = async (bayId: string) =>
  (await readStations(shop.pool, shop.siteId)).find(station => station.bayId === bayId)?.version ?? 0
const codesOf = (answer: { readonly body: object }) => (answer.body as { findings: { code: string }[] }).findings.map(({ code }) => code)

describe('the one door', () => {
  it('gives one event for the same command sent 100 times at once, and the same answer each time', async () => {
    const command = shop.command([BAY_1], { type: 'station.set-job', payload: { job: JOB } })
    const answers = await Promise.all(Array.from({ length: 100 }, () => handleCommand(shop.door, instructor(), command)))
    expect(await events(BAY_1, 'job-set')).toBe(1)
    expect(new Set(answers.map(answer => JSON.stringify(Object.entries(answer.body).sort()))).size).toBe(1)
    expect(answers.every(({ status }) => status === 200)).toBe(true)
  })

  it('refuses the same id with another payload', async () => {
    const command = shop.command([BAY_1], { type: 'station.set-helmet', payload: { shade: 11 } })
    expect((await handleCommand(shop.door, instructor(), command)).status).toBe(200)
    const other = await handleCommand(shop.door, instructor(), { ...command, type: 'station.set-helmet', payload: { shade: 12 } })
    expect([other.status, codesOf(other)]).toEqual([409, ['command.id-reused']])
  })

  it('lets one of two who change a bay at once through, and gives the other the reason', async () => {
    const expectedVersion = await versionOf('bay-1')
    const both = await Promise.all(
      [150, 160].map(currentA =>
        shop.send(
          instructor(),
          [],
          { type: 'station.set-job', payload: { job: { ...JOB, currentA } } },
          { streams: [{ id: BAY_1, expectedVersion }] },
        ),
      ),
    )
    expect(both.map(({ status }) => status).sort()).toEqual([200, 409])
    expect(codesOf(both.find(({ status }) => status === 409)!)).toEqual(['command.stale'])
  })

  it('never refuses a report of fact for being late to know', async () => {
    const stale = await shop.send(
      instructor(),
      [],
      { type: 'station.check-helmet', payload: { passed: true } },
      { streams: [{ id: BAY_1, expectedVersion: 0 }] },
    )
    expect(stale.status).toBe(200)
    const late = await shop.send(
      shop.as(['learner'], 'imke'),
      [BAY_2],
      { type: 'station.stop', payload: {} },
      { at: '2026-11-23T07:00:00.000Z' },
    )
    expect(codesOf(late)).toEqual(['command.late-report'])
  })

  it('takes no instant from the future', async () => {
    await shop.send(instructor(), [BAY_2], { type: 'station.check-helmet', payload: { passed: true } }, { at: '2036-01-01T00:00:00.000Z' })
    const bay = (await readStations(shop.pool, shop.siteId)).find(({ bayId }) => bayId === 'bay-2')!
    expect(bay.facts.helmetCheck).toMatchObject({ at: '2026-11-23T08:00:00.000Z', validUntil: '2026-11-24T04:00:00.000Z' })
  })

  it('asks for rights, and names them', async () => {
    const learner = await shop.send(shop.as(['learner'], 'imke'), [BAY_1], { type: 'station.set-job', payload: { job: JOB } })
    expect([learner.status, codesOf(learner)]).toEqual([409, ['command.not-allowed']])
    const elsewhere = { ...instructor(), holder: { roles: ['instructor'], areaId: 'another', bayId: null } as const }
    expect((await shop.send(elsewhere, [BAY_2], { type: 'station.reopen', payload: {} })).status).toBe(409)
    // What nobody named cannot have been put right.
    expect(codesOf(await shop.send(instructor(), [BAY_2], { type: 'station.reopen', payload: {} }))).toEqual(['command.stop-reason-first'])
    expect((await shop.send(instructor(), [BAY_2], { type: 'station.reopen', payload: { note: 'a false alarm' } })).status).toBe(200)
  })

  it.each([
    [['station/bay-99'], 'command.bay-unknown'],
    [['person/maren'], 'command.unknown-stream'],
    [['nonsense'], 'command.unknown-stream'],
    [[], 'command.unknown-stream'],
  ])('refuses streams %o with %s', async (streams, code) => {
    expect(codesOf(await shop.send(instructor(), streams, { type: 'station.clear-job', payload: {} }))).toEqual([code])
  })

  it('sets one job on many bays, all or none', async () => {
    const streams = [{ id: BAY_1, expectedVersion: null }, { id: BAY_2, expectedVersion: 0 }]
    const before = await versionOf('bay-1')
    expect((await shop.send(instructor(), [], { type: 'station.set-job', payload: { job: JOB } }, { streams })).status).toBe(409)
    expect(await versionOf('bay-1')).toBe(before)
    const done = await shop.send(instructor(), [BAY_1, BAY_2], { type: 'station.set-job', payload: { job: { ...JOB, currentA: 77 } } })
    expect(done).toMatchObject({ status: 200, body: { streams: [{ id: BAY_1 }, { id: BAY_2 }] } })
    const stations = await readStations(shop.pool, shop.siteId)
    expect(stations.map(({ facts }) => facts.job?.currentA)).toEqual([77, 77])
  })

  it('stops every bay without being told which', async () => {
    await shop.send(shop.as(['learner'], 'imke'), [], { type: 'station.stop-all', payload: {} })
    expect(await count(shop.pool, 'select count(*) from station_reading where site_id = $1 and stopped', [shop.siteId])).toBe(2)
    for (const bay of [BAY_1, BAY_2]) await shop.send(instructor(), [bay], { type: 'station.reopen', payload: { note: 'a drill' } })
  })

  it('records at every bay what a change of house rules changes for it', async () => {
    await shop.send(instructor(), [BAY_1], { type: 'station.set-helmet', payload: { shade: 10 } })
    const before = await events(BAY_1, 'gate-changed')
    const lead = shop.as(['safety-lead'])
    const changed = await shop.send(lead, [HOUSE_RULES_STREAM], {
      type: 'house-rules.change',
      payload: { ...NEW_SITE_RULES, shadeMinimum: 13 },
    })
    expect(changed.status).toBe(200)
    expect(await events(BAY_1, 'gate-changed')).toBe(before + 1)
    expect(
      (await shop.send(lead, [HOUSE_RULES_STREAM], { type: 'house-rules.change', payload: { ...NEW_SITE_RULES, shadeMinimum: 13 } }))
        .body,
    ).toMatchObject({ findings: [] })
  })

  it('refuses people and places that do not exist', async () => {
    const place = (personId: string) => shop.send(instructor(), [BAY_1], { type: 'station.place-person', payload: { personId } })
    expect(codesOf(await place('ghost'))).toEqual(['command.person-unknown'])
    expect((await place('maren')).status).toBe(200)
    const lead = shop.as(['safety-lead'])
    const add = (payload: { areaId: string | null, bayId: string | null }) =>
      shop.send(lead, [personStream(randomUUID())], { type: 'person.add', payload: { name: 'Teo', roles: ['learner'], ...payload } })
    expect(codesOf(await add({ areaId: 'moon', bayId: null }))).toEqual(['command.unknown-stream'])
    expect(codesOf(await add({ areaId: null, bayId: 'bay-99' }))).toEqual(['command.bay-unknown'])
    expect(codesOf(await shop.send(lead, [personStream('lead')], { type: 'person.leave', payload: {} }))).toEqual([
      'command.last-safety-lead',
    ])
  })

  it('takes whoever leaves from the bays where they stood, in the same breath, and says what it changes there', async () => {
    const lead = shop.as(['safety-lead'])
    expect(
      (
        await shop.send(lead, [personStream('guest')], {
          type: 'person.add',
          payload: { name: 'Guest', roles: ['welder'], areaId: null, bayId: null },
        })
      ).status,
    ).toBe(200)
    expect((await shop.send(instructor(), [BAY_2], { type: 'station.place-person', payload: { personId: 'guest' } })).status).toBe(200)
    const standing = async () =>
      (
        await shop.pool.query<{ person_id: string | null }>('select person_id from station_reading where site_id = $1 and bay_id = $2', [
          shop.siteId,
          BAY_2.slice(8),
        ])
      ).rows[0]?.person_id
    expect(await standing()).toBe('guest')
    await setLanguage(shop.pool, shop.siteId, 'guest', 'es')
    const left = await shop.send(lead, [personStream('guest')], { type: 'person.leave', payload: {} })
    expect(left.status).toBe(200)
    expect(await readLanguage(shop.pool, shop.siteId, 'guest')).toBeNull()
    expect(await standing()).toBeNull()
    expect(await events(BAY_2, 'person-placed')).toBe(2)
  })

  it('a list of people is taken whole or not at all, and says nothing of anybody it does not name', async () => {
    const lead = shop.as(['safety-lead'])
    const profile: PersonProfile = { name: 'Enrolled', roles: ['learner'], areaId: null, bayId: null, group: 'Tuesday' }
    const enrol = (streams: readonly string[], people: Record<string, PersonProfile>) =>
      shop.send(lead, streams.map(personStream), { type: 'person.enrol', payload: { people } })
    const there = () => count(shop.pool, `select count(*) from person_reading where name = 'Enrolled'`)
    expect(codesOf(await enrol(['en-1', 'en-2'], { 'en-1': profile, 'en-2': { ...profile, bayId: 'bay-99' } }))).toEqual([
      'command.bay-unknown',
    ])
    expect(codesOf(await enrol(['en-1'], { 'en-1': profile, 'en-2': profile }))).toEqual(['command.unknown-stream'])
    expect(codesOf(await enrol(['en-1', 'en-2'], { 'en-1': profile }))).toEqual(['command.person-unknown'])
    expect(await there()).toBe(0)
    expect((await enrol(['en-1', 'en-2'], { 'en-1': profile, 'en-2': profile })).status).toBe(200)
    expect(await there()).toBe(2)
  })

  it('a class is placed whole or not at all', async () => {
    const place = (streams: readonly string[], people: Record<string, string | null>) =>
      shop.send(instructor(), streams, { type: 'station.place-people', payload: { people } })
    const standing = async () =>
      Object.fromEntries((await readStations(shop.pool, shop.siteId)).map(one => [one.bayId, one.facts.personId]))
    const before = await standing()
    expect(codesOf(await place([BAY_1, BAY_2], { 'bay-1': 'en-1', 'bay-2': 'ghost' }))).toEqual(['command.person-unknown'])
    expect(codesOf(await place([BAY_1], { 'bay-1': 'en-1', 'bay-2': 'en-2' }))).toEqual(['command.unknown-stream'])
    expect(codesOf(await place([BAY_1, BAY_2], { 'bay-1': 'en-1' }))).toEqual(['command.bay-unknown'])
    expect(await standing()).toEqual(before)
    expect((await place([BAY_1, BAY_2], { 'bay-1': 'en-1', 'bay-2': 'en-2' })).status).toBe(200)
    expect(await standing()).toMatchObject({ 'bay-1': 'en-1', 'bay-2': 'en-2' })
    await place([BAY_1, BAY_2], { 'bay-1': 'maren', 'bay-2': null })
  })

  it('numbers the events of a site without gaps, whoever writes at once', async () => {
    await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        shop.send(instructor(), [i % 2 ? BAY_1 : BAY_2], { type: 'station.set-helmet', payload: { shade: 9 + (i % 5) } }),
      ),
    )
    const { rows } = await shop.pool.query<{ position: number }>('select position from event where site_id = $1 order by position', [
      shop.siteId,
    ])
    expect(rows.map(({ position }) => position)).toEqual(rows.map((_, i) => i + 1))
  })

  it('keeps two sites apart', async () => {
    const caller = { ...instructor(), siteId: 'elsewhere' }
    expect((await shop.send(caller, [BAY_1], { type: 'station.stop', payload: {} })).status).toBe(409)
    expect(await count(shop.pool, `select count(*) from event where site_id = 'elsewhere'`)).toBe(0)
  })
})

it('two safety leads who go by one command do not each count on the other to stay', async () => {
  const own = await openShop('two-leads')
  try {
    const system = { ...own.as(['safety-lead']), holder: 'system' as const }
    const profile = (name: string, roles: readonly ['safety-lead'] | readonly ['welder']) => ({ name, roles, areaId: null, bayId: null })
    for (const id of ['second', 'third'])
      expect((await own.send(system, [personStream(id)], { type: 'person.add', payload: profile(id, ['safety-lead']) })).status).toBe(200)
    const all = ['lead', 'second', 'third'].map(personStream)
    expect(codesOf(await own.send(system, all, { type: 'person.leave', payload: {} }))).toEqual(['command.last-safety-lead'])
    expect(codesOf(await own.send(system, all, { type: 'person.change', payload: profile('x', ['welder']) }))).toEqual([
      'command.last-safety-lead',
    ])
    // Of three two may go together; the one who is left may not.
    expect((await own.send(system, all.slice(1), { type: 'person.leave', payload: {} })).status).toBe(200)
    expect(codesOf(await own.send(system, [all[0]!], { type: 'person.leave', payload: {} }))).toEqual(['command.last-safety-lead'])
  } finally { await own.close() }
})
