import type { ClassEffects, Shares } from './class-air'
import type { MaskWorn } from '../exposure/day-air'
import type { ClassRule } from '../ids/class-ids'
import { keyed } from '../kept'
import type { ClassQuestion, Placing } from './class-question'
import { arcMinutes } from './class-question'

/**
 * What a solution is asked for: any that gives everybody so much; the one that gives most to whoever gets least; or, with so much for
 * everybody, the one that gives most to all together.
 */
export type ClassGoal = { readonly asks: 'any' | 'sum', readonly leastArcMin: number } | { readonly asks: 'least' }

/** A mixed-integer problem in the CPLEX LP format, with the placings that its binaries stand for. */
export interface ClassModel { readonly text: string, readonly placings: ReadonlyMap<string, Placing> }

/** Less than this of a limit is left out of a row: all of them together stay under a thousandth of it. */
const NOTHING = 1e-6

/** The largest step that all arc times are whole numbers of, minutes: to a twentieth of a minute, and no finer. */
function stepOf(minutes: readonly number[]): number {
  const FINEST = 20
  const common = (one: number, other: number): number => (other === 0 ? one : common(other, one % other))
  return Math.max(1, minutes.map(time => Math.floor(time * FINEST)).reduce(common, 0)) / FINEST
}

interface Term { readonly times: number, readonly of: string }
const sumOf = (terms: readonly Term[]): string =>
  terms.filter(({ times }) => Math.abs(times) > NOTHING).map(({ times, of }) => `${times < 0 ? '-' : '+'} ${Math.abs(times).toPrecision(9)} ${of}`).join(' ')

/**
 * The class as a mixed-integer problem: who stands where in which period (x), which bays burn (o), what each gets of the arc time that is
 * wanted (a) and the least of it that anybody gets, in steps that arc times come in (k): between two steps there is nothing to look for.
 *
 * @param budget share of each limit that the sum of single effects may take: below the action fraction where the exact solver found the sum
 * to fall short of the truth
 * @param goal what it is asked for
 * @param without rules that are let go
 */
