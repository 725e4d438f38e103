import { describe, expect, it } from 'vitest'
import type { CaptureQuestion } from '#core/ventilation/capture'
import { RECEIVING_MARGIN } from '#core/ventilation/capture'
import { CAPTURE_VELOCITY_M_PER_S, captureWindow, neededVelocityMPerS } from '#core/ventilation/capture-window'
import type { Hood } from '#core/ventilation/hood'
import { reachM, velocityAtMPerS } from '#core/ventilation/hood'
import { plumeAt, plumeHeatW } from '#core/ventilation/plume'
import { shieldGasLimit } from '#core/ventilation/shield-gas'
import { capturesByLaw, hoodFlowByTableM3PerS, ventilationRules } from '#core/ventilation/ventilation-rules'
import type { VentilationRulesQuestion } from '#core/ventilation/ventilation-rules'

// Where a hood stands well, to the edge: 100 ft/min at the arc, twice the draught if that is more (common practice, from memory).

const ARM: Hood = { kind: 'opening', diameterM: 0.2, flanged: true, flowM3PerS: 0.35 }
const ask = (hood: Partial<Hood>, over: Partial<CaptureQuestion> = {}): CaptureQuestion => ({
  hood: { ...ARM, ...hood },
  distanceM: 0.2,
  process: 'smaw',
  currentA: 150,
  crossDraughtMPerS: 0.15,
  ...over,
})
const codes = (question: CaptureQuestion) => captureWindow(question).findings.map(({ severity, code }) => `${severity} ${code.slice(8)}`)

describe('what a hood must draw', () => {
  it('is 100 ft/min, or twice the draught', () => {
    expect([neededVelocityMPerS(0), neededVelocityMPerS(0.254), neededVelocityMPerS(0.3)]).toEqual([CAPTURE_VELOCITY_M_PER_S, 0.508, 0.6])
  })
})

describe('beside the arc', () => {
  const reach = reachM(ARM, CAPTURE_VELOCITY_M_PER_S)
  it('stands well up to where it draws that, and holds beyond', () => {
    const well = captureWindow(ask({}, { distanceM: reach - 0.001 }))
    const nearest = reachM(ARM, shieldGasLimit('smaw')!.limitMPerS)
    expect(well).toMatchObject({ stands: 'within', nearestM: nearest, windowM: [nearest, reach], farthestM: reach })
    expect(captureWindow(ask({}, { process: 'ofw', distanceM: reach - 0.001 })).windowM).toEqual([0, reach])
    expect(well.velocityAtArcMPerS).toBe(velocityAtMPerS(ARM, reach - 0.001))
    expect(codes(ask({}, { distanceM: reach - 0.001 }))).toEqual(['note draws'])
    expect([captureWindow(ask({}, { distanceM: reach + 0.001 })).stands, codes(ask({}, { distanceM: reach + 0.001 }))]).toEqual([
      'too-far',
      ['hold too-far'],
    ])
    expect(captureWindow(ask({}, { distanceM: reach + 0.001 })).findings[0]!.values).toMatchObject({
      distanceM: reach + 0.001,
      farthestM: reach,
      neededMPerS: CAPTURE_VELOCITY_M_PER_S,
    })
  })
  it('in a draught it must stand nearer', () => expect(captureWindow(ask({}, { crossDraughtMPerS: 0.5 })).farthestM).toBe(reachM(ARM, 1)))
  it('nearer than the shield gas bears is too near, between the two figures it may suffer', () => {
    const gas = shieldGasLimit('gtaw')!
    const nearest = reachM(ARM, gas.limitMPerS)
    const tig = (distanceM: number) => ask({}, { process: 'gtaw', distanceM })
    expect(captureWindow(tig(nearest - 0.001))).toMatchObject({ stands: 'too-near', nearestM: nearest })
    expect(codes(tig(nearest - 0.001))).toEqual(['caution too-near'])
    expect(codes(tig(nearest + 0.001))).toEqual(['caution gas-may-suffer', 'note draws'])
    const edge = reachM(ARM, gas.cautionMPerS)
    expect(codes(tig(edge - 0.001))).toEqual(['caution gas-may-suffer', 'note draws'])
    expect(codes(ask({}, { process: 'ofw', distanceM: 0 }))).toEqual(['note draws'])
  })
  it('too weak for what it must draw and too strong for the gas there is no place for it', () => {
    const none = ask({}, { process: 'gtaw', crossDraughtMPerS: 0.6 })
    expect(captureWindow(none)).toMatchObject({ stands: 'no-window', windowM: null })
    expect(codes(none)).toEqual(['hold no-window'])
    expect(codes(ask({ flowM3PerS: 0.001 }))).toEqual(['hold no-window'])
  })
  it('a table under the work draws 150 ft/min, or twice the draught', () => {
    const table: Hood = { kind: 'downdraft', diameterM: undefined, widthM: 1.2, heightM: 0.8, flanged: false, flowM3PerS: 1 }
    expect(captureWindow(ask(table)).farthestM).toBe(reachM(table, 0.762))
    expect(captureWindow(ask(table, { crossDraughtMPerS: 0.45 })).farthestM).toBe(reachM(table, 0.9))
  })
  it('a jet is shot past it; a mouth nobody measured says nothing', () => {
    expect([captureWindow(ask({}, { process: 'cac-a' })).stands, codes(ask({}, { process: 'cac-a' }))]).toEqual([
      'no-window',
      ['caution jet-passes'],
    ])
    expect(captureWindow(ask({}, { process: 'cac-a' }))).toMatchObject({
      windowM: null,
      nearestM: null,
      farthestM: null,
      velocityAtArcMPerS: velocityAtMPerS(ARM, 0.2),
    })
    const unknown = ask({ diameterM: undefined })
    expect(captureWindow(unknown)).toMatchObject({
      stands: 'unknown',
      velocityAtArcMPerS: null,
      windowM: null,
      nearestM: null,
      farthestM: null,
    })
    expect(codes(unknown)).toEqual(['hold size-unknown'])
  })
})

