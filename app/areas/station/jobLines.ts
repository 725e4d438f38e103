import type { Job } from '#core/job/job'
import type { ProcessTraits } from '#core/job/process-traits'
import type { USUAL_CHOICES } from '#core/job/usual-choices'
import { USUAL_THICKNESSES_MM } from '#core/job/usual-choices'
import {
  BASE_METALS, COATINGS, CONFINEMENTS, CONSUMABLES, CONTAINERS, FUEL_GASES, HEADS, POSITIONS, RESIDUES, SHIELDING_GASES, TIPS,
  TRANSFERS, WATER_TABLES,
} from '#core/ids/vocabulary'
import { kitWords } from '~/words/kit-words'
import type { NumberField } from './useJobDraft'
import { words } from '~/words/vocabulary'
import { stationPages } from '~/words/station'

const says = stationPages.jobLines

/** What decides whether a line is asked: the job as far as it is said, what its process is like, and what is usual with it. */
export interface About {
  readonly draft: Partial<Job>
  readonly traits: ProcessTraits
  readonly usual: (typeof USUAL_CHOICES)[keyof typeof USUAL_CHOICES]
}

interface Line {
  readonly label: string
  readonly hint?: string
  readonly isAsked: (about: About) => boolean
}

export type ChoiceField
  = 'consumable' | 'shieldingGas' | 'fuelGas' | 'tip' | 'transfer' | 'waterTable' | 'baseMetal' | 'coating' | 'position' | 'confinement'
    | 'head' | 'residue' | 'container'

/** Answered by one key out of a list. */
export interface ChoiceLine extends Line {
  readonly kind: 'choice'
  readonly field: ChoiceField
  /** The keys, the usual ones where there are any. */
  readonly ids: (about: About) => readonly string[]
  /** All there are, where a tap shows them. */
  readonly all?: readonly string[]
  readonly named: Readonly<Record<string, string>>
  /** What stands there while nobody said it; null where it has to be said. */
  readonly unsaid: string | null
}

export type JobUnit = 'length' | 'wireFeed' | 'gasFlow' | 'flow' | 'travel'

/** Answered by a number. */
export interface NumberLine extends Line {
  readonly kind: 'number'
  readonly field: NumberField
  /** What the number is called where it is typed, if not as its line. */
  readonly entry?: string
  readonly unit: JobUnit
  /** A step finer than the unit's own. */
  readonly step?: { readonly metric: number, readonly us: number }
  readonly usual: (about: About) => readonly number[]
  /** What stands there while nobody said it; null where it has to be said. */
  readonly unsaid: string | null
}

/** Answered in a way of its own. */
export interface OwnLine extends Line {
  readonly kind: 'own'
  readonly field: 'currentA' | 'arcMinPerH' | 'startsAt'
}
export type JobLine = ChoiceLine | NumberLine | OwnLine

const always = () => true
const usualOr = <Id extends string>(usual: readonly Id[], all: readonly Id[]): readonly Id[] => (usual.length > 0 ? usual : all)
const isCut = ({ draft }: About) => draft.process === 'pac' || draft.process === 'ofc'
const isFlame = ({ traits }: About) => traits.heat === 'flame'

function choice<Field extends ChoiceField>(
  field: Field,
  label: string,
  named: Readonly<Record<NonNullable<Job[Field]>, string>>,
  ids: (about: About) => readonly NonNullable<Job[Field]>[],
  { isAsked = always, hint, all, unsaid = null }: Partial<Pick<ChoiceLine, 'isAsked' | 'hint' | 'all' | 'unsaid'>> = {},
): ChoiceLine {
  return { kind: 'choice', field, label, named, ids, isAsked, hint, all, unsaid }
}
const number = (field: NumberField, label: string, rest: Omit<NumberLine, 'kind' | 'field' | 'label'>): NumberLine => ({
  kind: 'number',
  field,
  label,
  ...rest,
})

