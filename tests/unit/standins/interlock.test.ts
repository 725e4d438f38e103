import { describe, expect, it } from 'vitest'
import type { ClearanceReading } from '#shared/contract/clearance-schema'
import { enableFrom, FAIL_CLOSED_AFTER_MS, Interlock } from '../../../standins/interlock'

const open = { job: 'open', eyes: 'open', body: 'open', air: 'open', gas: 'not-needed', machine: 'open', fire: 'open' } as const
const reading = (over: Partial<ClearanceReading['bays'][number]> = {}): ClearanceReading => ({
  site: 'Yard', at: '2026-11-28T09:00:00.000Z', position: 1, rulesVersion: 5, oldestFactAt: null,
  bays: [{ bayId: 'bay-2', label: '2', word: 'clear-to-strike', isClear: true, reason: null, oldestFactAt: null, gates: open, ...over }],
})

describe('the interlock fails closed', () => {
  it('strikes at a clear bay and at no other', () => {
    expect(enableFrom(reading(), 'bay-2').mayStrike).toBe(true)
    expect(enableFrom(reading(), 'bay-3')).toMatchObject({ mayStrike: false, because: 'the shop knows no bay bay-3' })
    expect(enableFrom(null, 'bay-2').mayStrike).toBe(false)
  })
  it.each([
    [{ isClear: false }],
    [{ word: 'hold' as const }],
    [{ word: 'stopped' as const }],
    [{ gates: { ...open, air: 'hold' as const } }],
    [{ gates: { ...open, fire: 'to-do' as const } }],
  ])('an answer that does not agree with itself, %o, keeps it off', (over) => {
    expect(enableFrom(reading(over), 'bay-2').mayStrike).toBe(false)
  })
  it('is off before it heard anything, on while it hears, and off ten seconds after it last heard', () => {
    let nowMs = 0
    const interlock = new Interlock(() => nowMs)
    expect(interlock.state).toEqual({ mayStrike: false, because: 'nothing heard yet' })
    interlock.heard({ mayStrike: true, because: 'clear to strike' }, '2026-11-28T09:00:00.000Z')
    nowMs = FAIL_CLOSED_AFTER_MS
    expect(interlock.state.mayStrike).toBe(true)
    nowMs = FAIL_CLOSED_AFTER_MS + 1
    expect(interlock.state).toEqual({ mayStrike: false, because: 'nothing heard for 10 s' })
    interlock.heard({ mayStrike: true, because: 'clear to strike' }, '2026-11-28T09:00:11.000Z')
    expect(interlock.state.mayStrike).toBe(true)
  })
  it('the same answer again, kept by something in between, is not heard; what cannot be read closes at once', () => {
    let nowMs = 0
    const interlock = new Interlock(() => nowMs)
    const clear = { mayStrike: true, because: 'clear to strike' }
    interlock.heard(clear, '2026-11-28T09:00:00.000Z')
    for (nowMs = 2000; nowMs <= 12_000; nowMs += 2000) interlock.heard(clear, '2026-11-28T09:00:00.000Z')
    expect(interlock.state.mayStrike).toBe(false)
    interlock.heard(clear, '2026-11-28T08:59:00.000Z')
    expect(interlock.state.mayStrike).toBe(false)
    interlock.heard(clear, 'nonsense')
    expect(interlock.state.mayStrike).toBe(false)
    interlock.heard(clear, '2026-11-28T09:00:12.000Z')
    expect(interlock.state.mayStrike).toBe(true)
    interlock.heard(enableFrom(null, 'bay-2'), null)
    expect(interlock.state.mayStrike).toBe(false)
  })
})
