import { createHash } from 'node:crypto'
import type pg from 'pg'
import type { Actor, Decision } from '#core/command/decision'
import { isRefused } from '#core/command/decision'
import type { CommandOf, CommandType } from '#core/command/commands'
import { FUME_SHEETS_STREAM, HOUSE_RULES_STREAM, SITE_STREAM, stationStream } from '#core/command/commands'
import { airOf, baysOfHall, hallIdOf } from '#core/air/air-facts'
import type { AirFacts } from '#core/air/air-facts'
import { surveyPlace } from '#core/air/assess-air'
import { bayAirOf } from '#core/clearance/air-gate'
import { decideSheets } from '#core/fume/data-sheets'
import { decideHall } from '#core/hall/hall-state'
import { decideSamples } from '#core/samples/survey'
import type { Station } from '#core/station/station'
import type { Finding } from '#core/finding'
import { finding } from '#core/finding'
import { decideHouseRules } from '#core/houserules/decide-house-rules'
import type { HouseRules } from '#core/houserules/house-rules'
import { shopDayEndsAtMs } from '#core/houserules/shop-day'
import { decidePerson } from '#core/person/person'
import { mayDo } from '#core/person/rights'
import type { Holder, Place } from '#core/person/rights'
import { decideSeal } from '#core/seal/seal'
import { decideSite, workplaceOf } from '#core/site/site'
import type { Site } from '#core/site/site'
import { decideStation, gateChanges } from '#core/station/decide-station'
import type { StationCommand, StationContext } from '#core/station/decide-station'
import type { CommandAccepted, CommandRefused } from '#shared/readings'
import { spoken } from '#shared/messages/speak'
import { baysOfPerson, eraseWearer, readAir } from '../database/air'
import type { Clock } from '../clock'
import { nowIso } from '../clock'
import { inTransaction } from '../database/connection'
import type { ChainedEvent, DecidedEvent, Head } from '../database/event'
import { append, canonicalText, chain, lockHeads } from '../database/event'
import { claimCommand, keepAnswer } from '../database/command-answer'
import { countSafetyLeads, readPerson } from '../database/person'
import { readPosition } from '../database/site'
import { COMMAND_RULES } from './command-rules'
import { foldStream, kindOf, remember, snapshotIfDue } from './fold'
import type { StreamKindId, StreamStates } from './stream-kinds'
import { STREAM_KINDS } from './stream-kinds'

/** A command as it reaches the door: shape checked, PIN checked and dropped. */
export type Command = CommandOf & {
  readonly id: string
  readonly streams: readonly { readonly id: string, readonly expectedVersion: number | null }[]
  readonly at: string
  readonly deviceId: string
  readonly deviceSeq: number
}

/** Who stands at the door. The clock and a known device hold no rights of a person; the routes decide what they may send. */
export interface Caller {
  readonly siteId: string
  readonly actor: Actor
  readonly holder: Holder | 'system'
}

export interface Door {
  readonly pool: pg.Pool
  readonly clock: Clock
  /** Told after the commit that a site has something new. */
  readonly announce: (siteId: string) => void
}

export type Answer =
  | { readonly status: 200, readonly body: CommandAccepted }
  | { readonly status: 409, readonly body: CommandRefused }

/** What one transaction knows: locked heads and folded states. */
interface Room {
  readonly db: pg.PoolClient
  readonly caller: Caller
  readonly command: Command
  readonly now: string
  readonly heads: Map<string, Head>
  readonly site: Site
  readonly rules: HouseRules
  /** What the air of the site rests on, read once when first asked for. */
  readonly readAirFacts: () => Promise<AirFacts>
}

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex')

/** What makes two sendings the same command. When it was sent, and any signature, are not part of it. */
const requestHash = ({ type, streams, at, deviceId, deviceSeq, payload }: Command): string =>
  sha256(canonicalText({ type, streams, at, deviceId, deviceSeq, payload }))

