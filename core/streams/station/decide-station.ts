import type { Decision } from '../decision'
import { finding } from '../../findings/finding'
import type { Finding } from '../../findings/finding'
import { helpingNow } from '../../job/helping'
import type { HelperEyes } from '../../job/helping'
import type { Job } from '../../job/job'
import type { ZoneId } from '../../ids/vocabulary'
import type { LaserCell } from '../../laser/laser-cell'
import type { HoodPosition, ExtractionCheck } from '../../air/bay-air'
import type { FireCheck, Handover, Station, StationEvent, ZoneCheck } from './station'
import type { Instant } from '../../time/instant'
import { checksLapseAt, evolveStation } from './station'
import { isAfter, minutesBetween } from '../../time/instant'
import type { GlassesKind, HelmetFault } from '../../ids/station-ids'
import type { RequirementId } from '../../ids/ppe-ids'

/** A zone as it was looked at: against which requirement, so that a job changed meanwhile cannot borrow the answer. */
export interface ZoneLookedAt { readonly zone: ZoneId, readonly requirement: RequirementId, readonly passes: boolean }

export interface StationCommands {
  'station.set-job': { readonly job: Job }
  'station.clear-job': Record<string, never>
  'station.place-person': { readonly personId: string | null }
  /** A class at once, by bay: all of them, or nobody. */
  'station.place-people': { readonly people: Readonly<Record<string, string | null>> }
  /** Somebody comes to help at the arc here, or goes again. */
  'station.take-helper': { readonly personId: string }
  'station.end-help': { readonly personId: string }
  /** The eyes of who helps, as somebody saw them. */
  'station.check-helper': Omit<HelperEyes, 'at'> & { readonly personId: string }
  'station.set-helmet': { readonly shade: number, readonly tag?: string }
  'station.check-helmet': { readonly passed: boolean, readonly fault?: HelmetFault }
  'station.check-glasses': { readonly kind: GlassesKind, readonly transmittance?: number }
  'station.place-hood': HoodPosition
  'station.check-extraction': Omit<ExtractionCheck, 'validUntil'>
  'station.check-outfit': { readonly zones: readonly ZoneLookedAt[] }
  'station.check-fire': Pick<FireCheck, 'answers'>
  /** The laser cell looked over: the beam, what was found, and everybody in it with what they wear. */
  'station.check-laser-cell': LaserCell
  'station.hand-over': Pick<Handover, 'answers'> & { readonly note?: string }
  'station.stop': { readonly reason?: string }
  /** Stops every bay of the site; the server names the streams, so that none is forgotten. */
  'station.stop-all': { readonly reason?: string }
  'station.give-stop-reason': { readonly reason: string }
  'station.reopen': { readonly note?: string }
  /** The clock's own: today's checks are over. */
  'station.lapse-checks': Record<string, never>
}

export type StationCommand = {
  [T in keyof StationCommands]: { readonly type: T, readonly payload: StationCommands[T] }
}[keyof StationCommands]

/** What a decision about a station needs besides the station. */
export interface StationContext {
  /** Which bay it is. */
  readonly bayId: string
  readonly now: Instant
  /** When it happened, which may be before `now` when a phone had no signal. */
  readonly at: Instant
  readonly by: string
  /** When the shop day that holds `at` ends. */
  readonly checksValidUntil: Instant
}

/** Reports older than this, minutes, carry a remark. */
const LATE_AFTER_MIN = 5

/**
 * Decides what a command does to one station; what its gates come to by it is asked afterwards, of it and of others alike.
 * Stop and the checks are reports of fact: never refused.
 */
export function decideStation(station: Station, command: StationCommand, context: StationContext): Decision<StationEvent> {
  const decision = act(station, command, context)
  if ('refused' in decision) return decision
  const after = decision.events.reduce(evolveStation, station)
  return { events: decision.events, remarks: lateRemarks(command, context, after === station || sameBut(station, after)) }
}

/** Did a report leave everything as it was? */
const sameBut = (before: Station, after: Station): boolean => JSON.stringify(before) === JSON.stringify(after)

/** Whom a command places at a bay; undefined for nobody it speaks of, null for an empty bay. */
export function placedBy(command: StationCommand, bayId: string): string | null | undefined {
  if (command.type === 'station.place-person') return command.payload.personId
  if (command.type !== 'station.place-people') return undefined
  return Object.hasOwn(command.payload.people, bayId) ? command.payload.people[bayId] : undefined
}

