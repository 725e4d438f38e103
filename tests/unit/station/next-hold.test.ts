import { describe, expect, it } from 'vitest'
import { nextTick, reactive } from 'vue'
import type { GateState } from '#core/clearance/gate'
import { GATES } from '#core/ids/vocabulary'
import type { GateId } from '#core/ids/vocabulary'
import { useNextHold } from '~/areas/station/useNextHold'

/** A bay's sheet without its screen: its Job is worked at, and everything else is to do. */
function sheet() {
  const states: Record<GateId, GateState> = Object.fromEntries(GATES.map(gate => [gate, 'to-do'])) as never
  const shown = reactive({ states, panel: 'job' as GateId | null, accepted: 0, leaving: false })
  const wanted: (GateId | null)[] = []
  const { settled, next, close } = useNextHold({
    gates: () => GATES.map(gate => ({ gate, state: shown.states[gate] })),
    panel: () => shown.panel,
    isWorkedAt: () => true,
    accepted: () => shown.accepted,
    isLeaving: () => shown.leaving,
    go: to => wanted.push(to),
  })
  return { shown, wanted, settled, next, close }
}

describe('after a gate is settled', () => {
  it('the next hold opens, though its page closes before what was done is judged', async () => {
    const { shown, wanted, settled, next, close } = sheet()
    close('job')
    shown.panel = null
    await nextTick()
    expect([wanted, settled.value]).toEqual([[null], null])
    shown.states.job = 'open'
    shown.accepted = 1
    await nextTick()
    expect([wanted.at(-1), settled.value, next.value]).toEqual(['eyes', 'job', 'eyes'])
  })
  it('and where it was judged first, its page that closes then takes nobody away from there', async () => {
    const { shown, wanted, settled, next, close } = sheet()
    shown.states.job = 'open'
    shown.accepted = 1
    await nextTick()
    close('job')
    await nextTick()
    expect([wanted, settled.value, next.value]).toEqual([['eyes'], 'job', 'eyes'])
  })
  it('whoever has gone on before the answer came stays where they went, and on the way there', async () => {
    const { shown, wanted, close } = sheet()
    shown.leaving = true
    close('job')
    shown.states.job = 'open'
    shown.accepted = 1
    await nextTick()
    expect(wanted).toEqual([])
    shown.panel = 'body'
    shown.leaving = false
    close('job')
    await nextTick()
    expect(wanted).toEqual([])
  })
  it('what others do, and what is shown before the server has it, moves no page', async () => {
    const { shown, wanted } = sheet()
    shown.states.job = 'open'
    await nextTick()
    shown.states.eyes = 'open'
    await nextTick()
    expect(wanted).toEqual([])
  })
  it('a gate that is opened again is settled anew', async () => {
    const { shown, wanted, settled, close } = sheet()
    shown.states.job = 'open'
    shown.accepted = 1
    await nextTick()
    shown.panel = 'eyes'
    shown.panel = 'job'
    expect(settled.value).toBeNull()
    close('job')
    expect(wanted).toEqual(['eyes', null])
  })
})
