import type { Finding } from '../finding'
import { finding } from '../finding'
import { SOURCES } from '../source/sources'
import type { BaseMetalId, CoatingId, ConfinementId, JurisdictionId } from '../vocabulary/vocabulary'
import type { Hood } from './hood'

/** Room for each welder under which machines must move the air: 10 000 ft³. Source: `usVentilation` (c)(2)(i)(A). */
export const ROOM_PER_WELDER_M3 = 10_000 * 0.028316846592
/** Ceiling under which machines must move the air: 16 ft. Source: `usVentilation` (c)(2)(i)(B). */
export const CEILING_M = 16 * 0.3048
/** Air for each welder: 2 000 ft³/min. Source: `usVentilation` (c)(2)(ii). */
export const FLOW_PER_WELDER_M3_PER_S = 2000 * 0.028316846592 / 60

/** Flow of a movable flanged hood by its distance from the arc. Source: `usVentilation` (c)(3)(i), table. */
export const HOOD_FLOW_TABLE: readonly { readonly fromInch: number, readonly toInch: number, readonly flowCfm: number, readonly ductInch: number }[] = [
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
  readonly hood: Hood | null
  readonly distanceM: number | null
  readonly coating?: CoatingId
  readonly coatingStripped?: boolean
  readonly baseMetal?: BaseMetalId
  readonly confinement?: ConfinementId
}

const NEEDS_HOOD: ReadonlySet<CoatingId> = new Set(['zinc', 'zinc-plated', 'lead-paint', 'cadmium', 'yellow-passivate', 'unknown'])

/**
 * The rules that stand beside the physics: room and ceiling for each welder, air for each welder, hoods for listed
 * metals and coatings, confined space. They hold where they are the law, and are noted elsewhere.
 * Source: `usVentilation`, `ukFume`.
 */
export function ventilationRules(question: VentilationRulesQuestion): readonly Finding[] {
  const { jurisdiction, isOpenAir, volumeM3, ceilingM, supplyM3PerS, welders, hood, distanceM, coating, coatingStripped, confinement } = question
  const isUs = jurisdiction === 'us' || jurisdiction === 'us-ca'
  const bind = isUs ? 'hold' : 'note'
  const findings: Finding[] = []
  const law = [SOURCES.usVentilation]
  if (confinement === 'confined') findings.push(finding('hold', 'ventilation.confined', {}, [SOURCES.usConfinedSpaces]))
  if (isOpenAir) return findings
  const noHood = hood === null
  const perWelderM3 = volumeM3 / Math.max(1, welders)
  const flowPerWelder = supplyM3PerS / Math.max(1, welders)
  if (noHood && flowPerWelder < FLOW_PER_WELDER_M3_PER_S) {
    const tight = perWelderM3 < ROOM_PER_WELDER_M3
    const low = ceilingM < CEILING_M
    const obstructed = confinement === 'restricted'
    if (tight) findings.push(finding(bind, 'ventilation.small-room', { volumePerWelderM3: perWelderM3, limitM3: ROOM_PER_WELDER_M3 }, law))
    if (low) findings.push(finding(bind, 'ventilation.low-ceiling', { ceilingM, limitM: CEILING_M }, law))
    if (tight || low || obstructed) findings.push(finding(bind, 'ventilation.flow-per-welder', { flowM3PerS: flowPerWelder, neededM3PerS: FLOW_PER_WELDER_M3_PER_S }, law))
  }
  if (noHood && coating && !coatingStripped && NEEDS_HOOD.has(coating)) findings.push(finding(bind, 'ventilation.coating-needs-hood', { coating }, law))
  if (noHood && jurisdiction === 'uk') findings.push(finding('hold', 'ventilation.indoors-needs-hood', {}, [SOURCES.ukFume]))
  // The table is for a movable hood beside the arc; the capture window judges it, the table is told beside it.
  if (hood?.kind === 'opening' && distanceM !== null) {
    const needed = hoodFlowByTableM3PerS(distanceM)
    if (needed !== undefined && hood.flowM3PerS < needed) findings.push(finding('note', 'ventilation.hood-flow-by-table', { distanceM, flowM3PerS: hood.flowM3PerS, neededM3PerS: needed }, law))
  }
  return findings
}
