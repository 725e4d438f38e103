/** Nuxt UI's components in our own language: square, ruled, heavy; no shadows, no pills. */
export default defineAppConfig({
  ui: {
    button: { slots: { base: 'rounded-none font-bold min-h-14 px-5 text-base justify-center' } },
    input: { slots: { base: 'rounded-none text-base min-h-14 ring-2' } },
    formField: { slots: { label: 'font-bold', error: 'text-base', help: 'text-base text-(--soft) min-h-6' } },
  },
})
