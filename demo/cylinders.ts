import type { CylinderMarks, Stance } from '#core/streams/cylinder/cylinder'
import type { Place } from '#core/streams/place/place'

/** Places and cylinders of the made-up yard. Every tag, stamp and reading is invented. */
export const PLACES: readonly (Place & { readonly placeId: string })[] = [
  {
    placeId: 'cage',
    name: 'Cylinder cage',
    level: 0,
    xM: 40,
    yM: 0,
    widthM: 12,
    depthM: 4,
    room: null,
    store: {
      barriers: [{ name: 'Block wall', x1M: 45.6, y1M: 0, x2M: 45.6, y2M: 1.6, heightM: 2, ratingMin: 60 }],
      combustibles: [{ id: 'Pallet stack', xM: 50.4, yM: 2.8, widthM: 1.4, depthM: 1, highly: false }],
    },
  },
  {
    placeId: 'pump-store',
    name: 'Pump room store',
    level: 0,
    xM: 20,
    yM: 14,
    widthM: 4,
    depthM: 3,
    room: { volumeM3: 36, supplyM3PerS: 0 },
    store: { barriers: [], combustibles: [] },
  },
  { placeId: 'slipway', name: 'Slipway', level: 0, xM: 70, yM: 20, widthM: 12, depthM: 6, room: null, store: null },
  { placeId: 'lock-gate-3', name: 'Lock gate 3', level: 0, xM: 110, yM: 4, widthM: 8, depthM: 4, room: null, store: null },
  { placeId: 'timber-stacks', name: 'Timber stacks', level: 0, xM: 124, yM: 6, widthM: 10, depthM: 8, room: null, store: null },
  { placeId: 'tool-crib', name: 'Tool crib', level: 0, xM: 26, yM: 14, widthM: 5, depthM: 4, room: null, store: null },
]

export interface DemoCylinder {
  readonly tag: string
  readonly marks: CylinderMarks
  /** It travelled lying for so long, or nobody knows. */
  readonly lay?: { readonly lyingMin: number | null }
  readonly at: { readonly placeId: string, readonly xM: number, readonly yM: number }
  readonly stance?: Partial<Stance>
  readonly gaugeKPa?: number
  readonly grossKg?: number
  /** Connected today at this bay; its joints tested, unless left open. */
  readonly bay?: string
  readonly jointsTested?: boolean
  readonly deliveryKPa?: number
  readonly isEmpty?: boolean
}

const rented = { owner: 'rented', filledInPlace: false } as const
const oxygen = (stamps: string): CylinderMarks => ({
  ...rented,
  gas: 'oxygen',
  stamps,
  waterVolumeL: 43.8,
  fullM3: 7.1,
  diameterM: 0.23,
  heightM: 1.5,
})
const argon = (stamps: string): CylinderMarks => ({
  ...rented,
  gas: 'argon',
  stamps,
  waterVolumeL: 49,
  fullM3: 9.4,
  diameterM: 0.23,
  heightM: 1.5,
})
const mix = (stamps: string): CylinderMarks => ({
  ...rented,
  gas: { 'argon': 75, 'carbon-dioxide': 25 },
  stamps,
  waterVolumeL: 49,
  fullM3: 10.9,
  diameterM: 0.23,
  heightM: 1.5,
})
const acetylene = (stamps: string, tareKg: number): CylinderMarks => ({
  ...rented,
  gas: 'acetylene',
  stamps,
  waterVolumeL: 61,
  tareKg,
  fullM3: 9.3,
  diameterM: 0.3,
  heightM: 1.1,
})

