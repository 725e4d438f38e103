import { PROCESS_TRAITS } from './process-traits'
import type { ProcessId } from '../ids/vocabulary'
import type { JobField } from '../ids/job-ids'

const ALWAYS: readonly JobField[] = [
  'plateThicknessMm', 'baseMetal', 'coating', 'position', 'confinement', 'startsAt', 'endsAt', 'arcMinPerH', 'residue', 'container',
]

/**
 * The fields that must be known before the Job gate opens, in the order people ask them.
 * `currentA` stands for a current or a range.
 */
export function neededJobFields(process: ProcessId): readonly JobField[] {
  const traits = PROCESS_TRAITS[process]
  return [
    ...traits.byCurrent ? ['currentA'] as const : [],
    ...traits.needsConsumable ? ['consumable'] as const : [],
    ...traits.needsDiameter ? ['electrodeDiameterMm'] as const : [],
    ...traits.needsShieldingGas ? ['shieldingGas'] as const : [],
    ...traits.heat === 'flame' ? ['fuelGas'] as const : [],
    ...ALWAYS,
  ]
}
