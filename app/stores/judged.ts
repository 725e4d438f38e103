import { defineStore } from 'pinia'
import { assessStation } from '#core/clearance/assess-station'
import type { StationVerdict } from '#core/clearance/assess-station'
import { NO_STANDING } from '#core/clearance/kit-around'
import { readStreamId, stationStream } from '#core/ids/streams'
import { NO_FIRE_STANDING } from '#core/site-facts/fire-standing'
import { viewsOf } from '#core/site-facts/site-standing'
import type { SiteStanding } from '#core/site-facts/site-standing'
import { nearestReading } from '#core/monitor/nearest-reading'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import type { Area, Bay } from '#core/streams/site/site'
import { decideStation } from '#core/streams/station/decide-station'
import type { StationCommand } from '#core/streams/station/decide-station'
import { EMPTY_STATION, evolveStation } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { dayEndsAfter } from '#core/streams/scene'
import type { FloorReading } from '#shared/contract/readings'
import { keepSameParts } from '#shared/same-parts'
import { versionAfter } from '~/stores/outbox'
import type { DoneHere } from '~/stores/outbox'

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

/** A station as it stands on this screen. */
type Stood = Pick<Placed, 'station' | 'version' | 'unsent'>

const isOfStations = ({ command: { type, streams } }: DoneHere): boolean =>
  type === 'station.stop-all' || streams.some(({ id }) => readStreamId(id)?.kind === 'station')

/** Verdicts are judged again this often, ms, besides every change: a check that lapses closes its gate by itself. */
const JUDGE_EVERY_MS = 10_000

/** Before the first reading nothing is known of any hall. */
const NO_AIR: FloorReading['air'] = {
  halls: {},
  sheets: {},
  surveys: {},
  monitors: {},
  wearers: {},
  versions: { halls: {}, sheets: 0, samples: {}, monitors: {} },
}

/** The bays judged here, with the core, from what the shop said and what waits to be sent. */
export const useJudged = defineStore('judged', () => {
  const facts = useFacts()
  const clock = useClock()
  const outbox = useOutbox()

  /** What was just read is judged at once, not at the next turn. */
  const judgedAtMs = computed(() => Math.max(facts.readAtMs, Math.floor(clock.nowMs.value / JUDGE_EVERY_MS) * JUDGE_EVERY_MS))
  const known = computed(() => new Map(facts.reading?.stations.map(one => [one.bayId, one]) ?? []))

  const judgedAt = computed(() => new Date(judgedAtMs.value).toISOString())

  /**
   * What was done here at stations and is not in what was read: first what the shop has accepted, then what waits, as it will hear them.
   * What is accepted counts until it is read: a key that was pressed would show itself again in between.
   */
  const doneHere = computed<readonly DoneHere[]>(before =>
    keepSameParts(before, [...outbox.settled, ...outbox.waiting.map(command => ({ command, accepted: null }))].filter(isOfStations)))
  /** Stations as they stand, with what was done here counted as done; closed ones too: what was welded there today was breathed. */
  const stood = computed<Readonly<Record<string, Stood>>>(before =>
    keepSameParts(before, Object.fromEntries(facts.site.bays.map((bay) => {
      const told = known.value.get(bay.bayId)
      return [bay.bayId, withDoneHere(told ? { ...told.facts, gates: {} } : EMPTY_STATION, told?.version ?? 0, bay)]
    }))))
  const stations = computed<Readonly<Record<string, Station>>>(before =>
    keepSameParts(before, Object.fromEntries(Object.entries(stood.value).map(([bayId, { station }]) => [bayId, station]))))

  /** What the gates rest on as they stand; halls, kit and permits each worked out once for all bays. */
  const standing = computed<SiteStanding>(() => ({
    site: facts.site,
    rules: facts.rules,
    now: judgedAt.value,
    ...(facts.reading?.air ?? NO_AIR),
    welders: Object.fromEntries((facts.reading?.people ?? []).map(one => [one.personId, one])),
    kit: facts.reading?.kit ?? NO_STANDING,
    fire: facts.reading?.fire ?? NO_FIRE_STANDING,
    stations: stations.value,
  }))
  /** What a bay is judged in. */
  const viewAt = computed(() => viewsOf(standing.value))

  /** What an instrument at a bay reads now, the nearest to what it is compared with; null where none speaks. */
  const readAt = (bay: Bay) => nearestReading(viewAt.value(bay).air.monitors, facts.rules, judgedAt.value)

  /** Judges a bay as it stands, or as it would with another job or under other rules. */
  const judge = (station: Station, bay: Bay, underRules: HouseRules): StationVerdict => {
    const view = underRules === facts.rules ? viewAt.value : viewsOf({ ...standing.value, rules: underRules })
    return assessStation(station, { ...view(bay), unheardSince: facts.unheardSince })
  }

  /**
   * What was done here is shown as done: the same decision, made here with the same core. The version is that of what is shown: where
   * somebody else did something in between, and this screen has not read it, it stays at what was read, and nothing passes over theirs.
   */
  function withDoneHere(station: Station, version: number, bay: Bay): Stood {
    const stream = stationStream(bay.bayId)
    let unsent = false
    for (const { command: { type, streams, payload, at, authorId }, accepted } of doneHere.value) {
      const concerned = type === 'station.stop-all' || streams.some(({ id }) => id === stream)
      if (!concerned) continue
      const checksValidUntil = dayEndsAfter(facts, at)
      const context = { bayId: bay.bayId, now: at, at, by: authorId, checksValidUntil }
      const decided = decideStation(station, { type, payload } as StationCommand, context)
      if ('events' in decided) {
        station = decided.events.reduce(evolveStation, station)
        unsent ||= accepted === null
        if (accepted && versionAfter(accepted, stream, 0) === version + decided.events.length) version += decided.events.length
      }
    }
    return { station, version, unsent }
  }

  const placed = computed<readonly Placed[]>(() =>
    facts.site.bays
      .filter(bay => !bay.closed)
      .map((bay) => {
        const { station, version, unsent } = stood.value[bay.bayId]!
        return {
          bay,
          station,
          version,
          unsent,
          area: facts.site.areas.find(({ areaId }) => areaId === bay.areaId),
          personName: station.personId === null ? null : (facts.names.get(station.personId) ?? null),
          verdict: judge(station, bay, facts.rules),
        }
      }),
  )

  const tally = computed(() => {
    const counts = { 'clear-to-strike': 0, 'hold': 0, 'stopped': 0 }
    for (const { verdict } of placed.value) counts[verdict.word]++
    return counts
  })

  return { standing, viewAt, placed, tally, judge, readAt }
})
