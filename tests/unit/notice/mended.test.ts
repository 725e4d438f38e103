import { describe, expect, it } from 'vitest'
import { finding } from '#core/findings/finding'
import type { Finding } from '#core/findings/finding'
import type { CylinderState } from '#core/streams/cylinder/cylinder'
import type { KitItem } from '#core/streams/kit-item/kit-item'
import { isMended } from '#core/streams/notice/mended'
import type { Permit } from '#core/streams/permit/permit'

const NOTHING = { item: null, cylinder: null, permit: null }
const GIVEN = '2026-11-27T09:00:00.000Z'
const told = (what: Finding) => ({ what, givenAt: GIVEN })
const item = (now: Partial<KitItem>) => ({ ...NOTHING, item: { taggedOut: null, isRetired: false, ...now } as KitItem })
const cylinder = (now: Partial<CylinderState>) => ({
  ...NOTHING,
  cylinder: { taggedOut: null, danger: null, isTagWithdrawn: false, ...now } as CylinderState,
})
const permit = (now: Partial<Permit>) => ({
  ...NOTHING,
  permit: { phase: 'working', suspension: null, coverLostAt: null, lastVisitAt: null, ...now } as Permit,
})

const out = finding('hold', 'kit.tagged-out', { tag: 'GR-2', checks: [], reason: 'guard' })
const unknown = finding('caution', 'kit.tag-unknown', { tag: 'X-1' })
const danger = finding('stop', 'cylinder.danger', { tag: 'A-7', danger: 'leak' })
const stopped = finding('stop', 'permit.stopped', { cause: 'round-overdue', where: 'Gate', by: null })
const revoked = finding('hold', 'permit.stopped', { cause: 'revoked', where: 'Gate', by: null })
const uncovered = finding('stop', 'permit.cover-missing', { where: 'Gate', sinceIso: GIVEN })
const missed = finding('hold', 'permit.visit-missed', { where: 'Gate' })
const outAgain = { taggedOut: { reason: 'again', checks: [] } }
const dangerous = { danger: { danger: 'leak', at: GIVEN } } as const
const suspended = { phase: 'suspended', suspension: { cause: 'wind', note: null, at: GIVEN, by: 'ada' } } as const

describe('what people were told stays until the thing itself says that it is put right', () => {
  it.each([
    ['nobody knows of such a thing', out, NOTHING],
    ['it is out', out, item(outAgain)],
    ['a cylinder is out', out, cylinder({ taggedOut: { reason: 'valve' } })],
    ['a cylinder is dangerous besides', out, cylinder(dangerous)],
    ['no thing wears the tag yet', unknown, NOTHING],
    // Registered, it is as sound as whoever registers it says: what was reported of the tag before stands in no one's sight but this.
    ['a thing was registered under the tag since', unknown, item({})],
    ['a cylinder came in under the tag since', unknown, cylinder({})],
    ['it is out for good: nobody put it right, and whoever had it takes another', out, item({ ...outAgain, isRetired: true })],
    ['it leaks', danger, cylinder(dangerous)],
    ['nobody knows of that cylinder', danger, NOTHING],
    ['work stands', stopped, permit(suspended)],
    ['the permit lapsed', stopped, permit({ phase: 'lapsed' })],
    ['it was revoked', stopped, permit({ phase: 'revoked' })],
    ['it was taken back, and the watch runs', revoked, permit({ phase: 'watch' })],
    ['no such permit is known', stopped, NOTHING],
    ['nobody watches', uncovered, permit({ coverLostAt: GIVEN })],
    ['nobody looked since', missed, permit({ phase: 'monitoring' })],
    ['the last look was before', missed, permit({ phase: 'monitoring', lastVisitAt: '2026-11-27T08:59:59.000Z' })],
    // As text this is later than what was given; as an instant it is not.
    ['the last look was before, told in another zone', missed, permit({ lastVisitAt: '2026-11-27T09:30:00.000+01:00' })],
    ['somebody called for help', finding('stop', 'permit.help-called', { where: 'Gate', name: '' }), permit({ phase: 'closed' })],
    ['an arc burned without a permit', finding('stop', 'permit.arc-without-permit', { where: 'Gate' }), permit({ phase: 'closed' })],
    ['a sign-in was reset', finding('caution', 'person.sign-in-reset', { name: 'Jun' }), NOTHING],
  ])('stays: %s', (_why, what, now) => expect(isMended(told(what), now)).toBe(false))

  it.each([
    ['it is in service again', out, item({})],
    ['the cylinder is released', out, cylinder({})],
    ['the leak is mended and released', danger, cylinder({})],
    ['work goes on', stopped, permit({})],
    ['the watch after it runs', stopped, permit({ phase: 'watch' })],
    ['somebody took the post', uncovered, permit({})],
    ['it is closed', uncovered, permit({ phase: 'closed', coverLostAt: GIVEN })],
    ['somebody looked since', missed, permit({ phase: 'monitoring', lastVisitAt: '2026-11-27T09:00:01.000Z' })],
    ['monitoring is over', missed, permit({ phase: 'closed' })],
  ])('goes: %s', (_why, what, now) => expect(isMended(told(what), now)).toBe(true))
})
