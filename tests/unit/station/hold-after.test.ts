import { describe, expect, it } from 'vitest'
import { GATES } from '#core/ids/vocabulary'
import type { GateState } from '#core/clearance/gate'
import { holdAfter } from '~/areas/station/hold-after'

/** Gates in their order, by the first letter of their state: open, hold, stop, to do, not needed. */
const STATES: Readonly<Record<string, GateState>> = { o: 'open', h: 'hold', s: 'stop', t: 'to-do', n: 'not-needed' }
const gates = (letters: string) => GATES.map((gate, i) => ({ gate, state: STATES[letters[i]!]! }))
const everywhere = () => true

describe('the gate to see to after one was settled', () => {
  it('is the next closed one in the order of the gates', () => {
    expect(holdAfter(gates('ooothnt'), 'eyes', everywhere)).toBe('air')
    expect(holdAfter(gates('oooohns'), 'air', everywhere)).toBe('gas')
  })
  it('is an earlier one where none comes after it', () => {
    expect(holdAfter(gates('oohoooo'), 'fire', everywhere)).toBe('body')
  })
  it('is one at which somebody can do something here', () => {
    expect(holdAfter(gates('oohhooo'), 'eyes', gate => gate !== 'body')).toBe('air')
    expect(holdAfter(gates('oohhooo'), 'eyes', () => false)).toBeNull()
  })
  it('is none where all stand open or are not needed', () => {
    expect(holdAfter(gates('oooonoo'), 'eyes', everywhere)).toBeNull()
  })
})
