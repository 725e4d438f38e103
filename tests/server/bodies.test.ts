import { createServer, request as ask } from 'node:http'
import type { ClientRequest, Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { Places } from '#server/places'
import { BodyRefused, readBounded } from '#server/read-bounded'

let server: Server
let read: (string | number)[]
const LIMITS = { maxBytes: 100_000, withinMs: 300 }
beforeEach(async () => {
  read = []
  server = createServer((request, response) => {
    readBounded(request, LIMITS).then(
      (text) => {
        read.push(text.length)
        response.end('read')
      },
      (error: unknown) => {
        const status = error instanceof BodyRefused ? error.status : 500
        read.push(`refused ${status}`)
        response.writeHead(status, { connection: 'close' }).end()
      },
    )
  })
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
})
afterEach(() => {
  server.closeAllConnections()
  server.close()
})

/** Sends by hand; the answer's status, or what became of the line. */
function send(headers: Record<string, string | number>, write: (request: ClientRequest) => void): Promise<number | string> {
  return new Promise((resolve) => {
    const { port } = server.address() as AddressInfo
    const request = ask({ host: '127.0.0.1', port, method: 'POST', path: '/', headers }, (response) => {
      response.resume()
      resolve(response.statusCode!)
    })
    request.on('error', error => resolve((error as NodeJS.ErrnoException).code ?? error.message))
    write(request)
  })
}
const CHUNK = Buffer.alloc(10_000, 'a')

describe('a body', () => {
  it('is read as it was sent, in one piece or in many, also across a letter of several bytes', async () => {
    expect(await send({}, request => request.end('{"a":1}'))).toBe(200)
    const letters = Buffer.from('½½½')
    expect(
      await send({ 'transfer-encoding': 'chunked' }, (request) => {
        request.write(letters.subarray(0, 3))
        setTimeout(() => request.end(letters.subarray(3)), 20)
      }),
    ).toBe(200)
    expect(read).toEqual([7, 3])
  })
  it('without a length is counted as it comes, and not taken further than it may go', async () => {
    let sent = 0
    const status = await send({ 'transfer-encoding': 'chunked' }, (request) => {
      const more = () => {
        if (request.destroyed || sent >= 10_000_000) return void request.end()
        sent += CHUNK.length
        if (request.write(CHUNK)) setImmediate(more)
        else request.once('drain', more)
      }
      more()
    })
    // The answer, or a line that is closed while more is sent: never the whole of it.
    expect([413, 'EPIPE', 'ECONNRESET']).toContain(status)
    expect(read).toEqual(['refused 413'])
    expect(sent).toBeLessThan(10_000_000)
  })
  it('that says it is too long is not read at all', async () => {
    expect([413, 'EPIPE', 'ECONNRESET']).toContain(await send({ 'content-length': 200_000 }, request => request.write(CHUNK)))
    expect(read).toEqual(['refused 413'])
  })
  it('of just as many bytes as may be is read', async () => {
    expect(await send({}, request => request.end(Buffer.alloc(LIMITS.maxBytes, 'a')))).toBe(200)
    expect(await send({}, request => request.end(Buffer.alloc(LIMITS.maxBytes + 1, 'a')))).not.toBe(200)
  })
  it('that trickles is not waited for', async () => {
    const status = await send({ 'content-length': 50 }, (request) => {
      const drip = setInterval(() => (request.destroyed ? clearInterval(drip) : void request.write('a')), 100)
      request.on('close', () => clearInterval(drip)).on('response', () => clearInterval(drip))
    })
    expect([408, 'EPIPE', 'ECONNRESET']).toContain(status)
    expect(read).toEqual(['refused 408'])
  })
  it('whose sender goes away ends', async () => {
    await send({ 'content-length': 50 }, (request) => {
      request.write('a')
      setTimeout(() => request.destroy(), 30)
    })
    await expect.poll(() => read).toEqual(['refused 408'])
  })
})

describe('places', () => {
  it('are so many, of which one takes a share and no more; each left once is free again', () => {
    const places = new Places(4, 2)
    const [first, second] = [places.take('maren'), places.take('maren')]
    expect(places.take('maren')).toBe('own')
    expect([typeof places.take('oskar'), typeof places.take('imke'), places.take('bea')]).toEqual(['function', 'function', 'all'])
    expect(places.open).toBe(4)
    for (let i = 0; i < 3; i++) (first as () => void)()
    expect(places.open).toBe(3)
    expect(typeof places.take('maren')).toBe('function')
    expect(places.take('maren')).toBe('all')
    ;(second as () => void)()
    expect(places.open).toBe(3)
  })
})
