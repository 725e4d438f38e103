import { fireWords } from './fire-words'
import { hotworkWords } from './hotwork-words'
import { words } from './words'
import type { DangerPlaceId, PrecautionId } from '#core/ids/hotwork-ids'
import type { Sentences } from '../sentences'
import type { HotWorkCode } from '../codes'

const list = (precautions: readonly PrecautionId[]): string => precautions.map(id => hotworkWords.precautions[id].toLowerCase()).join('; ')
const one = (value: number): string => String(Number(value.toFixed(1)))
const why: Readonly<Record<DangerPlaceId, readonly [because: string, todo: string]>> = {
  'sprinklers-impaired': ['The sprinklers are out of service', 'Have them put back first, or do it cold.'],
  'explosive-atmosphere': ['There is explosive gas in the air', 'Everybody out; find the source and ventilate.'],
  'oxygen-rich': ['There is too much oxygen in the air: everything burns fiercely in it', 'Find the leak, ventilate, test again.'],
  'container-not-cleaned': [
    'It held something and was not cleaned until there is no doubt',
    'Empty, clean, isolate and vent it, and have it tested.',
  ],
  'container-unknown': ['Nobody knows what it held, so it counts as flammable', 'Find out, or have it cleaned and tested by who may.'],
  'bulk-combustibles': ['A large store stands there, ready to catch fire', 'Move the work.'],
  'combustible-panel': ['The wall or panel burns inside, behind its metal', 'Do it cold, or take the part out.'],
}

