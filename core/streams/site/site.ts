import type { Decision } from '../decision'
import { isRefused } from '../decision'
import { finding } from '../../findings/finding'
import type { KeyPurposeId } from '../../ids/monitor-ids'
import type { BayKindId, WorkplaceId } from '../../ids/vocabulary'

/** How large a hall is inside, m. */
export interface HallSize { readonly lengthM: number, readonly widthM: number, readonly heightM: number }
/** What a hall may measure, m. */
export const HALL_SIZE_LIMITS = { lengthM: { min: 2, max: 500 }, widthM: { min: 2, max: 500 }, heightM: { min: 2, max: 60 } } as const
/** Bays made or fitted in one go: more than anybody walks past in a morning. */
export const BAYS_AT_ONCE = 60
/** A building or a yard. Left out: nobody measured it; it is in use. */
export interface Hall { readonly hallId: string, readonly name: string, readonly size?: HallSize, readonly closed?: boolean }
export interface Area { readonly areaId: string, readonly hallId: string, readonly name: string, readonly closed?: boolean }
/** A place to strike an arc: a designated bay, or a spot on a structure (where construction rules and permits apply). */
export interface Bay {
  readonly bayId: string
  readonly areaId: string
  readonly label: string
  readonly kind: BayKindId
  readonly closed: boolean
}

/** One shop: its halls, areas and bays, in the order they were added. */
export interface Site {
  readonly name: string
  readonly timeZone: string
  readonly halls: readonly Hall[]
  readonly areas: readonly Area[]
  readonly bays: readonly Bay[]
  /** Keys with which a lamp or an interlock reads the clearance, or an instrument tells what it reads. Revoked ones stay on the list. */
  readonly deviceKeys: readonly DeviceKey[]
}

/** A key by its name, and what it is for; the key itself is shown once and kept nowhere. */
export interface DeviceKey { readonly keyId: string, readonly name: string, readonly purpose: KeyPurposeId, readonly isRevoked: boolean }

export const NO_SITE: Site = { name: '', timeZone: 'UTC', halls: [], areas: [], bays: [], deviceKeys: [] }

/** A hall or a bay before it is there. */
export type NewHall = Omit<Hall, 'closed'>
export type NewBay = Pick<Bay, 'bayId' | 'label' | 'kind'>

export interface SiteCommands {
  'site.open': { readonly name: string, readonly timeZone: string }
  'site.add-hall': NewHall
  'site.add-area': Omit<Area, 'closed'>
  'site.add-bay': NewBay & { readonly areaId: string }
  /** A hall with its bays in one go, or more bays in one that is there. */
  'site.set-out': {
    readonly hall: NewHall
    readonly area: { readonly areaId: string, readonly name: string }
    readonly bays: readonly NewBay[]
  }
  /** Closed, its areas and bays close with it; they are opened again one by one. */
  'site.change-hall': NewHall & { readonly closed: boolean }
  'site.change-area': Omit<Area, 'closed'> & { readonly closed: boolean }
  'site.change-bay': {
    readonly bayId: string
    readonly areaId: string
    readonly label: string
    readonly kind: BayKindId
    readonly closed: boolean
  }
  /** Given by the route that makes the key and shows it once. */
  'site.make-key': { readonly keyId: string, readonly name: string, readonly purpose: KeyPurposeId }
  'site.revoke-key': { readonly keyId: string }
}

export type SiteEvent
  = | { readonly type: 'site-opened', readonly version: 1, readonly payload: SiteCommands['site.open'] }
    | { readonly type: 'hall-added', readonly version: 1, readonly payload: Hall }
    | { readonly type: 'hall-changed', readonly version: 1, readonly payload: Hall }
    | { readonly type: 'area-added', readonly version: 1, readonly payload: Area }
    | { readonly type: 'area-changed', readonly version: 1, readonly payload: Area }
    | { readonly type: 'bay-added', readonly version: 1, readonly payload: Bay }
    | { readonly type: 'bay-changed', readonly version: 1, readonly payload: Bay }
    | { readonly type: 'device-key-made', readonly version: 2, readonly payload: SiteCommands['site.make-key'] }
    | { readonly type: 'device-key-revoked', readonly version: 1, readonly payload: SiteCommands['site.revoke-key'] }