/**
 * The one door for change. In one transaction: has it been seen? lock the streams, fold them, decide in the core, append
 * the events to their chains, update the read tables, keep the answer; after the commit, announce.
 *
 * @returns the answer, the same one again for the same command; a refusal is an answer with its reasons
 */
export async function handleCommand({ pool, clock, announce }: Door, caller: Caller, command: Command): Promise<Answer> {
  const commits: (() => void)[] = []
  const answer = await inTransaction(pool, async (db): Promise<Answer> => {
    const now = nowIso(clock)
    const before = await claimCommand(db, caller.siteId, command.id, requestHash(command), now)
    if (before) {
      return before.requestSha256 === requestHash(command)
        ? { status: before.status, body: before.answer } as Answer
        : refusal(command, [finding('hold', 'command.id-reused', { commandId: command.id })])
    }
    const decided = await decideInRoom(await enterRoom(db, caller, command, now))
    const given = 'refused' in decided ? refusal(command, decided.refused) : await record(decided, commits)
    await keepAnswer(db, caller.siteId, command.id, given.status, given.body)
    return given
  })
  if (commits.length > 0) {
    for (const commit of commits) commit()
    announce(caller.siteId)
  }
  return answer
}

const refusal = ({ id }: Command, refused: readonly Finding[]): Answer => ({ status: 409, body: { commandId: id, findings: refused.map(said => spoken(said)) } })

/** Streams every decision looks at. They are locked first, and shared unless the command changes them. */
const SURROUNDINGS = [HOUSE_RULES_STREAM, SITE_STREAM] as const
const changesSurroundings = (type: CommandType): boolean => COMMAND_RULES[type].kind === 'site' || COMMAND_RULES[type].kind === 'house-rules'

async function enterRoom(db: pg.PoolClient, caller: Caller, command: Command, now: string): Promise<Room> {
  const { siteId } = caller
  const heads = await lockHeads(db, siteId, SURROUNDINGS, changesSurroundings(command.type) ? 'update' : 'share')
  const site = await foldStream(db, siteId, SITE_STREAM, 'site', heads.get(SITE_STREAM)!)
  const rules = await foldStream(db, siteId, HOUSE_RULES_STREAM, 'house-rules', heads.get(HOUSE_RULES_STREAM)!)
  let read: Promise<AirFacts> | undefined
  const readAirFacts = () => read ??= readAir(db, siteId, rules, now).then(readings => ({ site, rules, now, ...readings }))
  return { db, caller, command, now, heads, site, rules, readAirFacts }
}

/** Bays whose gates a command may change besides those it names. */
async function followersOf({ db, caller: { siteId }, command, site }: Room, targets: readonly string[]): Promise<readonly string[]> {
  const ids = targets.map(streamId => kindOf(streamId).id)
  switch (COMMAND_RULES[command.type].follows) {
    case 'none': return []
    case 'all': return site.bays.map(({ bayId }) => bayId)
    case 'hall': return ids.flatMap(id => baysOfHall(site, site.halls.some(({ hallId }) => hallId === id) ? id : hallIdOf(site, id) ?? ''))
    case 'bay': return ids
    case 'person': return (await Promise.all(ids.map(personId => baysOfPerson(db, siteId, personId)))).flat()
  }
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
  const isOfBay = rule.kind === 'station' || rule.kind === 'samples'
  const unknownHall = rule.kind === 'hall' && targets.find(streamId => !room.site.halls.some(({ hallId }) => hallId === kindOf(streamId).id))
  if (unknownHall) return { refused: [finding('hold', 'command.unknown-stream', { streamId: unknownHall })] }
  const unknownBay = isOfBay && targets.map(streamId => kindOf(streamId).id).find(bayId => !room.site.bays.some(bay => bay.bayId === bayId))
  if (unknownBay) return { refused: [finding('hold', 'command.bay-unknown', { bayId: unknownBay })] }
  const forbidden = refuseRights(room, targets)
  if (forbidden) return { refused: [forbidden] }

  const followers = [...new Set((await followersOf(room, targets)).map(stationStream))].filter(streamId => !targets.includes(streamId))
  for (const [streamId, head] of await lockHeads(db, caller.siteId, [...targets.filter(id => !heads.has(id)), ...followers], 'update')) heads.set(streamId, head)

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
  return { room, remarks, changes: [...changes, ...await reassess(room, changes, followers)] }
}