export function classModel(
  question: ClassQuestion,
  effects: ClassEffects,
  budget: number,
  goal: ClassGoal,
  without: ReadonlySet<ClassRule> = new Set(),
): ClassModel {
  const { bays, people, periods, atOnce, wantedArcMin } = question
  const x = (person: number, bay: number, period: number): string => `x${person}_${bay}_${period}`
  const o = (bay: number, period: number): string => `o${bay}_${period}`
  const a = (person: number): string => `a${person}`
  const step = stepOf(bays.flatMap((_, bay) => periods.map((_period, period) => arcMinutes(question, bay, period))))
  /** Down to a whole step: nobody is promised more than they get. */
  const arcOf = ({ bay, period }: Placing): number => Math.floor(arcMinutes(question, bay, period) / step + NOTHING) * step
  const least = goal.asks === 'least' ? 0 : Math.ceil(goal.leastArcMin / step - NOTHING)
  const allBays = bays.map((_, bay) => bay)
  const allPeriods = periods.map((_, period) => period)
  const mayAt = people.map(({ bayIds }) =>
    allBays.filter(bay => without.has('bays') || bayIds === undefined || bayIds.includes(bays[bay]!.id)))
  const placings = new Map<string, Placing>()
  people.forEach((_, person) => mayAt[person]!.forEach(bay => allPeriods.forEach(period =>
    placings.set(x(person, bay, period), { person, bay, period }))))
  const rows: string[] = []
  const row = (terms: readonly Term[], bound: string): void => {
    const sum = sumOf(terms)
    if (sum !== '') rows.push(`r${rows.length}: ${sum} ${bound}`)
  }
  const mine = (person: number): readonly Placing[] => mayAt[person]!.flatMap(bay => allPeriods.map(period => ({ person, bay, period })))
  people.forEach((_, person) => {
    row([...mine(person).map(one => ({ times: arcOf(one), of: x(person, one.bay, one.period) })),
      { times: -1, of: a(person) }], '>= 0')
    row([{ times: 1, of: a(person) }, { times: -step, of: 'k' }], '>= 0')
    for (const period of allPeriods) row(mayAt[person]!.map(bay => ({ times: 1, of: x(person, bay, period) })), '<= 1')
  })
  for (const bay of allBays) for (const period of allPeriods) {
    const here = people.flatMap((_, person) => mayAt[person]!.includes(bay) ? [{ times: 1, of: x(person, bay, period) }] : [])
    row([...here, { times: -1, of: o(bay, period) }], '= 0')
  }
  if (!without.has('at-once'))
    for (const { bayIds, most, ownAt } of atOnce) for (const period of allPeriods) {
      const asking = allBays.filter(bay => bayIds.includes(bays[bay]!.id))
      const bringsOwn = (person: number, bay: number): boolean => ownAt?.[people[person]!.id]?.includes(bays[bay]!.id) === true
      const terms = ownAt
        ? people.flatMap((_, person) => asking
            .filter(bay => mayAt[person]!.includes(bay) && !bringsOwn(person, bay))
            .map(bay => ({ times: 1, of: x(person, bay, period) })))
        : asking.map(bay => ({ times: 1, of: o(bay, period) }))
      row(terms, `<= ${most}`)
    }
  if (!without.has('air')) {
    longRows()
    shortRows()
  }
  const all = sumOf(people.map((_, person) => ({ times: 1, of: a(person) })))
  // What is wanted may lie between two steps: the next one counts as whole.
  const upTo = Math.ceil(wantedArcMin / step - NOTHING) * step
  return {
    placings,
    text: [
      'Maximize', ` obj: ${goal.asks === 'least' ? 'k' : goal.asks === 'any' ? '0 k' : all}`, 'Subject To', ...rows.map(one => ` ${one}`),
      'Bounds', ` ${least} <= k <= ${Math.max(least, Math.ceil(wantedArcMin / step - NOTHING))}`,
      ...people.map((_, person) => ` 0 <= ${a(person)} <= ${upTo}`),
      ...allBays.flatMap(bay => allPeriods.map(period => ` 0 <= ${o(bay, period)} <= 1`)),
      'General', ' k', 'Binary', ...[...placings.keys()].map(name => ` ${name}`), 'End', '',
    ].join('\n'),
  }

  /** Over the day: what everybody's arcs do to whoever is in the hall, and each one's own beyond that. */
  function longRows(): void {
    const ofHall = allBays.map(bay => allPeriods.map(period => effects.ofHall(bay, period)))
    people.forEach(({ mask }, person) => {
      const used = effects.before(person)
      const own = mine(person).map(one => ({ ...one, shares: effects.ofOwn(one.bay, one.period, mask) }))
      for (const limit of keysOf([...ofHall.flat(), ...own.map(({ shares }) => shares)])) {
        const share = (one: Shares): number => one.get(limit) ?? 0
        const most = allPeriods.reduce((sum, period) => sum
          + allBays.reduce((all, bay) => all + share(ofHall[bay]![period]!), 0)
          + Math.max(0, ...own.filter(one => one.period === period).map(({ shares }) => share(shares))), 0)
        const left = budget - share(used)
        // With every bay burning all the time it would leave them under: no row is needed.
        if (most <= left) continue
        row([
          ...allBays.flatMap(bay => allPeriods.map(period => ({ times: share(ofHall[bay]![period]!), of: o(bay, period) }))),
          ...own.map(({ bay, period, shares }) => ({ times: share(shares), of: x(person, bay, period) })),
        ], `<= ${left}`)
      }
    })
  }
  /** In short time: who works with their own run on top of what the others make; who does not, is not asked. */
  function shortRows(): void {
    const beside = allBays.map(bay => allPeriods.map(period => effects.atOnceBeside(bay, period)))
    /** What binds whoever works at a bay in a period with such a mask on: the same for all of them. */
    const bindsAt = keyed((bay: number, period: number, mask: MaskWorn | undefined) => ({
      key: `${bay} ${period} ${JSON.stringify(mask ?? null)}`,
      make: () => {
        const own = effects.atOnceOwn(bay, period, mask)
        return [...keysOf([own, ...allBays.map(other => beside[other]![period]!)])].flatMap((limit) => {
          const others = allBays.filter(other => other !== bay)
            .map(other => ({ times: beside[other]![period]!.get(limit) ?? 0, of: o(other, period) }))
          const most = others.reduce((sum, { times }) => sum + times, 0)
          const alone = own.get(limit) ?? 0
          // All of the others together leave it under: no row is needed.
          return alone + most <= budget ? [] : [{ others, alone, most }]
        })
      },
    }))
    people.forEach(({ mask }, person) => {
      for (const { bay, period } of mine(person))
        for (const { others, alone, most } of bindsAt(bay, period, mask))
          row([...others, { times: alone + most, of: x(person, bay, period) }], `<= ${budget + most}`)
    })
  }
}

const keysOf = (shares: readonly Shares[]): ReadonlySet<string> => new Set(shares.flatMap(one => [...one.keys()]))
