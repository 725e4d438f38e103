import { describe, expect, it } from 'vitest'
import { estimatedWbgtC, heatLimitC, heatStress, wetBulbC } from '#core/heat/heat-stress'
import { noiseDay } from '#core/hearing/noise-dose'
import { attenuationDb, labelNeededDb } from '#core/hearing/protectors'
import { eyeExposureWPerM2, laserHazard, skinExposureWPerM2 } from '#core/laser/laser-hazard'
import { bystander } from '#core/optics/bystander'

const codes = (findings: readonly { readonly code: string }[]) => findings.map(({ code }) => code)
const holds = (findings: readonly { readonly severity: string, readonly code: string }[]) =>
  findings.filter(({ severity }) => severity === 'hold').map(({ code }) => code)

describe('permissible exposure to a laser', () => {
  // ANSI Z136.1 and IEC 60825-1, worked from their formulas, which are recalled from memory: eye and skin, W/m².
  it.each([
    [1030, 10, 45.7, 8941], [1030, 100, 45.7, 9142], [1040, 100, 47.9, 9573], [1050, 10, 50, 9781], [1070, 10, 50, 9781],
    [1090, 100, 50, 10_000],
  ])('%i nm for %i s: %f and %i W/m²', (wavelengthNm, exposureS, eye, skin) => {
    expect(eyeExposureWPerM2(wavelengthNm)).toBeCloseTo(eye, 1)
    expect(Math.abs(skinExposureWPerM2(wavelengthNm, exposureS) / skin - 1)).toBeLessThan(0.0005)
  })
  it('never rises above 1150 nm, where the formulas would let it: the safer end', () => {
    expect(eyeExposureWPerM2(1300)).toBe(50)
    expect(skinExposureWPerM2(1300, 100)).toBe(10_000)
  })
})

describe('how far a laser reaches', () => {
  // Hyperbolic model of ANSI Z136.1-2000 and later, 5 mm at the lens, 1070 nm, quantities at 1/e; worked.
  it.each([
    [1500, 30, 206], [1500, 50, 123.6], [1500, 100, 61.8], [2000, 30, 237.9], [2000, 50, 142.7], [2000, 100, 71.4], [3000, 30, 291.3],
    [3000, 50, 174.8], [3000, 100, 87.4],
  ])('%i W at %i mrad: %f m for an eye', (powerW, divergenceMrad, expected) => {
    const asked = { powerW, wavelengthNm: 1070, divergenceMrad, beamDiameterMm: 5, exposureS: 100, convention: '1/e' } as const
    expect(laserHazard(asked).eyeHazardDistanceM).toBeCloseTo(expected, 0.9)
  })
  // Lambertian reflection seen head on.
  it.each([[1500, 1, 3.09, 0.22], [2000, 0.8, 3.19, 0.226], [3000, 0.6, 3.39, 0.239]])(
    '%i W off a matt surface of %f: %f m for an eye, %f m for skin',
    (powerW, reflectance, eye, skin) => {
      const found = laserHazard({ powerW, wavelengthNm: 1070, divergenceMrad: 50, beamDiameterMm: 5, exposureS: 100, reflectance })
      expect(found.diffuseEyeDistanceM).toBeCloseTo(eye, 2)
      expect(found.diffuseSkinDistanceM).toBeCloseTo(skin, 2)
    },
  )
  it.each([[1500, 5.89], [2000, 6.02], [3000, 6.19]])('%i W into a pupil of 7 mm asks for optical density %f', (powerW, od) =>
    expect(laserHazard({ powerW, wavelengthNm: 1070, divergenceMrad: 50, exposureS: 10 }).requiredOd).toBeCloseTo(od, 2))
  it('what is told at 1/e² is turned into 1/e: the distance is 1.41 times that of the figures as they are', () => {
    const asked = { powerW: 2000, wavelengthNm: 1070, divergenceMrad: 50, exposureS: 10 }
    const [at1e, at1e2] = (['1/e', '1/e2'] as const).map(convention => laserHazard({ ...asked, convention }).eyeHazardDistanceM)
    expect(at1e2! / at1e!).toBeCloseTo(Math.SQRT2, 9)
    expect(codes(laserHazard(asked).findings)).toContain('laser.taken-as-1e')
  })
  it('a quarter of a second is no look at what nobody sees: ten seconds count', () => {
    const asked = { powerW: 2000, wavelengthNm: 1070, divergenceMrad: 50, beamDiameterMm: 5 }
    const short = laserHazard({ ...asked, exposureS: 0.25 })
    expect(short.eyeHazardDistanceM).toBe(laserHazard({ ...asked, exposureS: 10 }).eyeHazardDistanceM)
    expect(codes(short.findings)).toContain('laser.ten-seconds-count')
  })
})

