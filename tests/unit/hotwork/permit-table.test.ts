import { describe, expect, it } from 'vitest'
import { decidePermit } from '#core/streams/permit/decide-permit'
import type { PermitContext } from '#core/streams/permit/decide-permit'
import { evolvePermit } from '#core/streams/permit/evolve-permit'
import type { Permit, PermitCommand, PermitCommands, PermitEvent } from '#core/streams/permit/permit'
import { permitDeadlines } from '#core/streams/permit/permit-deadlines'
import { planPermit } from '#core/hotwork/permit-plan'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { contextAt, DETECTOR, EXTINGUISHER, PEOPLE, REQUEST } from './permit-world'

// What every command comes to in every phase, as one table, and where each answer turns.

const T = (minutes: number): string => new Date(Date.parse('2026-11-24T08:00:00.000Z') + minutes * 60_000).toISOString()
type Over = Partial<PermitContext>
type Step = readonly [minute: number, by: string, command: PermitCommand, over?: Over]
const is = <Type extends PermitCommand['type']>(type: Type, payload: PermitCommands[Type]): PermitCommand =>
  ({ type, payload }) as PermitCommand
const decide = (permit: Permit | null, [minute, by, command, over = {}]: Step) =>
  decidePermit(permit, command, contextAt({ at: T(minute), by, isSigned: true, secondScreen: true, ...over }))
const last = (code: string): string => code.slice(code.indexOf('.') + 1)

/** What a command comes to: its events, or why not, and after an exclamation mark what is remarked. */
function outcome(permit: Permit | null, step: Step): string {
  const decided = decide(permit, step)
  if ('refused' in decided) return `no: ${decided.refused.map(({ code }) => last(code)).join(' ')}`
  const events = decided.events
    .map(({ type, payload }) =>
      'cause' in payload ? `${type}(${payload.cause})` : 'because' in payload ? `${type}(${payload.because})` : type,
    )
    .join(' ')
  const remarks = (decided.remarks ?? []).map(({ code }) => last(code)).join(' ')
  return `${events || 'nothing'}${remarks && ` ! ${remarks}`}`
}
const eventsOf = (permit: Permit | null, step: Step): readonly PermitEvent[] => {
  const decided = decide(permit, step)
  if ('refused' in decided) throw new Error(`${step[2].type}: ${JSON.stringify(decided.refused)}`)
  return decided.events
}
const live = (permit: Permit | null, ...steps: readonly Step[]): Permit =>
  steps.reduce<Permit | null>((before, step) => eventsOf(before, step).reduce(evolvePermit, before), permit)!
const due = (what: PermitCommands['permit.fall-due']['what'], minute: number): Step => [
  minute,
  'clock',
  is('permit.fall-due', { what, dueAt: T(minute) }),
]
const rounds = (from: number, to: number): readonly Step[] =>
  Array.from({ length: Math.floor((to - from) / 10) + 1 }, (_, i): Step => [from + i * 10, 'hedda', is('permit.round', {})])
const AUTHORISE = is('permit.authorise', { watcherIds: ['hedda'], secondChannel: 'radio', nearSeen: [] })
const authoriseWith = (over: Partial<PermitCommands['permit.authorise']>) =>
  is('permit.authorise', { watcherIds: ['hedda'], secondChannel: 'radio', nearSeen: [], ...over })
const ROUND = is('permit.round', {})

const requested = live(null, [0, 'kit', is('permit.request', REQUEST)])
const walk = (permit: Permit): Permit =>
  live(permit, ...permit.plan.precautions.map(({ id }): Step => [1, 'kit', is('permit.see-to', { precaution: id, how: 'done' })]))
const precautions = walk(requested)
const authorised = live(precautions, [2, 'oskar', AUTHORISE])
const posted = live(authorised, [3, 'hedda', is('permit.take-post', {})])
const working = live(posted, [4, 'kit', is('permit.start-work', {})], [5, 'kit', is('permit.report-arc', { place: REQUEST.place })])
const suspended = live(working, [10, 'hedda', is('permit.stop', { cause: 'wind' })])
const watch = live(working, [10, 'kit', is('permit.end-work', {})])
const monitoring = live(watch, ...rounds(20, 70), due('watch-over', 70))
const restoring: readonly Step[] = requested.plan.precautions
  .filter(({ restore }) => restore)
  .map(({ id }): Step => [72, 'kit', is('permit.restore', { precaution: id })])
const closed = live(
  monitoring,
  ...restoring,
  [70 + monitoring.plan.monitoringMin, 'hedda', ROUND],
  [72 + monitoring.plan.monitoringMin, 'oskar', is('permit.close', {})],
)
const PHASES = {
  requested,
  precautions,
  authorised,
  posted,
  working,
  suspended,
  watch,
  monitoring,
  closed,
  refused: live(precautions, [3, 'oskar', is('permit.refuse', { reason: 'no' })]),
  revoked: live(authorised, [3, 'oskar', is('permit.revoke', { reason: 'no' })]),
  lapsed: live(authorised, due('lapses', 240)),
}
type PhaseName = keyof typeof PHASES
const NOT = 'no: not-in-phase'
const ARC = 'arc-reported work-stopped(arc-without-permit) watch-began(arc) ! arc-without-permit'
const each = <Name extends PhaseName>(names: readonly Name[], outcome: string): Partial<Record<PhaseName, string>> =>
  Object.fromEntries(names.map(name => [name, outcome]))
const ENDED = ['closed', 'refused', 'revoked', 'lapsed'] as const
const AFTER = ['watch', 'monitoring', ...ENDED] as const

