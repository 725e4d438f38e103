import { airOf } from '../air/air-facts'
import type { AirFacts } from '../air/air-facts'
import { assessStation } from '../clearance/assess-station'
import type { StationVerdict } from '../clearance/assess-station'
import { fireAt } from '../clearance/fire-standing'
import type { FireReadings, FireStanding } from '../clearance/fire-standing'
import { fireStanding } from '../clearance/join-fire'
import { judgeKit } from '../clearance/judge-kit'
import type { KitReadings } from '../clearance/judge-kit'
import { kitAt } from '../clearance/kit-around'
import type { KitStanding } from '../clearance/kit-around'
import { shopDayEndsAtMs, shopDayOf } from '../time/shop-day'
import { workplaceOf } from '../site/site'
import type { Bay, Site } from '../site/site'
import { EMPTY_STATION } from '../station/station'
import type { Station } from '../station/station'
import type { Instant } from '../time/instant'
import { earliestOf, msOf } from '../time/instant'

/** Everything that the gates of a whole shop rest on, as of one instant. */
export interface ShopFacts {
  readonly air: Omit<AirFacts, 'stations' | 'site'> & { readonly site: Site }
  readonly stations: Readonly<Record<string, Station>>
  readonly kit: KitReadings
  readonly fire: FireReadings
}

/** A bay judged, with the oldest of what was said or seen that its verdict rests on; null where nothing was. */
export interface JudgedBay {
  readonly bay: Bay
  readonly station: Station
  readonly verdict: StationVerdict
  readonly oldestFactAt: Instant | null
}

/** What gates rest on besides their stations, ready for judging: halls, things and permits each worked out once for all bays. */
export interface JoinedShop {
  readonly air: ReturnType<typeof airOf>
  readonly kit: KitStanding
  readonly fire: FireStanding
}

/** Joins what gates rest on. Things are judged for the shop day that stands now, whenever a command was made. */
export function joinShop(air: AirFacts & { readonly site: Pick<Site, 'timeZone'> }, kit: KitReadings, fire: FireReadings): JoinedShop {
  const {
    now,
    site: { timeZone },
    rules,
  } = air
  const today = shopDayOf(msOf(now), timeZone, rules.shopDayHour)
  const dayEnds = new Date(shopDayEndsAtMs(msOf(now), timeZone, rules.shopDayHour)).toISOString()
  return { air: airOf(air), kit: judgeKit(kit, rules, today, dayEnds), fire: fireStanding(fire, kit, today, dayEnds) }
}

/** Judges every open bay of a shop, in the order of the site: the one way in which a shop is judged away from its screens. */
export function judgeShop({ air: facts, stations, kit: readings, fire: fires }: ShopFacts): readonly JudgedBay[] {
  const { site, rules, now } = facts
  const { air, kit, fire } = joinShop({ ...facts, stations }, readings, fires)
  return site.bays
    .filter(({ closed }) => !closed)
    .map(bay => {
      const station = stations[bay.bayId] ?? EMPTY_STATION
      const around = {
        rules,
        workplace: workplaceOf(bay),
        now,
        air: air(bay.bayId),
        kit: kitAt(kit, bay.bayId),
        fire: fireAt(fire, bay.bayId),
      }
      return { bay, station, verdict: assessStation(station, around), oldestFactAt: oldestOf(station, bay.bayId, readings, fires) }
    })
}

/** The oldest of what was said, seen or read at a bay and of its permits; things are dated by their shop day and left out. */
function oldestOf(station: Station, bayId: string, { cylinders }: KitReadings, { permits }: FireReadings): Instant | null {
  const { personSince, jobSetAt, helmet, helmetCheck, glasses, zones, hoodPlacedAt, extractionCheck, fireCheck } = station
  return earliestOf([
    personSince,
    jobSetAt,
    helmet?.at,
    helmetCheck?.at,
    glasses?.at,
    hoodPlacedAt,
    extractionCheck?.at,
    fireCheck?.at,
    ...Object.values(zones).map(zone => zone.at),
    ...cylinders
      .filter(({ standing }) => standing?.in === 'bay' && standing.bayId === bayId)
      .flatMap(({ reading, leakTest }) => [reading?.at, leakTest?.at]),
    ...permits
      .filter(({ permit }) => permit.request.place.bayId === bayId)
      .flatMap(({ permit }) => permit.posts.map(({ heardAt }) => heardAt)),
  ])
}