describe('eyewear for a laser', () => {
  const asked = { powerW: 2000, wavelengthNm: 1070, divergenceMrad: 50, beamDiameterMm: 5, exposureS: 10, convention: '1/e' } as const
  // EN 207: 2 kW over 5 mm are 1.02·10⁸ W/m², which asks for scale number 8; 8 mm for 7.
  it.each([
    ['none told', asked, undefined, ['laser.eyewear-not-given']],
    ['too light', asked, { od: 6, damageRating: 8 }, ['laser.eyewear-too-light']],
    ['dark enough, its scale number unknown', asked, { od: 7 }, ['laser.damage-rating-unknown']],
    ['dark enough, and burns through', asked, { od: 7, damageRating: 7 }, ['laser.damage-rating-too-low']],
    ['a beam of unknown size', { ...asked, beamDiameterMm: undefined }, { od: 7, damageRating: 12 }, ['laser.damage-cannot-be-said']],
    ['answers', asked, { od: 7, damageRating: 8 }, []],
    ['nobody said how the beam is measured', { ...asked, beamDiameterMm: 7, convention: undefined }, { od: 7, damageRating: 7 }, [
      'laser.damage-rating-too-low',
    ]],
    ['answers for a wider beam', { ...asked, beamDiameterMm: 8 }, { od: 7, damageRating: 7 }, []],
  ] as const)('%s', (_name, question, eyewear, expected) =>
    expect(holds(laserHazard({ ...question, eyewear }).findings)).toEqual(expected))
})

describe('an arc that somebody else sees', () => {
  // t = 30 J/m² · d²/E₁ and its inverse; the arcs of Okuno et al. 2001.
  it.each([[0.28, 5, 2679], [1, 10, 3000], [2.5, 5, 300], [7.85, 10, 382], [7.85, 1, 3.8], [23, 10, 130]])(
    '%f W/m² at 1 m, seen from %i m: %f s',
    (effectiveIrradianceAt1mWPerM2, distanceM, expected) =>
      expect(bystander({ process: 'gmaw', effectiveIrradianceAt1mWPerM2, distanceM }).safeSeconds! / expected).toBeCloseTo(1, 1),
  )
  it.each([[7.85, 1, 4], [7.85, 60, 30.7], [23, 10, 21.4], [0.28, 480, 16.4]])(
    '%f W/m² at 1 m, seen for %i min: %f m',
    (effectiveIrradianceAt1mWPerM2, arcMinutes, expected) =>
      expect(bystander({ process: 'gmaw', effectiveIrradianceAt1mWPerM2, arcMinutes }).safeDistanceM).toBeCloseTo(expected, 1),
  )
  it('bright walls take their share of the time', () => {
    const asked = { process: 'gmaw', effectiveIrradianceAt1mWPerM2: 7.85, distanceM: 10 } as const
    expect(bystander({ ...asked, wallReflectance: 0.9 }).safeSeconds! * 1.9).toBeCloseTo(bystander(asked).safeSeconds!, 6)
  })
  it.each([
    ['what nobody measured', { process: 'cac-a', distanceM: 20 }, ['bystander.no-envelope']],
    ['an assumed figure', { process: 'gtaw', distanceM: 20 }, ['bystander.not-measured']],
    ['a laser', { process: 'lbw', distanceM: 20 }, ['bystander.laser-not-an-arc']],
    [
      'a laser at which somebody measured',
      { process: 'lbw', effectiveIrradianceAt1mWPerM2: 0.1, distanceM: 20 },
      ['bystander.laser-not-an-arc'],
    ],
    ['neither distance nor time', { process: 'smaw' }, ['bystander.input-missing']],
    ['too long', { process: 'smaw', distanceM: 2, arcMinutes: 5 }, ['bystander.too-long']],
  ] as const)('holds for %s', (_name, asked, expected) => expect(holds(bystander(asked).findings)).toEqual(expected))
  it('a metal that nobody named counts as the brightest arc, whatever the current', () => {
    const of = (baseMetal?: 'mild-steel' | 'aluminium' | 'copper') => bystander({ process: 'gmaw', baseMetal, distanceM: 5 }).safeSeconds!
    expect(of()).toBe(of('aluminium'))
    expect(of('copper')).toBe(of('aluminium'))
    expect(of('mild-steel')).toBeGreaterThan(of())
  })
  it('no more than a day of eight hours is ever allowed', () =>
    expect(bystander({ process: 'smaw', effectiveIrradianceAt1mWPerM2: 0.001, distanceM: 100 }).safeSeconds).toBe(28_800))
})

