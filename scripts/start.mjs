// `npm start`: everything from a clean clone to a running program, in the order it is needed.
import { spawn } from 'node:child_process'
import { existsSync, readFileSync } from 'node:fs'
import { setTimeout as wait } from 'node:timers/promises'
import { checkNode, ensureBuild, ensurePackages, isPortFree } from './machine.mjs'
import { ensureCluster, ensureDatabase, ensurePostgresInstalled } from './postgres.mjs'
import { prepareSite, saySignIns } from './prepare-site.mjs'
import { CannotGoOn, run, say } from './say.mjs'
import { serverHome } from './server-home.mjs'

const env = process.env
const host = env.HOST || '127.0.0.1'
const port = Number(env.PORT || 3000)
const isLoopback = host === 'localhost' || host === '::1' || host.startsWith('127.')
/** Behind a proxy, or under a public address, loopback is no word for this machine alone. */
const isOnlyHere = isLoopback && env.ZONARIS_TRUST_PROXY !== 'on' && !env.PUBLIC_URL

function readTls() {
  if (!env.TLS_CERT && !env.TLS_KEY) return null
  if (!env.TLS_CERT || !env.TLS_KEY) throw new CannotGoOn('TLS_CERT and TLS_KEY belong together: set both, or neither.')
  for (const name of ['TLS_CERT', 'TLS_KEY'])
    if (!existsSync(env[name])) throw new CannotGoOn(`${name} names ${env[name]}, which is not there.`)
  return { cert: readFileSync(env.TLS_CERT, 'utf8'), key: readFileSync(env.TLS_KEY, 'utf8') }
}

async function isUp(scheme) {
  const address = `${scheme}://${host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host}:${port}/api/v1/health`
  try {
    return (await fetch(address)).ok
  } catch {
    return false
  }
}

/** Waits for the server to answer; over TLS a certificate of our own making cannot be checked, so being alive is enough. */
async function waitUntilUp(server, tls) {
  for (let tries = 0; tries < 150; tries++) {
    if (server.exitCode !== null) throw new CannotGoOn('the server ended before it answered')
    if (tls ? tries > 10 : await isUp('http')) return
    await wait(200)
  }
  throw new CannotGoOn('the server did not answer within 30 seconds')
}

await run(async () => {
  checkNode()
  if (!Number.isInteger(port) || port < 1 || port > 65535) throw new CannotGoOn(`PORT is ${env.PORT}: a number from 1 to 65535 is needed.`)
  const tls = readTls()
  if (!(await isPortFree(port, host)))
    throw new CannotGoOn(`port ${port} on ${host} is taken. Stop what uses it, or choose another: PORT=3001 npm start`)
  // What may be refused is asked first, so that nobody waits for a build to hear it.
  if (!env.DATABASE_URL) await ensurePostgresInstalled()
  await ensurePackages()
  await ensureBuild()

  const cluster = env.DATABASE_URL ? null : await ensureCluster('pg', { preferredPort: 5544 })
  let server
  let stopping = false
  const stop = async () => {
    if (stopping) return
    stopping = true
    if (server && server.exitCode === null) {
      const ended = new Promise(resolve => server.once('close', resolve))
      server.kill('SIGTERM')
      await ended
    }
    cluster?.stop()
  }
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop())

  try {
    const url = env.DATABASE_URL || ensureDatabase(cluster, 'zonaris')
    const servingUrl = cluster ? `${cluster.servingUrl}/zonaris` : env.ZONARIS_SERVING_URL || url
    const { applied, servingRole, servesAsSuperuser, sessionSecret, signIns, firstRunCode } = await prepareSite(url, servingUrl)
    if (applied.length > 0) say(`Database brought up to date: ${applied.join(', ')}.`)
    if (servingRole === null)
      say(
        'This DATABASE_URL may not make or use the role zonaris_app: triggers alone keep the record append-only. Ask the database\'s owner for that role.',
      )
    if (servesAsSuperuser) {
      say(
        'This DATABASE_URL is a superuser\'s: whoever breaks into the server owns the database. Make a login that may only become zonaris_app, and name it in ZONARIS_SERVING_URL.',
      )
    }
    if (stopping) return
    const home = serverHome()
    const publicUrl = env.PUBLIC_URL || `${tls ? 'https' : 'http'}://${host}:${port}`
    server = spawn(process.execPath, [home.server], {
      ...home.as,
      cwd: home.cwd,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: {
        ...env,
        NODE_ENV: 'production',
        DATABASE_URL: servingUrl,
        ZONARIS_ANCHORS: env.ZONARIS_ANCHORS || home.anchors,
        ZONARIS_ANCHOR_KEY: env.ZONARIS_ANCHOR_KEY || home.anchorKey,
        ZONARIS_ROLE: servingRole ?? 'none',
        ZONARIS_DEMO_SIGN_INS: isOnlyHere ? 'allow' : 'refuse',
        NITRO_HOST: host,
        NITRO_PORT: String(port),
        NITRO_SHUTDOWN_TIMEOUT: '2000',
        NUXT_SESSION_PASSWORD: sessionSecret,
        NUXT_SESSION_COOKIE_SECURE: String(publicUrl.startsWith('https:')),
        ...tls ? { NITRO_SSL_CERT: tls.cert, NITRO_SSL_KEY: tls.key } : {},
      },
    })
    await waitUntilUp(server, tls)
    say(`\nZonaris is at ${publicUrl}`)
    if (isOnlyHere) saySignIns(signIns)
    if (signIns.length > 0 && !isOnlyHere)
      say(`\nHOST is ${host}${isLoopback ? ', and others reach it from elsewhere' : ''}: the demo sign-ins are refused there.`)
    if (firstRunCode) say(`\nNo site yet. Open ${publicUrl}/first-run with this code, once: ${firstRunCode}`)
    if (!isLoopback && !publicUrl.startsWith('https:'))
      say(
        '\nWithout TLS, phones keep no offline copy, camera, notifications or wake lock: set TLS_CERT and TLS_KEY, or put a proxy in front (PUBLIC_URL).',
      )
    say('\nCtrl-C stops it.')
    await new Promise(resolve => server.once('close', resolve))
    if (!stopping) throw new CannotGoOn('the server ended by itself')
  } finally { await stop() }
})
