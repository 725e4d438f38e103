import { createHash } from 'node:crypto'
import type pg from 'pg'
import type { Decision } from '#core/command/decision'
import { isRefused } from '#core/command/decision'
import { HEARD_WITHOUT_CLOCK } from '#core/command/urgent'
import type { CommandOf } from '#core/command/commands'
import { CHECK_LISTS_STREAM, cylinderStream, FUME_SHEETS_STREAM, HOUSE_RULES_STREAM, itemStream, noticeStream, permitStream, SITE_STREAM, stationStream } from '#core/command/commands'
import { fireAt } from '#core/clearance/fire-standing'
import type { FireReadings } from '#core/clearance/fire-standing'
import type { KitReadings } from '#core/clearance/judge-kit'
import { kitAt } from '#core/clearance/kit-around'
import type { CylinderState } from '#core/cylinder/cylinder'
import { isTheirPermit } from '#core/hotwork/named-in'
import { decideCheckLists } from '#core/inspection/check-lists'
import type { Assignment, ItemState } from '#core/inspection/item'
import { baysServed } from '#core/inspection/item'
import { decideNotice, whoHears } from '#core/notice/notice'
import { decidePlace } from '#core/place/place'
import { shownTag, TAG_PATTERN } from '#core/tag'
import { airOf, baysOfHall, hallIdOf } from '#core/air/air-facts'
import type { AirFacts } from '#core/air/air-facts'
import { surveyPlace } from '#core/air/survey-place'
import { bayAirOf } from '#core/clearance/air-gate'
import { decideSheets } from '#core/fume/data-sheets'
import { decideHall } from '#core/hall/hall-state'
import { decideSamples } from '#core/samples/survey'
import type { Station, StationEvent } from '#core/station/station'
import { evolveStation } from '#core/station/station'
import type { Finding } from '#core/findings/finding'
import { finding } from '#core/findings/finding'
import { decideHouseRules } from '#core/houserules/decide-house-rules'
import type { HouseRules } from '#core/houserules/house-rules'
import { shopDayEndsAtMs, shopDayOf } from '#core/time/shop-day'
import { decidePerson } from '#core/person/person'
import { mayDo } from '#core/person/rights'
import type { Place } from '#core/person/rights'
import { decideSeal } from '#core/seal/seal'
import { joinShop } from '#core/shop/judge-shop'
import type { JoinedShop } from '#core/shop/judge-shop'
import { decideSite, workplaceOf } from '#core/site/site'
import type { Site } from '#core/site/site'
import { earlierOf, isAfter, stands } from '#core/time/instant'
import { decideStation, gateChanges } from '#core/station/decide-station'
import type { StationCommand, StationContext } from '#core/station/decide-station'
import { baysOfPeopleAt, baysOfPerson, eraseWearer, readSurroundings } from '../database/surroundings'
import { nowIso } from '../clock'
import { inTransaction } from '../database/connection'
import type { ChainedEvent, DecidedEvent, Head } from '../database/event'
import { append, canonicalText, chain, lockHeads } from '../database/event'
import { claimCommand, keepAnswer } from '../database/command-answer'
import { eraseCredential } from '../database/credential'
import { dropDevicesOf } from '../database/device'
import { dropDeviceKey } from '../database/device-key'
import { countSafetyLeads, readPerson, readTellable } from '../database/person'
import { endSessionsOf } from '../database/session'
import { readPosition } from '../database/site'
import { COMMAND_RULES, decidesAlone } from './command-rules'
import { decideOnPermit, hasItsKit, isPermitCommand } from './permit-room'
import { bayOfPermit, readOpenPermitsAt, readPermit, readPermitsAtWork, readPost, readWorkingPermits } from '../database/permit'
import { decideOnCylinder, decideOnItem, isCylinderCommand, isItemCommand } from './decide-thing'
import type { ThingRoom } from './decide-thing'
import { foldStream, kindOf, remember, snapshotIfDue } from './fold'
import type { StreamKindId, StreamStates } from './stream-kinds'
import { STREAM_KINDS } from './stream-kinds'
import { uuidFor } from './system-command'
import { siteOpenedAt } from './site-opened'
import { spoken } from '../spoken'
import { stopBecause, toTell } from './to-tell'
import type { Command } from './command'
import type { Caller } from './caller'
import type { Answer, Beside, Door } from './door'
import type { Instant } from '#core/time/instant'

/** What one transaction knows: locked heads and folded states. */
interface Room {
  readonly db: pg.PoolClient
  readonly caller: Caller
  readonly command: Command
  readonly now: Instant
  readonly heads: Map<string, Head>
  readonly site: Site
  readonly rules: HouseRules
  /** Bays and people whose kit the decision looks at, filled in before the first reading. */
  readonly concerned: { bayIds: readonly string[], personIds: readonly string[] }
  /** What gates rest on besides their stations, read once when first asked for. */
  readonly readFacts: () => Promise<Facts>
}

