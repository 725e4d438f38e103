import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { evolveCylinder, upcastCylinder } from '#core/streams/cylinder/cylinder'
import type { CylinderEvent } from '#core/streams/cylinder/cylinder'
import { evolveSheets, NO_SHEETS, sheetFor, upcastSheets } from '#core/streams/fume-sheets/fume-sheets'
import { evolveCheckLists, NO_OWN_LISTS } from '#core/streams/check-lists/check-lists'
import type { CheckListsEvent } from '#core/streams/check-lists/check-lists'
import { evolvePermit } from '#core/streams/permit/evolve-permit'
import type { PermitEvent } from '#core/streams/permit/permit'
import { upcastPermit } from '#core/streams/permit/permit'
import { evolveKitItem } from '#core/streams/kit-item/kit-item'
import type { KitItemEvent } from '#core/streams/kit-item/kit-item'
import { evolveHall, NO_HALL } from '#core/streams/hall/hall'
import type { HallEvent } from '#core/streams/hall/hall'
import { evolveNotice } from '#core/streams/notice/notice'
import type { NoticeEvent } from '#core/streams/notice/notice'
import { evolvePlace } from '#core/streams/place/place'
import type { PlaceEvent } from '#core/streams/place/place'
import { evolveStation, EMPTY_STATION, upcastStation } from '#core/streams/station/station'
import { NEW_SITE_RULES, upcastHouseRules } from '#core/streams/house-rules/house-rules'
import { evolveMonitor } from '#core/streams/monitor/monitor'
import type { Monitor, MonitorEvent } from '#core/streams/monitor/monitor'
import { evolveSite, NO_SITE, upcastSite } from '#core/streams/site/site'
import type { SiteEvent } from '#core/streams/site/site'
import { evolvePerson, NOBODY, upcastPerson } from '#core/streams/person/person'
import type { PersonEvent } from '#core/streams/person/person'
import { evolveDayPlans, NO_DAY_PLANS } from '#core/streams/day-plans/day-plans'
import type { DayPlansEvent } from '#core/streams/day-plans/day-plans'
import { EMPTY_WARDROBE, evolveWardrobe } from '#core/streams/wardrobe/wardrobe'
import type { WardrobeEvent } from '#core/streams/wardrobe/wardrobe'
import { payloadSchemas } from '#shared/contract/command-schemas'

interface Landed { readonly type: string, readonly version: number, readonly payload: unknown }
const upcast = ({ type, version, payload }: Landed) => upcastStation(type, version, payload)

