import { describe, expect, it } from 'vitest'
import { gasLooks } from '#core/opening/gas-looks'
import { handsOver, isHandedOver, isStillOpen, shutsDown } from '#core/opening/closing'
import { cylinderFact } from '#core/cylinder/cylinder-fact'
import { decideCylinder } from '#core/streams/cylinder/decide-cylinder'
import { evolveCylinder } from '#core/streams/cylinder/cylinder'
import type { CylinderState } from '#core/streams/cylinder/cylinder'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { EMPTY_STATION } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { payloadSchemas } from '#shared/contract/command-schemas'
import { streamIdSchema } from '#shared/contract/text-schema'

const [YESTERDAY, NOW, ENDS, TODAY] = ['2026-11-22T14:00:00.000Z', '2026-11-23T12:40:00.000Z', '2026-11-24T09:00:00.000Z', '2026-11-23']
const argon = (over: Partial<CylinderState> = {}): CylinderState => ({
  tag: 'AR-1', gas: 'argon', owner: 'rented', stamps: 'DOT 3AA2015 10 24', waterVolumeL: 43,
  standing: { in: 'bay', bayId: 'bay-1' }, isConnected: true, isEmpty: false, isReturned: false, lastLay: null, settlesAt: null,
  hasSettled: false, reading: null, leakTest: null, touchedAt: null, deliveryKPa: null, deliveryAt: null, shutDownAt: null, danger: null,
  taggedOut: null, isTagWithdrawn: false, ...over,
} as CylinderState)
const read = (gaugePressureKPa: number): Pick<CylinderState, 'reading'> => ({
  reading: { by: 'pressure', gaugePressureKPa, temperatureC: 15, at: YESTERDAY, validUntil: '2026-11-23T09:00:00.000Z' },
})
const due = (one: CylinderState) => gasLooks([one], [cylinderFact(one, NEW_SITE_RULES, TODAY, ENDS)], NOW)

describe('gas in one tap', () => {
  it('says every joint tight and the gauge at no less than a rounded share of what it last read', () => {
    const before = argon(read(15_300))
    const { looks: [look] } = due(before)
    // Three quarters of 15 300 kPa are 11 475: never said to be more.
    expect(look).toMatchObject({ tag: 'AR-1', atLeastKPa: 11_000 })
    let after: CylinderState | null = before
    for (const { streamId, command } of look!.says) {
      expect(streamIdSchema.safeParse(streamId).success, streamId).toBe(true)
      expect(payloadSchemas[command.type].safeParse(command.payload).success, command.type).toBe(true)
      const decided = decideCylinder(after, command, {
        tag: 'AR-1', at: NOW, checksValidUntil: ENDS, rules: NEW_SITE_RULES, isCompetent: false, place: null, job: null,
      })
      if ('events' in decided) after = decided.events.reduce(evolveCylinder, after)
    }
    expect(due(after!)).toEqual({ looks: [], byThemselves: [] })
    // Warmer than anybody read it: less gas than the same pressure stood for.
    expect(after!.reading).toMatchObject({ gaugePressureKPa: 11_000, temperatureC: 40 })
  })
  it.each([
    ['never read', argon()],
    ['as good as empty', argon(read(600))],
    ['tagged out', argon({ ...read(15_300), taggedOut: { reason: 'valve' } })],
    ['in danger', argon({ ...read(15_300), danger: { danger: 'leak', at: YESTERDAY } })],
    ['acetylene, of which a gauge says nothing', argon({ ...read(1500), gas: 'acetylene' })],
    ['by weight', argon({ reading: { by: 'weight', grossKg: 60, at: YESTERDAY, validUntil: YESTERDAY } })],
  ] as const)('is not for one that is %s', (_why, one) => expect(due(one)).toMatchObject({ looks: [], byThemselves: ['AR-1'] }))
  it('is not for one that nobody connected', () =>
    expect(due(argon({ ...read(15_300), isConnected: false }))).toEqual({ looks: [], byThemselves: [] }))
})

describe('the end of the day', () => {
  const began = '2026-11-23T09:00:00.000Z'
  const station = (over: Partial<Station>): Station => ({ ...EMPTY_STATION, personId: 'kit', ...over })
  const handover = { answers: {}, note: null, at: NOW, by: 'maren' }
  it('a bay is handed over only after its last job and whoever came last, today', () => {
    expect(isHandedOver(station({ handover }), began)).toBe(true)
    expect(isHandedOver(station({ handover: null }), began)).toBe(false)
    expect(isHandedOver(station({ handover: { ...handover, at: YESTERDAY } }), began)).toBe(false)
    expect(isHandedOver(station({ handover, jobSetAt: '2026-11-23T13:00:00.000Z' }), began)).toBe(false)
    expect(isHandedOver(station({ handover, personSince: '2026-11-23T13:00:00.000Z' }), began)).toBe(false)
  })
  it('a cylinder is open that was tested, set or touched since it was shut', () => {
    expect(isStillOpen(argon())).toBe(true)
    expect(isStillOpen(argon({ shutDownAt: NOW }))).toBe(false)
    expect(isStillOpen(argon({ shutDownAt: YESTERDAY, deliveryAt: NOW }))).toBe(true)
    expect(isStillOpen(argon({ isConnected: false }))).toBe(false)
  })
  it('what closes them is taken by the door', () => {
    for (const { streamId, command } of [handsOver('bay-1'), shutsDown({ tag: 'AR-1' })]) {
      expect(streamIdSchema.safeParse(streamId).success, streamId).toBe(true)
      expect(payloadSchemas[command.type].safeParse(command.payload).success, command.type).toBe(true)
    }
  })
})
