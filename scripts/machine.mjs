import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { chmodSync, existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import net from 'node:net'
import path from 'node:path'
import { fileURLToPath } from 'node:url'
import { CannotGoOn, say } from './say.mjs'

export const ROOT = path.dirname(path.dirname(fileURLToPath(import.meta.url)))
export const DATA = path.join(ROOT, '.data')

export const isRoot = process.getuid?.() === 0

/**
 * Makes our folder for what a run leaves behind: nobody else of this machine looks into it; as root others pass through, to folders of
 * their own.
 */
export function makeData() {
  mkdirSync(DATA, { recursive: true })
  chmodSync(DATA, isRoot ? 0o711 : 0o700)
}

/** Refuses a Node that the locked packages do not run on. */
export function checkNode(version = process.versions.node) {
  const [major, minor] = version.split('.').map(Number)
  const fits = (major === 20 && minor >= 19) || (major === 22 && minor >= 12) || major > 22
  if (!fits) throw new CannotGoOn(`Node ${version} is too old or of the wrong line. Node 20.19 or later, or 22.12 or later, is needed.`)
}

/** Runs a program to its end; its output is shown only when it fails, or when asked for. */
export function runProgram(command, args, { cwd = ROOT, env = process.env, show = false, failing } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd, env, stdio: show ? 'inherit' : ['ignore', 'pipe', 'pipe'] })
    let output = ''
    child.stdout?.on('data', (data) => {
      output += data
    })
    child.stderr?.on('data', (data) => {
      output += data
    })
    child.on('error', reject)
    child.on('close', code => code === 0
      ? resolve(output)
      : reject(new CannotGoOn(`${failing ?? `${command} ${args.join(' ')} failed`}.\n${output.slice(-4000)}`)))
  })
}

/** A digest over files and folders, by their contents. */
export function digest(...names) {
  const hash = createHash('sha256')
  const add = (name) => {
    const full = path.join(ROOT, name)
    if (!existsSync(full)) return
    if (statSync(full).isDirectory()) for (const entry of readdirSync(full).sort()) add(path.join(name, entry))
    else hash.update(name).update('\0').update(readFileSync(full)).update('\0')
  }
  for (const name of names) add(name)
  return hash.digest('hex')
}

const stampFile = name => path.join(DATA, `${name}.stamp`)
export const isStamped = (name, value) => existsSync(stampFile(name)) && readFileSync(stampFile(name), 'utf8') === value
export function stamp(name, value) {
  makeData()
  writeFileSync(stampFile(name), value)
}

/** Installs the node packages when the lock says something else than what is installed. */
export async function ensurePackages() {
  const wanted = digest('package-lock.json', '.npmrc')
  if (existsSync(path.join(ROOT, 'node_modules/.package-lock.json')) && isStamped('packages', wanted)) return
  say('Installing node packages (a minute or two, the first time) ...')
  await runProgram('npm', ['ci', '--no-audit', '--no-fund'], { failing: 'npm ci failed: the node packages could not be installed' })
  stamp('packages', wanted)
}

/** What the production build is made of. */
const BUILT_FROM = [
  'app',
  'core',
  'shared',
  'server',
  'demo',
  'public',
  'scripts/zonaris-verify.mjs',
  'nuxt.config.ts',
  'package-lock.json',
  'tsconfig.json',
]

/** Builds when anything it is made of changed since the last build. */
export async function ensureBuild() {
  const wanted = digest(...BUILT_FROM)
  if (existsSync(path.join(ROOT, '.output/server/index.mjs')) && isStamped('build', wanted)) return
  say('Building (a minute or two) ...')
  const env = { ...process.env, ZONARIS_BUILD_DIR: path.join(DATA, 'nuxt') }
  await runProgram(process.execPath, [path.join(ROOT, 'node_modules/nuxt/bin/nuxt.mjs'), 'build'], { env, failing: 'the build failed' })
  stamp('build', wanted)
}

/** Is there a way to install Debian packages: as root, or with sudo that asks for nothing or can ask? */
function installer() {
  if (!existsSync('/usr/bin/apt-get')) return null
  if (isRoot) return ['apt-get']
  const silent = spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0
  if (silent) return ['sudo', '-n', 'apt-get']
  return process.stdin.isTTY && spawnSync('which', ['sudo'], { stdio: 'ignore' }).status === 0 ? ['sudo', 'apt-get'] : null
}

/** Installs Debian packages, or says plainly that it may not. */
export async function installDebian(what, packages) {
  const apt = installer()
  if (!apt)
    throw new CannotGoOn(
      `${what} is not installed, and this user may not install it. As root: apt-get install --no-install-recommends ${packages.join(' ')}`,
    )
  say(`Installing ${what} from Debian's packages ...`)
  const [command, ...args] = apt
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  await runProgram(command, [...args, 'update', '-qq'], { env }).catch(() =>
    say('The package list could not be refreshed; trying with the one that is there.'),
  )
  await runProgram(command, [...args, 'install', '-y', '-qq', '--no-install-recommends', ...packages], {
    env,
    failing: `${what} could not be installed`,
  })
}

/** Can this address be listened on? */
export function isPortFree(port, host) {
  return new Promise((resolve) => {
    const probe = net.createServer()
    probe.once('error', () => resolve(false))
    probe.listen(port, host, () => probe.close(() => resolve(true)))
  })
}

export async function findFreePort(from, host = '127.0.0.1') {
  for (let port = from; port < from + 200; port++) if (await isPortFree(port, host)) return port
  throw new CannotGoOn(`no free port between ${from} and ${from + 199} on ${host}`)
}

/** Runs a TypeScript program of ours. */
export const tsx = (script, args = []) => [
  path.join(ROOT, 'node_modules/tsx/dist/cli.mjs'),
  '--tsconfig',
  path.join(ROOT, 'tsconfig.scripts.json'),
  path.join(ROOT, script),
  ...args,
]
