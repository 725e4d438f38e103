import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { requiredOutfit, spatterOf } from '#core/ppe/required-outfit'
import type { Job } from '#core/job/job'
import { CONFINEMENTS, POSITIONS, PROCESSES, ZONES } from '#core/ids/vocabulary'

const of = (job: Job) => Object.fromEntries(requiredOutfit(job).map(({ zone, requirement }) => [zone, requirement]))

describe('the required outfit', () => {
  it('names every zone once, from head to foot, with a reason and a source, for every process and place', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PROCESSES),
        fc.constantFrom(...POSITIONS),
        fc.constantFrom(...CONFINEMENTS),
        (process, position, confinement) => {
          const outfit = requiredOutfit({ process, position, confinement })
          expect(outfit.map(({ zone }) => zone)).toEqual(ZONES)
          for (const { reasons, sources } of outfit) expect(reasons.length * sources.length).toBeGreaterThan(0)
        },
      ),
    )
  })
  // ISO 11611:2015 Annex A, recalled: examples of the two classes.
  it.each([
    [{ process: 'gtaw', currentA: 85 }, 'light'],
    [{ process: 'gmaw', currentA: 120, shieldingGas: 'argon-co2' }, 'light'],
    [{ process: 'gmaw', currentA: 260 }, 'heavy'],
    [{ process: 'gmaw', currentA: 120, shieldingGas: 'co2' }, 'heavy'],
    [{ process: 'smaw', currentA: 110, consumable: 'e6013' }, 'light'],
    [{ process: 'smaw', currentA: 110, consumable: 'e7018' }, 'heavy'],
    [{ process: 'fcaw-s', currentA: 150 }, 'heavy'],
    [{ process: 'pac', currentA: 45 }, 'heavy'],
    [{ process: 'cac-a', currentA: 300 }, 'heavy'],
    [{ process: 'ofw' }, 'light'],
    [{ process: 'tb' }, 'light'],
    [{ process: 'gtaw', currentA: 60, position: 'overhead' }, 'heavy'],
    [{ process: 'gtaw', currentA: 60, confinement: 'confined' }, 'heavy'],
  ] as const)('%o throws %s spatter', (job, spatter) => expect(spatterOf(job)).toBe(spatter))
  it('what is not known counts at its harder end', () => {
    expect(spatterOf({ process: 'gmaw' })).toBe('heavy')
    expect(spatterOf({ process: 'smaw', currentA: 90 })).toBe('heavy')
  })
  it('overhead adds a hood and full leather', () => {
    expect(of({ process: 'smaw', currentA: 110, consumable: 'e6013', position: 'overhead' })).toMatchObject({
      'hair-head': 'flame-resistant-hood',
      'torso': 'leather-jacket',
      'neck': 'neck-leather',
      'legs': 'leather-leggings',
    })
  })
  it('thin gloves for TIG, lined for stick; goggles for a flame even overhead; supplied air in a confined space', () => {
    expect(of({ process: 'gtaw' }).hands).toBe('thin-dexterous-gauntlet')
    expect(of({ process: 'smaw' }).hands).toBe('lined-gauntlet')
    expect(of({ process: 'ofc', position: 'overhead' }).eyes).toBe('flame-goggles')
    expect(of({ process: 'smaw', confinement: 'confined' }).lungs).toBe('supplied-air-to-be-judged')
  })
})
