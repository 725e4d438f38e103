import { tagIdOf } from '#core/ids/tag'

/** Of which helmet a shade is said: of the only one, or of the one that was named; undefined where nobody can know. */
export function wornHelmet(helmets: readonly { readonly tag: string }[], named: string | undefined): string | undefined {
  const ids = helmets.map(({ tag }) => tagIdOf(tag))
  return ids.length === 1 ? ids[0] : ids.find(id => id === named)
}
