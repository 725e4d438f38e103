import { cp, mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises'
import os from 'node:os'
import path from 'node:path'
import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { migrate, MIGRATIONS_FOLDER } from '#server/database/migrate'
import { clusterUrl, onCluster } from './template-database'

let name: string
let url: string
let folder: string
beforeEach(async () => {
  name = `migrate_${randomUUID().replaceAll('-', '')}`
  url = `${clusterUrl()}/${name}`
  await onCluster(`create database ${name}`)
  folder = await mkdtemp(path.join(os.tmpdir(), 'zonaris-migrations-'))
  await cp(MIGRATIONS_FOLDER, folder, { recursive: true })
})
afterEach(async () => {
  await onCluster(`drop database ${name} with (force)`)
  await rm(folder, { recursive: true })
})

const tables = async (): Promise<string[]> => {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  const { rows } = await client.query<{ tablename: string }>(`select tablename from pg_tables where schemaname = 'public'`)
  await client.end()
  return rows.map(({ tablename }) => tablename)
}
const FIRST = '001.do.foundation.sql'

describe('migrations', () => {
  it('run once, also when two processes start together', async () => {
    const both = await Promise.all([migrate(url, folder), migrate(url, folder)])
    expect(both.flatMap(({ applied }) => applied)).toEqual((await readdir(MIGRATIONS_FOLDER)).sort())
    expect(both.map(({ servingRole }) => servingRole)).toEqual(['zonaris_app', 'zonaris_app'])
  })
  it('leave nothing half done when one fails, and name it', async () => {
    await writeFile(path.join(folder, '900.do.broken.sql'), 'create table half_done (id int);\nselect nonsense;\n')
    await expect(migrate(url, folder)).rejects.toThrow(/900\.do\.broken\.sql failed, and nothing of it was kept/)
    expect(await tables()).toEqual([])
  })
  it('refuse an edited file in plain words', async () => {
    await migrate(url, folder)
    await writeFile(path.join(folder, FIRST), `${await readFile(path.join(folder, FIRST), 'utf8')}\n-- edited\n`)
    await expect(migrate(url, folder)).rejects.toThrow(/Migration 1 was edited after it had run here/)
  })
  it('refuse a database newer than the program', async () => {
    await writeFile(path.join(folder, '900.do.later.sql'), 'create table later (id int);\n')
    await migrate(url, folder)
    await rm(path.join(folder, '900.do.later.sql'))
    await expect(migrate(url, folder)).rejects.toThrow(/newer than this program/)
  })
  it('serve with triggers alone where the login may not make the role', async () => {
    const login = `plain_${name}`
    await onCluster(`create role ${login} login password 'plain'`)
    await onCluster(`alter database ${name} owner to ${login}`)
    try {
      const plain = Object.assign(new URL(url), { username: login, password: 'plain' }).href
      expect((await migrate(plain, folder)).servingRole).toBeNull()
    } finally {
      await onCluster(`drop database ${name} with (force)`)
      await onCluster(`drop role ${login}`)
      await onCluster(`create database ${name}`)
    }
  })
})
