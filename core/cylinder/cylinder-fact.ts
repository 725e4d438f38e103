import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { HouseRules } from '../streams/house-rules/house-rules'
import type { Instant } from '../time/instant'
import { judgeAcetylenePressure } from './acetylene-pressure'
import { contentsByPressure, contentsByWeight, GASES_BY_WEIGHT, pressureRefusal } from './contents'
import type { Contents } from './contents'
import type { CylinderState } from '../streams/cylinder/cylinder'
import type { GasContent } from './gas'
import { partsOf } from './gas'
import { jointsFor } from './guided-steps'
import { requalification } from './requalification'
import type { Requalification } from './requalification'
import type { JointId } from '../ids/cylinder-ids'

/** What a board needs to know of a cylinder: worked out once for a shop day, good until it ends. Clocks stay instants. */
export interface CylinderFact {
  readonly tag: string
  readonly gas: GasContent
  readonly bayId: string | null
  readonly isConnected: boolean
  readonly settlesAt: Instant | null
  readonly leakTest: {
    readonly at: Instant
    readonly validUntil: Instant
    readonly leaking: readonly JointId[]
    readonly missing: readonly JointId[]
  } | null
  /** Free gas that can be drawn, at the low end, as of the last reading; null when it was never read. */
  readonly left: { readonly lowM3: number, readonly at: Instant, readonly validUntil: Instant } | null
  readonly fullM3: number | null
  readonly deliveryKPa: number | null
  /** Whatever stands against it, or is worth a word. */
  readonly findings: readonly Finding[]
  readonly validUntil: Instant
}

/** The shoulder of a cylinder read under the rules of its gas. */
export const requalificationOf = ({ stamps, gas, waterVolumeL, filledInPlace, filledOn }: CylinderState, today: string): Requalification =>
  requalification({
    stamps,
    gas,
    today,
    ...(waterVolumeL === undefined ? {} : { waterVolumeL }),
    ...(filledInPlace === undefined ? {} : { filledInPlace }),
    ...(filledOn === undefined ? {} : { filledOn }),
  })

/** What its last reading comes to; null when it was never read, or the reading cannot be used without its volume or tare. */
export function contentsOf({ gas, reading, waterVolumeL, tareKg }: CylinderState, flowLPerMin?: number): Contents | null {
  if (!reading) return null
  const flow = flowLPerMin === undefined ? {} : { flowLPerMin }
  if (reading.by === 'pressure') {
    if (waterVolumeL === undefined || pressureRefusal(gas)) return null
    return contentsByPressure({
      gas,
      waterVolumeL,
      gaugePressureKPa: reading.gaugePressureKPa,
      temperatureC: reading.temperatureC,
      ...flow,
    })
  }
  const [only, ...more] = partsOf(gas)
  if (tareKg === undefined || reading.grossKg < tareKg || !only || more.length > 0 || !GASES_BY_WEIGHT.includes(only.gas)) return null
  return contentsByWeight({ gas: only.gas, grossKg: reading.grossKg, tareKg, ...flow })
}

/** What can be drawn at least: by pressure, what stays in the cylinder is taken off. */
export function drawableM3(cylinder: CylinderState): number | null {
  // One litre a minute: litres that can be drawn are minutes.
  const contents = contentsOf(cylinder, 1)
  return contents?.minutesLeftLow == null ? null : contents.minutesLeftLow / 1000
}

/** Its gas when full: from the label, or from its volume at the pressure stamped for filling. */
export function fullGasM3(cylinder: CylinderState, fillPressureKPa: number | null): number | null {
  const { gas, fullM3, waterVolumeL } = cylinder
  if (fullM3 !== undefined) return fullM3
  if (waterVolumeL === undefined || fillPressureKPa === null || pressureRefusal(gas)) return null
  return contentsByPressure({ gas, waterVolumeL, gaugePressureKPa: fillPressureKPa, temperatureC: 21.1 }).freeGasM3
}

/** Findings of the shoulder worth a word on a board; the rest stays on the cylinder's own page. */
function testFindings({ tag, owner }: CylinderState, read: Requalification): readonly Finding[] {
  if (read.rule === null) return [finding('hold', 'cylinder.test-date-unknown', { tag }, read.findings[0]?.sources ?? [])]
  if (read.findings.some(({ code }) => code === 'cylinder.filled-when-unknown'))
    return [finding('hold', 'cylinder.fill-date-unknown', { tag, dueOn: read.nextDue! }, ['ownerTests'])]
  if (!read.mayUseUp) return [finding('hold', 'cylinder.not-to-be-used', { tag, dueOn: read.nextDue ?? '' }, ['ownerTests'])]
  return read.overdue
    ? [finding('caution', 'cylinder.past-due-here', { tag, dueOn: read.nextDue!, owner }, ['ownerTests'])]
    : []
}

/**
 * How a cylinder stands for a shop day.
 *
 * @param today the shop day, YYYY-MM-DD
 * @param validUntil when that day ends
 */
export function cylinderFact(
  cylinder: CylinderState,
  rules: Pick<HouseRules, 'jurisdiction'>,
  today: string,
  validUntil: Instant,
): CylinderFact {
  const { tag, gas, standing, stance, isConnected, settlesAt, reading, leakTest, deliveryKPa, danger, taggedOut, isEmpty } = cylinder
  const findings: Finding[] = []
  if (danger) findings.push(finding('stop', 'cylinder.danger', { tag, danger: danger.danger }))
  if (taggedOut && !danger) findings.push(finding('hold', 'kit.tagged-out', { tag, reason: taggedOut.reason, checks: [] }))
  if (deliveryKPa !== null && partsOf(gas).some(part => part.gas === 'acetylene'))
    findings.push(...judgeAcetylenePressure(deliveryKPa, rules.jurisdiction))
  // Standing as nobody said is not known to stand.
  if (!stance?.isUpright || !stance.isSecured)
    findings.push(finding('hold', 'cylinder.not-secured', { tag }, ['usCylinderHandling']))
  if (isEmpty) findings.push(finding('hold', 'cylinder.empty', { tag }))
  const read = requalificationOf(cylinder, today)
  findings.push(...testFindings(cylinder, read))
  const lowM3 = drawableM3(cylinder)
  const asked = jointsFor(gas)
  return {
    tag,
    gas,
    bayId: standing?.in === 'bay' ? standing.bayId : null,
    isConnected,
    settlesAt,
    deliveryKPa,
    leakTest: leakTest && {
      at: leakTest.at,
      validUntil: leakTest.validUntil,
      leaking: asked.filter(joint => leakTest.joints[joint] === false),
      missing: asked.filter(joint => leakTest.joints[joint] === undefined),
    },
    left: reading && lowM3 !== null ? { lowM3, at: reading.at, validUntil: reading.validUntil } : null,
    fullM3: fullGasM3(cylinder, read.fillPressureKPa),
    findings,
    validUntil,
  }
}
