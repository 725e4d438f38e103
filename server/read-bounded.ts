import type { IncomingMessage } from 'node:http'

/** The most that one request may bring, bytes: a table of samples with room to spare. */
export const MAX_BODY_BYTES = 2_000_000
/** A body that takes longer than this to arrive is not waited for, ms. */
export const BODY_WITHIN_MS = 20_000

/** Why a body was not read to its end: the status it is answered with. */
export class BodyRefused extends Error {
  constructor(readonly status: 408 | 413) {
    super(
      status === 413
        ? `The body is larger than ${MAX_BODY_BYTES / 1e6} MB.`
        : `The body did not arrive within ${BODY_WITHIN_MS / 1000} s.`,
    )
  }
}

/**
 * Reads a request's body, counting as it comes: a length that is not said, or said wrongly, changes nothing. What is too much is
 * dropped at the byte that makes it so, and what is too slow when its time is up.
 *
 * @throws BodyRefused
 */
export function readBounded(request: IncomingMessage, { maxBytes = MAX_BODY_BYTES, withinMs = BODY_WITHIN_MS } = {}): Promise<string> {
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = []
    let bytes = 0
    const finish = (end: () => void) => {
      clearTimeout(timer)
      request.off('data', take).off('end', whole).off('error', failed).off('aborted', cut)
      end()
    }
    const refuse = (status: 408 | 413) =>
      finish(() => {
        request.pause()
        reject(new BodyRefused(status))
      })
    const take = (chunk: Buffer) => {
      bytes += chunk.length
      if (bytes > maxBytes) refuse(413)
      else chunks.push(chunk)
    }
    const whole = () => finish(() => resolve(Buffer.concat(chunks).toString('utf8')))
    const failed = (error: Error) => finish(() => reject(error))
    const cut = () => finish(() => reject(new BodyRefused(408)))
    const timer = setTimeout(() => refuse(408), withinMs)
    if (Number(request.headers['content-length'] ?? 0) > maxBytes) refuse(413)
    else request.on('data', take).on('end', whole).on('error', failed).on('aborted', cut)
  })
}
