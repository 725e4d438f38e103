import type { PermitPhase } from './permit'

const ENDS: ReadonlySet<PermitPhase> = new Set(['closed', 'refused', 'revoked', 'lapsed'])
/** Is it over: nothing burns, nobody watches any more. */
export const hasEnded = (phase: PermitPhase): boolean => ENDS.has(phase)
