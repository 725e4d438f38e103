/** What the daily check of the extraction can find wrong, in the order it is looked for. */
export const EXTRACTION_FAULTS = ['off', 'damper-shut', 'out-of-position', 'no-draw'] as const
export type ExtractionFault = typeof EXTRACTION_FAULTS[number]
