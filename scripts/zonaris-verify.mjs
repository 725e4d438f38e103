#!/usr/bin/env node
// Checks an export of the record against its anchors, with nothing but Node: no app, no database, no packages.
//
//   node scripts/zonaris-verify.mjs export.jsonl --anchors anchors.jsonl --key anchor-key.pub.pem
//   node scripts/zonaris-verify.mjs export.jsonl --line "ZONARIS1 ..." --key anchor-key.pub.pem
//
// Leaves with 0 when everything stands, 1 with a list of wounds, 2 when it was asked wrongly.
import { createHash, createPublicKey, verify as verifySignature } from 'node:crypto'
import { createReadStream, readFileSync } from 'node:fs'
import { createInterface } from 'node:readline'

/** The stream of the daily seals. Its own events are sealed by the next seal's chain, not by the digest over the others. */
const SEAL_STREAM = 'seal'
/** Events are numbered when they are committed and timed when they began: so far apart they may stand, ms. */
const OUT_OF_TIME_MS = 10 * 60_000
const DAY_MS = 24 * 3600_000
/** So long after a date begins in UTC a shop day called by it can have ended at the earliest, anywhere, ms. */
const EARLIEST_END_MS = 10 * 3600_000
/** Days that a shop may call the day of an instant: its zone and its hour move it so far from the date in UTC, either way. */
const SHOP_DAYS = [-2, -1, 0, 1]
/** A day is sealed when it has ended, or when the shop wakes again: so many days may pass. */
const SEALED_WITHIN_DAYS = 3

const sha256 = (...texts) => {
  const hash = createHash('sha256')
  for (const text of texts) hash.update(text)
  return hash.digest('hex')
}

/** What is signed of a seal: its own words, one a line, so that any tool can make the text again. */
export const anchorText = ({ siteId, day, sealVersion, position, headsSha256, sealHash }) =>
  ['zonaris-anchor-1', siteId, day, sealVersion, position, headsSha256, sealHash].join('\n')

/** An anchor as one line of words, as the day sheet prints it. */
export const anchorLine = ({ siteId, day, sealVersion, position, headsSha256, sealHash, signature }) =>
  ['ZONARIS1', siteId, day, sealVersion, position, headsSha256, sealHash, signature].join(' ')

/** Reads a printed line back; null when it is none. */
export function readAnchorLine(line) {
  const [mark, siteId, day, sealVersion, position, headsSha256, sealHash, signature, more] = line.trim().split(/\s+/)
  if (mark !== 'ZONARIS1' || signature === undefined || more !== undefined) return null
  return { siteId, day, sealVersion: Number(sealVersion), position: Number(position), headsSha256, sealHash, signature }
}

/** The keys of a file, one after the other: a record that moved to another machine goes on under a key of its own. */
const keysOf = publicKeyPem => publicKeyPem.split(/(?<=-----END PUBLIC KEY-----)/).filter(text => text.includes('BEGIN PUBLIC KEY'))

/** Was this anchor signed with one of the keys? */
export function isSigned(anchor, publicKeyPem) {
  const [text, signature] = [Buffer.from(anchorText(anchor)), Buffer.from(String(anchor.signature), 'base64url')]
  return keysOf(publicKeyPem).some((key) => {
    try {
      return verifySignature(null, text, createPublicKey(key.trim()), signature)
    } catch { return false }
  })
}

/** The digest of a seal: every stream but the seal's own with its version and head, sorted. */
export function headsDigest(heads) {
  const lines = [...heads]
    .filter(([streamId]) => streamId !== SEAL_STREAM)
    .map(([streamId, { version, hash }]) => `${streamId} ${version} ${hash}\n`)
    .sort()
  return sha256(lines.join(''))
}

/** One site's record, event by event in the order of its positions. */
class SiteCheck {
  constructor(siteId, wounds) {
    this.siteId = siteId
    this.wounds = wounds
    this.heads = new Map()
    this.position = 0
    this.newestMs = -Infinity
    this.seals = []
    /** Digests at positions where a seal says one: a seal speaks for what stood before it, so they are kept as they pass by. */
    this.digests = new Map()
    this.wanted = new Set()
    this.days = new Set()
  }

  wound(what, where, says) {
    this.wounds.push({ siteId: this.siteId, what, where, says })
  }

