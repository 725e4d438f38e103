import type { FilterFaultId, InTheCell, LaserCheckId, LaserFilterId, LaserPieceId } from '#core/ids/laser-ids'

const checks: Record<LaserCheckId, string> = {
  'barrier-closed': 'barriers and curtains for this laser closed on every side',
  'windows-covered': 'windows and gaps covered',
  'interlock-works': 'the interlock of the door stops the beam',
  'emergency-stop-works': 'the emergency stop works',
  'sign-lit': 'the sign outside is lit',
  'key-controlled': 'the key is with whoever runs it; out of the machine for service',
  'contact-works': 'no beam without the nozzle on the work',
  'cylinders-out-of-line': 'cylinders and hoses out of line of the beam and its reflections',
  'nothing-flammable': 'nothing that burns inside',
  'reflections-to-barrier': 'what the work throws back goes to a barrier, not to a gap or a person',
}
const people: Record<InTheCell, string> = { operator: 'whoever runs it', helper: 'helper', instructor: 'instructor', visitor: 'visitor' }
const filters: Record<LaserFilterId, string> = { eyewear: 'laser eyewear', helmet: 'laser helmet' }
const faults: Record<FilterFaultId, string> = {
  'wavelength': 'is not marked for this wavelength',
  'too-light': 'is not dark enough',
  'burns-through': 'burns through under this beam',
  'rating-unknown': 'does not say what beam it bears',
  'beam-unknown': 'cannot be judged without the diameter of the beam',
}
const pieces: Record<LaserPieceId, string> = {
  flat: 'flat under the torch', upright: 'upright before it', any: 'both, by turns',
}

/** A laser cell and who is in it. */
export const laserWords = { checks, people, filters, faults, pieces }
export type LaserWords = typeof laserWords
