import type { Queryable } from './database/connection'
import { readPosition } from './tables/site'
import { complain } from './logging'
import type { Instant } from '#core/time/instant'

/** What a screen is told every few seconds: that it is heard, and where the record stands. */
export interface Beat {
  /** When it was said. */
  readonly now: Instant
  /** When the database was asked: the position speaks for nothing later. */
  readonly asOf: string
  readonly position: number
}

/**
 * Beats at once and then again and again, each time after the database said where the record stands: a server that no longer
 * hears its database falls silent, and the screens with it, rather than vouch for what it cannot know.
 *
 * @param db what is asked; one question at a time, however slowly it answers
 * @param stands asked before every beat: is whoever listens still to be told?
 * @param end called once when they are not
 * @param everyMs time between beats, ms
 * @returns how to end it
 */
export function keepBeating(
  db: Queryable,
  siteId: string,
  { now, push, stands, end, everyMs }: {
    readonly now: () => string
    readonly push: (beat: Beat) => void
    readonly stands: () => Promise<boolean>
    readonly end: () => void
    readonly everyMs: number
  },
): () => void {
  let isAsking = false
  let ended = false
  const beat = async () => {
    if (isAsking) return
    isAsking = true
    const asOf = now()
    try {
      const [position, mayHear] = await Promise.all([readPosition(db, siteId), stands()])
      if (ended) return
      if (mayHear) push({ now: now(), asOf, position })
      else end()
    } catch (error) {
      complain('A screen was told nothing.', error)
    } finally {
      isAsking = false
    }
  }
  const timer = setInterval(() => void beat(), everyMs)
  void beat()
  return () => {
    ended = true
    clearInterval(timer)
  }
}
