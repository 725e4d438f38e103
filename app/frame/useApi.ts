import type { InputError } from '#shared/readings'
import type { SpokenFinding } from '#shared/words/speak'

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

/** Asks the server. No signal is an answer too, and never an exception. */
export async function ask<Body>(
  path: string,
  { method = 'GET', body, signal }: { method?: 'GET' | 'POST', body?: unknown, signal?: AbortSignal } = {},
): Promise<Reply<Body>> {
  let response: Response
  let read: unknown
  try {
    response = await fetch(`/api/v1/${path}`, {
      method,
      signal,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
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
        error: 'The server failed to answer. What you entered is kept; try again.',
        fields: [],
        findings: [],
      },
    }
  const { error = '', fields = [], findings = [] } = read as Partial<Refusal>
  return { ok: false, refusal: { status: response.status, error: typeof error === 'string' ? error : '', fields, findings } }
}

/** What to show for a reply that was not yes. */
export function wordsOf(reply: Exclude<Reply<unknown>, { ok: true }>): string {
  if ('unreachable' in reply) return 'No connection to the server. What you entered is kept.'
  const { error, findings, fields } = reply.refusal
  return [
    error,
    ...findings.map(({ message, todo }) => (todo ? `${message} ${todo}` : message)),
    ...fields.map(({ path, message }) => `${path}: ${message}`),
  ]
    .filter(Boolean)
    .join(' ')
}
