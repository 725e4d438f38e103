import type { Person } from '#core/streams/person/person'
import type { CompetenceId, RoleId } from '#core/ids/vocabulary'
import type { Tellable } from '#core/streams/notice/notice'
import type { PersonOnFloor, PersonReading } from '#shared/contract/readings'
import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import { eachShaped } from './shaped'
import { asLoan, asSettled, asSignOff, asTraining } from './states'

export function writePerson(siteId: string, personId: string, version: number, person: Person): Statement[] {
  return [
    {
      text: `insert into person_reading (site_id, person_id, version, name, roles, area_id, bay_id, has_left, pin_set, is_shaven, shaven_until,
      health_noted, competences, group_name, sign_offs, settled, outfit, loans, taken_off, trainings)
    values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15, $16, $17, $18, $19, $20)
    on conflict (site_id, person_id) do update set version = excluded.version, name = excluded.name, roles = excluded.roles, area_id = excluded.area_id,
      bay_id = excluded.bay_id, has_left = excluded.has_left, pin_set = excluded.pin_set,
      is_shaven = excluded.is_shaven, shaven_until = excluded.shaven_until, health_noted = excluded.health_noted,
      competences = excluded.competences, group_name = excluded.group_name, sign_offs = excluded.sign_offs, settled = excluded.settled,
      outfit = excluded.outfit, loans = excluded.loans, taken_off = excluded.taken_off, trainings = excluded.trainings`,
      values: [
        siteId,
        personId,
        version,
        person.name,
        person.roles,
        person.areaId,
        person.bayId,
        person.hasLeft,
        person.pinSet,
        person.shaven?.isShaven ?? null,
        person.shaven?.validUntil ?? null,
        person.health !== null,
        person.competences,
        person.group,
        JSON.stringify(person.signOffs),
        JSON.stringify(person.settled),
        person.outfit && JSON.stringify(person.outfit),
        JSON.stringify(person.loans),
        JSON.stringify(person.takenOff),
        JSON.stringify(person.trainings),
      ],
    },
  ]
}

export interface PersonRow {
  person_id: string
  version: number
  name: string
  roles: RoleId[]
  area_id: string | null
  bay_id: string | null
  has_left: boolean
  pin_set: boolean
  competences: CompetenceId[]
  group_name: string | null
  sign_offs: Record<string, unknown>
  settled: readonly unknown[]
  trainings: Record<string, unknown>
  login_name: string | null
}

export const toPersonReading = (row: PersonRow): PersonReading => ({
  personId: row.person_id,
  version: row.version,
  name: row.name,
  roles: row.roles,
  areaId: row.area_id,
  bayId: row.bay_id,
  hasLeft: row.has_left,
  pinSet: row.pin_set,
  competences: row.competences,
  group: row.group_name,
  signOffs: eachShaped(asSignOff, row.sign_offs),
  settled: row.settled.map(asSettled),
  trainings: eachShaped(asTraining, row.trainings),
  loginName: row.login_name,
})

export const PERSON_COLUMNS
  = 'p.person_id, p.version, p.name, p.roles, p.area_id, p.bay_id, p.has_left, p.pin_set, p.competences, '
    + 'p.group_name, p.sign_offs, p.settled, p.trainings, c.login_name'
const FROM = 'from person_reading p left join credential c on c.site_id = p.site_id and c.person_id = p.person_id'

export async function readPeople(db: Queryable, siteId: string): Promise<PersonReading[]> {
  const { rows } = await db.query<PersonRow>(
    `select ${PERSON_COLUMNS} ${FROM} where p.site_id = $1 order by p.has_left, p.name, p.person_id`,
    [siteId],
  )
  return rows.map(toPersonReading)
}

export async function readPerson(db: Queryable, siteId: string, personId: string): Promise<PersonReading | null> {
  const { rows } = await db.query<PersonRow>(`select ${PERSON_COLUMNS} ${FROM} where p.site_id = $1 and p.person_id = $2`, [
    siteId,
    personId,
  ])
  return rows[0] ? toPersonReading(rows[0]) : null
}

/** Ids and names only, of those who are here. */
export async function readNames(db: Queryable, siteId: string): Promise<{ personId: string, name: string }[]> {
  const { rows } = await db.query<{ person_id: string, name: string }>(
    'select person_id, name from person_reading where site_id = $1 and not has_left order by name, person_id',
    [siteId],
  )
  return rows.map(row => ({ personId: row.person_id, name: row.name }))
}

/** Somebody who is here: with whom they come, and where they usually stand. */
type Here = Pick<PersonOnFloor, 'personId' | 'roles' | 'group' | 'bayId' | 'loans'>

/** Those who are here, as far as pickers and the board ask. */
export async function readHere(db: Queryable, siteId: string): Promise<Here[]> {
  const { rows } = await db.query<Pick<PersonRow, 'person_id' | 'roles' | 'group_name' | 'bay_id'> & { loans: readonly unknown[] }>(
    'select person_id, roles, group_name, bay_id, loans from person_reading where site_id = $1 and not has_left order by name, person_id',
    [siteId],
  )
  return rows.map(row => ({
    personId: row.person_id,
    roles: row.roles,
    group: row.group_name,
    bayId: row.bay_id,
    loans: row.loans.map(asLoan),
  }))
}

/** Safety leads who are here, but for some who may go in the same breath. */
export async function countSafetyLeads(db: Queryable, siteId: string, exceptIds: readonly string[]): Promise<number> {
  const { rows } = await db.query<{ count: number }>(
    `select count(*)::int as count from person_reading where site_id = $1 and not has_left and 'safety-lead' = any(roles) and person_id <> all($2::text[])`,
    [siteId, exceptIds],
  )
  return rows[0]!.count
}

/** Everybody here, as far as it decides who is told of something. */
export async function readTellable(db: Queryable, siteId: string): Promise<Tellable[]> {
  const { rows } = await db.query<{ person_id: string, roles: RoleId[], area_id: string | null }>(
    'select person_id, roles, area_id from person_reading where site_id = $1 and not has_left order by person_id',
    [siteId],
  )
  return rows.map(row => ({ personId: row.person_id, roles: row.roles, areaId: row.area_id }))
}
