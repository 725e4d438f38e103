import type { Decision } from '../decision'
import { finding } from '../../findings/finding'
import type { BayKindId, WorkplaceId } from '../../ids/vocabulary'

export interface Hall { readonly hallId: string, readonly name: string }
export interface Area { readonly areaId: string, readonly hallId: string, readonly name: string }
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
  /** Keys with which a lamp, a wall or an interlock reads the clearance, and nothing else. Revoked ones stay on the list. */
  readonly deviceKeys: readonly DeviceKey[]
}

/** A read-only key by its name; the key itself is shown once and kept nowhere. */
export interface DeviceKey { readonly keyId: string, readonly name: string, readonly isRevoked: boolean }

export const NO_SITE: Site = { name: '', timeZone: 'UTC', halls: [], areas: [], bays: [], deviceKeys: [] }

export interface SiteCommands {
  'site.open': { readonly name: string, readonly timeZone: string }
  'site.add-hall': Hall
  'site.add-area': Area
  'site.add-bay': { readonly bayId: string, readonly areaId: string, readonly label: string, readonly kind: BayKindId }
  'site.change-bay': {
    readonly bayId: string
    readonly areaId: string
    readonly label: string
    readonly kind: BayKindId
    readonly closed: boolean
  }
  /** Given by the route that makes the key and shows it once. */
  'site.make-key': { readonly keyId: string, readonly name: string }
  'site.revoke-key': { readonly keyId: string }
}

export type SiteEvent
  = | { readonly type: 'site-opened', readonly version: 1, readonly payload: SiteCommands['site.open'] }
    | { readonly type: 'hall-added', readonly version: 1, readonly payload: Hall }
    | { readonly type: 'area-added', readonly version: 1, readonly payload: Area }
    | { readonly type: 'bay-added', readonly version: 1, readonly payload: Bay }
    | { readonly type: 'bay-changed', readonly version: 1, readonly payload: Bay }
    | { readonly type: 'device-key-made', readonly version: 1, readonly payload: SiteCommands['site.make-key'] }
    | { readonly type: 'device-key-revoked', readonly version: 1, readonly payload: SiteCommands['site.revoke-key'] }

export function evolveSite(site: Site, event: SiteEvent): Site {
  switch (event.type) {
    case 'site-opened':
      return { ...site, ...event.payload }
    case 'hall-added':
      return { ...site, halls: [...site.halls, event.payload] }
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

/** Decides a change to the site: ids and names must be new, and what is referred to must exist. */
export function decideSite(site: Site, command: SiteCommand): Decision<SiteEvent> {
  switch (command.type) {
    case 'site.open':
      return site.name === '' ? { events: [{ type: 'site-opened', version: 1, payload: command.payload }] } : refuseTaken(site.name)
    case 'site.add-hall':
      return site.halls.some(hall => same(hall.name, command.payload.name) || hall.hallId === command.payload.hallId)
        ? refuseTaken(command.payload.name)
        : { events: [{ type: 'hall-added', version: 1, payload: command.payload }] }
    case 'site.add-area':
      if (!site.halls.some(hall => hall.hallId === command.payload.hallId)) return unknown(command.payload.hallId)
      return site.areas.some(area => same(area.name, command.payload.name) || area.areaId === command.payload.areaId)
        ? refuseTaken(command.payload.name)
        : { events: [{ type: 'area-added', version: 1, payload: command.payload }] }
    case 'site.add-bay': {
      const { payload } = command
      if (!site.areas.some(area => area.areaId === payload.areaId)) return unknown(payload.areaId)
      if (site.bays.some(bay => bay.bayId === payload.bayId || (!bay.closed && same(bay.label, payload.label))))
        return refuseTaken(payload.label)
      return { events: [{ type: 'bay-added', version: 1, payload: { ...payload, closed: false } }] }
    }
    case 'site.change-bay': {
      const { payload } = command
      if (!site.bays.some(bay => bay.bayId === payload.bayId))
        return { refused: [finding('hold', 'command.bay-unknown', { bayId: payload.bayId })] }
      if (!site.areas.some(area => area.areaId === payload.areaId)) return unknown(payload.areaId)
      if (!payload.closed && site.bays.some(bay => bay.bayId !== payload.bayId && !bay.closed && same(bay.label, payload.label)))
        return refuseTaken(payload.label)
      return { events: [{ type: 'bay-changed', version: 1, payload }] }
    }
    case 'site.make-key':
      return site.deviceKeys.some(
        ({ name, keyId, isRevoked }) => keyId === command.payload.keyId || (!isRevoked && same(name, command.payload.name)),
      )
        ? refuseTaken(command.payload.name)
        : { events: [{ type: 'device-key-made', version: 1, payload: command.payload }] }
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
