import type { Finding } from '#core/findings/finding'
import { finding } from '#core/findings/finding'
import { readStreamId } from '#core/ids/streams'
import { shownTag } from '#core/ids/tag'
import { kindNamed, kindNameOf, kindOfStream, ruleOf, unnamedOf } from '#core/streams/kinds'
import type { Permit } from '#core/streams/permit/permit'
import type { AnyKind } from '#core/streams/kinds'
import { NOWHERE } from '#core/streams/stream-kind'
import { mayDo } from '#core/rights/rights'
import { readOpenPermitsAt, readPermit } from '../tables/permit'
import type { Caller } from './caller'
import type { Command } from './command'
import { lockMore, stateOf } from './room'
import type { Room } from './room'

/** Why whoever gives a command may give it nowhere; asked before anything is locked for them. */
export function refuseAnywhere({ holder }: Caller, { type }: Command): Finding | null {
  const { right } = ruleOf(type)
  return holder === 'system' || mayDo(holder, right) ? null : finding('hold', 'command.not-allowed', { right, roles: holder.roles })
}

/** The streams a command is about: as named, or those that its rule names, so that none is forgotten. */
export const targetsOf = ({ command, site }: Room): readonly string[] =>
  ruleOf(command.type).targets?.(site) ?? command.streams.map(({ id }) => id)

/** Why a command cannot be about these streams; null when it can. */
export function refuseStreams({ command, site }: Room, targets: readonly string[]): Finding | null {
  const name = kindNameOf(command.type)
  const shapeless = targets.find(streamId => readStreamId(streamId)?.kind !== name)
  if (shapeless !== undefined || targets.length === 0) return finding('hold', 'command.unknown-stream', { streamId: shapeless ?? '' })
  const twice = targets.find((streamId, index) => targets.indexOf(streamId) !== index)
  if (twice !== undefined) return finding('hold', 'command.stream-twice', { streamId: twice })
  const unnamed = unnamedOf(command, targets)
  if (unnamed !== null) return finding('hold', 'command.unknown-stream', { streamId: unnamed })
  const { refuseId } = kindNamed(name)
  return targets.map(streamId => refuseId?.(kindOfStream(streamId).id, site) ?? null).find(refused => refused !== null) ?? null
}

/** One tag, one thing: the stream of the other sort that would wear the tag of this one; null where none could. */
const otherOfTag = ({ sharesTagsWith }: AnyKind, id: string): string | null =>
  sharesTagsWith === undefined ? null : `${sharesTagsWith}/${id}`

/**
 * Locks what a command is about, before it is known what else it touches: streams of things and permits sort before `station/`, so
 * the order of locks stands. A new tag locks what could wear it too.
 */
export async function lockTargets(room: Room, targets: readonly string[]): Promise<void> {
  const { isNewTag } = ruleOf(room.command.type)
  await lockMore(
    room,
    targets.flatMap((streamId) => {
      const { kind, id } = kindOfStream(streamId)
      const other = isNewTag ? otherOfTag(kind, id) : null
      return other === null ? [streamId] : [streamId, other]
    }),
  )
}

/** Why a tag is not free; null when it is. */
export function refuseTakenTag({ command, heads }: Room, targets: readonly string[]): Finding | null {
  if (!ruleOf(command.type).isNewTag) return null
  const taken = targets.map(kindOfStream).find(({ kind, id }) => (heads.get(otherOfTag(kind, id) ?? '')?.version ?? 0) > 0)
  return taken ? finding('hold', 'kit.tag-taken', { tag: shownTag(taken.id) }) : null
}

/** Permits on which the place of a stream depends, for rights that reach to one's own permit. */
async function permitsOfPlace({ db, caller: { siteId }, command }: Room, kind: AnyKind, id: string): Promise<readonly Permit[]> {
  const asked = kind.placeRestsOn?.(command, id) ?? null
  if (asked === null) return []
  if ('bayId' in asked) return readOpenPermitsAt(db, siteId, asked.bayId)
  const kept = await readPermit(db, siteId, asked.permitId)
  return kept ? [kept.permit] : []
}

/** Why whoever gives a command may not give it there; null when they may. */
export async function refuseRights(room: Room, targets: readonly string[]): Promise<Finding | null> {
  const {
    caller: { holder, actor },
    command,
    site,
  } = room
  if (holder === 'system') return null
  const { right } = ruleOf(command.type)
  for (const streamId of targets) {
    const { kind, id } = kindOfStream(streamId)
    const place = kind.placeOf
      ? kind.placeOf(await stateOf(room, streamId), command, { id, site, actor, holder, permits: await permitsOfPlace(room, kind, id) })
      : NOWHERE
    if (!mayDo(holder, right, place)) return finding('hold', 'command.not-allowed', { right, roles: holder.roles })
  }
  return null
}

/** A request made on what is no longer so is refused; a report of fact never is. */
export function refuseStale({ command, heads }: Room): readonly Finding[] {
  if (ruleOf(command.type).isReport) return []
  return command.streams.flatMap(({ id: streamId, expectedVersion }) => {
    const { version } = heads.get(streamId)!
    return expectedVersion === null || expectedVersion === version
      ? []
      : [finding('hold', 'command.stale', { streamId, expectedVersion, version })]
  })
}
