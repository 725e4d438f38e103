import type { SourceId } from '../source/book'
import { isVessel } from './hot-work-class'
import type { HotWorkConditions, HotWorkJob, HotWorkPlace } from './hot-work-class'
import type { PrecautionId } from '../ids/hotwork-ids'
import { PRECAUTIONS } from '../ids/hotwork-ids'

/** A precaution that this place and job ask for. */
export interface Precaution {
  readonly id: PrecautionId
  readonly sources: readonly SourceId[]
  /** May not be waved through with a reason: it is done, or there is no permit. */
  readonly mustBeDone: boolean
  /** Undone after the work: put back before the permit is closed. */
  readonly restore: boolean
}

interface Rule {
  readonly sources: readonly SourceId[]
  readonly needed: (place: HotWorkPlace, job: HotWorkJob, conditions: HotWorkConditions) => boolean
  readonly mustBeDone?: true
  readonly restore?: true
}
const always = (): boolean => true
/** Not knowing whether it is so, it is seen to. */
const unless = (fact: boolean | undefined): boolean => fact !== false

const RULES: Readonly<Record<PrecautionId, Rule>> = {
  'cold-or-bay': { sources: ['usHotWork'], needed: always },
  'floor-swept': { sources: ['usHotWork'], needed: always, mustBeDone: true },
  'floor-wetted': { sources: ['usHotWork'], needed: ({ hardFloor }) => hardFloor !== true },
  'liquids-dust-out': { sources: ['usProhibited'], needed: always, mustBeDone: true },
  'circle-clear': { sources: ['usHotWork', 'blankets'], needed: always, mustBeDone: true },
  'openings-covered': { sources: ['usHotWork'], needed: always },
  'other-side': { sources: ['usHotWork'], needed: ({ otherSide }) => unless(otherSide) },
  'levels-below': {
    sources: ['usHotWork', 'consensusHotWork'], needed: ({ level, openLevels }) => (level ?? 1) > 0 || (openLevels ?? 1) > 0,
  },
  'drop-zone': { sources: ['sparkModel'], needed: (_place, { heightM }) => (heightM ?? 2) >= 2 },
  'ducts-conveyors': { sources: ['usHotWork'], needed: always, restore: true },
  'sprinklers-live': { sources: ['usProhibited'], needed: (_place, _job, { sprinklers }) => sprinklers !== 'none', mustBeDone: true },
  'heads-shielded': { sources: ['detectors'], needed: (_place, _job, { sprinklers }) => sprinklers !== 'none', restore: true },
  'detectors-isolated': { sources: ['detectors'], needed: always, restore: true },
  'container-vented': { sources: ['usContainers'], needed: (_place, job) => isVessel(job), mustBeDone: true },
  'confined-entry': { sources: ['usConfinedWork'], needed: ({ confined }) => unless(confined), mustBeDone: true },
  'gas-test': { sources: ['usConfined', 'gasRetest'], needed: needsGasTest, mustBeDone: true },
  'cylinders-clear': { sources: ['usConfinedWork'], needed: always },
  'breathing': { sources: ['usConfinedWork'], needed: always },
  'extinguisher': { sources: ['extinguisherAtWork', 'extinguisherClasses'], needed: always, mustBeDone: true },
  'metal-powder': { sources: ['extinguisherClasses'], needed: (_place, { metalFire }) => unless(metalFire), mustBeDone: true },
  'bucket-hose': { sources: ['usHotWork'], needed: always },
  'screens': { sources: ['blankets'], needed: always },
  'alarm-route': { sources: ['usHotWork'], needed: always, mustBeDone: true },
  'hot-marked': { sources: ['usHotWork'], needed: always },
  'kit-looked-at': { sources: ['usHotWork'], needed: always },
}

/** Could there be vapour, or does nobody know? Then the air is tested before the start, and again by a clock. */
export function needsGasTest({ confined }: HotWorkPlace, job: HotWorkJob, { lelPercent, oxygenPercent }: HotWorkConditions = {}): boolean {
  return (
    confined !== false
    || isVessel(job)
    || job.contents === 'flammable'
    || job.contents === 'unknown'
    || lelPercent !== undefined
    || oxygenPercent !== undefined
  )
}

/** The precautions that follow from a place, a job and the conditions, in the order they are walked. Source: each its own. */
export function precautionsFor(place: HotWorkPlace, job: HotWorkJob, conditions: HotWorkConditions): readonly Precaution[] {
  return PRECAUTIONS.flatMap((id): Precaution[] => {
    const { needed, sources, mustBeDone, restore } = RULES[id]
    return needed(place, job, conditions) ? [{ id, sources, mustBeDone: mustBeDone ?? false, restore: restore ?? false }] : []
  })
}
