import { capital } from '../capital'
import type { WhyGlobular } from '#core/ids/fume-ids'
import type { MaskId, SubstanceId, ZoneId } from '#core/ids/vocabulary'
import { kitSentences } from './kit-findings'
import { fireSentences } from './fire-findings'
import { laserWords } from './laser-words'
import { listOf } from '../english-list'
import { words } from './words'
import { dayIn, timeIn } from '../site-times'
import type { Quantities } from '../quantities'
import { allowedTime } from '../rounded'
import type { Sentences } from '../sentences'
import type { CylinderCode, HotWorkCode, KitItemCode, ProtectionCode, RefusalCode, StudyCode } from '../codes'

const day = dayIn('en')
const time = timeIn('en')

const zoneList = (zones: readonly ZoneId[]): string => zones.map(zone => words.zones[zone]).join(', ')
const plural = (count: number, one: string, many: string): string => count === 1 ? `1 ${one}` : `${count} ${many}`
const GLOBULAR: Readonly<Record<WhyGlobular, string>> = {
  'told': 'Metal crosses in large drops',
  'co2': 'Under carbon dioxide at this current metal crosses in large drops',
  'gas-unknown': 'The gas is not known, and under carbon dioxide metal crosses in large drops',
  'current-between': 'At this current metal may cross in large drops',
  'current-unknown': 'At a current that nobody said metal may cross in large drops',
}
const substanceList = (substances: readonly SubstanceId[]): string => listOf(substances.map(substance => words.substances[substance]))
const PROTECTOR = { one: 'a protector', muffs: 'a pair of muffs', two: 'plugs and muffs, the better' } as const
/** How far away somebody is, and how long their eyes bear it. */
const sightOf = (distanceM: number | null, safeS: number | null, arcs: number, q: Quantities): string => [
  distanceM === null ? '' : `, ${q.distance(distanceM)} away`,
  safeS === null ? '' : `: unprotected they bear ${allowedTime(safeS)} of it a day`,
  safeS === null || arcs < 2 ? '' : `, with ${arcs} arcs in sight`,
].join('')
const maskList = (masks: readonly MaskId[]): string => masks.map(mask => words.masks[mask]).join('; ')

/**
 * Every finding of the board and of Air in English; those of Gas and Kit, and of Hot work, stand in files of their own. The compiler sees
 * to it that none is forgotten.
 */
