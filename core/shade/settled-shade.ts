import type { ProcessId } from '../ids/vocabulary'
import { currentBandOf } from './us-consensus-table'
import type { ShadeQuestion } from './shade-question'

/** A shade somebody found for themselves, from the darkest until the puddle was just seen: for a process and a band of current. */
export interface SettledShade {
  readonly process: ProcessId
  /** Lowest current of the band and the lowest of the next, A; null where a process is not read by current. */
  readonly bandA: readonly [from: number, below: number] | null
  readonly shade: number
}

/** What is known of whoever stands under the helmet, as far as it says where they start. */
export interface Sight {
  /** Sees better, or has fewer headaches, one shade darker. */
  readonly oneDarker?: boolean
  readonly settledShade?: number
}

/** The current that a question is judged at, A: the high end of a range. */
const worstCurrentA = ({ currentA, currentRangeA }: ShadeQuestion): number | undefined =>
  currentRangeA ? Math.max(...currentRangeA) : currentA

/**
 * The band that a shade settled on this work counts for.
 *
 * @returns undefined where the current is not known, or lies beyond the table: nothing can be settled then
 */
export const bandOf = (question: ShadeQuestion): SettledShade['bandA'] | undefined =>
  currentBandOf(question.process, worstCurrentA(question))

const isSameBand = (a: SettledShade['bandA'], b: SettledShade['bandA']): boolean =>
  a === null || b === null ? a === b : a[0] === b[0] && a[1] === b[1]

/** Whether a settled shade is of a process and band. */
export const isSettledFor = (settled: SettledShade, process: ProcessId, bandA: SettledShade['bandA']): boolean =>
  settled.process === process && isSameBand(settled.bandA, bandA)

/** The shade that somebody settled on for such work; undefined when for none. */
export function settledFor(settled: readonly SettledShade[], question: ShadeQuestion): number | undefined {
  const bandA = bandOf(question)
  return bandA === undefined ? undefined : settled.find(one => isSettledFor(one, question.process, bandA))?.shade
}

/**
 * Where this person starts. What they settled on themselves counts as it is, and never under the least; else one darker where they need it.
 *
 * @param least the lowest shade allowed
 * @param start where anybody would start
 */
export const personalStart = (least: number, start: number, { settledShade, oneDarker = false }: Sight): number =>
  settledShade === undefined ? Math.max(least, start) + (oneDarker ? 1 : 0) : Math.max(least, settledShade)