/** A command by somebody, and what it comes to: everywhere, but where a phase is named. */
const TABLE: readonly (readonly [
  name: string,
  by: string,
  command: PermitCommand,
  elsewhere: string,
  there?: Partial<Record<PhaseName, string>>,
])[] = [
  ['asked for again', 'kit', is('permit.request', REQUEST), NOT],
  ['seen to', 'kit', is('permit.see-to', { precaution: 'floor-swept', how: 'done' }), 'precaution-seen-to'],
  [
    'gas within limits',
    'kit',
    is('permit.read-gas', { lelPercent: 0, oxygenPercent: 20.9, instrument: 'GD-1', point: 'bottom' }),
    'gas-read',
  ],
  [
    'gas out of limits',
    'kit',
    is('permit.read-gas', { lelPercent: 14, oxygenPercent: 20.9, instrument: 'GD-1', point: 'bottom' }),
    'gas-read ! forbidden',
    each(['authorised', 'posted', 'working'], 'gas-read work-stopped(gas) ! forbidden'),
  ],
  ['authorised', 'oskar', AUTHORISE, NOT, { requested: 'no: precaution-open', precautions: 'permit-authorised' }],
  ['refused', 'oskar', is('permit.refuse', { reason: 'no' }), NOT, each(['requested', 'precautions'], 'permit-refused')],
  [
    'revoked',
    'oskar',
    is('permit.revoke', { reason: 'no' }),
    NOT,
    {
      ...each(['requested', 'precautions', 'authorised', 'posted'], 'permit-revoked'),
      ...each(['working', 'suspended'], 'permit-revoked watch-began(revoked)'),
    },
  ],
  [
    'extended',
    'oskar',
    is('permit.extend', { untilAt: T(300) }),
    NOT,
    each(['authorised', 'posted', 'working', 'suspended'], 'permit-extended'),
  ],
  ['taken over', 'ada', is('permit.take-over', {}), 'permit-taken-over', each(ENDED, NOT)],
  [
    'post taken by whoever is named',
    'hedda',
    is('permit.take-post', {}),
    'nothing',
    { ...each(['requested', 'precautions', 'monitoring', ...ENDED], NOT), authorised: 'post-taken' },
  ],
  [
    'post taken by another',
    'ada',
    is('permit.take-post', {}),
    NOT,
    { ...each(['authorised', 'posted', 'working'], 'no: not-named-watcher'), ...each(['suspended', 'watch'], 'post-taken') },
  ],
  [
    'post left',
    'hedda',
    is('permit.leave-post', {}),
    'nothing',
    { ...each(['posted', 'suspended', 'watch'], 'post-left'), working: 'post-left work-stopped(watch-left)' },
  ],
  [
    'relieved',
    'ada',
    is('permit.relieve', { relievedId: 'hedda' }),
    'no: no-watch-on-post',
    each(['posted', 'working', 'suspended', 'watch'], 'watch-handed-over'),
  ],
  ['work started', 'kit', is('permit.start-work', {}), NOT, { authorised: 'no: no-watch-on-post', posted: 'work-started' }],
  ['a round', 'hedda', ROUND, 'round-done'],
  ['stopped', 'ada', is('permit.stop', { cause: 'wind' }), 'work-stopped(wind)', each(AFTER, 'work-stopped(wind) watch-began(trouble)')],
  ['resumed', 'oskar', is('permit.resume', { cleared: 'calm again' }), NOT, { suspended: 'work-resumed' }],
  [
    'work ended',
    'kit',
    is('permit.end-work', {}),
    `nothing ! not-in-phase`,
    each(['working', 'suspended'], 'work-ended watch-began(work-ended)'),
  ],
  [
    'an arc',
    'ada',
    is('permit.report-arc', { place: REQUEST.place }),
    ARC,
    { working: 'arc-reported', ...each(['watch', 'monitoring'], 'arc-reported watch-began(arc) ! arc-without-permit') },
  ],
  [
    'help called',
    'ada',
    is('permit.call-help', {}),
    'help-called',
    {
      ...each(['authorised', 'posted', 'working'], 'help-called work-stopped(fire-or-smoke)'),
      ...each(AFTER, 'help-called watch-began(trouble)'),
    },
  ],
  [
    'put back',
    'kit',
    is('permit.restore', { precaution: 'detectors-isolated' }),
    'precaution-restored',
    each(['authorised', 'posted', 'working'], 'precaution-restored work-stopped(conditions-changed)'),
  ],
  ['put back what was never taken away', 'kit', is('permit.restore', { precaution: 'floor-swept' }), 'nothing ! precaution-unknown'],
  ['closed', 'oskar', is('permit.close', {}), NOT, { monitoring: 'no: monitoring-not-over looks-missed restore-open' }],
]
describe.each(TABLE.map(([name, by, command, elsewhere, there = {}]) => ({ name, by, command, elsewhere, there })))(
  '$name',
  ({ by, command, elsewhere, there }) => {
    const when = (phase: PhaseName): number =>
      phase === 'monitoring' ? 71 : phase === 'closed' ? 80 + monitoring.plan.monitoringMin : 11
    it.each(Object.keys(PHASES) as PhaseName[])('%s', phase =>
      expect(outcome(PHASES[phase], [when(phase), by, command])).toBe(there[phase] ?? elsewhere),
    )
  },
)
it('of a permit nobody asked for, only an arc is heard: it begins a record of its own, with its watch', () => {
  for (const [, by, command] of TABLE.filter(([, , { type }]) => type !== 'permit.request' && type !== 'permit.report-arc'))
    expect(outcome(null, [0, by, command])).toBe('no: unknown')
  const found = live(null, [3, 'ada', is('permit.report-arc', { place: { ...REQUEST.place, where: 'Behind the shed' } })])
  expect(outcome(null, [3, 'ada', is('permit.report-arc', { place: REQUEST.place })])).toBe(
    'arc-found watch-began(arc) ! arc-without-permit',
  )
  expect(found).toMatchObject({
    phase: 'watch',
    code: 'HW-TEST',
    watchFrom: T(3),
    firstArcAt: T(3),
    requestedBy: 'ada',
    request: { place: { where: 'Behind the shed' } },
  })
})