/** What every gate rests on besides its station: the air of the site, and what stands at the bays concerned. */
interface Facts { readonly air: AirFacts, readonly kit: KitReadings, readonly fire: FireReadings }

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex')

/** What makes two sendings the same command. When it was sent, and any signature, are not part of it. */
const requestHash = ({ type, streams, at, deviceId, deviceSeq, payload }: Command): string =>
  sha256(canonicalText({ type, streams, at, deviceId, deviceSeq, payload }))

/**
 * The one door for change. In one transaction: has it been seen? lock the streams, fold them, decide in the core, append
 * the events to their chains, update the read tables, keep the answer; after the commit, announce.
 *
 * @param beside what is written in the same transaction and is not of the record: it stands or falls with the command
 * @returns the answer, the same one again for the same command; a refusal is an answer with its reasons
 */
export async function handleCommand(door: Door, caller: Caller, command: Command, beside: Beside = async () => {}): Promise<Answer> {
  for (let tries = 1; ; tries++) {
    try {
      const answer = await handleOnce(door, caller, command, beside)
      if (command.type === 'station.stop-all' && answer.status === 200) await stopHotWork(door, caller, command)
      return answer
    }
    catch (error) {
      // Two that met on the way: the second decides again, and now sees the first.
      if (tries >= MEETING_TRIES || !hasMet(error)) throw error
    }
  }
}

/** A stop of all stops hot work too, wherever it is. Sent again with the same stop, it stops nothing twice. */
async function stopHotWork(door: Door, caller: Caller, { id, at, deviceId, deviceSeq }: Command): Promise<void> {
  const stopped = await Promise.allSettled((await readWorkingPermits(door.pool, caller.siteId)).map(permitId => handleCommand(door, { ...caller, isHouse: true }, {
    id: uuidFor(id, permitId), type: 'permit.stop', payload: { cause: 'stopped' }, streams: [{ id: permitStream(permitId), expectedVersion: null }], at, deviceId, deviceSeq,
  })))
  // One that fails keeps no other from stopping; whoever sent the stop sends it again until all of it was heard.
  const failed = stopped.flatMap(one => one.status === 'rejected' ? [one.reason as unknown] : [])
  if (failed.length > 0) throw new AggregateError(failed, 'Some hot work did not hear the stop of all.')
}

const MEETING_TRIES = 5
/** The database's own refusals of two at once: somebody in two places, a deadlock, a write that could not be put in order. */
const hasMet = (error: unknown): boolean => error instanceof Error && (
  'constraint' in error && (error.constraint === 'one_task_at_a_time' || error.constraint === 'one_post')
  || 'code' in error && (error.code === '40P01' || error.code === '40001'))

async function handleOnce({ pool, clock, announce }: Door, caller: Caller, command: Command, beside: Beside): Promise<Answer> {
  const commits: (() => void)[] = []
  const answer = await inTransaction(pool, async (db): Promise<Answer> => {
    const now = nowIso(clock)
    const key = { siteId: caller.siteId, commandId: command.id, isHouse: caller.isHouse ?? false }
    const [requestSha256, personId] = [requestHash(command), caller.actor.kind === 'person' ? caller.actor.personId : null]
    const before = await claimCommand(db, key, { requestSha256, personId, now })
    if (before) {
      // A device may send again what somebody sent on it before they signed out; nobody replays what another person did.
      const isAnothers = personId !== null && before.personId !== null && personId !== before.personId
      return before.requestSha256 === requestSha256 && !isAnothers
        ? { status: before.status, body: before.answer } as Answer
        : refusal(command, [finding('hold', 'command.id-reused', { commandId: command.id })])
    }
    const openedAt = await siteOpenedAt(pool, db, caller.siteId)
    const isBefore = openedAt !== null && isAfter(openedAt, command.at)
    // What stops work is heard, though nobody knows when it was pressed: now, at the latest.
    const timed = isBefore && HEARD_WITHOUT_CLOCK.has(command.type) ? { ...command, at: now } : command
    const decided = isBefore && timed === command
      ? { refused: [finding('hold', 'command.before-site', { openedIso: openedAt })] }
      : await decideInRoom(await enterRoom(db, caller, timed, now))
    const given = 'refused' in decided ? refusal(command, decided.refused) : await record(decided, commits)
    if (given.status === 200) {
      // What is known of the health of someone who left is nobody's business any more, and they keep no way in.
      for (const { id } of command.type === 'person.leave' ? command.streams : []) {
        await eraseWearer(db, caller.siteId, kindOf(id).id)
        await eraseCredential(db, caller.siteId, kindOf(id).id)
        await endSessionsOf(db, caller.siteId, kindOf(id).id)
        await dropDevicesOf(db, caller.siteId, kindOf(id).id)
      }
      if (command.type === 'site.revoke-key') await dropDeviceKey(db, caller.siteId, command.payload.keyId)
      await beside(db)
    }
    await keepAnswer(db, key, given.status, given.body)
    return given
  })
  if (commits.length > 0) {
    for (const commit of commits) commit()
    announce(caller.siteId)
  }
  return answer
}

