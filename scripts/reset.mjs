// `npm run reset`: the demo as on its first day. A site of anybody's own is never dropped.
import { existsSync, rmSync } from 'node:fs'
import path from 'node:path'
import { checkNode, DATA, ensurePackages } from './machine.mjs'
import { dropDatabase, ensureCluster, sitesIn } from './postgres.mjs'
import { CannotGoOn, run, say } from './say.mjs'
import { anchorHome } from './server-home.mjs'

/** The made-up yard of the demo: see demo/fenmarsh.ts. */
const DEMO_SITE = 'fenmarsh'

await run(async () => {
  checkNode()
  if (process.env.DATABASE_URL)
    throw new CannotGoOn('DATABASE_URL is set: only the database that "npm start" makes by itself is put back. Unset it.')
  await ensurePackages()
  const cluster = await ensureCluster('pg', { preferredPort: 5544 })
  try {
    for (const name of ['zonaris', 'zonaris_dev']) {
      const others = sitesIn(cluster, name).filter(siteId => siteId !== DEMO_SITE)
      if (others.length > 0)
        throw new CannotGoOn(
          `the database ${name} holds a site that is not the demo (${others.join(', ')}): nothing was dropped. Make a backup and drop it yourself if you mean to.`,
        )
    }
    for (const name of ['zonaris', 'zonaris_dev']) dropDatabase(cluster, name)
    for (const folder of [anchorHome().anchors, path.join(DATA, 'dev-anchors')]) if (existsSync(folder)) rmSync(folder, { recursive: true })
    say('The demo is gone with everything done in it; the next start loads it anew.')
  } finally { cluster.stop() }
})
