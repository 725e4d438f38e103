import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { M_PER_FOOT, kgFromLb, m3FromCubicFt } from '../units'
import type { SourceId } from '../source/book'
import type { StorageBasisId } from '../ids/vocabulary'
import { GAS_TRAITS, fireRole, partsOf } from './gas'
import type { GasContent } from './gas'
import { edgeDistanceM, overhangM, pathRoundM, sightDistanceM } from './separation'
import type { Footprint, Wall } from './separation'

/** A cylinder, or an outline of several, as it stands. */
export interface StoredItem extends Footprint {
  readonly id: string
  readonly gas: GasContent
  readonly state: 'stored' | 'in-use'
  /** With its cap. */
  readonly heightM?: number
  readonly freeGasM3: number
}
export interface Barrier extends Wall { readonly heightM: number, readonly ratingMin: number }
/** What burns: oil, wood, packing. */
export interface Combustible extends Footprint {
  readonly id: string
  /** Oil, grease, packing wool: no wall helps there. Left out: counts as such. */
  readonly highly?: boolean
}
export interface StorageQuestion {
  readonly items: readonly StoredItem[]
  readonly barriers: readonly Barrier[]
  readonly combustibles: readonly Combustible[]
  readonly indoor: boolean
  readonly basis: StorageBasisId
}
export interface StorageConflict {
  readonly between: readonly [string, string]
  readonly distanceM: number
  readonly requiredM: number
  readonly source: SourceId
}
export interface Storage {
  readonly conflicts: readonly StorageConflict[]
  readonly totals: {
    readonly fuelM3: number
    readonly lpgKg: number
    readonly oxygenM3: number
    readonly inertM3: number
    readonly indoorFuelFraction: number
  }
  readonly findings: readonly Finding[]
}

/** 20 ft; the law prints 6.1 m beside it, a rounding. */
const US_SEPARATION_M = 20 * M_PER_FOOT
const US_PRINTED_M = 6.1
const UK_SEPARATION_M = 3
const US_BARRIER_HEIGHT_M = 5 * M_PER_FOOT
const BARRIER_RATING_MIN = 30
/** 18 in above and beyond what is stored. Source: `barrierOverhang`. */
const OVERHANG_M = 0.457
/** A large cylinder with its cap, where nobody gave the height. */
const USUAL_HEIGHT_M = 1.6
const INDOOR_FUEL_M3 = m3FromCubicFt(2000)
const INDOOR_LPG_KG = kgFromLb(300)

const isLpg = (gas: GasContent): boolean =>
  partsOf(gas).some(part => GAS_TRAITS[part.gas].kept === 'liquefied' && GAS_TRAITS[part.gas].fire === 'fuel')
const vapourDensityKgPerM3 = (gas: GasContent): number =>
  partsOf(gas).reduce((sum, part) => sum + part.share * GAS_TRAITS[part.gas].densityKgPerM3, 0)

interface Pair {
  readonly first: Footprint & { readonly id: string, readonly heightM?: number }
  readonly second: Footprint & { readonly id: string, readonly heightM?: number }
  readonly requiredM: number
  readonly source: SourceId
  readonly wallHelps: boolean
}

/** Whether a wall counts for two things under a basis, and why not. */
function counts(barrier: Barrier, basis: StorageBasisId, heightM: number): 'low' | 'rating' | null {
  if (barrier.ratingMin < BARRIER_RATING_MIN) return 'rating'
  const least = basis === 'us' ? US_BARRIER_HEIGHT_M : heightM
  return barrier.heightM < least - 1e-9 ? 'low' : null
}

function judgePair(
  { first, second, requiredM, source, wallHelps }: Pair,
  barriers: readonly Barrier[],
  basis: StorageBasisId,
): { readonly conflict: StorageConflict | null, readonly findings: readonly Finding[] } {
  const distanceM = edgeDistanceM(first, second)
  const names = { first: first.id, second: second.id }
  if (distanceM >= requiredM - 1e-9) {
    const rounded = basis === 'us' && distanceM < US_PRINTED_M
    return { conflict: null, findings: rounded ? [finding('note', 'storage.rounding', { ...names, distanceM }, [source])] : [] }
  }
  const heightM = Math.max(first.heightM ?? USUAL_HEIGHT_M, second.heightM ?? USUAL_HEIGHT_M)
  const good = barriers.filter(barrier => counts(barrier, basis, heightM) === null)
  const stands = wallHelps && sightDistanceM(first, second, good) >= requiredM
  if (!stands) {
    const findings: Finding[] = [finding('hold', 'storage.too-near', { ...names, distanceM, requiredM }, [source])]
    // A wall that stands there and does not count is worth a word: which of its figures is wanting.
    const blocking = barriers.filter(barrier => sightDistanceM(first, second, [barrier]) > distanceM + 1e-6)
    const [wall] = blocking
    if (wall)
      findings.push(
        finding(
          'note',
          'storage.barrier-does-not-count',
          { ...names, reason: wallHelps ? (counts(wall, basis, heightM) ?? 'short') : 'not-offered' },
          [source],
        ),
      )
    return { conflict: { between: [first.id, second.id], distanceM, requiredM, source }, findings }
  }
  const pathM = pathRoundM(first, second, good)
  // The end of a long wall is as far as the open floor would be: then it need not stand out beyond the cylinders.
  const isWide
    = pathM >= requiredM
      || good.some(
        barrier =>
          overhangM(first, second, barrier) >= OVERHANG_M
          && barrier.heightM >= heightM + OVERHANG_M
          && sightDistanceM(first, second, [barrier]) >= requiredM,
      )
  return {
    conflict: null,
    findings: isWide
      ? []
      : [
          finding('caution', 'storage.barrier-narrow', { ...names, pathM: Number.isFinite(pathM) ? pathM : requiredM }, [
            'barrierOverhang',
          ]),
        ],
  }
}

