import type { H3Event } from 'h3'
import { getHeader } from 'h3'
import type { z } from 'zod'
import type { MonitorQuantityId } from '#core/ids/monitor-ids'
import { monitorStream } from '#core/ids/streams'
import type { Reading } from '#core/monitor/heard-air'
import { aroundReadings } from '#core/monitor/heard-air'
import { monitorIdOf } from '#core/monitor/monitor-name'
import { unitsOf } from '#core/monitor/quantity-units'
import type { StandingRules } from '#core/monitor/standing'
import { standingOf } from '#core/monitor/standing'
import { resolveSenml } from '#core/monitor/senml'
import type { Monitor } from '#core/streams/monitor/monitor'
import { decideMonitor } from '#core/streams/monitor/monitor'
import { isRefused } from '#core/streams/decision'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { Instant } from '#core/time/instant'
import { readingsRequest } from '#shared/contract/monitor-schema'
import type { readingsResponse } from '#shared/contract/monitor-schema'
import { nowIso } from '../../clock'
import { inTransaction } from '../../database/connection'
import { handleCommand } from '../../door/handle'
import { systemCommand } from '../../door/system-command'
import { api, parse, parseBody, Problem, readText, requireTeller, unreadable } from '../../http'
import { recordsOfCsv } from '../../readings-csv'
import { useRunning } from '../../running'
import { readHouseRules } from '../../tables/house-rules'
import { keepValues, readMonitors, readValues } from '../../tables/monitor'

/** An instrument's clock may run so far ahead; further, what it says of when is worth nothing, s. */
const AHEAD_S = 120

/** A pack reaches so far back, s: a longer log comes in several. What is kept around it is read under the monitor's lock. */
const PACK_S = 2 * 3600

/** What is older was read in another life of the instrument, s. */
const BACK_S = 31 * 24 * 3600

/** What was told of one monitor. */
interface Told { readonly monitor: Monitor, readonly readings: Reading[] }

/**
 * What instruments read, as they tell it: a SenML pack, or a log as CSV, with a device key that tells. Sent again it changes nothing. All
 * of it is taken, or what is wrong with it is said and nothing is.
 */
export default api(async (event): Promise<z.input<typeof readingsResponse>> => {
  const { siteId, keyId } = await requireTeller(event)
  const records = await recordsIn(event)
  const { pool, clock } = useRunning()
  const told = await toldOf(siteId, records, clock.nowMs())
  const answers: z.input<typeof readingsResponse>['monitors'] = []
  for (const [monitorId, { monitor, readings }] of told) {
    const taken = await take(siteId, keyId, monitorId, readings)
    const known = (await readMonitors(pool, siteId, [monitorId])).get(monitorId)
    const rules = (await readHouseRules(pool, siteId))?.value ?? NEW_SITE_RULES
    answers.push({ monitorId, name: monitor.name, taken, repeated: readings.length - taken, standing: standingIn(known, rules) })
  }
  return { monitors: answers }
})

/** What was sent: a pack as JSON, or a log as CSV where its type says so. */
async function recordsIn(event: H3Event): Promise<z.output<typeof readingsRequest>> {
  if (!/^text\/csv\b/i.test(getHeader(event, 'content-type') ?? '')) return parseBody(event, readingsRequest)
  const log = recordsOfCsv(await readText(event))
  if ('fields' in log) throw unreadable(log.fields)
  return parse(readingsRequest, log.records)
}

/** How an instrument stands by itself, in a word: what it does to its bays besides is theirs to tell. */
function standingIn(monitor: Monitor | undefined, rules: StandingRules): z.input<typeof readingsResponse>['monitors'][number]['standing'] {
  if (!monitor?.heard) return 'not-heard'
  const [gravest] = standingOf({ ...monitor, heard: monitor.heard }, rules)
  if (!gravest) return 'within'
  return gravest.severity === 'stop' ? 'over' : 'holds'
}

