import type { CommandOf } from '#core/command/commands'

/** A command as it reaches the door: shape checked, PIN checked and dropped. */
export type Command = CommandOf & {
  readonly id: string
  readonly streams: readonly { readonly id: string, readonly expectedVersion: number | null }[]
  readonly at: string
  readonly deviceId: string
  readonly deviceSeq: number
}
