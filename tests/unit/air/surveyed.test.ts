import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hoodKey, placeKey } from '#core/air/bay-air'
import { measuredAt, surveyedAt, surveyedPlace } from '#core/air/surveyed'
import { jobOfPattern, jobPattern } from '#core/job/job-pattern'
import type { Survey } from '#core/streams/samples/samples'
import { ARM, facts, HALL, NEAR, ready, STICK } from './air-of-a-shop'

describe('what a survey was taken at', () => {
  it('is read back from its keys: the work without its times, the hood and where it stood', () => {
    const { startsAt: _s, endsAt: _e, residue: _r, container: _c, ...work } = STICK
    const place = surveyedAt(facts({ one: ready() }), 'one')!
    expect(surveyedPlace(place)).toEqual({ job: work, extraction: ARM, position: NEAR })
    expect(surveyedPlace({ ...place, hoodKey: hoodKey(null, null) })).toMatchObject({ extraction: null, position: null })
  })
  it('is nothing where a key is of another make, whatever it holds', () => {
    for (const key of ['', 'null', '{}', '[1]', '[["process"]]', 'stick', '[["process",7]]'])
      expect(surveyedPlace({ jobKey: key, roomKey: placeKey(HALL), hoodKey: key })).toMatchObject({ job: null })
    fc.assert(fc.property(fc.string(), (text) => {
      surveyedPlace({ jobKey: text, roomKey: text, hoodKey: text })
    }))
  })
  it('a pattern reads back as the job it was made of', () => {
    expect(jobPattern(jobOfPattern(jobPattern(STICK))!)).toBe(jobPattern(STICK))
  })
  it('nothing was surveyed without a job, nor in a hall that nobody described', () => {
    expect(surveyedAt(facts({ one: ready({ job: null }) }), 'one')).toBeNull()
    expect(surveyedAt({ ...facts({ one: ready() }), halls: {} }, 'one')).toBeNull()
    expect(surveyedAt(facts({ one: ready() }), 'nine')).toBeNull()
  })
})

it('what was measured at a bay speaks for what stands there and for nothing else', () => {
  const known = facts({ one: ready(), two: ready({ job: { ...STICK, currentA: 90 } }) })
  const survey = (over: Partial<Survey> = {}): Survey => ({
    surveyId: 's', substance: 'total-fume', takenOn: '2026-02-20', withdrawn: false, place: surveyedAt(known, 'one')!,
    results: [0.2, 0.25, 0.3].map((mgPerM3, i) => ({ label: `P${i + 1}`, mgPerM3, isBelowLoq: false, minutes: 480 })),
    ...over,
  })
  const surveys = { one: [survey()], two: [survey()] }
  expect(measuredAt({ ...known, surveys }, 'one').pooled).toHaveLength(1)
  expect(measuredAt({ ...known, surveys }, 'two')).toMatchObject({ pooled: [], judged: [{ standing: 'other-work' }] })
})
