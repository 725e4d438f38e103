import { shopDayEndsAtMs } from '#core/time/shop-day'
import type { AirFacts, StationAir } from '#core/air/air-facts'
import type { FumeDataSheets } from '#core/streams/fume-sheets/fume-sheets'
import { NO_SHEETS } from '#core/streams/fume-sheets/fume-sheets'
import type { HallState } from '#core/streams/hall/hall'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { respiratorOf } from '#core/respirator/respirators'
import type { Wearer, WearerRecord } from '#core/respirator/wearer'
import { readyForTheDay, readyUntil } from '#core/respirator/wearer'
import type { SamplesState, Survey } from '#core/streams/samples/samples'
import { stands } from '#core/time/instant'
import type { MaskId } from '#core/ids/vocabulary'
import type { FireReadings } from '#core/site-facts/fire-standing'
import type { KitReadings } from '#core/site-facts/judge-kit'
import type { KeptPermit } from '#core/streams/permit/permit-fact'
import { SCREEN_HEARD_MS } from './permit'
import type { Queryable } from './connection'
import { KIT_SELECT, toKitReadings } from './store'
import type { KitRow } from './store'
import type { Instant } from '#core/time/instant'

export async function writeHall(db: Queryable, siteId: string, hallId: string, version: number, hall: HallState): Promise<void> {
  await db.query(`insert into hall_reading (site_id, hall_id, version, hall) values ($1, $2, $3, $4)
    on conflict (site_id, hall_id) do update set version = excluded.version, hall = excluded.hall`, [siteId, hallId, version, JSON.stringify(hall)])
}

export async function writeSheets(db: Queryable, siteId: string, version: number, sheets: FumeDataSheets): Promise<void> {
  await db.query(`insert into fume_sheets_reading (site_id, version, sheets) values ($1, $2, $3)
    on conflict (site_id) do update set version = excluded.version, sheets = excluded.sheets`, [siteId, version, JSON.stringify(sheets)])
}

export async function writeSamples(db: Queryable, siteId: string, bayId: string, version: number, { surveys }: SamplesState): Promise<void> {
  await db.query(`insert into samples_reading (site_id, bay_id, version, surveys) values ($1, $2, $3, $4)
    on conflict (site_id, bay_id) do update set version = excluded.version, surveys = excluded.surveys`, [siteId, bayId, version, JSON.stringify(surveys)])
}

interface SurroundingsRow extends KitRow {
  halls: Record<string, HallState> | null
  hall_versions: Record<string, number> | null
  sheets: FumeDataSheets | null
  sheets_version: number | null
  surveys: Record<string, readonly Survey[]> | null
  samples_versions: Record<string, number> | null
  stations: Record<string, StationAir> | null
  permits: readonly KeptPermit[] | null
  screens: number
  names: Record<string, string> | null
  wearers: readonly WearerRow[] | null
}
interface WearerRow { readonly personId: string, readonly mask: MaskId, readonly fitTestedOn: string | null, readonly medicallyClearedOn: string | null, readonly isShaven: boolean | null, readonly shavenUntil: Instant | null }

/** What the air of a site rests on, besides the site and its rules. */
export interface AirReadings extends Pick<AirFacts, 'halls' | 'stations' | 'sheets' | 'surveys' | 'wearers'> {
  readonly versions: { readonly halls: Readonly<Record<string, number>>, readonly sheets: number, readonly samples: Readonly<Record<string, number>> }
}

/** Health dates become one word: ready for this shop day, or not. More than that leaves the health table for nobody. */
function wearersFrom(rows: readonly WearerRow[], rules: HouseRules, now: Instant, dayEnds: Instant): Record<string, Wearer> {
  return Object.fromEntries(rows.map(({ personId, isShaven, shavenUntil, ...record }) => [personId, {
    mask: record.mask,
    readyUntil: readyForTheDay(
      readyUntil(record, respiratorOf(record.mask, rules.jurisdiction).isTight, { fitTest: rules.fitTestMonths, medical: rules.medicalMonths }), dayEnds),
    isShaven: shavenUntil !== null && stands(shavenUntil, now) ? isShaven : null,
  }]))
}

/** Which bays are asked about: their kit is read, and that of these people. The air of a hall is one for all its bays. */
export interface Concerned { readonly bayIds: readonly string[], readonly personIds: readonly string[] }

/** Under which rules, and at what moment of the shop's day, it is asked. */
export interface Moment { readonly rules: HouseRules, readonly timeZone: string, readonly now: Instant }

