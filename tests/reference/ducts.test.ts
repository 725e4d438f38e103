import { describe, expect, it } from 'vitest'
import { randomFrom } from '#core/chance/draws'
import { damperCoefficient, ductAreaM2, ductLossPa, frictionFactor, velocityPressurePa } from '#core/ventilation/duct-friction'
import type { Duct } from '#core/ventilation/duct-friction'
import type { DuctSystem, SystemHood } from '#core/ventilation/duct-balance'
import { balanceDucts } from '#core/ventilation/duct-balance'
import { assessDucts } from '#core/ventilation/duct-system'
import { ENTRY_COEFFICIENTS, flowFromStaticPressureM3PerS } from '#core/ventilation/hood-flow'
import { fpmFromMPerS, M_PER_FOOT, m3PerSFromCfm, mPerSFromFpm } from '#core/units'

describe('friction in a round duct', () => {
  // The implicit equation, iterated until it stands still: Colebrook 1939.
  const colebrook = (reynolds: number, rough: number): number => {
    let f = 0.02
    for (let i = 0; i < 200; i++) f = (-2 * Math.log10(rough / 3.7 + 2.51 / (reynolds * Math.sqrt(f)))) ** -2
    return f
  }
  it.each([4e3, 1e4, 1e5, 1e6, 1e7].flatMap(re => [0, 1e-5, 1e-4, 1e-3, 0.01, 0.05].map(rough => [re, rough] as const)))(
    'keeps to Colebrook\'s equation at Re %d and roughness %d',
    (re, rough) => expect(frictionFactor(re, rough) / colebrook(re, rough)).toBeCloseTo(1, 3),
  )
  it.each([
    [1e5, 0.001, 0.0222],
    [1e6, 0.001, 0.0199],
    [1e5, 1e-8, 0.0180],
    [1e4, 1e-8, 0.0309],
    [1e6, 0.01, 0.0380],
  ])('reads as the Moody chart does (Moody 1944; from memory): Re %d, %d, f %d', (re, rough, f) => {
    expect(frictionFactor(re, rough)).toBeCloseTo(f, 3)
  })
  it('laminar flow takes 64/Re, and nothing jumps in between', () => {
    expect(frictionFactor(1000, 0.01)).toBe(0.064)
    for (let re = 2200; re < 4200; re += 10) expect(Math.abs(frictionFactor(re + 10, 0.001) - frictionFactor(re, 0.001))).toBeLessThan(4e-4)
  })
  it.each([[100, 3500], [400, 4000], [1000, 4000], [3000, 3500]])(
    'keeps within a tenth of the handbook\'s own fit for galvanised duct, %d cfm at %d fpm (VP/ft = 0.0307 V^0.533/Q^0.612; from memory)',
    (cfm, fpm) => {
      const [flow, speed] = [m3PerSFromCfm(cfm), mPerSFromFpm(fpm)]
      const duct: Duct = { lengthM: M_PER_FOOT, diameterM: Math.sqrt(flow / speed * 4 / Math.PI), roughnessMm: 0.15, lossCoefficient: 0 }
      const perFoot = ductLossPa(duct, flow) / velocityPressurePa(speed)
      expect(perFoot / (0.0307 * fpmFromMPerS(speed) ** 0.533 / cfm ** 0.612)).toBeGreaterThan(0.9)
      expect(perFoot / (0.0307 * fpmFromMPerS(speed) ** 0.533 / cfm ** 0.612)).toBeLessThan(1.1)
    },
  )
  it('a gate takes what Weisbach found (1855, as handbooks print it; from memory), and more the further it is shut', () => {
    expect([1, 0.875, 0.75, 0.5, 0.25, 0.125].map(damperCoefficient)).toEqual([0, 0.07, 0.26, 2.06, 17, 97.8])
    expect(damperCoefficient(0)).toBe(Infinity)
    for (let open = 0.01; open < 1; open += 0.01) expect(damperCoefficient(open)).toBeGreaterThan(damperCoefficient(open + 0.01))
  })
})

