import { describe, expect, it } from 'vitest'
import type { Hazard, RespiratorNeed } from '#core/respirator/judge-respirator'
import { judgeWearer, respiratorNeed, respiratorsFor } from '#core/respirator/judge-respirator'
import { respiratorOf, respiratorsIn } from '#core/respirator/respirators'
import type { Wearer } from '#core/respirator/wearer'
import { readyUntil } from '#core/respirator/wearer'
import { wornMask } from '#core/respirator/worn-mask'
import type { KitItemFact } from '#core/inspection/kit-item-fact'
import type { MaskId, SubstanceId } from '#core/ids/vocabulary'
import { JURISDICTIONS } from '#core/ids/vocabulary'

// Which mask is enough, and whether somebody wears it: 29 CFR 1910.134 (d)(3)(i)(A) and HSG53 factors as shipped, from memory.

const [NOW, LATER] = ['2026-11-24T09:00:00.000Z', '2027-01-01T00:00:00.000Z']
const suits = (hazard: Hazard, jurisdiction: (typeof JURISDICTIONS)[number] = 'us') =>
  respiratorsFor(hazard, jurisdiction)
    .masks.filter(mask => mask.suits)
    .map(({ mask }) => mask)
const codes = ({ findings }: { readonly findings: readonly { readonly severity: string, readonly code: string }[] }) =>
  findings.map(({ severity, code }) => `${severity} ${code.slice(11)}`)
const masksOf = (fits: (mask: ReturnType<typeof respiratorsIn>[number]) => boolean) =>
  respiratorsIn('us')
    .filter(fits)
    .map(({ mask }) => mask)

describe('which masks answer a hazard', () => {
  it('those with the factor, to the edge; a dust mask never', () => {
    for (const { mask, apf } of respiratorsIn('us')) {
      if (apf === null) expect(suits({ neededApf: 1 })).not.toContain(mask)
      else expect([suits({ neededApf: apf }).includes(mask), suits({ neededApf: apf + 0.001 }).includes(mask)]).toEqual([true, false])
    }
  })
  it('gases pass every filter: only air of its own is left', () => {
    expect(suits({ neededApf: 2, gases: ['ozone'] })).toEqual(masksOf(({ isSupplied, apf }) => isSupplied && apf !== null && apf >= 2))
    expect(suits({ neededApf: 2, neededFilterApf: null })).toEqual(
      masksOf(({ isSupplied, apf }) => isSupplied && apf !== null && apf >= 2),
    )
  })
  it('a filter answers the dust, air of its own the whole', () => {
    const mixed = suits({ neededApf: 40, neededFilterApf: 5 })
    expect(mixed).toEqual(masksOf(({ isSupplied, apf }) => apf !== null && apf >= (isSupplied ? 40 : 5)))
  })
  it('lead and cadmium ask for the highest class of filter under US law', () => {
    const strict = suits({ neededApf: 2, asksHighEfficiency: ['lead'] })
    expect(strict).toEqual(
      masksOf(({ isSupplied, isHighEfficiency, apf }) => apf !== null && apf >= 2 && (isSupplied || isHighEfficiency)),
    )
    expect(strict.length).toBeLessThan(suits({ neededApf: 2 }).length)
  })
  it.each([[{ oxygenLack: true }], [{ isUnknown: true }], [{ overIdlh: ['nickel' as SubstanceId] }]])(
    'danger leaves only what leads out: %j',
    (hazard) => {
      const need = respiratorsFor({ neededApf: 1, ...hazard }, 'us')
      expect(need.isDanger).toBe(true)
      expect(need.masks.filter(mask => mask.suits).map(({ mask }) => mask)).toEqual(
        masksOf(({ isForDanger, apf }) => isForDanger && apf !== null),
      )
      expect(need.findings.length).toBeGreaterThan(0)
    },
  )
  it('says what is needed and why, and nothing where nothing is', () => {
    expect(respiratorsFor({ neededApf: 1 }, 'us')).toMatchObject({ isDanger: false, findings: [], gases: [], neededApf: 1 })
    expect(codes(respiratorsFor({ neededApf: 2 }, 'us'))).toEqual(['note needed', 'note dust-mask'])
    expect(respiratorsFor({ neededApf: 2 }, 'us').findings[0]!.values).toEqual({ apf: 2, masks: suits({ neededApf: 2 }) })
    expect(codes(respiratorsFor({ neededApf: 1e6 }, 'us'))).toEqual(['hold none-enough', 'note dust-mask'])
    expect(codes(respiratorsFor({ neededApf: 2, gases: ['ozone'], asksHighEfficiency: ['lead'] }, 'us'))).toEqual([
      'note needed',
      'note gas-not-filtered',
      'note high-efficiency',
      'note dust-mask',
    ])
    expect(codes(respiratorsFor({ neededApf: 1, overIdlh: ['nickel'] }, 'us'))).toEqual([
      'note needed',
      'note immediate-danger',
      'note dust-mask',
    ])
    expect(codes(respiratorsFor({ neededApf: 1, oxygenLack: true }, 'us'))).toEqual(['note needed', 'hold oxygen-lack', 'note dust-mask'])
  })
})

