import { capital } from '../capital'
import type { ClassRule } from '#core/ids/class-ids'
import type { HeatInput } from '#core/findings/fume-findings'
import { listOf } from '../english-list'
import { words } from './words'
import type { StudyCode } from '../codes'
import type { Sentences } from '../sentences'

const HEAT_INPUTS: Readonly<Record<HeatInput, string>> = { voltage: 'volts', travel: 'travel speed', efficiency: 'efficiency' }
const plural = (count: number, one: string, many: string): string => count === 1 ? `1 ${one}` : `${count} ${many}`
/** A factor as people say it. */
const timesOf = (factor: number): string => `${Number(factor.toPrecision(2))} times`

/** Whole minutes, down: nobody is promised more. */
const minutesOf = (minutes: number): string => `${Math.floor(minutes + 1e-6)} min`
const RULES: Readonly<Record<ClassRule, string>> = {
  'air': 'the air', 'at-once': 'what there is of a thing at once', 'bays': 'who may weld where',
}
/** What forbids a plan by itself; nothing where only several together do. */
const becauseOf = (forbids: readonly ClassRule[]): string =>
  forbids.length === 0 ? '' : ` It is ${forbids.map(rule => RULES[rule]).join(', ')} that forbids it.`
const changeWhat = (forbids: readonly ClassRule[]): string =>
  forbids.length > 0 ? 'Change what is named, or ask for less.' : 'Give it more bays or hours, or ask for less.'

