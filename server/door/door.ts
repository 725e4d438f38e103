import type pg from 'pg'
import type { Clock } from '../clock'
import type { CommandAccepted, CommandRefused } from '#shared/contract/readings'

export interface Door {
  readonly pool: pg.Pool
  readonly clock: Clock
  /** Told after the commit that a site has something new. */
  readonly announce: (siteId: string) => void
}

/** A write beside the record: a secret, a health record. */
export type Beside = (db: pg.PoolClient) => Promise<void>

export type Answer = { readonly status: 200, readonly body: CommandAccepted } | { readonly status: 409, readonly body: CommandRefused }
