/**
 * What the parts build their class names with. They carry names of our own drawing (app.config.ts), never the tool's own, so nothing has to
 * be merged: the small edition does, and 9 kB of merging stay out of the first load (nuxt.config.ts puts this in the place of the whole).
 */
export { createTV, cn as cnMerge } from 'tailwind-variants/lite'
