import { finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import type { BaseMetalId, ProcessId, ShieldingGasId } from '../ids/vocabulary'
import type { RuleSetAnswer, ShadeQuestion } from './shade-question'
import type { BandTable } from './band-table'
import { above, bandIndex, belowTable, ruleSetRow } from './band-table'
import { beyondCurrent, beyondFlow, lacksInput, noRow } from './silent-answers'

/**
 * The table recommends: its number is the suggestion, and since it lets the next number either way be used,
 * one lighter is its minimum. The older, darker edition's boundaries are shipped; the newer edition is recalled
 * too loosely to ship, and reads about one lighter.
 */
const recommends = (shade: number, source: SourceId): RuleSetAnswer => ruleSetRow('eu', shade - 1, [shade, shade], source,
  source === 'euArcShade' ? [finding('note', 'shade.older-edition', { ruleSet: 'eu' }, [source])] : [])

/** First current printed, then the lower end of each darker row; the first row's shade counts up by one. */
const table = (source: SourceId, firstShade: number, from: readonly number[], ends = Infinity): BandTable =>
  ({ ends, openBelow: false, bands: from.map((lower, step) => ({ from: lower, answer: recommends(firstShade + step, source) })) })

const arc = 'euArcShade'
const MAG = table(arc, 10, [40, 80, 125, 175, 300, above(450)])
const MIG_HEAVY = table(arc, 10, [80, 100, 175, 300, above(500)])
const MIG_LIGHT = table(arc, 10, [80, 100, 175, 250, 350, above(500)])

/** ISO 4850:1979 and EN 169:1992, arcs by current, A. Micro-plasma is recalled too loosely and is not shipped. */
const BY_CURRENT: Partial<Record<ProcessId, BandTable>> = {
  'smaw': table(arc, 9, [20, 40, 80, 175, 300, above(500)]),
  'fcaw-g': MAG,
  'fcaw-s': MAG,
  'gtaw': table(arc, 9, [5, 20, 40, 100, 175, 250], 400),
  'cac-a': table(arc, 10, [125, 175, 225, 275, 350, above(450)]),
  'pac': table(arc, 11, [60, 150, 250], 400),
}

/** Gas welding by acetylene flow, oxygen cutting by oxygen flow, L/h. */
const GAS_WELDING = { ...table('euGasShade', 4, [0, above(70), above(200), above(800)]), openBelow: true }
const OXYGEN_CUTTING = table('euGasShade', 5, [900, 2000, 4000], 8000)

const ACTIVE: ReadonlySet<ShieldingGasId> = new Set(['argon-co2', 'co2', 'argon-oxygen', 'tri-mix'])
const INERT: ReadonlySet<ShieldingGasId> = new Set(['argon', 'helium', 'argon-helium'])
const LIGHT: ReadonlySet<BaseMetalId> = new Set(['aluminium', 'magnesium'])

/** The rows a wire arc may belong to. What is not known about gas and metal leaves every row it could be in. */
const WIRE_ROWS = {
  active: [MAG],
  heavy: [MIG_HEAVY],
  light: [MIG_LIGHT],
  inert: [MIG_HEAVY, MIG_LIGHT],
  any: [MAG, MIG_HEAVY, MIG_LIGHT],
  anyHeavy: [MAG, MIG_HEAVY],
  anyLight: [MAG, MIG_LIGHT],
} as const

function wireRows({ shieldingGas, baseMetal }: ShadeQuestion): readonly BandTable[] {
  const known = baseMetal !== undefined && baseMetal !== 'titanium'
  const light = known && LIGHT.has(baseMetal)
  if (shieldingGas !== undefined && ACTIVE.has(shieldingGas)) return WIRE_ROWS.active
  if (shieldingGas !== undefined && INERT.has(shieldingGas)) return known ? light ? WIRE_ROWS.light : WIRE_ROWS.heavy : WIRE_ROWS.inert
  return known ? light ? WIRE_ROWS.anyLight : WIRE_ROWS.anyHeavy : WIRE_ROWS.any
}

function read(bandTable: BandTable, process: ProcessId, value: number): RuleSetAnswer {
  const { answer } = bandTable.bands[bandIndex(bandTable, value)]!
  if (!belowTable(bandTable, value)) return answer
  return ruleSetRow('eu', answer.minimum, answer.suggested, answer.source, [
    ...answer.notes, finding('note', 'shade.below-table', { process, ruleSet: 'eu' }, [answer.source]),
  ])
}

function darkestOf(tables: readonly BandTable[], process: ProcessId, currentA: number): RuleSetAnswer {
  let darkest = read(tables[0]!, process, currentA)
  for (let i = 1; i < tables.length; i++) {
    const other = read(tables[i]!, process, currentA)
    if (other.minimum! > darkest.minimum!) darkest = other
  }
  return darkest
}

/**
 * What the European table recommends, and one lighter as its minimum.
 *
 * @param question the work; gas welding needs the acetylene flow and oxygen cutting the oxygen flow, L/h
 * @param currentA arc current at its worst end, A, or undefined when unknown
 * @returns null with a note where the table has no row, or only one recalled too loosely to ship
 * Source: ISO 4850:1979, EN 169:1992 (arcs); also EN 169:2002 (gas).
 */
export function eu(question: ShadeQuestion, currentA: number | undefined): RuleSetAnswer {
  const { process, acetyleneFlowLPerH, oxygenFlowLPerH } = question
  const byCurrent = BY_CURRENT[process]
  if (byCurrent !== undefined || process === 'gmaw') {
    if (currentA === undefined) return lacksInput('eu', process, 'currentA', arc)
    if (byCurrent === undefined) return darkestOf(wireRows(question), process, currentA)
    return currentA > byCurrent.ends ? beyondCurrent('eu', process, currentA, byCurrent.ends, arc) : read(byCurrent, process, currentA)
  }
  if (process === 'ofw') {
    if (acetyleneFlowLPerH === undefined) return lacksInput('eu', process, 'acetyleneFlowLPerH', 'euGasShade')
    return read(GAS_WELDING, process, acetyleneFlowLPerH)
  }
  if (process === 'ofc') {
    if (oxygenFlowLPerH === undefined) return lacksInput('eu', process, 'oxygenFlowLPerH', 'euGasShade')
    if (oxygenFlowLPerH > OXYGEN_CUTTING.ends) return beyondFlow('eu', process, oxygenFlowLPerH, OXYGEN_CUTTING.ends, 'euGasShade')
    return read(OXYGEN_CUTTING, process, oxygenFlowLPerH)
  }
  if (process === 'paw') {
    return ruleSetRow('eu', null, null, 'euLowConfidence', [
      finding('note', 'shade.row-not-shipped', { process, ruleSet: 'eu' }, ['euLowConfidence']),
    ])
  }
  return noRow('eu', process, arc)
}
