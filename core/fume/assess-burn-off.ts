import { spreadOf } from '../chance/draws'
import type { SeamProcessId } from '../electrical/arc-power'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { HeatInput } from '../findings/fume-findings'
import type { CoatingId } from '../ids/vocabulary'
import type { Range } from '../range'
import { exactly } from '../range'
import { boiledBeside, boiledOff, coatedMgPerMin, coatedWeldOf, loadingOf } from './coating-burn-off'
import { COATING_METALS, energyBoundMgPerMin } from './coating-metal'
import type { PlateId } from './heat-flow'
import { netHeatJPerMm } from './heat-flow'

/** What a question about a coating beside a weld may say. */
export const BURN_OFF_LIMITS = {
  coatingGPerM2: { min: 1, max: 3000 },
  voltageV: { min: 5, max: 60 },
  travelMmPerS: { min: 0.1, max: 300 },
  efficiency: { min: 0.1, max: 1 },
  startC: { min: -40, max: 400 },
} as const

export interface BurnOffAsked {
  readonly process: SeamProcessId
  readonly coating: CoatingId
  /** On one face; left out: what such coatings carry. */
  readonly coatingGPerM2?: number
  readonly plateThicknessMm: number
  readonly currentA: number
  readonly voltageV?: number
  readonly travelMmPerS?: number
  readonly efficiency?: number
  readonly startC?: number
}

/** All of it null where nobody can say what is in the coating. */
export interface BurnOffAnswer {
  readonly plate: PlateId | null
  readonly halfBeadMm: number | null
  /** Beyond the bead, on each side of it; none where a metal boils inside it. */
  readonly boiledEachSideMm: number | null
  /** On one face, with the bead. */
  readonly boiledWidthMm: number | null
  readonly faces: 1 | 2 | null
  /** What boils at the middle of what is not known, within what the arc can boil. */
  readonly boiledMgPerMin: number | null
  /** What stays in the air. */
  readonly airborneMgPerMin: Range | null
  readonly energyBoundMgPerMin: number | null
  readonly findings: readonly Finding[]
}

const UNSAID: Omit<BurnOffAnswer, 'findings'> = {
  plate: null, halfBeadMm: null, boiledEachSideMm: null, boiledWidthMm: null, faces: null, boiledMgPerMin: null, airborneMgPerMin: null,
  energyBoundMgPerMin: null,
}

/**
 * How far a coating boils beside a weld, how much of it, and what stays in the air.
 *
 * @example assessBurnOff({ process: 'smaw', coating: 'zinc', plateThicknessMm: 8, currentA: 165, voltageV: 24, travelMmPerS: 3,
 *   efficiency: 0.75 }).boiledWidthMm // 15.4
 * Source: `heatFlow`, `boilingMetals`, `loadVoltage`, `arcEfficiency`, `burnOff`.
 */
export function assessBurnOff(asked: BurnOffAsked): BurnOffAnswer {
  const { process, coating, coatingGPerM2, plateThicknessMm: thicknessMm, currentA } = asked
  const loading = loadingOf(coating, thicknessMm)
  const usual = coatedWeldOf({ process, currentA }, thicknessMm)
  if (loading === null || usual === null)
    return { ...UNSAID, findings: [finding('hold', 'fume.coating-not-modelled', { coating }, ['coatings'])] }
  const { metal, source } = loading
  const given = (value: number | undefined, otherwise: Range): Range => value === undefined ? otherwise : exactly(value)
  const weld = {
    ...usual,
    voltageV: given(asked.voltageV, usual.voltageV),
    efficiency: given(asked.efficiency, usual.efficiency),
    travelMmPerS: given(asked.travelMmPerS, usual.travelMmPerS),
    startC: asked.startC ?? usual.startC,
  }
  const gPerM2 = given(coatingGPerM2, loading.gPerM2)
  const [voltageV, travelMmPerS] = [weld.voltageV.mid, weld.travelMmPerS.mid]
  const netJPerMm = netHeatJPerMm(weld.efficiency.mid, voltageV, currentA, travelMmPerS)
  const middle = boiledBeside({ netJPerMm, thicknessMm, startC: weld.startC }, COATING_METALS[metal], 0)
  const { plate, halfBeadMm, boilsToMm, faces } = middle
  const boundMgPerMin = energyBoundMgPerMin(metal, voltageV, currentA)
  const wholeMgPerMin = coatedMgPerMin(gPerM2.mid, 2 * boilsToMm, faces, travelMmPerS * 60 / 1000)
  const assumed = ([['voltage', asked.voltageV], ['travel', asked.travelMmPerS], ['efficiency', asked.efficiency]] as const)
    .flatMap(([input, value]): readonly HeatInput[] => value === undefined ? [input] : [])
  const findings: Finding[] = []
  if (assumed.length > 0)
    findings.push(finding('caution', 'fume.heat-assumed', { inputs: assumed }, ['loadVoltage', 'arcEfficiency']))
  if (wholeMgPerMin > boundMgPerMin) findings.push(finding('note', 'fume.arc-cannot-boil-more', { boundMgPerMin }, ['boilingMetals']))
  findings.push(finding('note', 'fume.boils-beside', { substance: metal, widthMm: 2 * boilsToMm, faces }, [
    source, 'heatFlow', 'boilingMetals', 'burnOff',
  ]))
  return {
    plate,
    halfBeadMm,
    boiledEachSideMm: Math.max(0, boilsToMm - halfBeadMm),
    boiledWidthMm: 2 * boilsToMm,
    faces,
    boiledMgPerMin: Math.min(wholeMgPerMin, boundMgPerMin),
    airborneMgPerMin: spreadOf(boiledOff(weld, { metal, gPerM2 }, 0).airborneMgPerMin),
    energyBoundMgPerMin: boundMgPerMin,
    findings,
  }
}
