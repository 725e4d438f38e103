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
