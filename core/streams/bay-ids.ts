import { baysOfHall, hallIdOf } from '../air/air-facts'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { Site } from './site/site'

/** Why no stream can be called by a bay; null when it can. */
export const refuseBayId = (bayId: string, { bays }: Site): Finding | null =>
  bays.some(bay => bay.bayId === bayId) ? null : finding('hold', 'command.bay-unknown', { bayId })

/** Why no work begins at a bay: it is not in use; null when it is, or is no bay. */
export function refuseClosedBay(bayId: string | null, { bays }: Site): Finding | null {
  const closed = bays.find(bay => bay.bayId === bayId && bay.closed)
  return closed ? finding('hold', 'command.place-closed', { name: closed.label }) : null
}

/** A bay and the others of its hall, whose air is one. */
export const hallmatesOf = (site: Site, bayId: string): readonly string[] => [bayId, ...baysOfHall(site, hallIdOf(site, bayId) ?? '')]
