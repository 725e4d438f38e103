import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { airOf, hallQuestion } from '#core/air/air-facts'
import { advicePlan, airAdvice, bestAdvice } from '#core/air/air-advice'
import { surveyPlace } from '#core/air/survey-place'
import { predictHall } from '#core/air/hall-prediction'
import type { HallQuestion } from '#core/air/hall-prediction'
import type { DayQuestion } from '#core/air/person-day'
import { NOWHERE_ELSE } from '#core/air/person-day'
import { tryOut } from '#core/air/what-if'
import { bayAirOf, judgeAir } from '#core/clearance/air-gate'
import { personIn } from '#core/clearance/person-around'
import { NO_KIT } from '#core/clearance/kit-around'
import type { Extraction } from '#core/streams/hall/hall'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import type { Survey } from '#core/streams/samples/samples'
import { HALL_LIMITS } from '#core/ventilation/hall'
import { HOOD_LIMITS } from '#core/ventilation/hood'
import type { KitItemFact } from '#core/inspection/kit-item-fact'
import { wornMask } from '#core/respirator/worn-mask'
import type { Job } from '#core/job/job'
import type { MaskId, SubstanceId } from '#core/ids/vocabulary'
import { CONSUMABLES, EXTRACTION_KINDS, PROCESSES } from '#core/ids/vocabulary'
import type { Station } from '#core/streams/station/station'
import { ARM, CHECKED, facts, gateOf, HALL, LATER, maskOf, NOW, ready, RULES, STICK } from './air-of-a-shop'

