import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { connectingSteps } from '#core/cylinder/guided-steps'
import { cylinderStream, permitStream, SITE_STREAM } from '#core/ids/streams'
import type { CommandOf } from '#core/streams/commands'
import type { SiteCommands } from '#core/streams/site/site'
import type { Answer } from '#server/door/door'
import { readStations } from '#server/tables/station'
import { COMMAND_SAMPLES } from '../command-samples'
import { BAY_1, BAY_2, JOB, layAcetylene, openShop } from './shop'
import type { Shop } from './shop'

// Nobody closes a hall, an area or a bay over who works there, a permit that is not over, or a cylinder that stands there; and no work
// begins where nothing is in use.

let shop: Shop
const lead = () => shop.as(['safety-lead'])
const codesOf = ({ body }: Answer) => body.findings.map(({ code }) => code)
const ok = async (streamId: string, what: CommandOf) => {
  const answer = await shop.send(lead(), [streamId], what)
  expect(answer.status, `${what.type} ${JSON.stringify(answer.body)}`).toBe(200)
}
const change = (type: keyof SiteCommands, payload: object) => shop.send(lead(), [SITE_STREAM], { type, payload } as CommandOf)
const changeBay = (over: object) => change('site.change-bay', { bayId: 'bay-1', areaId: 'area', label: '1', kind: 'designated', ...over })
const closings = {
  hall: () => change('site.change-hall', { hallId: 'hall', name: 'Hall', closed: true }),
  area: () => change('site.change-area', { areaId: 'area', hallId: 'hall', name: 'Area', closed: true }),
  bay: () => changeBay({ closed: true }),
}
const place = (personId: string | null): CommandOf => ({ type: 'station.place-person', payload: { personId } })
const PERMIT = permitStream('p-1')

beforeAll(async () => {
  shop = await openShop()
  await layAcetylene(shop, lead())
  shop.clock.set('2026-11-23T10:00:00.000Z')
})
afterAll(() => shop.close())

async function isKeptOpenBy(code: string) {
  for (const [what, close] of Object.entries(closings)) expect(codesOf(await close()), what).toEqual([code])
}

describe('a hall, an area, a bay', () => {
  it('is closed over nobody who works there', async () => {
    await ok(BAY_1, place('maren'))
    await isKeptOpenBy('site.person-still-there')
    await ok(BAY_1, place(null))
  })
  it('is closed over no cylinder that stands there', async () => {
    const AC_1 = cylinderStream('ac-1')
    await ok(AC_1, { type: 'cylinder.connect', payload: { bayId: 'bay-1', steps: connectingSteps('acetylene') } })
    await isKeptOpenBy('site.cylinder-still-there')
    const { body } = await closings.bay()
    expect(body.findings[0]).toMatchObject({ values: { bay: '1', tag: 'AC-1' } })
    await ok(AC_1, { type: 'cylinder.disconnect', payload: { isCapped: true } })
    await ok(AC_1, {
      type: 'cylinder.place',
      payload: { placeId: 'store', xM: 1, yM: 1, isUpright: true, isSecured: true, isCapped: true },
    })
  })
  it('is closed over no permit that is not over, not even one that was only asked for', async () => {
    const asked = COMMAND_SAMPLES['permit.request']
    await ok(PERMIT, {
      type: 'permit.request',
      payload: {
        ...asked,
        place: { where: 'Bay 1', placeId: null, bayId: 'bay-1' },
        operatorIds: ['maren'],
        fromAt: '2026-11-23T11:00:00.000Z',
        untilAt: '2026-11-23T13:00:00.000Z',
      },
    })
    await isKeptOpenBy('site.permit-still-there')
    // Nor made a bay of another kind, which would need no permit; a name is changed all the same.
    expect(codesOf(await changeBay({ kind: 'structure', closed: false }))).toEqual(['site.permit-still-there'])
    expect((await changeBay({ label: '1', closed: false })).status).toBe(200)
    await ok(PERMIT, { type: 'permit.refuse', payload: { reason: 'Moved to the yard' } })
  })
  it('says all that keeps it open at once', async () => {
    await ok(BAY_1, place('maren'))
    await ok(BAY_2, place('lead'))
    expect(codesOf(await closings.hall())).toEqual(['site.person-still-there', 'site.person-still-there'])
    for (const bay of [BAY_1, BAY_2]) await ok(bay, place(null))
  })
  it('is still called otherwise and moved with people in it', async () => {
    await ok(BAY_1, place('maren'))
    expect((await changeBay({ label: '1a', kind: 'structure', closed: false })).status).toBe(200)
    expect((await change('site.change-hall', { hallId: 'hall', name: 'Long hall', closed: false })).status).toBe(200)
    await ok(BAY_1, place(null))
  })
  it('closed and placed at in the same moment, one of the two is refused', async () => {
    for (let round = 0; round < 6; round++) {
      const [closed, placed] = await Promise.all(
        round % 2 === 0
          ? [closings.bay(), shop.send(lead(), [BAY_1], place('maren'))]
          : [shop.send(lead(), [BAY_1], place('maren')), closings.bay()].reverse() as [Promise<Answer>, Promise<Answer>],
      )
      expect([closed.status, placed.status].sort(), `${round}`).toEqual([200, 409])
      await (closed.status === 200 ? changeBay({ closed: false }) : ok(BAY_1, place(null)))
    }
  })
})

