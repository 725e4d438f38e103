import { fileURLToPath } from 'node:url'
import type { Nuxt } from 'nuxt/schema'

const core = fileURLToPath(new URL('./core', import.meta.url))
/** What Nuxt UI's parts may draw of its icons where ours keep them: what opens a choice, ticks it, finds and empties it, takes a file. */
const DRAWN_ICONS = new Set(['chevron-down', 'check', 'x', 'search', 'upload', 'file'].map(name => `lucide:${name}`))
/** Nuxt UI ships an icon for every part it has. Asked after it has said which. */
function shipDrawnIcons(_options: object, nuxt: Nuxt): void {
  nuxt.hook('icon:clientBundleIcons', (icons) => {
    for (const icon of icons) if (!DRAWN_ICONS.has(icon)) icons.delete(icon)
  })
}

export default defineNuxtConfig({
  modules: ['@nuxt/ui', '@pinia/nuxt', '@nuxt/eslint', 'nuxt-auth-utils', 'nuxt-security', shipDrawnIcons],

  // Without it the development server of a program that renders in the browser only finds no entry.
  $development: { experimental: { viteEnvironmentApi: true } },

  // One page that lives all shift on a shop tablet, judges with the core in the browser and keeps unsent work:
  // see docs/decisions/0004-browser-only-rendering.md.
  ssr: false,

  // A part is called by the name of its file, wherever it stands; its name begins with its area.
  components: [
    { path: '~/areas', pathPrefix: false, extensions: ['vue'] },
    { path: '~/frame', pathPrefix: false, extensions: ['vue'] },
  ],
  imports: {
    dirs: ['frame', 'areas/**'],
    imports: [{ name: 'words', from: '~/words/vocabulary' }],
    // What is called in a sentence's blanks is no part of the house: a blank named as a function is would import it.
    transform: { exclude: [/\/app\/words\//] },
  },
  devtools: { enabled: false },

  app: {
    head: {
      htmlAttrs: { lang: 'en' },
      title: 'Zonaris',
      meta: [{ name: 'viewport', content: 'width=device-width, initial-scale=1' }],
    },
  },

  css: ['~/assets/css/main.css'],

  colorMode: { preference: 'system', fallback: 'light', storageKey: 'zonaris-look' },
  // Parts bring their build and their behaviour, and nothing of a look: that is ours (app/app.config.ts, assets/css).
  ui: { fonts: false, theme: { colors: ['primary', 'error'], unstyled: true }, experimental: { componentDetection: true } },

  runtimeConfig: {
    // Sessions end after 14 hours (server/http.ts), but not while somebody is on fire watch: the cookie lasts longer. NUXT_SESSION_PASSWORD
    // and NUXT_SESSION_COOKIE_SECURE, set by the start script.
    session: { password: '', name: 'zonaris-session', maxAge: 36 * 3600, cookie: { sameSite: 'lax', secure: true } },
  },

  // A build may be made beside a type check, which reads what `nuxt prepare` left in .nuxt: it has a room of its own.
  buildDir: process.env.ZONARIS_BUILD_DIR ?? '.nuxt',
  alias: { '#core': core },

  routeRules: {
    '/api/**': { headers: { 'cache-control': 'no-store' } },
  },
  // No page is drawn on the server: what would read its payload back need not be carried.
  experimental: { renderJsonPayloads: false },

  compatibilityDate: '2026-05-01',

  nitro: {
    compressPublicAssets: { gzip: true, brotli: true },
    // The check of an exported record runs with nothing but Node, and within the server: here it is part of the bundle.
    externals: {
      inline: [fileURLToPath(new URL('./scripts/zonaris-verify.mjs', import.meta.url))],
      // Run beside the server, it is asked for by name at run time: wherever the build is copied to, it goes with it.
      traceInclude: ['highs.js', 'highs.wasm'].map(file => fileURLToPath(new URL(`./node_modules/highs/build/${file}`, import.meta.url))),
    },
    typescript: { tsConfig: { include: ['../core/**/*'] } },
  },

  vite: {
    // Every part here and in the packages is a setup function: what reads the other way of writing one need not be carried.
    vue: { features: { optionsAPI: false } },
    worker: { format: 'es' },
    resolve: { alias: [
      { find: /^tailwind-variants$/, replacement: fileURLToPath(new URL('./app/classNames.ts', import.meta.url)) },
      {
        find: /^@nuxt\/icon\/runtime\/components\/index\.js$/,
        replacement: fileURLToPath(new URL('./app/drawnIcon.ts', import.meta.url)),
      },
    ] },
  },

  typescript: {
    strict: true,
    // A part that nobody made draws nothing and says nothing: it does not compile.
    tsConfig: { include: ['../core/**/*'], vueCompilerOptions: { checkUnknownComponents: true } },
    sharedTsConfig: { include: ['../core/**/*'] },
  },
  telemetry: false,

  hooks: {
    // Shades of colours that nothing here is painted with: our inks are variables of our own (assets/css/tokens.css). A way to fetch icons
    // that are not shipped: none is (app/drawnIcon.ts). A session asked for before anything is drawn, which no page reads: ours is asked
    // for in stores/session.ts. And the stores as a page drawn on a server has them (app/plugins/00.pinia.ts).
    'app:resolve': (app) => {
      const unused = [
        '@nuxt/ui/dist/runtime/plugins/colors', '@nuxt/icon/dist/runtime/plugin', '@pinia/nuxt/dist/runtime/plugin',
        'nuxt-auth-utils/dist/runtime/app/plugins/session.client',
      ]
      app.plugins = app.plugins.filter(({ src }) => !unused.some(plugin => src.includes(plugin)))
    },
    // A page asks ahead for the parts that may come next; the other language is asked for by whoever speaks it.
    'build:manifest': (manifest) => {
      for (const chunk of Object.values(manifest)) chunk.dynamicImports = chunk.dynamicImports?.filter(file => !file.includes('words/es'))
    },
  },

  eslint: { config: { stylistic: { braceStyle: '1tbs', arrowParens: false, quoteProps: 'consistent' } } },
  icon: { provider: 'none', fallbackToApi: false, serverBundle: 'local', clientBundle: { scan: true, sizeLimitKb: 64 } },

  security: {
    headers: {
      contentSecurityPolicy: {
        'base-uri': ['\'none\''],
        'default-src': ['\'self\''],
        'connect-src': ['\'self\''],
        'font-src': ['\'self\''],
        'img-src': ['\'self\'', 'data:'],
        'object-src': ['\'none\''],
        'script-src': ['\'self\'', '\'nonce-{{nonce}}\'', '\'strict-dynamic\''],
        'script-src-attr': ['\'none\''],
        'style-src': ['\'self\'', '\'unsafe-inline\''],
        'worker-src': ['\'self\'', 'blob:'],
        'frame-ancestors': ['\'none\''],
        'form-action': ['\'self\''],
        'manifest-src': ['\'self\''],
        'upgrade-insecure-requests': false,
      },
      strictTransportSecurity: false,
      crossOriginEmbedderPolicy: false,
    },
    // Counted by ourselves (server/limits.ts): theirs believes an address that anybody can write.
    rateLimiter: false,
    // Text is data here and is escaped when shown; a filter on the way in would only lose what people wrote.
    xssValidator: false,
    corsHandler: false,
    requestSizeLimiter: { maxRequestSizeInBytes: 2_000_000, maxUploadFileRequestInBytes: 2_000_000 },
  },
})
