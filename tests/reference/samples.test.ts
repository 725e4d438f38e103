import * as R from 'lib-r-math.js'
import { describe, expect, it } from 'vitest'
import { judgeSamples } from '#core/samples/compliance'
import { exposureCategories } from '#core/samples/exposure-categories'
import { exceedance, lognormalSummary } from '#core/samples/lognormal'
import { lognormalMean } from '#core/samples/lognormal-mean'
import { normalCdf, normalQuantile } from '#core/samples/normal'
import { noncentralTCdf } from '#core/samples/noncentral-t'
import { countBy } from '#core/samples/substitution'
import type { SampleValue } from '#core/samples/substitution'
import { toleranceFactor } from '#core/samples/tolerance-factor'

describe('distributions against an independent statistics library (lib-r-math.js)', () => {
  it.each([-8, -6.5, -3.2, -1, 0, 0.4, 2.7, 5.9, 7])('normal distribution at %d', x => expect(normalCdf(x)).toBeCloseTo(R.pnorm(x), 12))
  it.each([1e-9, 0.001, 0.05, 0.3, 0.5, 0.7, 0.95, 0.9999])('normal quantile of %d', p =>
    expect(normalQuantile(p)).toBeCloseTo(R.qnorm(p), 8),
  )
  it.each([
    [2, 5, 3], [5.4, 5, 4.03], [8, 14, 6.4], [1, 29, -0.5], [12, 9, 5.2],
  ])('noncentral t at %d with %d degrees and noncentrality %d', (t, df, ncp) =>
    expect(noncentralTCdf(t, df, ncp)).toBeCloseTo(R.pt(t, df, ncp), 7),
  )
})

// EN 689:2018 Annex F prints 2.187 (n = 6) to 1.820 (n = 30), from memory; the table of the book was computed with scipy.
const FACTORS: readonly (readonly [n: number, k70: number, k95: number])[] = [
  [6, 2.1867, 3.7077], [7, 2.1201, 3.3995], [8, 2.0717, 3.1873], [9, 2.0347, 3.0312], [10, 2.0053, 2.911], [11, 1.9813, 2.815],
  [12, 1.9612, 2.7363], [13, 1.9442, 2.6705], [14, 1.9294, 2.6144], [15, 1.9165, 2.566], [16, 1.9051, 2.5237], [18, 1.8859, 2.4529],
  [20, 1.8702, 2.396], [24, 1.8459, 2.3093], [30, 1.8203, 2.2198],
]
describe('tolerance factors', () => {
  it.each(FACTORS)('n = %d', (n, k70, k95) => {
    expect(toleranceFactor(n, 0.95, 0.7)).toBeCloseTo(k70, 4)
    expect(toleranceFactor(n, 0.95, 0.95)).toBeCloseTo(k95, 4)
    expect(toleranceFactor(n, 0.95, 0.7)).toBeCloseTo(R.qt(0.7, n - 1, R.qnorm(0.95) * Math.sqrt(n)) / Math.sqrt(n), 6)
  })
})

const D2 = [1.9, 3.4, 2.2, 4.8, 1.3, 2.9, 6.1, 2.5, 1.7, 3.8]
const D4 = [0.31, 0.12, 0.55, 0.22, 0.18, 0.75, 0.4, 0.27, 0.09, 0.61, 0.35, 0.48, 0.15, 0.29, 0.24]
const D6: readonly SampleValue[] = [
  ...[0.24, 0.31, 0.45, 0.28, 0.62, 0.37, 0.88, 0.52].map(value => ({ value, isBelowLoq: false })),
  ...Array.from({ length: 4 }, () => ({ value: 0.2, isBelowLoq: true })),
]
const found = (values: readonly number[]): SampleValue[] => values.map(value => ({ value, isBelowLoq: false }))

// Worked data sets, computed independently with scipy.
describe('lognormal summary and exceedance (worked data sets)', () => {
  it.each([
    [
      'D2',
      D2,
      5,
      { mean: 3.06, gm: 2.7566, gsd: 1.61832, p95: 6.08493, utl95_95: 11.1932, utl95_70: 7.23792 },
      { point: 0.108059, upper70: 0.164788, upper95: 0.305068, uR: 1.23692 },
    ],
    [
      'D4',
      D4,
      1.25,
      { mean: 0.334, gm: 0.284039, gsd: 1.83759, p95: 0.772733, utl95_95: 1.35345, utl95_70: 0.911631 },
      { point: 0.00743928, upper70: 0.0174873, upper95: 0.0605536, uR: 2.43532 },
    ],
  ] as const)('%s', (_, values, limit, summary, over) => {
    const sums = lognormalSummary(values)
    for (const [key, wanted] of Object.entries(summary) as [keyof typeof summary, number][]) expect(sums[key] / wanted).toBeCloseTo(1, 4)
    const stands = exceedance(values, limit)
    for (const [key, wanted] of Object.entries(over) as [keyof typeof over, number][]) expect(stands[key] / wanted).toBeCloseTo(1, 4)
  })
  it('D2 fails and D4 passes the European statistical test', () => {
    expect(judgeSamples(found(D2), 5)).toMatchObject({ verdict: 'non-compliant', test: 'statistical' })
    expect(judgeSamples(found(D4), 1.25)).toMatchObject({ verdict: 'compliant', test: 'statistical' })
  })
})

