import { latinHypercube, spreadOf, valueAt } from '../chance/draws'
import { ARC_VOLTS_STRAY, arcEfficiency, arcVoltageV } from '../electrical/arc-power'
import { keptLately } from '../kept'
import type { Range } from '../range'
import { exactly, times } from '../range'
import type { SourceId } from '../source/book'
import type { CoatingId, ProcessId } from '../ids/vocabulary'
import type { CoatingMetal, CoatingMetalId } from './coating-metal'
import { COATING_METALS, energyBoundMgPerMin } from './coating-metal'
import type { PlateId, WeldHeat } from './heat-flow'
import { netHeatJPerMm, plateOf, reachMm, SHOP_C, STEEL_MELTS_C } from './heat-flow'

/** Mass of zinc on one face after hot-dip galvanising, g/m², by steel thickness. Source: `galvanising`. */
const HOT_DIP_G_PER_M2: readonly (readonly [overMm: number, gPerM2: number])[] = [[6, 610], [3, 505], [1.5, 395], [0, 325]]
/** Continuous-strip coatings on one face, 180 to 275 g/m² on both. The middle counts as the usual heavy one. Source: `galvanising`. */
const STRIP_G_PER_M2: Range = { low: 90, mid: 137.5, high: 160 }
/** The standard prints a lowest mean: real coatings run heavier by as much as half. */
const HEAVIER = 1.5

/** The lowest mean mass of zinc that hot-dip galvanising leaves on one face, g/m². */
export const hotDipZincGPerM2 = (thicknessMm: number): number => HOT_DIP_G_PER_M2.find(([overMm]) => thicknessMm > overMm)?.[1] ?? 325

/** What burns off a coating and into the air. */
export interface BurnOff {
  readonly substance: CoatingMetalId
  /** While the arc burns, mg/min, as the element: the 5th, 50th and 95th percentile. */
  readonly mgPerMin: Range
  readonly sources: readonly SourceId[]
}

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
const AIRBORNE_BOILED: Range = { low: 0.2, mid: 0.5, high: 0.7 }
/** Of lead in paint that burns without boiling. Source: `leadPaint`. */
const AIRBORNE_BURNT_LEAD: Range = { low: 0.01, mid: 0.05, high: 0.2 }

interface Loading { readonly metal: CoatingMetalId, readonly gPerM2: Range, readonly source: SourceId }

/** Loading of a coating on one face, g/m², with what it is; null where nobody can say what is in it. */
export function loadingOf(coating: CoatingId, thicknessMm: number): Loading | null {
  switch (coating) {
    // Dipped or off a strip, nobody knows which: thin sheet may be either.
    case 'zinc': {
      const mean = hotDipZincGPerM2(thicknessMm)
      const low = thicknessMm <= 3 ? STRIP_G_PER_M2.mid : mean
      return { metal: 'zinc', gPerM2: { low, mid: mean, high: mean * HEAVIER }, source: 'galvanising' }
    }
    case 'zinc-strip':
      return { metal: 'zinc', gPerM2: STRIP_G_PER_M2, source: 'galvanising' }
    // 2.5 to 10 µm of zinc.
    case 'zinc-plated':
      return { metal: 'zinc', gPerM2: { low: 18, mid: 45, high: 72 }, source: 'galvanising' }
    case 'zinc-primer':
      return { metal: 'zinc', gPerM2: { low: 60, mid: 150, high: 300 }, source: 'zincPrimer' }
    // 5 to 25 µm of cadmium.
    case 'cadmium':
      return { metal: 'cadmium', gPerM2: { low: 43, mid: 69, high: 216 }, source: 'cadmiumPlating' }
    // 1 to 20 mg/cm², industrial red lead up to 50.
    case 'lead-paint':
      return { metal: 'lead', gPerM2: { low: 10, mid: 50, high: 500 }, source: 'leadPaint' }
    // An unnamed primer or paint may hold zinc, lead or chromate: nobody can say.
    default:
      return null
  }
}

/** Heat at a coated joint, with its spread; what is measured has none. */
export interface CoatedWeld {
  readonly voltageV: Range
  readonly currentA: number
  readonly efficiency: Range
  readonly travelMmPerS: Range
  readonly thicknessMm: number
  readonly startC: number
}

