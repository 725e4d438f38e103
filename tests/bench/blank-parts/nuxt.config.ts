/** The same stack and the parts that the Floor loads, drawn by nobody: what those parts weigh by themselves. */
export default defineNuxtConfig({
  modules: ['@nuxt/ui', '@pinia/nuxt'],
  ssr: false,
  devtools: { enabled: false },
  telemetry: false,
  css: ['~/assets/css/main.css'],
  ui: { fonts: false, theme: { colors: ['primary', 'error'], unstyled: true } },
  icon: { provider: 'none', fallbackToApi: false, serverBundle: 'local', clientBundle: { scan: true } },
  compatibilityDate: '2026-05-01',
})