const refusal = ({ id }: Command, refused: readonly Finding[]): Answer => ({ status: 409, body: { commandId: id, findings: refused.map(said => spoken(said)) } })

/** Streams every decision looks at. They are locked first, and shared unless the command decides on more than it names. */
const SURROUNDINGS = [HOUSE_RULES_STREAM, SITE_STREAM] as const

async function enterRoom(db: pg.PoolClient, caller: Caller, command: Command, now: Instant): Promise<Room> {
  const { siteId } = caller
  const heads = await lockHeads(db, siteId, SURROUNDINGS, decidesAlone(command.type) ? 'update' : 'share')
  const site = await foldStream(db, siteId, SITE_STREAM, 'site', heads.get(SITE_STREAM)!)
  const rules = await foldStream(db, siteId, HOUSE_RULES_STREAM, 'house-rules', heads.get(HOUSE_RULES_STREAM)!)
  let read: Promise<Facts> | undefined
  const concerned: Room['concerned'] = { bayIds: [], personIds: [] }
  const readFacts = () => read ??= factsUnder({ db, caller, site, rules, now, concerned })
  return { db, caller, command, now, heads, site, rules, concerned, readFacts }
}

async function factsUnder({ db, caller, site, rules, now, concerned }: Pick<Room, 'db' | 'caller' | 'site' | 'rules' | 'now' | 'concerned'>): Promise<Facts> {
  const { kit, fire, ...air } = await readSurroundings(db, caller.siteId, { rules, timeZone: site.timeZone, now }, concerned)
  return { air: { site, rules, now, ...air }, kit, fire }
}

/** Bays whose gates a command may change besides those it names. */
async function followersOf({ db, caller: { siteId }, command, site, heads }: Room, targets: readonly string[]): Promise<readonly string[]> {
  const ids = targets.map(streamId => kindOf(streamId).id)
  switch (COMMAND_RULES[command.type].follows) {
    case 'none': return []
    case 'all': return site.bays.map(({ bayId }) => bayId)
    case 'hall': {
      const bayIds = [...ids, ...ids.flatMap(id => baysOfHall(site, site.halls.some(({ hallId }) => hallId === id) ? id : hallIdOf(site, id) ?? ''))]
      const personIds = command.type === 'station.place-person' && command.payload.personId !== null ? [command.payload.personId] : []
      return [...bayIds, ...await baysOfPeopleAt(db, siteId, bayIds, personIds)]
    }
    case 'thing': return (await Promise.all(targets.map(async (streamId) => {
      const { kindId } = kindOf(streamId)
      const before = await foldStream(db, siteId, streamId, kindId, heads.get(streamId)!)
      return baysOfThing(db, siteId, before as ItemState | CylinderState | null, command)
    }))).flat()
    case 'permit': return (await Promise.all(targets.map(async streamId => bayOfPermitAt(await foldStream(db, siteId, streamId, 'permit', heads.get(streamId)!), command)))).flat()
    case 'person': return (await Promise.all(ids.map(personId => baysOfPerson(db, siteId, personId)))).flat()
  }
}

/** The bay that a permit is for: as it stands, or as this command would have it. */
function bayOfPermitAt(permit: StreamStates['permit']['state'], command: CommandOf): readonly string[] {
  if (permit) return permit.request.place.bayId === null ? [] : [permit.request.place.bayId]
  const place = command.type === 'permit.request' || command.type === 'permit.report-arc' ? command.payload.place : null
  return place && place.bayId !== null ? [place.bayId] : []
}

/** Bays where a thing is used now, and where this command would have it used. */
async function baysOfThing(db: pg.PoolClient, siteId: string, state: ItemState | CylinderState | null, command: CommandOf): Promise<readonly string[]> {
  const uses: Assignment[] = []
  if (state && 'assignment' in state) uses.push(state.assignment)
  if (state && 'standing' in state && state.standing?.in === 'bay') uses.push({ to: 'bay', id: state.standing.bayId })
  if (command.type === 'item.assign') uses.push(command.payload.assignment)
  if (command.type === 'cylinder.connect') uses.push({ to: 'bay', id: command.payload.bayId })
  return (await Promise.all(uses.map(use => use?.to === 'bay' ? baysServed(use) : use?.to === 'person' ? baysOfPerson(db, siteId, use.id) : use?.to === 'permit' ? bayOfPermit(db, siteId, use.id).then(bayId => bayId === null ? [] : [bayId]) : []))).flat()
}

interface Decided { readonly room: Room, readonly changes: readonly Change[], readonly remarks: readonly Finding[] }
/** One stream with what is to be appended to it, and its state before. */
interface Change { readonly streamId: string, readonly kindId: StreamKindId, readonly before: unknown, readonly events: readonly DecidedEvent[] }

