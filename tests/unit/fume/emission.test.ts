import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { widthToStripMm } from '#core/fume/coating-burn-off'
import { decideSheets, evolveSheets, NO_SHEETS, sheetFor, upcastSheets } from '#core/streams/fume-sheets/fume-sheets'
import type { FumeQuestion } from '#core/fume/emission'
import { emissionOf } from '#core/fume/emission'
import { currentFromWireFeedA, highestCurrentA, wireFeedFromCurrentMPerMin } from '#core/fume/melting-rate'
import { toBeMeasured } from '#core/fume/may-hold'
import { gasesAtArc, isGas, mgPerM3FromPpm } from '#core/fume/gases'
import { BASE_METALS, COATINGS, CONSUMABLES, PROCESSES, SHIELDING_GASES } from '#core/ids/vocabulary'
import type { ProcessId, ShieldingGasId, TipId } from '#core/ids/vocabulary'

const STICK: FumeQuestion = {
  process: 'smaw',
  consumable: 'e7018',
  currentA: 165,
  baseMetal: 'mild-steel',
  coating: 'none',
  plateThicknessMm: 8,
}
const codes = (question: FumeQuestion) => emissionOf(question).findings.map(({ code }) => code)

describe('the fume of a job', () => {
  it('is said for every combination or held, and never negative or out of order', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PROCESSES),
        fc.option(fc.constantFrom(...CONSUMABLES), { nil: undefined }),
        fc.option(fc.constantFrom(...BASE_METALS), { nil: undefined }),
        fc.constantFrom(...COATINGS),
        fc.option(fc.integer({ min: 10, max: 600 }), { nil: undefined }),
        fc.option(fc.constantFrom(...SHIELDING_GASES), { nil: undefined }),
        fc.integer({ min: 0, max: 80 }),
        (process, consumable, baseMetal, coating, currentA, shieldingGas, strippedWidthMm) => {
          const { substances, findings } = emissionOf({
            process,
            consumable,
            baseMetal,
            coating,
            currentA,
            shieldingGas,
            strippedWidthMm,
          })
          const fume = substances['total-fume']
          if (!fume) expect(findings.some(({ severity }) => severity === 'hold')).toBe(true)
          for (const {
            mgPerMin: { low, mid, high },
            sources,
          } of Object.values(substances)) {
            expect(low).toBeGreaterThanOrEqual(0)
            expect(mid).toBeGreaterThanOrEqual(low)
            expect(high).toBeGreaterThanOrEqual(mid)
            expect(sources.length).toBeGreaterThan(0)
          }
        },
      ),
    )
  })
  it('rises with the current, and falls to nothing of zinc as the stripped width grows', () => {
    fc.assert(fc.property(fc.integer({ min: 50, max: 300 }), fc.integer({ min: 1, max: 100 }), (currentA, more) => {
      const at = (amperes: number) => emissionOf({ ...STICK, currentA: amperes }).substances['total-fume']!.mgPerMin.high
      expect(at(currentA + more)).toBeGreaterThan(at(currentA))
    }))
    const zinc = (strippedWidthMm: number) => emissionOf({ ...STICK, coating: 'zinc', strippedWidthMm }).substances.zinc?.mgPerMin.high ?? 0
    const stripMm = widthToStripMm({ ...STICK, coating: 'zinc' })
    const widths = [0, 5, 10, 15, 25, stripMm].map(zinc)
    widths.slice(1).forEach((mg, i) => expect(mg === 0 ? 0 : mg).toBeLessThan(widths[i]! || 1))
    expect(widths.at(-1)).toBe(0)
    // As long as less than that is bare, it is said that more is asked for.
    const said = (strippedWidthMm: number) =>
      emissionOf({ ...STICK, coating: 'zinc', coatingStripped: true, strippedWidthMm }).findings.map(({ code }) => code)
    expect(said(stripMm - 1)).toContain('fume.coating-burns')
    expect(said(stripMm)).not.toContain('fume.coating-burns')
  })
  it('asks for what it lacks, and names it', () => {
    expect(codes({ ...STICK, currentA: undefined })).toContain('fume.input-missing')
    expect(codes({ ...STICK, consumable: undefined })).toEqual(['fume.input-missing'])
    expect(codes({ process: 'pac', coating: 'none' })).toEqual(['fume.input-missing'])
    expect(codes({ ...STICK, coating: 'zinc', coatingStripped: true })).toContain('fume.input-missing')
  })
  it('says that grinding a coating off makes dust of its own', () =>
    expect(codes({ ...STICK, coating: 'zinc', coatingStripped: true, strippedWidthMm: 50 })).toContain('fume.stripping-dust'))
  it('knows the heat at a coating by what melts, where nobody said the current', () => {
    for (const [amperes, diameterMm, isAluminium] of [[150, 1.2, false], [250, 1.2, false], [120, 1, true], [180, 0.9, false]] as const) {
      const feed = wireFeedFromCurrentMPerMin(amperes, diameterMm, isAluminium)
      expect(currentFromWireFeedA(feed, diameterMm, isAluminium)).toBeCloseTo(amperes, 6)
    }
    const wire: FumeQuestion = { process: 'gmaw', consumable: 'er70s-6', baseMetal: 'mild-steel', coating: 'zinc', plateThicknessMm: 6 }
    expect(codes(wire)).toContain('fume.input-missing')
    const fed = (electrodeDiameterMm?: number) =>
      emissionOf({ ...wire, wireFeedMPerMin: 8, electrodeDiameterMm }).substances.zinc!.mgPerMin.high
    // A wire of unknown size may be the thick one, which takes most current.
    expect(fed()).toBeGreaterThanOrEqual(fed(1.2))
    expect(fed()).toBeGreaterThanOrEqual(fed(0.8))
    // A rod that is fed to a TIG arc carries none of its current.
    expect(highestCurrentA({ process: 'gtaw', wireFeedMPerMin: 0.5, electrodeDiameterMm: 2.4 })).toBeUndefined()
    expect(codes({ ...wire, process: 'gtaw', consumable: 'er70s-2', wireFeedMPerMin: 0.5 })).toContain('fume.input-missing')
    // A range of currents counts at its high end.
    const ranged = emissionOf({ ...wire, currentRangeA: [120, 240] }).substances.zinc!.mgPerMin.high
    expect(ranged).toBe(emissionOf({ ...wire, currentA: 240 }).substances.zinc!.mgPerMin.high)
  })
  it('counts an unknown thickness as the worst there is', () => {
    const at = (plateThicknessMm?: number) => emissionOf({ ...STICK, coating: 'zinc', plateThicknessMm }).substances.zinc!.mgPerMin.high
    for (const thicknessMm of [1, 2, 3, 6, 8, 12, 25]) expect(at(undefined)).toBeGreaterThanOrEqual(at(thicknessMm))
  })
  it('knows which of its parts are gases, and refuses to turn dust into ppm', () => {
    expect(isGas('ozone')).toBe(true)
    expect(isGas('manganese')).toBe(false)
    expect(() => mgPerM3FromPpm('manganese', 1)).toThrow('not a gas')
    // Magnesium in the wire screens the light that makes ozone.
    expect(gasesAtArc('gmaw', { baseMetal: 'aluminium', consumable: 'er5356' }).ozone!.high).toBeLessThan(
      gasesAtArc('gmaw', { baseMetal: 'aluminium', consumable: 'er4043' }).ozone!.high,
    )
  })
})

