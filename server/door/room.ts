import type pg from 'pg'
import { HOUSE_RULES_STREAM, SITE_STREAM } from '#core/ids/streams'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { decidesAlone, ruleOf } from '#core/streams/kinds'
import type { Scene } from '#core/streams/scene'
import type { Site } from '#core/streams/site/site'
import { earlierOf } from '#core/time/instant'
import type { Instant } from '#core/time/instant'
import type { Head } from '../database/event'
import { lockHeads, lockHeadsAfter } from '../database/event'
import type { Caller } from './caller'
import type { Command } from './command'
import { foldAs, foldStream } from './fold'

/** What one transaction knows: who stands in it, what they want, which streams are locked. */
export interface Room {
  readonly db: pg.PoolClient
  readonly caller: Caller
  readonly command: Command
  readonly now: Instant
  readonly site: Site
  readonly rules: HouseRules
  /** Heads of the streams that are locked; they grow as more are. */
  readonly heads: Map<string, Head>
}

/** Streams every decision looks at. They are locked first, and shared unless the command decides on more than it names. */
const SURROUNDINGS = [HOUSE_RULES_STREAM, SITE_STREAM]

/** Locks what every decision looks at, and in the same question the streams that a command names, where no others go before them. */
async function lockFirst(db: pg.PoolClient, siteId: string, { type, streams }: Command): Promise<Map<string, Head>> {
  const { targets, isNewTag } = ruleOf(type)
  const named = targets || isNewTag ? [] : streams.map(({ id }) => id).filter(id => !SURROUNDINGS.includes(id))
  const mode = decidesAlone(type) ? 'update' : 'share'
  const heads = await lockHeadsAfter(db, siteId, { streamIds: SURROUNDINGS, mode }, named)
  return SURROUNDINGS.every(id => heads.has(id)) ? heads : new Map([...heads, ...await lockHeads(db, siteId, SURROUNDINGS, mode)])
}

export async function enterRoom(db: pg.PoolClient, caller: Caller, command: Command, now: Instant): Promise<Room> {
  const { siteId } = caller
  const heads = await lockFirst(db, siteId, command)
  const site = await foldAs('site', db, siteId, SITE_STREAM, heads.get(SITE_STREAM)!)
  const rules = await foldAs('house-rules', db, siteId, HOUSE_RULES_STREAM, heads.get(HOUSE_RULES_STREAM)!)
  return { db, caller, command, now, site, rules, heads }
}

/** Locks what is not locked yet. */
export async function lockMore({ db, caller, heads }: Room, streamIds: readonly string[]): Promise<void> {
  for (const [streamId, head] of await lockHeads(
    db,
    caller.siteId,
    streamIds.filter(id => !heads.has(id)),
    'update',
  ))
    heads.set(streamId, head)
}

/** How a locked stream stands. */
export const stateOf = ({ db, caller, heads }: Room, streamId: string): Promise<unknown> =>
  foldStream(db, caller.siteId, streamId, heads.get(streamId)!)

/** Where and when it is decided, and by whom; by the id of a stream. */
export const sceneOf = ({ caller: { actor, holder, isSigned = false }, command, now, site, rules }: Room, id: string): Scene => ({
  id,
  site,
  rules,
  now,
  at: earlierOf(command.at, now),
  actor,
  holder,
  isSigned,
})
