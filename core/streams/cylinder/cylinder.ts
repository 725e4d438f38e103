import type { Instant } from '../../time/instant'
import { laterOf } from '../../time/instant'
import { isOutrun, newest } from '../../time/late-reports'
import { partsOf } from '../../cylinder/gas'
import type { GasContent } from '../../cylinder/gas'
import type { ConnectingStepId, CylinderOwner, DangerId, JointId, ShuttingStepId } from '../../ids/cylinder-ids'

/** What a cylinder is, as somebody read it off the shoulder and the label. */
export interface CylinderMarks {
  readonly gas: GasContent
  readonly owner: CylinderOwner
  /** The shoulder as it was typed; empty where nobody read it. */
  readonly stamps: string
  readonly waterVolumeL?: number
  readonly filledInPlace?: boolean
  /** YYYY-MM-DD */
  readonly filledOn?: string
  /** Stamped, cap off. */
  readonly tareKg?: number
  /** Free gas when full, from the label. */
  readonly fullM3?: number
  /** Across the shell, m, and its height with the cap. */
  readonly diameterM?: number
  readonly heightM?: number
}

/** Where a cylinder stands: in a store or another place on the site's grid (corner of its footprint), or at a bay. */
export type Standing
  = | { readonly in: 'place', readonly placeId: string, readonly xM: number, readonly yM: number }
    | { readonly in: 'bay', readonly bayId: string }

/** How it stands: confirmed by whoever put it there. */
export interface Stance { readonly isUpright: boolean, readonly isSecured: boolean, readonly isCapped: boolean }

/** What the gauge or the scales said. */
export type CylinderReading
  = | { readonly by: 'pressure', readonly gaugePressureKPa: number, readonly temperatureC: number }
    | { readonly by: 'weight', readonly grossKg: number }

export interface LeakTest {
  readonly joints: Readonly<Partial<Record<JointId, boolean>>>
  readonly at: Instant
  readonly validUntil: Instant
}

/** A cylinder with a tag, as its events leave it. */
export interface CylinderState extends CylinderMarks {
  readonly tag: string
  readonly standing: Standing | null
  readonly stance: Stance | null
  /** Connected to hoses: its regulator is on. */
  readonly isConnected: boolean
  readonly isEmpty: boolean
  /** When it was said to be empty: a reading from after that takes it back. */
  readonly emptiedAt: Instant | null
  readonly isReturned: boolean
  /** The last time it lay that is known, and for how long; null when it never lay since it came. */
  readonly lastLay: { readonly lyingMin: number | null, readonly at: Instant } | null
  /** When it may be used after it lay; null when it never lay since it came. */
  readonly settlesAt: Instant | null
  /** The clock has said that it stood long enough. */
  readonly hasSettled: boolean
  readonly reading: (CylinderReading & { readonly at: Instant, readonly validUntil: Instant }) | null
  readonly leakTest: LeakTest | null
  /** When its joints were last touched: a leak test from before says nothing. */
  readonly touchedAt: Instant | null
  /** Delivery pressure set at the regulator, gauge. */
  readonly deliveryKPa: number | null
  readonly deliveryAt: Instant | null
  readonly shutDownAt: Instant | null
  readonly danger: { readonly danger: DangerId, readonly at: Instant } | null
  readonly taggedOut: { readonly reason: string } | null
  /** The tag was typed by mistake: somebody named took it back, and what comes under it next is another cylinder. */
  readonly isTagWithdrawn: boolean
}

export interface CylinderCommands {
  /** It came in. How it travelled decides whether it must stand; null: nobody knows for how long it lay. */
  'cylinder.receive': CylinderMarks & {
    readonly lay: { readonly lyingMin: number | null } | null
    readonly place: { readonly placeId: string, readonly xM: number, readonly yM: number } & Stance
  }
  'cylinder.correct': CylinderMarks
  /** It was laid down, in transport or by accident, and stands again now. */
  'cylinder.note-lying': { readonly lyingMin: number | null }
  'cylinder.place': { readonly placeId: string, readonly xM: number, readonly yM: number } & Stance
  'cylinder.read': CylinderReading
  'cylinder.connect': { readonly bayId: string, readonly steps: readonly ConnectingStepId[] }
  'cylinder.test-joints': { readonly joints: Readonly<Partial<Record<JointId, boolean>>> }
  'cylinder.set-delivery': { readonly gaugeKPa: number }
  'cylinder.shut-down': { readonly steps: readonly ShuttingStepId[] }
  /** The regulator comes off; it stays where it stands until it is placed. */
  'cylinder.disconnect': { readonly isCapped: boolean }
  'cylinder.note-empty': Record<string, never>
  'cylinder.report-danger': { readonly danger: DangerId, readonly remark?: string }
  'cylinder.tag-out': { readonly reason: string }
  'cylinder.release': { readonly repair: string }
  'cylinder.return': Record<string, never>
  /** A tag that was typed by mistake: by somebody named, with the reason. */
  'cylinder.withdraw-tag': { readonly reason: string }
  /** The clock's own: it has stood long enough. */
  'cylinder.settle': Record<string, never>
}
export type CylinderCommand = {
  [T in keyof CylinderCommands]: { readonly type: T, readonly payload: CylinderCommands[T] }
}[keyof CylinderCommands]

