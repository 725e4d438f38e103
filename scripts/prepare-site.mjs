// What a start does before it serves, whichever server it is; and what it tells whoever started it.
import { spawn } from 'node:child_process'
import { ROOT, tsx } from './machine.mjs'
import { CannotGoOn, say } from './say.mjs'

/** Migrates, makes the shared secret, loads the demo once or offers the first run: runs scripts/prepare.ts and reads the line it prints. */
export function prepareSite(url, servingUrl) {
  return new Promise((resolve, reject) => {
    const env = { ...process.env, DATABASE_URL: url, ZONARIS_SERVING_URL: servingUrl }
    const child = spawn(process.execPath, tsx('scripts/prepare.ts'), { cwd: ROOT, env, stdio: ['ignore', 'pipe', 'pipe'] })
    let out = ''
    let err = ''
    child.stdout.on('data', (data) => {
      out += data
    })
    child.stderr.on('data', (data) => {
      err += data
    })
    child.on('close', (code) => {
      if (code === 0) resolve(JSON.parse(out.trim().split('\n').at(-1)))
      else reject(code === 3 ? new CannotGoOn(err.trim()) : new Error(err))
    })
  })
}

/** The demo's people, with what they sign in and sign with. */
export function saySignIns(signIns) {
  if (signIns.length === 0) return
  say('\nDemo sign-ins, good on this machine only:')
  say(`  ${'name'.padEnd(10)} ${'password'.padEnd(22)} ${'PIN'.padEnd(6)} role`)
  for (const { loginName, password, pin, roles } of signIns)
    say(`  ${loginName.padEnd(10)} ${password.padEnd(22)} ${pin.padEnd(6)} ${roles}`)
}