function placeOf(site: Site, streamId: string): Place | undefined {
  const { kindId, id } = kindOf(streamId)
  const bay = kindId === 'station' ? site.bays.find(({ bayId }) => bayId === id) : undefined
  return bay && { bayId: bay.bayId, areaId: bay.areaId }
}

function refuseRights({ caller: { holder }, command, site }: Room, targets: readonly string[]): Finding | null {
  if (holder === 'system') return null
  const { right } = COMMAND_RULES[command.type]
  const allowed = targets.every(streamId => mayDo(holder, right, placeOf(site, streamId)))
  return allowed ? null : finding('hold', 'command.not-allowed', { right, roles: holder.roles })
}

/** When the shop day ends that the command falls in. */
function dayEnds({ command, now, site, rules }: Pick<Room, 'command' | 'now' | 'site' | 'rules'>): string {
  const at = command.at < now ? command.at : now
  return new Date(shopDayEndsAtMs(Date.parse(at), site.timeZone, rules.shopDayHour)).toISOString()
}

function stationContext(room: Pick<Room, 'command' | 'caller' | 'now' | 'site' | 'rules'>, facts: AirFacts, streamId: string): StationContext {
  const { command, caller: { actor }, now, site, rules } = room
  const bay = site.bays.find(({ bayId }) => bayId === kindOf(streamId).id)
  if (!bay) throw new Error(`no bay belongs to ${streamId}`)
  const at = command.at < now ? command.at : now
  return { rules, workplace: workplaceOf(bay), now, at, by: actor.kind === 'person' ? actor.personId : actor.kind, checksValidUntil: dayEnds(room), air: airOf(facts)(bay.bayId) }
}

type AnyDecision = Decision<{ readonly type: string, readonly version: number, readonly payload: unknown }>

async function decide(room: Room, streamId: string, before: unknown): Promise<AnyDecision> {
  const { command, db, caller: { siteId }, site } = room
  switch (command.type) {
    case 'site.open': case 'site.add-hall': case 'site.add-area': case 'site.add-bay': case 'site.change-bay':
      return decideSite(before as StreamStates['site']['state'], command)
    case 'person.add': case 'person.change': case 'person.leave': case 'person.secret-set': case 'person.check-shaven': case 'person.note-health': {
      if (command.type === 'person.add' || command.type === 'person.change') {
        const { areaId, bayId } = command.payload
        if (areaId !== null && !site.areas.some(area => area.areaId === areaId)) return { refused: [finding('hold', 'command.unknown-stream', { streamId: areaId })] }
        if (bayId !== null && !site.bays.some(bay => bay.bayId === bayId)) return { refused: [finding('hold', 'command.bay-unknown', { bayId })] }
      }
      // What is known of the health of someone who left is nobody's business any more.
      if (command.type === 'person.leave') await eraseWearer(db, siteId, kindOf(streamId).id)
      return decidePerson(before as StreamStates['person']['state'], command, { safetyLeads: await countSafetyLeads(db, siteId), dayEnds: dayEnds(room) })
    }
    case 'house-rules.change': return decideHouseRules(before as HouseRules, command)
    case 'hall.describe': return decideHall(command)
    case 'hall.fit-bay': {
      const { bayId } = command.payload
      return hallIdOf(site, bayId) === kindOf(streamId).id ? decideHall(command) : { refused: [finding('hold', 'command.bay-unknown', { bayId })] }
    }
    case 'fume.enter-sheet': case 'fume.drop-sheet': return decideSheets(before as StreamStates['fume-sheets']['state'], command)
    case 'samples.record': case 'samples.withdraw': return decideSamples(before as StreamStates['samples']['state'], command, await placeForSurvey(room, kindOf(streamId).id))
    case 'seal.day': return decideSeal(before as StreamStates['seal']['state'], command)
    default: return decidePlaced(room, streamId, before as StreamStates['station']['state'], command)
  }
}