export const hotworkSentences: Pick<Sentences, HotWorkCode> = {
  'spark.no-class': ({ process }) => [
    `How far ${words.processes[process].toLowerCase()} throws sparks is not known here.`,
    'It waits for its cell.',
  ],
  'spark.beyond-model': ({ heightM, windMPerS, maxHeightM, maxWindMPerS }, q) => [
    `${q.height(heightM)} up in ${q.speed(windMPerS)} of wind is beyond the model, which ends at ${q.height(maxHeightM)} and ${q.speed(maxWindMPerS)}. Nothing is guessed past it.`,
    'Screen the work in, or ask the fire authority.',
  ],
  'spark.rule-binds': ({ radiusM, reachM }, q) => [
    `Keep ${q.distance(radiusM)} clear: the rule binds. Sparks of this work are reckoned to reach ${q.distance(reachM)}.`,
  ],
  'spark.reach-binds': ({ radiusM, reachM, ruleM }, q) => [
    `Keep ${q.distance(radiusM)} clear: sparks reach ${q.distance(reachM)} in flight, and with roll that is more than the rule's ${q.distance(ruleM)}.`,
    'Clear the larger circle, or screen the work to the floor.',
  ],
  'spark.roll-added': ({ rollM }, q) => [`${q.distance(rollM)} are added for drops that bounce and roll on a hard floor.`],
  'spark.floor-unknown': ({ rollM }, q) => [
    `Nobody said what the floor is like: ${q.distance(rollM)} of roll are counted as on a hard one.`,
    'Say whether the floor is hard.',
  ],
  'spark.piercing': ({ reachM }, q) => [
    `Piercing and blow-back throw farther: up to ${q.distance(reachM)}.`,
    'Pierce behind a screen, or begin at an edge.',
  ],
  'spark.gouging': ({ reachM, ruleM }, q) => [
    `Gouging throws to ${q.distance(reachM)}; ${q.distance(ruleM)} are not enough.`,
    'Screen it in from floor to top, or clear the whole reach.',
  ],
  'spark.percentile': ({ percentile, maxM }, q) => [
    `Only ${one(percentile)} % of hot drops are counted; the farthest reaches ${q.distance(maxM)}.`,
  ],
  'spark.rules-not-sent': ({ radiusM }, q) => [`No house rules were sent: ${q.distance(radiusM)} is taken.`],
  'hotwork.forbidden': ({ because }) => [`No hot work here. ${why[because][0]}.`, why[because][1]],
  'hotwork.bay-first': () => ['Can it be done cold, or in a bay? Then that comes first.', 'Saw, bolt, or carry it to a bay.'],
  'hotwork.designated': () => ['A designated bay: no permit, but its own look each day.'],
  'hotwork.permit-needed': () => ['This takes a permit, with a watch during the work and after it.'],
  'hotwork.lel-over-limit': ({ lelPercent, limitPercent }) => [
    `${one(lelPercent)} % of the lower explosive limit is over this site's ${one(limitPercent)} %.`,
    'Ventilate and test again.',
  ],
  'hotwork.lel-without-oxygen': ({ lelPercent }) => [
    `${one(lelPercent)} % of the lower explosive limit says nothing without an oxygen reading.`,
    'Read oxygen first, at the same place.',
  ],
  'hotwork.lel-sensor-invalid': ({ oxygenPercent }) => [
    `At ${one(oxygenPercent)} % oxygen the flammable reading is wrong: its sensor needs air.`,
    'Use an instrument made for it.',
  ],
  'hotwork.oxygen-low': ({ oxygenPercent, atLeastPercent }) => [
    `${one(oxygenPercent)} % oxygen: nobody goes in below ${one(atLeastPercent)} %.`,
    'Ventilate and test again.',
  ],
  'hotwork.gas-test-needed': () => [
    'There may be vapour: the air is tested before the start, and again by the clock.',
    'Test oxygen, then flammable gas; low, middle and high.',
  ],
  'hotwork.no-sprinklers': () => ['There are no sprinklers: nothing will put it out by itself.', 'Lay a charged hose.'],
  'hotwork.fact-missing': ({ fact }) => [`Nobody said ${hotworkWords.facts[fact]}.`, 'Say it; nothing is guessed.'],
  'hotwork.watchers': ({ watchers }) => [
    watchers === 1 ? 'One watcher with no other task.' : `${watchers} watchers with no other task: one watcher does not see all of it.`,
  ],
  'hotwork.law-watch-shorter': ({ afterMin, lawMin }) => [`${afterMin} min of watch is shorter than law: ${lawMin} min are taken.`],
  'hotwork.rules-not-sent': ({ afterMin, monitoringMin, radiusM }, q) => [
    `No house rules were sent: ${afterMin} min of watch, ${monitoringMin} min of monitoring and ${q.distance(radiusM)} are taken.`,
  ],
  'hotwork.advises': () => ['Zonaris advises; the fire authority and your local code rule.'],
  'permit.precaution-open': ({ precautions, count }) => [
    `${count === 1 ? 'One precaution is' : `${count} precautions are`} not seen to: ${list(precautions)}.`,
    'See to each, or say why it does not apply.',
    `${count} precautions open.`,
  ],
  'permit.precaution-unknown': () => ['This permit does not ask for that.'],
  'permit.reason-needed': () => ['A reason is missing.', 'Say why, in a few words.'],
  'permit.watchers-short': ({ named, needed }) => [`${named} of ${needed} watchers are named.`, 'Name the rest.'],
  'permit.watcher-works': ({ names }) => [`${names.join(' and ')} does the work and cannot watch it.`, 'Name somebody else.'],
  'permit.watcher-busy': ({ name, where }) => [`${name} has another task at that time: ${where}.`, 'Name somebody who is free.'],
  'permit.watcher-at-bay': ({ name }) => [`${name} stands at a bay with work of their own.`, 'Clear the bay, or name somebody else.'],
  'permit.not-named-watcher': ({ name }) => [
    `${name} was not named as a watcher of this permit.`,
    'Relieve a watcher who is on post; that names you.',
  ],
  'permit.own-work': () => ['Nobody answers for a permit for work of their own.', 'Ask another authoriser.'],
  'permit.signature-needed': () => ['This takes a signature.', 'Sign with your PIN.'],
  'permit.too-long': ({ hours, atMostHours }) => [
    `${one(hours)} h is longer than a permit may last here (${one(atMostHours)} h).`,
    'One shift, one permit.',
  ],
  'permit.past': () => ['That time is over.', 'Choose a later one.'],
  'permit.over': () => ['The permit\'s time is over: what is over is walked and signed anew.', 'Ask for another permit.'],
  'permit.stop-open': ({ cause }) => [
    `It was stopped: ${fireWords.causes[cause]}. Nothing is authorised over that.`,
    'Put it right, and sign what was put right.',
  ],
  'permit.help-open': () => ['Help was called here, and nobody said what came of it.', 'Go there; then sign what was put right.'],
  'permit.looks-missed': ({ count, isLastMissing }) => [
    `${count === 1 ? 'One look of the monitoring was missed' : `${count} looks of the monitoring were missed`}${isLastMissing ? ', the last one among them' : ''}.`,
    'Look now, and say why it may be closed all the same: it goes on the paper.',
  ],
  'permit.not-yet': () => ['The permit has not begun yet.', 'Wait for its time.'],
  'permit.near': ({ codes, count }) => [
    `${count === 1 ? 'Another permit is' : `${count} other permits are`} near at the same time: ${codes.join(', ')}. An unknown place counts as near.`,
    'Look at each, speak with its people, and confirm.',
  ],
  'permit.monitoring-not-over': () => ['The monitoring is not over yet.', 'Look at the place until it is.'],
  'permit.restore-open': ({ precautions, count }) => [
    `${count === 1 ? 'One thing is' : `${count} things are`} not put back: ${list(precautions)}.`,
    'Put it back and say so.',
  ],
  'permit.gap': ({ minutes }) => [
    `The round came ${minutes} min late: that is a gap in cover.`,
    'After the work the watch begins again.',
  ],
  'permit.late-round': ({ minutes }) => [`Recorded ${minutes} min after it happened.`],
  'permit.unknown': () => ['There is no such permit.', 'Look at the code again.'],
}
