import { spawn } from 'node:child_process'
import path from 'node:path'

const root = path.resolve(import.meta.dirname, '../..')

/** Starts a stand-in for somebody's machine, as `npm run` would. @returns what it said so far, and how to end it */
export function runStandIn(name: string, args: readonly string[], key: string): { readonly said: () => string, readonly end: () => void } {
  const tsx = path.join(root, 'node_modules/tsx/dist/cli.mjs')
  const child = spawn(
    process.execPath,
    [tsx, '--tsconfig', path.join(root, 'tsconfig.scripts.json'), path.join(root, `standins/${name}.ts`), ...args],
    { cwd: root, env: { ...process.env, ZONARIS_KEY: key }, stdio: ['ignore', 'pipe', 'inherit'] },
  )
  let said = ''
  child.stdout.on('data', (data: Buffer) => {
    said += data.toString()
  })
  return { said: () => said, end: () => child.kill('SIGTERM') }
}
