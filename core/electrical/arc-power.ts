import type { ProcessId } from '../ids/vocabulary'
import type { Range } from '../range'

/** Conventional load voltage of a process at a current, V: what machines are tested with. Source: `loadVoltage`. */
export function arcVoltageV(process: ProcessId, currentA: number): number | undefined {
  switch (process) {
    case 'smaw': case 'cac-a': case 'caw': return Math.min(44, 20 + 0.04 * currentA)
    case 'gmaw': case 'fcaw-g': case 'fcaw-s': case 'saw': return Math.min(44, 14 + 0.05 * currentA)
    case 'gtaw': return Math.min(34, 10 + 0.04 * currentA)
    case 'paw': return Math.min(40, 25 + 0.04 * currentA)
    case 'pac': return 80 + 0.4 * currentA
    default: return undefined
  }
}

/** How far the volts of a real arc stray from that, as a factor. House rule: common practice, no source. */
export const ARC_VOLTS_STRAY: Range = { low: 0.85, mid: 1, high: 1.15 }

/** Arcs that travel a seam: what they heat follows from current, volts and speed. */
export const SEAM_PROCESSES = ['smaw', 'gmaw', 'fcaw-g', 'fcaw-s', 'gtaw', 'saw', 'paw'] as const satisfies readonly ProcessId[]
export type SeamProcessId = typeof SEAM_PROCESSES[number]

/** Share of arc power that reaches the plate. Source: `arcEfficiency`. */
const EFFICIENCY: Readonly<Record<SeamProcessId, Range>> = {
  'smaw': { low: 0.70, mid: 0.775, high: 0.85 },
  'gmaw': { low: 0.75, mid: 0.825, high: 0.90 },
  'fcaw-g': { low: 0.75, mid: 0.825, high: 0.90 },
  'fcaw-s': { low: 0.75, mid: 0.825, high: 0.90 },
  'gtaw': { low: 0.50, mid: 0.68, high: 0.80 },
  'paw': { low: 0.50, mid: 0.625, high: 0.75 },
  'saw': { low: 0.90, mid: 0.945, high: 0.99 },
}

/** Share of its power that an arc gives to the plate; null for a process whose heat is no arc's that travels a seam. */
export const arcEfficiency = (process: ProcessId): Range | null =>
  (EFFICIENCY as Readonly<Partial<Record<ProcessId, Range>>>)[process] ?? null
