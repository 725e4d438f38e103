import { describe, expect, it } from 'vitest'
import type { RoleId } from '#core/ids/vocabulary'
import { likelyFirst } from '~/areas/station/likely-first'

const person = (personId: string, group: string | null = null, bayId: string | null = null, role: RoleId = 'learner') =>
  ({ personId, name: personId, roles: [role], group, bayId })
const PEOPLE = [
  person('Ada', 'Crew'), person('Bo', 'Tuesday'), person('Cy', 'Tuesday', 'bay-1'), person('Di', 'Tuesday'), person('Eve'),
  person('Flo', 'Crew'),
]
const at = (...bayIds: string[]) => ({ bayIds, watchesAt: null })
const ids = (parts: ReturnType<typeof likelyFirst>) =>
  Object.fromEntries(Object.entries(parts).map(([part, people]) => [part, people.map(({ personId }) => personId).join(' ')]))

describe('whom to offer for a bay', () => {
  it('first whose bay it is, then who stands nowhere, those of the class at work before others', () => {
    const where = new Map([['Di', at('bay-2')]])
    expect(ids(likelyFirst(PEOPLE, 'bay-1', where))).toEqual({ usual: 'Cy', free: 'Bo Ada Eve Flo', elsewhere: 'Di', onWatch: '' })
  })
  it('whoever stands there is first; whose bay it is but who stands elsewhere is among those', () => {
    const where = new Map([['Cy', at('bay-2')], ['Eve', at('bay-1', 'bay-3')]])
    expect(ids(likelyFirst(PEOPLE, 'bay-1', where))).toMatchObject({ usual: 'Eve', elsewhere: 'Cy' })
  })
  it('those who weld before those who do not, whatever their group', () => {
    const people = [person('Aud', 'Tuesday', null, 'auditor'), ...PEOPLE]
    expect(ids(likelyFirst(people, 'bay-9', new Map()))).toMatchObject({ free: 'Ada Bo Cy Di Eve Flo Aud' })
  })
  it('whoever is on watch is never among those who may', () => {
    const where = new Map([['Cy', { bayIds: ['bay-1'], watchesAt: 'Slip winch' }]])
    expect(ids(likelyFirst(PEOPLE, 'bay-1', where))).toMatchObject({ usual: '', onWatch: 'Cy' })
  })
  it('by a part of a name or of a group, whatever its case', () => {
    expect(ids(likelyFirst(PEOPLE, 'bay-9', new Map(), 'TUES'))).toMatchObject({ free: 'Bo Cy Di' })
    expect(ids(likelyFirst(PEOPLE, 'bay-9', new Map(), 'ad'))).toMatchObject({ free: 'Ada' })
  })
})
