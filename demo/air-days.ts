import { parseDate } from '@internationalized/date'
import { airOfDay } from '#core/air/day-that-ended'
import { RULES_VERSION } from '#core/clearance/assess-station'
import { personStream } from '#core/ids/streams'
import { shopDayAt } from '#core/streams/scene'
import { nowIso } from '#server/clock'
import { handleCommand } from '#server/door/handle'
import { clockCaller, systemCommand } from '#server/door/system-command'
import type { Door } from '#server/door/door'
import { readWholeSite } from '#server/tables/site-facts'
import { bayIdOf, SITE } from './fenmarsh'

/** Imke's mornings of the last two weeks: stick in bay 5 beside Pia's hood, from when the bay was clear, with so much arc in an hour. */
const IMKE = 'imke-tarrow'
const BAY = bayIdOf('5')
const MORNINGS: readonly { readonly clearFromMin: number, readonly clearToMin: number, readonly arcMinPerH: number }[] = [
  { clearFromMin: 245, clearToMin: 470, arcMinPerH: 4 },
  { clearFromMin: 260, clearToMin: 480, arcMinPerH: 6 },
  { clearFromMin: 250, clearToMin: 475, arcMinPerH: 5 },
  { clearFromMin: 242, clearToMin: 480, arcMinPerH: 14 },
  { clearFromMin: 300, clearToMin: 480, arcMinPerH: 5 },
  { clearFromMin: 248, clearToMin: 360, arcMinPerH: 5 },
  { clearFromMin: 245, clearToMin: 480, arcMinPerH: 3 },
  { clearFromMin: 255, clearToMin: 465, arcMinPerH: 8 },
]

/** Keeps what somebody breathed on working days before today: worked out as the clock does, from the yard as it stands. */
export async function loadAirDays(door: Door): Promise<void> {
  const facts = await readWholeSite(door.pool, SITE.siteId, nowIso(door.clock))
  const station = facts.stations[BAY]
  if (!station?.job) throw new Error('demo: nobody works at bay 5')
  let day = parseDate(shopDayAt(facts, facts.now))
  const days = MORNINGS.map(() => {
    do day = day.subtract({ days: 1 })
    while ([0, 6].includes(day.toDate(SITE.timeZone).getUTCDay()))
    return day.toString()
  }).reverse()
  for (const [n, { clearFromMin, clearToMin, arcMinPerH }] of MORNINGS.entries()) {
    const air = airOfDay({
      ...facts,
      stations: { [BAY]: { ...station, personId: IMKE, job: { ...station.job, arcMinPerH } } },
      stoodClear: { [BAY]: [{ fromMin: clearFromMin, toMin: clearToMin }] },
    }, days[n]!, RULES_VERSION)(IMKE)
    if (!air) throw new Error('demo: Imke breathed nothing')
    const command = systemCommand(door.clock, [personStream(IMKE)], { type: 'person.keep-air', payload: air })
    const { status } = await handleCommand(door, clockCaller(SITE.siteId), command)
    if (status !== 200) throw new Error('demo: a day of Imke was refused')
  }
}
