import type { Finding } from '../findings/finding'
import type { ExposureJudgement, LimitUse } from '../exposure/judge-exposure'
import { hallCourse } from '../exposure/hall-course'
import type { SubstanceId } from '../ids/vocabulary'
import type { Range } from '../range'
import type { CaptureWindow } from '../ventilation/capture-window'
import type { Hood } from '../ventilation/hood'
import { airOf, hallQuestion } from './air-facts'
import type { AirFacts } from './air-facts'
import type { AirAssessment } from './assess-air'
import { assessAir } from './assess-air'
import { predictHall } from './hall-prediction'
import type { HallPrediction, HallQuestion } from './hall-prediction'
import { tryOut } from './what-if'
import type { WhatIf } from './what-if'

/** Minutes between two looks at a hall. */
export const LOOK_EVERY_MIN = 15
/** How long after the last arc a hall is looked at: it clears. */
const LOOK_ON_MIN = 60

/** What is asked of a hall: one substance over its day, with things tried at its bays. */
export interface HallFieldQuestion {
  readonly facts: AirFacts
  readonly hallId: string
  readonly tried: Readonly<Record<string, WhatIf>>
  /** Left out: that of whoever uses most of a limit. */
  readonly substance?: SubstanceId | undefined
}

/** What somebody uses at a bay, and whose fume it is. */
export interface UseAtBay {
  /** Share of the limit that binds hardest, for the day of whoever works here; null where it cannot be said. */
  readonly fraction: number | null
  /** What holds its air whatever the share is; of a mask nothing is said here. */
  readonly holds: readonly Finding[]
  /** Whose fume whoever works here breathes: shares of the eight-hour sum that are worth a word, largest first; they make 1 at most. */
  readonly from: readonly { readonly bayId: string, readonly share: number }[]
}

/** How one bay stands in its hall. */
export interface BayInHall {
  readonly bayId: string
  /** Undefined: not asked. */
  readonly use: UseAtBay | undefined
  /** Its own air holds it, or it was not looked at: its arcs are not counted in the hall. */
  readonly isCounted: boolean
  readonly hood: Hood | null
  readonly distanceM: number | null
  readonly window: CaptureWindow | null
  readonly capture: Range | null
  /** What floats round its arc, look by look; null where no work of its can be said. */
  readonly near: readonly Range[] | null
}

export interface HallField {
  /** What its arcs make that is limited, by how much of a limit is used: first what burns, then what only would. */
  readonly substances: readonly SubstanceId[]
  readonly substance: SubstanceId
  /** The limit it is compared with, that of eight hours before others, and what of it is as much of the element; null where none binds. */
  readonly limit: { readonly use: LimitUse, readonly mgPerM3: number } | null
  /** When it was looked at, minutes of the shop day, and the look at which most floats anywhere. */
  readonly atMin: readonly number[]
  readonly worst: number
  /** What the hall holds, look by look, by the parts of a long hall from its beginning on; one where it is not long. */
  readonly hall: readonly (readonly Range[])[]
  readonly bays: readonly BayInHall[]
  /** Bays that may strike though nobody can say what they make: there is more than what is shown. */
  readonly unknown: readonly string[]
}

const HELD: ReadonlySet<Finding['severity']> = new Set(['hold', 'stop'])
/** Shares under this are not worth a word. */
const LEAST_SHARE = 0.005

/** The looks of a day: every quarter of an hour that something burns, where work begins and ends, and an hour on. */
function looks(prediction: HallPrediction): readonly number[] {
  const work = prediction.bayIds.flatMap(bayId => prediction.burnsWhen(bayId))
  if (work.length === 0) return []
  const [first, last] = [Math.min(...work.map(({ fromMin }) => fromMin)), Math.max(...work.map(({ toMin }) => toMin)) + LOOK_ON_MIN]
  const every = Array.from({ length: Math.ceil((last - first) / LOOK_EVERY_MIN) + 1 }, (_, i) => Math.min(last, first + i * LOOK_EVERY_MIN))
  return [...new Set([...every, ...work.flatMap(({ fromMin, toMin }) => [fromMin, toMin])])].sort((a, b) => a - b)
}

