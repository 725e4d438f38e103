import { createHash, randomUUID } from 'node:crypto'
import type { CommandOf } from '#core/streams/commands'
import type { Clock } from '../clock'
import { nowIso } from '../clock'
import type { Command } from './command'
import type { Caller } from './caller'
import type { Instant } from '#core/time/instant'

/** A UUID made from what it stands for: the same deadline, met by two processes, is one command. */
export function uuidFor(...parts: readonly string[]): string {
  const hex = createHash('sha256').update(parts.join('\u0000')).digest('hex')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-5${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`
}

/** A command that the system itself gives: no device, no expected version. */
export function systemCommand(
  clock: Clock,
  streamIds: readonly string[],
  what: CommandOf,
  { id = randomUUID(), at = nowIso(clock) }: { readonly id?: string, readonly at?: Instant } = {},
): Command {
  return {
    ...what,
    id,
    at,
    streams: streamIds.map(streamId => ({ id: streamId, expectedVersion: null })),
    deviceId: 'server',
    deviceSeq: 0,
  }
}

export const clockCaller = (siteId: string): Caller => ({ siteId, actor: { kind: 'clock' }, holder: 'system', isHouse: true })
