import { describe, expect, it } from 'vitest'
import { judgeSamples } from '#core/samples/compliance'
import type { SampleValue } from '#core/samples/substitution'

// The samples here are drawn by us; figures of the published test stand in tests/reference/samples.test.ts.

/** Values as found; below its limit of quantification a value is written as minus that limit. */
const sample = (...values: readonly number[]): readonly SampleValue[] =>
  values.map(value => ({ value: Math.abs(value), isBelowLoq: value < 0 }))
const codes = (answer: ReturnType<typeof judgeSamples>) => answer.findings.map(({ code }) => code)

describe('too few to judge', () => {
  it.each([0, 1, 2])('%i decide nothing, and say how many are needed', (n) => {
    const answer = judgeSamples(sample(...Array.from({ length: n }, (_, i) => 0.01 + i / 100)), 1)
    expect(answer).toMatchObject({
      n,
      belowLoq: 0,
      verdict: 'no-decision',
      test: 'none',
      method: 'loq',
      exceedance: null,
      uT: null,
      methods: [],
    })
    expect(answer.findings).toMatchObject([{ code: 'samples.too-few', values: { n, needed: 3 } }])
    expect(answer.summary === null).toBe(n < 2)
  })
  it('a summary of two is their own, counted at the limit of quantification', () => {
    expect(judgeSamples(sample(0.1, -0.4), 1).summary).toMatchObject({ n: 2, gm: 0.2, mean: 0.25 })
  })
})

describe('three to five', () => {
  it('pass without a word under their share of the limit', () => {
    expect(judgeSamples(sample(0.09, 0.09, 0.09), 1)).toMatchObject({
      verdict: 'compliant',
      test: 'preliminary',
      findings: [],
      methods: [],
      belowLoq: 0,
      uT: null,
    })
  })
  it.each([
    [3, 0.1],
    [4, 0.15],
    [5, 0.2],
  ])('%i at just %f of it need more', (n, share) => {
    const answer = judgeSamples(sample(...Array.from({ length: n }, () => share)), 1)
    expect(answer.verdict).toBe('no-decision')
    expect(answer.findings).toMatchObject([{ code: 'samples.more-needed', values: { n, needed: 6 } }])
  })
  it('the share is of the limit, whatever the limit is', () => {
    expect(judgeSamples(sample(0.39, 0.39, 0.39, 0.39, 0.39), 2).verdict).toBe('compliant')
    expect(judgeSamples(sample(0.39, 0.39, 0.39, 0.39, 0.41), 2).verdict).toBe('no-decision')
    expect(judgeSamples(sample(0.002, 0.002, 0.002), 0.01).verdict).toBe('no-decision')
  })
  it('one over the limit fails, one at it does not', () => {
    expect(judgeSamples(sample(0.01, 0.01, 1.01), 1)).toMatchObject({ verdict: 'non-compliant', findings: [] })
    expect(judgeSamples(sample(0.01, 0.01, 1), 1).verdict).toBe('no-decision')
    // Somewhere below a limit that lies over it: it may be over, and it may not.
    expect(judgeSamples(sample(0.01, 0.01, -1.2), 1).verdict).toBe('no-decision')
  })
  it('of which most could not be found are said to be so only past four in five', () => {
    expect(codes(judgeSamples(sample(-0.01, -0.01, -0.01, -0.01, 0.02), 1))).toEqual([])
    expect(codes(judgeSamples(sample(-0.01, -0.01, -0.01, -0.01, -0.01), 1))).toEqual(['samples.mostly-below'])
    expect(codes(judgeSamples(sample(-0.01, -0.01, -0.01, 0.02, 0.02), 1))).toEqual([])
  })
})

describe('six or more, most of them below what could be found', () => {
  it('eight of ten leave two, whose distribution nobody can test', () => {
    const answer = judgeSamples(sample(...Array.from({ length: 8 }, () => -0.05), 0.06, 0.08), 1)
    expect(answer).toMatchObject({ test: 'preliminary', verdict: 'compliant', belowLoq: 8 })
    expect(answer.findings).toMatchObject([{ code: 'samples.mostly-below', values: { belowLoq: 8, n: 10 } }])
  })
  it('seventeen of twenty are too many, though three were found', () => {
    expect(judgeSamples(sample(...Array.from({ length: 17 }, () => -0.05), 0.06, 0.07, 0.08), 1)).toMatchObject({
      test: 'preliminary',
      belowLoq: 17,
    })
  })
  it('seven of ten leave three, which are tested', () => {
    expect(judgeSamples(sample(...Array.from({ length: 7 }, () => -0.05), 0.06, 0.07, 0.08), 1)).toMatchObject({
      test: 'statistical',
      belowLoq: 7,
    })
  })
  it('exactly four in five of fifteen are tested', () => {
    expect(judgeSamples(sample(...Array.from({ length: 12 }, () => -0.05), 0.06, 0.07, 0.08), 1).test).toBe('statistical')
  })
})

