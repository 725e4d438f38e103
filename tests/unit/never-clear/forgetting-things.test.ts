import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { CylinderCommand, CylinderMarks, CylinderState } from '#core/streams/cylinder/cylinder'
import { evolveCylinder } from '#core/streams/cylinder/cylinder'
import { cylinderFact, requalificationOf } from '#core/cylinder/cylinder-fact'
import { decideCylinder } from '#core/streams/cylinder/decide-cylinder'
import { connectingSteps, jointsFor } from '#core/cylinder/guided-steps'
import type { PermitRequest, Permit, PermitCommand } from '#core/streams/permit/permit'
import { evolvePermit } from '#core/streams/permit/evolve-permit'
import { decidePermit } from '#core/streams/permit/decide-permit'
import { planPermit } from '#core/hotwork/permit-plan'
import { judgeGasTime, judgePermitKit } from '#core/hotwork/permit-readiness'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { KitItemFact } from '#core/inspection/kit-item-fact'
import { kitItemFact } from '#core/inspection/kit-item-fact'
import { BUILT_IN_LISTS, listsFor } from '#core/inspection/built-in-lists'
import type { KitItem } from '#core/streams/kit-item/kit-item'
import { judgeSamples } from '#core/samples/compliance'
import { EQUIPMENT_KINDS } from '#core/ids/vocabulary'
import { contextAt, DETECTOR, EXTINGUISHER, REQUEST } from '../hotwork/permit-world'

// The same property as over whole shops, for each sort of thing on its own: one fact less, or two, never opens anything,
// weakens a plan or moves a date later.

type Less<Of> = readonly (readonly [what: string, less: Of])[]
const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/**
 * What is left where one fact is not said: left out, or null where it may be. `kept` are no facts but what it is; what they hold is tried.
 */
function oneLess<Of extends object>(whole: Of, kept: ReadonlySet<string>, canBeNull: ReadonlySet<string> = new Set()): Less<Of> {
  return Object.entries(whole).flatMap(([key, value]): Less<Of> => {
    if (value === undefined || value === null) return []
    const { [key as keyof Of]: _forgotten, ...rest } = whole
    const inner: Less<Of> = isObject(value)
      ? oneLess(value, kept, canBeNull).map(([what, less]) => [`${key}.${what}`, { ...whole, [key]: less }])
      : []
    return kept.has(key) ? inner : [[key, (canBeNull.has(key) ? { ...rest, [key]: null } : rest) as Of], ...inner]
  })
}

/** One fact less, and two. */
function oneOrTwoLess<Of extends object>(whole: Of, kept: ReadonlySet<string>, canBeNull?: ReadonlySet<string>): Less<Of> {
  const one = oneLess(whole, kept, canBeNull)
  return [
    ...one,
    ...one.flatMap(([what, less]) =>
      oneLess(less, kept, canBeNull).map(([other, two]): readonly [string, Of] => [`${what} and ${other}`, two]),
    ),
  ]
}
const holds = (findings: readonly { readonly severity: string }[]): boolean =>
  findings.some(({ severity }) => severity === 'hold' || severity === 'stop')

