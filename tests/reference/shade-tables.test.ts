import { describe, expect, it } from 'vitest'
import { requiredShade } from '#core/shade/required-shade'
import type { ShadeQuestion } from '#core/shade/shade-question'
import type { ShadeRuleSetId } from '#core/ids/vocabulary'

/**
 * Every row of every shade table shipped, typed here a second time from the source named beside it, at a current inside
 * the row. All from memory of the published tables: the checks prove that the tables say what their sources are
 * remembered to say.
 */
const says = (question: ShadeQuestion, ruleSet: ShadeRuleSetId) => {
  const { minimum, suggested } = requiredShade(question).ruleSets.find(answer => answer.ruleSet === ruleSet)!
  return [minimum, suggested]
}

describe('29 CFR 1910.133(a)(5), minimum by arc current', () => {
  it.each([
    ['1a-01', 'smaw', 40, 7], ['1a-02', 'smaw', 100, 8], ['1a-03', 'smaw', 200, 10], ['1a-04', 'smaw', 400, 11],
    ['1a-05', 'gmaw', 40, 7], ['1a-06', 'gmaw', 100, 10], ['1a-07', 'gmaw', 200, 10], ['1a-08', 'gmaw', 400, 10],
    ['1a-05', 'fcaw-g', 40, 7], ['1a-06', 'fcaw-g', 100, 10], ['1a-07', 'fcaw-s', 200, 10], ['1a-08', 'fcaw-s', 400, 10],
    ['1a-09', 'gtaw', 30, 8], ['1a-10', 'gtaw', 100, 8], ['1a-11', 'gtaw', 300, 10],
    ['1a-12', 'cac-a', 300, 10], ['1a-13', 'cac-a', 800, 11],
    ['1a-14', 'paw', 10, 6], ['1a-15', 'paw', 50, 8], ['1a-16', 'paw', 200, 10], ['1a-17', 'paw', 600, 11],
    ['1a-18', 'pac', 100, 8], ['1a-19', 'pac', 350, 9], ['1a-20', 'pac', 600, 10], ['1a-23', 'caw', 100, 14],
  ] as const)('row %s: %s at %d A needs %d', (_row, process, currentA, minimum) => {
    expect(says({ process, currentA }, 'us-legal')).toEqual([minimum, null])
  })
  it.each([
    ['1a-24', 'ofw', 2, 4], ['1a-25', 'ofw', 8, 5], ['1a-26', 'ofw', 20, 6], ['1a-27', 'ofc', 10, 3], ['1a-28', 'ofc', 60, 4],
    ['1a-29', 'ofc', 200, 5],
  ] as const)('row %s: %s at %d mm needs %d', (_row, process, plateThicknessMm, minimum) => {
    expect(says({ process, plateThicknessMm }, 'us-legal')[0]).toBe(minimum)
  })
  it('rows 1a-21 and 1a-22: torch brazing 3, torch soldering 2', () => {
    expect(says({ process: 'tb' }, 'us-legal')[0]).toBe(3)
    expect(says({ process: 'ts' }, 'us-legal')[0]).toBe(2)
  })
  it('rows 1a-01 to 1a-04 by electrode size, when the current is unknown', () => {
    const bySize = (electrodeDiameterMm: number) => says({ process: 'smaw', electrodeDiameterMm }, 'us-legal')[0]
    expect([2, 3.2, 4.8, 8].map(bySize)).toEqual([7, 8, 10, 11])
  })
})