/** What boils beside one weld, for one draw of what is not known. */
export interface Boiled {
  readonly plate: PlateId
  /** From the middle of the weld to where the plate melted, mm. */
  readonly halfBeadMm: number
  /** From the middle to where the metal of the coating boils, mm. */
  readonly boilsToMm: number
  /** From the middle to where the coating is gone, mm: with its share of the band that is hot and does not boil. */
  readonly goneToMm: number
  /** A face that the heat does not reach boils nothing. */
  readonly faces: 1 | 2
}

/** Share of the band between hot and boiling that leaves: hardly any at the low end, all of it at the high one. Source: `boilingMetals`. */
const OF_THE_BAND: Range = { low: 0, mid: 0.1, high: 1 }

/**
 * How far a coating boils off beside a weld. Zinc and cadmium boil outside the bead; lead boils where steel has long melted, inside it.
 *
 * @param bandShare of the band between hot and boiling that leaves, 0 to 1
 * Source: `heatFlow`, `boilingMetals`.
 */
export function boiledBeside(weld: WeldHeat, { leavesC, boilsC }: CoatingMetal, bandShare: number): Boiled {
  const plate = plateOf(weld, boilsC)
  const [boilsToMm, leavesToMm] = [reachMm(weld, boilsC, plate), reachMm(weld, leavesC, plate)]
  return {
    plate,
    halfBeadMm: reachMm(weld, STEEL_MELTS_C, plate),
    boilsToMm,
    goneToMm: boilsToMm + Math.min(1, bandShare) * Math.max(0, leavesToMm - boilsToMm),
    // In a thick plate the half ring of boiling heat ends before its far face.
    faces: plate === 'thick' ? 1 : 2,
  }
}

/**
 * Mass of a coating over an area that a weld passes, mg/min: faces × g/m² × width × speed. In a lap or a tee more edges share the same
 * heat: the area comes to the same.
 *
 * @example coatedMgPerMin(610, 20, 2, 0.4) // 9760
 * Source: mass balance.
 */
export const coatedMgPerMin = (gPerM2: number, widthMm: number, faces: number, travelMPerMin: number): number =>
  gPerM2 * widthMm * faces * travelMPerMin

const DRAWS = 500
const SEED = 907

/** Chances of what is not known, draw by draw. */
export type Drawn = Readonly<Record<'volts' | 'efficiencies' | 'speeds' | 'loadings' | 'bands' | 'shares' | 'burns', Float64Array>>

/** So many draws of all that is not known. */
export function drawnOf(draws: number, seed: number): Drawn {
  const [volts, efficiencies, speeds, loadings, bands, shares, burns] = latinHypercube(7, draws, seed)
  return {
    volts: volts!, efficiencies: efficiencies!, speeds: speeds!, loadings: loadings!, bands: bands!, shares: shares!, burns: burns!,
  }
}
/** The draws of every judgement: the same question has the same answer, and more heat never burns less. */
const USUAL = drawnOf(DRAWS, SEED)

/** What boils in each draw, and what of it stays in the air, mg/min. */
export interface DrawnRates { readonly boiledMgPerMin: Float64Array, readonly airborneMgPerMin: Float64Array }

/**
 * What boils off a coating and stays in the air, drawn many times over what is not known; each draw within what the arc has power to boil.
 *
 * @param strippedMm taken off on each side of the joint, both faces
 * @param drawn chances of what is not known; left out: those of every judgement
 * Source: `heatFlow`, `boilingMetals`, `loadVoltage`, `arcEfficiency`, `burnOff`.
 */
