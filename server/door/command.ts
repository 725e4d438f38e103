import type { CommandOf } from '#core/streams/commands'
import type { Instant } from '#core/time/instant'

/** A command as it reaches the door: shape checked, PIN checked and dropped. */
export type Command = CommandOf & {
  readonly id: string
  readonly streams: readonly { readonly id: string, readonly expectedVersion: number | null }[]
  readonly at: Instant
  readonly deviceId: string
  readonly deviceSeq: number
}
