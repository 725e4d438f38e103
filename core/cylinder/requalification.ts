import { parseDate, endOfMonth } from '@internationalized/date'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import { GAS_TRAITS, keptAs, partsOf, shareOf } from './gas'
import type { GasContent } from './gas'
import { readStamps } from './read-stamps'
import type { ReadStamps, StampedTest } from './read-stamps'
import { PLUS_SPECIFICATIONS, US_SPECIFICATIONS } from './specifications'
import type { StarVoidReason } from '../ids/cylinder-ids'

/** 125 lb of water. Source: `usStar`. */
const STAR_MAX_WATER_L = 56.7
/** A mix with more carbon dioxide than this loses the star. Source: `usStar`. */
const STAR_MAX_CO2_SHARE = 0.3
const STAR_MADE_AFTER = '1945-12'
/** An S test in 4-series counts seven years: editions print 7, 10 and 12. Source: `usProofPressure`. */
const PROOF_YEARS = 7

export const REQUALIFICATION_RULES = [
  'interval', 'star', 'low-pressure-first', 'low-pressure-proof', 'low-pressure-visual', 'low-pressure-other', 'acetylene-shell',
  'acetylene-filler', 'eu', 'eu-composite', 'never', 'not-refillable',
] as const
export type RequalificationRule = typeof REQUALIFICATION_RULES[number]

/** What a body of rules makes of the marks. */
export interface RequalificationByRuleSet {
  readonly ruleSet: 'by-specification' | 'flat-ten'
  readonly nextDue: string | null
  readonly years: number | null
  readonly binds: boolean
  readonly sources: readonly SourceId[]
}

export interface RequalificationQuestion {
  readonly stamps: string
  readonly gas: GasContent
  readonly waterVolumeL?: number
  /** Filled in a bank, a pack or on a vehicle, without being taken out. */
  readonly filledInPlace?: boolean
  /** YYYY-MM-DD */
  readonly filledOn?: string
  /** YYYY-MM-DD */
  readonly today: string
}

export interface Requalification {
  readonly specification: string | null
  readonly tests: readonly StampedTest[]
  /** YYYY-MM-DD, last day of its month; null when it is not known or never due. */
  readonly nextDue: string | null
  /** Acetylene has two; the earlier is `nextDue`. */
  readonly shellDue: string | null
  readonly fillerDue: string | null
  readonly overdue: boolean | null
  readonly mayFill: boolean
  readonly mayUseUp: boolean
  readonly rule: RequalificationRule | null
  readonly years: number | null
  /** Settled pressure it may be filled to, gauge, kPa: 110 % with a + that still stands. */
  readonly fillPressureKPa: number | null
  readonly ruleSets: readonly RequalificationByRuleSet[]
  readonly findings: readonly Finding[]
}

/** Last day of the month, some years after a month. */
const dueAfter = (on: string, years: number): string => endOfMonth(parseDate(`${on}-01`).add({ years })).toString()
const earlier = (a: string, b: string): string => a < b ? a : b

interface Found {
  readonly nextDue: string | null
  readonly rule: RequalificationRule
  readonly years: number | null
  readonly source: SourceId
  readonly shellDue?: string | null
  readonly fillerDue?: string | null
  readonly findings: readonly Finding[]
}

/** Why the star on the newest date does not count, or null when it does. What is unknown voids it. */
function starVoidBecause({ gas, waterVolumeL, filledInPlace }: RequalificationQuestion, stamps: ReadStamps): StarVoidReason | null {
  const volume = waterVolumeL ?? stamps.waterVolumeL
  const first = stamps.tests[0]!
  // A requalifier's number on the first date shows that the maker's date was not typed. The prefix DOT came about 1967, and speaks for it.
  const isMakersDate = stamps.tests.length > 1 || first.requalifier === null || stamps.prefix === 'DOT'
  const isListed
    = partsOf(gas).every(({ gas: part }) => GAS_TRAITS[part].starListed || part === 'carbon-dioxide')
      && shareOf(gas, 'carbon-dioxide') <= STAR_MAX_CO2_SHARE + 1e-9
  if (!isListed) return 'gas'
  if (volume === null || volume === undefined) return 'size-unknown'
  if (volume > STAR_MAX_WATER_L) return 'too-large'
  if (!isMakersDate) return 'made-unknown'
  if (first.on <= STAR_MADE_AFTER) return 'made-before-1946'
  if (filledInPlace === undefined) return 'filling-unknown'
  return filledInPlace ? 'filled-in-place' : null
}

