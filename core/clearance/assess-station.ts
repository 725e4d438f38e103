import { finding } from '../findings/finding'
import { GATES } from '../ids/vocabulary'
import type { GateId, WorkplaceId } from '../ids/vocabulary'
import type { HouseRules } from '../houserules/house-rules'
import type { OutfitRequirement } from '../ppe/required-outfit'
import type { ShadeAnswer } from '../shade/shade-question'
import type { Station } from '../station/station'
import type { Instant } from '../time/instant'
import type { AirAssessment } from '../air/assess-air'
import type { AirSurroundings } from '../air/air-facts'
import type { Gate, Word } from './gate'
import type { Finding } from '../findings/finding'
import { judgeAir } from './air-gate'
import { judgeBody } from './body-gate'
import { judgeEyes } from './eyes-gate'
import { judgeFire } from './fire-gate'
import type { FireAround } from './fire-gate'
import { judgeGas } from './gas-gate'
import type { KitAround } from './kit-around'
import { judgeJob } from './job-gate'
import { judgeMachine } from './machine-gate'

/** Raised whenever the gates would answer differently on the same facts, so that the log says which rules spoke. */
export const RULES_VERSION = 6

/** Everything a station's verdict rests on, besides the station. */
export interface Surroundings {
  readonly rules: HouseRules
  readonly workplace: WorkplaceId
  readonly now: Instant
  readonly air: AirSurroundings
  readonly kit: KitAround
  readonly fire: FireAround
  /** Since when the server was not heard, on a screen that judges from what it last heard; none where facts are read as they are judged. */
  readonly unheardSince?: Instant | null
}

/** A station judged: its gates in working order, the word at the end, and the first reason for it. */
export interface StationVerdict {
  readonly gates: readonly Gate[]
  readonly byId: Readonly<Record<GateId, Gate>>
  readonly word: Word
  readonly reason: Finding | null
  /** The gate the line is live up to; null when it runs through. */
  readonly firstClosed: GateId | null
  readonly shade: ShadeAnswer | null
  readonly outfit: readonly OutfitRequirement[]
  readonly air: AirAssessment
}

const isClosed = ({ state }: Gate): boolean => state !== 'open' && state !== 'not-needed'

/**
 * Judges every gate of a station, in the order people work. Unknown never opens a gate.
 * Gas and Machine are not needed where the process uses none.
 *
 * @param station what is known of the place
 * @param surroundings house rules, workplace, the air of the hall, what stands at the bay, its permit, and the instant of judging
 */
export function assessStation(station: Station, { rules, workplace, now, air: surroundings, kit, fire, unheardSince = null }: Surroundings): StationVerdict {
  const eyes = judgeEyes(station, rules, workplace, kit.wornBy(station.personId), now)
  const body = judgeBody(station, now)
  const air = judgeAir(station, surroundings, kit, rules, now)
  // By name: a gate that is declared and not judged does not compile, and none can take another's place.
  const byId: Readonly<Record<GateId, Gate>> = {
    job: judgeJob(station.job),
    eyes: { gate: 'eyes', state: eyes.state, findings: eyes.findings },
    body: { gate: 'body', state: body.state, findings: body.findings },
    air: { gate: 'air', state: air.state, findings: air.findings },
    gas: judgeGas(station, kit, rules, now),
    machine: judgeMachine(station, kit, now),
    fire: judgeFire(station, workplace, kit, fire, now),
  }
  const gates = GATES.map(id => byId[id])
  const closed = gates.find(isClosed)
  const judged = { gates, byId, firstClosed: closed?.gate ?? null, shade: eyes.shade, outfit: body.outfit, air: air.air }
  if (station.stop) {
    const { reason, at } = station.stop
    return { ...judged, word: 'stopped', reason: finding('stop', 'station.stopped', { reason, at }) }
  }
  const stopping = gates.find(({ state }) => state === 'stop')
  if (stopping) return { ...judged, word: 'stopped', reason: stopping.findings[0] ?? null }
  if (closed) return { ...judged, word: 'hold', reason: closed.findings[0] ?? null }
  // Every gate is open by what was last heard, and that is too long ago to strike on.
  if (unheardSince !== null) return { ...judged, word: 'hold', reason: finding('hold', 'station.unheard', { sinceIso: unheardSince }) }
  return { ...judged, word: 'clear-to-strike', reason: null }
}
