import { defineStore } from 'pinia'
import { assessStation } from '#core/clearance/assess-station'
import type { StationVerdict } from '#core/clearance/assess-station'
import { NO_FIRE_STANDING } from '#core/site-facts/fire-standing'
import { viewsOf } from '#core/site-facts/site-standing'
import type { SiteStanding } from '#core/site-facts/site-standing'
import { NO_STANDING } from '#core/clearance/kit-around'
import type { Finding } from '#core/findings/finding'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { shopDayEndsAtMs } from '#core/time/shop-day'
import { NO_SITE } from '#core/streams/site/site'
import type { Area, Bay } from '#core/streams/site/site'
import { decideStation } from '#core/streams/station/decide-station'
import type { StationCommand } from '#core/streams/station/decide-station'
import { EMPTY_STATION, evolveStation } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { afterRead, afterTold, isBehind, NOTHING_HEARD, quietForMs, QUIET_AFTER_MS, UNHEARD_AFTER_MS } from '#shared/hearing'
import type { DeviceTime } from '#shared/hearing'
import { speakTimesIn } from '#shared/words/en/fire-findings'
import { speak } from '#shared/words/speak'
import type { CommandAccepted, FloorReading } from '#shared/readings'
import { readStreamId } from '#core/ids/streams'

/** A bay with what is known of it and how it is judged. */
export interface Placed {
  readonly bay: Bay
  readonly area: Area | undefined
  readonly version: number
  readonly station: Station
  readonly personName: string | null
  readonly verdict: StationVerdict
  /** Something done here has not reached the server yet. */
  readonly unsent: boolean
}

/** Verdicts are judged again this often, ms, besides every change: a check that lapses closes its gate by itself. */
const JUDGE_EVERY_MS = 10_000

/** The two clocks of this device: see `#shared/hearing`. */
const deviceTime = (): DeviceTime => ({ clockMs: Date.now(), runningMs: performance.now() })

/** Before the first reading nothing is known of any hall. */
const NO_AIR: FloorReading['air'] = { halls: {}, sheets: {}, surveys: {}, wearers: {}, versions: { halls: {}, sheets: 0, samples: {} } }

