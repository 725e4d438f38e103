import { getCurrentScope, onScopeDispose, ref, watch } from 'vue'
import type { Gate } from '#core/clearance/gate'
import { holdAfter } from './hold-after'
import type { GateId } from '#core/ids/vocabulary'

/**
 * Opens the next hold after the gate that is worked at was settled by something done on this screen. What others do moves no page under
 * anybody's hands.
 */
export function useNextHold(
  { gates, panel, isWorkedAt, accepted, isLeaving, go }: {
    readonly gates: () => readonly Pick<Gate, 'gate' | 'state'>[]
    /** The gate that is worked at now. */
    readonly panel: () => GateId | null
    readonly isWorkedAt: (gate: GateId) => boolean
    /** How much of what this screen did was accepted. */
    readonly accepted: () => number
    /** Whether somebody has already asked for another page here, and is not there yet; since this page went somewhere by itself. */
    readonly isLeaving: (isMineDone?: boolean) => boolean
    readonly go: (gate: GateId | null) => unknown
  },
) {
  const stateOf = (gate: GateId | null) => gates().find(one => one.gate === gate)?.state
  /** How the gate stood when it was opened, and how much of what this screen did had been accepted. */
  let opened = { state: stateOf(panel()), accepted: accepted() }
  /** The gate settled last, while what came after it is open. */
  const settled = ref<GateId | null>(null)
  /** A gate whose page closed by itself when it was done, before what was done was judged. */
  const awaited = ref<GateId | null>(null)
  /** Where it went on from there; null where nothing else holds here. */
  const next = ref<GateId | null>(null)
  /** While a page that closed by itself is on its way out. */
  let closing: Promise<unknown> | null = null
  let isGone = false
  if (getCurrentScope()) onScopeDispose(() => {
    isGone = true
  })

  function moveOn(gate: GateId) {
    awaited.value = null
    next.value = holdAfter(gates(), gate, isWorkedAt)
    settled.value = gate
    // Judged before its own page has closed: from there, unless somebody went elsewhere meanwhile.
    if (closing) void closing.then(() => !isGone && (panel() ?? gate) === gate && !isLeaving(true) && go(next.value))
    else if (!isLeaving()) go(next.value)
  }
  /**
   * The page of a gate is done with: unless what was done there was judged already, and the next is on its way, or somebody went on
   * before the answer came.
   */
  function close(gate: GateId) {
    if (settled.value === gate || isLeaving() || panel() !== gate) return
    awaited.value = gate
    const left = Promise.resolve(go(null)).finally(() => {
      if (closing === left) closing = null
    })
    closing = left
  }
  watch(panel, (gate) => {
    if (gate === null) return
    awaited.value = null
    opened = { state: stateOf(gate), accepted: accepted() }
    if (gate !== next.value) settled.value = null
  }, { flush: 'sync' })
  // What is shown before the server has it, and what falls back when it is refused, settles nothing.
  watch([() => panel() ?? awaited.value, () => stateOf(panel() ?? awaited.value), accepted], ([gate, now, count]) => {
    if (gate !== null && now === 'open' && opened.state !== 'open' && count !== opened.accepted) moveOn(gate)
  })
  return { settled, next, close }
}