function act(station: Station, command: StationCommand, context: StationContext): Decision<StationEvent> {
  const { bayId, at, by, now, checksValidUntil } = context
  const validUntil = checksValidUntil
  switch (command.type) {
    case 'station.set-job':
      return { events: [{ type: 'job-set', version: 3, payload: { job: command.payload.job, validUntil, at } }] }
    case 'station.clear-job':
      return { events: station.job === null ? [] : [{ type: 'job-cleared', version: 2, payload: { at } }] }
    case 'station.place-person':
    case 'station.place-people': {
      const personId = placedBy(command, bayId)
      if (personId === undefined) return { refused: [finding('hold', 'command.bay-unknown', { bayId })] }
      return { events: station.personId === personId ? [] : [{ type: 'person-placed', version: 2, payload: { personId, at } }] }
    }
    case 'station.take-helper': {
      const { personId } = command.payload
      // Whoever welds here does not help themselves.
      if (station.personId === personId) return { refused: [finding('hold', 'command.helps-themselves', {})] }
      const isHere = helpingNow(station.helpers, now).some(one => one.personId === personId)
      return { events: isHere ? [] : [{ type: 'helper-came', version: 1, payload: { personId, sinceAt: at, validUntil } }] }
    }
    case 'station.end-help': {
      const { personId } = command.payload
      const isHere = helpingNow(station.helpers, now).some(one => one.personId === personId)
      return { events: isHere ? [{ type: 'helper-went', version: 1, payload: { personId, at } }] : [] }
    }
    case 'station.check-helper':
      return station.helpers.some(one => one.personId === command.payload.personId)
        ? { events: [{ type: 'helper-checked', version: 1, payload: { ...command.payload, at } }] }
        : { refused: [finding('hold', 'command.no-helper-here', {})] }
    case 'station.set-helmet':
      return { events: [{ type: 'helmet-set', version: 1, payload: { ...command.payload, at } }] }
    case 'station.check-helmet':
      return { events: [{ type: 'helmet-checked', version: 1, payload: { ...command.payload, at, validUntil } }] }
    case 'station.check-glasses':
      return { events: [{ type: 'glasses-checked', version: 1, payload: { ...command.payload, at, validUntil } }] }
    case 'station.place-hood':
      return { events: [{ type: 'hood-placed', version: 2, payload: { ...command.payload, at } }] }
    case 'station.check-extraction':
      return { events: [{ type: 'extraction-checked', version: 1, payload: { ...command.payload, at, validUntil } }] }
    case 'station.check-outfit':
      return checkOutfit(command.payload.zones, at, validUntil)
    case 'station.check-fire':
      return { events: [{ type: 'fire-checked', version: 1, payload: { ...command.payload, at, by, validUntil } }] }
    case 'station.check-laser-cell':
      return { events: [{ type: 'laser-cell-checked', version: 1, payload: { ...command.payload, at, by, validUntil } }] }
    case 'station.hand-over': {
      const { answers, note } = command.payload
      return { events: [{ type: 'bay-handed-over', version: 1, payload: { answers, note: note ?? null, at, by } }] }
    }
    case 'station.stop':
    case 'station.stop-all':
      return { events: [{ type: 'stopped', version: 1, payload: { at, by, reason: command.payload.reason ?? null } }] }
    case 'station.give-stop-reason':
      return station.stop ? { events: [{ type: 'stop-reason-given', version: 1, payload: command.payload }] } : notStopped()
    case 'station.reopen':
      if (!station.stop) return notStopped()
      // What nobody named cannot have been put right.
      return station.stop.reason === null && (command.payload.note ?? '').trim() === ''
        ? { refused: [finding('hold', 'command.stop-reason-first', {})] }
        : { events: [{ type: 'reopened', version: 1, payload: { note: command.payload.note ?? null } }] }
    case 'station.lapse-checks': {
      // Whoever woke second finds nothing left to lapse.
      const lapseAt = checksLapseAt(station)
      return { events: lapseAt === null || isAfter(lapseAt, now) ? [] : [{ type: 'checks-lapsed', version: 1, payload: { at: now } }] }
    }
  }
}

function checkOutfit(lookedAt: readonly ZoneLookedAt[], at: Instant, validUntil: Instant): Decision<StationEvent> {
  const zones: Partial<Record<ZoneId, ZoneCheck>> = {}
  for (const { zone, requirement, passes } of lookedAt) zones[zone] = { passes, requirement, at, validUntil }
  return { events: [{ type: 'outfit-checked', version: 1, payload: { zones } }] }
}

const notStopped = (): Decision<StationEvent> => ({ refused: [finding('hold', 'command.not-stopped', {})] })

function lateRemarks({ type }: StationCommand, { at, now }: StationContext, changedNothing: boolean): readonly Finding[] {
  const minutes = Math.floor(minutesBetween(at, now))
  if (type === 'station.lapse-checks' || minutes < LATE_AFTER_MIN) return []
  return [
    finding('note', 'command.late-report', { minutes }),
    ...(changedNothing && OUTRUNNABLE.has(type) ? [finding('caution', 'command.report-outrun', {})] : []),
  ]
}

/** Reports that newer ones of their kind leave behind. */
const OUTRUNNABLE: ReadonlySet<StationCommand['type']> = new Set([
  'station.set-job', 'station.place-person', 'station.set-helmet', 'station.check-helmet', 'station.check-glasses', 'station.place-hood',
  'station.check-extraction', 'station.check-outfit', 'station.check-fire', 'station.check-laser-cell', 'station.hand-over',
  'station.check-helper',
])
