import type { ShadeQuestion, ShadeRules } from '../shade/shade-question'
import type { RackHelmet } from '../shade/rack'
import { solveRack } from '../shade/rack'
import type { Sight } from '../shade/settled-shade'
import type { AtOnce } from './class-question'

/** A helmet of the shop: hanging free, or somebody's. */
export interface ClassHelmet { readonly helmet: RackHelmet, readonly holderId: string | null }

/** What a class may wear: who brings a helmet that does, and how many others there are. */
export interface HelmetsOfClass {
  /** Bays whose job no helmet does for that hangs free. */
  readonly bareBayIds: readonly string[]
  /** May somebody weld at a bay: with a helmet of their own, or with one that hangs free? */
  readonly mayAt: (personId: string, bayId: string) => boolean
  readonly atOnce: readonly AtOnce[]
}

/** What a plan calls the helmets that it counts. */
export const HELMETS = 'helmets'
/** With more kinds of work than this only each by itself and all together are counted: sets of sets grow too many. */
const KINDS_AT_MOST = 6

/**
 * Helmets of a class by the rack: whoever has a helmet of their own that does for a job wears it; all others share what hangs free. Of any
 * bays together no more can burn than there are helmets that do for one of them.
 *
 * @param jobs by bay
 * @param sights by person: whoever is to weld
 * Source: `core/shade/rack`.
 */
export function helmetsOfClass(
  jobs: ReadonlyMap<string, ShadeQuestion>,
  sights: ReadonlyMap<string, Sight>,
  helmets: readonly ClassHelmet[],
  rules: ShadeRules,
): HelmetsOfClass {
  const fitting = (job: ShadeQuestion, among: readonly ClassHelmet[], person: Sight): ReadonlySet<string> | 'not-needed' => {
    const rack = solveRack([job], among.map(({ helmet }) => helmet), { person, rules })
    if (rack.findings.some(({ code }) => code === 'helmet.no-shade-needed')) return 'not-needed'
    return new Set(rack.helmets.filter(({ fit }) => fit !== 'cannot').map(({ id }) => id))
  }
  const free = helmets.filter(({ holderId }) => holderId === null)
  /** Helmets that hang free and do for the job of a bay: whoever starts darker takes the same, for the least is one for all. */
  const freeAt = new Map([...jobs].map(([bayId, job]) => [bayId, fitting(job, free, {})]))
  const ownAt = Object.fromEntries([...sights].map(([personId, sight]) => {
    const own = helmets.filter(({ holderId }) => holderId === personId)
    const does = (job: ShadeQuestion): boolean => {
      const found = own.length === 0 ? null : fitting(job, own, sight)
      return found === 'not-needed' || (found !== null && found.size > 0)
    }
    return [personId, [...jobs].filter(([, job]) => does(job)).map(([bayId]) => bayId)]
  }))
  const isFree = (bayId: string): boolean => {
    const there = freeAt.get(bayId)
    return there === 'not-needed' || (there !== undefined && there.size > 0)
  }
  return {
    bareBayIds: [...jobs.keys()].filter(bayId => !isFree(bayId)),
    mayAt: (personId, bayId) => isFree(bayId) || ownAt[personId]?.includes(bayId) === true,
    atOnce: countedTogether(freeAt, ownAt),
  }
}

/** Of the bays that the same helmets do for, and of any such bays together, no more at once than there are of them. */
function countedTogether(
  freeAt: ReadonlyMap<string, ReadonlySet<string> | 'not-needed'>,
  ownAt: NonNullable<AtOnce['ownAt']>,
): readonly AtOnce[] {
  const kinds = new Map<string, { bayIds: string[], helmets: ReadonlySet<string> }>()
  for (const [bayId, helmets] of freeAt) {
    if (helmets === 'not-needed') continue
    const key = [...helmets].sort().join(' ')
    const kind = kinds.get(key) ?? { bayIds: [], helmets }
    kind.bayIds.push(bayId)
    kinds.set(key, kind)
  }
  const all = [...kinds.values()]
  const every = 2 ** all.length - 1
  const sets = all.length > KINDS_AT_MOST
    ? [...all.map((_, n) => 2 ** n), every]
    : Array.from({ length: every }, (_, n) => n + 1)
  return sets
    .map(set => all.filter((_, n) => Math.floor(set / 2 ** n) % 2 === 1))
    .map((some): AtOnce => ({
      what: HELMETS,
      bayIds: some.flatMap(({ bayIds }) => bayIds),
      most: new Set(some.flatMap(({ helmets }) => [...helmets])).size,
      ownAt,
    }))
    .filter(({ bayIds, most }) => most < bayIds.length)
}
