import pg from 'pg'
import { readChanges } from './tables/log'
import { complain } from './logging'

export interface Change { readonly position: number, readonly streamId: string, readonly type: string }

/** Somebody who listens to a site from a position on. */
interface Listener { position: number, readonly push: (changes: readonly Change[]) => void }

const CHANNEL = 'zonaris_change'
/** Announcements of one site within this time are one notification. */
const DEBOUNCE_MS = 15
/** The net under a notification that got lost. */
const POLL_MS = 1000
const RECONNECT_MS = 500

/**
 * Tells listeners what is new at their site. PostgreSQL's notifications wake every process that runs against the
 * database; what is told is read by position, so that nothing is missed when a notification or a connection is lost.
 */
export class Live {
  readonly #pool: pg.Pool
  readonly #url: string
  readonly #listeners = new Map<string, Set<Listener>>()
  readonly #announcing = new Map<string, NodeJS.Timeout>()
  readonly #reading = new Map<string, Promise<void>>()
  readonly #poll: NodeJS.Timeout
  #ear: pg.Client | undefined
  #closed = false

  constructor(pool: pg.Pool, url: string) {
    this.#pool = pool
    this.#url = url
    this.#poll = setInterval(() => {
      for (const siteId of this.#listeners.keys()) this.#wake(siteId)
    }, POLL_MS)
    void this.#listen()
  }

  /** Tells every process, soon, that a site has something new. */
  announce = (siteId: string): void => {
    if (this.#closed || this.#announcing.has(siteId)) return
    this.#announcing.set(siteId, setTimeout(() => {
      this.#announcing.delete(siteId)
      // Lost, it costs a second: the poll finds what the notification would have told.
      this.#pool
        .query('select pg_notify($1, $2)', [CHANNEL, siteId])
        .catch(error => this.#complain('A change could not be announced.', error))
    }, DEBOUNCE_MS))
  }

  /** Hears of everything after a position. Returns how to stop. */
  subscribe(siteId: string, after: number, push: Listener['push']): () => void {
    const listener: Listener = { position: after, push }
    let listeners = this.#listeners.get(siteId)
    if (!listeners) this.#listeners.set(siteId, listeners = new Set())
    listeners.add(listener)
    this.#wake(siteId)
    return () => {
      listeners.delete(listener)
      if (listeners.size === 0) this.#listeners.delete(siteId)
    }
  }

  async close(): Promise<void> {
    this.#closed = true
    clearInterval(this.#poll)
    for (const timer of this.#announcing.values()) clearTimeout(timer)
    this.#listeners.clear()
    await this.#ear?.end()
    await Promise.all(this.#reading.values())
  }

  /** One read at a time for a site; a wake during a read makes another one after it. */
  #wake(siteId: string): void {
    const before = this.#reading.get(siteId)
    if (before) return
    const reading = this.#tell(siteId)
      .catch(error => this.#complain('What changed could not be read.', error))
      .finally(() => this.#reading.delete(siteId))
    this.#reading.set(siteId, reading)
  }

  async #tell(siteId: string): Promise<void> {
    for (;;) {
      const listeners = this.#listeners.get(siteId)
      if (!listeners || this.#closed) return
      const from = Math.min(...[...listeners].map(({ position }) => position))
      const changes = await readChanges(this.#pool, siteId, from)
      const last = changes.at(-1)
      if (!last) return
      for (const listener of listeners) {
        const unheard = changes.filter(({ position }) => position > listener.position)
        if (unheard.length === 0) continue
        listener.position = last.position
        listener.push(unheard)
      }
    }
  }

  async #listen(): Promise<void> {
    if (this.#closed) return
    const ear = new pg.Client({ connectionString: this.#url })
    const again = () => {
      if (this.#ear === ear) this.#ear = undefined
      if (!this.#closed) setTimeout(() => void this.#listen(), RECONNECT_MS).unref()
    }
    ear.on('notification', ({ payload }) => {
      if (payload) this.#wake(payload)
    })
    ear.on('error', again)
    try {
      await ear.connect()
      await ear.query(`listen ${CHANNEL}`)
      this.#ear = ear
    } catch (error) {
      this.#complain('Notifications are not heard; polling meanwhile.', error)
      again()
    }
  }

  #complain(what: string, error: unknown): void {
    if (!this.#closed) complain(what, error)
  }
}
