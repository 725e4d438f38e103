import type { Job } from '#core/job/job'
import type { BayKindId, ProcessId, RoleId, ZoneId } from '#core/ids/vocabulary'
import type { HoodPosition, ExtractionCheck } from '#core/air/bay-air'
import type { Extraction } from '#core/streams/hall/hall'
import type { CareRecord } from '#core/shade/care'
import type { WearableId } from '#core/ids/wearable-ids'
import type { WearerRecord } from '#core/respirator/wearer'
import type { HallAir } from '#core/ventilation/hall'
import type { HallDucts } from '#core/ventilation/hall-ducts'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import type { GlassesKind, HelmetFault } from '#core/ids/station-ids'

/**
 * Fenmarsh Lockworks: an invented yard that restores canal lock gates and workboats and trains apprentices.
 * Every person, tag and reading here is made up. It is a yard of the United States: its law, its feet and inches, its clock and its numbers
 * to call; lengths stand here in SI, at sizes that are sold there.
 */
export const SITE = { siteId: 'fenmarsh', name: 'Fenmarsh Lockworks', timeZone: 'America/New_York' }

export const RULES: HouseRules = {
  jurisdiction: 'us',
  shadeBasis: 'us-consensus',
  shadeMinimum: 10,
  units: 'us',
  actionFraction: 0.5,
  shopDayHour: 4,
  exposureBasis: 'us-ca',
  shiftHours: 8,
  workDaysPerWeek: 5,
  maskWornShare: 0.95,
  // In minutes of somebody's time: a hood is moved at once, a width is ground, a shift is cut short, a fan is bought.
  changeCosts: { distance: 1, strip: 15, arc: 60, others: 120, flow: 600 },
  surveyMonths: 12,
  fitTestMonths: 12,
  medicalMonths: 24,
  settlingRule: 'longer-of-hour-and-lying',
  regulatorRule: 'off-weekly',
  weekEndsOn: 5,
  pastDueHolds: false,
  storageBasis: 'us',
  signOffRule: 'said',
  safetyToe: false,
  leatherLaces: false,
  sleevesDo: false,
  linedGlovesOnly: false,
  lowShoesDo: false,
  protectorRule: 'half',
  heatRule: 'asked-daily',
  clothesRule: 'shop-lends',
  radiusRule: '35-ft',
  watchAfterMin: 60,
  monitoringMin: 180,
  roundEveryMin: 15,
  visitEveryMin: 30,
  coverGapMin: 5,
  gasRetestMin: 120,
  lelLimitPercent: 0,
  oxygenMaxPercent: 22,
  longestPermitHours: 8,
  authorisingRule: 'lead-and-authorisers',
  emergencyNumber: '911 from any yard telephone',
  firePointNumber: '440 gatehouse',
  firstAidNumber: '441 first-aid room',
  gasSupplierNumber: '0 for the store',
  language: 'en',
}

export const HALLS = [
  { hallId: 'gate-hall', name: 'Gate hall' },
  { hallId: 'boat-shed', name: 'Boat shed' },
  { hallId: 'lockside', name: 'Lockside' },
]

const air = (over: Partial<HallAir>): HallAir => ({
  isOpenAir: false,
  volumeM3: 2400,
  ceilingM: 5.5,
  supplyM3PerS: 3.2,
  outdoorShare: 1,
  filterEfficiency: 0,
  backgroundMgPerM3: 0,
  nearFieldRadiusM: 0.5,
  airSpeedMPerS: 0.15,
  ...over,
})

/** The air of each hall; the boat shed blows two fifths of its air round through a filter. */
export const HALL_AIR: Readonly<Record<string, HallAir>> = {
  'gate-hall': air({}),
  'boat-shed': air({ volumeM3: 1500, ceilingM: 4.5, supplyM3PerS: 2, outdoorShare: 0.6, filterEfficiency: 0.95, airSpeedMPerS: 0.2 }),
  'lockside': air({ isOpenAir: true, airSpeedMPerS: 0.5 }),
}

/** A branch of the gate hall's ducts with the arm of a bay at its end. */
const branch = (bay: string, lengthM: number, diameterM = 0.2) =>
  ({ id: `to bay ${bay}`, into: 'main', lengthM, diameterM, wall: 'galvanised', lossCoefficient: 2.3 }) as const
const hung = (bay: string) =>
  ({ bayId: `bay-${bay}`, ductId: `to bay ${bay}`, entry: 'flanged-end', foundWith: 'all-open' }) as const

