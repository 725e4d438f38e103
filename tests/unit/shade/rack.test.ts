import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { flashSeconds, solveRack } from '#core/shade/rack'
import type { RackHelmet } from '#core/shade/rack'
import type { Sight } from '#core/shade/settled-shade'
import type { ShadeQuestion } from '#core/shade/shade-question'

const RULES = { jurisdiction: 'us', basis: 'us-consensus' } as const
/** Least 10, start 12, by law and consensus of the States (29 CFR 1910.133, AWS F2.2), from memory. */
const MIG: ShadeQuestion = { process: 'gmaw', currentA: 180 }
/** Least 8, start 10. */
const STICK: ShadeQuestion = { process: 'smaw', currentA: 100, electrodeDiameterMm: 3.2 }
const sound = { coverPlates: 'sound', checkedToday: 'passed' } as const
const auto = (id: string, shades: RackHelmet['shades'], more: Partial<RackHelmet> = {}): RackHelmet =>
  ({ id, kind: 'auto', shades, lightState: 4, switchingMs: 0.1, battery: 'good', ...sound, ...more })
const fixed = (id: string, shade: number, more: Partial<RackHelmet> = {}): RackHelmet =>
  ({ id, kind: 'fixed', shades: [[shade, shade]], ...sound, ...more })
const one = (helmet: RackHelmet, { jobs = [MIG], person = {} }: { jobs?: readonly ShadeQuestion[], person?: Sight } = {}) =>
  solveRack(jobs, [helmet], { person, rules: RULES }).helmets[0]!

describe('a helmet of the rack', () => {
  it.each([
    ['a fixed 12 is the start', fixed('F', 12), 'as-set', 12],
    ['a fixed 10 is the least, and lighter than the start', fixed('F', 10), 'as-set', 10],
    ['a fixed 9 is under the least', fixed('F', 9), 'cannot', null],
    ['one band, set right', auto('A', [[9, 13]], { setTo: 12 }), 'as-set', 12],
    ['one band, set too light', auto('A', [[9, 13]], { setTo: 9 }), 'with-a-step', 12],
    ['nobody said what it is set to', auto('A', [[9, 13]]), 'with-a-step', 12],
    ['one band that ends under the least', auto('A', [[5, 9]]), 'cannot', null],
    ['two bands, the dark one does', auto('A', [[5, 8], [9, 13]], { setTo: 12 }), 'as-set', 12],
    ['it failed the look of the day', auto('A', [[9, 13]], { setTo: 12, checkedToday: 'failed' }), 'cannot', null],
    ['nobody looked at it today', auto('A', [[9, 13]], { setTo: 12, checkedToday: undefined }), 'with-a-step', 12],
    ['its battery is flat', auto('A', [[9, 13]], { setTo: 12, battery: 'flat' }), 'cannot', null],
    ['its battery is low', auto('A', [[9, 13]], { setTo: 12, battery: 'low' }), 'with-a-step', 12],
    ['its plates are worn', auto('A', [[9, 13]], { setTo: 12, coverPlates: 'worn' }), 'with-a-step', 12],
    ['it turns dark slowly', auto('A', [[9, 13]], { setTo: 12, lightState: 3, switchingMs: 20 }), 'cannot', null],
    ['nobody knows how fast it turns dark', auto('A', [[9, 13]], { setTo: 12, switchingMs: undefined }), 'cannot', null],
  ] as const)('%s', (_name, helmet, fit, setTo) => expect(one(helmet)).toMatchObject({ fit, setTo }))
  it('a helmet with a gap where the job lies is refused, and another is offered', () => {
    // Stick at 100 A: least 8, start 10; this one goes from 5 to 7 and then to 13.
    const { helmets } = solveRack([STICK], [auto('GAP', [[5, 7], [13, 13]]), auto('ONE', [[8, 12]], { setTo: 10 })], { rules: RULES })
    expect(helmets.map(({ id, fit }) => [id, fit])).toEqual([['ONE', 'as-set'], ['GAP', 'cannot']])
    expect(helmets[1]!.findings.map(({ code }) => code)).toContain('helmet.gap')
  })
  it('one darker for who sees better so; a settled shade is the start, and never under the least', () => {
    const wide = auto('A', [[5, 13]])
    expect(one(wide, { person: { oneDarker: true } }).setTo).toBe(13)
    expect(one(wide, { person: { settledShade: 11 } }).setTo).toBe(11)
    expect(one(wide, { person: { settledShade: 6 } }).setTo).toBe(10)
  })
  it('one helmet for a day of two processes answers for both, and says that it has to be set between them', () => {
    const rack = solveRack([STICK, MIG], [fixed('F10', 10), fixed('F8', 8)], { rules: RULES })
    expect(rack).toMatchObject({ minimum: 10, start: 12 })
    expect(rack.findings.map(({ code }) => code)).toContain('helmet.jobs-differ')
    expect(rack.helmets.map(({ id, fit }) => [id, fit])).toEqual([['F10', 'as-set'], ['F8', 'cannot']])
  })
  it('a job whose shade cannot be said is given no helmet', () => {
    const rack = solveRack([{ process: 'gmaw' }], [fixed('F', 14)], { rules: RULES })
    expect(rack.helmets[0]).toMatchObject({ fit: 'cannot', setTo: null })
    expect(solveRack([], [fixed('F', 14)]).helmets[0]!.fit).toBe('cannot')
  })
  it('a laser is given none: no shade number opens it', () =>
    expect(solveRack([{ process: 'lbw' }], [fixed('F', 14)], { rules: RULES }).helmets[0]!.fit).toBe('cannot'))
  // Light 3, dark 12 in 0.1 ms is 0.72 s through the dark lens; in 5 ms 36 s. From T = 10^(−3(N − 1)/7).
  it.each([[3, 12, 0.1, 0.72], [3, 12, 5, 36]])('light %i, dark %i in %f ms: %f s', (light, dark, ms, expected) =>
    expect(flashSeconds(light, dark, ms)).toBeCloseTo(expected, 1))
})

