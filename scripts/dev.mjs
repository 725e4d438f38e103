// `npm run dev`: database, demo and hot reload in one command, on a database of its own.
import { spawn } from 'node:child_process'
import path from 'node:path'
import { checkNode, DATA, ensurePackages, isPortFree, ROOT } from './machine.mjs'
import { ensureCluster, ensureDatabase } from './postgres.mjs'
import { prepareSite, saySignIns } from './prepare-site.mjs'
import { CannotGoOn, run, say } from './say.mjs'

const port = Number(process.env.PORT || 3000)

await run(async () => {
  checkNode()
  if (!(await isPortFree(port, '127.0.0.1')))
    throw new CannotGoOn(`port ${port} is taken. Stop what uses it, or choose another: PORT=3001 npm run dev`)
  await ensurePackages()
  const cluster = await ensureCluster('pg', { preferredPort: 5544 })
  let server
  const stop = () => server?.kill('SIGTERM')
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, stop)
  try {
    const name = 'zonaris_dev'
    const { servingRole, sessionSecret, signIns } = await prepareSite(ensureDatabase(cluster, name), `${cluster.servingUrl}/${name}`)
    saySignIns(signIns)
    say(`\nhttp://127.0.0.1:${port} reloads as you type. Ctrl-C stops it.`)
    server = spawn(
      process.execPath,
      [path.join(ROOT, 'node_modules/nuxt/bin/nuxt.mjs'), 'dev', '--host', '127.0.0.1', '--port', String(port)],
      {
        cwd: ROOT,
        stdio: ['ignore', 'inherit', 'inherit'],
        env: {
          ...process.env,
          DATABASE_URL: `${cluster.servingUrl}/${name}`,
          ZONARIS_ROLE: servingRole ?? 'none',
          ZONARIS_DEMO_SIGN_INS: 'allow',
          ZONARIS_ANCHORS: path.join(DATA, 'dev-anchors'),
          ZONARIS_ANCHOR_KEY: path.join(DATA, 'dev-anchor-key', 'anchor-key.pem'),
          NUXT_SESSION_PASSWORD: sessionSecret,
          NUXT_SESSION_COOKIE_SECURE: 'false',
        },
      },
    )
    await new Promise(resolve => server.once('close', resolve))
  } finally { cluster.stop() }
})
