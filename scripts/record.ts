import { createWriteStream, existsSync, readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { pipeline } from 'node:stream/promises'
import { rebuild } from '#server/record/rebuild'
import { openPool } from '#server/database/connection'
import { anchorPlace, readAnchors } from '#server/record/anchors'
import { exportRecord } from '#server/record/export-record'
import { atOneMoment, verifyRecord } from '#server/record/verify-record'

// `npm run rebuild`, `npm run verify`, `npm run export -- FILE`.

const url = process.env.DATABASE_URL ?? ''
const say = (text: string) => process.stdout.write(`${text}\n`)

/** Every event, seal, anchor and reading of every site; the number of things that do not stand. */
async function verify(): Promise<number> {
  const { folder } = anchorPlace(process.env)
  const files = existsSync(folder) ? readdirSync(folder).filter(file => file.endsWith('.anchors.jsonl')) : []
  const anchors = (await Promise.all(files.map(file => readAnchors(path.join(folder, file))))).flat()
  const keyFile = process.env.ZONARIS_ANCHOR_PUBLIC_KEY || path.join(folder, 'anchor-key.pub.pem')
  const publicKeyPem = existsSync(keyFile) ? readFileSync(keyFile, 'utf8') : null
  const { wounds, events, sites, seals, anchors: believed } = await verifyRecord(url, { anchors, publicKeyPem })
  for (const { siteId, what, where, says } of wounds) say(`${siteId}: ${where}: ${says} (${what})`)
  const outcome = wounds.length === 0 ? 'everything stands' : `${wounds.length} wounds`
  say(`${sites} sites, ${events} events, ${seals} seals, ${believed} anchors: ${outcome}.`)
  if (believed === 0) say(`No anchor was found under ${folder}: a record that was written anew as a whole would stand too.`)
  return wounds.length
}

/** Writes the record to a file that zonaris-verify reads. */
async function writeExport(file: string): Promise<void> {
  await atOneMoment(url, async (client) => {
    async function* lines() {
      yield `${JSON.stringify({ kind: 'export', v: 1, at: new Date().toISOString() })}\n`
      for await (const row of exportRecord(client, null)) yield `${JSON.stringify(row)}\n`
    }
    await pipeline(lines, createWriteStream(file, { mode: 0o600 }))
  })
}

const [what, file] = process.argv.slice(2)
switch (what) {
  case 'rebuild': {
    const pool = openPool(url, null)
    try {
      say(`Rebuilt from ${await rebuild(pool)} streams.`)
    } finally {
      await pool.end()
    }
    break
  }
  case 'verify':
    process.exitCode = await verify() === 0 ? 0 : 1
    break
  case 'export':
    if (!file) {
      say('Say where to: npm run export -- record.jsonl')
      process.exitCode = 2
    } else {
      await writeExport(file)
      say(`Written to ${file}. Check it anywhere: node scripts/zonaris-verify.mjs ${file} --anchors ... --key ...`)
    }
    break
  default:
    say('Say what: rebuild, verify or export.')
    process.exitCode = 2
}
