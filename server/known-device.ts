import { createHmac, timingSafeEqual } from 'node:crypto'
import type { H3Event } from 'h3'
import { getCookie, setCookie } from 'h3'
import { readDevice } from './tables/device'
import type { Device } from './tables/device'
import { useRunning } from './running'

const COOKIE = 'zonaris-device'
const KEPT_S = 400 * 24 * 3600

/** What the cookie says. What the device may do stands in the database, and ends there. */
interface Carried {
  readonly siteId: string
  readonly deviceId: string
}

const seal = (body: string): string =>
  createHmac('sha256', useRuntimeConfig().session.password).update(`device ${body}`).digest('base64url')

export function giveDeviceCookie(event: H3Event, { siteId, deviceId }: Carried): void {
  const body = Buffer.from(JSON.stringify({ siteId, deviceId } satisfies Carried)).toString('base64url')
  const { cookie } = useRuntimeConfig().session
  setCookie(event, COOKIE, `${body}.${seal(body)}`, {
    httpOnly: true,
    sameSite: 'lax',
    secure: cookie ? cookie.secure : true,
    maxAge: KEPT_S,
    path: '/',
  })
}

/** The device this request comes from: its cookie carries our seal, and nobody took it back. */
export async function knownDevice(event: H3Event): Promise<Device | null> {
  const [body, sealed] = (getCookie(event, COOKIE) ?? '').split('.')
  if (!body || !sealed) return null
  // Compared whole and in the same time, whatever was sent.
  const [given, ours] = [Buffer.from(sealed), Buffer.from(seal(body))]
  if (given.length !== ours.length || !timingSafeEqual(given, ours)) return null
  const { siteId, deviceId } = JSON.parse(Buffer.from(body, 'base64url').toString('utf8')) as Carried
  return readDevice(useRunning().pool, siteId, deviceId)
}