/** The streams a command is about: as named, but every open bay for a stop of all. */
function targetsOf({ command, site }: Room): readonly string[] {
  return command.type === 'station.stop-all'
    ? site.bays.filter(bay => !bay.closed).map(bay => stationStream(bay.bayId))
    : command.streams.map(({ id }) => id)
}

async function decideInRoom(room: Room): Promise<Decided | { readonly refused: readonly Finding[] }> {
  const { command, caller, db, heads } = room
  const rule = COMMAND_RULES[command.type]
  const targets = targetsOf(room)
  const shapeless = targets.filter((streamId) => {
    try { return kindOf(streamId).kindId !== rule.kind }
    catch { return true }
  })
  if (shapeless.length > 0 || targets.length === 0) return { refused: [finding('hold', 'command.unknown-stream', { streamId: shapeless[0] ?? '' })] }
  const twice = targets.find((streamId, index) => targets.indexOf(streamId) !== index)
  if (twice !== undefined) return { refused: [finding('hold', 'command.stream-twice', { streamId: twice })] }
  const isOfBay = rule.kind === 'station' || rule.kind === 'samples'
  const unknownHall = rule.kind === 'hall' && targets.find(streamId => !room.site.halls.some(({ hallId }) => hallId === kindOf(streamId).id))
  if (unknownHall) return { refused: [finding('hold', 'command.unknown-stream', { streamId: unknownHall })] }
  const unknownBay = isOfBay && targets.map(streamId => kindOf(streamId).id).find(bayId => !room.site.bays.some(bay => bay.bayId === bayId))
  if (unknownBay) return { refused: [finding('hold', 'command.bay-unknown', { bayId: unknownBay })] }
  const isThing = rule.kind === 'item' || rule.kind === 'cylinder'
  const untaggable = isThing && targets.find(streamId => !TAG_PATTERN.test(kindOf(streamId).id))
  if (untaggable) return { refused: [finding('hold', 'command.unknown-stream', { streamId: untaggable })] }
  // A thing is locked before the bays it is used at are known: `item/` and `cylinder/` sort before `station/`, so the order of locks stands.
  // One tag, one thing: what wears it may not be of the other sort.
  const isNew = command.type === 'item.register' || command.type === 'cylinder.receive'
  const isPermit = rule.kind === 'permit'
  const notAnId = isPermit && targets.find(streamId => !PERMIT_ID.test(kindOf(streamId).id))
  if (notAnId) return { refused: [finding('hold', 'command.unknown-stream', { streamId: notAnId })] }
  if (isPermit) await lockMore(room, targets)
  if (isThing) await lockMore(room, isNew ? targets.flatMap(streamId => [streamId, otherSort(streamId)]) : targets)
  const forbidden = await refuseRights(room, targets)
  if (forbidden) return { refused: [forbidden] }
  const taken = isNew && targets.find(streamId => heads.get(otherSort(streamId))!.version > 0)
  if (taken) return { refused: [finding('hold', 'kit.tag-taken', { tag: shownTag(kindOf(taken).id) })] }

  const followers = [...new Set((await followersOf(room, targets)).map(stationStream))]
    .filter(streamId => !targets.includes(streamId) && room.site.bays.some(({ bayId }) => bayId === kindOf(streamId).id))
  const permits = isThing ? await permitsOf(room, targets) : []
  await lockMore(room, [...targets, ...permits, ...followers])
  const stationIds = [...targets, ...followers].filter(streamId => kindOf(streamId).kindId === 'station')
  room.concerned.bayIds = stationIds.map(streamId => kindOf(streamId).id)
  room.concerned.personIds = command.type === 'station.place-person' && command.payload.personId !== null ? [command.payload.personId] : []

  const stale = rule.isReport ? [] : command.streams.filter(({ id, expectedVersion }) => expectedVersion !== null && expectedVersion !== heads.get(id)?.version)
  if (stale.length > 0) {
    return { refused: stale.map(({ id, expectedVersion }) => finding('hold', 'command.stale', { streamId: id, expectedVersion: expectedVersion!, version: heads.get(id)!.version })) }
  }

  const changes: Change[] = []
  const remarks: Finding[] = []
  for (const streamId of targets) {
    const { kindId } = kindOf(streamId)
    const before = await foldStream(db, caller.siteId, streamId, kindId, heads.get(streamId)!)
    const decision = await decide(room, streamId, before)
    if (isRefused(decision)) return decision
    remarks.push(...decision.remarks ?? [])
    changes.push({ streamId, kindId, before, events: decision.events.map(({ type, version, payload }) => ({ streamId, type, version, payload })) })
  }
  changes.push(...await stopWithoutKit(room, changes, permits))
  const told = await noticesOf(room, changes, followers)
  return { room, remarks, changes: [...changes, ...told, ...await reassess(room, changes, followers)] }
}

