import { widthToStripMm } from '../fume/coating-burn-off'
import { highestCurrentA } from '../fume/melting-rate'
import type { HouseRules } from '../streams/house-rules/house-rules'
import type { LeastKind } from '../ids/air-ids'
import { LEAST_KINDS } from '../ids/air-ids'
import { HOOD_LIMITS } from '../ventilation/hood'
import { advicePlan } from './air-advice'
import type { BayAir } from './bay-air'
import { needsPosition } from './bay-air'
import type { BayPrediction, HallQuestion } from './hall-prediction'
import { predictHall } from './hall-prediction'
import { judgedDay } from './judged-day'
import type { DayQuestion } from './person-day'
import type { WhatIf } from './what-if'
import { tryOut } from './what-if'

/** The least of one thing that by itself keeps whoever works at a bay under the action fraction. */
export interface LeastChange {
  readonly kind: LeastKind
  readonly change: WhatIf
  readonly fractionAfter: number
}

/** Steps of one thing, from as it is (none) to the most that is tried: each helps at least as much as the one before. */
interface Lever { readonly kind: LeastKind, readonly steps: number, readonly at: (step: number) => WhatIf }

/** A flow is tried up to three times what it is: a larger fan is another extraction. House reading. */
const MOST_TIMES = 3
const FLOW_STEPS = 40
const STEP_M = 0.01
/** Of the nearest place that the shield gas bears, so much is left to it and to the hands. As `airAdvice`. */
const CLEAR_OF_GAS = 1.1
const NEAREST_M = 0.1

/** Down to whole centimetres, so that what is shown is what was judged. */
const centimetres = (m: number): number => Math.floor(m / STEP_M + 1e-9)

function leversOf({ hall, bays }: HallQuestion, bay: BayAir, prediction: BayPrediction | null): readonly Lever[] {
  const { job, extraction, position } = bay
  if (!job) return []
  const levers: Lever[] = []
  if (job.coating !== undefined && job.coating !== 'none') {
    const now = job.coatingStripped ? job.strippedWidthMm ?? 0 : 0
    const most = Math.ceil(widthToStripMm({ ...job, coating: job.coating, currentA: highestCurrentA(job) }))
    if (most > now) levers.push({ kind: 'strip', steps: most - Math.floor(now), at: step => ({ strippedWidthMm: Math.floor(now) + step }) })
  }
  if (extraction && position && needsPosition(extraction.kind)) {
    const now = centimetres(position.distanceM)
    const nearest = Math.max(NEAREST_M, (prediction?.window?.nearestM ?? 0) * CLEAR_OF_GAS)
    const steps = now - Math.ceil(nearest / STEP_M - 1e-9)
    if (steps > 0)
      levers.push({ kind: 'distance', steps, at: step => ({ distanceM: (now - step) * STEP_M, placement: position.placement }) })
  }
  const flowM3PerS = prediction?.hood?.flowM3PerS
  if (extraction && flowM3PerS !== undefined) {
    const upTo = (step: number): number => Math.min(HOOD_LIMITS.flowM3PerS.max, flowM3PerS * (1 + (MOST_TIMES - 1) * step / FLOW_STEPS))
    levers.push({ kind: 'flow', steps: FLOW_STEPS, at: step => ({ flowM3PerS: upTo(step) }) })
  } else if (extraction === null && !hall.isOpenAir && hall.supplyM3PerS > 0) {
    const upTo = (step: number): number => hall.supplyM3PerS * (1 + (MOST_TIMES - 1) * step / FLOW_STEPS)
    levers.push({ kind: 'supply', steps: FLOW_STEPS, at: step => ({ supplyM3PerS: upTo(step) }) })
  }
  const minutes = job.arcMinPerH
  // Whole minutes from the next below what it is; one is the least that is any work.
  if (minutes !== undefined && minutes > 1)
    levers.push({ kind: 'arc', steps: Math.ceil(minutes) - 1, at: step => ({ arcMinPerH: Math.ceil(minutes) - step }) })
  const others = bays.filter(other => other.bayId !== bay.bayId && other.job !== null).length
  if (others > 0) levers.push({ kind: 'others', steps: others, at: step => ({ othersShare: 1 - step / others }) })
  return levers
}

