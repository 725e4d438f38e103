import { noiseToday } from '#core/clearance/body-gate'
import type { Job } from '#core/job/job'
import { doesFail, judgeGarments } from '#core/ppe/judge-garments'
import type { OutfitVerdict, ZoneVerdict } from '#core/ppe/judge-garments'
import { outfitForAll } from '#core/ppe/outfit-for-all'
import type { OutfitAround } from '#core/ppe/required-outfit'
import type { ToldGarment } from '#core/ppe/wearables'
import type { ZoneId } from '#core/ids/vocabulary'
import { garmentHouseOf } from '#core/streams/house-rules/house-rules'
import { stands } from '#core/time/instant'
import type { PersonOnFloor } from '#shared/contract/readings'

/** Work that somebody is dressed for: of a bay where they stand, or of their own. */
export interface DressedFor { readonly bayId: string, readonly bayLabel: string, readonly job: Job, readonly around: OutfitAround }
/** How somebody stands at the door. */
export type DoorState
  = | { readonly is: 'not-seen' | 'no-job' | 'ready' }
    | { readonly is: 'to-change' | 'to-tell', readonly zones: readonly ZoneId[] }

/** Zones of which nobody told anything: what the air decides needs nothing told. */
export const untoldOf = ({ zones }: OutfitVerdict, worn: readonly ToldGarment[]): readonly ZoneVerdict[] =>
  zones.filter(({ zone, requirement }) => requirement !== 'fume-see-air-gate' && !worn.some(one => one.zone === zone))

/** People as they come to the door, what they are dressed for, and what it comes to. */
export function useDoor() {
  const facts = useFacts()
  const judged = useJudged()
  const house = computed(() => garmentHouseOf(facts.rules))
  const people = computed(() => facts.reading?.people ?? [])

  /** All the work of somebody: of every bay where they stand; of their own bay where they stand at none. */
  function dressedFor({ personId, bayId }: PersonOnFloor): readonly DressedFor[] {
    const stands = judged.placed.filter(({ station }) => station.personId === personId && station.job !== null)
    const at = stands.length > 0 ? stands : judged.placed.filter(({ bay, station }) => bay.bayId === bayId && station.job !== null)
    return at.map(({ bay, station }) => ({
      bayId: bay.bayId, bayLabel: bay.label, job: station.job!, around: { noise: noiseToday(station, judged.viewAt(bay)) },
    }))
  }
  /** What is worn, for all of that work; null for none. */
  const judge = (worn: readonly ToldGarment[], works: readonly DressedFor[]): OutfitVerdict | null =>
    outfitForAll(works.map(({ job, around }) => judgeGarments(job, worn, house.value, around)))
  /** What somebody was told to have on today; null where nobody told. */
  const wornToday = ({ outfit }: PersonOnFloor): readonly ToldGarment[] | null =>
    outfit && stands(outfit.validUntil, judged.standing.now) ? outfit.worn : null

  function stateOf(person: PersonOnFloor): DoorState {
    const worn = wornToday(person)
    if (worn === null) return { is: 'not-seen' }
    const verdict = judge(worn, dressedFor(person))
    if (verdict === null) return { is: 'no-job' }
    const untold = untoldOf(verdict, worn).map(({ zone }) => zone)
    const failing = verdict.zones.filter(one => doesFail(one) && !untold.includes(one.zone)).map(({ zone }) => zone)
    if (failing.length > 0) return { is: 'to-change', zones: failing }
    return untold.length > 0 ? { is: 'to-tell', zones: untold } : { is: 'ready' }
  }
  return { people, house, dressedFor, judge, wornToday, stateOf }
}