function seamlessSteel(question: RequalificationQuestion, stamps: ReadStamps, last: StampedTest): Found {
  const reason = last.star ? starVoidBecause(question, stamps) : null
  if (last.star && reason === null)
    return { nextDue: dueAfter(last.on, 10), rule: 'star', years: 10, source: 'usStar', findings: [] }
  return {
    nextDue: dueAfter(last.on, 5), rule: 'interval', years: 5, source: 'usRequalification',
    findings: reason === null ? [] : [finding('caution', 'cylinder.star-void', { reason }, ['usStar'])],
  }
}

/** Fuel gases kept as liquid do not corrode a coated shell: only those get the long intervals. */
function lowPressure({ gas }: RequalificationQuestion, { tests }: ReadStamps, last: StampedTest): Found {
  const isFuelLiquid = partsOf(gas).every(({ gas: part }) => GAS_TRAITS[part].kept === 'liquefied' && GAS_TRAITS[part].fire === 'fuel')
  if (last.letter === 'E')
    return { nextDue: dueAfter(last.on, 5), rule: 'low-pressure-visual', years: 5, source: 'usLowPressure', findings: [] }
  if (!isFuelLiquid)
    return { nextDue: dueAfter(last.on, 5), rule: 'low-pressure-other', years: 5, source: 'usRequalification', findings: [] }
  const coated = (years: number): Finding => finding('caution', 'cylinder.coated-assumed', { years }, ['usLowPressure'])
  if (last.letter === 'S' && tests.length > 0) {
    return {
      nextDue: dueAfter(last.on, PROOF_YEARS),
      rule: 'low-pressure-proof',
      years: PROOF_YEARS,
      source: 'usProofPressure',
      findings: [
        finding('note', 'cylinder.proof-disputed', { years: PROOF_YEARS }, ['usProofPressure']),
        coated(PROOF_YEARS),
      ],
    }
  }
  return {
    nextDue: dueAfter(last.on, 12),
    rule: 'low-pressure-first',
    years: 12,
    source: 'usLowPressure',
    findings: [coated(12)],
  }
}

const MONTHS_PER_YEAR = 12
const monthIndex = (on: string): number => Number(on.slice(0, 4)) * MONTHS_PER_YEAR + Number(on.slice(5, 7))

/** Shell and filler run on their own; the earlier binds. */
function acetylene({ tests }: ReadStamps): Found | Finding {
  const [made, ...later] = tests as [StampedTest, ...StampedTest[]]
  if (made.letter !== null) return finding('hold', 'stamp.maker-date-missing', {}, ['usAcetyleneDates'])
  const bare = later.find(({ letter }) => letter !== 'S' && letter !== 'F' && letter !== 'FS')
  if (bare) {
    return finding('hold', 'stamp.letter-missing', { text: bare.text }, ['usAcetyleneDates', 'usMarks'])
  }
  const isOld = made.on < '1991-01'
  const lastShell = later.findLast(({ letter }) => letter === 'S' || letter === 'FS')
  const isFiller = ({ letter }: StampedTest): boolean => letter === 'F' || letter === 'FS'
  const tooEarly = (test: StampedTest): boolean => !isOld && monthIndex(test.on) < monthIndex(made.on) + 5 * MONTHS_PER_YEAR
  const lastFiller = later.findLast(test => isFiller(test) && !tooEarly(test))
  const early = later.filter(test => isFiller(test) && tooEarly(test))
  // Before 1991 the first dates were fixed days: 1 January 2001 and 2011, so the month before is the last one.
  const shellDue = lastShell ? dueAfter(lastShell.on, 10) : isOld ? '2000-12-31' : dueAfter(made.on, 10)
  const fillerDue = lastFiller ? dueAfter(lastFiller.on, 20) : isOld ? '2010-12-31' : dueAfter(made.on, 20)
  const isShell = shellDue <= fillerDue
  return {
    nextDue: earlier(shellDue, fillerDue),
    shellDue,
    fillerDue,
    rule: isShell ? 'acetylene-shell' : 'acetylene-filler',
    years: isShell ? 10 : 20,
    source: 'usAcetyleneDates',
    findings: early.map(({ on }) => finding('caution', 'cylinder.filler-too-early', { on }, ['usAcetyleneDates'])),
  }
}

