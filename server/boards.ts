import { createHash } from 'node:crypto'
import { promisify } from 'node:util'
import { gzip } from 'node:zlib'
import type pg from 'pg'
import { joinFacts } from '#core/site-facts/join-facts'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { NO_SITE } from '#core/streams/site/site'
import type { FloorReading } from '#shared/contract/readings'
import type { Clock } from './clock'
import { nowIso } from './clock'
import { inTransaction } from './database/connection'
import { readHouseRules } from './tables/house-rules'
import { readUncovered } from './tables/permit'
import { readHere } from './tables/person'
import { readPosition, readSite } from './tables/site'
import { readSiteFacts } from './tables/site-facts'
import { readStations } from './tables/station'

/** What of the board is one for everybody, and what is for whoever asks. */
export type SharedBoard = Omit<FloorReading, 'unseen' | 'trouble'>
export type OwnPart = Pick<FloorReading, 'unseen' | 'trouble'>

/** The answer to one question for the board: the same bytes for everybody who has the same part of their own. */
export interface PackedBoard {
  readonly etag: string
  readonly json: Buffer
  readonly gzip: Buffer
}

/** A board worked out for a position. */
interface Board {
  readonly position: number
  /** Its JSON, but for the brace at its end. */
  readonly text: string
  readonly packed: Map<string, Promise<PackedBoard>>
}

/** What is read at one position may be told for this long, ms: what hangs on the clock alone is no older. */
const TOLD_FOR_MS = 1000

const compress = promisify(gzip)

/** Everything the board judges from, as of one position. */
async function readBoard(pool: pg.Pool, siteId: string, now: string): Promise<SharedBoard> {
  return inTransaction(pool, async (db) => {
    await db.query('set transaction isolation level repeatable read read only')
    const position = await readPosition(db, siteId)
    const site = await readSite(db, siteId)
    const rules = await readHouseRules(db, siteId)
    const [known, inForce] = [site?.value ?? NO_SITE, rules?.value ?? NEW_SITE_RULES]
    const { facts, versions } = await readSiteFacts(db, siteId, { site: known, rules: inForce, now }, null)
    const { halls, sheets, surveys, monitors, wearers, welders, kit, fire } = joinFacts(facts)
    return {
      position,
      site: known,
      rules: inForce,
      versions: { site: site?.version ?? 0, rules: rules?.version ?? 0 },
      stations: await readStations(db, siteId),
      people: (await readHere(db, siteId)).flatMap(here => welders[here.personId] ? [{ ...here, ...welders[here.personId]! }] : []),
      kit,
      fire,
      uncovered: await readUncovered(db, siteId, now),
      air: { halls, sheets, surveys, monitors, wearers, versions },
    }
  })
}

async function pack(text: string, own: string): Promise<PackedBoard> {
  const json = Buffer.from(`${text},${own.slice(1)}`)
  return { json, gzip: await compress(json), etag: `"${createHash('sha256').update(json).digest('base64url')}"` }
}

/**
 * The boards of the sites, each worked out once for a position and shared: two hundred screens that hear of a change ask for the same.
 * Nothing that matters is kept here; any process works its own out.
 */
export class Boards {
  readonly #pool: pg.Pool
  readonly #clock: Clock
  readonly #kept = new Map<string, { readonly begunMs: number, readonly board: Promise<Board> }>()

  constructor(pool: pg.Pool, clock: Clock) {
    this.#pool = pool
    this.#clock = clock
  }

  /**
   * The board at a position or after it.
   *
   * @param position that whoever asks has heard of: nothing older is told
   * @param readOwn reads what is theirs alone: asked once the board is there, so that it is never older than what it is told with
   */
  async at(siteId: string, position: number, readOwn: () => Promise<OwnPart>): Promise<PackedBoard> {
    const { text, packed } = await this.#board(siteId, position)
    const key = JSON.stringify(await readOwn())
    const known = packed.get(key) ?? pack(text, key)
    packed.set(key, known)
    return known
  }

  async #board(siteId: string, position: number): Promise<Board> {
    for (;;) {
      const kept = this.#kept.get(siteId)
      const isFresh = kept !== undefined && Math.abs(this.#clock.nowMs() - kept.begunMs) < TOLD_FOR_MS
      const asked = isFresh ? kept : this.#begin(siteId)
      const board = await asked.board
      // What was begun for this question has read at least as far as whoever asks had heard.
      if (!isFresh || board.position >= position) return board
      if (this.#kept.get(siteId) === asked) this.#kept.delete(siteId)
    }
  }

  #begin(siteId: string): { readonly begunMs: number, readonly board: Promise<Board> } {
    const board = readBoard(this.#pool, siteId, nowIso(this.#clock)).then((shared): Board => ({
      position: shared.position,
      text: JSON.stringify(shared).slice(0, -1),
      packed: new Map(),
    }))
    const begun = { begunMs: this.#clock.nowMs(), board }
    this.#kept.set(siteId, begun)
    board.catch(() => {
      if (this.#kept.get(siteId) === begun) this.#kept.delete(siteId)
    })
    return begun
  }
}
