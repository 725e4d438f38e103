import type { CommandOf } from '#core/streams/commands'
import { connectingSteps, jointsFor } from '#core/cylinder/guided-steps'
import { planPermit } from '#core/hotwork/permit-plan'
import type { PermitRequest } from '#core/streams/permit/permit'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { listsFor } from '#core/inspection/built-in-lists'
import type { Answer, Check } from '#core/inspection/check-list'
import type { EquipmentKindId } from '#core/ids/vocabulary'
import type { KitItemMarks } from '#core/streams/kit-item/kit-item'
import type { Job } from '#core/job/job'
import { requiredOutfit } from '#core/ppe/required-outfit'
import type { SiteAsTold, Told } from '#core/site-facts/told-site'
import { FIRE_CHECKS } from '#core/ids/station-ids'
import {
  FUME_SHEETS_STREAM,
  SITE_STREAM,
  cylinderStream,
  hallStream,
  kitItemStream,
  permitStream,
  personStream,
  placeStream,
  stationStream,
} from '#core/ids/streams'

// A small invented shop in which nothing is left out: the boat shed of the yard with one TIG bay, and a spot on the lock gate
// under a permit. It is the example of the clearance endpoint, and what the tests take facts away from.

export const TWO_BAY_NOW = '2026-11-28T09:00:00.000Z'
const at = (minutes: number): string => new Date(Date.parse('2026-11-28T08:00:00.000Z') + minutes * 60_000).toISOString()
const daysAgo = (days: number): string => new Date(Date.parse('2026-11-28T12:00:00.000Z') - days * 86_400_000).toISOString()

export const TWO_BAY_RULES: HouseRules = { ...NEW_SITE_RULES, exposureBasis: 'us-legal' }

export const TIG_JOB: Job = {
  process: 'gtaw',
  currentA: 110,
  consumable: 'er4043',
  electrodeDiameterMm: 2.4,
  plateThicknessMm: 3,
  baseMetal: 'aluminium',
  coating: 'none',
  shieldingGas: 'argon',
  gasFlowLPerMin: 10,
  arcMinPerH: 8,
  position: 'flat',
  confinement: 'open',
  startsAt: '08:30',
  endsAt: '11:30',
  residue: 'none',
  container: 'not-a-container',
}
export const GATE_JOB: Job = {
  process: 'smaw',
  currentA: 120,
  consumable: 'e7018',
  electrodeDiameterMm: 3.2,
  plateThicknessMm: 10,
  baseMetal: 'mild-steel',
  coating: 'none',
  arcMinPerH: 3,
  position: 'vertical',
  confinement: 'open',
  startsAt: '08:30',
  endsAt: '10:30',
  residue: 'none',
  container: 'not-a-container',
}
export const GATE_REQUEST: PermitRequest = {
  place: { where: 'Lock gate 3, upstream leaf', placeId: 'lock-gate-3', bayId: 'gate-3' },
  facts: {
    level: 0,
    confined: false,
    otherSide: false,
    openLevels: 0,
    hiddenParts: 0,
    hardFloor: true,
    bulkCombustibles: false,
    combustiblePanel: false,
  },
  job: { what: 'Weld the heel post strap', process: 'smaw', currentA: 140, heightM: 1, workpiece: 'structure', metalFire: false },
  conditions: { sprinklers: 'none', windMPerS: 2 },
  operatorIds: ['kit-amari'],
  fromAt: at(0),
  untilAt: at(180),
}

const passing = (check: Check): Answer =>
  check.asks === 'yes-no' ? true : check.asks === 'choice' ? check.passing[0]! : (check.atMost ?? check.atLeast!)

/** One thing told by somebody, `isSigned` where a PIN stands behind it. */
const told = (by: string, when: string, stream: string, what: CommandOf, isSigned = false): Told => ({
  ...what,
  at: when,
  by,
  stream,
  ...(isSigned ? { isSigned } : {}),
})