describe('the Air gate', () => {
  it('opens for stick with the hood a hand\'s width away and looked at today, and says that it rests on pencil', () => {
    const { state, codes } = gateOf({ one: ready() })
    expect(state).toBe('open')
    expect(codes).toContain('air.rests-on-pencil')
  })
  it.each([
    ['the job', { job: null }, 'air.job-first'],
    ['the hood\'s place', { hoodPosition: null }, 'air.position-unknown'],
    ['today\'s look at the extraction', { extractionCheck: null }, 'air.extraction-not-checked'],
    ['the times', { job: { ...STICK, endsAt: undefined } }, 'air.times-unknown'],
    ['the arc minutes', { job: { ...STICK, arcMinPerH: undefined } }, 'air.arc-time-unknown'],
    ['the rod', { job: { ...STICK, consumable: undefined } }, 'fume.input-missing'],
    ['the coating', { job: { ...STICK, coating: undefined } }, 'fume.input-missing'],
    ['how wide it is stripped', { job: { ...STICK, coating: 'zinc', coatingStripped: true } }, 'fume.input-missing'],
  ] as const)('is still to do while %s is not known', (_, over, code) => {
    const { state, codes } = gateOf({ one: ready(over as Partial<Station>) })
    expect(state).toBe('to-do')
    expect(codes).toContain(code)
  })
  it('is still to do while hall or extraction is not described; no extraction at all is an answer', () => {
    expect(gateOf({ one: ready() }, 'one', { halls: {} }).codes).toEqual(['air.hall-unknown'])
    expect(gateOf({ one: ready() }, 'one', { halls: { hall: { air: HALL, bays: {} } } }).codes).toContain('air.hood-unknown')
    expect(gateOf({ one: ready({ hoodPosition: null, extractionCheck: null }) }, 'one', { extraction: null })).toMatchObject({
      state: 'hold',
    })
  })
  it('yesterday\'s look does not count, and a fault found today holds', () => {
    expect(gateOf({ one: ready({ extractionCheck: { ...CHECKED, validUntil: NOW } }) }).codes).toContain('air.extraction-not-checked')
    for (const [fault, over] of [
      ['off', { on: false }],
      ['damper-shut', { damperOpen: false }],
      ['out-of-position', { inPosition: false }],
      ['no-draw', { draws: false }],
    ] as const) {
      const { state, findings } = gateOf({ one: ready({ extractionCheck: { ...CHECKED, ...over } }) })
      expect(state).toBe('hold')
      expect(findings[0]).toMatchObject({ code: 'air.extraction-fault', values: { fault } })
    }
  })
  it('holds galvanised work; stripped and with the hood moved near, it opens', () => {
    const galvanised = { ...STICK, coating: 'zinc' } as const
    const far = { placement: 'beside', distanceM: 0.55 } as const
    expect(gateOf({ one: ready({ job: galvanised, hoodPosition: far }) })).toMatchObject({
      state: 'hold',
      findings: expect.arrayContaining([
        expect.objectContaining({ code: 'exposure.over', values: expect.objectContaining({ substance: 'zinc' }) }),
        expect.objectContaining({ severity: 'hold', code: 'capture.too-far' }),
      ]),
    })
    const stripped = { ...galvanised, coatingStripped: true, strippedWidthMm: 30 }
    expect(gateOf({ one: ready({ job: stripped, hoodPosition: far }) }).state).toBe('hold')
    expect(gateOf({ one: ready({ job: stripped }) }).state).toBe('open')
  })
  it('holds a coating nobody can say, silver braze that may hold cadmium, and a consumable without a factor', () => {
    expect(gateOf({ one: ready({ job: { ...STICK, coating: 'paint' } }) }).codes).toContain('fume.coating-not-modelled')
    expect(gateOf({ one: ready({ job: { ...STICK, process: 'tb', consumable: 'bag-silver' } }) }).codes).toContain('fume.maybe-cadmium')
    expect(gateOf({ one: ready({ job: { ...STICK, process: 'gmaw', consumable: 'ersicu', shieldingGas: 'argon' } }) }).codes).toContain(
      'fume.no-factor',
    )
  })
  it('takes the shop\'s own data sheet before the tables', () => {
    const sheets = {
      'gmaw ersicu': {
        process: 'gmaw',
        consumable: 'ersicu',
        title: 'Sheet 7, 2025',
        fumeGPerKg: 4,
        compositionPercent: { copper: 10, manganese: 1 },
      },
    } as const
    const { state, air } = gateOf(
      {
        one: ready({
          job: {
            ...STICK,
            process: 'gmaw',
            consumable: 'ersicu',
            electrodeDiameterMm: 1,
            currentA: 120,
            shieldingGas: 'argon',
            baseMetal: 'copper',
          },
        }),
      },
      'one',
      { sheets },
    )
    expect(state).toBe('open')
    expect(air.prediction!.emission.substances.copper).toMatchObject({ ink: 'chalk' })
  })
  it('says so when nobody measured what the hood draws', () => {
    const { state, codes } = gateOf({ one: ready() }, 'one', { extraction: { ...ARM, flowFrom: 'maker' } })
    expect(state).toBe('open')
    expect(codes).toContain('air.flow-not-measured')
  })
  it('counts the job before this one, as long as it was of today', () => {
    const earlier = {
      job: { ...STICK, startsAt: '12:00', endsAt: '16:00' },
      validUntil: LATER,
      personId: null,
      sinceAt: null,
      untilAt: null,
    }
    const alone = gateOf({ one: ready() }).air.exposure!.fraction!
    expect(gateOf({ one: ready({ earlierJobs: [earlier] }) }).air.exposure!.fraction!).toBeGreaterThan(alone * 1.8)
    expect(gateOf({ one: ready({ earlierJobs: [{ ...earlier, validUntil: NOW }] }) }).air.exposure!.fraction!).toBe(alone)
  })
  it('counts limits harder for a long shift', () => {
    const long = ready({ job: { ...STICK, startsAt: '06:00', endsAt: '18:00' } })
    const { air } = gateOf({ one: long })
    expect(air.found.map(({ code }) => code)).toContain('exposure.long-shift')
    const { mgPerM3, fraction, limit } = air.exposure!.uses.find(
      ({ limit }) => limit.substance === 'manganese' && limit.ruleSet === 'us-ca',
    )!
    expect(fraction).toBeCloseTo(mgPerM3 / limit.valueMgPerM3 * 16 / 12, 9)
  })
  it('holds a confined space whatever the number says', () =>
    expect(gateOf({ one: ready({ job: { ...STICK, confinement: 'confined' } }) }).codes).toContain('ventilation.confined'))
  it('holds indoors without a hood where the law asks for one', () =>
    expect(
      gateOf(
        {
          one: ready({
            job: { ...STICK, process: 'gtaw', consumable: 'er70s-2', shieldingGas: 'argon' },
            hoodPosition: null,
            extractionCheck: null,
          }),
        },
        'one',
        { rules: { ...RULES, jurisdiction: 'uk', exposureBasis: 'uk' }, extraction: null },
      ).codes,
    ).toContain('ventilation.indoors-needs-hood'))
})

