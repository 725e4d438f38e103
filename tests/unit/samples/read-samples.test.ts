import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { judgeSamples } from '#core/samples/compliance'
import type { SampleReading } from '#core/samples/read-samples'
import { detectFormat, guessColumns, looksLikeHeading, readSamples } from '#core/samples/read-samples'
import { shiftAverage } from '#core/samples/shift-average'

const reading = (over: Partial<SampleReading>): SampleReading => ({
  columns: ['concentration'],
  decimal: '.',
  concentrationUnit: 'mg/m3',
  massUnit: 'ug',
  volumeUnit: 'L',
  unsampled: 'as-sampled',
  ...over,
})

describe('samples from a table', () => {
  it('guesses columns from a heading, or finds the numbers without one', () => {
    expect(guessColumns(['Worker', 'Mn (µg/m³)', 'Duration min', '<LOQ'], ['A', '12', '430', 'no'])).toEqual([
      'person',
      'concentration',
      'minutes',
      'below',
    ])
    expect(guessColumns(['Shift', 'Mass µg', 'Volume L', 'min'], ['A', '12', '800', '430'])).toEqual(['shift', 'mass', 'volume', 'minutes'])
    expect(guessColumns(null, ['Mon', '<0.2'])).toEqual(['ignore', 'concentration'])
    expect(looksLikeHeading(['Shift', 'Mn'])).toBe(true)
    expect(looksLikeHeading(['Mon', '<0,2'])).toBe(false)
  })
  it('reads mass over volume, decimal commas and the sign of a result below the limit', () => {
    const { results, errors } = readSamples([['24', '800'], ['<4,8', '960']], reading({ columns: ['mass', 'volume'], decimal: ',' }))
    expect(errors).toEqual([])
    expect(results.map(({ value, isBelowLoq }) => [Number(value.toFixed(6)), isBelowLoq])).toEqual([[0.03, false], [0.005, true]])
  })
  it.each([
    ['Mn\n0,31\n0,28', { separator: ';', decimal: ',' }],
    ['0.31\n0.28', { separator: ';', decimal: '.' }],
    ['A;0,31\nB;1,250', { separator: ';', decimal: ',' }],
    ['A\t0.31\nB\t1,250.5', { separator: '\t', decimal: '.' }],
    ['A,0.31\nB,0.28', { separator: ',', decimal: '.' }],
    ['1,250\n2,500', { separator: ';', decimal: null }],
    ['A;1,250\nB;0.31', { separator: ';', decimal: '.' }],
    ['A;0.31\nB;0,28', { separator: ';', decimal: null }],
    ['name;date;mn\nA;13.11.2026;0,31', { separator: ';', decimal: ',', dates: 'day-month-year' }],
    ['A;11/13/2026;0.31', { dates: 'month-day-year', decimal: '.' }],
    ['A;2026-11-03;0.31', { dates: 'year-month-day' }],
    ['A;03/04/2026;0.31', { dates: null }],
  ])('finds how %j is written, or that it can be read in two ways', (text, format) => expect(detectFormat(text)).toMatchObject(format))
  it('thousands are no decimals: 1,250 µg is one thousand two hundred and fifty where decimals stand after a point', () => {
    const one = (decimal: '.' | ',', text: string) => readSamples([[text]], reading({ decimal, concentrationUnit: 'ug/m3' }))
    expect(one('.', '1,250').results[0]!.value).toBeCloseTo(1.25, 9)
    expect(one(',', '1,250').results[0]!.value).toBeCloseTo(0.00125, 9)
    expect(one('.', '0,31').errors).toMatchObject([{ problem: 'not-a-number', text: '0,31' }])
  })
  it('one person on one day is one shift, and the same person on another day is another', () => {
    const rows = [
      ['A', '13.11.2026', '2', '120'], ['A', '13.11.2026', '1', '240'], ['A', '14.11.2026', '4', '400'], ['B', '13.11.2026', '3', '400'],
      ['B', '31.02.2026', '3', '400'],
    ]
    const { results, errors } = readSamples(
      rows,
      reading({ columns: ['person', 'day', 'concentration', 'minutes'], dates: 'day-month-year' }),
    )
    expect(results.map(({ label, value }) => [label, Number(value.toFixed(4))])).toEqual([
      ['A, 2026-11-13', 1.3333],
      ['A, 2026-11-14', 4],
      ['B, 2026-11-13', 3],
    ])
    expect(errors).toMatchObject([{ row: 5, column: 'day', problem: 'no-date' }])
  })
  it('puts pieces of one shift together by their time, by the rule chosen for the rest', () => {
    const rows = [['Mon', '2', '120'], ['Mon', '1', '240'], ['Tue', '<0.1', '480']]
    const by = (unsampled: SampleReading['unsampled']) =>
      readSamples(rows, reading({ columns: ['shift', 'concentration', 'minutes'], unsampled })).results.map(({ value }) =>
        Number(value.toFixed(4)),
      )
    expect(by('as-sampled')).toEqual([1.3333, 0.1])
    expect(by('nothing')).toEqual([1, 0.1])
    expect(by('worst')).toEqual([1.5, 0.1])
    expect(readSamples(rows, reading({ columns: ['shift', 'concentration', 'minutes'] })).results[1]).toMatchObject({
      label: 'Tue',
      isBelowLoq: true,
      minutes: 480,
    })
  })
  it('names every row that cannot be read and leaves it out, the others stay', () => {
    const { results, errors } = readSamples(
      [
        ['A', '0.1', 'no'], ['B', 'abc', 'no'], ['C', '', 'no'], ['D', '0', 'no'], ['E', '0.2', 'perhaps'], ['', '', ''],
      ],
      reading({ columns: ['shift', 'concentration', 'below'] }),
    )
    expect(results.map(({ label }) => label)).toEqual(['A'])
    expect(errors.map(({ row, column, problem }) => [row, column, problem])).toEqual([
      [2, 'concentration', 'not-a-number'],
      [3, 'concentration', 'missing'],
      [4, 'concentration', 'not-above-zero'],
      [5, 'below', 'no-flag'],
    ])
  })
  it('a shift without sampling time is an error', () => expect(() => shiftAverage([], 'nothing')).toThrow('sampling time'))
})

