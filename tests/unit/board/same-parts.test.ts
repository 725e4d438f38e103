import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { keepSameParts } from '#shared/same-parts'

/** What comes as JSON: no two of its parts are the very same. */
const anew = <Value>(value: Value): Value => JSON.parse(JSON.stringify(value)) as Value

describe('what is read anew', () => {
  const floor = {
    site: { bays: [{ id: 'bay-1' }, { id: 'bay-2' }] },
    stations: [{ bayId: 'bay-1', job: { currentA: 90 } }, { bayId: 'bay-2', job: null }],
  }

  it('is what was there, where it says the same', () => {
    expect(keepSameParts(floor, anew(floor))).toBe(floor)
  })
  it('is new where it says something else, and on the way there, and nowhere beside it', () => {
    const now = anew(floor)
    now.stations[0]!.job!.currentA = 91
    const shown = keepSameParts(floor, now)
    expect(shown).toEqual(now)
    expect(shown.site).toBe(floor.site)
    expect(shown.stations).not.toBe(floor.stations)
    expect(shown.stations[0]).not.toBe(floor.stations[0])
    expect(shown.stations[1]).toBe(floor.stations[1])
  })
  it('takes away what is no longer said, of a list and of a record', () => {
    expect(keepSameParts([1, 2], [1])).toEqual([1])
    expect(keepSameParts({ job: 1, by: 2 }, { job: 1 })).toEqual({ job: 1 })
    expect(Object.keys(keepSameParts({ job: 1, by: 2 }, { job: 1 }))).toEqual(['job'])
    // A key that says nothing is another than no key.
    expect(Object.keys(keepSameParts<object>({ job: 1 }, { job: 1, by: undefined }))).toEqual(['job', 'by'])
    expect(Object.keys(keepSameParts<object>({ job: 1, by: undefined }, { job: 1, of: undefined }))).toEqual(['job', 'of'])
  })
  it('takes a list for no record, and nothing for no list', () => {
    expect(keepSameParts({ 0: 'a' }, ['a'])).toEqual(['a'])
    expect(keepSameParts(null, [])).toEqual([])
    expect(keepSameParts([], null)).toBeNull()
  })
  it('takes what is neither list nor record as it is: two maps of one size may say different things', () => {
    const now = new Map([['bay-1', 2]])
    expect(keepSameParts(new Map([['bay-1', 1]]), now)).toBe(now)
    expect(keepSameParts({ at: new Date(1) }, { at: new Date(2) }).at.getTime()).toBe(2)
  })
  it('says exactly what is said now, whatever was said before, and changes neither', () => {
    fc.assert(fc.property(fc.jsonValue({ maxDepth: 4 }), fc.jsonValue({ maxDepth: 4 }), fc.boolean(), (one, other, isAlike) => {
      const before: unknown = isAlike ? { one, other } : one
      const now: unknown = isAlike ? { one, other: [other] } : other
      const [was, is] = [JSON.stringify(before), JSON.stringify(now)]
      expect(JSON.stringify(keepSameParts(before, now))).toBe(is)
      expect([JSON.stringify(before), JSON.stringify(now)]).toEqual([was, is])
    }))
  })
})