/** Until keys could tell anything, every one of them read. */
export function upcastSite(type: string, version: number, payload: unknown): SiteEvent {
  const isOldKey = type === 'device-key-made' && version === 1
  const newest = isOldKey ? { type, version: 2, payload: { ...payload as object, purpose: 'reads' } } : { type, version, payload }
  return newest as SiteEvent
}

export function evolveSite(site: Site, event: SiteEvent): Site {
  switch (event.type) {
    case 'site-opened':
      return { ...site, ...event.payload }
    case 'hall-added':
      return { ...site, halls: [...site.halls, event.payload] }
    case 'hall-changed':
      return { ...site, halls: site.halls.map(hall => (hall.hallId === event.payload.hallId ? event.payload : hall)) }
    case 'area-changed':
      return { ...site, areas: site.areas.map(area => (area.areaId === event.payload.areaId ? event.payload : area)) }
    case 'area-added':
      return { ...site, areas: [...site.areas, event.payload] }
    case 'bay-added':
      return { ...site, bays: [...site.bays, event.payload] }
    case 'bay-changed':
      return { ...site, bays: site.bays.map(bay => (bay.bayId === event.payload.bayId ? event.payload : bay)) }
    case 'device-key-made':
      return { ...site, deviceKeys: [...site.deviceKeys, { ...event.payload, isRevoked: false }] }
    case 'device-key-revoked':
      return { ...site, deviceKeys: site.deviceKeys.map(key => (key.keyId === event.payload.keyId ? { ...key, isRevoked: true } : key)) }
  }
}

export type SiteCommand = { [T in keyof SiteCommands]: { readonly type: T, readonly payload: SiteCommands[T] } }[keyof SiteCommands]

/** Names and labels are told apart as people hear them. */
const same = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase()

/** Why nothing can be put in a hall or an area that is not there, or not in use; null when it can. */
function refuseInto(place: Hall | Area | undefined, id: string): Decision<SiteEvent> | null {
  if (!place) return unknown(id)
  return place.closed ? { refused: [finding('hold', 'command.place-closed', { name: place.name })] } : null
}

/** Several changes, each decided on the site as those before leave it. One refusal refuses the whole. */
function decideInOrder(site: Site, commands: readonly SiteCommand[]): Decision<SiteEvent> {
  const events: SiteEvent[] = []
  let after = site
  for (const command of commands) {
    const decision = decideSite(after, command)
    if (isRefused(decision)) return decision
    events.push(...decision.events)
    after = decision.events.reduce(evolveSite, after)
  }
  return { events }
}

function setOut(site: Site, { hall, area, bays }: SiteCommands['site.set-out']): Decision<SiteEvent> {
  const { hallId } = hall
  const { areaId } = area
  const known = site.areas.find(one => one.areaId === areaId)
  if (known && (known.hallId !== hallId || !same(known.name, area.name))) return refuseTaken(known.name)
  const there = site.halls.find(one => one.hallId === hallId)
  // More bays in a hall that is there: what it is called or measures is changed in words of its own, not in passing.
  if (there && (!same(there.name, hall.name) || hall.size)) return refuseTaken(there.name)
  return decideInOrder(site, [
    ...there ? [] : [{ type: 'site.add-hall', payload: hall } as const],
    ...known ? [] : [{ type: 'site.add-area', payload: { ...area, hallId } } as const],
    ...bays.map(bay => ({ type: 'site.add-bay', payload: { ...bay, areaId } } as const)),
  ])
}

function addArea(site: Site, payload: SiteCommands['site.add-area']): Decision<SiteEvent> {
  const { areaId, hallId, name } = payload
  const refused = refuseInto(site.halls.find(hall => hall.hallId === hallId), hallId)
  if (refused) return refused
  return site.areas.some(area => same(area.name, name) || area.areaId === areaId)
    ? refuseTaken(name)
    : { events: [{ type: 'area-added', version: 1, payload }] }
}

function changeHall(site: Site, payload: SiteCommands['site.change-hall']): Decision<SiteEvent> {
  const { hallId, name, closed } = payload
  if (!site.halls.some(hall => hall.hallId === hallId)) return unknown(hallId)
  if (site.halls.some(hall => hall.hallId !== hallId && same(hall.name, name))) return refuseTaken(name)
  const closing = closed ? site.areas.filter(area => area.hallId === hallId && !area.closed) : []
  const inside = decideInOrder(site, closing.map(area => ({ type: 'site.change-area', payload: { ...area, closed: true } })))
  return isRefused(inside) ? inside : { events: [...inside.events, { type: 'hall-changed', version: 1, payload }] }
}

