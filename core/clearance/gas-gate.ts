import type { CylinderFact } from '../cylinder/cylinder-fact'
import { partsOf, fireRole } from '../cylinder/gas'
import type { GasContent } from '../cylinder/gas'
import { gasNeed } from '../cylinder/gas-need'
import type { GasNeedId } from '../cylinder/gas-need'
import { withdrawal } from '../cylinder/withdrawal'
import type { DutyKind } from '../cylinder/withdrawal'
import type { Finding } from '../finding'
import { finding } from '../finding'
import type { HouseRules } from '../houserules/house-rules'
import type { Job } from '../job/job'
import { KIT_SOURCES } from '../source/kit-sources'
import type { Instant, Station } from '../station/station'
import { PROCESS_TRAITS } from '../vocabulary/process-traits'
import type { CylinderGasId, ShieldingGasId } from '../vocabulary/vocabulary'
import type { Gate } from './gate'
import { gateFrom } from './gate'
import { ofGate, outOfService, sayMissingKit, sortItemFindings } from './kit-around'
import type { KitAround, NeededKit } from './kit-around'

/** Parts of a shielding gas: just these, whatever their shares. The label and the data sheet of the wire say the shares. */
const SHIELD_PARTS: Readonly<Record<Exclude<ShieldingGasId, 'none'>, readonly CylinderGasId[]>> = {
  'argon': ['argon'], 'argon-co2': ['argon', 'carbon-dioxide'], 'co2': ['carbon-dioxide'], 'argon-oxygen': ['argon', 'oxygen'],
  'argon-helium': ['argon', 'helium'], 'helium': ['helium'], 'tri-mix': ['argon', 'carbon-dioxide', 'helium'],
}

/** One gas that the process draws, and which content gives it. */
interface Draw { readonly need: GasNeedId, readonly gives: (gas: GasContent) => boolean }

const holdsJust = (gas: GasContent, parts: readonly CylinderGasId[]): boolean => {
  const held = partsOf(gas).map(part => part.gas)
  return held.length === parts.length && parts.every(part => held.includes(part))
}
const shieldOf = ({ shieldingGas }: Job): Draw => ({ need: 'shielding', gives: gas => shieldingGas !== undefined && shieldingGas !== 'none' && holdsJust(gas, SHIELD_PARTS[shieldingGas]) })
const FUEL: Draw = { need: 'fuel', gives: gas => fireRole(gas) === 'fuel' }
const OXYGEN: Draw = { need: 'oxygen', gives: gas => fireRole(gas) === 'feeds' }
const CUTTING: Draw = { need: 'cutting', gives: gas => fireRole(gas) !== 'feeds' || partsOf(gas).some(part => part.gas === 'oxygen') }

/** What a job draws. Brazing and soldering may burn in the air around: oxygen is asked only where it is connected. */
function drawsOf(job: Job, cylinders: readonly CylinderFact[]): readonly Draw[] {
  const { heat } = PROCESS_TRAITS[job.process]
  if (job.process === 'pac') return [CUTTING]
  if (heat !== 'flame') return [shieldOf(job)]
  const isWithoutOxygen = (job.process === 'tb' || job.process === 'ts') && !cylinders.some(({ gas }) => OXYGEN.gives(gas))
  return isWithoutOxygen ? [FUEL] : [OXYGEN, FUEL]
}

/** A flame has a regulator and an arrestor for each gas, hoses and a torch; an arc has a regulator for each gas. */
function kitFor(job: Job, draws: readonly Draw[]): readonly NeededKit[] {
  const regulators: NeededKit = { kinds: ['regulator'], count: draws.length }
  return PROCESS_TRAITS[job.process].heat === 'flame'
    ? [regulators, { kinds: ['flashback-arrestor'], count: draws.length }, { kinds: ['hose'], count: 1 }, { kinds: ['oxy-fuel-torch'], count: 1 }]
    : [regulators]
}

/** What speaks about one cylinder here. */
function judgeCylinder({ tag, findings, validUntil, settlesAt, leakTest, isConnected, left }: CylinderFact, { pastDueHolds }: HouseRules, now: Instant, found: Finding[], missing: Finding[]): void {
  if (validUntil <= now) {
    missing.push(finding('hold', 'gate.facts-stale', { tag }))
    return
  }
  // Beside the one in use, a cylinder without a regulator matters only where it is a danger in itself.
  const matter = isConnected ? findings : findings.filter(({ severity, code }) => severity === 'stop' || code === 'kit.tagged-out' || code === 'cylinder.not-secured')
  found.push(...matter.map(said => pastDueHolds && said.code === 'cylinder.past-due-here' ? { ...said, severity: 'hold' as const } : said))
  if (!isConnected) return
  if (settlesAt !== null && settlesAt > now) found.push(finding('hold', 'cylinder.settling', { tag, untilIso: settlesAt }, [KIT_SOURCES.settling]))
  if (leakTest === null || leakTest.validUntil <= now || leakTest.missing.length > 0) missing.push(finding('hold', 'gas.not-leak-tested', { tag }, [KIT_SOURCES.leakTest]))
  if (left === null || left.validUntil <= now) missing.push(finding('hold', 'gas.not-read', { tag }))
}

