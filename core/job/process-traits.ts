import type { ProcessId } from '../ids/vocabulary'

/** What sort of heat a process strikes, and which questions follow from it. */
export interface ProcessTraits {
  /** `open-arc`, `buried-arc`, `flame`, `sparks` (no arc and no flame) or `laser`. */
  readonly heat: 'open-arc' | 'buried-arc' | 'flame' | 'sparks' | 'laser'
  /** Judged by arc current. */
  readonly byCurrent: boolean
  /** Judged by plate thickness. */
  readonly byThickness: boolean
  readonly needsConsumable: boolean
  /** The rod's, wire's or tungsten's diameter matters. */
  readonly needsDiameter: boolean
  readonly needsShieldingGas: boolean
  /** Draws gas from cylinders: the Gas gate applies. */
  readonly usesGas: boolean
  /** Draws on a power source or powered tool: the Machine gate applies. */
  readonly usesMachine: boolean
}

const arc = (over: Partial<ProcessTraits>): ProcessTraits => ({
  heat: 'open-arc', byCurrent: true, byThickness: false, needsConsumable: true, needsDiameter: true,
  needsShieldingGas: false, usesGas: false, usesMachine: true, ...over,
})
const flame = (over: Partial<ProcessTraits>): ProcessTraits => ({
  heat: 'flame', byCurrent: false, byThickness: true, needsConsumable: false, needsDiameter: false,
  needsShieldingGas: false, usesGas: true, usesMachine: false, ...over,
})

export const PROCESS_TRAITS: Readonly<Record<ProcessId, ProcessTraits>> = {
  'smaw': arc({}),
  'gmaw': arc({ needsShieldingGas: true, usesGas: true }),
  'fcaw-g': arc({ needsShieldingGas: true, usesGas: true }),
  'fcaw-s': arc({}),
  'gtaw': arc({ needsShieldingGas: true, usesGas: true }),
  'saw': arc({ heat: 'buried-arc' }),
  'paw': arc({ needsShieldingGas: true, usesGas: true }),
  // Plasma cutting runs on shop air or on cylinder gas: Gas stays to be judged.
  'pac': arc({ needsConsumable: false, needsDiameter: false, usesGas: true }),
  'cac-a': arc({ needsConsumable: false }),
  'caw': arc({ needsConsumable: false }),
  'ofw': flame({ needsConsumable: true }),
  'ofc': flame({}),
  'tb': flame({ byThickness: false, needsConsumable: true }),
  'ts': flame({ byThickness: false, needsConsumable: true }),
  'grinding': arc({ heat: 'sparks', byCurrent: false, needsConsumable: false, needsDiameter: false }),
  'lbw': arc({ heat: 'laser', byCurrent: false, needsConsumable: false, needsDiameter: false, needsShieldingGas: true, usesGas: true }),
}
