import { expect, it } from 'vitest'
import { jobsOfPerson } from '#core/job/jobs-of-person'
import type { WorkOfBay } from '#core/job/jobs-of-person'
import type { ProcessId } from '#core/ids/vocabulary'

const NOW = '2026-11-23T15:00:00.000Z'
const bay = (bayId: string, process: ProcessId | null, personId: string | null, earlier: WorkOfBay['earlierJobs'] = []): WorkOfBay =>
  ({ bayId, job: process && { process }, personId, earlierJobs: earlier })
const before = (process: ProcessId, personId: string, validUntil = '2026-11-24T09:00:00.000Z') =>
  ({ job: { process }, personId, validUntil, sinceAt: null, untilAt: null })
const of = (at: WorkOfBay, others: readonly WorkOfBay[]) =>
  jobsOfPerson(at, [at, ...others], NOW).map(one => `${one.bayId} ${one.job.process}`)

it('is the job of the bay, then of the other bays where they stand, then what they did before today anywhere', () => {
  const at = bay('1', 'gtaw', 'kit', [before('smaw', 'kit'), before('fcaw-s', 'lena')])
  expect(of(at, [bay('2', 'cac-a', 'kit'), bay('3', 'gmaw', 'lena', [before('ofc', 'kit')]), bay('4', null, 'kit')])).toEqual([
    '1 gtaw', '2 cac-a', '1 smaw', '3 ofc',
  ])
})
it('nothing of yesterday, and of a bay where nobody stands its own job alone', () => {
  expect(of(bay('1', 'gtaw', 'kit', [before('smaw', 'kit', NOW)]), [])).toEqual(['1 gtaw'])
  expect(of(bay('1', 'gtaw', null, [before('smaw', 'kit')]), [bay('2', 'smaw', null)])).toEqual(['1 gtaw'])
  expect(of(bay('1', null, 'kit'), [bay('2', 'smaw', 'kit')])).toEqual(['2 smaw'])
})
