import type { JurisdictionId, ProcessId } from '../ids/vocabulary'
import type { Job } from '../job/job'
import { jobSpan } from '../job/day-work'
import { LAWS } from '../law/laws'
import { noiseDose } from './noise-rules'

/**
 * What is loud enough that those who stand near by have to know of it: the upper end at the ear of who does it, dBA. One arc next door is
 * under what counts. Source: `noiseLevels`, order only.
 */
const LOUD_DBA: Readonly<Partial<Record<ProcessId, number>>> = { 'cac-a': 115, 'grinding': 110, 'pac': 105, 'ofc': 102 }
/** What is left out on the way to the next bay, dB. A hall throws sound back; nobody published a figure for one: house reading. */
const TO_NEXT_BAY_DB = 10
/** Of the hours of a job, the share in which it sounds, where nobody said: house reading, at its long end. */
const SOUNDS_FOR = 0.5
/** From this average protection is put at hand, and here asked for, dBA. Source: `usNoise`, and the upper action value of the EU. */
const ASKED_FROM_DBA = 85

/**
 * Whether what others do in the hall asks for protection at the ears of somebody who makes no noise: the dose of the neighbours' loud work
 * alone, added up.
 *
 * @param jobs of the other bays of the hall, those before them of the same day among them: what was loud in the morning counts by night.
 * What was planned and then replaced counts as planned
 * @param shiftHours for a job whose times nobody said
 */
export function isLoudAround(
  jobs: readonly Job[],
  { shiftHours, shopDayHour, jurisdiction }: {
    readonly shiftHours: number
    readonly shopDayHour: number
    readonly jurisdiction: JurisdictionId
  },
): boolean {
  const spans = jobs.flatMap((job) => {
    const atOwnEar = LOUD_DBA[job.process]
    if (atOwnEar === undefined) return []
    const span = jobSpan(job, shopDayHour)
    const hours = (span ? (span.toMin - span.fromMin) / 60 : shiftHours) * (job.arcMinPerH === undefined ? SOUNDS_FOR : job.arcMinPerH / 60)
    return [{ levelDbA: atOwnEar - TO_NEXT_BAY_DB, hours }]
  })
  if (spans.length === 0) return false
  const { twaDbA } = noiseDose(spans, LAWS[jurisdiction].noise)
  return twaDbA !== null && twaDbA >= ASKED_FROM_DBA
}
