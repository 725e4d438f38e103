import type { SiteFacts } from '#core/site-facts/site-facts'
import { NO_CARE, noFacts, welderOf } from '#core/site-facts/site-facts'
import type { Welder } from '#core/clearance/person-around'
import { needsOneDarker } from '#core/shade/care'
import { careRecord } from '#shared/contract/sign-in-schema'
import { respiratorOf } from '#core/respirator/respirators'
import type { Wearer } from '#core/respirator/wearer'
import { readyForTheDay, readyUntil } from '#core/respirator/wearer'
import type { MaskId } from '#core/ids/vocabulary'
import { dayEndsAfter } from '#core/streams/scene'
import type { Site } from '#core/streams/site/site'
import { NO_SITE } from '#core/streams/site/site'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { Station } from '#core/streams/station/station'
import type { Instant } from '#core/time/instant'
import { minutesAfter, stands } from '#core/time/instant'
import type { Queryable } from '../database/connection'
import { readHouseRules } from './house-rules'
import { SCREEN_HEARD_MIN } from './permit'
import { eachShaped, shapedAs } from './shaped'
import { readSite } from './site'
import {
  asCheckLists,
  asCylinder,
  asHall,
  asMonitor,
  asFitTest,
  asKitItem,
  asOutfit,
  asPermit,
  asSettled,
  asSheet,
  asSignOff,
  asSurvey,
  asTakenOff,
  asTraining,
} from './states'
import { readStations } from './station'

interface FactsRow {
  lists: unknown
  at_bays: readonly unknown[] | null
  at_permits: readonly unknown[] | null
  worn: readonly unknown[] | null
  cylinders: readonly unknown[] | null
  halls: Record<string, unknown> | null
  hall_versions: Record<string, number> | null
  sheets: Record<string, unknown> | null
  sheets_version: number | null
  surveys: Record<string, readonly unknown[]> | null
  monitors: Record<string, unknown> | null
  monitor_versions: Record<string, number> | null
  samples_versions: Record<string, number> | null
  stations: Record<string, unknown> | null
  permits: readonly { permitId: string, version: number, permit: unknown }[] | null
  screens: number
  names: Record<string, string> | null
  wearers: readonly WearerRow[] | null
  welders: readonly WelderRow[] | null
}
interface WearerRow {
  readonly personId: string
  readonly mask: MaskId
  readonly fitTestedOn: string | null
  readonly medicallyClearedOn: string | null
  readonly fit: unknown
  readonly isShaven: boolean | null
  readonly shavenUntil: Instant | null
}

interface WelderRow {
  readonly personId: string
  readonly name: string
  readonly signOffs: Record<string, unknown>
  readonly trainings: Record<string, unknown>
  readonly settled: readonly unknown[]
  readonly outfit: unknown
  readonly takenOff: unknown
  readonly care: unknown
}

/** What of a station its hall needs to know. */
const asStationAir = shapedAs<SiteFacts['stations'][string]>('station_reading', {
  job: 'object?',
  earlierJobs: 'list',
  hoodPosition: 'object?',
  extractionCheck: 'object?',
  personId: 'text?',
  helpers: 'list',
})

/** Versions of the streams that the air of a site is read from: a screen changes them against these. */
export interface AirVersions {
  readonly halls: Readonly<Record<string, number>>
  readonly sheets: number
  readonly samples: Readonly<Record<string, number>>
  readonly monitors: Readonly<Record<string, number>>
}

/** Health dates become one word: ready for this shop day, or not. More than that leaves the health table for nobody. */
function wearersFrom(rows: readonly WearerRow[], rules: HouseRules, now: Instant, dayEnds: Instant): Record<string, Wearer> {
  return Object.fromEntries(
    rows.map(({ personId, isShaven, shavenUntil, fit, ...dates }) => {
      const record = { ...dates, ...(fit ? { fit: asFitTest(fit) } : {}) }
      return [
        personId,
        {
          mask: record.mask,
          readyUntil: readyForTheDay(
            readyUntil(record, respiratorOf(record.mask, rules.jurisdiction).isTight, {
              fitTest: rules.fitTestMonths,
              medical: rules.medicalMonths,
            }),
            dayEnds,
          ),
          isShaven: shavenUntil !== null && stands(shavenUntil, now) ? isShaven : null,
        },
      ]
    }),
  )
}

