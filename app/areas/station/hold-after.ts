import type { Gate } from '#core/clearance/gate'
import { GATES } from '#core/ids/vocabulary'
import type { GateId } from '#core/ids/vocabulary'

const IS_CLOSED = new Set<Gate['state']>(['hold', 'to-do', 'stop'])

/**
 * The gate to see to after one was settled: the next closed one in the order of the gates that can be worked at, or else the first.
 * @param gates the gates as they are now
 * @param settled the gate that was just settled
 * @param isWorkedAt whether somebody here can do something about a gate
 */
export function holdAfter(
  gates: readonly Pick<Gate, 'gate' | 'state'>[],
  settled: GateId,
  isWorkedAt: (gate: GateId) => boolean,
): GateId | null {
  const closed = gates.filter(({ gate, state }) => IS_CLOSED.has(state) && isWorkedAt(gate)).map(({ gate }) => gate)
  return closed.find(gate => GATES.indexOf(gate) > GATES.indexOf(settled)) ?? closed[0] ?? null
}