describe('a gun and a booth', () => {
  it('a gun takes 60 m³ an hour', () => {
    const gun = (flowM3PerS: number) => ask({ kind: 'gun', flowM3PerS })
    expect([captureWindow(gun(60 / 3600)).stands, codes(gun(60 / 3600))]).toEqual(['within', ['note gun']])
    expect([captureWindow(gun(59 / 3600)).stands, codes(gun(59 / 3600))]).toEqual(['no-window', ['hold gun-weak']])
    expect(captureWindow(gun(1))).toMatchObject({ velocityAtArcMPerS: null, windowM: null, nearestM: null, farthestM: null })
  })
  it('a booth draws at its face', () => {
    const booth = (flowM3PerS: number, crossDraughtMPerS = 0.15) =>
      ask({ kind: 'booth', diameterM: undefined, widthM: 1, heightM: 1, flowM3PerS }, { crossDraughtMPerS })
    expect([captureWindow(booth(0.508)).stands, codes(booth(0.508))]).toEqual(['within', ['note draws']])
    expect([captureWindow(booth(0.5)).stands, codes(booth(0.5))]).toEqual(['no-window', ['hold face-slow']])
    expect(captureWindow(booth(0.508, 0.3)).stands).toBe('no-window')
    expect(captureWindow(booth(0.508))).toMatchObject({ velocityAtArcMPerS: 0.508, windowM: null, nearestM: null, farthestM: null })
  })
})

