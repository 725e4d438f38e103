import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { DirectiveBinding, VNode } from 'vue'
import { STILL_AFTER_MS, vStill } from '~/frame/still'

/** An element, as far as the directive touches it. */
class Touched {
  readonly attributes = new Set<string>()
  toggleAttribute(name: string, isOn: boolean) {
    if (isOn) this.attributes.add(name)
    else this.attributes.delete(name)
  }
}
const element = () => new Touched() as Touched & HTMLElement
const NODE = null as unknown as VNode<unknown, HTMLElement>
function becomes(on: HTMLElement, oldValue: string | null, value: string | null) {
  vStill.updated!(on, { value, oldValue } as DirectiveBinding<string | null>, NODE, NODE)
}

describe('what gives way under a finger takes no tap', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  it('from the moment another thing stands there until an eye has followed', () => {
    const list = element()
    becomes(list, 'a,b', 'b')
    expect(list.attributes.has('data-moving')).toBe(true)
    vi.advanceTimersByTime(STILL_AFTER_MS - 1)
    expect(list.attributes.has('data-moving')).toBe(true)
    vi.advanceTimersByTime(1)
    expect(list.attributes.has('data-moving')).toBe(false)
  })
  it('anew with each that goes: the last one counts', () => {
    const list = element()
    becomes(list, 'a,b,c', 'b,c')
    vi.advanceTimersByTime(STILL_AFTER_MS - 1)
    becomes(list, 'b,c', 'c')
    vi.advanceTimersByTime(STILL_AFTER_MS - 1)
    expect(list.attributes.has('data-moving')).toBe(true)
  })
  it('not as the same is drawn again, nor where nothing moved by itself', () => {
    const list = element()
    becomes(list, 'a', 'a')
    becomes(list, 'eyes', null)
    expect(list.attributes.size).toBe(0)
  })
})
