/** What must be known before the fume can be said. */
export const FUME_INPUTS = ['current', 'consumable', 'baseMetal', 'coating', 'strippedWidth', 'arcTime', 'hours'] as const
export type FumeInput = typeof FUME_INPUTS[number]
