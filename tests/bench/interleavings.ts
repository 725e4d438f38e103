import { spawnSync } from 'node:child_process'
import path from 'node:path'

/**
 * Two and three commands at once over a small shop, for longer than the tests look: thousands of meetings, and pairs held against both
 * orders.
 */
const root = path.resolve(import.meta.dirname, '../..')
const [MEETINGS, PAIRS] = [5_000, 100]
const { status } = spawnSync(
  process.execPath,
  [
    path.join(root, 'node_modules/vitest/vitest.mjs'),
    'run',
    'tests/server/interleaving.test.ts',
    '--project',
    'server',
    '--reporter=dot',
  ],
  {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, ZONARIS_MEETINGS: String(MEETINGS), ZONARIS_PAIRS: String(PAIRS) },
  },
)
process.stdout.write(
  `${status === 0 ? 'kept  ' : 'MISSED'} two at once: ${MEETINGS} meetings answered by yes or no alone, ${PAIRS} pairs that ended as one after the other\n`,
)
process.exitCode = status ?? 1
