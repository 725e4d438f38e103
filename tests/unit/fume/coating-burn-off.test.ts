import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { latinHypercube, percentileOf, randomFrom, spreadOf, valueAt } from '#core/chance/draws'
import { boiledOff, coatedWeldOf, coatingBurnOff, drawnOf, loadingOf, widthToStripMm } from '#core/fume/coating-burn-off'
import { energyBoundMgPerMin } from '#core/fume/coating-metal'
import { COATINGS } from '#core/ids/vocabulary'
import type { CoatingId, ProcessId } from '#core/ids/vocabulary'

const ARCS = ['smaw', 'gmaw', 'fcaw-g', 'fcaw-s', 'gtaw', 'saw', 'paw'] as const satisfies readonly ProcessId[]
const KNOWN = ['zinc', 'zinc-strip', 'zinc-plated', 'zinc-primer', 'cadmium', 'lead-paint'] as const satisfies readonly CoatingId[]
const weldOf = (process: ProcessId, currentA: number, thicknessMm: number) => coatedWeldOf({ process, currentA }, thicknessMm)!

describe('what boils off a coating', () => {
  it('is never more than the arc has power to boil, whatever lies there', () => {
    fc.assert(fc.property(
      fc.constantFrom(...ARCS), fc.constantFrom(...KNOWN), fc.integer({ min: 20, max: 500 }), fc.integer({ min: 1, max: 60 }),
      (process, coating, currentA, thicknessMm) => {
        const [weld, loading] = [weldOf(process, currentA, thicknessMm), loadingOf(coating, thicknessMm)!]
        const { boiledMgPerMin } = boiledOff(weld, { ...loading, gPerM2: { low: 1e4, mid: 1e4, high: 1e4 } }, 0)
        const boundMgPerMin = energyBoundMgPerMin(loading.metal, valueAt(weld.voltageV, 1), currentA)
        expect(Math.max(...boiledMgPerMin)).toBeLessThanOrEqual(boundMgPerMin + 1e-6)
        const usual = boiledOff(weld, loading, 0)
        usual.boiledMgPerMin.forEach((mg, n) => expect(usual.airborneMgPerMin[n]! <= mg + 1e-9 || loading.metal === 'lead').toBe(true))
      },
    ))
  })
  it('falls as more is stripped and as the coating is lighter, and never grows', () => {
    fc.assert(fc.property(
      fc.constantFrom(...ARCS), fc.constantFrom(...KNOWN), fc.integer({ min: 20, max: 400 }), fc.integer({ min: 1, max: 40 }), fc.nat(40),
      (process, coating, currentA, plateThicknessMm, strippedWidthMm) => {
        const at = (mm: number) => coatingBurnOff({ process, coating, currentA, plateThicknessMm, strippedWidthMm: mm })!.mgPerMin
        expect(at(strippedWidthMm + 1).high).toBeLessThanOrEqual(at(strippedWidthMm).high)
        expect(at(strippedWidthMm).low).toBeLessThanOrEqual(at(strippedWidthMm).high)
      },
    ))
    const of = (coating: CoatingId) =>
      coatingBurnOff({ process: 'gmaw', coating, currentA: 180, plateThicknessMm: 3, strippedWidthMm: 0 })!.mgPerMin.high
    expect(of('zinc-plated')).toBeLessThan(of('zinc-strip'))
    expect(of('zinc-strip')).toBeLessThan(of('zinc'))
  })
  it('is nothing where as much is stripped as is asked for', () => {
    fc.assert(fc.property(
      fc.constantFrom(...ARCS), fc.constantFrom(...KNOWN), fc.integer({ min: 20, max: 400 }), fc.integer({ min: 1, max: 40 }),
      (process, coating, currentA, plateThicknessMm) => {
        const asked = { process, coating, currentA, plateThicknessMm }
        const stripMm = widthToStripMm(asked)
        expect(stripMm).toBeGreaterThanOrEqual(25)
        expect(coatingBurnOff({ ...asked, strippedWidthMm: stripMm })!.mgPerMin.high).toBe(0)
      },
    ))
  })
  // What nobody named may be cadmium, which leaves before zinc does, or paint, which burns farther than either boils.
  it('of a coating that nobody named as much is asked for as of the worst that it may be', () => {
    fc.assert(fc.property(
      fc.constantFrom(...ARCS), fc.constantFrom(...KNOWN), fc.integer({ min: 20, max: 400 }), fc.integer({ min: 1, max: 40 }),
      (process, coating, currentA, plateThicknessMm) => {
        const asked = { process, currentA, plateThicknessMm }
        for (const unnamed of ['unknown', 'primer', 'paint', 'yellow-passivate'] as const)
          expect(widthToStripMm({ ...asked, coating: unnamed })).toBeGreaterThanOrEqual(widthToStripMm({ ...asked, coating }))
      },
    ))
  })
  it('of what nobody named, of paint that may hold anything, and of an arc of unknown current nobody can say', () => {
    const stick = { process: 'smaw', currentA: 120, plateThicknessMm: 6, strippedWidthMm: 0 } as const
    const unsaid = COATINGS.filter(coating => coatingBurnOff({ ...stick, coating }) === null)
    expect(unsaid).toEqual(COATINGS.filter(coating => !(KNOWN as readonly CoatingId[]).includes(coating)))
    expect(coatingBurnOff({ process: 'smaw', coating: 'zinc', plateThicknessMm: 6, strippedWidthMm: 0 })).toBeNull()
    expect(coatingBurnOff({ process: 'ofc', coating: 'zinc', plateThicknessMm: 6, strippedWidthMm: 0 })).not.toBeNull()
  })
  it('a thick plate boils on one face alone, and lead inside the bead', () => {
    const strip = loadingOf('zinc-strip', 1)!
    const one = (thicknessMm: number) => spreadOf(boiledOff(weldOf('gtaw', 100, thicknessMm), strip, 0).boiledMgPerMin).mid
    expect(one(60)).toBeLessThan(one(6) / 2)
    const lead = boiledOff(weldOf('smaw', 120, 8), loadingOf('lead-paint', 8)!, 0)
    expect(spreadOf(lead.boiledMgPerMin).mid).toBeGreaterThan(0)
  })
  it('hardly depends on the seed: a twentieth at most at the 95th percentile', () => {
    const at = (seed: number) => spreadOf(boiledOff(weldOf('smaw', 165, 8), loadingOf('zinc', 8)!, 0, drawnOf(500, seed)).airborneMgPerMin)
    const usual = coatingBurnOff({ process: 'smaw', coating: 'zinc', currentA: 165, plateThicknessMm: 8, strippedWidthMm: 0 })!.mgPerMin
    for (const seed of [1, 2, 3, 4, 5]) expect(Math.abs(at(seed).high / usual.high - 1)).toBeLessThan(0.05)
  })
})

