import { coverMissingSince, permitDeadlines } from '#core/streams/permit/permit-deadlines'
import { isAfter, minutesAfter, msOf } from '#core/time/instant'
import { dutiesOf, nextTurnAt } from '#core/streams/permit/permit-duties'
import type { Helper } from '#core/streams/permit/decide-permit'
import type { PlacedPermit } from '#core/hotwork/near-permits'
import type { KeptPermit } from '#core/streams/permit/permit-fact'
import { hasEnded } from '#core/streams/permit/permit-end'
import type { Permit } from '#core/streams/permit/permit'
import type { KitItem } from '#core/streams/kit-item/kit-item'
import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import type { Instant } from '#core/time/instant'
import { asKitItem, asPermit, asPlace } from './states'

/** Duties and posts go and come in one table, and two permits that want one person meet there: all of it is written in its order. */
export async function writePermit(
  db: Queryable,
  siteId: string,
  permitId: string,
  version: number,
  permit: Permit | null,
): Promise<Statement[]> {
  if (!permit) return []
  const { code, token, phase, request: { place } } = permit
  await db.query({
    name: 'write-permit',
    text: `insert into permit_reading (site_id, permit_id, version, code, token, phase, is_open, bay_id, place_id, turn_at, permit) values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11)
    on conflict (site_id, permit_id) do update set version = excluded.version, phase = excluded.phase, is_open = excluded.is_open, turn_at = excluded.turn_at, permit = excluded.permit`,
    values: [
      siteId,
      permitId,
      version,
      code,
      token,
      phase,
      !hasEnded(phase),
      place.bayId,
      place.placeId,
      nextTurnAt(permitDeadlines(permit)),
      JSON.stringify(permit),
    ],
  })
  await writeDuties(db, siteId, permitId, permit)
  await writePosts(db, siteId, permitId, permit)
  return []
}

/** Who is kept free. Two permits that claim one person for the same time meet the table's constraint. */
async function writeDuties(db: Queryable, siteId: string, permitId: string, permit: Permit): Promise<void> {
  const duties = dutiesOf(permit)
  await db.query({
    name: 'drop-duties',
    text: 'delete from permit_duty where site_id = $1 and permit_id = $2 and person_id <> all($3::text[])',
    values: [siteId, permitId, duties.map(({ personId }) => personId)],
  })
  if (duties.length === 0) return
  await db.query({
    name: 'write-duties',
    text: `insert into permit_duty (site_id, permit_id, person_id, task, during)
    select $1, $2, d.person_id, d.task, tstzrange(d.from_at, d.until_at) from unnest($3::text[], $4::text[], $5::timestamptz[], $6::timestamptz[]) as d (person_id, task, from_at, until_at)
    on conflict (site_id, permit_id, person_id) do update set task = excluded.task, during = excluded.during`,
    values: [
      siteId,
      permitId,
      duties.map(({ personId }) => personId),
      duties.map(({ task }) => task),
      duties.map(({ fromAt }) => fromAt),
      duties.map(({ untilAt }) => untilAt),
    ],
  })
}

async function writePosts(db: Queryable, siteId: string, permitId: string, { posts }: Permit): Promise<void> {
  const personIds = posts.map(({ personId }) => personId)
  await db.query({
    name: 'drop-posts',
    text: 'delete from permit_post where site_id = $1 and permit_id = $2 and person_id <> all($3::text[])',
    values: [siteId, permitId, personIds],
  })
  if (personIds.length === 0) return
  await db.query({
    name: 'write-posts',
    text: `insert into permit_post (site_id, person_id, permit_id)
    select $1, p.person_id, $2 from unnest($3::text[]) as p (person_id) where not exists (select 1 from permit_post k where k.site_id = $1 and k.person_id = p.person_id and k.permit_id = $2)`,
    values: [siteId, permitId, personIds],
  })
}

interface PermitRow { permit_id: string, version: number, permit: unknown }
const toKept = ({ permit_id, version, permit }: PermitRow): KeptPermit => ({ permitId: permit_id, version, permit: asPermit(permit) })

export async function readPermit(db: Queryable, siteId: string, permitId: string): Promise<KeptPermit | null> {
  const { rows } = await db.query<PermitRow>({
    name: 'read-permit',
    text: 'select permit_id, version, permit from permit_reading where site_id = $1 and permit_id = $2',
    values: [siteId, permitId],
  })
  return rows[0] ? toKept(rows[0]) : null
}

/** Permits under which an arc may burn, or soon. */
export async function readWorkingPermits(db: Queryable, siteId: string): Promise<string[]> {
  const { rows } = await db.query<{ permit_id: string }>(
    `select permit_id from permit_reading where site_id = $1 and is_open and phase in ('authorised', 'working') order by permit_id`,
    [siteId],
  )
  return rows.map(row => row.permit_id)
}

/**
 * By what a paper carries: the long token, or the short code that is typed. The newest where a code came twice. A code that can be
 * guessed opens nothing that is over.
 */
