import { defineComponent, h } from 'vue'
import { init } from '#build/nuxt-icon-client-bundle'

interface Drawing { readonly body: string, readonly width: number, readonly height: number }

/** The few icons that the parts draw, by their names (nuxt.config.ts ships no other). */
const drawings = new Map<string, Drawing>()
init((name, drawing) => void drawings.set(name, drawing))

/** Of `i-lucide-chevron-down`, as the parts ask for it, the name that it ships under: `lucide:chevron-down`. */
const shippedName = (asked: string): string => asked.replace(/^i-/, '').replace('-', ':')

/**
 * An icon of those that are shipped, as a drawing in the page. The package's own part fetches, caches and styles any icon there is: 14 kB
 * that nobody here asks for stay out of the first load (nuxt.config.ts puts this in its place). One that is not shipped draws nothing.
 */
export default defineComponent({
  name: 'DrawnIcon',
  props: { name: { type: String, required: true } },
  setup: props => () => {
    const drawing = drawings.get(shippedName(props.name))
    return drawing
      ? h('svg', {
          'aria-hidden': 'true',
          'viewBox': `0 0 ${drawing.width} ${drawing.height}`,
          'width': '1em',
          'height': '1em',
          'innerHTML': drawing.body,
        })
      : null
  },
})