/** A thing of a bay or a permit, looked at by every list of its kind: before use today, by the calendar some days ago. */
function thing(
  tag: string,
  kind: EquipmentKindId,
  name: string,
  assignment: Extract<CommandOf, { type: 'item.assign' }>['payload']['assignment'],
  marks: KitItemMarks = {},
): readonly Told[] {
  const stream = kitItemStream(tag)
  return [
    told('jun-pell', daysAgo(300), stream, { type: 'item.register', payload: { kind, name, marks } }),
    ...listsFor(kind)
      .filter(({ every }) => every.unit !== 'use')
      .map(({ id, version, checks }) =>
        told('oskar-fenn', daysAgo(3), stream, {
          type: 'item.inspect',
          payload: { listId: id, listVersion: version, answers: Object.fromEntries(checks.map(check => [check.id, passing(check)])) },
        }),
      ),
    told('jun-pell', daysAgo(2), stream, { type: 'item.assign', payload: { assignment } }),
    ...listsFor(kind)
      .filter(({ every }) => every.unit === 'use')
      .map(({ id, version, checks }) =>
        told('maren-holt', at(5), stream, {
          type: 'item.inspect',
          payload: { listId: id, listVersion: version, answers: Object.fromEntries(checks.map(check => [check.id, passing(check)])) },
        }),
      ),
  ]
}

function atBay(bayId: string, hallId: string, welder: string, job: Job, shade: number): readonly Told[] {
  const bay = stationStream(bayId)
  return [
    told('maren-holt', at(0), hallStream(hallId), {
      type: 'hall.tell-heat',
      payload: { warmth: { airC: 12, humidityPercent: 55, isInSun: false }, isEverybodyUsed: false },
    }),
    told('maren-holt', at(0), bay, { type: 'station.place-person', payload: { personId: welder } }),
    told('maren-holt', at(0), personStream(welder), { type: 'person.sign-off', payload: { process: job.process, isSignedOff: true } }),
    told('maren-holt', at(1), bay, { type: 'station.set-job', payload: { job } }),
    told(welder, at(6), bay, { type: 'station.set-helmet', payload: { shade } }),
    told('maren-holt', at(7), bay, { type: 'station.check-helmet', payload: { passed: true } }),
    told('maren-holt', at(7), bay, { type: 'station.check-glasses', payload: { kind: 'clear-rated' } }),
    told('maren-holt', at(8), bay, {
      type: 'station.check-outfit',
      payload: { zones: requiredOutfit(job).map(({ zone, requirement }) => ({ zone, requirement, passes: true })) },
    }),
  ]
}

const machine = (bayId: string, tool: EquipmentKindId): readonly Told[] => [
  ...thing(
    `m-${bayId}`,
    'arc-machine',
    'Machine',
    { to: 'bay', id: bayId },
    { ratedCurrentA: 220, ratedDutyPercent: 60, maxCurrentA: 250 },
  ),
  ...thing(`l-${bayId}`, 'welding-leads', 'Leads', { to: 'bay', id: bayId }, { leadLengthM: 10, leadAreaMm2: 50 }),
  ...thing(`t-${bayId}`, tool, 'Tool', { to: 'bay', id: bayId }),
  ...thing(`c-${bayId}`, 'work-clamp', 'Clamp', { to: 'bay', id: bayId }),
]

const permit = permitStream('gate-3-strap')

/**
 * The shop at nine in the morning. Bay 1 is clear to strike. The gate bay is under a permit with its watch on post.
 *
 * @param isWatchHeard the watch made its last round in time; without it the gate bay holds
 */
