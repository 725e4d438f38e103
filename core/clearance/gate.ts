import { closes } from '../findings/finding'
import type { Finding } from '../findings/finding'
import type { GateId } from '../ids/vocabulary'

/** `to-do` has not been done yet; `hold` was looked at and does not pass; `not-needed` does not concern this work. */
export type GateState = 'open' | 'hold' | 'stop' | 'to-do' | 'not-needed'

/** What a gate says now, and why. */
export interface Gate {
  readonly gate: GateId
  readonly state: GateState
  readonly findings: readonly Finding[]
}

/** The word at the end of the rail. */
export type Word = 'clear-to-strike' | 'hold' | 'stopped'

/**
 * A gate from what was found: a stop closes it, a hold holds it, anything still missing leaves it to do, cautions leave it open.
 *
 * @param found what was judged
 * @param missing what is not done or not known yet; it holds too, but nothing is wrong
 */
export function gateFrom(gate: GateId, found: readonly Finding[], missing: readonly Finding[] = []): Gate {
  const findings = [...found.filter(closes), ...missing, ...found.filter(one => !closes(one))]
  if (found.some(f => f.severity === 'stop')) return { gate, state: 'stop', findings }
  if (found.some(f => f.severity === 'hold')) return { gate, state: 'hold', findings }
  return { gate, state: missing.length > 0 ? 'to-do' : 'open', findings }
}
