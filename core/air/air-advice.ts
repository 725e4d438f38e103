import { NOTHING_MEASURED } from '../exposure/judge-exposure'
import { widthToStripMm } from '../fume/coating-burn-off'
import { fumeKnowledge } from '../fume/consumable-fume'
import { highestCurrentA } from '../fume/melting-rate'
import type { HouseRules } from '../streams/house-rules/house-rules'
import { respiratorNeed } from '../respirator/judge-respirator'
import type { Respirator } from '../respirator/respirators'
import type { BaseMetalId, ConsumableId, MaskId, ProcessId } from '../ids/vocabulary'
import { captureWindow } from '../ventilation/capture-window'
import { hoodAtWork, needsPosition } from './bay-air'
import { insideMask, tooMuch } from './inside-mask'
import { judgedDay } from './judged-day'
import type { HallQuestion } from './hall-prediction'
import { predictHall } from './hall-prediction'
import type { DayQuestion } from './person-day'
import type { WhatIf } from './what-if'
import { tryOut } from './what-if'

/** Kinds of advice, from what takes the fume away to what only keeps it out of one mouth. */
export const ADVICE_KINDS = ['strip', 'consumable', 'move-hood', 'more-flow', 'fewer-arcs', 'respirator'] as const
export type AdviceKind = typeof ADVICE_KINDS[number]

/** One thing to change, with what it would come to. */
export interface Advice {
  readonly kind: AdviceKind
  readonly change: WhatIf
  /** Largest fraction of a limit that binds after it; inside the mask for a respirator. Null when it cannot be said. */
  readonly fractionAfter: number | null
  /** It alone would bring everything under the action fraction. */
  readonly isEnough: boolean
  /** Masks that would be enough, for a respirator. */
  readonly masks?: readonly MaskId[]
}

/** What could be used instead on the same metal. */
const INSTEAD: Readonly<Partial<Record<BaseMetalId, readonly (readonly [ProcessId, ConsumableId])[]>>> = {
  'mild-steel': [['smaw', 'e7024'], ['smaw', 'e6013'], ['smaw', 'e7018'], ['gmaw', 'er70s-6'], ['gtaw', 'er70s-2']],
  'low-alloy-steel': [['smaw', 'e7018'], ['gmaw', 'er70s-6'], ['gtaw', 'er70s-2']],
  'stainless-steel': [['smaw', 'e308l-16'], ['gmaw', 'er308lsi'], ['gtaw', 'er308l']],
  'aluminium': [['gmaw', 'er4043'], ['gtaw', 'er4043']],
}

const ARC_WELDING: ReadonlySet<ProcessId> = new Set(['smaw', 'gmaw', 'fcaw-g', 'fcaw-s', 'gtaw'])

/** How much more flow is tried: half as much again, and twice. */
const MORE_FLOW = [1.5, 2] as const

/** Things that could be tried at a bay, besides a respirator. */
function candidates(question: HallQuestion, bayId: string): readonly { readonly kind: AdviceKind, readonly change: WhatIf }[] {
  const bay = question.bays.find(other => other.bayId === bayId)
  if (!bay?.job) return []
  const { job, extraction, position } = bay
  // It stands well where it draws with what the other dampers leave it.
  const ducted = predictHall(question).bay(bayId)?.ducted
  const tried: { kind: AdviceKind, change: WhatIf }[] = []
  if (job.coating !== undefined && job.coating !== 'none') {
    const stripMm = widthToStripMm({ ...job, coating: job.coating, currentA: highestCurrentA(job) })
    if (!job.coatingStripped || (job.strippedWidthMm ?? 0) < stripMm) tried.push({ kind: 'strip', change: { strippedWidthMm: stripMm } })
  }
  if (job.baseMetal && ARC_WELDING.has(job.process)) {
    for (const [process, consumable] of INSTEAD[job.baseMetal] ?? []) {
      const isSame = process === job.process && consumable === job.consumable
      if (!isSame && fumeKnowledge(process, consumable, job.baseMetal))
        tried.push({ kind: 'consumable', change: { ...(process === job.process ? {} : { process }), consumable } })
    }
  }
  if (extraction && needsPosition(extraction.kind)) {
    for (const placement of extraction.kind === 'arm' ? ['beside', 'above'] as const : [position?.placement ?? 'beside'] as const) {
      const at = hoodAtWork(extraction, { placement, distanceM: 0.3 }, ducted?.flowM3PerS)
      const window
        = at
          && captureWindow({
            ...at,
            process: job.process,
            currentA: job.currentA ?? job.currentRangeA?.[0],
            crossDraughtMPerS: question.hall.airSpeedMPerS,
          }).windowM
      // A hand's width of the near edge is left to the shield gas and to the hands.
      if (window)
        tried.push({
          kind: 'move-hood',
          change: { placement, distanceM: Math.round(Math.max(window[0] * 1.1, Math.min(0.2, window[1]), 0.1) * 100) / 100 },
        })
    }
  }
  if (extraction) for (const more of MORE_FLOW) tried.push({ kind: 'more-flow', change: { flowM3PerS: extraction.flowM3PerS * more } })
  else tried.push({ kind: 'more-flow', change: { supplyM3PerS: question.hall.supplyM3PerS * 2 } })
  if (question.bays.length > 1) tried.push({ kind: 'fewer-arcs', change: { othersShare: 0.5 } })
  if (job.arcMinPerH !== undefined && job.arcMinPerH > 10)
    tried.push({ kind: 'fewer-arcs', change: { arcMinPerH: Math.ceil(job.arcMinPerH / 2) } })
  return tried
}

