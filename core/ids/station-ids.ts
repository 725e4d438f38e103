/** What is worn under the helmet. */
export const GLASSES = ['clear-rated', 'tinted', 'none'] as const
export type GlassesKind = typeof GLASSES[number]

export const HELMET_FAULTS = ['battery', 'lens', 'light-leak', 'shell', 'slow'] as const
export type HelmetFault = typeof HELMET_FAULTS[number]

/** What a designated bay is looked over for each day before the first arc. */
export const FIRE_CHECKS = ['floor-swept', 'nothing-burns-near', 'openings-shut', 'curtains-whole', 'extinguisher-at-hand'] as const
export type FireCheckId = typeof FIRE_CHECKS[number]

/** What a bay is left like at the end of a class. */
export const HANDOVER_CHECKS = ['bench-ground', 'stubs-binned', 'leads-coiled', 'machine-off', 'gas-shut', 'floor-swept'] as const
export type HandoverCheckId = typeof HANDOVER_CHECKS[number]
