import type { DeratingId, NoiseRuleId } from '../ids/protection-ids'
import type { JurisdictionId, ProcessId } from '../ids/vocabulary'
import type { Helping } from '../job/helping'
import { helpedToday } from '../job/helping'
import type { DayJob } from '../job/day-work'
import { arcHours } from '../job/day-work'
import type { Job } from '../job/job'
import type { Instant } from '../time/instant'
import { stands } from '../time/instant'
import { LAWS } from '../law/laws'
import { NOISE_RULES_BY_ID, noiseDose } from './noise-rules'
import type { NoiseSpan } from './noise-rules'
import { attenuationDb, labelNeededDb } from './protectors'

/**
 * What is loud enough to be counted over a day: the upper end at the ear of who does it, dBA. An arc is under what counts.
 * Source: `noiseLevels`, order only.
 */
const LOUD_DBA: Readonly<Partial<Record<ProcessId, number>>> = { 'cac-a': 115, 'grinding': 110, 'pac': 105, 'ofc': 102 }
/** What is left out on the way to the next bay, dB. A hall throws sound back; nobody published a figure for one: house reading. */
const TO_NEXT_BAY_DB = 10
/** From this average protection is put at hand, and here asked for, dBA. Source: `usNoise`, and the upper action value of the EU. */
const ASKED_FROM_DBA = 85

export type HeardFrom = 'own-ear' | 'next-bay'
/** What of the house decides on the noise of a day. */
export interface NoiseHouse { readonly shiftHours: number, readonly shopDayHour: number, readonly jurisdiction: JurisdictionId }

/**
 * What is heard of these jobs of one shop day, those before them among them: what was loud in the morning counts by night. What was
 * planned and then replaced counts as planned, and a job whose times nobody said for the whole shift.
 */
export function loudSpans(jobs: readonly Job[], from: HeardFrom, house: NoiseHouse): readonly NoiseSpan[] {
  return jobs.flatMap((job) => {
    const atOwnEar = LOUD_DBA[job.process]
    if (atOwnEar === undefined) return []
    return [{ levelDbA: atOwnEar - (from === 'next-bay' ? TO_NEXT_BAY_DB : 0), hours: arcHours(job, house) }]
  })
}

/** The work of a place on a shop day, and who stands there. */
export interface WorkAt {
  readonly job: Job | null
  readonly earlierJobs: readonly Pick<DayJob, 'job' | 'personId' | 'validUntil'>[]
  readonly personId: string | null
  /** Who helps there or did: they stand at the same noise. Left out: nobody. */
  readonly helpers?: readonly Helping[]
}

type Done = Pick<DayJob, 'job' | 'personId'>
const workToday = ({ job, personId, earlierJobs }: WorkAt, now: Instant): readonly Done[] =>
  [...earlierJobs.filter(({ validUntil }) => stands(validUntil, now)), ...job ? [{ job, personId }] : []]

/** What whoever stands at a place hears of its own work today: theirs, and what nobody says was another's, at their own ear. */
export function spansHere(work: WorkAt, house: NoiseHouse, now: Instant): readonly NoiseSpan[] {
  const [own, others] = parted(workToday(work, now), ({ personId }) => personId === null || personId === work.personId)
  return [...loudSpans(own, 'own-ear', house), ...loudSpans(others, 'next-bay', house)]
}

/** What somebody hears of the work of another place today: their own there at their own ear, and what others do if it is near by. */
export function spansThere(
  personId: string | null,
  work: WorkAt,
  isNear: boolean,
  house: NoiseHouse,
  now: Instant,
): readonly NoiseSpan[] {
  const helps = personId !== null && helpedToday(work.helpers ?? [], personId, now)
  const [own, others] = parted(workToday(work, now), one => helps || (one.personId !== null && one.personId === personId))
  return [...loudSpans(own, 'own-ear', house), ...isNear ? loudSpans(others, 'next-bay', house) : []]
}

const parted = (done: readonly Done[], isOwn: (one: Done) => boolean): readonly [own: readonly Job[], others: readonly Job[]] =>
  [done.filter(isOwn).map(({ job }) => job), done.filter(one => !isOwn(one)).map(({ job }) => job)]

/** The noise of somebody's day at a bare ear. */
export interface NoiseAtEar {
  readonly rule: NoiseRuleId
  /** Average over eight hours by the rule, dBA; null where nothing that it counts is planned. */
  readonly twaDbA: number | null
}
export const noiseAtEar = (spans: readonly NoiseSpan[], { jurisdiction }: Pick<NoiseHouse, 'jurisdiction'>): NoiseAtEar => {
  const rule = LAWS[jurisdiction].noise
  return { rule, twaDbA: noiseDose(spans, rule).twaDbA }
}

/** Whether the day asks for protection at the ears, whoever makes the noise. */
export const isLoudDay = ({ twaDbA }: NoiseAtEar): boolean => twaDbA !== null && twaDbA >= ASKED_FROM_DBA

/**
 * What has to be worn against the noise of a day: any protector, one whose label says enough, two at once; or nothing that is made is
 * enough, and the day has to be quieter.
 */
export interface NoiseNeed {
  readonly takes: 'any' | 'rated' | 'two' | 'none-is-enough'
  readonly twaDbA: number
  /** What may be left at the ear, dBA. */
  readonly targetDbA: number
  /** The least label of one, or of the better of two; 0 where any does, null where none that is made is enough. */
  readonly nrrDb: number | null
}

/** The highest label that a muff or a plug carries, dB. Common practice, no source: what is sold. */
const BEST_LABELS = [{ nrrDb: 33, kind: 'formable-plug' }, { nrrDb: 31, kind: 'muff' }] as const

/**
 * What the day asks for at the ears, by the least label, dB. Source: `usProtectorRating`, `protectorByKind`.
 * @returns null where the day is not loud
 */
export function noiseNeed(noise: NoiseAtEar, derate: DeratingId): NoiseNeed | null {
  const { twaDbA, rule } = noise
  if (twaDbA === null || !isLoudDay(noise)) return null
  const { targetDbA } = NOISE_RULES_BY_ID[rule]
  const tooMuchDb = twaDbA - targetDbA
  if (tooMuchDb <= 0) return { takes: 'any', twaDbA, targetDbA, nrrDb: 0 }
  const best = Math.max(...BEST_LABELS.map(one => attenuationDb([one], derate)))
  const bestOfTwo = attenuationDb(BEST_LABELS, derate)
  const takes = tooMuchDb <= best ? 'rated' : tooMuchDb <= bestOfTwo ? 'two' : 'none-is-enough'
  return { takes, twaDbA, targetDbA, nrrDb: takes === 'none-is-enough' ? null : labelNeededDb(tooMuchDb, takes === 'two' ? 2 : 1, derate) }
}
