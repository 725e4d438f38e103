import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { FumeQuestion } from '#core/fume/emission'
import { emissionOf } from '#core/fume/emission'
import { gasesAtArc } from '#core/fume/gases'
import { flameCutFumeGPerMin, kerfGPerMin, plasmaCutFumeGPerMin } from '#core/fume/kerf'
import { plasmaFumeGPerMin } from '#core/fume/plasma-cut'

const KERF = { baseMetal: 'mild-steel', plateThicknessMm: 8, kerfWidthMm: 3, travelSpeedMPerMin: 2.5 } as const
const CUT: FumeQuestion = { process: 'pac', currentA: 200, baseMetal: 'mild-steel', coating: 'none', plateThicknessMm: 8 }
const FLAME: FumeQuestion = { process: 'ofc', baseMetal: 'mild-steel', coating: 'none', plateThicknessMm: 12 }
const fume = (question: FumeQuestion) => emissionOf(question).substances['total-fume']?.mgPerMin
const codes = (question: FumeQuestion) => emissionOf(question).findings.map(({ code }) => code)

describe('fume of a cut by its kerf', () => {
  // Arithmetic of the published scaling (from memory): 8 mm, 3 mm kerf, 2.5 m/min: 471 g/min, of which 5 % are 23.6.
  it('a kerf of 8 x 3 mm at 2.5 m/min turns out 471 g/min, and 3 to 5 % of it smoke', () => {
    expect(kerfGPerMin(KERF)).toBeCloseTo(471, 9)
    const { low, high } = plasmaCutFumeGPerMin(KERF, undefined)!
    expect(low).toBeCloseTo(14.13, 2)
    expect(high).toBeCloseTo(23.55, 2)
  })
  // Published test, mid-1990s, dry, 8 mm mild steel: 20 to 30 g/min (from memory).
  it('agrees with the published test of 8 mm plate, and with the power of the arc that cuts it', () => {
    const { mid, high } = plasmaCutFumeGPerMin(KERF, 200)!
    expect(high).toBeGreaterThan(20)
    expect(high).toBeLessThan(30)
    expect(mid).toBeGreaterThan(plasmaFumeGPerMin(200).low)
  })
  it('no arc melts more than its power, and none that cuts melts nothing, whatever was typed', () =>
    fc.assert(fc.property(
      fc.record({
        baseMetal: fc.constantFrom('mild-steel', 'stainless-steel', 'aluminium'),
        plateThicknessMm: fc.double({ min: 0.1, max: 1000, noNaN: true }),
        kerfWidthMm: fc.double({ min: 0.5, max: 20, noNaN: true }),
        travelSpeedMPerMin: fc.double({ min: 0.005, max: 20, noNaN: true }),
      }),
      fc.integer({ min: 20, max: 800 }),
      (kerf, currentA) => {
        const made = plasmaCutFumeGPerMin(kerf, currentA)!
        const byPower = plasmaFumeGPerMin(currentA, kerf.baseMetal)
        expect(made.high).toBeLessThanOrEqual(byPower.high)
        expect(made.low).toBeGreaterThanOrEqual(byPower.low)
        expect(made.mid).toBeGreaterThanOrEqual(made.low)
        expect(made.high).toBeGreaterThanOrEqual(made.mid)
      },
    )))
  it('neither current nor kerf: nobody can say', () => {
    expect(plasmaCutFumeGPerMin({ ...KERF, kerfWidthMm: undefined }, undefined)).toBeNull()
    expect(codes({ ...CUT, currentA: undefined })).toContain('fume.input-missing')
    expect(fume({ ...CUT, currentA: undefined })).toBeUndefined()
  })
  it('a flame cut goes by its kerf, else by what was found up to 25 mm and more of thicker plate; without a thickness it holds', () => {
    // 1 to 3 % of 12 x 2 mm at 0.4 m/min, 75.4 g/min (from memory, arithmetic).
    const kerf = { ...FLAME, kerfWidthMm: 2, travelSpeedMPerMin: 0.4 }
    expect(flameCutFumeGPerMin(kerf)!.high).toBeCloseTo(2.2608, 4)
    expect(flameCutFumeGPerMin(FLAME)).toEqual({ low: 0.5, mid: 1.2, high: 3 })
    expect(flameCutFumeGPerMin({ ...FLAME, plateThicknessMm: 100 })!.high).toBeCloseTo(12, 9)
    // A sliver that somebody typed makes no less than was found of thin plate.
    expect(flameCutFumeGPerMin({ ...kerf, kerfWidthMm: 0.5, plateThicknessMm: 1 })!.high).toBe(0.5)
    expect(fume({ ...FLAME, plateThicknessMm: undefined })).toBeUndefined()
    expect(emissionOf({ ...FLAME, plateThicknessMm: undefined }).findings).toContainEqual(
      expect.objectContaining({ severity: 'hold', code: 'fume.input-missing', values: { input: 'plateThickness' } }),
    )
  })
})

describe('a cut over water', () => {
  // Published (from memory): dry 20 to 30 g/min, touching 2 to 5, under water 0.1 to 0.5; oxides 1 to 10 L/min dry, 0.05 to 1 under water.
  it('keeps what was found: most of the fume where it touches, nearly all where it covers', () => {
    const dry = fume(CUT)!
    const at = (waterTable: 'touching' | 'under-water') => fume({ ...CUT, waterTable })!
    expect(at('touching').mid / dry.mid).toBeCloseTo(0.14, 3)
    expect(at('touching').high / dry.high).toBeCloseTo(0.25, 9)
    expect(dry.mid / at('under-water').mid).toBeCloseTo(80, 6)
    expect(dry.high / at('under-water').high).toBeCloseTo(40, 6)
  })
  it('touching it keeps none of the oxides, over it nine tenths; it is no water that nobody told of', () => {
    const oxides = (waterTable?: 'dry' | 'touching' | 'under-water') =>
      gasesAtArc('pac', { currentA: 200, ...waterTable ? { waterTable } : {} })['nitrogen-dioxide']!.high
    expect(oxides('touching')).toBe(oxides())
    expect(oxides('dry')).toBe(oxides())
    expect(oxides('under-water')).toBeCloseTo(oxides() / 10, 9)
    expect(fume({ ...CUT, waterTable: 'dry' })).toEqual(fume(CUT))
  })
  it('of aluminium makes hydrogen, and it is said', () => {
    const cut = { ...CUT, baseMetal: 'aluminium' } as const
    for (const waterTable of ['touching', 'under-water'] as const) {
      expect(codes({ ...cut, waterTable })).toContain('fume.hydrogen-under-plate')
      expect(codes({ ...CUT, waterTable })).not.toContain('fume.hydrogen-under-plate')
    }
    expect(codes(cut)).not.toContain('fume.hydrogen-under-plate')
  })
  it('is asked anew of the next: a flame cut has no use for it, and nothing but a plasma cut is credited', () =>
    expect(fume({ ...FLAME, waterTable: 'under-water' })).toEqual(fume(FLAME)))
})