/** A hall: a main of three lengths, and an arm on a branch at each bay. */
const FAN = [
  { flowM3PerS: 0, pressurePa: 2400 },
  { flowM3PerS: 0.6, pressurePa: 2300 },
  { flowM3PerS: 1.2, pressurePa: 1900 },
  { flowM3PerS: 1.8, pressurePa: 1100 },
  { flowM3PerS: 2.2, pressurePa: 0 },
]
const main = (id: string, into: string | null) => ({ id, into, lengthM: 8, diameterM: 0.35, roughnessMm: 0.15, lossCoefficient: 0.3 })
const branch = (id: string, into: string) => ({ id, into, lengthM: 4, diameterM: 0.16, roughnessMm: 0.15, lossCoefficient: 1.2 })
const ARMS = ['1', '2', '3', '4', '5', '6'] as const
const hood = (id: string, over: Partial<SystemHood> = {}): SystemHood => ({
  id, ductId: `b${id}`, entryLoss: 1 / ENTRY_COEFFICIENTS['flanged-end'] ** 2 - 1 + 1.5, openShare: 1, neededM3PerS: 0.36, ...over,
})
const hall = (open: readonly string[] = ARMS): DuctSystem => ({
  fan: FAN,
  filter: { flowM3PerS: 1.5, pressurePa: 600 },
  ducts: [main('m1', null), main('m2', 'm1'), main('m3', 'm2'), ...ARMS.map((id, i) => branch(`b${id}`, `m${1 + Math.floor(i / 2)}`))],
  hoods: ARMS.map(id => hood(id, { openShare: open.includes(id) ? 1 : 0 })),
})

/** The same balance found another way: suctions are guessed from the fan inward and halved until the flows agree. */
function bisected({ fan, filter, ducts, hoods }: DuctSystem): Map<string, number> {
  const halved = (low: number, high: number, isTooMuch: (x: number) => boolean): number => {
    let [a, b] = [low, high]
    for (let i = 0; i < 30; i++) {
      const middle = (a + b) / 2
      if (isTooMuch(middle)) b = middle
      else a = middle
    }
    return (a + b) / 2
  }
  const flows = new Map<string, number>()
  /** What a duct carries where its downstream end is under so much suction. */
  const carries = (id: string, suctionPa: number): number => {
    const duct = ducts.find(one => one.id === id)!
    const at = (flow: number): number => {
      const left = suctionPa - ductLossPa(duct, flow)
      if (left <= 0) return 0
      const own = hoods.find(({ ductId }) => ductId === id)
      if (own) {
        const mouth = own.entryLoss + damperCoefficient(own.openShare)
        const draws = own.openShare === 0 ? 0 : ductAreaM2(duct.diameterM) * Math.sqrt(left / mouth / velocityPressurePa(1))
        flows.set(own.id, draws)
        return draws
      }
      return ducts.filter(({ into }) => into === id).reduce((sum, one) => sum + carries(one.id, left), 0)
    }
    const flow = halved(0, 5, x => at(x) < x)
    at(flow)
    return flow
  }
  const lifts = (flow: number): number => {
    const after = Math.max(1, fan.findIndex(point => point.flowM3PerS >= flow))
    const [a, b] = [fan[after - 1]!, fan[after]!]
    const raised = a.pressurePa + (b.pressurePa - a.pressurePa) * (flow - a.flowM3PerS) / (b.flowM3PerS - a.flowM3PerS)
    return raised - filter!.pressurePa * (flow / filter!.flowM3PerS) ** 2
  }
  const roots = ducts.filter(({ into }) => into === null)
  halved(0, 2200, suction => lifts(Math.min(2.2, roots.reduce((sum, { id }) => sum + carries(id, suction), 0))) < suction)
  return flows
}

