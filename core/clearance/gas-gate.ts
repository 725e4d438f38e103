import type { CylinderFact } from '../cylinder/cylinder-fact'
import { fireRole } from '../cylinder/gas'
import { drawsNothing, drawsOf } from '../cylinder/gas-draws'
import type { Draw } from '../cylinder/gas-draws'
import { gasNeed } from '../cylinder/gas-need'
import { withdrawal } from '../cylinder/withdrawal'
import type { DutyKind } from '../cylinder/withdrawal'
import type { Finding } from '../findings/finding'
import { closes, finding } from '../findings/finding'
import type { HouseRules } from '../streams/house-rules/house-rules'
import { dayWork } from '../job/day-work'
import type { DayJob } from '../job/day-work'
import type { Job } from '../job/job'
import type { Station } from '../streams/station/station'
import type { Instant } from '../time/instant'
import { earliestOf, isAfter, stands } from '../time/instant'
import { PROCESS_TRAITS } from '../job/process-traits'
import type { Gate } from './gate'
import { gateFrom } from './gate'
import { ofGate, outOfService, sayMissingKit, sortItemFindings } from './kit-around'
import type { KitAround, NeededKit } from './kit-around'

/** A flame has a regulator and an arrestor for each gas, hoses and a torch; an arc has a regulator for each gas. */
function kitFor(job: Job, draws: readonly Draw[]): readonly NeededKit[] {
  const regulators: NeededKit = { kinds: ['regulator'], count: draws.length }
  return PROCESS_TRAITS[job.process].heat === 'flame'
    ? [
        regulators,
        { kinds: ['flashback-arrestor'], count: draws.length },
        { kinds: ['hose'], count: 1 },
        { kinds: ['oxy-fuel-torch'], count: 1 },
      ]
    : [regulators]
}

/** What speaks about one cylinder here. */
function judgeCylinder(
  { tag, findings, validUntil, settlesAt, leakTest, isConnected, left }: CylinderFact,
  { pastDueHolds }: HouseRules,
  now: Instant,
  found: Finding[],
  missing: Finding[],
): void {
  if (!stands(validUntil, now)) {
    missing.push(finding('hold', 'gate.facts-stale', { tag }))
    return
  }
  // Beside the one in use, a cylinder without a regulator matters only where it is a danger in itself.
  const matter = isConnected
    ? findings
    : findings.filter(({ severity, code }) => severity === 'stop' || code === 'kit.tagged-out' || code === 'cylinder.not-secured')
  found.push(
    ...matter.map(said => (pastDueHolds && said.code === 'cylinder.past-due-here' ? { ...said, severity: 'hold' as const } : said)),
  )
  if (!isConnected) return
  if (settlesAt !== null && stands(settlesAt, now))
    found.push(finding('hold', 'cylinder.settling', { tag, untilIso: settlesAt }, ['settling']))
  if (leakTest === null || !stands(leakTest.validUntil, now) || leakTest.missing.length > 0)
    missing.push(finding('hold', 'gas.not-leak-tested', { tag }, ['leakTest']))
  if (left === null || !stands(left.validUntil, now)) missing.push(finding('hold', 'gas.not-read', { tag }))
}

/** Arc or flame for half of the hour or more empties a cylinder as a steady draw does; a heating head always does. */
const dutyOf = ({ tip, arcMinPerH }: Job): DutyKind =>
  tip?.startsWith('heating') || (arcMinPerH ?? 60) >= 30 ? 'continuous' : 'intermittent'

function judgeAmount(
  draw: Draw,
  here: readonly CylinderFact[],
  { job, earlierJobs }: { readonly job: Job, readonly earlierJobs: readonly DayJob[] },
  rules: HouseRules,
  now: Instant,
  found: Finding[],
  missing: Finding[],
): void {
  const need = gasNeed(job, draw.need, job.fuelGas, rules.shopDayHour)
  if (need === null) {
    missing.push(finding('hold', 'gas.flow-unknown', { need: draw.need }))
    return
  }
  if (draw.need === 'fuel' && job.fuelGas === 'acetylene') {
    const full = here.map(({ fullM3 }) => fullM3)
    if (full.includes(null)) missing.push(finding('hold', 'gas.full-unknown', { tag: here.find(({ fullM3 }) => fullM3 === null)!.tag }))
    else {
      const answer = withdrawal({ contentM3: Math.min(...full.map(m3 => m3!)), demandM3PerH: need.flowM3PerH, duty: dutyOf(job) })
      if (answer.cylindersNeeded > here.length) found.push(...answer.findings.filter(({ severity }) => severity === 'hold'))
    }
  }
  if (here.some(({ left }) => left === null || !stands(left.validUntil, now))) return
  const readAt = earliestOf(here.map(({ left }) => left!.at))!
  const drawnM3 = drawnSince(readAt, draw, here, job, earlierJobs, rules, now)
  const leftM3 = here.reduce((sum, { left }) => sum + left!.lowM3, 0)
  if (need.jobM3 === null || drawnM3 === null) missing.push(finding('hold', 'gas.time-unknown', {}))
  else if (leftM3 < need.jobM3 + drawnM3)
    found.push(
      finding('hold', 'gas.not-enough', { need: draw.need, leftM3: Math.max(0, leftM3 - drawnM3), neededM3: need.jobM3 }, [
        'residualPressure',
      ]),
    )
  else found.push(finding('note', 'gas.enough', { need: draw.need, leftM3: leftM3 - drawnM3, neededM3: need.jobM3 }))
}

