import { afterAll, afterEach, describe, expect, it, vi } from 'vitest'
import { lacksOf } from '~/frame/checkForm'
import { speakLanguage } from '~/words/live'

/** A screen's page says which language it is in. */
vi.stubGlobal('document', { documentElement: { lang: 'en' } })
afterEach(() => speakLanguage('en'))
afterAll(() => vi.unstubAllGlobals())

const person = { name: 'Ines Calder', roles: ['learner'], areaId: null, bayId: null }

describe('what a form lacks, by the schema that the server reads it with', () => {
  it('lacks nothing where the server would take it', () => {
    expect(lacksOf('person.add', person)).toEqual([])
  })

  it('names each field once, where it stands in what would be sent', () => {
    expect(lacksOf('person.add', { ...person, name: '' })).toEqual([{ name: 'name', message: 'Needed.' }])
    const choice = { jurisdiction: 'us', units: 'us', language: 'en' }
    const shop = { code: 'A', site: { name: 'Shop', timeZone: '' }, choice, personName: 'Ines', loginName: 'ines', password: 'long enough' }
    expect(lacksOf('first-run', shop)).toEqual([{ name: 'site.timeZone', message: 'Needed.' }])
  })

  it('says what is needed where nothing is there, and what to choose where something else is', () => {
    const lacks = lacksOf('item.register', { kind: 'sword', marks: {} })
    expect(lacks).toContainEqual({ name: 'kind', message: 'Choose one.' })
    expect(lacks).toContainEqual({ name: 'name', message: 'Needed.' })
  })

  it('says the rest in the contract\'s own words, as a sentence, in the language of the screen', async () => {
    const short = { loginName: 'ines', code: 'AB', password: 'short', pin: null }
    expect(lacksOf('redeem', short)).toEqual([{ name: 'password', message: 'At least 10 characters.' }])
    expect(await speakLanguage('es')).toBe(true)
    expect(lacksOf('redeem', short)[0]!.message).toMatch(/^Al menos 10 /)
  })
})
