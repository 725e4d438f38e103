import type { StreamKindName } from '../ids/streams'
import { readStreamId } from '../ids/streams'
import { checkListsKind } from './check-lists/kind'
import type { CommandOf, CommandType } from './commands'
import { cylinderKind } from './cylinder/kind'
import { fumeSheetsKind } from './fume-sheets/kind'
import { hallKind } from './hall/kind'
import { houseRulesKind } from './house-rules/kind'
import { kitItemKind } from './kit-item/kind'
import { monitorKind } from './monitor/kind'
import { noticeKind } from './notice/kind'
import { permitKind } from './permit/kind'
import { personKind } from './person/kind'
import { placeKind } from './place/kind'
import { samplesKind } from './samples/kind'
import { sealKind } from './seal/kind'
import { siteKind } from './site/kind'
import { stationKind } from './station/kind'
import { dayPlansKind } from './day-plans/kind'
import { wardrobeKind } from './wardrobe/kind'
import type { CommandRule, LandedEvent, StreamEvent, StreamKind } from './stream-kind'

/** Every kind of stream by the first part of its address. One that is declared and has no kind does not compile. */
export const KINDS = {
  'site': siteKind,
  'house-rules': houseRulesKind,
  'person': personKind,
  'station': stationKind,
  'hall': hallKind,
  'fume-sheets': fumeSheetsKind,
  'samples': samplesKind,
  'item': kitItemKind,
  'cylinder': cylinderKind,
  'check-lists': checkListsKind,
  'place': placeKind,
  'permit': permitKind,
  'notice': noticeKind,
  'monitor': monitorKind,
  'seal': sealKind,
  'wardrobe': wardrobeKind,
  'day-plans': dayPlansKind,
} as const satisfies { readonly [Name in StreamKindName]: { readonly id: Name } }

/** The state of a stream, by its kind. */
export type StateOf<Name extends StreamKindName> = (typeof KINDS)[Name]['initial']

/** A kind whose states nobody here looks into: what comes out of it goes back into it. */
export type AnyKind = StreamKind<StreamKindName, unknown, StreamEvent, CommandOf>
export type AnyRule = CommandRule<unknown, CommandOf>

/** The kind of a stream's address, for whoever hands its states on without looking into them. */
export const kindNamed = (name: StreamKindName): AnyKind => KINDS[name] as unknown as AnyKind

/** Every command with its rule. A command that no kind has does not compile. */
const RULES: { readonly [Type in CommandType]: CommandRule<never, Extract<CommandOf, { readonly type: Type }>> } = {
  ...siteKind.commands,
  ...personKind.commands,
  ...houseRulesKind.commands,
  ...stationKind.commands,
  ...hallKind.commands,
  ...fumeSheetsKind.commands,
  ...samplesKind.commands,
  ...kitItemKind.commands,
  ...cylinderKind.commands,
  ...checkListsKind.commands,
  ...placeKind.commands,
  ...permitKind.commands,
  ...monitorKind.commands,
  ...noticeKind.commands,
  ...sealKind.commands,
  ...wardrobeKind.commands,
  ...dayPlansKind.commands,
}
export const COMMAND_TYPES = Object.keys(RULES) as CommandType[]

/** The rule of a command. */
export const ruleOf = (type: CommandType): AnyRule => RULES[type] as unknown as AnyRule

/**
 * The first stream that a command's payload speaks of and that it does not name: what is said of it would be lost unseen.
 * @returns its id; null where the command names all it speaks of
 */
export function unnamedOf(command: CommandOf, streamIds: readonly string[]): string | null {
  const spokenOf = (ruleOf(command.type).speaksOf?.(command) ?? []).map(id => `${kindNameOf(command.type)}/${id}`)
  return spokenOf.find(streamId => !streamIds.includes(streamId)) ?? null
}

const KIND_OF = new Map<CommandType, StreamKindName>(
  (Object.keys(KINDS) as StreamKindName[]).flatMap(name =>
    (Object.keys(KINDS[name].commands) as CommandType[]).map(type => [type, name] as const),
  ),
)
/** The kind of stream that a command changes. */
export const kindNameOf = (type: CommandType): StreamKindName => KIND_OF.get(type)!

/**
 * Commands that decide on more than the streams they name: somebody's day, a hall's air, who is free, how many safety leads
 * are left. They have the site to themselves while they decide, so that two at once end as one after the other.
 * Looks, stops and readings of one bay or thing share it.
 */
export const decidesAlone = (type: CommandType): boolean =>
  ruleOf(type).touches !== undefined || kindNamed(kindNameOf(type)).decidesAlone === true

/** The kind of a stream by its id. @throws Error for one that names nothing: the door has checked it */
export function kindOfStream(streamId: string): { readonly kind: AnyKind, readonly name: StreamKindName, readonly id: string } {
  const read = readStreamId(streamId)
  if (!read) throw new Error(`no stream is called ${streamId}`)
  return { kind: kindNamed(read.kind), name: read.kind, id: read.id }
}

/**
 * An event of any landed version, read as the newest one.
 * @throws Error for a version that is newer than this program
 */
export function readLanded(kind: AnyKind, landed: LandedEvent): StreamEvent {
  const { type, typeVersion } = landed
  if (typeVersion > (kind.newestVersions?.[type] ?? 1)) throw new Error(`event ${type} version ${typeVersion} is newer than this program`)
  return kind.upcast(landed)
}

/** A state with events folded into it. */
export const foldEvents = (kind: AnyKind, before: unknown, events: readonly StreamEvent[]): unknown =>
  events.reduce((state, event) => kind.evolve(state, event), before)
