import { describe, expect, it } from 'vitest'
import { inchFromMm } from '#core/units'
import { wrongNumber } from '~/areas/station/useJobDraft'

const MM = { unit: 'mm', toShown: (si: number) => si }
const INCH = { unit: 'in', toShown: inchFromMm }

describe('a number of the job card', () => {
  it.each([Number.NaN, Number.POSITIVE_INFINITY, 0, -1, 1001])('%d mm of plate is none that can be', (value) => {
    expect(wrongNumber('plateThicknessMm', value, MM)).not.toBeNull()
  })
  it.each([0.1, 6, 1000])('%d mm of plate can be', value => expect(wrongNumber('plateThicknessMm', value, MM)).toBeNull())
  it('says its limits in the unit that is typed, rounded so that what it says is taken', () => {
    expect(wrongNumber('plateThicknessMm', 2000, MM)).toContain('1000 mm')
    // 1000 mm are 39.3701 in, 0.1 mm are 0.0039 in.
    expect(wrongNumber('plateThicknessMm', 2000, INCH)).toContain('39.37 in')
    expect(wrongNumber('plateThicknessMm', 0.01, INCH)).toContain('0.004 in')
    expect(wrongNumber('plateThicknessMm', 0.004 * 25.4, INCH)).toBeNull()
    expect(wrongNumber('plateThicknessMm', 39.37 * 25.4, INCH)).toBeNull()
  })
})
