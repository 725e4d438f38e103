import { describe, expect, it } from 'vitest'
import { calibrate } from '#core/exposure/calibration'
import type { CalibrationQuestion } from '#core/exposure/calibration'
import { randomFrom } from '#core/chance/draws'
import { normalQuantile } from '#core/samples/normal'

const Z95 = 1.6448536269514722
const asked = (over: Partial<CalibrationQuestion> = {}): CalibrationQuestion => ({
  samples: [[3, 1.6], [3, 2.2], [4, 1.1]].map(([modelledMgPerM3, measuredMgPerM3]) => ({
    modelledMgPerM3: modelledMgPerM3!, measuredMgPerM3: measuredMgPerM3!, isBelowLoq: false,
  })),
  emissionGsd: 2,
  captureGsd: 2.5,
  shiftGsd: 2,
  ...over,
})

/** A normal mean with a normal prior and known spread: the closed form of any textbook (conjugate normal). */
function closedForm({ samples, emissionGsd, captureGsd, shiftGsd }: CalibrationQuestion) {
  const [e, c, s] = [emissionGsd, captureGsd, shiftGsd].map(gsd => Math.log(gsd) ** 2) as [number, number, number]
  const y = samples.map(({ modelledMgPerM3, measuredMgPerM3 }) => Math.log(measuredMgPerM3 / modelledMgPerM3))
  const precision = 1 / (e + c) + y.length / s
  const mean = y.reduce((sum, one) => sum + one, 0) / s / precision
  const at = (mu: number, variance: number) => ({
    p05: Math.exp(mu - Z95 * Math.sqrt(variance)), p50: Math.exp(mu), p95: Math.exp(mu + Z95 * Math.sqrt(variance)),
  })
  const part = (own: number, other: number) => {
    const share = own / (own + other)
    return at(share * mean, share ** 2 / precision + own * other / (own + other))
  }
  return { whole: at(mean, 1 / precision), emission: part(e, c), capture: part(c, e) }
}

describe('the model calibrated by samples', () => {
  it.each([
    asked(),
    asked({ shiftGsd: 1.2 }),
    asked({ emissionGsd: 1.05, captureGsd: 4 }),
    asked({ samples: asked().samples.slice(0, 1) }),
    asked({ samples: Array.from({ length: 40 }, (_, i) => ({ modelledMgPerM3: 1, measuredMgPerM3: 0.3 + i / 100, isBelowLoq: false })) }),
    asked({ samples: asked().samples.map(one => ({ ...one, measuredMgPerM3: one.measuredMgPerM3 * 1000 })) }),
  ])('is the closed form where every result was found, %#', (question) => {
    const [found, closed] = [calibrate(question), closedForm(question)]
    for (const what of ['whole', 'emission', 'capture'] as const) {
      for (const share of ['p05', 'p50', 'p95'] as const)
        expect(found[what].after[share] / closed[what][share], `${what} ${share}`).toBeCloseTo(1, 2)
    }
  })
  it('counts a result below the limit of quantification as drawn shifts would be kept', () => {
    // The same by throwing: models are drawn from the prior, shifts from them, and those kept that come out as it was measured.
    const question = asked({
      samples: [0.5, 0.8].map(measuredMgPerM3 => ({ modelledMgPerM3: 1, measuredMgPerM3, isBelowLoq: true })),
    })
    const next = randomFrom(11)
    const normal = () => normalQuantile(Math.min(1 - 1e-12, Math.max(1e-12, next())))
    const [e, c, s] = [Math.log(2), Math.log(2.5), Math.log(2)]
    const kept: number[] = []
    while (kept.length < 20_000) {
      const theta = e * normal() + c * normal()
      if ([0.5, 0.8].every(loq => theta + s * normal() < Math.log(loq))) kept.push(theta)
    }
    kept.sort((a, b) => a - b)
    const { after } = calibrate(question).whole
    for (const [share, found] of [[0.05, after.p05], [0.5, after.p50], [0.95, after.p95]] as const)
      expect(Math.log(found), String(share)).toBeCloseTo(kept[Math.floor(share * kept.length)]!, 1)
    expect(calibrate(question).findings.map(({ code }) => code)).toContain('calibration.only-below')
  })
  it('a result that was not found, under a spread of shifts that is small, keeps all of what was held possible below it', () => {
    // Half of a normal: its middle lies at the quarter, 0.6745 standard deviations down.
    const { after } = calibrate(asked({ samples: [{ modelledMgPerM3: 1, measuredMgPerM3: 1, isBelowLoq: true }], shiftGsd: 1.02 })).whole
    const sd = Math.hypot(Math.log(2), Math.log(2.5))
    expect(Math.log(after.p50) / sd).toBeCloseTo(normalQuantile(0.25), 1)
    expect(Math.log(after.p05) / sd).toBeCloseTo(normalQuantile(0.025), 1)
  })
  it('more samples narrow it, and a limit of quantification far above says nothing', () => {
    const widths = [1, 3, 10, 30].map((n) => {
      const { after } = calibrate(asked({ samples: Array.from({ length: n }, () => asked().samples[0]!) })).whole
      return after.p95 / after.p05
    })
    for (let i = 1; i < widths.length; i++) expect(widths[i]).toBeLessThan(widths[i - 1]!)
    const { before, after } = calibrate(asked({ samples: [{ modelledMgPerM3: 1, measuredMgPerM3: 1e4, isBelowLoq: true }] })).whole
    expect(after.p95 / before.p95).toBeCloseTo(1, 2)
    expect(after.p05 / before.p05).toBeCloseTo(1, 2)
  })
  it('what stays doubtful in the emission alone does not vanish with any number of samples at one hood', () => {
    const many = calibrate(asked({ samples: Array.from({ length: 200 }, () => asked().samples[0]!) }))
    expect(many.whole.after.p95 / many.whole.after.p05).toBeLessThan(1.4)
    expect(many.emission.after.p95 / many.emission.after.p05).toBeGreaterThan(3)
  })
  it('samples far from all that was held possible hold: something else is the matter', () => {
    const codes = (over: Partial<CalibrationQuestion>) => calibrate(asked(over)).findings.map(({ severity, code }) => `${severity} ${code}`)
    const high = Array.from({ length: 6 }, () => ({ modelledMgPerM3: 1, measuredMgPerM3: 20, isBelowLoq: false }))
    expect(codes({ samples: high })).toContain('hold calibration.disagrees')
    expect(codes({})).not.toContain('hold calibration.disagrees')
    expect(codes({ samples: asked().samples.slice(0, 2) })).toContain('caution calibration.few')
    expect(() => calibrate(asked({ samples: [{ modelledMgPerM3: 0, measuredMgPerM3: 1, isBelowLoq: false }] }))).toThrow('above zero')
  })
})
