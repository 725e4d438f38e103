import { describe, expect, it } from 'vitest'
import { dutyCycleAt } from '#core/electrical/duty-cycle'
import { cableCarriesA, weldingCable } from '#core/electrical/cable'
import { judgeElectricalTest, protectiveConductorLimitOhm } from '#core/electrical/electrical-test'
import { judgeOpenCircuit } from '#core/electrical/open-circuit'

describe('duty cycle', () => {
  // D₂ = D₁·(I₁/I₂)², ten-minute cycle of IEC 60974-1 and NEMA EW 1, from memory.
  it.each([
    [200, 60, 250, 38.4], [300, 60, 300, 60], [300, 60, 232.38, 100], [300, 60, 100, 100], [160, 35, 200, 22.4],
  ])('%i A at %i %% burns at %f A for %f %%', (ratedCurrentA, ratedDutyPercent, currentA, expected) => {
    const { dutyPercent, minutesInTen, restMinutesInTen } = dutyCycleAt({ ratedCurrentA, ratedDutyPercent, currentA })
    expect(dutyPercent).toBeCloseTo(expected, 1)
    expect(minutesInTen + restMinutesInTen).toBeCloseTo(10, 12)
  })
})

describe('cable', () => {
  // Volts for 100 A and 100 m of loop at 75 °C, from the resistivity of IEC 60228; AWG sizes of ASTM B-258.
  it.each([
    [13.3, 15.8], [21.15, 9.9], [33.62, 6.2], [53.49, 3.9], [107.2, 2], [35, 6], [50, 4.2], [70, 3], [95, 2.2],
  ])('%f mm² loses %f V', (areaMm2, dropV) => {
    const answer = weldingCable({ currentA: 100, loopLengthM: 100, areaMm2, conductorTemperatureC: 75 })
    expect(answer.dropV).toBeCloseTo(dropV, 0.9)
    expect(answer.powerLossW).toBeCloseTo(answer.dropV * 100, 9)
  })
  it('heat goes with the duty', () =>
    expect(
      weldingCable({ currentA: 200, loopLengthM: 20, areaMm2: 50, dutyPercent: 60 }).powerLossW
      / weldingCable({ currentA: 200, loopLengthM: 20, areaMm2: 50 }).powerLossW,
    ).toBeCloseTo(0.6, 12))
  // EN 50565 and VDE 0298-4 style, rubber arc cable: 100 %, 60 %, 35 %, from memory.
  it.each([
    [25, 180, 230, 300], [35, 225, 290, 375], [50, 285, 370, 480], [70, 355, 460, 600], [95, 430, 560, 730],
  ])('%i mm² carries %i, %i and %i A within 2 %%', (area, full, sixty, thirtyFive) => {
    for (const [duty, printed] of [
      [100, full],
      [60, sixty],
      [35, thirtyFive],
    ] as const)
      expect(Math.abs(cableCarriesA(area, duty)! / printed - 1)).toBeLessThan(0.02)
  })
  it('between sections the smaller counts; under the table nothing is said', () => {
    expect(cableCarriesA(67.43, 100)).toBe(285)
    expect(cableCarriesA(16, 100)).toBeNull()
    expect(weldingCable({ currentA: 300, loopLengthM: 20, areaMm2: 50 }).findings[0]).toMatchObject({
      severity: 'hold',
      code: 'electrical.cable-too-small',
    })
    expect(weldingCable({ currentA: 300, loopLengthM: 20, areaMm2: 50, dutyPercent: 60 }).findings[0]).toMatchObject({
      severity: 'note',
      code: 'electrical.cable-carries',
    })
  })
})

describe('open-circuit voltage', () => {
  // 29 CFR 1910.254(b)(3) and IEC 60974-1, from memory.
  it.each([
    [{ current: 'ac', rmsV: 80, environment: 'dry' }, 0],
    [{ current: 'ac', rmsV: 81, environment: 'dry' }, 1],
    [{ current: 'ac', rmsV: 50, environment: 'wet' }, 1],
    [{ current: 'ac', rmsV: 48, peakV: 69, environment: 'confined' }, 1],
    [{ current: 'dc', rmsV: 100, peakV: 113, environment: 'wet' }, 0],
    [{ current: 'dc', rmsV: 101, peakV: 114, environment: 'wet' }, 2],
    [{ current: 'ac', rmsV: 100, peakV: 141, environment: 'dry', guided: 'mechanised' }, 0],
  ] as const)('%j', (reading, count) => expect(judgeOpenCircuit(reading)).toHaveLength(count))
})

describe('periodic test', () => {
  // IEC 60974-4 of 2010 and 2016, from memory.
  it.each([
    [0, 0.3], [5, 0.3], [12, 0.3], [12.5, 0.4], [20, 0.5], [100, 1],
  ])('a cord of %f m: %f Ω', (cordM, ohm) => expect(protectiveConductorLimitOhm(cordM)).toBeCloseTo(ohm, 12))
  const GOOD = {
    protectiveConductorOhm: 0.3,
    supplyToWeldingMOhm: 5,
    weldingToProtectiveMOhm: 2.5,
    supplyToProtectiveMOhm: 2.5,
    supplyCordLengthM: 4,
  }
  it('exactly at the limits passes; a little beyond fails and names the reading', () => {
    expect(judgeElectricalTest(GOOD)).toMatchObject({ passes: true })
    for (const [test, value] of [
      ['protectiveConductorOhm', 0.31],
      ['supplyToWeldingMOhm', 4.9],
      ['weldingToProtectiveMOhm', 2.4],
      ['supplyToProtectiveMOhm', 2.4],
    ] as const) {
      expect(judgeElectricalTest({ ...GOOD, [test]: value })).toMatchObject({
        passes: false,
        findings: [{ severity: 'hold', values: { test, value } }],
      })
    }
  })
  it('missing readings leave it open, a bad one closes it whatever is missing; leakage may stand for insulation', () => {
    const { weldingToProtectiveMOhm: _w, ...open } = GOOD
    expect(judgeElectricalTest(open)).toMatchObject({ passes: null })
    expect(judgeElectricalTest({ ...open, supplyToWeldingMOhm: 1 })).toMatchObject({ passes: false })
    expect(judgeElectricalTest({ ...open, weldingLeakageMA: 10 })).toMatchObject({ passes: true })
    expect(judgeElectricalTest({})).toMatchObject({ passes: null })
  })
  it('double insulation: other readings, 5 MΩ', () => {
    expect(judgeElectricalTest({ classII: true, supplyToWeldingMOhm: 6, supplyToAccessibleMOhm: 5 })).toMatchObject({ passes: true })
    expect(judgeElectricalTest({ classII: true, supplyToWeldingMOhm: 6, supplyToAccessibleMOhm: 4 })).toMatchObject({ passes: false })
    expect(judgeElectricalTest({ classII: true, supplyToWeldingMOhm: 6 })).toMatchObject({ passes: null })
  })
  it('no place given: judged as wet and tight', () =>
    expect(judgeElectricalTest({ ...GOOD, openCircuit: { current: 'ac', rmsV: 70 } })).toMatchObject({ passes: false }))
})
