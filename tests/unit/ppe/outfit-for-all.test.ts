import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Job } from '#core/job/job'
import { doesFail, judgeGarments } from '#core/ppe/judge-garments'
import { outfitForAll } from '#core/ppe/outfit-for-all'
import { wear } from '#core/ppe/wearables'
import type { ToldGarment } from '#core/ppe/wearables'
import { WEARABLES } from '#core/ids/wearable-ids'

const TIG: Job = { process: 'gtaw', currentA: 60, baseMetal: 'mild-steel' }
const STICK: Job = { process: 'smaw', currentA: 140, baseMetal: 'mild-steel' }
const OVERHEAD: Job = { ...STICK, position: 'overhead' }
const wornIn = (...wearables: Parameters<typeof wear>[1][]): readonly ToldGarment[] =>
  wearables.reduce<readonly ToldGarment[]>((worn, one) => wear(worn, one), [])
const failing = (job: Job, worn: readonly ToldGarment[]) => judgeGarments(job, worn).zones.filter(doesFail).map(({ zone }) => zone)

describe('clothes for several jobs of one day', () => {
  it('pass only where they pass for each: thin gloves do for TIG at 60 A and not for stick at 140 A', () => {
    const worn = wornIn('gloves-thin')
    expect(failing(TIG, worn)).not.toContain('hands')
    expect(failing(STICK, worn)).toContain('hands')
    for (const jobs of [[TIG, STICK], [STICK, TIG]]) {
      const both = outfitForAll(jobs.map(job => judgeGarments(job, worn)))!
      expect(both.zones.filter(doesFail).map(({ zone }) => zone)).toContain('hands')
      expect(both.verdict).toBe('fail')
    }
  })
  it('are judged for no job at all where there is none', () => expect(outfitForAll([])).toBeNull())
  it('never pass what one of the jobs refuses, and refuse nothing that all of them pass', () =>
    fc.assert(
      fc.property(fc.subarray([...WEARABLES]), fc.subarray([TIG, STICK, OVERHEAD], { minLength: 1 }), (on, jobs) => {
        const worn = wornIn(...on)
        const each = jobs.map(job => judgeGarments(job, worn))
        const all = outfitForAll(each)!
        expect(new Set(all.zones.filter(doesFail).map(({ zone }) => zone))).toEqual(new Set(jobs.flatMap(job => failing(job, worn))))
        expect(new Set(all.zones.map(({ zone }) => zone))).toEqual(new Set(each.flatMap(({ zones }) => zones.map(({ zone }) => zone))))
        expect(new Set(all.zones.map(({ zone }) => zone)).size).toBe(all.zones.length)
      }),
    ))
})