describe('a system of ducts', () => {
  it('is balanced as an independent solver balances it: suctions halved from the fan inward', { timeout: 60_000 }, () => {
    const { ducts, hoods, ...rest } = hall()
    const small = { ...rest, ducts: ducts.filter(({ id }) => !['m3', 'b5', 'b6'].includes(id)), hoods: hoods.slice(0, 4) }
    const found = bisected(small)
    for (const { id, flowM3PerS } of balanceDucts(small).hoods) expect(flowM3PerS / found.get(id)!, id).toBeCloseTo(1, 4)
  })
  it('equal arms at one point draw equally, as the closed form has it', () => {
    // Without friction: n arms on a fan that lifts the same at every flow draw A·√(2Δp/(ρζ)) each.
    const ducts = ARMS.map(id => ({ id: `b${id}`, into: null, lengthM: 0, diameterM: 0.16, roughnessMm: 0.15, lossCoefficient: 1 }))
    const fan = [{ flowM3PerS: 0, pressurePa: 800 }, { flowM3PerS: 10, pressurePa: 800 }]
    const { hoods, fan: point } = balanceDucts({ fan, ducts, hoods: ARMS.map(id => hood(id, { entryLoss: 0.5 })) })
    const each = ductAreaM2(0.16) * Math.sqrt(800 / (1.5 * velocityPressurePa(1)))
    for (const { flowM3PerS } of hoods) expect(flowM3PerS).toBeCloseTo(each, 9)
    expect(point.flowM3PerS).toBeCloseTo(6 * each, 8)
  })
  it('what a gauge behind a hood would read gives its flow back, as the handbook\'s equation has it', () => {
    const system = hall()
    const plain = { ...system, hoods: system.hoods.map(one => ({ ...one, entryLoss: 1 / ENTRY_COEFFICIENTS['flanged-end'] ** 2 - 1 })) }
    for (const { flowM3PerS, suctionPa } of balanceDucts(plain).hoods)
      expect(flowFromStaticPressureM3PerS(0.16, suctionPa, ENTRY_COEFFICIENTS['flanged-end']) / flowM3PerS).toBeCloseTo(1, 9)
  })
  it('what every part takes adds up, on every way, to what the fan lifts; and no air is lost', () => {
    const system = hall(['1', '3', '6'])
    const { fan, hoods, ducts } = balanceDucts(system)
    const loss = (id: string) => ducts.find(duct => duct.id === id)!.lossPa
    const filter = 600 * (fan.flowM3PerS / 1.5) ** 2
    for (const [id, way] of [['1', ['b1', 'm1']], ['3', ['b3', 'm2', 'm1']], ['6', ['b6', 'm3', 'm2', 'm1']]] as const) {
      const one = system.hoods.find(mouth => mouth.id === id)!
      const drawn = hoods.find(mouth => mouth.id === id)!.flowM3PerS
      const mouth = one.entryLoss * velocityPressurePa(drawn / ductAreaM2(0.16))
      expect(mouth + way.reduce((sum, duct) => sum + loss(duct), 0) + filter, id).toBeCloseTo(fan.pressurePa, 4)
    }
    expect(hoods.reduce((sum, { flowM3PerS }) => sum + flowM3PerS, 0)).toBeCloseTo(fan.flowM3PerS, 9)
    expect(hoods.filter(({ flowM3PerS }) => flowM3PerS > 0).map(({ id }) => id)).toEqual(['1', '3', '6'])
  })
  it('opening one more lets no other draw more, whichever are open; opening a damper further lets its hood draw more', () => {
    for (let mask = 1; mask < 63; mask++) {
      const open = ARMS.filter((_, i) => mask & 1 << i)
      const before = balanceDucts(hall(open)).hoods
      for (const more of ARMS.filter(id => !open.includes(id))) {
        const after = balanceDucts(hall([...open, more])).hoods
        for (const id of open)
          expect(after.find(one => one.id === id)!.flowM3PerS, `${open.join()} + ${more}: ${id}`)
            .toBeLessThan(before.find(one => one.id === id)!.flowM3PerS + 1e-9)
      }
    }
    const { hoods, ...rest } = hall()
    const at = (openShare: number) =>
      balanceDucts({ ...rest, hoods: hoods.map(one => one.id === '2' ? { ...one, openShare } : one) }).hoods[1]!
    for (let share = 0.05; share < 1; share += 0.05) expect(at(share).flowM3PerS).toBeLessThan(at(share + 0.05).flowM3PerS)
  })
})