/**
 * Judges how cylinders stand in store: oxygen from fuel and from what burns, by distance edge to edge or by a rated wall
 * that cuts every shorter line of sight; any cylinder from what burns fiercely; the indoor limits on fuel.
 * What is in use is left out of storage: it stands connected, or is about to be. Inert gases keep no distance from others.
 * Source: `usSeparation`, `usCombustibles`, `usIndoorFuel`, `usInUse`, `barrierOverhang`, `ukSeparation`.
 */
export function judgeStorage({ items, barriers, combustibles, indoor, basis }: StorageQuestion): Storage {
  const stored = items.filter(({ state }) => state === 'stored')
  const fuels = stored.filter(({ gas }) => fireRole(gas) === 'fuel')
  const oxygens = stored.filter(({ gas }) => fireRole(gas) === 'feeds')
  const requiredM = basis === 'us' ? US_SEPARATION_M : UK_SEPARATION_M
  const separation: SourceId = basis === 'us' ? 'usSeparation' : 'ukSeparation'
  const pairs: Pair[] = oxygens.flatMap(first => fuels.map(second => ({ first, second, requiredM, source: separation, wallHelps: true })))
  for (const second of combustibles) {
    // Only US law names what burns fiercely, for every cylinder indoors, and offers no wall there.
    const fiercely = (second.highly ?? true) && indoor && basis === 'us'
    const apart: Pick<Pair, 'source' | 'wallHelps'> & { readonly firsts: readonly StoredItem[] } = fiercely
      ? { firsts: stored, source: 'usCombustibles', wallHelps: false }
      : { firsts: oxygens, source: separation, wallHelps: true }
    pairs.push(...apart.firsts.map(first => ({ first, second, requiredM, source: apart.source, wallHelps: apart.wallHelps })))
  }
  const judged = pairs.map(pair => judgePair(pair, barriers, basis))
  const sum = (of: readonly StoredItem[]): number => of.reduce((total, { freeGasM3 }) => total + freeGasM3, 0)
  const lpg = fuels.filter(({ gas }) => isLpg(gas))
  const lpgKg = lpg.reduce((total, { gas, freeGasM3 }) => total + freeGasM3 * vapourDensityKgPerM3(gas), 0)
  const otherFuelM3 = sum(fuels) - sum(lpg)
  const indoorFuelFraction = otherFuelM3 / INDOOR_FUEL_M3 + lpgKg / INDOOR_LPG_KG
  const findings = judged.flatMap(one => one.findings)
  if (indoor && indoorFuelFraction > 1 + 1e-9)
    findings.unshift(
      finding('hold', 'storage.indoor-fuel', { amountM3: otherFuelM3, lpgKg, fraction: indoorFuelFraction }, [
        'usIndoorFuel',
      ]),
    )
  const unsaid = combustibles.filter(({ highly }) => highly === undefined && indoor && basis === 'us')
  findings.push(...unsaid.map(({ id }) => finding('note', 'storage.combustible-assumed-high', { id })))
  if (stored.length < items.length)
    findings.push(finding('note', 'storage.in-use-left-out', { count: items.length - stored.length }, ['usInUse']))
  if (barriers.length > 0 && stored.some(({ heightM }) => heightM === undefined))
    findings.push(finding('note', 'storage.height-assumed', { heightM: USUAL_HEIGHT_M }))
  findings.push(finding('note', 'storage.advises-only', { basis }))
  return {
    conflicts: judged.flatMap(({ conflict }) => conflict ? [conflict] : []),
    totals: { fuelM3: sum(fuels), lpgKg, oxygenM3: sum(oxygens), inertM3: sum(stored) - sum(fuels) - sum(oxygens), indoorFuelFraction },
    findings,
  }
}
