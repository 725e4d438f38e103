import { describe, expect, it } from 'vitest'
import { decideHall, evolveHall, NO_HALL } from '#core/streams/hall/hall'
import { flowFromFaceVelocityM3PerS, flowFromTraverseM3PerS } from '#core/ventilation/hood-flow'
import { oxygenAfter } from '#core/ventilation/oxygen'
import { CEILING_M, FLOW_PER_WELDER_M3_PER_S, ROOM_PER_WELDER_M3, ventilationRules } from '#core/ventilation/ventilation-rules'
import type { VentilationRulesQuestion } from '#core/ventilation/ventilation-rules'
import { quantitiesIn } from '#shared/words/quantities'

const SHOP: VentilationRulesQuestion = {
  jurisdiction: 'us',
  isOpenAir: false,
  volumeM3: 4000,
  ceilingM: 6,
  supplyM3PerS: 0,
  welders: 4,
  process: 'smaw',
  hood: null,
  distanceM: null,
  velocityAtArcMPerS: null,
  isPlaced: false,
}
const all = (over: Partial<VentilationRulesQuestion>) =>
  ventilationRules({ ...SHOP, ...over }).map(({ severity, code }) => `${severity} ${code}`)
/** What is asked for, and not what is met. */
const said = (over: Partial<VentilationRulesQuestion>) => all(over).filter(code => !code.startsWith('note ventilation.met-'))

// 29 CFR 1910.252(c)(2), from memory: 10 000 ft³ and 16 ft for each welder, else 2 000 ft³/min or a hood.
describe('the legal rules beside the physics', () => {
  it('are the printed numbers', () => {
    expect(ROOM_PER_WELDER_M3).toBeCloseTo(283.17, 2)
    expect(CEILING_M).toBeCloseTo(4.877, 3)
    expect(FLOW_PER_WELDER_M3_PER_S * 60).toBeCloseTo(56.63, 2)
  })
  it('a large high hall asks for nothing; a small or low one for air or a hood', () => {
    expect(said({})).toEqual([])
    expect(said({ welders: 15 })).toEqual(['hold ventilation.small-room', 'hold ventilation.flow-per-welder'])
    expect(said({ ceilingM: 4.8 })).toEqual(['hold ventilation.low-ceiling', 'hold ventilation.flow-per-welder'])
    expect(said({ confinement: 'restricted' })).toEqual(['hold ventilation.flow-per-welder'])
    expect(said({ welders: 15, supplyM3PerS: 15 })).toEqual([])
    expect(
      said({ welders: 15, hood: { kind: 'booth', widthM: 1, heightM: 1, flanged: false, flowM3PerS: 1 }, velocityAtArcMPerS: 1 }),
    ).toEqual([])
  })
  it('listed coatings need a hood unless stripped; elsewhere the same is only told', () => {
    expect(said({ coating: 'zinc' })).toEqual(['hold ventilation.coating-needs-hood'])
    expect(said({ coating: 'zinc', coatingStripped: true })).toEqual([])
    expect(said({ coating: 'zinc', jurisdiction: 'de' })).toEqual(['note ventilation.coating-needs-hood'])
    expect(said({ jurisdiction: 'uk' })).toEqual(['hold ventilation.indoors-needs-hood'])
  })
  it('that a hood is there clears nothing: the law asks for 100 ft/min at the arc', () => {
    const hood = { kind: 'opening', diameterM: 0.2, flanged: true, flowM3PerS: 0.001 } as const
    const weak = said({ welders: 15, ceilingM: 4, coating: 'zinc', hood, distanceM: 2, velocityAtArcMPerS: 0.00003 })
    expect(weak.filter(one => one.startsWith('hold'))).toEqual([
      'hold ventilation.small-room',
      'hold ventilation.low-ceiling',
      'hold ventilation.flow-per-welder',
      'hold ventilation.coating-needs-hood',
    ])
    expect(weak).toContain('note ventilation.hood-does-not-count')
    expect(
      said({ welders: 15, ceilingM: 4, coating: 'zinc', hood, distanceM: 0.1, velocityAtArcMPerS: 0.6 }).filter(one =>
        one.startsWith('hold'),
      ),
    ).toEqual([])
  })
  it('metal and filler decide too: brass, bronze, brazing rod, cadmium braze; stainless cut by plasma asks for moved air', () => {
    expect(said({ baseMetal: 'brass' })).toEqual(['hold ventilation.metal-needs-hood'])
    expect(said({ process: 'tb', consumable: 'bag-silver', baseMetal: 'bronze' })).toEqual([
      'hold ventilation.metal-needs-hood',
      'hold ventilation.metal-needs-hood',
    ])
    expect(said({ process: 'pac', baseMetal: 'stainless-steel' })).toEqual(['hold ventilation.stainless-cutting'])
    expect(said({ process: 'pac', baseMetal: 'stainless-steel', supplyM3PerS: 10 })).toEqual([])
  })
  it('tell what they reckon also where they are met: by the hood, by the air for each welder, by the hall', () => {
    const met = (over: Partial<VentilationRulesQuestion>) =>
      ventilationRules({ ...SHOP, ...over }).filter(({ code }) => code.startsWith('ventilation.met-'))
    const hood = { kind: 'opening', diameterM: 0.2, flanged: true, flowM3PerS: 0.33 } as const
    expect(met({})).toMatchObject([
      { severity: 'note', code: 'ventilation.met-by-room', values: { volumePerWelderM3: 1000, ceilingM: 6 } },
    ])
    expect(met({ welders: 15, supplyM3PerS: 15 })).toMatchObject([{ code: 'ventilation.met-by-flow', values: { flowM3PerS: 1 } }])
    expect(met({ ceilingM: 4, hood, distanceM: 0.2, velocityAtArcMPerS: 0.7 })).toMatchObject([
      { code: 'ventilation.met-by-hood', values: { velocityMPerS: 0.7 } },
    ])
    // Where anything is asked for, nothing is called met; a confined space and the open are other rules.
    const others = [
      { welders: 15 }, { ceilingM: 4.8 }, { confinement: 'restricted' }, { confinement: 'confined' }, { isOpenAir: true },
      { coating: 'zinc' }, { baseMetal: 'brass' },
    ] as const
    for (const over of others) expect(met(over)).toEqual([])
    expect(met({ ceilingM: 4, hood: { kind: 'gun', flanged: false, flowM3PerS: 0.03 }, isPlaced: true })).toEqual([])
  })
  it('a metal that the shop\'s own sheet names in its filler is listed as any other', () =>
    expect(said({ process: 'tb', consumable: 'own-sheet', listedInSheet: ['cadmium'] })).toEqual(['hold ventilation.metal-needs-hood']))
  it('beryllium asks for a hood everywhere, in the open too, and in a filler as in the metal', () => {
    const asks = ['hold ventilation.metal-needs-hood']
    for (const isOpenAir of [true, false]) {
      expect(said({ baseMetal: 'beryllium-copper', isOpenAir })).toEqual(asks)
      expect(said({ process: 'tb', consumable: 'own-sheet', listedInSheet: ['beryllium'], isOpenAir })).toEqual(asks)
      const hood = { kind: 'opening', diameterM: 0.2, flanged: true, flowM3PerS: 0.33 } as const
      expect(said({ baseMetal: 'beryllium-copper', isOpenAir, hood, velocityAtArcMPerS: 0.6, isPlaced: true })).toEqual([])
    }
    expect(said({ baseMetal: 'bismuth-bronze' })).toEqual(asks)
  })
  it('in the open they fall silent, except for a confined space', () =>
    expect(said({ isOpenAir: true, welders: 90, coating: 'zinc', confinement: 'confined' })).toEqual(['hold ventilation.confined']))
  it('the flow table is told for a movable hood that draws less', () =>
    expect(
      said({ hood: { kind: 'opening', diameterM: 0.1, flanged: true, flowM3PerS: 0.05 }, distanceM: 0.2, velocityAtArcMPerS: 0.16 }),
    ).toEqual(['note ventilation.hood-flow-by-table']))
})