describe('what a shop\'s own sheet melts', () => {
  const own: FumeQuestion = {
    process: 'fcaw-g', consumable: 'own-sheet', currentA: 200, baseMetal: 'mild-steel', coating: 'none', electrodeDiameterMm: 1.2,
  }
  const sheet = { process: 'fcaw-g', consumable: 'own-sheet', title: 'Sheet', fumeGPerKg: 10, compositionPercent: {} } as const
  const mid = (question: FumeQuestion, more: { readonly meltsGPerMin?: number, readonly meltsAtA?: number } = {}) =>
    emissionOf(question, { ...sheet, ...more }).substances['total-fume']!.mgPerMin.mid
  it('is what it says at its current, and goes with the current as wire does', () => {
    expect(mid(own, { meltsGPerMin: 50, meltsAtA: 200 })).toBeCloseTo(500, 9)
    const at = (currentA: number) => mid({ ...own, currentA }, { meltsGPerMin: 50, meltsAtA: 200 })
    expect(at(280) / at(200)).toBeCloseTo(mid({ ...own, currentA: 280 }) / mid(own), 9)
    const rod = { ...own, process: 'smaw', consumable: 'e7018', currentA: 165 } as const
    const rodSheet = { ...sheet, process: 'smaw', consumable: 'e7018', fumeGPerKg: undefined, meltsGPerMin: 50, meltsAtA: 165 } as const
    // Without a rate of its own the table's factor counts, of what the sheet melts: 18.4 g/kg.
    expect(emissionOf(rod, rodSheet).substances['total-fume']!.mgPerMin.mid).toBeCloseTo(50 * 18.4, 9)
  })
  it('gives way to what is told of the job, and lowers nothing below half of the fit', () => {
    expect(mid({ ...own, wireFeedMPerMin: 8 }, { meltsGPerMin: 50, meltsAtA: 200 })).toBe(mid({ ...own, wireFeedMPerMin: 8 }))
    expect(mid({ ...own, consumableKgPerH: 3 }, { meltsGPerMin: 5, meltsAtA: 200 })).toBeCloseTo(500, 9)
    expect(mid(own, { meltsGPerMin: 0.1, meltsAtA: 200 })).toBeCloseTo(mid(own) / 2, 9)
    // One of the two alone says nothing.
    expect(mid(own, { meltsGPerMin: 50 })).toBe(mid(own))
  })
})