const within = ({ min, max }: { readonly min: number, readonly max: number }) =>
  fc.oneof(fc.constantFrom(min, max), fc.double({ min, max, noNaN: true }))

it('answers for any hall, hood and job that may be entered: a Stop is decided beside it and must never wait for it', () => {
  const hallArb = fc.record({
    isOpenAir: fc.boolean(),
    volumeM3: within(HALL_LIMITS.volumeM3),
    ceilingM: within(HALL_LIMITS.ceilingM),
    supplyM3PerS: within(HALL_LIMITS.supplyM3PerS),
    outdoorShare: within(HALL_LIMITS.outdoorShare),
    filterEfficiency: within(HALL_LIMITS.filterEfficiency),
    backgroundMgPerM3: within(HALL_LIMITS.backgroundMgPerM3),
    nearFieldRadiusM: within(HALL_LIMITS.nearFieldRadiusM),
    airSpeedMPerS: within(HALL_LIMITS.airSpeedMPerS),
  })
  const extractionArb = fc.option(
    fc.record({
      kind: fc.constantFrom(...EXTRACTION_KINDS),
      widthM: within(HOOD_LIMITS.widthM),
      heightM: within(HOOD_LIMITS.heightM),
      flanged: fc.boolean(),
      flowM3PerS: within(HOOD_LIMITS.flowM3PerS),
      flowFrom: fc.constant('maker' as const),
      returnsAir: fc.boolean(),
      filterEfficiency: within({ min: 0, max: 1 }),
    }),
    { nil: null },
  )
  const jobArb = fc.record({
    process: fc.constantFrom(...PROCESSES),
    consumable: fc.constantFrom(...CONSUMABLES),
    currentA: within({ min: 0.1, max: 2000 }),
    arcMinPerH: within({ min: 0.5, max: 60 }),
    coating: fc.constantFrom('none' as const, 'zinc' as const, 'paint' as const),
  })
  fc.assert(
    fc.property(
      hallArb,
      extractionArb,
      jobArb,
      within(HOOD_LIMITS.distanceM),
      fc.constantFrom('beside' as const, 'above' as const),
      (hall, extraction, job, distanceM, placement) => {
        const station = ready({ job: { ...STICK, ...job }, hoodPosition: { placement, distanceM } })
        const { air, state } = gateOf({ one: station, two: station, three: station }, 'one', {
          halls: {
            hall: { air: hall, bays: Object.fromEntries(['one', 'two', 'three'].map(bayId => [bayId, { xM: 0, yM: 0, extraction }])) },
          },
        })
        expect(['open', 'hold', 'to-do', 'stop']).toContain(state)
        for (const { fraction, mgPerM3 } of air.exposure?.uses ?? [])
          expect(Number.isFinite(fraction) && fraction >= 0 && Number.isFinite(mgPerM3)).toBe(true)
      },
    ),
    { numRuns: 200 },
  )
}, 30_000)

