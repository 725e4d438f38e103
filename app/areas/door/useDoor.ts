import type { Job } from '#core/job/job'
import { doesFail, judgeGarments } from '#core/ppe/judge-garments'
import type { OutfitVerdict, ZoneVerdict } from '#core/ppe/judge-garments'
import type { OutfitAround } from '#core/ppe/required-outfit'
import type { ToldGarment } from '#core/ppe/wearables'
import type { ZoneId } from '#core/ids/vocabulary'
import { garmentHouseOf } from '#core/streams/house-rules/house-rules'
import { stands } from '#core/time/instant'
import type { PersonOnFloor } from '#shared/contract/readings'

/** The work that somebody is dressed for: of the bay where they stand, or of their own. */
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

  function dressedFor({ personId, bayId }: PersonOnFloor): DressedFor | null {
    const at = judged.placed.find(({ station }) => station.personId === personId && station.job !== null)
      ?? judged.placed.find(({ bay, station }) => bay.bayId === bayId && station.job !== null)
    return at?.station.job
      ? { bayId: at.bay.bayId, bayLabel: at.bay.label, job: at.station.job, around: { isLoudAround: judged.viewAt(at.bay).isLoudAround } }
      : null
  }
  const judge = (worn: readonly ToldGarment[], { job, around }: DressedFor): OutfitVerdict =>
    judgeGarments(job, worn, house.value, around)
  /** What somebody was told to have on today; null where nobody told. */
  const wornToday = ({ outfit }: PersonOnFloor): readonly ToldGarment[] | null =>
    outfit && stands(outfit.validUntil, judged.standing.now) ? outfit.worn : null

  function stateOf(person: PersonOnFloor): DoorState {
    const worn = wornToday(person)
    if (worn === null) return { is: 'not-seen' }
    const work = dressedFor(person)
    if (work === null) return { is: 'no-job' }
    const verdict = judge(worn, work)
    const untold = untoldOf(verdict, worn).map(({ zone }) => zone)
    const failing = verdict.zones.filter(one => doesFail(one) && !untold.includes(one.zone)).map(({ zone }) => zone)
    if (failing.length > 0) return { is: 'to-change', zones: failing }
    return untold.length > 0 ? { is: 'to-tell', zones: untold } : { is: 'ready' }
  }
  return { people, house, dressedFor, judge, wornToday, stateOf }
}
