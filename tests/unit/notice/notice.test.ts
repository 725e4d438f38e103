import { describe, expect, it } from 'vitest'
import { finding } from '#core/findings/finding'
import type { Notice } from '#core/streams/notice/notice'
import { decideNotice, evolveNotice, whoHears } from '#core/streams/notice/notice'
import { decidePlace, evolvePlace } from '#core/streams/place/place'
import type { PlaceEvent } from '#core/streams/place/place'
import { mayDo } from '#core/rights/rights'
import { shownTag, TAG_PATTERN, tagIdOf } from '#core/ids/tag'

const people = [
  { personId: 'lead', roles: ['safety-lead'], areaId: null },
  { personId: 'jun', roles: ['store-keeper'], areaId: null },
  { personId: 'maren', roles: ['instructor'], areaId: null },
  { personId: 'far', roles: ['instructor'], areaId: 'other' },
  { personId: 'imke', roles: ['learner'], areaId: null },
  { personId: 'sol', roles: ['learner'], areaId: null },
] as const

describe('who is told', () => {
  it('whoever stands there, the instructors of the area, leads and store keepers; not whoever did it', () => {
    expect(whoHears(people, { personIds: ['imke'], areaIds: ['gate'] }, 'jun')).toEqual([
      { personId: 'lead', as: 'safety-lead' },
      { personId: 'maren', as: 'instructor' },
      { personId: 'imke', as: 'at-bay' },
    ])
    expect(whoHears(people, { personIds: [], areaIds: ['other'] }, null).map(({ personId }) => personId)).toEqual([
      'lead',
      'jun',
      'maren',
      'far',
    ])
  })
  it('a thing at no bay concerns no instructor', () =>
    expect(whoHears(people, { personIds: [], areaIds: [] }, 'lead').map(({ personId }) => personId)).toEqual(['jun']))
  it('told is seen once, by oneself', () => {
    const given = evolveNotice(null, {
      type: 'notice-given',
      version: 1,
      payload: {
        what: finding('hold', 'kit.tag-unknown', { tag: 'X-1' }),
        about: 'item/x-1',
        bayIds: [],
        to: [{ personId: 'jun', as: 'store-keeper' }],
        givenAt: '2026-11-24T10:00:00.000Z',
      },
    })!
    const see = (notice: Notice | null, personId: string | null, at: string) => decideNotice(notice, 'n', { personId, at })
    expect(see(given, 'imke', '2026-11-24T10:01:00.000Z')).toEqual({ events: [] })
    const seen = see(given, 'jun', '2026-11-24T10:01:00.000Z')
    const after = 'events' in seen ? seen.events.reduce(evolveNotice, given) : null
    expect(after?.seenAt).toEqual({ jun: '2026-11-24T10:01:00.000Z' })
    expect(see(after, 'jun', '2026-11-24T11:00:00.000Z')).toEqual({ events: [] })
    expect(see(null, 'jun', '2026-11-24T11:00:00.000Z')).toHaveProperty('refused')
    expect(see(given, null, '2026-11-24T11:00:00.000Z')).toHaveProperty('refused')
  })
})

describe('places and tags', () => {
  it('a place is described before anything is laid out in it, and keeps its layout when described anew', () => {
    const DESCRIBED = { name: 'Cage', level: 0, xM: 0, yM: 0, widthM: 6, depthM: 4, room: null }
    const store = { barriers: [], combustibles: [] }
    expect(decidePlace(null, 'cage', { type: 'place.lay-out-store', payload: { store } })).toHaveProperty('refused')
    const events: PlaceEvent[] = [
      { type: 'place-described', version: 1, payload: DESCRIBED },
      { type: 'store-laid-out', version: 1, payload: { store } },
      { type: 'place-described', version: 1, payload: { ...DESCRIBED, widthM: 8 } },
    ]
    expect(events.reduce(evolvePlace, null)).toEqual({ ...DESCRIBED, widthM: 8, store })
  })
  it('capitals and blanks make no other tag; anything else is none', () => {
    expect([tagIdOf(' Fa-3 '), shownTag('fa-3')]).toEqual(['fa-3', 'FA-3'])
    for (const wrong of ['', '-3', 'fa 3', 'fa/3', 'ä-1', 'x'.repeat(25)]) expect(TAG_PATTERN.test(wrong), wrong).toBe(false)
  })
})

describe('who may, at the store', () => {
  const holder = (role: 'learner' | 'instructor' | 'store-keeper' | 'auditor' | 'fire-watch') => ({
    roles: [role],
    areaId: null,
    bayId: 'bay-1',
  })
  it('a learner looks at their own bay\'s things only; an auditor at none', () => {
    expect([
      mayDo(holder('learner'), 'inspect', { bayId: 'bay-1', areaId: 'a' }),
      mayDo(holder('learner'), 'inspect', { bayId: 'bay-2', areaId: 'a' }),
      mayDo(holder('learner'), 'inspect', { bayId: null, areaId: null }),
    ]).toEqual([true, false, false])
    expect(mayDo(holder('auditor'), 'inspect')).toBe(false)
  })
  it('the store keeper keeps the store, an instructor uses it', () => {
    for (const right of ['keep-store', 'use-gas', 'assign-kit', 'inspect'] as const)
      expect(mayDo(holder('store-keeper'), right), right).toBe(true)
    expect([
      mayDo(holder('instructor'), 'use-gas'),
      mayDo(holder('instructor'), 'keep-store'),
      mayDo(holder('fire-watch'), 'use-gas'),
    ]).toEqual([true, false, false])
  })
})
