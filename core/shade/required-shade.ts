import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { ShadeBasisId, ShadeRuleSetId } from '../ids/vocabulary'
import { PROCESS_TRAITS } from '../job/process-traits'
import type { RuleSetAnswer, ShadeAnswer, ShadeQuestion, ShadeRules } from './shade-question'
import { usLaw } from './us-law-table'
import { usConstruction } from './us-construction-table'
import { usConsensus } from './us-consensus-table'
import { eu } from './eu-table'
import { house } from './house-table'
import { LAWS } from '../law/laws'
import { darkestFirst } from './darkest-first'

const NO_RULES: ShadeRules = {}

const isHold = (note: Finding): boolean => note.severity === 'hold'
const darker = (a: RuleSetAnswer, b: RuleSetAnswer): RuleSetAnswer => (b.minimum ?? 0) > (a.minimum ?? 0) ? b : a

/**
 * The shade a weld needs: what each school says, which one binds here, and where to start.
 *
 * The law of the jurisdiction always binds; the basis and the house minimum can only make it darker. With no
 * jurisdiction given, the strictest answer known binds and the answer says so. Only a minimum gates.
 * What is missing, or lies beyond a printed table, is a hold: nothing is extrapolated.
 *
 * @param question the work: SI units as named; a current range is judged at its worst end
 * @param rules the rules in force at the site
 * @returns minimum, start, every rule set's answer and findings (codes only; sentences are formed when shown)
 * @example requiredShade({ process: 'gmaw', currentA: 180 }, { jurisdiction: 'us', basis: 'us-consensus' }) // minimum 10, start 12
 */
export function requiredShade(question: ShadeQuestion, rules: ShadeRules = NO_RULES): ShadeAnswer {
  const { process } = question
  const currentA = question.currentRangeA ? Math.max(question.currentRangeA[0], question.currentRangeA[1]) : question.currentA
  const usLegal = question.workplace === 'construction' ? usConstruction(question, currentA) : usLaw(question, currentA)
  const consensus = usConsensus(question, currentA)
  const european = eu(question, currentA)
  const houseSays = house(process, currentA, rules.minimum ?? null)

  const { jurisdiction, basis } = rules
  // By name: a school that is added as law or basis does not compile until it answers here.
  const schools: Readonly<Record<ShadeBasisId, RuleSetAnswer | undefined>> = {
    'us-legal': usLegal,
    'us-consensus': consensus,
    'eu': european,
    'darkest-first': undefined,
  }
  const law = jurisdiction === undefined ? undefined : schools[LAWS[jurisdiction].shade]
  const basisSays = basis === undefined ? undefined : schools[basis]

  const findings: Finding[] = []
  let binding: RuleSetAnswer
  let held = false
  if (law === undefined) {
    held = holdsStrictest(usLegal, consensus, european, findings)
    binding = darker(darker(usLegal, consensus), european)
  } else {
    held = addHolds(law, findings)
    if (basisSays && basisSays !== law) held = addHolds(basisSays, findings) || held
    binding = basisSays ? darker(law, basisSays) : law
    // A law that prints no row borrows the strictest answer; one that is beyond its own table leaves the strictest unknown.
    if (law.minimum === null && !held) held = holdsStrictest(usLegal, consensus, european, findings)
    if (law.minimum === null && !held) {
      const borrowed = darker(darker(darker(binding, usLegal), consensus), european)
      if (borrowed.minimum !== null)
        findings.push(finding('caution', 'shade.law-silent', { process, ruleSet: borrowed.ruleSet }, [borrowed.source]))
      binding = borrowed
    }
  }
  const bound = held ? null : binding.minimum
  const ladder = darkestFirst(process, bound)
  binding = darker(binding, houseSays)
  const ruleSets: readonly RuleSetAnswer[] = [usLegal, consensus, european, houseSays, ladder]

  if (held || binding.minimum === null) {
    if (!held) addSilence(question, findings)
    return { minimum: null, start: null, bindingRuleSet: null, ruleSets, findings }
  }
  addCautions(binding, findings)
  if (law === undefined) findings.push(finding('note', 'shade.strictest-assumed', { ruleSet: binding.ruleSet }, [binding.source]))
  const suggested
    = basis === 'darkest-first' ? ladder.suggested : (basisSays?.suggested ?? binding.suggested ?? law?.suggested ?? consensus.suggested)
  const start = suggested === null || suggested[1] < binding.minimum ? binding.minimum : suggested[1]
  return { minimum: binding.minimum, start, bindingRuleSet: binding.ruleSet, ruleSets, findings }
}

function addHolds(answer: RuleSetAnswer, findings: Finding[]): boolean {
  if (answer.minimum !== null) return false
  const holds = answer.notes.filter(isHold)
  for (const hold of holds) if (!findings.some(other => sameHold(other, hold))) findings.push(hold)
  return holds.length > 0
}

/** Two rule sets that lack the same quantity are one thing to ask for. */
function sameHold(a: Finding, b: Finding): boolean {
  return a.code === b.code && a.code === 'shade.input-missing'
    && (a as Finding<'shade.input-missing'>).values.input === (b as Finding<'shade.input-missing'>).values.input
}

/**
 * With no jurisdiction, a rule set beyond its table holds: the strictest answer is then not known. A gas flow that only
 * the European table asks for is not demanded while the others answer.
 */
function holdsStrictest(usLegal: RuleSetAnswer, consensus: RuleSetAnswer, european: RuleSetAnswer, findings: Finding[]): boolean {
  let held = addHolds(usLegal, findings)
  held = addHolds(consensus, findings) || held
  const euLacks = european.minimum === null && european.notes.some(note => note.code === 'shade.input-missing')
  return (!euLacks && addHolds(european, findings)) || held
}

function addCautions(binding: RuleSetAnswer, findings: Finding[]): void {
  for (const note of binding.notes) if (note.severity === 'caution') findings.push(note)
}

/** Nobody prints a shade: clear glasses are enough for sparks and a buried arc; a laser is not answered by a shade; else hold. */
function addSilence({ process }: ShadeQuestion, findings: Finding[]): void {
  const { heat } = PROCESS_TRAITS[process]
  if (heat === 'laser') findings.push(finding('hold', 'shade.laser-not-a-shade', { process }, ['laserNotAShade']))
  else if (heat === 'sparks') findings.push(finding('note', 'shade.clear-glasses-only', { process }, ['usEyeDuty']))
  else if (heat === 'buried-arc') findings.push(finding('caution', 'shade.buried-arc-flash', { process }, ['usConsensusBuriedArc']))
  else findings.push(finding('hold', 'shade.no-rule-set-answers', { process }))
}

/** The rule sets that a site's rules put in force, for showing which of the schools count here. */
export function ruleSetsInForce({ jurisdiction, basis, minimum }: ShadeRules): ReadonlySet<ShadeRuleSetId> {
  const inForce = new Set<ShadeRuleSetId>(jurisdiction === undefined ? ['us-legal', 'us-consensus', 'eu'] : [LAWS[jurisdiction].shade])
  if (basis !== undefined) inForce.add(basis)
  if (minimum !== undefined && minimum !== null) inForce.add('house')
  return inForce
}
