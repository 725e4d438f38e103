import type { Finding } from '../findings/finding'
import { closes, finding } from '../findings/finding'
import type { BatteryStateId, CoverPlateStateId, HelmetCheckId, HelmetFit, HelmetKindId } from '../ids/protection-ids'
import { requiredShade } from './required-shade'
import { setFirst, settableShades } from './settable-shades'
import { personalStart } from './settled-shade'
import type { Sight } from './settled-shade'
import { shadeForComparing } from './shade-number'
import type { ShadeQuestion, ShadeRules } from './shade-question'

/** One helmet of the rack. What is left out is not known: it never makes a helmet fit as it is. */
export interface RackHelmet {
  readonly id: string
  readonly kind: HelmetKindId
  /** Shades it can be set to, lightest and darkest of each band; a fixed lens has one of one shade. */
  readonly shades: readonly (readonly [number, number])[]
  readonly setTo?: number
  /** Shade before it turns dark. */
  readonly lightState?: number
  /** From arc to dark, ms. */
  readonly switchingMs?: number
  readonly battery?: BatteryStateId
  readonly coverPlates?: CoverPlateStateId
  readonly checkedToday?: HelmetCheckId
}

export interface RackFit {
  readonly id: string
  readonly fit: HelmetFit
  /** What it is to be set to; null where it cannot do the job, or no shade is needed. */
  readonly setTo: number | null
  readonly findings: readonly Finding[]
}

export interface Rack {
  readonly minimum: number | null
  readonly start: number | null
  /** The best first. */
  readonly helmets: readonly RackFit[]
  readonly findings: readonly Finding[]
}

/** Beyond this many shades darker than the start the puddle is not seen, and the helmet is lifted to look. Our reading of `nextShade`. */
const DARKER_AT_MOST = 2
/**
 * The light of one strike before a lens is dark, as seconds of looking through it dark: t·10^(3·(dark − light)/7). The published times
 * come to about forty of them wherever they are remembered. Source: `switchingTime`.
 */
const FLASH_AT_MOST_S = 40
export const flashSeconds = (light: number, dark: number, switchingMs: number): number =>
  switchingMs / 1000 * 10 ** (3 * (dark - light) / 7)

/** What one job asks of a helmet: its shade is not lighter than the least, and not so dark that the weld is not seen. */
interface Needed {
  readonly minimum: number
  readonly start: number
}
const answers = ({ minimum, start }: Needed) => (shade: number): boolean =>
  shadeForComparing(shade) >= minimum && shade <= start + DARKER_AT_MOST

/** What a helmet is to be set to, and what has to be said of that. */
interface Chosen { readonly shade: number | null, readonly findings: readonly Finding[] }

/** Why a helmet has no shade for a job. */
function whyNone(shades: readonly number[], { minimum, start }: Needed): Finding {
  const above = shades.find(shade => shade > start + DARKER_AT_MOST)
  return above === undefined
    ? finding('hold', 'helmet.too-light', { darkest: shades.at(-1) ?? 0, minimum }, ['usEyeDuty'])
    : finding('hold', 'helmet.gap', { below: shades.findLast(shade => shade < minimum) ?? null, above, minimum, start }, [
        'nextShade',
      ])
}

/**
 * The shade it is best set to, never under the least of any job: one that does for all of them where it has one; else the first job's, and
 * it has to be set before each. As it is set it stays where that does for all, and is not lighter than the start.
 */
function bestShade({ shades: bands, setTo }: RackHelmet, jobs: readonly Needed[]): Chosen {
  const shades = settableShades(bands)
  const none = jobs.filter(job => !shades.some(answers(job)))
  if (none.length > 0) return { shade: null, findings: none.map(job => whyNone(shades, job)) }
  const start = Math.max(...jobs.map(job => job.start))
  const common = shades.filter(shade => jobs.every(job => answers(job)(shade)))
  const isRight = setTo !== undefined && common.includes(setTo) && setTo >= start
  const shade = isRight ? setTo : setFirst(common, start) ?? setFirst(shades.filter(answers(jobs[0]!)), jobs[0]!.start)!
  const findings: Finding[] = []
  if (common.length === 0) findings.push(finding('caution', 'helmet.set-between-jobs', { shade }, ['nextShade']))
  const wanted = common.length === 0 ? jobs[0]!.start : start
  if (shade < wanted) findings.push(finding('caution', 'helmet.lighter-than-start', { shade, start: wanted }, ['nextShade']))
  return { shade, findings }
}

/** What has to be seen to before it is worn, and what nothing mends at the rack. */
function stateOf(helmet: RackHelmet, shade: number | null): readonly Finding[] {
  const { kind, lightState, switchingMs, battery, coverPlates, checkedToday } = helmet
  const findings: Finding[] = []
  if (checkedToday === 'failed') findings.push(finding('hold', 'helmet.check-failed', {}, ['shopPractice']))
  if (kind === 'auto') {
    if (battery === 'flat') findings.push(finding('hold', 'helmet.battery-flat', {}, ['shopPractice']))
    if (lightState === undefined || switchingMs === undefined) findings.push(finding('hold', 'helmet.flash-unknown', {}, ['switchingTime']))
    else if (shade !== null) {
      const flashS = flashSeconds(lightState, shade, switchingMs)
      if (flashS > FLASH_AT_MOST_S)
        findings.push(finding('hold', 'helmet.flash-too-long', { flashS, allowedS: FLASH_AT_MOST_S, switchingMs }, ['switchingTime']))
    }
    if (battery === undefined || battery === 'low') findings.push(finding('caution', 'helmet.battery-to-see-to', {}, ['shopPractice']))
  }
  if (coverPlates !== 'sound') findings.push(finding('caution', 'helmet.plates-to-see-to', {}, ['shopPractice']))
  if (checkedToday === undefined) findings.push(finding('caution', 'helmet.check-due', {}, ['shopPractice']))
  return findings
}