/** The least step of a lever that is enough, found by halving; null where the most is not. */
function leastStep(steps: number, judge: (step: number) => number, actionFraction: number): { step: number, fraction: number } | null {
  let fraction = judge(steps)
  if (!(fraction <= actionFraction)) return null
  let [over, enough] = [0, steps]
  while (enough - over > 1) {
    const middle = Math.floor((over + enough) / 2)
    const there = judge(middle)
    if (there <= actionFraction) {
      enough = middle
      fraction = there
    } else over = middle
  }
  return { step: enough, fraction }
}

/** Kinds of change by what they cost at this site; those that nobody priced come last, in the order in which the trade asks for them. */
export const cheapestFirst = ({ changeCosts }: Pick<HouseRules, 'changeCosts'>): readonly LeastKind[] =>
  LEAST_KINDS.toSorted((a, b) => {
    const [ofA, ofB] = [changeCosts[a] ?? Infinity, changeCosts[b] ?? Infinity]
    return ofA === ofB ? 0 : ofA - ofB
  })

/** What can be tried at a bay, and how it comes out; null where nothing is over. */
function triedAt(question: DayQuestion, rules: HouseRules) {
  const { hall, bayId } = question
  const bay = hall.bays.find(other => other.bayId === bayId)
  const judge = (change: WhatIf): number =>
    judgedDay({ ...question, hall: tryOut(hall, bayId, change) }, rules)?.exposure.fraction ?? Infinity
  if (!bay || judge({}) <= rules.actionFraction) return null
  return { judge, levers: leversOf(hall, bay, predictHall(hall).bay(bayId)) }
}

/**
 * What it would take at a bay, each thing by itself: the least width that is stripped, the farthest place of the hood, the least flow, the
 * most arc minutes, the most of the other arcs. Each is found by halving between as it is and the most that is tried, and judged as the
 * gate judges the day of whoever works there.
 *
 * @returns cheapest first, by what the site says that each costs; what nobody priced comes after, as the trade asks for it. None of a kind
 * that is not enough at its most, and none where nothing is over
 */
export function leastChanges(question: DayQuestion, rules: HouseRules): readonly LeastChange[] {
  const tried = triedAt(question, rules)
  const found = (tried?.levers ?? []).flatMap(({ kind, steps, at }): LeastChange[] => {
    const least = leastStep(steps, step => tried!.judge(at(step)), rules.actionFraction)
    return least ? [{ kind, change: at(least.step), fractionAfter: least.fraction }] : []
  })
  return cheapestFirst(rules).flatMap(kind => found.filter(one => one.kind === kind))
}

/** Several things that together keep somebody under, each no more than it takes beside the others. */
export interface LeastTogether { readonly changes: readonly LeastChange[], readonly change: WhatIf, readonly fractionAfter: number }

/** What a kind of change says of a trial. */
const SAID_BY = {
  strip: 'strippedWidthMm', distance: 'distanceM', flow: 'flowM3PerS', supply: 'supplyM3PerS', arc: 'arcMinPerH', others: 'othersShare',
} as const satisfies Record<LeastKind, keyof WhatIf>

/**
 * What it would take together: the changes that advice joins, each then let back as far as it goes beside the others. What costs the site
 * most is let back first; where nobody said what things cost, arcs before flow, flow before the hood's place, and stripping last.
 *
 * @returns null where advice joins nothing that is enough, and where nothing is over
 */
export function leastTogether(question: DayQuestion, rules: HouseRules): LeastTogether | null {
  const tried = triedAt(question, rules)
  const plan = tried && advicePlan(question, rules)
  if (!tried || !plan?.isEnough || plan.kinds.length < 2) return null
  let { change, fractionAfter } = plan
  const kinds = cheapestFirst(rules).filter(kind => change[SAID_BY[kind]] !== undefined)
  for (const kind of [...kinds].reverse()) {
    const lever = tried.levers.find(one => one.kind === kind)
    const least = lever && leastStep(lever.steps, step => tried.judge({ ...change, ...lever.at(step) }), rules.actionFraction)
    if (!least) continue
    change = { ...change, ...lever.at(least.step) }
    fractionAfter = least.fraction
  }
  return { change, fractionAfter, changes: kinds.map(kind => ({ kind, change, fractionAfter })) }
}