/** Events as they were first landed, never edited: every later program must still fold them. */
const frozen = JSON.parse(readFileSync(new URL('./frozen-events-v1.json', import.meta.url), 'utf8')) as {
  station: Landed[]
  site: SiteEvent[]
  person: PersonEvent[]
}

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
  const second = JSON.parse(readFileSync(new URL('./frozen-events-v2.json', import.meta.url), 'utf8')) as {
    station: Landed[]
    houseRules: Landed[]
  }
  const station = second.station.map(upcast).reduce(evolveStation, EMPTY_STATION)
  expect(station).toMatchObject({
    job: { process: 'smaw' },
    earlierJobs: [{ job: { process: 'gmaw' } }],
    hoodPosition: { placement: 'beside', distanceM: 0.2 },
    extractionCheck: { on: true, draws: true },
  })
  expect(second.houseRules.map(({ version, payload }) => upcastHouseRules(version, payload).payload)).toEqual([
    { ...NEW_SITE_RULES, shadeMinimum: 10, units: 'us' }, { ...NEW_SITE_RULES, exposureBasis: 'us-ca', shiftHours: 10 },
  ])
})
it('folds the site and person events of version 1', () => {
  expect(frozen.site.reduce(evolveSite, NO_SITE)).toMatchObject({ name: 'Fenmarsh Lockworks', bays: [{ label: '1', closed: true }] })
  expect(frozen.person.reduce(evolvePerson, NOBODY)).toMatchObject({
    name: 'Imke Tarrow',
    roles: ['welder'],
    pinSet: true,
    hasLeft: true,
    bayId: null,
  })
})
it('folds the events of things, cylinders, places, lists and notices as they first landed', () => {
  const third = JSON.parse(readFileSync(new URL('./frozen-events-v3.json', import.meta.url), 'utf8')) as {
    item: KitItemEvent[]
    cylinder: CylinderEvent[]
    place: PlaceEvent[]
    checkLists: CheckListsEvent[]
    notice: NoticeEvent[]
    person: PersonEvent[]
    station: Landed[]
    houseRules: Landed[]
  }
  expect(third.item.reduce(evolveKitItem, null)).toEqual({
    tag: 'FA-3',
    kind: 'flashback-arrestor',
    name: 'Arrestor, acetylene',
    marks: {},
    assignment: { to: 'bay', id: 'bay-10', alsoIds: ['bay-11'] },
    taggedOut: null,
    isRetired: false,
    lastEventAt: '2026-11-24T08:00:00.000Z',
    lists: {
      'flashback-arrestor.before-use': { passedOn: null, eventsSince: ['repaired', 'dropped'], doneAt: '2026-11-24T08:00:00.000Z' },
      'flashback-arrestor.yearly': { passedOn: '2026-11-24', eventsSince: ['dropped'], doneAt: '2026-11-24T08:00:00.000Z' },
    },
  })
  expect(
    third.cylinder.map(({ type, version, payload }) => upcastCylinder(type, version, payload)).reduce(evolveCylinder, null),
  ).toMatchObject({
    tag: 'AC-7',
    tareKg: 79,
    isConnected: false,
    isEmpty: true,
    isReturned: true,
    standing: null,
    hasSettled: true,
    danger: null,
    taggedOut: null,
    leakTest: null,
    deliveryKPa: null,
    reading: { by: 'weight', grossKg: 88 },
  })
  expect(third.place.reduce(evolvePlace, null)).toMatchObject({ name: 'Cage', store: { barriers: [{ name: 'Wall' }] } })
  expect(third.checkLists.reduce(evolveCheckLists, NO_OWN_LISTS)).toMatchObject({
    versions: { 'hose.yard': [{ version: 1 }] },
    dropped: ['hose.before-use'],
  })
  expect(third.notice.reduce(evolveNotice, null)).toMatchObject({ about: 'item/fa-3', seenAt: { jun: '2026-11-24T08:00:00.000Z' } })
  expect(third.person.reduce(evolvePerson, NOBODY).competences).toEqual(['regulator', 'cylinder'])
  expect(third.station.map(upcast).reduce(evolveStation, EMPTY_STATION).handover).toMatchObject({
    answers: { 'floor-swept': false },
    by: 'imke-tarrow',
  })
  expect(third.houseRules.map(({ version, payload }) => upcastHouseRules(version, payload).payload)).toMatchObject([
    { settlingRule: 'one-day', pastDueHolds: true, weekEndsOn: 6 },
  ])
})
it('folds the events of permits, fire checks and rules of hot work as they first landed', () => {
  const fourth = JSON.parse(readFileSync(new URL('./frozen-events-v4.json', import.meta.url), 'utf8')) as {
    permit: PermitEvent[]
    permitEnds: PermitEvent[]
    arc: PermitEvent[]
    station: Landed[]
    houseRules: Landed[]
  }
  const closed = fourth.permit.map(({ type, version, payload }) => upcastPermit(type, version, payload)).reduce(evolvePermit, null)
  expect(closed).toMatchObject({
    phase: 'closed',
    authorisedBy: 'ada',
    secondChannel: 'radio 2',
    watchFrom: '2026-11-24T08:46:00.000Z',
    watchOverAt: '2026-11-24T09:46:00.000Z',
    restored: ['ducts-conveyors'],
    posts: [],
    watchers: [],
    help: { by: 'hedda' },
    gas: { isWithin: true },
    seenTo: { 'openings-covered': { how: 'justified', reason: 'not here' } },
    untilAt: '2026-11-24T13:00:00.000Z',
    endedAt: '2026-11-24T12:48:00.000Z',
  })
  const before = fourth.permit.slice(0, 1).reduce(evolvePermit, null)!
  expect(fourth.permitEnds.map(event => evolvePermit(before, event)!.phase)).toEqual(['refused', 'revoked', 'lapsed', 'requested'])
  expect(fourth.arc.reduce(evolvePermit, null)).toMatchObject({
    phase: 'watch',
    firstArcAt: '2026-11-24T08:00:00.000Z',
    plan: { watchers: 1, afterMin: 60 },
  })
  expect(fourth.station.map(upcast).reduce(evolveStation, EMPTY_STATION).fireCheck).toMatchObject({
    answers: { 'curtains-whole': false },
    by: 'maren',
  })
  expect(fourth.houseRules.map(({ version, payload }) => upcastHouseRules(version, payload).payload)).toMatchObject([
    { radiusRule: '15-m', watchAfterMin: 120, emergencyNumber: '999' },
  ])
})
it('folds what landed when late reports could not undo newer ones any more', () => {
  const fifth = JSON.parse(readFileSync(new URL('./frozen-events-v5.json', import.meta.url), 'utf8')) as {
    station: Landed[]
    person: Landed[]
    personFirst: Landed[]
    sheets: Landed[]
    sheetsFirst: Landed[]
    cylinder: Landed[]
    permit: Landed[]
  }
  expect(fifth.station.map(upcast).reduce(evolveStation, EMPTY_STATION)).toMatchObject({
    personId: 'imke-tarrow',
    job: null,
    hoodPosition: { placement: 'beside', distanceM: 0.2 },
    personSince: '2026-11-28T08:00:00.000Z',
    earlierJobs: [{ job: { fuelGas: 'acetylene' }, personId: 'imke-tarrow' }],
  })
  const people = (events: readonly Landed[]) =>
    events.map(({ type, version, payload }) => upcastPerson(type, version, payload)).reduce(evolvePerson, NOBODY)
  expect(people(fifth.person).shaven).toMatchObject({ isShaven: false, at: '2026-11-28T09:00:00.000Z' })
  expect(people(fifth.personFirst).shaven).toMatchObject({ isShaven: true, at: '2026-11-28T04:00:00.000Z' })
  const sheets = (events: readonly Landed[]) =>
    events.map(({ type, version, payload }) => upcastSheets(type, version, payload)).reduce(evolveSheets, NO_SHEETS)
  expect([sheetFor(sheets(fifth.sheets), 'gmaw', 'er70s-6')?.title, sheetFor(sheets(fifth.sheets), 'gtaw', 'er70s-6')]).toEqual([
    'Sheet 1',
    undefined,
  ])
  expect(sheets(fifth.sheetsFirst)).toEqual({})
  const third = JSON.parse(readFileSync(new URL('./frozen-events-v3.json', import.meta.url), 'utf8')) as { cylinder: Landed[] }
  const cylinder = [...third.cylinder.slice(0, 1), ...fifth.cylinder]
    .map(({ type, version, payload }) => upcastCylinder(type, version, payload))
    .reduce(evolveCylinder, null)
  expect(cylinder).toMatchObject({ deliveryKPa: 80, isEmpty: true, isTagWithdrawn: true, standing: null })
  const fourth = JSON.parse(readFileSync(new URL('./frozen-events-v4.json', import.meta.url), 'utf8')) as { permit: Landed[] }
  const [requested, closing] = [fourth.permit.slice(0, 1), fifth.permit]
  const permit = [...requested, ...closing]
    .map(({ type, version, payload }) => upcastPermit(type, version, payload))
    .reduce(evolvePermit, null)
  expect(permit).toMatchObject({ phase: 'closed', closing: { by: 'hedda', missedLooks: 2, reason: 'Looked now; all cold.' } })
})
it('folds what landed of groups, sign-offs, settled shades, eyes and body, helmets given out and walls', () => {
  const sixth = JSON.parse(readFileSync(new URL('./frozen-events-v6.json', import.meta.url), 'utf8')) as {
    person: PersonEvent[]
    item: KitItemEvent[]
    hall: HallEvent[]
    houseRules: Landed[]
  }
  expect(sixth.person.reduce(evolvePerson, NOBODY)).toMatchObject({
    group: 'Morning class',
    roles: ['learner', 'welder'],
    signOffs: { smaw: { isSignedOff: true, by: 'maren-holt' }, gtaw: { isSignedOff: false } },
    settled: [{ process: 'smaw', bandA: [160, 250], shade: 11 }, { process: 'ofc', bandA: null, shade: 4 }],
    care: { sha256: '0'.repeat(64) },
  })
  expect(sixth.item.reduce(evolveKitItem, null)).toMatchObject({ assignedAt: '2026-11-29T13:00:00.000Z', marks: { lensKind: 'auto' } })
  expect(sixth.hall.reduce(evolveHall, NO_HALL).bays['bay-12']).toMatchObject({ walls: 'pale' })
  expect(sixth.houseRules.map(({ version, payload }) => upcastHouseRules(version, payload).payload)).toEqual([
    { ...NEW_SITE_RULES, signOffRule: 'holds' },
  ])
})
it('folds what landed of clothes, of a laser\'s cell, of halls that were changed and papers that were told', () => {
  const seventh = JSON.parse(readFileSync(new URL('./frozen-events-v7.json', import.meta.url), 'utf8')) as {
    person: PersonEvent[]
    wardrobe: WardrobeEvent[]
    station: Landed[]
    houseRules: Landed[]
    site: SiteEvent[]
    kitItem: KitItemEvent[]
  }
  expect(seventh.site.reduce(evolveSite, NO_SITE)).toMatchObject({
    halls: [{ name: 'Long shed', size: { lengthM: 20 }, closed: true }],
    areas: [{ name: 'Benches', closed: false }],
    bays: [{ label: '1', closed: false }],
  })
  expect(seventh.kitItem.reduce(evolveKitItem, null)).toMatchObject({
    assignment: { to: 'bay', id: 'bay-1' },
    lists: { 'arc-machine.electrical': { passedOn: '2026-06-02', eventsSince: [] } },
  })
  expect(seventh.person.reduce(evolvePerson, NOBODY)).toMatchObject({
    outfit: { worn: [{ zone: 'legs', like: 'jeans' }], by: 'maren-holt' },
    loans: [],
    takenOff: { torso: '2026-11-30T11:00:00.000Z', arms: '2026-11-30T11:00:00.000Z' },
  })
  // Whoever comes next is in the cell as nobody told yet; the beam and what was looked over stay.
  expect(seventh.station.map(upcast).reduce(evolveStation, EMPTY_STATION).laserCell).toMatchObject({
    beam: { powerW: 1500 }, answers: { 'key-controlled': false }, present: [],
  })
  expect(seventh.wardrobe.reduce(evolveWardrobe, EMPTY_WARDROBE).lines).toMatchObject([{ wearable: 'jacket-treated', size: 'L', count: 2 }])
  expect(seventh.houseRules.map(({ version, payload }) => upcastHouseRules(version, payload).payload)).toEqual([
    { ...NEW_SITE_RULES, safetyToe: true, clothesRule: 'brought' },
  ])
})
it('folds what landed of labels of hearing protectors, of heat, and of a bay that was used again', () => {
  const eighth = JSON.parse(readFileSync(new URL('./frozen-events-v8.json', import.meta.url), 'utf8')) as {
    houseRules: Landed[]
    hall: HallEvent[]
    wardrobe: WardrobeEvent[]
    person: PersonEvent[]
    station: Landed[]
  }
  // One that came in late does not go before a newer one.
  expect(eighth.hall.reduce(evolveHall, NO_HALL).heat).toMatchObject({ warmth: { airC: 24 }, isEverybodyUsed: false })
  expect(eighth.houseRules.map(({ version, payload }) => upcastHouseRules(version, payload).payload)).toEqual([
    { ...NEW_SITE_RULES, protectorRule: 'by-kind' },
  ])
  expect(eighth.wardrobe.reduce(evolveWardrobe, EMPTY_WARDROBE).lines).toMatchObject([{ wearable: 'plugs', nrrDb: 32 }])
  expect(eighth.person.reduce(evolvePerson, NOBODY).outfit?.worn.map(({ nrrDb }) => nrrDb)).toEqual([32, 27])
  expect(eighth.person.reduce(evolvePerson, NOBODY).trainings).toMatchObject({ gtaw: { taughtBy: 'Maren Holt', nextOn: '2027-01-12' } })
  expect(eighth.station.map(upcast).reduce(evolveStation, EMPTY_STATION)).toMatchObject({
    fireCheck: null, placeSince: '2026-11-30T08:00:00.000Z',
  })
})
it('folds what landed of where a head is kept', () => {
  const ninth = JSON.parse(readFileSync(new URL('./frozen-events-v9.json', import.meta.url), 'utf8')) as { station: Landed[] }
  expect(ninth.station.map(upcast).reduce(evolveStation, EMPTY_STATION).job).toMatchObject({ process: 'gmaw', head: 'out-of-plume' })
})
it('folds what landed of more consumables, weeks and masks that are off', () => {
  const tenth = JSON.parse(readFileSync(new URL('./frozen-events-v10.json', import.meta.url), 'utf8')) as {
    station: Landed[]
    sheets: Landed[]
    houseRules: Landed[]
  }
  expect(tenth.station.map(upcast).reduce(evolveStation, EMPTY_STATION).job).toMatchObject({ consumable: 'e70c-6m' })
  const sheets = tenth.sheets.map(({ type, version, payload }) => upcastSheets(type, version, payload)).reduce(evolveSheets, NO_SHEETS)
  expect(sheetFor(sheets, 'smaw', 'own-sheet')).toMatchObject({ compositionPercent: { manganese: 6, cadmium: 0 } })
  expect(tenth.houseRules.map(({ version, payload }) => upcastHouseRules(version, payload).payload)).toEqual([
    { ...NEW_SITE_RULES, workDaysPerWeek: 6, maskWornShare: 0.9 },
  ])
})
it('folds what landed of keys that tell, and of instruments at bays', () => {
  const eleventh = JSON.parse(readFileSync(new URL('./frozen-events-v11.json', import.meta.url), 'utf8')) as {
    site: Landed[]
    monitor: MonitorEvent[]
  }
  const site = eleventh.site.map(({ type, version, payload }) => upcastSite(type, version, payload)).reduce(evolveSite, NO_SITE)
  expect(site.deviceKeys.map(({ keyId, purpose, isRevoked }) => [keyId, purpose, isRevoked])).toEqual([
    ['lamp', 'reads', false],
    ['gas', 'tells', false],
  ])
  expect(eleventh.monitor.slice(0, 3).reduce<Monitor | null>(evolveMonitor, null)).toMatchObject({
    isRemoved: false, heard: { highest: 1603.5 }, over: { bound: 'danger' }, silentSince: '2026-11-30T08:05:00.000Z',
  })
  expect(eleventh.monitor.reduce<Monitor | null>(evolveMonitor, null)?.isRemoved).toBe(true)
})
it('folds the ducts of version 12: a new flow of a hood was found with only its own damper open', () => {
  const { hall } = JSON.parse(readFileSync(new URL('./frozen-events-v12.json', import.meta.url), 'utf8')) as { hall: HallEvent[] }
  const foundWith = (count: number) => hall.slice(0, count).reduce(evolveHall, NO_HALL).ducts?.hoods.map(hood => hood.foundWith)
  expect([1, 2, 3, 4].map(foundWith)).toEqual([undefined, ['all-open'], ['own-open'], undefined])
  expect(hall.reduce(evolveHall, NO_HALL).bays['bay-1']!.extraction!.flowM3PerS).toBe(0.31)
})
it('folds how a hall is drawn, of version 13', () => {
  const { hall } = JSON.parse(readFileSync(new URL('./frozen-events-v13.json', import.meta.url), 'utf8')) as { hall: HallEvent[] }
  const drawn = { things: [{ kind: 'wall' }, { kind: 'blows-in' }], hoodsTowardsDeg: { 'bay-1': 270 } }
  expect(evolveHall(NO_HALL, hall[0]!).plan).toMatchObject(drawn)
  expect(hall.reduce(evolveHall, NO_HALL).plan).toBeNull()
})
it('folds a day of air and what changes cost, of version 14', () => {
  const { person } = JSON.parse(readFileSync(new URL('./frozen-events-v14.json', import.meta.url), 'utf8')) as { person: PersonEvent[] }
  expect(person.reduce(evolvePerson, NOBODY)).toMatchObject({ name: 'Runa Okafor', airKeptOn: '2026-11-30' })
  const { houseRules: [ruled] } = JSON.parse(readFileSync(new URL('./frozen-events-v14.json', import.meta.url), 'utf8')) as {
    houseRules: [Landed]
  }
  expect(upcastHouseRules(ruled.version, ruled.payload).payload).toEqual({ ...NEW_SITE_RULES, changeCosts: { distance: 1, flow: 600 } })
  // What is read of it is read from the event itself: today's schema still takes it.
  expect(payloadSchemas['person.keep-air'].safeParse(person[1]!.payload).success).toBe(true)
})
it('folds the days that were kept, of version 15', () => {
  const { dayPlans } = JSON.parse(readFileSync(new URL('./frozen-events-v15.json', import.meta.url), 'utf8')) as {
    dayPlans: DayPlansEvent[]
  }
  expect(dayPlans.slice(0, 2).reduce(evolveDayPlans, NO_DAY_PLANS).plans.map(({ name, bays }) => [name, bays.length])).toEqual([
    ['Monday', 2], ['Tuesday', 1],
  ])
  expect(dayPlans.reduce(evolveDayPlans, NO_DAY_PLANS).plans).toMatchObject([
    { name: 'Tuesday', bays: [{ bayId: 'bay-5', personId: null, job: { process: 'smaw', assumed: ['arcMinPerH'] } }] },
  ])
  expect(payloadSchemas['day-plan.keep'].safeParse(dayPlans[0]!.payload).success).toBe(true)
})
it('folds a laser\'s own beam, marks against it, and filters told by their tags, of version 16', () => {
  const { laser, eyewear, station } = JSON.parse(readFileSync(new URL('./frozen-events-v16.json', import.meta.url), 'utf8')) as {
    laser: KitItemEvent[]
    eyewear: KitItemEvent[]
    station: Landed[]
  }
  expect(laser.reduce(evolveKitItem, null)?.marks.laserBeam).toMatchObject({ powerW: 1500, convention: '1/e' })
  expect(eyewear.reduce(evolveKitItem, null)).toMatchObject({ kind: 'laser-eyewear', marks: { laserFilter: { od: 7, damageRating: 8 } } })
  expect(station.map(upcast).reduce(evolveStation, EMPTY_STATION).laserCell?.present).toMatchObject([
    { who: 'operator', eyewear: { tag: 'LE-1' }, helmet: { od: 7 } },
  ])
})