/**
 * What earlier jobs of today took of this gas since it was read, m³; null where one of them does not say. What went on while it was read
 * counts in full.
 */
function drawnSince(
  readAt: Instant,
  { need }: Draw,
  here: readonly CylinderFact[],
  job: Job,
  earlierJobs: readonly DayJob[],
  rules: HouseRules,
  now: Instant,
): number | null {
  const ended = new Map(earlierJobs.map(one => [one.job, one.untilAt]))
  let total: number | null = 0
  for (const span of dayWork(earlierJobs, job, rules.shopDayHour, now)) {
    const untilAt = ended.get(span.job)
    if (span.job === job || (untilAt != null && !isAfter(untilAt, readAt))) continue
    if (
      !drawsOf(
        span.job,
        here.map(({ gas }) => gas),
      ).some(draw => draw.need === need && here.some(({ gas }) => draw.gives(gas)))
    )
      continue
    const one = gasNeed(span.job, need, span.job.fuelGas, rules.shopDayHour)
    if (one === null || span.job.arcMinPerH === undefined) return null
    total += (((one.flowM3PerH * (span.toMin - span.fromMin)) / 60) * span.job.arcMinPerH) / 60
  }
  return total
}

/**
 * Connected and not what the job draws: said first. What burns or feeds a fire holds whatever is welded; inert gas beside a job that takes
 * none is only said.
 */
function judgeStrangers(job: Job, cylinders: readonly CylinderFact[], draws: readonly Draw[]): readonly Finding[] {
  return cylinders.filter(({ gas, isConnected }) => isConnected && !draws.some(draw => draw.gives(gas)))
    .map(({ tag, gas }) => finding(drawsNothing(job) && fireRole(gas) === 'inert' ? 'caution' : 'hold', 'gas.not-for-this-job', { tag }))
}

/** Standing disconnected at a bay they are in store where nobody measured: oxygen and fuel together count as too near. */
function judgeLeftStanding(cylinders: readonly CylinderFact[]): readonly Finding[] {
  const idle = cylinders.filter(({ isConnected }) => !isConnected)
  const [fuel, oxygen] = (['fuel', 'feeds'] as const).map(role => idle.find(({ gas }) => fireRole(gas) === role))
  return fuel && oxygen ? [finding('hold', 'storage.left-at-bay', { first: oxygen.tag, second: fuel.tag }, ['usSeparation'])] : []
}

/**
 * Are the right cylinders here, secured, settled, in date as the site wants it, leak-tested today, with regulator and
 * arrestors in date, and is enough gas left for the job?
 */
export function judgeGas({ job, earlierJobs }: Station, { items, cylinders }: KitAround, rules: HouseRules, now: Instant): Gate {
  if (job === null)
    return gateFrom(
      'gas',
      [...outOfService(ofGate(items, 'gas'), cylinders), ...judgeLeftStanding(cylinders)],
      [finding('hold', 'gate.job-first', { gate: 'gas' })],
    )
  const draws = drawsOf(job, cylinders.filter(({ isConnected }) => isConnected).map(({ gas }) => gas))
  const strangers = [...judgeStrangers(job, cylinders, draws), ...judgeLeftStanding(cylinders)]
  if (drawsNothing(job)) {
    // A leaking or burning cylinder stops the place whatever is welded there.
    const dangers = [...strangers, ...outOfService([], cylinders).filter(({ severity }) => severity === 'stop')]
    const isClosed = dangers.some(closes)
    return isClosed
      ? gateFrom('gas', dangers)
      : {
          gate: 'gas',
          state: 'not-needed',
          findings: [...strangers, finding('note', 'gate.not-needed', { gate: 'gas', process: job.process })],
        }
  }
  const found: Finding[] = [...strangers]
  const missing: Finding[] = []
  const here = ofGate(items, 'gas')
  for (const cylinder of cylinders) judgeCylinder(cylinder, rules, now, found, missing)
  for (const draw of draws) {
    const giving = cylinders.filter(({ gas, isConnected }) => isConnected && draw.gives(gas))
    if (giving.length === 0)
      missing.push(
        finding('hold', 'gas.none-connected', {
          need: draw.need,
          shieldingGas: draw.need === 'shielding' ? (job.shieldingGas ?? null) : null,
        }),
      )
    else judgeAmount(draw, giving, { job, earlierJobs }, rules, now, found, missing)
  }
  sayMissingKit(here, kitFor(job, draws), missing)
  sortItemFindings(here, now, found, missing)
  return gateFrom('gas', found, missing)
}
