import type { Finding } from '../finding'
import { finding } from '../finding'
import type { ItemFact } from '../inspection/item-fact'
import { FIRE_SOURCES } from '../source/fire-sources'
import type { Instant } from '../station/station'
import { minutesAfter } from './permit-times'
import type { Permit } from './permit'

/** A break longer than this asks for a new gas test, min. Source: `gasRetest`. */
const BREAK_MIN = 30

/** Was the air tested, within limits, and lately enough? */
export function judgeGasTime({ plan, gas, suspension }: Pick<Permit, 'plan' | 'gas' | 'suspension'>, now: Instant): readonly Finding[] {
  if (!plan.needsGasTest) return []
  if (!gas) return [finding('hold', 'permit.gas-not-tested', {}, [FIRE_SOURCES.gasRetest])]
  if (!gas.isWithin) return [finding('hold', 'permit.gas-out', { lelPercent: gas.lelPercent, oxygenPercent: gas.oxygenPercent }, [FIRE_SOURCES.usConfined])]
  const longBreak = suspension !== null && gas.at <= suspension.at && Date.parse(now) - Date.parse(suspension.at) > BREAK_MIN * 60_000
  return longBreak || minutesAfter(gas.at, plan.retestMin) <= now ? [finding('hold', 'permit.gas-retest-due', { sinceIso: longBreak ? suspension.at : minutesAfter(gas.at, plan.retestMin) }, [FIRE_SOURCES.gasRetest])] : []
}

/** What is wrong with the things a permit rests on: an extinguisher in service at hand, nothing assigned to it tagged out. */
export function judgePermitKit(kit: readonly ItemFact[], now: Instant): readonly Finding[] {
  const out = kit.filter(({ findings, validUntil }) => validUntil <= now || findings.some(({ severity, code }) => (severity === 'hold' || severity === 'stop') && code !== 'kit.look-due'))
  const extinguisher = kit.some(item => item.kind === 'extinguisher' && !out.includes(item))
  return [...out.map(({ tag, kind }) => finding('hold', 'permit.kit-out', { tag, kind })), ...extinguisher ? [] : [finding('hold', 'permit.no-extinguisher', {}, [FIRE_SOURCES.extinguisherAtWork])]]
}
