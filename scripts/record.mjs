// `npm run rebuild` folds every event again into the read tables; `npm run verify` checks chains and seals.
import { spawn } from 'node:child_process'
import { checkNode, ensurePackages, ROOT, tsx } from './machine.mjs'
import { ensureCluster, ensureDatabase } from './postgres.mjs'
import { run } from './say.mjs'
import { anchorHome } from './server-home.mjs'

/** Where the server keeps its anchors, unless the settings say so. */
function withAnchors(env) {
  const { anchors, anchorKey } = anchorHome()
  return { ...env, ZONARIS_ANCHORS: env.ZONARIS_ANCHORS || anchors, ZONARIS_ANCHOR_KEY: env.ZONARIS_ANCHOR_KEY || anchorKey }
}

await run(async () => {
  checkNode()
  await ensurePackages()
  const cluster = process.env.DATABASE_URL ? null : await ensureCluster('pg', { preferredPort: 5544 })
  try {
    const url = process.env.DATABASE_URL || ensureDatabase(cluster, 'zonaris')
    const code = await new Promise(resolve =>
      spawn(process.execPath, tsx('scripts/record.ts', process.argv.slice(2)), {
        cwd: ROOT,
        stdio: 'inherit',
        env: { ...withAnchors(process.env), DATABASE_URL: url },
      }).on('close', resolve),
    )
    if (code !== 0) process.exitCode = 1
  } finally { cluster?.stop() }
})