function bySpecification(question: RequalificationQuestion, stamps: ReadStamps): Found | Finding {
  const last = stamps.tests.at(-1)!
  if (stamps.family === 'eu') {
    const years = stamps.isComposite ? 5 : 10
    return {
      nextDue: dueAfter(last.on, years),
      rule: stamps.isComposite ? 'eu-composite' : 'eu',
      years,
      source: stamps.isComposite ? 'euComposite' : 'euInterval',
      findings: stamps.isComposite
        ? []
        : [finding('note', 'cylinder.fifteen-with-approval', { dueOn: dueAfter(last.on, 15) }, ['euInterval'])],
    }
  }
  const specification = stamps.usSpecification!
  const rule = US_SPECIFICATIONS[specification]
  const isAcetylene = shareOf(question.gas, 'acetylene') > 0
  if (isAcetylene !== (rule.kind === 'acetylene'))
    return finding('hold', 'cylinder.gas-not-for-specification', { specification: stamps.specification! }, [
      'usRequalification',
    ])
  switch (rule.kind) {
    case 'star':
      return seamlessSteel(question, stamps, last)
    case 'low-pressure':
      return lowPressure(question, stamps, last)
    case 'acetylene':
      return acetylene(stamps)
    case 'years':
      return {
        nextDue: dueAfter(last.on, rule.years),
        rule: 'interval',
        years: rule.years,
        source: rule.source,
        findings: last.star ? [finding('note', 'cylinder.star-void', { reason: 'specification' }, ['usStar'])] : [],
      }
    case 'none':
      return {
        nextDue: null,
        rule: 'never',
        years: null,
        source: rule.source,
        findings: [finding('note', 'cylinder.no-requalification', { specification: stamps.specification! }, [rule.source])],
      }
    case 'not-refillable':
      return {
        nextDue: null,
        rule: 'not-refillable',
        years: null,
        source: rule.source,
        findings: [finding('note', 'cylinder.not-refillable', {}, [rule.source])],
      }
    case 'permit':
      return finding('hold', 'cylinder.permit', { specification: stamps.specification! }, [rule.source])
  }
}

/** 110 % only with a + on the newest date of seamless steel with a gas that stays a gas. */
function overfill(
  { gas }: RequalificationQuestion,
  { tests, usSpecification, servicePressureKPa }: ReadStamps,
): { readonly pressureKPa: number | null, readonly findings: readonly Finding[] } {
  const marked = tests.some(test => test.overfill)
  if (!marked) return { pressureKPa: servicePressureKPa, findings: [] }
  const reason
    = usSpecification === null || !PLUS_SPECIFICATIONS.includes(usSpecification)
      ? 'specification'
      : keptAs(gas) !== 'compressed'
        ? 'gas'
        : partsOf(gas).some(({ gas: part }) => GAS_TRAITS[part].fire === 'fuel')
          ? 'flammable'
          : tests.at(-1)!.overfill
            ? null
            : 'lapsed'
  return reason === null
    ? { pressureKPa: servicePressureKPa === null ? null : servicePressureKPa * 1.1, findings: [] }
    : { pressureKPa: servicePressureKPa, findings: [finding('note', 'cylinder.plus-void', { reason }, ['usOverfill'])] }
}