/** Permits at work whose kit a thing is: assigned to them, or standing at their bay. */
async function permitsOf({ db, caller: { siteId }, heads }: Room, targets: readonly string[]): Promise<readonly string[]> {
  const items = (await Promise.all(targets.map(async streamId => kindOf(streamId).kindId === 'item' ? foldStream(db, siteId, streamId, 'item', heads.get(streamId)!) : null)))
    .flatMap(item => item?.assignment ?? [])
  const [permitIds, bayIds] = [items.flatMap(({ to, id }) => to === 'permit' ? [id] : []), items.flatMap(use => use.to === 'bay' ? baysServed(use) : [])]
  return permitIds.length + bayIds.length === 0 ? [] : (await readPermitsAtWork(db, siteId, permitIds, bayIds)).map(permitStream)
}

/** A permit follows its kit as a bay does: what is tagged out, taken away or found bad stops the work that rested on it. */
async function stopWithoutKit(room: Room, changes: readonly Change[], permits: readonly string[]): Promise<readonly Change[]> {
  const items = changes.filter(({ kindId, events }) => kindId === 'item' && events.length > 0)
  if (items.length === 0) return []
  const after = new Map(items.map(change => [kindOf(change.streamId).id, evolveAll(change) as ItemState | null]))
  const { db, caller: { siteId }, command, heads, now } = room
  const stopped: Change[] = []
  for (const streamId of permits) {
    const permit = await foldStream(db, siteId, streamId, 'permit', heads.get(streamId)!)
    const { id: permitId } = kindOf(streamId)
    if (permit?.phase !== 'working' || await hasItsKit(thingRoom(room), { permitId, permit, now, after })) continue
    const payload = { cause: 'kit', note: null, at: earlierOf(command.at, now), by: room.caller.actor.kind === 'person' ? room.caller.actor.personId : room.caller.actor.kind }
    stopped.push({ streamId, kindId: 'permit', before: permit, events: [{ streamId, type: 'work-stopped', version: 1, payload }] })
  }
  return stopped
}

/** What the id of a permit may be: made where it was asked for. */
const PERMIT_ID = /^[a-z0-9][a-z0-9-]{0,63}$/

/** Locks what is not locked yet. */
async function lockMore({ db, caller, heads }: Room, streamIds: readonly string[]): Promise<void> {
  for (const [streamId, head] of await lockHeads(db, caller.siteId, streamIds.filter(id => !heads.has(id)), 'update')) heads.set(streamId, head)
}

const otherSort = (streamId: string): string => {
  const { kindId, id } = kindOf(streamId)
  return kindId === 'item' ? cylinderStream(id) : itemStream(id)
}

const isOwnPermit = (permit: StreamStates['permit']['state'], { caller: { actor }, command: { type } }: Pick<Room, 'caller' | 'command'>): boolean =>
  permit !== null && actor.kind === 'person' && isTheirPermit(permit, actor.personId, type)

/** Where a stream is, for rights that reach only so far: a bay, or the bay that a thing is used at. Own things go with their wearer. */
async function placeOf(room: Room, streamId: string): Promise<Place> {
  const { db, caller, command, site, heads } = room
  const { kindId, id } = kindOf(streamId)
  if (kindId === 'permit') return { bayId: null, areaId: null, isOwnPermit: isOwnPermit(await foldStream(db, caller.siteId, streamId, 'permit', heads.get(streamId)!), room) }
  let bayId: string | null = kindId === 'station' ? id : null
  if (kindId === 'item' || kindId === 'cylinder') {
    const state = await foldStream(db, caller.siteId, streamId, kindId, heads.get(streamId)!) as ItemState | CylinderState | null
    if (state && 'assignment' in state) {
      const isOwn = state.assignment?.to === 'person' && caller.actor.kind === 'person' && state.assignment.id === caller.actor.personId
      const own = caller.holder === 'system' ? null : caller.holder.bayId
      const served = baysServed(state.assignment)
      // Shared with somebody's own bay, it is theirs to look at too.
      bayId = served.find(one => one === own) ?? served[0] ?? (isOwn ? own : null)
    }
    else if (state?.standing?.in === 'bay') bayId = state.standing.bayId
    const to = command.type === 'item.assign' && command.payload.assignment?.to === 'permit' ? command.payload.assignment.id : null
    if (to !== null) return { bayId: null, areaId: null, isOwnPermit: isOwnPermit((await readPermit(db, caller.siteId, to))?.permit ?? null, room) }
    if (bayId === null) return { bayId: null, areaId: null }
  }
  const bay = site.bays.find(one => one.bayId === bayId)
  // Nowhere is nobody's: a right that reaches only so far does not reach there.
  if (!bay) return { bayId: null, areaId: null }
  const permits = command.type === 'station.hand-over' ? await readOpenPermitsAt(db, caller.siteId, bay.bayId) : []
  return { bayId: bay.bayId, areaId: bay.areaId, isOwnPermit: permits.some(permit => isOwnPermit(permit, room)) }
}

