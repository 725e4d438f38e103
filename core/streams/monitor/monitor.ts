import { finding } from '../../findings/finding'
import type { MonitorQuantityId } from '../../ids/monitor-ids'
import { monitorBounds } from '../../monitor/monitor-bounds'
import type { StandingRules } from '../../monitor/standing'
import { standingOf } from '../../monitor/standing'
import type { HeardAir, OverRun, Reading } from '../../monitor/heard-air'
import { listenTo, silentAt } from '../../monitor/heard-air'
import { monitorIdOf } from '../../monitor/monitor-name'
import type { Instant } from '../../time/instant'
import { earliestOf, earlierOf, isAfter, isBefore, msOf } from '../../time/instant'
import type { Decision } from '../decision'

/** An instrument that stays where people work and tells what it reads by itself. */
export interface Monitor {
  readonly name: string
  /** What it calls itself in what it sends (RFC 8428). */
  readonly senmlName: string
  /** Bays whose air it speaks for. */
  readonly bayIds: readonly string[]
  readonly quantity: MonitorQuantityId
  /** Not heard for so long, it says nothing any more, s. */
  readonly silentAfterS: number
  readonly placedAt: Instant
  readonly isRemoved: boolean
  /** Null until it was heard where it stands now. */
  readonly heard: HeardAir | null
  /** The last stretch past a bound. */
  readonly over: OverRun | null
  /** The reading after which its silence is on record; null while it is not. */
  readonly silentSince: Instant | null
}

/** Limits of what is told of a monitor; the server refuses what is outside, the screens offer what is inside. */
export const MONITOR_LIMITS = { silentAfterS: { min: 30, max: 3600 }, readings: { min: 1, max: 1000 }, bays: { min: 1, max: 60 } } as const

export interface MonitorCommands {
  /** Places it, or places it anew: what it read elsewhere says nothing here. */
  'monitor.place': Pick<Monitor, 'name' | 'senmlName' | 'bayIds' | 'quantity' | 'silentAfterS'>
  'monitor.remove': { readonly reason: string }
  /** Given by the route that hears the instruments. */
  'monitor.hear': { readonly readings: readonly Reading[] }
  'monitor.fall-silent': Record<string, never>
}
export type MonitorCommand = {
  [T in keyof MonitorCommands]: { readonly type: T, readonly payload: MonitorCommands[T] }
}[keyof MonitorCommands]

export type MonitorEvent
  = | {
    readonly type: 'monitor-placed'
    readonly version: 1
    readonly payload: MonitorCommands['monitor.place'] & { readonly at: Instant }
  }
  | { readonly type: 'monitor-removed', readonly version: 1, readonly payload: { readonly reason: string } }
  | {
    readonly type: 'air-heard'
    readonly version: 1
    /** So many readings were new since the last that is on record. */
    readonly payload: { readonly heard: HeardAir, readonly over: OverRun | null, readonly readings: number }
  }
  | { readonly type: 'monitor-silent', readonly version: 1, readonly payload: { readonly since: Instant } }

export function evolveMonitor(monitor: Monitor | null, event: MonitorEvent): Monitor | null {
  if (event.type === 'monitor-placed') {
    const { at, ...placed } = event.payload
    return { ...placed, placedAt: at, isRemoved: false, heard: null, over: null, silentSince: null }
  }
  if (monitor === null) return null
  switch (event.type) {
    case 'monitor-removed':
      return { ...monitor, isRemoved: true }
    case 'monitor-silent':
      return { ...monitor, silentSince: event.payload.since }
    case 'air-heard': {
      const { heard, over } = event.payload
      const isLate = monitor.heard !== null && isBefore(heard.at, monitor.heard.at)
      return { ...monitor, heard: isLate ? monitor.heard : heard, over, silentSince: isLate ? monitor.silentSince : null }
    }
  }
}

/** What a decision about a monitor rests on besides it. */
export interface MonitorToday {
  readonly id: string
  readonly at: Instant
  readonly now: Instant
  readonly rules: StandingRules
  readonly bayIds: readonly string[]
  /** Readings that are kept, of the quarter of an hour before the first that is told and from then on. */
  readonly kept: readonly Reading[]
}