/** What stands at a bay now: a survey speaks for that and for nothing else. What the browser thinks is not asked. */
async function placeForSurvey(room: Room, bayId: string): Promise<ReturnType<typeof surveyPlace>> {
  const facts = await room.readAirFacts()
  const station = facts.stations[bayId]
  const hallId = hallIdOf(room.site, bayId)
  const air = hallId === null ? undefined : facts.halls[hallId]?.air
  return station && air ? surveyPlace(bayAirOf(station as Station, airOf(facts)(bayId)), air) : null
}

async function decidePlaced(room: Room, streamId: string, station: StreamStates['station']['state'], command: StationCommand): Promise<AnyDecision> {
  if (command.type === 'station.place-person' && command.payload.personId !== null) {
    const { personId } = command.payload
    const person = await readPerson(room.db, room.caller.siteId, personId)
    if (!person) return { refused: [finding('hold', 'command.person-unknown', { personId })] }
    if (person.hasLeft) return { refused: [finding('hold', 'command.person-has-left', { name: person.name })] }
  }
  return decideStation(station, command, stationContext(room, await room.readAirFacts(), streamId))
}

/** A change may change the gates of other bays, those of the same hall above all: each records what changed for it. */
async function reassess(room: Room, changes: readonly Change[], followers: readonly string[]): Promise<readonly Change[]> {
  if (followers.length === 0 || changes.every(({ events }) => events.length === 0)) return []
  const after = { ...room, site: stateAfter(changes, 'site') ?? room.site, rules: stateAfter(changes, 'house-rules') ?? room.rules }
  const facts = await airAfter(after, changes)
  const followed: Change[] = []
  for (const streamId of followers) {
    const head = room.heads.get(streamId)!
    if (head.version === 0) continue
    const station = await foldStream(room.db, room.caller.siteId, streamId, 'station', head)
    const events = gateChanges(station, stationContext(after, facts, streamId)).map(({ type, version, payload }) => ({ streamId, type, version, payload }))
    if (events.length > 0) followed.push({ streamId, kindId: 'station', before: station, events })
  }
  return followed
}

/** What the air of the site rests on once the changes stand. */
async function airAfter(room: Room, changes: readonly Change[]): Promise<AirFacts> {
  // Rules may change what a wearer's dates are worth: they are read again under the new ones.
  const before = room.command.type === 'house-rules.change'
    ? { ...await readAir(room.db, room.caller.siteId, room.rules, room.now) }
    : await room.readAirFacts()
  let { halls, stations, surveys, sheets, wearers } = before
  for (const change of changes) {
    const { kindId, id } = kindOf(change.streamId)
    if (kindId === 'hall') halls = { ...halls, [id]: evolveAll(change) as StreamStates['hall']['state'] }
    else if (kindId === 'station') stations = { ...stations, [id]: evolveAll(change) as Station }
    else if (kindId === 'samples') surveys = { ...surveys, [id]: (evolveAll(change) as StreamStates['samples']['state']).surveys }
    else if (change.streamId === FUME_SHEETS_STREAM) sheets = evolveAll(change) as StreamStates['fume-sheets']['state']
    else if (kindId === 'person' && wearers[id]) {
      const { shaven } = evolveAll(change) as StreamStates['person']['state']
      wearers = { ...wearers, [id]: { ...wearers[id], isShaven: shaven && shaven.validUntil > room.now ? shaven.isShaven : null } }
    }
  }
  return { site: room.site, rules: room.rules, now: room.now, halls, stations, surveys, sheets, wearers }
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
  const at = command.at < now ? command.at : now
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

