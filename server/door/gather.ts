import { randomBytes } from 'node:crypto'
import type { Bystanders, WorkingPermit } from '#core/clearance/consequences'
import { noticeStream, permitStream, stationStream } from '#core/ids/streams'
import { placedBy } from '#core/streams/station/decide-station'
import type { StationCommand } from '#core/streams/station/decide-station'
import type { SiteFacts } from '#core/site-facts/site-facts'
import { answering } from '#core/streams/asks'
import type { Answers, Asks } from '#core/streams/asks'
import type { Target } from '#core/streams/decide-together'
import { kindOfStream, ruleOf } from '#core/streams/kinds'
import type { Touched } from '#core/streams/stream-kind'
import { readPerson, countSafetyLeads, readTellable } from '../tables/person'
import {
  baysOfPermits,
  countScreens,
  readHelpers,
  readPermit,
  readPermitItems,
  readPermitsAtWork,
  readPermitsNear,
  readPost,
} from '../tables/permit'
import { baysOfPeople, readJobAt, readStandsAt, readStillThere } from '../tables/station'
import { readSiteFacts } from '../tables/site-facts'
import { recorded } from '../spoken'
import { foldAs } from './fold'
import { lockMore, sceneOf, stateOf } from './room'
import type { Room } from './room'
import { uuidFor } from './system-command'
import { readPlacesById } from '../tables/place'
import { readValues } from '../tables/monitor'
import { readCheckLists } from '../tables/check-lists'

/** Letters and figures that are not taken for one another when they are spoken or typed. */
const SPOKEN_LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789'

/** A short code to be typed, and the long one behind the paper's code. */
function makeCodes(): Answers['codes'] {
  const short = [...randomBytes(6)].map(byte => SPOKEN_LETTERS[byte % SPOKEN_LETTERS.length]).join('')
  return { code: `HW-${short}`, token: randomBytes(24).toString('base64url') }
}

/** What was found of some ids, by id; what is not there is left out. */
async function byId<Value>(ids: readonly string[], read: (id: string) => Promise<Value | null>): Promise<Record<string, Value>> {
  const found: Record<string, Value> = {}
  for (const id of new Set(ids)) {
    const value = await read(id)
    if (value !== null) found[id] = value
  }
  return found
}

type Looks = {
  readonly [Question in keyof Asks]-?: (room: Room, asked: NonNullable<Asks[Question]>, id: string) => Promise<Answers[Question]>
}

/** How each question is looked up. One that can be asked and has no answer does not compile. */
const LOOKS: Looks = {
  people: ({ db, caller: { siteId } }, ids) => byId(ids, id => readPerson(db, siteId, id)),
  posts: ({ db, caller: { siteId } }, ids) => byId(ids, id => readPost(db, siteId, id)),
  places: ({ db, caller: { siteId } }, ids) => readPlacesById(db, siteId, ids),
  permits: ({ db, caller: { siteId } }, ids) => byId(ids, async id => (await readPermit(db, siteId, id))?.permit ?? null),
  jobAt: ({ db, caller: { siteId } }, bayId) => readJobAt(db, siteId, bayId),
  standsAt: ({ db, caller: { siteId } }, bayId) => readStandsAt(db, siteId, bayId),
  stillAt: ({ db, caller: { siteId } }, bayIds) => readStillThere(db, siteId, bayIds),
  lists: async ({ db, caller: { siteId } }) => (await readCheckLists(db, siteId)).lists,
  // Two who are named by one command would each count on the other to stay.
  safetyLeads: ({ db, caller: { siteId }, command: { streams } }, _asked, id) =>
    countSafetyLeads(
      db,
      siteId,
      streams.map(stream => kindOfStream(stream.id).id).filter(one => one !== id),
    ),
  helpers: ({ db, caller: { siteId } }, { personIds, fromAt, untilAt }, permitId) =>
    readHelpers(db, siteId, permitId, personIds, fromAt, untilAt),
  nearPermits: ({ db, caller: { siteId } }, near) => readPermitsNear(db, siteId, near),
  screens: ({ db, caller: { siteId }, now }) => countScreens(db, siteId, now),
  permitKit: ({ db, caller: { siteId } }, { permitId, bayId }) => readPermitItems(db, siteId, permitId, bayId),
  codes: async () => makeCodes(),
  keptReadings: ({ db, caller: { siteId } }, span, monitorId) => readValues(db, siteId, monitorId, span),
  air: async room => readFacts(room, { bayIds: [], personIds: [] }),
}

/** The answers to what a command asks about one of its streams. */
async function answers(room: Room, asks: Asks, id: string): Promise<Partial<Answers>> {
  const found: Partial<Record<keyof Answers, unknown>> = {}
  for (const question of Object.keys(asks) as (keyof Asks)[]) {
    const look = LOOKS[question] as (room: Room, asked: unknown, id: string) => Promise<unknown>
    found[question] = await look(room, asks[question], id)
  }
  return found as Partial<Answers>
}

