import { finding } from '../findings/finding'
import type { Finding } from '../findings/finding'
import { GATES } from '../ids/vocabulary'
import type { GateId } from '../ids/vocabulary'
import type { AirAssessment } from '../air/assess-air'
import type { ShadeAnswer } from '../shade/shade-question'
import type { Station } from '../streams/station/station'
import type { ZoneToday } from './body-gate'
import type { Gate, Word } from './gate'
import { JUDGES } from './judges'
import type { Judged } from './judges'
import type { Surroundings } from './surroundings'

/** Raised whenever the gates would answer differently on the same facts, so that the log says which rules spoke. */
export const RULES_VERSION = 20

/** A station judged: its gates in working order, the word at the end, and the first reason for it. */
export interface StationVerdict {
  readonly gates: readonly Gate[]
  readonly byId: Readonly<Record<GateId, Gate>>
  readonly word: Word
  readonly reason: Finding | null
  /** The gate the line is live up to; null when it runs through. */
  readonly firstClosed: GateId | null
  readonly shade: ShadeAnswer | null
  readonly outfit: readonly ZoneToday[]
  readonly air: AirAssessment
}

/** A gate without what its judge shows besides. */
const gateOnly = ({ gate, state, findings }: Gate): Gate => ({ gate, state, findings })
const isClosed = ({ state }: Gate): boolean => state !== 'open' && state !== 'not-needed'

/**
 * Judges every gate of a station, in the order people work. Unknown never opens a gate.
 * Gas and Machine are not needed where the process uses none.
 *
 * @param station what is known of the place
 * @param around house rules, workplace, the air of the hall, what stands at the bay, its permit, and the instant of judging
 */
export function assessStation(station: Station, around: Surroundings): StationVerdict {
  const { unheardSince = null } = around
  const judged = Object.fromEntries(GATES.map(gate => [gate, JUDGES[gate](station, around)])) as Judged
  const byId = Object.fromEntries(GATES.map(id => [id, gateOnly(judged[id])])) as Record<GateId, Gate>
  const gates = GATES.map(id => byId[id])
  const closed = gates.find(isClosed)
  const shown = {
    gates,
    byId,
    firstClosed: closed?.gate ?? null,
    shade: judged.eyes.shade,
    outfit: judged.body.outfit,
    air: judged.air.air,
  }
  if (station.stop) {
    const { reason, at } = station.stop
    return { ...shown, word: 'stopped', reason: finding('stop', 'station.stopped', { reason, at }) }
  }
  const stopping = gates.find(({ state }) => state === 'stop')
  if (stopping) return { ...shown, word: 'stopped', reason: stopping.findings[0] ?? null }
  if (closed) return { ...shown, word: 'hold', reason: closed.findings[0] ?? null }
  // Every gate is open by what was last heard, and that is too long ago to strike on.
  if (unheardSince !== null) return { ...shown, word: 'hold', reason: finding('hold', 'station.unheard', { sinceIso: unheardSince }) }
  return { ...shown, word: 'clear-to-strike', reason: null }
}
