import type { OutfitRequirement } from '../ppe/required-outfit'
import type { JudgedBay } from '../site-facts/judge-site'
import type { Word } from '../clearance/gate'
import type { ReminderId } from '../ids/card-ids'
import type { ZoneId } from '../ids/vocabulary'
import type { Job } from '../job/job'
import { PROCESS_TRAITS } from '../job/process-traits'

/** What somebody carries to a bay: what to wear there for the work of the day, and three things to keep in mind. */
export interface BayCard {
  readonly bayId: string
  readonly label: string
  /** A first name at most; null for an empty bay. */
  readonly firstName: string | null
  readonly word: Word
  readonly job: Job | null
  /** The lowest shade allowed and where to start; null where no shade answers. */
  readonly shade: { readonly minimum: number, readonly start: number } | null
  readonly zones: readonly Pick<OutfitRequirement, 'zone' | 'requirement' | 'leastNrrDb'>[]
  readonly reminders: readonly ReminderId[]
}

/** Zones of which a card speaks, in the order in which one dresses. */
const ON_THE_CARD: readonly ZoneId[] = ['eyes', 'hands', 'torso', 'arms', 'legs', 'feet', 'ears', 'lungs']
const HOW_MANY = 3

/**
 * Three reminders for a job, what harms most first. Common practice, no source.
 * @param isHot no full hour of it may be worked in today's heat
 */
export function remindersFor(job: Job, isHot = false): readonly ReminderId[] {
  const { process } = job
  const { heat } = PROCESS_TRAITS[process]
  const isArc = heat === 'open-arc'
  const rules: readonly (readonly [isAsked: boolean, reminder: ReminderId])[] = [
    [heat === 'laser', 'beam-needs-eyewear'],
    [isHot, 'rest-from-heat'],
    [job.container !== undefined && job.container !== 'not-a-container', 'tank-cleaned-and-tested'],
    [job.coating !== undefined && job.coating !== 'none' && job.coatingStripped !== true, 'coating-off-first'],
    [heat === 'flame', 'purge-before-lighting'],
    [job.position === 'overhead', 'sparks-from-above'],
    [process === 'cac-a' || process === 'pac' || process === 'ofc' || heat === 'sparks', 'ears-in'],
    [heat === 'sparks', 'guard-and-stance'],
    [process === 'smaw' || process === 'fcaw-s' || process === 'fcaw-g', 'glasses-while-chipping'],
    [process === 'gtaw', 'tungsten-not-by-hand'],
    [isArc, 'gloves-dry'],
    [isArc, 'head-out-of-the-plume'],
    [heat === 'flame', 'gas-shut-when-leaving'],
    [process === 'smaw', 'stubs-and-slag-are-hot'],
    [isArc, 'screen-closed'],
    [true, 'look-round-for-fire'],
    [true, 'gas-shut-when-leaving'],
    [true, 'stubs-and-slag-are-hot'],
  ]
  return [...new Set(rules.filter(([isAsked]) => isAsked).map(([, reminder]) => reminder))].slice(0, HOW_MANY)
}

/** A name as a card may say it. */
export const firstNameOf = (name: string): string => name.trim().split(/\s+/)[0] ?? ''

/** The card of a bay as it is judged. */
export function bayCard({ bay, station, verdict }: JudgedBay, nameOf: (personId: string) => string | null): BayCard {
  const { job, personId } = station
  const name = personId === null ? null : nameOf(personId)
  const { minimum = null, start = null } = verdict.shade ?? {}
  return {
    bayId: bay.bayId,
    label: bay.label,
    firstName: name === null ? null : firstNameOf(name),
    word: verdict.word,
    job,
    shade: minimum === null || start === null ? null : { minimum, start },
    zones: verdict.outfit
      .filter(({ zone }) => ON_THE_CARD.includes(zone))
      .map(({ zone, requirement, leastNrrDb }) => ({ zone, requirement, ...leastNrrDb === undefined ? {} : { leastNrrDb } }))
      .sort((a, b) => ON_THE_CARD.indexOf(a.zone) - ON_THE_CARD.indexOf(b.zone)),
    reminders: job === null ? [] : remindersFor(job, verdict.byId.body.findings.some(({ code }) => code === 'body.heat-rest')),
  }
}
