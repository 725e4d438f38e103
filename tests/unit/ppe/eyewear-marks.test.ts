import { describe, expect, it } from 'vitest'
import { EYEWEAR_MARKS, EYEWEAR_MEANINGS } from '#core/optics/eyewear-marks'

// ANSI/ISEA Z87.1-2020 and EN 166:2001, both from memory.
describe('marks on glasses', () => {
  it('asked for under a helmet are those of impact, and no tint, of either school', () => {
    expect(EYEWEAR_MARKS.filter(({ isAskedFor }) => isAskedFor).map(({ mark }) => mark)).toEqual(['Z87+', 'F', 'FT'])
    for (const { meaning, isAskedFor } of EYEWEAR_MARKS)
      if (['no-impact', 'robust', 'light', 'photochromic', 'welding-shade'].includes(meaning)) expect(isAskedFor, meaning).toBe(false)
  })
  it('each stands once, and every meaning has one', () => {
    expect(new Set(EYEWEAR_MARKS.map(({ mark }) => mark)).size).toBe(EYEWEAR_MARKS.length)
    expect(new Set(EYEWEAR_MARKS.map(({ meaning }) => meaning))).toEqual(new Set(EYEWEAR_MEANINGS))
  })
})
