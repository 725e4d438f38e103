import type { Finding } from '../../findings/finding'
import type { SourceRef } from '../../source/source-ref'
import type { GateId, ZoneId } from '../../ids/vocabulary'
import type { Job } from '../../job/job'
import { withoutHead } from '../../job/job'
import type { HelperEyes, Helping } from '../../job/helping'
import { withLook } from '../../job/helping'
import { jobPattern } from '../../job/job-pattern'
import type { GateState } from '../../clearance/gate'
import type { DayJob } from '../../job/day-work'
import type { HoodPosition, ExtractionCheck } from '../../air/bay-air'
import type { Instant } from '../../time/instant'
import { earliestOf, msOf, stands } from '../../time/instant'
import { isOutrun, newest } from '../../time/late-reports'
import type { FireCheckId, GlassesKind, HandoverCheckId, HelmetFault } from '../../ids/station-ids'
import type { LaserCell } from '../../laser/laser-cell'
import type { RequirementId } from '../../ids/ppe-ids'

/** The shade set on the helmet, or the one number of a fixed one. */
/** The tag id of the helmet of which it was said; left out, of the one there was. */
export interface HelmetSetting { readonly shade: number, readonly at: Instant, readonly tag?: string }
/** The check before use; good until the shop day ends. */
export interface HelmetCheck { readonly passed: boolean, readonly fault?: HelmetFault, readonly at: Instant, readonly validUntil: Instant }
export interface GlassesCheck {
  readonly kind: GlassesKind
  /** Visible light transmittance of tinted ones, a fraction. */
  readonly transmittance?: number
  readonly at: Instant
  readonly validUntil: Instant
}
/** A zone of the outfit confirmed at the door, against the requirement that stood then. */
export interface ZoneCheck {
  readonly passes: boolean
  readonly requirement: RequirementId
  readonly at: Instant
  readonly validUntil: Instant
}
/** Today's fire check of a designated bay. */
export interface FireCheck {
  readonly answers: Readonly<Partial<Record<FireCheckId, boolean>>>
  readonly at: Instant
  readonly by: string
  readonly validUntil: Instant
}

/** A laser cell looked over on a shop day. */
export interface CheckedCell extends LaserCell { readonly at: Instant, readonly by: string, readonly validUntil: Instant }

export interface StationStop { readonly at: Instant, readonly by: string, readonly reason: string | null }
/** The last handover: what was left, by whom, for the next class to see. */
export interface Handover {
  readonly answers: Readonly<Partial<Record<HandoverCheckId, boolean>>>
  readonly note: string | null
  readonly at: Instant
  readonly by: string
}

/** A gate as it was last recorded in the log. */
export interface RecordedGate { readonly state: GateState, readonly findings: readonly RecordedFinding[] }
/** A finding as the record keeps it: with its sources as they were printed on that day. */
export interface RecordedFinding extends Omit<Finding, 'sources'> { readonly sources: readonly SourceRef[] }

/** What is known of a place where one person strikes one arc. */
export interface Station {
  readonly personId: string | null
  /** When that person was placed here; null when that was not kept. What was checked before was checked on somebody else. */
  readonly personSince: Instant | null
  readonly job: Job | null
  /** When the job was set; null when that was not kept. */
  readonly jobSetAt: Instant | null
  /** From when it is the work of whoever stands here: when it was set, or when they came. */
  readonly jobSince: Instant | null
  /** When the shop day that the job was set on ends; null for one set before that was kept. */
  readonly jobValidUntil: Instant | null
  /** Jobs of the same shop day before this one, oldest first. */
  readonly earlierJobs: readonly DayJob[]
  /** The last few different jobs of this bay, newest first. */
  readonly recentJobs: readonly Job[]
  readonly helmet: HelmetSetting | null
  readonly helmetCheck: HelmetCheck | null
  readonly glasses: GlassesCheck | null
  readonly zones: Readonly<Partial<Record<ZoneId, ZoneCheck>>>
  /** Where the instructor put the hood. */
  readonly hoodPosition: HoodPosition | null
  /** When it was put there: a check from before says nothing of it. */
  readonly hoodPlacedAt: Instant | null
  /** Today's check of the extraction. */
  readonly extractionCheck: (ExtractionCheck & { readonly at?: Instant }) | null
  /** Today's fire check; a spot on a structure has a permit instead. */
  readonly fireCheck: FireCheck | null
  /**
   * The laser cell as it was looked over, with everybody in it; who was in it is void once somebody else stands here, and how it points
   * with the next job too.
   */
  readonly laserCell: CheckedCell | null
  /** Who helps here, or did since the checks lapsed: those who went stay until the day is over, for it is a part of theirs. */
  readonly helpers: readonly Helping[]
  readonly handover: Handover | null
  readonly stop: StationStop | null
  /** Since when the place is what it is: used again, moved, made another kind; null where it always was. */
  readonly placeSince: Instant | null
  readonly gates: Readonly<Partial<Record<GateId, RecordedGate>>>
}

