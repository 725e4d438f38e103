import { createHmac, randomUUID, timingSafeEqual } from 'node:crypto'
import type { H3Event } from 'h3'
import { getCookie, setCookie } from 'h3'

/** A device that somebody of the site has signed in on. It outlives the session: it may stop work, and nothing else. */
export interface KnownDevice { readonly siteId: string, readonly deviceId: string }

const COOKIE = 'zonaris-device'
const KEPT_S = 400 * 24 * 3600

const seal = (body: string): string => createHmac('sha256', useRuntimeConfig().session.password).update(`device ${body}`).digest('base64url')

export function rememberDevice(event: H3Event, siteId: string): void {
  const deviceId = knownDevice(event)?.deviceId ?? randomUUID()
  const body = Buffer.from(JSON.stringify({ siteId, deviceId } satisfies KnownDevice)).toString('base64url')
  const { cookie } = useRuntimeConfig().session
  setCookie(event, COOKIE, `${body}.${seal(body)}`, { httpOnly: true, sameSite: 'lax', secure: cookie ? cookie.secure : true, maxAge: KEPT_S, path: '/' })
}

/** The device this request comes from, when its cookie carries our seal. */
export function knownDevice(event: H3Event): KnownDevice | null {
  const [body, sealed] = (getCookie(event, COOKIE) ?? '').split('.')
  if (!body || !sealed) return null
  const [given, ours] = [Buffer.from(sealed), Buffer.from(seal(body))]
  if (given.length !== ours.length || !timingSafeEqual(given, ours)) return null
  return JSON.parse(Buffer.from(body, 'base64url').toString('utf8')) as KnownDevice
}