export type CylinderEvent
  = | { readonly type: 'cylinder-received', readonly version: 1, readonly payload: CylinderMarks & { readonly tag: string } }
    | { readonly type: 'cylinder-corrected', readonly version: 1, readonly payload: CylinderMarks }
    | {
      readonly type: 'cylinder-lay'
      readonly version: 1
      readonly payload: { readonly lyingMin: number | null, readonly settlesAt: Instant, readonly at: Instant }
    }
    | {
      readonly type: 'cylinder-placed'
      readonly version: 1
      readonly payload: CylinderCommands['cylinder.place'] & { readonly at: Instant }
    }
    | {
      readonly type: 'cylinder-read'
      readonly version: 1
      readonly payload: CylinderReading & { readonly at: Instant, readonly validUntil: Instant }
    }
    | {
      readonly type: 'cylinder-connected'
      readonly version: 1
      readonly payload: CylinderCommands['cylinder.connect'] & { readonly at: Instant }
    }
    | { readonly type: 'joints-tested', readonly version: 1, readonly payload: LeakTest }
    | { readonly type: 'delivery-set', readonly version: 2, readonly payload: { readonly gaugeKPa: number, readonly at: Instant | null } }
    | {
      readonly type: 'cylinder-shut-down'
      readonly version: 1
      readonly payload: CylinderCommands['cylinder.shut-down'] & { readonly at: Instant }
    }
    | {
      readonly type: 'cylinder-disconnected'
      readonly version: 1
      readonly payload: CylinderCommands['cylinder.disconnect'] & { readonly at: Instant }
    }
    | { readonly type: 'cylinder-emptied', readonly version: 2, readonly payload: { readonly at: Instant | null } }
    | { readonly type: 'tag-withdrawn', readonly version: 1, readonly payload: { readonly reason: string, readonly at: Instant } }
    | {
      readonly type: 'danger-found'
      readonly version: 1
      readonly payload: CylinderCommands['cylinder.report-danger'] & { readonly at: Instant }
    }
    | { readonly type: 'cylinder-tagged-out', readonly version: 1, readonly payload: { readonly reason: string } }
    | { readonly type: 'cylinder-released', readonly version: 1, readonly payload: { readonly repair: string, readonly at: Instant } }
    | { readonly type: 'cylinder-returned', readonly version: 1, readonly payload: Record<string, never> }
    | { readonly type: 'cylinder-settled', readonly version: 1, readonly payload: { readonly at: Instant } }
  /** Somebody reported on a tag that nothing wears: kept on record, for whoever registers it. */
    | {
      readonly type: 'unknown-tag-reported'
      readonly version: 1
      readonly payload: { readonly reported: string, readonly payload: unknown }
    }

/** Whatever touches the joints makes an earlier leak test worth nothing, also one that is reported later. One from after that stands. */
function touched(state: CylinderState, at: Instant): Pick<CylinderState, 'leakTest' | 'deliveryKPa' | 'deliveryAt' | 'touchedAt'> {
  const { leakTest, deliveryKPa, deliveryAt, touchedAt } = state
  const isTestNewer = leakTest !== null && isOutrun(at, leakTest.at)
  const isDeliveryNewer = deliveryAt !== null && isOutrun(at, deliveryAt)
  return {
    leakTest: isTestNewer ? leakTest : null,
    deliveryKPa: isDeliveryNewer ? deliveryKPa : null,
    deliveryAt: isDeliveryNewer ? deliveryAt : null,
    touchedAt: laterOf(touchedAt, at),
  }
}

/** A reading that shows gas in a cylinder that was said to be empty. */
const showsGas = (reading: CylinderReading, tareKg: number | undefined): boolean =>
  reading.by === 'pressure' ? reading.gaugePressureKPa > RESIDUAL_KPA : tareKg !== undefined && reading.grossKg > tareKg
/** About what stays in an empty one. Source: `residualPressure`. */
const RESIDUAL_KPA = 172.4

