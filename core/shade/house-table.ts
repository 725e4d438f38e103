import { finding } from '../findings/finding'
import type { ProcessId } from '../ids/vocabulary'
import type { RuleSetAnswer } from './shade-question'
import { ruleSetRow } from './band-table'

/** Plasma cutting counts as an open arc only above this current, A: a house minimum of 10 would blind a light hand cut. */
const PLASMA_CUTTING_OPEN_ARC_A = 80

const OPEN_ARCS: ReadonlySet<ProcessId> = new Set(['smaw', 'gmaw', 'fcaw-g', 'fcaw-s', 'gtaw', 'paw', 'cac-a', 'caw'])

const built = new Map<number | ProcessId, RuleSetAnswer>()
function once(key: number | ProcessId, build: () => RuleSetAnswer): RuleSetAnswer {
  let answer = built.get(key)
  if (!answer) built.set(key, answer = build())
  return answer
}

/**
 * What the site's own minimum says: one number for every open arc (a minimum of 10 would blind a brazer).
 *
 * @param process the process
 * @param currentA arc current at its worst end, A; decides whether plasma cutting is an open arc
 * @param minimum the house minimum, or null when the site set none
 */
export function house(process: ProcessId, currentA: number | undefined, minimum: number | null): RuleSetAnswer {
  const applies = OPEN_ARCS.has(process) || (process === 'pac' && currentA !== undefined && currentA > PLASMA_CUTTING_OPEN_ARC_A)
  if (minimum !== null && applies) return once(minimum, () => ruleSetRow('house', minimum, null, 'houseRule'))
  return once(process, () => ruleSetRow('house', null, null, 'houseRule', [
    applies ? finding('note', 'shade.no-house-minimum', { process }) : finding('note', 'shade.house-not-for-process', { process }),
  ]))
}
