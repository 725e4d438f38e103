import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { PROCESS_TRAITS } from '../job/process-traits'
import { forbiddenBecause, isVessel } from './hot-work-class'
import type { GasLimits, HotWorkConditions, HotWorkJob, HotWorkPlace } from './hot-work-class'
import { needsGasTest, precautionsFor } from './precautions'
import type { Precaution } from './precautions'
import { RADIUS_OF_RULE_M } from './radius-rules'
import { sparkReach } from './spark-reach'
import type { ReachAnswer } from './spark-reach'
import { LAW_WATCH_MIN, WATCH_SCHOOLS, watchersNeeded } from './watch-plan'
import type { HotWorkFactId } from '../ids/hotwork-ids'
import { HOT_WORK_FACTS } from '../ids/hotwork-ids'

/** What a site's rules say of hot work, as far as it was sent. */
export interface HotWorkHouse extends GasLimits { readonly radiusM: number, readonly afterMin: number, readonly monitoringMin: number }

/** The strictest of what is known and ordinarily asked for; where no rules are sent these bind, and the answer says so. */
export const STRICTEST_HOUSE: HotWorkHouse = {
  lelLimitPercent: 0,
  oxygenMaxPercent: 22,
  radiusM: RADIUS_OF_RULE_M['35-ft'],
  ...WATCH_SCHOOLS['insurer-60-180'],
}

export interface HotWorkPlan {
  readonly class: 'designated' | 'permit' | 'forbidden'
  readonly precautions: readonly Precaution[]
  readonly watch: { readonly duringWork: boolean, readonly afterMin: number, readonly monitoringMin: number, readonly watchers: number }
  readonly needsGasTest: boolean
  readonly reach: ReachAnswer | null
  readonly findings: readonly Finding[]
}

/**
 * Is this hot work for the bay, for a permit, or forbidden; with which precautions; and how long is it watched?
 * What is not known about the place is asked for by a hold, and its precautions stand until somebody sees to them.
 *
 * @param house what was sent of the site's rules; the rest is the strictest known
 * Source: `usHotWork`, `usProhibited`, `consensusHotWork`, `consensusWatch`, `insurerMonitoring`.
 */
export function decideHotWork(
  place: HotWorkPlace,
  job: HotWorkJob,
  conditions: HotWorkConditions,
  house?: Partial<HotWorkHouse>,
): HotWorkPlan {
  const rules: HotWorkHouse = { ...STRICTEST_HOUSE, ...house }
  const afterMin = Math.max(rules.afterMin, LAW_WATCH_MIN)
  const findings: Finding[] = [...forbiddenBecause(place, job, conditions, rules)]
  if (rules.afterMin < LAW_WATCH_MIN)
    findings.push(
      finding('caution', 'hotwork.law-watch-shorter', { afterMin: rules.afterMin, lawMin: LAW_WATCH_MIN }, ['usWatch']),
    )
  const isForbidden = findings.some(({ severity }) => severity === 'stop')
  // What opens a vessel or enters a confined place is nowhere work for the bay.
  const isDesignated = place.designated && place.confined !== true && !(job.workpiece !== undefined && isVessel(job))
  const gasTest = needsGasTest(place, job, conditions)
  if (!isForbidden && isDesignated) {
    return {
      class: 'designated',
      precautions: [],
      needsGasTest: false,
      reach: null,
      watch: { duringWork: false, afterMin: 0, monitoringMin: 0, watchers: 0 },
      findings: [
        ...findings,
        finding('note', 'hotwork.designated', {}, ['consensusHotWork']),
        finding('note', 'hotwork.advises', {}),
      ],
    }
  }
  for (const fact of missingFacts(place, job, conditions))
    findings.push(finding('hold', 'hotwork.fact-missing', { fact }, ['usHotWork']))
  if (conditions.sprinklers === 'none') findings.push(finding('caution', 'hotwork.no-sprinklers', {}))
  if (gasTest && (conditions.lelPercent === undefined || conditions.oxygenPercent === undefined))
    findings.push(finding('hold', 'hotwork.gas-test-needed', {}, ['usConfined']))
  const reach = reachOf(place, job, conditions, rules, findings)
  const watchers = watchersNeeded(place)
  findings.push(finding('note', 'hotwork.watchers', { watchers }, ['consensusWatchers']))
  if (!isForbidden)
    findings.push(
      finding('note', 'hotwork.permit-needed', {}, ['consensusHotWork']),
      finding('caution', 'hotwork.bay-first', {}, ['usHotWork']),
    )
  if (house === undefined)
    findings.push(finding('note', 'hotwork.rules-not-sent', { afterMin, monitoringMin: rules.monitoringMin, radiusM: rules.radiusM }))
  findings.push(finding('note', 'hotwork.advises', {}))
  return {
    class: isForbidden ? 'forbidden' : 'permit',
    precautions: isForbidden ? [] : precautionsFor(place, job, conditions),
    needsGasTest: gasTest,
    reach,
    watch: isForbidden
      ? { duringWork: false, afterMin: 0, monitoringMin: 0, watchers: 0 }
      : { duringWork: true, afterMin, monitoringMin: rules.monitoringMin, watchers },
    findings,
  }
}

/** What nobody said and without which nothing can be planned: not looking is not the same as no. */
function missingFacts(place: HotWorkPlace, job: HotWorkJob, { sprinklers, windMPerS }: HotWorkConditions): readonly HotWorkFactId[] {
  const asked: Readonly<Record<HotWorkFactId, boolean>> = {
    'sprinklers': sprinklers === undefined,
    'workpiece': job.workpiece === undefined,
    'contents': false,
    'level': place.level === undefined,
    'height': job.heightM === undefined,
    'wind': windMPerS === undefined,
    'current': PROCESS_TRAITS[job.process].byCurrent && job.currentA === undefined,
    'confined': place.confined === undefined,
    'other-side': place.otherSide === undefined,
    'open-levels': place.openLevels === undefined,
    'hidden-parts': place.hiddenParts === undefined,
    'bulk-combustibles': place.bulkCombustibles === undefined,
    'combustible-panel': place.combustiblePanel === undefined,
    'metal-fire': job.metalFire === undefined,
  }
  return HOT_WORK_FACTS.filter(fact => asked[fact])
}

/** Without height or wind there is no reach: both are asked for. */
function reachOf(
  { hardFloor }: HotWorkPlace,
  { process, heightM }: HotWorkJob,
  { windMPerS }: HotWorkConditions,
  { radiusM }: HotWorkHouse,
  findings: Finding[],
): ReachAnswer | null {
  if (heightM === undefined || windMPerS === undefined) return null
  const reach = sparkReach({ process, heightM, windMPerS, ...(hardFloor === undefined ? {} : { hardFloor }) }, radiusM)
  findings.push(...reach.findings)
  return reach
}