/**
 * When a cylinder must be tested again, by its marks, its gas and its size; what may be done with it until and after.
 * Doubt never gives a later date: unknown size or filling history takes the short interval, unreadable marks no date at all.
 * Both schools stand beside each other: by specification (binds), and the flat ten years of shop practice.
 * Source: `usRequalification`, `usStar`, `usAcetyleneDates`, `euInterval`, `usPastDue`.
 *
 * @example requalification({ stamps: 'DOT-3AA2400 / 3-06 / 3-16+*', gas: 'oxygen', waterVolumeL: 43.8, filledInPlace: false, today:
 * '2025-01-01' }).nextDue // '2026-03-31'
 */
export function requalification(question: RequalificationQuestion): Requalification {
  const { stamps: text, filledOn, today } = question
  const stamps = readStamps(text, today)
  const unknown = (findings: readonly Finding[]): Requalification => ({
    specification: stamps.specification,
    tests: stamps.tests,
    nextDue: null,
    shellDue: null,
    fillerDue: null,
    overdue: null,
    mayFill: false,
    mayUseUp: false,
    rule: null,
    years: null,
    fillPressureKPa: null,
    ruleSets: [],
    findings,
  })
  if (stamps.findings.some(({ severity }) => severity === 'hold')) return unknown(stamps.findings)
  const found = bySpecification(question, stamps)
  if ('severity' in found) return unknown([found, ...stamps.findings])

  const { rule, years, source, shellDue = null, fillerDue = null } = found
  const lifeEndsOn = stamps.endsOn === null ? null : endOfMonth(parseDate(`${stamps.endsOn}-01`)).toString()
  const isOver = lifeEndsOn !== null && today > lifeEndsOn
  const nextDue = lifeEndsOn !== null && (found.nextDue === null || lifeEndsOn < found.nextDue) ? lifeEndsOn : found.nextDue
  const last = stamps.tests.at(-1)!
  const plus = overfill(question, stamps)
  const findings: Finding[] = [...found.findings, ...plus.findings, ...stamps.findings]
  const overdue = nextDue !== null && today > nextDue
  const pastDueSource = stamps.family === 'eu' ? 'euPastDue' : 'usPastDue'
  const filledAfter = nextDue !== null && filledOn !== undefined && filledOn > nextDue
  // It was empty for its test: a fill from before the last one is a slip of the pen, and says nothing.
  const isFillUnknown = overdue && !isOver && (filledOn === undefined || filledOn.slice(0, 7) < last.on)
  if (filledAfter) findings.unshift(finding('hold', 'cylinder.filled-past-due', { dueOn: nextDue, filledOn }, [pastDueSource]))
  else if (overdue) {
    findings.unshift(finding('caution', 'cylinder.past-due', { dueOn: nextDue }, [pastDueSource]))
    // What was filled by its date may be used up; when this one was, nobody said.
    if (isFillUnknown) findings.unshift(finding('hold', 'cylinder.filled-when-unknown', { dueOn: nextDue }, [pastDueSource]))
  }
  if (lifeEndsOn !== null)
    findings.unshift(
      finding(isOver ? 'hold' : 'note', isOver ? 'cylinder.life-over' : 'cylinder.life-ends', { endsOn: lifeEndsOn }, [
        'euMarks',
      ]),
    )
  const flatTen = dueAfter(last.on, 10)
  return {
    specification: stamps.specification,
    tests: stamps.tests,
    nextDue,
    shellDue,
    fillerDue,
    overdue: nextDue === null ? (rule === 'never' ? false : null) : overdue,
    mayFill: rule !== 'not-refillable' && !overdue && !filledAfter && !isOver,
    mayUseUp: !filledAfter && !isFillUnknown && !isOver,
    rule,
    years,
    fillPressureKPa: plus.pressureKPa,
    ruleSets: [
      { ruleSet: 'by-specification', nextDue, years, binds: true, sources: [source] },
      { ruleSet: 'flat-ten', nextDue: flatTen, years: 10, binds: false, sources: ['flatTenYears'] },
    ],
    findings,
  }
}
