import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { PROCESS_TRAITS } from '../job/process-traits'
import type { DoubtId } from '../chance/draw-set'
import type { Range } from '../range'
import { around, each, exactly, NOTHING, plus, times } from '../range'
import type { FumeInput } from '../ids/fume-ids'
import type { SourceId } from '../source/book'
import type {
  BaseMetalId, CoatingId, ConsumableId, ProcessId, ShieldingGasId, SubstanceId, TipId, TransferId, WaterTableId,
} from '../ids/vocabulary'
import { coatingBurnOff, isHeatByCurrent, widthToStripMm } from './coating-burn-off'
import { COATING_METALS } from './coating-metal'
import type { FumeKnowledge } from './consumable-fume'
import { fumeKnowledge } from './consumable-fume'
import type { FumeDataSheet } from './data-sheet'
import { SHEET_SPREAD } from './data-sheet'
import { FACTOR_SPREAD } from './emission-factors'
import type { Composition } from './fume-composition'
import { COMPOSITIONS } from './fume-composition'
import { gasesAtArc, gasesNobodyPublishes, mayHeatWithAnyTip, mgPerMinFromMl } from './gases'
import type { AtMostPercent } from './may-hold'
import { flameCutFumeGPerMin, leftByWater, makesHydrogen, plasmaCutFumeGPerMin } from './kerf'
import { boilsOff, mayHold } from './may-hold'
import type { MeltingQuestion } from './melting-rate'
import { highestCurrentA, meltedBySheetGPerMin } from './melting-rate'
import { byTransfer, crossingOf, isSteelWire } from './transfer'

/** What the fume of a job is asked from. */
export interface FumeQuestion extends MeltingQuestion {
  readonly process: ProcessId
  readonly consumable?: ConsumableId
  readonly baseMetal?: BaseMetalId
  readonly coating?: CoatingId
  readonly coatingStripped?: boolean
  /** Taken off on each side of the joint, mm. */
  readonly strippedWidthMm?: number
  readonly plateThicknessMm?: number
  readonly travelSpeedMPerMin?: number
  readonly shieldingGas?: ShieldingGasId
  /** What burns at the end of a torch's hoses. */
  readonly tip?: TipId
  /** How a wire's metal crosses the arc. */
  readonly transfer?: TransferId
  /** Width of a cut, mm. */
  readonly kerfWidthMm?: number
  /** Where the water under a plasma cut stands; left out: dry. */
  readonly waterTable?: WaterTableId
}

/** A quantity with its spread, and what its doubt belongs to: null, to the one place where the job is done. */
export interface Doubted { readonly range: Range, readonly doubt: DoubtId, readonly of: string | null }

/** What is made, mg/min: a sum of products of quantities. */
export type MadeOf = readonly (readonly Doubted[])[]

/** One substance as the arc makes it. */
export interface SubstanceEmission {
  /** While the arc burns, mg/min; metals as the element: every quantity at its low end, middle or high end at once. */
  readonly mgPerMin: Range
  /** The same quantity by quantity, for whoever draws them. */
  readonly parts: MadeOf
  /** `pencil` where it rests on published factors, `chalk` where on the shop's own data sheet. */
  readonly ink: 'pencil' | 'chalk'
  readonly sources: readonly SourceId[]
}

/** The fume of a job: what rises while the arc burns, and what stands in the way of saying it. */
export interface Emission {
  readonly substances: Readonly<Partial<Record<SubstanceId, SubstanceEmission>>>
  readonly findings: readonly Finding[]
  /** Substances that the fume may hold and that nobody measured: at most this share of it, % by mass. */
  readonly unmeasured: AtMostPercent
  /** Gases that are made and that no table knows. */
  readonly unknownGases: readonly SubstanceId[]
}

/**
 * What an arc puts into the air, substance by substance, with its spread.
 * Total fume is melting rate × factor; metals by their own factor where one was measured, else by the family's composition;
 * a coating adds what burns off. A shop's own data sheet speaks before the tables for what it lists, in the process it was
 * measured with; what it leaves out stays with them. Unknown is a hold, never a zero.
 *
 * @param sheet the shop's own data sheet for the consumable, if it has one
 * Source: `emissionFactors`, `fumeRates`, `fumeComposition`, `meltingRate`, `burnOff`, `arcGases`, `alloys`.
 */
