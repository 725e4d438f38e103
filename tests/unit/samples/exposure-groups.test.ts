import * as R from 'lib-r-math.js'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { exposureGroups } from '#core/air/exposure-groups'
import { jobPattern } from '#core/job/job-pattern'
import { trendOf } from '#core/samples/trend'
import type { DatedSample, Trend } from '#core/samples/trend'
import type { Survey } from '#core/streams/samples/samples'
import { RULES, STICK } from '../air/air-of-a-shop'

const sample = (takenOn: string, value: number, isBelowLoq = false): DatedSample => ({ takenOn, value, isBelowLoq })
/** Twice a month for half a year, falling by a tenth each month, off the line by turns. */
const FALLING = Array.from({ length: 12 }, (_, i) => {
  const takenOn = new Date(Date.UTC(2026, 0, 1 + 15 * i)).toISOString().slice(0, 10)
  return sample(takenOn, 0.2 * 0.9 ** (15 * i / (365.25 / 12)) * (i % 2 === 0 ? 1.15 : 1 / 1.15))
})

describe('a trend over months', () => {
  it('is the line of least squares through the logarithms, its limits by Student\'s t (quantile by lib-r-math.js)', () => {
    const trend = trendOf(FALLING) as Trend
    const points = FALLING.map(({ value }, i) => ({ x: 15 * i / (365.25 / 12), y: Math.log(value) }))
    const n = points.length
    // The sums of the textbook, not of deviations: the same slope by another way.
    const sum = (of: (p: { x: number, y: number }) => number) => points.reduce((all, p) => all + of(p), 0)
    const [sx, sy, sxx, sxy] = [sum(p => p.x), sum(p => p.y), sum(p => p.x ** 2), sum(p => p.x * p.y)]
    const slope = (n * sxy - sx * sy) / (n * sxx - sx ** 2)
    const cut = (sy - slope * sx) / n
    const error = Math.sqrt(sum(p => (p.y - cut - slope * p.x) ** 2) / (n - 2) / (sxx - sx ** 2 / n))
    expect(trend.perMonth).toBeCloseTo(Math.exp(slope), 10)
    expect(trend.high).toBeCloseTo(Math.exp(slope + R.qt(0.95, n - 2) * error), 6)
    expect(trend.low).toBeCloseTo(Math.exp(slope - R.qt(0.95, n - 2) * error), 6)
    expect(trend.says).toBe('falls')
    expect(trend.perMonth).toBeCloseTo(0.9, 1)
    expect(trend.to / trend.from).toBeCloseTo(trend.perMonth ** points.at(-1)!.x, 6)
  })
  it('is none where chance could have done it', () => {
    const even = FALLING.map((one, i) => sample(one.takenOn, i % 3 === 0 ? 0.4 : 0.1))
    expect(trendOf(even)).toMatchObject({ says: 'none-seen' })
  })
  it('is not told of too little: results, days, months, or hardly any found', () => {
    expect(trendOf([])).toBe('few-results')
    expect(trendOf(FALLING.slice(0, 5))).toBe('few-results')
    expect(trendOf(FALLING.map((one, i) => sample(i % 2 === 0 ? '2026-01-01' : '2026-09-01', one.value)))).toBe('few-days')
    expect(trendOf(FALLING.map((one, i) => sample(`2026-01-${String(i + 10)}`, one.value)))).toBe('short-time')
    expect(trendOf(FALLING.map((one, i) => sample(one.takenOn, one.value, i > 3)))).toBe('mostly-below')
  })
  it('rises where every result rises, whatever their unit', () => {
    fc.assert(fc.property(fc.double({ min: 1e-3, max: 1e3, noNaN: true }), (unit) => {
      const rising = FALLING.map((one, i) => sample(one.takenOn, unit * 1.2 ** i * (i % 2 === 0 ? 1.02 : 0.98)))
      const trend = trendOf(rising) as Trend
      expect(trend.says).toBe('rises')
      expect(trend.perMonth).toBeCloseTo((trendOf(rising.map(one => ({ ...one, value: one.value / unit }))) as Trend).perMonth, 8)
    }), { numRuns: 20 })
  })
})

const survey = (over: Partial<Survey> = {}): Survey => ({
  surveyId: Math.random().toString(36),
  substance: 'manganese',
  takenOn: '2026-02-20',
  withdrawn: false,
  place: { jobKey: jobPattern(STICK), roomKey: 'hall', hoodKey: 'arm' },
  results: [0.02, 0.03, 0.025].map((mgPerM3, i) => ({ label: `P${i}`, mgPerM3, isBelowLoq: false, minutes: 480 })),
  ...over,
})
const placeOf = (job: typeof STICK) => ({ jobKey: jobPattern(job), roomKey: 'shed', hoodKey: 'none' })
const groups = (surveys: Readonly<Record<string, readonly Survey[]>>) => exposureGroups({ rules: RULES, surveys })

describe('groups of like exposure', () => {
  it('are one for the same work, whatever bay, hall, hood, hour or current', () => {
    const [group, ...more] = groups({
      one: [survey()],
      two: [survey({ takenOn: '2025-11-01', place: placeOf({ ...STICK, currentA: 120, startsAt: '13:00', endsAt: '15:00' }) })],
    })
    expect(more).toEqual([])
    expect(group).toMatchObject({
      substance: 'manganese',
      bayIds: ['one', 'two'],
      work: { process: 'smaw', consumable: 'e7018', baseMetal: 'mild-steel', coating: 'none' },
    })
    const days = group!.samples.map(({ takenOn }) => takenOn)
    expect(days).toEqual(['2025-11-01', '2025-11-01', '2025-11-01', '2026-02-20', '2026-02-20', '2026-02-20'])
    expect(group!.judged!.answer.n).toBe(6)
  })
  it('are parted by substance, process, consumable, metal and coating', () => {
    expect(groups({
      one: [
        survey(), survey({ substance: 'iron' }), survey({ place: placeOf({ ...STICK, consumable: 'e6010' }) }),
        survey({ place: placeOf({ ...STICK, coating: 'zinc' }) }), survey({ place: placeOf({ ...STICK, baseMetal: 'stainless-steel' }) }),
      ],
    })).toHaveLength(5)
  })
  it('have nothing of what was withdrawn, nor of work that cannot be read', () => {
    expect(groups({ one: [survey({ withdrawn: true }), survey({ place: { jobKey: 'stick', roomKey: '', hoodKey: '' } })] })).toEqual([])
  })
  it('are hardly one where they spread too wide', () => {
    const results = [0.002, 0.004, 0.05, 0.09, 0.4, 0.01].map((mgPerM3, i) => ({ label: `P${i}`, mgPerM3, isBelowLoq: false, minutes: 480 }))
    expect(groups({ one: [survey({ results })] })[0]!.isWide).toBe(true)
    expect(groups({ one: [survey(), survey()] })[0]!.isWide).toBe(false)
    expect(groups({ one: [survey({ results: [{ label: 'P1', mgPerM3: 0.02, isBelowLoq: false, minutes: 480 }] })] })[0]!.isWide).toBeNull()
  })
})
