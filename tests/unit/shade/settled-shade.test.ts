import { describe, expect, it } from 'vitest'
import { bandOf, personalStart, settledFor } from '#core/shade/settled-shade'
import type { ShadeQuestion } from '#core/shade/shade-question'
import { needsOneDarker } from '#core/shade/care'

const MIG: ShadeQuestion = { process: 'gmaw', currentA: 180 }

describe('the band that a shade is settled for', () => {
  // Rows of AWS F2.2 and ANSI Z49.1 Table 1, from memory.
  it.each([
    [{ process: 'gmaw', currentA: 180 }, [160, 250]],
    [{ process: 'gmaw', currentA: 160 }, [160, 250]],
    [{ process: 'gmaw', currentA: 159 }, [60, 160]],
    [{ process: 'gmaw', currentRangeA: [120, 260] }, [250, 500]],
    [{ process: 'gtaw', currentA: 30 }, [0, 50]],
    [{ process: 'ofw' }, null],
  ] as const)('%j', (question, band) => expect(bandOf(question)).toEqual(band))
  it('is none where the current is not known, or lies beyond the table', () => {
    expect([bandOf({ process: 'gmaw' }), bandOf({ process: 'gmaw', currentA: 501 })]).toEqual([undefined, undefined])
  })
})

describe('where somebody starts', () => {
  const settled = [{ process: 'gmaw', bandA: [160, 250], shade: 11 }, { process: 'ofw', bandA: null, shade: 5 }] as const
  it('is what they settled on, for that process and band and no other', () => {
    expect(settledFor(settled, MIG)).toBe(11)
    expect(settledFor(settled, { process: 'ofw' })).toBe(5)
    for (const other of [{ ...MIG, currentA: 90 }, { ...MIG, process: 'gtaw' }, { process: 'gmaw' }, { ...MIG, currentA: 900 }] as const)
      expect(settledFor(settled, other)).toBeUndefined()
  })
  it('is never under the least: it would read clear with a lens that is too light', () => {
    expect(personalStart(10, 12, { settledShade: 8 })).toBe(10)
    expect(personalStart(10, 12, { settledShade: 8, oneDarker: true })).toBe(10)
  })
  it('is one darker for who needs it, but not darker than what they found themselves', () => {
    expect([personalStart(10, 12, { oneDarker: true }), personalStart(10, 12, { oneDarker: true, settledShade: 11 })]).toEqual([13, 11])
    expect([{ isLightSensitive: true, hasSoreEyes: false }, { isLightSensitive: false, hasSoreEyes: true }].map(needsOneDarker)).toEqual([
      true, true,
    ])
    expect(needsOneDarker({ isLightSensitive: false, hasSoreEyes: false })).toBe(false)
  })
})
