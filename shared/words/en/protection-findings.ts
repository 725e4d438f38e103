import { capital, small } from '../capital'
import type { NoiseRuleId } from '#core/ids/protection-ids'
import type { ProtectionCode } from '../codes'
import { allowedTime, down, up } from '../rounded'
import type { Sentences } from '../sentences'
import { garmentWords } from './garment-words'
import { words } from './words'

const RULES: Readonly<Record<NoiseRuleId, string>> = {
  'us-hearing-conservation': 'US hearing conservation',
  'us-limit': 'US limit',
  'us-recommended': 'US recommendation',
  'eu': 'EU',
}
/** A distance that is not safe is never said shorter than it is. */
const further = (m: number): number => Math.ceil(m * 10 - 1e-9) / 10
const { garments, conditions, facts } = garmentWords

/** What is said of lasers, arcs that others see, noise and heat. */
export const protectionSentences: Pick<Sentences, ProtectionCode> = {
  'laser.ten-seconds-count': ({ exposureS, countedS }) => [
    `Nobody blinks at a beam that cannot be seen: ${exposureS} s counts as ${countedS} s.`,
  ],
  'laser.taken-as-1e': ({ factor }) => [
    `Nobody said how beam and divergence are measured: taken at 1/e. At 1/e², as most makers print them, the beam reaches ${up(factor, 0.01)} times as far.`,
    'Read it in the maker\'s data.',
  ],
  'laser.converted': ({ divergenceMrad, beamDiameterMm }) => [
    `Turned from 1/e² into 1/e: ${down(divergenceMrad, 0.1)} mrad${beamDiameterMm === null ? '' : `, ${down(beamDiameterMm, 0.1)} mm`}.`,
  ],
  'laser.diameter-unknown': () => ['No beam diameter: the beam counts as a point, which reaches furthest.'],
  'laser.nobody-within': ({ eyeM, skinM }, q) => [
    `Straight, the beam harms an eye within ${q.distance(further(eyeM))} and skin within ${q.distance(further(skinM))}.`,
    'Let nobody be there without eyewear for this laser, behind barriers that stop it.',
  ],
  'laser.diffuse-within': ({ eyeM, reflectance }, q) => [
    `Off a matt surface that throws back ${Math.round(reflectance * 100)} %, it harms an eye within ${q.distance(further(eyeM))}.`,
  ],
  'laser.eyewear-not-given': ({ requiredOd, wavelengthNm }) => [
    `No eyewear was told: optical density ${up(requiredOd, 0.1)} at ${wavelengthNm} nm is needed. No welding shade answers for it.`,
    'Tell what everybody present wears.',
  ],
  'laser.eyewear-too-light': ({ od, requiredOd, wavelengthNm }) => [
    `Optical density ${od} at ${wavelengthNm} nm; ${up(requiredOd, 0.1)} is needed.`,
    'Take eyewear that is dark enough.',
  ],
  'laser.damage-rating-unknown': ({ irradianceWPerM2 }) => [
    `Nobody said what beam this eyewear bears${irradianceWPerM2 === null ? '' : `: ${irradianceWPerM2.toExponential(1)} W/m² would fall on it`}. Dark enough, it may burn through.`,
    'Read its scale number.',
  ],
  'laser.damage-rating-too-low': ({ rating, needed, irradianceWPerM2 }) => [
    `Scale number ${rating} burns through at ${irradianceWPerM2.toExponential(1)} W/m²; ${needed} is needed.`,
    'Take eyewear that bears the beam.',
  ],
  'laser.damage-cannot-be-said': () => [
    'Without the diameter of the beam nobody can say whether this eyewear bears it.',
    'Tell the beam diameter.',
  ],
  'laser.eyewear-answers': ({ od, requiredOd, wavelengthNm }) => [
    `Optical density ${od} at ${wavelengthNm} nm answers for ${up(requiredOd, 0.1)}, and it bears the beam. A helmet has to answer as well.`,
  ],

  'bystander.no-envelope': ({ process }) => [
    `Nobody published how much ultraviolet light ${words.processes[process].toLowerCase()} sends out.`,
    'Measure it, or screen it off.',
  ],
  'bystander.not-measured': ({ process, atOneMetreWPerM2 }) => [
    `For ${words.processes[process]} ${atOneMetreWPerM2} W/m² at 1 m is assumed: no measurement is known.`,
    'Measure it, or screen it off.',
  ],
  'bystander.metal-unknown': ({ atOneMetreWPerM2 }) => [
    `Nobody said steel or aluminium, or nobody measured that metal: the brightest arc counts, ${atOneMetreWPerM2} W/m² at 1 m.`,
  ],
  'bystander.envelope': ({ atOneMetreWPerM2 }) => [
    `Not measured here: ${atOneMetreWPerM2} W/m² at 1 m, the upper end of what was measured elsewhere, at any current.`,
  ],
  'bystander.walls-unknown': () => [
    'Pale or shiny walls add up to nine tenths again: nobody said what they throw back.', 'Look at the walls.',
  ],
  'bystander.input-missing': () => ['Neither how far away nor for how long the arc is seen was told.', 'Tell one of them.'],
  'bystander.too-long': ({ safeS, seenS, distanceM }, q) => [
    `At ${q.distance(distanceM)} an eye without a filter bears this arc for ${allowedTime(safeS)} a day; it is seen for ${up(seenS / 60, 0.1)} min.`,
    'Put up a screen, go further off, or wear a filter.',
  ],
  'bystander.within': ({ safeS, seenS, distanceM }, q) => [
    `At ${q.distance(distanceM)} an eye without a filter bears this arc for ${allowedTime(safeS)} a day; it is seen for ${up(seenS / 60, 0.1)} min.`,
  ],
  'bystander.laser-not-an-arc': () => ['A laser harms further off than any arc, and otherwise.', 'Ask for the laser instead.'],

  'noise.nothing-counts': ({ rule, thresholdDbA }) => [
    `Nothing of that day is as loud as ${thresholdDbA} dBA, where ${RULES[rule]} begins to count.`,
  ],
  'noise.under-action': ({ rule, twaDbA }) => [
    `${up(twaDbA, 0.1)} dBA over eight hours (${RULES[rule]}): under what asks for something.`,
  ],
  'noise.over-action': ({ rule, twaDbA, actionDbA }) => [
    `${up(twaDbA, 0.1)} dBA over eight hours (${RULES[rule]}); from ${actionDbA} dBA hearing is tested and protectors are offered.`,
    'Offer protectors.',
  ],
  'noise.over-limit': ({ rule, twaDbA, limitDbA }) => [
    `${up(twaDbA, 0.1)} dBA over eight hours (${RULES[rule]}); ${limitDbA} dBA is the limit for a bare ear.`,
    'Make it quieter or shorter; until then everybody wears protectors.',
  ],
  'noise.level-too-high': ({ levelDbA, highestDbA }) => [
    `${up(levelDbA, 0.1)} dBA: nothing lasting may be louder than ${highestDbA} dBA, however short.`,
    'Stop it, or shut it away.',
  ],
  'noise.protection-missing': ({ twaDbA }) => [`No protector was told for ${up(twaDbA, 0.1)} dBA.`, 'Wear one, and tell which.'],
  'noise.derate-assumed': () => ['Nobody said how far to trust the label: half of it counts.'],
  'noise.kind-assumed': ({ keptPercent }) => [
    `Nobody said muff or plug: ${keptPercent} % of the label counts, as of the plug that does least.`,
  ],
  'noise.nrr-in-europe': () => ['The label is the US one; European rules ask for that of EN ISO 4869-2.', 'Look for its SNR.'],
  'noise.protected': ({ protectedDbA, targetDbA }) => [`${up(protectedDbA, 0.1)} dBA at the ear under it, of ${targetDbA} at most.`],
  'noise.protector-too-weak': ({ protectedDbA, targetDbA }) => [
    `${up(protectedDbA, 0.1)} dBA at the ear under it; ${targetDbA} at most.`,
    'Take one that does more, or wear plugs and muffs.',
  ],
  'noise.hears-nothing': ({ protectedDbA, leastDbA }) => [
    `${down(protectedDbA, 0.1)} dBA at the ear: under ${leastDbA} dBA a call or an alarm is not heard.`,
    'Take one that does less.',
  ],

  'heat.estimated': ({ wbgtC, isInSun }) => [
    `Estimated from air and humidity${isInSun ? ' in the sun' : ''}: an index of ${up(wbgtC, 0.1)} °C. An arc or hot metal near by makes it more.`,
    'Measure it where work is hot.',
  ],
  'heat.clothing-by-school': ({ addedC }) => [`What is worn counts ${addedC} °C more, by the school that counts more.`],
  'heat.within': ({ effectiveC, limitC }) => [
    `${up(effectiveC, 0.1)} °C with clothing counted; ${down(limitC, 0.1)} °C is the limit for this work.`,
  ],
  'heat.rest-needed': ({ effectiveC, limitC, workMin }) => [
    `${up(effectiveC, 0.1)} °C with clothing counted; ${down(limitC, 0.1)} °C is the limit for this work without a break.`,
    `Work ${workMin} min of each hour, and rest the others.`,
  ],
  'heat.no-work': ({ effectiveC, limitC }) => [
    `${up(effectiveC, 0.1)} °C with clothing counted; ${down(limitC, 0.1)} °C is the limit, and no share of an hour is allowed.`,
    'Cool the place, wear less, or leave it.',
  ],
  'heat.not-acclimatised': () => ['For who is not used to heat: the lower limits count for one to two weeks.'],

  'garment.nothing-worn': ({ zone, requirement }) => [
    `${capital(words.zones[zone])}: nothing that answers is worn. Needed: ${words.requirements[requirement].toLowerCase()}.`,
    'Lend one, or put it on.',
  ],
  'garment.not-for-this': ({ item, requirement }) => [
    `${capital(garments[item])}: not for this. Needed: ${words.requirements[requirement].toLowerCase()}.`,
    'Lend one, or put it on.',
  ],
  'garment.material-unknown': ({ item, percent }) => [
    `${capital(garments[item])}: nobody said what ${up(percent)} % of it is made of. What is unknown counts as melting.`,
    'Read the label.',
  ],
  'garment.melts': ({ item, percent }) => [
    `${capital(garments[item])}: ${up(percent)} % melts onto skin.`,
    'Take it off: cotton, wool, leather or treated cloth instead.',
  ],
  'garment.melts-a-little': ({ item, percent }) => [`${capital(garments[item])}: ${up(percent)} % would melt, a thread or a waistband.`],
  'garment.material-too-light': ({ item, requirement }) => [
    `${capital(garments[item])}: not of what is needed here: ${words.requirements[requirement].toLowerCase()}.`,
    'Lend one, or put another on.',
  ],
  'garment.chars': ({ item }) => [`${capital(garments[item])}: cotton chars where spatter lands. It does for little of it.`],
  'garment.not-looked-at': ({ item }) => [`${capital(garments[item])}: nobody looked for holes, frays, oil.`, 'Look at it.'],
  'garment.condition': ({ item, condition }) => [`${capital(garments[item])}: ${conditions[condition][0]}.`, conditions[condition][1]],
  'garment.fact-unknown': ({ item, fact }) => [`${capital(garments[item])}: not said yet: ${facts[fact][0]}.`, 'Look, and say.'],
  'garment.fact-wrong': ({ item, fact }) => [`${capital(garments[item])}: not so: ${facts[fact][0]}.`, facts[fact][1]],
  'garment.tinted': () => ['Tinted glasses add to the shade of the helmet: the weld is darker than the helmet says.'],
  'garment.noise-decides': () => ['Whether its label is enough, the noise of the day says.', 'Reckon the noise with it.'],
  'garment.label-unread': ({ item, twaDbA, targetDbA, nrrDb }) => [
    `${capital(garments[item])}: nobody read the label. The day comes to ${up(twaDbA, 0.1)} dBA; ${targetDbA} dBA may be left at the ear.`,
    nrrDb === null ? 'Read it, and shorten the loud work.' : `Read it: NRR ${nrrDb} at least.`,
  ],
  'garment.protector-too-weak': ({ protectedDbA, twaDbA, targetDbA, nrrDb }) => [
    `${up(protectedDbA, 0.1)} dBA of the day's ${up(twaDbA, 0.1)} dBA are left at the ear; ${targetDbA} dBA may be.`,
    nrrDb === null ? 'Shorten the loud work.' : `Wear one with NRR ${nrrDb} at least, or muffs over plugs.`,
  ],
  'garment.base-layer-not-told': () => ['Nobody said what is worn underneath: synthetics melt there too.', 'Ask.'],
  'garment.air-decides': () => ['Whether a mask is needed, and which, the air of the bay says.'],
  'garment.laser-decides': () => [
    'Whether it answers for this laser is asked by its power and wavelength.',
    'Ask for the laser, with this eyewear.',
  ],
  'garment.passes': ({ item, requirement }) => [`${capital(garments[item])}: passes. Needed: ${small(words.requirements[requirement])}.`],

  'helmet.shade-not-known': () => ['The shade this work needs cannot be said yet, so no helmet can be chosen.', 'Tell what lacks.'],
  'helmet.no-shade-needed': () => ['This work needs no shade: a dark lens only blinds.', 'Take a clear face shield.'],
  'helmet.too-light': ({ darkest, minimum }, q) => [
    `It goes no darker than ${q.shade(darkest)}; ${q.shade(minimum)} is the least.`,
    'Take another helmet.',
  ],
  'helmet.gap': ({ below, above, minimum, start }, q) => [
    `It has nothing between ${below === null ? 'its lightest' : q.shade(below)} and ${q.shade(above)}: ${q.shade(minimum)} is the least, ${q.shade(start)} the start, and ${q.shade(above)} hides the weld.`,
    'Take another helmet.',
  ],
  'helmet.lighter-than-start': ({ shade, start }, q) => [`It goes to ${q.shade(shade)}; ${q.shade(start)} is the usual start.`],
  'helmet.set-to': ({ shade }, q) => [`Set otherwise than it has to be: ${q.shade(shade)}.`, `Set it to ${q.shade(shade)}.`],
  'helmet.set-right': ({ shade }, q) => [`It is at ${q.shade(shade)}.`],
  'helmet.set-between-jobs': ({ shade }, q) => [
    `No one shade of it does for all the jobs; the first takes ${q.shade(shade)}.`,
    'Set it before each job.',
  ],
  'helmet.set-unknown': ({ shade }, q) => [`Nobody said what it is set to; ${q.shade(shade)} is right.`, `Set it to ${q.shade(shade)}.`],
  'helmet.flash-too-long': ({ flashS, allowedS, switchingMs }) => [
    `It turns dark in ${switchingMs} ms: each strike is as bright as ${up(flashS)} s through the dark lens; ${allowedS} s at most.`,
    'Take another helmet.',
  ],
  'helmet.flash-unknown': () => [
    'Nobody said how light it is before it turns dark, or how fast it turns: it may be too slow.',
    'Read it in the maker\'s data.',
  ],
  'helmet.battery-flat': () => ['Its battery is flat: it stays light.', 'Change the battery.'],
  'helmet.battery-to-see-to': () => ['Its battery is low, or nobody looked.', 'Try it, and change the battery.'],
  'helmet.plates-to-see-to': () => ['Its cover plates are worn, or nobody looked.', 'Look at both sides, and change them.'],
  'helmet.check-failed': () => ['It failed the look of the day.', 'Tag it out, and take another helmet.'],
  'helmet.check-due': () => ['Nobody looked at it today.', 'Take the helmet minute.'],
  'helmet.one-darker': ({ start }, q) => [`One darker for this person: ${q.shade(start)}.`],
  'helmet.settled': ({ shade }, q) => [`This person settled on ${q.shade(shade)} for this work.`],
  'helmet.jobs-differ': ({ lightest, darkest }, q) => [
    `The jobs of the day start at ${q.shade(lightest)} and at ${q.shade(darkest)}: one helmet has to be set between them.`,
    'Set it before each job.',
  ],
}
