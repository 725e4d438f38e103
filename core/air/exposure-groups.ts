import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import type { Job } from '../job/job'
import { jobOfPattern } from '../job/job-pattern'
import type { SubstanceId } from '../ids/vocabulary'
import type { DatedSample, NoTrend, Trend } from '../samples/trend'
import { trendOf } from '../samples/trend'
import { workPatternOf } from '../streams/house-rules/house-rules'
import type { AirFacts } from './air-facts'
import type { JudgedResults } from './measured-air'
import { judgeAgainstLimits } from './measured-air'

/** A group of like exposure: everybody who does the same work, wherever, and all that was measured of one substance of it. */
export interface ExposureGroup {
  readonly key: string
  /** What the work has in common. */
  readonly work: Pick<Job, 'process' | 'consumable' | 'baseMetal' | 'coating'>
  readonly substance: SubstanceId
  /** Oldest first. */
  readonly samples: readonly DatedSample[]
  readonly bayIds: readonly string[]
  /** The test against the limit that decides; null where none that binds knows the substance. */
  readonly judged: JudgedResults | null
  /** Spread wider than people of one group have: it may be two groups. Null where nothing can be said of it. */
  readonly isWide: boolean | null
  readonly trend: Trend | NoTrend
}

/** Common practice, no source: beyond this geometric standard deviation a group is hardly one. */
export const WIDE_GSD = 3

/**
 * Everything that was measured at a site, by groups of like exposure: over all bays, halls and years, what was withdrawn left out. It
 * judges no bay: a gate goes by samples of its own work, hall and hood.
 * Source: `complianceTest`.
 */
export function exposureGroups({ rules, surveys }: Pick<AirFacts, 'rules' | 'surveys'>): readonly ExposureGroup[] {
  interface Found { readonly work: ExposureGroup['work'], readonly substance: SubstanceId, samples: DatedSample[], bayIds: Set<string> }
  const groups = new Map<string, Found>()
  for (const [bayId, ofBay] of Object.entries(surveys)) {
    for (const { substance, takenOn, results, place, withdrawn } of ofBay) {
      const job = jobOfPattern(place.jobKey)
      if (withdrawn || !job) continue
      const { process, consumable, baseMetal, coating } = job
      const key = JSON.stringify([substance, process, consumable, baseMetal, coating])
      const group = groups.get(key) ?? {
        work: { process, ...consumable && { consumable }, ...baseMetal && { baseMetal }, ...coating && { coating } },
        substance,
        samples: [],
        bayIds: new Set<string>(),
      }
      group.samples.push(...results.map(({ mgPerM3, isBelowLoq }) => ({ value: mgPerM3, isBelowLoq, takenOn })))
      group.bayIds.add(bayId)
      groups.set(key, group)
    }
  }
  const inForce = exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis)
  return [...groups].map(([key, { work, substance, samples, bayIds }]) => {
    const judged = judgeAgainstLimits(samples, substance, inForce, workPatternOf(rules))
    const gsd = judged?.answer.summary?.gsd
    return {
      key,
      work,
      substance,
      samples: [...samples].sort((a, b) => a.takenOn < b.takenOn ? -1 : a.takenOn > b.takenOn ? 1 : 0),
      bayIds: [...bayIds],
      judged,
      isWide: gsd === undefined ? null : gsd > WIDE_GSD,
      trend: trendOf(samples),
    }
  })
}
