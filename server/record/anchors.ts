import { createPrivateKey, createPublicKey, generateKeyPairSync, sign } from 'node:crypto'
import type { KeyObject } from 'node:crypto'
import { appendFile, mkdir, readFile, writeFile } from 'node:fs/promises'
import path from 'node:path'
import type { Anchor } from '../../scripts/zonaris-verify.mjs'
import { anchorText } from '../../scripts/zonaris-verify.mjs'
import type { Queryable } from '../database/connection'
import { readSealEvents } from '../database/seal'
import type { SealEvent } from '../database/seal'

/** Where anchors go. */
export interface AnchorPlace {
  /** Folder of the anchors, beside the backups: a file for each site, one anchor a line. */
  readonly folder: string
  /** The private key, readable by the app's own user alone. Made when it is not there. */
  readonly keyFile: string
  /** An address that is told every anchor too, or null. */
  readonly postTo: string | null
}

/** An address that does not answer within this is tried again at the next turn, ms. */
const POST_TIMEOUT_MS = 5000
const PRIVATE = 0o600

const isMissing = (error: unknown): boolean => error instanceof Error && 'code' in error && error.code === 'ENOENT'
const readIfThere = (file: string): Promise<string | null> =>
  readFile(file, 'utf8').catch((error: unknown) => {
    if (isMissing(error)) return null
    throw error
  })

/** The anchors of a file, oldest first; none when it is not there. */
export async function readAnchors(file: string): Promise<Anchor[]> {
  const text = (await readIfThere(file)) ?? ''
  return text
    .split('\n')
    .filter(Boolean)
    .map(line => JSON.parse(line) as Anchor)
}

const pemOf = (key: KeyObject): string => key.export({ type: 'spki', format: 'pem' }).toString()

/**
 * Signs each day's seal with a key that the owner of the database need not hold, and keeps what it signed outside the database: who
 * writes the record anew cannot write that anew. One that was stopped in between goes on where the file ends; two
 * processes at once write the same line twice, for the same seal is signed the same.
 */
export class AnchorKeeper {
  #key: Promise<KeyObject> | undefined
  /** How many seals of a site are anchored and posted: what the files say, read once. */
  readonly #done = new Map<string, number>()
  readonly #posted = new Map<string, number>()

  constructor(private readonly place: AnchorPlace) {}

  #privateKey(): Promise<KeyObject> {
    return (this.#key ??= this.#readOrMakeKey())
  }

  async #readOrMakeKey(): Promise<KeyObject> {
    const { keyFile, folder } = this.place
    await mkdir(folder, { recursive: true, mode: 0o700 })
    await mkdir(path.dirname(keyFile), { recursive: true, mode: 0o700 })
    if ((await readIfThere(keyFile)) === null) {
      const { privateKey } = generateKeyPairSync('ed25519')
      // Of two that start together, the first one's key stands.
      await writeFile(keyFile, privateKey.export({ type: 'pkcs8', format: 'pem' }), { mode: PRIVATE, flag: 'wx' }).catch(
        (error: unknown) => {
          if (!(error instanceof Error && 'code' in error && error.code === 'EEXIST')) throw error
        },
      )
    }
    const key = createPrivateKey(await readFile(keyFile, 'utf8'))
    await this.#publish(pemOf(createPublicKey(key)))
    return key
  }

  /**
   * Puts the key's public half beside the anchors. What was signed with a key before it stays readable: it is added, never put in its
   * place.
   */
  async #publish(pem: string): Promise<void> {
    const file = path.join(this.place.folder, 'anchor-key.pub.pem')
    const before = (await readIfThere(file)) ?? ''
    if (!before.includes(pem.trim())) await appendFile(file, pem, { mode: 0o644 })
  }

  async publicKeyPem(): Promise<string> {
    return pemOf(createPublicKey(await this.#privateKey()))
  }

  /** The file of a site: a site's id may come from anywhere, a file's name may not. */
  fileOf(siteId: string): string {
    return path.join(this.place.folder, `${encodeURIComponent(siteId)}.anchors.jsonl`)
  }

  async signed(siteId: string, seal: SealEvent): Promise<Anchor> {
    const { day, version, position, headsSha256, hash } = seal
    const unsigned = { siteId, day, sealVersion: version, position, headsSha256, sealHash: hash }
    return { ...unsigned, signature: sign(null, Buffer.from(anchorText(unsigned)), await this.#privateKey()).toString('base64url') }
  }

  /** Anchors every seal of a site that is not anchored yet. @returns how many were */
  async anchor(db: Queryable, siteId: string): Promise<number> {
    const file = this.fileOf(siteId)
    const done = this.#done.get(siteId) ?? (await this.#lastAnchored(db, siteId, file))
    const fresh: Anchor[] = []
    for (const seal of await readSealEvents(db, siteId, done)) fresh.push(await this.signed(siteId, seal))
    if (fresh.length > 0) await appendFile(file, fresh.map(anchor => `${JSON.stringify(anchor)}\n`).join(''), { mode: PRIVATE })
    this.#done.set(siteId, fresh.at(-1)?.sealVersion ?? done)
    await this.#post(siteId, file)
    return fresh.length
  }

  /** Which seal was anchored last; 0 for none. A record that does not hold it any more was written anew, or is another one. */
  async #lastAnchored(db: Queryable, siteId: string, file: string): Promise<number> {
    const last = (await readAnchors(file)).at(-1)
    if (!last) return 0
    const [seal] = await readSealEvents(db, siteId, last.sealVersion - 1)
    if (seal?.version !== last.sealVersion || seal.hash !== last.sealHash) {
      throw new Error(`the seal of ${last.day} that was anchored is not in this record: verify it, and keep ${file}`)
    }
    return last.sealVersion
  }

  /** Tells the address every anchor that it has not taken yet; what it does not take now it is told again. */
  async #post(siteId: string, file: string): Promise<void> {
    const { postTo } = this.place
    if (postTo === null) return
    const markFile = `${file}.posted`
    const taken = this.#posted.get(siteId) ?? Number((await readIfThere(markFile)) ?? 0)
    this.#posted.set(siteId, taken)
    if (taken >= (this.#done.get(siteId) ?? 0)) return
    for (const anchor of (await readAnchors(file)).filter(({ sealVersion }) => sealVersion > taken)) {
      const response = await fetch(postTo, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(anchor),
        signal: AbortSignal.timeout(POST_TIMEOUT_MS),
      })
      if (!response.ok) throw new Error(`the keeper of anchors answered ${response.status}`)
      this.#posted.set(siteId, anchor.sealVersion)
      await writeFile(markFile, String(anchor.sealVersion), { mode: PRIVATE })
    }
  }
}

/** Where the settings say; without any, under `.data` of the folder it runs in. */
export function anchorPlace(env: NodeJS.ProcessEnv): AnchorPlace {
  const folder = env.ZONARIS_ANCHORS || path.resolve('.data/anchors')
  return {
    folder,
    keyFile: env.ZONARIS_ANCHOR_KEY || path.resolve('.data/anchor-key/anchor-key.pem'),
    postTo: env.ZONARIS_ANCHOR_POST || null,
  }
}
