import type { AirFacts, StationAir } from '#core/air/air-facts'
import { airOf } from '#core/air/air-facts'
import { judgeAir } from '#core/clearance/air-gate'
import { personIn } from '#core/clearance/person-around'
import { NO_KIT } from '#core/clearance/kit-around'
import type { Extraction } from '#core/streams/hall/hall'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { Job } from '#core/job/job'
import type { KitItemFact } from '#core/inspection/kit-item-fact'
import type { MaskId } from '#core/ids/vocabulary'
import { MASKS } from '#core/ids/vocabulary'
import { EMPTY_STATION } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'

// A hall with one arm at each bay, and its Air gates.

export const NOW = '2026-03-02T09:00:00.000Z'
export const LATER = '2026-03-03T04:00:00.000Z'
export const RULES: HouseRules = { ...NEW_SITE_RULES, exposureBasis: 'us-ca' }
export const HALL = {
  isOpenAir: false,
  volumeM3: 2400,
  ceilingM: 5.5,
  supplyM3PerS: 3,
  outdoorShare: 1,
  filterEfficiency: 0,
  backgroundMgPerM3: 0,
  nearFieldRadiusM: 0.5,
  airSpeedMPerS: 0.15,
}
export const ARM: Extraction = {
  kind: 'arm',
  diameterM: 0.2,
  flanged: true,
  flowM3PerS: 1200 / 3600,
  flowFrom: 'traverse',
  returnsAir: false,
  filterEfficiency: 0,
}
export const STICK: Job = {
  process: 'smaw',
  currentA: 165,
  consumable: 'e7018',
  electrodeDiameterMm: 4,
  plateThicknessMm: 8,
  baseMetal: 'mild-steel',
  coating: 'none',
  position: 'flat',
  confinement: 'open',
  startsAt: '08:00',
  endsAt: '12:00',
  arcMinPerH: 5,
  residue: 'none',
  container: 'not-a-container',
}
export const CHECKED = { on: true, damperOpen: true, inPosition: true, draws: true, validUntil: LATER }
export const NEAR = { placement: 'beside', distanceM: 0.2 } as const
export const ready = (over: Partial<Station> = {}): Station => ({
  ...EMPTY_STATION,
  personId: 'imke',
  job: STICK,
  hoodPosition: NEAR,
  extractionCheck: CHECKED,
  ...over,
})

export function facts(
  stations: Readonly<Record<string, Station>>,
  over: Partial<AirFacts> & { readonly extraction?: Extraction | null } = {},
): AirFacts {
  const bays = Object.keys(stations).map(bayId => ({ bayId, areaId: 'area', label: bayId, kind: 'designated' as const, closed: false }))
  const extraction = over.extraction === undefined ? ARM : over.extraction
  return {
    site: { areas: [{ areaId: 'area', hallId: 'hall', name: 'Area' }], bays, timeZone: 'Europe/London' },
    rules: RULES,
    now: NOW,
    sheets: {},
    surveys: {},
    monitors: {},
    wearers: {},
    halls: { hall: { air: HALL, bays: Object.fromEntries(bays.map(({ bayId }) => [bayId, { xM: 0, yM: 0, extraction }])) } },
    stations: stations as Readonly<Record<string, StationAir>>,
    ...over,
  }
}
/** A mask of the register that may be used today: one of each kind for everybody. */
export const maskOf = (mask: MaskId, over: Partial<KitItemFact> = {}): KitItemFact => ({
  tag: `RP-${mask}`,
  kind: 'respirator',
  name: mask,
  marks: { mask },
  mayUse: true,
  findings: [],
  validUntil: LATER,
  seenAt: NOW,
  distanceM: null,
  ...over,
})
export function gateOf(stations: Readonly<Record<string, Station>>, bayId = 'one', over: Parameters<typeof facts>[1] = {}) {
  const known = facts(stations, over)
  const gate = judgeAir(
    stations[bayId]!,
    airOf(known)(bayId),
    NO_KIT,
    personId => personIn({ worn: { imke: MASKS.map(mask => maskOf(mask)) }, wearers: known.wearers, welders: {} }, personId),
    known.rules,
    NOW,
  )
  return { ...gate, codes: gate.findings.map(({ code }) => code) }
}
