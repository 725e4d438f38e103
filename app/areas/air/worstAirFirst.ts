import type { Placed } from '~/stores/judged'

/** Bays by how much their air asks of somebody: those that hold first, and whose air nobody knows before any that is known. */
export const worstAirFirst = (a: Placed, b: Placed): number => holds(b) - holds(a) || used(b) - used(a)

const holds = ({ verdict }: Placed): number => Number(verdict.byId.air.state !== 'open' && verdict.byId.air.state !== 'not-needed')
/** The part of a limit that is used; unknown counts as more than any, and no job as less. */
const used = ({ verdict, station }: Placed): number => verdict.air.exposure?.fraction ?? (station.job ? Infinity : -1)