export const sentences: Omit<Sentences, CylinderCode | KitItemCode | HotWorkCode | ProtectionCode | StudyCode | RefusalCode> = {
  ...kitSentences,
  ...fireSentences,
  'shade.input-missing': ({ input }) => [`The shade needs ${words.shadeInputs[input]}.`, `Set ${words.shadeInputs[input]}.`],
  'shade.current-beyond-table': ({ currentA, tableEndsA, ruleSet }, q) => [
    `${q.current(currentA)} is beyond the ${words.ruleSets[ruleSet]} table, which ends at ${q.current(tableEndsA)}.`,
    'Have the shade assessed; nothing is guessed past the table.',
    `Beyond the table at ${q.current(tableEndsA)}.`,
  ],
  'shade.flow-beyond-table': ({ flowLPerH, tableEndsLPerH, ruleSet }, q) => [
    `${q.flow(flowLPerH)} is beyond the ${words.ruleSets[ruleSet]} table, which ends at ${q.flow(tableEndsLPerH)}.`,
    'Have the shade assessed; nothing is guessed past the table.',
  ],
  'shade.below-table': ({ ruleSet }) => [`Below the first current that the ${words.ruleSets[ruleSet]} prints: its first row is used.`],
  'shade.no-row': ({ process, ruleSet }) => [`${words.ruleSets[ruleSet]} prints no shade for ${words.processes[process].toLowerCase()}.`],
  'shade.no-minimum-printed': ({ ruleSet }) => [`${words.ruleSets[ruleSet]} suggests a shade here and prints no minimum.`],
  'shade.row-not-shipped': ({ process }) => [
    `The row for ${words.processes[process].toLowerCase()} is recalled too loosely to be used as a rule. Read your own edition.`,
  ],
  'shade.no-rule-set-answers': ({ process }) => [
    `No rule set answers for ${words.processes[process].toLowerCase()}.`,
    'Have the shade assessed.',
  ],
  'shade.laser-not-a-shade': () => [
    'A shade number does not answer for a laser: its eyewear is rated by wavelength and optical density.',
    'Keep the beam off until the laser cell is planned.',
    'No shade answers a laser.',
  ],
  'shade.clear-glasses-only': () => ['No shade is needed: clear rated glasses and a face shield.'],
  'shade.buried-arc-flash': () => [
    'The arc is buried, but it can flash through: clear rated glasses always, a light tint of 2 to 3 where it does.',
  ],
  'shade.older-edition': () => [
    'From the older, darker edition; a newer edition reads about one shade lighter. Boundaries are recalled: check your edition.',
  ],
  'shade.electrode-decides': ({ electrodeDiameterMm, currentA, shade }, q) => [
    `A ${q.length(electrodeDiameterMm)} rod belongs to a darker row than ${q.current(currentA)}: shade ${q.shade(shade)} by its size.`,
  ],
  'shade.electrode-only': ({ electrodeDiameterMm }, q) => [
    `The current is not known: judged by the ${q.length(electrodeDiameterMm)} rod alone.`,
    'Set the current.',
  ],
  'shade.construction-size-unknown': ({ shade }, q) => [
    `On construction work the electrode size decides; it is unknown or not printed, so the darkest row holds: ${q.shade(shade)}.`,
    'Set the electrode diameter.',
  ],
  'shade.construction-nearest-row': () => ['The construction table has no row of its own for this process; the nearest row is used.'],
  'shade.visible-arc': () => ['Holds where the arc is clearly seen; a hidden arc may be watched through a lighter one.'],
  'shade.sodium-light': () => ['A strong yellow flare calls for a lens that absorbs the sodium line.'],
  'shade.house-not-for-process': ({ process }) => [
    `The house minimum is for open arcs; it would blind somebody at ${words.processes[process].toLowerCase()}.`,
  ],
  'shade.no-house-minimum': () => ['This site has set no house minimum.'],
  'shade.law-silent': ({ ruleSet }) => [
    `The law that binds here prints no row; the darkest other answer is used: ${words.ruleSets[ruleSet]}.`,
  ],
  'shade.strictest-assumed': ({ ruleSet }) => [
    `No site rules were given: the strictest answer known binds, here ${words.ruleSets[ruleSet]}.`,
  ],
  'shade.start-darkest': ({ shade, minimum }, q) => [
    `Start at ${q.shade(shade)} and step lighter until the puddle is just visible, never under ${q.shade(minimum)}.`,
  ],

  'job.not-set': () => ['No job yet.', 'Set a job.'],
  'job.field-missing': ({ field }) => [`Not known: ${words.jobFields[field]}.`, `Set ${words.jobFields[field]}.`],
  'job.field-assumed': ({ field }) => [
    `Assumed, in pencil: ${words.jobFields[field]}.`,
    `Confirm or correct ${words.jobFields[field]}.`,
    `${capital(words.jobFields[field].replace(/^the /, ''))} still in pencil.`,
  ],
  'job.coating-unknown': () => ['The coating is not known.', 'Find the data sheet, have it tested, or strip it.'],
  'job.coating-unnamed': ({ coating }) => [
    `${capital(words.coatings[coating])} that nobody named may hold lead, cadmium or chromate.`,
    'Find its data sheet and name it, or strip it.',
    `${capital(words.coatings[coating])}: nobody knows which.`,
  ],
  'job.coating-maybe-cadmium': () => [
    'Yellowish plating may be zinc or cadmium; cadmium fume kills.',
    'Find the data sheet or have it tested before any heat.',
    'Plating may be cadmium.',
  ],
  'job.coating-burns-off': ({ coating }) => [
    `${capital(words.coatings[coating])}: it burns off as fume. Strip it back, or let the Air gate decide.`,
  ],
  'job.residue-present': () => [
    'Degreaser or brake cleaner is on the work: an arc turns it into phosgene.',
    'Wash it off with soap and water, dry it, then say so.',
    'Degreaser is on the work.',
  ],
  'job.residue-unknown': () => [
    'Nobody knows whether degreaser or brake cleaner is on the work.',
    'Ask, or wash and dry it.',
    'Degreaser: nobody knows.',
  ],
  'job.container': ({ container }) => [
    container === 'held-something'
      ? 'A container that held something counts as flammable.'
      : 'A container with unknown contents counts as flammable.',
    'Open, clean and test it first.',
    'This container counts as flammable.',
  ],
  'job.not-signed-off': ({ name, process }) => [
    `${name} is not signed off for ${words.processes[process]}.`,
    'Teach it and sign it off, or place somebody who is.',
  ],
  'job.training-over': ({ name, process, untilOn }) => [
    `What ${name} was taught of ${words.processes[process]} stood until ${day(untilOn)}.`,
    'Teach it again and write that down, or place somebody else.',
    `Training over: ${words.processes[process]}.`,
  ],
  'job.nobody-signed-off': ({ process }) => [
    `Nobody who is signed off for ${words.processes[process]} stands here.`,
    'Place somebody who is.',
  ],
  'job.times-reversed': () => ['Start and end are the same time.', 'Set when the work ends.'],

  'eyes.job-first': () => ['The shade depends on the job.', 'Set the job first.'],
  'eyes.helmet-not-set': ({ minimum, start }, q) => [
    'No helmet shade entered.',
    start > minimum ? `Start at ${q.shade(start)}, never under ${q.shade(minimum)}.` : `Set ${q.shade(minimum)} or darker.`,
  ],
  'eyes.helmet-lighter': ({ helmet, minimum, ruleSet }, q) => [
    `This helmet is at ${q.shade(helmet)}; the lowest allowed is ${q.shade(minimum)} (${words.ruleSets[ruleSet]}).`,
    `Set it to ${q.shade(minimum)} or darker, or take another helmet.`,
    `Helmet ${q.shade(helmet)}, lowest allowed ${q.shade(minimum)}.`,
  ],
  'eyes.helmet-below-start': ({ helmet, start }, q) => [`Shade ${q.shade(helmet)} is allowed; ${q.shade(start)} is where to start.`],
  'eyes.helmet-not-checked': () => [
    'The helmet is not checked today.',
    'Test that it darkens, look at lens and shell.',
    'Helmet not checked today.',
  ],
  'eyes.helmet-fault': ({ fault }) => [
    fault === 'unnamed' ? 'The helmet failed its check.' : `The helmet failed its check: ${words.helmetFaults[fault]}.`,
    'Take another helmet and check that one.',
    'Helmet failed its check.',
  ],
  'eyes.glasses-not-checked': () => [
    'Nobody has looked for clear rated glasses today.',
    'Look: clear, impact rated, side shields.',
    'Glasses not looked at today.',
  ],
  'eyes.glasses-wrong': ({ kind }) => [
    kind === 'none'
      ? 'No glasses under the helmet.'
      : 'Tinted glasses: they hide the work when the helmet is up and do not count against an arc.',
    'Wear clear, impact-rated glasses.',
    kind === 'none' ? 'No glasses under the helmet.' : 'Tinted glasses.',
  ],
  'eyes.helmet-range-unknown': ({ tag }) => [`${tag}: its shades are not written down.`, 'Read them on the helmet.'],
  'eyes.helmet-range-lighter': ({ tag, darkest, minimum, ruleSet }, q) => [
    `${tag} goes to ${q.shade(darkest)}; the lowest allowed is ${q.shade(minimum)} (${words.ruleSets[ruleSet]}).`,
    'Give them another helmet.',
    `${tag} to ${q.shade(darkest)}, lowest allowed ${q.shade(minimum)}.`,
  ],
  'eyes.prescription': () => [
    'Whoever stands here sees by lenses of their own.',
    'Rated lenses of their own with side shields, or rated glasses over them.',
  ],
  'eyes.sight-open': ({ bay, distanceM, safeS, arcs = 1 }, q) => [
    `Nothing keeps this arc out of the eyes at bay ${bay}${sightOf(distanceM, safeS, arcs, q)}.`,
    'Shut a screen round it, or everybody in sight wears shaded goggles; then say so at Air.',
    `Bay ${bay} sees this arc.`,
  ],
  'eyes.sight-unsaid': ({ bay, distanceM, safeS, arcs = 1 }, q) => [
    `Nobody said what keeps this arc out of the eyes at bay ${bay}${sightOf(distanceM, safeS, arcs, q)}.`,
    'Shut the screen before the arc, and say at Air how the bay is screened.',
    `Bay ${bay} may see this arc.`,
  ],
  'eyes.sight-open-alone': () => [
    'Nothing screens this arc: whoever comes by sees it.',
    'Shut a screen round it, or keep people away.',
    'No screen round this arc.',
  ],
  'eyes.helper-unseen': ({ name }) => [
    `${name} helps here, and nobody looked at what they wear over their eyes.`,
    'Look, and say it beside their name.',
    `Look at the eyes of ${name}.`,
  ],
  'eyes.helper-lighter': ({ name, shade, minimum, ruleSet }, q) => [
    `${name} helps here with ${shade === null ? 'no filter' : `shade ${q.shade(shade)}`} before the eyes;`
    + ` the lowest allowed is ${q.shade(minimum)} (${words.ruleSets[ruleSet]}).`,
    `Shade ${q.shade(minimum)} or darker, or away from the arc.`,
    `${name}: too light a shade.`,
  ],
  'eyes.helper-glasses': ({ name, kind }) => [
    `${name} helps here ${kind === 'none' ? 'without glasses' : 'in tinted glasses'}.`,
    'Clear, rated glasses, for helpers too.',
    `${name}: no clear rated glasses.`,
  ],
  'eyes.walls-throw-back': ({ walls }) => [
    `The walls round here are ${walls === 'shiny' ? 'shiny' : 'pale'}: light of the arc comes back round the helmet, and to neighbours.`,
    'Hang a dull screen or curtain, paint them matt, and cover the back of the neck.',
    'Walls throw the arc back.',
  ],
  'eyes.start-settled': ({ start }, q) => [`They start at ${q.shade(start)}, which they found for themselves.`],
  'eyes.start-darker': ({ start }, q) => [`They start one darker, at ${q.shade(start)}.`],
  'eyes.helmet-set-unsaid': ({ tag, minimum }, q) => [
    `${tag} can be set lighter than ${q.shade(minimum)}, and nobody said what it is set to.`,
    'Look at its dial, and say the shade.',
    'Shade set on the helmet not said.',
  ],
  'eyes.which-helmet': ({ tags }) => [
    `${tags.join(' and ')} are theirs, and nobody said which one is worn.`,
    'Say which, and what it is set to; or give the other back.',
    'Helmet worn not said.',
  ],
  'eyes.set-helmet-to': ({ tag, shade }, q) => [`Set ${tag} to ${q.shade(shade)}.`],
  'eyes.tint-explains': ({ helmet, added, effective }, q) => [
    `Helmet ${q.shade(helmet)} with this tint looks like ${q.shade(effective)} (${q.shade(added)} more), but the tint does not count.`,
  ],

  'eyes.laser-cell-to-check': () => ['The laser cell was not looked over today.', 'Look it over, and tell who is in it.'],
  'eyes.laser-check-fails': ({ check }) => [`Not so in the laser cell: ${laserWords.checks[check]}.`, 'Put it right, then look again.'],
  'eyes.laser-checks-unsaid': ({ checks, count }) => [
    `${plural(count, 'thing', 'things')} of the laser cell not said yet: ${checks.map(check => laserWords.checks[check]).join('; ')}.`,
    'Look, and say.',
    `${plural(count, 'thing', 'things')} of the laser cell to say.`,
  ],
  'eyes.laser-another': ({ tag, here }) => [
    `The cell was looked over for ${tag}; here stands ${here.length === 0 ? 'no laser' : here.join(', ')}.`,
    'Look it over for the laser that stands here, and for no other beside it.',
  ],
  'eyes.laser-beam-other': ({ tag }) => [
    `The cell was looked over with another beam than the register says ${tag} has.`,
    'Correct the register, or look it over again with that beam.',
    `Another beam than ${tag} has.`,
  ],
  'eyes.laser-off-plan': () => [
    'The plan of this hall does not show where the laser stands.',
    'Draw the hall round this bay, or place the bay in it.',
  ],
  'eyes.laser-aim-untold': () => [
    'Nobody said which way the laser points, and not every way ends at a wall or a barrier.',
    'Say which way it points and how the work lies.',
    'Nobody said which way the laser points.',
  ],
  'eyes.laser-way-out': ({ count, nearestM }, q) => [
    count === 1
      ? `What the work throws back can reach a door, ${q.distance(nearestM)} off.`
      : `What the work throws back can reach ${count} doors, the nearest ${q.distance(nearestM)} off.`,
    'Turn the work, or put a laser barrier before it and draw it on the plan.',
    `What is thrown back can reach ${count === 1 ? 'a door' : `${count} doors`}.`,
  ],
  'eyes.laser-bays-unplaced': ({ bays, count }) => [
    count === 1
      ? `Nobody said where bay ${listOf(bays)} stands: the laser may reach who works there.`
      : `Nobody said where bays ${listOf(bays)} stand: the laser may reach who works there.`,
    'Say where each bay of the hall stands.',
    `${count === 1 ? 'Bay' : 'Bays'} ${listOf(bays)} not placed in the hall.`,
  ],
  'eyes.laser-bays-in-reach': ({ bays, count }) => [
    `${count === 1 ? 'Bay' : 'Bays'} ${listOf(bays)} ${count === 1 ? 'stands' : 'stand'} where what the work throws back harms an eye.`,
    'Turn the work, or put a wall or a laser barrier between and draw it on the plan.',
    `${count === 1 ? 'Bay' : 'Bays'} ${listOf(bays)} in reach of the laser.`,
  ],
  'eyes.laser-filter-away': ({ who, what, tag }) => [
    `${capital(laserWords.people[who])}: ${tag} is no ${laserWords.filters[what]} of this bay, nor of whoever works here.`,
    'Give it to this bay, or tell another.',
    `${tag} is not at this bay.`,
  ],
  'eyes.laser-filter-since': ({ tag }) => [`${tag} came to this bay after the cell was looked over.`, 'Look, and tell again who wears it.'],
  'eyes.laser-filter-twice': ({ tag }) => [`Two are told to wear ${tag} at once.`, 'Tell which of them does, and what the other wears.'],
  'eyes.laser-filter-unmarked': ({ who, what, tag, requiredOd, wavelengthNm }) => [
    `${capital(laserWords.people[who])}: nobody wrote down what the ${laserWords.filters[what]} ${tag} is marked for.`,
    `Density ${Math.ceil(requiredOd * 10) / 10} at ${wavelengthNm} nm is needed: write its marks down, or take another.`,
    `Marks of ${tag} not written down.`,
  ],
  'eyes.laser-nobody-told': () => ['Nobody said who is in the laser cell.', 'Tell everybody who is in it, with eyewear and helmet.'],
  'eyes.laser-helpers-untold': ({ count }) => [
    `${count === 1 ? 'Somebody helps' : `${count} help`} here who was not told in the laser cell.`,
    'Tell what each of them wears.',
    'A helper not told in the laser cell.',
  ],
  'eyes.laser-operator-untold': () => ['Nobody said what whoever runs the laser wears.', 'Tell their eyewear and helmet.'],
  'eyes.laser-without': ({ who, what, requiredOd, wavelengthNm }) => [
    `${capital(laserWords.people[who])} has no ${laserWords.filters[what]}.`,
    `Density ${Math.ceil(requiredOd * 10) / 10} at ${wavelengthNm} nm is needed, or out of the cell.`,
  ],
  'eyes.laser-filter': ({ who, what, fault, requiredOd, wavelengthNm, od }) => [
    `${capital(laserWords.people[who])}: the ${laserWords.filters[what]} (density ${od}) ${laserWords.faults[fault]}.`,
    `Density ${Math.ceil(requiredOd * 10) / 10} at ${wavelengthNm} nm is needed, marked for this beam.`,
  ],
  'eyes.laser-within': ({ eyeM, skinM }, q) => [
    `Straight, the beam harms an eye within ${q.distance(Math.ceil(eyeM))} and skin within ${q.distance(Math.ceil(skinM))}: barriers end it, not distance.`,
  ],
  'body.job-first': () => ['The outfit depends on the job.', 'Set the job first.'],
  'body.zones-to-check': ({ zones, count }) => [
    `${plural(count, 'zone', 'zones')} to look at: ${zoneList(zones)}.`,
    'Go through the list at the door.',
    `${plural(count, 'zone', 'zones')} to look at.`,
  ],
  'body.noise-of-day': ({ twaDbA, targetDbA, nrrDb, worn }) => [
    `The day's noise comes to ${Math.ceil(twaDbA)} dBA: ${PROTECTOR[worn]} labelled NRR ${nrrDb} or more leaves ${targetDbA} dBA.`,
  ],
  'body.too-loud': ({ twaDbA, targetDbA }) => [
    `The day's noise comes to ${Math.ceil(twaDbA)} dBA: not even the best muffs over the best plugs leave ${targetDbA} dBA.`,
    'Shorten the loud work: fewer minutes of it in each hour, or fewer hours.',
    `Too loud a day: ${Math.ceil(twaDbA)} dBA.`,
  ],
  'body.heat-not-told': () => [
    'Nobody said today how warm it is here.',
    'Tell it on the page that opens the shop: air, humidity and sun, or the index that was measured.',
    'Nobody said how warm it is.',
  ],
  'body.heat-old': ({ hours }) => [
    `It was warm here, and that was told over ${hours} hours ago.`,
    'Tell again how warm it is: a morning says little of the afternoon.',
    'Told too long ago how warm it is.',
  ],
  'body.heat-rest': ({ effectiveC, limitC, workMin }, q) => [
    `Hot here: ${q.heatIndex(effectiveC, 'up')} with leathers counted; without a break ${q.heatIndex(limitC, 'down')} is the limit.`,
    `Work ${workMin} min of each hour and rest the others, out of the jacket; drink before you are thirsty.`,
    `Work ${workMin} min of each hour.`,
  ],
  'body.too-hot': ({ effectiveC, limitC }, q) => [
    `Too hot here to work in leathers: ${q.heatIndex(effectiveC, 'up')} with them counted; ${q.heatIndex(limitC, 'down')} is the limit.`,
    'Cool the place or come back when it is cooler, and tell it again.',
    'Too hot to work here.',
  ],
  'body.requirement-changed': ({ zones, count }) => [
    `The job changed what ${plural(count, 'zone needs', 'zones need')}: ${zoneList(zones)}.`,
    'Look again.',
    `${plural(count, 'zone', 'zones')} to look at again.`,
  ],
  'body.garment-fails': ({ zone, requirement }) => [
    `${capital(words.zones[zone])}: what they have on does not pass.`,
    `Needed: ${words.requirements[requirement].toLowerCase()}.`,
    `${capital(words.zones[zone])}: clothes do not pass.`,
  ],
  'body.with-caution': ({ zones }) => [`Passes with a caution: ${zones.map(zone => words.zones[zone]).join(', ')}.`],
  'body.zone-fails': ({ zone, requirement }) => [`${capital(words.zones[zone])} did not pass.`, `${words.requirements[requirement]}.`],

  'fume.input-missing': ({ input }) => [
    `The fume needs ${words.fumeInputs[input]}.`,
    `Set ${words.fumeInputs[input]}.`,
    `Air needs ${words.fumeInputs[input]}.`,
  ],
  'fume.no-factor': ({ process, consumable }) => [
    `No fume factor is published for ${words.processes[process].toLowerCase()}${consumable ? ` with ${words.consumables[consumable]}` : ''}.`,
    'Enter the maker\'s fume data sheet, have samples taken, or wear a breathing set or an air line with escape.',
    'No fume factor known.',
  ],
  'fume.coating-not-modelled': ({ coating }) => [
    `What burns off here (${words.coatings[coating]}) cannot be said.`,
    'Strip it back, or have samples taken.',
    `${capital(words.coatings[coating])}: what burns off is not known.`,
  ],
  'fume.coating-burns': ({ coating, substance, stripMm }, q) => [
    `${capital(words.coatings[coating])}: ${words.substances[substance]} burns off beside the joint.`,
    `Strip ${q.strip(stripMm)} on each side, both faces.`,
  ],
  'fume.diameter-unknown': () => ['The diameter is not known: spread over the usual wires, the high end counts.', 'Give the diameter.'],
  'fume.tip-unknown': () => [
    'What burns at the end of the hoses is not known: the oxides of nitrogen of a heating head count.',
    'Tell the tip.',
    'The tip is not known: a heating head counts.',
  ],
  'fume.globular-counts': ({ why }) => [
    `${GLOBULAR[why]}: the fume of large drops counts, about twice that of a spray.`,
    why === 'told' || why === 'co2'
      ? 'Argon with little carbon dioxide and a spray or a pulse makes less.'
      : why === 'gas-unknown' ? 'Set the shielding gas.' : 'Say how the metal crosses the arc, if somebody watched.',
  ],
  'fume.no-spray-on-co2': () => [
    'Carbon dioxide alone neither sprays nor pulses: large drops count.',
    'Look at the gas and at the machine again.',
  ],
  'fume.hydrogen-under-plate': ({ baseMetal }) => [
    `${capital(words.baseMetals[baseMetal])} cut over water makes hydrogen: it gathers under the plate and goes off.`,
    'Move the water with air, clear the sludge, and lift the plate before the first cut; or cut dry.',
    `${capital(words.baseMetals[baseMetal])} over water makes hydrogen.`,
  ],
  'fume.gases-unknown': ({ process, substances }) => [
    `No table says how much ${substanceList(substances)} ${words.processes[process].toLowerCase()} makes.`,
    'Have samples taken, or wear a breathing set or an air line with escape: a filter for dust stops no gas.',
    'Its gases are not known.',
  ],
  'fume.base-metal-boils': ({ baseMetal, substances }) => [
    `${capital(words.baseMetals[baseMetal])} boils off as it melts: ${substanceList(substances)} in the air, and no table says how much.`,
    'Have samples taken, or wear a breathing set or an air line with escape.',
    `${capital(words.baseMetals[baseMetal])} boils off as it melts.`,
  ],
  'fume.measure-these': ({ substances }) => [
    `To be measured here: ${substanceList(substances)}.`,
    'Six or more full shifts, worn at the collar.',
  ],
  'fume.sheet-without-process': ({ title }) => [
    `The sheet "${title}" does not say for which process it was measured: it is not used.`,
    'Enter it again with its process, under Air.',
  ],
  'fume.maybe-cadmium': () => [
    'Silver braze may hold up to a quarter cadmium; its fume kills.',
    'Use an alloy whose data sheet says it has none, and enter that sheet.',
    'Silver braze may hold cadmium.',
  ],
  'fume.factors-in-pencil': () => [
    'Rests on published fume factors, in pencil; they spread by about half either way, and the high end is used.',
  ],
  'fume.from-data-sheet': ({ consumable, title }) => [
    `The shop's own data sheet is used for ${words.consumables[consumable]}: ${title}.`,
  ],
  'fume.gases-in-pencil': ({ substances }) => [
    `${capital(substanceList(substances))}: orders of magnitude only, in pencil, at the high end.`,
  ],
  'fume.not-measured': ({ substances }) => [
    `Nobody measured ${substanceList(substances)} in this fume, and it may hold enough to matter.`,
    'Enter the maker\'s sheet that says how much, or have samples taken.',
    `Not measured: ${substanceList(substances)}.`,
  ],
  'fume.stripping-dust': ({ coating }) => [
    `Grinding ${words.coatings[coating]} metal makes its own dust: extraction and at least a P2 or N95 mask while stripping, and never acid.`,
  ],

  'capture.size-unknown': ({ kind }) => [`The size of the ${words.hoodKinds[kind]} is not known.`, 'Measure its mouth.'],
  'capture.gun': ({ flowM3PerS }, q) => [`Extraction on the gun draws ${q.airFlow(flowM3PerS)}.`],
  'capture.gun-weak': ({ flowM3PerS, neededM3PerS }, q) => [
    `Extraction on the gun draws ${q.airFlow(flowM3PerS)}; it needs ${q.airFlow(neededM3PerS)}.`,
    'Clean or mend it.',
  ],
  'capture.too-far': ({ distanceM, farthestM, velocityMPerS, neededMPerS }, q) => [
    `At ${q.reach(distanceM)} the hood draws ${q.speed(velocityMPerS)}; beside the arc it needs ${q.speed(neededMPerS)}.`,
    farthestM > 0 ? `Bring it within ${q.reach(farthestM)}.` : 'It draws too little at any distance.',
    `Hood too far: ${q.reach(distanceM)}, reach ${q.reach(farthestM)}.`,
  ],
  'capture.plume-missed': ({ distanceM, farthestM, crossDraughtMPerS }, q) => [
    `Over the arc at ${q.reach(distanceM)} the plume leans out of the mouth in a draught of ${q.speed(crossDraughtMPerS)}.`,
    farthestM > 0 ? `Bring it within ${q.reach(farthestM)}, or stop the draught.` : 'Put it beside the arc, or stop the draught.',
    `Plume misses the hood at ${q.reach(distanceM)}.`,
  ],
  'capture.too-near': ({ distanceM, nearestM, velocityMPerS, limitMPerS }, q) => [
    `At ${q.reach(distanceM)} it draws ${q.speed(velocityMPerS)} past the arc; the shield gas bears ${q.speed(limitMPerS)}.`,
    `Move it out to ${q.reach(nearestM)}.`,
  ],
  'capture.no-window': ({ nearestM, farthestM }, q) => [
    `No distance does: nearer than ${q.reach(nearestM)} it takes the shield gas, beyond ${q.reach(farthestM)} it misses the fume.`,
    'Another mouth or another flow is needed.',
    'No distance suits this hood.',
  ],
  'capture.gas-may-suffer': ({ velocityMPerS, cautionMPerS }, q) => [
    `${q.speed(velocityMPerS)} at the arc: from ${q.speed(cautionMPerS)} watch for pores.`,
  ],
  'capture.draws': ({ velocityMPerS, neededMPerS }, q) => [
    `It draws ${q.speed(velocityMPerS)} at the arc; ${q.speed(neededMPerS)} is needed.`,
  ],
  'capture.receives': ({ distanceM, farthestM }, q) => [
    `Over the arc at ${q.reach(distanceM)} it catches the rising plume; it does up to ${q.reach(farthestM)}.`,
  ],
  'capture.face-slow': ({ velocityMPerS, neededMPerS }, q) => [
    `The booth draws ${q.speed(velocityMPerS)} at its face; it needs ${q.speed(neededMPerS)}.`,
    'Clean its filters or close it further.',
  ],
  'capture.plume-assumed': () => ['The current is not known: judged over a weak plume, which is harder to catch.'],
  'capture.jet-passes': ({ process }) => [
    `${capital(words.processes[process].toLowerCase())} throws its fume past this hood: it counts for nothing.`,
    'Put the work inside a booth, or over a table that draws down.',
    'The jet passes this hood.',
  ],
  'capture.head-outside': () => ['Over the arc it only works in calm air and with the head outside the plume.'],
  'ventilation.small-room': ({ volumePerWelderM3, limitM3 }, q) => [
    `${q.volume(volumePerWelderM3)} of hall for each welder; under ${q.volume(limitM3)} fans must move the air.`,
    'Use a hood, or move more air.',
    'Too little hall for each welder.',
  ],
  'ventilation.low-ceiling': ({ ceilingM, limitM }, q) => [
    `The ceiling is ${q.height(ceilingM)}; under ${q.height(limitM)} fans must move the air.`,
    'Use a hood, or move more air.',
    'Ceiling too low without a hood.',
  ],
  'ventilation.flow-per-welder': ({ flowM3PerS, neededM3PerS }, q) => [
    `${q.airFlow(flowM3PerS)} for each welder; the rule asks for ${q.airFlow(neededM3PerS)} or a hood.`,
    'Use a hood, or move more air.',
  ],
  'ventilation.met-by-hood': ({ velocityMPerS, neededMPerS }, q) => [
    `The hood draws ${q.speed(velocityMPerS)} at the arc; the rule asks for ${q.speed(neededMPerS)}, and then for nothing of the hall.`,
  ],
  'ventilation.met-by-flow': ({ flowM3PerS, neededM3PerS }, q) => [
    `${q.airFlow(flowM3PerS)} for each welder; the rule asks for ${q.airFlow(neededM3PerS)}.`,
  ],
  'ventilation.met-by-room': ({ volumePerWelderM3, ceilingM }, q) => [
    `${q.volume(volumePerWelderM3)} of hall for each welder under a ceiling of ${q.height(ceilingM)}: the rule asks for no fan.`,
  ],
  'ventilation.coating-needs-hood': ({ coating }) => [
    `${capital(words.coatings[coating])} metal indoors needs local exhaust.`,
    'Strip it, or use a hood.',
    `${capital(words.coatings[coating])}: a hood is the law.`,
  ],
  'ventilation.metal-needs-hood': ({ substance }) => [
    `This metal or filler brings ${words.substances[substance]}: the law asks for a hood that draws at the arc.`,
    'Place a hood so that it draws there.',
    `${capital(words.substances[substance])}: a hood that draws is asked for.`,
  ],
  'ventilation.stainless-cutting': ({ flowM3PerS, neededM3PerS }, q) => [
    `Cutting stainless takes air moved by machine: ${q.airFlow(flowM3PerS)} for each welder here, ${q.airFlow(neededM3PerS)} are asked for.`,
    'Blow in more air, or use a hood that draws at the cut.',
  ],
  'ventilation.hood-does-not-count': ({ velocityMPerS, neededMPerS }, q) => [
    `The hood draws ${q.speed(velocityMPerS)} at the arc; it counts for the law from ${q.speed(neededMPerS)}.`,
  ],
  'ventilation.confined': () => [
    'Confined space: ventilation that keeps it safe, or supplied air, and somebody outside.',
    'Plan it as confined-space work; this bay is not cleared for it here.',
    'Confined space: supplied air.',
  ],
  'ventilation.indoors-needs-hood': () => [
    'Welding indoors needs local exhaust here; general ventilation alone does not do.',
    'Use a hood.',
    'Indoors a hood is needed.',
  ],
  'ventilation.hood-flow-by-table': ({ distanceM, flowM3PerS, neededM3PerS }, q) => [
    `The legal table asks ${q.airFlow(neededM3PerS)} of a movable hood at ${q.reach(distanceM)}; this one draws ${q.airFlow(flowM3PerS)}.`,
  ],
  'exposure.over': ({ substance, ruleSet, kind, mgPerM3, limitMgPerM3, fraction }, q) => [
    `${capital(words.substances[substance])}: up to ${q.concentration(mgPerM3)} ${words.limitKinds[kind]}, ${q.part(fraction)} the limit of ${q.limit(limitMgPerM3)} (${words.exposureRuleSets[ruleSet]}).`.replace(
      '% the',
      '% of the',
    ),
    'See what would help under Air.',
    `${capital(words.substances[substance])}: ${q.part(fraction)} ${fraction >= 2 ? 'the' : 'of the'} limit.`,
  ],
  'exposure.under': ({ substance, ruleSet, fraction, actionFraction }, q) => [
    `At most ${q.part(fraction)} of a limit (${words.substances[substance]}, ${words.exposureRuleSets[ruleSet]}); this site acts at ${q.percent(actionFraction)}.`,
  ],
  'exposure.mixture-over': ({ group, ruleSet, fraction, span }, q) => [
    `${capital(words.mixtureGroups[group])} adds up to ${q.part(fraction)} of what is allowed${span ? ' for a short time' : ''} `
    + `(${words.exposureRuleSets[ruleSet]}).`,
    'See what would help under Air.',
    `${capital(words.mixtureGroups[group])}: ${q.part(fraction)} together.`,
  ],
  'exposure.no-limit-for-fume': ({ ruleSets }) => [
    `${listOf(ruleSets.map(ruleSet => words.exposureRuleSets[ruleSet]))} has no limit for total fume${ruleSets.includes('us-legal') ? ' and an old ceiling for manganese' : ''}: being under it is not being safe.`,
  ],
  'exposure.carcinogen': () => ['Welding fume causes lung cancer: as little as can be, whatever the limit says.'],
  'exposure.long-shift': ({ shiftHours, weekHours, factor }) => [
    `A day of ${Number(shiftHours.toFixed(1))} h, ${Number(weekHours.toFixed(1))} h a week: `
    + `limits over the shift count ${factor.toFixed(2)} times as hard.`,
  ],
  'exposure.limit-borrowed': ({ substance, ruleSet }) => [
    `No rules in force limit ${words.substances[substance]}: the strictest limit known is used (${words.exposureRuleSets[ruleSet]}).`,
  ],
  'exposure.no-limit-known': ({ substance }) => [
    `Nobody known here limits ${words.substances[substance]}.`,
    'Ask a hygienist before anybody breathes it.',
  ],
  'respirator.needed': ({ apf, masks }, q) => [`A protection factor of ${q.factor(apf)} is needed. Enough: ${maskList(masks)}.`],
  'respirator.none-enough': ({ apf }, q) => [
    `A protection factor of ${q.factor(apf)} is needed; no mask gives it.`,
    'Change the work or the extraction.',
  ],
  'respirator.gas-not-filtered': ({ substances }) => [`No dust filter stops ${substanceList(substances)}: supplied air, or less of it.`],
  'respirator.dust-mask': () => ['A dust mask is not a respirator.', 'Wear one that is.'],
  'respirator.not-enough': ({ mask, apf, neededApf }, q) => [
    `The ${words.masks[mask]} protects ${q.factor(apf)} times; ${q.factor(neededApf)} times is needed.`,
    'Wear one that protects more.',
  ],
  'respirator.enough': ({ mask, apf, neededApf }, q) => [
    `Only with the ${words.masks[mask]} on: it protects ${q.factor(apf)} times, ${q.factor(neededApf)} is needed.`,
  ],
  'respirator.off-too-long': ({ mask, apf, wornPercent, fraction }, q) => [
    `${capital(words.masks[mask])} protects ${q.factor(apf)} times while it is on. `
    + `On for ${wornPercent} % of the work and off between jobs, ${q.part(fraction)} of what is allowed is breathed.`,
    'Lower the fume, take breaks outside the hall, or wear it longer and change the house rule.',
    `Mask off too long: ${q.part(fraction)} breathed.`,
  ],
  'respirator.wearer-unknown': () => [
    'No mask is written down for whoever works here.',
    'The safety lead writes down mask, fit test and clearance.',
  ],
  'respirator.wearer-not-ready': () => ['Fit test or medical clearance is missing or over.', 'The safety lead sees which.'],
  'respirator.not-shaven': () => ['Not clean-shaven: the mask does not seal.', 'Shave, or wear a mask that need not seal.'],
  'respirator.shave-not-checked': () => ['Nobody has looked today whether the face is clean-shaven.', 'Look at the door.'],
  'respirator.oxygen-lack': () => ['Too little oxygen: only supplied air.', 'Keep out.'],

  'respirator.immediate-danger': ({ substances }) => [
    `${capital(substanceList(substances))} can reach what is immediately dangerous: only a breathing set, or an air line with escape.`,
  ],
  'respirator.high-efficiency': ({ substances }) => [
    `Against ${substanceList(substances)} the law asks for a filter of the highest class.`,
  ],
  'respirator.highest-for-unknown': ({ mask }) => [
    `Nobody publishes this fume, and it counts as immediately dangerous: ${words.masks[mask]} is worn.`,
    'Have samples taken, so that less will do.',
    `Fume unknown: ${words.masks[mask]} worn.`,
  ],
  'respirator.not-in-register': ({ mask }) => [
    `A test for ${words.masks[mask]} is written down, but the register has none of theirs that may be used.`,
    'Assign the mask by its tag, and look at it before use.',
  ],
  'monitor.over': ({ name, quantity, bound, value, limit, unit }) => [
    `${capital(words.monitorQuantities[quantity])} ${value} ${unit}, read by ${name}: past the ${words.monitorBounds[bound]}, ${limit} ${unit}.`,
    'Stop, get out of that air, and find out why.',
    `${capital(words.monitorQuantities[quantity])} ${value} ${unit}, limit ${limit}.`,
  ],
  'monitor.heading-over': ({ name, quantity, bound, value, limit, unit, minutes }, q) => [
    `${capital(words.monitorQuantities[quantity])} ${value} ${unit} on average over the ${q.minutes(minutes)} that ${name} was heard: so it passes the ${words.monitorBounds[bound]}, ${limit} ${unit}.`,
    'Wait until a quarter of an hour was heard, in air that is let through.',
    `${capital(words.monitorQuantities[quantity])} heading past ${limit} ${unit}.`,
  ],
  'monitor.silent': ({ name, sinceIso }) => [
    `${name} has not been heard since ${time(sinceIso)}: nobody knows what the air is like.`,
    'See that it has power and network, or have it taken away.',
    `${name} unheard since ${time(sinceIso)}.`,
  ],
  'monitor.never-heard': ({ name }) => [
    `${name} stands here and was never heard.`,
    'Switch it on and see that it sends, or have it taken away.',
    `${name} never heard.`,
  ],
  'monitor.below-zero': ({ name }) => [
    `${name} reads below zero: its zero has drifted, and it reads too low.`,
    'Set its zero in clean air.',
    `${name} reads below zero.`,
  ],
  'monitor.flammable': ({ name, percent, limitPercent }) => [
    `${name} reads ${percent} % of what can burn; the house allows ${limitPercent} %.`,
    'Find where it comes from, and let air through.',
    `Flammable gas ${percent} %.`,
  ],
  'monitor.flammable-unproven': ({ name }) => [
    `${name} tells the truth only where there is oxygen enough, and no monitor of oxygen says so here.`,
    'Put a monitor of oxygen beside it, or have it taken away.',
    `${name} needs an oxygen reading.`,
  ],
  'monitor.flow-low': ({ name, flowM3PerS, neededM3PerS }, q) => [
    `${name} reads ${q.airFlow(flowM3PerS)}; the hood is counted on for ${q.airFlow(neededM3PerS)}.`,
    'Look for a damper, a full filter or a hole in the hose.',
    `Hood draws ${q.airFlow(flowM3PerS)} of ${q.airFlow(neededM3PerS)}.`,
  ],
  'samples.too-few': ({ n, needed }) => [`${plural(n, 'result is', 'results are')} too few; ${needed} at least.`, 'Take more samples.'],
  'samples.more-needed': ({ n, needed }) => [
    `${plural(n, 'result leaves', 'results leave')} it open; with ${needed} or more it can be decided.`,
    'Take more samples.',
  ],
  'samples.mostly-below': ({ belowLoq, n }) => [
    `${belowLoq} of ${n} lie below the limit of quantification: too many for statistics, so each counts at that limit.`,
  ],
  'samples.not-lognormal': ({ n, w, p }) => [
    `The ${n} results do not lie as such results do (W ${w.toFixed(3)}, p ${p < 0.001 ? 'under 0.001' : p.toFixed(3)}): the test cannot be trusted.`,
    'Look for two kinds of work mixed together, or have more samples taken.',
    'Results do not fit together.',
  ],
  'samples.turns-on-substitution': ({ passes, fails, belowLoq, n }) => [
    `The verdict turns on how the ${belowLoq} of ${n} results below the limit of quantification are counted: passes ${listOf(passes.map(method => words.substitutions[method]))}, fails ${listOf(fails.map(method => words.substitutions[method]))}.`,
    'Take more samples, or a finer analysis.',
    'Verdict turns on the substitution.',
  ],
  'samples.day-to-come': ({ takenOn }) => [`${day(takenOn)} is still to come: nothing was sampled on it.`, 'Give the day of the last sample.'],
  'samples.compliant': ({ substance, n, takenOn }) => [`Measured: ${words.substances[substance]} passes (${n} results, ${day(takenOn)}).`],
  'samples.non-compliant': ({ substance, n, takenOn }) => [
    `Measured: ${words.substances[substance]} fails (${n} results, ${day(takenOn)}).`,
    'Change the work or the extraction, then measure again.',
    `Measured ${words.substances[substance]} fails.`,
  ],
  'samples.no-decision': ({ substance, n, takenOn }) => [
    `Measured: no decision on ${words.substances[substance]} (${n} results, ${day(takenOn)}).`,
    'Take more samples.',
    `Samples of ${words.substances[substance]}: no decision.`,
  ],
  'samples.aged-out': ({ substance, takenOn, months }) => [
    `The samples of ${words.substances[substance]} of ${day(takenOn)} are older than ${plural(months, 'month', 'months')}: the model speaks again.`,
  ],
  'samples.other-work': ({ substance, takenOn, changed }) => [
    `The samples of ${words.substances[substance]} of ${day(takenOn)} were taken with another ${changed}: they do not speak for this.`,
  ],
  'samples.job-first': () => [
    'Samples speak for a job in a described hall; none is set here.',
    'Set the job and describe the hall first.',
  ],

  'air.job-first': () => ['The air depends on the job.', 'Set the job first.'],
  'air.hall-unknown': () => ['The hall is not described.', 'The safety lead describes it under Air.', 'Hall not described.'],
  'air.hood-unknown': () => [
    'Nobody has said what extraction this bay has.',
    'The safety lead says so under Air, also if it has none.',
    'Extraction not described.',
  ],
  'air.position-unknown': () => ['Nobody has set where the hood stands.', 'Measure from its mouth to the arc.', 'Hood position not set.'],
  'air.times-unknown': () => ['When the work begins and ends is not known.', 'Set both times.', 'Air needs the times.'],
  'air.arc-time-unknown': () => [
    'How many minutes of arc an hour has is not known.',
    'Set the arc minutes.',
    'Air needs the arc minutes.',
  ],
  'air.flow-not-measured': () => [
    'The hood\'s flow is the maker\'s figure: nobody measured it here.',
    'Measure it: hood suction, traverse or face.',
  ],
  'air.starved': ({ drawsM3PerS, foundM3PerS, openCount, idleCount }, q) => [
    `With ${plural(openCount, 'damper', 'dampers')} open on its ducts the hood draws ${q.airFlow(drawsM3PerS)}, not the `
    + `${q.airFlow(foundM3PerS)} it was found to draw.`,
    idleCount > 0
      ? `Shut ${plural(idleCount, 'damper', 'dampers')} where nobody works, and tell it on the page of the hall.`
      : 'Weld at fewer bays of these ducts at once.',
    'Its hood is starved by others.',
  ],
  'air.ducts-unknown': ({ openCount, idleCount }) => [
    `What the hood draws is not known: its fan's curve does not tell what it does with ${plural(openCount, 'damper', 'dampers')} open.`,
    idleCount > 0
      ? `Shut ${plural(idleCount, 'damper', 'dampers')} where nobody works, and tell it on the page of the hall.`
      : 'Give the whole curve of the fan, and look over the ducts as they are told.',
    'What the ducts draw is not known.',
  ],
  'air.extraction-not-checked': () => [
    'The extraction is not checked today.',
    'Look: on, damper open, in position, draws smoke.',
    'Extraction not checked today.',
  ],
  'air.extraction-fault': ({ fault }) => [
    `The extraction failed its check: ${words.extractionFaults[fault]}.`,
    'Put it right, then check again.',
    `Extraction: ${words.extractionFaults[fault]}.`,
  ],
  'air.no-limit': () => ['No limit that binds here knows any of this fume.', 'Choose a stricter basis under House rules.'],
  'air.engine-under-roof': ({ monoxideMgPerMin, dangerInMin }, q) => [
    [
      'An engine serves this bay under a roof',
      monoxideMgPerMin === null ? '' : `: it makes up to ${q.rate(monoxideMgPerMin)} of carbon monoxide`,
      dangerInMin === null ? '.' : `, and let into this hall it is deadly in ${q.minutes(Math.floor(dangerInMin))}.`,
    ].join(''),
    'It stands in the open, its exhaust 6 m and more from every door and air intake.',
    'Keep the engine\'s exhaust out of the hall.',
  ],
  'air.day-of-person': ({ count }) => [
    `The whole day of whoever stands here counts, with ${plural(count, 'other bay', 'other bays')} where they work.`,
  ],
  'air.helper-over': ({ name, fraction, substance }, q) => [
    [
      `${name}, who helps here, breathes ${q.part(fraction)} of `,
      substance === null ? 'the limits of what acts alike today.' : `a limit (${words.substances[substance]}) today.`,
    ].join(''),
    'Keep them away from the arc, give them a mask that is enough, or lower the fume.',
    `${name} helps here and breathes too much.`,
  ],
  'air.helper-unknown': ({ name }) => [
    `What ${name}, who helps here, breathes today cannot be said.`,
    'Set what is missing here and where else they work, or let them go.',
    `What ${name} breathes here is not known.`,
  ],
  'air.helper-under': ({ name, fraction, mask }, q) => [
    [
      `${name}, who helps here, breathes `,
      fraction === null ? 'what nobody can say today' : `at most ${q.part(fraction)} of a limit today`,
      mask === null ? '.' : `, and less inside their mask: ${words.masks[mask]}.`,
    ].join(''),
  ],
  'air.elsewhere-unknown': ({ count }) => [
    `Whoever stands here also works at ${count === 1 ? 'a bay' : `${count} bays`} whose fume cannot be said.`,
    'Set the job there, or place somebody else.',
    'Their other bay is not known.',
  ],
  'air.neighbour-unknown': ({ count }) => [
    `${count === 1 ? 'A bay of this hall may work though nobody knows its fume' : `${count} bays of this hall may work though nobody knows their fume`}.`,
    'Have all the dust measured here while they work, or let them wait.',
    'A neighbour\'s fume is not known.',
  ],
  'air.neighbours-held': ({ count }) => [
    `${plural(count, 'other bay', 'other bays')} of this hall ${count === 1 ? 'holds by its own air and burns no arc: it is' : 'hold by their own air and burn no arc: they are'} not counted.`,
  ],
  'air.measured': ({ substances, takenOn }) => [
    `Measured samples speak for ${substanceList(substances)} (last ${day(takenOn)}); the model for the rest.`,
  ],
  'air.rests-on-pencil': () => ['Rests on published factors, in pencil. Measured samples would be better.'],

  'station.stopped': ({ reason }) => [reason ?? 'Stopped. The reason is not given yet.', 'Put it right, then re-open.'],
  'gate.not-needed': ({ gate, process }) => [
    `${words.processes[process]} does not use ${gate === 'gas' ? 'gas from a cylinder' : 'a power source'}.`,
  ],

  'station.unheard': () => [
    'Every gate was open when this screen last heard the shop; it has not heard it since.',
    'Find a connection before you strike.',
    'Not heard lately.',
  ],
  'person.sign-in-reset': ({ name }) => [
    `A one-time code was given out that sets a new password and PIN for ${name}.`,
    'If you did not ask for it, tell the safety lead now. A PIN set with it signs after a day.',
  ],
}