export const EMPTY_STATION: Station = {
  personId: null,
  personSince: null,
  job: null,
  jobSetAt: null,
  jobSince: null,
  jobValidUntil: null,
  earlierJobs: [],
  recentJobs: [],
  helmet: null,
  helmetCheck: null,
  glasses: null,
  zones: {},
  hoodPosition: null,
  hoodPlacedAt: null,
  extractionCheck: null,
  fireCheck: null,
  laserCell: null,
  helpers: [],
  handover: null,
  stop: null,
  placeSince: null,
  gates: {},
}

const RECENT_JOBS = 6

export type StationEvent
  = | {
    readonly type: 'person-placed'
    readonly version: 2
    readonly payload: { readonly personId: string | null, readonly at: Instant | null }
  }
  | {
    readonly type: 'job-set'
    readonly version: 3
    readonly payload: { readonly job: Job, readonly validUntil: Instant | null, readonly at: Instant | null }
  }
  | { readonly type: 'job-cleared', readonly version: 2, readonly payload: { readonly at: Instant | null } }
  | { readonly type: 'helmet-set', readonly version: 1, readonly payload: HelmetSetting }
  | { readonly type: 'helmet-checked', readonly version: 1, readonly payload: HelmetCheck }
  | { readonly type: 'glasses-checked', readonly version: 1, readonly payload: GlassesCheck }
  | {
    readonly type: 'outfit-checked'
    readonly version: 1
    readonly payload: { readonly zones: Readonly<Partial<Record<ZoneId, ZoneCheck>>> }
  }
  | { readonly type: 'hood-placed', readonly version: 2, readonly payload: HoodPosition & { readonly at: Instant | null } }
  | { readonly type: 'extraction-checked', readonly version: 1, readonly payload: ExtractionCheck & { readonly at: Instant } }
  | { readonly type: 'fire-checked', readonly version: 1, readonly payload: FireCheck }
  | { readonly type: 'laser-cell-checked', readonly version: 1, readonly payload: CheckedCell }
  | { readonly type: 'helper-came', readonly version: 1, readonly payload: Omit<Helping, 'untilAt' | 'eyes'> }
  | { readonly type: 'helper-checked', readonly version: 1, readonly payload: HelperEyes & { readonly personId: string } }
  | { readonly type: 'helper-went', readonly version: 1, readonly payload: { readonly personId: string, readonly at: Instant } }
  | { readonly type: 'bay-handed-over', readonly version: 1, readonly payload: Handover }
  | { readonly type: 'stopped', readonly version: 1, readonly payload: StationStop }
  | { readonly type: 'stop-reason-given', readonly version: 1, readonly payload: { readonly reason: string } }
  | { readonly type: 'reopened', readonly version: 1, readonly payload: { readonly note: string | null } }
  | { readonly type: 'place-changed', readonly version: 1, readonly payload: { readonly at: Instant } }
  | { readonly type: 'checks-lapsed', readonly version: 1, readonly payload: { readonly at: Instant } }
  | {
    readonly type: 'gate-changed'
    readonly version: 1
    readonly payload: RecordedGate & { readonly gate: GateId, readonly rulesVersion: number }
  }

/** How a beam points and how its work lies, forgotten: the next piece lies otherwise. */
const withoutAim = ({ aim: _aim, ...cell }: CheckedCell): CheckedCell => cell

