import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { requiredShade } from '#core/shade/required-shade'
import { judgeWorn } from '#core/shade/worn-shade'
import { combinedShade } from '#core/shade/shade-number'
import type { ShadeQuestion, ShadeRules } from '#core/shade/shade-question'
import { BASE_METALS, JURISDICTIONS, PROCESSES, SHADE_BASES, SHIELDING_GASES, WORKPLACES } from '#core/ids/vocabulary'

const codes = (question: ShadeQuestion, rules?: ShadeRules) =>
  requiredShade(question, rules).findings.map(({ severity, code }) => `${severity} ${code}`)
const US: ShadeRules = { jurisdiction: 'us', basis: 'us-consensus', minimum: 10 }

describe('band edges: printed in both rows, the darker holds', () => {
  it.each([
    ['smaw', 59.9, 7, 60, 8], ['smaw', 159.9, 8, 160, 10], ['smaw', 249.9, 10, 250, 11], ['gmaw', 59.9, 7, 60, 10],
    ['gtaw', 149.9, 8, 150, 10], ['cac-a', 499.9, 10, 500, 11], ['paw', 19.9, 6, 20, 8], ['paw', 399.9, 10, 400, 11],
    ['pac', 299.9, 8, 300, 9], ['pac', 399.9, 9, 400, 10],
  ] as const)('%s: %d A needs %d, %d A needs %d', (process, under, lighter, at, darker) => {
    expect(requiredShade({ process, currentA: under }, { jurisdiction: 'us' }).minimum).toBe(lighter)
    expect(requiredShade({ process, currentA: at }, { jurisdiction: 'us' }).minimum).toBe(darker)
  })
  it('an edge printed "> 500" in the European table stays in the row before', () => {
    const eu = (currentA: number) => requiredShade({ process: 'smaw', currentA }, { jurisdiction: 'eu' }).start
    expect([eu(174.9), eu(175), eu(500), eu(500.1)]).toEqual([11, 12, 13, 14])
  })
  it('plate edges: 1/8 in is medium, 1/2 in still medium, 25 mm cutting is medium', () => {
    const law = (process: 'ofw' | 'ofc', plateThicknessMm: number) =>
      requiredShade({ process, plateThicknessMm }, { jurisdiction: 'us' }).minimum
    expect([law('ofw', 3.1), law('ofw', 3.175), law('ofw', 12.7), law('ofw', 12.8)]).toEqual([4, 5, 5, 6])
    expect([law('ofc', 24.9), law('ofc', 25), law('ofc', 150), law('ofc', 151)]).toEqual([3, 4, 4, 5])
  })
})