async function refuseRights(room: Room, targets: readonly string[]): Promise<Finding | null> {
  const { caller: { holder }, command } = room
  if (holder === 'system') return null
  const { right } = COMMAND_RULES[command.type]
  for (const streamId of targets) if (!mayDo(holder, right, await placeOf(room, streamId))) return finding('hold', 'command.not-allowed', { right, roles: holder.roles })
  return null
}

/** When the shop day ends that the command falls in. */
function dayEnds({ command, now, site, rules }: Pick<Room, 'command' | 'now' | 'site' | 'rules'>): string {
  const at = earlierOf(command.at, now)
  return new Date(shopDayEndsAtMs(Date.parse(at), site.timeZone, rules.shopDayHour)).toISOString()
}

function stationContext(room: Pick<Room, 'command' | 'caller' | 'now' | 'site' | 'rules'>, { air, kit, fire }: JoinedShop, streamId: string): StationContext {
  const { command, caller: { actor }, now, site, rules } = room
  const bay = site.bays.find(({ bayId }) => bayId === kindOf(streamId).id)
  if (!bay) throw new Error(`no bay belongs to ${streamId}`)
  const at = earlierOf(command.at, now)
  return { rules, workplace: workplaceOf(bay), now, at, by: actor.kind === 'person' ? actor.personId : actor.kind, checksValidUntil: dayEnds(room), air: air(bay.bayId), kit: kitAt(kit, bay.bayId), fire: fireAt(fire, bay.bayId) }
}

const judgeFacts = ({ now, site, rules }: Pick<Room, 'now' | 'site' | 'rules'>, { air, kit, fire }: Facts): JoinedShop => joinShop({ ...air, now, site, rules }, kit, fire)

type AnyDecision = Decision<{ readonly type: string, readonly version: number, readonly payload: unknown }>

async function decide(room: Room, streamId: string, before: unknown): Promise<AnyDecision> {
  const { command, db, caller: { siteId, actor }, site } = room
  if (isPermitCommand(command)) return decideOnPermit({ ...thingRoom(room), now: room.now, isSigned: room.caller.isSigned ?? false, by: actor.kind === 'person' ? actor.personId : actor.kind }, kindOf(streamId).id, before as StreamStates['permit']['state'], command)
  if (isItemCommand(command)) return decideOnItem(thingRoom(room), kindOf(streamId).id, before as ItemState | null, command)
  if (isCylinderCommand(command)) return decideOnCylinder(thingRoom(room), kindOf(streamId).id, before as CylinderState | null, command)
  switch (command.type) {
    case 'site.open': case 'site.add-hall': case 'site.add-area': case 'site.add-bay': case 'site.change-bay': case 'site.make-key': case 'site.revoke-key':
      return decideSite(before as StreamStates['site']['state'], command)
    case 'person.add': case 'person.change': case 'person.leave': case 'person.secret-set': case 'person.offer-code': case 'person.use-code': case 'person.check-shaven': case 'person.note-health': case 'person.name-competent': {
      if (command.type === 'person.add' || command.type === 'person.change') {
        const { areaId, bayId } = command.payload
        if (areaId !== null && !site.areas.some(area => area.areaId === areaId)) return { refused: [finding('hold', 'command.unknown-stream', { streamId: areaId })] }
        if (bayId !== null && !site.bays.some(bay => bay.bayId === bayId)) return { refused: [finding('hold', 'command.bay-unknown', { bayId })] }
      }
      if (command.type === 'person.leave') {
        const refused = await refuseFromPost(room, kindOf(streamId).id)
        if (refused) return { refused: [refused] }
      }
      return decidePerson(before as StreamStates['person']['state'], command, { safetyLeads: await countSafetyLeads(db, siteId), dayEnds: dayEnds(room), at: earlierOf(command.at, room.now) })
    }
    case 'house-rules.change': return decideHouseRules(before as HouseRules, command)
    case 'hall.describe': return decideHall(command)
    case 'hall.fit-bay': {
      const { bayId } = command.payload
      return hallIdOf(site, bayId) === kindOf(streamId).id ? decideHall(command) : { refused: [finding('hold', 'command.bay-unknown', { bayId })] }
    }
    case 'fume.enter-sheet': case 'fume.drop-sheet': return decideSheets(before as StreamStates['fume-sheets']['state'], command)
    case 'samples.record': case 'samples.withdraw': return decideSamples(before as StreamStates['samples']['state'], command, await placeForSurvey(room, kindOf(streamId).id), shopDayOf(Date.parse(room.now), site.timeZone, room.rules.shopDayHour))
    case 'check-lists.change': case 'check-lists.drop': return decideCheckLists(before as StreamStates['check-lists']['state'], command)
    case 'place.describe': case 'place.lay-out-store': return decidePlace(before as StreamStates['place']['state'], kindOf(streamId).id, command)
    case 'notice.see': return decideNotice(before as StreamStates['notice']['state'], kindOf(streamId).id, { personId: actor.kind === 'person' ? actor.personId : null, at: room.now })
    case 'seal.day': return decideSeal(before as StreamStates['seal']['state'], command)
    default: return decidePlaced(room, streamId, before as StreamStates['station']['state'], command)
  }
}

