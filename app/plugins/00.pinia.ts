import { createPinia, setActivePinia } from 'pinia'

/**
 * The stores of the page. The package's own plugin does this too, and for pages drawn on a server, and by the way it asks for its helpers
 * it carries 6 kB of fetching that nobody here calls (nuxt.config.ts leaves it out).
 */
export default defineNuxtPlugin({
  name: 'pinia',
  setup({ vueApp }) {
    const pinia = createPinia()
    vueApp.use(pinia)
    setActivePinia(pinia)
  },
})