it('folds which way a laser points, and a barrier that is drawn for it, of version 17', () => {
  const { station, hall } = JSON.parse(readFileSync(new URL('./frozen-events-v17.json', import.meta.url), 'utf8')) as {
    station: Landed[]
    hall: HallEvent[]
  }
  expect(station.map(upcast).reduce(evolveStation, EMPTY_STATION).laserCell?.aim).toEqual({ towardsDeg: 270, piece: 'upright' })
  expect(hall.reduce(evolveHall, NO_HALL).plan?.things).toMatchObject([{ kind: 'laser-barrier', lengthM: 3 }])
})

it('folds who helps at a bay, how metal crosses an arc, and where the water stands, of version 18', () => {
  const { station } = JSON.parse(readFileSync(new URL('./frozen-events-v18.json', import.meta.url), 'utf8')) as { station: Landed[] }
  const { helpers, job } = station.map(upcast).reduce(evolveStation, EMPTY_STATION)
  expect(helpers).toMatchObject([{ personId: 'teo-marsh', untilAt: '2026-12-02T15:00:00.000Z' }])
  expect(job).toMatchObject({ transfer: 'spray', kerfWidthMm: 2, waterTable: 'touching', baseMetal: 'beryllium-copper' })
})

it('folds what was seen before the eyes of who helps of version 19', () => {
  const { station } = JSON.parse(readFileSync(new URL('./frozen-events-v19.json', import.meta.url), 'utf8')) as { station: Landed[] }
  expect(station.map(upcast).reduce(evolveStation, EMPTY_STATION).helpers).toMatchObject([
    { personId: 'teo-marsh', untilAt: null, eyes: { shade: 11, glasses: 'clear-rated' } },
  ])
})
