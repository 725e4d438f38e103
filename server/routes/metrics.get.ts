import { createHash, timingSafeEqual } from 'node:crypto'
import { getHeader, setHeader, setResponseStatus } from 'h3'
import { isProxyOurs } from '../address'
import { addressOf } from '../http'
import { useRunning } from '../running'

const isLoopback = (address: string): boolean => address === '::1' || /^(::ffff:)?127\./.test(address)

/** What proxies add to what they hand on. */
const FORWARDED = ['x-forwarded-for', 'x-forwarded-host', 'forwarded', 'via', 'x-real-ip']

const digest = (text: string): Buffer => createHash('sha256').update(text).digest()

/** What Prometheus reads: from this machine itself, or with the key that `ZONARIS_METRICS_KEY` names. */
export default defineEventHandler(async (event) => {
  const [scheme, given] = (getHeader(event, 'authorization') ?? '').split(' ')
  const key = process.env.ZONARIS_METRICS_KEY
  const hasKey
    = scheme === 'Bearer' && given !== undefined && key !== undefined && key !== '' && timingSafeEqual(digest(given), digest(key))
  // Handed on by somebody whom nobody named, it did not begin on this machine.
  const isHandedOn = !isProxyOurs() && FORWARDED.some(name => getHeader(event, name) !== undefined)
  if (!hasKey && (isHandedOn || !isLoopback(addressOf(event)))) {
    setResponseStatus(event, 404)
    return { error: 'There is nothing at this address.' }
  }
  const { registry } = useRunning().metrics
  setHeader(event, 'content-type', registry.contentType)
  return registry.metrics()
})
