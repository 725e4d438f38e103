import { describe, expect, it } from 'vitest'
import { nextTick, reactive } from 'vue'
import type { GateState } from '#core/clearance/gate'
import { GATES } from '#core/ids/vocabulary'
import type { GateId } from '#core/ids/vocabulary'
import { useNextHold } from '~/areas/station/useNextHold'

/** A bay's sheet without its screen: its Job is worked at, and everything else is to do. */
function sheet() {
  const states: Record<GateId, GateState> = Object.fromEntries(GATES.map(gate => [gate, 'to-do'])) as never
  const shown = reactive({ states, panel: 'job' as GateId | null, accepted: 0, leaving: false, going: null as Promise<void> | null })
  const wanted: (GateId | null)[] = []
  const { settled, next, close } = useNextHold({
    gates: () => GATES.map(gate => ({ gate, state: shown.states[gate] })),
    panel: () => shown.panel,
    isWorkedAt: () => true,
    accepted: () => shown.accepted,
    isLeaving: () => shown.leaving,
    go: (to) => {
      wanted.push(to)
      return shown.going
    },
  })
  return { shown, wanted, settled, next, close }
}

/** Job is judged while its page is on its way out; whoever is there may go elsewhere meanwhile. */
async function judgedWhileClosing(went: GateId | null) {
  const bay = sheet()
  let isOut: () => void = () => {}
  bay.shown.going = new Promise<void>((resolve) => {
    isOut = resolve
  })
  bay.close('job')
  bay.shown.leaving = true
  bay.shown.states.job = 'open'
  bay.shown.accepted = 1
  await nextTick()
  expect(bay.wanted).toEqual([null])
  bay.shown.panel = went
  bay.shown.leaving = false
  isOut()
  await new Promise(resolve => setTimeout(resolve))
  return bay
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
  it('and where it is judged while its page closes, as soon as that has closed', async () => {
    for (const went of [null, 'body'] as const) {
      const { shown, wanted, settled } = await judgedWhileClosing(went)
      expect([wanted, settled.value]).toEqual(went === null ? [[null, 'eyes'], 'job'] : [[null], null])
      expect(shown.panel).toBe(went)
    }
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
