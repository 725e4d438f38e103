import { fromAbsolute } from '@internationalized/date'

/**
 * An instant as the clock on the wall shows it, with the zone's offset: `2025-11-02T01:40:00-05:00`. The offset tells the
 * two 01:40 of an autumn night apart.
 * @throws RangeError when the zone is not known
 */
export function zonedInstant(atMs: number, timeZone: string): string {
  return fromAbsolute(atMs, timeZone).toString().split('[')[0]!.replace(/(T\d\d:\d\d:\d\d)\.0+(?=[+-])/, '$1')
}