  event(row) {
    const { streamId, version, position, type, body, prevHash, hash } = row
    const where = `${streamId}, event ${version}`
    if (position !== this.position + 1) this.wound('position', where, `stands at position ${position} after ${this.position}`)
    this.position = Math.max(this.position, position)
    const before = this.heads.get(streamId) ?? { version: 0, hash: '' }
    if (version !== before.version + 1) this.wound('gap', where, `follows event ${before.version}`)
    if (prevHash !== before.hash) this.wound('link', where, 'does not name the event before it')
    if (sha256(prevHash, body) !== hash) this.wound('text', where, 'its text is not what was hashed')
    this.heads.set(streamId, { version, hash })
    const said = this.#read(body, where)
    if (said) this.#columns(row, said, where)
    const atMs = Date.parse(said?.recordedAt ?? row.recordedAt)
    if (atMs < this.newestMs - OUT_OF_TIME_MS) this.wound('time', where, `was recorded before what stands before it`)
    this.newestMs = Math.max(this.newestMs, atMs)
    if (streamId === SEAL_STREAM && type === 'day-sealed' && said) this.#seal(said.payload, { version, hash, atMs })
    else this.days.add(Math.floor(atMs / DAY_MS))
    if (this.wanted.has(this.position)) this.digests.set(this.position, headsDigest(this.heads))
  }

  #read(body, where) {
    try {
      return JSON.parse(body)
    } catch {
      this.wound('text', where, 'is not JSON')
      return null
    }
  }

  /** The columns are read out of the text: where they differ, somebody wrote them by hand. */
  #columns(row, said, where) {
    const actor = said.actor ?? {}
    const pairs = [
      ['siteId', row.siteId, said.siteId],
      ['streamId', row.streamId, said.streamId],
      ['version', row.version, said.version],
      ['type', row.type, said.type],
      ['actorKind', row.actorKind, actor.kind],
      ['actorPersonId', row.actorPersonId ?? null, actor.kind === 'person' ? actor.personId : null],
      ['commandId', row.commandId, said.commandId],
      ['recordedAt', Date.parse(row.recordedAt), Date.parse(said.recordedAt)],
      ['json', row.jsonStands ?? true, true],
    ]
    for (const [name, column, text] of pairs)
      if (column !== text) this.wound('columns', where, `its ${name} says ${column}, its text ${text}`)
  }

  /** Days with events that nothing seals. */
  #daysWithout() {
    const dayOf = day => Math.floor(Date.parse(`${day}T00:00:00Z`) / DAY_MS)
    const sealed = new Set(this.seals.map(({ day }) => dayOf(day)))
    const newest = Math.max(...this.days, ...sealed)
    for (const day of [...this.days].sort((one, other) => one - other)) {
      const isSealed = SHOP_DAYS.some(shift => sealed.has(day + shift))
      if (!isSealed && newest - day >= SEALED_WITHIN_DAYS)
        this.wound('day', new Date(day * DAY_MS).toISOString().slice(0, 10), 'has events and no seal')
    }
  }

  #seal(payload, { version, hash, atMs }) {
    const before = this.seals.at(-1)
    if (before && !(payload.day > before.day)) this.wound('seal', `seal of ${payload.day}`, `stands after that of ${before.day}`)
    // A day to come, sealed today, would keep every day until then from being sealed.
    if (!(atMs >= Date.parse(`${payload.day}T00:00:00Z`) + EARLIEST_END_MS))
      this.wound('seal', `seal of ${payload.day}`, 'was made before that day had ended')
    this.seals.push({ ...payload, version, hash, atMs })
  }

  /** After the last event: heads against the rows of streams, the counter, the seals and the anchors. */
  end({ streams, position, anchors }) {
    for (const { streamId, version, headHash } of streams.values()) {
      const head = this.heads.get(streamId) ?? { version: 0, hash: '' }
      if (head.version !== version || head.hash !== headHash)
        this.wound('head', streamId, `its row says event ${version}, the last one is ${head.version}`)
    }
    for (const streamId of this.heads.keys()) if (!streams.has(streamId)) this.wound('stream', streamId, 'has events and no row')
    if (position !== null && position !== this.position)
      this.wound('counter', 'site', `counts ${position} events, there are ${this.position}`)
    for (const { day, position: at, headsSha256 } of this.seals)
      if (this.digests.get(at) !== headsSha256) this.wound('seal', `seal of ${day}`, 'does not match the streams as they stood')
    this.#daysWithout()
    for (const anchor of anchors) this.#anchor(anchor)
  }

  #anchor({ day, sealVersion, position, headsSha256, sealHash }) {
    const seal = this.seals.find(one => one.version === sealVersion)
    if (!seal) this.wound('anchor', `anchor of ${day}`, 'its seal is gone')
    else if (seal.day !== day || seal.hash !== sealHash || seal.headsSha256 !== headsSha256 || seal.position !== position)
      this.wound('anchor', `anchor of ${day}`, 'its seal was written anew')
  }
}

/** Positions at which seals speak, by site. */
async function sealedPositions(open) {
  const wanted = new Map()
  for await (const row of open()) {
    if (row.kind !== 'event' || row.streamId !== SEAL_STREAM) continue
    let position
    try {
      position = JSON.parse(row.body).payload.position
    } catch {
      continue
    }
    if (!wanted.has(row.siteId)) wanted.set(row.siteId, new Set())
    wanted.get(row.siteId).add(position)
  }
  return wanted
}

