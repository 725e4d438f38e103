import { tagIdOf } from '#core/ids/tag'
import type { HelmetSetting } from '#core/streams/station/station'

/** Of which helmet a shade is said: of the only one, or of the one that was named last; undefined where nobody can know. */
export function wornHelmet(helmets: readonly { readonly tag: string }[], said: HelmetSetting | null): string | undefined {
  const ids = helmets.map(({ tag }) => tagIdOf(tag))
  if (ids.length === 1) return ids[0]
  return ids.find(id => id === said?.tag)
}
