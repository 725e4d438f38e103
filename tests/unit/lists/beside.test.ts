import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Permit } from '#core/streams/permit/permit'
import { permitDeadlines } from '#core/streams/permit/permit-deadlines'
import { nextTurnAt } from '#core/streams/permit/permit-duties'
import { hasEnded } from '#core/streams/permit/permit-end'
import { shownPermit } from '#core/streams/permit/permit-fact'
import { NO_OWN_LISTS } from '#core/streams/check-lists/check-lists'
import type { KitItem } from '#core/streams/kit-item/kit-item'
import { ENDED_SHOWN, isWholeKit, isWholePermits, kitWith, KIT_ROWS, newest, permitsWith } from '#shared/beside'
import type { KitItemReading, KitReading, PermitRow, PermitsReading } from '#shared/contract/readings'

// What a list shows after one row was read by itself must be what the server would list, or the list must ask.

const [TODAY, UNTIL] = ['2026-11-23', '2026-12-07']
const itemOf = (tagId: string, isOut: boolean, isRetired: boolean): KitItem => ({
  tag: tagId.toUpperCase(),
  kind: 'hose',
  name: 'Hose',
  marks: {},
  assignment: null,
  taggedOut: isOut ? { reason: 'cut', checks: [] } : null,
  isRetired,
  lastEventAt: null,
  lists: {},
})
const rowOf = (tagId: string, version: number, isOut: boolean, isRetired: boolean, dueOn: string | null): KitItemReading => ({
  tagId,
  version,
  item: itemOf(tagId, isOut, isRetired),
  dueOn: isRetired ? null : dueOn,
})

/** As the tables list it: out by tag; due soonest first, what is due now before every date; retired nowhere. */
function listed(rows: readonly KitItemReading[]): KitReading {
  const here = rows.filter(({ item }) => !item.isRetired).toSorted((a, b) => (a.tagId < b.tagId ? -1 : 1))
  const key = ({ dueOn }: KitItemReading) => (dueOn === 'now' ? '0' : dueOn!)
  const due = here
    .filter(({ dueOn }) => dueOn !== null && (dueOn === 'now' || dueOn <= UNTIL))
    .toSorted((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0))
  const out = here.filter(({ item }) => item.taggedOut !== null)
  const late = due.filter(({ dueOn }) => dueOn === 'now' || dueOn! < TODAY).length
  return {
    today: TODAY,
    counts: { out: out.length, late, all: rows.length },
    out: out.slice(0, KIT_ROWS),
    due: due.slice(0, KIT_ROWS),
    lists: NO_OWN_LISTS,
    listsVersion: 0,
  }
}

const dueArb = fc.constantFrom('now', '2026-11-22', TODAY, '2026-12-01', UNTIL, '2026-12-08', null)
const stateArb = fc.tuple(fc.boolean(), fc.boolean(), dueArb)

describe('a list of kit beside an opened thing', () => {
  it('with that thing as it was read since is the list that would be read now', () => {
    fc.assert(
      fc.property(fc.array(stateArb, { minLength: 1, maxLength: 7 }), fc.nat(6), stateArb, (states, nth, [isOut, isRetired, dueOn]) => {
        const before = states.map(([out, retired, due], index) => rowOf(`h-${index}`, 3, out, retired, due))
        const changed = rowOf(`h-${nth % states.length}`, 4, isOut, isRetired, dueOn)
        const after = before.map(row => (row.tagId === changed.tagId ? changed : row))
        expect(kitWith(listed(before), { asOf: 10, untilDay: UNTIL }, { row: changed, asOf: 11 })).toEqual(listed(after))
      }),
    )
  })

  it('keeps what it has where the thing was read before it', () => {
    const [out, released] = [rowOf('h-1', 5, true, false, null), rowOf('h-1', 6, false, false, null)]
    const other = rowOf('h-2', 1, false, false, TODAY)
    // Tagged out when it was opened, released by somebody else since: the list that left it out knows more.
    expect(kitWith(listed([released, other]), { asOf: 20, untilDay: UNTIL }, { row: out, asOf: 12 })).toEqual(listed([released, other]))
    const same = rowOf('h-1', 5, false, false, null)
    expect(kitWith(listed([out]), { asOf: 20, untilDay: UNTIL }, { row: same, asOf: 30 })).toEqual(listed([out]))
  })

  it('asks where a page of it is full, and before the first thing is registered', () => {
    const many = Array.from({ length: KIT_ROWS + 1 }, (_, index) => rowOf(`h-${1000 + index}`, 1, index % 2 === 0, false, TODAY))
    const full = listed(many)
    expect(isWholeKit(full)).toBe(false)
    expect(kitWith(full, { asOf: 1, untilDay: UNTIL }, { row: rowOf('h-1000', 2, false, false, null), asOf: 2 })).toBe(full)
    expect(isWholeKit(listed([]))).toBe(false)
    expect(isWholeKit(listed(many.slice(0, 20)))).toBe(true)
  })
})