describe('what a permit asks for', () => {
  const facts = (over: object): PermitRequest['facts'] => ({ ...REQUEST.facts, ...over })
  const job = (over: object): PermitRequest['job'] => ({ ...REQUEST.job, ...over })
  const REQUESTS: Readonly<Record<string, Pick<PermitRequest, 'facts' | 'job' | 'conditions'>>> = {
    'a gate on the ground': REQUEST,
    'a platform over two open levels, with a hidden side': {
      ...REQUEST,
      facts: facts({ level: 2, openLevels: 2, hiddenParts: 1, otherSide: true }),
      job: job({ process: 'smaw', currentA: 160, heightM: 8 }),
    },
    'a chamber': {
      ...REQUEST,
      facts: facts({ confined: true, hardFloor: true }),
      conditions: { sprinklers: 'in-service', windMPerS: 0 },
    },
    'a tank that held oil, cleaned': { ...REQUEST, job: job({ workpiece: 'container', contents: 'flammable', cleaned: true }) },
    'a tank that held oil, not cleaned': { ...REQUEST, job: job({ workpiece: 'container', contents: 'flammable', cleaned: false }) },
    'gouging among magnesium swarf': { ...REQUEST, job: job({ process: 'cac-a', currentA: 600, metalFire: true }) },
    'bales beside it': { ...REQUEST, facts: facts({ bulkCombustibles: true }) },
    'sprinklers shut': { ...REQUEST, conditions: { sprinklers: 'impaired', windMPerS: 2 } },
  }
  /** Bad news: whoever does not say it says that it is better, and is asked. */
  const asked = (before: ReturnType<typeof planPermit>, after: ReturnType<typeof planPermit>): boolean =>
    after.verdict.findings.some(
      ({ severity, code }) => (severity === 'hold' || severity === 'stop') && code !== 'hotwork.gas-test-needed',
    )

  it.each(Object.entries(REQUESTS))('%s', (_name, full) => {
    const before = planPermit(full, NEW_SITE_RULES)
    const weaker = oneOrTwoLess(
      full,
      new Set(['place', 'operatorIds', 'fromAt', 'untilAt', 'what', 'process', 'facts', 'job', 'conditions']),
    ).flatMap(([what, less]) => {
      const after = planPermit(less, NEW_SITE_RULES)
      const ids = new Set(after.plan.precautions.map(({ id }) => id))
      const lost = after.verdict.class === 'forbidden' ? [] : before.plan.precautions.filter(({ id }) => !ids.has(id)).map(({ id }) => id)
      const watch = [
        after.plan.afterMin < before.plan.afterMin,
        after.plan.monitoringMin < before.plan.monitoringMin,
        before.plan.needsGasTest && !after.plan.needsGasTest,
      ]
      const isLess
        = after.plan.watchers < before.plan.watchers
          || after.plan.radiusM < before.plan.radiusM
          || (holds(before.verdict.findings) && !holds(after.verdict.findings))
      const isWeaker
        = after.verdict.class !== 'forbidden' && (lost.length > 0 || watch.includes(true) || (isLess && !asked(before, after)))
      return isWeaker ? [`${what}: ${[...lost, ...watch].join(' ')}`] : []
    })
    expect(weaker).toEqual([])
  })
})

describe('what a permit rests on', () => {
  const NOW = '2026-11-24T09:00:00.000Z'
  const live = (commands: readonly (readonly [PermitCommand, string])[]): Permit =>
    commands.reduce<Permit | null>((permit, [command, at]) => {
      const decided = decidePermit(permit, command, contextAt({ at, by: 'ada' }))
      if ('refused' in decided) throw new Error(JSON.stringify(decided.refused))
      return decided.events.reduce(evolvePermit, permit)
    }, null)!
  const reading = (point: string, lelPercent: number): PermitCommand => ({
    type: 'permit.read-gas',
    payload: { lelPercent, oxygenPercent: 20.9, instrument: 'GD-1', point },
  })
  const request: PermitCommand = { type: 'permit.request', payload: REQUEST }
  const tested = live([
    [request, '2026-11-24T08:00:00.000Z'],
    [reading('bottom', 0), '2026-11-24T08:50:00.000Z'],
  ])
  const isOpen = (permit: Permit, kit: readonly KitItemFact[]): boolean =>
    !holds([...judgeGasTime(permit, NOW), ...judgePermitKit(kit, permit, NOW)])

  it('is open with an extinguisher that serves, and a detector that was looked at', () =>
    expect(isOpen(tested, [EXTINGUISHER, DETECTOR])).toBe(true))
  it.each([
    [
      'air out of limits at one point of two',
      live([
        [request, '2026-11-24T08:00:00.000Z'],
        [reading('bottom', 14), '2026-11-24T08:40:00.000Z'],
        [reading('top', 0), '2026-11-24T08:50:00.000Z'],
      ]),
      [EXTINGUISHER, DETECTOR],
    ],
    ['an extinguisher too far', tested, [{ ...EXTINGUISHER, distanceM: 40 }, DETECTOR]],
    [
      'an extinguisher too small',
      tested,
      [{ ...EXTINGUISHER, marks: { ...EXTINGUISHER.marks, extinguisherRating: '1-A:10-B:C' } }, DETECTOR],
    ],
    [
      'a detector not looked at',
      tested,
      [
        EXTINGUISHER,
        {
          ...DETECTOR,
          findings: [{ code: 'kit.look-due', severity: 'hold', values: { tag: 'GD-1', listId: 'gas-detector.before-use' }, sources: [] }],
        } as KitItemFact,
      ],
    ],
  ] as const)('%s holds, whatever is not said besides', (_name, permit, kit) => {
    expect(isOpen(permit, kit)).toBe(false)
    // Findings and readings out of limits are the bad news itself; a plan is fixed with its permit.
    const kept = new Set(['findings', 'validUntil', 'tag', 'kind', 'name', 'mayUse', 'marks'])
    const lessKit = kit.flatMap((item, index) => [
      kit.filter(other => other !== item),
      ...oneOrTwoLess(item, kept, new Set(['distanceM', 'seenAt'])).map(([, less]) =>
        kit.map((other, i) => (i === index ? less : other)),
      ),
    ])
    expect(lessKit.filter(less => isOpen(permit, less) && less.length === kit.length)).toEqual([])
    expect(isOpen({ ...permit, gas: null }, kit)).toBe(false)
  })
})