/** The cylinder after an event. Pure: the same events always give the same cylinder. */
export function evolveCylinder(state: CylinderState | null, event: CylinderEvent): CylinderState | null {
  if (event.type === 'unknown-tag-reported') return state
  if (event.type === 'cylinder-received') {
    // Its life goes on: what was wrong with it when it went away is wrong until somebody named releases it. A tag that was taken back
    // begins anew.
    const { danger = null, taggedOut = null } = state && !state.isTagWithdrawn ? state : {}
    return {
      ...event.payload,
      standing: null,
      stance: null,
      isConnected: false,
      isEmpty: false,
      emptiedAt: null,
      isReturned: false,
      lastLay: null,
      settlesAt: null,
      hasSettled: false,
      reading: null,
      leakTest: null,
      deliveryKPa: null,
      deliveryAt: null,
      touchedAt: null,
      shutDownAt: null,
      danger,
      taggedOut,
      isTagWithdrawn: false,
    }
  }
  if (!state) return null
  switch (event.type) {
    case 'cylinder-corrected': {
      const {
        gas: _g,
        owner: _o,
        stamps: _s,
        waterVolumeL: _w,
        filledInPlace: _p,
        filledOn: _f,
        tareKg: _t,
        fullM3: _m,
        diameterM: _d,
        heightM: _h,
        ...kept
      } = state
      const isOtherGas = JSON.stringify(partsOf(event.payload.gas)) !== JSON.stringify(partsOf(state.gas))
      // Under another gas nothing that was read, tested or set says anything.
      return { ...event.payload, ...kept, ...(isOtherGas ? { reading: null, leakTest: null, deliveryKPa: null, deliveryAt: null } : {}) }
    }
    case 'cylinder-lay': {
      const { lyingMin, settlesAt, at } = event.payload
      // One that lay before is not ready sooner for having lain again, or for being told late.
      return {
        ...state,
        lastLay: isOutrun(at, state.lastLay?.at) ? state.lastLay : { lyingMin, at },
        settlesAt: laterOf(state.settlesAt, settlesAt),
        hasSettled: false,
        ...touched(state, at),
      }
    }
    case 'cylinder-placed': {
      const { placeId, xM, yM, at, ...stance } = event.payload
      return { ...state, standing: { in: 'place', placeId, xM, yM }, stance, isConnected: false, ...touched(state, at) }
    }
    case 'cylinder-read': {
      const reading = newest(state.reading, event.payload)
      const takesBackEmpty
        = state.isEmpty
          && reading === event.payload
          && showsGas(event.payload, state.tareKg)
          && !isOutrun(event.payload.at, state.emptiedAt)
      return { ...state, reading, ...(takesBackEmpty ? { isEmpty: false, emptiedAt: null } : {}) }
    }
    // Secured is the first of the steps; the cap comes off by another.
    case 'cylinder-connected':
      return {
        ...state,
        standing: { in: 'bay', bayId: event.payload.bayId },
        stance: { isUpright: true, isSecured: true, isCapped: false },
        isConnected: true,
        shutDownAt: null,
        ...touched(state, event.payload.at),
      }
    case 'joints-tested':
      return isOutrun(event.payload.at, state.touchedAt, state.leakTest?.at) ? state : { ...state, leakTest: event.payload }
    case 'delivery-set': {
      const { gaugeKPa, at } = event.payload
      return at !== null && isOutrun(at, state.deliveryAt, state.touchedAt) ? state : { ...state, deliveryKPa: gaugeKPa, deliveryAt: at }
    }
    case 'cylinder-shut-down':
      return isOutrun(event.payload.at, state.touchedAt, state.shutDownAt)
        ? state
        : { ...state, shutDownAt: event.payload.at, deliveryKPa: null, deliveryAt: null }
    // Told after it was connected again, it says nothing of how it stands now.
    case 'cylinder-disconnected':
      return isOutrun(event.payload.at, state.touchedAt)
        ? state
        : {
            ...state,
            isConnected: false,
            stance: state.stance && { ...state.stance, isCapped: event.payload.isCapped },
            ...touched(state, event.payload.at),
          }
    case 'cylinder-emptied':
      return { ...state, isEmpty: true, emptiedAt: event.payload.at }
    case 'danger-found':
      return { ...state, danger: { danger: event.payload.danger, at: event.payload.at } }
    case 'cylinder-tagged-out':
      return { ...state, taggedOut: { reason: state.taggedOut?.reason || event.payload.reason } }
    case 'cylinder-released':
      return { ...state, taggedOut: null, danger: null, ...touched(state, event.payload.at) }
    case 'cylinder-returned':
      return { ...state, isReturned: true, isConnected: false, standing: null }
    case 'tag-withdrawn':
      return { ...state, isTagWithdrawn: true, isReturned: true, isConnected: false, standing: null }
    case 'cylinder-settled':
      return { ...state, hasSettled: true }
  }
}

/** Reads a cylinder event of any landed version as the newest. The first did not say when pressure was set or a cylinder found empty. */
export const upcastCylinder = (type: string, version: number, payload: unknown): CylinderEvent =>
  ((type === 'delivery-set' || type === 'cylinder-emptied') && version < 2
    ? { type, version: 2, payload: { ...(payload as object), at: null } }
    : { type, version, payload }) as CylinderEvent