/** Decides a change to a monitor. */
export function decideMonitor(monitor: Monitor | null, command: MonitorCommand, today: MonitorToday): Decision<MonitorEvent> {
  const { id, at, bayIds } = today
  if (command.type === 'monitor.place') {
    const { payload } = command
    const unknown = payload.bayIds.find(bayId => !bayIds.includes(bayId))
    if (unknown !== undefined) return { refused: [finding('hold', 'command.bay-unknown', { bayId: unknown })] }
    if (monitorIdOf(payload.senmlName) !== id)
      return { refused: [finding('hold', 'command.unknown-stream', { streamId: payload.senmlName })] }
    return { events: [{ type: 'monitor-placed', version: 1, payload: { ...payload, at } }] }
  }
  if (monitor === null || monitor.isRemoved) return { refused: [finding('hold', 'command.unknown-stream', { streamId: id })] }
  switch (command.type) {
    case 'monitor.remove':
      return { events: [{ type: 'monitor-removed', version: 1, payload: command.payload }] }
    case 'monitor.fall-silent': {
      const { heard, silentSince } = monitor
      const dueAt = silentAt(monitor)
      const isSilent = heard !== null && dueAt !== null && silentSince !== heard.at && !isAfter(dueAt, today.now)
      return { events: isSilent ? [{ type: 'monitor-silent', version: 1, payload: { since: heard.at } }] : [] }
    }
    case 'monitor.hear':
      return { events: hear(monitor, command.payload.readings, today) }
  }
}

/** What was told comes on record at least so often, s; and as often as keeps a monitor that is heard from reading as silent. */
const ON_RECORD_EVERY_S = 60

const keyOf = ({ at, value }: Reading): string => `${msOf(at)} ${value}`

/** How an instrument stands by what was heard, in a word for each thing that is wrong: another one comes on record at once. */
const standing = ({ name, quantity }: Monitor, heard: HeardAir, rules: StandingRules): string =>
  standingOf({ name, quantity, heard }, rules).map(({ code, values }) => ('bound' in values ? `${code} ${values.bound}` : code)).join()

/**
 * What comes of some readings. Every one is kept apart from the record; on record comes what they come to, at once where the instrument
 * stands otherwise than before, or a silence ends, and else every so often. What a hood's flow is compared with is not known here: a
 * fall of it is on record within that.
 */
function hear(monitor: Monitor, told: readonly Reading[], { now, rules, kept }: MonitorToday): readonly MonitorEvent[] {
  // An instrument's clock may run a little ahead: nothing is heard from what is to come.
  const sofar = (reading: Reading): Reading => ({ ...reading, at: earlierOf(reading.at, now) })
  const isOfHere = ({ at }: Reading): boolean => !isBefore(at, monitor.placedAt)
  const here = kept.map(sofar).filter(isOfHere)
  const known = new Set(here.map(keyOf))
  const fresh = told.map(sofar).filter(reading => isOfHere(reading) && !known.has(keyOf(reading)))
  const newFrom = earliestOf(fresh.map(({ at }) => at))
  if (newFrom === null) return []
  const readings = [...here, ...fresh].sort((a, b) => msOf(a.at) - msOf(b.at))
  const bounds = monitorBounds(monitor.quantity, rules)
  const { heard, over } = listenTo(readings, newFrom, bounds, monitor.over, monitor)
  const before = monitor.heard
  const everyS = Math.min(ON_RECORD_EVERY_S, monitor.silentAfterS / 2)
  const isDue
    = before === null
      || monitor.silentSince !== null
      || over?.since !== monitor.over?.since
      || standing(monitor, heard, rules) !== standing(monitor, before, rules)
      || msOf(heard.at) - msOf(before.at) >= everyS * 1000
  return isDue ? [{ type: 'air-heard', version: 1, payload: { heard, over, readings: fresh.length } }] : []
}