/** A caution that somebody mends at the rack: until then the helmet does not fit as it is. */
const STEPS: ReadonlySet<string> = new Set([
  'helmet.set-to', 'helmet.set-unknown', 'helmet.set-between-jobs', 'helmet.battery-to-see-to', 'helmet.plates-to-see-to',
  'helmet.check-due',
])
const stepsOf = (findings: readonly Finding[]): number => findings.filter(({ code }) => STEPS.has(code)).length

function fitOf(helmet: RackHelmet, jobs: readonly Needed[]): RackFit {
  const { shade, findings: ofShade } = bestShade(helmet, jobs)
  const findings: Finding[] = [...ofShade, ...stateOf(helmet, shade)]
  if (shade !== null) {
    const { kind, setTo } = helmet
    if (kind === 'fixed' || setTo === shade) findings.push(finding('note', 'helmet.set-right', { shade }, ['nextShade']))
    else findings.push(finding('caution', setTo === undefined ? 'helmet.set-unknown' : 'helmet.set-to', { shade }, ['nextShade']))
  }
  const cannot = findings.some(({ severity }) => severity === 'hold')
  const fit = cannot ? 'cannot' : stepsOf(findings) > 0 ? 'with-a-step' : 'as-set'
  return { id: helmet.id, fit, setTo: cannot ? null : shade, findings }
}

/** No helmet is offered, for one reason. */
const noneOf = (helmets: readonly RackHelmet[], findings: readonly Finding[], because: Finding): Rack => ({
  minimum: null,
  start: null,
  findings,
  helmets: helmets.map(({ id }): RackFit => ({ id, fit: 'cannot', setTo: null, findings: [because] })),
})

/**
 * Which helmets of a rack do for the jobs of a day and for a person: as they are set, with a step that is named, or not, and why.
 * One helmet answers for all the jobs, each with its own least and its own start. A settled shade is of the first job, may be lighter than
 * its start, and never brings it under its least. Where a job needs no shade a dark lens only blinds: none is offered.
 * Source: the shade tables of `requiredShade`; `nextShade` and `switchingTime` for the lens.
 *
 * @param jobs what is done in the day, one or more
 */
export function solveRack(
  jobs: readonly ShadeQuestion[],
  helmets: readonly RackHelmet[],
  { person = {}, rules }: { readonly person?: Sight, readonly rules?: ShadeRules } = {},
): Rack {
  const asked = jobs.map(job => requiredShade(job, rules))
  const held = asked.flatMap(({ findings }) => findings.filter(closes))
  const findings: Finding[] = [...held]
  if (held.length > 0 || asked.length === 0) {
    const unknown = finding('hold', 'helmet.shade-not-known', {})
    return noneOf(helmets, [...findings, unknown], unknown)
  }
  const needs = asked.map(({ minimum, start }) => minimum ?? start)
  if (needs.includes(null)) {
    const blinds = finding('hold', 'helmet.no-shade-needed', {}, ['usEyeDuty'])
    return noneOf(helmets, [...findings, blinds], blinds)
  }
  const needed = asked.map(({ start }, index): Needed => {
    const least = needs[index]!
    const { oneDarker } = person
    return { minimum: least, start: personalStart(least, start ?? least, index === 0 ? person : { oneDarker }) }
  })
  const [minimum, start] = [Math.max(...needed.map(one => one.minimum)), Math.max(...needed.map(one => one.start))]
  if (person.settledShade !== undefined)
    findings.push(finding('note', 'helmet.settled', { shade: Math.max(needed[0]!.minimum, person.settledShade) }))
  if (person.oneDarker) findings.push(finding('note', 'helmet.one-darker', { start }))
  const lightest = Math.min(...needed.map(one => one.start))
  if (lightest < start) findings.push(finding('caution', 'helmet.jobs-differ', { lightest, darkest: start }))
  const order: Readonly<Record<HelmetFit, number>> = { 'as-set': 0, 'with-a-step': 1, 'cannot': 2 }
  const fits = helmets.map((helmet) => {
    const fit = fitOf(helmet, needed)
    return { fit, steps: stepsOf(fit.findings) }
  })
  return {
    minimum,
    start,
    findings,
    helmets: fits
      .toSorted(({ fit: a, steps }, { fit: b, steps: otherSteps }) =>
        order[a.fit] - order[b.fit]
        || steps - otherSteps
        || Math.abs((a.setTo ?? 0) - start) - Math.abs((b.setTo ?? 0) - start)
        || (a.id < b.id ? -1 : 1))
      .map(({ fit }) => fit),
  }
}
