import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))

const alias = { '#core': at('./core'), '#shared': at('./shared'), '#server': at('./server') }

export default defineConfig({
  resolve: { alias },
  test: {
    projects: [
      { resolve: { alias }, test: { name: 'core', environment: 'node', setupFiles: ['tests/unit/whole-findings.ts'], include: ['tests/unit/**/*.test.ts', 'tests/reference/**/*.test.ts'] } },
      {
        resolve: { alias },
        test: { name: 'server', environment: 'node', env: { ZONARIS_LOG: 'silent' }, include: ['tests/server/**/*.test.ts'], globalSetup: ['tests/server/template-database.ts'], testTimeout: 30_000, hookTimeout: 60_000 },
      },
    ],
  },
})
