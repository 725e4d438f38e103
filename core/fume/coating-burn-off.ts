import type { Range } from '../range'
import { times } from '../range'
import type { SourceRef } from '../source/source-ref'
import { SOURCES } from '../source/sources'
import type { CoatingId, ProcessId, SubstanceId } from '../ids/vocabulary'

/** Zinc oxide for each mass of zinc. Source: atomic masses. */
export const ZNO_PER_ZN = 1.2447

/** Mass of zinc on one face after hot-dip galvanising, g/m², by steel thickness. Source: `galvanising`. */
const HOT_DIP_G_PER_M2: readonly (readonly [overMm: number, gPerM2: number])[] = [[6, 610], [3, 505], [1.5, 395], [0, 325]]
/** The standard prints a lowest mean: real coatings run heavier by as much as half. A continuous-strip coating is far lighter. */
const STRIP_G_PER_M2 = 137.5
const HEAVIER = 1.5

/** The lowest mean mass of zinc that hot-dip galvanising leaves on one face, g/m². */
export const hotDipZincGPerM2 = (thicknessMm: number): number => HOT_DIP_G_PER_M2.find(([overMm]) => thicknessMm > overMm)?.[1] ?? 325

/** What burns off a coating and into the air. */
export interface BurnOff {
  readonly substance: SubstanceId
  /** While the arc burns, mg/min, as the element. */
  readonly mgPerMin: Range
  readonly sources: readonly SourceRef[]
}

/** Width that the heat clears on each side of the joint, mm. Source: `burnOff`. */
const burntEachSideMm = (thicknessMm: number): Range => thicknessMm <= 3 ? { low: 5, mid: 10, high: 15 } : { low: 10, mid: 18, high: 30 }

/** Travel speed by process when nobody gave it, m/min. Common practice. */
const TRAVEL_M_PER_MIN: Readonly<Partial<Record<ProcessId, Range>>> = {
  'smaw': { low: 0.1, mid: 0.18, high: 0.3 },
  'gmaw': { low: 0.2, mid: 0.35, high: 0.6 },
  'fcaw-g': { low: 0.2, mid: 0.35, high: 0.55 },
  'fcaw-s': { low: 0.15, mid: 0.3, high: 0.5 },
  'gtaw': { low: 0.05, mid: 0.1, high: 0.2 },
  'paw': { low: 0.1, mid: 0.25, high: 0.5 },
  'ofw': { low: 0.03, mid: 0.06, high: 0.12 },
  'tb': { low: 0.03, mid: 0.06, high: 0.12 },
  'pac': { low: 0.5, mid: 1.5, high: 4 },
  'ofc': { low: 0.2, mid: 0.4, high: 0.7 },
  'cac-a': { low: 0.3, mid: 0.6, high: 1 },
  'saw': { low: 0.3, mid: 0.6, high: 1.2 },
  'lbw': { low: 0.5, mid: 1.5, high: 4 },
}

/** Share of the burnt metal that stays in the air. Source: `burnOff`. */
const AIRBORNE_ZINC: Range = { low: 0.2, mid: 0.5, high: 0.7 }
const AIRBORNE_LEAD: Range = { low: 0.01, mid: 0.05, high: 0.2 }

const FACES = 2

export interface BurnOffQuestion {
  readonly process: ProcessId
  readonly coating: CoatingId
  readonly plateThicknessMm?: number
  readonly travelSpeedMPerMin?: number
  /** Taken off on each side, both faces, mm. */
  readonly strippedWidthMm: number
}

/** Loading of a coating on one face, g/m², with what it is; null where nobody can say what is in it. */
function loadingOf(
  coating: CoatingId,
  thicknessMm: number,
): { readonly substance: SubstanceId, readonly gPerM2: Range, readonly airborne: Range, readonly source: SourceRef } | null {
  switch (coating) {
    case 'zinc': {
      const mean = hotDipZincGPerM2(thicknessMm)
      return {
        substance: 'zinc',
        gPerM2: { low: thicknessMm <= 3 ? STRIP_G_PER_M2 : mean, mid: mean, high: mean * HEAVIER },
        airborne: AIRBORNE_ZINC,
        source: SOURCES.galvanising,
      }
    }
    // 2.5 to 10 µm of zinc.
    case 'zinc-plated':
      return { substance: 'zinc', gPerM2: { low: 18, mid: 45, high: 72 }, airborne: AIRBORNE_ZINC, source: SOURCES.galvanising }
    // 1 to 20 mg/cm², industrial red lead up to 50.
    case 'lead-paint':
      return { substance: 'lead', gPerM2: { low: 10, mid: 50, high: 500 }, airborne: AIRBORNE_LEAD, source: SOURCES.leadPaint }
    // An unnamed primer or paint may hold zinc, lead or chromate: nobody can say.
    default:
      return null
  }
}

/**
 * What burns off the coating beside the joint: faces × mass per area × burnt width × travel speed × airborne share.
 * A width stripped on each side takes that much of the burnt width away.
 *
 * @returns null when what is in the coating cannot be said: then it must be stripped
 * Source: mass balance; `galvanising`, `burnOff`, `leadPaint`.
 */
export function coatingBurnOff({
  process,
  coating,
  plateThicknessMm,
  travelSpeedMPerMin,
  strippedWidthMm,
}: BurnOffQuestion): BurnOff | null {
  // Thickness unknown: the thickest coating and the widest burn are taken.
  const thicknessMm = plateThicknessMm ?? 25
  const loading = loadingOf(coating, thicknessMm)
  const speed
    = travelSpeedMPerMin === undefined
      ? TRAVEL_M_PER_MIN[process]
      : { low: travelSpeedMPerMin, mid: travelSpeedMPerMin, high: travelSpeedMPerMin }
  if (!loading || !speed) return null
  const burnt = burntEachSideMm(thicknessMm)
  const leftM = (burntMm: number): number => (2 * Math.max(0, burntMm - strippedWidthMm)) / 1000
  const widthM: Range = { low: leftM(burnt.low), mid: leftM(burnt.mid), high: leftM(burnt.high) }
  const gPerMin = times(times(times(loading.gPerM2, widthM), speed), loading.airborne)
  return { substance: loading.substance, mgPerMin: times(gPerMin, FACES * 1000), sources: [loading.source, SOURCES.burnOff] }
}

/** Width to strip on each side so that nothing in reach of the heat is left, mm: at least what the trade asks for. */
export const widthToStripMm = (thicknessMm: number | undefined): number => Math.max(25, burntEachSideMm(thicknessMm ?? 25).high)
