import type { Instant } from '../station/station'
import type { GasContent } from './gas'
import type { ConnectingStepId, DangerId, JointId, ShuttingStepId } from './guided-steps'

export const CYLINDER_OWNERS = ['rented', 'owned'] as const
export type CylinderOwner = typeof CYLINDER_OWNERS[number]

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
export type Standing =
  | { readonly in: 'place', readonly placeId: string, readonly xM: number, readonly yM: number }
  | { readonly in: 'bay', readonly bayId: string }

/** How it stands: confirmed by whoever put it there. */
export interface Stance { readonly isUpright: boolean, readonly isSecured: boolean, readonly isCapped: boolean }

/** What the gauge or the scales said. */
export type CylinderReading =
  | { readonly by: 'pressure', readonly gaugePressureKPa: number, readonly temperatureC: number }
  | { readonly by: 'weight', readonly grossKg: number }

export interface LeakTest { readonly joints: Readonly<Partial<Record<JointId, boolean>>>, readonly at: Instant, readonly validUntil: Instant }

/** A cylinder with a tag, as its events leave it. */
export interface CylinderState extends CylinderMarks {
  readonly tag: string
  readonly standing: Standing | null
  readonly stance: Stance | null
  /** Connected to hoses: its regulator is on. */
  readonly isConnected: boolean
  readonly isEmpty: boolean
  readonly isReturned: boolean
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
  readonly shutDownAt: Instant | null
  readonly danger: { readonly danger: DangerId, readonly at: Instant } | null
  readonly taggedOut: { readonly reason: string } | null
}

export interface CylinderCommands {
  /** It came in. How it travelled decides whether it must stand; null: nobody knows for how long it lay. */
  'cylinder.receive': CylinderMarks & { readonly lay: { readonly lyingMin: number | null } | null, readonly place: { readonly placeId: string, readonly xM: number, readonly yM: number } & Stance }
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
  /** The clock's own: it has stood long enough. */
  'cylinder.settle': Record<string, never>
}
export type CylinderCommand = { [T in keyof CylinderCommands]: { readonly type: T, readonly payload: CylinderCommands[T] } }[keyof CylinderCommands]

export type CylinderEvent =
  | { readonly type: 'cylinder-received', readonly version: 1, readonly payload: CylinderMarks & { readonly tag: string } }
  | { readonly type: 'cylinder-corrected', readonly version: 1, readonly payload: CylinderMarks }
  | { readonly type: 'cylinder-lay', readonly version: 1, readonly payload: { readonly lyingMin: number | null, readonly settlesAt: Instant, readonly at: Instant } }
  | { readonly type: 'cylinder-placed', readonly version: 1, readonly payload: CylinderCommands['cylinder.place'] & { readonly at: Instant } }
  | { readonly type: 'cylinder-read', readonly version: 1, readonly payload: CylinderReading & { readonly at: Instant, readonly validUntil: Instant } }
  | { readonly type: 'cylinder-connected', readonly version: 1, readonly payload: CylinderCommands['cylinder.connect'] & { readonly at: Instant } }
  | { readonly type: 'joints-tested', readonly version: 1, readonly payload: LeakTest }
  | { readonly type: 'delivery-set', readonly version: 1, readonly payload: { readonly gaugeKPa: number } }
  | { readonly type: 'cylinder-shut-down', readonly version: 1, readonly payload: CylinderCommands['cylinder.shut-down'] & { readonly at: Instant } }
  | { readonly type: 'cylinder-disconnected', readonly version: 1, readonly payload: CylinderCommands['cylinder.disconnect'] & { readonly at: Instant } }
  | { readonly type: 'cylinder-emptied', readonly version: 1, readonly payload: Record<string, never> }
  | { readonly type: 'danger-found', readonly version: 1, readonly payload: CylinderCommands['cylinder.report-danger'] & { readonly at: Instant } }
  | { readonly type: 'cylinder-tagged-out', readonly version: 1, readonly payload: { readonly reason: string } }
  | { readonly type: 'cylinder-released', readonly version: 1, readonly payload: { readonly repair: string, readonly at: Instant } }
  | { readonly type: 'cylinder-returned', readonly version: 1, readonly payload: Record<string, never> }
  | { readonly type: 'cylinder-settled', readonly version: 1, readonly payload: { readonly at: Instant } }
  /** Somebody reported on a tag that nothing wears: kept on record, for whoever registers it. */
  | { readonly type: 'unknown-tag-reported', readonly version: 1, readonly payload: { readonly reported: string, readonly payload: unknown } }