describe('the respirator', () => {
  const over = { one: ready({ job: { ...STICK, arcMinPerH: 60, endsAt: '16:00' } }) }
  const worn = (wearer: object, rules: HouseRules = RULES) =>
    gateOf(over, 'one', { wearers: { imke: { mask: 'full-p100', readyUntil: LATER, isShaven: true, ...wearer } }, rules })
  it('opens the gate when it protects enough and its wearer is ready', () => {
    expect(gateOf(over).state).toBe('hold')
    const { state, findings } = worn({})
    expect(state).toBe('open')
    expect(findings[0]).toMatchObject({ severity: 'caution', code: 'respirator.enough' })
  })
  it.each([
    ['a dust mask', { mask: 'dust-mask' }],
    ['a mask that is not enough', { mask: 'n95' }],
    ['test or clearance missing', { readyUntil: null }],
    ['test or clearance over', { readyUntil: NOW }],
    ['a beard', { isShaven: false }],
    ['nobody having looked for one', { isShaven: null }],
  ])('does not with %s', (_, wearer) => expect(worn(wearer).state).toBe('hold'))
  it('that was tested and is not in the register, not theirs, late or tagged out protects nobody', () => {
    const wearer = { mask: 'full-p100', readyUntil: LATER, isShaven: true } as const
    expect(wornMask(wearer, [maskOf('full-p100')], NOW)).toEqual({ wearer, findings: [] })
    for (const masks of [
      [],
      [maskOf('half-p100')],
      [maskOf('full-p100', { mayUse: false })],
      [maskOf('full-p100', { validUntil: NOW })],
      [maskOf('full-p100', { marks: {} })],
    ]) {
      expect(wornMask(wearer, masks, NOW)).toMatchObject({ wearer: null, findings: [{ code: 'respirator.not-in-register' }] })
    }
    expect(wornMask(null, [maskOf('full-p100')], NOW)).toEqual({ wearer: null, findings: [] })
  })
  it('that does not seal asks for no shave', () =>
    expect(worn({ mask: 'papr-helmet', isShaven: null }, { ...RULES, maskWornShare: 1 }).state).toBe('open'))
})

describe('other bays', () => {
  it('are breathed in the far field', () => {
    const alone = gateOf({ one: ready() }).air
    const beside = gateOf({ one: ready(), two: ready(), three: ready() }).air
    expect(beside.exposure!.fraction!).toBeGreaterThan(alone.exposure!.fraction!)
    expect(beside.prediction!.breathed!.manganese!.twaFromOthers.high).toBeGreaterThan(0)
  })
  it('that hold by their own air burn no arc and are not counted; inside a mask they are', () => {
    const bad = ready({ personId: 'kit', job: { ...STICK, coating: 'zinc' } })
    const { air, state } = gateOf({ one: ready(), two: bad })
    expect(state).toBe('open')
    expect(air.found.map(({ code }) => code)).toContain('air.neighbours-held')
    expect(air.prediction!.breathed!.zinc).toBeUndefined()
    const masked = gateOf({ one: ready(), two: bad }, 'one', { wearers: { kit: { mask: 'scba', readyUntil: LATER, isShaven: true } } })
    expect(masked.air.prediction!.breathed!.zinc!.twa.high).toBeGreaterThan(0)
  })
})

