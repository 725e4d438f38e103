import { describe, expect, it } from 'vitest'
import { holdsUpTo, isOwed, missedAt } from '#shared/news'
import type { News } from '#shared/news'

const onPermits = (streamId: string) => streamId.startsWith('permit/')
const byStream = (...changes: readonly (readonly [number, string])[]): News => ({
  upTo: Math.max(...changes.map(([position]) => position)),
  changes: changes.map(([position, streamId]) => ({ position, streamId })),
  isWhole: true,
})
const byAnswer = (position: number, streamId: string): News => ({ ...byStream([position, streamId]), isWhole: false })

describe('something read', () => {
  it('is owed anew by a later change of what it rests on, and by no other', () => {
    expect(isOwed(4, byStream([5, 'permit/a']), onPermits)).toBe(true)
    expect(isOwed(4, byStream([5, 'item/a']), onPermits)).toBe(false)
    expect(isOwed(5, byStream([5, 'permit/a']), onPermits)).toBe(false)
  })
  it('is owed anew where nobody knows what changed since', () => {
    expect(isOwed(4, { upTo: 5, changes: null, isWhole: true }, onPermits)).toBe(true)
    expect(isOwed(5, { upTo: 5, changes: null, isWhole: true }, onPermits)).toBe(false)
  })
  it('is still owed what others did just before a command whose answer came first', () => {
    // Position 5 was a round on another screen; 6 is what was done here, to something else.
    const answer = byAnswer(6, 'item/lead')
    expect(isOwed(4, answer, onPermits)).toBe(false)
    const holds = holdsUpTo(4, answer)
    expect(isOwed(holds, byStream([5, 'permit/a'], [6, 'item/lead']), onPermits)).toBe(true)
  })
  it('holds as far as the stream told, once that named nothing it rests on', () => {
    const holds = holdsUpTo(4, byStream([5, 'item/a'], [6, 'item/b']))
    expect(holds).toBe(6)
    expect(isOwed(holds, byStream([6, 'permit/a']), onPermits)).toBe(false)
    expect(holdsUpTo(9, byStream([6, 'item/b']))).toBe(9)
  })
})

describe('a beat', () => {
  it('finds what the stream lost, a beat later', () => {
    expect(missedAt({ told: 7, beat: 8 })).toBe(8)
  })
  it('finds nothing where the stream told all that the last beat knew', () => {
    expect(missedAt({ told: 8, beat: 8 })).toBe(null)
    expect(missedAt({ told: 9, beat: 8 })).toBe(null)
  })
})