function changeArea(site: Site, payload: SiteCommands['site.change-area']): Decision<SiteEvent> {
  const { areaId, hallId, name, closed } = payload
  if (!site.areas.some(area => area.areaId === areaId)) return unknown(areaId)
  const hall = site.halls.find(one => one.hallId === hallId)
  const refused = hall && closed ? null : refuseInto(hall, hallId)
  if (refused) return refused
  if (site.areas.some(area => area.areaId !== areaId && same(area.name, name))) return refuseTaken(name)
  const closing = closed ? site.bays.filter(bay => bay.areaId === areaId && !bay.closed) : []
  return {
    events: [
      ...closing.map(bay => ({ type: 'bay-changed', version: 1, payload: { ...bay, closed: true } } as const)),
      { type: 'area-changed', version: 1, payload },
    ],
  }
}

/** Decides a change to the site: ids and names must be new, and what is referred to must exist and be in use. */
export function decideSite(site: Site, command: SiteCommand): Decision<SiteEvent> {
  switch (command.type) {
    case 'site.open':
      return site.name === '' ? { events: [{ type: 'site-opened', version: 1, payload: command.payload }] } : refuseTaken(site.name)
    case 'site.add-hall':
      return site.halls.some(hall => same(hall.name, command.payload.name) || hall.hallId === command.payload.hallId)
        ? refuseTaken(command.payload.name)
        : { events: [{ type: 'hall-added', version: 1, payload: command.payload }] }
    case 'site.add-area':
      return addArea(site, command.payload)
    case 'site.add-bay': {
      const { payload } = command
      const refused = refuseInto(site.areas.find(area => area.areaId === payload.areaId), payload.areaId)
      if (refused) return refused
      if (site.bays.some(bay => bay.bayId === payload.bayId || (!bay.closed && same(bay.label, payload.label))))
        return refuseTaken(payload.label)
      return { events: [{ type: 'bay-added', version: 1, payload: { ...payload, closed: false } }] }
    }
    case 'site.change-bay': {
      const { payload } = command
      if (!site.bays.some(bay => bay.bayId === payload.bayId))
        return { refused: [finding('hold', 'command.bay-unknown', { bayId: payload.bayId })] }
      const area = site.areas.find(one => one.areaId === payload.areaId)
      const refused = area && payload.closed ? null : refuseInto(area, payload.areaId)
      if (refused) return refused
      if (!payload.closed && site.bays.some(bay => bay.bayId !== payload.bayId && !bay.closed && same(bay.label, payload.label)))
        return refuseTaken(payload.label)
      return { events: [{ type: 'bay-changed', version: 1, payload }] }
    }
    case 'site.set-out':
      return setOut(site, command.payload)
    case 'site.change-hall':
      return changeHall(site, command.payload)
    case 'site.change-area':
      return changeArea(site, command.payload)
    case 'site.make-key':
      return site.deviceKeys.some(
        ({ name, keyId, isRevoked }) => keyId === command.payload.keyId || (!isRevoked && same(name, command.payload.name)),
      )
        ? refuseTaken(command.payload.name)
        : { events: [{ type: 'device-key-made', version: 2, payload: command.payload }] }
    case 'site.revoke-key': {
      const known = site.deviceKeys.find(({ keyId }) => keyId === command.payload.keyId)
      if (!known) return unknown(command.payload.keyId)
      return { events: known.isRevoked ? [] : [{ type: 'device-key-revoked', version: 1, payload: command.payload }] }
    }
  }
}

const refuseTaken = (name: string): Decision<SiteEvent> => ({ refused: [finding('hold', 'command.name-taken', { name })] })
const unknown = (streamId: string): Decision<SiteEvent> => ({ refused: [finding('hold', 'command.unknown-stream', { streamId })] })

/** Work on a structure reads the construction tables. */
export const workplaceOf = (bay: Pick<Bay, 'kind'>): WorkplaceId => bay.kind === 'structure' ? 'construction' : 'general'
