import { assessStation } from '../clearance/assess-station'
import type { Surroundings } from '../clearance/surroundings'
import type { FindingCode } from '../findings/finding'
import type { GateId } from '../ids/vocabulary'
import type { Job } from '../job/job'
import type { Bay } from '../streams/site/site'
import type { Station } from '../streams/station/station'

/** A bay that has what a job needs: looks may be due there, nothing lacks and nothing fails. */
export interface Taker { readonly bayId: string, readonly isFree: boolean }

/** What belongs to a bay, whoever stands there: its air, its gas, its machine. */
const OF_THE_BAY: readonly GateId[] = ['air', 'gas', 'machine']
/** What is only due: a look, a leak test, a reading. Anything else is lacking there, or fails. */
const IS_A_LOOK: ReadonlySet<FindingCode> = new Set(['kit.look-due', 'air.extraction-not-checked', 'gas.not-leak-tested', 'gas.not-read'])

/**
 * Bays that can take a job which its own cannot: none of what belongs to the bay fails there with that job. Free ones first.
 *
 * @param personId who does it: their mask counts there, not that of whoever stands there now
 * @param others open bays but its own, each with how it stands and what it is judged in
 */
export function whereElse(
  job: Job,
  personId: string | null,
  others: readonly { readonly bay: Pick<Bay, 'bayId'>, readonly station: Station, readonly view: Surroundings }[],
): readonly Taker[] {
  return others
    .filter(({ station, view }) => {
      if (station.stop !== null) return false
      const { byId } = assessStation({ ...station, job, personId }, view)
      return OF_THE_BAY.every(gate =>
        byId[gate].findings.every(({ severity, code }) => (severity !== 'hold' && severity !== 'stop') || IS_A_LOOK.has(code)))
    })
    .map(({ bay, station }): Taker => ({ bayId: bay.bayId, isFree: station.personId === null || station.job === null }))
    .sort((a, b) => Number(b.isFree) - Number(a.isFree))
}
