import type { AirOfDay } from '#core/exposure/air-of-day'
import type { PermitFact, ShownPermit } from '#core/streams/permit/permit-fact'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import type { CompetenceId, RoleId } from '#core/ids/vocabulary'
import type { Site } from '#core/streams/site/site'
import type { Station } from '#core/streams/station/station'
import type { FumeDataSheets } from '#core/streams/fume-sheets/fume-sheets'
import type { HallState } from '#core/streams/hall/hall'
import type { Welder } from '#core/clearance/person-around'
import type { BayCard } from '#core/card/bay-card'
import type { UnitSystem } from '#core/units'
import type { CareRecord, Sizes } from '#core/shade/care'
import type { Person } from '#core/streams/person/person'
import type { DayPlans } from '#core/streams/day-plans/day-plans'
import type { Wardrobe } from '#core/streams/wardrobe/wardrobe'
import type { WearerRecord, Wearer } from '#core/respirator/wearer'
import type { FireStanding } from '#core/site-facts/fire-standing'
import type { KitStanding } from '#core/clearance/kit-around'
import type { CylinderState } from '#core/streams/cylinder/cylinder'
import type { CylinderFact } from '#core/cylinder/cylinder-fact'
import type { CheckListsState } from '#core/streams/check-lists/check-lists'
import type { KitItem } from '#core/streams/kit-item/kit-item'
import type { Monitor } from '#core/streams/monitor/monitor'
import type { Notice } from '#core/streams/notice/notice'
import type { Place } from '#core/streams/place/place'
import type { Survey } from '#core/streams/samples/samples'
import type { SpokenFinding } from '../words/spoken'
import type { PermitPhase, StopCauseId } from '#core/ids/hotwork-ids'
import type { Instant } from '#core/time/instant'
import type { Language } from '../words/language'

/** `GET /api/v1/session` */
export interface SessionReading {
  readonly person: {
    readonly personId: string
    readonly name: string
    readonly roles: readonly RoleId[]
    readonly areaId: string | null
    readonly bayId: string | null
    readonly competences: readonly CompetenceId[]
    /** The language they chose; null: the site's. */
    readonly language: Language | null
  } | null
  readonly site: { readonly siteId: string, readonly name: string, readonly language: Language } | null
  /** No site exists yet: the first run has to make one. */
  readonly firstRun: boolean
  /** Somebody has signed in on this device before: it may stop work without a session. */
  readonly knownDevice: boolean
  readonly now: Instant
}

/** What the log last recorded of a gate is not sent: the browser judges from the facts, with the same core. */
export type StationFacts = Omit<Station, 'gates'>

export interface StationReading { readonly bayId: string, readonly version: number, readonly facts: StationFacts }

/** The numbers to call that a shop wrote down, as they are dialled there; empty where nobody did. */
export type CallNumbers = Pick<HouseRules, 'emergencyNumber' | 'firePointNumber' | 'firstAidNumber' | 'gasSupplierNumber'>

/** `GET /api/v1/people/{personId}/air`: what somebody breathed, newest first. */
export interface AirOfDaysReading {
  readonly days: readonly AirOfDay[]
  /** Ask again with the oldest of these days as `before`. */
  readonly hasMore: boolean
}

/** `GET /api/v1/public/shop`: what stands outside the door, before anybody signs in. */
export interface PublicShopReading {
  /** Null where there is no shop yet, or where it is not known which of several is meant. */
  readonly shop: { readonly name: string, readonly timeZone: string, readonly calls: CallNumbers } | null
  /** How many bays stand how, for a device that the shop knows; null for any other. */
  readonly today: { readonly clear: number, readonly hold: number, readonly stopped: number, readonly at: Instant } | null
}