/** One fan draws at five arms of the gate hall, which were measured with every damper open. */
export const HALL_DUCTS: Readonly<Record<string, HallDucts>> = {
  'gate-hall': {
    fan: [
      { flowM3PerS: 0, pressurePa: 2600 }, { flowM3PerS: 1, pressurePa: 2300 }, { flowM3PerS: 2, pressurePa: 1500 },
      { flowM3PerS: 2.8, pressurePa: 300 },
    ],
    filter: { flowM3PerS: 1.6, pressurePa: 600 },
    ducts: [
      { id: 'main', into: null, lengthM: 10, diameterM: 0.4, wall: 'galvanised', lossCoefficient: 0.8 },
      branch('1', 9, 0.18), branch('3', 6), branch('4', 4), branch('5', 7), branch('7', 12),
    ],
    hoods: [hung('1'), hung('3'), hung('4'), hung('5'), hung('7')],
  },
}

/** How warm the halls are on a working morning, °C. */
export const HALL_WARMTH_C: Readonly<Record<string, number>> = { 'gate-hall': 13, 'boat-shed': 12, 'lockside': 9 }

export const AREAS = [
  { areaId: 'gate-bays', hallId: 'gate-hall', name: 'Gate bays' },
  { areaId: 'pump-bench', hallId: 'gate-hall', name: 'Pump bench' },
  { areaId: 'tender-bays', hallId: 'boat-shed', name: 'Tender bays' },
  { areaId: 'oxy-corner', hallId: 'boat-shed', name: 'Oxy-fuel corner' },
  { areaId: 'structures', hallId: 'lockside', name: 'On the structures' },
]

const HEAD_TO_HANDS = ['cap-cotton', 'plugs', 'glasses-clear', 'helmet', 'collar-closed', 'gloves-lined'] as const
const READY_FOR_HEAVY = [
  ...HEAD_TO_HANDS, 'jacket-treated', 'sleeves-leather', 'under-cotton', 'apron-leather', 'trousers-treated', 'boots-covered',
  'pockets-empty',
] as const

/** The shop's own clothes: kind, size, how many. */
export const WARDROBE: readonly (readonly [wearable: WearableId, size: string, count: number, nrrDb?: number])[] = [
  ['jacket-treated', 'M', 3], ['jacket-treated', 'L', 2], ['jacket-leather', 'L', 1], ['sleeves-leather', '', 4], ['apron-leather', '', 3],
  ['gloves-lined', '10', 5], ['gloves-thin', '9', 4], ['cap-cotton', '', 10], ['glasses-clear', '', 8], ['trousers-treated', 'L', 2],
  ['plugs', '', 60, 32], ['muffs', '', 4, 27],
]

export interface DemoPerson {
  readonly personId: string
  readonly name: string
  readonly roles: readonly RoleId[]
  readonly areaId?: string
  readonly group?: string
  /** Processes they are signed off for. */
  readonly signedOffFor?: readonly ProcessId[]
  readonly care?: Partial<CareRecord>
  /** What they had on the day before. */
  readonly wore?: readonly WearableId[]
  /** Months since fit test and clearance; null was never done. */
  readonly wearer?: Pick<WearerRecord, 'mask'> & {
    readonly fitTestMonthsAgo: number | null
    readonly medicalMonthsAgo: number | null
    readonly isShaven?: boolean
  }
  readonly signIn?: { readonly loginName: string, readonly password: string, readonly pin: string }
}

export const LEAD: DemoPerson = {
  personId: 'oskar-fenn',
  name: 'Oskar Fenn',
  roles: ['safety-lead'],
  signIn: { loginName: 'oskar', password: 'paddle-gear-oskar', pin: '4471' },
}

