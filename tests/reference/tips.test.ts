import { describe, expect, it } from 'vitest'
import { classNeedM3, gasNeed } from '#core/cylinder/gas-need'
import { tipDemand } from '#core/cylinder/tip-demand'
import { withdrawal } from '#core/cylinder/withdrawal'
import type { Job } from '#core/job/job'

const FT3 = 0.3048 ** 3

describe('what a tip takes', () => {
  // AWS Welding Handbook and C4.2 type table, upper end, ft³/h; from memory.
  it.each([
    [3.2, 45, 9], [6.4, 55, 9], [12.7, 85, 12], [25, 160, 14], [51, 190, 16], [152, 500, 25], [305, 850, 40],
  ])('cutting %s mm of steel: %s oxygen, %s acetylene', (mm, oxygenFt3, acetyleneFt3) => {
    expect(tipDemand('cutting', 'acetylene', mm)).toEqual({ fuelM3PerH: acetyleneFt3 * FT3, oxygenM3PerH: oxygenFt3 * FT3 })
  })
  it('takes the next row up between two, and none beyond the table', () => {
    expect(tipDemand('cutting', 'acetylene', 8)).toEqual(tipDemand('cutting', 'acetylene', 9.5))
    expect(tipDemand('cutting', 'acetylene', 400)).toBeNull()
    expect(tipDemand('cutting', 'propane', 12)?.fuelM3PerH).toBeCloseTo(15 * FT3, 9)
  })
  // Common practice, no source: 75 to 150 L/h for each mm; the upper end where cylinders are counted.
  it('welding takes 150 L/h of acetylene for each millimetre', () =>
    expect(tipDemand('welding', 'acetylene', 4)).toEqual({ fuelM3PerH: 0.6, oxygenM3PerH: 0.66 }))
  it('no table speaks for another fuel at a heating head, or for a weld of unknown thickness', () => {
    expect([tipDemand('heating-small', 'propane'), tipDemand('welding', 'acetylene'), tipDemand('welding', 'propylene', 3)]).toEqual([
      null,
      null,
      null,
    ])
  })
  // Handbook table of manifolds: 80 ft³/h from 330 ft³ cylinders, steadily: 4 of them.
  it('a medium head empties four large cylinders at a fifteenth an hour', () => {
    expect(
      withdrawal({ contentM3: 330 * FT3, demandM3PerH: tipDemand('heating-medium', 'acetylene')!.fuelM3PerH, duty: 'continuous' })
        .cylindersNeeded,
    ).toBe(4)
  })
})

describe('what a job and a class take', () => {
  const job: Job = { process: 'gmaw', gasFlowLPerMin: 15, startsAt: '08:00', endsAt: '12:00', arcMinPerH: 20 }
  it('flow through the minutes of arc: 15 L/min for 80 minutes is 1.2 m³', () =>
    expect(gasNeed(job, 'shielding', 'argon', 4)?.jobM3).toBeCloseTo(1.2, 9))
  it('typed flow goes before the table of tips', () =>
    expect(
      gasNeed({ ...job, process: 'ofc', tip: 'cutting', plateThicknessMm: 12, acetyleneFlowLPerH: 300 }, 'fuel', 'acetylene', 4)
        ?.flowM3PerH,
    ).toBeCloseTo(0.3, 9))
  it('nothing is guessed without a flow', () => expect(gasNeed({ ...job, gasFlowLPerMin: undefined }, 'shielding', 'argon', 4)).toBeNull())
  it('a class is today\'s jobs of the bay, each for the time it has', () => {
    const [now, dayEnds] = ['2026-11-24T09:00:00.000Z', '2026-11-25T04:00:00.000Z']
    const afternoon: Job = { ...job, startsAt: '12:00', endsAt: '14:00' }
    expect(
      classNeedM3([{ job, validUntil: dayEnds, personId: null, sinceAt: null, untilAt: null }], afternoon, 'shielding', 'argon', 4, now),
    ).toBeCloseTo(1.8, 9)
    expect(
      classNeedM3([{ job, validUntil: now, personId: null, sinceAt: null, untilAt: null }], afternoon, 'shielding', 'argon', 4, now),
    ).toBeCloseTo(0.6, 9)
    expect(
      classNeedM3(
        [{ job: { ...job, gasFlowLPerMin: undefined }, validUntil: dayEnds, personId: null, sinceAt: null, untilAt: null }],
        afternoon,
        'shielding',
        'argon',
        4,
        now,
      ),
    ).toBeNull()
  })
})
