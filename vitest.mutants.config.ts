import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(`./${path}`, import.meta.url))

/**
 * Tests of whole shops and long lives reach nearly every line: without them a change is put to the tests of its own piece, and a run takes
 * a third.
 */
const WHOLE_SHOPS = [
  'tests/unit/never-clear/laws.test.ts',
  'tests/unit/shop/**',
  'tests/unit/ventilation/hall.properties.test.ts',
  'tests/unit/hotwork/permit-life.properties.test.ts',
  'tests/unit/air/**',
]

/**
 * The tests of the deciding code alone, without the long property that forgets: a mutant meets each test that reaches it.
 * `ZONARIS_MUTANTS_SHOPS=on` asks whole shops too.
 */
export default defineConfig({
  // The sandbox has no .nuxt, and the tsconfig of the house points there: this stands in for it.
  esbuild: { tsconfigRaw: '{"compilerOptions":{"target":"es2022","useDefineForClassFields":true}}' },
  resolve: { alias: { '#core': at('core'), '#shared': at('shared'), '#server': at('server') } },
  test: {
    environment: 'node',
    setupFiles: ['tests/unit/whole-findings.ts', 'tests/unit/fewer-runs.ts'],
    include: ['tests/unit/**/*.test.ts', 'tests/reference/**/*.test.ts'],
    exclude: [
      'tests/unit/never-clear/forgetting.test.ts',
      'tests/unit/messages/**',
      'tests/unit/schemas/**',
      'tests/unit/setup-machine.test.ts',
      'tests/unit/standins/**',
      ...(process.env.ZONARIS_MUTANTS_SHOPS === 'on' ? [] : WHOLE_SHOPS),
    ],
  },
})
