import { describe, expect, it } from 'vitest'
import { operatorsToOffer, watchersToOffer, withPicked } from '~/areas/hotwork/whom-to-offer'
import type { RoleId } from '#core/ids/vocabulary'

const person = (personId: string, ...roles: readonly RoleId[]) => ({ personId, name: personId, roles })
const PEOPLE = [
  person('zoe', 'welder'), person('abel', 'instructor'), person('wim', 'fire-watch'), person('jun', 'store-keeper'),
  person('ada', 'auditor'), person('imke', 'learner'), person('bea', 'welder', 'fire-watch'),
]
interface Stands { readonly bayIds: readonly string[], readonly watchesAt: string | null }
const at = (...bayIds: readonly string[]): Stands => ({ bayIds, watchesAt: null })
const watching: Stands = { bayIds: [], watchesAt: 'Slipway' }
const names = (people: readonly { readonly name: string }[]) => people.map(({ name }) => name)

describe('whom to offer as fire watch', () => {
  it('is whoever may stand one, those first whose work it is, then by name', () => {
    expect(names(watchersToOffer(PEOPLE, [], new Map()))).toEqual(['bea', 'wim', 'abel', 'imke', 'zoe'])
  })
  it('is nobody who works there, stands at a bay or watches elsewhere', () => {
    const where = new Map([['abel', at('bay-1')], ['wim', watching]])
    expect(names(watchersToOffer(PEOPLE, ['zoe'], where))).toEqual(['bea', 'imke'])
  })
  it('is nobody whose watch stands where the board does not say', () => {
    expect(names(watchersToOffer(PEOPLE, [], new Map([['wim', { bayIds: [], watchesAt: '' }]])))).not.toContain('wim')
  })
})

it('whoever was picked and is not offered any more stays in sight, and nobody twice', () => {
  const offered = watchersToOffer(PEOPLE, [], new Map([['wim', watching]]))
  expect(names(withPicked(offered, PEOPLE, ['wim', 'bea']))).toEqual(['bea', 'abel', 'imke', 'zoe', 'wim'])
})

describe('whom to offer as doing the work of a permit', () => {
  it('is who stands at its bay, then who weld, then the others who may, and nobody on watch', () => {
    const where = new Map([['abel', at('gate-3')], ['wim', watching], ['zoe', at('bay-1')]])
    expect(names(operatorsToOffer(PEOPLE, 'gate-3', where))).toEqual(['abel', 'bea', 'imke', 'zoe'])
    expect(names(operatorsToOffer(PEOPLE, null, where))).toEqual(['bea', 'imke', 'zoe', 'abel'])
  })
})
