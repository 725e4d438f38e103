import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { CylinderGasId } from '../ids/vocabulary'
import { KG_PER_LB, m3FromCubicFt } from '../units'
import { compressibility } from './compressibility'
import { GAS_TRAITS, keptAs, partsOf } from './gas'
import type { GasContent } from './gas'

/** What free gas is counted at: 21.1 °C (70 °F) and 101.325 kPa. */
const FREE_GAS_K = 294.261
export const ATMOSPHERE_KPA = 101.325
/** 25 psi is left in the cylinder. Source: `residualPressure`. */
export const RESIDUAL_KPA = 172.4
/** 4 000 psi, the usual gauge of an oxygen or argon regulator, where nobody says which. */
const GAUGE_FULL_SCALE_KPA = 27_579
/** Three percent of full scale, the wider of the printed classes. Source: `gaugeBand`. */
const GAUGE_ERROR = 0.03
/** Nothing is kept warmer than this. Source: `warmCylinder`. */
const WARM_C = 52

/**
 * Free gas for a kilogram by weight, m³/kg, as handbooks print it in ft³/lb: acetylene 14.7 (from 14.5 on), carbon dioxide 8.74, propane
 * 8.6.
 * Source: `acetyleneByWeight`; the others from density at 70 °F.
 */
const FREE_M3_PER_KG: Partial<Record<CylinderGasId, readonly [low: number, mid: number]>> = {
  'acetylene': [14.5, 14.7], 'carbon-dioxide': [8.7, 8.74], 'propane': [8.5, 8.6], 'propylene': [9, 9.05], 'mps': [9.1, 9.1],
}
export const GASES_BY_WEIGHT = Object.keys(FREE_M3_PER_KG) as CylinderGasId[]

export interface Contents {
  readonly freeGasM3: number
  readonly massKg: number
  /** At the flow given, down to the pressure that is left. */
  readonly minutesLeft: number | null
  readonly minutesLeftLow: number | null
  readonly compressibility: number | null
  /** What it may be by the error of the gauge and of the equation. */
  readonly band: { readonly lowM3: number, readonly highM3: number }
  readonly findings: readonly Finding[]
}

export interface PressureReading {
  readonly gas: GasContent
  readonly waterVolumeL: number
  readonly gaugePressureKPa: number
  readonly temperatureC: number
  readonly flowLPerMin?: number
  readonly gaugeFullScaleKPa?: number
  readonly residualKPa?: number
}

export interface WeightReading {
  readonly gas: CylinderGasId
  readonly grossKg: number
  /** Stamped, cap off. */
  readonly tareKg: number
  readonly flowLPerMin?: number
}

/** Why a gas cannot be read from its pressure, or null when it can. */
export function pressureRefusal(gas: GasContent): Finding | null {
  const kept = keptAs(gas)
  const name = typeof gas === 'string' ? gas : 'mix'
  if (kept !== 'compressed') return finding('hold', 'cylinder.pressure-is-no-gauge', { gas: name, kept }, ['liquefiedGas'])
  return compressibility(gas, FREE_GAS_K, ATMOSPHERE_KPA) === null
    ? finding('hold', 'cylinder.no-equation', { gas: name }, ['pengRobinson'])
    : null
}

/** Free gas, m³: V = Vw·(p/p₀)·(T₀/T)·(Z₀/Z), pressures absolute. */
function freeGasM3(
  gas: GasContent,
  waterVolumeL: number,
  gaugeKPa: number,
  temperatureK: number,
): { readonly m3: number, readonly z: number, readonly uncertainty: number } {
  const pressureKPa = Math.max(gaugeKPa, 0) + ATMOSPHERE_KPA
  const at = compressibility(gas, temperatureK, pressureKPa)!
  const free = compressibility(gas, FREE_GAS_K, ATMOSPHERE_KPA)!
  return {
    m3: (waterVolumeL / 1000) * (pressureKPa / ATMOSPHERE_KPA) * (FREE_GAS_K / temperatureK) * (free.z / at.z),
    z: at.z,
    uncertainty: at.uncertainty,
  }
}

