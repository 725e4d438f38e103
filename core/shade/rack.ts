import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { BatteryStateId, CoverPlateStateId, HelmetCheckId, HelmetFit, HelmetKindId } from '../ids/protection-ids'
import { PROTECTION_SOURCES } from '../source/protection-sources'
import { SOURCES } from '../source/sources'
import { requiredShade } from './required-shade'
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

export interface RackPerson {
  /** Sees better, or has fewer headaches, one shade darker. */
  readonly oneDarker?: boolean
  /** Found by going from the darkest until the puddle was just seen. */
  readonly settledShade?: number
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

/** What the jobs of a day ask of one helmet. */
interface Needed {
  readonly minimum: number
  readonly start: number
}

/** Each band offers whole shades from its lightest, and its darkest. */
const offered = ({ shades }: RackHelmet): readonly number[] =>
  [...new Set(shades.flatMap(([light, dark]) => [
    ...Array.from({ length: Math.floor(dark) - Math.ceil(light) + 1 }, (_, i) => Math.ceil(light) + i),
    light,
    dark,
  ]))].toSorted((a, b) => a - b)

/** What a helmet is to be set to, and what has to be said of that. */
interface Chosen { readonly shade: number | null, readonly findings: readonly Finding[] }

/** The shade it is best set to, never under the least; null with why where it has none. */
function bestShade(helmet: RackHelmet, { minimum, start }: Needed): Chosen {
  const { nextShade } = PROTECTION_SOURCES
  const shades = offered(helmet)
  const allowed = shades.filter(shade => shade >= minimum && shade <= start + DARKER_AT_MOST)
  if (allowed.length === 0) {
    const above = shades.find(shade => shade > start + DARKER_AT_MOST)
    const below = shades.findLast(shade => shade < minimum) ?? null
    return {
      shade: null,
      findings: [above === undefined
        ? finding('hold', 'helmet.too-light', { darkest: shades.at(-1) ?? 0, minimum }, [SOURCES.usEyeDuty])
        : finding('hold', 'helmet.gap', { below, above, minimum, start }, [nextShade])],
    }
  }
  // At the start, or the next darker; only where there is none darker, the darkest lighter one.
  const shade = allowed.find(one => one >= start) ?? allowed.at(-1)!
  return { shade, findings: shade < start ? [finding('caution', 'helmet.lighter-than-start', { shade, start }, [nextShade])] : [] }
}

/** What has to be seen to before it is worn, and what nothing mends at the rack. */
function stateOf(helmet: RackHelmet, shade: number | null): readonly Finding[] {
  const { kind, lightState, switchingMs, battery, coverPlates, checkedToday } = helmet
  const { shopPractice } = SOURCES
  const { switchingTime } = PROTECTION_SOURCES
  const findings: Finding[] = []
  if (checkedToday === 'failed') findings.push(finding('hold', 'helmet.check-failed', {}, [shopPractice]))
  if (kind === 'auto') {
    if (battery === 'flat') findings.push(finding('hold', 'helmet.battery-flat', {}, [shopPractice]))
    if (lightState === undefined || switchingMs === undefined) findings.push(finding('hold', 'helmet.flash-unknown', {}, [switchingTime]))
    else if (shade !== null) {
      const flashS = flashSeconds(lightState, shade, switchingMs)
      if (flashS > FLASH_AT_MOST_S)
        findings.push(finding('hold', 'helmet.flash-too-long', { flashS, allowedS: FLASH_AT_MOST_S, switchingMs }, [switchingTime]))
    }
    if (battery === undefined || battery === 'low') findings.push(finding('caution', 'helmet.battery-to-see-to', {}, [shopPractice]))
  }
  if (coverPlates !== 'sound') findings.push(finding('caution', 'helmet.plates-to-see-to', {}, [shopPractice]))
  if (checkedToday === undefined) findings.push(finding('caution', 'helmet.check-due', {}, [shopPractice]))
  return findings
}

/** A caution that somebody mends at the rack: until then the helmet does not fit as it is. */
const STEPS: ReadonlySet<string> = new Set([
  'helmet.set-to', 'helmet.set-unknown', 'helmet.battery-to-see-to', 'helmet.plates-to-see-to', 'helmet.check-due',
])
const stepsOf = (findings: readonly Finding[]): number => findings.filter(({ code }) => STEPS.has(code)).length

function fitOf(helmet: RackHelmet, needed: Needed | null): RackFit {
  const { nextShade } = PROTECTION_SOURCES
  const { shade, findings: ofShade } = needed === null ? { shade: null, findings: [] } : bestShade(helmet, needed)
  const findings: Finding[] = [...ofShade, ...stateOf(helmet, shade)]
  if (needed !== null && shade !== null) {
    const { setTo } = helmet
    if (helmet.kind === 'fixed' || (setTo !== undefined && setTo >= needed.minimum && setTo === shade))
      findings.push(finding('note', 'helmet.set-right', { shade }, [nextShade]))
    else
      findings.push(setTo === undefined
        ? finding('caution', 'helmet.set-unknown', { shade }, [nextShade])
        : finding('caution', 'helmet.set-to', { shade }, [nextShade]))
  }
  const cannot = findings.some(({ severity }) => severity === 'hold')
  const fit = cannot ? 'cannot' : stepsOf(findings) > 0 ? 'with-a-step' : 'as-set'
  return { id: helmet.id, fit, setTo: cannot ? null : shade, findings }
}

/**
 * Which helmets of a rack do for the jobs of a day and for a person: as they are set, with a step that is named, or not, and why.
 * One helmet answers for all the jobs: the darkest least and the darkest start of them count, and it is said where they lie apart.
 * The person's own shade counts where it is darker, and never brings a job under its least.
 * Source: the shade tables of `requiredShade`; `nextShade` and `switchingTime` for the lens.
 *
 * @param jobs what is done in the day, one or more
 */
export function solveRack(
  jobs: readonly ShadeQuestion[],
  helmets: readonly RackHelmet[],
  { person = {}, rules }: { readonly person?: RackPerson, readonly rules?: ShadeRules } = {},
): Rack {
  const answers = jobs.map(job => requiredShade(job, rules))
  const held = answers.flatMap(({ findings }) => findings.filter(({ severity }) => severity === 'hold' || severity === 'stop'))
  const findings: Finding[] = [...held]
  if (held.length > 0 || answers.length === 0) {
    const unknown = finding('hold', 'helmet.shade-not-known', {})
    findings.push(unknown)
    const none = helmets.map(({ id }): RackFit => ({ id, fit: 'cannot', setTo: null, findings: [unknown] }))
    return { minimum: null, start: null, findings, helmets: none }
  }
  const minima = answers.flatMap(({ minimum }) => minimum ?? [])
  if (minima.length === 0) findings.push(finding('note', 'helmet.no-shade-needed', {}))
  const starts = answers.flatMap(({ start, minimum }) => start ?? minimum ?? [])
  const minimum = minima.length === 0 ? null : Math.max(...minima)
  let start = minimum === null ? null : Math.max(minimum, ...starts)
  if (starts.length > 1 && Math.min(...starts) < Math.max(...starts))
    findings.push(finding('caution', 'helmet.jobs-differ', { lightest: Math.min(...starts), darkest: Math.max(...starts) }))
  if (start !== null && minimum !== null) {
    if (person.settledShade !== undefined) {
      start = Math.max(minimum, person.settledShade)
      findings.push(finding('note', 'helmet.settled', { shade: start }))
    }
    if (person.oneDarker) {
      start += 1
      findings.push(finding('note', 'helmet.one-darker', { start }))
    }
  }
  const needed = minimum === null || start === null ? null : { minimum, start }
  const order: Readonly<Record<HelmetFit, number>> = { 'as-set': 0, 'with-a-step': 1, 'cannot': 2 }
  const fits = helmets.map(helmet => fitOf(helmet, needed))
  return {
    minimum,
    start,
    findings,
    helmets: fits.toSorted((a, b) =>
      order[a.fit] - order[b.fit]
      || stepsOf(a.findings) - stepsOf(b.findings)
      || Math.abs((a.setTo ?? 0) - (start ?? 0)) - Math.abs((b.setTo ?? 0) - (start ?? 0))
      || (a.id < b.id ? -1 : 1)),
  }
}
