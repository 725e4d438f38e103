/** Heat that a cubic millimetre of carbon steel takes for each degree, J/(mm³·K). Source: `heatFlow`. */
const STEEL_J_PER_MM3_K = 0.0044
/** Where carbon steel melts, °C. Source: `heatFlow`. */
export const STEEL_MELTS_C = 1510
export const SHOP_C = 25

/** Heat flows sideways in a thin plate, in half rings into a thick one; between them the wider answer counts. */
export type PlateId = 'thin' | 'between' | 'thick'

/** A weld along a straight line, as heat sees it. */
export interface WeldHeat {
  /** Net heat for each millimetre of weld, J/mm: efficiency × volts × amperes ÷ travel speed in mm/s. */
  readonly netJPerMm: number
  readonly thicknessMm: number
  /** Of the plate before the weld, °C. */
  readonly startC: number
}

/** Net heat of an arc, J/mm. */
export const netHeatJPerMm = (efficiency: number, voltageV: number, currentA: number, travelMmPerS: number): number =>
  efficiency * voltageV * currentA / travelMmPerS

/**
 * Thickness as heat sees it: h·√(ρc·(T − T0)/Hn). Over 0.9 a plate is thick, below 0.6 thin. Source: `heatFlow`.
 */
export const relativeThickness = ({ netJPerMm, thicknessMm, startC }: WeldHeat, atC: number): number =>
  thicknessMm * Math.sqrt(STEEL_J_PER_MM3_K * (atC - startC) / netJPerMm)

/** Which kind of plate it is to heat that reaches a temperature, °C. Source: `heatFlow`. */
export function plateOf(weld: WeldHeat, atC: number): PlateId {
  const relative = relativeThickness(weld, atC)
  return relative > 0.9 ? 'thick' : relative < 0.6 ? 'thin' : 'between'
}

/** √(2πe): what peaks beside a line of heat that was laid down at once in a plate. */
const THIN = Math.sqrt(2 * Math.PI * Math.E)
/** How far from the middle of the weld a thin plate peaks at a temperature, mm: Hn/(√(2πe)·ρc·h·(T − T0)). Source: `heatFlow`. */
const thinMm = ({ netJPerMm, thicknessMm, startC }: WeldHeat, atC: number): number =>
  netJPerMm / (THIN * STEEL_J_PER_MM3_K * thicknessMm * (atC - startC))
/** How far from the line of the arc a thick plate peaks at a temperature, mm: √(2Hn/(πe·ρc·(T − T0))). Source: `heatFlow`. */
const thickMm = ({ netJPerMm, startC }: WeldHeat, atC: number): number =>
  Math.sqrt(2 * netJPerMm / (Math.PI * Math.E * STEEL_J_PER_MM3_K * (atC - startC)))

/**
 * How far from the middle of a weld the plate peaks at a temperature, mm on its near face. In a plate that is neither thin nor thick the
 * wider of both answers.
 *
 * @param atC above the temperature that the plate began with
 * @param plate what it is to the heat that is asked about; left out: to this one
 * Source: `heatFlow`.
 */
export function reachMm(weld: WeldHeat, atC: number, plate: PlateId = plateOf(weld, atC)): number {
  switch (plate) {
    case 'thin': return thinMm(weld, atC)
    case 'thick': return thickMm(weld, atC)
    case 'between': return Math.max(thinMm(weld, atC), thickMm(weld, atC))
  }
}

/**
 * Peak temperature beside a weld in a thin plate, °C: 1/(T − T0) = √(2πe)·ρc·h·Y/Hn + 1/(Tm − T0).
 *
 * @param fromFusionMm from the edge of what melted
 * Source: `heatFlow`.
 */
export const thinPeakC = ({ netJPerMm, thicknessMm, startC }: WeldHeat, fromFusionMm: number): number =>
  startC + 1 / (THIN * STEEL_J_PER_MM3_K * thicknessMm * fromFusionMm / netJPerMm + 1 / (STEEL_MELTS_C - startC))
