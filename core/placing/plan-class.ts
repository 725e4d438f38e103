import type { ClassRule } from '../ids/class-ids'
import { CLASS_RULES } from '../ids/class-ids'
import type { ClassEffects, Pause, PersonInClass } from './class-air'
import { airOfClass, classEffects } from './class-air'
import { classModel } from './class-model'
import type { ClassGoal, ClassModel } from './class-model'
import type { ClassQuestion, Placing } from './class-question'
import { arcMinutes } from './class-question'

/** What a solver of mixed-integer problems says: the value of each variable by name, and whether nothing better exists. */
export interface Solved { readonly values: ReadonlyMap<string, number>, readonly isProven: boolean }
/** Solves a problem in the CPLEX LP format within some seconds; null where it found nothing in that time. */
export type Solver = (text: string, seconds: number) => Promise<Solved | null>
/** What a plan is made with: a solver, and a way to let others have their turn; left out, it takes none. */
export interface Tools { readonly solver: Solver, readonly pause?: Pause }

export interface ClassPlan {
  readonly placings: readonly Placing[]
  /** Of each person, minutes of burning arc. */
  readonly arcMin: readonly number[]
  /** Of each person, by the exact solver. */
  readonly air: readonly PersonInClass[]
  /** Whoever gets least gets so many arc minutes. */
  readonly leastArcMin: number
  /** No plan gives whoever gets least more, as far as the sums of single effects tell. */
  readonly isProven: boolean
}

/** One thing that would be changed for a plan that gives everybody what is wanted. */
export type ClassChange
  = | { readonly kind: 'at-once', readonly what: string, readonly bayIds: readonly string[], readonly most: number }
    | { readonly kind: 'air', readonly supplyM3PerS: number }
    | { readonly kind: 'bays', readonly bayId: string }
    | { readonly kind: 'period' }

export interface PlannedClass {
  /** The best that was found; it may give less than is wanted. Null where no plan keeps everybody under. */
  readonly plan: ClassPlan | null
  /** It gives everybody what is wanted. */
  readonly isEnough: boolean
  /** What by itself forbids a plan that does: let go, one would be found. None, where only together they do, or bays and hours lack. */
  readonly forbids: readonly ClassRule[]
  /** The smallest of each kind that would allow one. */
  readonly changes: readonly ClassChange[]
}

/** Seconds that each part may take: all that is wanted, the fairest, the fullest, and each that only tells what would help. */
const SECONDS = { enough: 1, fairest: 1, fullest: 0.3, other: 0.4 } as const
/** The sums of single effects fall short where hall and mixtures make more of them: tightened so often, and no more. */
const TURNS = 4
/** Tightened by more than what it was over, that the next one is surely under. */
const TIGHTER = 1.05
/** How much more outdoor air is tried. */
const MORE_AIR = [1.25, 1.5, 2, 3] as const
/** Arc minutes count as reached from here on: binaries are found to a millionth. */
const NEARLY = 1e-4

const isOn = (value: number | undefined): boolean => (value ?? 0) > 0.5
const placedIn = ({ placings }: ClassModel, { values }: Solved): readonly Placing[] =>
  [...placings].flatMap(([name, placing]) => isOn(values.get(name)) ? [placing] : [])

const arcMinOf = (question: ClassQuestion, placings: readonly Placing[]): readonly number[] =>
  question.people.map((_, person) => placings
    .filter(one => one.person === person)
    .reduce((sum, { bay, period }) => sum + arcMinutes(question, bay, period), 0))

/** One attempt: for what, in what time, without which rules. */
interface Attempt { readonly goal: ClassGoal, readonly seconds: number, readonly without?: ReadonlySet<ClassRule> }

/** Plans with the effects of single placings worked out once. */
function planner(question: ClassQuestion, effects: ClassEffects, { solver, pause }: Tools) {
  const { actionFraction } = question
  /** A plan that the exact solver finds under the action fraction for everybody; null where none was found. */
  return async ({ goal, seconds, without = new Set() }: Attempt): Promise<ClassPlan | null> => {
    let budget = actionFraction
    for (let turn = 0; turn < TURNS; turn++) {
      const model = classModel(question, effects, budget, goal, without)
      const solved = await solver(model.text, seconds)
      if (!solved) return null
      const placings = placedIn(model, solved)
      const air = await airOfClass(question, placings, pause)
      const most = Math.max(...air.map(({ fraction }) => fraction))
      if (without.has('air') || most <= actionFraction) {
        const arcMin = arcMinOf(question, placings)
        return { placings, arcMin, air, leastArcMin: Math.min(...arcMin), isProven: turn === 0 && solved.isProven }
      }
      if (!Number.isFinite(most)) return null
      // What the sums leave out is there whatever is planned, or grows with it: so much less is left for them.
      budget -= (most - actionFraction) * TIGHTER
      if (budget <= 0) return null
    }
    return null
  }
}