describe('what a system may', () => {
  it('says which hoods are starved, and how many may be open whichever they are: not one more', () => {
    const all = assessDucts(hall())
    const starved = all.findings.filter(({ code }) => code === 'ducts.starved')
    expect(starved.length).toBeGreaterThan(0)
    expect(all.mayBeOpen).toBeGreaterThan(0)
    expect(all.mayBeOpen).toBeLessThan(6)
    const isStarved = (open: readonly string[]) => assessDucts(hall(open)).findings.some(({ code }) => code === 'ducts.starved')
    const sets = Array.from({ length: 64 }, (_, mask) => ARMS.filter((_id, i) => mask & 1 << i))
    expect(sets.filter(open => open.length === all.mayBeOpen).some(isStarved)).toBe(false)
    expect(sets.filter(open => open.length === all.mayBeOpen! + 1).some(isStarved)).toBe(true)
  })
  it('a shut hood is not starved, one nobody said anything of is not judged, and then it is not said how many', () => {
    expect(assessDucts(hall(['1'])).findings.map(({ code }) => code)).not.toContain('ducts.starved')
    const unsaid = { ...hall(), hoods: hall().hoods.map(one => one.id === '6' ? { ...one, neededM3PerS: undefined } : one) }
    expect(assessDucts(unsaid).mayBeOpen).toBeNull()
  })
  it('slow air, in which fume settles, is a caution; a fan driven off its curve holds', () => {
    expect(assessDucts(hall(['1'])).findings).toContainEqual(expect.objectContaining({ severity: 'caution', code: 'ducts.slow' }))
    const short = { ...hall(['1']), fan: FAN.slice(2) }
    expect(assessDucts(short).findings).toContainEqual(expect.objectContaining({ severity: 'hold', code: 'ducts.off-the-curve' }))
  })
  it('finds a balance for whatever is asked, and says where it found none', () => {
    const next = randomFrom(5)
    for (let k = 0; k < 200; k++) {
      const { ducts, hoods } = hall()
      const flow = 0.05 + next() * 20
      const fan = [1, 0.95, 0.8, next() < 0.3 ? 0.8 : 0].map((share, i) => ({ flowM3PerS: flow * i / 3, pressurePa: 900 * share }))
      const odd = { fan, ducts: ducts.map(duct => ({ ...duct, diameterM: 0.06 + next() * 0.5, lengthM: next() * 200 })), hoods }
      expect(balanceDucts({ ...odd, hoods: hoods.map(one => ({ ...one, openShare: next() < 0.2 ? 0 : next() })) }).isBalanced).toBe(true)
    }
    // Nothing that could be read, and nothing is taken for a flow.
    const unread = { ...hall(), fan: FAN.map(point => ({ ...point, pressurePa: Number.NaN })) }
    expect(assessDucts(unread).findings).toContainEqual(expect.objectContaining({ severity: 'hold', code: 'ducts.no-balance' }))
  })
  it('a way that does not end at the fan is refused', () => {
    const lost = { ...hall(), ducts: hall().ducts.filter(({ id }) => id !== 'm1') }
    expect(() => balanceDucts(lost)).toThrow('does not end at the fan')
    const round = { ...hall(), ducts: hall().ducts.map(duct => duct.id === 'm1' ? { ...duct, into: 'm3' } : duct) }
    expect(() => balanceDucts(round)).toThrow('does not end at the fan')
  })
})