/**
 * Checks a record.
 *
 * @param open gives the rows of an export from the start, as often as it is called: `site`, `stream` and `event`, the events of a site
 *   in the order of their positions
 * @param anchors what was signed and kept elsewhere; each is checked against the key first
 * @param publicKeyPem the key's public half; without it no anchor is believed
 * @returns wounds, with the site, what is wrong, where and in words; and what was looked at
 */
export async function checkRecord(open, { anchors = [], publicKeyPem = null } = {}) {
  const wounds = []
  const sites = new Map()
  const streams = new Map()
  const positions = new Map()
  const siteOf = (siteId) => {
    if (!sites.has(siteId)) sites.set(siteId, new SiteCheck(siteId, wounds))
    return sites.get(siteId)
  }
  const wanted = await sealedPositions(open)
  let events = 0
  for await (const row of open()) {
    if (row.kind === 'site') {
      siteOf(row.siteId)
      positions.set(row.siteId, row.position)
    } else if (row.kind === 'stream') {
      if (!streams.has(row.siteId)) streams.set(row.siteId, new Map())
      streams.get(row.siteId).set(row.streamId, row)
    } else if (row.kind === 'event') {
      const site = siteOf(row.siteId)
      site.wanted = wanted.get(row.siteId) ?? site.wanted
      site.event(row)
      events++
    }
  }
  const believed = []
  for (const anchor of anchors) {
    if (publicKeyPem !== null && isSigned(anchor, publicKeyPem)) believed.push(anchor)
    else
      wounds.push({
        siteId: anchor.siteId,
        what: 'signature',
        where: `anchor of ${anchor.day}`,
        says: publicKeyPem === null ? 'no key was given to check it' : 'was not signed with this key',
      })
  }
  // Of a site whose every row is gone, only what was kept elsewhere still speaks.
  for (const siteId of new Set([...believed.map(anchor => anchor.siteId), ...streams.keys()])) {
    if (sites.has(siteId) && sites.get(siteId).position > 0) continue
    wounds.push({ siteId, what: 'site', where: 'site', says: 'nothing of it is left' })
  }
  for (const [siteId, site] of sites) {
    site.end({
      streams: streams.get(siteId) ?? new Map(),
      position: positions.get(siteId) ?? null,
      anchors: believed.filter(anchor => anchor.siteId === siteId),
    })
  }
  return {
    wounds,
    events,
    sites: sites.size,
    seals: [...sites.values()].reduce((sum, site) => sum + site.seals.length, 0),
    anchors: believed.length,
  }
}

/** Rows of a file, one JSON a line. */
export async function* readRows(file) {
  for await (const line of createInterface({ input: createReadStream(file), crlfDelay: Infinity }))
    if (line.trim() !== '') yield JSON.parse(line)
}

function readArguments(args) {
  const asked = { file: null, anchors: [], keyFile: null }
  for (let i = 0; i < args.length; i++) {
    const value = args[i + 1]
    if (args[i] === '--anchors' && value)
      asked.anchors.push(
        ...readFileSync(value, 'utf8')
          .split('\n')
          .filter(Boolean)
          .map(line => JSON.parse(line)),
      )
    else if (args[i] === '--line' && value) asked.anchors.push(readAnchorLine(value))
    else if (args[i] === '--key' && value) asked.keyFile = value
    else if (!args[i].startsWith('--') && asked.file === null) {
      asked.file = args[i]
      continue
    } else return null
    i++
  }
  return asked.file === null || asked.anchors.includes(null) ? null : asked
}

const say = text => process.stdout.write(`${text}\n`)

async function main(args) {
  const asked = readArguments(args)
  if (!asked) {
    console.error('Say: zonaris-verify <export.jsonl> [--anchors <anchors.jsonl>] [--line "ZONARIS1 ..."] [--key <anchor-key.pub.pem>]')
    return 2
  }
  const { wounds, events, sites, seals, anchors } = await checkRecord(() => readRows(asked.file), {
    anchors: asked.anchors,
    publicKeyPem: asked.keyFile && readFileSync(asked.keyFile, 'utf8'),
  })
  for (const { siteId, what, where, says } of wounds) say(`${siteId}: ${where}: ${says} (${what})`)
  const outcome = wounds.length === 0 ? 'everything stands' : `${wounds.length} wounds`
  say(`${sites} sites, ${events} events, ${seals} seals, ${anchors} anchors: ${outcome}.`)
  if (asked.anchors.length === 0) say('No anchor was given: a record that was written anew as a whole would stand too.')
  return wounds.length === 0 ? 0 : 1
}

// Asked by its own name: the app holds this file too, inside its bundle.
if (/[\\/]zonaris-verify(\.mjs)?$/.test(process.argv[1] ?? '')) process.exitCode = await main(process.argv.slice(2))