/** Whatever touches the joints makes an earlier leak test worth nothing, also one that is reported later. */
const retestFrom = (at: Instant | null) => ({ leakTest: null, deliveryKPa: null, touchedAt: at })

/** The cylinder after an event. Pure: the same events always give the same cylinder. */
export function evolveCylinder(state: CylinderState | null, event: CylinderEvent): CylinderState | null {
  if (event.type === 'unknown-tag-reported') return state
  if (event.type === 'cylinder-received') {
    return { ...event.payload, standing: null, stance: null, isConnected: false, isEmpty: false, isReturned: false, settlesAt: null, hasSettled: false, reading: null, ...retestFrom(null), shutDownAt: null, danger: null, taggedOut: null }
  }
  if (!state) return null
  switch (event.type) {
    case 'cylinder-corrected': {
      const { tag, standing, stance, isConnected, isEmpty, isReturned, settlesAt, hasSettled, reading, leakTest, touchedAt, deliveryKPa, shutDownAt, danger, taggedOut } = state
      return { ...event.payload, tag, standing, stance, isConnected, isEmpty, isReturned, settlesAt, hasSettled, reading, leakTest, touchedAt, deliveryKPa, shutDownAt, danger, taggedOut }
    }
    case 'cylinder-lay': return { ...state, settlesAt: event.payload.settlesAt, hasSettled: false, ...retestFrom(event.payload.at) }
    case 'cylinder-placed': {
      const { placeId, xM, yM, at, ...stance } = event.payload
      return { ...state, standing: { in: 'place', placeId, xM, yM }, stance, isConnected: false, ...retestFrom(at) }
    }
    // A report that comes later than a newer one must not undo it.
    case 'cylinder-read': return state.reading && state.reading.at > event.payload.at ? state : { ...state, reading: event.payload }
    // Secured is the first of the steps; the cap comes off by another.
    case 'cylinder-connected': return { ...state, standing: { in: 'bay', bayId: event.payload.bayId }, stance: { isUpright: true, isSecured: true, isCapped: false }, isConnected: true, shutDownAt: null, ...retestFrom(event.payload.at) }
    case 'joints-tested': {
      const isOutrun = [state.touchedAt, state.leakTest?.at].some(known => known != null && known > event.payload.at)
      return isOutrun ? state : { ...state, leakTest: event.payload }
    }
    case 'delivery-set': return { ...state, deliveryKPa: event.payload.gaugeKPa }
    case 'cylinder-shut-down': return { ...state, shutDownAt: event.payload.at, deliveryKPa: null }
    case 'cylinder-disconnected': return { ...state, isConnected: false, stance: state.stance && { ...state.stance, isCapped: event.payload.isCapped }, ...retestFrom(event.payload.at) }
    case 'cylinder-emptied': return { ...state, isEmpty: true }
    case 'danger-found': return { ...state, danger: { danger: event.payload.danger, at: event.payload.at } }
    case 'cylinder-tagged-out': return { ...state, taggedOut: { reason: state.taggedOut?.reason || event.payload.reason } }
    case 'cylinder-released': return { ...state, taggedOut: null, danger: null, ...retestFrom(event.payload.at) }
    case 'cylinder-returned': return { ...state, isReturned: true, isConnected: false, standing: null }
    case 'cylinder-settled': return { ...state, hasSettled: true }
  }
}