export async function readPublicPermit(db: Queryable, asked: string): Promise<(KeptPermit & { readonly siteId: string }) | null> {
  const { rows } = await db.query<PermitRow & { site_id: string }>(
    'select site_id, permit_id, version, permit from permit_reading where token = $1 or (code = $2 and is_open) order by (permit->\'request\'->>\'fromAt\') desc limit 1',
    [asked, asked.toUpperCase()],
  )
  return rows[0] ? { siteId: rows[0].site_id, ...toKept(rows[0]) } : null
}

/** Where a page of the board ended. */
export interface TurnCursor { readonly turnAt: Instant | null, readonly permitId: string }

/** Live permits, whose turn comes soonest first; page by page. */
export async function readLivePermits(
  db: Queryable,
  siteId: string,
  limit: number,
  after: TurnCursor | null = null,
): Promise<KeptPermit[]> {
  const { rows } = await db.query<PermitRow>({
    name: 'live-permits',
    text: `select permit_id, version, permit from permit_reading
    where site_id = $1 and is_open and ($2::text is null or (coalesce(turn_at, 'infinity'), permit_id) > (coalesce($3::timestamptz, 'infinity'), $2)) order by turn_at, permit_id limit $4`,
    values: [siteId, after?.permitId ?? null, after?.turnAt ?? null, limit],
  })
  return rows.map(toKept)
}

/** Ended permits, the newest ids last said first. */
export async function readEndedPermits(db: Queryable, siteId: string, limit: number): Promise<KeptPermit[]> {
  const { rows } = await db.query<PermitRow>(
    'select permit_id, version, permit from permit_reading where site_id = $1 and not is_open order by permit->>\'endedAt\' desc, permit_id limit $2',
    [siteId, limit],
  )
  return rows.map(toKept)
}

/**
 * Open permits that may be near a place, each with its place on the grid: a place nobody knows may be near to every other. How near
 * they are, and when, the core says.
 *
 * @param placeId the place; null where it has none
 * @param radiusM of its circle
 */
export async function readPermitsNear(
  db: Queryable,
  siteId: string,
  { placeId, radiusM }: { readonly placeId: string | null, readonly radiusM: number },
): Promise<PlacedPermit[]> {
  const { rows } = await db.query<{ permit_id: string, permit: unknown, place: unknown }>(
    `
    with own as (select (place->>'xM')::float8 as x, (place->>'yM')::float8 as y, (place->>'widthM')::float8 as w, (place->>'depthM')::float8 as d
      from place_reading where site_id = $1 and place_id = $2)
    select r.permit_id, r.permit, p.place from permit_reading r
      left join place_reading p on p.site_id = r.site_id and p.place_id = r.place_id left join own on true
    where r.site_id = $1 and r.is_open and (own.x is null or p.place is null
      or sqrt(power(greatest(0, own.x - (p.place->>'xM')::float8 - (p.place->>'widthM')::float8, (p.place->>'xM')::float8 - own.x - own.w), 2)
        + power(greatest(0, own.y - (p.place->>'yM')::float8 - (p.place->>'depthM')::float8, (p.place->>'yM')::float8 - own.y - own.d), 2))
        <= $3 + (r.permit->'plan'->>'radiusM')::float8 + 0.001)
    order by r.permit_id`,
    [siteId, placeId, radiusM],
  )
  return rows.map(({ permit_id, permit, place }) => ({
    permitId: permit_id,
    permit: asPermit(permit),
    place: place === null ? null : asPlace(place),
  }))
}

/** Permits that somebody should watch and nobody does, at an instant, longest first. */
export async function readUncovered(
  db: Queryable,
  siteId: string,
  now: Instant,
): Promise<{ permitId: string, where: string, sinceAt: Instant }[]> {
  const { rows } = await db.query<PermitRow>(
    `select permit_id, version, permit from permit_reading where site_id = $1 and is_open and phase in ('authorised', 'working', 'suspended', 'watch')`,
    [siteId],
  )
  const uncovered = rows.map(toKept).flatMap(({ permitId, permit }) => {
    const sinceAt = coverMissingSince(permit)
    return sinceAt === null || isAfter(sinceAt, now) ? [] : [{ permitId, where: permit.request.place.where, sinceAt }]
  })
  return uncovered.sort((a, b) => msOf(a.sinceAt) - msOf(b.sinceAt))
}