describe('the European tests', () => {
  const found = (...values: number[]) => values.map(value => ({ value, isBelowLoq: false }))
  it.each([
    ['three under a tenth', found(0.05, 0.09, 0.02), 'compliant'],
    ['three, one at a tenth', found(0.05, 0.1, 0.02), 'no-decision'],
    ['four under 0.15', found(0.14, 0.1, 0.12, 0.01), 'compliant'],
    ['five under 0.2', found(0.19, 0.1, 0.12, 0.01, 0.15), 'compliant'],
    ['three, one over', found(0.05, 1.01, 0.02), 'non-compliant'],
    ['two', found(0.01, 0.01), 'no-decision'],
    ['one just at the limit', found(1, 0.05, 0.02), 'no-decision'],
  ] as const)('%s: %s', (_, sample, verdict) => expect(judgeSamples(sample, 1).verdict).toBe(verdict))
  it('six all alike under the limit pass, and nearly all below the limit of quantification are judged at that limit', () => {
    expect(judgeSamples(found(0.3, 0.3, 0.3, 0.3, 0.3, 0.3), 1).verdict).toBe('compliant')
    const below = Array.from({ length: 9 }, () => ({ value: 0.05, isBelowLoq: true }))
    expect(judgeSamples([...below, ...found(0.1)], 1)).toMatchObject({ verdict: 'compliant', test: 'preliminary' })
    expect(judgeSamples([...below.map(one => ({ ...one, value: 0.5 })), ...found(0.1)], 1).verdict).toBe('no-decision')
  })
  it('never passes at a lower limit what fails at a higher one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.001, max: 2, noNaN: true }), { minLength: 3, maxLength: 12 }),
        fc.double({ min: 0.05, max: 5, noNaN: true }),
        fc.double({ min: 1, max: 10, noNaN: true }),
        (values, limit, more) => {
          if (judgeSamples(found(...values), limit).verdict === 'compliant')
            expect(judgeSamples(found(...values), limit * more).verdict).toBe('compliant')
        },
      ),
      { numRuns: 60 },
    )
  })
})
