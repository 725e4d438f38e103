import type { SiteCommands } from '../site/site'
import type { PersonCommands } from '../person/person'
import type { StationCommands } from '../station/decide-station'
import type { HouseRulesCommands } from '../houserules/decide-house-rules'
import type { SealCommands } from '../seal/seal'

/** Every command with its payload. The Zod schemas in shared/ must satisfy them. */
export interface CommandPayloads extends SiteCommands, PersonCommands, StationCommands, HouseRulesCommands, SealCommands {}
export type CommandType = keyof CommandPayloads

/** A command as its area decides it. */
export type CommandOf<Type extends CommandType = CommandType> = { [T in Type]: { readonly type: T, readonly payload: CommandPayloads[T] } }[Type]

/** Ids of the streams. One site's streams are its own: the site is part of the key everywhere. */
export const SITE_STREAM = 'site'
export const HOUSE_RULES_STREAM = 'house-rules'
export const SEAL_STREAM = 'seal'
export const stationStream = (bayId: string): string => `station/${bayId}`
export const personStream = (personId: string): string => `person/${personId}`

/** The kind of a stream, and the id behind it. */
export function readStreamId(streamId: string): { readonly kind: 'site' | 'house-rules' | 'seal' | 'station' | 'person', readonly id: string } | null {
  const [kind, id, ...more] = streamId.split('/')
  if (more.length > 0) return null
  if ((kind === 'site' || kind === 'house-rules' || kind === 'seal') && id === undefined) return { kind, id: kind }
  if ((kind === 'station' || kind === 'person') && id) return { kind, id }
  return null
}
