// `npm run backup -- FILE` writes one file; `npm run restore -- FILE` brings it back into an empty place and verifies it.
import { checkNode, ensurePackages, isRoot, ROOT, tsx } from './machine.mjs'
import { backup, programsOf, restore, runScript } from './backup-file.mjs'
import { ensureCluster, ensureDatabase } from './postgres.mjs'
import { CannotGoOn, run, say } from './say.mjs'
import { anchorHome, serverHome } from './server-home.mjs'

const [what, file] = process.argv.slice(2)

await run(async () => {
  checkNode()
  await ensurePackages()
  if (!file || (what !== 'backup' && what !== 'restore'))
    throw new CannotGoOn('say which file: npm run backup -- shop.backup, or npm run restore -- shop.backup')
  const cluster = process.env.DATABASE_URL ? null : await ensureCluster('pg', { preferredPort: 5544 })
  try {
    const url = process.env.DATABASE_URL || ensureDatabase(cluster, 'zonaris')
    const bin = programsOf(cluster)
    if (what === 'backup') {
      await backup({ url, bin, anchors: process.env.ZONARIS_ANCHORS || anchorHome().anchors, file })
      say(`Written to ${file}. It holds names and health records: keep it where only the safety lead reads.`)
      return
    }
    const anchors = process.env.ZONARIS_ANCHORS || (isRoot ? serverHome().anchors : anchorHome().anchors)
    const { madeAt, settings } = await restore({ url, bin, anchors, file })
    say(`Restored what was there at ${madeAt}.`)
    const wanted = Object.entries(settings).map(([name, value]) => `${name}=${value}`).join(' ')
    if (wanted) say(`It ran with ${wanted}`)
    const env = { ...process.env, DATABASE_URL: url, ZONARIS_ANCHORS: anchors }
    const code = await runScript(process.execPath, tsx('scripts/record.ts', ['verify']), { cwd: ROOT, stdio: 'inherit', env })
    if (isRoot) serverHome()
    if (code !== 0) throw new CannotGoOn('what was restored does not stand: see above')
  } finally { cluster?.stop() }
})