describe('asking', () => {
  const ask = (over: object, minute = 0) => {
    const request = { ...REQUEST, ...over }
    return outcome(null, [minute, 'kit', is('permit.request', request), { asked: planPermit(request, NEW_SITE_RULES) }])
  }
  it('takes up to the longest permit and not a minute more, never an end that is past or before its beginning', () => {
    expect(ask({ fromAt: T(0), untilAt: T(requested.plan.atMostHours * 60) })).toMatch(/^permit-requested/)
    expect(ask({ fromAt: T(0), untilAt: T(requested.plan.atMostHours * 60 + 1) })).toBe('no: too-long')
    expect(ask({ fromAt: T(0), untilAt: T(10) }, 10)).toBe('no: past')
    expect(ask({ fromAt: T(0), untilAt: T(10) }, 9)).toMatch(/^permit-requested/)
    expect(ask({ fromAt: T(20), untilAt: T(20) })).toBe('no: past')
    expect(ask({ fromAt: T(20), untilAt: T(10) })).toBe('no: past')
  })
  it('refuses what forbids the place and what nobody said; a gas test and cautions are for the walk', () => {
    expect(ask({ facts: { ...REQUEST.facts, bulkCombustibles: true } })).toBe('no: forbidden')
    expect(ask({ facts: { ...REQUEST.facts, combustiblePanel: true } })).toBe('no: forbidden')
    expect(ask({ facts: { ...REQUEST.facts, level: undefined } })).toBe('no: fact-missing')
    expect(ask({ facts: { ...REQUEST.facts, confined: true } })).toBe('permit-requested ! no-sprinklers piercing bay-first')
    expect(() => decidePermit(null, is('permit.request', REQUEST), contextAt({ at: T(0), by: 'kit', asked: null }))).toThrow(
      'what the rules make of it',
    )
  })
})

describe('the walk', () => {
  it('takes what is planned; what must be done cannot be waved through, the rest takes a reason', () => {
    const see = (payload: PermitCommands['permit.see-to']) => outcome(requested, [1, 'kit', is('permit.see-to', payload)])
    expect(see({ precaution: 'container-vented', how: 'done' })).toBe('nothing ! precaution-unknown')
    expect(see({ precaution: 'floor-swept', how: 'justified', reason: 'clean' })).toBe('no: precaution-open')
    expect(see({ precaution: 'screens', how: 'justified', reason: '  ' })).toBe('no: reason-needed')
    expect(see({ precaution: 'screens', how: 'justified' })).toBe('no: reason-needed')
    expect(
      eventsOf(requested, [1, 'kit', is('permit.see-to', { precaution: 'screens', how: 'justified', reason: 'nobody near' })])[0]!
        .payload,
    ).toEqual({ precaution: 'screens', how: 'justified', reason: 'nobody near', by: 'kit', at: T(1) })
    expect(eventsOf(requested, [1, 'kit', is('permit.see-to', { precaution: 'screens', how: 'done' })])[0]!.payload).toMatchObject({
      reason: null,
    })
    expect(
      decide(requested, [1, 'kit', is('permit.see-to', { precaution: 'floor-swept', how: 'justified', reason: 'x' })]),
    ).toMatchObject({ refused: [{ values: { precautions: ['floor-swept'], count: 1 } }] })
  })
  it('put back before the work is over, a precaution is open again: nothing is authorised, started or resumed over it', () => {
    const undone = (permit: Permit) => live(permit, [6, 'kit', is('permit.restore', { precaution: 'detectors-isolated' })])
    expect(outcome(undone(precautions), [7, 'oskar', AUTHORISE])).toBe('no: precaution-open')
    const stopped = undone(working)
    expect([stopped.phase, stopped.suspension?.cause]).toEqual(['suspended', 'conditions-changed'])
    expect(outcome(stopped, [7, 'oskar', is('permit.resume', { cleared: 'x' })])).toBe('no: precaution-open')
    const again = live(stopped, [8, 'kit', is('permit.see-to', { precaution: 'detectors-isolated', how: 'done' })])
    expect(outcome(again, [9, 'oskar', is('permit.resume', { cleared: 'x' })])).toBe('work-resumed')
    // Put back once, and taken away again since: it is put back once more before the permit is closed.
    expect(again.restored).not.toContain('detectors-isolated')
  })
})

describe('told late, of a precaution', () => {
  const back = is('permit.restore', { precaution: 'detectors-isolated' })
  const seen = is('permit.see-to', { precaution: 'detectors-isolated', how: 'done' })
  it('an older word of it being seen to does not undo that it was put back', () => {
    const undone = live(precautions, [6, 'kit', back])
    const late: Step = [4, 'kit', seen, { now: T(7) }]
    expect(outcome(undone, late)).toBe('precaution-seen-to ! report-outrun')
    expect(outcome(live(undone, late), [8, 'oskar', AUTHORISE])).toBe('no: precaution-open')
  })
  it('an older word of it being put back does not close what was taken away since', () => {
    const again = live(monitoring, [72, 'kit', seen])
    const late: Step = [71, 'kit', back, { now: T(73) }]
    expect(outcome(again, late)).toBe('precaution-restored ! report-outrun')
    expect(live(again, late).restored).not.toContain('detectors-isolated')
    expect(outcome(live(working, [8, 'kit', seen]), [7, 'kit', back, { now: T(9) }])).toBe('precaution-restored ! report-outrun')
  })
})