describe('a cylinder', () => {
  const TODAY = '2026-11-24'
  const until = '2026-11-25T04:00:00.000Z'
  const context = {
    tag: 'A-7',
    at: '2026-11-24T08:00:00.000Z',
    checksValidUntil: until,
    rules: NEW_SITE_RULES,
    isCompetent: true,
    place: null,
    job: null,
  }
  const MARKS: Readonly<Record<string, CylinderMarks>> = {
    'argon with a star': {
      gas: 'argon',
      owner: 'owned',
      stamps: 'DOT-3AA 2400 / 5-19+*',
      waterVolumeL: 49,
      filledOn: '2026-10-01',
      filledInPlace: false,
      fullM3: 9.4,
    },
    'argon past its test': {
      gas: 'argon',
      owner: 'rented',
      stamps: 'DOT-3AA 2400 / 5-12',
      waterVolumeL: 49,
      filledOn: '2026-10-01',
      fullM3: 9.4,
    },
    'argon past its test when it was filled': {
      gas: 'argon',
      owner: 'rented',
      stamps: 'DOT-3AA 2400 / 5-12',
      waterVolumeL: 49,
      filledOn: '2019-10-01',
      fullM3: 9.4,
    },
    'acetylene': { gas: 'acetylene', owner: 'rented', stamps: 'DOT-8AL / 5-19', tareKg: 80, fullM3: 9.3, filledOn: '2026-10-01' },
    'carbon dioxide in a large vessel': {
      gas: 'carbon-dioxide',
      owner: 'owned',
      stamps: 'DOT-3AA 1800 / 5-19*',
      waterVolumeL: 80,
      tareKg: 60,
      fullM3: 20,
      filledOn: '2026-10-01',
    },
    'an end of life': {
      gas: 'argon',
      owner: 'owned',
      stamps: 'EN ISO 11119-2 / PW200 / 2022/05 / FIN 2026/05',
      waterVolumeL: 9,
      fullM3: 2,
    },
  }
  const steps = (marks: CylinderMarks): readonly CylinderCommand[] => [
    {
      type: 'cylinder.receive',
      payload: { ...marks, lay: null, place: { placeId: 'cage', xM: 1, yM: 1, isUpright: true, isSecured: true, isCapped: true } },
    },
    { type: 'cylinder.connect', payload: { bayId: 'bay-1', steps: connectingSteps(marks.gas) } },
    { type: 'cylinder.test-joints', payload: { joints: Object.fromEntries(jointsFor(marks.gas).map(joint => [joint, true])) } },
    {
      type: 'cylinder.read',
      payload:
        marks.tareKg === undefined
          ? { by: 'pressure', gaugePressureKPa: 12_000, temperatureC: 20 }
          : { by: 'weight', grossKg: marks.tareKg + 5 },
    },
    { type: 'cylinder.set-delivery', payload: { gaugeKPa: 60 } },
  ]
  const life = (marks: CylinderMarks): CylinderState =>
    steps(marks).reduce<CylinderState | null>((state, command) => {
      const decided = decideCylinder(state, command, context)
      return 'refused' in decided ? state : decided.events.reduce(evolveCylinder, state)
    }, null)!
  /** Who it is and where, clocks that say when, and bad news. */
  const KEPT = new Set([
    'tag', 'gas', 'owner', 'standing', 'in', 'placeId', 'bayId', 'xM', 'yM', 'by', 'at', 'validUntil', 'isConnected', 'isEmpty',
    'emptiedAt', 'isReturned', 'isTagWithdrawn', 'hasSettled', 'danger', 'taggedOut', 'lastLay', 'settlesAt', 'touchedAt', 'deliveryAt',
    'shutDownAt', 'isUpright', 'isSecured', 'isCapped', 'joints', 'gaugePressureKPa', 'temperatureC', 'grossKg',
  ])
  const NULLS = new Set(['stance', 'reading', 'leakTest', 'deliveryKPa'])
  const dates = (state: CylinderState): string => requalificationOf(state, TODAY).nextDue ?? ''

  it.each(Object.entries(MARKS))('%s: less said is never later due, nor fit for use', (_name, marks) => {
    const state = life(marks)
    const before = cylinderFact(state, NEW_SITE_RULES, TODAY, until)
    const opened = oneOrTwoLess(state, KEPT, NULLS).flatMap(([what, less]) => {
      const whole = { ...less, stamps: less.stamps ?? '' }
      const after = cylinderFact(whole, NEW_SITE_RULES, TODAY, until)
      const found: string[] = []
      if (holds(before.findings) && !holds(after.findings)) found.push('fit for use')
      if (dates(whole) > dates(state) && dates(state) !== '') found.push(`due ${dates(whole)}, not ${dates(state)}`)
      if ((after.left?.lowM3 ?? 0) > (before.left?.lowM3 ?? 0)) found.push('more left')
      if (before.leakTest && after.leakTest && after.leakTest.missing.length < before.leakTest.missing.length) found.push('tighter')
      return found.map(one => `${what}: ${one}`)
    })
    expect(opened).toEqual([])
  })
  it('that nobody said stands upright and chained is not taken as such', () => {
    const state = life(MARKS['argon with a star']!)
    expect(holds(cylinderFact(state, NEW_SITE_RULES, TODAY, until).findings)).toBe(false)
    expect(cylinderFact({ ...state, stance: null }, NEW_SITE_RULES, TODAY, until).findings.map(({ code }) => code)).toContain(
      'cylinder.not-secured',
    )
  })
})