/** Reads all that gates rest on besides their stations, in one question: the air of the site, and what stands at the bays concerned (all, for null). */
export async function readSurroundings(db: Queryable, siteId: string, { rules, timeZone, now }: Moment, concerned: Concerned | null): Promise<AirReadings & { readonly kit: KitReadings, readonly fire: FireReadings }> {
  const { rows } = await db.query<SurroundingsRow>({ name: 'surroundings', text: `
    select ${KIT_SELECT},
      (select jsonb_agg(jsonb_build_object('permitId', permit_id, 'version', version, 'permit', permit) order by permit_id) from permit_reading
        where site_id = $1 and is_open and bay_id is not null and ($2::text[] is null or bay_id = any($2))) as permits,
      (select count(distinct person_id)::int from screen_heard where site_id = $1 and heard_at > $4) as screens,
      (select jsonb_object_agg(w.person_id, w.name) from person_reading w where w.site_id = $1 and exists (select 1 from permit_post k where k.site_id = $1 and k.person_id = w.person_id)) as names,
      (select jsonb_object_agg(hall_id, hall) from hall_reading where site_id = $1) as halls,
      (select jsonb_object_agg(hall_id, version) from hall_reading where site_id = $1) as hall_versions,
      (select sheets from fume_sheets_reading where site_id = $1) as sheets,
      (select version from fume_sheets_reading where site_id = $1) as sheets_version,
      (select jsonb_object_agg(bay_id, surveys) from samples_reading where site_id = $1) as surveys,
      (select jsonb_object_agg(bay_id, version) from samples_reading where site_id = $1) as samples_versions,
      (select jsonb_object_agg(bay_id, jsonb_build_object('job', facts->'job', 'earlierJobs', facts->'earlierJobs', 'hoodPosition', facts->'hoodPosition', 'extractionCheck', facts->'extractionCheck', 'personId', person_id))
        from station_reading where site_id = $1) as stations,
      (select jsonb_agg(jsonb_build_object('personId', p.person_id, 'mask', h.mask, 'fitTestedOn', h.fit_tested_on, 'medicallyClearedOn', h.medically_cleared_on,
          'isShaven', p.is_shaven, 'shavenUntil', p.shaven_until))
        from wearer_health h join person_reading p on p.site_id = h.site_id and p.person_id = h.person_id where h.site_id = $1) as wearers`, values: [siteId, concerned?.bayIds ?? null, concerned?.personIds ?? null, new Date(Date.parse(now) - SCREEN_HEARD_MS).toISOString()] })
  const row = rows[0]!
  const dayEnds = new Date(shopDayEndsAtMs(Date.parse(now), timeZone, rules.shopDayHour)).toISOString()
  return {
    kit: toKitReadings(row),
    fire: { permits: row.permits ?? [], screens: row.screens, names: row.names ?? {} },
    halls: row.halls ?? {}, sheets: row.sheets ?? NO_SHEETS, surveys: row.surveys ?? {}, stations: row.stations ?? {},
    wearers: wearersFrom(row.wearers ?? [], rules, now, dayEnds),
    versions: { halls: row.hall_versions ?? {}, sheets: row.sheets_version ?? 0, samples: row.samples_versions ?? {} },
  }
}

/** Bays at which people stand now whose day was also spent at these bays, and at which these people stand. */
export async function baysOfPeople(db: Queryable, siteId: string, bayIds: readonly string[], personIds: readonly string[]): Promise<string[]> {
  const { rows } = await db.query<{ bay_id: string }>(`
    select bay_id from station_reading where site_id = $1 and person_id in (
      select person_id from station_reading where site_id = $1 and bay_id = any($2)
      union select job ->> 'personId' from station_reading, jsonb_array_elements(facts -> 'earlierJobs') job where site_id = $1 and bay_id = any($2)
      union select unnest($3::text[]))
    order by bay_id`, [siteId, bayIds, personIds])
  return rows.map(row => row.bay_id)
}

export interface StoredWearer extends WearerRecord { readonly personId: string, readonly recordId: string, readonly salt: string }

export async function keepWearer(db: Queryable, siteId: string, { personId, recordId, salt, mask, fitTestedOn, medicallyClearedOn }: StoredWearer): Promise<void> {
  await db.query(`insert into wearer_health (site_id, person_id, record_id, salt, mask, fit_tested_on, medically_cleared_on) values ($1, $2, $3, $4, $5, $6, $7)
    on conflict (site_id, person_id) do update set record_id = excluded.record_id, salt = excluded.salt, mask = excluded.mask,
      fit_tested_on = excluded.fit_tested_on, medically_cleared_on = excluded.medically_cleared_on`,
  [siteId, personId, recordId, salt, mask, fitTestedOn, medicallyClearedOn])
}

/** Erases for good; the chain keeps only that there was a record. */
export async function eraseWearer(db: Queryable, siteId: string, personId: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from wearer_health where site_id = $1 and person_id = $2', [siteId, personId])
  return rowCount === 1
}

/** Health records: of one person, or of all. */
export async function readWearers(db: Queryable, siteId: string, personId: string | null): Promise<{ personId: string, mask: MaskId, fitTestedOn: string | null, medicallyClearedOn: string | null }[]> {
  const { rows } = await db.query<{ person_id: string, mask: MaskId, fit: string | null, medical: string | null }>(`
    select person_id, mask, to_char(fit_tested_on, 'YYYY-MM-DD') as fit, to_char(medically_cleared_on, 'YYYY-MM-DD') as medical
    from wearer_health where site_id = $1 and ($2::text is null or person_id = $2) order by person_id`, [siteId, personId])
  return rows.map(row => ({ personId: row.person_id, mask: row.mask, fitTestedOn: row.fit, medicallyClearedOn: row.medical }))
}