/** Arc or flame for half of the hour or more empties a cylinder as a steady draw does; a heating head always does. */
const dutyOf = ({ tip, arcMinPerH }: Job): DutyKind => tip?.startsWith('heating') || (arcMinPerH ?? 60) >= 30 ? 'continuous' : 'intermittent'

function judgeAmount(draw: Draw, here: readonly CylinderFact[], job: Job, rules: HouseRules, now: Instant, found: Finding[], missing: Finding[]): void {
  const fuel = here.flatMap(({ gas }) => partsOf(gas).map(part => part.gas)).find(gas => gas !== 'oxygen') ?? 'acetylene'
  const need = gasNeed(job, draw.need, fuel, rules.shopDayHour)
  if (need === null) {
    missing.push(finding('hold', 'gas.flow-unknown', { need: draw.need }))
    return
  }
  if (draw.need === 'fuel' && fuel === 'acetylene') {
    const full = here.map(({ fullM3 }) => fullM3)
    if (full.includes(null)) missing.push(finding('hold', 'gas.full-unknown', { tag: here.find(({ fullM3 }) => fullM3 === null)!.tag }))
    else {
      const answer = withdrawal({ contentM3: Math.min(...full.map(m3 => m3!)), demandM3PerH: need.flowM3PerH, duty: dutyOf(job) })
      if (answer.cylindersNeeded > here.length) found.push(...answer.findings.filter(({ severity }) => severity === 'hold'))
    }
  }
  if (here.some(({ left }) => left === null || left.validUntil <= now)) return
  const leftM3 = here.reduce((sum, { left }) => sum + left!.lowM3, 0)
  if (need.jobM3 === null) missing.push(finding('hold', 'gas.time-unknown', {}))
  else if (leftM3 < need.jobM3) found.push(finding('hold', 'gas.not-enough', { need: draw.need, leftM3, neededM3: need.jobM3 }, [KIT_SOURCES.residualPressure]))
  else found.push(finding('note', 'gas.enough', { need: draw.need, leftM3, neededM3: need.jobM3 }))
}

/**
 * Are the right cylinders here, secured, settled, in date as the site wants it, leak-tested today, with regulator and
 * arrestors in date, and is enough gas left for the job?
 */
export function judgeGas({ job }: Station, { items, cylinders }: KitAround, rules: HouseRules, now: Instant): Gate {
  if (job === null) return gateFrom('gas', outOfService(ofGate(items, 'gas'), cylinders), [finding('hold', 'gate.job-first', { gate: 'gas' })])
  const isOnShopAir = job.process === 'pac' && job.shieldingGas === 'none'
  if (!PROCESS_TRAITS[job.process].usesGas || isOnShopAir) {
    // A leaking or burning cylinder stops the place whatever is welded there.
    const dangers = outOfService([], cylinders).filter(({ severity }) => severity === 'stop')
    return dangers.length > 0 ? gateFrom('gas', dangers) : { gate: 'gas', state: 'not-needed', findings: [finding('note', 'gate.not-needed', { gate: 'gas', process: job.process })] }
  }
  const found: Finding[] = []
  const missing: Finding[] = []
  const here = ofGate(items, 'gas')
  const draws = drawsOf(job, cylinders)
  for (const cylinder of cylinders) judgeCylinder(cylinder, rules, now, found, missing)
  for (const draw of draws) {
    const giving = cylinders.filter(({ gas, isConnected }) => isConnected && draw.gives(gas))
    if (giving.length === 0) missing.push(finding('hold', 'gas.none-connected', { need: draw.need, shieldingGas: draw.need === 'shielding' ? job.shieldingGas ?? null : null }))
    else judgeAmount(draw, giving, job, rules, now, found, missing)
  }
  for (const { tag, gas, isConnected } of cylinders) {
    if (isConnected && !draws.some(draw => draw.gives(gas))) found.push(finding('caution', 'gas.not-for-this-job', { tag }))
  }
  sayMissingKit(here, kitFor(job, draws), missing)
  sortItemFindings(here, now, found, missing)
  return gateFrom('gas', found, missing)
}
