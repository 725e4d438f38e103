import type { OutfitToday } from '../clearance/person-around'
import type { Job } from '../job/job'
import { doesFail, judgeGarments } from '../ppe/judge-garments'
import type { GarmentHouse } from '../ppe/judge-garments'
import type { OutfitAround } from '../ppe/required-outfit'
import { headOf, usualOf, wear } from '../ppe/wearables'
import type { ToldGarment } from '../ppe/wearables'
import type { Instant } from '../time/instant'
import { stands } from '../time/instant'

/**
 * What somebody usually wears, as it would be told today with everything sound and nothing in the pockets: what one tap of whoever looks
 * them over says.
 *
 * @returns 'apart' where that does not do for the job, or something was told today already; null where nothing was ever told of them
 */
export function usualToday(
  last: OutfitToday | null,
  job: Job,
  house: GarmentHouse,
  around: OutfitAround,
  now: Instant,
): readonly ToldGarment[] | 'apart' | null {
  if (last === null) return null
  if (stands(last.validUntil, now)) return 'apart'
  const worn = wear(wear(usualOf(last), headOf(last)), 'pockets-empty')
  return judgeGarments(job, worn, house, around).zones.some(doesFail) ? 'apart' : worn
}