/** The lines of a job card in their order, in the language of the screen: what each asks, of which jobs, and how it is answered. */
export const jobLines = (): readonly JobLine[] => [
  { kind: 'own', field: 'currentA', label: says.current, isAsked: ({ traits }) => traits.byCurrent },
  choice('consumable', says.rodOrWire, words.consumables, ({ usual }) => usualOr(usual.consumables, CONSUMABLES), {
    isAsked: ({ traits }) => traits.needsConsumable,
    all: CONSUMABLES,
  }),
  number('electrodeDiameterMm', says.diameter, {
    isAsked: ({ traits }) => traits.needsDiameter,
    unit: 'length',
    step: { metric: 0.1, us: 0.01 },
    usual: ({ usual }) => usual.diametersMm,
    unsaid: null,
  }),
  number('wireFeedMPerMin', says.wireFeed, {
    isAsked: ({ draft }) => ['gmaw', 'fcaw-g', 'fcaw-s'].includes(draft.process ?? ''),
    unit: 'wireFeed',
    usual: () => [3, 5, 7, 9, 12],
    unsaid: says.ifKnown,
  }),
  choice(
    'shieldingGas',
    says.shieldingGas,
    words.shieldingGases,
    ({ usual }) => usualOr(usual.shieldingGases, SHIELDING_GASES.slice(0, 7)),
    { isAsked: ({ traits }) => traits.needsShieldingGas },
  ),
  choice(
    'shieldingGas',
    says.cuttingGas,
    { ...words.shieldingGases, none: says.shopAir },
    () => ['none', 'air', 'nitrogen', 'oxygen', 'argon-hydrogen', 'argon'],
    { isAsked: ({ draft }) => draft.process === 'pac' },
  ),
  choice('transfer', says.transfer, words.transfers, () => TRANSFERS, {
    isAsked: ({ draft }) => draft.process === 'gmaw',
    hint: says.howTheMetalCrosses,
    unsaid: says.ifWatched,
  }),
  number('gasFlowLPerMin', says.gasFlow, {
    isAsked: about =>
      about.traits.usesGas && !isFlame(about) && !(about.draft.process === 'pac' && about.draft.shieldingGas === 'none'),
    unit: 'gasFlow',
    usual: () => [8, 10, 12, 15, 18],
    unsaid: says.forHowLongItLasts,
  }),
  choice('fuelGas', says.fuelGas, kitWords.gases, () => FUEL_GASES, { isAsked: isFlame }),
  choice('tip', says.tip, kitWords.tips, () => TIPS, {
    isAsked: isFlame,
    hint: says.itsClassSaysHowMuch,
  }),
  number('plateThicknessMm', says.thickness, { isAsked: always, unit: 'length', usual: () => USUAL_THICKNESSES_MM, unsaid: null }),
  number('kerfWidthMm', says.kerf, {
    isAsked: isCut,
    hint: says.howMuchMetalItTurnsOut,
    step: { metric: 0.1, us: 0.01 },
    unit: 'length',
    usual: () => [1.5, 2, 3, 4],
    unsaid: says.ifKnown,
  }),
  choice('waterTable', says.waterTable, words.waterTables, () => WATER_TABLES, {
    isAsked: ({ draft }) => draft.process === 'pac',
    hint: says.whereTheWaterStands,
    unsaid: words.waterTables.dry,
  }),
  number('acetyleneFlowLPerH', says.acetylene, {
    entry: says.acetyleneFlow,
    isAsked: ({ draft }) => draft.process === 'ofw',
    unit: 'flow',
    usual: () => [100, 200, 400, 800],
    unsaid: says.ifKnown,
  }),
  number('oxygenFlowLPerH', says.oxygen, {
    entry: says.oxygenFlow,
    isAsked: ({ draft }) => draft.process === 'ofc',
    unit: 'flow',
    usual: () => [1500, 2500, 5000],
    unsaid: says.ifKnown,
  }),
  choice('baseMetal', says.baseMetal, words.baseMetals, () => BASE_METALS),
  choice('coating', says.coating, words.coatings, () => COATINGS, {
    hint: says.zincLooksLikeBareBright,
  }),
  number('travelSpeedMPerMin', says.travel, {
    entry: says.travelSpeed,
    isAsked: about => isCut(about) || (about.draft.coating !== undefined && about.draft.coating !== 'none'),
    hint: says.howFastTheArcGoes,
    unit: 'travel',
    usual: () => [0.1, 0.2, 0.3, 0.5],
    unsaid: says.ifKnown,
  }),
  choice('position', says.position, words.positions, () => POSITIONS),
  choice('confinement', says.where, words.confinements, () => CONFINEMENTS),
  choice('head', says.head, words.heads, () => HEADS, { hint: says.whereTheHeadIsKept, unsaid: says.ifWatched }),
  { kind: 'own', field: 'arcMinPerH', label: says.arcMinutes, isAsked: always, hint: says.howManyMinutesInAn },
  { kind: 'own', field: 'startsAt', label: says.fromTo, isAsked: always },
  choice('residue', says.degreaser, words.residues, () => RESIDUES, {
    hint: says.isDegreaserOrBrakeCleaner,
  }),
  choice('container', says.container, words.containers, () => CONTAINERS, {
    hint: says.aTankDrumOrClosed,
  }),
]