describe('a day of noise', () => {
  const spans = [{ levelDbA: 95, hours: 4 }, { levelDbA: 85, hours: 4 }]
  // 29 CFR 1910.95 App. A and NIOSH 98-126, from memory.
  it.each([['us-hearing-conservation', 125, 91.6], ['us-limit', 100, 90], ['us-recommended', 554, 92.4]] as const)(
    'four hours at 95 and four at 85 dBA by %s: %i %%, %f dBA',
    (rule, dose, twa) => {
      const { dosePercent, twaDbA } = noiseDay({ spans, rule })
      expect(dosePercent / dose).toBeCloseTo(1, 2)
      expect(twaDbA).toBeCloseTo(twa, 1)
    },
  )
  // Table G-16: hours at a level that make a dose of 100 %.
  it.each([
    [90, 8], [92, 6], [95, 4], [97, 3], [100, 2], [102, 1.5], [105, 1], [110, 0.5], [115, 0.25],
  ])('%i dBA for %f h is all of a day', (levelDbA, hours) =>
    expect(noiseDay({ spans: [{ levelDbA, hours }], rule: 'us-limit' }).dosePercent / 100).toBeCloseTo(1, 0))
  it('the European level of a day is the energy mean over eight hours', () => {
    // 2003/10/EC: L_EX,8h = 10·lg(1/8·Σ t·10^(L/10)).
    const expected = 10 * Math.log10((4 * 10 ** 9.5 + 4 * 10 ** 8.5) / 8)
    expect(noiseDay({ spans, rule: 'eu' }).twaDbA).toBeCloseTo(expected, 9)
  })
  // OSHA Technical Manual and NIOSH 98-126: label, derating, average, what is left.
  it.each([
    [[{ nrrDb: 25 }], 'none', 100, 82], [[{ nrrDb: 25 }], 'half', 100, 91], [[{ nrrDb: 29 }, { nrrDb: 20 }], 'none', 105, 78],
    [[{ nrrDb: 29 }, { nrrDb: 20 }], 'half', 105, 89], [[{ nrrDb: 24, kind: 'muff' }], 'by-kind', 100, 89],
    [[{ nrrDb: 30, kind: 'formable-plug' }], 'by-kind', 100, 92], [[{ nrrDb: 30 }], 'by-kind', 100, 98],
  ] as const)('%j derated %s under %i dBA leaves %i', (protectors, derate, twa, left) =>
    expect(twa - attenuationDb(protectors, derate)).toBeCloseTo(left, 9))
  it('over the limit of a bare ear, who is protected enough goes on', () => {
    const found = noiseDay({ spans, rule: 'us-recommended', protectors: [{ nrrDb: 30 }] })
    expect(holds(found.findings)).toEqual([])
    expect(codes(found.findings)).toContain('noise.over-limit')
  })
  it.each(['none', 'half', 'by-kind'] as const)('the label that is asked for is the least that does, %s', (derate) => {
    const muff = { kind: 'muff' as const }
    for (const takenDb of [1, 6.5, 11])
      for (const worn of [1, 2] as const) {
        const two = (nrrDb: number) => (worn === 2 ? [{ nrrDb, ...muff }, { nrrDb: 0 }] : [{ nrrDb, ...muff }])
        const least = labelNeededDb(takenDb, worn, derate)
        expect(attenuationDb(two(least), derate)).toBeGreaterThanOrEqual(takenDb)
        expect(attenuationDb(two(least - 1), derate) < takenDb || least === 0).toBe(true)
      }
  })
  it('a label that is worth nothing adds no noise', () => expect(attenuationDb([{ nrrDb: 4 }], 'none')).toBe(0))
  it.each([
    ['a bare ear over the limit', { spans, rule: 'us-recommended' }, ['noise.over-limit', 'noise.protection-missing']],
    ['exactly 85 dBA in Europe', { spans: [{ levelDbA: 85, hours: 8 }], rule: 'eu' }, ['noise.over-limit', 'noise.protection-missing']],
    ['a blast however short', { spans: [{ levelDbA: 120, hours: 0.001 }], rule: 'us-limit' }, ['noise.level-too-high']],
    [
      'a protector that does too little',
      { spans, rule: 'us-recommended', protectors: [{ nrrDb: 15 }] },
      ['noise.over-limit', 'noise.protector-too-weak'],
    ],
  ] as const)('holds for %s', (_name, asked, expected) => expect(holds(noiseDay(asked).findings)).toEqual(expected))
  it('nobody said how far to trust the label: half of it counts, and it is said', () => {
    const found = noiseDay({ spans, rule: 'us-recommended', protectors: [{ nrrDb: 25 }] })
    expect(found.protectedDbA).toBeCloseTo(found.twaDbA! - 9, 9)
    expect(codes(found.findings)).toContain('noise.derate-assumed')
  })
  it('what a rule does not count at all has no average', () =>
    expect(noiseDay({ spans: [{ levelDbA: 89, hours: 8 }], rule: 'us-limit' })).toMatchObject({ dosePercent: 0, twaDbA: null }))
})