/** What is said of ducts as one system, a class that is planned, the oxygen of a room, the model against samples, and what is asked. */
export const studySentences: Pick<Sentences, StudyCode> = {
  'ducts.starved': ({ hood, flowM3PerS, neededM3PerS }, q) => [
    `Hood ${hood} is starved: it draws ${q.airFlow(flowM3PerS)} of the ${q.airFlow(neededM3PerS)} it is counted on for.`,
    'Shut a damper that nobody works at.',
    `Hood ${hood} is starved.`,
  ],
  'ducts.no-balance': () => [
    'No flow was found at which fan and ducts agree.',
    'Look through the fan\'s curve and the losses.',
    'No balance found.',
  ],
  'ducts.slow': ({ duct, mPerS, atLeastMPerS }, q) => [
    `The air in duct ${duct} moves at ${q.speed(mPerS)}; under ${q.speed(atLeastMPerS)} fume settles in it.`,
    'Look into it, and have it cleaned.',
    `Duct ${duct} is slow.`,
  ],
  'ducts.off-the-curve': ({ flowM3PerS, leastM3PerS, mostM3PerS }, q) => [
    `The fan would move ${q.airFlow(flowM3PerS)}; its curve is known from ${q.airFlow(leastM3PerS)} to ${q.airFlow(mostM3PerS)}.`,
    'Ask its maker for the rest of the curve.',
    'The fan is off its known curve.',
  ],
  'ducts.may-be-open': ({ count, of }) => [`${count} of ${of} hoods may be open at once, whichever they are.`],
  'class.planned': ({ leastArcMin, isWhole }) => [
    `Everybody gets at least ${minutesOf(leastArcMin)} of arc, and nobody comes over${isWhole ? '' : ' by what could be counted'}.`,
  ],
  'class.too-little': ({ leastArcMin, wantedArcMin, forbids }) => [
    `Whoever gets least gets ${minutesOf(leastArcMin)} of arc, not ${minutesOf(wantedArcMin)}.${becauseOf(forbids)}`,
    changeWhat(forbids),
    `Only ${minutesOf(leastArcMin)} of arc each.`,
  ],
  'class.no-plan': ({ forbids }) => [
    `No plan keeps everybody under.${becauseOf(forbids)}`,
    changeWhat(forbids),
    'No plan.',
  ],
  'class.bay-unknown': ({ bay }) => [
    `Bay ${bay} is left out: its job, its fume or its hood is not known.`,
    'Set its job and its hood.',
  ],
  'class.beside-unknown': ({ bays, count }) => [
    `${count === 1 ? 'Bay' : 'Bays'} ${listOf(bays)} of this hall ${count === 1 ? 'burns or has' : 'burn or have'} burnt by then `
    + 'what nobody can say: the plan counts it as nothing.',
    'Let it wait until the class is over, or have all the dust measured at the bays of the class while it burns.',
    'A neighbour\'s fume is not in the plan.',
  ],
  'class.nowhere': ({ person }) => [`${person} is signed off for the job of no bay.`, 'Sign them off, or set another job.'],
  'class.no-helmet': ({ bay }) => [
    `No helmet that hangs free does for the job of bay ${bay}: only who brings their own is planned there.`,
    'Bring one that does, or take one back.',
    'No free helmet.',
  ],
  'class.no-helmet-for': ({ person }) => [
    `There is no helmet for ${person} at any bay of theirs: they look on.`,
    'Lend them one that does.',
    'No helmet.',
  ],
  'class.helmets-not-counted': () => ['No helmet is in the register: helmets are not counted.'],
  'class.worked-before': ({ count }) => [
    `${count} of them ${count === 1 ? 'welds or helps' : 'weld or help'} before the class: what they breathe by then counts.`,
  ],
  'class.over-before': ({ person, fraction }, q) => [
    `${person} looks on: with any part of the class they would be over`
    + `${fraction === null ? '' : ` (hardest limit before it: ${q.part(fraction)})`}.`,
    'Let them weld another day.',
    'Had their share before.',
  ],
  'class.before-unknown': ({ person }) => [
    `What ${person} breathed before the class cannot be said: they look on.`,
    'Say when and what they welded at their other bays.',
    'Day before the class not known.',
  ],
  'class.no-time': () => ['The class begins when it ends.', 'Give two times.'],
  'class.nothing-to-plan': () => ['There is nobody, or no bay, to plan.', 'Choose a class, and bays with a job.'],
  'class.not-proven': () => ['The best that was found in time; a better one may exist.'],
  'class.more-helmets': ({ bays, most }) => [`It would do with ${most} helmets hanging free that do for bay ${bays.join(', ')}.`],
  'class.more-at-once': ({ what, most }) => [`It would do with ${most} at once of this: ${what}.`],
  'class.more-air': ({ supplyM3PerS }, q) => [`It would do with ${q.airFlow(supplyM3PerS)} of outdoor air.`],
  'class.more-bays': ({ bay }) => [`It would do if everybody might weld at bay ${bay}.`],
  'class.more-time': () => ['It would do with one more period as long as the last.'],
  'calibration.moved': ({ n, p50, p95, before95 }) => [
    `By ${plural(n, 'sample', 'samples')} there is ${timesOf(p50)} of what the model says, 95 % sure at most ${timesOf(p95)} (${timesOf(before95)} before).`,
  ],
  'calibration.few': ({ n, atLeast }) => [`${plural(n, 'sample says', 'samples say')} little of what shifts are like; ${atLeast} at least.`, 'Take more samples.'],
  'calibration.only-below': ({ n }) => [
    `${n === 1 ? 'The one result lies' : `All ${n} results lie`} below the limit of quantification: they say only how much it is not.`,
  ],
  'calibration.disagrees': ({ p50, before05, before95 }) => [
    `The samples say ${timesOf(p50)} of the model, outside the ${timesOf(before05)} to ${timesOf(before95)} that were held possible.`,
    'Look for what is otherwise: the consumable, the hood, the room, or the samples.',
    'Samples and model disagree.',
  ],
  'oxygen.deficient': ({ percent, limitPercent }) => [
    `${percent.toFixed(1)} % oxygen: under ${limitPercent} % nobody goes in.`,
    'Keep out, ventilate, measure.',
  ],
  'oxygen.enriched': ({ percent, limitPercent }) => [
    `${percent.toFixed(1)} % oxygen: at ${limitPercent} % clothes burn violently.`,
    'Keep out, no flame, ventilate, measure.',
  ],
  'oxygen.limit-ahead': ({ minutes, limitPercent }, q) => [
    `It passes ${limitPercent} % after ${q.minutes(Math.floor(minutes))}.`,
    'Stop the gas or bring in air before that.',
  ],
  'oxygen.mixed-number': () => [
    'A number for mixed air: argon and carbon dioxide pool low, helium high. Only a measured reading opens a space.',
  ],

  'shade.worn-lighter': ({ worn, minimum, ruleSet }, q) => [
    `Shade ${q.shade(worn)} is worn; the lowest allowed is ${q.shade(minimum)} (${words.ruleSets[ruleSet]}).`,
    `Wear shade ${q.shade(minimum)} or darker.`,
  ],
  'shade.worn-below-start': ({ worn, start }, q) => [
    `Shade ${q.shade(worn)} is allowed; starting at ${q.shade(start)} is kinder to the eyes.`,
  ],
  'shade.tint-not-counted': ({ effective }, q) => [
    `Together the filters look like ${q.shade(effective)}, but a tint has no verified protection against an arc and does not count.`,
  ],
  'fume.heat-assumed': ({ inputs }) => [
    `Nobody measured ${listOf(inputs.map(input => HEAT_INPUTS[input]))}: what is usual counts, with its spread.`,
    'Measure it, and the answer narrows.',
  ],
  'fume.arc-cannot-boil-more': ({ boundMgPerMin }, q) => [
    `There lies more in reach of the heat than this arc has power to boil: ${q.rate(boundMgPerMin)} is the most.`,
  ],
  'fume.boils-beside': ({ substance, widthMm, faces }, q) => [
    `${capital(words.substances[substance])} boils over ${q.length(widthMm)} of ${faces === 1 ? 'the near face' : 'each face'}.`,
  ],
  'exposure.strictest-assumed': () => ['No rule sets were given: all that are known bind.'],
  'exposure.near-field-assumed': ({ radiusM, airSpeedMPerS }, q) => [
    `Nobody said how still the air is round the arc: ${q.reach(radiusM)} of reach and`
    + ` ${q.speed(airSpeedMPerS)} are taken, the strictest that are usual.`,
    'Give the near field.',
  ],
  'exposure.advises-only': () => ['A model, not a measurement. Local codes and licensed practice decide.'],
}