describe('measured samples', () => {
  const own = ready()
  const place = surveyPlace(bayAirOf(own, airOf(facts({ one: own }))('one')), HALL)!
  const survey = (values: readonly (number | string)[], over: Partial<Survey> = {}): Survey => ({
    surveyId: 's',
    substance: 'manganese',
    takenOn: '2026-02-01',
    place,
    withdrawn: false,
    results: values.map((value, i) => ({
      label: `${i}`,
      mgPerM3: Number(String(value).replace('<', '')),
      isBelowLoq: typeof value === 'string',
      minutes: null,
    })),
    ...over,
  })
  const low = [0.01, 0.012, 0.015, 0.009, 0.02, 0.011]
  const measured = (surveys: readonly Survey[], station = own, over: Parameters<typeof facts>[1] = {}) =>
    gateOf({ one: station }, 'one', { surveys: { one: surveys }, ...over })
  it('that pass replace the prediction for their substance; the rest stays with the model', () => {
    const { state, air, codes } = measured([survey(low)])
    expect(state).toBe('open')
    expect(codes).toContain('air.measured')
    expect(air.exposure!.uses.find(({ limit }) => limit.substance === 'manganese')!.binds).toBe(false)
    expect(air.exposure!.worst).not.toBeNull()
  })
  it('of gases that no table knows open a laser, and gouging asks for them beside its mask', () => {
    const at = (job: Partial<Job>): Station => ready({ job: { ...STICK, consumable: undefined, ...job } })
    const laser = at({ process: 'lbw', currentA: undefined, shieldingGas: 'argon' })
    const gas = (station: Station) => (substance: SubstanceId, times = 1): Survey => survey(low.map(value => value * times), {
      surveyId: substance,
      substance,
      place: surveyPlace(bayAirOf(station, airOf(facts({ one: station }))('one')), HALL)!,
    })
    const ofLaser = gas(laser)
    const all = [ofLaser('ozone'), ofLaser('nitrogen-dioxide')]
    expect(measured([], laser).findings[0]).toMatchObject({ severity: 'hold', code: 'fume.gases-unknown' })
    expect(measured(all, laser).state).toBe('open')
    for (const left of all) expect(measured(all.filter(one => one !== left), laser).state).toBe('hold')
    expect(measured([ofLaser('ozone', 100), ofLaser('nitrogen-dioxide')], laser).state).toBe('hold')
    expect(measured([ofLaser('ozone'), { ...ofLaser('nitrogen-dioxide'), withdrawn: true }], laser).state).toBe('hold')
    // Measured at one bay is not measured at another, nor for other work.
    expect(gateOf({ one: laser, two: laser }, 'two', { surveys: { one: all } }).state).toBe('hold')
    expect(measured(all, at({ ...laser.job!, shieldingGas: 'nitrogen' })).state).toBe('hold')
    // Britain has no eight-hour limit for ozone: those of others judge it.
    const british = { rules: { ...RULES, jurisdiction: 'uk', exposureBasis: 'uk' } } as const
    expect(measured(all, laser, british).codes).not.toContain('fume.gases-unknown')

    // A filter for dust stops no gas; air of one's own with a way out does.
    const gouging = at({ process: 'cac-a', consumable: 'carbon-rod', currentA: 300 })
    const wears = (mask: MaskId) => ({ wearers: { imke: { mask, readyUntil: LATER, isShaven: true } } })
    const masks = ['half-p100', 'papr-tight-full', 'air-line-full', 'scba'] as const
    expect(masks.map(mask => measured([], gouging, wears(mask)).state)).toEqual(['hold', 'hold', 'hold', 'open'])
    expect(measured([], gouging, wears('papr-tight-full')).air.found).toContainEqual(
      expect.objectContaining({ code: 'fume.measure-these', values: { substances: ['ozone', 'nitrogen-dioxide', 'carbon-monoxide'] } }),
    )
  })
  it('of gases that nobody took leave a neighbour in doubt where the arc burns, and only there', () => {
    const gouging = ready({ personId: 'kit', job: { ...STICK, process: 'cac-a', consumable: 'carbon-rod', currentA: 300 } })
    const beside = (over: Parameters<typeof facts>[1]): readonly string[] =>
      gateOf({ one: ready(), two: gouging }, 'one', over).air.found.map(({ code }) => code)
    const masked = { wearers: { kit: { mask: 'scba', readyUntil: LATER, isShaven: true } } } as const
    expect(beside({})).toContain('air.neighbours-held')
    expect(beside({})).not.toContain('air.neighbour-unknown')
    expect(beside(masked)).toContain('air.neighbour-unknown')
    // Dust that was measured here says nothing of their gases: each of them counts, measured here.
    const here = (substance: SubstanceId) => survey(low, { surveyId: substance, substance })
    const ofNeighbour = (one: readonly Survey[]) =>
      gateOf({ one: ready(), two: gouging }, 'one', { ...masked, surveys: { one } })
        .air.found.find(({ code }) => code === 'air.neighbour-unknown')
    expect(ofNeighbour([here('total-fume')])).toMatchObject({ severity: 'hold' })
    expect(ofNeighbour((['total-fume', 'ozone', 'nitrogen-dioxide'] as const).map(here))).toMatchObject({ severity: 'hold' })
    const all = (['total-fume', 'ozone', 'nitrogen-dioxide', 'carbon-monoxide'] as const).map(here)
    expect(ofNeighbour(all)).toMatchObject({ severity: 'caution' })

    const place = surveyPlace(bayAirOf(gouging, airOf(facts({ two: gouging }))('two')), HALL)!
    const gases = ['ozone', 'nitrogen-dioxide', 'carbon-monoxide'] as const
    const two = gases.map(substance => survey(low, { surveyId: substance, substance, place }))
    expect(beside({ ...masked, surveys: { two } })).not.toContain('air.neighbour-unknown')
  })
  it('that fail close the gate, and that leave it open hold it', () => {
    expect(measured([survey(low.map(value => value * 20))]).codes).toContain('samples.non-compliant')
    const { state, codes } = measured([survey([0.048, 0.062, 0.09, 0.056, 0.124, 0.074, 0.176, 0.104, '<0.04', '<0.04', '<0.04', '<0.04'])])
    expect(state).toBe('hold')
    expect(codes).toEqual(expect.arrayContaining(['samples.no-decision', 'samples.turns-on-substitution']))
  })
  it.each([
    ['another job', ready({ job: { ...STICK, currentA: 170 } }), {}, 'job'],
    ['a hood moved', ready({ hoodPosition: { placement: 'beside', distanceM: 0.21 } }), {}, 'hood'],
    [
      'another hall',
      own,
      { halls: { hall: { air: { ...HALL, supplyM3PerS: 2 }, bays: { one: { xM: 0, yM: 0, extraction: ARM } } } } },
      'room',
    ],
  ] as const)('do not speak for %s', (_, station, over, changed) => {
    const { findings, air } = measured([survey(low.map(value => value * 20))], station, over)
    expect(findings.find(({ code }) => code === 'samples.other-work')).toMatchObject({ values: { changed } })
    expect(air.exposure!.uses.find(({ limit }) => limit.substance === 'manganese' && limit.ruleSet === 'us-ca')!.binds).toBe(true)
  })
  it('age out by house rule, still need today\'s look, and can be withdrawn', () => {
    expect(measured([survey(low, { takenOn: '2025-03-01' })]).codes).toContain('samples.aged-out')
    expect(measured([survey(low, { takenOn: '2025-03-03' })]).codes).not.toContain('samples.aged-out')
    expect(measured([survey(low)], ready({ extractionCheck: null })).codes).toContain('air.extraction-not-checked')
    expect(measured([survey(low.map(value => value * 20), { withdrawn: true })]).state).toBe('open')
  })
  it('grow old by the day at the site: where it is a day later already, a day earlier than elsewhere', () => {
    const agedIn = (timeZone: string) =>
      measured([survey(low, { takenOn: '2025-03-02' })], own, {
        now: '2026-03-01T20:00:00.000Z',
        site: { ...facts({ one: own }).site, timeZone },
      }).codes
    expect(agedIn('Pacific/Auckland')).toContain('samples.aged-out')
    expect(agedIn('America/Los_Angeles')).not.toContain('samples.aged-out')
  })
  it('come back from the record with other key order and still speak', () => {
    const shuffled = Object.fromEntries(Object.entries(ARM).reverse()) as unknown as Extraction
    const { codes } = measured([survey(low)], own, {
      halls: {
        hall: {
          air: Object.fromEntries(Object.entries(HALL).reverse()) as typeof HALL,
          bays: { one: { xM: 0, yM: 0, extraction: shuffled } },
        },
      },
    })
    expect(codes).toContain('air.measured')
  })
})

