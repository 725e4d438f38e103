import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Queryable } from '#server/database/connection'
import { keepBeating } from '#server/heartbeat'
import type { Beat } from '#server/heartbeat'

/** A database whose answers are given by hand. */
function slowDatabase() {
  const asked: { answer: (position: number) => void, fail: () => void }[] = []
  const query = () =>
    new Promise((resolve, reject) => {
      asked.push({ answer: position => resolve({ rows: [{ position }] }), fail: () => reject(new Error('the connection was lost')) })
    })
  return { asked, db: { query } as unknown as Queryable }
}

beforeEach(() => {
  vi.useFakeTimers({ now: Date.UTC(2026, 10, 28, 8) })
})
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
})

const start = () => {
  const beats: Beat[] = []
  const listens = { mayHear: true, ended: 0 }
  const slow = slowDatabase()
  const end = keepBeating(slow.db, 'the-site', {
    now: () => new Date(Date.now()).toISOString(),
    push: beat => beats.push(beat),
    stands: () => Promise.resolve(listens.mayHear),
    end: () => listens.ended++,
    everyMs: 5000,
  })
  return { ...slow, beats, end, listens }
}

describe('the beat that a screen lives by', () => {
  it('comes at once and every few seconds, with where the record stands', async () => {
    const { asked, beats, end } = start()
    asked[0]!.answer(41)
    await vi.advanceTimersByTimeAsync(5000)
    asked[1]!.answer(42)
    await vi.advanceTimersByTimeAsync(0)
    expect(beats).toMatchObject([
      { asOf: '2026-11-28T08:00:00.000Z', position: 41 },
      { asOf: '2026-11-28T08:00:05.000Z', position: 42 },
    ])
    end()
  })
  it('is not given while the database says nothing, nor asked for a second time meanwhile', async () => {
    const { asked, beats, end } = start()
    await vi.advanceTimersByTimeAsync(60_000)
    expect(beats).toEqual([])
    expect(asked).toHaveLength(1)
    end()
  })
  it('speaks for the instant it was asked, not for when the answer came', async () => {
    const { asked, beats, end } = start()
    await vi.advanceTimersByTimeAsync(12_000)
    asked[0]!.answer(7)
    await vi.advanceTimersByTimeAsync(0)
    expect(beats).toEqual([{ now: '2026-11-28T08:00:12.000Z', asOf: '2026-11-28T08:00:00.000Z', position: 7 }])
    end()
  })
  it('falls silent when the database fails, and comes back with it', async () => {
    const { asked, beats, end } = start()
    asked[0]!.fail()
    await vi.advanceTimersByTimeAsync(5000)
    expect(beats).toEqual([])
    asked[1]!.answer(8)
    await vi.advanceTimersByTimeAsync(0)
    expect(beats).toHaveLength(1)
    end()
  })
  it('is not told to whoever may not hear any more: it ends instead, once asked', async () => {
    const { asked, beats, end, listens } = start()
    asked[0]!.answer(9)
    listens.mayHear = false
    await vi.advanceTimersByTimeAsync(5000)
    asked[1]!.answer(10)
    await vi.advanceTimersByTimeAsync(0)
    expect([beats.map(({ position }) => position), listens.ended]).toEqual([[9], 1])
    end()
  })
  it('ends with the screen: an answer that comes after is told to nobody', async () => {
    const { asked, beats, end } = start()
    end()
    asked[0]!.answer(9)
    await vi.advanceTimersByTimeAsync(20_000)
    expect(beats).toEqual([])
    expect(asked).toHaveLength(1)
  })
})
