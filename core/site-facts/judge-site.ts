import { helpingNow } from '../job/helping'
import { assessStation } from '../clearance/assess-station'
import type { StationVerdict } from '../clearance/assess-station'
import type { Bay } from '../streams/site/site'
import { EMPTY_STATION } from '../streams/station/station'
import type { Station } from '../streams/station/station'
import type { Instant } from '../time/instant'
import { earliestOf, stands } from '../time/instant'
import { joinFacts } from './join-facts'
import type { SiteFacts } from './site-facts'
import { viewsOf } from './site-standing'

/** A bay judged, with the oldest of what was said or seen that its verdict rests on; null where nothing was. */
export interface JudgedBay {
  readonly bay: Bay
  readonly station: Station
  readonly verdict: StationVerdict
  readonly oldestFactAt: Instant | null
}

/** Judges every open bay of a site, in the order of the site: the one way in which a site is judged away from its screens. */
export function judgeSite(facts: SiteFacts<Station>): readonly JudgedBay[] {
  const viewAt = viewsOf(joinFacts(facts))
  return facts.site.bays
    .filter(({ closed }) => !closed)
    .map((bay) => {
      const station = facts.stations[bay.bayId] ?? EMPTY_STATION
      return { bay, station, verdict: assessStation(station, viewAt(bay)), oldestFactAt: oldestOf(station, bay.bayId, facts) }
    })
}

/** The oldest of what was said, seen or read at a bay and of its permits; things are dated by their shop day and left out. */
function oldestOf(station: Station, bayId: string, { cylinders, permits, welders, now }: SiteFacts): Instant | null {
  const { personId, personSince, jobSetAt, helmet, helmetCheck, glasses, zones } = station
  const { hoodPlacedAt, extractionCheck, fireCheck, laserCell, helpers } = station
  const outfit = personId === null ? null : welders[personId]?.outfit ?? null
  return earliestOf([
    personSince,
    jobSetAt,
    helmet?.at,
    helmetCheck?.at,
    glasses?.at,
    hoodPlacedAt,
    extractionCheck?.at,
    fireCheck?.at,
    laserCell?.at,
    ...helpingNow(helpers, now).flatMap(({ sinceAt, eyes }) => [sinceAt, eyes?.at]),
    // Yesterday's clothes are no fact of today.
    outfit && stands(outfit.validUntil, now) ? outfit.at : null,
    ...Object.values(zones).map(zone => zone.at),
    ...cylinders
      .filter(({ standing }) => standing?.in === 'bay' && standing.bayId === bayId)
      .flatMap(({ reading, leakTest }) => [reading?.at, leakTest?.at]),
    ...permits
      .filter(({ permit }) => permit.request.place.bayId === bayId)
      .flatMap(({ permit }) => permit.posts.map(({ heardAt }) => heardAt)),
  ])
}