describe('over the arc', () => {
  const CANOPY: Hood = { kind: 'canopy', widthM: 1, heightM: 1, flanged: false, flowM3PerS: 0.6 }
  const over = (distanceM: number, more: Partial<CaptureQuestion> = {}) =>
    ask({ ...CANOPY, diameterM: undefined }, { distanceM, crossDraughtMPerS: 0.05, ...more })
  it('receives up to where its mouth covers the leaning plume and outdraws it', () => {
    const { farthestM } = captureWindow(over(0.3))
    const heat = plumeHeatW('smaw', 150)!.low
    const fits = (z: number) => {
      const { halfWidthM, driftM, flowM3PerS } = plumeAt(heat, z, 0.05)
      return 0.5 >= halfWidthM + driftM && 0.6 >= RECEIVING_MARGIN.high * flowM3PerS
    }
    expect(farthestM).toBeGreaterThan(0.3)
    expect([fits(farthestM! - 0.001), fits(farthestM! + 0.001)]).toEqual([true, false])
    expect([codes(over(farthestM! - 0.001)), codes(over(farthestM! + 0.001))]).toEqual([
      ['note receives', 'note head-outside'],
      ['hold plume-missed', 'note head-outside'],
    ])
    expect(captureWindow(over(farthestM! + 0.001)).findings[0]!.values).toMatchObject({ crossDraughtMPerS: 0.05 })
  })
  it('where it draws 100 ft/min farther than it receives, that counts', () => {
    const strong = ask({ kind: 'overhead', diameterM: 0.2, flowM3PerS: 0.6 }, { crossDraughtMPerS: 0.25 })
    expect(captureWindow(strong).farthestM).toBe(reachM({ ...ARM, kind: 'overhead', flowM3PerS: 0.6 }, CAPTURE_VELOCITY_M_PER_S))
  })
  it('a current nobody said is taken as a weak plume, and said', () => {
    expect(codes(over(0.3, { currentA: undefined }))).toContain('caution plume-assumed')
    expect(codes(over(0.3))).not.toContain('caution plume-assumed')
    expect(codes(ask({}, { currentA: undefined }))).not.toContain('caution plume-assumed')
    expect(codes(over(0.3, { currentA: undefined, process: 'ofw' })).includes('caution plume-assumed')).toBe(
      plumeHeatW('ofw', undefined) === null,
    )
  })
})

