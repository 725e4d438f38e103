import type { StreamKindName } from '#core/ids/streams'
import type { StateOf } from '#core/streams/kinds'
import { kindOfStream, readLanded } from '#core/streams/kinds'
import type { Queryable } from '../database/connection'
import type { Head } from '../database/event'
import type { Statement } from '../database/statement'
import { headUpTo, isOfChain, readBodies } from '../database/event'
import { readSnapshot, writeSnapshot } from '../database/snapshot'
import type { Snapshot } from '../database/snapshot'

/** Streams get a snapshot each time they have grown by this many events. */
const SNAPSHOT_EVERY = 200
/** Folded states kept in this process. A state is only used where its hash is the stream's head, so no process can be stale. */
const KEPT = 500

const folded = new Map<string, { readonly head: Head, readonly state: unknown }>()

function keep(key: string, head: Head, state: unknown): void {
  folded.delete(key)
  folded.set(key, { head, state })
  if (folded.size > KEPT) folded.delete(folded.keys().next().value!)
}

/** Folds on from a state that is known, or from the beginning, to the end or to a version. */
async function foldOn(
  db: Queryable,
  siteId: string,
  streamId: string,
  from: Snapshot | null,
  upTo: number | null = null,
): Promise<unknown> {
  const { kind } = kindOfStream(streamId)
  const bodies = await readBodies(db, siteId, streamId, from?.version ?? 0, upTo)
  return bodies.reduce((before, body) => kind.evolve(before, readLanded(kind, body)), from ? from.state : kind.initial)
}

/** The state of a stream at its (locked) head: from this process, from a snapshot, or from its events. */
export async function foldStream(db: Queryable, siteId: string, streamId: string, head: Head): Promise<unknown> {
  const { kind } = kindOfStream(streamId)
  if (head.version === 0) return kind.initial
  const key = `${siteId} ${streamId}`
  const known = folded.get(key)
  if (known && known.head.version === head.version && known.head.hash === head.hash) return known.state
  const snapshot = await readSnapshot(db, siteId, streamId)
  const from = snapshot && snapshot.version <= head.version ? snapshot : null
  const state = await foldOn(db, siteId, streamId, from)
  keep(key, head, state)
  return state
}

/** The same, of a stream whose kind is known. */
export const foldAs = async <Name extends StreamKindName>(_name: Name, ...of: Parameters<typeof foldStream>): Promise<StateOf<Name>> =>
  (await foldStream(...of)) as StateOf<Name>

/** States as they stood at some place in the record, by stream: the next day begins where the last one ended. */
const stood = new Map<string, { readonly head: Head, readonly state: unknown }>()

/** The state of a stream as it stood at a place in the record, whatever came since. */
export async function foldUpTo<Name extends StreamKindName>(
  _name: Name,
  db: Queryable,
  siteId: string,
  streamId: string,
  position: number,
): Promise<StateOf<Name>> {
  const { kind } = kindOfStream(streamId)
  const head = await headUpTo(db, siteId, streamId, position)
  if (head.version === 0) return kind.initial as StateOf<Name>
  const key = `${siteId} ${streamId}`
  const known = stood.get(key)
  const isKnown = known !== undefined && known.head.version <= head.version && await isOfChain(db, siteId, streamId, known.head)
  const snapshot = isKnown ? null : await readSnapshot(db, siteId, streamId)
  const from = isKnown
    ? { version: known.head.version, state: known.state }
    : snapshot && snapshot.version <= head.version ? snapshot : null
  const state = await foldOn(db, siteId, streamId, from, head.version)
  stood.delete(key)
  stood.set(key, { head, state })
  if (stood.size > KEPT) stood.delete(stood.keys().next().value!)
  return state as StateOf<Name>
}

/** What keeps a snapshot where one is due. */
export function snapshotIfDue(siteId: string, streamId: string, before: Head, after: Head, state: unknown): readonly Statement[] {
  const isDue = Math.floor(before.version / SNAPSHOT_EVERY) !== Math.floor(after.version / SNAPSHOT_EVERY)
  return isDue ? [writeSnapshot(siteId, streamId, { version: after.version, state })] : []
}

/** A rolled-back transaction must not be remembered: call this after the commit. */
export function remember(siteId: string, streamId: string, head: Head, state: unknown): void {
  keep(`${siteId} ${streamId}`, head, state)
}
