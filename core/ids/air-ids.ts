/** What the daily check of the extraction can find wrong, in the order it is looked for. */
export const EXTRACTION_FAULTS = ['off', 'damper-shut', 'out-of-position', 'no-draw'] as const
export type ExtractionFault = typeof EXTRACTION_FAULTS[number]

/** What somebody does at an arc: burns it, stands at it with whoever does, or works near it in the same room. */
export const DEEDS = ['welds', 'helps', 'near'] as const
export type DeedId = typeof DEEDS[number]

/** Things of which the least is looked for that keeps somebody under, in the order in which the trade asks for them. */
export const LEAST_KINDS = ['strip', 'distance', 'flow', 'supply', 'arc', 'others'] as const
export type LeastKind = typeof LEAST_KINDS[number]
