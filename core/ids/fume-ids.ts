/** What must be known before the fume can be said. */
export const FUME_INPUTS = [
  'current', 'consumable', 'baseMetal', 'coating', 'strippedWidth', 'plateThickness', 'arcTime', 'hours',
] as const
export type FumeInput = typeof FUME_INPUTS[number]

/** Why the fume of globular transfer is counted. */
export const WHY_GLOBULAR = ['told', 'co2', 'gas-unknown', 'current-between', 'current-unknown'] as const
export type WhyGlobular = typeof WHY_GLOBULAR[number]
