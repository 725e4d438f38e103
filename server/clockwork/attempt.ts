import { nowIso } from '../clock'
import { forgetTrouble, readTrouble, setAside } from '../database/deadline'
import type { ClockTrouble } from '../database/deadline'
import type { Door } from '../door/door'

/** Something that the clock does for a site by itself, with what went wrong when it last tried. */
export interface Attempt {
  readonly siteId: string
  readonly streamId: string
  readonly kind: string
  readonly before: ClockTrouble | undefined
}

/**
 * Does something for a site that may fail, unless it waits for its next try: what failed is set aside with its reason.
 *
 * @param work gives why it did not go through; null where it did
 */
export async function attempt(door: Door, { siteId, streamId, kind, before }: Attempt, work: () => Promise<string | null>): Promise<void> {
  if (before && Date.parse(before.retryAt) > door.clock.nowMs()) return
  const because = await work().catch((error: unknown) => (error instanceof Error ? error.message : String(error)))
  const now = nowIso(door.clock)
  if (because !== null) await setAside(door.pool, { siteId, streamId, kind, dueAt: before?.dueAt ?? now }, because, now)
  else if (before) await forgetTrouble(door.pool, siteId, streamId, kind)
}

/** What went wrong with one kind of work, site by site. */
export const troubleOf = async (door: Door, kind: string): Promise<Map<string, ClockTrouble>> =>
  new Map((await readTrouble(door.pool, null, 1000)).filter(one => one.kind === kind).map(one => [one.siteId, one]))
