import { describe, expect, it } from 'vitest'
import { dayWork, jobSpan } from '#core/job/day-work'
import type { Job } from '#core/job/job'

const NOW = '2026-03-02T09:00:00.000Z'
const LATER = '2026-03-03T04:00:00.000Z'
const job = (startsAt: string, endsAt: string, process: Job['process'] = 'smaw'): Job => ({ process, startsAt, endsAt })
const spans = (earlier: readonly Job[], current: Job | null) => dayWork(earlier.map(one => ({ job: one, validUntil: LATER })), current, 4, NOW).map(({ job: { process }, fromMin, toMin }) => `${process} ${fromMin}-${toMin}`)

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
  it('forgets the day before', () => expect(dayWork([{ job: job('08:00', '10:00'), validUntil: NOW }], null, 4, NOW)).toEqual([]))
})