describe('draws', () => {
  it('each slice of an input is drawn once, and the same seed draws the same', () => {
    const [a, b] = latinHypercube(2, 50, 7)
    const slices = Array.from({ length: 50 }, (_, slice) => slice)
    for (const one of [a!, b!]) expect([...one].map(chance => Math.floor(chance * 50)).sort((x, y) => x - y)).toEqual(slices)
    expect([...a!]).not.toEqual([...b!])
    expect([...latinHypercube(2, 50, 7)[1]!]).toEqual([...b!])
    expect(randomFrom(1)()).not.toBe(randomFrom(2)())
  })
  it('a range has its ends at a twentieth and nineteen twentieths, grows with the chance and is never below nothing', () => {
    const range = { low: 1, mid: 2, high: 5 }
    expect([0.05, 0.5, 0.95].map(chance => valueAt(range, chance))).toEqual([1, 2, 5])
    fc.assert(fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (a, b) => {
      expect(valueAt(range, Math.min(a, b))).toBeLessThanOrEqual(valueAt(range, Math.max(a, b)))
      expect(valueAt({ low: 0, mid: 0.1, high: 1 }, a)).toBeGreaterThanOrEqual(0)
    }))
  })
  it('percentiles lie between their neighbours', () => {
    expect(percentileOf([1, 2, 3, 4, 5], 0.5)).toBe(3)
    expect(percentileOf([1, 2, 3, 4, 5], 0.95)).toBeCloseTo(4.8, 12)
    expect(percentileOf([7], 0.3)).toBe(7)
    expect(spreadOf(Float64Array.from([5, 1, 4, 2, 3]))).toMatchObject({ mid: 3 })
  })
})
