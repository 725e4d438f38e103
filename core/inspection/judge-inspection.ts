import type { Answer, Answers, Check, CheckList } from './check-list'

/** One check with what was found. `null`: not answered yet, or answered in a way the check does not know. */
export interface JudgedCheck { readonly check: Check, readonly answer: Answer | null, readonly passes: boolean | null }
export interface JudgedInspection {
  /** Failed as soon as one check fails; passed when all are answered and pass; until then open. */
  readonly result: 'passed' | 'failed' | 'open'
  readonly checks: readonly JudgedCheck[]
  readonly failed: readonly string[]
  readonly missing: readonly string[]
}

/** Whether one answer passes its check; null when the answer is no answer to it. Exactly at a limit passes. */
export function passesCheck(check: Check, answer: Answer | undefined): boolean | null {
  switch (check.asks) {
    case 'yes-no':
      return typeof answer === 'boolean' ? answer : null
    case 'choice':
      return typeof answer === 'string' && check.options.includes(answer) ? check.passing.includes(answer) : null
    case 'measurement':
      return typeof answer === 'number' && Number.isFinite(answer)
        ? answer >= (check.atLeast ?? -Infinity) && answer <= (check.atMost ?? Infinity)
        : null
  }
}

/** Judges the answers to a list. A missing answer is never a pass. */
export function judgeInspection({ checks }: Pick<CheckList, 'checks'>, answers: Answers): JudgedInspection {
  const judged = checks.map((check): JudgedCheck => {
    const answer = Object.hasOwn(answers, check.id) ? answers[check.id]! : undefined
    const passes = passesCheck(check, answer)
    return { check, answer: passes === null ? null : answer!, passes }
  })
  const failed = judged.filter(({ passes }) => passes === false).map(({ check }) => check.id)
  const missing = judged.filter(({ passes }) => passes === null).map(({ check }) => check.id)
  return { result: failed.length > 0 ? 'failed' : missing.length > 0 ? 'open' : 'passed', checks: judged, failed, missing }
}
