import { COATING_TRAITS } from '../job/coating-traits'
import type { SourceId } from '../source/book'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { BaseMetalId, CoatingId, ConfinementId, ConsumableId, JurisdictionId, ProcessId, SubstanceId } from '../ids/vocabulary'
import { CAPTURE_VELOCITY_M_PER_S } from './capture-window'
import { LAWS } from '../law/laws'
import type { Hood } from './hood'

/** Room for each welder under which machines must move the air: 10 000 ft³. Source: `usVentilation` (c)(2)(i)(A). */
export const ROOM_PER_WELDER_M3 = 10_000 * 0.028316846592
/** Ceiling under which machines must move the air: 16 ft. Source: `usVentilation` (c)(2)(i)(B). */
export const CEILING_M = 16 * 0.3048
/** Air for each welder: 2 000 ft³/min. Source: `usVentilation` (c)(2)(ii). */
export const FLOW_PER_WELDER_M3_PER_S = 2000 * 0.028316846592 / 60

/** Flow of a movable flanged hood by its distance from the arc. Source: `usVentilation` (c)(3)(i), table. */
export const HOOD_FLOW_TABLE: readonly {
  readonly fromInch: number
  readonly toInch: number
  readonly flowCfm: number
  readonly ductInch: number
}[] = [
  { fromInch: 4, toInch: 6, flowCfm: 150, ductInch: 3 },
  { fromInch: 6, toInch: 8, flowCfm: 275, ductInch: 3.5 },
  { fromInch: 8, toInch: 10, flowCfm: 425, ductInch: 4.5 },
  { fromInch: 10, toInch: 12, flowCfm: 600, ductInch: 5.5 },
]

/** Flow that the legal table asks for at a distance, m³/s: the row that ends at or beyond it; undefined past 12 in. */
export function hoodFlowByTableM3PerS(distanceM: number): number | undefined {
  const inch = distanceM / 0.0254
  const row = HOOD_FLOW_TABLE.find(({ toInch }) => inch <= toInch + 1e-9)
  return row && row.flowCfm * 0.028316846592 / 60
}

export interface VentilationRulesQuestion {
  readonly jurisdiction: JurisdictionId
  readonly isOpenAir: boolean
  readonly volumeM3: number
  readonly ceilingM: number
  readonly supplyM3PerS: number
  /** Bays of this hall with work today. */
  readonly welders: number
  readonly process: ProcessId
  readonly consumable?: ConsumableId
  /** Listed metals that the shop's own sheet of the filler names. */
  readonly listedInSheet?: readonly SubstanceId[]
  readonly hood: Hood | null
  readonly distanceM: number | null
  /** Air speed towards the hood at the arc, or at the face of a booth, m/s; null where it cannot be said. */
  readonly velocityAtArcMPerS: number | null
  /** The hood stands where it takes this fume, by physics. */
  readonly isPlaced: boolean
  readonly coating?: CoatingId
  readonly coatingStripped?: boolean
  readonly baseMetal?: BaseMetalId
  readonly confinement?: ConfinementId
}

/**
 * What the law names in the metal itself: (c)(6) zinc, (c)(7) lead, (c)(8) beryllium. Leaded brass and bronze are common, and nobody sees
 * which.
 */
const LISTED_IN_METAL: Readonly<Partial<Record<BaseMetalId, SubstanceId>>> = {
  'brass': 'zinc', 'bronze': 'lead', 'bismuth-bronze': 'zinc', 'beryllium-copper': 'beryllium',
}
/** What the law asks a hood for wherever it is worked, in the open too: (c)(8). */
const EVERYWHERE: SubstanceId = 'beryllium'
/** Metals that the law lists, whatever brings them: (c)(6) zinc, (c)(7) lead, (c)(8) beryllium, (c)(9) cadmium. */
export const LISTED_METALS = ['zinc', 'lead', 'cadmium', 'beryllium'] as const satisfies readonly SubstanceId[]
/** And in the filler: (c)(6) zinc, (c)(9) cadmium. */
const LISTED_IN_FILLER: Readonly<Partial<Record<ConsumableId, SubstanceId>>> = { 'rbcuzn-a': 'zinc', 'bag-silver': 'cadmium' }

/**
 * Does a hood give the capture that the law names: 100 ft/min towards it at the arc, or at the face of an enclosure? That
 * one is there is not enough. A gun's own extraction is measured by its flow. Source: `usVentilation` (c)(3).
 */
export const capturesByLaw = ({
  hood,
  velocityAtArcMPerS,
  isPlaced,
}: Pick<VentilationRulesQuestion, 'hood' | 'velocityAtArcMPerS' | 'isPlaced'>): boolean =>
  hood !== null && (hood.kind === 'gun' ? isPlaced : velocityAtArcMPerS !== null && velocityAtArcMPerS >= CAPTURE_VELOCITY_M_PER_S)

