import { spawn } from 'node:child_process'
import type { ChildProcess } from 'node:child_process'
import { createServer } from 'node:net'
import type { AddressInfo } from 'node:net'
import { randomUUID } from 'node:crypto'
import path from 'node:path'
import { expect, test } from '@playwright/test'
import pg from 'pg'

/** `npm start` itself, on the build that is there: what it says and how it ends when it cannot go on, and when it can. */
const script = path.resolve(import.meta.dirname, '../../scripts/start.mjs')

const children: ChildProcess[] = []
test.afterEach(() => {
  for (const child of children.splice(0)) if (child.exitCode === null) child.kill('SIGTERM')
})

function start(env: NodeJS.ProcessEnv) {
  const child = spawn(process.execPath, [script], { env: { ...process.env, ...env } })
  children.push(child)
  let output = ''
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (data: Buffer) => {
      output += data.toString()
    })
  const ended = new Promise<number | null>(resolve => child.on('close', resolve))
  return { child, ended, output: () => output }
}

async function takePort(): Promise<{ port: number, free: () => Promise<void> }> {
  const server = createServer()
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  return { port: (server.address() as AddressInfo).port, free: () => new Promise(resolve => server.close(() => resolve())) }
}

async function emptyDatabase(): Promise<{ url: string, drop: () => Promise<void> }> {
  const name = `start_${randomUUID().replaceAll('-', '')}`
  const admin = new pg.Client({ connectionString: `${process.env.ZONARIS_TEST_CLUSTER}/postgres` })
  await admin.connect()
  await admin.query(`create database ${name}`)
  const drop = async () => {
    await admin.query(`drop database ${name}`)
    await admin.end()
  }
  return { url: `${process.env.ZONARIS_TEST_CLUSTER}/${name}`, drop }
}

test('a taken port is said in plain words, before anything is touched', async () => {
  const { port, free } = await takePort()
  const { ended, output } = start({ PORT: String(port), DATABASE_URL: 'postgres://nobody@127.0.0.1:1/none' })
  expect(await ended).toBe(1)
  expect(output()).toContain(`port ${port} on 127.0.0.1 is taken`)
  await free()
})

test('so is a database that cannot be reached, half a TLS setting, and a port that is no number', async () => {
  const { port, free } = await takePort()
  await free()
  const cases: readonly (readonly [NodeJS.ProcessEnv, string])[] = [
    [{ DATABASE_URL: 'postgres://nobody@127.0.0.1:1/none' }, 'The database cannot be reached'],
    [{ TLS_CERT: '/nowhere/cert.pem' }, 'TLS_CERT and TLS_KEY belong together'],
    [{ TLS_CERT: '/nowhere/cert.pem', TLS_KEY: '/nowhere/key.pem' }, 'TLS_CERT names /nowhere/cert.pem, which is not there'],
    [{ PORT: 'soon' }, 'a number from 1 to 65535 is needed'],
    [{ DATABASE_URL: `${process.env.ZONARIS_TEST_CLUSTER}/no_such_database` }, 'The database cannot be reached'],
  ]
  for (const [env, said] of cases) {
    const { ended, output } = start({ PORT: String(port), ...env })
    expect(await ended, said).toBe(1)
    expect(output()).toContain('Zonaris cannot go on: ')
    expect(output()).toContain(said)
    expect(output()).not.toContain('    at ')
  }
})

test('it starts against a database that is given, offers the first run with the demo off, and stops cleanly', async () => {
  const { url, drop } = await emptyDatabase()
  const { port, free } = await takePort()
  await free()
  const { child, ended, output } = start({ PORT: String(port), DATABASE_URL: url, ZONARIS_DEMO: 'off' })
  await expect.poll(output).toContain('Ctrl-C stops it.')
  expect(output()).toMatch(/No site yet\. Open http:\/\/127\.0\.0\.1:\d+\/first-run with this code, once: \w{4}-\w{4}-\w{4}/)
  expect((await fetch(`http://127.0.0.1:${port}/api/v1/health`)).status).toBe(200)
  expect(output()).toContain('This DATABASE_URL is a superuser\'s')
  child.kill('SIGINT')
  expect(await ended).toBe(0)
  await expect(fetch(`http://127.0.0.1:${port}/api/v1/health`)).rejects.toThrow()
  await drop()
})

test('on a host other than loopback the printed demo sign-ins are refused, and nothing about them is printed', async () => {
  const { url, drop } = await emptyDatabase()
  const { port, free } = await takePort()
  await free()
  const { child, ended, output } = start({ PORT: String(port), HOST: '0.0.0.0', DATABASE_URL: url })
  await expect.poll(output).toContain('Ctrl-C stops it.')
  expect(output()).toContain('the demo sign-ins are refused there')
  expect(output()).not.toContain('mitre-sill-maren')
  const signIn = await fetch(`http://127.0.0.1:${port}/api/v1/sign-in`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ loginName: 'maren', password: 'mitre-sill-maren' }),
  })
  expect(signIn.status).toBe(403)
  child.kill('SIGTERM')
  expect(await ended).toBe(0)
  await drop()
})
