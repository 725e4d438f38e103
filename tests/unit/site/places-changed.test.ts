import { describe, expect, it } from 'vitest'
import { placesChanged } from '#core/streams/site/places-changed'
import { decideSite, evolveSite, NO_SITE } from '#core/streams/site/site'
import type { Site, SiteCommand } from '#core/streams/site/site'
import { EMPTY_STATION, evolveStation } from '#core/streams/station/station'

const after = (site: Site, ...commands: readonly SiteCommand[]): Site => commands.reduce((known, command) => {
  const decided = decideSite(known, command)
  if (!('events' in decided)) throw new Error(JSON.stringify(decided))
  return decided.events.reduce(evolveSite, known)
}, site)
const SITE = after(NO_SITE,
  { type: 'site.open', payload: { name: 'Yard', timeZone: 'UTC' } },
  ...['shed', 'loft'].map((hallId): SiteCommand => ({ type: 'site.add-hall', payload: { hallId, name: hallId } })),
  ...['shed', 'loft'].map((areaId): SiteCommand => ({ type: 'site.add-area', payload: { areaId, hallId: areaId, name: areaId } })),
  ...['1', '2'].map((label): SiteCommand => ({
    type: 'site.add-bay', payload: { bayId: `bay-${label}`, areaId: 'shed', label, kind: 'designated' },
  })))
const bay = (over: object): SiteCommand =>
  ({ type: 'site.change-bay', payload: { bayId: 'bay-1', areaId: 'shed', label: '1', kind: 'designated', closed: false, ...over } })

describe('a bay that is not what it was', () => {
  it('used again, moved, or made another kind; not one that got another name or was only closed', () => {
    const closed = after(SITE, bay({ closed: true }))
    expect(placesChanged(SITE, closed)).toEqual([])
    expect(placesChanged(closed, after(closed, bay({})))).toEqual(['bay-1'])
    expect(placesChanged(SITE, after(SITE, bay({ areaId: 'loft' })))).toEqual(['bay-1'])
    expect(placesChanged(SITE, after(SITE, bay({ kind: 'structure' })))).toEqual(['bay-1'])
    expect(placesChanged(SITE, after(SITE, bay({ label: '1a' })))).toEqual([])
  })
  it('an area that goes to another hall takes its bays along; a new bay has nothing to be forgotten', () => {
    const moved = after(SITE, { type: 'site.change-area', payload: { areaId: 'shed', hallId: 'loft', name: 'shed', closed: false } })
    expect(placesChanged(SITE, moved)).toEqual(['bay-1', 'bay-2'])
    expect(placesChanged(NO_SITE, SITE)).toEqual([])
  })
})

describe('what was seen there before', () => {
  const [BEFORE, THEN, LATER, ENDS] = ['07:00', '08:00', '09:00', '23:00'].map(hour => `2026-11-30T${hour}:00.000Z`) as
    [string, string, string, string]
  const fire = (at: string) =>
    ({ type: 'fire-checked', version: 1, payload: { answers: {}, at, by: 'maren', validUntil: ENDS } }) as const
  const hood = (at: string) => ({ type: 'hood-placed', version: 2, payload: { placement: 'beside', distanceM: 0.2, at } }) as const
  const draws = (at: string) => ({
    type: 'extraction-checked', version: 1, payload: { on: true, damperOpen: true, inPosition: true, draws: true, at, validUntil: ENDS },
  }) as const
  const changed = { type: 'place-changed', version: 1, payload: { at: THEN } } as const
  const NOTHING = { hoodPosition: null, extractionCheck: null, fireCheck: null, laserCell: null }
  it('is forgotten, and does not come back with a report that arrives late', () => {
    const seen = [hood(BEFORE), draws(BEFORE), fire(BEFORE)]
    expect([...seen, changed].reduce(evolveStation, EMPTY_STATION)).toMatchObject(NOTHING)
    expect([changed, ...seen].reduce(evolveStation, EMPTY_STATION)).toMatchObject(NOTHING)
  })
  it('what is seen there since counts', () =>
    expect([changed, hood(LATER), draws(LATER), fire(LATER)].reduce(evolveStation, EMPTY_STATION)).toMatchObject({
      hoodPosition: { placement: 'beside' }, extractionCheck: { draws: true }, fireCheck: { at: LATER },
    }))
})
