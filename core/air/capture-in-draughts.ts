import { USUAL_DOUBT } from '../exposure/hall-doubt'
import type { Range } from '../range'
import { NOTHING } from '../range'
import type { CaptureQuestion } from '../ventilation/capture'
import { captureEfficiency } from '../ventilation/capture'

/**
 * Share that a hood takes, 0 to 1, in the weakest draught that counts, in the one that was told, and in the strongest; nothing where nobody
 * can say. Source: `captureModel`, `hallDoubt`.
 */
export function captureInDraughts(question: CaptureQuestion): readonly [calm: Range, told: Range, strong: Range] {
  const { low, mid, high } = USUAL_DOUBT.draught
  const at = (factor: number): Range =>
    captureEfficiency({ ...question, crossDraughtMPerS: question.crossDraughtMPerS * factor }) ?? NOTHING
  return [at(low), at(mid), at(high)]
}