export function emissionOf(question: FumeQuestion, sheet?: FumeDataSheet): Emission {
  const { process, consumable, baseMetal } = question
  const findings: Finding[] = []
  const substances: Partial<Record<SubstanceId, SubstanceEmission>> = {}
  const unknownGases = gasesNobodyPublishes(process)
  const nothing = (said: Finding): Emission => ({ substances, findings: [said], unmeasured: {}, unknownGases })

  if (PROCESS_TRAITS[process].needsConsumable && consumable === undefined)
    return nothing(finding('hold', 'fume.input-missing', { input: 'consumable' }))
  // The metal decides what may rise besides the rod, and what boils off it.
  if (baseMetal === undefined) return nothing(finding('hold', 'fume.input-missing', { input: 'baseMetal' }))
  if (sheet && sheet.process !== process) {
    if (sheet.process === null) findings.push(finding('caution', 'fume.sheet-without-process', { title: sheet.title }))
    sheet = undefined
  }
  if (consumable === 'bag-silver' && sheet?.compositionPercent.cadmium === undefined) {
    return nothing(finding('hold', 'fume.maybe-cadmium', { consumable }, ['cadmiumBraze']))
  }

  const published = fumeKnowledge(process, consumable, baseMetal)
  const knowledge = published && byTransfer(published, question)
  const rate
    = sheet && (sheet.fumeGPerKg !== undefined || sheet.fumeMgPerS !== undefined)
      ? sheetRate(sheet, question)
      : tableRate(knowledge, question, sheet)
  if (rate === null) findings.push(finding('hold', 'fume.no-factor', { process, consumable: consumable ?? null, baseMetal }))
  else if (typeof rate === 'string') findings.push(finding('hold', 'fume.input-missing', { input: rate }))
  else {
    substances['total-fume'] = made([rate.fume], rate.ink, rate.sources)
    if (knowledge) addTableMetals(substances, rate, knowledge)
    if (sheet) addSheetMetals(substances, rate.fume, sheet)
    findings.push(sheet
      ? finding('note', 'fume.from-data-sheet', { consumable: sheet.consumable, title: sheet.title }, ['dataSheet'])
      : finding('note', 'fume.factors-in-pencil', { process }, rate.sources))
  }
  if (melts(knowledge) && question.electrodeDiameterMm === undefined && question.consumableKgPerH === undefined && process !== 'smaw')
    findings.push(finding('caution', 'fume.diameter-unknown', {}))
  if (!sheet) sayTransfer(question, findings)
  if (process === 'pac' && makesHydrogen(question.waterTable, baseMetal))
    findings.push(finding('caution', 'fume.hydrogen-under-plate', { baseMetal }, ['waterTables']))
  sayBoiling(question, substances, findings)
  findings.push(...addCoating(substances, question))
  addGases(substances, question, findings)
  if (unknownGases.length > 0) findings.push(finding('hold', 'fume.gases-unknown', { process, substances: unknownGases }, ['arcGases']))
  const unmeasured = Object.fromEntries(
    Object.entries(mayHold(process, consumable, baseMetal)).filter(([substance]) => substances[substance as SubstanceId] === undefined),
  ) as AtMostPercent
  const silent = Object.keys(unmeasured) as SubstanceId[]
  if (silent.length > 0 && substances['total-fume']) findings.push(finding('note', 'fume.not-measured', { substances: silent }))
  return { substances, findings, unmeasured, unknownGases }
}

/** Why a wire's fume is counted higher than the tables' mean, and what would lower it. */
function sayTransfer(question: FumeQuestion, findings: Finding[]): void {
  if (!isSteelWire(question)) return
  const { globular, isContradicted } = crossingOf(question)
  if (isContradicted) findings.push(finding('caution', 'fume.no-spray-on-co2', {}, ['fumeRates']))
  if (globular !== null) findings.push(finding('note', 'fume.globular-counts', { why: globular }, ['fumeRates']))
}

/** Metal that boils off is said for every process; where the tables do not count it, it holds. */
function sayBoiling({ process, baseMetal }: FumeQuestion, substances: Emission['substances'], findings: Finding[]): void {
  const rising = boilsOff(process, baseMetal)
  if (rising.length === 0 || baseMetal === undefined) return
  // A flame with brass rod: the published family counts the zinc of rod and metal together.
  const isCounted = process === 'tb' && substances.zinc !== undefined
  findings.push(finding(isCounted ? 'caution' : 'hold', 'fume.base-metal-boils', { baseMetal, substances: rising }, ['alloys']))
}

/** The rate goes by the mass melted, so the size of the wire matters. */
const melts = (knowledge: FumeKnowledge | null): boolean => knowledge?.rate.by === 'mass'

/** What doubts belong to: the table row or sheet they rest on, the same wherever it is used. */
const rowOf = ({ process, consumable, baseMetal }: FumeQuestion): string => `${process} ${consumable ?? baseMetal}`
const sheetOf = ({ consumable, process }: FumeDataSheet): string => `sheet ${process} ${consumable}`

