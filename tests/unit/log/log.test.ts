import { describe, expect, it } from 'vitest'
import { LOG_KIND } from '#core/ids/log-kinds'
import { MANY, SINGLE } from '#core/ids/streams'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { RULE_WORDS, rulesChanged } from '~/areas/rules/rule-words'
import { askedFor, searchIn } from '~/areas/log/log-search'

describe('kinds of the record', () => {
  it('hold every stream, and no line is of two', () => {
    const kinds = Object.values(LOG_KIND)
    for (const name of [...SINGLE, ...MANY]) {
      const own = kinds.filter(({ single, many }) => [...single, ...many].some(one => one === name))
      const named = own.flatMap(({ types = [] }) => types)
      // Where a stream is of several kinds, each but one takes types by name, and that one takes all others.
      expect(own.filter(({ types }) => !types), name).toHaveLength(1)
      expect(new Set(named).size, name).toBe(named.length)
      expect([...own.find(({ types }) => !types)!.without ?? []].toSorted(), name).toEqual(named.toSorted())
    }
  })
})

describe('a search in the address bar', () => {
  it('is asked for as it stands there, and an empty one asks for all', () => {
    expect(askedFor(searchIn({ day: '2026-11-23', by: 'maren', at: 'bay/bay-4', of: 'item/gr-2', kind: 'stops' })))
      .toEqual({ day: '2026-11-23', personId: 'maren', bayId: 'bay-4', streamId: 'item/gr-2', kind: 'stops' })
    expect(askedFor(searchIn({ at: 'place/cage' }))).toEqual({ placeId: 'cage' })
    expect(askedFor(searchIn({}))).toEqual({})
  })
  it('passes over what is none', () => {
    const junk = { day: 'yesterday', by: ['maren', 'oskar'], at: 'cage', of: '../../etc', kind: 'everything' }
    expect(askedFor(searchIn(junk))).toEqual({})
    for (const day of ['2026-02-30', '2026-13-01', '0000-00-00']) expect(askedFor(searchIn({ day })), day).toEqual({})
    expect(askedFor(searchIn({ by: null, at: 'bay/', of: 'x'.repeat(101), kind: 'stops ' }))).toEqual({})
  })
})

describe('house rules in the record', () => {
  it('tell from what to what, and nothing of what stayed', () => {
    const halved: HouseRules = { ...NEW_SITE_RULES, actionFraction: 0.25, shadeMinimum: 11, emergencyNumber: '911' }
    expect(rulesChanged(NEW_SITE_RULES, halved)).toEqual([
      { name: 'House minimum for open arcs', from: 'none', to: '11' },
      { name: 'Emergency', from: 'none', to: '911' },
      { name: 'Action fraction', from: '50 %', to: '25 %' },
    ])
    expect(rulesChanged(halved, halved)).toEqual([])
  })
  it('that an older record lacks count as those of a new site', () => {
    const { language: _language, ...older } = NEW_SITE_RULES
    expect(rulesChanged(older, NEW_SITE_RULES)).toEqual([])
    expect(rulesChanged(older, { ...NEW_SITE_RULES, language: 'es' })).toEqual([{ name: 'Language', from: 'English', to: 'Español' }])
  })
  it('have a name and a value in words, each', () => {
    const says = <Key extends keyof HouseRules>(key: Key) => [RULE_WORDS[key][0](), RULE_WORDS[key][1](NEW_SITE_RULES[key])]
    for (const key of Object.keys(NEW_SITE_RULES) as (keyof HouseRules)[]) {
      const [name, value] = says(key)
      expect(name, key).not.toBe('')
      expect(value, key).not.toMatch(/^$|undefined|null|true|false/)
    }
  })
})
