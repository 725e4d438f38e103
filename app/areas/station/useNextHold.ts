import type { Gate } from '#core/clearance/gate'
import { holdAfter } from './hold-after'
import type { GateId } from '#core/ids/vocabulary'

/**
 * Opens the next hold after the gate that is worked at was settled by something done on this screen. What others do moves no page under
 * anybody's hands.
 */
export function useNextHold(
  { gates, panel, isWorkedAt, go }: {
    readonly gates: () => readonly Pick<Gate, 'gate' | 'state'>[]
    /** The gate that is worked at now. */
    readonly panel: () => GateId | null
    readonly isWorkedAt: (gate: GateId) => boolean
    readonly go: (gate: GateId | null) => unknown
  },
) {
  const outbox = useOutbox()
  const stateOf = (gate: GateId | null) => gates().find(one => one.gate === gate)?.state
  /** How the gate stood when it was opened, and how much of what this screen did had been accepted. */
  let opened = { state: stateOf(panel()), accepted: outbox.acceptedHere }
  /** The gate settled last, while what came after it is open. */
  const settled = ref<GateId | null>(null)
  /** A gate whose page closed by itself when it was done, before what was done was judged. */
  const awaited = ref<GateId | null>(null)
  let cameTo: GateId | null = null

  function moveOn(gate: GateId) {
    awaited.value = null
    cameTo = holdAfter(gates(), gate, isWorkedAt)
    settled.value = gate
    go(cameTo)
  }
  /** The page of a gate is done with. */
  function close(gate: GateId) {
    awaited.value = gate
    go(null)
  }
  watch(panel, (gate) => {
    if (gate === null) return
    awaited.value = null
    opened = { state: stateOf(gate), accepted: outbox.acceptedHere }
    if (gate !== cameTo) settled.value = null
  }, { flush: 'sync' })
  // What is shown before the server has it, and what falls back when it is refused, settles nothing.
  watch([() => panel() ?? awaited.value, () => stateOf(panel() ?? awaited.value), () => outbox.acceptedHere], ([gate, now, accepted]) => {
    if (gate !== null && now === 'open' && opened.state !== 'open' && accepted !== opened.accepted) moveOn(gate)
  })
  return { settled, close }
}
