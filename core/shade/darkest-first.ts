import { finding } from '../findings/finding'
import type { ProcessId } from '../ids/vocabulary'
import type { RuleSetAnswer } from './shade-question'
import { ruleSetRow } from './band-table'
import { noRow } from './silent-answers'

/** Where the school starts: the darkest number any table prints for the process. */
const DARKEST: Partial<Record<ProcessId, number>> = {
  'smaw': 14,
  'gmaw': 15,
  'fcaw-g': 15,
  'fcaw-s': 15,
  'gtaw': 14,
  'paw': 14,
  'pac': 14,
  'cac-a': 15,
  'caw': 14,
  'ofw': 8,
  'ofc': 7,
  'tb': 4,
  'ts': 2,
}

/** Answers built so far, by process and lower bound (none counts as 0). */
const built = new Map<ProcessId, RuleSetAnswer[]>()

function build(process: ProcessId, lowerBound: number | null): RuleSetAnswer {
  const printed = DARKEST[process]
  if (printed === undefined) return noRow('darkest-first', process, 'darkestFirst')
  if (lowerBound === null) return ruleSetRow('darkest-first', null, null, 'darkestFirst')
  const darkest = Math.max(printed, lowerBound)
  return ruleSetRow('darkest-first', lowerBound, [lowerBound, darkest], 'darkestFirst', [
    finding('note', 'shade.start-darkest', { shade: darkest, minimum: lowerBound }, ['darkestFirst']),
  ])
}

/**
 * The school that starts at the darkest and steps lighter until the puddle is just visible, never passing the minimum.
 *
 * @param process the process
 * @param lowerBound the lightest shade the law (or the strictest answer) allows; null when it cannot be said
 * @returns its minimum is that lower bound; its suggestion runs from the bound to the darkest number printed
 */
export function darkestFirst(process: ProcessId, lowerBound: number | null): RuleSetAnswer {
  let answers = built.get(process)
  if (!answers) built.set(process, answers = [])
  return answers[lowerBound ?? 0] ??= build(process, lowerBound)
}