describe('29 CFR 1926.102 Table E-1 (formerly E-2), construction', () => {
  const site = { workplace: 'construction' } as const
  it.each([
    ['1a-c1', { process: 'smaw', electrodeDiameterMm: 1.6 }, 10],
    ['1a-c1', { process: 'smaw', electrodeDiameterMm: 2.4 }, 10],
    ['1a-c1', { process: 'smaw', electrodeDiameterMm: 4 }, 10],
    ['1a-c4', { process: 'smaw', electrodeDiameterMm: 4.8 }, 12],
    ['1a-c4', { process: 'smaw', electrodeDiameterMm: 6.35 }, 12],
    ['1a-c5', { process: 'smaw', electrodeDiameterMm: 8 }, 14],
    ['1a-c5', { process: 'smaw', electrodeDiameterMm: 9.525 }, 14],
    ['1a-c2', { process: 'gtaw', electrodeDiameterMm: 2.4, baseMetal: 'aluminium' }, 11],
    ['1a-c3', { process: 'gtaw', electrodeDiameterMm: 2.4, baseMetal: 'mild-steel' }, 12],
    ['1a-c3', { process: 'gmaw', electrodeDiameterMm: 1.6 }, 12],
    ['1a-c7', { process: 'caw' }, 14],
    ['1a-c8', { process: 'ts' }, 2],
    ['1a-c9', { process: 'tb' }, 3],
    ['1a-c10', { process: 'ofc', plateThicknessMm: 10 }, 3],
    ['1a-c11', { process: 'ofc', plateThicknessMm: 60 }, 4],
    ['1a-c12', { process: 'ofc', plateThicknessMm: 200 }, 5],
    ['1a-c13', { process: 'ofw', plateThicknessMm: 2 }, 4],
    ['1a-c14', { process: 'ofw', plateThicknessMm: 8 }, 5],
    ['1a-c15', { process: 'ofw', plateThicknessMm: 20 }, 6],
  ] as const)('row %s: %o needs %d', (_row, question, minimum) => {
    expect(says({ ...question, ...site }, 'us-legal')[0]).toBe(minimum)
  })
  it('a size unknown or off the table takes the darkest row of the process, with a caution', () => {
    for (const [question, darkest] of [
      [{ process: 'smaw', currentA: 90 }, 14],
      [{ process: 'smaw', electrodeDiameterMm: 12 }, 14],
      [{ process: 'gmaw', electrodeDiameterMm: 0.9, currentA: 120 }, 12],
    ] as const) {
      const [minimum] = says({ ...question, ...site }, 'us-legal')
      expect(minimum).toBe(darkest)
      expect(requiredShade({ ...question, ...site }, { jurisdiction: 'us' }).findings).toContainEqual(
        expect.objectContaining({ severity: 'caution', code: 'shade.construction-size-unknown' }),
      )
    }
  })
})

describe('AWS F2.2:2001 (R2010), ANSI Z49.1 Table 1: minimum and suggestion', () => {
  it.each([
    ['1b-01', 'smaw', 40, 7, null],
    ['1b-02', 'smaw', 100, 8, [10, 10]],
    ['1b-03', 'smaw', 200, 10, [12, 12]],
    ['1b-04', 'smaw', 400, 11, [14, 14]],
    ['1b-05', 'gmaw', 40, 7, null],
    ['1b-06', 'gmaw', 100, 10, [11, 11]],
    ['1b-07', 'fcaw-g', 200, 10, [12, 12]],
    ['1b-08', 'fcaw-s', 400, 10, [14, 14]],
    ['1b-09', 'gtaw', 30, 8, [10, 10]],
    ['1b-10', 'gtaw', 100, 8, [12, 12]],
    ['1b-11', 'gtaw', 300, 10, [14, 14]],
    ['1b-12', 'cac-a', 300, 10, [12, 12]],
    ['1b-13', 'cac-a', 800, 11, [14, 14]],
    ['1b-14', 'paw', 10, 6, [6, 8]],
    ['1b-15', 'paw', 50, 8, [10, 10]],
    ['1b-16', 'paw', 200, 10, [12, 12]],
    ['1b-17', 'paw', 600, 11, [14, 14]],
    ['1b-18', 'pac', 10, 4, [4, 4]],
    ['1b-19', 'pac', 30, 5, [5, 5]],
    ['1b-20', 'pac', 50, 6, [6, 6]],
    ['1b-21', 'pac', 70, 8, [8, 8]],
    ['1b-22', 'pac', 200, 8, [9, 9]],
    ['1b-23', 'pac', 350, 9, [12, 12]],
    ['1b-24', 'pac', 600, 10, [14, 14]],
    ['1b-27', 'caw', 100, null, [14, 14]],
  ] as const)('row %s: %s at %d A: %o, %o', (_row, process, currentA, minimum, suggested) => {
    expect(says({ process, currentA }, 'us-consensus')).toEqual([minimum, suggested])
  })
  it.each([
    ['1b-28', 'ofw', 2, [4, 5]],
    ['1b-29', 'ofw', 8, [5, 6]],
    ['1b-30', 'ofw', 20, [6, 8]],
    ['1b-31', 'ofc', 10, [3, 4]],
    ['1b-32', 'ofc', 60, [4, 5]],
    ['1b-33', 'ofc', 200, [5, 6]],
  ] as const)('row %s: %s at %d mm suggests %o and prints no minimum', (_row, process, plateThicknessMm, suggested) => {
    expect(says({ process, plateThicknessMm }, 'us-consensus')).toEqual([null, suggested])
  })
  it('rows 1b-25 and 1b-26: brazing 3 or 4, soldering 2', () => {
    expect(says({ process: 'tb' }, 'us-consensus')).toEqual([null, [3, 4]])
    expect(says({ process: 'ts' }, 'us-consensus')).toEqual([null, [2, 2]])
  })
})

