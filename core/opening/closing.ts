import { HANDOVER_CHECKS } from '../ids/station-ids'
import { SHUTTING_STEPS } from '../ids/cylinder-ids'
import { cylinderStream, stationStream } from '../ids/streams'
import { tagIdOf } from '../ids/tag'
import type { CylinderState } from '../streams/cylinder/cylinder'
import type { Addressed } from '../streams/commands'
import type { Station } from '../streams/station/station'
import type { Instant } from '../time/instant'
import { isAfter, isBefore } from '../time/instant'

/** Whether a bay was handed over after its last job was set and whoever stands there came, this shop day. */
export function isHandedOver({ handover, jobSetAt, personSince }: Station, dayBegan: Instant): boolean {
  if (handover === null || isBefore(handover.at, dayBegan)) return false
  return [jobSetAt, personSince].every(at => at === null || !isAfter(at, handover.at))
}

/** What hands a bay over with everything in order. */
export const handsOver = (bayId: string): Addressed<'station.hand-over'> => ({
  streamId: stationStream(bayId),
  command: { type: 'station.hand-over', payload: { answers: Object.fromEntries(HANDOVER_CHECKS.map(id => [id, true])) } },
})

/** Cylinders that are connected and were opened since they were last shut, or were never shut. */
export const isStillOpen = ({ isConnected, shutDownAt, leakTest, deliveryAt, touchedAt }: CylinderState): boolean =>
  isConnected && (shutDownAt === null || [leakTest?.at, deliveryAt, touchedAt].some(at => at != null && isAfter(at, shutDownAt)))

/** What shuts one down, every step of it done. */
export const shutsDown = ({ tag }: Pick<CylinderState, 'tag'>): Addressed<'cylinder.shut-down'> => ({
  streamId: cylinderStream(tagIdOf(tag)),
  command: { type: 'cylinder.shut-down', payload: { steps: SHUTTING_STEPS } },
})