describe('the statistical test', () => {
  it('of values that were all found knows one way of counting, and says nothing when they pass', () => {
    const answer = judgeSamples(sample(3.01, 1.15, 0.66, 0.97, 1.34, 0.73, 1.07, 1.23, 1.07, 0.5), 4)
    expect(answer).toMatchObject({ verdict: 'compliant', test: 'statistical', method: 'loq', findings: [], belowLoq: 0 })
    expect(answer.methods).toMatchObject([{ method: 'loq', verdict: 'compliant' }])
    expect(answer.methods).toHaveLength(1)
    expect(answer.methods[0]!.uR).toBeCloseTo(2.778, 3)
    expect(answer.exceedance!.uR).toBe(answer.methods[0]!.uR)
  })
  it('fails without a word what fails by every way', () => {
    const answer = judgeSamples(sample(1.48, 1.98, 1.79, 0.88, -0.3, 1.23, 1.15, 0.8, 1.37), 2)
    expect(answer).toMatchObject({ verdict: 'non-compliant', method: 'loq-half', findings: [] })
    // Ways that give no values to test are shown beside, and decide nothing.
    expect(answer.methods.map(({ method, verdict }) => [method, verdict])).toEqual([
      ['loq', 'non-compliant'],
      ['loq-root-2', 'non-compliant'],
      ['loq-half', 'non-compliant'],
      ['regression', 'non-compliant'],
      ['likelihood', null],
      ['beta', null],
    ])
    expect(answer.methods.filter(({ uR }) => uR === null).map(({ method }) => method)).toEqual(['likelihood', 'beta'])
  })
  it('rests on the least favourable number put in place: the whole limit here, half of it there', () => {
    expect(judgeSamples(sample(2.11, 2.08, -0.7, 1.64, 4.47, 1.37), 2)).toMatchObject({ verdict: 'non-compliant', method: 'loq' })
    expect(judgeSamples(sample(-0.7, 1.8, -0.7, -0.7, -0.7, -0.7, 3.43, 1.3), 6)).toMatchObject({
      verdict: 'compliant',
      method: 'loq-half',
    })
  })
  it('of the ways that replace nothing by a number, none decides: regression is the least of all here', () => {
    const answer = judgeSamples(sample(-0.7, 1.41, -0.7, 3.02, -0.7, 0.99, 1.52, 1.33, -0.7, -0.7, 0.7), 2)
    const uR = (asked: string) => answer.methods.find(({ method }) => method === asked)!.uR!
    expect(uR('regression')).toBeLessThan(uR('loq-half'))
    expect(answer.method).toBe('loq-half')
    expect(answer.exceedance!.uR).toBe(uR('loq-half'))
  })
  it('that turns on the number put in place decides nothing, and says which pass and which fail', () => {
    const answer = judgeSamples(sample(-0.5, 3.33, -0.5, -0.5, -0.5, 1.52, 1.03, 1.1, 1.21), 4)
    expect(answer).toMatchObject({ verdict: 'no-decision', method: 'loq-half' })
    expect(answer.findings).toMatchObject([
      {
        severity: 'hold',
        code: 'samples.turns-on-substitution',
        values: { passes: ['loq'], fails: ['loq-root-2', 'loq-half'], belowLoq: 4, n: 9 },
      },
    ])
  })
  it('takes no pass from logarithms that are not normal', () => {
    const answer = judgeSamples(sample(1.34, 0.37, 0.97, 1.01, 1.21, 0.93, 0.89), 9)
    expect(answer).toMatchObject({ verdict: 'no-decision', methods: [{ verdict: 'compliant' }] })
    expect(answer.findings).toMatchObject([{ severity: 'hold', code: 'samples.not-lognormal', values: { n: 7 } }])
  })
  it('what fails by its numbers fails, whatever its distribution', () => {
    const answer = judgeSamples(sample(1.06, 0.95, 1.59, 0.92, 3.19, 1.2, 1), 2)
    expect(answer.verdict).toBe('non-compliant')
    expect(codes(answer)).toEqual(['samples.not-lognormal'])
  })
  it('tests the distribution of what was found alone: replaced values would not pass as anything', () => {
    // Seven at one limit and three found, evenly apart in their logarithms.
    expect(codes(judgeSamples(sample(...Array.from({ length: 7 }, () => -0.05), 0.06, 0.07, 0.08), 1))).toEqual([])
  })
})