/** What is written down of somebody's eyes becomes what follows from it. More than that leaves its table for nobody. */
function careOf(care: unknown): Pick<Welder, 'isOneDarker' | 'wearsPrescription'> {
  if (care === null) return NO_CARE
  const record = careRecord.parse(care)
  return { isOneDarker: needsOneDarker(record), wearsPrescription: record.wearsPrescription }
}

/** Which bays are asked about: their kit is read, and that of these people. The air of a hall is one for all its bays. */
export interface Concerned {
  readonly bayIds: readonly string[]
  readonly personIds: readonly string[]
}

/** A site at a moment of its day. */
export interface Moment {
  readonly site: Site
  readonly rules: HouseRules
  readonly now: Instant
}

const FACTS = `
  select (select lists from check_lists_reading where site_id = $1) as lists,
    (select jsonb_agg(item order by tag_id) from item_reading where site_id = $1 and assigned_to = 'bay' and ($2::text[] is null or assigned_ids && $2)) as at_bays,
    (select jsonb_agg(item order by tag_id) from item_reading where site_id = $1 and assigned_to = 'permit' and not is_retired
      and assigned_ids && array(select permit_id from permit_reading where site_id = $1 and is_open and bay_id is not null and ($2::text[] is null or bay_id = any($2)))) as at_permits,
    (select jsonb_agg(item order by tag_id) from item_reading where site_id = $1 and assigned_to = 'person' and ($2::text[] is null
      or assigned_ids && ($3::text[] || array(select person_id from station_reading where site_id = $1 and bay_id = any($2) and person_id is not null)))) as worn,
    (select jsonb_agg(cylinder order by tag_id) from cylinder_reading where site_id = $1 and bay_id is not null and ($2::text[] is null or bay_id = any($2))) as cylinders,
    (select jsonb_agg(jsonb_build_object('permitId', permit_id, 'version', version, 'permit', permit) order by permit_id) from permit_reading
      where site_id = $1 and is_open and bay_id is not null and ($2::text[] is null or bay_id = any($2))) as permits,
    (select count(distinct person_id)::int from screen_heard where site_id = $1 and heard_at > $4) as screens,
    (select jsonb_object_agg(w.person_id, w.name) from person_reading w
      where w.site_id = $1 and exists (select 1 from permit_post k where k.site_id = $1 and k.person_id = w.person_id)) as names,
    (select jsonb_object_agg(hall_id, hall) from hall_reading where site_id = $1) as halls,
    (select jsonb_object_agg(hall_id, version) from hall_reading where site_id = $1) as hall_versions,
    (select sheets from fume_sheets_reading where site_id = $1) as sheets,
    (select version from fume_sheets_reading where site_id = $1) as sheets_version,
    (select jsonb_object_agg(bay_id, surveys) from samples_reading where site_id = $1) as surveys,
    (select jsonb_object_agg(bay_id, version) from samples_reading where site_id = $1) as samples_versions,
    (select jsonb_object_agg(monitor_id, monitor) from monitor_reading where site_id = $1 and not is_removed) as monitors,
    (select jsonb_object_agg(monitor_id, version) from monitor_reading where site_id = $1 and not is_removed) as monitor_versions,
    (select jsonb_object_agg(bay_id, jsonb_build_object('job', facts->'job', 'earlierJobs', facts->'earlierJobs', 'hoodPosition', facts->'hoodPosition',
        'extractionCheck', facts->'extractionCheck', 'helpers', facts->'helpers', 'personId', person_id))
      from station_reading where site_id = $1) as stations,
    (select jsonb_agg(jsonb_build_object('personId', p.person_id, 'mask', h.mask, 'fitTestedOn', h.fit_tested_on, 'medicallyClearedOn', h.medically_cleared_on,
        'fit', h.fit,
        'isShaven', p.is_shaven, 'shavenUntil', p.shaven_until))
      from wearer_health h join person_reading p on p.site_id = h.site_id and p.person_id = h.person_id where h.site_id = $1) as wearers,
    (select jsonb_agg(jsonb_build_object('personId', p.person_id, 'name', p.name, 'signOffs', p.sign_offs, 'trainings', p.trainings,
        'settled', p.settled, 'outfit', p.outfit, 'takenOff', p.taken_off, 'care', c.record))
      from person_reading p left join person_care c on c.site_id = p.site_id and c.person_id = p.person_id
      where p.site_id = $1 and not p.has_left) as welders`

