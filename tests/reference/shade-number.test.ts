import { describe, expect, it } from 'vitest'
import { addedByTint, combinedShade, shadeForComparing, shadeFromTransmittance, transmittanceFromShade } from '#core/shade/shade-number'

describe('scale numbers', () => {
  // EN 169:1992 Table 1, luminous transmittance in percent, nominal, least and most. Recalled; the formula checks itself.
  it.each([
    [2, 37.3, 29.1, 43.2], [3, 13.9, 8.5, 17.8], [4, 5.18, 3.2, 8.5], [5, 1.93, 1.2, 3.2], [6, 0.72, 0.44, 1.2], [7, 0.268, 0.16, 0.44],
    [8, 0.1, 0.061, 0.16], [9, 0.0373, 0.023, 0.061], [10, 0.0139, 0.0085, 0.023], [11, 0.00518, 0.0032, 0.0085],
    [12, 0.00193, 0.0012, 0.0032], [13, 0.00072, 0.00044, 0.0012], [14, 0.000268, 0.00016, 0.00044],
  ])('EN 169 Table 1: shade %d has a nominal transmittance of %f %%, between %f and %f', (shade, nominal, least, most) => {
    const percent = transmittanceFromShade(shade) * 100
    expect(Math.abs(percent / nominal - 1)).toBeLessThan(0.006)
    expect(percent).toBeGreaterThan(least)
    expect(percent).toBeLessThan(most)
  })
  it('worked case C09: T = 0.0001389 is shade 10.00', () => expect(shadeFromTransmittance(0.0001389)).toBeCloseTo(10, 2))
  // Row 1e-06, computed there for common tints.
  it.each([
    [0.85, 0.16], [0.5, 0.7], [0.2, 1.63], [0.15, 1.92], [0.1, 2.33], [0.08, 2.56],
  ])('row 1e-06: a tint of %f adds %f', (visible, added) => expect(addedByTint(visible)).toBeCloseTo(added, 2))
  it('EN 379 guidance: two filters in series make N1 + N2 - 1', () => expect(combinedShade([10, 1.7])).toBeCloseTo(10.7, 12))
  it('a printed nominal transmittance still reads as its own shade, anything less is rounded down', () => {
    expect(shadeForComparing(shadeFromTransmittance(0.000139))).toBe(10)
    expect(shadeForComparing(shadeFromTransmittance(0.000145))).toBeLessThan(10)
  })
  it.each([0, -1, 1.01, Number.NaN])('refuses a transmittance of %f', value =>
    expect(() => shadeFromTransmittance(value)).toThrow(RangeError),
  )
  it('refuses a shade under 1', () => {
    expect(() => transmittanceFromShade(0.9)).toThrow(RangeError)
    expect(() => combinedShade([10, 0.5])).toThrow(RangeError)
  })
})
