import type { Finding, FindingCode } from '../findings/finding'
import type { SourceId } from '../source/book'
import { finding } from '../findings/finding'
import type { FilterFaultId, InTheCell, LaserCheckId, LaserFilterId } from '../ids/laser-ids'
import { LASER_CHECKS, LASER_FILTERS } from '../ids/laser-ids'
import { shownTag, tagIdOf } from '../ids/tag'
import { isBefore } from '../time/instant'
import type { Instant } from '../time/instant'
import type { EquipmentKindId } from '../ids/vocabulary'
import type { KitItemFact } from '../inspection/kit-item-fact'
import { isSameBeam } from './beam'
import { beamCourse } from './beam-course'
import type { BeamCourse, LaserAim, LaserGround } from './beam-course'
import type { LaserBeam, LaserFilter } from './beam'
import { laserHazard } from './laser-hazard'
import type { LaserHazard } from './laser-hazard'

/** One of the register, by its tag: what it is marked for stands there, and what it looks like is looked at there. */
export interface TaggedFilter { readonly tag: string }
/** What somebody wears: as somebody read it on the thing, or by the tag of the register. */
export type WornFilter = LaserFilter | TaggedFilter

/** Somebody in the cell with what they wear; left out, they wear none. */
export interface PersonInCell { readonly who: InTheCell, readonly eyewear?: WornFilter, readonly helmet?: WornFilter }

/** What kind of thing of the register is worn as which filter. */
export const FILTER_KINDS: Readonly<Record<LaserFilterId, EquipmentKindId>> = { eyewear: 'laser-eyewear', helmet: 'helmet' }

/** What of the register stands at a laser bay: its lasers, and what is at the bay or on whoever works there against the beam. */
export interface CellKit { readonly lasers: readonly KitItemFact[], readonly filters: readonly KitItemFact[] }

/** The cell as somebody looked it over, with everybody in it. When it was stands beside it, for what came later was not looked at. */
export interface LaserCell {
  /** The laser that was looked over, by its tag: of another one nothing was said. */
  readonly laserTag: string
  readonly beam: LaserBeam
  /** Which way it points; left out: nobody said. */
  readonly aim?: LaserAim
  readonly answers: Readonly<Partial<Record<LaserCheckId, boolean>>>
  readonly present: readonly PersonInCell[]
}

/** A shorter look counts as this long, s: nobody blinks at what cannot be seen. Source: `laserTimeBase`. */
const COUNTED_S = 10
/** Off a matt surface that throws back all of it: what a bright plate comes close to. */
const MATT_ALL = 1

/**
 * The beam of a cell. What the register says of the laser was copied from its plate once; what was typed at the bay since may be of
 * another lens.
 */
export const beamOf = ({ laserTag, beam }: Pick<LaserCell, 'laserTag' | 'beam'>, lasers: readonly KitItemFact[]): LaserBeam =>
  lasers.find(({ tag }) => tag === laserTag)?.marks.laserBeam ?? beam

/** How far the beam of a cell reaches, straight and off a matt plate, and how dark a filter has to be. */
export const cellHazard = (beam: LaserBeam): LaserHazard => laserHazard({ ...beam, exposureS: COUNTED_S, reflectance: MATT_ALL })

const FAULT_OF: Readonly<Partial<Record<FindingCode, FilterFaultId>>> = {
  'laser.eyewear-too-light': 'too-light',
  'laser.damage-rating-too-low': 'burns-through',
  'laser.damage-rating-unknown': 'rating-unknown',
  'laser.damage-cannot-be-said': 'beam-unknown',
}

/** What of these is the filter that was told by its tag: of the right kind, and here. */
const registered = (what: LaserFilterId, { tag }: TaggedFilter, filters: readonly KitItemFact[]): KitItemFact | undefined =>
  filters.find(item => item.kind === FILTER_KINDS[what] && tagIdOf(item.tag) === tagIdOf(tag))

/** Every thing of the register that somebody in the cell is said to wear. */
export const filtersWorn = ({ present }: LaserCell, filters: readonly KitItemFact[]): readonly KitItemFact[] =>
  [...new Set(present.flatMap(person => LASER_FILTERS.flatMap((what) => {
    const worn = person[what]
    return worn && 'tag' in worn ? registered(what, worn, filters) ?? [] : []
  })))]

