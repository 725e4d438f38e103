import { evolveHouseRules, NEW_SITE_RULES, upcastHouseRules } from '#core/houserules/house-rules'
import type { HouseRules, HouseRulesEvent } from '#core/houserules/house-rules'
import { evolvePerson, NOBODY, upcastPerson } from '#core/person/person'
import type { Person, PersonEvent } from '#core/person/person'
import { evolveSeals, NO_SEALS } from '#core/seal/seal'
import type { SealEvent, Seals } from '#core/seal/seal'
import { evolveSite, NO_SITE } from '#core/site/site'
import type { Site, SiteEvent } from '#core/site/site'
import { checksLapseAt, EMPTY_STATION, evolveStation, upcastStation } from '#core/station/station'
import type { Station, StationEvent } from '#core/station/station'
import { evolveSheets, NO_SHEETS, upcastSheets } from '#core/fume/data-sheets'
import type { FumeDataSheets, FumeEvent } from '#core/fume/data-sheets'
import { evolveHall, NO_HALL } from '#core/hall/hall-state'
import type { HallEvent, HallState } from '#core/hall/hall-state'
import { evolveSamples, NO_SAMPLES } from '#core/samples/survey'
import type { SamplesEvent, SamplesState } from '#core/samples/survey'
import { evolveCylinder, upcastCylinder } from '#core/cylinder/cylinder'
import type { CylinderEvent, CylinderState } from '#core/cylinder/cylinder'
import { evolveCheckLists, NO_OWN_LISTS } from '#core/inspection/check-lists'
import type { CheckListsEvent, CheckListsState } from '#core/inspection/check-lists'
import { evolvePermit } from '#core/hotwork/evolve-permit'
import { permitDeadlines } from '#core/hotwork/permit-deadlines'
import type { Permit, PermitEvent } from '#core/hotwork/permit'
import { upcastPermit } from '#core/hotwork/permit'
import { writePermit } from '../database/permit'
import { evolveItem } from '#core/inspection/item'
import type { ItemEvent, ItemState } from '#core/inspection/item'
import { evolveNotice } from '#core/notice/notice'
import type { Notice, NoticeEvent } from '#core/notice/notice'
import { evolvePlace } from '#core/place/place'
import type { Place, PlaceEvent } from '#core/place/place'
import { writeCheckLists, writeCylinder, writeItem, writeNotice, writePlace } from '../database/store'
import { writeHall, writeSamples, writeSheets } from '../database/surroundings'
import type { EventBody } from '../database/event'
import type { Queryable } from '../database/connection'
import { writeHouseRules, writeSite } from '../database/site'
import { writeStation } from '../database/station'
import { writePerson } from '../database/person'
import { setDeadlines } from '../database/deadline'

/** The state and the events of each kind of stream. */
export interface StreamStates {
  'site': { readonly state: Site, readonly event: SiteEvent }
  'house-rules': { readonly state: HouseRules, readonly event: HouseRulesEvent }
  'station': { readonly state: Station, readonly event: StationEvent }
  'person': { readonly state: Person, readonly event: PersonEvent }
  'seal': { readonly state: Seals, readonly event: SealEvent }
  'hall': { readonly state: HallState, readonly event: HallEvent }
  'fume-sheets': { readonly state: FumeDataSheets, readonly event: FumeEvent }
  'samples': { readonly state: SamplesState, readonly event: SamplesEvent }
  'item': { readonly state: ItemState | null, readonly event: ItemEvent }
  'cylinder': { readonly state: CylinderState | null, readonly event: CylinderEvent }
  'check-lists': { readonly state: CheckListsState, readonly event: CheckListsEvent }
  'place': { readonly state: Place | null, readonly event: PlaceEvent }
  'permit': { readonly state: Permit | null, readonly event: PermitEvent }
  'notice': { readonly state: Notice | null, readonly event: NoticeEvent }
}
export type StreamKindId = keyof StreamStates

/** How a kind of stream is folded, and what is derived from its state. */
export interface StreamKind<State, Event> {
  readonly initial: State
  readonly evolve: (state: State, event: Event) => State
  /** Reads an event of any landed version as the newest one. */
  readonly upcast: (body: Pick<EventBody, 'type' | 'typeVersion' | 'payload'>) => Event
  readonly project: (db: Queryable, siteId: string, id: string, version: number, state: State) => Promise<void>
}

