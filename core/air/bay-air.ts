import type { Extraction } from '../streams/hall/hall'
import { stands } from '../time/instant'
import type { DayJob } from '../job/day-work'
import type { Helping } from '../job/helping'
import type { Job } from '../job/job'
import type { Hood } from '../ventilation/hood'
import type { HoodKindId } from '../ids/vocabulary'
import type { ExtractionFault } from '../ids/air-ids'
import type { Instant } from '../time/instant'

/** Where the mouth of a hood is, seen from the arc. */
export const HOOD_PLACEMENTS = ['beside', 'above'] as const

/** Where the instructor put the hood. */
export interface HoodPosition {
  /** Over the arc it receives the rising plume; beside it, it must draw. */
  readonly placement: (typeof HOOD_PLACEMENTS)[number]
  readonly distanceM: number
}

/** Everything about one bay that its air rests on. */
export interface BayAir {
  readonly bayId: string
  readonly job: Job | null
  readonly earlierJobs: readonly DayJob[]
  /** Null: it has none. Undefined: nobody has said. */
  readonly extraction: Extraction | null | undefined
  readonly position: HoodPosition | null
  readonly personId: string | null
  /** Who helps here today, or did; left out where a plan is tried: nobody. */
  readonly helpers?: readonly Helping[]
  /** Today's look at the extraction; left out where a plan is tried: then it is taken to run as it should. */
  readonly check?: ExtractionCheck | null
  /** The flow of its hood is one that is tried: it draws that, whatever else hangs on its ducts. */
  readonly isFlowTried?: boolean
}

/** Does the hood draw now: looked at today and nothing wrong? Without a hood there is nothing to run. */
export const isHoodRunning = ({ extraction, check }: Pick<BayAir, 'extraction' | 'check'>, now: Instant): boolean =>
  Boolean(extraction) && (check === undefined || (check !== null && stands(check.validUntil, now) && extractionFault(check) === null))

/** The instructor's check of the extraction, good until the shop day ends. */
export interface ExtractionCheck {
  readonly on: boolean
  readonly damperOpen: boolean
  readonly inPosition: boolean
  /** Smoke or a strip of paper is drawn in. */
  readonly draws: boolean
  readonly validUntil: Instant
}

/** What a check of the extraction found wrong first, in the order it is looked for; null when it draws as it should. */
export const extractionFault = ({ on, damperOpen, inPosition, draws }: Omit<ExtractionCheck, 'validUntil'>): ExtractionFault | null =>
  !on ? 'off' : !damperOpen ? 'damper-shut' : !inPosition ? 'out-of-position' : draws ? null : 'no-draw'

/** Kinds that stand where they were built: their distance is still set, but not whether beside or above. */
const KIND_WHEN: Readonly<Record<Extraction['kind'], (placement: HoodPosition['placement']) => HoodKindId>> = {
  arm: placement => placement === 'above' ? 'overhead' : 'opening',
  opening: placement => placement === 'above' ? 'overhead' : 'opening',
  slot: () => 'slot', canopy: () => 'canopy', bench: () => 'bench', downdraft: () => 'downdraft', booth: () => 'booth', gun: () => 'gun',
}

/** Extraction that works without a position: the work stands in it, or it sits on the gun. */
export const needsPosition = (kind: Extraction['kind']): boolean => kind !== 'booth' && kind !== 'gun'

/**
 * The hood as physics sees it; null where there is none, nobody has set its place, or nobody knows what it draws.
 *
 * @param flowM3PerS what it draws now; left out: what it was found to draw
 */
export function hoodAtWork(
  extraction: Extraction | null | undefined,
  position: HoodPosition | null,
  flowM3PerS: number | null | undefined = extraction?.flowM3PerS,
): { readonly hood: Hood, readonly distanceM: number } | null {
  if (!extraction || flowM3PerS === null || flowM3PerS === undefined || (needsPosition(extraction.kind) && !position)) return null
  const { kind, diameterM, widthM, heightM, flanged } = extraction
  return {
    hood: {
      kind: KIND_WHEN[kind](position?.placement ?? 'beside'),
      diameterM,
      widthM,
      heightM,
      flanged,
      flowM3PerS,
      ...(kind === 'arm' ? { isMovable: true } : {}),
    },
    distanceM: position?.distanceM ?? 0,
  }
}

/** One text for one thing, its fields in one order: what comes back from the record has them sorted. */
export const placeKey = (thing: object | null): string => JSON.stringify(thing && Object.entries(thing).sort(([a], [b]) => a < b ? -1 : 1))

/** What a survey holds for: this hood in this place. */
export const hoodKey = (extraction: Extraction | null | undefined, position: HoodPosition | null): string =>
  `${placeKey(extraction ?? null)} ${placeKey(extraction ? position : null)}`

/** Both things of a `hoodKey`, each null where it was not there or cannot be read. */
export function thingsOfKey(key: string): readonly [extraction: object | null, position: object | null] {
  const read = (text: string): object | null => {
    try {
      const entries: unknown = JSON.parse(text)
      return Array.isArray(entries) ? Object.fromEntries(entries as [string, unknown][]) : null
    } catch {
      // A key of another make says nothing that could be shown.
      return null
    }
  }
  const cut = key.indexOf(' ')
  return cut < 0 ? [null, null] : [read(key.slice(0, cut)), read(key.slice(cut + 1))]
}
