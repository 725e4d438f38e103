import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isRefused } from '#core/streams/decision'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { decidePermit } from '#core/streams/permit/decide-permit'
import { evolvePermit } from '#core/streams/permit/evolve-permit'
import { hasEnded } from '#core/streams/permit/permit-end'
import { isCovered, permitDeadlines } from '#core/streams/permit/permit-deadlines'
import type { Permit, PermitCommand, PermitEvent } from '#core/streams/permit/permit'
import { EXTINGUISHER, REQUEST, contextAt, PEOPLE } from './permit-world'

/** One step of a random life: somebody does something some minutes later, or the clock fires what is due. */
interface Step {
  readonly afterMin: number
  readonly by: string
  readonly command: PermitCommand
  readonly isSigned: boolean
  readonly lateMin: number
}

const START = Date.parse('2026-11-24T08:00:00.000Z')
const iso = (minutes: number): string => new Date(START + minutes * 60_000).toISOString()
const person = fc.constantFrom(...PEOPLE.map(({ personId }) => personId))

const command: fc.Arbitrary<PermitCommand> = fc.oneof(
  { weight: 4, arbitrary: fc.constant<PermitCommand>({ type: 'permit.round', payload: {} }) },
  { weight: 2, arbitrary: fc.constant<PermitCommand>({ type: 'permit.take-post', payload: {} }) },
  { weight: 2, arbitrary: fc.constant<PermitCommand>({ type: 'permit.start-work', payload: {} }) },
  { weight: 1, arbitrary: fc.constant<PermitCommand>({ type: 'permit.leave-post', payload: {} }) },
  { weight: 1, arbitrary: person.map((relievedId): PermitCommand => ({ type: 'permit.relieve', payload: { relievedId } })) },
  {
    weight: 1,
    arbitrary: fc.constantFrom<PermitCommand>(
      { type: 'permit.stop', payload: { cause: 'wind' } },
      { type: 'permit.call-help', payload: {} },
    ),
  },
  { weight: 2, arbitrary: fc.constant<PermitCommand>({ type: 'permit.resume', payload: { cleared: 'calm again' } }) },
  { weight: 1, arbitrary: fc.constant<PermitCommand>({ type: 'permit.end-work', payload: {} }) },
  { weight: 1, arbitrary: fc.constant<PermitCommand>({ type: 'permit.report-arc', payload: { place: REQUEST.place } }) },
  {
    weight: 1,
    arbitrary: fc.constantFrom<PermitCommand>(
      { type: 'permit.revoke', payload: { reason: 'no' } },
      { type: 'permit.refuse', payload: { reason: 'no' } },
      { type: 'permit.extend', payload: { untilAt: iso(300) } },
      { type: 'permit.take-over', payload: {} },
    ),
  },
  {
    weight: 2,
    arbitrary: fc.constant<PermitCommand>({
      type: 'permit.authorise',
      payload: { watcherIds: ['hedda'], secondChannel: 'radio 2', nearSeen: [] },
    }),
  },
  {
    weight: 2,
    arbitrary: fc.constantFrom<PermitCommand>(
      { type: 'permit.close', payload: {} },
      { type: 'permit.read-gas', payload: { lelPercent: 0, oxygenPercent: 20.9, instrument: 'GD-1', point: 'low' } },
      { type: 'permit.read-gas', payload: { lelPercent: 12, oxygenPercent: 20.9, instrument: 'GD-1', point: 'low' } },
    ),
  },
)
const step = fc.record({
  afterMin: fc.integer({ min: 0, max: 25 }),
  by: person,
  command,
  isSigned: fc.boolean(),
  lateMin: fc.constantFrom(0, 0, 0, 0, 3, 40),
})

interface Life {
  readonly permit: Permit | null
  readonly events: readonly PermitEvent[]
  readonly trail: readonly {
    readonly nowMin: number
    readonly before: Permit | null
    readonly events: readonly PermitEvent[]
    readonly after: Permit | null
    readonly kit: boolean
  }[]
}

/** Lives a life: before each step every deadline that has come is fired, as the worker does. */
function live(steps: readonly Step[]): Life {
  let permit: Permit | null = null
  let nowMin = 0
  const events: PermitEvent[] = []
  const trail: { nowMin: number, before: Permit | null, events: readonly PermitEvent[], after: Permit | null, kit: boolean }[] = []
  const apply = (given: PermitCommand, by: string, atMin: number, isSigned: boolean) => {
    const decided = decidePermit(permit, given, contextAt({ at: iso(atMin), now: iso(nowMin), by, isSigned }))
    if (isRefused(decided)) return
    const before = permit
    permit = decided.events.reduce(evolvePermit, permit)
    events.push(...decided.events)
    trail.push({ nowMin, before, events: decided.events, after: permit, kit: true })
  }
  const fire = () => {
    for (let guard = 0; permit && guard < 200; guard++) {
      const due = permitDeadlines(permit).filter(({ dueAt }) => dueAt <= iso(nowMin)).toSorted((a, b) => a.dueAt < b.dueAt ? -1 : 1)[0]
      if (!due) return
      const before: number = events.length
      apply({ type: 'permit.fall-due', payload: { what: due.kind, dueAt: due.dueAt } }, 'clock', nowMin, false)
      expect(events.length, `${due.kind} changes something, or it would be due for ever`).toBeGreaterThan(before)
    }
  }
  apply({ type: 'permit.request', payload: REQUEST }, 'kit', 0, false)
  for (const { id } of permit!.plan.precautions) apply({ type: 'permit.see-to', payload: { precaution: id, how: 'done' } }, 'kit', 0, false)
  for (const { afterMin, by, command: given, isSigned, lateMin } of steps) {
    nowMin += afterMin
    fire()
    apply(given, by, Math.max(0, nowMin - lateMin), isSigned)
  }
  for (let more = 0; more < 60; more++) {
    nowMin += 10
    fire()
  }
  return { permit, events, trail }
}