/** The limits of a substance that bind, at the bay where most of them is used; what is averaged over eight hours first. */
function bindingUse(judged: readonly ExposureJudgement[], substance: SubstanceId): LimitUse | null {
  const uses = judged
    .flatMap(({ uses: of }) => of)
    .filter(use => use.binds && use.limit.substance === substance)
    .sort((a, b) => b.perMgPerM3 - a.perMgPerM3)
  return uses.find(({ limit }) => limit.kind === 'twa') ?? uses[0] ?? null
}

/** Substances by the most that is used of a limit of theirs that binds, at any bay. */
function byUse(judged: readonly ExposureJudgement[]): readonly SubstanceId[] {
  const most = new Map<SubstanceId, number>()
  for (const { uses } of judged)
    for (const { binds, limit, fraction } of uses)
      if (binds) most.set(limit.substance, Math.max(most.get(limit.substance) ?? 0, fraction))
  return [...most].sort(([, a], [, b]) => b - a).map(([substance]) => substance)
}

/** What floats in the hall before what only would: substances by use where arcs burn, then the rest. */
function inOrder(judged: JudgedBays, burning: readonly string[]): readonly SubstanceId[] {
  const of = (isAsked: (bayId: string) => boolean): readonly SubstanceId[] =>
    byUse([...judged].flatMap(([bayId, { exposure }]) => exposure && isAsked(bayId) ? [exposure] : []))
  return [...new Set([...of(bayId => burning.includes(bayId)), ...of(() => true)])]
}

type JudgedBays = ReadonlyMap<string, AirAssessment>

/** Judges bays of a hall as their gates do, but for what is worn: that changes nothing of what is outside it. */
function judgeBays(
  facts: AirFacts,
  { bays }: HallQuestion,
  prediction: HallPrediction,
  isAsked: (bayId: string) => boolean = () => true,
): JudgedBays {
  const surroundings = airOf(facts)
  return new Map(bays.filter(({ bayId }) => isAsked(bayId)).map((bay) => {
    const { surveys, shopDay, elsewhere } = surroundings(bay.bayId)
    const air = assessAir({
      bay,
      prediction,
      check: bay.check ?? null,
      surveys,
      shopDay,
      wearer: null,
      elsewhere: elsewhere(bay.personId),
      rules: facts.rules,
      now: facts.now,
    })
    return [bay.bayId, air]
  }))
}

/** A hall with what is tried at its bays. */
function triedHall(facts: AirFacts, hallId: string, tried: HallFieldQuestion['tried']): HallQuestion | null {
  const asItIs = hallQuestion(facts, hallId)
  return asItIs && Object.entries(tried).reduce((so, [bayId, change]) => tryOut(so, bayId, change), asItIs)
}