/** Tags that are said to be on two heads at once. */
const wornTwice = ({ present }: LaserCell): readonly string[] => {
  const tags = present.flatMap(person => LASER_FILTERS.flatMap((what) => {
    const worn = person[what]
    return worn && 'tag' in worn ? [shownTag(tagIdOf(worn.tag))] : []
  }))
  return [...new Set(tags.filter((tag, index) => tags.indexOf(tag) !== index))]
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
 * What the plan of a hall says against a beam: what holds, and what nobody said yet. A plan with nothing in the way opens nothing by
 * itself; somebody looks at the cell all the same.
 */
export function judgeCourse(
  { isOnPlan, waysOut, baysInReach }: BeamCourse,
  { unplaced }: Pick<LaserGround, 'unplaced'>,
  aim: LaserAim | undefined,
): { readonly found: readonly Finding[], readonly missing: readonly Finding[] } {
  if (!isOnPlan) return { found: [], missing: [finding('hold', 'eyes.laser-off-plan', {}, ['laserMeasures'])] }
  const missing: Finding[] = unplaced.length === 0
    ? []
    : [finding('hold', 'eyes.laser-bays-unplaced', { bays: unplaced, count: unplaced.length }, ['laserMeasures'])]
  if (!aim && (waysOut || baysInReach.length > 0))
    return { found: [], missing: [...missing, finding('hold', 'eyes.laser-aim-untold', {}, ['laserMeasures'])] }
  const found: Finding[] = []
  const sources: readonly SourceId[] = ['laserMeasures', 'laserDistance']
  if (waysOut) found.push(finding('hold', 'eyes.laser-way-out', waysOut, sources))
  if (baysInReach.length > 0)
    found.push(finding('hold', 'eyes.laser-bays-in-reach', { bays: baysInReach, count: baysInReach.length }, sources))
  return { found, missing }
}

/**
 * May a laser be enabled in its cell? Everything looked over and right, and everybody in it behind eyewear and helmet that both answer
 * for this beam. No shade number comes into it.
 * Source: `laserMeasures`, `laserEyewear`, `laserDamage`.
 *
 * What a filter of the register looks like is not judged here: see `filtersWorn`.
 *
 * @param cell as it was looked over today, and when; null when nobody did
 * @param kit what of the register stands there now: a laser that came after the look was not looked over, and whoever wears what came
 *   after it was told of another
 * @param ground the plan that the hall has now; null where nobody drew it, or placed the bay: then the look alone says where it ends
 * @returns what holds, what nobody said yet, and how far the beam reaches
 */
export function judgeLaserCell(
  cell: (LaserCell & { readonly at: Instant }) | null,
  { lasers, filters }: CellKit,
  ground: LaserGround | null,
): { readonly found: readonly Finding[], readonly missing: readonly Finding[] } {
  const cameLater = ({ assignedAt }: KitItemFact): boolean =>
    cell !== null && assignedAt !== undefined && isBefore(cell.at, assignedAt)
  if (cell === null || lasers.some(cameLater))
    return { found: [], missing: [finding('hold', 'eyes.laser-cell-to-check', {}, ['laserNotAShade'])] }
  const { laserTag, answers, present } = cell
  const lasersHere = lasers.map(({ tag }) => tag)
  const found: Finding[] = LASER_CHECKS
    .filter(check => answers[check] === false)
    .map(check => finding('hold', 'eyes.laser-check-fails', { check }, ['laserNotAShade']))
  const missing: Finding[] = []
  const others = lasersHere.filter(tag => tag !== laserTag)
  if (others.length > 0 || !lasersHere.includes(laserTag))
    missing.push(finding('hold', 'eyes.laser-another', { tag: laserTag, here: lasersHere }, ['laserNotAShade']))
  const beam = beamOf(cell, lasers)
  if (!isSameBeam(beam, cell.beam)) missing.push(finding('hold', 'eyes.laser-beam-other', { tag: laserTag }, ['laserNotAShade']))
  const unsaid = LASER_CHECKS.filter(check => answers[check] === undefined)
  if (unsaid.length > 0)
    missing.push(finding('hold', 'eyes.laser-checks-unsaid', { checks: unsaid, count: unsaid.length }, ['laserNotAShade']))
  if (present.length === 0) missing.push(finding('hold', 'eyes.laser-nobody-told', {}, ['laserNotAShade']))
  else if (!present.some(({ who }) => who === 'operator'))
    missing.push(finding('hold', 'eyes.laser-operator-untold', {}, ['laserNotAShade']))
  const hazard = cellHazard(beam)
  const { requiredOd, eyeHazardDistanceM, skinHazardDistanceM } = hazard
  const { wavelengthNm } = beam
  for (const person of present) for (const what of LASER_FILTERS) judgeWorn(person.who, what, person[what])
  for (const tag of wornTwice(cell)) found.push(finding('hold', 'eyes.laser-filter-twice', { tag }, ['laserEyewear']))
  if (ground) {
    const course = judgeCourse(beamCourse(ground, hazard, cell.aim), ground, cell.aim)
    found.push(...course.found)
    missing.push(...course.missing)
  }
  found.push(finding('caution', 'eyes.laser-within', { eyeM: eyeHazardDistanceM, skinM: skinHazardDistanceM }, ['laserDistance']))
  return { found, missing }

  function judgeWorn(who: InTheCell, what: LaserFilterId, worn: WornFilter | undefined): void {
    if (!worn) found.push(finding('hold', 'eyes.laser-without', { who, what, requiredOd, wavelengthNm }, ['laserEyewear']))
    else if (!('tag' in worn)) found.push(...judgeFilter(who, what, worn))
    else {
      const item = registered(what, worn, filters)
      if (!item) missing.push(finding('hold', 'eyes.laser-filter-away', { who, what, tag: worn.tag }, ['laserEyewear']))
      else if (cameLater(item)) missing.push(finding('hold', 'eyes.laser-filter-since', { tag: item.tag }, ['laserEyewear']))
      else if (item.marks.laserFilter) found.push(...judgeFilter(who, what, item.marks.laserFilter))
      else {
        const { tag } = item
        found.push(finding('hold', 'eyes.laser-filter-unmarked', { who, what, tag, requiredOd, wavelengthNm }, ['laserEyewear']))
      }
    }
  }

  function judgeFilter(who: InTheCell, what: LaserFilterId, filter: LaserFilter): readonly Finding[] {
    const fault = filterFault(beam, filter)
    const isOfDamage = fault === 'burns-through' || fault === 'rating-unknown' || fault === 'beam-unknown'
    const sources: readonly SourceId[] = [isOfDamage ? 'laserDamage' : 'laserEyewear']
    return fault === null
      ? []
      : [finding('hold', 'eyes.laser-filter', { who, what, fault, requiredOd, wavelengthNm, od: filter.od }, sources)]
  }
}
