import type { Finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import { finding } from '../findings/finding'
import type { HouseRules } from '../streams/house-rules/house-rules'
import { garmentHouseOf } from '../streams/house-rules/house-rules'
import { heatOfDay } from '../heat/heat-of-day'
import { noiseAtEar, noiseNeed, spansHere } from '../hearing/day-noise'
import type { NoiseAtEar, WorkAt } from '../hearing/day-noise'
import type { Job } from '../job/job'
import { doesFail, judgeGarments } from '../ppe/judge-garments'
import type { ZoneVerdict } from '../ppe/judge-garments'
import { requiredOutfit } from '../ppe/required-outfit'
import type { OutfitRequirement } from '../ppe/required-outfit'
import type { ZoneId } from '../ids/vocabulary'
import type { ToldHeat } from '../streams/hall/hall'
import type { Station, ZoneCheck } from '../streams/station/station'
import type { Instant } from '../time/instant'
import { isAfter, stands } from '../time/instant'
import type { Gate } from './gate'
import { gateFrom } from './gate'
import type { Welder } from './person-around'
import type { Surroundings } from './surroundings'

/** How a zone stands: nobody looked today, it was looked at for another requirement, it passes, it does not. */
export type ZoneStanding = 'to-check' | 'changed' | 'passes' | 'fails'
/** A zone of the outfit with how it stands today, and by what: garments that were told, or a look of the instructor's. */
export interface ZoneToday extends OutfitRequirement {
  readonly standing: ZoneStanding
  /** What its garments come to; null where none was told. */
  readonly garments: ZoneVerdict | null
}

/** What the door needs besides the bay. */
interface AtTheDoor {
  readonly rules: HouseRules
  readonly noiseElsewhere: Surroundings['noiseElsewhere']
  /** Whoever stands here, as far as what they have on goes; null for nobody. */
  readonly welder: Pick<Welder, 'outfit' | 'takenOff'> | null
  /** How warm the hall is, as it was told; left out where nobody did. */
  readonly heat?: ToldHeat
  readonly now: Instant
}

/** The noise of the day of whoever stands at a place: of its own work and of what is done elsewhere. */
export const noiseToday = (work: WorkAt, { noiseElsewhere, rules, now }: Pick<AtTheDoor, 'noiseElsewhere' | 'rules' | 'now'>): NoiseAtEar =>
  noiseAtEar([...spansHere(work, rules, now), ...noiseElsewhere(work.personId)], rules)

/** What was told of today's garments, judged by zone; only zones of which something was told, and lungs, where nothing may be right. */
function judgedZones(job: Job, noise: NoiseAtEar, { welder, rules, now }: AtTheDoor): ReadonlyMap<ZoneId, ZoneVerdict> {
  const outfit = welder?.outfit ?? null
  if (outfit === null || !stands(outfit.validUntil, now)) return new Map()
  const told = new Set<ZoneId>(outfit.worn.map(({ zone }) => zone))
  const { zones } = judgeGarments(job, outfit.worn, garmentHouseOf(rules), { noise })
  return new Map(
    zones
      .filter(({ zone, requirement }) => told.has(zone) || requirement === 'fume-see-air-gate')
      .map(verdict => [verdict.zone, verdict]),
  )
}

/** A look of the instructor's that speaks for a zone today: not one from before what covered it went back. */
function speaking(check: ZoneCheck | undefined, takenOffAt: Instant | undefined, now: Instant): ZoneCheck | null {
  const isOfToday = check !== undefined && stands(check.validUntil, now)
  return isOfToday && (takenOffAt === undefined || isAfter(check.at, takenOffAt)) ? check : null
}

/** What label the noise of the day asks for; and that nothing that is made does, whatever anybody looked at. */
function saidOfNoise(noise: NoiseAtEar, { protectorRule }: HouseRules): readonly Finding[] {
  const need = noiseNeed(noise, protectorRule)
  if (need === null || need.takes === 'any') return []
  const { takes, twaDbA, targetDbA, nrrDb } = need
  const cited: readonly SourceId[] = [protectorRule === 'by-kind' ? 'protectorByKind' : 'usProtectorRating']
  const worn = takes === 'two' ? 'two' : protectorRule === 'by-kind' ? 'muffs' : 'one'
  return [nrrDb === null
    ? finding('hold', 'body.too-loud', { twaDbA, targetDbA }, cited)
    : finding('note', 'body.noise-of-day', { twaDbA, targetDbA, nrrDb, worn }, cited)]
}

/** That the air decides on a mask is said by its own gate. */
const cautionsOf = (told: ZoneVerdict | null): readonly Finding[] =>
  (told?.findings ?? []).filter(({ code, severity }) => severity === 'caution' && code !== 'garment.air-decides')

/**
 * Did every zone from head to foot pass today, against what this job requires now? What was told of garments is judged anew with every
 * job, and no tick passes what they fail; a later look that failed holds whatever was told before it. Where nothing was told, the
 * instructor's look counts.
 */
export function judgeBody(
  station: Pick<Station, 'job' | 'zones' | 'earlierJobs' | 'personId'>,
  door: AtTheDoor,
): Gate & { readonly outfit: readonly ZoneToday[] } {
  const { job, zones } = station
  const { now, welder, rules } = door
  if (job === null) return { ...gateFrom('body', [], [finding('hold', 'body.job-first', {})]), outfit: [] }
  const noise = noiseToday(station, door)
  const garments = judgedZones(job, noise, door)
  const outfit = requiredOutfit(job, { ...garmentHouseOf(rules), noise }).map((line): ZoneToday => {
    const told = garments.get(line.zone) ?? null
    const check = speaking(zones[line.zone], welder?.takenOff[line.zone], now)
    const isFailedSince = check !== null && !check.passes && (!welder?.outfit || isAfter(check.at, welder.outfit.at))
    if (told) return { ...line, garments: told, standing: doesFail(told) || isFailedSince ? 'fails' : 'passes' }
    if (!check) return { ...line, garments: null, standing: 'to-check' }
    return { ...line, garments: null, standing: check.requirement !== line.requirement ? 'changed' : check.passes ? 'passes' : 'fails' }
  })
  const found: Finding[] = outfit
    .filter(({ standing }) => standing === 'fails')
    .map(({ zone, requirement, garments: told }) => told !== null && doesFail(told)
      ? finding('hold', 'body.garment-fails', { zone, requirement })
      : finding('hold', 'body.zone-fails', { zone, requirement }))
  const heat = heatOfDay(job, door.heat ?? null, { heatRule: rules.heatRule, now })
  found.push(...saidOfNoise(noise, rules), ...heat.found)
  const cautioned = outfit.filter(({ standing, garments: told }) => standing === 'passes' && cautionsOf(told).length > 0)
  if (cautioned.length > 0) {
    const zones = cautioned.map(({ zone }) => zone)
    found.push(finding('caution', 'body.with-caution', { zones, count: zones.length }))
  }
  const of = (standing: ZoneStanding): readonly ZoneId[] => outfit.filter(line => line.standing === standing).map(({ zone }) => zone)
  const [changed, unchecked] = [of('changed'), of('to-check')]
  const missing: Finding[] = [...heat.missing]
  if (changed.length > 0) missing.push(finding('hold', 'body.requirement-changed', { zones: changed, count: changed.length }))
  if (unchecked.length > 0) missing.push(finding('hold', 'body.zones-to-check', { zones: unchecked, count: unchecked.length }))
  return { ...gateFrom('body', found, missing), outfit }
}