/** Every reading with the monitor it is of. @throws Problem 422 with what is wrong, field by field */
async function toldOf(
  siteId: string,
  records: z.output<typeof readingsRequest>,
  nowMs: number,
): Promise<ReadonlyMap<string, Told>> {
  const { resolved, problems } = resolveSenml(records, nowMs / 1000)
  const fields = problems.map(({ index, field, problem }) => ({ path: `${index}.${field}`, message: PROBLEMS[problem] as string }))
  const wrong = (index: number, field: string, message: string) => fields.push({ path: `${index}.${field}`, message })
  const known = await readMonitors(useRunning().pool, siteId, [...new Set(resolved.map(({ name }) => monitorIdOf(name)))])
  const told = new Map<string, Told>()
  const newestS = Math.max(...resolved.map(({ timeS }) => timeS))
  for (const { index, name, unit, value, timeS } of resolved) {
    const monitorId = monitorIdOf(name)
    const monitor = known.get(monitorId)
    if (monitor?.senmlName !== name) {
      wrong(index, 'n', 'no monitor by that name is here: place it first')
      continue
    }
    const units = unitsOf(monitor.quantity)
    if (unit === null || !Object.hasOwn(units, unit)) wrong(index, 'u', UNITS[monitor.quantity])
    else if (timeS * 1000 < nowMs - BACK_S * 1000) wrong(index, 't', 'a time of the last month: what is older are samples')
    else if (timeS < newestS - PACK_S) wrong(index, 't', 'within two hours of the newest of the pack: send the rest by itself')
    else if (timeS * 1000 > nowMs + AHEAD_S * 1000) wrong(index, 't', 'a time that has come: set the clock of the instrument')
    else {
      const one = told.get(monitorId) ?? { monitor, readings: [] }
      one.readings.push({ at: new Date(timeS * 1000).toISOString(), value: value * units[unit]! })
      told.set(monitorId, one)
    }
  }
  if (fields.length > 0) throw unreadable(fields)
  return told
}

const GAS = 'a unit of a gas: ppm, /, kg/m3, ug/m3 or mg/m3'
const SHARE = 'a unit of a share: %, /100 or /'
/** What is allowed of each, as `unitsOf` has it. */
const UNITS: Readonly<Record<MonitorQuantityId, string>> = {
  'carbon-monoxide': GAS,
  'nitrogen-dioxide': GAS,
  'nitric-oxide': GAS,
  'ozone': GAS,
  'total-fume': 'a unit of dust: kg/m3, ug/m3 or mg/m3',
  'oxygen': SHARE,
  'flammable-gas': SHARE,
  'hood-flow': 'a unit of flow: m3/s or l/s',
}
const PROBLEMS = {
  'no-name': 'the name of the instrument',
  'bad-name': 'letters, digits and : . / _ -, and a letter or digit first',
  'no-value': 'a value: a number',
  'no-time': 'a time that there is',
  'newer-version': 'version 10 or older',
} as const

/** Keeps readings, and puts on record what they come to. @returns how many were new */
async function take(siteId: string, keyId: string, monitorId: string, readings: readonly Reading[]): Promise<number> {
  const { pool, door, clock } = useRunning()
  const now = nowIso(clock)
  if (!await changesRecord(siteId, monitorId, readings, now)) return keepValues(pool, siteId, monitorId, readings, now)
  let taken = 0
  const { status, body } = await handleCommand(
    door,
    { siteId, actor: { kind: 'device', deviceId: keyId }, holder: 'system' },
    systemCommand(clock, [monitorStream(monitorId)], { type: 'monitor.hear', payload: { readings } }),
    async (db) => {
      taken = await keepValues(db, siteId, monitorId, readings, now)
    },
  )
  // Taken away since it was looked for: nothing is kept of it.
  if (status !== 200) throw new Problem(status, body)
  return taken
}

/**
 * Would anything come on record? Most readings say what the one before said: they are kept, and nobody has to wait for the others.
 * What is decided here is decided again at the door, where it counts; what it misses because another came between, the next one brings.
 */
async function changesRecord(siteId: string, monitorId: string, readings: readonly Reading[], now: Instant): Promise<boolean> {
  return inTransaction(useRunning().pool, async (db) => {
    const monitor = (await readMonitors(db, siteId, [monitorId])).get(monitorId) ?? null
    const decided = decideMonitor(monitor, { type: 'monitor.hear', payload: { readings } }, {
      id: monitorId,
      at: now,
      now,
      rules: (await readHouseRules(db, siteId))?.value ?? NEW_SITE_RULES,
      bayIds: [],
      kept: await readValues(db, siteId, monitorId, aroundReadings(readings)!),
    })
    return isRefused(decided) || decided.events.length > 0
  })
}
