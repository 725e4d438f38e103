import { addressOf } from '#shared/contract/answers'
import type { FormPath, Forms, Given, Parts, ReadingPath, Readings } from '#shared/contract/answers'
import type { InputError } from '#shared/contract/readings'
import type { SpokenFinding } from '#shared/words/spoken'
import { framePages } from '~/words/frame'
import { language } from '~/words/live'

const says = framePages.api

/** What the server said when it did not say yes. */
export interface Refusal {
  readonly status: number
  readonly error: string
  readonly fields: InputError['fields']
  readonly findings: readonly SpokenFinding[]
}

export type Reply<Body>
  = | { readonly ok: true, readonly body: Body }
    | { readonly ok: false, readonly refusal: Refusal }
    | { readonly ok: false, readonly unreachable: true }

/** Asks the server at an address. No signal is an answer too, and never an exception. */
async function ask<Body>(
  path: string,
  { method = 'GET', body, signal }: { method?: 'GET' | 'POST', body?: unknown, signal?: AbortSignal } = {},
): Promise<Reply<Body>> {
  let response: Response
  let read: unknown
  try {
    response = await fetch(`/api/v1/${path}`, {
      method,
      signal,
      headers: { 'accept-language': language.value, ...body === undefined ? {} : { 'content-type': 'application/json' } },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
    read = await response.json()
  } catch {
    return { ok: false, unreachable: true }
  }
  if (response.ok) return { ok: true, body: read as Body }
  if (response.status >= 500)
    return {
      ok: false,
      refusal: {
        status: response.status,
        error: says.theServerFailedToAnswer,
        fields: [],
        findings: [],
      },
    }
  const { error = '', fields = [], findings = [] } = read as Partial<Refusal>
  return { ok: false, refusal: { status: response.status, error: typeof error === 'string' ? error : '', fields, findings } }
}

/** Reads what an address tells. */
export const askFor = <Path extends ReadingPath>(
  path: Path,
  ...[given]: [Parts<Path>] extends [never] ? [given?: Given<Path>] : [given: Given<Path>]
): Promise<Reply<Readings[Path]>> => ask<Readings[Path]>(addressOf(path, given ?? ({} as Given<Path>)))

/** How something is sent besides: who speaks, and when to give up. */
interface How {
  readonly as?: 'device'
  readonly signal?: AbortSignal
}

/** Sends a form to its address. */
export function sendTo<Path extends FormPath>(
  path: Path,
  body: Forms[Path]['asks'],
  { as, signal }: How = {},
): Promise<Reply<Forms[Path]['answers']>> {
  return ask<Forms[Path]['answers']>(as ? `${path}?as=${as}` : path, { method: 'POST', body, signal })
}

/** What to show for a reply that was not yes. */
export function wordsOf(reply: Exclude<Reply<unknown>, { ok: true }>): string {
  if ('unreachable' in reply) return says.noConnectionToTheServer
  const { error, findings, fields } = reply.refusal
  return [
    error,
    ...findings.map(({ message, todo }) => (todo ? `${message} ${todo}` : message)),
    ...fields.map(({ path, message }) => `${path}: ${message}`),
  ]
    .filter(Boolean)
    .join(' ')
}
