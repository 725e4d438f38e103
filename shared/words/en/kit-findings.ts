import { kitWords as kit } from './kit-words'
import { words } from './words'
import { dayIn } from '../site-times'
import type { Sentences } from '../sentences'
import type { GateCode, KitCode } from '../codes'

const day = dayIn('en')

const one = (value: number): string => String(Number(value.toFixed(1)))

export const kitSentences: Pick<Sentences, KitCode | GateCode> = {
  'acetylene.draw-too-fast': ({ demandM3PerH, limitM3PerH, cylinders, ruleSet }, q) => [
    `${q.gasRate(demandM3PerH)} is more than one cylinder may give (${q.gasRate(limitM3PerH)}, ${kit.withdrawalRuleSets[ruleSet]}).`,
    `Manifold ${cylinders} cylinders before lighting.`,
    `Needs ${cylinders} cylinders.`,
  ],
  'acetylene.pressure-too-high': ({ gaugeKPa, limitKPa }, q) => [
    `Acetylene at ${q.pressure(gaugeKPa)}: above ${q.pressure(limitKPa)} it can burst by itself.`,
    'Turn it down now.',
  ],
  'electrical.duty': ({ currentA, dutyPercent, minutes }, q) => [
    `At ${q.current(currentA)} the arc may burn ${one(Math.floor(minutes * 10) / 10)} of ten minutes (${Math.floor(dutyPercent)} %).`,
  ],
  'electrical.over-rating': ({ currentA, ratedCurrentA }, q) => [
    `${q.current(currentA)} is over the ${q.current(ratedCurrentA)} it is rated at: by the sum of heat only; its maker may allow less.`,
  ],
  'electrical.duty-short': ({ currentA, dutyPercent, neededPercent }, q) => [
    `At ${q.current(currentA)} this machine bears ${Math.floor(dutyPercent)} % duty; the job needs ${Math.ceil(neededPercent)} %.`,
    'Rest longer, or take a larger machine.',
  ],
  'electrical.cable-too-small': ({ currentA, allowedA, areaMm2, dutyPercent }, q) => [
    `${one(areaMm2)} mm² bears ${q.current(Math.floor(allowedA))} at ${Math.round(dutyPercent)} % duty; this is ${q.current(currentA)}.`,
    'Take a larger cable.',
  ],
  'electrical.cable-off-table': ({ areaMm2 }) => [
    `${one(areaMm2)} mm² is smaller than any welding cable in the table.`,
    'Take 25 mm² or more.',
  ],
  'electrical.drop-high': ({ dropV, limitV }) => [
    `${one(dropV)} V are lost on the way; about ${limitV} V is what practice accepts.`,
    'A shorter or thicker cable.',
  ],
  'kit.tag-unknown': ({ tag }) => [`Nothing here wears the tag ${tag}.`, 'Look at the tag again, or register it.'],
  'kit.tagged-out': ({ tag, reason, checks }) => [
    `${tag} is tagged out${reason ? `: ${reason.replace(/\.$/, '')}` : checks.length > 0 ? `: ${checks.length === 1 ? 'a check' : `${checks.length} checks`} failed` : ''}.`,
    'Take another; somebody named releases this one.',
    `${tag} is tagged out.`,
  ],
  'kit.retired': ({ tag }) => [`${tag} is out of use for good.`, 'Take another.'],
  'kit.never-done': ({ tag, listId }) => [`${tag}: no pass of ${kit.lists(listId)} counts.`, 'Do it first.'],
  'kit.late': ({ tag, listId, dueOn, days }) => [
    `${tag}: ${kit.lists(listId)} was due on ${day(dueOn)}, ${days === 1 ? 'a day' : `${days} days`} ago.`,
    'Do it, or take another.',
    `${tag} is past due.`,
  ],
  'kit.in-grace': ({ tag, listId, dueOn, days }) => [
    `${tag}: ${kit.lists(listId)} was due on ${day(dueOn)}; ${days === 1 ? 'a day' : `${days} days`} of this site's grace are used.`,
    'Do it.',
  ],
  'kit.due-after-event': ({ tag, listId, events }) => [
    `${tag} was ${events.map(event => kit.itemEvents[event]).join(', ')} since ${kit.lists(listId)}.`,
    'Do it again before use.',
  ],
  'kit.look-due': ({ tag }) => [`${tag} was not looked at today.`, 'Look at it before use.'],
  'kit.mark-unknown': ({ tag }) => [
    `${tag}: nobody wrote down what kind it is and when it was made.`,
    'Read its label and write it down.',
  ],
  'kit.mark-due': ({ tag, what, dueOn }) => [
    `${tag}: the ${what === 'pressure-test' ? 'pressure test' : 'look inside'} was due on ${day(dueOn)}.`,
    'Have it serviced, or take another.',
  ],
  'kit.no-list': ({ tag, kind }) => [
    `${tag}: this site has no list by which a ${kit.equipmentKinds[kind]} is looked at.`,
    'Make a list for it, and do it.',
  ],
  'extinguisher.rating-unknown': ({ tag }) => [
    `${tag}: nobody wrote down what it is rated for.`,
    'Read its plate, as 4-A:60-B:C or 43A 233B C.',
    `${tag}: rating not known.`,
  ],
  'extinguisher.distance-unknown': ({ tag }) => [
    `${tag}: nobody wrote down how far it hangs from the work.`,
    'Measure the way and write it down.',
    `${tag}: distance not known.`,
  ],
  'extinguisher.too-far': ({ tag, distanceM, atMostM }, q) => [
    `${tag} hangs ${q.distance(distanceM)} from the work; ${q.distance(atMostM)} is the most.`,
    'Hang it nearer, or bring another.',
    `${tag} hangs too far away.`,
  ],
  'extinguisher.too-small': ({ lacks }) => [
    lacks === 'both'
      ? 'No extinguisher at hand is large enough for what burns here.'
      : `No extinguisher at hand is large enough for burning ${lacks === 'solids' ? 'wood, paper and cloth' : 'liquids'}.`,
    'Bring one of 2-A:20-B:C or 13A 55B at least.',
    'Extinguisher too small.',
  ],
  'extinguisher.not-for-voltage': () => [
    'No extinguisher at hand may be used on a machine under voltage.',
    'Bring powder or CO₂.',
    'Extinguisher not for voltage.',
  ],
  'extinguisher.not-for-metal': () => [
    'This metal burns, and no extinguisher at hand is for burning metal: every other makes it worse.',
    'Bring dry powder of class D.',
    'No class D powder at hand.',
  ],
  'extinguisher.metal-unknown': () => ['Nobody said whether metal that burns is worked here.', 'Say what the metal is.'],
  'storage.left-at-bay': ({ first, second }) => [
    `${first} and ${second} stand here disconnected, oxygen beside fuel: nobody measured the way between them.`,
    'Take one of them to its store.',
    `${first} beside ${second}, disconnected.`,
  ],
  'cylinder.settling': ({ tag }) => [
    `${tag} lay down: its solvent has to settle before the valve is opened.`,
    'Leave it standing until its clock has run.',
    `${tag} is settling.`,
  ],
  'cylinder.empty': ({ tag }) => [`${tag} is empty.`, 'Close the valve, cap it, take another.'],
  'cylinder.danger': ({ tag, danger }) => [
    `${tag}: ${kit.dangers[danger]}.`,
    'Do what its page says; nobody works here.',
    `${tag}: ${kit.dangers[danger]}.`,
  ],
  'cylinder.not-secured': ({ tag }) => [`${tag} is not upright and chained.`, 'Chain it upright.'],
  'cylinder.test-date-unknown': ({ tag }) => [`${tag}: its test date is not known for sure.`, 'Read the shoulder again.'],
  'cylinder.not-to-be-used': ({ tag }) => [`${tag} was filled after its test was due: it may not be used.`, 'Send it back.'],
  'cylinder.fill-date-unknown': ({ tag, dueOn }) => [
    `${tag} was due for its test on ${day(dueOn)}, and nobody said when it was filled: filled after that, it may not be used.`,
    'Write down the fill date on its label, or send it back.',
    `${tag} is past its test, fill date unknown.`,
  ],
  'cylinder.past-due-here': ({ tag, dueOn, owner }) => [
    `${tag} was due for its test on ${day(dueOn)}: it may be used up, not refilled.`,
    owner === 'rented' ? 'Tag it; the supplier has it tested.' : 'Tag it, and have it tested before it is filled.',
    `${tag} is past its test: use up, no refill.`,
  ],
  'gate.job-first': ({ gate }) => [`${words.gates[gate]} follows from the job.`, 'Set the job.'],
  'gate.facts-stale': ({ tag }) => [`What is known of ${tag} is from another day.`, 'Wait for the server, or look at it again.'],
  'gate.item-missing': ({ kind, needed, here }) => [
    here === 0
      ? `This bay has none of what it needs: ${kit.equipmentKinds[kind]}.`
      : `This bay has ${here} of the ${needed} it needs: ${kit.equipmentKinds[kind]}.`,
    'Assign one by its tag.',
    `${here === 0 ? 'Missing' : 'One more'}: ${kit.equipmentKinds[kind]}.`,
  ],
  'gas.none-connected': ({ need, shieldingGas }) => [
    `No ${need === 'shielding' && shieldingGas ? words.shieldingGases[shieldingGas].toLowerCase() : kit.gasNeeds[need]} is connected here.`,
    need === 'cutting' ? 'Connect a cylinder, or set the job to shop air.' : 'Connect a cylinder, step by step.',
  ],
  'gas.not-for-this-job': ({ tag }) => [
    `${tag} is connected and is not a gas of this job.`,
    'Shut it down and take it off, or change the job.',
    `${tag}: not a gas of this job.`,
  ],
  'gas.not-leak-tested': ({ tag }) => [`${tag}: not every joint was leak-tested today.`, 'Brush each joint and say what you see.'],
  'gas.not-read': ({ tag }) => [`${tag}: nobody read today what is left.`, 'Read its gauge, or weigh it.'],
  'gas.flow-unknown': ({ need }) => [
    `Nobody said how much ${kit.gasNeeds[need]} flows.`,
    need === 'shielding' || need === 'cutting' ? 'Set the gas flow of the job.' : 'Set the tip of the job.',
  ],
  'gas.time-unknown': () => ['How long the job runs is not known.', 'Set its times and arc minutes.'],
  'gas.full-unknown': ({ tag }) => [
    `What ${tag} holds when full is not known: nobody can say how fast it may be drawn.`,
    'Write down its content from the label.',
  ],
  'gas.not-enough': ({ need, leftM3, neededM3 }, q) => [
    `At least ${q.gas(leftM3)} of ${kit.gasNeeds[need]} is left; the job takes ${q.gas(neededM3)}.`,
    'Take a fuller one before class.',
    `Not enough ${kit.gasNeeds[need]} for the job.`,
  ],
  'gas.enough': ({ need, leftM3, neededM3 }, q) => [
    `At least ${q.gas(leftM3)} of ${kit.gasNeeds[need]} is left; the job takes ${q.gas(neededM3)}.`,
  ],
  'machine.current-unknown': () => ['Nobody said what current the machine has to give.', 'Set it on the job card.', 'Current not known.'],
  'machine.rating-unknown': ({ tag }) => [`${tag}: its rated current and duty cycle are not written down.`, 'Read its plate.'],
  'machine.cable-unknown': ({ tag }) => [`${tag}: its length and cross-section are not written down.`, 'Read the cable.'],
  'machine.over-maximum': ({ tag, currentA, maxCurrentA }, q) => [
    `${q.current(currentA)} is more than ${tag} gives (${q.current(maxCurrentA)}).`,
    'Take a larger machine.',
  ],
}