/** Looks at a hall: what floats at each of them, and how the bays that are asked about stand. */
function look(
  { bays }: HallQuestion,
  prediction: HallPrediction,
  { substance, atMin, judged }: { readonly substance: SubstanceId, readonly atMin: readonly number[], readonly judged: JudgedBays },
): Pick<HallField, 'atMin' | 'worst' | 'hall' | 'bays' | 'unknown'> {
  const { drawn, bays: solvedBays, burns } = prediction.solvedFrom()
  const course = hallCourse(drawn, solvedBays, substance, atMin, burns, values => prediction.draws.spread(values))
  const burning = new Set(prediction.burning)
  const useAt = (bayId: string, air: AirAssessment): UseAtBay => {
    const part = air.day?.parts.find(one => one.bayId === bayId)
    const sums = part ? prediction.fromEach(bayId, substance, part.visit) : []
    const total = sums.reduce((sum, mg) => sum + mg, 0)
    const shares = total === 0 ? [] : sums.map((mg, from) => ({ bayId: bays[from]!.bayId, share: mg / total }))
    return {
      fraction: air.exposure?.fraction ?? null,
      holds: [...air.found, ...air.missing].filter(({ severity, code }) => HELD.has(severity) && !code.startsWith('respirator.')),
      from: shares.filter(({ share }) => share >= LEAST_SHARE).sort((a, b) => b.share - a.share),
    }
  }
  const stood = bays.map(({ bayId }, spot): BayInHall => {
    const { hood = null, distanceM = null, window = null, capture = null } = prediction.bay(bayId) ?? {}
    const air = judged.get(bayId)
    return {
      bayId,
      use: air && useAt(bayId, air),
      isCounted: burning.has(bayId),
      hood,
      distanceM,
      window,
      capture: hood && capture,
      near: prediction.burnsWhen(bayId).length > 0 ? course.near[spot]! : null,
    }
  })
  // What is no number is not the smaller one: such a look is the worst.
  const most = atMin.map((_, at) => {
    const highest = Math.max(...course.hall.map(part => part[at]!.high), ...stood.map(({ near }) => near?.[at]!.high ?? 0))
    return Number.isNaN(highest) ? Infinity : highest
  })
  return { atMin, worst: most.indexOf(Math.max(...most)), hall: course.hall, bays: stood, unknown: prediction.unknownBeside('') }
}

/**
 * A hall as a plan shows it: what floats where and when, what everybody uses of their limit and whose fume that is, with things tried at
 * its bays. Judged as the gates judge it. Null while the hall is not described, or nothing that is made in it is limited.
 *
 * Source: `core/exposure`, `core/air`.
 */
export function hallField({ facts, hallId, tried, substance: asked }: HallFieldQuestion): HallField | null {
  const question = triedHall(facts, hallId, tried)
  if (!question) return null
  const prediction = predictHall(question)
  const judged = judgeBays(facts, question, prediction)
  const exposures = [...judged.values()].flatMap(({ exposure }) => exposure ?? [])
  const substances = inOrder(judged, prediction.burning)
  const substance = asked !== undefined && substances.includes(asked) ? asked : substances[0]
  const atMin = looks(prediction)
  if (substance === undefined || atMin.length === 0) return null
  const use = bindingUse(exposures, substance)
  return {
    substances,
    substance,
    limit: use && { use, mgPerM3: 1 / use.perMgPerM3 },
    ...look(question, prediction, { substance, atMin, judged }),
  }
}

/** What of a field is new after one bay was changed: one look at the hall for one substance, and what is used at that bay alone. */
export type HallGlance = Pick<HallField, 'hall' | 'bays' | 'unknown' | 'substance'> & { readonly lookMin: number }

/** Where one glances. */
export interface GlanceAt {
  readonly bayId: string
  readonly substance: SubstanceId
  /** The look, a minute of the shop day. */
  readonly atMin: number
  /** The bays whose arcs were counted in the last whole field: of the others' own air nothing changes. */
  readonly counted: readonly string[]
}

/**
 * The same in a breath, while somebody drags a hood: one look, and of what is used only that bay's. Null while the hall is not described.
 */
export function glanceAtHall(
  { facts, hallId, tried }: Omit<HallFieldQuestion, 'substance'>,
  { bayId, substance, atMin, counted }: GlanceAt,
): HallGlance | null {
  const question = triedHall(facts, hallId, tried)
  if (!question) return null
  const { mayStrike } = question
  const prediction = predictHall({
    ...question,
    mayStrike: (other, alone) => other === bayId ? !mayStrike || mayStrike(bayId, alone) : counted.includes(other),
  })
  const judged = judgeBays(facts, question, prediction, one => one === bayId)
  const { hall, bays, unknown } = look(question, prediction, { substance, atMin: [atMin], judged })
  return { hall, bays, unknown, substance, lookMin: atMin }
}
