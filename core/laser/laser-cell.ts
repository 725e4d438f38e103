import type { Finding, FindingCode } from '../findings/finding'
import type { SourceId } from '../source/book'
import { finding } from '../findings/finding'
import type { FilterFaultId, InTheCell, LaserCheckId, LaserFilterId } from '../ids/laser-ids'
import { LASER_CHECKS, LASER_FILTERS } from '../ids/laser-ids'
import type { BeamConvention } from '../ids/protection-ids'
import { laserHazard } from './laser-hazard'
import type { LaserHazard } from './laser-hazard'

/** The laser as its maker describes it. */
export interface LaserBeam {
  readonly powerW: number
  readonly wavelengthNm: number
  /** Full angle behind the focus. */
  readonly divergenceMrad: number
  /** At the lens. */
  readonly beamDiameterMm: number
  readonly convention: BeamConvention
}

/** A filter as it is marked: from which wavelength to which it has this density, and what beam it bears. */
export interface LaserFilter {
  readonly od: number
  readonly fromNm: number
  readonly toNm: number
  /** Scale number (LB) for a continuous beam; left out, it is not marked. */
  readonly damageRating?: number
}

/** Somebody in the cell with what they wear; left out, they wear none. */
export interface PersonInCell { readonly who: InTheCell, readonly eyewear?: LaserFilter, readonly helmet?: LaserFilter }

/** The cell as somebody looked it over, with everybody in it. */
export interface LaserCell {
  /** The laser that was looked over, by its tag: of another one nothing was said. */
  readonly laserTag: string
  readonly beam: LaserBeam
  readonly answers: Readonly<Partial<Record<LaserCheckId, boolean>>>
  readonly present: readonly PersonInCell[]
}

/** A shorter look counts as this long, s: nobody blinks at what cannot be seen. Source: `laserTimeBase`. */
const COUNTED_S = 10
/** Off a matt surface that throws back all of it: what a bright plate comes close to. */
const MATT_ALL = 1

/** How far the beam of a cell reaches, straight and off a matt plate, and how dark a filter has to be. */
export const cellHazard = (beam: LaserBeam): LaserHazard => laserHazard({ ...beam, exposureS: COUNTED_S, reflectance: MATT_ALL })

const FAULT_OF: Readonly<Partial<Record<FindingCode, FilterFaultId>>> = {
  'laser.eyewear-too-light': 'too-light',
  'laser.damage-rating-too-low': 'burns-through',
  'laser.damage-rating-unknown': 'rating-unknown',
  'laser.damage-cannot-be-said': 'beam-unknown',
}

/** Why a filter does not answer for a beam; null when it does: marked for its wavelength, dark enough, and not burnt through. */
export function filterFault(beam: LaserBeam, { od, fromNm, toNm, damageRating }: LaserFilter): FilterFaultId | null {
  if (beam.wavelengthNm < fromNm || beam.wavelengthNm > toNm) return 'wavelength'
  const eyewear = { od, ...damageRating === undefined ? {} : { damageRating } }
  const { findings } = laserHazard({ ...beam, exposureS: COUNTED_S, eyewear })
  for (const { code, severity } of findings) if (severity === 'hold') return FAULT_OF[code] ?? 'too-light'
  return null
}

/**
 * May a laser be enabled in its cell? Everything looked over and right, and everybody in it behind eyewear and helmet that both answer
 * for this beam. No shade number comes into it.
 * Source: `laserMeasures`, `laserEyewear`, `laserDamage`.
 *
 * @param cell as it was looked over today; null when nobody did
 * @param lasersHere tags of the lasers that stand at the bay now
 * @returns what holds, what nobody said yet, and how far the beam reaches
 */
export function judgeLaserCell(
  cell: LaserCell | null,
  lasersHere: readonly string[],
): { readonly found: readonly Finding[], readonly missing: readonly Finding[] } {
  if (cell === null) return { found: [], missing: [finding('hold', 'eyes.laser-cell-to-check', {}, ['laserNotAShade'])] }
  const { laserTag, beam, answers, present } = cell
  const found: Finding[] = LASER_CHECKS
    .filter(check => answers[check] === false)
    .map(check => finding('hold', 'eyes.laser-check-fails', { check }, ['laserNotAShade']))
  const missing: Finding[] = []
  const others = lasersHere.filter(tag => tag !== laserTag)
  if (others.length > 0 || !lasersHere.includes(laserTag))
    missing.push(finding('hold', 'eyes.laser-another', { tag: laserTag, here: lasersHere }, ['laserNotAShade']))
  const unsaid = LASER_CHECKS.filter(check => answers[check] === undefined)
  if (unsaid.length > 0)
    missing.push(finding('hold', 'eyes.laser-checks-unsaid', { checks: unsaid, count: unsaid.length }, ['laserNotAShade']))
  if (present.length === 0) missing.push(finding('hold', 'eyes.laser-nobody-told', {}, ['laserNotAShade']))
  else if (!present.some(({ who }) => who === 'operator'))
    missing.push(finding('hold', 'eyes.laser-operator-untold', {}, ['laserNotAShade']))
  const { requiredOd, eyeHazardDistanceM, skinHazardDistanceM } = cellHazard(beam)
  const { wavelengthNm } = beam
  for (const person of present) for (const what of LASER_FILTERS) found.push(...judgeFilter(person.who, what, person[what]))
  found.push(finding('caution', 'eyes.laser-within', { eyeM: eyeHazardDistanceM, skinM: skinHazardDistanceM }, ['laserDistance']))
  return { found, missing }

  function judgeFilter(who: InTheCell, what: LaserFilterId, filter: LaserFilter | undefined): readonly Finding[] {
    if (!filter) return [finding('hold', 'eyes.laser-without', { who, what, requiredOd, wavelengthNm }, ['laserEyewear'])]
    const fault = filterFault(beam, filter)
    const isOfDamage = fault === 'burns-through' || fault === 'rating-unknown' || fault === 'beam-unknown'
    const sources: readonly SourceId[] = [isOfDamage ? 'laserDamage' : 'laserEyewear']
    return fault === null
      ? []
      : [finding('hold', 'eyes.laser-filter', { who, what, fault, requiredOd, wavelengthNm, od: filter.od }, sources)]
  }
}
