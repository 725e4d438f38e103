import { capital } from '../capital'
import { dayIn } from '../site-times'
import type { Sentences } from '../sentences'
import type { KitItemCode } from '../codes'
import { kitItemWords } from './kit-item-words'
import { kitWords } from './kit-words'

const day = dayIn('en')
const one = (value: number): string => String(Number(value.toFixed(1)))

/** What Kit says, but for what goes with the board. */
export const kitItemSentences: Pick<Sentences, KitItemCode> = {
  'electrical.cable-carries': ({ allowedA, areaMm2, dutyPercent }, q) => [
    `${one(areaMm2)} mm² bears ${q.current(Math.floor(allowedA))} at ${Math.round(dutyPercent)} % duty.`,
  ],
  'electrical.duty-assumed': ({ dutyPercent }) => [`No duty given: ${dutyPercent} % counts.`],
  'electrical.temperature-assumed': ({ temperatureC }, q) => [
    `No conductor temperature given: ${q.temperature(temperatureC)}, a cable at work.`,
  ],
  'electrical.open-circuit-high': ({ volts, limitV, kind, environment }) => [
    `${one(volts)} V ${kitItemWords.voltageKinds[kind]} at the open terminals; ${kitItemWords.environments[environment]} ${limitV} V is the limit.`,
    'Take it out of service, or use a machine for that place.',
  ],
  'electrical.reading-fails': ({ test, value, limit }) => [
    `${capital(kitItemWords.electricalTests[test].name)}: ${value} ${kitItemWords.electricalTests[test].unit}; the limit is ${limit} ${kitItemWords.electricalTests[test].unit}.`,
    'Tag it out for repair.',
  ],
  'electrical.reading-missing': ({ test }) => [`Not measured: ${kitItemWords.electricalTests[test].name}.`, 'Measure it.'],
  'electrical.environment-unknown': () => ['Nobody said where it is used: the limits of a wet, tight place are taken.'],
  'electrical.test-passed': ({ count }) => [`All ${count} readings keep to their limits.`],
  'kit.tag-taken': ({ tag }) => [`${tag} is worn by another thing.`, 'Take another tag.'],
  'kit.not-tagged-out': ({ tag }) => [`${tag} is not tagged out.`],
  'kit.list-of-other-kind': ({ tag, kind }) => [
    `That list is not one of ${tag}, ${kitWords.equipmentKinds[kind]}: recorded, and it renews nothing.`,
    'Do one of its own lists.',
  ],
  'kit.list-version-old': ({ version, current }) => [
    `Done against version ${version} of the list; version ${current} stands. It is recorded and renews no date.`,
    'Do it again by the new list.',
  ],
  'kit.report-outrun': ({ tag }) => [
    `This look at ${tag} is from before what is known of it by now: recorded, and it renews nothing.`,
    'Look at it again.',
  ],
  'kit.paper-before-use': ({ tag, listId }) => [
    `${tag}: ${kitWords.lists(listId)} is looked at before each use, here: no paper says it for today.`,
    'Look at it where it is used.',
  ],
  'kit.paper-future': ({ tag, doneOn }) => [`${tag}: ${day(doneOn)} is still to come.`, 'Enter the day on which it was passed.'],
  'kit.paper-outrun': ({ tag, listId }) => [
    `${tag}: more is known here of ${kitWords.lists(listId)} than that paper says.`,
    'Look at it, and record it as an inspection.',
  ],
  'kit.checks-missing': ({ count }) => [
    `${count === 1 ? 'One check is' : `${count} checks are`} not answered: recorded, and open.`,
    'Answer the rest.',
  ],
  'kit.competence-missing': ({ kind }) => [`This takes somebody named as competent for ${kitWords.aKind(kind)}.`, 'Ask the safety lead.'],
  'kit.repair-not-said': () => ['Nobody said what was repaired.', 'Write down the repair.'],
  'kit.list-must-stay': () => [
    'A look before use stays: it may be worded anew, and not dropped or put off.',
    'Keep it a look before use of its own kind.',
  ],
  'kit.assigned-nowhere': ({ id }) => [`There is no ${id} here to give it to.`, 'Choose again.'],
}