/**
 * The station after an event. Pure: the same events always give the same station. A report about an instant before the
 * newest of its kind, before this person came or before the hood was moved changes nothing.
 */
export function evolveStation(station: Station, event: StationEvent): Station {
  switch (event.type) {
    case 'person-placed': {
      const { personId, at } = event.payload
      if (at !== null && isOutrun(at, station.personSince)) return station
      // Another person brings another helmet and other clothes: what was checked was checked on somebody else. The work of the one who goes
      // stays theirs.
      return {
        ...station,
        personId,
        personSince: at,
        job: station.job && personId !== station.personId ? withoutHead(station.job) : station.job,
        jobSince: station.job === null ? null : at,
        earlierJobs: earlierToday(station, station.jobValidUntil, at),
        helmet: null,
        helmetCheck: null,
        glasses: null,
        zones: {},
        laserCell: station.laserCell && { ...withoutAim(station.laserCell), present: [] },
        // Whoever comes to weld helps no more.
        helpers: at === null || personId === null ? station.helpers : helpEnds(station.helpers, personId, at),
      }
    }
    case 'job-set': {
      const { job, validUntil, at } = event.payload
      if (at !== null && isOutrun(at, station.jobSetAt)) return station
      // Where a head was seen is of whoever stood here then: nobody, or somebody who went before it came in, was not them.
      const isOfThem = station.personId !== null && (at === null || !isOutrun(at, station.personSince))
      return {
        ...station,
        job: isOfThem ? job : withoutHead(job),
        jobSetAt: at,
        jobSince: at,
        jobValidUntil: validUntil,
        earlierJobs: earlierToday(station, validUntil, at),
        recentJobs: remember(station.recentJobs, job),
        laserCell: station.laserCell && withoutAim(station.laserCell),
      }
    }
    case 'job-cleared':
      return {
        ...station,
        job: null,
        jobSetAt: event.payload.at,
        jobSince: null,
        jobValidUntil: null,
        earlierJobs: earlierToday(station, station.jobValidUntil, event.payload.at),
      }
    // A hood that was moved has to be looked at again.
    case 'hood-placed': {
      const { at, ...hoodPosition } = event.payload
      return at !== null && isOutrun(at, station.hoodPlacedAt, station.placeSince)
        ? station
        : { ...station, hoodPosition, hoodPlacedAt: at, extractionCheck: null }
    }
    case 'extraction-checked':
      return isOutrun(event.payload.at, station.extractionCheck?.at, station.hoodPlacedAt, station.placeSince)
        ? station
        : { ...station, extractionCheck: event.payload }
    case 'helmet-set':
      return { ...station, helmet: newest(station.helmet, event.payload, station.personSince) }
    case 'helmet-checked':
      return { ...station, helmetCheck: newest(station.helmetCheck, event.payload, station.personSince) }
    case 'glasses-checked':
      return { ...station, glasses: newest(station.glasses, event.payload, station.personSince) }
    case 'outfit-checked':
      return { ...station, zones: newestZones(station, event.payload.zones) }
    case 'fire-checked':
      return { ...station, fireCheck: newest(station.fireCheck, event.payload, station.placeSince) }
    case 'laser-cell-checked': {
      // Which way it points is said of the work that is welded: what was said before that was set was said of another piece.
      const told = isOutrun(event.payload.at, station.jobSetAt) ? withoutAim(event.payload) : event.payload
      return { ...station, laserCell: newest(station.laserCell, told, station.personSince, station.placeSince) }
    }
    case 'helper-came':
      // Whoever was in a laser's cell was there without them.
      return {
        ...station,
        helpers: [...station.helpers, { ...event.payload, untilAt: null, eyes: null }],
        laserCell: station.laserCell && { ...station.laserCell, present: [] },
      }
    case 'helper-went':
      return { ...station, helpers: helpEnds(station.helpers, event.payload.personId, event.payload.at) }
    case 'helper-checked': {
      const { personId, ...look } = event.payload
      return { ...station, helpers: withLook(station.helpers, personId, look) }
    }
    case 'bay-handed-over':
      return { ...station, handover: newest(station.handover, event.payload) }
    // A second stop is recorded, but the place has been stopped since the first.
    case 'stopped':
      return station.stop ? station : { ...station, stop: event.payload }
    case 'stop-reason-given':
      return station.stop ? { ...station, stop: { ...station.stop, reason: event.payload.reason } } : station
    case 'reopened':
      return { ...station, stop: null }
    // A hood hangs somewhere, nothing burns near by, a cell is shut: all of it was seen where the bay was before.
    case 'place-changed':
      return {
        ...station,
        placeSince: event.payload.at,
        hoodPosition: null,
        hoodPlacedAt: null,
        extractionCheck: null,
        fireCheck: null,
        laserCell: null,
      }
    case 'checks-lapsed':
      return lapse(station, event.payload.at)
    case 'gate-changed': {
      const { gate, state, findings } = event.payload
      return { ...station, gates: { ...station.gates, [gate]: { state, findings } } }
    }
  }
}