export const PEOPLE: readonly DemoPerson[] = [
  {
    personId: 'maren-holt',
    name: 'Maren Holt',
    roles: ['instructor'],
    signIn: { loginName: 'maren', password: 'mitre-sill-maren', pin: '2806' },
  },
  { personId: 'bea-tully', name: 'Bea Tully', roles: ['auditor'], signIn: { loginName: 'bea', password: 'weir-board-bea', pin: '7719' } },
  {
    personId: 'imke-tarrow',
    name: 'Imke Tarrow',
    roles: ['learner'], group: 'Morning class', signedOffFor: ['smaw'],
    signIn: { loginName: 'imke', password: 'quoin-post-imke', pin: '1532' },
  },
  {
    personId: 'jun-pell',
    name: 'Jun Pell',
    roles: ['store-keeper'],
    signIn: { loginName: 'jun', password: 'stop-plank-jun', pin: '6093' },
  },
  {
    personId: 'hedda-moss',
    name: 'Hedda Moss',
    roles: ['permit-authoriser'],
    signIn: { loginName: 'hedda', password: 'lock-beam-hedda', pin: '5208' },
  },
  {
    personId: 'wim-askew',
    name: 'Wim Askew',
    roles: ['fire-watch'],
    signIn: { loginName: 'wim', password: 'tow-path-wim', pin: '3317' },
  },
  {
    personId: 'tove-ridd',
    name: 'Tove Ridd',
    roles: ['welder'], group: 'Gate crew', signedOffFor: ['gmaw', 'smaw'],
    signIn: { loginName: 'tove', password: 'cill-stone-tove', pin: '9046' },
  },
  {
    personId: 'ebba-lund',
    name: 'Ebba Lund',
    roles: ['fire-watch'],
    signIn: { loginName: 'ebba', password: 'gate-paddle-ebba', pin: '6621' },
  },
  {
    personId: 'dov-lindqvist',
    name: 'Dov Lindqvist',
    roles: ['welder'],
    group: 'Gate crew',
    signedOffFor: ['gtaw', 'gmaw', 'smaw'],
    care: { wearsPrescription: true, sizeOf: { body: 'L', hands: '10', feet: '44' } },
    wearer: { mask: 'half-p100', fitTestMonthsAgo: 5, medicalMonthsAgo: 9, isShaven: true },
  },
  { personId: 'runa-okafor', name: 'Runa Okafor', roles: ['learner'], group: 'Morning class', signedOffFor: ['gtaw'] },
  { personId: 'teo-marsh', name: 'Teo Marsh', roles: ['learner'], group: 'Morning class', signedOffFor: ['gmaw'] },
  {
    personId: 'pia-vance',
    name: 'Pia Vance',
    roles: ['learner'], group: 'Morning class', signedOffFor: ['smaw'],
    wearer: { mask: 'dust-mask', fitTestMonthsAgo: null, medicalMonthsAgo: null },
  },
  { personId: 'sol-brandt', name: 'Sol Brandt', roles: ['learner'], group: 'Morning class', signedOffFor: ['smaw'] },
  {
    personId: 'ada-quill',
    name: 'Ada Quill',
    roles: ['welder'], group: 'Gate crew', signedOffFor: ['fcaw-s', 'smaw', 'pac'],
    wearer: { mask: 'papr-helmet', fitTestMonthsAgo: null, medicalMonthsAgo: 3 },
  },
  {
    personId: 'noor-hale',
    name: 'Noor Hale',
    roles: ['learner'], group: 'Morning class', signedOffFor: ['gmaw'],
    care: { sizeOf: { body: 'L' } },
    wore: [...HEAD_TO_HANDS, 'top-synthetic', 'under-cotton', 'apron-leather', 'jeans', 'boots-covered', 'pockets-empty'],
  },
  {
    personId: 'ivo-reyes',
    name: 'Ivo Reyes',
    roles: ['welder'], group: 'Gate crew', signedOffFor: ['pac', 'ofc', 'gmaw'],
    wearer: { mask: 'half-p100', fitTestMonthsAgo: 14, medicalMonthsAgo: 14 },
  },
  {
    personId: 'lena-stroud',
    name: 'Lena Stroud',
    roles: ['learner'],
    group: 'Morning class',
    signedOffFor: ['ofc'],
    care: { hasSoreEyes: true, symptoms: 'Gritty eyes after long cutting days' },
  },
  { personId: 'kit-amari', name: 'Kit Amari', roles: ['learner'], group: 'Morning class', wore: READY_FOR_HEAVY },
]

export interface DemoBay {
  readonly label: string
  readonly areaId: string
  readonly kind?: BayKindId
  readonly personId?: string
  readonly job?: Job
  /** Shade set on the helmet. */
  readonly helmet?: number
  readonly helmetCheck?: { readonly passed: boolean, readonly fault?: HelmetFault }
  readonly glasses?: { readonly kind: GlassesKind, readonly transmittance?: number }
  /** `all`, or the zones looked at; those named under `fails` did not pass. */
  readonly outfit?: 'all' | readonly ZoneId[]
  readonly fails?: readonly ZoneId[]
  readonly stop?: string
  /** Looked over for fire today. */
  readonly fireCheck?: boolean
  /** Where the bay stands in its hall, m. */
  readonly at: readonly [xM: number, yM: number]
  readonly extraction?: Extraction
  readonly hood?: HoodPosition
  readonly extractionCheck?: Partial<Omit<ExtractionCheck, 'validUntil'>>
}