export const CYLINDERS: readonly DemoCylinder[] = [
  { tag: 'ox-4', marks: oxygen('DOT-3AA2400 / 5-08 / 5-18*+'), at: { placeId: 'cage', xM: 40.4, yM: 0.4 }, gaugeKPa: 15_000 },
  { tag: 'ox-5', marks: oxygen('DOT-3AA2400 / 11-11 / 11-21*'), at: { placeId: 'cage', xM: 41, yM: 0.4 }, gaugeKPa: 16_200 },
  { tag: 'ox-6', marks: oxygen('DOT-3AA2400 / 9-16 / 9-22'), at: { placeId: 'cage', xM: 41.6, yM: 0.4 }, gaugeKPa: 5100 },
  { tag: 'ac-12', marks: acetylene('DOT-8AL / 4-19', 78.2), at: { placeId: 'cage', xM: 44.6, yM: 2.6 }, grossKg: 86.4 },
  {
    tag: 'ac-7',
    marks: acetylene('DOT-8AL / 2-20', 79.5),
    lay: { lyingMin: 95 },
    at: { placeId: 'cage', xM: 48.6, yM: 0.5 },
    grossKg: 89.2,
  },
  {
    tag: 'ac-9',
    marks: acetylene('DOT-8AL / 3-14 / 3-24S', 77.8),
    at: { placeId: 'cage', xM: 49.2, yM: 0.5 },
    grossKg: 79.1,
    isEmpty: true,
  },
  {
    tag: 'pr-2',
    marks: {
      owner: 'owned',
      gas: 'propane',
      stamps: 'DOT-4BW240 / 7-17',
      tareKg: 18.1,
      waterVolumeL: 108,
      fullM3: 23,
      diameterM: 0.37,
      heightM: 1.2,
    },
    at: { placeId: 'cage', xM: 49.9, yM: 0.5 },
    grossKg: 38,
  },
  { tag: 'ar-3', marks: argon('DOT-3AA2400 / 8-23'), at: { placeId: 'cage', xM: 43, yM: 0.4 }, gaugeKPa: 16_500 },
  {
    tag: 'mx-5',
    marks: mix('DOT-3AA2400 / 6-24'),
    at: { placeId: 'cage', xM: 43.6, yM: 0.4 },
    gaugeKPa: 15_800,
    stance: { isCapped: false },
  },
  { tag: 'ar-9', marks: argon('DOT-3AA2400 / 1-17 / 1-22'), at: { placeId: 'pump-store', xM: 20.4, yM: 14.4 }, gaugeKPa: 12_400 },
  {
    tag: 'ar-1',
    marks: argon('DOT-3AA2400 / 10-14 / 10-22'),
    at: { placeId: 'cage', xM: 43, yM: 1 },
    gaugeKPa: 13_900,
    bay: '1',
    jointsTested: true,
  },
  {
    tag: 'ar-2',
    marks: argon('DOT-3AA2400 / 4-18 / 4-23'),
    at: { placeId: 'cage', xM: 43, yM: 1 },
    gaugeKPa: 9400,
    bay: '2',
    jointsTested: true,
  },
  {
    tag: 'mx-1',
    marks: { ...mix('DOT-3AA2400 / 3-21'), filledOn: '2025-11-14' },
    at: { placeId: 'cage', xM: 43, yM: 1 },
    gaugeKPa: 11_000,
    bay: '3',
    jointsTested: true,
  },
  {
    tag: 'ar-8',
    marks: { ...argon('DOT-3AA2400 / 2-13 / 2-19'), filledOn: '2023-12-04' },
    at: { placeId: 'cage', xM: 43, yM: 1 },
    gaugeKPa: 2600,
    bay: '8',
    jointsTested: true,
  },
  {
    tag: 'ox-1',
    marks: oxygen('DOT-3AA2400 / 7-19 / 7-24'),
    at: { placeId: 'cage', xM: 41, yM: 1.2 },
    gaugeKPa: 8200,
    bay: '10',
    jointsTested: true,
    deliveryKPa: 210,
  },
  {
    tag: 'ac-3',
    marks: acetylene('DOT-8AL / 6-12 / 6-22S', 80.1),
    at: { placeId: 'cage', xM: 48.6, yM: 1.2 },
    grossKg: 84.9,
    bay: '10',
    jointsTested: true,
    deliveryKPa: 45,
  },
]
