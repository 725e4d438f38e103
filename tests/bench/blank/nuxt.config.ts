/** The same stack with only a heading: what every page weight is measured against. */
export default defineNuxtConfig({
  modules: ['@nuxt/ui', '@pinia/nuxt'],
  ssr: false,
  devtools: { enabled: false },
  telemetry: false,
  css: ['~/assets/css/main.css'],
  ui: { fonts: false },
  icon: { provider: 'none', fallbackToApi: false, serverBundle: 'local', clientBundle: { scan: true } },
  compatibilityDate: '2026-05-01',
})
