// As whom, from where, and with which folders of its own the server runs.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { chmodSync, cpSync, existsSync, mkdirSync, rmSync, statSync } from 'node:fs'
import path from 'node:path'
import { DATA, isRoot, makeData, ROOT } from './machine.mjs'
import { say } from './say.mjs'

/** Whoever serves when root starts: it owns its anchors and their key, and nothing else of the machine. */
const USER = 'zonaris'
/** Where root keeps what that user may reach, when it may not enter our own folder; apart for each copy of the program. */
const ELSEWHERE = path.join('/var/lib/zonaris', createHash('sha256').update(ROOT).digest('hex').slice(0, 12))

const idOf = (flag) => {
  const { status, stdout } = spawnSync('id', [flag, USER], { encoding: 'utf8' })
  return status === 0 ? Number(stdout.trim()) : null
}

/** The system user that serves, made when it is not there; null where it cannot be made. */
function servingUser() {
  if (idOf('-u') === null) spawnSync('useradd', ['--system', '--no-create-home', '--shell', '/usr/sbin/nologin', USER], { stdio: 'ignore' })
  const [uid, gid] = [idOf('-u'), idOf('-g')]
  return uid === null || gid === null ? null : { uid, gid }
}

const reaches = (test, file) => spawnSync('runuser', ['-u', USER, '--', 'test', test, file], { cwd: '/', stdio: 'ignore' }).status === 0

/** A folder of root's that others pass through and nobody lists. */
function passThrough(folder) {
  mkdirSync(folder, { recursive: true })
  for (const one of [path.dirname(folder), folder]) chmodSync(one, 0o711)
}

/** A folder that belongs to the server's user alone. */
function ownFolder(folder, { uid, gid }) {
  mkdirSync(folder, { recursive: true })
  spawnSync('chown', ['-R', `${uid}:${gid}`, folder])
  chmodSync(folder, 0o700)
  return folder
}

const places = folder => ({ anchors: path.join(folder, 'anchors'), anchorKey: path.join(folder, 'anchor-key', 'anchor-key.pem') })

/** Where anchors and their key are, for whoever looks after the record: beside the database's files, or where root put them. */
export function anchorHome() {
  const elsewhere = places(ELSEWHERE)
  return isRoot && existsSync(elsewhere.anchors) ? elsewhere : places(DATA)
}

/** The build where that user can read it: ours, or a copy made anew when ours is another. */
function reachableServer() {
  const ours = path.join(ROOT, '.output')
  const entry = path.join(ours, 'server/index.mjs')
  if (reaches('-r', entry)) return entry
  const copy = path.join(ELSEWHERE, 'output')
  const copied = path.join(copy, 'server/index.mjs')
  if (!existsSync(copied) || statSync(copied).mtimeMs < statSync(entry).mtimeMs) {
    rmSync(copy, { recursive: true, force: true })
    passThrough(ELSEWHERE)
    cpSync(ours, copy, { recursive: true })
    // Only what was copied: beside it lies what others must not read.
    spawnSync('chmod', ['-R', 'a+rX', copy])
  }
  return copied
}

/**
 * Root starts, somebody else serves: whoever breaks into the server is then nobody on the machine.
 *
 * @returns the program, its working folder, the user to run as (nothing, for an ordinary user), and where its anchors are
 */
export function serverHome() {
  makeData()
  const asIs = { as: {}, cwd: ROOT, server: path.join(ROOT, '.output/server/index.mjs'), ...places(DATA) }
  if (!isRoot) return asIs
  const user = servingUser()
  if (!user) {
    say(`Root serves: the user ${USER} could not be made. Start as an ordinary user instead.`)
    return asIs
  }
  if (!reaches('-x', process.execPath)) {
    say(
      `Root serves: the user ${USER} may not run ${process.execPath}. Install Node where everybody reaches it, or start as an ordinary user.`,
    )
    return asIs
  }
  const server = reachableServer()
  const folder = reaches('-x', DATA) ? DATA : ELSEWHERE
  if (folder === ELSEWHERE) passThrough(ELSEWHERE)
  const own = places(folder)
  ownFolder(own.anchors, user)
  ownFolder(path.dirname(own.anchorKey), user)
  return { as: user, cwd: '/', server, ...own }
}