describe('the law beside it, fact by fact', () => {
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
  const said = (over: Partial<VentilationRulesQuestion>) =>
    ventilationRules({ ...SHOP, ...over })
      .map(({ severity, code }) => `${severity} ${code.slice(12)}`)
      // What is met is told in rules.test.
      .filter(code => !code.startsWith('note met-'))
  const GUN: Hood = { ...ARM, kind: 'gun' }
  it('captures by 100 ft/min at the arc; a gun where it stands well', () => {
    const at = (hood: Hood | null, velocityAtArcMPerS: number | null, isPlaced = false) =>
      capturesByLaw({ hood, velocityAtArcMPerS, isPlaced })
    expect([at(ARM, 0.508), at(ARM, 0.507), at(ARM, null, true), at(null, 1, true)]).toEqual([true, false, false, false])
    expect([at(GUN, null, true), at(GUN, 1, false)]).toEqual([true, false])
  })
  it('counts room and air for each welder, and one at least', () => {
    expect([said({ volumeM3: 283.2, welders: 1 }), said({ volumeM3: 283.1, welders: 1 })]).toEqual([
      [],
      ['hold small-room', 'hold flow-per-welder'],
    ])
    expect([said({ volumeM3: 283.2, welders: 0 }), said({ volumeM3: 283.1, welders: 0 })]).toEqual([
      [],
      ['hold small-room', 'hold flow-per-welder'],
    ])
    expect([said({ ceilingM: 4.88 }), said({ ceilingM: 4.87 })]).toEqual([[], ['hold low-ceiling', 'hold flow-per-welder']])
    expect([said({ ceilingM: 4, supplyM3PerS: 3.78 }), said({ ceilingM: 4, supplyM3PerS: 3.77 })]).toEqual([
      [],
      ['hold low-ceiling', 'hold flow-per-welder'],
    ])
    expect(ventilationRules({ ...SHOP, volumeM3: 283.1, welders: 2, supplyM3PerS: 1 })).toMatchObject([
      { values: { volumePerWelderM3: 141.55 } },
      { values: { flowM3PerS: 0.5 } },
    ])
    expect(said({ ceilingM: 4, supplyM3PerS: 1, welders: 0 })).toEqual([])
  })
  it.each(['zinc', 'zinc-plated', 'lead-paint', 'cadmium', 'yellow-passivate', 'unknown', 'primer', 'paint'] as const)(
    '%s asks for a hood',
    coating => expect(said({ coating })).toEqual(['hold coating-needs-hood']),
  )
  it.each(['none', 'aluminised', 'oil'] as const)('%s does not', coating => expect(said({ coating })).toEqual([]))
  it('so do metals and fillers that boil off, each once; a hood that captures answers all of them', () => {
    expect(said({ baseMetal: 'bronze' })).toEqual(['hold metal-needs-hood'])
    expect(ventilationRules({ ...SHOP, baseMetal: 'brass', consumable: 'rbcuzn-a' })).toMatchObject([{ values: { substance: 'zinc' } }])
    expect(said({ consumable: 'bag-silver' })).toEqual(['hold metal-needs-hood'])
    expect(said({ baseMetal: 'brass', coating: 'zinc', hood: ARM, velocityAtArcMPerS: 0.6 })).toEqual([])
    expect(said({ process: 'ofc', baseMetal: 'stainless-steel' })).toEqual(['hold stainless-cutting'])
    expect(said({ process: 'smaw', baseMetal: 'stainless-steel' })).toEqual([])
    expect(said({ process: 'pac', baseMetal: 'mild-steel' })).toEqual([])
  })
  it('a hood too weak for the law is said where the law asks for one, and not otherwise', () => {
    expect(said({ hood: ARM, velocityAtArcMPerS: 0.1 })).toEqual([])
    expect(said({ hood: ARM, velocityAtArcMPerS: 0.1, confinement: 'confined' })).toEqual(['hold confined'])
    expect(ventilationRules({ ...SHOP, coating: 'zinc', hood: ARM })).toMatchObject([
      {},
      { code: 'ventilation.hood-does-not-count', values: { velocityMPerS: 0, neededMPerS: CAPTURE_VELOCITY_M_PER_S } },
    ])
    expect(said({ coating: 'zinc' })).toEqual(['hold coating-needs-hood'])
  })
  it('in Britain indoors asks for a hood that stands well, or captures', () => {
    const uk = (over: Partial<VentilationRulesQuestion>) => said({ jurisdiction: 'uk', ...over }).includes('hold indoors-needs-hood')
    expect([
      uk({}),
      uk({ hood: ARM }),
      uk({ hood: ARM, isPlaced: true }),
      uk({ hood: ARM, velocityAtArcMPerS: 0.6 }),
      uk({ isPlaced: true }),
    ]).toEqual([true, true, false, false, true])
    expect(uk({ isOpenAir: true })).toBe(false)
  })
  it('the table of flows asks by the row that ends at or beyond the distance', () => {
    const cfm = (inch: number) => {
      const flow = hoodFlowByTableM3PerS(inch * 0.0254)
      return flow === undefined ? undefined : Math.round((flow * 60) / 0.028316846592)
    }
    expect([cfm(4), cfm(6), cfm(6.01), cfm(8), cfm(10), cfm(12), cfm(12.01)]).toEqual([150, 150, 275, 275, 425, 600, undefined])
    const draws = (over: Partial<VentilationRulesQuestion>) =>
      said({ velocityAtArcMPerS: 0.6, distanceM: 0.2, hood: { ...ARM, flowM3PerS: 0.05 }, ...over })
    expect(draws({})).toEqual(['note hood-flow-by-table'])
    expect([
      draws({ distanceM: null }),
      draws({ distanceM: 0.4 }),
      draws({ hood: { ...ARM, flowM3PerS: 0.5 } }),
      draws({ hood: { ...ARM, kind: 'slot', flowM3PerS: 0.05 } }),
    ]).toEqual([[], [], [], []])
    expect(draws({ hood: { ...ARM, flowM3PerS: hoodFlowByTableM3PerS(0.2)! } })).toEqual([])
  })
})