describe('what binds', () => {
  it('the law binds, and the basis says where to start', () => {
    expect(requiredShade({ process: 'gmaw', currentA: 180 }, US)).toMatchObject({ minimum: 10, start: 12, bindingRuleSet: 'us-legal' })
  })
  it('a basis or a house minimum can only make it darker', () => {
    expect(requiredShade({ process: 'smaw', currentA: 100 }, { jurisdiction: 'us', basis: 'eu' })).toMatchObject({
      minimum: 10,
      bindingRuleSet: 'eu',
    })
    expect(requiredShade({ process: 'smaw', currentA: 300 }, US)).toMatchObject({ minimum: 11, bindingRuleSet: 'us-legal' })
    expect(requiredShade({ process: 'smaw', currentA: 100 }, US)).toMatchObject({ minimum: 10, bindingRuleSet: 'house' })
  })
  it('a house minimum is for open arcs: not for a brazer, not for a 45 A plasma cut, but for one above 80 A', () => {
    expect(requiredShade({ process: 'tb' }, US)).toMatchObject({ minimum: 3, start: 4, bindingRuleSet: 'us-legal' })
    expect(requiredShade({ process: 'pac', currentA: 80 }, US).minimum).toBe(8)
    expect(requiredShade({ process: 'pac', currentA: 81 }, US).minimum).toBe(10)
  })
  it('darkest first starts dark, with the law as its lower bound', () => {
    const answer = requiredShade({ process: 'gtaw', currentA: 120 }, { jurisdiction: 'us', basis: 'darkest-first' })
    expect(answer).toMatchObject({ minimum: 8, start: 14 })
    expect(answer.ruleSets.at(-1)).toMatchObject({ ruleSet: 'darkest-first', minimum: 8, suggested: [8, 14] })
  })
  it('with no rules sent, the strictest known binds and says so', () => {
    expect(requiredShade({ process: 'fcaw-g', currentA: 220 })).toMatchObject({ minimum: 12, bindingRuleSet: 'eu' })
    expect(codes({ process: 'fcaw-g', currentA: 220 })).toContain('note shade.strictest-assumed')
  })
  it('where the law that binds prints no row, the darkest other answer is used, with a caution', () => {
    expect(requiredShade({ process: 'paw', currentA: 200 }, { jurisdiction: 'de' })).toMatchObject({
      minimum: 10,
      bindingRuleSet: 'us-legal',
    })
    expect(codes({ process: 'paw', currentA: 200 }, { jurisdiction: 'de' })).toEqual(['caution shade.law-silent'])
  })
  it('a current range is judged at its worst end', () => {
    expect(requiredShade({ process: 'smaw', currentRangeA: [120, 170] }, { jurisdiction: 'us' }).minimum).toBe(10)
  })
  it('electrode size decides when the current is unknown, or when its row is darker than the current\'s', () => {
    const law = (question: Omit<ShadeQuestion, 'process'>) => requiredShade({ process: 'smaw', ...question }, { jurisdiction: 'us' })
    expect(law({ electrodeDiameterMm: 3.2 }).minimum).toBe(8)
    expect(law({ currentA: 100, electrodeDiameterMm: 5 }).minimum).toBe(10)
    expect(law({ currentA: 100, electrodeDiameterMm: 5 }).findings[0]!.code).toBe('shade.electrode-decides')
    expect(law({ currentA: 200, electrodeDiameterMm: 2.4 })).toMatchObject({ minimum: 10, findings: [] })
  })
  it('an unknown gas or metal is read in the darkest row it could be in', () => {
    const start = (question: Partial<ShadeQuestion>) =>
      requiredShade({ process: 'gmaw', currentA: 380, ...question }, { jurisdiction: 'eu' }).start
    expect(start({ shieldingGas: 'argon', baseMetal: 'copper' })).toBe(13)
    expect(start({ shieldingGas: 'argon' })).toBe(14)
    expect(start({})).toBe(14)
  })
})

describe('what cannot be said is a hold', () => {
  it('a missing current, and a missing flow where the European table is law', () => {
    expect(requiredShade({ process: 'gmaw' }, US)).toMatchObject({ minimum: null, start: null, bindingRuleSet: null })
    expect(codes({ process: 'gmaw' }, US)).toEqual(['hold shade.input-missing'])
    expect(codes({ process: 'ofw', plateThicknessMm: 5 }, { jurisdiction: 'eu' })).toEqual(['hold shade.input-missing'])
    expect(requiredShade({ process: 'ofw', plateThicknessMm: 5 }).minimum).toBe(5)
  })
  it.each([
    ['smaw', 550], ['gmaw', 500], ['fcaw-s', 500], ['gtaw', 500], ['cac-a', 1000], ['paw', 800], ['pac', 800],
  ] as const)('%s above %d A is beyond the table: nothing is extrapolated', (process, ends) => {
    expect(requiredShade({ process, currentA: ends }, { jurisdiction: 'us' }).minimum).not.toBeNull()
    expect(requiredShade({ process, currentA: ends + 0.1 }, { jurisdiction: 'us' }).minimum).toBeNull()
    expect(codes({ process, currentA: ends + 0.1 }, { jurisdiction: 'us' })).toEqual(['hold shade.current-beyond-table'])
  })
  it('a laser always holds; grinding and submerged arc ask for clear rated glasses and do not', () => {
    expect(codes({ process: 'lbw', currentA: 100 }, US)).toEqual(['hold shade.laser-not-a-shade'])
    expect(codes({ process: 'grinding' }, US)).toEqual(['note shade.clear-glasses-only'])
    expect(codes({ process: 'saw', currentA: 400 }, US)).toEqual(['caution shade.buried-arc-flash'])
    expect(codes({ process: 'lbw' })).toEqual(['hold shade.laser-not-a-shade'])
  })
})

