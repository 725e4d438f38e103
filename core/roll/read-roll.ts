import { ROLES } from '../ids/vocabulary'
import type { RoleId } from '../ids/vocabulary'
import type { PersonProfile } from '../streams/person/person'

/** What a column of a list of people may hold. */
export const ROLL_COLUMNS = ['name', 'given-name', 'family-name', 'group', 'role', 'bay', 'ignore'] as const
export type RollColumn = typeof ROLL_COLUMNS[number]

/** Most lines of one list: as many as one command changes. */
export const ROLL_LINES_AT_MOST = 200
const NAME_AT_MOST = 80
const GROUP_AT_MOST = 40

/** What keeps a line from being taken. */
export const ROLL_FAULTS = [
  'no-name', 'name-too-long', 'group-too-long', 'named-twice', 'several-here', 'unknown-role', 'unknown-bay',
] as const
export type RollFault = typeof ROLL_FAULTS[number]

/** Somebody who is here, as a list is held against them. */
export interface OnRoll extends Omit<PersonProfile, 'group'> {
  readonly personId: string
  readonly version: number
  readonly group: string | null
}

/** What a line comes to. */
export type RollOutcome
  = | { readonly kind: 'wrong', readonly faults: readonly RollFault[] }
    | { readonly kind: 'new', readonly profile: PersonProfile }
    | { readonly kind: 'changed', readonly person: OnRoll, readonly profile: PersonProfile }
    | { readonly kind: 'same', readonly person: OnRoll }

export interface RollLine {
  /** Its place among the lines of people, from 1. */
  readonly line: number
  readonly name: string
  /** What stands in its columns, as it was written. */
  readonly said: Readonly<Partial<Record<'group' | 'role' | 'bay', string>>>
  /** Whom its name is the name of here; null for nobody. */
  readonly namesake: OnRoll | null
  readonly outcome: RollOutcome
}

export interface RollKnown {
  readonly here: readonly OnRoll[]
  readonly bays: readonly { readonly bayId: string, readonly areaId: string, readonly label: string }[]
  /** What each role is called, in whatever languages lists come in. */
  readonly namesOf: (role: RoleId) => readonly string[]
}

export interface RollHow {
  readonly columns: readonly RollColumn[]
  /** For lines of people who are new, where the list does not say. */
  readonly role: RoleId
  readonly group: string | null
  /** Lines whose namesake is somebody else. */
  readonly others: ReadonlySet<number>
}

/** Names are one where only case, accents and blanks differ. */
export const nameKey = (name: string): string =>
  name.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().replace(/\s+/g, ' ').trim()

/** People in the order of a list: by name, as `nameKey` hears it. */
export function byName(a: { readonly name: string }, b: { readonly name: string }): number {
  const [first, second] = [nameKey(a.name), nameKey(b.name)]
  return first === second ? 0 : first < second ? -1 : 1
}

const HEADINGS: Readonly<Record<Exclude<RollColumn, 'ignore'>, readonly string[]>> = {
  'name': ['name', 'full name', 'learner', 'student', 'person', 'nombre', 'nombre completo', 'alumno', 'aprendiz', 'persona'],
  'given-name': ['first name', 'given name', 'first', 'nombre de pila', 'nombres'],
  'family-name': ['last name', 'family name', 'surname', 'last', 'apellido', 'apellidos'],
  'group': ['group', 'class', 'crew', 'grupo', 'clase', 'cuadrilla'],
  'role': ['role', 'roles', 'rol'],
  'bay': ['bay', 'own bay', 'booth', 'puesto', 'puesto propio', 'cabina'],
}
const headingOf = (cell: string): RollColumn => {
  const key = nameKey(cell)
  return (Object.entries(HEADINGS) as [RollColumn, readonly string[]][]).find(([, words]) => words.includes(key))?.[0] ?? 'ignore'
}

/** Whether a first line says what the columns are. */
export const looksLikeRollHeading = (cells: readonly string[]): boolean => cells.some(cell => headingOf(cell) !== 'ignore')

/** What the columns are: by their heading; without one the first holds names. */
export function guessRollColumns(heading: readonly string[] | null, width: number): readonly RollColumn[] {
  if (heading === null) return Array.from({ length: width }, (_, i) => i === 0 ? 'name' : 'ignore')
  const taken = new Set<RollColumn>()
  return Array.from({ length: width }, (_, i) => {
    const column = headingOf(heading[i] ?? '')
    if (column !== 'ignore' && taken.has(column)) return 'ignore'
    taken.add(column)
    return column
  })
}