const day = {
  startsAt: '08:00',
  endsAt: '12:00',
  position: 'flat',
  confinement: 'open',
  residue: 'none',
  container: 'not-a-container',
} as const
const M3_PER_H = 1 / 3600
/** A movable arm with a flanged mouth, ducted out. */
const arm = (m3PerH: number, diameterM = 0.16): Extraction => ({
  kind: 'arm',
  diameterM,
  flanged: true,
  flowM3PerS: m3PerH * M3_PER_H,
  flowFrom: 'static-pressure',
  returnsAir: false,
  filterEfficiency: 0,
})
const beside = (distanceM: number): HoodPosition => ({ placement: 'beside', distanceM })
const above = (distanceM: number): HoodPosition => ({ placement: 'above', distanceM })
const drawing = {} as const
const passed = { passed: true } as const
const clear = { kind: 'clear-rated' } as const

export const BAYS: readonly DemoBay[] = [
  {
    label: '1',
    at: [4, 3],
    extraction: arm(1000),
    hood: beside(0.22),
    extractionCheck: drawing,
    areaId: 'pump-bench',
    personId: 'dov-lindqvist',
    helmet: 12,
    helmetCheck: passed,
    glasses: clear,
    outfit: 'all',
    job: {
      ...day,
      process: 'gtaw',
      currentA: 85,
      consumable: 'er308l',
      electrodeDiameterMm: 2.4,
      plateThicknessMm: 3.175,
      baseMetal: 'stainless-steel',
      coating: 'none',
      shieldingGas: 'argon',
      gasFlowLPerMin: 9,
      arcMinPerH: 20,
    },
  },
  {
    label: '2',
    fireCheck: true,
    at: [3, 3],
    extraction: arm(900),
    hood: beside(0.2),
    extractionCheck: drawing,
    areaId: 'tender-bays',
    personId: 'runa-okafor',
    helmet: 10,
    helmetCheck: passed,
    glasses: clear,
    outfit: 'all',
    job: {
      ...day,
      process: 'gtaw',
      currentRangeA: [60, 120],
      consumable: 'er4043',
      electrodeDiameterMm: 2.4,
      plateThicknessMm: 1.5875,
      baseMetal: 'aluminium',
      coating: 'none',
      shieldingGas: 'argon',
      gasFlowLPerMin: 10,
      arcMinPerH: 15,
    },
  },
  {
    label: '3',
    fireCheck: true,
    at: [9, 3],
    extraction: arm(1300, 0.36),
    hood: above(0.48),
    extractionCheck: drawing,
    areaId: 'gate-bays',
    personId: 'teo-marsh',
    helmet: 12,
    helmetCheck: passed,
    glasses: clear,
    outfit: ['hair-head', 'ears', 'eyes', 'face', 'neck', 'hands'],
    job: {
      ...day,
      process: 'gmaw',
      currentA: 190,
      consumable: 'er70s-6',
      electrodeDiameterMm: 1,
      plateThicknessMm: 6.35,
      baseMetal: 'mild-steel',
      coating: 'none',
      shieldingGas: 'argon-co2',
      gasFlowLPerMin: 14,
      arcMinPerH: 5,
    },
  },
  {
    label: '4',
    at: [14, 3],
    extraction: arm(1200, 0.2),
    hood: beside(0.55),
    extractionCheck: drawing,
    areaId: 'gate-bays',
    personId: 'imke-tarrow',
    helmet: 9,
    helmetCheck: passed,
    glasses: clear,
    outfit: 'all',
    job: {
      ...day,
      process: 'smaw',
      currentA: 165,
      consumable: 'e7018',
      electrodeDiameterMm: 4,
      plateThicknessMm: 7.9375,
      baseMetal: 'mild-steel',
      coating: 'zinc',
      position: 'overhead',
      arcMinPerH: 2,
      assumed: ['arcMinPerH'],
    },
  },
  {
    label: '5',
    at: [19, 3],
    extraction: arm(1200, 0.2),
    hood: beside(0.2),
    extractionCheck: drawing,
    areaId: 'gate-bays',
    personId: 'pia-vance',
    helmet: 11,
    helmetCheck: passed,
    glasses: clear,
    outfit: 'all',
    job: {
      ...day,
      process: 'smaw',
      currentA: 110,
      consumable: 'e6013',
      electrodeDiameterMm: 3.2,
      plateThicknessMm: 6.35,
      baseMetal: 'mild-steel',
      coating: 'none',
      arcMinPerH: 3,
    },
  },
  {
    label: '6',
    at: [19, 11],
    extraction: {
      kind: 'booth',
      widthM: 1.2,
      heightM: 1,
      flanged: false,
      flowM3PerS: 0.9,
      flowFrom: 'face-velocity',
      returnsAir: false,
      filterEfficiency: 0,
    },
    areaId: 'gate-bays',
    personId: 'sol-brandt',
    helmet: 10,
    helmetCheck: passed,
    glasses: clear,
    outfit: 'all',
    fails: ['torso'],
    job: {
      ...day,
      process: 'smaw',
      currentA: 110,
      consumable: 'e6013',
      electrodeDiameterMm: 3.2,
      plateThicknessMm: 6.35,
      baseMetal: 'mild-steel',
      coating: 'none',
      arcMinPerH: 6,
    },
  },
  {
    label: '7',
    at: [14, 11],
    extraction: arm(1200, 0.2),
    hood: beside(0.25),
    extractionCheck: drawing,
    areaId: 'gate-bays',
    personId: 'ada-quill',
    helmet: 12,
    glasses: clear,
    outfit: 'all',
    job: {
      ...day,
      process: 'fcaw-s',
      currentA: 210,
      consumable: 'e71t-8',
      electrodeDiameterMm: 2,
      plateThicknessMm: 12.7,
      baseMetal: 'mild-steel',
      coating: 'primer',
      coatingStripped: true,
      strippedWidthMm: 50.8,
      arcMinPerH: 30,
    },
  },
  {
    label: '8',
    fireCheck: true,
    at: [8, 3],
    extraction: arm(1000),
    hood: beside(0.25),
    extractionCheck: drawing,
    areaId: 'tender-bays',
    personId: 'noor-hale',
    helmet: 11,
    helmetCheck: passed,
    glasses: clear,
    outfit: 'all',
    stop: 'Arc ran blue, white fluff on the plate.',
    job: {
      ...day,
      process: 'gmaw',
      currentA: 150,
      consumable: 'er5356',
      electrodeDiameterMm: 1.2,
      plateThicknessMm: 4.7625,
      baseMetal: 'aluminium',
      coating: 'none',
      shieldingGas: 'argon',
      gasFlowLPerMin: 15,
      arcMinPerH: 6,
    },
  },
  {
    label: '9',
    at: [8, 9],
    extraction: {
      kind: 'downdraft',
      widthM: 1.5,
      heightM: 1,
      flanged: false,
      flowM3PerS: 1.3,
      flowFrom: 'traverse',
      returnsAir: false,
      filterEfficiency: 0,
    },
    hood: beside(0.03),
    extractionCheck: drawing,
    areaId: 'tender-bays',
    personId: 'ivo-reyes',
    helmet: 9,
    helmetCheck: passed,
    glasses: clear,
    outfit: 'all',
    job: {
      ...day,
      process: 'pac',
      currentA: 45,
      plateThicknessMm: 6.35,
      shieldingGas: 'none',
      baseMetal: 'mild-steel',
      coating: 'none',
      arcMinPerH: 10,
    },
  },
  {
    label: '10',
    at: [3, 9],
    areaId: 'oxy-corner',
    personId: 'lena-stroud',
    helmet: 5,
    helmetCheck: passed,
    glasses: clear,
    outfit: 'all',
    job: {
      ...day,
      process: 'ofc',
      fuelGas: 'acetylene',
      plateThicknessMm: 12.7,
      tip: 'cutting',
      oxygenFlowLPerH: 2400,
      baseMetal: 'mild-steel',
      coating: 'unknown',
      arcMinPerH: 15,
    },
  },
  { label: '11', at: [5, 12], areaId: 'oxy-corner' },
  {
    label: '12',
    at: [2, 2],
    areaId: 'structures',
    kind: 'structure',
    personId: 'kit-amari',
    helmet: 11,
    helmetCheck: passed,
    glasses: { kind: 'tinted', transmittance: 0.15 },
    job: {
      ...day,
      process: 'smaw',
      currentA: 180,
      consumable: 'e7018',
      electrodeDiameterMm: 5,
      plateThicknessMm: 15.875,
      baseMetal: 'mild-steel',
      coating: 'lead-paint',
      coatingStripped: true,
      strippedWidthMm: 63.5,
      position: 'vertical',
      confinement: 'against-wall',
      arcMinPerH: 25,
    },
  },
]

export const bayIdOf = (label: string): string => `bay-${label}`