describe('what is worn', () => {
  const needs = { minimum: 10, start: 12, bindingRuleSet: 'us-legal' } as const
  it('a tint explains what is seen and never counts toward the minimum', () => {
    const { effectiveShade, findings } = judgeWorn({ shades: [9], transmittance: 0.15 }, needs)
    expect(effectiveShade).toBeCloseTo(10.92, 2)
    expect(findings.map(({ code }) => code)).toEqual(['shade.worn-lighter', 'shade.tint-not-counted'])
  })
  it('at the minimum is allowed, with a caution under the start; at the start says nothing', () => {
    expect(judgeWorn({ shades: [10] }, needs).findings.map(({ severity }) => severity)).toEqual(['caution'])
    expect(judgeWorn({ shades: [13] }, needs).findings).toEqual([])
    expect(judgeWorn({}, needs)).toEqual({ effectiveShade: null, findings: [] })
  })
})

describe('laws that hold for every question', () => {
  const rules = fc.record(
    {
      jurisdiction: fc.constantFrom(...JURISDICTIONS),
      basis: fc.constantFrom(...SHADE_BASES),
      minimum: fc.option(fc.integer({ min: 8, max: 14 })),
    },
    { requiredKeys: [] },
  )
  const question = fc.record(
    {
      process: fc.constantFrom(...PROCESSES),
      electrodeDiameterMm: fc.double({ min: 0.5, max: 10, noNaN: true }),
      plateThicknessMm: fc.double({ min: 0.5, max: 300, noNaN: true }),
      acetyleneFlowLPerH: fc.double({ min: 1, max: 2000, noNaN: true }),
      oxygenFlowLPerH: fc.double({ min: 100, max: 9000, noNaN: true }),
      baseMetal: fc.constantFrom(...BASE_METALS),
      shieldingGas: fc.constantFrom(...SHIELDING_GASES),
      workplace: fc.constantFrom(...WORKPLACES),
    },
    { requiredKeys: ['process'] },
  )
  const current = fc.double({ min: 0.5, max: 1200, noNaN: true })

  it('a higher current never gets a lighter shade; beyond a table it gets none', () => {
    fc.assert(fc.property(question, current, current, rules, (asked, a, b, inForce) => {
      const low = requiredShade({ ...asked, currentA: Math.min(a, b) }, inForce)
      const high = requiredShade({ ...asked, currentA: Math.max(a, b) }, inForce)
      if (low.minimum !== null && high.minimum !== null) expect(high.minimum).toBeGreaterThanOrEqual(low.minimum)
      if (low.minimum === null && low.findings.some(({ code }) => code === 'shade.current-beyond-table')) expect(high.minimum).toBeNull()
    }), { numRuns: 2000 })
  })
  it('a thicker plate and a larger flow never get a lighter shade', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('ofw', 'ofc'),
        fc.double({ min: 0.5, max: 300, noNaN: true }),
        fc.double({ min: 0.5, max: 300, noNaN: true }),
        rules,
        (process, a, b, inForce) => {
          const at = (plateThicknessMm: number) =>
            requiredShade({ process: process as 'ofw', plateThicknessMm, acetyleneFlowLPerH: 150, oxygenFlowLPerH: 1500 }, inForce)
              .minimum!
          expect(at(Math.max(a, b))).toBeGreaterThanOrEqual(at(Math.min(a, b)))
        },
      ),
    )
  })
  it('no minimum without a binding rule set, no silence without a reason, and the start is never lighter than the minimum', () => {
    fc.assert(fc.property(question, fc.option(current), rules, (asked, currentA, inForce) => {
      const { minimum, start, bindingRuleSet, findings } = requiredShade({ ...asked, ...currentA === null ? {} : { currentA } }, inForce)
      expect(bindingRuleSet === null).toBe(minimum === null)
      if (minimum === null) expect(findings.length).toBeGreaterThan(0)
      else expect(start!).toBeGreaterThanOrEqual(minimum)
    }), { numRuns: 1000 })
  })
  it('house rules never make a shade lighter than the law alone', () => {
    fc.assert(fc.property(question, current, rules, (asked, currentA, inForce) => {
      const jurisdiction = inForce.jurisdiction ?? 'us'
      const law = requiredShade({ ...asked, currentA }, { jurisdiction }).minimum
      const all = requiredShade({ ...asked, currentA }, { ...inForce, jurisdiction }).minimum
      if (law !== null && all !== null) expect(all).toBeGreaterThanOrEqual(law)
    }), { numRuns: 1000 })
  })
  it('combined filters are never lighter than the darker one', () => {
    fc.assert(fc.property(fc.array(fc.double({ min: 1, max: 15, noNaN: true }), { minLength: 1, maxLength: 5 }), (shades) => {
      expect(combinedShade(shades)).toBeGreaterThanOrEqual(Math.max(...shades) - 1e-9)
    }))
  })
})
