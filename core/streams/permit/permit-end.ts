import type { PermitPhase } from '../../ids/hotwork-ids'

const ENDS: ReadonlySet<PermitPhase> = new Set(['closed', 'refused', 'revoked', 'lapsed'])
/** Is it over: nothing burns, nobody watches any more. */
export const hasEnded = (phase: PermitPhase): boolean => ENDS.has(phase)

/** Is the work still to come, or going on? What is put back then is missing when it goes on. */
export const isBeforeWatch = (phase: PermitPhase): boolean =>
  phase === 'requested' || phase === 'precautions' || phase === 'authorised' || phase === 'working' || phase === 'suspended'