/**
 * The rules that stand beside the physics: room and ceiling for each welder, air for each welder, hoods for listed
 * metals, fillers and coatings, confined space. They hold where they are the law, and are noted elsewhere.
 * Source: `usVentilation`, `ukFume`.
 */
export function ventilationRules(question: VentilationRulesQuestion): readonly Finding[] {
  const {
    jurisdiction,
    isOpenAir,
    volumeM3,
    ceilingM,
    supplyM3PerS,
    welders,
    process,
    consumable,
    listedInSheet = [],
    hood,
    distanceM,
    isPlaced,
    velocityAtArcMPerS,
    coating,
    coatingStripped,
    baseMetal,
    confinement,
  } = question
  const { usVentilation, indoorsNeedsHood } = LAWS[jurisdiction]
  const bind = usVentilation === 'binds' ? 'hold' : 'note'
  const findings: Finding[] = []
  const law: readonly SourceId[] = ['usVentilation']
  if (confinement === 'confined') findings.push(finding('hold', 'ventilation.confined', {}, ['usConfinedSpaces']))
  const captures = capturesByLaw(question)
  const listed = new Set([baseMetal && LISTED_IN_METAL[baseMetal], consumable && LISTED_IN_FILLER[consumable], ...listedInSheet])
  if (isOpenAir) {
    if (!captures && listed.has(EVERYWHERE))
      findings.push(finding(bind, 'ventilation.metal-needs-hood', { substance: EVERYWHERE }, law))
    return findings
  }
  const perWelderM3 = volumeM3 / Math.max(1, welders)
  const flowPerWelder = supplyM3PerS / Math.max(1, welders)
  const isAired = flowPerWelder >= FLOW_PER_WELDER_M3_PER_S
  const tight = perWelderM3 < ROOM_PER_WELDER_M3
  const low = ceilingM < CEILING_M
  const obstructed = confinement === 'restricted'
  if (!captures && !isAired) {
    if (tight) findings.push(finding(bind, 'ventilation.small-room', { volumePerWelderM3: perWelderM3, limitM3: ROOM_PER_WELDER_M3 }, law))
    if (low) findings.push(finding(bind, 'ventilation.low-ceiling', { ceilingM, limitM: CEILING_M }, law))
    if (tight || low || obstructed)
      findings.push(
        finding(bind, 'ventilation.flow-per-welder', { flowM3PerS: flowPerWelder, neededM3PerS: FLOW_PER_WELDER_M3_PER_S }, law),
      )
  }
  if (!captures) {
    if (coating && !coatingStripped && COATING_TRAITS[coating].needsHood)
      findings.push(finding(bind, 'ventilation.coating-needs-hood', { coating }, law))
    for (const substance of listed) if (substance) findings.push(finding(bind, 'ventilation.metal-needs-hood', { substance }, law))
    // (c)(12): cutting stainless with a gas-shielded arc, or with oxygen and flux or powder, takes machines to move the air.
    if (!isAired && baseMetal === 'stainless-steel' && (process === 'pac' || process === 'ofc'))
      findings.push(
        finding(bind, 'ventilation.stainless-cutting', { flowM3PerS: flowPerWelder, neededM3PerS: FLOW_PER_WELDER_M3_PER_S }, law),
      )
  }
  // Told with what it reckons also where it is met, and where nothing else is asked for.
  if (findings.length === 0) {
    if (captures && velocityAtArcMPerS !== null)
      findings.push(
        finding('note', 'ventilation.met-by-hood', { velocityMPerS: velocityAtArcMPerS, neededMPerS: CAPTURE_VELOCITY_M_PER_S }, law),
      )
    else if (!captures && isAired)
      findings.push(
        finding('note', 'ventilation.met-by-flow', { flowM3PerS: flowPerWelder, neededM3PerS: FLOW_PER_WELDER_M3_PER_S }, law),
      )
    else if (!captures)
      findings.push(finding('note', 'ventilation.met-by-room', { volumePerWelderM3: perWelderM3, ceilingM }, law))
  } else if (hood !== null && !captures && findings.some(({ code }) => code !== 'ventilation.confined')) {
    findings.push(
      finding(
        'note',
        'ventilation.hood-does-not-count',
        { velocityMPerS: velocityAtArcMPerS ?? 0, neededMPerS: CAPTURE_VELOCITY_M_PER_S },
        law,
      ),
    )
  }
  if (!(hood !== null && (isPlaced || captures)) && indoorsNeedsHood)
    findings.push(finding('hold', 'ventilation.indoors-needs-hood', {}, ['ukFume']))
  // The table is for a movable hood beside the arc; the capture window judges it, the table is told beside it.
  if (hood?.kind === 'opening' && distanceM !== null) {
    const needed = hoodFlowByTableM3PerS(distanceM)
    if (needed !== undefined && hood.flowM3PerS < needed)
      findings.push(
        finding('note', 'ventilation.hood-flow-by-table', { distanceM, flowM3PerS: hood.flowM3PerS, neededM3PerS: needed }, law),
      )
  }
  return findings
}
