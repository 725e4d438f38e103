import { describe, expect, it } from 'vitest'
import { guessRollColumns, looksLikeRollHeading, nameKey, readRoll } from '#core/roll/read-roll'
import type { OnRoll, RollColumn, RollHow, RollKnown } from '#core/roll/read-roll'
import { personPayloads } from '#shared/contract/person-schema'
import { words as english } from '#shared/words/en/words'
import { words as spanish } from '#shared/words/es/words'

const KIT: OnRoll = {
  personId: 'kit', version: 4, name: 'Kit Amari', roles: ['learner'], areaId: null, bayId: 'bay-12', group: 'Mornings',
}
const known: RollKnown = {
  here: [KIT],
  bays: [
    { bayId: 'bay-3', areaId: 'a', label: '3' },
    { bayId: 'bay-12', areaId: 'a', label: '12' },
    { bayId: 'bay-q', areaId: 'a', label: 'Quay west' },
  ],
  namesOf: role => [english.roles[role], spanish.roles[role]],
}
type Rows = readonly (readonly string[])[]
const read = (rows: Rows, columns: readonly RollColumn[], how: Partial<RollHow> = {}, more: Partial<RollKnown> = {}) =>
  readRoll(rows, { ...known, ...more }, { columns, role: 'learner', group: null, others: new Set(), ...how })
const kinds = (...asked: Parameters<typeof read>) =>
  read(...asked).map(({ outcome }) => outcome.kind === 'wrong' ? outcome.faults.join() : outcome.kind)

describe('twenty names, pasted', () => {
  const names = Array.from({ length: 20 }, (_, i) => [`Learner ${String.fromCharCode(65 + i)} Lockley`])
  it('are twenty who are new, each a learner of the group that is said for all', () => {
    const lines = read(names, guessRollColumns(null, 1), { group: 'Tuesday' })
    expect(lines.map(({ outcome }) => outcome.kind)).toEqual(names.map(() => 'new'))
    const profile = { name: 'Learner D Lockley', roles: ['learner'], bayId: null, group: 'Tuesday' }
    expect(lines[3]).toMatchObject({ line: 4, outcome: { profile } })
  })
  it('pasted again they are the same people: nothing is left to do', () => {
    const here = names.map(([name], i): OnRoll => ({ ...KIT, personId: `p-${i}`, name: name!, bayId: null, group: 'Tuesday' }))
    expect(new Set(kinds(names, ['name'], { group: 'Tuesday' }, { here }))).toEqual(new Set(['same']))
  })
})

describe('a line', () => {
  const ALL: readonly RollColumn[] = ['name', 'group', 'role', 'bay']
  it.each([
    [['Ada Quill', 'Gate crew', 'welder', '3'], 'new'],
    [['Ada Quill', '', 'Welder, learner', 'Bay 3'], 'new'],
    [['Ada Quill', '', 'soldador', 'puesto 3'], 'new'],
    [['Ada Quill', '', '', 'quay west'], 'new'],
    [['', 'x', '', ''], 'no-name'],
    [['A'.repeat(81), '', '', ''], 'name-too-long'],
    [['Ada', 'g'.repeat(41), '', ''], 'group-too-long'],
    [['Ada', '', 'captain', ''], 'unknown-role'],
    [['Ada', '', 'welder, captain', ''], 'unknown-role'],
    [['Ada', '', '', '99'], 'unknown-bay'],
    [['Ada', '', 'captain', '99'], 'unknown-role,unknown-bay'],
    [['Kit Amari', '', '', ''], 'same'],
    [['KIT  AMARÍ', 'Mornings', 'learner', '12'], 'same'],
    [['Kit Amari', '', '', '3'], 'changed'],
    [['Kit Amari', '', '', '–'], 'changed'],
    [['Kit Amari', 'Tuesday', '', ''], 'changed'],
  ] as const)('%j: %s', (cells, kind) => expect(kinds([cells], ALL)).toEqual([kind]))
  it('leaves what it does not say as it is, and the name as it is written here', () => {
    expect(read([['kit amari', '', 'welder', '']], ALL)[0]!.outcome).toMatchObject({
      kind: 'changed', person: KIT, profile: { name: 'Kit Amari', roles: ['welder'], bayId: 'bay-12', group: 'Mornings' },
    })
  })
  it('of a name that stands twice, in the list or here, is nobody until somebody says who', () => {
    expect(kinds([['Ada'], ['ada ']], ['name'])).toEqual(['named-twice', 'named-twice'])
    expect(kinds([['Kit Amari']], ['name'], {}, { here: [KIT, { ...KIT, personId: 'kit-2' }] })).toEqual(['several-here'])
    expect(kinds([['Kit Amari']], ['name'], { others: new Set([1]) })).toEqual(['new'])
    expect(kinds([['Ada'], ['ada ']], ['name'], { others: new Set([2]) })).toEqual(['named-twice', 'new'])
  })
  it('of given and family name in columns of their own is one name', () => {
    const columns = guessRollColumns(['Last name', 'First name', 'Class'], 3)
    expect([columns, read([['Amari', 'Kit', 'Tuesday']], columns)[0]]).toMatchObject([
      ['family-name', 'given-name', 'group'], { name: 'Kit Amari', outcome: { kind: 'changed' } },
    ])
  })
  it('that can be taken is what the server takes', () => {
    const lines = read([['Ada Quill', 'Gate crew', 'welder', '3'], ['Kit Amari', 'T', '', '']], ALL)
    const people = Object.fromEntries(
      lines.flatMap(({ line, outcome }) => 'profile' in outcome ? [[`p-${line}`, outcome.profile]] : []),
    )
    expect(Object.keys(people)).toHaveLength(2)
    expect(personPayloads['person.enrol'].safeParse({ people }).success).toBe(true)
  })
})

describe('a heading', () => {
  it('is known in both languages, and a list of names has none', () => {
    expect(looksLikeRollHeading(['Nombre', 'Grupo', 'Puesto'])).toBe(true)
    expect(guessRollColumns(['Nombre', 'Grupo', 'Puesto', 'Nombre'], 4)).toEqual(['name', 'group', 'bay', 'ignore'])
    expect(looksLikeRollHeading(['Kit Amari'])).toBe(false)
  })
})

it('names are one where case, accents and blanks alone differ', () => {
  expect([nameKey(' José  Ñandú '), nameKey('jose nandu')]).toEqual(['jose nandu', 'jose nandu'])
})
