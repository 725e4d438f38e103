import type { Assignment, KitItemMarks } from '#core/streams/kit-item/kit-item'
import type { CompetenceId, EquipmentKindId } from '#core/ids/vocabulary'
import { bayIdOf } from './fenmarsh'

/** Equipment of the made-up yard. Every tag and reading is invented. */
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
  {
    tag: 'h-1',
    kind: 'helmet',
    name: 'Auto helmet 9 to 13',
    marks: { shadeBands: [[9, 13]], lensKind: 'auto', lightState: 4, switchingMs: 0.1 },
    to: by('noor-hale'),
    today: true,
  },
  {
    tag: 'h-2',
    kind: 'helmet',
    name: 'Plain helmet, shade 10',
    marks: { shadeBands: [[10, 10]], lensKind: 'fixed' },
    to: at('tool-crib'),
    today: true,
  },
  {
    tag: 'h-4',
    kind: 'helmet',
    name: 'Auto helmet 9 to 13',
    marks: { shadeBands: [[9, 13]], lensKind: 'auto', lightState: 4, switchingMs: 0.1 },
    to: at('tool-crib'),
    today: true,
  },
  {
    tag: 'h-5',
    kind: 'helmet',
    name: 'Auto helmet with a gap',
    marks: {
      shadeBands: [
        [5, 8],
        [13, 13],
      ],
      lensKind: 'auto', lightState: 4, switchingMs: 0.1,
    },
    to: at('tool-crib'),
    today: true,
  },
  {
    tag: 'h-6',
    kind: 'helmet',
    name: 'Slow auto helmet 9 to 13',
    marks: { shadeBands: [[9, 13]], lensKind: 'auto', lightState: 3, switchingMs: 60 },
    to: at('tool-crib'),
    today: true,
  },
  {
    tag: 'h-3',
    kind: 'helmet',
    name: 'Auto helmet, two bands',
    marks: {
      shadeBands: [
        [5, 8],
        [9, 13],
      ],
      lensKind: 'auto', lightState: 4, switchingMs: 0.1,
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
