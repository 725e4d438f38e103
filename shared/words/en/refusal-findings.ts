import type { RefusalCode } from '../codes'
import type { Sentences } from '../sentences'
import { dayIn } from '../site-times'
import { words } from './words'

const day = dayIn('en')
const plural = (count: number, one: string, many: string): string => count === 1 ? `1 ${one}` : `${count} ${many}`

/** What the door says of what it refuses or remarks on. It says it itself: the board does not carry it. */
export const refusalSentences: Pick<Sentences, RefusalCode> = {
  'command.stale': () => [
    'Somebody else changed this in the meantime. What you entered is kept.',
    'Look at the new state, then send again.',
  ],
  'command.not-allowed': ({ right, roles }) => [
    `Not allowed for ${roles.map(role => words.roles[role]).join(', ')}: ${words.rights[right]}.`,
    'Ask somebody who may.',
  ],
  'command.id-reused': () => ['This command id was used before for something else.', 'Send it again under a new id.'],
  'command.unknown-stream': ({ streamId }) => [`There is nothing called ${streamId} here.`, 'Choose one that exists.'],
  'command.stop-reason-first': () => ['Nobody has said yet why this bay was stopped.', 'Say why; then it can be re-opened.'],
  'command.not-stopped': () => ['This bay is not stopped.'],
  'command.name-taken': ({ name }) => [`${name} is taken.`, 'Choose another name.'],
  'command.place-closed': ({ name }) => [`${name} is closed.`, 'Open it again first, or choose another.'],
  'site.person-still-there': ({ bay, name }) => [
    `${name} is placed at bay ${bay}.`,
    'Place them elsewhere, or nobody there; then close it.',
  ],
  'site.permit-still-there': ({ bay, code }) => [
    `Permit ${code} for bay ${bay} is not over.`,
    'See its watch through and close it, or refuse it; then change the bay.',
  ],
  'site.cylinder-still-there': ({ bay, tag }) => [
    `Cylinder ${tag} stands at bay ${bay}.`,
    'Disconnect it and carry it elsewhere; then close the bay.',
  ],
  'command.person-unknown': () => ['Nobody by that id is on the people list.', 'Choose somebody from the list.'],
  'command.bay-unknown': () => ['There is no such bay.', 'Choose a bay of this site.'],
  'command.pin-wrong': () => ['That PIN does not match.', 'Try again.'],
  'command.pin-locked': () => ['Too many wrong PINs; signing by PIN rests for a while.', 'Wait, or sign in with the password.'],
  'command.pin-of-demo': () => [
    'The demo PINs are printed for everybody: off this machine they sign nothing.',
    'Sign with a PIN of your own, set with a one-time code.',
  ],
  'command.pin-too-new': () => [
    'This sign-in was reset less than a day ago, and does not sign yet.',
    'Let somebody else sign, or wait until the day is over.',
  ],
  'command.stream-twice': ({ streamId }) => [`One command names ${streamId} twice.`, 'Name each thing once.'],
  'command.before-site': () => [
    'The device says that this was before the site was opened.',
    'Set the clock of the device, then do it again.',
  ],
  'person.nothing-to-settle': () => [
    'A shade is settled on a job that is set, with a least shade that is known.',
    'Set the job of the bay first.',
  ],
  'person.training-to-come': ({ trainedOn }) => [
    `${day(trainedOn)} is still to come: nobody was taught on it.`,
    'Give the day of the training.',
  ],
  'person.training-ends-early': ({ trainedOn, nextOn }) => [
    `It would stand until ${day(nextOn)}, and was taught on ${day(trainedOn)}.`,
    'Give a later day, or none where it does not end.',
  ],
  'person.has-loans': ({ count }) => [
    `${plural(count, 'thing', 'things')} of the shop's clothes ${count === 1 ? 'is' : 'are'} still with them.`,
    'Take it back at the door, or say that it is lost.',
  ],
  'person.settled-elsewhere': () => [
    'Other work stands at that bay by now, or they do not stand there: the shade was found on something else.',
    'Find it again on the work that stands there.',
  ],
  'person.settled-too-light': ({ shade, minimum }, q) => [
    `Shade ${q.shade(shade)} is lighter than the least for this job, ${q.shade(minimum)}.`,
    'Go one darker.',
  ],
  'command.last-safety-lead': () => ['This is the only safety lead; nobody else could manage people.', 'Name another safety lead first.'],
  'command.no-helper-here': () => ['They do not help at this bay today.'],
  'command.helps-themselves': () => ['Whoever welds at a bay does not help there besides.'],
  'command.person-has-left': ({ name }) => [`${name} has left the site.`],
  'command.late-report': ({ minutes }, q) => [`Recorded ${q.minutes(minutes)} after it happened.`],
  'command.report-outrun': () => ['Something newer is known already: this is recorded, and changes nothing.'],
}