const helpEnds = (helpers: readonly Helping[], personId: string, at: Instant): readonly Helping[] =>
  helpers.map(one => one.personId === personId && one.untilAt === null ? { ...one, untilAt: at } : one)

/** Each zone by its own newest look. */
function newestZones({ zones, personSince }: Station, lookedAt: Station['zones']): Station['zones'] {
  const news = Object.entries(lookedAt).filter(([zone, { at }]) => !isOutrun(at, zones[zone as ZoneId]?.at, personSince))
  return { ...zones, ...Object.fromEntries(news) }
}

/** The jobs of the shop day that ends at an instant, the one that stood until now among them, each with who did it and when. */
function earlierToday(
  { earlierJobs, job, jobSince, jobValidUntil, personId }: Station,
  dayEnds: Instant | null,
  untilAt: Instant | null,
): readonly DayJob[] {
  const isToday = (validUntil: Instant | null): boolean => validUntil !== null && dayEnds !== null && msOf(validUntil) === msOf(dayEnds)
  const before = earlierJobs.filter(({ validUntil }) => isToday(validUntil))
  return job && isToday(jobValidUntil) ? [...before, { job, validUntil: jobValidUntil!, personId, sinceAt: jobSince, untilAt }] : before
}

/**
 * Reads a station event of any landed version as the newest. The first kept no day with a job; until the third nobody wrote down when
 * jobs, people and hoods came.
 */
export function upcastStation(type: string, version: number, payload: unknown): StationEvent {
  if (type === 'job-set' && version < 3) return { type, version: 3, payload: { validUntil: null, ...payload as { job: Job }, at: null } }
  if ((type === 'person-placed' || type === 'job-cleared' || type === 'hood-placed') && version < 2)
    return { type, version: 2, payload: { ...(payload as object), at: null } } as StationEvent
  return { type, version, payload } as StationEvent
}

function lapse(station: Station, at: Instant): Station {
  const left = <Check extends { readonly validUntil: Instant }>(check: Check | null | undefined): Check | null =>
    check && stands(check.validUntil, at) ? check : null
  const zones = Object.fromEntries(Object.entries(station.zones).filter(([, check]) => left(check) !== null))
  return {
    ...station,
    helmetCheck: left(station.helmetCheck),
    glasses: left(station.glasses),
    extractionCheck: left(station.extractionCheck),
    fireCheck: left(station.fireCheck),
    laserCell: left(station.laserCell),
    helpers: station.helpers.filter(one => left(one) !== null),
    zones,
  }
}

function remember(recent: readonly Job[], set: Job): readonly Job[] {
  const job = withoutHead(set)
  const pattern = jobPattern(job)
  return [job, ...recent.filter(other => jobPattern(other) !== pattern)].slice(0, RECENT_JOBS)
}

/** When the next of today's checks lapses, or null when none stands. */
export const checksLapseAt = ({ helmetCheck, glasses, extractionCheck, fireCheck, laserCell, helpers, zones }: Station): Instant | null =>
  earliestOf(
    [helmetCheck, glasses, extractionCheck, fireCheck, laserCell, ...helpers, ...Object.values(zones)].map(check => check?.validUntil),
  )
