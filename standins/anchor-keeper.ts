import { appendFile } from 'node:fs/promises'
import { createServer } from 'node:http'
import type { Server } from 'node:http'
import { isSigned } from '../scripts/zonaris-verify.mjs'
import type { Anchor } from '../scripts/zonaris-verify.mjs'

// A stand-in for whoever keeps a shop's anchors elsewhere: an insurer, a sister yard, a machine in another building. It takes each
// anchor once, believes only what was signed with the key it was given, and only ever adds to its file.
//
//   npm run anchor-keeper -- 127.0.0.1:4100 kept.jsonl anchor-key.pub.pem      (then ZONARIS_ANCHOR_POST=http://127.0.0.1:4100)

const MAX_BYTES = 4096

/** Reads an anchor out of what was sent; null when it is none. */
export function anchorFrom(text: string): Anchor | null {
  let sent: Partial<Record<keyof Anchor, unknown>>
  try {
    sent = JSON.parse(text) as typeof sent
  } catch {
    return null
  }
  const { siteId, day, sealVersion, position, headsSha256, sealHash, signature } = sent
  const texts = [siteId, day, headsSha256, sealHash, signature]
  if (!texts.every(one => typeof one === 'string' && one.length <= 200) || !Number.isInteger(sealVersion) || !Number.isInteger(position))
    return null
  return { siteId, day, sealVersion, position, headsSha256, sealHash, signature } as Anchor
}

/** A keeper that listens nowhere yet. Of two that say different things of one seal, the first stands and the second is refused. */
export function anchorKeeper(file: string, publicKeyPem: string): Server {
  const kept = new Map<string, string>()
  return createServer((request, response) => {
    let text = ''
    const answer = (status: number) => response.writeHead(status).end()
    request.on('data', (part: Buffer) => {
      text += part.toString('utf8')
      if (text.length > MAX_BYTES) request.destroy()
    })
    request.on('end', () => {
      const anchor = request.method === 'POST' ? anchorFrom(text) : null
      if (!anchor || !isSigned(anchor, publicKeyPem)) return void answer(400)
      const [key, said] = [`${anchor.siteId} ${anchor.sealVersion}`, JSON.stringify(anchor)]
      const before = kept.get(key)
      if (before !== undefined) return void answer(before === said ? 200 : 409)
      kept.set(key, said)
      appendFile(file, `${said}\n`).then(
        () => answer(200),
        () => answer(500),
      )
    })
  })
}

const [address, file, keyFile] = process.argv.slice(2)
if (process.argv[1]?.endsWith('anchor-keeper.ts') && address && file && keyFile) {
  const { readFileSync } = await import('node:fs')
  const [host, port] = address.split(':') as [string, string]
  anchorKeeper(file, readFileSync(keyFile, 'utf8')).listen(Number(port), host, () =>
    process.stdout.write(`Keeping anchors at http://${address}, in ${file}.\n`),
  )
}