/** What every gate rests on besides its station: the air of the site, and what stands at the bays concerned. */
async function readFacts(
  { db, caller: { siteId }, command, site, rules, now }: Room,
  concerned: { readonly bayIds: readonly string[], readonly personIds: readonly string[] },
): Promise<SiteFacts> {
  // Rules may change what a wearer's dates are worth: they are read under those that are about to stand.
  const under = command.type === 'house-rules.change' ? command.payload : rules
  const { facts } = await readSiteFacts(db, siteId, { site, rules: under, now }, concerned)
  return { ...facts, rules }
}

/** The bays whose gates a command may change besides what it names. */
async function baysTouched({ db, caller: { siteId } }: Room, touched: readonly Touched[]): Promise<readonly string[]> {
  const all = <Key extends keyof Touched>(key: Key): string[] => touched.flatMap(one => one[key] ?? [])
  const [bayIds, personIds, permitIds, sharedWorkWith] = [all('bayIds'), all('personIds'), all('permitIds'), all('sharedWorkWith')]
  const ofPeople = personIds.length + sharedWorkWith.length > 0 ? await baysOfPeople(db, siteId, sharedWorkWith, personIds) : []
  const ofPermits = permitIds.length > 0 ? await baysOfPermits(db, siteId, permitIds) : []
  return [...new Set([...bayIds, ...ofPeople, ...ofPermits])]
}

/** Streams that a decision may change besides those it is about. */
export interface Neighbours {
  readonly followerIds: readonly string[]
  readonly workingPermitIds: readonly string[]
}

/** Finds and locks what else a decision may change: bays whose gates rest on it, permits whose work does. */
export async function lockNeighbours(room: Room, targets: readonly string[]): Promise<Neighbours> {
  const {
    db,
    caller: { siteId },
    command,
    site,
  } = room
  const { touches } = ruleOf(command.type)
  const touched: Touched[] = []
  const resting = { permitIds: [] as string[], bayIds: [] as string[] }
  for (const streamId of targets) {
    const { kind, id } = kindOfStream(streamId)
    if (touches) touched.push(touches(await stateOf(room, streamId), command, { id, site }))
    const work = kind.workRestingOn?.(await stateOf(room, streamId))
    resting.permitIds.push(...(work?.permitIds ?? []))
    resting.bayIds.push(...(work?.bayIds ?? []))
  }
  const followerIds = (await baysTouched(room, touched)).filter(
    bayId => !targets.includes(stationStream(bayId)) && site.bays.some(bay => bay.bayId === bayId),
  )
  const workingPermitIds
    = resting.permitIds.length + resting.bayIds.length > 0 ? await readPermitsAtWork(db, siteId, resting.permitIds, resting.bayIds) : []
  await lockMore(room, [...workingPermitIds.map(permitStream), ...followerIds.map(stationStream)])
  return { followerIds, workingPermitIds }
}

/** Everything that a decision reads: each target with its answers, and who and what stands beside. After this nothing is asked any more. */
export async function gather(
  room: Room,
  targets: readonly string[],
  { followerIds, workingPermitIds }: Neighbours,
): Promise<{ readonly targets: readonly Target[], readonly bystanders: Bystanders }> {
  const {
    db,
    caller: { siteId },
    command,
    heads,
  } = room
  const { asks } = ruleOf(command.type)
  const known: Target[] = []
  for (const streamId of targets) {
    const { id } = kindOfStream(streamId)
    const state = await stateOf(room, streamId)
    known.push({ streamId, state, answer: answering(asks ? await answers(room, asks(state, command, sceneOf(room, id)), id) : {}) })
  }
  const bayIds = [
    ...targets
      .map(kindOfStream)
      .filter(({ name }) => name === 'station')
      .map(({ id }) => id),
    ...followerIds,
  ]
  const personIds = bayIds.flatMap(bayId => placedBy(command as StationCommand, bayId) ?? [])
  const followers: Bystanders['followers'][number][] = []
  for (const bayId of followerIds) {
    const head = heads.get(stationStream(bayId))!
    followers.push({ bayId, station: await foldAs('station', db, siteId, stationStream(bayId), head), isLiving: head.version > 0 })
  }
  const workingPermits: WorkingPermit[] = []
  for (const permitId of workingPermitIds) {
    const permit = await foldAs('permit', db, siteId, permitStream(permitId), heads.get(permitStream(permitId))!)
    workingPermits.push({ permitId, permit, items: await readPermitItems(db, siteId, permitId, permit?.request.place.bayId ?? null) })
  }
  const tellsPeople = targets.some(streamId => kindOfStream(streamId).kind.news !== undefined)
  const scene = sceneOf(room, '')
  const bystanders: Bystanders = {
    scene,
    facts: bayIds.length > 0 || workingPermitIds.length > 0 ? await readFacts(room, { bayIds, personIds }) : null,
    recordsGates: true,
    followers,
    workingPermits,
    people: tellsPeople ? await readTellable(db, siteId) : [],
    noticeStreamOf: index => noticeStream(uuidFor(command.id, String(index))),
    say: said => recorded(said, scene.rules),
  }
  return { targets: known, bystanders }
}
