/**
 * Where a request comes from. Of what proxies wrote down, only the last entry is the one our own proxy added: those before it
 * came with the request, and anybody can write them.
 *
 * @param line the address of the connection itself
 * @param forwarded the `x-forwarded-for` header as it came
 * @param isProxyOurs a proxy of our own stands before us (`ZONARIS_TRUST_PROXY=on`); otherwise the header is not looked at
 */
export function addressFrom(line: string | undefined, forwarded: string | undefined, isProxyOurs: boolean): string {
  const last = isProxyOurs ? forwarded?.split(',').at(-1)?.trim() : undefined
  return last || line || 'unknown'
}

/** Does a proxy of our own stand before us? Only then is anything believed of what it writes down. */
export const isProxyOurs = (env: NodeJS.ProcessEnv = process.env): boolean => env.ZONARIS_TRUST_PROXY === 'on'

/**
 * Did a request that changes something begin on our own pages, or outside any browser? A browser says which page it began on
 * (`origin`), and how near that is (`sec-fetch-site`); no page can write either.
 *
 * @param host the name under which we were asked
 */
export function beganHere({ origin, site, host }: { readonly origin?: string, readonly site?: string, readonly host?: string }): boolean {
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return false
  if (origin === undefined) return true
  return URL.canParse(origin) && new URL(origin).host === host
}
