import { spawnSync } from 'node:child_process'
import { chmodSync, existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { DATA, findFreePort, installDebian, isRoot } from './machine.mjs'
import { CannotGoOn, say } from './say.mjs'

const OWNER = 'zonaris'
const VERSIONS = '/usr/lib/postgresql'

function binFolder() {
  if (!existsSync(VERSIONS)) return null
  const newest = readdirSync(VERSIONS).filter(version => existsSync(path.join(VERSIONS, version, 'bin/initdb'))).sort((a, b) => Number(b) - Number(a))[0]
  return newest ? path.join(VERSIONS, newest, 'bin') : null
}

/** PostgreSQL's programs, installed from Debian's packages if need be, without the cluster Debian would make and start. */
export async function ensurePostgresInstalled() {
  const found = binFolder()
  if (found) return found
  if (isRoot) {
    mkdirSync('/etc/postgresql-common/createcluster.d', { recursive: true })
    writeFileSync('/etc/postgresql-common/createcluster.d/no-main.conf', 'create_main_cluster = false\n')
  }
  else {
    spawnSync('sudo', ['-n', 'sh', '-c', 'mkdir -p /etc/postgresql-common/createcluster.d && echo "create_main_cluster = false" > /etc/postgresql-common/createcluster.d/no-main.conf'], { stdio: 'ignore' })
  }
  await installDebian('PostgreSQL', ['postgresql'])
  const installed = binFolder()
  if (!installed) throw new CannotGoOn('PostgreSQL was installed but its programs are not under /usr/lib/postgresql')
  return installed
}

/** Root may not run PostgreSQL: it steps down to Debian's postgres user. Started from / since that user may not enter our folder. */
function asOwner(program, args, options = {}) {
  const [command, all] = isRoot ? ['runuser', ['-u', 'postgres', '--', program, ...args]] : [program, args]
  return spawnSync(command, all, { cwd: '/', encoding: 'utf8', ...options })
}

/** A folder that the server's user can reach: ours, or one under /var/lib where a parent of ours shuts that user out. */
function reachableFolder(name) {
  const ours = path.join(DATA, name)
  if (!isRoot) {
    mkdirSync(ours, { recursive: true, mode: 0o700 })
    return ours
  }
  for (const folder of [ours, path.join('/var/lib/zonaris', name)]) {
    mkdirSync(folder, { recursive: true })
    spawnSync('chown', ['postgres:postgres', folder])
    chmodSync(folder, 0o700)
    if (asOwner('test', ['-w', folder]).status === 0) return folder
  }
  throw new CannotGoOn('the user postgres can reach neither .data nor /var/lib/zonaris')
}

/**
 * A cluster of our own on loopback: made once, started when it is not running.
 *
 * @param name folder under .data; `fast` gives up durability, for tests
 * @returns its address without a database name, and how to stop it (nothing, if it was running before us)
 */
export async function ensureCluster(name, { preferredPort, fast = false }) {
  const bin = await ensurePostgresInstalled()
  const folder = reachableFolder(name)
  const program = file => path.join(bin, file)
  if (!isFileFor(folder, 'PG_VERSION')) {
    say(`Making a PostgreSQL cluster in ${path.relative(process.cwd(), folder) || folder} ...`)
    const made = asOwner(program('initdb'), ['-D', folder, '-U', OWNER, '-A', 'trust', '-E', 'UTF8', '--locale=C.UTF-8', '--no-instructions'])
    if (made.status !== 0) throw new CannotGoOn(`the database cluster could not be made.\n${made.stderr}`)
  }
  const portFile = path.join(DATA, `${name}.port`)
  const isRunning = asOwner(program('pg_ctl'), ['-D', folder, 'status']).status === 0
  if (isRunning && existsSync(portFile)) return { url: urlAt(readFileSync(portFile, 'utf8')), bin, stop: () => {} }
  if (isRunning) asOwner(program('pg_ctl'), ['-D', folder, '-m', 'fast', '-w', 'stop'])
  const port = await findFreePort(preferredPort)
  const settings = ['-c listen_addresses=127.0.0.1', `-c port=${port}`, "-c unix_socket_directories=''", '-c max_connections=60',
    ...fast ? ['-c fsync=off', '-c synchronous_commit=off', '-c full_page_writes=off'] : []]
  const log = path.join(folder, 'server.log')
  const started = asOwner(program('pg_ctl'), ['-D', folder, '-l', log, '-o', settings.join(' '), '-w', '-t', '60', 'start'], { stdio: 'ignore' })
  if (started.status !== 0) throw new CannotGoOn(`PostgreSQL did not start. Its log is ${log}.`)
  writeFileSync(portFile, String(port))
  return { url: urlAt(port), bin, stop: () => { asOwner(program('pg_ctl'), ['-D', folder, '-m', 'fast', '-w', 'stop'], { stdio: 'ignore' }) } }
}

/** Ends a cluster of ours without a checkpoint, as a crash would: the next start recovers. For the crash test. */
export async function stopHard(name) {
  const bin = await ensurePostgresInstalled()
  asOwner(path.join(bin, 'pg_ctl'), ['-D', reachableFolder(name), '-m', 'immediate', '-w', 'stop'], { stdio: 'ignore' })
}

const urlAt = port => `postgres://${OWNER}@127.0.0.1:${port}`

/** As root the folder belongs to another user; a test by that user is always right. */
const isFileFor = (folder, file) => asOwner('test', ['-f', path.join(folder, file)]).status === 0

/** Makes a database in our own cluster when it is not there. */
export function ensureDatabase({ url, bin }, name) {
  const psql = query => asOwner(path.join(bin, 'psql'), ['-Atqc', query, `${url}/postgres`])
  const there = psql(`select 1 from pg_database where datname = '${name}'`)
  if (there.status !== 0) throw new CannotGoOn(`the database server does not answer.\n${there.stderr}`)
  if (there.stdout.trim() === '1') return `${url}/${name}`
  const made = psql(`create database "${name}"`)
  if (made.status !== 0) throw new CannotGoOn(`the database ${name} could not be made.\n${made.stderr}`)
  return `${url}/${name}`
}
