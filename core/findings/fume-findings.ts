import type { BaseMetalId, CoatingId, ConsumableId, ProcessId, SubstanceId } from '../ids/vocabulary'
import type { FumeInput, WhyGlobular } from '../ids/fume-ids'

/** What the heat of a weld follows from besides its current. */
export type HeatInput = 'voltage' | 'travel' | 'efficiency'

/** Codes of the fume area. */
export interface FumeFindings {
  'fume.input-missing': { input: FumeInput }
  'fume.no-factor': { process: ProcessId, consumable: ConsumableId | null, baseMetal: BaseMetalId | null }
  'fume.coating-not-modelled': { coating: CoatingId }
  'fume.heat-assumed': { inputs: readonly HeatInput[] }
  'fume.arc-cannot-boil-more': { boundMgPerMin: number }
  'fume.boils-beside': { substance: SubstanceId, widthMm: number, faces: 1 | 2 }
  'fume.coating-burns': { coating: CoatingId, substance: SubstanceId, stripMm: number }
  'fume.diameter-unknown': Record<string, never>
  'fume.tip-unknown': Record<string, never>
  'fume.globular-counts': { why: WhyGlobular }
  'fume.no-spray-on-co2': Record<string, never>
  'fume.hydrogen-under-plate': { baseMetal: BaseMetalId }
  'fume.gases-unknown': { process: ProcessId, substances: readonly SubstanceId[] }
  'fume.base-metal-boils': { baseMetal: BaseMetalId, substances: readonly SubstanceId[] }
  'fume.measure-these': { substances: readonly SubstanceId[] }
  'fume.sheet-without-process': { title: string }
  'fume.maybe-cadmium': { consumable: ConsumableId }
  'fume.factors-in-pencil': { process: ProcessId }
  'fume.from-data-sheet': { consumable: ConsumableId, title: string }
  'fume.gases-in-pencil': { substances: readonly SubstanceId[] }
  'fume.not-measured': { substances: readonly SubstanceId[] }
  'fume.stripping-dust': { coating: CoatingId }
}
