import { spawnSync } from 'node:child_process'
import path from 'node:path'

/** The properties of a permit's life over a million random steps: the same laws as the unit tests, for longer. */
const root = path.resolve(import.meta.dirname, '../..')
const LIVES = 30_000
const { status } = spawnSync(
  process.execPath,
  [
    path.join(root, 'node_modules/vitest/vitest.mjs'),
    'run',
    'tests/unit/hotwork/permit-life.properties.test.ts',
    '--project',
    'core',
    '--testTimeout=600000',
    '--reporter=dot',
  ],
  { cwd: root, stdio: ['ignore', 'ignore', 'inherit'], env: { ...process.env, PERMIT_RUNS: String(LIVES * 4) } },
)
process.stdout.write(
  `${status === 0 ? 'kept  ' : 'MISSED'} laws of a permit's life: ${LIVES} random lives for each of four laws, up to 40 steps each\n`,
)
process.exitCode = status ?? 1
