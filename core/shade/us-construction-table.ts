import { finding } from '../findings/finding'
import type { BaseMetalId, ProcessId } from '../ids/vocabulary'
import type { RuleSetAnswer, ShadeQuestion } from './shade-question'
import { above, bandIndex, openTable, ruleSetRow } from './band-table'
import type { PublishedTable } from './published-table'
import { readByThickness } from './published-table'
import { usLaw } from './us-law-table'

const source = 'usConstructionShade'
const row = (minimum: number, to?: number) => ruleSetRow('us-legal', minimum, to === undefined ? null : [minimum, to], source)

/** Sizes printed for arcs, mm: nothing under 1/16 in. */
const SMALLEST_PRINTED_MM = 1.58
/** Covered electrodes: 1/16 to 5/32 in, 3/16 to 1/4 in, 5/16 to 3/8 in. Sizes between two printed rows read in the darker. */
const COVERED_ELECTRODES = openTable(9.6, [SMALLEST_PRINTED_MM, row(10)], [above(4), row(12)], [above(6.4), row(14)])
/** Gas-shielded arcs are printed for 1/16 to 5/32 in only. */
const GAS_SHIELDED_LARGEST_MM = 4
const GAS_SHIELDED = { ferrous: row(12), nonFerrous: row(11) }

const FERROUS: ReadonlySet<BaseMetalId> = new Set(['mild-steel', 'low-alloy-steel', 'stainless-steel', 'cast-iron'])

const TABLE: PublishedTable = {
  ruleSet: 'us-legal',
  source,
  byCurrent: {},
  byThickness: {
    ofw: openTable(Infinity, [0, row(4, 5)], [3.175, row(5, 6)], [above(12.7), row(6, 8)]),
    ofc: openTable(Infinity, [0, row(3, 4)], [25, row(4, 5)], [above(150), row(5, 6)]),
  },
  always: { tb: row(3, 4), ts: row(2, 2), caw: row(14) },
}

const darkest = (process: ProcessId, shade: number): RuleSetAnswer =>
  ruleSetRow('us-legal', shade, null, source, [finding('caution', 'shade.construction-size-unknown', { process, shade }, [source])])

function coveredElectrode(process: ProcessId, diameterMm: number | undefined): RuleSetAnswer {
  const index = diameterMm === undefined || diameterMm < SMALLEST_PRINTED_MM ? -1 : bandIndex(COVERED_ELECTRODES, diameterMm)
  return index < 0 ? darkest(process, 14) : COVERED_ELECTRODES.bands[index]!.answer
}

function gasShielded({ process, electrodeDiameterMm: diameterMm, baseMetal }: ShadeQuestion): RuleSetAnswer {
  if (diameterMm === undefined || diameterMm < SMALLEST_PRINTED_MM || diameterMm > GAS_SHIELDED_LARGEST_MM) return darkest(process, 12)
  return baseMetal === undefined || FERROUS.has(baseMetal) ? GAS_SHIELDED.ferrous : GAS_SHIELDED.nonFerrous
}

const withNearestRowCaution = ({ minimum, suggested, source: from, notes }: RuleSetAnswer, process: ProcessId): RuleSetAnswer =>
  ruleSetRow('us-legal', minimum, suggested, from, [...notes, finding('caution', 'shade.construction-nearest-row', { process }, [source])])

/**
 * What US law for construction allows: an older, darker table where the electrode's size decides, not the current.
 * A size that is unknown, or off the table, takes the process's darkest row with a caution. A process the construction
 * table does not print is read in the general table: it would be strange to go lighter on a structure than in the shop.
 *
 * @param question the work
 * @param currentA arc current at its worst end, A; used only where the general table is read
 * Source: 29 CFR 1926.102 Table E-1 (formerly E-2).
 */
export function usConstruction(question: ShadeQuestion, currentA: number | undefined): RuleSetAnswer {
  const { process } = question
  switch (process) {
    case 'smaw': return coveredElectrode(process, question.electrodeDiameterMm)
    case 'gmaw': case 'gtaw': case 'fcaw-g': return gasShielded(question)
    case 'fcaw-s': return withNearestRowCaution(GAS_SHIELDED.ferrous, process)
  }
  const printed = readByThickness(TABLE, question) ?? TABLE.always[process]
  if (printed) return printed
  const general = usLaw(question, currentA)
  return general.minimum === null ? general : withNearestRowCaution(general, process)
}
