import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))

const alias = { '#core': at('./core'), '#shared': at('./shared'), '#server': at('./server'), '~': at('./app') }

// Files of one worker share what they import: loading it anew for each file cost half of the time, and what little a module keeps is of
// no file's doing. Left to itself, the tool runs one worker on two cores.
const shared = { environment: 'node', isolate: false } as const

export default defineConfig({
  resolve: { alias },
  test: {
    maxWorkers: 2,
    projects: [
      {
        resolve: { alias },
        test: {
          ...shared,
          name: 'core',
          setupFiles: ['tests/unit/whole-findings.ts'],
          include: ['tests/unit/**/*.test.ts', 'tests/reference/**/*.test.ts'],
          // A slow answer is not a wrong one: the longest take 2 s, and the machine may be three times slower or have other work.
          testTimeout: 30_000,
        },
      },
      {
        resolve: { alias },
        test: {
          ...shared,
          name: 'server',
          env: { ZONARIS_LOG: 'silent' },
          include: ['tests/server/**/*.test.ts'],
          globalSetup: ['tests/server/template-database.ts'],
          testTimeout: 30_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
})