/** `GET /api/v1/floor`: everything the board judges from, as of one position. */
export interface FloorReading {
  readonly position: number
  readonly site: Site
  readonly rules: HouseRules
  readonly versions: { readonly site: number, readonly rules: number }
  readonly stations: readonly StationReading[]
  /** Everybody who is here, with what gates and pickers ask of them. */
  readonly people: readonly PersonOnFloor[]
  /** What stands and is worn at the bays, judged for this shop day. */
  readonly kit: KitStanding
  /** Open permits at bays, how many screens are heard, and the names of those on post. */
  readonly fire: FireStanding
  /** What whoever is signed in was told and has not seen yet. */
  readonly unseen: readonly NoticeReading[]
  /** Places where somebody should watch and nobody does, anywhere on the site, longest first. */
  readonly uncovered: readonly { readonly permitId: string, readonly where: string, readonly sinceAt: Instant }[]
  /** What the clocks of the site could not do; told to whoever sets the site up, and empty for others. */
  readonly trouble: readonly {
    readonly streamId: string
    readonly kind: string
    readonly dueAt: Instant
    readonly tries: number
    readonly because: string
  }[]
  /** What the Air gates are judged from. Of health only: which mask, and until when its wearer is ready. */
  readonly air: {
    readonly halls: Readonly<Record<string, HallState>>
    readonly sheets: FumeDataSheets
    readonly surveys: Readonly<Record<string, readonly Survey[]>>
    readonly monitors: Readonly<Record<string, Monitor>>
    readonly wearers: Readonly<Record<string, Wearer>>
    readonly versions: {
      readonly halls: Readonly<Record<string, number>>
      readonly sheets: number
      readonly samples: Readonly<Record<string, number>>
      readonly monitors: Readonly<Record<string, number>>
    }
  }
}

/** What an instrument read over a stretch of time, in the unit inside. */
export interface HeardStretch {
  /** When it begins. */
  readonly at: Instant
  readonly lowest: number
  readonly mean: number
  readonly highest: number
  readonly count: number
}
/** `GET /api/v1/monitors/:id` */
export interface MonitorPageReading { readonly monitorId: string, readonly monitor: Monitor, readonly stretches: readonly HeardStretch[] }

/** `GET /api/v1/wearers`: one's own record, or everybody's for the safety lead. */
export interface WearersReading { readonly wearers: readonly (WearerRecord & { readonly personId: string })[] }

/** `GET /api/v1/care`: one's own record, or everybody's for the safety lead. */
export interface CareReading { readonly care: readonly (CareRecord & { readonly personId: string })[] }

/** Somebody who is here: where they usually stand, with whom they come, and what of them gates ask. */
export interface PersonOnFloor extends Welder {
  readonly personId: string
  readonly roles: readonly RoleId[]
  readonly group: string | null
  readonly bayId: string | null
  /** Clothes of the shop that they have. */
  readonly loans: Person['loans']
}

/** `GET /api/v1/wardrobe`: the shop's own clothes, as they were counted. */
export interface WardrobeReading extends Wardrobe {
  readonly version: number
  /** Sizes of whom they are known of, for whoever dresses people; nobody's for others. */
  readonly sizes: Readonly<Record<string, Sizes>>
}

/** `GET /api/v1/day-plans`: days that are kept to be opened again. */
export interface DayPlansReading extends DayPlans { readonly version: number }

export interface PersonReading {
  readonly personId: string
  readonly version: number
  readonly name: string
  readonly roles: readonly RoleId[]
  readonly areaId: string | null
  readonly bayId: string | null
  readonly group: string | null
  readonly hasLeft: boolean
  readonly loginName: string | null
  readonly pinSet: boolean
  readonly competences: readonly CompetenceId[]
  readonly signOffs: Person['signOffs']
  readonly trainings: Person['trainings']
  readonly settled: Person['settled']
}

export interface LogEntry {
  readonly position: number
  readonly streamId: string
  readonly version: number
  readonly type: string
  readonly at: Instant
  readonly recordedAt: Instant
  readonly actorKind: 'person' | 'device' | 'clock'
  readonly actorName: string | null
  /** Where the work of a permit is, in the words of whoever asked for it. */
  readonly about: string | null
  readonly payload: unknown
  /** What the line before it said that this one replaces, as it was recorded; null where it replaces none. */
  readonly was: unknown
  readonly hash: string
}

/** `GET /api/v1/log`: newest first; `next` is the position to pass as `before` for more. */
export interface LogReading { readonly entries: readonly LogEntry[], readonly next: number | null }

export interface CommandAccepted {
  readonly commandId: string
  readonly position: number
  readonly streams: readonly { readonly id: string, readonly version: number }[]
  readonly findings: readonly SpokenFinding[]
}
export interface CommandRefused { readonly commandId: string, readonly findings: readonly SpokenFinding[] }
export interface InputError { readonly error: string, readonly fields: readonly { readonly path: string, readonly message: string }[] }

