import { createHash } from 'node:crypto'
import type { H3Event } from 'h3'
import { getHeader, getMethod, getQuery, getResponseStatus, setHeader, setResponseStatus } from 'h3'
import { safeDestr } from 'destr'
import type { z } from 'zod'
import zodInSpanish from 'zod/v4/locales/es.js'
import type { Holder } from '#core/rights/rights'
import { mayDo } from '#core/rights/rights'
import { finding } from '#core/findings/finding'
import type { Finding } from '#core/findings/finding'
import type { SpokenFinding } from '#shared/words/spoken'
import type { findingSchema } from '#shared/contract/finding-schema'
import type { InputError, PersonReading } from '#shared/contract/readings'
import { firstIllFormed, illFormed } from '#shared/well-formed'
import { addressFrom, beganHere, isProxyOurs } from './address'
import { isDatabaseAway } from './database/away'
import type { KeyPurposeId } from '#core/ids/monitor-ids'
import { deviceKeyBehind } from './tables/device-key'
import { readSession } from './tables/session'
import { areDemoSignInsRefused } from './demo-sign-ins'
import { nowIso } from './clock'
import { TooBusy } from './hashing'
import { BodyRefused, readBounded } from './read-bounded'
import { waitBefore } from './limits'
import { complain } from './logging'
import { useRunning } from './running'
import type { SignedIn } from './signed-in'
import { inLanguage, languageHere, languageOf } from './language'
import { spoken } from './spoken'
import { errorsHere, fieldHere } from './words/here'
import type { RightId } from '#core/ids/rights'

/** An answer other than the good one: thrown by a route's parts, sent as JSON. */
export class Problem extends Error {
  constructor(readonly status: number, readonly body: object) {
    super(`problem ${status}`)
  }
}

/** What cannot be used of what was sent, field by field. */
export const unreadable = (fields: InputError['fields']): Problem =>
  new Problem(422, {
    error: errorsHere().inputUnusable,
    fields: fields.map(({ path, message }) => ({ path, message: fieldHere(message) })),
  } satisfies InputError)

/** What a request comes to when it did not go well: in one shape, whatever went wrong. */
function answerOf(event: H3Event, error: unknown): object {
  if (error instanceof Problem) {
    setResponseStatus(event, error.status)
    return error.body
  }
  if (error instanceof TooBusy) {
    setHeader(event, 'retry-after', 5)
    setResponseStatus(event, 429)
    return { error: errorsHere().busySigningIn }
  }
  if (isDatabaseAway(error)) {
    complain('A request was not answered.', error)
    setHeader(event, 'retry-after', 2)
    setResponseStatus(event, 503)
    return { error: errorsHere().databaseAway, retry: true }
  }
  complain('A request failed.', error)
  setResponseStatus(event, 500)
  return { error: errorsHere().failed }
}

/** A route that answers problems in our own words and shape. */
export const api = <Result>(handle: (event: H3Event) => Promise<Result> | Result) => defineEventHandler(async (event) => {
  const beganMs = performance.now()
  try {
    return await inLanguage(languageOf(event), async () => {
      try {
        refuseIllAddress(event)
        refuseForeignOrigin(event)
        refuseTooMany(event, await waitBefore(event.path, addressOf(event)))
        return await handle(event)
      } catch (error) {
        return answerOf(event, error)
      }
    })
  } finally {
    const { path = 'other' } = event.context.matchedRoute ?? {}
    useRunning().metrics.answered(getMethod(event), path, getResponseStatus(event), (performance.now() - beganMs) / 1000)
  }
})

/** Answers 429 where somebody has to wait. */
export function refuseTooMany(event: H3Event, waitS: number | null): void {
  if (waitS === null) return
  setHeader(event, 'retry-after', waitS)
  throw new Problem(429, { error: errorsHere().tooMany(waitS) })
}

/** What is wrong with a field where the contract has no sentence of its own, in Spanish. */
const spanishIssues = zodInSpanish().localeError

/** The path of a field as people write it: `streams.0.id`. */
const fieldsOf = (error: z.ZodError, under = ''): InputError['fields'] => error.issues.flatMap((issue) => {
  const path = [under, ...issue.path.map(String)].filter(Boolean).join('.')
  if (issue.code === 'unrecognized_keys')
    return issue.keys.map(key => ({ path: [path, key].filter(Boolean).join('.'), message: 'this field is not known here' }))
  const allowed = issue.code === 'invalid_value' ? `one of: ${issue.values.map(String).join(', ')}` : issue.message
  return [{ path: path || '(body)', message: allowed }]
})

/** Checks a value against a schema, or answers 422 with every field that is wrong. */
export function parse<Schema extends z.ZodType>(schema: Schema, value: unknown, under = ''): z.output<Schema> {
  const result = schema.safeParse(value, languageHere() === 'es' ? { error: spanishIssues } : undefined)
  if (!result.success) throw unreadable(fieldsOf(result.error, under))
  return result.data
}

/** The text of a request's body, no longer than is taken. */
export const readText = (event: H3Event): Promise<string> =>
  readBounded(event.node.req).catch((error: unknown) => {
    if (!(error instanceof BodyRefused)) throw error
    // The rest of it is not wanted: the line is closed behind the answer.
    setHeader(event, 'connection', 'close')
    throw new Problem(error.status, { error: error.message })
  })

/** The body of a request, whatever it holds, or 422. */
export async function readJson(event: H3Event): Promise<unknown> {
  const text = await readText(event)
  let body: unknown
  try {
    body = text === '' ? undefined : safeDestr(text)
  } catch {
    throw unreadable([{ path: '(body)', message: 'this is not JSON' }])
  }
  refuseIllFormed(body)
  return body
}