/** As far as a board orders them: what is due next of a permit that is asked for is its end. */
const permitOf = (untilAt: string, phase: Permit['phase'], endedAt: string | null) =>
  ({
    code: 'HW-TEST',
    token: 'secret',
    phase,
    fromAt: '2026-11-24T08:00:00.000Z',
    untilAt,
    endedAt,
    posts: [],
    rounds: [],
    watchers: [],
    visits: [],
    plan: { watchers: 1, precautions: [] },
    request: { untilAt },
  }) as unknown as Permit
const permitRow = (permitId: string, version: number, permit: Permit): PermitRow => ({ permitId, version, permit: shownPermit(permit) })
function board(rows: readonly PermitRow[]): PermitsReading {
  const turn = ({ permit }: PermitRow) => nextTurnAt(permitDeadlines({ ...permit, token: '' })) ?? '9999'
  const byId = rows.toSorted((a, b) => (a.permitId < b.permitId ? -1 : 1))
  return {
    live: byId.filter(({ permit }) => !hasEnded(permit.phase)).toSorted((a, b) => (turn(a) < turn(b) ? -1 : turn(a) > turn(b) ? 1 : 0)),
    ended: byId
      .filter(({ permit }) => hasEnded(permit.phase))
      .toSorted((a, b) => (a.permit.endedAt! < b.permit.endedAt! ? 1 : a.permit.endedAt! > b.permit.endedAt! ? -1 : 0))
      .slice(0, ENDED_SHOWN),
    screens: 2,
    next: null,
  }
}

describe('a board of permits beside an opened one', () => {
  const hours = fc.integer({ min: 10, max: 20 }).map(hour => `2026-11-24T${hour}:00:00.000Z`)
  const phases = fc.constantFrom<Permit['phase']>('requested', 'authorised', 'closed', 'lapsed')
  it('with that one as it was read since is the board that would be read now', () => {
    const permits = fc.array(fc.tuple(hours, phases, hours), { minLength: 1, maxLength: 5 })
    fc.assert(
      fc.property(permits, fc.nat(4), fc.tuple(hours, phases, hours), (states, nth, [untilAt, phase, endedAt]) => {
        const of = (until: string, now: Permit['phase'], ended: string) => permitOf(until, now, hasEnded(now) ? ended : null)
        const before = states.map(([until, now, ended], index) => permitRow(`p-${index}`, 2, of(until, now, ended)))
        const changed = permitRow(`p-${nth % states.length}`, 3, of(untilAt, phase, endedAt))
        const after = before.map(row => (row.permitId === changed.permitId ? changed : row))
        expect(permitsWith(board(before), { row: changed, asOf: 5 })).toEqual(board(after))
      }),
    )
  })

  it('keeps what it has where that is newer, or where it does not list it', () => {
    const old = permitRow('p-1', 2, permitOf('2026-11-24T12:00:00.000Z', 'requested', null))
    const now = permitRow('p-1', 3, permitOf('2026-11-24T13:00:00.000Z', 'requested', null))
    expect(permitsWith(board([now]), { row: old, asOf: 9 })).toEqual(board([now]))
    expect(permitsWith(board([]), { row: now, asOf: 9 })).toEqual(board([]))
    expect(isWholePermits(board([now]))).toBe(true)
    expect(isWholePermits({ ...board([now]), next: { after: 'p-1', afterTurn: null } })).toBe(false)
  })
})

it('a row is shown as the newer of two readings says', () => {
  expect(newest({ version: 2 }, undefined)).toEqual({ version: 2 })
  expect(newest({ version: 2 }, { row: { version: 1 }, asOf: 9 })).toEqual({ version: 2 })
  expect(newest({ version: 2 }, { row: { version: 3 }, asOf: 0 })).toEqual({ version: 3 })
})
