import type { Bay, Site } from './site'

/** Where a bay is and what for; null where it is not in use. */
function placeOf({ areas }: Site, { areaId, kind, closed }: Bay): string | null {
  const hallId = areas.find(area => area.areaId === areaId)?.hallId ?? ''
  return closed ? null : [hallId, areaId, kind].join('/')
}

/**
 * The bays in use that are not what they were: used again, moved to another area or hall, or made another kind. A new one has nothing to
 * be forgotten.
 */
export function placesChanged(before: Site, after: Site): readonly string[] {
  return after.bays.filter((bay) => {
    const was = before.bays.find(({ bayId }) => bayId === bay.bayId)
    const [is, place] = [placeOf(after, bay), was && placeOf(before, was)]
    return was !== undefined && is !== null && is !== place
  }).map(({ bayId }) => bayId)
}