describe('oxygen', () => {
  it('warns at 22 % and stops past 23.5 %', () => {
    const after = (minutes: number) => oxygenAfter({ volumeM3: 10, gas: 'oxygen', flowLPerMin: 20, minutes }).findings[0]
    expect(after(1)).toMatchObject({ severity: 'caution', code: 'oxygen.limit-ahead' })
    expect(after(8)).toMatchObject({ severity: 'hold', code: 'oxygen.enriched' })
    expect(after(30)).toMatchObject({ severity: 'stop', code: 'oxygen.enriched' })
  })
  it('an extract weaker than the leak brings nothing fresh in', () =>
    expect(
      oxygenAfter({ volumeM3: 2, gas: 'inert', flowLPerMin: 20, minutes: 30, ventilation: 'extract', ventilationM3PerS: 0.0001 })
        .settlesAtPercent,
    ).toBe(0))
})

describe('a hall', () => {
  const air = {
    isOpenAir: false,
    volumeM3: 500,
    ceilingM: 4,
    supplyM3PerS: 1,
    outdoorShare: 1,
    filterEfficiency: 0,
    backgroundMgPerM3: 0,
    nearFieldRadiusM: 0.5,
    airSpeedMPerS: 0.1,
  }
  it('keeps its air and its bays, the last word of each', () => {
    const described = evolveHall(NO_HALL, { type: 'hall-described', version: 1, payload: { air } })
    const fitted = evolveHall(described, {
      type: 'bay-fitted',
      version: 1,
      payload: { bayId: 'bay-1', fitted: { xM: 1, yM: 2, extraction: null } },
    })
    expect(fitted).toEqual({ air, bays: { 'bay-1': { xM: 1, yM: 2, extraction: null } } })
    const today = { at: '2026-11-24T08:00:00Z', dayEnds: '2026-11-25T04:00:00Z' }
    expect(decideHall({ type: 'hall.describe', payload: { air } }, today)).toMatchObject({ events: [{ type: 'hall-described' }] })
  })
})

describe('what was measured', () => {
  it('needs at least one point, and a traverse takes the mean of roots', () => {
    expect(() => flowFromTraverseM3PerS(0.16, [])).toThrow('at least one')
    expect(() => flowFromFaceVelocityM3PerS(1, [])).toThrow('at least one')
    expect(flowFromTraverseM3PerS(0.16, [100, 400])).toBeLessThan(flowFromTraverseM3PerS(0.16, [250, 250]))
    expect(flowFromFaceVelocityM3PerS(1.2, [0.4, 0.6])).toBeCloseTo(0.6, 12)
  })
  it('is written as printed and rounded toward safety', () => {
    const q = quantitiesIn('metric')
    expect([q.limit(1.25), q.limit(0.0002), q.part(0.996), q.part(1.004), q.part(2.01), q.factor(4.01)]).toEqual([
      '1.25 mg/m³', '0.2 µg/m³', '100 %', '101 %', '2.1 times', '4.1',
    ])
    expect(quantitiesIn('us').airFlow(1000 / 3600)).toBe('589 cfm')
  })
})
