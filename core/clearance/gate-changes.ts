import type { Finding } from '../findings/finding'
import { sourceOf } from '../source/book'
import type { RecordedFinding, RecordedGate, Station, StationEvent } from '../streams/station/station'
import { RULES_VERSION, assessStation } from './assess-station'
import type { Surroundings } from './surroundings'

/** One event for each gate that no longer answers as it was last recorded. Also asked after a change of house rules. */
export function gateChanges(station: Station, surroundings: Surroundings): readonly StationEvent[] {
  return assessStation(station, surroundings)
    .gates.map(({ gate, state, findings }) => ({ gate, state, findings: findings.map(recorded) }))
    .filter(({ gate, state, findings }) => !sameGate(station.gates[gate], { state, findings }))
    .map(({ gate, state, findings }) => ({
      type: 'gate-changed',
      version: 1,
      payload: { gate, state, findings, rulesVersion: RULES_VERSION },
    }))
}

const recorded = (said: Finding): RecordedFinding => ({ ...said, sources: said.sources.map(sourceOf) })

const sameGate = (recorded: RecordedGate | undefined, now: RecordedGate): boolean =>
  recorded !== undefined
  && recorded.state === now.state
  && JSON.stringify(codesAndValues(recorded)) === JSON.stringify(codesAndValues(now))

/** Keys in sorted order, since a recorded finding comes back from canonical text with its keys sorted. */
const codesAndValues = ({ findings }: RecordedGate): unknown =>
  findings.map(({ severity, code, values }) => [severity, code, Object.entries(values).sort(([a], [b]) => (a < b ? -1 : 1))])