/**
 * Plans a class: who goes where in which period, so that nobody comes over the action fraction of any limit or sum, of nothing more is
 * asked at once than there is, and whoever gets least arc time gets the most. A plan that the solver of the gates finds over is tightened
 * and made anew; none is given that it did not check.
 */
export async function planClass(question: ClassQuestion, tools: Tools): Promise<PlannedClass> {
  const effects = await classEffects(question, tools.pause)
  const attempt = planner(question, effects, tools)
  const wanted: ClassGoal = { asks: 'any', leastArcMin: question.wantedArcMin }
  const enough = await attempt({ goal: wanted, seconds: SECONDS.enough })
  if (enough && enough.leastArcMin >= question.wantedArcMin - NEARLY) return { plan: enough, isEnough: true, forbids: [], changes: [] }
  const fairest = await attempt({ goal: { asks: 'least' }, seconds: SECONDS.fairest })
  const fullest = fairest && await attempt({ goal: { asks: 'sum', leastArcMin: fairest.leastArcMin }, seconds: SECONDS.fullest })
  const plan = fullest && fullest.leastArcMin >= fairest.leastArcMin - NEARLY ? { ...fullest, isProven: fairest.isProven } : fairest
  const allows = async (changed: ClassQuestion, without?: ReadonlySet<ClassRule>): Promise<boolean> => {
    const isSameAir = changed.hall === question.hall && changed.periods === question.periods
    const tried = planner(changed, isSameAir ? effects : await classEffects(changed, tools.pause), tools)
    const found = await tried({ goal: wanted, seconds: SECONDS.other, ...without ? { without } : {} })
    return found !== null && found.leastArcMin >= question.wantedArcMin - NEARLY
  }
  const forbids: ClassRule[] = []
  for (const rule of CLASS_RULES) if (await allows(question, new Set([rule]))) forbids.push(rule)
  return { plan, isEnough: false, forbids, changes: await changesFor(question, forbids, allows) }
}

const withAir = (question: ClassQuestion, times: number): ClassQuestion =>
  ({ ...question, hall: { ...question.hall, supplyM3PerS: question.hall.supplyM3PerS * times } })

/** The smallest change of each kind that allows a plan: of what forbids one alone, else one more period. */
async function changesFor(
  question: ClassQuestion,
  forbids: readonly ClassRule[],
  allows: (changed: ClassQuestion) => Promise<boolean>,
): Promise<readonly ClassChange[]> {
  const changes: ClassChange[] = []
  if (forbids.includes('at-once')) {
    search: for (const [at, one] of question.atOnce.entries())
      for (let most = one.most + 1; most <= one.bayIds.length; most++) {
        const atOnce = question.atOnce.with(at, { ...one, most })
        if (!await allows({ ...question, atOnce })) continue
        changes.push({ kind: 'at-once', what: one.what, bayIds: one.bayIds, most })
        break search
      }
  }
  if (forbids.includes('air')) {
    // More air never forbids what less allows: half of what is left is asked about each time.
    let [from, to]: [number, number] = [0, MORE_AIR.length]
    while (from < to) {
      const middle = Math.floor((from + to) / 2)
      if (await allows(withAir(question, MORE_AIR[middle]!))) to = middle
      else from = middle + 1
    }
    if (from < MORE_AIR.length) changes.push({ kind: 'air', supplyM3PerS: withAir(question, MORE_AIR[from]!).hall.supplyM3PerS })
  }
  if (forbids.includes('bays')) {
    for (const { id } of question.bays) {
      const people = question.people.map(person => person.bayIds ? { ...person, bayIds: [...person.bayIds, id] } : person)
      if (!await allows({ ...question, people })) continue
      changes.push({ kind: 'bays', bayId: id })
      break
    }
  }
  const last = question.periods.at(-1)!
  const longer = [...question.periods, { fromMin: last.toMin, toMin: Math.min(24 * 60, 2 * last.toMin - last.fromMin) }]
  if (longer.at(-1)!.toMin > last.toMin && await allows({ ...question, periods: longer })) changes.push({ kind: 'period' })
  return changes
}
