import type { CylinderMarks, Stance } from '#core/streams/cylinder/cylinder'
import type { Assignment, KitItemMarks } from '#core/streams/kit-item/kit-item'
import type { Place } from '#core/streams/place/place'
import type { CompetenceId, EquipmentKindId } from '#core/ids/vocabulary'
import { bayIdOf } from './fenmarsh'

/** Places, cylinders and things of the made-up yard. Every tag, stamp and reading is invented. */
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

export interface DemoItem {
  readonly tag: string
  readonly kind: EquipmentKindId
  readonly name: string
  readonly marks?: KitItemMarks
  readonly to: Assignment
  /** Calendar lists last passed so many days ago, by the end of their id; the rest were passed yesterday. */
  readonly daysAgo?: Readonly<Record<string, number>>
  /** Lists never passed. */
  readonly never?: readonly string[]
  /** Looked at before use today. */
  readonly today?: boolean
  readonly taggedOut?: string
}

const bay = (label: string, ...also: readonly string[]): Extract<NonNullable<Assignment>, { to: 'bay' }> => ({
  to: 'bay',
  id: bayIdOf(label),
  ...(also.length > 0 ? { alsoIds: also.map(bayIdOf) } : {}),
})
/** Hung there, so many metres from the farthest work. */
const hung = (distanceM: number, ...labels: readonly [string, ...string[]]): Assignment => ({ ...bay(...labels), distanceM })
const by = (personId: string): Assignment => ({ to: 'person', id: personId })
const at = (placeId: string): Assignment => ({ to: 'place', id: placeId })

/** Power source, leads, tool and clamp of a bay. */
function arcBay(
  label: string,
  tool: EquipmentKindId,
  source: KitItemMarks,
  options: { readonly today?: boolean, readonly electrical?: number } = {},
): readonly DemoItem[] {
  const { today = true, electrical = 120 } = options
  const toolName: Partial<Record<EquipmentKindId, string>> = {
    'tig-torch': 'TIG torch',
    'wire-feed-gun': 'Wire gun',
    'electrode-holder': 'Rod holder',
  }
  return [
    {
      tag: `m-${label}`,
      kind: 'arc-machine',
      name: `Machine of bay ${label}`,
      marks: source,
      to: bay(label),
      daysAgo: { electrical },
      today,
    },
    {
      tag: `l-${label}`,
      kind: 'welding-leads',
      name: `Leads of bay ${label}`,
      marks: { leadLengthM: 10, leadAreaMm2: 50 },
      to: bay(label),
      daysAgo: { weekly: 3 },
      today,
    },
    { tag: `t-${label}`, kind: tool, name: `${toolName[tool]} of bay ${label}`, to: bay(label), daysAgo: { 'gas-path': 12 }, today },
    { tag: `c-${label}`, kind: 'work-clamp', name: `Clamp of bay ${label}`, to: bay(label), today },
  ]
}
const regulator = (tag: string, label: string, name: string, over: Partial<DemoItem> = {}): DemoItem => ({
  tag,
  kind: 'regulator',
  name,
  to: bay(label),
  daysAgo: { quarterly: 40, yearly: 210 },
  today: true,
  ...over,
})
const arm = (label: string, over: Partial<DemoItem> = {}): DemoItem => ({
  tag: `x-${label}`,
  kind: 'extraction-arm',
  name: `Arm of bay ${label}`,
  to: bay(label),
  daysAgo: { weekly: 4, examination: 240 },
  ...over,
})
const TIG: KitItemMarks = { ratedCurrentA: 220, ratedDutyPercent: 60, maxCurrentA: 250 }
const MIG: KitItemMarks = { ratedCurrentA: 300, ratedDutyPercent: 60, maxCurrentA: 350 }
const STICK: KitItemMarks = { ratedCurrentA: 200, ratedDutyPercent: 60, maxCurrentA: 250 }

