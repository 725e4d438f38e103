import type { Welder } from '#core/clearance/person-around'
import type { HallClass } from '#core/placing/class-of-hall'
import { joinFacts } from '#core/site-facts/join-facts'
import { noFacts } from '#core/site-facts/site-facts'
import type { SiteStanding } from '#core/site-facts/site-standing'
import { NO_SITE } from '#core/streams/site/site'
import type { Station } from '#core/streams/station/station'
import { facts, NOW, ready, RULES } from '../air/air-of-a-shop'

// A class of a shop with two bays and two people who are signed off for stick.

export const ASKED: HallClass = {
  hallId: 'hall', bayIds: ['one', 'two'], personIds: ['p', 'q'], startsAt: '13:00', endsAt: '15:00', periods: 2, wantedArcMin: 4,
}
export const welder = (over: Partial<Welder> = {}): Welder => ({
  name: 'Somebody', signedOffFor: ['smaw'], taughtUntil: {}, settled: [], isOneDarker: false, wearsPrescription: false, outfit: null,
  takenOff: {},
  ...over,
})
export function standing(over: Record<string, Station> = {}, change: Partial<SiteStanding> = {}): SiteStanding {
  const stations: Record<string, Station> = { one: ready({ personId: null }), two: ready({ personId: null }), ...over }
  const around = facts(stations)
  const joined = joinFacts({
    ...noFacts(NOW), ...around, stations, site: { ...NO_SITE, ...around.site },
    rules: { ...RULES, signOffRule: 'holds' }, welders: { p: welder(), q: welder() },
  })
  return { ...joined, ...change }
}