/**
 * Everything that gates rest on, in one question: the air of the site, and what stands at the bays concerned (all, for null). Of each
 * station only what its hall needs to know.
 */
export async function readSiteFacts(
  db: Queryable,
  siteId: string,
  { site, rules, now }: Moment,
  concerned: Concerned | null,
): Promise<{ readonly facts: SiteFacts, readonly versions: AirVersions }> {
  const { rows } = await db.query<FactsRow>({
    name: 'site-facts',
    text: FACTS,
    values: [siteId, concerned?.bayIds ?? null, concerned?.personIds ?? null, minutesAfter(now, -SCREEN_HEARD_MIN)],
  })
  const row = rows[0]!
  const nothing = noFacts(now)
  return {
    facts: {
      site,
      rules,
      now,
      halls: eachShaped(asHall, row.halls),
      stations: eachShaped(asStationAir, row.stations),
      sheets: eachShaped(asSheet, row.sheets),
      surveys: Object.fromEntries(Object.entries(row.surveys ?? {}).map(([bayId, surveys]) => [bayId, surveys.map(asSurvey)])),
      monitors: eachShaped(asMonitor, row.monitors),
      wearers: wearersFrom(row.wearers ?? [], rules, now, dayEndsAfter({ site, rules }, now)),
      welders: Object.fromEntries((row.welders ?? []).map(({ personId, name, signOffs, trainings, settled, outfit, takenOff, care }) => [
        personId,
        welderOf({
          name,
          signOffs: eachShaped(asSignOff, signOffs),
          trainings: eachShaped(asTraining, trainings),
          settled: settled.map(asSettled),
          outfit: outfit === null ? null : asOutfit(outfit),
          takenOff: asTakenOff(takenOff),
        }, careOf(care)),
      ])),
      lists: row.lists === null ? nothing.lists : asCheckLists(row.lists),
      items: [...(row.at_bays ?? []), ...(row.at_permits ?? []), ...(row.worn ?? [])].map(asKitItem),
      cylinders: (row.cylinders ?? []).map(asCylinder),
      permits: (row.permits ?? []).map(({ permitId, version, permit }) => ({ permitId, version, permit: asPermit(permit) })),
      screens: row.screens,
      names: row.names ?? {},
    },
    versions: {
      halls: row.hall_versions ?? {},
      sheets: row.sheets_version ?? 0,
      samples: row.samples_versions ?? {},
      monitors: row.monitor_versions ?? {},
    },
  }
}

/** The facts of a whole site with its stations, read at one moment: ask inside a transaction that sees one. */
export async function readWholeSite(db: Queryable, siteId: string, now: Instant): Promise<SiteFacts<Station>> {
  const site = (await readSite(db, siteId))?.value ?? NO_SITE
  const rules = (await readHouseRules(db, siteId))?.value ?? NEW_SITE_RULES
  const { facts } = await readSiteFacts(db, siteId, { site, rules, now }, null)
  const stations = Object.fromEntries((await readStations(db, siteId)).map(({ bayId, facts: known }) => [bayId, { ...known, gates: {} }]))
  return { ...facts, stations }
}