describe('what is used again on the same day', () => {
  it('keeps none of its looks: fire and extraction were seen before it was closed', async () => {
    const looks = [
      { type: 'station.place-hood', payload: { placement: 'beside', distanceM: 0.2 } },
      { type: 'station.check-extraction', payload: { on: true, damperOpen: true, inPosition: true, draws: true } },
      { type: 'station.check-fire', payload: { answers: COMMAND_SAMPLES['station.check-fire'].answers } },
    ] as CommandOf[]
    const seen = async () => {
      const { facts } = (await readStations(shop.pool, shop.siteId)).find(({ bayId }) => bayId === 'bay-1')!
      return [facts.hoodPosition, facts.extractionCheck, facts.fireCheck].map(one => one !== null)
    }
    for (const look of looks) await ok(BAY_1, look)
    expect(await seen()).toEqual([true, true, true])
    expect((await closings.bay()).status).toBe(200)
    expect((await changeBay({ closed: false })).status).toBe(200)
    expect(await seen()).toEqual([false, false, false])
    for (const look of looks) await ok(BAY_1, look)
    expect((await change('site.add-area', { areaId: 'far', hallId: 'hall', name: 'Far end' })).status).toBe(200)
    expect((await changeBay({ areaId: 'far' })).status).toBe(200)
    expect(await seen()).toEqual([false, false, false])
    expect((await changeBay({})).status).toBe(200)
  })
})

describe('what is out of use', () => {
  beforeAll(async () => {
    expect((await closings.bay()).status).toBe(200)
  })
  it('takes no job and nobody, by themselves or with a class', async () => {
    for (const what of [
      { type: 'station.set-job', payload: { job: JOB } },
      place('maren'),
      { type: 'station.place-people', payload: { people: { 'bay-1': 'maren' } } },
    ] as CommandOf[])
      expect(codesOf(await shop.send(lead(), [BAY_1], what)), what.type).toEqual(['command.place-closed'])
    await ok(BAY_1, place(null))
  })
  it('takes no permit; an arc that was struck there is heard and watched all the same', async () => {
    const place = { where: 'Bay 1', placeId: null, bayId: 'bay-1' }
    const asked = { type: 'permit.request', payload: { ...COMMAND_SAMPLES['permit.request'], place } } as const
    expect(codesOf(await shop.send(lead(), [permitStream('p-2')], asked))).toEqual(['command.bay-unknown'])
    await ok(permitStream('p-3'), { type: 'permit.report-arc', payload: { place } })
  })
  it('is stopped all the same, by itself and with all', async () => {
    const stoppedBays = async () =>
      (await readStations(shop.pool, shop.siteId)).filter(({ facts }) => facts.stop !== null).map(({ bayId }) => bayId)
    await shop.send(lead(), [], { type: 'station.stop-all', payload: {} })
    expect(await stoppedBays()).toEqual(['bay-1', 'bay-2'])
  })
})
