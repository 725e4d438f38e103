import { dayWork, jobSpan } from '../job/day-work'
import type { DayJob } from '../job/day-work'
import type { Job } from '../job/job'
import type { CylinderGasId } from '../ids/vocabulary'
import { tipDemand } from './tip-demand'
import type { GasNeedId } from '../ids/cylinder-ids'
import type { Instant } from '../time/instant'

/** What a job takes of one gas. */
export interface GasNeed {
  /** While it flows. */
  readonly flowM3PerH: number
  /** Over the whole job; null while its times or arc minutes are not known. */
  readonly jobM3: number | null
}

const M3_PER_L = 1 / 1000

/** Flow of one gas while it flows, m³/h; null when nobody said it and no table speaks. What was typed goes before a table. */
function flowM3PerH(job: Job, need: GasNeedId, fuel: CylinderGasId | undefined): number | null {
  if (need === 'shielding' || need === 'cutting') return job.gasFlowLPerMin === undefined ? null : job.gasFlowLPerMin * 60 * M3_PER_L
  if (need === 'fuel' && fuel === 'acetylene' && job.acetyleneFlowLPerH !== undefined) return job.acetyleneFlowLPerH * M3_PER_L
  if (need === 'oxygen' && job.oxygenFlowLPerH !== undefined) return job.oxygenFlowLPerH * M3_PER_L
  const tip = job.tip && fuel && tipDemand(job.tip, fuel, job.plateThicknessMm)
  return tip ? need === 'fuel' ? tip.fuelM3PerH : tip.oxygenM3PerH : null
}

/**
 * What a job takes of a gas: its flow through the minutes it burns; null where neither the job nor a table of its tip and fuel says how
 * much flows. V = q·t·(arc minutes an hour)/60.
 */
export function gasNeed(job: Job, need: GasNeedId, fuel: CylinderGasId | undefined, shopDayHour: number): GasNeed | null {
  const flow = flowM3PerH(job, need, fuel)
  if (flow === null) return null
  const span = jobSpan(job, shopDayHour)
  return {
    flowM3PerH: flow,
    jobM3: span === null || job.arcMinPerH === undefined ? null : (((flow * (span.toMin - span.fromMin)) / 60) * job.arcMinPerH) / 60,
  }
}

/**
 * What a whole class takes of a gas: today's jobs of a bay on that cylinder, one after the other; null as soon as one of
 * them does not say.
 */
export function classNeedM3(
  earlier: readonly DayJob[],
  current: Job | null,
  need: GasNeedId,
  fuel: CylinderGasId,
  shopDayHour: number,
  now: Instant,
): number | null {
  let total = 0
  for (const { job, fromMin, toMin } of dayWork(earlier, current, shopDayHour, now)) {
    const one = flowM3PerH(job, need, fuel)
    if (one === null || job.arcMinPerH === undefined) return null
    total += (((one * (toMin - fromMin)) / 60) * job.arcMinPerH) / 60
  }
  return total
}