export function boiledOff(
  { voltageV, currentA, efficiency, travelMmPerS, thicknessMm, startC }: CoatedWeld,
  { metal, gPerM2 }: Pick<Loading, 'metal' | 'gPerM2'>,
  strippedMm: number,
  drawn: Drawn = USUAL,
): DrawnRates {
  const ofMetal = COATING_METALS[metal]
  const { volts, efficiencies, speeds, loadings, bands, shares, burns } = drawn
  const [boiledMgPerMin, airborneMgPerMin] = [new Float64Array(volts.length), new Float64Array(volts.length)]
  const burnt = burntEachSideMm(thicknessMm)
  for (let n = 0; n < volts.length; n++) {
    const [arcV, travel, load] = [valueAt(voltageV, volts[n]!), valueAt(travelMmPerS, speeds[n]!), valueAt(gPerM2, loadings[n]!)]
    const netJPerMm = netHeatJPerMm(Math.min(1, valueAt(efficiency, efficiencies[n]!)), arcV, currentA, travel)
    const { goneToMm, faces } = boiledBeside({ netJPerMm, thicknessMm, startC }, ofMetal, valueAt(OF_THE_BAND, bands[n]!))
    const mgOver = (eachSideMm: number, onFaces: number) =>
      coatedMgPerMin(load, 2 * Math.max(0, eachSideMm - strippedMm), onFaces, travel * M_PER_MIN)
    const boiled = Math.min(mgOver(goneToMm, faces), energyBoundMgPerMin(metal, arcV, currentA))
    const airborne = boiled * Math.min(1, valueAt(AIRBORNE_BOILED, shares[n]!))
    // Lead paint burns far beside where its lead boils: what rises then is never less than of paint that only burns.
    const burning = metal === 'lead'
      ? mgOver(valueAt(burnt, burns[n]!), FACES) * Math.min(1, valueAt(AIRBORNE_BURNT_LEAD, shares[n]!))
      : 0
    boiledMgPerMin[n] = boiled
    airborneMgPerMin[n] = Math.max(airborne, burning)
  }
  return { boiledMgPerMin, airborneMgPerMin }
}
/** Metres a minute for each millimetre a second. */
const M_PER_MIN = 0.06

/** Width that a flame or a cut clears on each side, mm, where no arc travels a seam: common practice. Source: `burnOff`. */
const burntEachSideMm = (thicknessMm: number): Range => thicknessMm <= 3 ? { low: 5, mid: 10, high: 15 } : { low: 10, mid: 18, high: 30 }
const FACES = 2

/** The same where no arc travels a seam: by the width that burns, for nobody can say how much heat reaches the plate. */
function burntOff(travelMPerMin: Range, thicknessMm: number, { metal, gPerM2 }: Loading, strippedMm: number): Range {
  const { speeds, loadings, shares, burns } = USUAL
  const [burnt, airborne] = [burntEachSideMm(thicknessMm), metal === 'lead' ? AIRBORNE_BURNT_LEAD : AIRBORNE_BOILED]
  return spreadOf(Float64Array.from({ length: DRAWS }, (_, n) => {
    const width = 2 * Math.max(0, valueAt(burnt, burns[n]!) - strippedMm)
    const mg = coatedMgPerMin(valueAt(gPerM2, loadings[n]!), width, FACES, valueAt(travelMPerMin, speeds[n]!))
    return mg * Math.min(1, valueAt(airborne, shares[n]!))
  }))
}

export interface BurnOffQuestion {
  readonly process: ProcessId
  readonly coating: CoatingId
  readonly currentA?: number
  readonly plateThicknessMm?: number
  readonly travelSpeedMPerMin?: number
  /** Taken off on each side, both faces, mm. */
  readonly strippedWidthMm: number
}

/** Thicknesses that a plate may have of which nobody said one, mm: thin ones are heated wider, thick ones carry more. */
const ANY_THICKNESS_MM = [1, 2, 3, 4, 6, 8, 12, 25] as const

/** The weld of a job, as its coating meets it; null where no arc travels a seam, or nobody said with how much current. */
export function coatedWeldOf(
  { process, currentA, travelSpeedMPerMin }: Pick<BurnOffQuestion, 'process' | 'currentA' | 'travelSpeedMPerMin'>,
  thicknessMm: number,
): CoatedWeld | null {
  const [efficiency, travel] = [arcEfficiency(process), travelOf(process, travelSpeedMPerMin)]
  const volts = currentA === undefined ? undefined : arcVoltageV(process, currentA)
  if (!efficiency || !travel || volts === undefined || currentA === undefined) return null
  const voltageV = times(ARC_VOLTS_STRAY, volts)
  return { voltageV, currentA, efficiency, travelMmPerS: times(travel, 1 / M_PER_MIN), thicknessMm, startC: SHOP_C }
}

const travelOf = (process: ProcessId, travelSpeedMPerMin: number | undefined): Range | undefined =>
  travelSpeedMPerMin === undefined ? TRAVEL_M_PER_MIN[process] : exactly(travelSpeedMPerMin)

