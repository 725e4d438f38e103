import type { Finding } from '../../findings/finding'
import { finding } from '../../findings/finding'
import type { Site, SiteCommand } from './site'

/** Somebody or something over which nobody closes a bay: who works there, a permit that is not over, a cylinder that stands there. */
export interface StillThere {
  readonly bayId: string
  readonly what: 'person' | 'permit' | 'cylinder'
  /** A name, the code of a permit, a tag. */
  readonly name: string
}

/** The bays in use that a command would take out of use. */
export function baysClosedBy({ areas, bays }: Site, { type, payload }: SiteCommand): readonly string[] {
  const isClosing = (areaId: string, bayId: string): boolean => {
    switch (type) {
      case 'site.change-bay':
        return payload.closed && payload.bayId === bayId
      case 'site.change-area':
        return payload.closed && payload.areaId === areaId
      case 'site.change-hall':
        return payload.closed && areas.some(area => area.areaId === areaId && area.hallId === payload.hallId)
      default:
        return false
    }
  }
  return bays.filter(({ areaId, bayId, closed }) => !closed && isClosing(areaId, bayId)).map(({ bayId }) => bayId)
}

/** A bay in use that a command would make one of another kind: a permit for a spot on a structure would be passed over. */
export const baysTurnedBy = ({ bays }: Site, { type, payload }: SiteCommand): readonly string[] =>
  type === 'site.change-bay'
    ? bays.filter(({ bayId, kind, closed }) => bayId === payload.bayId && !closed && kind !== payload.kind).map(({ bayId }) => bayId)
    : []

/** Why no bay is closed over who and what is still there: each reason, so that all of it is seen to in one walk. */
export function refuseOver({ bays }: Site, stillThere: readonly StillThere[]): readonly Finding[] {
  return stillThere.map(({ bayId, what, name }) => {
    const bay = bays.find(one => one.bayId === bayId)?.label ?? bayId
    switch (what) {
      case 'person':
        return finding('hold', 'site.person-still-there', { bay, name })
      case 'permit':
        return finding('hold', 'site.permit-still-there', { bay, code: name })
      case 'cylinder':
        return finding('hold', 'site.cylinder-still-there', { bay, tag: name })
    }
  })
}