describe('ISO 4850:1979 and EN 169:1992: the number is the suggestion, one lighter its minimum', () => {
  const eu = (question: ShadeQuestion, shade: number) => expect(says(question, 'eu')).toEqual([shade - 1, [shade, shade]])
  it.each([
    [30, 9], [60, 10], [120, 11], [200, 12], [400, 13], [600, 14],
  ] as const)('row 1c-01: covered electrode at %d A: %d', (currentA, shade) => eu({ process: 'smaw', currentA }, shade))
  it.each([
    [90, 10], [150, 11], [200, 12], [400, 13], [600, 14],
  ] as const)('row 1c-02: MIG on heavy metals at %d A: %d', (currentA, shade) =>
    eu({ process: 'gmaw', currentA, shieldingGas: 'argon', baseMetal: 'copper' }, shade),
  )
  it.each([
    [90, 10], [150, 11], [200, 12], [300, 13], [400, 14], [600, 15],
  ] as const)('row 1c-03: MIG on light alloys at %d A: %d', (currentA, shade) =>
    eu({ process: 'gmaw', currentA, shieldingGas: 'argon', baseMetal: 'aluminium' }, shade),
  )
  it.each([
    [10, 9], [30, 10], [70, 11], [150, 12], [200, 13], [300, 14],
  ] as const)('row 1c-04: TIG at %d A: %d', (currentA, shade) => eu({ process: 'gtaw', currentA }, shade))
  it.each([[60, 10], [100, 11], [150, 12], [220, 13], [400, 14], [500, 15]] as const)('row 1c-05: MAG at %d A: %d', (currentA, shade) => {
    eu({ process: 'gmaw', currentA, shieldingGas: 'co2' }, shade)
    eu({ process: 'fcaw-g', currentA }, shade)
  })
  it.each([
    [150, 10], [200, 11], [250, 12], [300, 13], [400, 14], [500, 15],
  ] as const)('row 1c-06: air-arc gouging at %d A: %d', (currentA, shade) => eu({ process: 'cac-a', currentA }, shade))
  it.each([
    [100, 11],
    [200, 12],
    [300, 13],
  ] as const)('row 1c-07: plasma cutting at %d A: %d', (currentA, shade) => eu({ process: 'pac', currentA }, shade))
  it.each([
    [70, 4], [71, 5], [200, 5], [201, 6], [800, 6], [801, 7],
  ] as const)('row 1c-21: gas welding at %d L/h of acetylene: %d', (acetyleneFlowLPerH, shade) =>
    eu({ process: 'ofw', plateThicknessMm: 2, acetyleneFlowLPerH }, shade),
  )
  it.each([
    [1500, 5],
    [3000, 6],
    [6000, 7],
  ] as const)('row 1c-23: oxygen cutting at %d L/h of oxygen: %d', (oxygenFlowLPerH, shade) =>
    eu({ process: 'ofc', plateThicknessMm: 10, oxygenFlowLPerH }, shade),
  )
  it('row 1c-08, micro-plasma, is recalled too loosely and is not shipped', () => {
    expect(says({ process: 'paw', currentA: 50 }, 'eu')).toEqual([null, null])
  })
})

describe('worked cases of the data book', () => {
  it('C01: stick, 3/32 in rod, 85 A: 8 under US law', () => {
    expect(requiredShade({ process: 'smaw', currentA: 85, electrodeDiameterMm: 2.38125 }, { jurisdiction: 'us' }).minimum).toBe(8)
  })
  it('C03: flux-cored at 220 A: US law 10, consensus 10 and 12, European MAG row 13', () => {
    const question = { process: 'fcaw-g', currentA: 220 } as const
    expect(says(question, 'us-legal')).toEqual([10, null])
    expect(says(question, 'us-consensus')).toEqual([10, [12, 12]])
    expect(says(question, 'eu')).toEqual([12, [13, 13]])
  })
  it('C05: plasma cutting with a visible arc at 45 A: law 8 against consensus 6, and law wins', () => {
    const { minimum, bindingRuleSet } = requiredShade({ process: 'pac', currentA: 45 }, { jurisdiction: 'us', basis: 'us-consensus' })
    expect([minimum, bindingRuleSet]).toEqual([8, 'us-legal'])
    expect(says({ process: 'pac', currentA: 45 }, 'us-consensus')).toEqual([6, [6, 6]])
  })
  it('C07: gas welding 10 mm at 150 L/h of acetylene: law 5, consensus 5 or 6, European 5', () => {
    const question = { process: 'ofw', plateThicknessMm: 10, acetyleneFlowLPerH: 150 } as const
    expect(says(question, 'us-legal')[0]).toBe(5)
    expect(says(question, 'us-consensus')[1]).toEqual([5, 6])
    expect(says(question, 'eu')[1]).toEqual([5, 5])
  })
})