describe('by what consumable or metal it would read too little', () => {
  it('metal that boils off holds until what rises was measured: also beryllium and bismuth, melted by anything', () => {
    for (const process of PROCESSES.filter(one => one !== 'ts' && one !== 'grinding'))
      for (const baseMetal of ['brass', 'bronze', 'bismuth-bronze', 'beryllium-copper'] as const) {
        const made = emissionOf({ process, baseMetal, consumable: 'no-filler', currentA: 100, coating: 'none', plateThicknessMm: 3 })
        expect(made.findings).toContainEqual(expect.objectContaining({ severity: 'hold', code: 'fume.base-metal-boils' }))
      }
    const measure = toBeMeasured('gtaw', 'no-filler', 'beryllium-copper')
    expect(measure).toEqual(expect.arrayContaining(['total-fume', 'beryllium', 'copper']))
  })
  it('steel that may hold chromium is cut or melted as such, and not as plain steel; gouged, nobody can say', () => {
    const cut = (baseMetal: FumeQuestion['baseMetal']) => emissionOf({ process: 'pac', currentA: 45, baseMetal, coating: 'none' })
    const chromium = (made: ReturnType<typeof cut>) => made.substances['chromium-vi']!.mgPerMin.high
    expect(chromium(cut('low-alloy-steel'))).toBeGreaterThan(chromium(cut('mild-steel')) * 20)
    const gouged = emissionOf({ process: 'cac-a', consumable: 'carbon-rod', currentA: 300, baseMetal: 'low-alloy-steel', coating: 'none' })
    expect(gouged.findings).toContainEqual(expect.objectContaining({ severity: 'hold', code: 'fume.no-factor' }))
  })
  it('a duplex rod is as bad as the worse of the two printed beside it', () => {
    const made = (consumable: FumeQuestion['consumable']) => emissionOf({ ...STICK, consumable, baseMetal: 'stainless-steel' }).substances
    expect(made('e2209-16')['chromium-vi']!.mgPerMin.high).toBeGreaterThan(made('e316l-16')['chromium-vi']!.mgPerMin.high)
  })
  it('low-manganese wire makes as much manganese as any until a sheet says less', () => {
    const wire: FumeQuestion = { ...STICK, process: 'gmaw', consumable: 'er70s-6', electrodeDiameterMm: 1.2, shieldingGas: 'argon-co2' }
    const low: FumeQuestion = { ...wire, consumable: 'low-manganese-wire' }
    expect(emissionOf(low).substances.manganese!.mgPerMin).toEqual(emissionOf(wire).substances.manganese!.mgPerMin)
    const sheet = { process: 'gmaw', consumable: 'low-manganese-wire', title: 'Sheet 12', compositionPercent: { manganese: 2 } } as const
    expect(emissionOf(low, sheet).substances.manganese!.mgPerMin.high).toBeLessThan(emissionOf(wire).substances.manganese!.mgPerMin.mid)
  })
  it('another consumable holds without its own sheet; what the sheet leaves out it may be made of', () => {
    const own: FumeQuestion = { ...STICK, consumable: 'own-sheet' }
    expect(emissionOf(own).findings).toContainEqual(expect.objectContaining({ severity: 'hold', code: 'fume.no-factor' }))
    const parts = { manganese: 6 }
    const sheet = { process: 'smaw', consumable: 'own-sheet', title: 'Sheet 13', fumeMgPerS: 4, compositionPercent: parts } as const
    const made = emissionOf(own, sheet)
    expect(made.substances['total-fume']).toMatchObject({ ink: 'chalk' })
    expect(made.substances.manganese).toMatchObject({ ink: 'chalk' })
    expect(made.unmeasured).toMatchObject({ 'chromium-vi': 100, 'cadmium': 100, 'lead': 100, 'nickel': 100 })
    expect(made.unmeasured.manganese).toBeUndefined()
    const told = { ...sheet, compositionPercent: { ...sheet.compositionPercent, 'chromium-vi': 0, 'cadmium': 0 } }
    expect(emissionOf(own, told).unmeasured).not.toHaveProperty('cadmium')
  })
  it('metal-cored wire is fed as cored wire is: less by the metre than a solid one', () => {
    const fed = (consumable: FumeQuestion['consumable']) =>
      emissionOf({ ...STICK, process: 'gmaw', consumable, electrodeDiameterMm: 1.2, wireFeedMPerMin: 8, shieldingGas: 'argon-co2' })
        .substances['total-fume']!.parts[0]![0]!.range.mid
    expect(fed('e70c-6m') / fed('er70s-6')).toBeCloseTo(6.2 / 7.85, 9)
    expect(fed('ernicrmo-3') / fed('er70s-6')).toBeCloseTo(8.9 / 7.85, 9)
  })
})

