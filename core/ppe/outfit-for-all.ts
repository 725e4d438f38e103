import type { ZoneId } from '../ids/vocabulary'
import { ZONES } from '../ids/vocabulary'
import { doesFail, worstOf } from './judge-garments'
import type { OutfitVerdict, ZoneVerdict } from './judge-garments'

/** How much speaks against a zone: what fails, then what passes with a caution, then what passes. */
const WORSE = { 'pass': 0, 'pass-with-caution': 1, 'fail': 2 } as const
const against = (zone: ZoneVerdict): number => (doesFail(zone) ? 3 : WORSE[zone.verdict])

/**
 * What somebody has on, for all the work that they do today: at each zone what the strictest job says of it. It passes only where it
 * passes for each of them.
 *
 * @param outfits the same clothes judged for one job after the other
 * @returns null for no job at all: without work nothing is judged
 */
export function outfitForAll(outfits: readonly OutfitVerdict[]): OutfitVerdict | null {
  if (outfits.length === 0) return null
  const worst = new Map<ZoneId, ZoneVerdict>()
  for (const zone of outfits.flatMap(({ zones }) => zones)) {
    const before = worst.get(zone.zone)
    if (!before || against(zone) > against(before)) worst.set(zone.zone, zone)
  }
  const zones = ZONES.flatMap(id => worst.get(id) ?? [])
  return { zones, verdict: worstOf(zones) }
}
