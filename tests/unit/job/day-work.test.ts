import { describe, expect, it } from 'vitest'
import { dayWork, jobSpan, workOf } from '#core/job/day-work'
import type { Job } from '#core/job/job'

const NOW = '2026-03-02T09:00:00.000Z'
const LATER = '2026-03-03T04:00:00.000Z'
const NOBODY = { personId: null, sinceAt: null, untilAt: null }
const job = (startsAt: string, endsAt: string, process: Job['process'] = 'smaw'): Job => ({ process, startsAt, endsAt })
const spans = (earlier: readonly Job[], current: Job | null) =>
  dayWork(
    earlier.map(one => ({ job: one, validUntil: LATER, ...NOBODY })),
    current,
    4,
    NOW,
  ).map(({ job: { process }, fromMin, toMin }) => `${process} ${fromMin}-${toMin}`)

describe('the work of a bay\'s day', () => {
  it('counts from the shop-day hour, over midnight too', () => {
    expect(jobSpan(job('08:00', '12:00'), 4)).toMatchObject({ fromMin: 240, toMin: 480 })
    expect(jobSpan(job('22:00', '02:00'), 4)).toMatchObject({ fromMin: 1080, toMin: 1320 })
    expect(jobSpan(job('03:00', '05:00'), 4)).toMatchObject({ fromMin: 1380, toMin: 1500 })
    expect(jobSpan(job('08:00', '08:00'), 4)).toBeNull()
  })
  it('keeps an earlier job, and gives a later one the time it needs', () => {
    expect(spans([job('08:00', '10:00', 'gmaw')], job('10:00', '12:00'))).toEqual(['gmaw 240-360', 'smaw 360-480'])
    expect(spans([job('08:00', '12:00', 'gmaw')], job('10:00', '11:00'))).toEqual(['gmaw 240-360', 'gmaw 420-480', 'smaw 360-420'])
    expect(spans([job('08:00', '12:00', 'gmaw')], job('08:00', '12:00'))).toEqual(['smaw 240-480'])
  })
  it('forgets the day before', () =>
    expect(dayWork([{ job: job('08:00', '10:00'), validUntil: NOW, ...NOBODY }], null, 4, NOW)).toEqual([]))
})

describe('the work of one person', () => {
  const clock = { timeZone: 'Europe/London', shopDayHour: 4 }
  const theirs = (sinceAt: string | null, untilAt: string | null) =>
    workOf(
      'imke',
      [{ job: job('08:00', '12:00'), validUntil: LATER, personId: 'imke', sinceAt, untilAt }],
      { job: null, personId: null },
      clock,
      NOW,
    ).map(({ fromMin, toMin }) => `${fromMin}-${toMin}`)
  it('is the part of a job that stood while they were there, by the clock on the wall', () => {
    expect(theirs('2026-03-02T07:30:00.000Z', '2026-03-02T09:00:00.000Z')).toEqual(['240-300'])
    expect(theirs('2026-03-02T07:30:00.000Z', '2026-03-02T07:45:00.000Z')).toEqual([])
  })
  it('and the whole of it where nobody wrote down when they came or went', () => expect(theirs(null, null)).toEqual(['240-480']))
  it('told late it is theirs from its beginning, but for the time in which something else stood there', () => {
    // 08:00 to 10:00, told at ten and replaced a minute after.
    const entry = (personId: string, [startsAt, endsAt]: readonly [string, string], sinceAt: string, untilAt: string) => ({
      job: job(startsAt, endsAt), validUntil: LATER, personId,
      sinceAt: `2026-03-02T${sinceAt}:00.000Z`, untilAt: `2026-03-02T${untilAt}:00.000Z`,
    })
    const late = entry('imke', ['08:00', '10:00'], '10:00', '10:01')
    const of = (personId: string, ...earlier: Parameters<typeof workOf>[1]) =>
      workOf(personId, earlier, { job: null, personId: null }, clock, NOW).map(({ fromMin, toMin }) => `${fromMin}-${toMin}`)
    expect(of('imke', late)).toEqual(['240-360'])
    // Kit worked there from eight to nine: the hour is Kit's.
    expect(of('imke', entry('kit', ['08:00', '09:00'], '07:50', '09:00'), late)).toEqual(['300-360'])
    // A job that was put right while it went on counts once.
    const first = entry('imke', ['08:00', '12:00'], '07:50', '09:00')
    expect(of('imke', first, entry('imke', ['08:00', '12:00'], '09:00', '11:00'))).toEqual(['240-300', '300-420'])
  })
  it('what somebody else did there is not theirs; the job that stands is, if they stand at it', () => {
    const current = { job: job('10:00', '14:00'), personId: 'imke' }
    expect(
      workOf(
        'imke',
        [{ job: job('08:00', '12:00'), validUntil: LATER, personId: 'kit', sinceAt: null, untilAt: null }],
        current,
        clock,
        NOW,
      ).map(({ fromMin, toMin }) => `${fromMin}-${toMin}`),
    ).toEqual(['360-600'])
    expect(workOf('kit', [], current, clock, NOW)).toEqual([])
  })
})
