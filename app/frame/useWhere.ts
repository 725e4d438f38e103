import type { Assignment } from '#core/streams/kit-item/kit-item'
import { baysServed } from '#core/streams/kit-item/kit-item'
import { framePages } from '~/words/frame'

const says = framePages.where

/** Bays, people and places as they are called here. */
export interface Where {
  readonly placeOf: (assignment: Assignment) => string
}

/** Where a thing is used, in words. */
export function useWhere(): Where {
  const facts = useFacts()
  const lookup = useLookup()
  const placeOf = (assignment: Assignment): string => {
    if (assignment === null) return says.inTheStore
    const { to, id } = assignment
    const labelOf = (bayId: string) => facts.site.bays.find(bay => bay.bayId === bayId)?.label ?? bayId
    if (assignment.to === 'bay')
      return assignment.alsoIds?.length ? says.bays(baysServed(assignment).map(labelOf).join(', ')) : says.bay(labelOf(id))
    return to === 'person' ? lookup.names.get(id) ?? id : id.replaceAll('-', ' ')
  }
  return { placeOf }
}