describe('authorising', () => {
  const auth = (over: Over = {}, command = AUTHORISE, permit = precautions, by = 'oskar', minute = 2) =>
    outcome(permit, [minute, by, command, over])
  const busy = (personId: string, over: object) => PEOPLE.map(one => (one.personId === personId ? { ...one, ...over } : one))
  it.each([
    ['unsigned', () => auth({ isSigned: false }), 'no: signature-needed'],
    ['one\'s own work', () => auth({}, AUTHORISE, precautions, 'kit'), 'no: own-work'],
    ['past its end', () => auth({}, AUTHORISE, precautions, 'oskar', 240), 'no: past'],
    [
      'over an open stop',
      () => auth({}, AUTHORISE, live(precautions, [1, 'ada', is('permit.stop', { cause: 'wind' })])),
      'no: stop-open',
    ],
    ['over a call for help', () => auth({}, AUTHORISE, live(precautions, [1, 'ada', is('permit.call-help', {})])), 'no: help-open'],
    ['an operator who watches', () => auth({}, authoriseWith({ watcherIds: ['hedda', 'kit'] })), 'no: watcher-works'],
    ['a watcher with another task', () => auth({ helpers: busy('hedda', { busyAt: 'Lock gate 1' }) }), 'no: watcher-busy'],
    ['a watcher at a bay', () => auth({ helpers: busy('hedda', { bayId: 'bay-2' }) }), 'no: watcher-at-bay'],
    ['an operator with another task', () => auth({ helpers: busy('kit', { busyAt: 'Lock gate 1' }) }), 'no: watcher-busy'],
    ['somebody else with another task', () => auth({ helpers: busy('ada', { busyAt: 'Lock gate 1' }) }), 'permit-authorised'],
    ['an operator at the bay of the work', () => auth({ helpers: busy('kit', { bayId: 'bay-12' }) }), 'permit-authorised'],
    ['nobody to watch', () => auth({}, authoriseWith({ watcherIds: [] })), 'no: watchers-short'],
    ['the same watcher twice', () => auth({}, authoriseWith({ watcherIds: ['hedda', 'hedda'] })), 'permit-authorised'],
    [
      'the same watcher twice for two',
      () => auth({}, authoriseWith({ watcherIds: ['hedda', 'hedda'] }), { ...precautions, plan: { ...precautions.plan, watchers: 2 } }),
      'no: watchers-short',
    ],
    ['a neighbour not seen', () => auth({ near: [{ permitId: 'p-2', code: 'HW-2' }] }), 'no: near'],
    [
      'a neighbour seen',
      () => auth({ near: [{ permitId: 'p-2', code: 'HW-2' }] }, authoriseWith({ nearSeen: ['p-2'] })),
      'permit-authorised',
    ],
    ['one screen and no other way', () => auth({ secondScreen: false }, authoriseWith({ secondChannel: '  ' })), 'no: no-second-channel'],
    ['one screen and nothing said', () => auth({ secondScreen: false }, authoriseWith({ secondChannel: null })), 'no: no-second-channel'],
    ['two screens and nothing said', () => auth({}, authoriseWith({ secondChannel: null })), 'permit-authorised'],
    ['no extinguisher', () => auth({ kit: [] }), 'no: no-extinguisher'],
    [
      'gas not tested where it is planned',
      () => auth({}, AUTHORISE, { ...precautions, plan: { ...precautions.plan, needsGasTest: true } }),
      'no: gas-not-tested',
    ],
  ] as const)('%s: %s', (_name, said, expected) => expect(said()).toBe(expected))
  it('keeps each watcher once, the other way if one was said, the neighbours, and how long', () => {
    const [event] = eventsOf(precautions, [
      2,
      'oskar',
      authoriseWith({ watcherIds: ['hedda', 'hedda'], secondChannel: ' ', nearSeen: ['p-2'] }),
      { near: [{ permitId: 'p-2', code: 'HW-2' }] },
    ])
    expect(event!.payload).toEqual({
      by: 'oskar',
      at: T(2),
      watcherIds: ['hedda'],
      untilAt: REQUEST.untilAt,
      secondChannel: null,
      near: ['HW-2'],
    })
    expect(eventsOf(precautions, [2, 'oskar', AUTHORISE])[0]!.payload).toMatchObject({ secondChannel: 'radio' })
    expect(decide(requested, [2, 'oskar', AUTHORISE])).toMatchObject({
      refused: [{ values: { count: requested.plan.precautions.length, precautions: requested.plan.precautions.map(({ id }) => id) } }],
    })
    expect(decide(precautions, [2, 'oskar', authoriseWith({ watcherIds: ['hedda', 'kit'] })])).toMatchObject({
      refused: [{ values: { names: ['kit'] } }],
    })
    expect(decide(precautions, [2, 'oskar', AUTHORISE, { near: [{ permitId: 'p-2', code: 'HW-2' }] }])).toMatchObject({
      refused: [{ values: { codes: ['HW-2'], count: 1 } }],
    })
  })
})