const RUNS = Number(process.env.PERMIT_RUNS ?? 2000)
const lives = fc.array(step, { maxLength: 40 })
const check = (holds: (life: Life) => void) => fc.assert(fc.property(lives, steps => holds(live(steps))), { numRuns: RUNS / 4 })

describe('a permit\'s life, whatever happens in it', () => {
  it('no work begins or goes on again without an authoriser, enough watchers on post, and time left', () => check(({ trail }) => {
    for (const { before, after, events, nowMin } of trail) {
      if (!events.some(({ type }) => type === 'work-started' || type === 'work-resumed') || after!.phase !== 'working') continue
      expect(before!.authorisedBy).not.toBeNull()
      expect(before!.request.operatorIds).not.toContain(before!.authorisedBy)
      expect(after!.posts.length).toBeGreaterThanOrEqual(after!.plan.watchers)
      expect(after!.untilAt > iso(nowMin)).toBe(true)
    }
  }))
  it('nothing that burned ends before its watch has lasted, with cover, after the last arc', () => check(({ trail, events }) => {
    let lastArc = ''
    for (const { before, after, events: now } of trail) {
      for (const event of now) {
        if (event.type === 'arc-reported' || event.type === 'arc-found' || event.type === 'work-ended')
          lastArc = lastArc > event.payload.at ? lastArc : event.payload.at
      }
      if (now.some(({ type }) => type === 'watch-over')) {
        expect(Date.parse(after!.watchOverAt!) - Date.parse(before!.watchFrom!)).toBeGreaterThanOrEqual(before!.plan.afterMin * 60_000)
        expect(before!.watchFrom! >= lastArc).toBe(true)
        expect(isCovered(before!)).toBe(true)
      }
      if (before?.firstArcAt && before.phase !== after?.phase && hasEnded(after!.phase)) {
        expect([before.phase, after!.phase]).toEqual(['monitoring', 'closed'])
        expect(events.some(({ type }) => type === 'watch-over')).toBe(true)
      }
    }
  }))
  it('an arc without a live permit is recorded, stops the place and starts the full watch', () => check(({ trail }) => {
    for (const { before, after, events: now } of trail) {
      const arc = now.find(event => event.type === 'arc-reported')
      if (!arc || before!.phase === 'working') continue
      expect(arc.payload).toMatchObject({ underPermit: false })
      expect(after!.phase).toBe('watch')
      expect(after!.watchFrom! >= (arc.payload as { at: string }).at).toBe(true)
    }
  }))
  it('replay equals state, and only people on post are heard', () => check(({ permit, events }) => {
    expect(events.reduce(evolvePermit, null)).toEqual(permit)
    expect(new Set(permit!.posts.map(({ personId }) => personId)).size).toBe(permit!.posts.length)
    for (const { personId } of permit!.posts) expect(permit!.request.operatorIds).not.toContain(personId)
  }))
})

it('the world of these lives lets a permit be worked to its end', () => {
  const walk = (type: PermitCommand['type'], payload: object, by: string, afterMin: number): Step => ({
    afterMin,
    by,
    command: { type, payload } as PermitCommand,
    isSigned: true,
    lateMin: 0,
  })
  const rounds = (count: number): readonly Step[] => Array.from({ length: count }, () => walk('permit.round', {}, 'hedda', 14))
  const { permit } = live([
    walk('permit.authorise', { watcherIds: ['hedda'], secondChannel: 'radio 2', nearSeen: [] }, 'oskar', 1),
    walk('permit.take-post', {}, 'hedda', 1),
    walk('permit.start-work', {}, 'kit', 1),
    ...rounds(3),
    walk('permit.end-work', {}, 'kit', 2),
    ...rounds(5),
    ...Array.from({ length: 8 }, () => walk('permit.round', {}, 'hedda', 24)),
    ...(['ducts-conveyors', 'detectors-isolated'] as const).map(precaution => walk('permit.restore', { precaution }, 'kit', 1)),
    walk('permit.close', {}, 'oskar', 20),
  ])
  expect(permit!.phase).toBe('closed')
  expect(NEW_SITE_RULES.watchAfterMin).toBe(60)
  expect(EXTINGUISHER.mayUse).toBe(true)
})