describe('the need that an exposure makes', () => {
  type Use = Parameters<typeof respiratorNeed>[0]['uses'][number]
  const use = (substance: SubstanceId, fraction: number, binds = true): Use => ({
    limit: { substance } as Use['limit'],
    mgPerM3: fraction,
    perMgPerM3: 1,
    fraction,
    binds,
    isBorrowed: false,
  })
  type Judged = Parameters<typeof respiratorNeed>[0]
  const judged = (over: Partial<Judged>): Judged => ({ fraction: null, uses: [], mixture: null, overIdlh: [], ...over })
  const need = (over: Partial<Judged>, action = 0.5, jurisdiction: (typeof JURISDICTIONS)[number] = 'us') =>
    respiratorNeed(judged(over), action, jurisdiction)
  const filters = ({ masks }: RespiratorNeed) => Math.min(...masks.filter(mask => mask.suits && !mask.isSupplied).map(({ apf }) => apf!))
  it('is how far the worst is over, and never less than one', () => {
    expect([need({}).neededApf, need({ fraction: 0.25 }).neededApf, need({ fraction: 6 }).neededApf]).toEqual([1, 1, 12])
  })
  it('names the gases that are over, and those of a sum that they alone bring over', () => {
    expect(need({ fraction: 2, uses: [use('ozone', 2), use('manganese', 1)] }).gases).toEqual(['ozone'])
    expect(need({ fraction: 2, uses: [use('ozone', 0.5)] }).gases).toEqual([])
    expect(need({ fraction: 2, uses: [use('ozone', 2, false)] }).gases).toEqual([])
    const sum = (gasFraction: number, fraction = 0.9): Judged['mixture'] => ({
      group: 'airways',
      span: 'shift',
      ruleSet: 'us-legal',
      fraction,
      gasFraction,
    })
    const uses = [use('ozone', 0.3), use('nitrogen-dioxide', 0), use('zinc', 0.3)]
    expect(need({ fraction: 0.9, uses, mixture: sum(0.5) }).gases).toEqual(['ozone'])
    expect(need({ fraction: 0.9, uses, mixture: sum(0.49) }).gases).toEqual([])
    expect(need({ fraction: 0.4, uses, mixture: sum(0.4, 0.4) }).gases).toEqual([])
  })
  it('a filter takes the dust out of a sum: what is left of the action fraction beside the gases is its part', () => {
    // (3.3 − 0.3) / (0.5 − 0.3) = 15; the dust alone asks for 4 / 0.5 = 8.
    const mixed = need({
      fraction: 3.3,
      uses: [use('zinc', 3), use('ozone', 0.3)],
      mixture: { group: 'airways', span: 'shift', ruleSet: 'us-legal', fraction: 3.3, gasFraction: 0.3 },
    })
    expect(filters(mixed)).toBe(
      Math.min(
        ...respiratorsIn('us')
          .filter(({ apf, isSupplied }) => !isSupplied && apf !== null && apf >= 15)
          .map(({ apf }) => apf!),
      ),
    )
    expect(filters(need({ fraction: 4, uses: [use('zinc', 4)] }))).toBe(10)
    expect(filters(need({ fraction: 6, uses: [use('zinc', 6), use('iron', 9, false)] }))).toBe(
      Math.min(
        ...respiratorsIn('us')
          .filter(({ apf, isSupplied }) => !isSupplied && apf !== null && apf >= 12)
          .map(({ apf }) => apf!),
      ),
    )
  })
  it('lead or cadmium over the action fraction asks for more where the law says so', () => {
    expect(codes(need({ fraction: 1, uses: [use('lead', 1)] }))).toContain('note high-efficiency')
    expect(codes(need({ fraction: 1, uses: [use('lead', 0.5)] }))).not.toContain('note high-efficiency')
    expect(codes(need({ fraction: 1, uses: [use('manganese', 1)] }))).not.toContain('note high-efficiency')
    expect(codes(need({ fraction: 1, uses: [use('cadmium', 1)] }, 0.5, 'uk'))).not.toContain('note high-efficiency')
  })
  it('carries what is immediately dangerous', () => expect(need({ fraction: 1, overIdlh: ['nickel'] }).isDanger).toBe(true))
})