describe('working', () => {
  const start = (permit: Permit, minute: number, over: Over = {}) => outcome(permit, [minute, 'kit', is('permit.start-work', {}), over])
  const resume = (permit: Permit, over: Over = {}, by = 'oskar', cleared = 'calm') =>
    outcome(permit, [12, by, is('permit.resume', { cleared }), over])
  it('begins within its time, watched, with another way to the watch, and its things in order', () => {
    const later = { ...posted, request: { ...posted.request, fromAt: T(60) } }
    expect([start(later, 59), start(later, 60)]).toEqual(['no: not-yet', 'work-started'])
    expect([start(posted, 239), start(posted, 240)]).toEqual(['work-started', 'no: past'])
    expect(start({ ...posted, secondChannel: null }, 5, { secondScreen: false })).toBe('no: no-second-channel')
    expect(start({ ...posted, secondChannel: null }, 5)).toBe('work-started')
    expect(start(posted, 5, { secondScreen: false })).toBe('work-started')
    expect(start(posted, 5, { kit: [] })).toBe('no: no-extinguisher')
  })
  it('goes on by a signature of somebody else, with words, watched, and only after a stop', () => {
    expect(resume(suspended, { isSigned: false })).toBe('no: signature-needed')
    expect(resume(suspended, {}, 'kit')).toBe('no: own-work')
    expect(resume(suspended, {}, 'oskar', '  ')).toBe('no: reason-needed')
    expect(resume(live(suspended, [11, 'hedda', is('permit.leave-post', {})]))).toBe('no: no-watch-on-post')
    // Enough on post, and one of them not heard past the grace: nobody watches.
    expect(resume({ ...suspended, overdue: { personId: 'hedda', sinceAt: T(0), cameDueAt: T(10) } })).toBe('no: no-watch-on-post')
  })
  it('before the work a stop is cleared and allows nothing yet', () => {
    const stopped = live(precautions, [2, 'ada', is('permit.stop', { cause: 'wind' })])
    expect(eventsOf(stopped, [12, 'oskar', is('permit.resume', { cleared: 'calm' })])).toEqual([
      { type: 'stop-cleared', version: 1, payload: { cleared: 'calm', by: 'oskar', at: T(12) } },
    ])
    expect(resume(live(requested, [1, 'ada', is('permit.stop', { cause: 'wind' })]))).toBe('stop-cleared')
    expect(resume(live(precautions, [1, 'ada', is('permit.call-help', {})]))).toBe('stop-cleared')
    expect(resume(precautions)).toBe(NOT)
  })
  it('ended before any arc there is nothing to watch', () => {
    const stopped = live(posted, [4, 'ada', is('permit.stop', { cause: 'wind' })])
    expect(eventsOf(stopped, [5, 'kit', is('permit.end-work', {})])).toEqual([
      { type: 'permit-revoked', version: 1, payload: { reason: '', by: 'kit', at: T(5) } },
    ])
  })
  it('the words of a stop and a round are kept', () => {
    expect(eventsOf(working, [11, 'ada', is('permit.stop', { cause: 'wind', note: 'gusts' })])[0]!.payload).toEqual({
      cause: 'wind',
      note: 'gusts',
      at: T(11),
      by: 'ada',
    })
    expect(eventsOf(working, [11, 'ada', is('permit.stop', { cause: 'wind' })])[0]!.payload).toMatchObject({ note: null })
    expect(eventsOf(working, [11, 'hedda', is('permit.round', { note: 'all quiet' })])[0]!.payload).toEqual({
      by: 'hedda',
      at: T(11),
      note: 'all quiet',
      onPost: true,
    })
    expect(eventsOf(working, [11, 'ada', ROUND])[0]!.payload).toMatchObject({ note: null, onPost: false })
    expect(eventsOf(authorised, [3, 'oskar', is('permit.revoke', { reason: 'rain' })])[0]!.payload).toEqual({
      reason: 'rain',
      by: 'oskar',
      at: T(3),
    })
    expect(eventsOf(precautions, [3, 'oskar', is('permit.refuse', { reason: 'rain' })])[0]!.payload).toEqual({
      reason: 'rain',
      by: 'oskar',
      at: T(3),
    })
  })
  it('fire speaks before the cause it was stopped for first; another cause does not push fire aside', () => {
    expect(live(suspended, [12, 'ada', is('permit.stop', { cause: 'fire-or-smoke' })]).suspension?.cause).toBe('fire-or-smoke')
    const burning = live(working, [10, 'ada', is('permit.stop', { cause: 'fire-or-smoke' })])
    expect(live(burning, [12, 'ada', is('permit.stop', { cause: 'wind' })]).suspension?.cause).toBe('fire-or-smoke')
    expect(live(suspended, [12, 'ada', is('permit.stop', { cause: 'break' })]).suspension?.cause).toBe('wind')
  })
  it('what was done some minutes ago is heard, and said to be late', () => {
    const told = (minute: number) => outcome(working, [11, 'hedda', ROUND, { now: T(11 + minute) }])
    expect([told(4), told(5), told(6)]).toEqual(['round-done', 'round-done ! late-round', 'round-done ! late-round'])
    expect(outcome(suspended, [11, 'clock', is('permit.fall-due', { what: 'lapses', dueAt: T(240) }), { now: T(300) }])).toMatch(
      /^permit-lapsed work-stopped\(lapsed\) watch-began\(lapsed\)$/,
    )
  })
})

