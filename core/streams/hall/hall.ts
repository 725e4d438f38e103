import type { Decision } from '../decision'
import type { Instant } from '../../time/instant'
import { newest } from '../../time/late-reports'
import type { HallAir } from '../../ventilation/hall'
import type { HallDucts } from '../../ventilation/hall-ducts'
import type { ExtractionKindId } from '../../ids/vocabulary'
import type { HallPlan } from './hall-plan'

/** How the flow of an extraction was found. */
export const FLOW_METHODS = ['traverse', 'static-pressure', 'face-velocity', 'maker'] as const
export type FlowMethod = typeof FLOW_METHODS[number]

/** The extraction that a bay has, as the safety lead measured it. */
export interface Extraction {
  readonly kind: ExtractionKindId
  readonly diameterM?: number
  readonly widthM?: number
  readonly heightM?: number
  readonly flanged: boolean
  readonly flowM3PerS: number
  readonly flowFrom: FlowMethod
  /** It blows what it draws back into the hall. */
  readonly returnsAir: boolean
  /** Share of particles its filter keeps, 0 to 1; only asked where it returns air. */
  readonly filterEfficiency: number
}

/** How the walls, screens and curtains round an arc throw its light back, at the back of a helmet too. */
export const WALLS = ['dull', 'pale', 'shiny'] as const
export type WallId = typeof WALLS[number]

/** What keeps an arc out of the eyes of others: a booth or shut screens, shaded goggles for everybody in sight, or nothing. */
export const SCREENS = ['screened', 'goggles', 'open'] as const
export type ScreenId = typeof SCREENS[number]

/** A bay as it stands in its hall: where, and with what extraction (null: none; not in the list: nobody has said). */
export interface FittedBay {
  readonly xM: number
  readonly yM: number
  readonly extraction: Extraction | null
  /** Left out: nobody said. */
  readonly walls?: WallId
  /** Left out: nobody said. */
  readonly screen?: ScreenId
}

/** How warm it is where people work: the index that was measured, °C, or air, humidity and sun that it is estimated from. */
export type Warmth
  = | { readonly wbgtC: number }
    | { readonly airC: number, readonly humidityPercent: number, readonly isInSun: boolean }

/** The warmth of a hall as it was told at an instant; it speaks until the shop day ends. */
export interface ToldHeat {
  readonly warmth: Warmth
  /** Everybody who works there has worked in such warmth for a week or two; else the lower limits count for all. */
  readonly isEverybodyUsed: boolean
  readonly at: Instant
  readonly validUntil: Instant
}

export interface HallState {
  readonly air: HallAir | null
  /** Left out: nobody ever told. */
  readonly heat?: ToldHeat
  /** Ducts that several of its bays share; left out or null: each hood has a fan of its own. */
  readonly ducts?: HallDucts | null
  /** How it is drawn; left out or null: nobody drew it. */
  readonly plan?: HallPlan | null
  readonly bays: Readonly<Record<string, FittedBay>>
}
export const NO_HALL: HallState = { air: null, bays: {} }

export interface HallCommands {
  'hall.describe': { readonly air: HallAir }
  'hall.fit-bay': { readonly bayId: string, readonly fitted: FittedBay }
  /** Several bays of the hall in one go. */
  'hall.fit-bays': { readonly bays: Readonly<Record<string, FittedBay>> }
  'hall.tell-heat': Omit<ToldHeat, 'at' | 'validUntil'>
  /** Null: its bays share no ducts any more. */
  'hall.lay-ducts': { readonly ducts: HallDucts | null }
  /** Null: it is not drawn any more. */
  'hall.lay-out': { readonly plan: HallPlan | null }
}
export type HallCommand = { [T in keyof HallCommands]: { readonly type: T, readonly payload: HallCommands[T] } }[keyof HallCommands]

export type HallEvent
  = | { readonly type: 'hall-described', readonly version: 1, readonly payload: HallCommands['hall.describe'] }
    | { readonly type: 'bay-fitted', readonly version: 1, readonly payload: HallCommands['hall.fit-bay'] }
    | { readonly type: 'heat-told', readonly version: 1, readonly payload: ToldHeat }
    | { readonly type: 'ducts-laid', readonly version: 1, readonly payload: HallCommands['hall.lay-ducts'] }
    | { readonly type: 'hall-laid-out', readonly version: 1, readonly payload: HallCommands['hall.lay-out'] }

export function evolveHall(state: HallState, event: HallEvent): HallState {
  switch (event.type) {
    case 'hall-described': return { ...state, air: event.payload.air }
    // One that comes in late is not put before a newer one.
    case 'heat-told': return { ...state, heat: newest(state.heat ?? null, event.payload)! }
    case 'ducts-laid': return { ...state, ducts: event.payload.ducts }
    case 'hall-laid-out': return { ...state, plan: event.payload.plan }
    case 'bay-fitted': return fitBay(state, event.payload)
  }
}

/** A flow that is new was found with who knows which dampers open: with its own alone, which is stricter, until the ducts say otherwise. */
function fitBay({ ducts, ...state }: HallState, { bayId, fitted }: HallCommands['hall.fit-bay']): HallState {
  const isSameFlow = state.bays[bayId]?.extraction?.flowM3PerS === fitted.extraction?.flowM3PerS
  const bays = { ...state.bays, [bayId]: fitted }
  if (!ducts || isSameFlow) return { ...state, ...ducts === undefined ? {} : { ducts }, bays }
  return {
    ...state,
    bays,
    ducts: { ...ducts, hoods: ducts.hoods.map(hood => (hood.bayId === bayId ? { ...hood, foundWith: 'own-open' } : hood)) },
  }
}

/** The bays that a command fits, and how. */
export function fittingsOf(command: HallCommand): readonly (readonly [string, FittedBay])[] {
  switch (command.type) {
    case 'hall.fit-bay': return [[command.payload.bayId, command.payload.fitted]]
    case 'hall.fit-bays': return Object.entries(command.payload.bays)
    default: return []
  }
}

/** The bays that a command says something of. */
export function baysNamedIn(command: HallCommand): readonly string[] {
  switch (command.type) {
    case 'hall.lay-ducts': return command.payload.ducts?.hoods.map(({ bayId }) => bayId) ?? []
    case 'hall.lay-out': return Object.keys(command.payload.plan?.hoodsTowardsDeg ?? {})
    default: return fittingsOf(command).map(([bayId]) => bayId)
  }
}

interface HallToday { readonly at: Instant, readonly dayEnds: Instant }

/** Decides a change to a hall. That hall and bay exist is known to the door. */
export function decideHall(command: HallCommand, { at, dayEnds }: HallToday): Decision<HallEvent> {
  if (command.type === 'hall.tell-heat')
    return { events: [{ type: 'heat-told', version: 1, payload: { ...command.payload, at, validUntil: dayEnds } }] }
  if (command.type === 'hall.lay-ducts') return { events: [{ type: 'ducts-laid', version: 1, payload: command.payload }] }
  if (command.type === 'hall.lay-out') return { events: [{ type: 'hall-laid-out', version: 1, payload: command.payload }] }
  if (command.type === 'hall.describe') return { events: [{ type: 'hall-described', version: 1, payload: command.payload }] }
  const bays = fittingsOf(command)
  return { events: bays.map(([bayId, fitted]) => ({ type: 'bay-fitted', version: 1, payload: { bayId, fitted } })) }
}