/**
 * What a cylinder of compressed gas holds, from its gauge. Ask `pressureRefusal` first.
 * The band is what counts when somebody relies on it: a gauge is off by up to three percent of its full scale.
 * Source: `helmholtz`, `hydrogenDensity`, `heliumVirial`, `pengRobinson`, `gaugeBand`, `residualPressure`, `warmCylinder`.
 *
 * @throws RangeError for a gas whose pressure says nothing
 * @example contentsByPressure({ gas: 'oxygen', waterVolumeL: 43.8, gaugePressureKPa: 10342.1, temperatureC: 21.1 }).freeGasM3 // 4.766
 */
export function contentsByPressure({
  gas,
  waterVolumeL,
  gaugePressureKPa,
  temperatureC,
  flowLPerMin,
  gaugeFullScaleKPa = GAUGE_FULL_SCALE_KPA,
  residualKPa = RESIDUAL_KPA,
}: PressureReading): Contents {
  if (pressureRefusal(gas)) throw new RangeError('this gas is not known by its pressure')
  const temperatureK = temperatureC + 273.15
  const { m3, z, uncertainty } = freeGasM3(gas, waterVolumeL, gaugePressureKPa, temperatureK)
  const error = gaugeFullScaleKPa * GAUGE_ERROR
  const lowM3 = freeGasM3(gas, waterVolumeL, gaugePressureKPa - error, temperatureK).m3 * (1 - uncertainty)
  const highM3 = freeGasM3(gas, waterVolumeL, gaugePressureKPa + error, temperatureK).m3 * (1 + uncertainty)
  const left = freeGasM3(gas, waterVolumeL, Math.min(residualKPa, gaugePressureKPa), temperatureK).m3
  const minutes = (from: number): number | null => (flowLPerMin === undefined ? null : (Math.max(0, from - left) * 1000) / flowLPerMin)
  const findings: Finding[] = [finding('note', 'cylinder.gauge-band', { lowM3, highM3 }, ['gaugeBand'])]
  if (typeof gas !== 'string' && partsOf(gas).length > 1)
    findings.push(finding('note', 'cylinder.mix-estimated', {}, ['pengRobinson']))
  if (gaugePressureKPa <= residualKPa)
    findings.unshift(finding('hold', 'cylinder.nearly-empty', { residualKPa }, ['residualPressure']))
  if (temperatureC > WARM_C)
    findings.unshift(finding('hold', 'cylinder.warm', { temperatureC, limitC: WARM_C }, ['warmCylinder']))
  const densityKgPerM3 = partsOf(gas).reduce((sum, part) => sum + part.share * GAS_TRAITS[part.gas].densityKgPerM3, 0)
  return {
    freeGasM3: m3,
    massKg: m3 * densityKgPerM3,
    minutesLeft: minutes(m3),
    minutesLeftLow: minutes(lowM3),
    compressibility: z,
    band: { lowM3, highM3 },
    findings,
  }
}

/**
 * What a cylinder of acetylene or liquefied gas holds, by weight. Source: `acetyleneByWeight`.
 *
 * @throws RangeError when it weighs less than its tare, or the gas is not weighed
 * @example contentsByWeight({ gas: 'acetylene', grossKg: 88.45, tareKg: 80.06 }).freeGasM3 // 7.70
 */
export function contentsByWeight({ gas, grossKg, tareKg, flowLPerMin }: WeightReading): Contents {
  const yields = FREE_M3_PER_KG[gas]
  if (!yields) throw new RangeError('this gas is not weighed')
  if (grossKg < tareKg) throw new RangeError('gross below tare')
  const massKg = grossKg - tareKg
  const [low, mid] = yields.map(ft3PerLb => m3FromCubicFt(ft3PerLb) / KG_PER_LB) as [number, number]
  const minutes = (m3: number): number | null => flowLPerMin === undefined ? null : m3 * 1000 / flowLPerMin
  return {
    freeGasM3: massKg * mid,
    massKg,
    minutesLeft: minutes(massKg * mid),
    minutesLeftLow: minutes(massKg * low),
    compressibility: null,
    band: { lowM3: massKg * low, highM3: massKg * mid },
    findings: [],
  }
}
