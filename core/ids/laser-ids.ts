/** What is looked over before a laser is enabled in its cell. */
export const LASER_CHECKS = [
  'barrier-closed', 'windows-covered', 'interlock-works', 'emergency-stop-works', 'sign-lit', 'key-controlled', 'contact-works',
  'cylinders-out-of-line', 'nothing-flammable', 'reflections-to-barrier',
] as const
export type LaserCheckId = typeof LASER_CHECKS[number]

/** How the work lies: flat under the torch, upright before it, or now so and now so. */
export const LASER_PIECES = ['flat', 'upright', 'any'] as const
export type LaserPieceId = typeof LASER_PIECES[number]

/** Who is in the cell. A name stands nowhere: whoever it is wears both. */
export const IN_THE_CELL = ['operator', 'helper', 'instructor', 'visitor'] as const
export type InTheCell = typeof IN_THE_CELL[number]

/** What each of them wears against the beam. */
export const LASER_FILTERS = ['eyewear', 'helmet'] as const
export type LaserFilterId = typeof LASER_FILTERS[number]

/** Why a filter does not answer. */
export const FILTER_FAULTS = ['wavelength', 'too-light', 'burns-through', 'rating-unknown', 'beam-unknown'] as const
export type FilterFaultId = typeof FILTER_FAULTS[number]