/** People as far as a permit asks: their name, their other task in a span, the bay they stand or help at. */
export async function readHelpers(
  db: Queryable,
  siteId: string,
  permitId: string,
  personIds: readonly string[],
  fromAt: Instant,
  untilAt: Instant,
): Promise<Helper[]> {
  const { rows } = await db.query<{ person_id: string, name: string, busy_at: string | null, bay_id: string | null }>(
    `
    select p.person_id, p.name,
      coalesce((select r.permit->'request'->'place'->>'where' from permit_post o join permit_reading r on r.site_id = o.site_id and r.permit_id = o.permit_id where o.site_id = p.site_id and o.person_id = p.person_id and o.permit_id <> $2),
        (select r.permit->'request'->'place'->>'where' from permit_duty d join permit_reading r on r.site_id = d.site_id and r.permit_id = d.permit_id
          where d.site_id = p.site_id and d.person_id = p.person_id and d.permit_id <> $2 and d.during && tstzrange($4, greatest($4::timestamptz, $5::timestamptz)) order by d.permit_id limit 1)) as busy_at,
      (select s.bay_id from station_reading s where s.site_id = p.site_id and (s.person_id = p.person_id or exists (
          select 1 from jsonb_array_elements(s.facts -> 'helpers') one
          where one ->> 'personId' = p.person_id and one ->> 'untilAt' is null))
        order by s.bay_id limit 1) as bay_id
    from person_reading p where p.site_id = $1 and p.person_id = any($3) and not p.has_left order by p.person_id`,
    [siteId, permitId, personIds, fromAt, untilAt],
  )
  return rows.map(row => ({ personId: row.person_id, name: row.name, busyAt: row.busy_at, bayId: row.bay_id }))
}

/** What is assigned to a permit, and what stands at its bay for fire. */
export async function readPermitItems(db: Queryable, siteId: string, permitId: string, bayId: string | null): Promise<KitItem[]> {
  const { rows } = await db.query<{ item: unknown }>(
    `select item from item_reading where site_id = $1 and not is_retired
    and ((assigned_to = 'permit' and assigned_ids @> array[$2]) or (assigned_to = 'bay' and $3::text is not null and assigned_ids @> array[$3] and kind = 'extinguisher')) order by tag_id`,
    [siteId, permitId, bayId],
  )
  return rows.map(({ item }) => asKitItem(item))
}

/** Permits under which work goes on, among these and those at these bays. */
export async function readPermitsAtWork(
  db: Queryable,
  siteId: string,
  permitIds: readonly string[],
  bayIds: readonly string[],
): Promise<string[]> {
  const { rows } = await db.query<{ permit_id: string }>(
    `select permit_id from permit_reading where site_id = $1 and is_open and phase = 'working' and (permit_id = any($2) or bay_id = any($3)) order by permit_id`,
    [siteId, permitIds, bayIds],
  )
  return rows.map(row => row.permit_id)
}

/** Permits that are for a bay and not over. */
export async function readOpenPermitsAt(db: Queryable, siteId: string, bayId: string): Promise<Permit[]> {
  const { rows } = await db.query<{ permit: unknown }>(
    'select permit from permit_reading where site_id = $1 and is_open and bay_id = $2 order by permit_id',
    [siteId, bayId],
  )
  return rows.map(({ permit }) => asPermit(permit))
}

/** The bays of these permits, as far as they have one. */
export async function baysOfPermits(db: Queryable, siteId: string, permitIds: readonly string[]): Promise<string[]> {
  const { rows } = await db.query<{ bay_id: string }>(
    'select bay_id from permit_reading where site_id = $1 and permit_id = any($2) and bay_id is not null',
    [siteId, permitIds],
  )
  return rows.map(row => row.bay_id)
}

/** Where this person stands on post, with the name they go by; null when nowhere. */
export async function readPost(
  db: Queryable,
  siteId: string,
  personId: string,
): Promise<{ readonly name: string, readonly where: string } | null> {
  const { rows } = await db.query<{ name: string, where: string }>(
    `
    select p.name, r.permit->'request'->'place'->>'where' as where from permit_post o
      join permit_reading r on r.site_id = o.site_id and r.permit_id = o.permit_id
      join person_reading p on p.site_id = o.site_id and p.person_id = o.person_id
    where o.site_id = $1 and o.person_id = $2`,
    [siteId, personId],
  )
  return rows[0] ?? null
}

export async function noteScreen(db: Queryable, siteId: string, deviceId: string, personId: string, heardAt: Instant): Promise<void> {
  await db.query({
    name: 'note-screen',
    text: `insert into screen_heard (site_id, device_id, person_id, heard_at) values ($1, $2, $3, $4)
    on conflict (site_id, device_id) do update set person_id = excluded.person_id, heard_at = greatest(screen_heard.heard_at, excluded.heard_at)`,
    values: [siteId, deviceId, personId, heardAt],
  })
}

/** A screen counts as heard for this long, min. */
export const SCREEN_HEARD_MIN = 1

/** At the screens of how many people a site was heard within the minute before an instant: two of one person are one that hears. */
export async function countScreens(db: Queryable, siteId: string, nowIso: string): Promise<number> {
  const since = minutesAfter(nowIso, -SCREEN_HEARD_MIN)
  const { rows } = await db.query<{ count: number }>({
    name: 'count-screens',
    text: 'select count(distinct person_id)::int as count from screen_heard where site_id = $1 and heard_at > $2',
    values: [siteId, since],
  })
  return rows[0]!.count
}
