import { describe, expect, it } from 'vitest'
import { airOf } from '#core/air/air-facts'
import { judgeAir } from '#core/clearance/air-gate'
import { NO_KIT } from '#core/clearance/kit-around'
import { personIn } from '#core/clearance/person-around'
import { engineMonoxideMgPerMin, minutesToDanger, minutesUntil } from '#core/fume/engine-exhaust'
import type { HallAir } from '#core/ventilation/hall'
import { facts, HALL, maskOf, NOW, ready, STICK } from '../air/air-of-a-shop'

describe('the exhaust of an engine drive', () => {
  // 150 A at 26 V is 3.9 kW at the arc; 6.5 kW at the shaft at three fifths, 300 g/kWh: 32.5 g/min (arithmetic; g/kWh from memory).
  it('makes as much carbon monoxide as its shaft turns out power', () => {
    expect(engineMonoxideMgPerMin('smaw', 150)!.mid).toBeCloseTo(32_500, 6)
    expect(engineMonoxideMgPerMin('smaw', 150)!.high).toBeCloseTo(79_300, 6)
    expect(engineMonoxideMgPerMin('smaw', undefined)).toBeNull()
    expect(engineMonoxideMgPerMin('grinding', 150)).toBeNull()
  })
  it('fills a closed hall in a straight line, and a ventilated one as one well-mixed room does', () => {
    expect(minutesUntil(1375, 79_300, { volumeM3: 1000, outdoorM3PerS: 0 })).toBeCloseTo(1375 * 1000 / 79_300, 9)
    const minutes = minutesUntil(1375, 79_300, { volumeM3: 1000, outdoorM3PerS: 0.5 })!
    // Put back into C = G/Q·(1 − e^(−Q·t/V)).
    expect(79_300 / 30 * (1 - Math.exp(-30 * minutes / 1000))).toBeCloseTo(1375, 6)
    expect(minutesUntil(1375, 79_300, { volumeM3: 1000, outdoorM3PerS: 1 })).toBeNull()
  })
  it('is dangerous the sooner the smaller the hall', () => {
    const monoxide = engineMonoxideMgPerMin('smaw', 150)!
    const at = (volumeM3: number) => minutesToDanger(monoxide, { volumeM3, outdoorM3PerS: 0.1 })!
    expect(at(500)).toBeLessThan(at(1000))
    expect(at(500)).toBeLessThan(10)
  })
  it('is told at a bay under a roof that an engine serves, and only there', () => {
    const said = (kind: 'engine-drive' | 'arc-machine', over: Partial<HallAir> = {}, job = STICK) => {
      const one = ready({ job })
      const known = facts({ one })
      const halls = { hall: { ...known.halls.hall!, air: { ...HALL, ...over } } }
      const kit = { ...NO_KIT, items: [{ ...maskOf('n95'), kind, marks: {} }] }
      const person = personIn({ worn: {}, wearers: {}, welders: {} }, one.personId)
      return judgeAir(one, airOf({ ...known, halls })('one'), kit, () => person, known.rules, NOW).findings
        .filter(({ code }) => code === 'air.engine-under-roof')
    }
    expect(said('engine-drive')).toMatchObject([{ severity: 'caution', values: { monoxideMgPerMin: 89_243, dangerInMin: null } }])
    expect(said('engine-drive', { volumeM3: 600, supplyM3PerS: 0.1 })[0]!.values).toMatchObject({ dangerInMin: expect.closeTo(9.7, 0) })
    expect(said('engine-drive', {}, { ...STICK, currentA: undefined })[0]!.values).toEqual({ monoxideMgPerMin: null, dangerInMin: null })
    expect(said('engine-drive', { isOpenAir: true })).toEqual([])
    expect(said('arc-machine')).toEqual([])
  })
})