/** Whether the heat of a process at a coating follows from its current. */
export const isHeatByCurrent = (process: ProcessId): boolean => arcEfficiency(process) !== null

/** Answers that were worked out lately: a hall is judged many times over with the same jobs. */
const lately = keptLately<BurnOff | null>(200)

/**
 * What burns off the coating beside the joint and stays in the air. Of a plate that nobody measured the worst of all thicknesses counts.
 *
 * @returns null when what is in the coating cannot be said, or how hot the plate gets: then it must be stripped
 * Source: mass balance; `galvanising`, `leadPaint`, `zincPrimer`, `cadmiumPlating`, and as `boiledOff`.
 */
export function coatingBurnOff(question: BurnOffQuestion): BurnOff | null {
  const { process, coating, currentA, plateThicknessMm, travelSpeedMPerMin, strippedWidthMm } = question
  const key = [process, coating, currentA, plateThicknessMm, travelSpeedMPerMin, strippedWidthMm].join(' ')
  return lately(key, () => worstBurnOff(question))
}

function worstBurnOff(question: BurnOffQuestion): BurnOff | null {
  const { process, coating, plateThicknessMm, travelSpeedMPerMin, strippedWidthMm } = question
  const travel = travelOf(process, travelSpeedMPerMin)
  const thicknesses = plateThicknessMm === undefined ? ANY_THICKNESS_MM : [plateThicknessMm]
  let worst: BurnOff | null = null
  for (const thicknessMm of thicknesses) {
    const [loading, weld] = [loadingOf(coating, thicknessMm), coatedWeldOf(question, thicknessMm)]
    if (!loading || !travel || (!weld && isHeatByCurrent(process))) return null
    const mgPerMin = weld
      ? spreadOf(boiledOff(weld, loading, strippedWidthMm).airborneMgPerMin)
      : burntOff(travel, thicknessMm, loading, strippedWidthMm)
    const heat: readonly SourceId[] = weld ? ['heatFlow', 'boilingMetals'] : []
    if (worst === null || mgPerMin.high > worst.mgPerMin.high)
      worst = { substance: loading.metal, mgPerMin, sources: [loading.source, ...heat, 'burnOff'] }
  }
  return worst
}

/** What the trade asks for at least, mm on each side. Source: `burnOff`. */
const LEAST_STRIP_MM = 25
/** Where the first of all metals of a coating leaves it: what nobody named may be that one. */
const FIRST_LEAVES_C = Math.min(...Object.values(COATING_METALS).map(({ leavesC }) => leavesC))

/**
 * Width to strip on each side so that nothing in reach of the heat is left, mm: at least what the trade asks for, and as far as the plate
 * may come to where a coating leaves it. Of a coating that nobody named the widest of all counts.
 * Source: `heatFlow`, `boilingMetals`, `burnOff`.
 */
export function widthToStripMm({ process, coating, plateThicknessMm, ...heat }: Omit<BurnOffQuestion, 'strippedWidthMm'>): number {
  const reaches = (plateThicknessMm === undefined ? ANY_THICKNESS_MM : [plateThicknessMm]).map((thicknessMm) => {
    const burntMm = valueAt(burntEachSideMm(thicknessMm), 1)
    const [weld, metal] = [coatedWeldOf({ process, ...heat }, thicknessMm), loadingOf(coating, thicknessMm)?.metal]
    if (!weld) return burntMm
    const [volts, efficiency, speed] = [valueAt(weld.voltageV, 1), valueAt(weld.efficiency, 1), valueAt(weld.travelMmPerS, 0)]
    const hottest = { netJPerMm: netHeatJPerMm(efficiency, volts, weld.currentA, speed), thicknessMm, startC: weld.startC }
    // A plate of either kind: a little less heat may make it the other.
    const reach = reachMm(hottest, metal === undefined ? FIRST_LEAVES_C : COATING_METALS[metal].leavesC, 'between')
    // Paint burns far beside where its metal boils.
    return metal === 'lead' || metal === undefined ? Math.max(burntMm, reach) : reach
  })
  return Math.ceil(Math.max(LEAST_STRIP_MM, ...reaches))
}
