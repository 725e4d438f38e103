// `npm run bench`: ratios, each pair measured side by side in one run.
import { spawn } from 'node:child_process'
import { checkNode, ensureBuild, ensurePackages, ROOT, tsx } from './machine.mjs'
import { ensureCluster } from './postgres.mjs'
import { run } from './say.mjs'

await run(async () => {
  checkNode()
  await ensurePackages()
  await ensureBuild()
  const cluster = await ensureCluster('test-pg', { preferredPort: 5644, fast: true })
  try {
    const benches = [
      'shade',
      'rack',
      'burn-off',
      'hall',
      'instruments',
      'class-plan',
      'command',
      'registers',
      'permits',
      'crash',
      'permit-lives',
      'interleavings',
      'page-weight',
      'odd-requests',
      'network',
      'screens',
    ]
    const env = { ...process.env, ZONARIS_TEST_CLUSTER: cluster.url }
    for (const bench of benches) {
      const code = await new Promise(resolve =>
        spawn(process.execPath, tsx(`tests/bench/${bench}.ts`), { cwd: ROOT, stdio: 'inherit', env }).on('close', resolve),
      )
      if (code !== 0) process.exitCode = 1
    }
  } finally { cluster.stop() }
})
