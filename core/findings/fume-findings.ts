import type { BaseMetalId, CoatingId, ConsumableId, ProcessId, SubstanceId } from '../ids/vocabulary'
import type { FumeInput } from '../ids/fume-ids'

/** Codes of the fume area. */
export interface FumeFindings {
  'fume.input-missing': { input: FumeInput }
  'fume.no-factor': { process: ProcessId, consumable: ConsumableId | null, baseMetal: BaseMetalId | null }
  'fume.coating-not-modelled': { coating: CoatingId }
  'fume.coating-burns': { coating: CoatingId, substance: SubstanceId, stripMm: number }
  'fume.diameter-unknown': Record<string, never>
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
