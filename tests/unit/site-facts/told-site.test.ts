import { describe, expect, it } from 'vitest'
import { judgeSite } from '#core/site-facts/judge-site'
import type { SiteAsTold, Told } from '#core/site-facts/told-site'
import { factsFromTold } from '#core/site-facts/told-site'
import { assessClearanceRequest } from '#shared/contract/clearance-schema'
import { TWO_BAY_SHOP, twoBayShop } from '../../../demo/two-bay-shop'

const read = (shop: typeof TWO_BAY_SHOP) =>
  judgeSite(factsFromTold(shop).facts).map(({ bay, verdict }) =>
    `${bay.bayId} ${verdict.word} ${verdict.gates
      .filter(({ state }) => state !== 'open' && state !== 'not-needed')
      .map(({ gate, findings }) => `${gate}: ${findings[0]!.code}`)
      .join(', ')}`.trim(),
  )

it('a shop told in full is clear where everything was done, and all of it is accepted', () => {
  expect(factsFromTold(TWO_BAY_SHOP).unaccepted).toEqual([])
  expect(read(TWO_BAY_SHOP)).toEqual(['bay-1 clear-to-strike', 'gate-3 hold fire: permit.unheard'])
  expect(read(twoBayShop(true))).toEqual(['bay-1 clear-to-strike', 'gate-3 clear-to-strike'])
})
it('says how old the oldest fact of a bay is', () => {
  expect(judgeSite(factsFromTold(TWO_BAY_SHOP).facts).map(({ oldestFactAt }) => oldestFactAt)).toEqual([
    '2026-11-28T08:00:00.000Z',
    '2026-11-28T08:00:00.000Z',
  ])
})
it('what is not accepted is said with its reasons and changes nothing', () => {
  const cylinder = TWO_BAY_SHOP.told.findIndex(({ type }) => type === 'cylinder.connect')
  const shop = {
    ...TWO_BAY_SHOP,
    told: TWO_BAY_SHOP.told.map((one, i) => (i === cylinder ? ({ ...one, payload: { bayId: 'bay-1', steps: [] } } as typeof one) : one)),
  }
  expect(factsFromTold(shop).unaccepted).toMatchObject([{ index: cylinder, findings: [{ code: 'cylinder.steps-missing' }] }])
  expect(read(shop)[0]).toBe('bay-1 hold gas: gas.none-connected')
})
it('runs the clocks of its permits: past a round that nobody made, the work stands', () => {
  const later = { ...twoBayShop(true), now: '2026-11-28T10:00:00.000Z' }
  expect(read(later)[1]).toBe('gate-3 stopped fire: permit.suspended')
  expect(factsFromTold(later).facts.permits[0]!.permit).toMatchObject({
    phase: 'suspended',
    suspension: { cause: 'round-overdue', by: 'clock' },
  })
})
it('nothing told of the future counts before it is so', () => {
  const early = { ...twoBayShop(true), now: '2026-11-28T08:05:00.000Z' }
  expect(
    judgeSite(factsFromTold(early).facts).every(({ station }) => station.helmetCheck === null || station.helmetCheck.at <= early.now),
  ).toBe(true)
})

const told = (stream: string, type: Told['type'], payload: unknown, by = 'maren-holt', at = '2026-11-28T08:50:00.000Z'): Told =>
  ({ stream, type, payload, by, at }) as Told
const andThen = (...more: readonly Told[]): SiteAsTold => ({ ...twoBayShop(true), told: [...twoBayShop(true).told, ...more] })
const refusedBy = (shop: SiteAsTold) => factsFromTold(shop).unaccepted.flatMap(({ findings }) => findings.map(({ code }) => code))

