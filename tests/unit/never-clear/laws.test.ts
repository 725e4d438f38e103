import { describe, expect, it } from 'vitest'
import { connectingSteps } from '#core/cylinder/guided-steps'
import type { SiteAsTold, Told } from '#core/site-facts/told-site'
import { factsFromTold } from '#core/site-facts/told-site'
import { andThen, CLEAR_SHOP, is, otherwise, readShop, without } from './shops'

const at = (time: string): string => `2026-11-28T${time}:00.000Z`
const tell = (
  stream: string,
  type: Told['type'],
  payload: unknown,
  { by = 'maren-holt', time = '08:50', isSigned = false }: { by?: string, time?: string, isSigned?: boolean } = {},
): Told => ({ stream, type, payload, at: at(time), by, ...(isSigned ? { isSigned } : {}) }) as Told
const changed = (fits: (told: Told) => boolean, over: (payload: Record<string, unknown>) => unknown): SiteAsTold =>
  otherwise(CLEAR_SHOP, fits, one => ({ ...one, payload: over(one.payload as unknown as Record<string, unknown>) }) as Told)
const job = (bay: string, over: object) =>
  changed(is('station.set-job', `station/${bay}`), payload => ({ job: { ...(payload.job as object), ...over } }))
const left = (fits: (told: Told) => boolean): SiteAsTold => without(CLEAR_SHOP, CLEAR_SHOP.told.findIndex(fits))
/** One scenario: a shop that would be clear but for one fact, the bay that holds by it, and the gate and reason that say so. */
type Scenario = readonly [name: string, shop: SiteAsTold, bay: string, gate: string, code?: string]