/** A substance made of these parts. */
const made = (parts: MadeOf, ink: SubstanceEmission['ink'], sources: readonly SourceId[]): SubstanceEmission => ({
  mgPerMin: parts.map(part => part.reduce((product, { range }) => times(product, range), exactly(1))).reduce(plus, NOTHING),
  parts,
  ink,
  sources,
})

interface Rate {
  /** mg/min is the product of these. */
  readonly fume: readonly Doubted[]
  /** Consumable that melts, g/min. */
  readonly melted: Doubted | null
  readonly ink: SubstanceEmission['ink']
  readonly sources: readonly SourceId[]
}

const meltedOf = (range: Range): Doubted => ({ range, doubt: 'melting', of: null })

function sheetRate(sheet: FumeDataSheet, question: FumeQuestion): Rate | 'current' {
  const rate = meltedBySheetGPerMin(question, sheet)
  const measured = (range: Range): Doubted => ({ range, doubt: 'factor', of: sheetOf(sheet) })
  if (sheet.fumeGPerKg === undefined)
    return {
      fume: [measured(around(sheet.fumeMgPerS! * 60, SHEET_SPREAD.rate))],
      melted: typeof rate === 'string' ? null : meltedOf(rate),
      ink: 'chalk',
      sources: ['dataSheet'],
    }
  if (typeof rate === 'string') return rate
  const melted = meltedOf(rate)
  return {
    fume: [melted, measured(around(sheet.fumeGPerKg, SHEET_SPREAD.rate))],
    melted,
    ink: 'chalk',
    sources: ['dataSheet', 'meltingRate'],
  }
}

function tableRate(knowledge: FumeKnowledge | null, question: FumeQuestion, sheet?: FumeDataSheet): Rate | FumeInput | null {
  if (!knowledge) return null
  const { rate } = knowledge
  const published = (range: Range): Doubted => ({ range, doubt: 'factor', of: rowOf(question) })
  const byTheMinute = (gPerMin: Range, sources: readonly SourceId[]): Rate =>
    ({ fume: [published(times(gPerMin, 1000))], melted: null, ink: 'pencil', sources })
  if (rate.by === 'cut') {
    if (question.process === 'ofc') {
      const cut = flameCutFumeGPerMin(question)
      return cut ? byTheMinute(cut, ['cuttingFume']) : 'plateThickness'
    }
    const cut = plasmaCutFumeGPerMin(question, highestCurrentA(question))
    if (!cut) return 'current'
    const dry = byTheMinute(cut, ['plasmaPower', 'cuttingFume'])
    const left = leftByWater(question.waterTable)
    return left ? { ...dry, fume: [...dry.fume, { range: left, doubt: 'factor', of: 'water table' }] } : dry
  }
  if (rate.by === 'minute') return byTheMinute(rate.gPerMin, rate.sources)
  const melting = meltedBySheetGPerMin(question, sheet)
  if (typeof melting === 'string') return melting
  const melted = meltedOf(melting)
  const how = question.process === 'smaw' && question.consumableKgPerH === undefined ? 'stickConsumption' : 'meltingRate'
  // g/min × g/kg = mg/min.
  return { fume: [melted, published(rate.gPerKg)], melted, ink: 'pencil', sources: [...rate.sources, how] }
}

function addTableMetals(
  substances: Partial<Record<SubstanceId, SubstanceEmission>>,
  rate: Rate,
  { rate: published, family, familySource }: FumeKnowledge,
): void {
  const shares: Composition = COMPOSITIONS[family]
  for (const [substance, percent] of Object.entries(shares) as [SubstanceId, Range][]) {
    const share: Doubted = { range: times(percent, 0.01), doubt: 'share', of: family }
    substances[substance] = made([[...rate.fume, share]], 'pencil', [...rate.sources, familySource])
  }
  if (published.by !== 'mass' || !published.factor || !rate.melted) return
  for (const [substance, gPerKg] of Object.entries(published.factor.metalsGPerKg) as [SubstanceId, number][]) {
    // One table, measured together: where it says too little of the fume it does of its metals.
    const range = published.keepsShares ? times(published.gPerKg, gPerKg / published.factor.fumeGPerKg) : around(gPerKg, FACTOR_SPREAD)
    const factor = { ...rate.fume.at(-1)!, range }
    substances[substance] = made([[rate.melted, factor]], 'pencil', rate.sources)
  }
}

function addSheetMetals(
  substances: Partial<Record<SubstanceId, SubstanceEmission>>,
  fume: readonly Doubted[],
  sheet: FumeDataSheet,
): void {
  for (const [substance, percent] of Object.entries(sheet.compositionPercent) as [SubstanceId, number][]) {
    const share: Doubted = { range: around(percent / 100, SHEET_SPREAD.share), doubt: 'share', of: sheetOf(sheet) }
    substances[substance] = made([[...fume, share]], 'chalk', ['dataSheet'])
  }
}