describe('longer', () => {
  const extend = (untilAt: string, over: Over = {}, permit = working, minute = 11, by = 'oskar') =>
    outcome(permit, [minute, by, is('permit.extend', { untilAt }), over])
  it('is later than it was, not past, within the longest permit, signed by somebody else, with its watch still free', () => {
    expect([extend(T(241)), extend(T(240)), extend(T(239))]).toEqual(['permit-extended', 'no: past', 'no: past'])
    expect([extend(T(working.plan.atMostHours * 60)), extend(T(working.plan.atMostHours * 60 + 1))]).toEqual([
      'permit-extended',
      'no: too-long',
    ])
    expect(extend(T(300), {}, working, 240)).toBe('no: over')
    expect(extend(T(300), { isSigned: false })).toBe('no: signature-needed')
    expect(extend(T(300), {}, working, 11, 'kit')).toBe('no: own-work')
    expect(extend(T(300), { helpers: PEOPLE.map(one => (one.personId === 'hedda' ? { ...one, busyAt: 'Gate 1' } : one)) })).toBe(
      'no: watcher-busy',
    )
    expect(extend(T(300), { helpers: PEOPLE.map(one => (one.personId === 'ada' ? { ...one, busyAt: 'Gate 1' } : one)) })).toBe(
      'permit-extended',
    )
    // Told late: the end it asks for has passed meanwhile.
    expect(outcome({ ...working, untilAt: T(400) }, [11, 'oskar', is('permit.extend', { untilAt: T(300) }), { now: T(310) }])).toBe(
      'no: past',
    )
  })
})

describe('the watch', () => {
  const two = { ...watch, plan: { ...watch.plan, watchers: 2 } }
  it('nobody takes a post twice, nor one that knows nobody, nor with another task', () => {
    expect(outcome(posted, [4, 'hedda', is('permit.take-post', {}), { helpers: PEOPLE.map(one => ({ ...one, busyAt: 'here' })) }])).toBe(
      'nothing',
    )
    expect(outcome(watch, [11, 'nobody', is('permit.take-post', {})])).toBe('no: person-unknown')
    expect(
      outcome(watch, [
        11,
        'ada',
        is('permit.take-post', {}),
        { helpers: PEOPLE.map(one => (one.personId === 'ada' ? { ...one, busyAt: 'Gate 1' } : one)) },
      ]),
    ).toBe('no: watcher-busy')
    expect(outcome(watch, [11, 'kit', is('permit.take-post', {})])).toBe('no: watcher-works')
    expect(decide(working, [11, 'ada', is('permit.take-post', {})])).toMatchObject({ refused: [{ values: { name: 'ada' } }] })
  })
  it('a gap longer than the house allows begins the watch again, one just as long does not', () => {
    const alone = live(watch, [20, 'hedda', ROUND], [22, 'hedda', is('permit.leave-post', {})])
    const gap = watch.plan.gapMin
    expect([
      outcome(alone, [22 + gap, 'ada', is('permit.take-post', {})]),
      outcome(alone, [23 + gap, 'ada', is('permit.take-post', {})]),
    ]).toEqual(['post-taken', 'post-taken watch-began(gap)'])
    // For two, the second on post ends it, not the first.
    const none = { ...live(two, [12, 'hedda', is('permit.leave-post', {})]) }
    expect(outcome(none, [40, 'ada', is('permit.take-post', {})])).toBe('post-taken')
    expect(outcome(live(none, [40, 'ada', is('permit.take-post', {})]), [41, 'hedda', is('permit.take-post', {})])).toBe(
      'post-taken watch-began(gap)',
    )
    // Nobody on post since the work ended is a gap from its beginning.
    const unwatched = { ...watch, posts: [], coverLostAt: null }
    expect(outcome(unwatched, [10 + gap, 'ada', is('permit.take-post', {})])).toBe('post-taken')
    expect(outcome(unwatched, [11 + gap, 'ada', is('permit.take-post', {})])).toBe('post-taken watch-began(gap)')
    expect(outcome({ ...watch, plan: { ...watch.plan, watchers: 1 } }, [60, 'ada', is('permit.take-post', {})])).toBe('post-taken')
    expect(outcome({ ...suspended, posts: [], coverLostAt: T(10) }, [60, 'ada', is('permit.take-post', {})])).toBe('post-taken')
  })
  it('one of more than enough may leave; the last that is needed stops the work', () => {
    const both = live({ ...working, posts: [...working.posts, { personId: 'ada', since: T(5), heardAt: T(5) }] })
    expect(outcome(both, [11, 'ada', is('permit.leave-post', {})])).toBe('post-left')
    expect(outcome({ ...both, plan: { ...both.plan, watchers: 2 } }, [11, 'ada', is('permit.leave-post', {})])).toBe(
      'post-left work-stopped(watch-left)',
    )
    expect(outcome(both, [11, 'oskar', is('permit.leave-post', {})])).toBe('nothing')
  })
  it('is handed over by a signature at the place, to somebody who is free and not on post already', () => {
    const relieve = (by: string, over: Over = {}, permit = working) =>
      outcome(permit, [11, by, is('permit.relieve', { relievedId: 'hedda' }), over])
    expect(relieve('ada', { isSigned: false })).toBe('no: signature-needed')
    expect(relieve('hedda')).toBe('no: not-named-watcher')
    expect(decide(working, [11, 'hedda', is('permit.relieve', { relievedId: 'hedda' })])).toMatchObject({
      refused: [{ values: { name: 'hedda' } }],
    })
    expect(decide(working, [11, 'hedda', is('permit.relieve', { relievedId: 'hedda' }), { helpers: [] }])).toMatchObject({
      refused: [{ values: { name: '' } }],
    })
    const both = { ...working, posts: [...working.posts, { personId: 'ada', since: T(5), heardAt: T(5) }] }
    expect(relieve('ada', {}, both)).toBe('no: not-named-watcher')
    expect(relieve('kit')).toBe('no: watcher-works')
    expect(outcome(both, [11, 'oskar', is('permit.relieve', { relievedId: 'ada' })])).toBe('watch-handed-over')
    expect(eventsOf(both, [11, 'oskar', is('permit.relieve', { relievedId: 'ada' })])[0]!.payload).toEqual({
      fromId: 'ada',
      toId: 'oskar',
      at: T(11),
    })
  })
  it('a round heard past the grace is a missed one: it stops the work, and begins the watch again', () => {
    const { roundEveryMin, gapMin } = working.plan
    const edge = 5 + roundEveryMin + gapMin
    const heard = { ...working, posts: [{ personId: 'hedda', since: T(5), heardAt: T(5) }] }
    expect([outcome(heard, [edge, 'hedda', ROUND]), outcome(heard, [edge + 1, 'hedda', ROUND])]).toEqual([
      'round-done',
      'round-done round-missed work-stopped(round-overdue) ! gap',
    ])
    expect(eventsOf(heard, [edge + 1, 'hedda', ROUND])[1]!.payload).toEqual({
      personId: 'hedda',
      fromAt: T(5 + roundEveryMin),
      untilAt: T(edge + 1),
    })
    expect(outcome({ ...heard, phase: 'watch' }, [edge + 40, 'hedda', ROUND])).toBe('round-done round-missed watch-began(gap) ! gap')
    expect(outcome({ ...heard, phase: 'suspended' }, [edge + 40, 'hedda', ROUND])).toBe('round-done round-missed ! gap')
    expect(outcome({ ...heard, phase: 'monitoring' }, [edge + 40, 'hedda', ROUND])).toBe('round-done')
    expect(decide(heard, [edge + 1, 'hedda', ROUND])).toMatchObject({ remarks: [{ values: { minutes: gapMin + 1 } }] })
    const pair = { ...heard, posts: [{ personId: 'ada', since: T(5), heardAt: T(edge) }, ...heard.posts] }
    expect(outcome(pair, [edge + 1, 'ada', ROUND])).toBe('round-done')
    expect(outcome(pair, [edge + 1, 'hedda', ROUND])).toMatch(/round-missed/)
  })
  it('an end that is told late counts from the last arc only as far as somebody watched since', () => {
    const heard = (minute: number, over: Partial<Permit> = {}) => ({
      ...working,
      posts: [{ personId: 'hedda', since: T(3), heardAt: T(minute) }],
      ...over,
    })
    const from = (permit: Permit, now: number) =>
      eventsOf(permit, [20, 'kit', is('permit.end-work', {}), { now: T(now) }]).flatMap(({ type, payload }) =>
        type === 'watch-began' ? [payload.fromAt] : [],
      )[0]
    const { gapMin, roundEveryMin } = working.plan
    expect(from(heard(0), 20 + gapMin)).toBe(T(20))
    // Somebody was on post and was heard until now: what was watched was watched.
    expect(from(heard(60), 60)).toBe(T(20))
    expect(from(heard(60), 60 + roundEveryMin + gapMin - 1)).toBe(T(20))
    expect(from(heard(60), 60 + roundEveryMin + gapMin)).toBe(T(60 + roundEveryMin + gapMin))
    // Came to the post only after the end, or was silent in between, or fewer than needed: not watched until now.
    expect(from(heard(60, { posts: [{ personId: 'hedda', since: T(30), heardAt: T(60) }] }), 60)).toBe(T(60))
    expect(from(heard(60, { coverMissingUntil: T(40) }), 60)).toBe(T(40))
    expect(from(heard(60, { plan: { ...working.plan, watchers: 2 } }), 60)).toBe(T(60))
    expect(from(heard(60, { coverLostAt: T(30) }), 60)).toBe(T(60))
    expect(
      from(
        heard(60, {
          posts: [
            { personId: 'hedda', since: T(3), heardAt: T(60) },
            { personId: 'ada', since: T(3), heardAt: T(10) },
          ],
        }),
        60,
      ),
    ).toBe(T(60))
    // Never before the last arc.
    expect(from(heard(30, { lastArcAt: T(25) }), 30)).toBe(T(25))
  })
})

