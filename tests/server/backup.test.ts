import { randomUUID } from 'node:crypto'
import { mkdtemp, readdir, readFile, rm, stat, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import path from 'node:path'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { fireDueDeadlines } from '#server/clockwork/deadlines'
import { anchorSeals } from '#server/clockwork/seals'
import { migrate } from '#server/database/migrate'
import { AnchorKeeper, readAnchors } from '#server/record/anchors'
import { verifyRecord } from '#server/record/verify-record'
import { backup, programsOf, restore } from '../../scripts/backup-file.mjs'
import { BAY_1, openShop } from './shop'
import type { Shop } from './shop'
import { clusterUrl, onCluster } from './template-database'

// A shop in one file, brought back into an empty place: every event, every anchor, everything that is read.

let shop: Shop
let home: string
let keeper: AnchorKeeper
const bin = programsOf(null)
const fresh = `restored_${randomUUID().replaceAll('-', '')}`
const freshUrl = () => `${clusterUrl()}/${fresh}`
const at = (...parts: string[]) => path.join(home, ...parts)

beforeAll(async () => {
  shop = await openShop()
  home = await mkdtemp(path.join(tmpdir(), 'backup-'))
  keeper = new AnchorKeeper({ folder: at('anchors'), keyFile: at('key', 'key.pem'), postTo: null })
  await shop.send(shop.as(['instructor'], 'maren'), [BAY_1], { type: 'station.set-helmet', payload: { shade: 12 } })
  shop.clock.set('2026-11-24T08:00:00.000Z')
  await fireDueDeadlines(shop.door)
  await anchorSeals(shop.door, keeper)
  await onCluster(`create database ${fresh}`)
})
afterAll(async () => {
  await shop.close()
  await onCluster(`drop database ${fresh} with (force)`)
  await rm(home, { recursive: true, force: true })
})

const rows = async (url: string): Promise<unknown> => {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  const said: Record<string, unknown> = {}
  for (const table of ['event', 'stream', 'site_position', 'station_reading', 'credential', 'command_answer'])
    said[table] = (await client.query(`select to_jsonb(t) as row from ${table} t order by 1`)).rows
  await client.end()
  return said
}

describe('a backup', () => {
  it('is one file that nobody else reads, with the anchors and without the key that signs them; it writes over none', async () => {
    const file = at('shop.backup')
    await backup({ url: shop.url, bin, anchors: at('anchors'), file })
    expect((await stat(file)).mode & 0o777).toBe(0o600)
    expect((await readFile(file)).includes('PRIVATE KEY')).toBe(false)
    await expect(backup({ url: shop.url, bin, anchors: at('anchors'), file })).rejects.toThrow('writes over none')
  })
  it('restored into an empty place is the same record, which stands with its anchors, and goes on', async () => {
    const { madeAt } = await restore({ url: freshUrl(), bin, anchors: at('elsewhere'), file: at('shop.backup') })
    expect(Date.parse(madeAt)).toBeGreaterThan(Date.now() - 600_000)
    expect(await rows(freshUrl())).toEqual(await rows(shop.url))
    const publicKeyPem = await readFile(at('elsewhere', 'anchor-key.pub.pem'), 'utf8')
    const anchors = await readAnchors(at('elsewhere', 'yard.anchors.jsonl'))
    expect(await verifyRecord(freshUrl(), { anchors, publicKeyPem })).toMatchObject({ wounds: [], anchors: 1 })
    // The new machine migrates it, and has a key of its own: what was anchored before is read with the old one.
    expect((await migrate(freshUrl())).servingRole).not.toBeNull()
    const other = new AnchorKeeper({ folder: at('elsewhere'), keyFile: at('other-key', 'key.pem'), postTo: null })
    const pool = new pg.Pool({ connectionString: freshUrl() })
    shop.clock.set('2026-11-25T08:00:00.000Z')
    const there = { pool, clock: shop.clock, announce: () => {} }
    await fireDueDeadlines(there)
    await anchorSeals(there, other)
    await pool.end()
    const both = await readFile(at('elsewhere', 'anchor-key.pub.pem'), 'utf8')
    expect(both.match(/BEGIN PUBLIC KEY/g)).toHaveLength(2)
    const all = await readAnchors(at('elsewhere', 'yard.anchors.jsonl'))
    expect(all).toHaveLength(2)
    expect(await verifyRecord(freshUrl(), { anchors: all, publicKeyPem: both })).toMatchObject({ wounds: [], anchors: 2 })
  })
  it('is restored into nothing that holds something, and leaves it as it was', async () => {
    const before = await rows(freshUrl())
    await expect(restore({ url: freshUrl(), bin, anchors: at('third'), file: at('shop.backup') })).rejects.toThrow('not empty')
    expect(await rows(freshUrl())).toEqual(before)
    expect(await readdir(home)).not.toContain('third')
    await writeFile(at('broken.backup'), 'no backup')
    await expect(restore({ url: freshUrl(), bin, anchors: at('third'), file: at('broken.backup') })).rejects.toThrow(
      'Unpacking the backup failed',
    )
  })
})