const CLEAN: ReadonlySet<CoatingId> = new Set(['none'])

function addCoating(substances: Partial<Record<SubstanceId, SubstanceEmission>>, question: FumeQuestion): Finding[] {
  const { process, coating, coatingStripped, strippedWidthMm, plateThicknessMm, travelSpeedMPerMin } = question
  const currentA = highestCurrentA(question)
  if (coating === undefined) return [finding('hold', 'fume.input-missing', { input: 'coating' })]
  if (CLEAN.has(coating)) return []
  if (coatingStripped && strippedWidthMm === undefined) return [finding('hold', 'fume.input-missing', { input: 'strippedWidth' })]
  if (currentA === undefined && isHeatByCurrent(process)) return [finding('hold', 'fume.input-missing', { input: 'current' })]
  const heated = { process, coating, currentA, plateThicknessMm, travelSpeedMPerMin }
  const stripMm = widthToStripMm(heated)
  const dust = coatingStripped ? [finding('note', 'fume.stripping-dust', { coating }, ['coatings'])] : []
  const stripped = strippedWidthMm ?? 0
  if (stripped >= stripMm) return dust
  const burnOff = coatingBurnOff({ ...heated, strippedWidthMm: stripped })
  if (!burnOff) return [finding('hold', 'fume.coating-not-modelled', { coating }, ['coatings']), ...dust]
  const { substance, mgPerMin, sources } = burnOff
  if (mgPerMin.high > 0) {
    add(substances, substance, mgPerMin, sources)
    // In the air it is an oxide: its oxygen counts in the mass of the fume.
    add(substances, 'total-fume', times(mgPerMin, COATING_METALS[substance].oxidePerMetal), sources)
  }
  return [finding('caution', 'fume.coating-burns', { coating, substance, stripMm }, sources), ...dust]
}

function add(
  substances: Partial<Record<SubstanceId, SubstanceEmission>>,
  substance: SubstanceId,
  mgPerMin: Range,
  sources: readonly SourceId[],
): void {
  const before = substances[substance] ?? made([], 'pencil', [])
  const burnt: Doubted = { range: mgPerMin, doubt: 'burn-off', of: null }
  substances[substance] = made([...before.parts, [burnt]], before.ink, [...before.sources, ...sources])
}

function addGases(substances: Partial<Record<SubstanceId, SubstanceEmission>>, question: FumeQuestion, findings: Finding[]): void {
  const gases = Object.entries(gasesAtArc(question.process, { ...question, currentA: highestCurrentA(question) })) as [SubstanceId, Range][]
  const sources: readonly SourceId[] = question.process === 'pac' ? ['arcGases', 'airArcOxides'] : ['arcGases']
  for (const [gas, mlPerMin] of gases) {
    const range = each(mlPerMin, ml => mgPerMinFromMl(gas, ml))
    substances[gas] = made([[{ range, doubt: 'gas', of: `${gas} ${question.process}` }]], 'pencil', sources)
  }
  if (mayHeatWithAnyTip(question.process, question.tip)) findings.push(finding('caution', 'fume.tip-unknown', {}, ['arcGases']))
  if (gases.length > 0) findings.push(finding('note', 'fume.gases-in-pencil', { substances: gases.map(([gas]) => gas) }, sources))
}

/** What of an emission says whether it is known. */
export type SaidFume = Pick<Emission, 'substances' | 'findings' | 'unknownGases'>

/** Were gases that nobody publishes measured where this fume rises? */
export type IsMeasured = (substance: SubstanceId) => boolean
const NOTHING_MEASURED: IsMeasured = () => false

/** What is said of a fume, where something was measured: gases that no table knows hold until they all were. */
export const saidOfFume = ({ findings, unknownGases }: SaidFume, isMeasured: IsMeasured): readonly Finding[] =>
  unknownGases.length > 0 && unknownGases.every(isMeasured)
    ? findings.map(said => said.code === 'fume.gases-unknown' ? { ...said, severity: 'note' } : said)
    : findings

/** Can its fume be said: made at all, and nothing about it holds? */
export const isFumeKnown = (emission: SaidFume, isMeasured: IsMeasured = NOTHING_MEASURED): boolean =>
  emission.substances['total-fume'] !== undefined && !saidOfFume(emission, isMeasured).some(({ severity }) => severity === 'hold')

/** Can its dust be said, whatever is known of its gases? */
export const isDustKnown = (emission: SaidFume): boolean => isFumeKnown(emission, () => true)

/** What is made while the arc burns, mg/min, as it is drawn. */
export const partsMade = ({ substances }: Pick<Emission, 'substances'>): Partial<Record<SubstanceId, MadeOf>> =>
  Object.fromEntries(Object.entries(substances).map(([id, { parts }]) => [id, parts]))