/** By law, each with the one fact that makes it hold. */
const SCENARIOS: Readonly<Record<string, readonly Scenario[]>> = {
  'Law 1: what is not known never helps': [
    ['a coating nobody looked at', job('bay-1', { coating: undefined }), 'bay-1', 'job'],
    ['a coating nobody can name', job('bay-1', { coating: 'unknown' }), 'bay-1', 'air'],
    ['a primer nobody can name', job('gate-3', { coating: 'primer' }), 'gate-3', 'job', 'job.coating-unnamed'],
    ['arc minutes nobody said', job('bay-1', { arcMinPerH: undefined }), 'bay-1', 'air'],
    ['glasses nobody looked at', left(is('station.check-glasses', 'station/bay-1')), 'bay-1', 'eyes', 'eyes.glasses-not-checked'],
    ['an extraction nobody looked at', left(is('station.check-extraction', 'station/bay-1')), 'bay-1', 'air'],
    ['a hood nobody placed', left(is('station.place-hood', 'station/bay-1')), 'bay-1', 'air'],
    ['a hall of which nobody said how warm it is', left(is('hall.tell-heat', 'hall/boat-shed')), 'bay-1', 'body', 'body.heat-not-told'],
    ['a yard of which nobody said how warm it is', left(is('hall.tell-heat', 'hall/lockside')), 'gate-3', 'body', 'body.heat-not-told'],
    ['a hall nobody described', left(is('hall.describe', 'hall/boat-shed')), 'bay-1', 'air'],
    [
      'a regulator nobody looked at today',
      without(CLEAR_SHOP, CLEAR_SHOP.told.findLastIndex(is('item.inspect', 'item/r-1'))),
      'bay-1',
      'gas',
    ],
    ['joints nobody tested', left(is('cylinder.test-joints')), 'bay-1', 'gas'],
    ['a cylinder nobody read', left(is('cylinder.read')), 'bay-1', 'gas'],
    [
      'an extinguisher whose way nobody measured',
      changed(is('item.assign', 'item/ex-1'), () => ({ assignment: { to: 'bay', id: 'bay-1' } })),
      'bay-1',
      'fire',
    ],
    [
      'an extinguisher whose plate nobody read',
      changed(is('item.register', 'item/ex-1'), payload => ({
        ...payload,
        marks: { extinguisherType: 'dry-chemical', madeOn: '2024-02-01' },
      })),
      'bay-1',
      'fire',
    ],
    [
      'a permit asked without saying whether the place is confined',
      changed(is('permit.request'), payload => ({ ...payload, facts: { ...(payload.facts as object), confined: undefined } })),
      'gate-3',
      'fire',
    ],
    ['a precaution nobody saw to', left(is('permit.see-to')), 'gate-3', 'fire'],
    [
      'a permit without a current',
      changed(is('permit.request'), payload => ({ ...payload, job: { ...(payload.job as object), currentA: undefined } })),
      'gate-3',
      'fire',
    ],
  ],
  'Law 2: a fact speaks only for what it is about': [
    [
      'a hall too hot to work in',
      changed(is('hall.tell-heat', 'hall/boat-shed'), payload => ({ ...payload, warmth: { wbgtC: 31 } })),
      'bay-1',
      'body',
      'body.too-hot',
    ],
    [
      'a permit for another process',
      changed(is('permit.request'), payload => ({ ...payload, job: { ...(payload.job as object), process: 'gtaw' } })),
      'gate-3',
      'fire',
      'permit.other-process',
    ],
    [
      'a permit for another person',
      changed(is('permit.request'), payload => ({ ...payload, operatorIds: ['runa-okafor'] })),
      'gate-3',
      'fire',
      'permit.other-operator',
    ],
    [
      'more current than the permit is for',
      changed(is('permit.request'), payload => ({ ...payload, job: { ...(payload.job as object), currentA: 90 } })),
      'gate-3',
      'fire',
      'permit.current-over',
    ],
    [
      'an extinguisher that does not suit what burns here',
      changed(is('item.register', 'item/ex-1'), payload => ({
        ...payload,
        marks: { extinguisherType: 'carbon-dioxide', extinguisherRating: '89B', madeOn: '2024-02-01' },
      })),
      'bay-1',
      'fire',
    ],
    [
      'an extinguisher that hangs too far',
      changed(is('item.assign', 'item/ex-1'), () => ({ assignment: { to: 'bay', id: 'bay-1', distanceM: 60 } })),
      'bay-1',
      'fire',
    ],
    [
      'a helmet that leaks light today',
      changed(is('station.check-helmet', 'station/bay-1'), () => ({ passed: false, fault: 'light-leak' })),
      'bay-1',
      'eyes',
    ],
    [
      'checks of whoever stood here before',
      andThen(CLEAR_SHOP, tell('station/bay-1', 'station.place-person', { personId: 'jun-pell' })),
      'bay-1',
      'eyes',
    ],
    [
      'a helper whose eyes nobody looked at',
      andThen(CLEAR_SHOP, tell('station/bay-1', 'station.take-helper', { personId: 'jun-pell' })),
      'bay-1',
      'eyes',
      'eyes.helper-unseen',
    ],
    [
      'a helper behind too light a shade',
      andThen(
        CLEAR_SHOP,
        tell('station/bay-1', 'station.take-helper', { personId: 'jun-pell' }),
        tell('station/bay-1', 'station.check-helper', { personId: 'jun-pell', shade: 5, glasses: 'clear-rated' }),
      ),
      'bay-1',
      'eyes',
      'eyes.helper-lighter',
    ],
    [
      'a cylinder of another gas',
      changed(is('cylinder.receive'), payload => ({ ...payload, gas: { 'argon': 75, 'carbon-dioxide': 25 } })),
      'bay-1',
      'gas',
    ],
    [
      'oxygen left connected beside a job that takes no gas',
      andThen(
        without(CLEAR_SHOP, ...CLEAR_SHOP.told.flatMap((one, i) => (one.stream === 'cylinder/ar-1' ? [i] : []))),
        tell(
          'cylinder/ox-1',
          'cylinder.receive',
          {
            gas: 'oxygen',
            owner: 'rented',
            stamps: 'DOT-3AA2400 / 4-18 / 4-23',
            waterVolumeL: 44,
            lay: null,
            place: { placeId: 'store', xM: 41, yM: 1, isUpright: true, isSecured: true, isCapped: true },
          },
          { by: 'jun-pell' },
        ),
        tell('station/bay-1', 'station.clear-job', {}),
        tell('cylinder/ox-1', 'cylinder.connect', { bayId: 'bay-1', steps: connectingSteps('oxygen') }),
        tell('station/bay-1', 'station.set-job', { job: { process: 'smaw', currentA: 90, baseMetal: 'mild-steel' } }),
      ),
      'bay-1',
      'gas',
    ],
    [
      'a hood that stands too far',
      changed(is('station.place-hood', 'station/bay-1'), () => ({ placement: 'beside', distanceM: 1.2 })),
      'bay-1',
      'air',
      'capture.too-far',
    ],
  ],
  'Law 3: old news never undoes newer news': [
    [
      'a late pass does not heal a failed helmet',
      andThen(
        changed(is('station.check-helmet', 'station/bay-1'), () => ({ passed: false, fault: 'lens' })),
        tell('station/bay-1', 'station.check-helmet', { passed: true }, { time: '08:05' }),
      ),
      'bay-1',
      'eyes',
    ],
    [
      'a late pass does not heal a failed fire check',
      andThen(
        changed(is('station.check-fire', 'station/bay-1'), () => ({
          answers: {
            'floor-swept': false,
            'nothing-burns-near': true,
            'openings-shut': true,
            'curtains-whole': true,
            'extinguisher-at-hand': true,
          },
        })),
        tell(
          'station/bay-1',
          'station.check-fire',
          {
            answers: {
              'floor-swept': true,
              'nothing-burns-near': true,
              'openings-shut': true,
              'curtains-whole': true,
              'extinguisher-at-hand': true,
            },
          },
          { time: '08:02' },
        ),
      ),
      'bay-1',
      'fire',
    ],
    [
      'a look before the cord was cut proves nothing after it',
      andThen(CLEAR_SHOP, tell('item/l-bay-1', 'item.tag-out', { reason: 'cord cut' }, { time: '08:55' })),
      'bay-1',
      'machine',
    ],
  ],
  'Law 4: every clock ends in somebody being told': [
    [
      'a watcher who left',
      andThen(CLEAR_SHOP, tell('permit/gate-3-strap', 'permit.leave-post', {}, { by: 'wim-askew', time: '08:59' })),
      'gate-3',
      'fire',
    ],
    [
      'a call for help that nobody answered',
      andThen(CLEAR_SHOP, tell('permit/gate-3-strap', 'permit.call-help', {}, { by: 'kit-amari', time: '08:59' })),
      'gate-3',
      'fire',
    ],
    ['a round nobody made', without(CLEAR_SHOP, CLEAR_SHOP.told.findLastIndex(is('permit.round'))), 'gate-3', 'fire'],
    ['an end that has passed', { ...changed(is('permit.request'), payload => ({ ...payload, untilAt: at('08:59') })) }, 'gate-3', 'fire'],
    ['yesterday\'s looks', { ...CLEAR_SHOP, now: '2026-11-29T09:00:00.000Z' }, 'bay-1', 'eyes'],
  ],
}

it('the shop that they all begin from is clear, and all of it is accepted', () => {
  expect([Object.values(readShop(CLEAR_SHOP)).map(({ word }) => word), factsFromTold(CLEAR_SHOP).unaccepted]).toEqual([
    ['clear-to-strike', 'clear-to-strike'],
    [],
  ])
})
describe.each(Object.entries(SCENARIOS))('%s', (_law, scenarios) => {
  for (const [name, shop, bayId, gate, code] of scenarios)
    it(name, () => {
      const bay = readShop(shop)[bayId]!
      expect(bay.word).not.toBe('clear-to-strike')
      expect(['open', 'not-needed']).not.toContain(bay.gates[gate])
      if (code !== undefined) expect(bay.codes[gate]).toContain(code)
    })
})
