import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { evolveStation, EMPTY_STATION, upcastStation } from '#core/station/station'
import { NEW_SITE_RULES, upcastHouseRules } from '#core/houserules/house-rules'
import { evolveSite, NO_SITE } from '#core/site/site'
import type { SiteEvent } from '#core/site/site'
import { evolvePerson, NOBODY } from '#core/person/person'
import type { PersonEvent } from '#core/person/person'

interface Landed { readonly type: string, readonly version: number, readonly payload: unknown }
const upcast = ({ type, version, payload }: Landed) => upcastStation(type, version, payload)

/** Events as they were first landed, never edited: every later program must still fold them. */
const frozen = JSON.parse(readFileSync(new URL('./frozen-events-v1.json', import.meta.url), 'utf8')) as { station: Landed[], site: SiteEvent[], person: PersonEvent[] }

it('folds the station events of version 1', () => {
  const station = frozen.station.map(upcast).reduce(evolveStation, EMPTY_STATION)
  expect(station).toMatchObject({
    personId: 'imke-tarrow', job: { process: 'smaw', currentA: 165 }, helmet: { shade: 12 }, glasses: null, helmetCheck: null, stop: null,
    gates: { job: { state: 'open' } }, recentJobs: [{ process: 'smaw' }, { process: 'gmaw' }],
  })
  expect(Object.keys(station.zones)).toEqual([])
  // A job landed before days were kept belongs to no known day.
  expect(station).toMatchObject({ jobValidUntil: null, earlierJobs: [] })
})
it('folds the station and house-rule events of version 2', () => {
  const second = JSON.parse(readFileSync(new URL('./frozen-events-v2.json', import.meta.url), 'utf8')) as { station: Landed[], houseRules: Landed[] }
  const station = second.station.map(upcast).reduce(evolveStation, EMPTY_STATION)
  expect(station).toMatchObject({
    job: { process: 'smaw' }, earlierJobs: [{ job: { process: 'gmaw' } }], hoodPosition: { placement: 'beside', distanceM: 0.2 }, extractionCheck: { on: true, draws: true },
  })
  expect(second.houseRules.map(({ version, payload }) => upcastHouseRules(version, payload).payload)).toEqual([
    { ...NEW_SITE_RULES, shadeMinimum: 10, units: 'us' }, { ...NEW_SITE_RULES, exposureBasis: 'us-ca', shiftHours: 10 },
  ])
})
it('folds the site and person events of version 1', () => {
  expect(frozen.site.reduce(evolveSite, NO_SITE)).toMatchObject({ name: 'Fenmarsh Lockworks', bays: [{ label: '1', closed: true }] })
  expect(frozen.person.reduce(evolvePerson, NOBODY)).toMatchObject({ name: 'Imke Tarrow', roles: ['welder'], pinSet: true, hasLeft: true, bayId: null })
})