describe('the shop\'s own data sheets', () => {
  const sheet = { process: 'smaw', consumable: 'e7018', title: 'Sheet 3', fumeMgPerS: 5, compositionPercent: { manganese: 6 } } as const
  it('speak for what they list, with a spread; what they leave out stays with the tables', () => {
    const { substances, findings } = emissionOf(STICK, sheet)
    expect(substances['total-fume']!.mgPerMin).toEqual({ low: 210, mid: 300, high: 390 })
    expect(substances.manganese).toMatchObject({ mgPerMin: { mid: 18 }, ink: 'chalk' })
    expect(substances.manganese!.mgPerMin.high).toBeCloseTo(390 * 0.06 * 1.2, 9)
    expect(substances.fluorides).toMatchObject({ ink: 'pencil' })
    expect(findings.map(({ code }) => code)).toContain('fume.from-data-sheet')
  })
  it('that list only some elements erase no other: hexavalent chromium of a stainless rod stays', () => {
    const stainless = { ...STICK, consumable: 'e308l-16', baseMetal: 'stainless-steel' } as const
    const bare = emissionOf(stainless).substances['chromium-vi']!.mgPerMin
    const withSheet = emissionOf(stainless, {
      process: 'smaw',
      consumable: 'e308l-16',
      title: 'Iron only',
      compositionPercent: { iron: 8 },
    })
    expect(withSheet.substances['chromium-vi']!.mgPerMin).toEqual(bare)
  })
  it('of another process, or of none that was said, do not speak', () => {
    expect(emissionOf(STICK, { ...sheet, process: 'gmaw' })).toEqual(emissionOf(STICK))
    const { substances, findings } = emissionOf(STICK, { ...sheet, process: null })
    expect(substances).toEqual(emissionOf(STICK).substances)
    expect(findings.map(({ code }) => code)).toContain('fume.sheet-without-process')
  })
  it('without a rate keep the table\'s, with their own parts', () => {
    const { fumeMgPerS: _rate, ...parts } = sheet
    const kept = emissionOf(STICK, parts).substances
    expect(kept['total-fume']).toEqual(emissionOf(STICK).substances['total-fume'])
    expect(kept.manganese!.mgPerMin.mid).toBeCloseTo(kept['total-fume']!.mgPerMin.mid * 0.06, 9)
  })
  it('are entered, replaced and dropped; one that is not there cannot be dropped', () => {
    const entered = evolveSheets(NO_SHEETS, { type: 'sheet-entered', version: 2, payload: { sheet } })
    expect(
      sheetFor(
        evolveSheets(entered, { type: 'sheet-entered', version: 2, payload: { sheet: { ...sheet, title: 'Sheet 4' } } }),
        'smaw',
        'e7018',
      )!.title,
    ).toBe('Sheet 4')
    expect(evolveSheets(entered, { type: 'sheet-dropped', version: 2, payload: { process: 'smaw', consumable: 'e7018' } })).toEqual({})
    expect(decideSheets(NO_SHEETS, { type: 'fume.drop-sheet', payload: { process: 'smaw', consumable: 'e7018' } })).toHaveProperty(
      'refused',
    )
  })
  it('of before processes were asked belong to the one process of their consumable, or to none', () => {
    const { process: _process, ...old } = sheet
    expect(upcastSheets('sheet-entered', 1, { sheet: old })).toMatchObject({ version: 2, payload: { sheet: { process: 'smaw' } } })
    expect(upcastSheets('sheet-entered', 1, { sheet: { ...old, consumable: 'er4043' } })).toMatchObject({
      payload: { sheet: { process: null } },
    })
    expect(upcastSheets('sheet-dropped', 1, { consumable: 'e7018' })).toMatchObject({ payload: { process: 'smaw' } })
  })
})