describe('a thing with a tag', () => {
  const TODAY = '2026-11-24'
  const until = '2026-11-25T04:00:00.000Z'
  const MARKS = {
    extinguisherType: 'dry-chemical',
    extinguisherRating: '4-A:60-B:C',
    madeOn: '2020-03-01',
    pressureTestedOn: '2026-03-01',
    openedOn: '2026-03-01',
  } as const
  const inService = (kind: KitItem['kind']): KitItem => ({
    tag: 'T-1',
    kind,
    name: 'Thing',
    marks: kind === 'extinguisher' ? MARKS : {},
    assignment: { to: 'bay', id: 'bay-1', distanceM: 5 },
    taggedOut: null,
    isRetired: false,
    lastEventAt: null,
    lists: Object.fromEntries(
      listsFor(kind, BUILT_IN_LISTS).map(({ id }) => [id, { passedOn: TODAY, eventsSince: [], doneAt: `${TODAY}T07:00:00.000Z` }]),
    ),
  })
  /** Who it is, and when a look was made: without its look it is not looked at. */
  const KEPT = new Set(['tag', 'kind', 'name', 'doneAt', 'eventsSince', 'isRetired', 'assignment', 'lists', 'marks'])

  it.each(EQUIPMENT_KINDS)('%s: in service with every list passed, out of it with one fact less', (kind) => {
    const state = inService(kind)
    expect(kitItemFact(state, BUILT_IN_LISTS, TODAY, until).mayUse).toBe(true)
    for (const { id } of listsFor(kind, BUILT_IN_LISTS)) {
      const { [id]: _forgotten, ...others } = state.lists
      expect(kitItemFact({ ...state, lists: others }, BUILT_IN_LISTS, TODAY, until).mayUse).toBe(false)
      expect(
        kitItemFact({ ...state, lists: { ...state.lists, [id]: { ...state.lists[id]!, passedOn: null } } }, BUILT_IN_LISTS, TODAY, until)
          .mayUse,
      ).toBe(false)
      // A list that was dropped from the site's own leaves no proof.
      expect(
        kitItemFact(
          state,
          BUILT_IN_LISTS.filter(list => list.kind !== kind),
          TODAY,
          until,
        ).mayUse,
      ).toBe(false)
    }
  })
  it.each(EQUIPMENT_KINDS)('%s: that holds for one list late is not opened by forgetting anything', (kind) => {
    const [late] = listsFor(kind, BUILT_IN_LISTS)
    const state = {
      ...inService(kind),
      lists: { ...inService(kind).lists, [late!.id]: { passedOn: '2010-01-01', eventsSince: [], doneAt: '2010-01-01T08:00:00.000Z' } },
    }
    const opened = oneOrTwoLess(state, KEPT, new Set(['passedOn']))
      .filter(([, less]) => kitItemFact(less, BUILT_IN_LISTS, TODAY, until).mayUse)
      .map(([what]) => what)
    expect(opened).toEqual([])
  })
  it('an extinguisher: a date not known is never a date to come', () => {
    const dates = ['madeOn', 'pressureTestedOn', 'openedOn'] as const
    const before = kitItemFact(
      { ...inService('extinguisher'), marks: { ...MARKS, madeOn: '2001-01-01', pressureTestedOn: '2010-01-01', openedOn: '2026-03-01' } },
      BUILT_IN_LISTS,
      TODAY,
      until,
    )
    expect(before.mayUse).toBe(false)
    for (const date of dates) {
      const { [date]: _forgotten, ...marks } = { ...MARKS, madeOn: '2001-01-01', pressureTestedOn: '2010-01-01', openedOn: '2026-03-01' }
      expect([date, kitItemFact({ ...inService('extinguisher'), marks }, BUILT_IN_LISTS, TODAY, until).mayUse]).toEqual([date, false])
    }
  })
})