/** The day's board: facts from the server, verdicts from the core, kept live. */
export const useFloor = defineStore('floor', () => {
  const reading = ref<FloorReading | null>(null)
  const hearing = shallowRef(NOTHING_HEARD)
  /** The line is known to be cut: the browser said so, or the stream broke. */
  const isCut = ref(false)
  /** The last try to read the board failed, whatever is heard besides. */
  const isUnread = ref(false)
  const clock = useClock()
  const outbox = useOutbox()
  const session = useSession()
  const changes = useChanges()
  let source: EventSource | undefined
  let refreshing: Promise<void> | undefined
  let again = false
  /** As much was told when the board was last asked for. */
  let askedAsOf = 0

  /** What was just read is judged at once, not at the next turn. */
  const readAtMs = ref(0)
  const judgedAtMs = computed(() => Math.max(readAtMs.value, Math.floor(clock.nowMs.value / JUDGE_EVERY_MS) * JUDGE_EVERY_MS))
  /** Looked at every second, not at the next turn of judging: what is said to count until an instant counts no longer. */
  const unheardSince = computed(() => clock.nowMs.value > 0 && quietForMs(hearing.value, deviceTime()) > UNHEARD_AFTER_MS ? hearing.value.wholeAt : null)
  /** Whether the shop is not heard now, said at once. */
  const isQuiet = computed(() => isCut.value || isUnread.value || (clock.nowMs.value > 0 && hearing.value.wholeAt !== null && quietForMs(hearing.value, deviceTime()) > QUIET_AFTER_MS))
  /** Since when it is not heard; null while it is, and before it ever was. */
  const quietSince = computed(() => isQuiet.value ? hearing.value.wholeAt : null)
  const rules = computed(() => reading.value?.rules ?? NEW_SITE_RULES)
  const site = computed(() => reading.value?.site ?? NO_SITE)
  const names = computed(() => new Map(reading.value?.people.map(({ personId, name }) => [personId, name]) ?? []))
  const facts = computed(() => new Map(reading.value?.stations.map(reading => [reading.bayId, reading]) ?? []))

  const judgedAt = computed(() => new Date(judgedAtMs.value).toISOString())

  /** Stations as they stand, with what waits to be sent counted as done. */
  const stations = computed(() => new Map(site.value.bays.filter(bay => !bay.closed).map((bay) => {
    const known = facts.value.get(bay.bayId)
    return [bay.bayId, withUnsent(known ? { ...known.facts, gates: {} } : EMPTY_STATION, bay)]
  })))

  /** What the gates rest on as they stand; halls, kit and permits each worked out once for all bays. */
  const standing = computed<SiteStanding>(() => ({
    site: site.value, rules: rules.value, now: judgedAt.value, ...reading.value?.air ?? NO_AIR,
    kit: reading.value?.kit ?? NO_STANDING, fire: reading.value?.fire ?? NO_FIRE_STANDING,
    stations: Object.fromEntries([...stations.value].map(([bayId, { station }]) => [bayId, station])),
  }))
  /** What a bay is judged in. */
  const viewAt = computed(() => viewsOf(standing.value))

  /** Judges a bay as it stands, or as it would with another job or under other rules. */
  const judge = (station: Station, bay: Bay, underRules: HouseRules): StationVerdict => {
    const view = underRules === rules.value ? viewAt.value : viewsOf({ ...standing.value, rules: underRules })
    return assessStation(station, { ...view(bay), unheardSince: unheardSince.value })
  }

  /** What waits to be sent is shown as done: the same decision, made here with the same core. */
  function withUnsent(station: Station, bay: Bay): { station: Station, unsent: boolean } {
    let unsent = false
    for (const { type, streams, payload, at, authorId } of outbox.waiting) {
      const concerned = type === 'station.stop-all' ? !bay.closed : streams.some(({ id }) => id === `station/${bay.bayId}`)
      if (!concerned || readStreamId(`station/${bay.bayId}`) === null) continue
      const checksValidUntil = new Date(shopDayEndsAtMs(Date.parse(at), site.value.timeZone, rules.value.shopDayHour)).toISOString()
      const decided = decideStation(station, { type, payload } as StationCommand, { now: at, at, by: authorId, checksValidUntil })
      if ('events' in decided) {
        station = decided.events.reduce(evolveStation, station)
        unsent = true
      }
    }
    return { station, unsent }
  }

  const placed = computed<readonly Placed[]>(() => site.value.bays.filter(bay => !bay.closed).map((bay) => {
    const known = facts.value.get(bay.bayId)
    const { station, unsent } = stations.value.get(bay.bayId)!
    return {
      bay, station, unsent,
      area: site.value.areas.find(({ areaId }) => areaId === bay.areaId),
      version: known?.version ?? 0,
      personName: station.personId === null ? null : names.value.get(station.personId) ?? null,
      verdict: judge(station, bay, rules.value),
    }
  }))

  const tally = computed(() => {
    const counts = { 'clear-to-strike': 0, 'hold': 0, 'stopped': 0 }
    for (const { verdict } of placed.value) counts[verdict.word]++
    return counts
  })

  /** One read at a time; a change heard meanwhile makes another one after it, unless it was asked for with that in mind. */
  function refresh(): Promise<void> {
    if (refreshing) {
      again ||= hearing.value.told > askedAsOf
      return refreshing
    }
    refreshing = (async () => {
      do {
        again = false
        askedAsOf = hearing.value.told
        const [askedAt, askedOn] = [clock.nowIso(), deviceTime()]
        const reply = await ask<FloorReading>('floor')
        isUnread.value = !reply.ok && !('refusal' in reply && reply.refusal.status === 401)
        if (reply.ok && (reading.value === null || reply.body.position >= reading.value.position)) {
          reading.value = reply.body
          readAtMs.value = Date.parse(clock.nowIso())
          hearing.value = afterRead(hearing.value, reply.body.position, askedAt, askedOn)
          speakTimesIn(reply.body.site.timeZone)
        }
        else if (!reply.ok && 'refusal' in reply && reply.refusal.status === 401) await session.load()
      } while (again)
    })().finally(() => { refreshing = undefined })
    return refreshing
  }

  /** What is owed is asked for again at every beat, until it is shown. */
  function heard(position: number, now: string, asOf: string, streamIds: readonly string[] | null) {
    isCut.value = false
    clock.heard(now)
    hearing.value = afterTold(hearing.value, position, asOf, deviceTime())
    if (isBehind(hearing.value)) void refresh()
    changes.tell(position, streamIds)
  }

  /** What was done here is in the record: asked for at once, before the shop tells of it. */
  function accepted({ position, streams }: CommandAccepted) {
    hearing.value = { ...hearing.value, told: Math.max(hearing.value.told, position) }
    if (isBehind(hearing.value)) void refresh()
    changes.tell(position, streams.map(({ id }) => id))
  }

  const cut = () => { isCut.value = true }

  function listen() {
    source?.close()
    source = new EventSource(`/api/v1/events?after=${reading.value?.position ?? 0}`)
    source.addEventListener('changes', (event) => {
      const { changes: told, now } = JSON.parse(event.data as string) as { changes: readonly { position: number, streamId: string }[], now: string }
      heard(told.at(-1)!.position, now, now, told.map(({ streamId }) => streamId))
    })
    source.addEventListener('heartbeat', (event) => {
      const { position, now, asOf } = JSON.parse(event.data as string) as { position: number, now: string, asOf: string }
      // Of what changed up to a beat everything was told before it, or nobody knows which.
      heard(position, now, asOf, null)
    })
    source.addEventListener('error', () => {
      cut()
      // The browser gives up on a stream that was refused; look who is signed in, and begin again.
      if (source?.readyState === EventSource.CLOSED) setTimeout(() => { if (session.person) void session.load().then(() => session.person && open()) }, 2000)
    })
  }

  async function open() {
    outbox.whenAccepted(accepted)
    // Before the first answer: a line that is cut while it is on its way is said too.
    window.addEventListener('offline', cut)
    await refresh()
    // What changed before the board was read is told by nobody: pages that were asked for earlier are asked for again.
    if (reading.value) changes.tell(reading.value.position, null)
    listen()
  }

  function close() {
    window.removeEventListener('offline', cut)
    source?.close()
    source = undefined
    reading.value = null
    changes.forget()
    useCylinders().forget()
    hearing.value = NOTHING_HEARD
    isCut.value = false
    isUnread.value = false
  }

  const say = (said: Finding) => speak(said, rules.value.units)
  /** Findings in words; what to do is said once, not after each of them. */
  const sayAll = (findings: readonly Finding[]) => findings.map(say).map((said, i, all) => all.slice(0, i).some(({ todo }) => todo === said.todo) ? { ...said, todo: null } : said)
  const find = (bayId: string): Placed | undefined => placed.value.find(({ bay }) => bay.bayId === bayId)

  return { reading, isQuiet, quietSince, rules, site, names, standing, viewAt, placed, tally, judge, open, close, refresh, say, sayAll, find }
})