describe('gases of a flame, and of a shielding gas that nobody named', () => {
  // From memory, loosely: a welding flame 10 to 60 mL of oxides a minute, heating torches 100 to 1000, three tenths of it dioxide at most.
  it('a flame makes oxides by its length: a heating head ten times and more what a welding tip makes, whatever it is used for', () => {
    const dioxide = (process: ProcessId, tip?: TipId) => gasesAtArc(process, { ...tip ? { tip } : {} })['nitrogen-dioxide']!
    const oxides = (tip: TipId) => Object.values(gasesAtArc('tb', { tip })).reduce((sum, { high }) => sum + high, 0)
    expect(oxides('welding')).toBeCloseTo(60 * 0.9 + 60 * 0.3, 6)
    expect(oxides('heating-small')).toBeCloseTo(1000 * 0.9 + 1000 * 0.3, 6)
    for (const process of ['ofw', 'tb', 'ts'] as const) {
      expect(dioxide(process, 'heating-large').high).toBeGreaterThan(10 * dioxide(process, 'welding').high)
      expect(dioxide(process, 'welding')).toEqual(dioxide('ofw'))
    }
  })
  it('where nobody said which tip, a heating head may burn, and it is asked', () => {
    for (const process of ['tb', 'ts'] as const) {
      const any = gasesAtArc(process, {})['nitrogen-dioxide']!
      expect(any.high).toBe(gasesAtArc(process, { tip: 'heating-large' })['nitrogen-dioxide']!.high)
      expect(any.low).toBe(gasesAtArc(process, { tip: 'welding' })['nitrogen-dioxide']!.low)
    }
    const braze = { process: 'tb', consumable: 'rbcuzn-a', baseMetal: 'mild-steel' } as const
    const said = (over: { readonly tip?: TipId }) => emissionOf({ ...braze, ...over }).findings.map(({ code }) => code)
    expect(said({})).toContain('fume.tip-unknown')
    expect(said({ tip: 'welding' })).not.toContain('fume.tip-unknown')
  })
  it('where nobody said which shielding gas, as much monoxide as carbon dioxide makes', () => {
    for (const process of ['gmaw', 'fcaw-g'] as const) {
      const of = (gas?: ShieldingGasId) => gasesAtArc(process, { ...gas ? { shieldingGas: gas } : {} })['carbon-monoxide']!
      expect(of().high).toBe(of('co2').high)
      expect(of().low).toBe(of('argon-co2').low)
    }
  })
})