/** A thing with a tag; `dueOn` is the soonest day by the calendar, `now`, or null for never. */
export interface KitItemReading { readonly tagId: string, readonly version: number, readonly item: KitItem, readonly dueOn: string | null }
export interface CylinderReadingRow { readonly tagId: string, readonly version: number, readonly cylinder: CylinderState }
/** A cylinder judged for today, with the day its test falls due. */
export interface CylinderRow extends CylinderReadingRow { readonly fact: CylinderFact, readonly nextDue: string | null }
export interface PlaceReading { readonly placeId: string, readonly version: number, readonly place: Place }
/** A device on which somebody of the site signed in, and whom it acts for. */
export interface DeviceReading {
  readonly deviceId: string
  readonly name: string
  readonly personId: string
  readonly personName: string
  readonly firstAt: Instant
  readonly signedInAt: Instant
  readonly heardAt: Instant | null
  readonly isThis: boolean
}
export interface DevicesReading { readonly devices: readonly DeviceReading[] }

export interface NoticeReading extends Notice { readonly noticeId: string }

/** `GET /api/v1/kit`: what is out, late and soon due, each no longer than a page. */
export interface KitReading {
  readonly today: string
  readonly counts: { readonly out: number, readonly late: number, readonly all: number }
  readonly out: readonly KitItemReading[]
  /** Due today or before, soonest first; then what falls due in the days asked for. */
  readonly due: readonly KitItemReading[]
  readonly lists: CheckListsState
  readonly listsVersion: number
}

/** `GET /api/v1/kit/round`: everything in use, in walking order, with where it is. */
export interface RoundReading {
  readonly today: string
  readonly lists: CheckListsState
  readonly stops: readonly { readonly where: string, readonly bayId: string | null, readonly items: readonly KitItemReading[] }[]
}

/** `GET /api/v1/kit/helmets`: the helmets of the shop, wherever they are, and the lists they are looked at by. */
export interface HelmetsReading {
  readonly today: string
  readonly lists: CheckListsState
  readonly helmets: readonly KitItemReading[]
}

/** One line of a thing's life. */
export type LifeEntry = Omit<LogEntry, 'hash' | 'streamId' | 'about'>

/** `GET /api/v1/items/:tag` */
export interface KitItemPageReading extends KitItemReading {
  readonly today: string
  readonly lists: CheckListsState
  readonly life: readonly LifeEntry[] | null
  readonly notices: readonly NoticeReading[]
}

/** `GET /api/v1/places` */
export interface PlacesReading { readonly places: readonly PlaceReading[] }
/** `GET /api/v1/gas`: the store as it stands. */
export interface CylindersReading {
  readonly today: string
  readonly places: readonly PlaceReading[]
  readonly cylinders: readonly CylinderRow[]
}

/** `GET /api/v1/cylinders/:tag` */
export interface CylinderPageReading extends CylinderRow {
  readonly today: string
  readonly life: readonly LifeEntry[] | null
  readonly notices: readonly NoticeReading[]
}

export interface PermitRow { readonly permitId: string, readonly version: number, readonly permit: ShownPermit }

/** `GET /api/v1/permits`: live ones, whose turn comes soonest first; `next` asks for more. */
export interface PermitsReading {
  readonly live: readonly PermitRow[]
  readonly ended: readonly PermitRow[]
  /** Screens of the site heard within a minute. */
  readonly screens: number
  readonly next: { readonly after: string, readonly afterTurn: string | null } | null
}

/** `GET /api/v1/permits/:id` */
export interface PermitPageReading extends PermitFact {
  readonly near: readonly { readonly permitId: string, readonly code: string, readonly where: string, readonly phase: PermitPhase }[]
  readonly life: readonly LifeEntry[] | null
  readonly notices: readonly NoticeReading[]
  readonly screens: number
}

/** `GET /api/v1/public/cards/:token`: for whoever holds a card. */
export interface PublicCardReading {
  readonly siteName: string
  readonly timeZone: string
  readonly now: Instant
  readonly units: UnitSystem
  readonly calls: CallNumbers
  readonly card: BayCard
}

/** `GET /api/v1/public/permits/:code`: for whoever holds the paper. */
export interface PublicPermitReading {
  readonly code: string
  readonly siteName: string
  readonly timeZone: string
  readonly now: Instant
  readonly where: string
  readonly what: string
  readonly phase: PermitPhase
  readonly fromAt: Instant
  readonly untilAt: Instant
  readonly watchEndsAt: Instant | null
  readonly monitoringEndsAt: Instant | null
  readonly roundDueAt: Instant | null
  readonly suspendedBecause: StopCauseId | null
  /** First names of those on post. */
  readonly watching: readonly string[]
  readonly radiusM: number
  readonly emergencyNumber: string
  readonly firePointNumber: string
}