/**
 * What would help at a bay, in the order of effect that the trade asks for: take the coating off, change process or
 * consumable, move the hood, draw more, burn fewer arcs at once, and only then a respirator. Each with its computed result.
 *
 * @returns the best of each kind that makes things better, in that order
 */
export function airAdvice(question: DayQuestion, rules: HouseRules): readonly Advice[] {
  const { hall, bayId } = question
  const judge = (change: WhatIf) => judgedDay({ ...question, hall: tryOut(hall, bayId, change) }, rules)
  const now = judge({})
  const before = now?.exposure.fraction ?? Infinity
  const best = new Map<AdviceKind, Advice>()
  for (const { kind, change } of candidates(hall, bayId)) {
    const fractionAfter = judge(change)?.exposure.fraction ?? null
    if (fractionAfter === null || fractionAfter >= before * 0.995) continue
    const known = best.get(kind)?.fractionAfter
    if (known === undefined || known === null || fractionAfter < known)
      best.set(kind, { kind, change, fractionAfter, isEnough: fractionAfter <= rules.actionFraction })
  }
  const advice = ADVICE_KINDS.flatMap(kind => best.get(kind) ?? [])
  if (!now?.exposure.fraction || now.exposure.fraction <= rules.actionFraction) return advice
  const inside = insideMask(now.day, now.exposure, { ...now, rules, averages: NOTHING_MEASURED })
  const offTooLong = (mask: Respirator) => tooMuch(inside(mask), rules.actionFraction)
  const { masks } = respiratorNeed(now.exposure, rules.actionFraction, rules.jurisdiction, offTooLong)
  const suits = masks.filter(mask => mask.suits)
  const least = suits[0]
  return least
    ? [
        ...advice,
        {
          kind: 'respirator',
          change: {},
          fractionAfter: inside(least).fraction,
          isEnough: true,
          masks: suits.map(({ mask }) => mask),
        },
      ]
    : advice
}

/** Changes put together in the order of effect, as few as bring everything under the action fraction. */
export interface AdvicePlan {
  readonly kinds: readonly AdviceKind[]
  readonly change: WhatIf
  readonly fractionAfter: number
  readonly isEnough: boolean
}

/** Kinds that can be joined without asking for another process. */
const JOINED: readonly AdviceKind[] = ['strip', 'move-hood', 'more-flow', 'fewer-arcs']

/**
 * Joins changes, one kind after the other, until together they are enough.
 *
 * @returns null when no change helps
 */
export function advicePlan(question: DayQuestion, rules: HouseRules): AdvicePlan | null {
  let plan: AdvicePlan = { kinds: [], change: {}, fractionAfter: Infinity, isEnough: false }
  for (const kind of JOINED) {
    const tried = { ...question, hall: tryOut(question.hall, question.bayId, plan.change) }
    const next = airAdvice(tried, rules).find(advice => advice.kind === kind)
    if (!next || next.fractionAfter === null) continue
    plan = {
      kinds: [...plan.kinds, kind],
      change: { ...plan.change, ...next.change },
      fractionAfter: next.fractionAfter,
      isEnough: next.isEnough,
    }
    if (plan.isEnough) break
  }
  return plan.kinds.length > 0 ? plan : null
}

/** The first advice that is enough by itself, else the one that helps most; null when nothing helps. */
export const bestAdvice = (advice: readonly Advice[]): Advice | null =>
  advice.find(({ isEnough }) => isEnough)
  ?? [...advice].sort((a, b) => (a.fractionAfter ?? Infinity) - (b.fractionAfter ?? Infinity))[0]
  ?? null