/** What stands at a bay now: a survey speaks for that and for nothing else. What the browser thinks is not asked. */
async function placeForSurvey(room: Room, bayId: string): Promise<ReturnType<typeof surveyPlace>> {
  const { air: facts } = await room.readFacts()
  const station = facts.stations[bayId]
  const hallId = hallIdOf(room.site, bayId)
  const air = hallId === null ? undefined : facts.halls[hallId]?.air
  return station && air ? surveyPlace(bayAirOf(station as Station, airOf(facts)(bayId)), air) : null
}

/** Whoever stands on post has no other task, and does not walk out of it unrelieved. */
async function refuseFromPost({ db, caller: { siteId } }: Room, personId: string): Promise<Finding | null> {
  const post = await readPost(db, siteId, personId)
  return post && finding('hold', 'permit.on-post', post)
}

async function decidePlaced(room: Room, streamId: string, station: StreamStates['station']['state'], command: StationCommand): Promise<AnyDecision> {
  if (command.type === 'station.place-person' && command.payload.personId !== null) {
    const { personId } = command.payload
    const person = await readPerson(room.db, room.caller.siteId, personId)
    if (!person) return { refused: [finding('hold', 'command.person-unknown', { personId })] }
    if (person.hasLeft) return { refused: [finding('hold', 'command.person-has-left', { name: person.name })] }
    const refused = await refuseFromPost(room, personId)
    if (refused) return { refused: [refused] }
  }
  return decideStation(station, command, stationContext(room, judgeFacts(room, await room.readFacts()), streamId))
}

/** A change may change the gates of other bays, those of the same hall above all: each records what changed for it. */
async function reassess(room: Room, changes: readonly Change[], followers: readonly string[]): Promise<readonly Change[]> {
  if (followers.length === 0 || changes.every(({ events }) => events.length === 0)) return []
  const after = { ...room, site: stateAfter(changes, 'site') ?? room.site, rules: stateAfter(changes, 'house-rules') ?? room.rules }
  const stop = stopBecause(changes)
  const leaverIds: readonly (string | null)[] = changes.filter(({ events }) => events.some(({ type }) => type === 'person-left')).map(({ streamId }) => kindOf(streamId).id)
  // A bay at which nothing ever happened has no gates on record to differ from.
  const living = followers.filter(streamId => stop !== null || room.heads.get(streamId)!.version > 0)
  if (living.length === 0) return []
  const facts = judgeFacts(after, await factsAfter(after, changes))
  const followed: Change[] = []
  for (const streamId of living) {
    const head = room.heads.get(streamId)!
    const station = await foldStream(room.db, room.caller.siteId, streamId, 'station', head)
    const context = stationContext(after, facts, streamId)
    const first: StationEvent[] = []
    // A leak or a fire stops the place in the same breath: the gate says why, and re-opening takes who may.
    if (stop !== null && !station.stop) first.push({ type: 'stopped', version: 1, payload: { at: context.at, by: context.by, reason: stop } })
    // Whoever leaves the site stands at none of its bays.
    if (leaverIds.includes(station.personId)) first.push({ type: 'person-placed', version: 2, payload: { personId: null, at: context.at } })
    const events = [...first, ...gateChanges(first.reduce(evolveStation, station), context)].map(({ type, version, payload }) => ({ streamId, type, version, payload }))
    if (events.length > 0) followed.push({ streamId, kindId: 'station', before: station, events })
  }
  return followed
}

/** What gates rest on once the changes stand. */
async function factsAfter(room: Room, changes: readonly Change[]): Promise<Facts> {
  // Rules may change what a wearer's dates are worth: they are read again under the new ones.
  const before = room.command.type === 'house-rules.change' ? await factsUnder(room) : await room.readFacts()
  let { halls, stations, surveys, sheets, wearers } = before.air
  let { lists, items, cylinders } = before.kit
  let { permits } = before.fire
  for (const change of changes) {
    const { kindId, id } = kindOf(change.streamId)
    if (kindId === 'hall') halls = { ...halls, [id]: evolveAll(change) as StreamStates['hall']['state'] }
    else if (kindId === 'station') stations = { ...stations, [id]: evolveAll(change) as Station }
    else if (kindId === 'samples') surveys = { ...surveys, [id]: (evolveAll(change) as StreamStates['samples']['state']).surveys }
    else if (change.streamId === FUME_SHEETS_STREAM) sheets = evolveAll(change) as StreamStates['fume-sheets']['state']
    else if (change.streamId === CHECK_LISTS_STREAM) lists = evolveAll(change) as StreamStates['check-lists']['state']
    else if (kindId === 'item') items = [...items.filter(({ tag }) => tag !== shownTag(id)), ...[evolveAll(change) as ItemState | null].flatMap(state => state ?? [])]
    else if (kindId === 'cylinder') cylinders = [...cylinders.filter(({ tag }) => tag !== shownTag(id)), ...[evolveAll(change) as CylinderState | null].flatMap(state => state ?? [])]
    else if (kindId === 'permit') permits = [...permits.filter(({ permitId }) => permitId !== id), ...[evolveAll(change) as StreamStates['permit']['state']].flatMap(permit => permit ? [{ permitId: id, version: 0, permit }] : [])]
    else if (kindId === 'person' && wearers[id]) {
      const { shaven } = evolveAll(change) as StreamStates['person']['state']
      wearers = { ...wearers, [id]: { ...wearers[id], isShaven: shaven && stands(shaven.validUntil, room.now) ? shaven.isShaven : null } }
    }
  }
  return { air: { site: room.site, rules: room.rules, now: room.now, halls, stations, surveys, sheets, wearers }, kit: { lists, items, cylinders }, fire: { ...before.fire, permits } }
}

