import type { FindingCode, FindingValues } from '#core/finding'
import type { ZoneId } from '#core/vocabulary/vocabulary'
import type { Quantities } from '../quantities'
import { words } from './words'

/** A sentence that names the thing, what to do next, and the few words that fit on a board. */
export interface Spoken { readonly message: string, readonly todo: string | null, readonly brief: string }

type Sentences = { readonly [Code in FindingCode]: (values: FindingValues[Code], q: Quantities) => readonly [message: string, todo?: string, brief?: string] }

const zoneList = (zones: readonly ZoneId[]): string => zones.map(zone => words.zones[zone]).join(', ')
const plural = (count: number, one: string, many: string): string => count === 1 ? `1 ${one}` : `${count} ${many}`
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** Every finding in English. The compiler sees to it that none is forgotten. */
export const sentences: Sentences = {
  'shade.input-missing': ({ input }) => [`The shade needs ${words.shadeInputs[input]}.`, `Set ${words.shadeInputs[input]}.`],
  'shade.current-beyond-table': ({ currentA, tableEndsA, ruleSet }, q) =>
    [`${q.current(currentA)} is beyond the ${words.ruleSets[ruleSet]} table, which ends at ${q.current(tableEndsA)}.`, 'Have the shade assessed; nothing is guessed past the table.', `Beyond the table at ${q.current(tableEndsA)}.`],
  'shade.flow-beyond-table': ({ flowLPerH, tableEndsLPerH, ruleSet }, q) =>
    [`${q.flow(flowLPerH)} is beyond the ${words.ruleSets[ruleSet]} table, which ends at ${q.flow(tableEndsLPerH)}.`, 'Have the shade assessed; nothing is guessed past the table.'],
  'shade.below-table': ({ ruleSet }) => [`Below the first current that the ${words.ruleSets[ruleSet]} prints: its first row is used.`],
  'shade.no-row': ({ process, ruleSet }) => [`${words.ruleSets[ruleSet]} prints no shade for ${words.processes[process].toLowerCase()}.`],
  'shade.no-minimum-printed': ({ ruleSet }) => [`${words.ruleSets[ruleSet]} suggests a shade here and prints no minimum.`],
  'shade.row-not-shipped': ({ process }) => [`The row for ${words.processes[process].toLowerCase()} is recalled too loosely to be used as a rule. Read your own edition.`],
  'shade.no-rule-set-answers': ({ process }) => [`No rule set answers for ${words.processes[process].toLowerCase()}.`, 'Have the shade assessed.'],
  'shade.laser-not-a-shade': () => ['A shade number does not answer for a laser: its eyewear is rated by wavelength and optical density.', 'Keep the beam off until the laser cell is planned.', 'No shade answers a laser.'],
  'shade.clear-glasses-only': () => ['No shade is needed: clear rated glasses and a face shield.'],
  'shade.buried-arc-flash': () => ['The arc is buried, but it can flash through: clear rated glasses always, a light tint of 2 to 3 where it does.'],
  'shade.older-edition': () => ['From the older, darker edition; a newer edition reads about one shade lighter. Boundaries are recalled: check your edition.'],
  'shade.electrode-decides': ({ electrodeDiameterMm, currentA, shade }, q) =>
    [`A ${q.length(electrodeDiameterMm)} rod belongs to a darker row than ${q.current(currentA)}: shade ${q.shade(shade)} by its size.`],
  'shade.electrode-only': ({ electrodeDiameterMm }, q) => [`The current is not known: judged by the ${q.length(electrodeDiameterMm)} rod alone.`, 'Set the current.'],
  'shade.construction-size-unknown': ({ shade }, q) => [`On construction work the electrode size decides; it is unknown or not printed, so the darkest row holds: ${q.shade(shade)}.`, 'Set the electrode diameter.'],
  'shade.construction-nearest-row': () => ['The construction table has no row of its own for this process; the nearest row is used.'],
  'shade.visible-arc': () => ['Holds where the arc is clearly seen; a hidden arc may be watched through a lighter one.'],
  'shade.sodium-light': () => ['A strong yellow flare calls for a lens that absorbs the sodium line.'],
  'shade.house-not-for-process': ({ process }) => [`The house minimum is for open arcs; it would blind somebody at ${words.processes[process].toLowerCase()}.`],
  'shade.no-house-minimum': () => ['This site has set no house minimum.'],
  'shade.law-silent': ({ ruleSet }) => [`The law that binds here prints no row; the darkest other answer is used: ${words.ruleSets[ruleSet]}.`],
  'shade.strictest-assumed': ({ ruleSet }) => [`No site rules were given: the strictest answer known binds, here ${words.ruleSets[ruleSet]}.`],
  'shade.start-darkest': ({ shade, minimum }, q) => [`Start at ${q.shade(shade)} and step lighter until the puddle is just visible, never under ${q.shade(minimum)}.`],
  'shade.worn-lighter': ({ worn, minimum, ruleSet }, q) => [`Shade ${q.shade(worn)} is worn; the lowest allowed is ${q.shade(minimum)} (${words.ruleSets[ruleSet]}).`, `Wear shade ${q.shade(minimum)} or darker.`],
  'shade.worn-below-start': ({ worn, start }, q) => [`Shade ${q.shade(worn)} is allowed; starting at ${q.shade(start)} is kinder to the eyes.`],
  'shade.tint-not-counted': ({ effective }, q) => [`Together the filters look like ${q.shade(effective)}, but a tint has no verified protection against an arc and does not count.`],

  'job.not-set': () => ['No job yet.', 'Set a job.'],
  'job.field-missing': ({ field }) => [`Not known: ${words.jobFields[field]}.`, `Set ${words.jobFields[field]}.`],
  'job.field-assumed': ({ field }) => [`${capital(words.jobFields[field])} is assumed, in pencil.`, `Confirm or correct ${words.jobFields[field]}.`, `${capital(words.jobFields[field].replace(/^the /, ''))} still in pencil.`],
  'job.coating-unknown': () => ['The coating is not known.', 'Find the data sheet, have it tested, or strip it.'],
  'job.coating-maybe-cadmium': () => ['Yellowish plating may be zinc or cadmium; cadmium fume kills.', 'Find the data sheet or have it tested before any heat.', 'Plating may be cadmium.'],
  'job.coating-burns-off': ({ coating }) => [`${capital(words.coatings[coating])}: it burns off as fume. Strip it back, or let the Air gate decide.`],
  'job.residue-present': () => ['Degreaser or brake cleaner is on the work: an arc turns it into phosgene.', 'Wash it off with soap and water, dry it, then say so.', 'Degreaser is on the work.'],
  'job.residue-unknown': () => ['Nobody knows whether degreaser or brake cleaner is on the work.', 'Ask, or wash and dry it.', 'Degreaser: nobody knows.'],
  'job.container': ({ container }) => [container === 'held-something' ? 'A container that held something counts as flammable.' : 'A container with unknown contents counts as flammable.', 'Open, clean and test it first.', 'This container counts as flammable.'],
  'job.times-reversed': () => ['Start and end are the same time.', 'Set when the work ends.'],

  'eyes.job-first': () => ['The shade depends on the job.', 'Set the job first.'],
  'eyes.helmet-not-set': ({ minimum, start }, q) => ['No helmet shade entered.', start > minimum ? `Start at ${q.shade(start)}, never under ${q.shade(minimum)}.` : `Set ${q.shade(minimum)} or darker.`],
  'eyes.helmet-lighter': ({ helmet, minimum, ruleSet }, q) =>
    [`This helmet is at ${q.shade(helmet)}; the lowest allowed is ${q.shade(minimum)} (${words.ruleSets[ruleSet]}).`, `Set it to ${q.shade(minimum)} or darker, or take another helmet.`, `Helmet ${q.shade(helmet)}, lowest allowed ${q.shade(minimum)}.`],
  'eyes.helmet-below-start': ({ helmet, start }, q) => [`Shade ${q.shade(helmet)} is allowed; ${q.shade(start)} is where to start.`],
  'eyes.helmet-not-checked': () => ['The helmet is not checked today.', 'Test that it darkens, look at lens and shell.', 'Helmet not checked today.'],
  'eyes.helmet-fault': ({ fault }) => [fault === 'unnamed' ? 'The helmet failed its check.' : `The helmet failed its check: ${words.helmetFaults[fault]}.`, 'Take another helmet and check that one.', 'Helmet failed its check.'],
  'eyes.glasses-not-checked': () => ['Nobody has looked for clear rated glasses today.', 'Look: clear, impact rated, side shields.', 'Glasses not looked at today.'],
  'eyes.glasses-wrong': ({ kind }) => [kind === 'none' ? 'No glasses under the helmet.' : 'Tinted glasses: they hide the work when the helmet is up and do not count against an arc.', 'Wear clear, impact-rated glasses.', kind === 'none' ? 'No glasses under the helmet.' : 'Tinted glasses.'],
  'eyes.tint-explains': ({ helmet, added, effective }, q) => [`Helmet ${q.shade(helmet)} with this tint looks like ${q.shade(effective)} (${q.shade(added)} more), but the tint does not count.`],

  'body.job-first': () => ['The outfit depends on the job.', 'Set the job first.'],
  'body.zones-to-check': ({ zones, count }) => [`${plural(count, 'zone', 'zones')} to look at: ${zoneList(zones)}.`, 'Go through the list at the door.', `${plural(count, 'zone', 'zones')} to look at.`],
  'body.requirement-changed': ({ zones, count }) => [`The job changed what ${plural(count, 'zone needs', 'zones need')}: ${zoneList(zones)}.`, 'Look again.', `${plural(count, 'zone', 'zones')} to look at again.`],
  'body.zone-fails': ({ zone, requirement }) => [`${capital(words.zones[zone])} did not pass.`, `${words.requirements[requirement]}.`],

  'station.stopped': ({ reason }) => [reason ?? 'Stopped. The reason is not given yet.', 'Put it right, then re-open.'],
  'gate.not-judged-yet': ({ gate }) => [`${words.gates[gate]} is not judged by Zonaris yet.`, 'Check it as you do today.', `${words.gates[gate]} not judged yet.`],
  'gate.not-needed': ({ gate, process }) => [`${words.processes[process]} does not use ${gate === 'gas' ? 'gas from a cylinder' : 'a power source'}.`],

  'command.stale': () => ['Somebody else changed this in the meantime. What you entered is kept.', 'Look at the new state, then send again.'],
  'command.not-allowed': ({ right, roles }) => [`Not allowed for ${roles.map(role => words.roles[role]).join(', ')}: ${words.rights[right]}.`, 'Ask somebody who may.'],
  'command.id-reused': () => ['This command id was used before for something else.', 'Send it again under a new id.'],
  'command.unknown-stream': ({ streamId }) => [`There is nothing called ${streamId} here.`, 'Choose one that exists.'],
  'command.not-stopped': () => ['This bay is not stopped.'],
  'command.name-taken': ({ name }) => [`${name} is taken.`, 'Choose another name.'],
  'command.person-unknown': () => ['Nobody by that id is on the people list.', 'Choose somebody from the list.'],
  'command.bay-unknown': () => ['There is no such bay.', 'Choose a bay of this site.'],
  'command.pin-wrong': () => ['That PIN does not match.', 'Try again.'],
  'command.pin-locked': () => ['Too many wrong PINs; signing by PIN rests for a while.', 'Wait, or sign in with the password.'],
  'command.last-safety-lead': () => ['This is the only safety lead; nobody else could manage people.', 'Name another safety lead first.'],
  'command.person-has-left': ({ name }) => [`${name} has left the site.`],
  'command.late-report': ({ minutes }, q) => [`Recorded ${q.minutes(minutes)} after it happened.`],
}
