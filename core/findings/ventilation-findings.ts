import type { CoatingId, HoodKindId, ProcessId, SubstanceId } from '../ids/vocabulary'

/** Codes of the ventilation area. */
export interface VentilationFindings {
  'capture.size-unknown': { kind: HoodKindId }
  'capture.gun': { flowM3PerS: number }
  'capture.gun-weak': { flowM3PerS: number, neededM3PerS: number }
  'capture.too-far': { distanceM: number, farthestM: number, velocityMPerS: number, neededMPerS: number }
  'capture.plume-missed': { distanceM: number, farthestM: number, crossDraughtMPerS: number }
  'capture.too-near': { distanceM: number, nearestM: number, velocityMPerS: number, limitMPerS: number }
  'capture.no-window': { nearestM: number, farthestM: number }
  'capture.gas-may-suffer': { velocityMPerS: number, cautionMPerS: number }
  'capture.draws': { velocityMPerS: number, neededMPerS: number }
  'capture.receives': { distanceM: number, farthestM: number }
  'capture.face-slow': { velocityMPerS: number, neededMPerS: number }
  'capture.plume-assumed': { convectiveW: number }
  'capture.jet-passes': { process: ProcessId }
  'capture.head-outside': Record<string, never>
  'ventilation.small-room': { volumePerWelderM3: number, limitM3: number }
  'ventilation.low-ceiling': { ceilingM: number, limitM: number }
  'ventilation.flow-per-welder': { flowM3PerS: number, neededM3PerS: number }
  'ventilation.met-by-hood': { velocityMPerS: number, neededMPerS: number }
  'ventilation.met-by-flow': { flowM3PerS: number, neededM3PerS: number }
  'ventilation.met-by-room': { volumePerWelderM3: number, ceilingM: number }
  'ventilation.coating-needs-hood': { coating: CoatingId }
  'ventilation.metal-needs-hood': { substance: SubstanceId }
  'ventilation.stainless-cutting': { flowM3PerS: number, neededM3PerS: number }
  'ventilation.hood-does-not-count': { velocityMPerS: number, neededMPerS: number }
  'ventilation.confined': Record<string, never>
  'ventilation.indoors-needs-hood': Record<string, never>
  'ventilation.hood-flow-by-table': { distanceM: number, flowM3PerS: number, neededM3PerS: number }
  'oxygen.deficient': { percent: number, limitPercent: number }
  'oxygen.enriched': { percent: number, limitPercent: number }
  'oxygen.limit-ahead': { minutes: number, limitPercent: number }
  'oxygen.mixed-number': Record<string, never>
}
