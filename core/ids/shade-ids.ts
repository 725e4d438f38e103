/** Quantities a shade question can lack. */
export type ShadeInput = 'currentA' | 'plateThicknessMm' | 'acetyleneFlowLPerH' | 'oxygenFlowLPerH'
