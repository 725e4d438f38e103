import type { ObjectDirective } from 'vue'

/** How long an eye needs to follow what moved, ms. Common practice, no source. */
export const STILL_AFTER_MS = 600

const holding = new WeakMap<HTMLElement, ReturnType<typeof setTimeout>>()

function hold(element: HTMLElement) {
  clearTimeout(holding.get(element))
  element.toggleAttribute('data-moving', true)
  holding.set(element, setTimeout(() => element.toggleAttribute('data-moving', false), STILL_AFTER_MS))
}

/**
 * `v-still="shape"`: while what stands under a finger gives way to something else, nothing in there takes a tap. What was told leaves
 * its list, and the key of the next comes to lie where it lay: a finger already on its way, or a second tap, would say of one thing what
 * was seen of another.
 *
 * @param value what the things are that stand there and can be told of, in their order; null says that nothing moved by itself
 */
export const vStill: ObjectDirective<HTMLElement, string | null> = {
  updated(element, { value, oldValue }) {
    if (value !== null && value !== oldValue) hold(element)
  },
  unmounted: element => clearTimeout(holding.get(element)),
}