describe('advice', () => {
  const dayOf = (hall: HallQuestion): DayQuestion => ({ hall, bayId: 'one', personId: 'imke', elsewhere: NOWHERE_ELSE })
  const question = hallQuestion(
    facts({ one: ready({ job: { ...STICK, coating: 'zinc', arcMinPerH: 20 }, hoodPosition: { placement: 'beside', distanceM: 0.55 } }) }),
    'hall',
  )!
  it('comes in the order of effect, each with what trying it really gives', () => {
    const advice = airAdvice(dayOf(question), RULES)
    expect(advice.map(({ kind }) => kind)).toEqual(['strip', 'consumable', 'move-hood', 'more-flow', 'fewer-arcs', 'respirator'])
    const strip = advice[0]!
    const breathed = predictHall(tryOut(question, 'one', strip.change)).bay('one')!.breathed!
    expect(breathed.zinc).toBeUndefined()
    expect(strip.fractionAfter).toBeLessThan(airAdvice(dayOf(question), RULES)[3]!.fractionAfter!)
  })
  it('joined, strips first and then moves the hood, and that is enough', () => {
    const short = hallQuestion(
      facts({ one: ready({ job: { ...STICK, coating: 'zinc' }, hoodPosition: { placement: 'beside', distanceM: 0.55 } }) }),
      'hall',
    )!
    expect(advicePlan(dayOf(short), RULES)).toMatchObject({ kinds: ['strip', 'move-hood'], isEnough: true })
  })
  it('picks what is enough by itself, and says nothing helps where nothing does', () => {
    expect(bestAdvice([])).toBeNull()
    const easy = hallQuestion(facts({ one: ready({ hoodPosition: { placement: 'beside', distanceM: 0.45 } }) }), 'hall')!
    expect(bestAdvice(airAdvice(dayOf(easy), RULES))).toMatchObject({ isEnough: true })
  })
})

