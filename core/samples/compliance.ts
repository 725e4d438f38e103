import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { SampleVerdict } from '../ids/exposure-ids'
import type { SubstitutionId } from '../ids/vocabulary'
import { SUBSTITUTIONS } from '../ids/vocabulary'
import type { Exceedance, LognormalSummary } from './lognormal'
import { exceedance, lognormalSummary, marginToLimit } from './lognormal'
import type { SampleValue } from './substitution'
import { shapiroWilk } from './shapiro-wilk'
import { countBy } from './substitution'
import { toleranceFactor } from './tolerance-factor'

/** What one way of counting results below the limit of quantification comes to. */
export interface MethodVerdict {
  readonly method: SubstitutionId
  readonly gm: number
  readonly gsd: number
  /** Null where the method gives no values to test. */
  readonly uR: number | null
  readonly verdict: SampleVerdict | null
}

/** A sample judged against a limit. */
export interface ComplianceAnswer {
  readonly n: number
  readonly belowLoq: number
  readonly verdict: SampleVerdict
  readonly test: 'preliminary' | 'statistical' | 'none'
  /** The least favourable way of counting, on which the figures below rest. */
  readonly method: SubstitutionId
  readonly summary: LognormalSummary | null
  readonly exceedance: Exceedance | null
  readonly uT: number | null
  readonly methods: readonly MethodVerdict[]
  readonly findings: readonly Finding[]
}

/** Share of the limit that all of a few results must stay under. Source: `complianceTest`. */
const PRELIMINARY: readonly (readonly [n: number, share: number])[] = [[5, 0.2], [4, 0.15], [3, 0.1]]
const STATISTICAL_FROM = 6
/** No way of counting is sound when more than this share lies below the limit of quantification. Source: `substitution`. */
const TOO_MANY_BELOW = 0.8
/** Below this p the logarithms are not taken as normal, and the percentile of a lognormal says nothing. */
const DOUBTED_BELOW = 0.05
/** Fewer found above their limits than this cannot be tested for their distribution. */
const TESTED_FROM = 3
/** Ways that put a number in place of each result: their verdicts are compared. */
const REPLACING: readonly SubstitutionId[] = ['loq', 'loq-root-2', 'loq-half']

/**
 * Judges personal samples against a limit: three to five by the preliminary test, six or more by the statistical one
 * (the 95th percentile is under the limit with 70 % confidence). Results below the limit of quantification are counted
 * by every method; where the verdict turns on the method, there is no decision. Before the statistical test the logarithms
 * of what was found must pass as normal; where they do not, or are too few to tell, nothing that passes is a pass.
 * Nothing is rounded before it is compared.
 *
 * @param limit in the unit of the values, above 0
 * Source: `complianceTest`, `substitution`, `lognormalTools`, `shapiroWilk`.
 */
export function judgeSamples(sample: readonly SampleValue[], limit: number): ComplianceAnswer {
  const n = sample.length
  const belowLoq = sample.filter(({ isBelowLoq }) => isBelowLoq).length
  const findings: Finding[] = []
  const base = {
    n,
    belowLoq,
    method: 'loq' as SubstitutionId,
    summary: n >= 2 ? summaryBy('loq', sample) : null,
    exceedance: null,
    uT: null,
    methods: [],
  }
  if (n < 3)
    return {
      ...base,
      verdict: 'no-decision',
      test: 'none',
      findings: [finding('hold', 'samples.too-few', { n, needed: 3 }, ['complianceTest'])],
    }
  const found = sample.filter(({ isBelowLoq }) => !isBelowLoq).map(({ value }) => value)
  const tooManyBelow = belowLoq / n > TOO_MANY_BELOW || (n >= STATISTICAL_FROM && found.length < TESTED_FROM)
  if (n < STATISTICAL_FROM || tooManyBelow) {
    const verdict = preliminary(sample, limit)
    if (tooManyBelow) findings.push(finding('note', 'samples.mostly-below', { belowLoq, n }, ['substitution']))
    if (verdict === 'no-decision')
      findings.push(finding('hold', 'samples.more-needed', { n, needed: STATISTICAL_FROM }, ['complianceTest']))
    return { ...base, verdict, test: 'preliminary', findings }
  }
  const uT = toleranceFactor(n, 0.95, 0.7)
  const methods = (belowLoq > 0 ? SUBSTITUTIONS : ['loq'] as const).flatMap(method => judgeBy(method, sample, limit, uT))
  const tested = methods.filter(({ method, uR }) => REPLACING.includes(method) && uR !== null)
  const least = tested.reduce((worst, other) => other.uR! < worst.uR! ? other : worst)
  const agreed = tested.every(({ verdict }) => verdict === least.verdict)
  if (!agreed) {
    findings.push(finding('hold', 'samples.turns-on-substitution', {
      passes: tested.filter(({ verdict }) => verdict === 'compliant').map(({ method }) => method),
      fails: tested.filter(({ verdict }) => verdict !== 'compliant').map(({ method }) => method),
      belowLoq, n,
    }, ['substitution', 'complianceTest']))
  }
  const values = countBy(least.method, sample)!.values!
  const { w, p } = shapiroWilk(found.map(Math.log))
  const isDoubted = p < DOUBTED_BELOW
  if (isDoubted) findings.push(finding('hold', 'samples.not-lognormal', { n, w, p }, ['shapiroWilk', 'complianceTest']))
  return {
    n, belowLoq, uT, methods, findings, test: 'statistical', method: least.method,
    // What fails fails by its numbers; only a pass rests on the distribution.
    verdict: !agreed || (isDoubted && least.verdict === 'compliant') ? 'no-decision' : least.verdict!,
    summary: lognormalSummary(values), exceedance: exceedance(values, limit),
  }
}

const summaryBy = (method: SubstitutionId, sample: readonly SampleValue[]): LognormalSummary =>
  lognormalSummary(countBy(method, sample)!.values!)

/** A result below the limit of quantification is counted at that limit: it cannot be more. */
function preliminary(sample: readonly SampleValue[], limit: number): SampleVerdict {
  if (sample.some(({ value, isBelowLoq }) => !isBelowLoq && value > limit)) return 'non-compliant'
  const [, share] = PRELIMINARY.find(([from]) => sample.length >= from)!
  return sample.every(({ value }) => value < share * limit) ? 'compliant' : 'no-decision'
}

function judgeBy(method: SubstitutionId, sample: readonly SampleValue[], limit: number, uT: number): MethodVerdict[] {
  const counted = countBy(method, sample)
  if (!counted) return []
  const { gm, gsd, values } = counted
  if (!values) return [{ method, gm, gsd, uR: null, verdict: null }]
  const uR = marginToLimit(values, limit)
  return [{ method, gm, gsd, uR, verdict: uR >= uT ? 'compliant' : 'non-compliant' }]
}
