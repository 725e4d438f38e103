// One file with everything a shop is: the database, the anchors outside it, and how it was set up.
import { spawn, spawnSync } from 'node:child_process'
import { cpSync, existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { CannotGoOn } from './say.mjs'

/** How the program was set up, as far as it may be written down: no passwords, no keys. */
const SETTINGS = ['HOST', 'PORT', 'PUBLIC_URL', 'ZONARIS_DEMO', 'ZONARIS_TRUST_PROXY', 'ZONARIS_ANCHOR_POST', 'ZONARIS_LOG']
const DATABASE = 'database.dump'
const MANIFEST = 'manifest.json'
const FORMAT = 1

/** Passwords go through the environment: whoever lists the machine's programs reads their arguments. */
function connectionOf(url) {
  const { hostname, port, username, password, pathname } = new URL(url)
  return {
    args: ['-h', hostname, '-p', port || '5432', '-U', decodeURIComponent(username), '-d', decodeURIComponent(pathname.slice(1))],
    env: { ...process.env, PGPASSWORD: decodeURIComponent(password) },
  }
}

function must(what, command, args, options = {}) {
  const { status, stderr, error } = spawnSync(command, args, { encoding: 'utf8', ...options })
  if (status !== 0) throw new CannotGoOn(`${what} failed.\n${stderr || error?.message || ''}`)
}

/** Runs work in a folder of its own that nobody else reads, and that is gone after it. */
async function inRoom(work) {
  const room = mkdtempSync(path.join(tmpdir(), 'zonaris-backup-'))
  try {
    return await work(room)
  } finally {
    rmSync(room, { recursive: true, force: true })
  }
}

/**
 * Writes a backup.
 *
 * @param url the database, for a login that reads all of it
 * @param bin where PostgreSQL's programs are
 * @param anchors the folder of the anchors; the private key that signs them is not among them, and not in the backup
 * @param file where to; it must not be there yet
 */
export const backup = ({ url, bin, anchors, file, now = new Date() }) =>
  inRoom((room) => {
    if (existsSync(file)) throw new CannotGoOn(`${file} is there already: a backup writes over none.`)
    const { args, env } = connectionOf(url)
    must(
      'The dump of the database',
      path.join(bin, 'pg_dump'),
      [...args, '--format=custom', '--no-owner', `--file=${path.join(room, DATABASE)}`],
      { env },
    )
    mkdirSync(path.join(room, 'anchors'))
    if (existsSync(anchors)) cpSync(anchors, path.join(room, 'anchors'), { recursive: true })
    const settings = Object.fromEntries(SETTINGS.flatMap(name => (process.env[name] ? [[name, process.env[name]]] : [])))
    writeFileSync(path.join(room, MANIFEST), JSON.stringify({ format: FORMAT, madeAt: now.toISOString(), settings }, null, 2))
    writeFileSync(file, '', { mode: 0o600, flag: 'wx' })
    must('Packing the backup', 'tar', ['-czf', file, '-C', room, MANIFEST, DATABASE, 'anchors'])
  })

/** Is there anything in this database that a restore would mix with? */
function isEmpty(bin, { args, env }) {
  const { status, stdout, stderr } = spawnSync(
    path.join(bin, 'psql'),
    [...args, '-AtqX', '-c', 'select count(*) from pg_class where relnamespace = \'public\'::regnamespace'],
    { env, encoding: 'utf8' },
  )
  if (status !== 0) throw new CannotGoOn(`The database cannot be reached.\n${stderr}`)
  return stdout.trim() === '0'
}

/**
 * Restores a backup into an empty place.
 *
 * @param url an empty database, for its owner
 * @param anchors the folder for the anchors: empty, or not there
 * @returns when it was made, and how that program was set up
 */
export const restore = ({ url, bin, anchors, file }) =>
  inRoom((room) => {
    if (!existsSync(file)) throw new CannotGoOn(`${file} is not there.`)
    must('Unpacking the backup', 'tar', ['-xzf', path.resolve(file), '-C', room])
    const { format, madeAt, settings } = JSON.parse(readFileSync(path.join(room, MANIFEST), 'utf8'))
    if (format !== FORMAT) throw new CannotGoOn(`This backup has format ${format}; this program knows ${FORMAT}.`)
    const connection = connectionOf(url)
    if (!isEmpty(bin, connection))
      throw new CannotGoOn(
        'The database is not empty. A backup is restored into an empty one, so that nothing of it is mixed with anything.',
      )
    if (existsSync(anchors) && readdirSync(anchors).some(name => name.endsWith('.anchors.jsonl')))
      throw new CannotGoOn(`There are anchors in ${anchors}. Put them aside first: they are of another record.`)
    must(
      'Restoring the database',
      path.join(bin, 'pg_restore'),
      [...connection.args, '--no-owner', '--no-privileges', '--exit-on-error', '--single-transaction', path.join(room, DATABASE)],
      { env: connection.env },
    )
    mkdirSync(anchors, { recursive: true, mode: 0o700 })
    cpSync(path.join(room, 'anchors'), anchors, { recursive: true })
    return { madeAt, settings }
  })

/** PostgreSQL's own programs where a database is given from elsewhere: the newest of this machine. */
export function programsOf(cluster) {
  if (cluster) return cluster.bin
  const found = spawnSync('sh', ['-c', 'ls -d /usr/lib/postgresql/*/bin | sort -V | tail -1'], { encoding: 'utf8' }).stdout.trim()
  if (!found)
    throw new CannotGoOn(
      'PostgreSQL\'s programs are not under /usr/lib/postgresql: install the client package of your database\'s version.',
    )
  return found
}

/** Runs a script in TypeScript to its end. */
export const runScript = (command, args, options) => new Promise(resolve => spawn(command, args, options).on('close', resolve))
