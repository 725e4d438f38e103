import { capital } from '../capital'
import { dayIn } from '../site-times'
import type { Sentences } from '../sentences'
import type { CylinderCode } from '../codes'
import { cylinderWords } from './cylinder-words'
import { kitWords } from './kit-words'

const day = dayIn('en')

/** What Gas says, but for what goes with the board. */
export const cylinderSentences: Pick<Sentences, CylinderCode> = {
  'stamp.specification-missing': () => [
    'No specification among the marks: without it nobody knows how to read the dates.',
    'Type the mark that begins with DOT, ICC or TC, or the ISO or EN standard with PW and PH.',
  ],
  'stamp.specification-unknown': ({ text }) => [`${text} is no specification known here.`, 'Look again, or ask the supplier.'],
  'stamp.two-specifications': ({ first, second }) => [
    `Two specifications: ${first} and ${second}.`,
    'Look which one is stamped for this shell.',
  ],
  'stamp.two-families': () => [
    'US and European marks together: their dates are read the other way round.',
    'Ask the supplier which marks count.',
  ],
  'stamp.date-missing': () => ['No date among the marks.', 'Type every date on the shoulder, the oldest first.'],
  'stamp.date-impossible': ({ text }) => [
    `${text} cannot be a date on this kind of cylinder.`,
    'Look again: US marks have the month first, European ones the year.',
  ],
  'stamp.dates-disagree': ({ dates }) => [
    `These dates cannot follow each other: ${dates.join(', ')}.`,
    'Type them in the order of the shoulder, the oldest first.',
  ],
  'stamp.years-ambiguous': ({ dates }) => [`The century is not certain: ${dates.join(', ')}.`, 'Type the years with four digits.'],
  'stamp.unreadable': ({ text }) => [`${text} is not fully readable.`, 'Clean the shoulder and look again, or ask the supplier.'],
  'stamp.not-read': ({ text }) => [`${text} was not read: a maker's or owner's mark, perhaps.`],
  'stamp.letter-missing': ({ text }) => [
    `${text} has no letter: S is the shell, F the filler, FS both.`,
    'Look for the letter after the year.',
  ],
  'stamp.maker-date-missing': () => ['The first mark is a requalification; the maker\'s date is missing.', 'Type the oldest date too.'],
  'cylinder.permit': ({ specification }) => [
    `${specification} is a special permit: its own text says when it is tested.`,
    'Ask the supplier.',
  ],
  'cylinder.gas-not-for-specification': ({ specification }) => [
    `This gas is not kept in ${specification}.`,
    'Look at label and marks again; do not connect it.',
  ],
  'cylinder.star-void': ({ reason }) => [`The star does not count here: ${cylinderWords.starVoid[reason]}. The short interval stands.`],
  'cylinder.plus-void': ({ reason }) => [`The + does not count: ${cylinderWords.plusVoid[reason]}.`],
  'cylinder.coated-assumed': ({ years }) => [
    `${years} years only while the coating is whole and the gas does not corrode; bare or rusty it is 5.`,
    'Look at the shell.',
  ],
  'cylinder.proof-disputed': ({ years }) => [`After a proof test editions print 7, 10 and 12 years; ${years} is used.`],
  'cylinder.filler-too-early': ({ on }) => [`The filler test of ${day(on)} came within five years of making and does not count.`],
  'cylinder.not-refillable': () => ['This cylinder is not refilled.'],
  'cylinder.no-requalification': ({ specification }) => [`${specification} is not tested again; it is looked at.`],
  'cylinder.past-due': ({ dueOn }) => [`Past due since ${day(dueOn)}.`, 'Use it up; do not have it refilled.', `Past due since ${day(dueOn)}.`],
  'cylinder.filled-past-due': ({ dueOn, filledOn }) => [
    `It was due on ${day(dueOn)} and filled on ${day(filledOn)}, after that.`,
    'Do not use it; send it back.',
  ],
  'cylinder.filled-when-unknown': ({ dueOn }) => [
    `Past its test of ${day(dueOn)}, it may be used up only if it was filled by then; nobody said when it was.`,
    'Read the fill date off its label, or send it back.',
  ],
  'cylinder.fifteen-with-approval': ({ dueOn }) => [`Fifteen years, until ${day(dueOn)}, only with the authority's approval.`],
  'cylinder.pressure-is-no-gauge': ({ gas, kept }) =>
    kept === 'dissolved'
      ? [
          'Acetylene is dissolved: its pressure follows temperature and how fast it was drawn, not what is left.',
          'Weigh it, regulator off and cap off.',
        ]
      : [
          `${capital(gas === 'mix' ? 'this mix' : kitWords.gases[gas])} is a liquid in there: the pressure stays the same until the last of it is gone.`,
          'Weigh it.',
        ],
  'cylinder.no-equation': ({ gas }) => [
    `No equation is known here for ${gas === 'mix' ? 'this mix' : kitWords.gases[gas]}.`,
    'Read the supplier\'s chart.',
  ],
  'cylinder.mix-estimated': () => ['A mix: estimated from its parts, good to about 2 %.'],
  'cylinder.gauge-band': ({ lowM3, highM3 }, q) => [
    `The gauge may be off by 3 % of its scale: between ${q.gas(lowM3)} and ${q.gas(highM3)}.`,
  ],
  'cylinder.nearly-empty': ({ residualKPa }, q) => [
    `Down to the ${q.pressure(residualKPa)} that stay in it.`,
    'Close the valve, mark it empty, connect the next.',
  ],
  'cylinder.warm': ({ temperatureC, limitC }, q) => [
    `${q.temperature(temperatureC)}: no cylinder should be warmer than ${q.temperature(limitC)}.`,
    'Move it out of the heat.',
  ],
  'acetylene.draw-allowed': ({ demandM3PerH, limitM3PerH, ruleSet }, q) => [
    `${q.gasRate(demandM3PerH)} of the ${q.gasRate(limitM3PerH)} that one cylinder may give (${kitWords.withdrawalRuleSets[ruleSet]}).`,
  ],
  'acetylene.old-rule': ({ cylinders, currentCylinders }) => [
    `By the older rule ${cylinders}; the current one asks for ${currentCylinders}.`,
    `Take ${currentCylinders}.`,
  ],
  'storage.too-near': ({ first, second, distanceM, requiredM }, q) => [
    `${first} and ${second} stand ${q.distance(distanceM)} apart; ${q.distance(requiredM)} or a rated wall between them is the rule.`,
    'Move one of them.',
  ],
  'storage.barrier-does-not-count': ({ first, second, reason }) => [
    `The wall between ${first} and ${second} does not count: ${cylinderWords.barrierReasons[reason]}.`,
  ],
  'storage.barrier-narrow': ({ first, second, pathM }, q) => [
    `The wall between ${first} and ${second} keeps the letter of the law; fire codes want it 18 in (46 cm) above and beyond. The way round it is ${q.distance(pathM)}.`,
  ],
  'storage.rounding': ({ first, second, distanceM }, q) => [
    `${first} and ${second}: ${q.distance(distanceM)} is 20 ft, yet less than the 6.1 m printed beside it.`,
  ],
  'storage.indoor-fuel': ({ amountM3, lpgKg, fraction }, q) => [
    `Fuel gas indoors: ${q.gas(amountM3)}${lpgKg > 0 ? ` and ${q.mass(lpgKg)} of liquefied gas` : ''}, ${q.part(fraction)} what may stand in one room.`.replace(
      '% what',
      '% of what',
    ),
    'Take some outside.',
  ],
  'storage.combustible-assumed-high': ({ id }) => [`Nobody said how fiercely ${id} burns: it counts like oil, and no wall helps.`],
  'storage.in-use-left-out': ({ count }) => [`${count} in use: not counted as stored.`],
  'storage.height-assumed': ({ heightM }, q) => [`Where no height was given, ${q.distance(heightM)} is taken.`],
  'storage.cap-off': ({ tag }) => [`${tag} stands without its cap.`, 'Put the cap on.'],
  'storage.content-assumed': ({ tags, count, fullM3 }, q) => [
    `Nobody wrote down what ${tags.join(', ')} ${count === 1 ? 'holds' : 'hold'} when full: ${q.gas(fullM3)} is taken.`,
  ],
  'storage.advises-only': ({ basis }) => [
    `Judged by the ${cylinderWords.storageBases[basis]} distances. Local fire codes may ask for more; they decide.`,
  ],
  'cylinder.steps-missing': ({ tag, count }) => [
    `${count === 1 ? 'One step is' : `${count} steps are`} not done yet at ${tag}.`,
    'Do each step, then connect.',
  ],
  'cylinder.still-connected': ({ tag }) => [
    `${tag} is connected: its regulator is on.`,
    'Shut it down and take the regulator off first.',
  ],
  'cylinder.wrong-gas': ({ tag }) => [
    `${tag} is not a gas of the job that is set at that bay.`,
    'Take the cylinder the job asks for, or change the job first.',
  ],
  'cylinder.outside-place': ({ place, fromXM, toXM, fromYM, toYM }, q) => [
    `That spot is not inside ${place}: it reaches from ${q.distance(fromXM)} to ${q.distance(toXM)} along the grid and from ${q.distance(fromYM)} to ${q.distance(toYM)} across, and the whole cylinder stands in it.`,
    'Say where it really stands.',
  ],
  'cylinder.reason-needed': () => ['Nobody said why the tag was wrong.', 'Write down the reason.'],
  'stamp.end-of-life': ({ text }) => [
    `"${text}" is an end of life: when it is cannot be read for sure.`,
    'Type it as year and month, as FIN 2030/05.',
  ],
  'cylinder.life-over': ({ endsOn }) => [
    `Its life ended on ${day(endsOn)}: it is never filled or used again.`,
    'Tag it out, and give it to who takes it apart.',
  ],
  'cylinder.life-ends': ({ endsOn }) => [`Its life ends on ${day(endsOn)}; no test carries it past that.`],
  'stamp.ring-asks': ({ text }) => [
    `"${text}" stands on a ring, and a ring may be from another day than the shell.`,
    'Read the shoulder; where the ring is all there is, ask the supplier which date is the test.',
  ],
  'cylinder.returned': ({ tag }) => [`${tag} went back to its supplier.`, 'Receive it again when it comes.'],
}