describe('a day of several jobs', () => {
  // Gas cutting of 10 mm: least 3 by law, start 4. MIG 180 A: least 10, start 12.
  const CUT: ShadeQuestion = { process: 'ofc', plateThicknessMm: 10 }
  it('what is right for one job and blinds at the other is refused, whichever is asked first', () => {
    for (const jobs of [[CUT, MIG], [MIG, CUT]]) expect(one(fixed('F12', 12), { jobs })).toMatchObject({ fit: 'cannot', setTo: null })
  })
  it('a helmet of two bands does both, set before each', () => {
    const helmet = auto('TWO', [[4, 8], [9, 13]], { setTo: 12 })
    expect(one(helmet, { jobs: [MIG, CUT] })).toMatchObject({ fit: 'with-a-step', setTo: 12 })
    expect(one(helmet, { jobs: [MIG, CUT] }).findings.map(({ code }) => code)).toContain('helmet.set-between-jobs')
  })
  it('a dark lens is offered to nobody who grinds', () =>
    expect(one(fixed('F12', 12), { jobs: [{ process: 'grinding' }] })).toMatchObject({ fit: 'cannot', setTo: null }))
  it('set one darker than the start it stays as it is; a setting that its bands do not have is none', () => {
    expect(one(auto('A', [[9, 13]], { setTo: 13 }))).toMatchObject({ fit: 'as-set', setTo: 13 })
    expect(one(auto('A', [[5, 8], [13, 13]], { setTo: 12 }))).toMatchObject({ fit: 'with-a-step', setTo: 13 })
  })
})

describe('whatever hangs there', () => {
  const helmets: fc.Arbitrary<RackHelmet> = fc.record({
    id: fc.string({ minLength: 1, maxLength: 4 }),
    kind: fc.constant('auto' as const),
    shades: fc.array(fc.tuple(fc.integer({ min: 3, max: 9 }), fc.integer({ min: 9, max: 14 })), { minLength: 1, maxLength: 2 }),
    setTo: fc.option(fc.integer({ min: 3, max: 14 }), { nil: undefined }),
    lightState: fc.option(fc.constantFrom(3, 4), { nil: undefined }),
    switchingMs: fc.option(fc.constantFrom(0.05, 1, 30), { nil: undefined }),
    battery: fc.option(fc.constantFrom('good' as const, 'low' as const, 'flat' as const), { nil: undefined }),
    coverPlates: fc.option(fc.constantFrom('sound' as const, 'worn' as const), { nil: undefined }),
    checkedToday: fc.option(fc.constantFrom('passed' as const, 'failed' as const), { nil: undefined }),
  })
  const rank = { 'cannot': 0, 'with-a-step': 1, 'as-set': 2 } as const
  it('nothing is ever set under the least, and what fits as it is stands at what it is to be set to', () => {
    fc.assert(fc.property(helmets, fc.constantFrom(MIG, STICK), fc.integer({ min: 1, max: 14 }), (helmet, job, settledShade) => {
      const { minimum, helmets: [fit] } = solveRack([job], [helmet], { person: { settledShade }, rules: RULES })
      if (fit!.setTo !== null) expect(fit!.setTo).toBeGreaterThanOrEqual(minimum!)
      if (fit!.fit === 'as-set') expect(helmet.setTo).toBe(fit!.setTo)
    }), { numRuns: 400, seed: 14 })
  })
  it('forgetting what is known of a helmet never makes it fit better', () => {
    const known = ['setTo', 'lightState', 'switchingMs', 'battery', 'coverPlates', 'checkedToday'] as const
    fc.assert(fc.property(helmets, fc.constantFrom(...known), (helmet, forgotten) => {
      // A helmet that failed, or whose battery is flat, says so by what is known: taking bad news away is no forgetting.
      fc.pre(helmet.checkedToday !== 'failed' && helmet.battery !== 'flat' && helmet.switchingMs !== 30)
      expect(rank[one({ ...helmet, [forgotten]: undefined }).fit]).toBeLessThanOrEqual(rank[one(helmet).fit])
    }), { numRuns: 400, seed: 7 })
  })
  it('fits stand before steps, steps before what cannot', () => {
    fc.assert(fc.property(fc.array(helmets, { maxLength: 12 }), (rack) => {
      const ranks = solveRack([MIG], rack, { rules: RULES }).helmets.map(({ fit }) => rank[fit])
      expect(ranks).toEqual(ranks.toSorted((a, b) => b - a))
    }), { numRuns: 100, seed: 3 })
  })
})