export const ITEMS: readonly DemoItem[] = [
  ...arcBay('1', 'tig-torch', TIG),
  regulator('r-1', '1', 'Argon regulator'),
  arm('1'),
  ...arcBay('2', 'tig-torch', TIG),
  regulator('r-2', '2', 'Argon regulator'),
  arm('2'),
  ...arcBay('3', 'wire-feed-gun', MIG),
  regulator('r-3', '3', 'Mix regulator'),
  arm('3'),
  ...arcBay('4', 'electrode-holder', STICK),
  arm('4'),
  ...arcBay('5', 'electrode-holder', { ratedCurrentA: 140, ratedDutyPercent: 35, maxCurrentA: 160 }),
  arm('5'),
  ...arcBay('6', 'electrode-holder', STICK, { electrical: 372 }),
  { tag: 'x-6', kind: 'extraction-booth', name: 'Booth of bay 6', to: bay('6'), daysAgo: { weekly: 5, examination: 400 } },
  ...arcBay('7', 'wire-feed-gun', MIG, { today: false }),
  arm('7'),
  ...arcBay('8', 'wire-feed-gun', MIG),
  regulator('r-8', '8', 'Argon regulator', { daysAgo: { quarterly: 85, yearly: 130 } }),
  arm('8'),
  {
    tag: 'pc-9',
    kind: 'plasma-cutter',
    name: 'Plasma cutter',
    marks: { ratedCurrentA: 60, ratedDutyPercent: 50, maxCurrentA: 65 },
    to: bay('9'),
    daysAgo: { monthly: 9 },
    today: true,
  },
  { tag: 'c-9', kind: 'work-clamp', name: 'Clamp of bay 9', to: bay('9'), today: true },
  regulator('r-10', '10', 'Oxygen regulator'),
  regulator('r-11', '10', 'Acetylene regulator'),
  {
    tag: 'fa-3',
    kind: 'flashback-arrestor',
    name: 'Arrestor, acetylene outlet',
    to: bay('10', '11'),
    daysAgo: { yearly: 300 },
    today: true,
  },
  {
    tag: 'fa-4',
    kind: 'flashback-arrestor',
    name: 'Arrestor, oxygen outlet',
    to: bay('10', '11'),
    daysAgo: { yearly: 356 },
    today: true,
  },
  { tag: 'hs-10', kind: 'hose', name: 'Twin hose', to: bay('10'), today: true },
  { tag: 'to-10', kind: 'oxy-fuel-torch', name: 'Cutting torch', to: bay('10'), today: true },
  {
    tag: 'gr-2',
    kind: 'grinder',
    name: 'Small grinder',
    marks: { toolRpm: 11_000 },
    to: bay('6'),
    daysAgo: { yearly: 90 },
    taggedOut: 'Guard cracked, side handle gone.',
  },
  { tag: 'gr-3', kind: 'grinder', name: 'Small grinder', marks: { toolRpm: 11_000 }, to: bay('7'), daysAgo: { yearly: 361 } },
  { tag: 'bg-1', kind: 'bench-grinder', name: 'Bench grinder', to: at('tool-crib') },
  { tag: 'h-1', kind: 'helmet', name: 'Auto helmet 9 to 13', marks: { shadeBands: [[9, 13]] }, to: by('noor-hale'), today: true },
  {
    tag: 'h-3',
    kind: 'helmet',
    name: 'Auto helmet, two bands',
    marks: {
      shadeBands: [
        [5, 8],
        [9, 13],
      ],
    },
    to: by('teo-marsh'),
    today: true,
  },
  {
    tag: 'rp-1',
    kind: 'respirator',
    name: 'Half mask',
    marks: { mask: 'half-p100' },
    to: by('dov-lindqvist'),
    daysAgo: { monthly: 12 },
    today: true,
  },
  {
    tag: 'rp-2',
    kind: 'respirator',
    name: 'Helmet with blower',
    marks: { mask: 'papr-helmet' },
    to: by('ada-quill'),
    daysAgo: { monthly: 9 },
    today: true,
  },
  {
    tag: 'ex-1',
    kind: 'extinguisher',
    name: 'Powder, gate bays',
    marks: { extinguisherType: 'dry-chemical', extinguisherRating: '43A 233B C', madeOn: '2023-05-01' },
    to: hung(8, '3', '4', '5'),
    daysAgo: { monthly: 34, yearly: 150 },
  },
  {
    tag: 'ex-2',
    kind: 'extinguisher',
    name: 'Powder, tender bays',
    marks: { extinguisherType: 'dry-chemical', extinguisherRating: '43A 233B C', madeOn: '2022-02-01' },
    to: hung(6, '1', '2', '8', '9'),
    daysAgo: { monthly: 6, yearly: 150 },
  },
  {
    tag: 'ex-3',
    kind: 'extinguisher',
    name: 'CO₂, pump bench',
    marks: { extinguisherType: 'carbon-dioxide', extinguisherRating: '89B', madeOn: '2021-12-15' },
    to: hung(4, '1'),
    daysAgo: { monthly: 20, yearly: 200 },
  },
  {
    tag: 'ex-4',
    kind: 'extinguisher',
    name: 'Powder, oxy-fuel corner',
    marks: { extinguisherType: 'dry-chemical', extinguisherRating: '55A 233B C', madeOn: '2024-03-01' },
    to: hung(8.5, '10', '11', '6', '7'),
    daysAgo: { monthly: 11, yearly: 120 },
  },
  {
    tag: 'ex-5',
    kind: 'extinguisher',
    name: 'Powder, on wheels',
    marks: { extinguisherType: 'dry-chemical', extinguisherRating: '55A 233B C', madeOn: '2024-09-01' },
    to: at('tool-crib'),
    daysAgo: { monthly: 4, yearly: 60 },
  },
  {
    tag: 'ex-6',
    kind: 'extinguisher',
    name: 'Powder, slipway',
    marks: { extinguisherType: 'dry-chemical', extinguisherRating: '55A 233B C', madeOn: '2023-09-01' },
    to: at('tool-crib'),
    daysAgo: { monthly: 9, yearly: 88 },
  },
  {
    tag: 'ex-7',
    kind: 'extinguisher',
    name: 'Powder, timber yard',
    marks: { extinguisherType: 'dry-chemical', extinguisherRating: '55A 233B C', madeOn: '2023-09-01' },
    to: at('tool-crib'),
    daysAgo: { monthly: 9, yearly: 88 },
  },
  { tag: 'ey-1', kind: 'eyewash', name: 'Eyewash', to: at('tool-crib'), daysAgo: { weekly: 6, yearly: 100 } },
  { tag: 'fk-1', kind: 'first-aid', name: 'First-aid kit', to: at('tool-crib'), daysAgo: { monthly: 25 } },
  { tag: 'gd-1', kind: 'gas-detector', name: 'Gas detector', to: at('tool-crib'), daysAgo: { calibration: 100 } },
  { tag: 'lw-1', kind: 'laser-welder', name: 'Handheld laser', to: null, never: ['yearly', 'weekly'] },
]

/** Who is named for what, besides the safety lead. */
export const COMPETENT: Readonly<Record<string, readonly CompetenceId[]>> = {
  'jun-pell': ['regulator', 'flashback-arrestor', 'hose', 'oxy-fuel-torch', 'cylinder'],
  'maren-holt': ['grinder'],
}
