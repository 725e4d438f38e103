import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { evolveStation, EMPTY_STATION } from '#core/station/station'
import type { StationEvent } from '#core/station/station'
import { evolveSite, NO_SITE } from '#core/site/site'
import type { SiteEvent } from '#core/site/site'
import { evolvePerson, NOBODY } from '#core/person/person'
import type { PersonEvent } from '#core/person/person'

/** Events as they were first landed, never edited: every later program must still fold them. */
const frozen = JSON.parse(readFileSync(new URL('./frozen-events-v1.json', import.meta.url), 'utf8')) as { station: StationEvent[], site: SiteEvent[], person: PersonEvent[] }

it('folds the station events of version 1', () => {
  const station = frozen.station.reduce(evolveStation, EMPTY_STATION)
  expect(station).toMatchObject({
    personId: 'imke-tarrow', job: { process: 'smaw', currentA: 165 }, helmet: { shade: 12 }, glasses: null, helmetCheck: null, stop: null,
    gates: { job: { state: 'open' } }, recentJobs: [{ process: 'smaw' }, { process: 'gmaw' }],
  })
  expect(Object.keys(station.zones)).toEqual([])
})
it('folds the site and person events of version 1', () => {
  expect(frozen.site.reduce(evolveSite, NO_SITE)).toMatchObject({ name: 'Fenmarsh Lockworks', bays: [{ label: '1', closed: true }] })
  expect(frozen.person.reduce(evolvePerson, NOBODY)).toMatchObject({ name: 'Imke Tarrow', roles: ['welder'], pinSet: true, hasLeft: true, bayId: null })
})