/** What cannot be kept gets no further than here, whatever field it stands in: not one route may meet it. */
function refuseIllFormed(value: unknown): void {
  const ill = firstIllFormed(value)
  if (ill) throw unreadable([ill])
}

/** The address itself: its path as it was meant, and what is asked after it. */
function refuseIllAddress(event: H3Event): void {
  let path: string
  try {
    path = decodeURIComponent(event.path.split('?')[0]!)
  } catch {
    throw unreadable([{ path: '(address)', message: 'this is no address' }])
  }
  if (illFormed(path) !== null) throw unreadable([{ path: '(address)', message: illFormed(path)! }])
  refuseIllFormed(getQuery(event))
}

/** Answers 422 for one field whose value is well formed and cannot be used. */
export function refuseInput(path: string, message: string): never {
  throw unreadable([{ path, message }])
}

/** The body of a request as its schema wants it. */
export async function parseBody<Schema extends z.ZodType>(event: H3Event, schema: Schema): Promise<z.output<Schema>> {
  return parse(schema, await readJson(event))
}

export const holderOf = ({ roles, areaId, bayId }: PersonReading): Holder => ({ roles, areaId, bayId })

/** Sessions end this long after sign-in, ms; a shop day and a late shift. */
export const SESSION_MS = 14 * 3600_000

/** Where a request comes from: see `addressFrom`. */
export const addressOf = (event: H3Event): string =>
  addressFrom(event.node.req.socket.remoteAddress, getHeader(event, 'x-forwarded-for'), isProxyOurs())

/**
 * A change must come from our own pages: a browser names where a request began, and what stands before us names us only where it is ours.
 */
function refuseForeignOrigin(event: H3Event): void {
  if (getMethod(event) === 'GET' || getMethod(event) === 'HEAD') return
  const forwarded = isProxyOurs() ? getHeader(event, 'x-forwarded-host') : undefined
  if (
    !beganHere({
      origin: getHeader(event, 'origin'),
      site: getHeader(event, 'sec-fetch-site'),
      host: forwarded ?? getHeader(event, 'host'),
    })
  ) {
    throw new Problem(403, { error: errorsHere().foreignOrigin })
  }
}

/** Who is signed in on this device, or null: the session stands on the server, in time, and its person is still here. */
export async function signedIn(event: H3Event): Promise<SignedIn | null> {
  const { user } = await getUserSession(event)
  return typeof user?.sessionId === 'string' ? sessionStands(user.sessionId) : null
}

/** Whose session this is, as long as it stands. */
export async function sessionStands(sessionId: string): Promise<SignedIn | null> {
  const { pool, clock } = useRunning()
  const session = await readSession(pool, sessionId)
  if (!session || (session.isDemo && areDemoSignInsRefused())) return null
  // Whoever is on watch stays signed in until relieved: a clock must not take the watch away.
  if (clock.nowMs() - session.openedAtMs > SESSION_MS && !session.isOnPost) return null
  const { siteId, deviceId, person } = session
  return { siteId, sessionId, deviceId, person, holder: holderOf(person) }
}

/** Who is signed in, or 401. */
export async function requireSignedIn(event: H3Event): Promise<SignedIn> {
  const who = await signedIn(event)
  if (!who) throw new Problem(401, { error: errorsHere().signInFirst })
  return who
}

/** The site whose readings may be read: by whoever is signed in, or with a read-only device key. */
export async function requireReader(event: H3Event): Promise<string> {
  const behind = await deviceKeyOf(event, 'reads')
  return behind === 'none' ? (await requireSignedIn(event)).siteId : behind.siteId
}

/** The site that an instrument tells what it reads, with a device key that tells; nobody's session will do. */
export async function requireTeller(event: H3Event): Promise<{ readonly siteId: string, readonly keyId: string }> {
  const behind = await deviceKeyOf(event, 'tells')
  if (behind === 'none') throw new Problem(401, { error: errorsHere().keyUnknown })
  return behind
}

/** What is behind the key that a request comes with. @throws Problem 401 for one that is not known, or is for something else */
async function deviceKeyOf(
  event: H3Event,
  purpose: KeyPurposeId,
): Promise<{ readonly siteId: string, readonly keyId: string } | 'none'> {
  const [scheme, key] = (getHeader(event, 'authorization') ?? '').split(' ')
  if (scheme !== 'Bearer' || !key) return 'none'
  const behind = await deviceKeyBehind(useRunning().pool, createHash('sha256').update(key).digest('hex'), purpose)
  if (behind === null) throw new Problem(401, { error: errorsHere().keyUnknown })
  return behind
}

/** Who is signed in and may, or 409 with the reason. */
export async function requireRight(event: H3Event, right: RightId): Promise<SignedIn> {
  const who = await requireSignedIn(event)
  if (!mayDo(who.holder, right))
    throw new Problem(409, { findings: [spoken(finding('hold', 'command.not-allowed', { right, roles: who.holder.roles }))] })
  return who
}

/** Findings as the API's schema has them. */
export const findingsOut = (findings: readonly SpokenFinding[]): z.input<typeof findingSchema>[] =>
  findings.map(({ severity, code, values, sources, message, todo }) => ({
    severity,
    code,
    values: { ...values },
    sources: [...sources],
    message,
    todo,
  }))

/** A stateless answer with its findings spoken. */
export const assessed = <Answer extends { readonly findings: readonly Finding[] }>({
  findings,
  ...answer
}: Answer): Omit<Answer, 'findings'> & { findings: z.input<typeof findingSchema>[] } => ({
  ...answer,
  findings: findingsOut(findings.map(said => spoken(said))),
})

export const serverNow = (): string => nowIso(useRunning().clock)