export const twoBayShop = (isWatchHeard: boolean): SiteAsTold => ({
  now: TWO_BAY_NOW,
  site: { name: 'Fenmarsh Lockworks', timeZone: 'Europe/London' },
  rules: TWO_BAY_RULES,
  wearers: [],
  screens: 2,
  told: [
    told('oskar-fenn', daysAgo(400), SITE_STREAM, { type: 'site.add-hall', payload: { hallId: 'boat-shed', name: 'Boat shed' } }),
    told('oskar-fenn', daysAgo(400), SITE_STREAM, { type: 'site.add-hall', payload: { hallId: 'lockside', name: 'Lockside' } }),
    told('oskar-fenn', daysAgo(400), SITE_STREAM, {
      type: 'site.add-area',
      payload: { areaId: 'tender-bays', hallId: 'boat-shed', name: 'Tender bays' },
    }),
    told('oskar-fenn', daysAgo(400), SITE_STREAM, {
      type: 'site.add-area',
      payload: { areaId: 'structures', hallId: 'lockside', name: 'On the structures' },
    }),
    told('oskar-fenn', daysAgo(400), SITE_STREAM, {
      type: 'site.add-bay',
      payload: { bayId: 'bay-1', areaId: 'tender-bays', label: '1', kind: 'designated' },
    }),
    told('oskar-fenn', daysAgo(400), SITE_STREAM, {
      type: 'site.add-bay',
      payload: { bayId: 'gate-3', areaId: 'structures', label: '3', kind: 'structure' },
    }),
    ...(
      [
        ['oskar-fenn', 'Oskar Fenn', 'safety-lead'],
        ['maren-holt', 'Maren Holt', 'instructor'],
        ['jun-pell', 'Jun Pell', 'store-keeper'],
        ['hedda-moss', 'Hedda Moss', 'permit-authoriser'],
        ['wim-askew', 'Wim Askew', 'fire-watch'],
        ['runa-okafor', 'Runa Okafor', 'learner'],
        ['kit-amari', 'Kit Amari', 'welder'],
      ] as const
    ).map(([personId, name, role]) =>
      told('oskar-fenn', daysAgo(390), personStream(personId), {
        type: 'person.add',
        payload: { name, roles: [role], areaId: null, bayId: null },
      }),
    ),
    told('oskar-fenn', daysAgo(380), hallStream('boat-shed'), {
      type: 'hall.describe',
      payload: {
        air: {
          isOpenAir: false,
          volumeM3: 2400,
          ceilingM: 5.5,
          supplyM3PerS: 3,
          outdoorShare: 1,
          filterEfficiency: 0,
          backgroundMgPerM3: 0,
          nearFieldRadiusM: 0.5,
          airSpeedMPerS: 0.15,
        },
      },
    }),
    told('oskar-fenn', daysAgo(380), hallStream('boat-shed'), {
      type: 'hall.fit-bay',
      payload: {
        bayId: 'bay-1',
        fitted: {
          xM: 3,
          yM: 3,
          extraction: {
            kind: 'arm',
            diameterM: 0.16,
            flanged: true,
            flowM3PerS: 0.25,
            flowFrom: 'traverse',
            returnsAir: false,
            filterEfficiency: 0,
          },
        },
      },
    }),
    told('oskar-fenn', daysAgo(380), hallStream('lockside'), {
      type: 'hall.describe',
      payload: {
        air: {
          isOpenAir: true,
          volumeM3: 20_000,
          ceilingM: 10,
          supplyM3PerS: 20,
          outdoorShare: 1,
          filterEfficiency: 0,
          backgroundMgPerM3: 0,
          nearFieldRadiusM: 0.5,
          airSpeedMPerS: 0.8,
        },
      },
    }),
    told('oskar-fenn', daysAgo(380), hallStream('lockside'), {
      type: 'hall.fit-bay',
      payload: { bayId: 'gate-3', fitted: { xM: 3, yM: 3, extraction: null } },
    }),
    told('jun-pell', daysAgo(370), placeStream('store'), {
      type: 'place.describe',
      payload: { name: 'Cylinder store', level: 0, xM: 40, yM: 0, widthM: 6, depthM: 4, room: null },
    }),
    told('jun-pell', daysAgo(370), placeStream('lock-gate-3'), {
      type: 'place.describe',
      payload: { name: 'Lock gate 3', level: 0, xM: 80, yM: 40, widthM: 6, depthM: 4, room: null },
    }),
    told('oskar-fenn', daysAgo(360), FUME_SHEETS_STREAM, {
      type: 'fume.enter-sheet',
      payload: {
        sheet: {
          process: 'gmaw',
          consumable: 'er70s-6',
          title: 'Sheet of the mild-steel wire',
          fumeGPerKg: 6,
          compositionPercent: { manganese: 6 },
        },
      },
    }),
    ...machine('bay-1', 'tig-torch'),
    ...thing('r-1', 'regulator', 'Argon regulator', { to: 'bay', id: 'bay-1' }),
    ...thing('x-1', 'extraction-arm', 'Arm', { to: 'bay', id: 'bay-1' }),
    ...thing(
      'ex-1',
      'extinguisher',
      'Powder',
      { to: 'bay', id: 'bay-1', distanceM: 6 },
      { extinguisherType: 'dry-chemical', extinguisherRating: '43A 233B C', madeOn: '2024-02-01' },
    ),
    ...machine('gate-3', 'electrode-holder'),
    told('jun-pell', daysAgo(1), cylinderStream('ar-1'), {
      type: 'cylinder.receive',
      payload: {
        gas: 'argon',
        owner: 'rented',
        stamps: 'DOT-3AA2400 / 4-18 / 4-23',
        waterVolumeL: 49,
        fullM3: 9.4,
        diameterM: 0.23,
        heightM: 1.5,
        lay: null,
        place: { placeId: 'store', xM: 41, yM: 1, isUpright: true, isSecured: true, isCapped: true },
      },
    }),
    ...atBay('bay-1', 'boat-shed', 'runa-okafor', TIG_JOB, 11),
    told('maren-holt', at(9), stationStream('bay-1'), { type: 'station.place-hood', payload: { placement: 'beside', distanceM: 0.2 } }),
    told('maren-holt', at(10), stationStream('bay-1'), {
      type: 'station.check-extraction',
      payload: { on: true, damperOpen: true, inPosition: true, draws: true },
    }),
    told('maren-holt', at(10), stationStream('bay-1'), {
      type: 'station.check-fire',
      payload: { answers: Object.fromEntries(FIRE_CHECKS.map(id => [id, true])) },
    }),
    told('maren-holt', at(11), cylinderStream('ar-1'), {
      type: 'cylinder.connect',
      payload: { bayId: 'bay-1', steps: connectingSteps('argon') },
    }),
    told('maren-holt', at(12), cylinderStream('ar-1'), {
      type: 'cylinder.test-joints',
      payload: { joints: Object.fromEntries(jointsFor('argon').map(joint => [joint, true])) },
    }),
    told('maren-holt', at(12), cylinderStream('ar-1'), {
      type: 'cylinder.read',
      payload: { by: 'pressure', gaugePressureKPa: 12_000, temperatureC: 15 },
    }),
    ...atBay('gate-3', 'lockside', 'kit-amari', GATE_JOB, 11),
    told('kit-amari', at(13), permit, { type: 'permit.request', payload: GATE_REQUEST }),
    ...planPermit(GATE_REQUEST, TWO_BAY_RULES).plan.precautions.map(({ id }) =>
      told('kit-amari', at(14), permit, { type: 'permit.see-to', payload: { precaution: id, how: 'done' } }),
    ),
    ...thing(
      'ex-2',
      'extinguisher',
      'Powder, on wheels',
      { to: 'bay', id: 'gate-3', distanceM: 4 },
      { extinguisherType: 'dry-chemical', extinguisherRating: '43A 233B C', madeOn: '2024-02-01' },
    ),
    told(
      'hedda-moss',
      at(16),
      permit,
      { type: 'permit.authorise', payload: { watcherIds: ['wim-askew'], secondChannel: 'radio 2', nearSeen: [] } },
      true,
    ),
    told('wim-askew', at(18), permit, { type: 'permit.take-post', payload: {} }),
    told('kit-amari', at(20), permit, { type: 'permit.start-work', payload: {} }),
    ...(isWatchHeard ? [32, 44, 58] : [32, 44]).map(minute =>
      told('wim-askew', at(minute), permit, { type: 'permit.round', payload: {} }),
    ),
  ],
})

export const TWO_BAY_SHOP: SiteAsTold = twoBayShop(false)