describe('heat at work', () => {
  // ACGIH and NIOSH 2016-106: 56.7 − 11.5·lg M and 59.9 − 14.1·lg M, which make the rounded figures of the screening table.
  it.each([
    [180, 30.8, 28.1], [300, 28.2, 25], [415, 26.6, 23], [520, 25.5, 21.6],
  ])('%i W: %f °C, or %f °C for who is not used to it', (rate, used, not) => {
    expect(heatLimitC(rate, true)).toBeCloseTo(used, 1)
    expect(heatLimitC(rate, false)).toBeCloseTo(not, 1)
  })
  // Stull 2011, the worked figure of the paper: 20 °C at 50 % is 13.7 °C.
  it('wet bulb', () => expect(wetBulbC(20, 50)).toBeCloseTo(13.7, 1))
  it('the sun never makes it cooler', () => {
    for (const [air, humidity] of [[20, 20], [30, 50], [40, 20], [35, 90]] as const)
      expect(estimatedWbgtC(air, humidity, true)).toBeGreaterThanOrEqual(estimatedWbgtC(air, humidity, false))
  })
  // The columns of the screening table, read back: moderate work, used to heat.
  it.each([[27.9, 60], [28.5, 45], [29.5, 30], [31, 15], [32, 0]])('moderate work at %f °C: %i min of each hour', (wbgtC, minutes) =>
    expect(heatStress({ wbgtC, work: 'moderate', clothing: 'work-clothes', isAcclimatised: true }).workMinPerH).toBe(minutes))
  it('nobody works heavily all of an hour by the table, however cool it is said to be', () =>
    expect(heatStress({ wbgtC: 20, work: 'heavy', clothing: 'work-clothes', isAcclimatised: true }).workMinPerH).toBe(45))
  it('a rate between two rows takes the harder one, and leathers count', () => {
    const asked = { wbgtC: 27, metabolicW: 301, isAcclimatised: true } as const
    expect(heatStress({ ...asked, clothing: 'work-clothes' }).workMinPerH).toBe(45)
    expect(heatStress({ ...asked, clothing: 'welding-leathers' })).toMatchObject({ effectiveWbgtC: 31, workMinPerH: 0 })
  })
  it('more heat, more work, more clothing or no habit never lets anybody work longer', () => {
    const least = (asked: Parameters<typeof heatStress>[0]) => heatStress(asked).workMinPerH
    for (let wbgtC = 20; wbgtC < 36; wbgtC += 0.5)
      for (const work of ['light', 'moderate', 'heavy', 'very-heavy'] as const) {
        const now = least({ wbgtC, work, clothing: 'work-clothes', isAcclimatised: true })
        expect(least({ wbgtC: wbgtC + 0.5, work, clothing: 'work-clothes', isAcclimatised: true })).toBeLessThanOrEqual(now)
        expect(least({ wbgtC, work, clothing: 'double-layer', isAcclimatised: true })).toBeLessThanOrEqual(now)
        expect(least({ wbgtC, work, clothing: 'work-clothes', isAcclimatised: false })).toBeLessThanOrEqual(now)
      }
  })
})