describe('what the door refuses is refused here too', () => {
  it.each([
    ['a watcher on post placed at a bay', told('station/bay-1', 'station.place-person', { personId: 'wim-askew' }), 'permit.on-post'],
    ['a watcher on post who helps at an arc', told('station/bay-1', 'station.take-helper', { personId: 'wim-askew' }), 'permit.on-post'],
    ['a watcher on post who leaves the site', told('person/wim-askew', 'person.leave', {}), 'permit.on-post'],
    ['somebody nobody knows, placed', told('station/bay-1', 'station.place-person', { personId: 'nobody' }), 'command.person-unknown'],
    ['a post taken by somebody nobody knows', told('permit/gate-3-strap', 'permit.take-post', {}, 'nobody'), 'command.person-unknown'],
    ['a bay that is not there', told('station/bay-9', 'station.set-helmet', { shade: 11 }), 'command.bay-unknown'],
    [
      'a cylinder at a bay that is not there',
      told('cylinder/ar-1', 'cylinder.connect', { bayId: 'bay-9', steps: [] }),
      'kit.assigned-nowhere',
    ],
    [
      'a cylinder in a place that is not there',
      told('cylinder/ar-1', 'cylinder.place', { placeId: 'attic', xM: 0, yM: 0 }),
      'kit.assigned-nowhere',
    ],
    ['a hall that is not there', told('hall/attic', 'hall.fit-bay', { bayId: 'bay-1', fitted: null }), 'command.unknown-stream'],
    ['a bay fitted in another hall', told('hall/lockside', 'hall.fit-bay', { bayId: 'bay-1', fitted: null }), 'command.bay-unknown'],
    ['a stream of another kind', told('item/m-bay-1', 'cylinder.note-empty', {}), 'command.unknown-stream'],
    ['a command of the system', told('station/bay-1', 'station.lapse-checks', {}), 'command.unknown-stream'],
    [
      'a bay closed over who works there and what stands there',
      told('site', 'site.change-bay', { bayId: 'bay-1', areaId: 'tender-bays', label: '1', kind: 'designated', closed: true }),
      'site.person-still-there site.cylinder-still-there',
    ],
    [
      'a hall closed over a permit',
      told('site', 'site.change-hall', { hallId: 'lockside', name: 'Lockside', closed: true }),
      'site.person-still-there site.permit-still-there',
    ],
    [
      'samples of a day to come',
      told('samples/bay-1', 'samples.record', { surveyId: 'a', substance: 'manganese', takenOn: '2027-01-01', results: [] }),
      'samples.day-to-come',
    ],
  ])('%s', (_name, one, codes) => expect(refusedBy(andThen(one))).toEqual(codes.split(' ')))
  it('whoever leaves the site stands at none of its bays: the bay holds', () => {
    const { facts } = factsFromTold(andThen(told('person/runa-okafor', 'person.leave', {})))
    const [tig] = judgeSite(facts)
    expect([tig!.station.personId, tig!.verdict.word]).toEqual([null, 'hold'])
  })
  it('a danger stops the bays it stands at, in the words that are given for it', () => {
    const shop = andThen(told('cylinder/ar-1', 'cylinder.report-danger', { danger: 'leak' }))
    const [tig, gate] = judgeSite(factsFromTold(shop, ({ code, severity }) => `${severity}: ${code}`).facts)
    expect(tig!.station.stop).toMatchObject({ by: 'maren-holt', reason: 'stop: cylinder.danger' })
    expect([tig!.verdict.word, gate!.station.stop]).toEqual(['stopped', null])
  })
  it('hot work stops when what it rests on is tagged out', () => {
    const kit = factsFromTold(twoBayShop(true)).facts.items.find(
      ({ kind, assignment }) => kind === 'extinguisher' && assignment?.id === 'gate-3',
    )!
    const { facts } = factsFromTold(andThen(told(`item/${kit.tag.toLowerCase()}`, 'item.tag-out', { reason: 'pin gone' })))
    expect(facts.permits[0]!.permit).toMatchObject({ phase: 'suspended', suspension: { cause: 'kit' } })
  })
  it('watchers that nobody knows authorise nothing: the permit stays where it was, and the bay holds', () => {
    const full = twoBayShop(true)
    const shop = {
      ...full,
      told: full.told.map(one =>
        one.type === 'permit.authorise' ? ({ ...one, payload: { ...one.payload, watcherIds: ['ghost'] } } as Told) : one,
      ),
    }
    expect(refusedBy(shop)[0]).toBe('command.person-unknown')
    expect(read(shop)[1]).toMatch(/^gate-3 hold fire: /)
  })
  it('a stop of all stops every bay, and the hot work with it', () => {
    expect(read(andThen(told('', 'station.stop-all', {}))).every(line => line.includes(' stopped '))).toBe(false)
    expect(read(andThen(told('site', 'station.stop-all', {}))).map(line => line.split(' ')[1])).toEqual(['stopped', 'stopped'])
  })
})

describe('the question itself', () => {
  const asked = (over: Partial<SiteAsTold>) => assessClearanceRequest.safeParse({ ...TWO_BAY_SHOP, ...over })
  const paths = (over: Partial<SiteAsTold>) => asked(over).error?.issues.map(({ path }) => path.join('.'))
  it('takes the example as it is', () => expect(asked({}).success).toBe(true))
  it('names what was told of the future, dates of health to come, and a payload that does not fit', () => {
    expect(paths({ now: '2026-11-28T08:43:00.000Z' })).toEqual([expect.stringMatching(/^told\.\d+\.at$/)])
    expect(
      paths({ wearers: [{ personId: 'kit-amari', mask: 'full-p100', fitTestedOn: '2099-01-01', medicallyClearedOn: '2026-11-01' }] }),
    ).toEqual(['wearers.0.fitTestedOn'])
    expect(paths({ told: [told('station/bay-1', 'station.set-helmet', { shade: 99 })] })).toEqual(['told.0.payload.shade'])
  })
  it('is answered while others wait: it is no larger than can be judged at once', () => {
    const bays = Array.from({ length: 41 }, (_, i) =>
      told('site', 'site.add-bay', { bayId: `b-${i}`, areaId: 'tender-bays', label: `${i}`, kind: 'designated' }),
    )
    const permits = Array.from({ length: 21 }, (_, i) => told(`permit/p-${i}`, 'permit.take-post', {}))
    expect([
      asked({ told: bays }).success,
      asked({ told: permits }).success,
      asked({ told: Array.from({ length: 2001 }, () => bays[0]!) }).success,
    ]).toEqual([false, false, false])
  })
})