describe('closing', () => {
  const ended = 70 + monitoring.plan.monitoringMin
  const whole = live(monitoring, ...restoring)
  const looked = live(whole, [ended, 'hedda', ROUND])
  const close = (permit: Permit, minute = ended, over: Over = {}, despite?: string, by = 'oskar') =>
    outcome(permit, [minute, by, is('permit.close', despite === undefined ? {} : { despite }), over])
  it('takes the end, the last look, everything put back, and a signature of somebody else', () => {
    expect(close(looked)).toBe('permit-closed')
    expect(close(looked, ended - 1)).toBe('no: monitoring-not-over')
    expect(close(looked, ended, { isSigned: false })).toBe('no: signature-needed')
    expect(close(looked, ended, {}, undefined, 'kit')).toBe('no: own-work')
    const open = live(monitoring, ...restoring.slice(1), [ended, 'hedda', ROUND])
    expect(decide(open, [ended, 'oskar', is('permit.close', {})])).toMatchObject({
      refused: [
        {
          code: 'permit.restore-open',
          values: {
            count: 1,
            precautions: [(restoring[0]![2] as Extract<PermitCommand, { type: 'permit.restore' }>).payload.precaution],
          },
        },
      ],
    })
    // What was waved through has nothing to put back.
    const waved = {
      ...open,
      seenTo: Object.fromEntries(Object.entries(open.seenTo).map(([id, seen]) => [id, { ...seen, how: 'justified' as const }])),
    }
    expect(close(waved)).toBe('permit-closed')
    expect(close({ ...open, seenTo: {} })).toBe('permit-closed')
  })
  it('with looks missed takes a reason, and keeps it and how many', () => {
    expect(close(whole)).toBe('no: looks-missed')
    expect(close(whole, ended, {}, '  ')).toBe('no: looks-missed')
    expect(eventsOf(whole, [ended, 'oskar', is('permit.close', { despite: ' cold to the hand ' })])[0]!.payload).toEqual({
      by: 'oskar',
      at: T(ended),
      missedLooks: 1,
      reason: 'cold to the hand',
    })
    const missed = { ...looked, visitsMissed: [T(100), T(130)] }
    expect(decide(missed, [ended, 'oskar', is('permit.close', {})])).toMatchObject({
      refused: [{ values: { count: 2, isLastMissing: false } }],
    })
    expect(decide({ ...whole, visitsMissed: [T(100)] }, [ended, 'oskar', is('permit.close', {})])).toMatchObject({
      refused: [{ values: { count: 2, isLastMissing: true } }],
    })
    expect(eventsOf(looked, [ended, 'oskar', is('permit.close', { despite: 'not needed' })])[0]!.payload).toEqual({
      by: 'oskar',
      at: T(ended),
      missedLooks: 0,
      reason: null,
    })
  })
})

