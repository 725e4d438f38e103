import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { Asked, Asks } from './asks'
import type { Assignment } from './kit-item/kit-item'
import { baysServed } from './kit-item/kit-item'
import { hasEnded } from './permit/permit-end'
import type { Touched } from './stream-kind'

/** The question by which it is known whether something can be given to a place, a person or a permit. */
export const askWhereTo = (assignment: Assignment): Asks => {
  switch (assignment?.to) {
    case 'person':
      return { people: [assignment.id] }
    case 'place':
      return { places: [assignment.id] }
    case 'permit':
      return { permits: [assignment.id] }
    default:
      return {}
  }
}

/** Why nothing can be given to this place, person, bay or permit; null when it can. */
export function refuseAssignment(assignment: Assignment, { site, answer }: Asked): Finding | null {
  const nowhere = (id: string): Finding => finding('hold', 'kit.assigned-nowhere', { id })
  switch (assignment?.to) {
    case undefined:
      return null
    case 'bay': {
      const missing = baysServed(assignment).find(wanted => !site.bays.some(({ bayId, closed }) => bayId === wanted && !closed))
      return missing === undefined ? null : nowhere(missing)
    }
    case 'person':
      return answer('people')[assignment.id]?.hasLeft === false ? null : nowhere(assignment.id)
    case 'place':
      return answer('places')[assignment.id] ? null : nowhere(assignment.id)
    case 'permit': {
      const permit = answer('permits')[assignment.id]
      return permit && !hasEnded(permit.phase) ? null : nowhere(assignment.id)
    }
  }
}

/** The bays whose gates rest on something that is used so. */
export function touchedByUse(...uses: readonly Assignment[]): Touched {
  const idsOf = (to: 'person' | 'permit'): readonly string[] => uses.flatMap(use => (use?.to === to ? [use.id] : []))
  return { bayIds: uses.flatMap(baysServed), personIds: idsOf('person'), permitIds: idsOf('permit') }
}
