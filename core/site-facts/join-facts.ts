import { dayEndsAfter, shopDayAt } from '../streams/scene'
import { fireStanding } from './join-fire'
import { judgeKit } from './judge-kit'
import type { SiteFacts } from './site-facts'
import type { SiteStanding } from './site-standing'

/** Joins facts for judging. Things are judged for the shop day that stands now, whenever a command was made. */
export function joinFacts(facts: SiteFacts): SiteStanding {
  const { rules, now, site, halls, stations, sheets, surveys, monitors, wearers, welders } = facts
  const { lists, items, cylinders, permits, screens, names } = facts
  const [today, dayEnds] = [shopDayAt(facts, now), dayEndsAfter(facts, now)]
  const kit = { lists, items, cylinders }
  return {
    site,
    rules,
    now,
    halls,
    stations,
    sheets,
    surveys,
    monitors,
    wearers,
    welders,
    kit: judgeKit(kit, rules, today, dayEnds),
    fire: fireStanding({ permits, screens, names }, kit, today, dayEnds),
  }
}
