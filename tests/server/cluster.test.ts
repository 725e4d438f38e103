import { readFileSync, statSync } from 'node:fs'
import path from 'node:path'
import pg from 'pg'
import { describe, expect, it } from 'vitest'
import { openPool } from '#server/database/connection'
import { openShop } from './shop'
import { clusterUrl } from './template-database'

// The cluster that `npm start` and these tests make themselves: who gets in, and what the login that serves may become.

const DATA = path.resolve(import.meta.dirname, '../../.data')
const secretsFile = path.join(DATA, 'test-pg.secrets.json')
const secrets = () => JSON.parse(readFileSync(secretsFile, 'utf8')) as { owner: string, serve: string }
const as = (login: string, password: string, database = 'postgres') =>
  Object.assign(new URL(`${clusterUrl()}/${database}`), { username: login, password }).href

async function ask(url: string, statement: string): Promise<unknown> {
  const client = new pg.Client({ connectionString: url })
  try {
    await client.connect()
    return (await client.query(statement)).rows
  } catch (error) {
    return (error as { code?: string }).code ?? (error as Error).message
  } finally {
    await client.end().catch(() => {})
  }
}

describe('a cluster of our own', () => {
  it('lets nobody of the machine in without a password', async () => {
    for (const [login, password] of [
      ['zonaris', ''],
      ['zonaris', 'zonaris'],
      ['zonaris_serve', ''],
      ['postgres', ''],
    ] as const) {
      expect(await ask(as(login, password), 'select 1'), `${login} ${password}`).toMatch(/28P01|password|28000/)
    }
  })
  it('keeps its passwords where only who starts it reads them', () => {
    expect(statSync(secretsFile).mode & 0o777).toBe(0o600)
    // Passed through by the users that root steps down to, and listed by nobody.
    expect([0o700, 0o711]).toContain(statSync(DATA).mode & 0o777)
  })
  it('is served by a login that owns nothing, becomes the application and nobody else', async () => {
    const serve = as('zonaris_serve', secrets().serve)
    expect(
      await ask(
        serve,
        'select rolsuper or rolcreaterole or rolcreatedb or rolreplication or rolbypassrls as may from pg_roles where rolname = session_user',
      ),
    ).toEqual([{ may: false }])
    for (const statement of [
      'set role zonaris',
      'set session authorization zonaris',
      'create role more',
      'create database more',
      'copy (select 1) to program \'id\'',
      'select pg_read_file(\'/etc/passwd\')',
    ]) {
      expect(await ask(serve, statement), statement).toBe('42501')
    }
  })
  it('serves requests by it: the application reads and adds, and alters nothing of the record', async () => {
    const shop = await openShop()
    const url = as('zonaris_serve', secrets().serve, new URL(shop.url).pathname.slice(1))
    const pool = openPool(url)
    expect((await pool.query<{ count: number }>('select count(*)::int as count from event')).rows[0]!.count).toBeGreaterThan(3)
    for (const statement of [
      'delete from event',
      'update event set type = \'x\'',
      'alter table event disable trigger all',
      'select secret from installation_secret',
      'drop table stream',
    ]) {
      await expect(pool.query(statement), statement).rejects.toMatchObject({ code: '42501' })
    }
    // Back from the application's role it is less, not more.
    await expect(pool.query('set role none; select count(*) from event')).rejects.toMatchObject({ code: '42501' })
    await pool.end()
    await shop.close()
  })
})

describe('putting the demo back', () => {
  it('reads whose sites a database holds, and drops none that is in use', async () => {
    const { dropDatabase, ensureCluster, sitesIn } = await import('../../scripts/postgres.mjs')
    const cluster = await ensureCluster('test-pg', { preferredPort: 5644, fast: true })
    const shop = await openShop('somebodys-own')
    const name = new URL(shop.url).pathname.slice(1)
    expect([sitesIn(cluster, name), sitesIn(cluster, 'never-made'), sitesIn(cluster, 'postgres')]).toEqual([['somebodys-own'], [], []])
    expect(() => dropDatabase(cluster, name)).toThrow('in use')
    await shop.close()
    dropDatabase(cluster, 'never-made')
  })
})