type Read<Value> = { readonly value: Value } | { readonly fault: RollFault }

function readRoles(cell: string, namesOf: RollKnown['namesOf']): Read<readonly RoleId[]> {
  const roles = cell.split(/[,;/+]/).map(nameKey).filter(Boolean).map(key =>
    ROLES.find(role => role === key || namesOf(role).some(name => nameKey(name) === key)))
  return roles.length === 0 || roles.includes(undefined)
    ? { fault: 'unknown-role' }
    : { value: [...new Set(roles as RoleId[])] }
}

/** A bay by what it is called; a word before its number, as *Bay 4*, is left out. A dash is none. */
function readBay(cell: string, bays: RollKnown['bays']): Read<string | null> {
  const key = nameKey(cell)
  if (/^[-–—]$/.test(key)) return { value: null }
  const bare = key.includes(' ') ? key.slice(key.indexOf(' ') + 1) : key
  const bay = bays.find(({ label }) => nameKey(label) === key) ?? bays.find(({ label }) => nameKey(label) === bare)
  return bay ? { value: bay.bayId } : { fault: 'unknown-bay' }
}

const isSameProfile = (a: PersonProfile, b: OnRoll): boolean =>
  a.name === b.name
  && a.bayId === b.bayId
  && a.group === b.group
  && a.roles.length === b.roles.length
  && a.roles.every(role => b.roles.includes(role))

/**
 * A list of people, line by line: what each comes to, and what keeps it from being taken. What a list does not say of somebody who is here
 * stays as it is. Nothing is guessed: a role or a bay that is not known is a fault.
 *
 * @param rows cells of each line, without the heading
 */
export function readRoll(rows: readonly (readonly string[])[], { here, bays, namesOf }: RollKnown, how: RollHow): readonly RollLine[] {
  const cellOf = (cells: readonly string[], column: RollColumn): string => {
    const at = how.columns.indexOf(column)
    return at < 0 ? '' : (cells[at] ?? '').trim()
  }
  const nameOf = (cells: readonly string[]): string =>
    [cellOf(cells, 'given-name'), cellOf(cells, 'name'), cellOf(cells, 'family-name')].filter(Boolean).join(' ').replace(/\s+/g, ' ')
  const written = new Map<string, number>()
  for (const cells of rows) written.set(nameKey(nameOf(cells)), (written.get(nameKey(nameOf(cells))) ?? 0) + 1)

  return rows.map((cells, index): RollLine => {
    const [line, name] = [index + 1, nameOf(cells)]
    const said = { group: cellOf(cells, 'group'), role: cellOf(cells, 'role'), bay: cellOf(cells, 'bay') }
    const namesakes = here.filter(person => nameKey(person.name) === nameKey(name))
    const isAnother = how.others.has(line)
    const person = isAnother ? null : namesakes[0] ?? null
    const faults: RollFault[] = []
    if (name === '') faults.push('no-name')
    if (name.length > NAME_AT_MOST) faults.push('name-too-long')
    if (said.group.length > GROUP_AT_MOST) faults.push('group-too-long')
    if (name !== '' && !isAnother && written.get(nameKey(name))! > 1) faults.push('named-twice')
    if (!isAnother && namesakes.length > 1) faults.push('several-here')
    const roles = said.role === '' ? { value: person?.roles ?? [how.role] } : readRoles(said.role, namesOf)
    if ('fault' in roles) faults.push(roles.fault)
    const bay = said.bay === '' ? { value: person?.bayId ?? null } : readBay(said.bay, bays)
    if ('fault' in bay) faults.push(bay.fault)
    return { line, name, said, namesake: namesakes[0] ?? null, outcome: outcome() }

    function outcome(): RollOutcome {
      if (faults.length > 0 || 'fault' in roles || 'fault' in bay) return { kind: 'wrong', faults }
      const profile: PersonProfile = {
        // Written otherwise here, the name here stays: the list only says who is meant.
        name: person?.name ?? name,
        roles: roles.value,
        areaId: person?.areaId ?? null,
        bayId: bay.value,
        group: said.group || how.group || (person?.group ?? null),
      }
      if (person === null) return { kind: 'new', profile }
      return isSameProfile(profile, person) ? { kind: 'same', person } : { kind: 'changed', person, profile }
    }
  })
}