describe('whoever stands there', () => {
  const wearer = (over: Partial<Wearer> = {}): Wearer => ({ mask: 'half-p100', readyUntil: LATER, isShaven: true, ...over })
  const need = respiratorsFor({ neededApf: 5 }, 'us')
  it('is protected by a mask that is enough, fitted, cleared and tight', () => {
    expect(judgeWearer(need, wearer(), NOW)).toMatchObject({
      protects: true,
      mask: 'half-p100',
      findings: [{ code: 'respirator.enough', severity: 'caution', values: { mask: 'half-p100', neededApf: 5 } }],
    })
  })
  it.each([
    ['nobody wrote down a mask', null, ['hold wearer-unknown']],
    ['not ready', wearer({ readyUntil: null }), ['hold wearer-not-ready']],
    ['ready until now', wearer({ readyUntil: NOW }), ['hold wearer-not-ready']],
    ['not looked at', wearer({ isShaven: null }), ['hold shave-not-checked']],
    ['bearded', wearer({ isShaven: false }), ['hold not-shaven']],
    ['neither', wearer({ readyUntil: null, isShaven: false }), ['hold wearer-not-ready', 'hold not-shaven']],
    ['a dust mask', wearer({ mask: 'dust-mask' }), ['hold dust-mask']],
  ] as const)('%s', (_name, worn, expected) => {
    const judged = judgeWearer(need, worn, NOW)
    expect([judged.protects, judged.mask, codes(judged)]).toEqual([false, worn?.mask ?? null, [...expected]])
  })
  it('a loose hood needs no shave', () => {
    const loose = respiratorsIn('us').find(({ isTight, apf }) => !isTight && apf !== null && apf >= 5)!.mask
    expect(judgeWearer(need, wearer({ mask: loose, isShaven: false }), NOW).protects).toBe(true)
  })
  it('says why a mask does not do: gas passes it, or it is too weak', () => {
    expect(codes(judgeWearer(respiratorsFor({ neededApf: 5, gases: ['ozone'] }, 'us'), wearer(), NOW))).toEqual(['hold gas-not-filtered'])
    const weak = judgeWearer(
      respiratorsFor({ neededApf: 500, gases: ['ozone'] }, 'us'),
      wearer({ mask: masksOf(({ isSupplied, apf }) => isSupplied && apf !== null && apf < 500)[0] as MaskId }),
      NOW,
    )
    expect(codes(weak)).toEqual(['hold not-enough'])
    expect(judgeWearer(respiratorsFor({ neededApf: 500 }, 'us'), wearer(), NOW).findings[0]!.values).toEqual({
      mask: 'half-p100',
      apf: respiratorOf('half-p100', 'us').apf,
      neededApf: 500,
    })
  })
  it('is ready until the sooner of fit test and clearance; a loose hood by its clearance', () => {
    const months = { fitTest: 12, medical: 24 }
    const PASSED = { model: '', method: 'qualitative', passed: true, factor: null, nextOn: null } as const
    const until = (record: Partial<Parameters<typeof readyUntil>[0]>, isTight = true) =>
      readyUntil(
        { mask: 'half-p100', fitTestedOn: '2026-01-31', medicallyClearedOn: '2025-06-01', fit: PASSED, ...record },
        isTight,
        months,
      )?.slice(
        0,
        10,
      )
    expect([until({}), until({ fitTestedOn: '2026-11-01' }), until({ fitTestedOn: null }, false)]).toEqual([
      '2027-01-31',
      '2027-06-01',
      '2027-06-01',
    ])
    expect([until({ fitTestedOn: null }), until({ medicallyClearedOn: null }), until({ medicallyClearedOn: null }, false)]).toEqual([
      undefined,
      undefined,
      undefined,
    ])
  })
  it('wears what the register has of that kind, in use and of today', () => {
    const mask = (over: Partial<KitItemFact> = {}): KitItemFact => ({
      tag: 'RP-1',
      kind: 'respirator',
      name: 'Half',
      marks: { mask: 'half-p100' },
      mayUse: true,
      findings: [],
      validUntil: LATER,
      seenAt: null,
      distanceM: null,
      ...over,
    })
    const worn = (...masks: readonly KitItemFact[]) => wornMask(wearer(), masks, NOW).wearer !== null
    expect([worn(mask()), worn(mask({ mayUse: false }), mask({ tag: 'RP-2' })), worn()]).toEqual([true, true, false])
    expect([
      worn(mask({ mayUse: false })),
      worn(mask({ validUntil: NOW })),
      worn(mask({ kind: 'helmet' })),
      worn(mask({ marks: { mask: 'full-p100' } })),
      worn(mask({ marks: {} })),
    ]).toEqual([false, false, false, false, false])
    expect(wornMask(null, [mask()], NOW)).toEqual({ wearer: null, findings: [] })
    expect(codes(wornMask(wearer(), [], NOW))).toEqual(['note not-in-register'])
  })
  it('every law has its masks, each once', () => {
    for (const jurisdiction of JURISDICTIONS) {
      const masks = respiratorsIn(jurisdiction).map(({ mask }) => mask)
      expect(new Set(masks).size).toBe(masks.length)
      expect(respiratorOf(masks[0]!, jurisdiction).mask).toBe(masks[0])
    }
  })
})