describe('results below the limit of quantification (worked data set D6)', () => {
  it.each([
    ['loq', 0.32842, 1.6578], ['loq-root-2', 0.29259, 1.8966], ['loq-half', 0.26067, 2.2005], ['likelihood', 0.28456, 1.9675],
    ['regression', 0.29782, 1.8919], ['beta', 0.2756, 2.0505],
  ] as const)('%s', (method, gm, gsd) => {
    const counted = countBy(method, D6)!
    expect(counted.gm).toBeCloseTo(gm, 4)
    expect(counted.gsd).toBeCloseTo(gsd, 3)
  })
  it('the verdict turns on the method: at the limit it passes, at a half or a root it fails, so there is no decision', () => {
    const answer = judgeSamples(D6, 1)
    const by = Object.fromEntries(
      answer.methods.map(({ method, uR, verdict }) => [method, { uR: uR === null ? null : Number(uR.toFixed(4)), verdict }]),
    )
    expect(by).toMatchObject({
      'loq': { uR: 2.2027, verdict: 'compliant' },
      'loq-root-2': { uR: 1.9201, verdict: 'non-compliant' },
      'loq-half': { uR: 1.7047, verdict: 'non-compliant' },
    })
    expect(answer.verdict).toBe('no-decision')
    expect(answer.findings.map(({ code }) => code)).toContain('samples.turns-on-substitution')
    expect(answer.uT).toBeCloseTo(1.9612, 4)
  })
})

// Worked data sets, computed independently with scipy; H of the published table, from memory.
describe('the mean of shifts (worked data sets)', () => {
  it.each([
    ['D2', D2, { mvue: 3.05663, lower95: 2.39298, upper95: 4.40149 }],
    ['D4', D4, { mvue: 0.336993, lower95: 0.262401, upper95: 0.488086 }],
  ] as const)('%s: unbiased, and between Land\'s exact limits', (_name, values, expected) => {
    const mean = lognormalMean(values)!
    for (const what of ['mvue', 'lower95', 'upper95'] as const) expect(mean[what] / expected[what], what).toBeCloseTo(1, 5)
  })
  it.each([
    [3, 0.1, 2.75], [5, 0.1, 2.035], [7, 0.1, 1.886], [10, 0.1, 1.802], [15, 0.1, 1.749], [21, 0.1, 1.722], [31, 0.1, 1.701],
    [5, 1, 4.905], [10, 1, 3.103], [15, 1, 2.744], [31, 1, 2.424],
  ])('Land\'s H of n = %d and s = %d is %d, as his table prints it (Land 1975; from memory)', (n, s, h) => {
    // A sample with just that spread: its upper limit is exp(ȳ + s²/2 + s·H/√(n−1)).
    const raw = Array.from({ length: n }, (_, i) => i)
    const middle = (n - 1) / 2
    const sd = Math.sqrt(raw.reduce((sum, i) => sum + (i - middle) ** 2, 0) / (n - 1))
    const { upper95 } = lognormalMean(raw.map(i => Math.exp((i - middle) / sd * s)))!
    expect((Math.log(upper95) - s * s / 2) * Math.sqrt(n - 1) / s).toBeCloseTo(h, 2)
  })
  it('says nothing of two, of none above zero, and of values all alike', () => {
    expect(lognormalMean([1, 2])).toBeNull()
    expect(lognormalMean([1, 2, 0])).toBeNull()
    expect(lognormalMean([2, 2, 2])).toBeNull()
  })
})
describe('categories of exposure (worked data sets)', () => {
  it.each([
    ['D2', D2, 5, [0, 0, 0, 0.1156, 0.8844]],
    ['D4', D4, 1.25, [0, 0, 0.1191, 0.7795, 0.1014]],
  ] as const)('%s', (_name, values, limit, expected) => {
    const chances = exposureCategories(found(values), limit)!
    expected.forEach((chance, i) => expect(chances[i], String(i)).toBeCloseTo(chance, 2))
    expect(chances.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 12)
  })
  it('before anything was measured they are as the bounds have it', () => {
    // A limit of quantification far above every possible shift says nothing: the prior, 0.1971 0.2500 0.1747 0.0753 0.3029.
    const nothing = exposureCategories([{ value: 1e6, isBelowLoq: true }], 1)!
    ;[0.1971, 0.25, 0.1747, 0.0753, 0.3029].forEach((chance, i) => expect(nothing[i]).toBeCloseTo(chance, 2))
    expect(exposureCategories([], 1)).toBeNull()
  })
  it('many limits of quantification are put together upward, and say no more than one by one', () => {
    const many = Array.from({ length: 60 }, (_, i) => ({ value: 0.2 + i / 1000, isBelowLoq: true }))
    const highest = many.map(one => ({ ...one, value: 0.26 }))
    const [loose, least] = [exposureCategories(many, 1)!, exposureCategories(highest, 1)!]
    // At most as sure as they are, at least as sure as if all were the highest.
    loose.forEach((chance, i) => expect(Math.abs(chance - least[i]!)).toBeLessThan(0.05))
    expect(loose[4]).toBeLessThanOrEqual(least[4]! + 1e-9)
  })
  it('a result below a limit of quantification far above the others adds nothing, and one among them does', () => {
    const three = found([0.2, 0.3, 0.25])
    const withOne = (loq: number) => exposureCategories([...three, { value: loq, isBelowLoq: true }], 1)!
    exposureCategories(three, 1)!.forEach((chance, i) => expect(withOne(1e6)[i]).toBeCloseTo(chance, 9))
    expect(withOne(0.22)[2]).toBeGreaterThan(withOne(1e6)[2]! + 0.02)
  })
})
