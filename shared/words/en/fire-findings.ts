import { fireWords } from './fire-words'
import { words } from './words'
import type { FireCheckId } from '#core/ids/station-ids'
import { timeIn } from '../site-times'
import type { Sentences } from '../sentences'
import type { FireCode } from '../codes'

const time = timeIn('en')

export const fireSentences: Pick<Sentences, FireCode> = {
  'permit.not-in-phase': ({ phase }) => [
    `The permit stands at "${fireWords.phases[phase]}".`,
    'Open it and go on from there.',
    `Permit: ${fireWords.phases[phase]}.`,
  ],
  'permit.suspended': ({ cause, where }) => [
    `Work at ${where} was stopped: ${fireWords.causes[cause]}.`,
    'Put it right first.',
    `Permit stopped: ${fireWords.causes[cause]}.`,
  ],
  'permit.stopped': ({ cause, where }) => [
    `${where}: no hot work. ${fireWords.causes[cause].charAt(0).toUpperCase()}${fireWords.causes[cause].slice(1)}.`,
    'Open it and see.',
  ],
  'permit.lapsed': ({ untilIso }) => [
    `The permit's time was over at ${time(untilIso)}.`,
    'Stop; the watch goes on.',
    `Permit over since ${time(untilIso)}.`,
  ],
  'permit.round-overdue': ({ name, sinceIso }) => [
    `${name} has not been heard since ${time(sinceIso)}: the round was missed.`,
    'Go to the watch.',
    `Watch unheard since ${time(sinceIso)}.`,
  ],
  'permit.unheard': ({ name, sinceIso }) => [
    `${name} has not been heard since ${time(sinceIso)}; the round is due.`,
    'Do the round.',
    `Watch unheard since ${time(sinceIso)}.`,
  ],
  'permit.no-watch-on-post': ({ onPost, needed }) => [
    `${onPost} of ${needed} on watch.`,
    'The watch takes its post first.',
    'Nobody watches.',
  ],
  'permit.no-second-channel': () => [
    'Only one screen is heard, and no other way to reach the watch was named.',
    'Sign in on a second screen.',
    'No second channel.',
  ],
  'permit.gas-not-tested': () => ['The air was not tested.', 'Test oxygen first, then flammable gas.'],
  'permit.gas-out': ({ lelPercent, oxygenPercent, point }) => [
    `The air is out of limits at "${point}": ${oxygenPercent ?? '?'} % oxygen, ${lelPercent ?? '?'} % of the lower explosive limit.`,
    'Ventilate, test again at the same point.',
    'Air out of limits.',
  ],
  'permit.detector-unknown': ({ instrument }) => [
    `${instrument} tested the air, and nobody knows whether it was bump-tested today.`,
    'Assign the detector to this permit, and do its look before use.',
    'Detector not bump-tested.',
  ],
  'permit.cover-missing': ({ where, sinceIso }) => [
    `Nobody watches ${where} since ${time(sinceIso)}, and it may smoulder.`,
    'Go there and take the post.',
    `Nobody watches since ${time(sinceIso)}.`,
  ],
  'permit.other-process': ({ permit, job }) => [
    `The permit is for ${words.processes[permit].toLowerCase()}; the job here is ${words.processes[job].toLowerCase()}.`,
    'Ask for a permit for this job.',
    'The permit is for another process.',
  ],
  'permit.other-operator': ({ name }) => [
    `The permit does not name ${name}.`,
    'Place whom it names, or ask for another permit.',
    'Permit names another.',
  ],
  'permit.nobody-placed': () => [
    'Nobody is placed here: a permit is for named people.',
    'Place who works here.',
    'Nobody is placed here.',
  ],
  'permit.current-not-said': () => [
    'The permit does not say up to which current it was given.',
    'Ask for a permit that says it.',
    'The permit names no current.',
  ],
  'permit.current-over': ({ currentA, atMostA }, q) => [
    `${q.current(currentA)} is more than the permit was given for (${q.current(atMostA)}).`,
    'Turn it down, or ask for another permit.',
    `Permit only up to ${q.current(atMostA)}.`,
  ],
  'permit.on-post': ({ name, where }) => [`${name} is on watch at ${where} and has no other task.`, 'Relieve the watch first.'],
  'permit.gas-retest-due': () => ['The air has to be tested again.', 'Oxygen first, then flammable gas.', 'Gas test due again.'],
  'permit.kit-out': ({ tag }) => [`${tag} belongs to this permit and is not in service.`, 'Bring another one.', `${tag} out of service.`],
  'permit.no-extinguisher': () => ['No extinguisher in service belongs to this permit.', 'Bring one.', 'No extinguisher in service.'],
  'permit.none-here': () => ['A spot on a structure takes a permit, and there is none.', 'Ask for one under Hot work.', 'No permit.'],
  'permit.live': ({ code, untilIso }) => [`${code} is live until ${time(untilIso)}, with its watch on post.`],
  'permit.day-check-due': () => ['Nobody has looked this bay over for fire today.', 'Look it over.', 'Fire check due today.'],
  'permit.day-check-fails': ({ checks, count }) => [
    `The fire check found ${count === 1 ? 'one thing' : `${count} things`} wrong: ${checks.map(check => fireWords.fireChecks[check as FireCheckId].toLowerCase()).join(', ')}.`,
    'Put it right.',
    'Fire check not in order.',
  ],
  'permit.help-called': ({ where }) => [`Help was called at ${where}.`, 'Go there.'],
  'permit.watch-over': ({ where }) => [`The monitoring of ${where} is over.`, 'Close the permit.'],
  'permit.visit-missed': ({ where }) => [`Nobody has looked at ${where} again in time.`, 'Go and look now.'],
  'permit.arc-without-permit': ({ where }) => [`An arc was struck at ${where} without a live permit.`, 'The full watch runs.'],
}
