// `npm run mutants [-- file ...]`: changes the deciding code a little, one place after another, and tells which change no test noticed.
import { spawn } from 'node:child_process'
import path from 'node:path'
import { ROOT } from './machine.mjs'

const child = spawn(process.execPath, [path.join(ROOT, 'node_modules/@stryker-mutator/core/bin/stryker.js'), 'run', 'stryker.config.mjs'], {
  cwd: ROOT, stdio: 'inherit', env: { ...process.env, ZONARIS_MUTATE: process.argv.slice(2).join(' '), PERMIT_RUNS: '100' },
})
child.on('close', (code) => {
  process.exitCode = code ?? 1
})