/** Where only first versions have landed, the body is the event. A later version has its upcaster in its area, beside a frozen fixture. */
const newest = <Event>(newestVersion: number, type: string, typeVersion: number, read: () => Event): Event => {
  if (typeVersion > newestVersion) throw new Error(`event ${type} version ${typeVersion} is newer than this program`)
  return read()
}
const asLanded = <Event>({ type, typeVersion, payload }: Pick<EventBody, 'type' | 'typeVersion' | 'payload'>): Event =>
  newest(1, type, typeVersion, () => ({ type, version: 1, payload }) as Event)

/** Station events that have a newer version than the first. */
const STATION_VERSIONS: Readonly<Record<string, number>> = { 'job-set': 3, 'job-cleared': 2, 'person-placed': 2, 'hood-placed': 2 }

export const STREAM_KINDS: { readonly [Kind in StreamKindId]: StreamKind<StreamStates[Kind]['state'], StreamStates[Kind]['event']> } = {
  'site': { initial: NO_SITE, evolve: evolveSite, upcast: asLanded, project: (db, siteId, _id, version, site) => writeSite(db, siteId, version, site) },
  'house-rules': {
    initial: NEW_SITE_RULES, evolve: evolveHouseRules,
    upcast: ({ type, typeVersion, payload }) => newest(4, type, typeVersion, () => upcastHouseRules(typeVersion, payload)),
    project: (db, siteId, _id, version, rules) => writeHouseRules(db, siteId, version, rules),
  },
  'station': {
    initial: EMPTY_STATION, evolve: evolveStation,
    upcast: ({ type, typeVersion, payload }) => newest(STATION_VERSIONS[type] ?? 1, type, typeVersion, () => upcastStation(type, typeVersion, payload)),
    project: async (db, siteId, bayId, version, station) => {
      await writeStation(db, siteId, bayId, version, station)
      const dueAt = checksLapseAt(station)
      await setDeadlines(db, siteId, `station/${bayId}`, dueAt === null ? [] : [{ kind: 'checks-lapse', dueAt }])
    },
  },
  'person': { initial: NOBODY, evolve: evolvePerson, upcast: ({ type, typeVersion, payload }) => newest(type === 'shaven-checked' ? 2 : 1, type, typeVersion, () => upcastPerson(type, typeVersion, payload)), project: writePerson },
  'hall': { initial: NO_HALL, evolve: evolveHall, upcast: asLanded, project: writeHall },
  'fume-sheets': { initial: NO_SHEETS, evolve: evolveSheets, upcast: ({ type, typeVersion, payload }) => newest(2, type, typeVersion, () => upcastSheets(type, typeVersion, payload)), project: (db, siteId, _id, version, sheets) => writeSheets(db, siteId, version, sheets) },
  'samples': { initial: NO_SAMPLES, evolve: evolveSamples, upcast: asLanded, project: writeSamples },
  'item': { initial: null, evolve: evolveItem, upcast: asLanded, project: writeItem },
  'cylinder': {
    initial: null, evolve: evolveCylinder, upcast: ({ type, typeVersion, payload }) => newest(type === 'delivery-set' || type === 'cylinder-emptied' ? 2 : 1, type, typeVersion, () => upcastCylinder(type, typeVersion, payload)),
    project: async (db, siteId, tagId, version, cylinder) => {
      await writeCylinder(db, siteId, tagId, version, cylinder)
      const isSettling = cylinder && cylinder.settlesAt !== null && !cylinder.hasSettled && !cylinder.isReturned
      await setDeadlines(db, siteId, `cylinder/${tagId}`, isSettling ? [{ kind: 'settled', dueAt: cylinder.settlesAt! }] : [])
    },
  },
  'check-lists': { initial: NO_OWN_LISTS, evolve: evolveCheckLists, upcast: asLanded, project: (db, siteId, _id, version, lists) => writeCheckLists(db, siteId, version, lists) },
  'place': { initial: null, evolve: evolvePlace, upcast: asLanded, project: writePlace },
  'permit': {
    initial: null, evolve: evolvePermit, upcast: ({ type, typeVersion, payload }) => newest(type === 'permit-closed' ? 2 : 1, type, typeVersion, () => upcastPermit(type, typeVersion, payload)),
    project: async (db, siteId, permitId, version, permit) => {
      await writePermit(db, siteId, permitId, version, permit)
      await setDeadlines(db, siteId, `permit/${permitId}`, permit ? permitDeadlines(permit) : [])
    },
  },
  'notice': { initial: null, evolve: evolveNotice, upcast: asLanded, project: writeNotice },
  'seal': { initial: NO_SEALS, evolve: evolveSeals, upcast: asLanded, project: async () => {} },
}