describe('the clock', () => {
  const fall = (permit: Permit, what: PermitCommands['permit.fall-due']['what'], dueAt: string, now = 1000) =>
    outcome(permit, [0, 'clock', is('permit.fall-due', { what, dueAt }), { at: T(now), now: T(now) }])
  const dueOf = (permit: Permit, what: string) => permitDeadlines(permit).find(({ kind }) => kind === what)!.dueAt
  it('changes nothing before its time, for another moment, or of another kind', () => {
    const at = dueOf(working, 'round-due')
    expect(fall(working, 'round-due', at)).toBe('round-came-due')
    expect(fall(working, 'round-due', at.replace('.000Z', 'Z'))).toBe('round-came-due')
    expect(
      outcome(working, [
        0,
        'clock',
        is('permit.fall-due', { what: 'round-due', dueAt: at }),
        { now: new Date(Date.parse(at) - 1).toISOString() },
      ]),
    ).toBe('nothing')
    expect(fall(working, 'round-due', T(14))).toBe('nothing')
    expect(fall(working, 'gas-retest', at)).toBe('nothing')
    expect(fall(working, 'lapses', at)).toBe('nothing')
  })
  it('says each thing as it falls due, with when and whose', () => {
    const overdueAt = dueOf(working, 'round-overdue')
    expect(fall(working, 'round-overdue', overdueAt)).toBe('round-overdue work-stopped(round-overdue)')
    expect(
      eventsOf(working, [0, 'clock', is('permit.fall-due', { what: 'round-overdue', dueAt: overdueAt }), { now: overdueAt }])[0]!.payload,
    ).toMatchObject({ personId: 'hedda', sinceAt: working.posts[0]!.heardAt })
    expect(fall(watch, 'round-overdue', dueOf(watch, 'round-overdue'))).toBe('round-overdue')
    const gone = live(watch, [11, 'hedda', is('permit.leave-post', {})])
    expect(
      eventsOf(gone, [0, 'clock', is('permit.fall-due', { what: 'cover-missing', dueAt: dueOf(gone, 'cover-missing') }), { now: T(60) }]),
    ).toEqual([{ type: 'cover-missing', version: 1, payload: { sinceAt: T(11), dueAt: T(11) } }])
    const tested = (permit: Permit) =>
      live({ ...permit, plan: { ...permit.plan, needsGasTest: true } }, [
        6,
        'kit',
        is('permit.read-gas', { lelPercent: 0, oxygenPercent: 20.9, instrument: 'GD-1', point: 'bottom' }),
        { kit: [EXTINGUISHER, DETECTOR] },
      ])
    for (const [permit, expected] of [
      [working, 'gas-retest-overdue work-stopped(gas-retest-overdue)'],
      [authorised, 'gas-retest-overdue'],
    ] as const) {
      const one = tested(permit)
      expect(fall(one, 'gas-retest', dueOf(one, 'gas-retest'))).toBe(expected)
      expect(
        eventsOf(one, [0, 'clock', is('permit.fall-due', { what: 'gas-retest', dueAt: dueOf(one, 'gas-retest') }), { now: T(900) }])[0]!
          .payload,
      ).toEqual({ dueAt: T(6 + one.plan.retestMin) })
    }
    expect(eventsOf(authorised, due('lapses', 240))).toEqual([{ type: 'permit-lapsed', version: 1, payload: { at: T(240) } }])
    expect(
      eventsOf({ ...working, lastArcAt: T(250) }, due('lapses', 240)).map(({ type, payload }) => [
        type,
        'fromAt' in payload ? payload.fromAt : 'at' in payload ? payload.at : null,
      ]),
    ).toEqual([
      ['permit-lapsed', T(240)],
      ['work-stopped', T(240)],
      ['watch-began', T(250)],
    ])
    const visitAt = dueOf(monitoring, 'visit-missed')
    expect(eventsOf(monitoring, [0, 'clock', is('permit.fall-due', { what: 'visit-missed', dueAt: visitAt }), { now: visitAt }])).toEqual(
      [{ type: 'visit-missed', version: 1, payload: { dueAt: T(70 + monitoring.plan.visitEveryMin) } }],
    )
    const overAt = dueOf(monitoring, 'monitoring-over')
    expect(
      eventsOf(monitoring, [0, 'clock', is('permit.fall-due', { what: 'monitoring-over', dueAt: overAt }), { now: overAt }]),
    ).toEqual([{ type: 'monitoring-over', version: 1, payload: { at: overAt } }])
    expect(eventsOf(live(watch, ...rounds(20, 70)), due('watch-over', 70))).toEqual([
      { type: 'watch-over', version: 1, payload: { at: T(70) } },
    ])
  })
})
