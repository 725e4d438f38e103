import { describe, expect, it } from 'vitest'
import { ANY_POSTURE, BEHIND_A_JET, postureOf } from '#core/exposure/hall-doubt'
import { HEADS, PROCESSES } from '#core/ids/vocabulary'
import type { Job } from '#core/job/job'

const JOB: Job = { process: 'gmaw', position: 'flat', confinement: 'open' }

describe('how somebody stands to the plume of their job', () => {
  it('unwatched, in pencil or not said, all of it may be', () => {
    for (const job of [JOB, { ...JOB, head: 'not-watched' }, { ...JOB, head: 'out-of-plume', assumed: ['head'] }] as Job[])
      expect(postureOf(job)).toEqual(ANY_POSTURE)
  })
  it('out of the plume is a third to a tenth of in it, beside it between them', () => {
    const at = (head: Job['head']) => postureOf({ ...JOB, head }).shift
    const ratio = at('in-plume').mid / at('out-of-plume').mid
    expect(ratio).toBeGreaterThan(3)
    expect(ratio).toBeLessThan(10)
    expect(at('beside-plume').high).toBeGreaterThan(at('out-of-plume').high)
    expect(at('beside-plume').high).toBeLessThan(at('in-plume').high)
  })
  it('never opens where nobody can keep out of it, or where nobody said how they stand', () => {
    const tight: Partial<Job>[] = [
      { position: 'overhead' }, { position: undefined }, { confinement: 'restricted' }, { confinement: 'confined' },
      { confinement: 'against-wall' }, { confinement: undefined },
    ]
    for (const change of tight) {
      const { shift, run } = postureOf({ ...JOB, ...change, head: 'out-of-plume' })
      expect(shift.high).toBeGreaterThanOrEqual(ANY_POSTURE.shift.high)
      expect(run.high).toBeGreaterThanOrEqual(ANY_POSTURE.run.high)
      expect(postureOf({ ...JOB, ...change, head: 'in-plume' }).shift.high).toBeGreaterThan(ANY_POSTURE.shift.high)
    }
  })
  it('whatever is said of any process, a run is breathed no less than a shift, and every range is in order', () => {
    for (const process of PROCESSES) {
      for (const head of HEADS) {
        const { shift, run } = postureOf({ ...JOB, process, head })
        for (const { low, mid, high } of [shift, run]) expect(low <= mid && mid <= high && low > 0).toBe(true)
        for (const end of ['low', 'mid', 'high'] as const) expect(run[end]).toBeGreaterThanOrEqual(shift[end])
        if (process === 'pac') expect(shift.high).toBeGreaterThanOrEqual(BEHIND_A_JET.shift.high)
      }
    }
  })
})
