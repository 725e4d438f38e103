import { PROCESS_TRAITS } from '../job/process-traits'
import type { ProcessId } from '../ids/vocabulary'

/** Air speed at the arc that a shield gas bears, m/s. */
export interface ShieldGasLimit { readonly cautionMPerS: number, readonly limitMPerS: number }

const M_PER_S_PER_FPM = 0.00508
/** 100 and 200 ft/min. */
const TIG: ShieldGasLimit = { cautionMPerS: 100 * M_PER_S_PER_FPM, limitMPerS: 200 * M_PER_S_PER_FPM }
const MIG: ShieldGasLimit = { cautionMPerS: 200 * M_PER_S_PER_FPM, limitMPerS: 200 * M_PER_S_PER_FPM }
/** Slag and self-made gas stand far more. */
const SELF_SHIELDED: ShieldGasLimit = { cautionMPerS: 8, limitMPerS: 8 }

/**
 * How much air a hood may move past the arc before the shield gas goes; null where there is none to lose.
 * Source: `shieldGas`. Practice gives 100 to 200 ft/min for TIG and 200 to 300 for MIG: the lower figure of MIG is taken.
 */
export function shieldGasLimit(process: ProcessId): ShieldGasLimit | null {
  switch (process) {
    case 'gtaw': case 'paw': return TIG
    case 'gmaw': case 'fcaw-g': case 'lbw': return MIG
    case 'smaw': case 'fcaw-s': return SELF_SHIELDED
    default: return PROCESS_TRAITS[process].needsShieldingGas ? TIG : null
  }
}
