import type { Finding } from '../findings/finding'
import { closes, finding } from '../findings/finding'
import type { KitItemFact } from '../inspection/kit-item-fact'
import { judgeExtinguishers } from '../inspection/judge-extinguishers'
import type { Instant } from '../time/instant'
import { isAfter, minutesAfter, minutesBetween, stands } from '../time/instant'
import { PROCESS_TRAITS } from '../job/process-traits'
import type { Permit } from '../streams/permit/permit'

/** A break longer than this asks for a new gas test, min. Source: `gasRetest`. */
const BREAK_MIN = 30

/** Is the air tested by the clock: because the place asked for it, or because it was once found out of limits? */
export const isAirTested = ({ plan, wasGasOut }: Pick<Permit, 'plan' | 'wasGasOut'>): boolean => plan.needsGasTest || wasGasOut

/**
 * Was the air tested, within limits at every point, and lately enough? Air out of limits holds whether or not a test was
 * planned, until that point is read within.
 */
export function judgeGasTime(
  { plan, gas, gasByPoint, wasGasOut, suspension }: Pick<Permit, 'plan' | 'gas' | 'gasByPoint' | 'wasGasOut' | 'suspension'>,
  now: Instant,
): readonly Finding[] {
  const out = Object.values(gasByPoint).filter(({ isWithin }) => !isWithin)
  if (out.length > 0)
    return out.map(({ lelPercent, oxygenPercent, point }) =>
      finding('hold', 'permit.gas-out', { lelPercent, oxygenPercent, point }, ['usConfined']),
    )
  if (!isAirTested({ plan, wasGasOut })) return []
  if (!gas) return [finding('hold', 'permit.gas-not-tested', {}, ['gasRetest'])]
  const longBreak = suspension !== null && !isAfter(gas.at, suspension.at) && minutesBetween(suspension.at, now) > BREAK_MIN
  const retestAt = minutesAfter(gas.at, plan.retestMin)
  return longBreak || !stands(retestAt, now)
    ? [finding('hold', 'permit.gas-retest-due', { sinceIso: longBreak ? suspension.at : retestAt }, ['gasRetest'])]
    : []
}

/** Tags as people write them: without regard to case and spaces. */
const sameTag = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase()

/**
 * What is wrong with the things a permit rests on: an extinguisher in service that suits what burns, large and near enough,
 * nothing assigned to it tagged out or not looked at before use, and, where the air was tested, a detector whose bump test is
 * known. A reading of an instrument that nobody looked at says nothing.
 */
export function judgePermitKit(
  kit: readonly KitItemFact[],
  { request: { job }, gas, plan, wasGasOut }: Pick<Permit, 'request' | 'gas' | 'plan' | 'wasGasOut'>,
  now: Instant,
): readonly Finding[] {
  const out = kit.filter(
    ({ findings, validUntil }) => !stands(validUntil, now) || findings.some(closes),
  )
  const serving = kit.filter(item => !out.includes(item))
  const found: Finding[] = out.map(({ tag, kind }) => finding('hold', 'permit.kit-out', { tag, kind }))
  if (!serving.some(({ kind }) => kind === 'extinguisher'))
    found.push(finding('hold', 'permit.no-extinguisher', {}, ['extinguisherAtWork']))
  else
    found.push(...judgeExtinguishers(serving, { isElectrical: PROCESS_TRAITS[job.process].usesMachine, metalFire: job.metalFire }, now))
  if (
    gas
    && isAirTested({ plan, wasGasOut })
    && !serving.some(({ kind, tag }) => kind === 'gas-detector' && sameTag(tag, gas.instrument))
  ) {
    found.push(finding('hold', 'permit.detector-unknown', { instrument: gas.instrument }, ['gasRetest']))
  }
  return found
}