describe('what is worn at the Air gate', () => {
  const helmet = { ...maskOf('half-p100'), kind: 'helmet' as const, tag: 'H-1', marks: {} }
  const out = (item: KitItemFact): KitItemFact => ({
    ...item,
    mayUse: false,
    findings: [{ code: 'kit.tagged-out', severity: 'hold', values: { tag: item.tag, reason: 'torn', checks: [] }, sources: [] }],
  })
  const due = (item: KitItemFact): KitItemFact => ({
    ...item,
    mayUse: false,
    findings: [{ code: 'kit.look-due', severity: 'hold', values: { tag: item.tag, listId: 'respirator.before-use' }, sources: [] }],
  })
  const air = (worn: readonly KitItemFact[], over: Partial<Station> = {}, more: Parameters<typeof facts>[1] = {}) => {
    const station = ready(over)
    const known = facts({ one: station }, { wearers: { imke: { mask: 'half-p100', readyUntil: LATER, isShaven: true } }, ...more })
    const { state, findings } = judgeAir(
      station,
      airOf(known)('one'),
      NO_KIT,
      personId => personIn({ worn: { imke: worn }, wearers: known.wearers, welders: {} }, personId),
      known.rules,
      NOW,
    )
    return {
      state,
      codes: findings.map(({ code }) => code),
      notes: findings.filter(({ severity }) => severity === 'note').map(({ code }) => code),
    }
  }
  it('a mask tagged out holds, needed or not; a helmet tagged out is not the Air gate\'s', () => {
    expect(air([out(maskOf('half-p100'))])).toMatchObject({ state: 'hold', codes: expect.arrayContaining(['kit.tagged-out']) })
    expect(air([out(helmet)])).toMatchObject({ state: 'open' })
    expect(air([out(helmet)]).codes).not.toContain('kit.tagged-out')
  })
  it('one that is only due to be looked at protects nobody, and holds nobody who needs none', () => {
    expect(air([due(maskOf('half-p100'))])).toMatchObject({ state: 'open' })
    expect(air([due(maskOf('half-p100'))]).codes).not.toContain('kit.look-due')
  })
  it('that it is not in the register is said where a mask is wanted, and not where none is', () => {
    const bare = { extraction: null, hoodPosition: null }
    const hot = { job: { ...STICK, arcMinPerH: 40 } }
    expect(air([], hot, bare).codes).toContain('respirator.not-in-register')
    expect(air([maskOf('half-p100')], hot, bare).codes).not.toContain('respirator.not-in-register')
    expect(air([helmet], hot, bare).codes).toContain('respirator.not-in-register')
    expect(air([]).codes).not.toContain('respirator.not-in-register')
  })
  it('keeps the notes that a record needs, and no other', () =>
    expect(
      air([]).notes.every(code =>
        [
          'exposure.under', 'air.measured', 'air.rests-on-pencil', 'exposure.no-limit-for-fume', 'exposure.limit-borrowed',
          'air.day-of-person', 'fume.measure-these',
        ].includes(code),
      ),
    ).toBe(true))
})