const thingRoom = (room: Room): ThingRoom => {
  const { db, caller, site, rules, command, now } = room
  const at = earlierOf(command.at, now)
  return { db, caller, site, rules, at, shopDay: shopDayOf(Date.parse(at), site.timeZone, rules.shopDayHour), dayEnds: dayEnds(room) }
}

/** Whoever has to hear of it is told, each on record, in the same breath. */
async function noticesOf(room: Room, changes: readonly Change[], followers: readonly string[]): Promise<readonly Change[]> {
  const news = toTell(changes)
  if (news.length === 0) return []
  const { db, caller: { siteId, actor }, command, site, now } = room
  const bayIds = followers.map(streamId => kindOf(streamId).id)
  const people = await readTellable(db, siteId)
  const { air: { stations } } = await room.readFacts()
  const atBays = bayIds.flatMap(bayId => stations[bayId]?.personId ?? [])
  const areaIds = site.bays.filter(({ bayId }) => bayIds.includes(bayId)).map(({ areaId }) => areaId)
  const told = news.map(({ streamId: about, what, personIds }, index): Change => {
    const streamId = noticeStream(uuidFor(command.id, String(index)))
    const { kindId } = kindOf(about)
    const to = whoHears(people, { personIds: atBays, namedIds: personIds, areaIds, isAbout: kindId === 'permit' ? 'hot-work' : kindId === 'person' ? 'sign-in' : 'thing' }, actor.kind === 'person' ? actor.personId : null)
    return { streamId, kindId: 'notice', before: null, events: to.length === 0 ? [] : [{ streamId, type: 'notice-given', version: 1, payload: { what, about, bayIds, to, givenAt: now } }] }
  })
  await lockMore(room, told.map(({ streamId }) => streamId))
  return told
}

const evolveAll = ({ kindId, before, events }: Change): unknown => {
  const kind = STREAM_KINDS[kindId] as { readonly evolve: (state: unknown, event: unknown) => unknown }
  return events.reduce((state: unknown, event) => kind.evolve(state, event), before)
}

function stateAfter<Kind extends StreamKindId>(changes: readonly Change[], kindId: Kind): StreamStates[Kind]['state'] | undefined {
  const change = changes.find(other => other.kindId === kindId)
  return change && evolveAll(change) as StreamStates[Kind]['state']
}

/** Appends, projects and answers. What only holds once committed is left in `commits`. */
async function record({ room, changes, remarks }: Decided, commits: (() => void)[]): Promise<Answer> {
  const { db, caller: { siteId, actor }, command, now, heads } = room
  const chained: ChainedEvent[] = []
  const at = earlierOf(command.at, now)
  for (const change of changes.filter(({ events }) => events.length > 0)) {
    const { streamId, kindId } = change
    const first = heads.get(streamId)!
    let head = first
    for (const { type, version: typeVersion, payload } of change.events) {
      const next = chain(head, { siteId, streamId, type, typeVersion, at, recordedAt: now, actor, commandId: command.id, payload })
      chained.push(next.event)
      head = next.head
    }
    heads.set(streamId, head)
    const state = evolveAll(change)
    const kind = STREAM_KINDS[kindId] as { readonly project: (db: pg.PoolClient, siteId: string, id: string, version: number, state: unknown) => Promise<void> }
    await kind.project(db, siteId, kindOf(streamId).id, head.version, state)
    await snapshotIfDue(db, siteId, streamId, first, head, state)
    const reached = head
    commits.push(() => remember(siteId, streamId, reached, state))
  }
  const position = chained.length === 0
    ? await readPosition(db, siteId)
    : await append(db, siteId, chained, { recordedAt: now, actorKind: actor.kind, actorPersonId: actor.kind === 'person' ? actor.personId : null, commandId: command.id })
  const streams = changes.map(({ streamId }) => ({ id: streamId, version: heads.get(streamId)!.version }))
  return { status: 200, body: { commandId: command.id, position, streams, findings: remarks.map(said => spoken(said)) } }
}