describe('samples', () => {
  const LIMIT = 1
  const result = fc.record({ value: fc.double({ min: 0.01, max: 3, noNaN: true }), isBelowLoq: fc.boolean() })
  it('a result of which only "at most this" is known never makes a pass of what was none', { timeout: 30_000 }, () => {
    fc.assert(
      fc.property(fc.array(result, { minLength: 3, maxLength: 12 }), fc.nat(), (sample, at) => {
        const before = judgeSamples(sample, LIMIT)
        const less = sample.map((one, index) => (index === at % sample.length ? { ...one, isBelowLoq: true } : one))
        return before.verdict === 'compliant' || judgeSamples(less, LIMIT).verdict !== 'compliant'
      }),
      { numRuns: 40, seed: 7 },
    )
  })
  it('fewer than three are no decision, whichever are left out', () => {
    for (const values of [[], [0.01], [0.01, 0.01]])
      expect(
        judgeSamples(
          values.map(value => ({ value, isBelowLoq: false })),
          LIMIT,
        ).verdict,
      ).toBe('no-decision')
  })
  it('of a few, one left out asks more of the others', () => {
    fc.assert(
      fc.property(fc.array(result, { minLength: 4, maxLength: 5 }), fc.nat(), (sample, at) => {
        const worst = Math.max(...sample.map(({ value }) => value))
        const left = sample.filter((_, index) => index !== at % sample.length)
        // The highest left out is bad news not told.
        return (
          sample[at % sample.length]!.value === worst
          || judgeSamples(sample, LIMIT).verdict === 'compliant'
          || judgeSamples(left, LIMIT).verdict !== 'compliant'
        )
      }),
      { numRuns: 400, seed: 8 },
    )
  })
})
