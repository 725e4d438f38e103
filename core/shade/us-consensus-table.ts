import { finding } from '../findings/finding'
import type { ProcessId } from '../ids/vocabulary'
import type { RuleSetAnswer, ShadeQuestion } from './shade-question'
import { above, bandIndex, openTable, ruleSetRow } from './band-table'
import type { PublishedTable } from './published-table'
import { readPublished } from './published-table'

const source = 'usConsensusShade'
const row = (minimum: number, from?: number, to = from) =>
  ruleSetRow('us-consensus', minimum, from === undefined ? null : [from, to!], source)
const suggests = (process: ProcessId, from: number, to: number) =>
  ruleSetRow('us-consensus', null, [from, to], source, [
    finding('note', 'shade.no-minimum-printed', { process, ruleSet: 'us-consensus' }, [source]),
  ])

const WIRE = openTable(500, [0, row(7)], [60, row(10, 11)], [160, row(10, 12)], [250, row(10, 14)])
const LOW_PLASMA = ruleSetRow('us-consensus', 4, [4, 4], 'usConsensusShadeLowPlasma')

/**
 * AWS F2.2, also ANSI Z49.1 Table 1. Thickness is printed 1/8 in (3 mm), 1/2 in (13 mm), 1 in (25 mm), 6 in (150 mm): the darker reading
 * of each.
 */
const TABLE: PublishedTable = {
  ruleSet: 'us-consensus',
  source,
  byCurrent: {
    'smaw': openTable(550, [0, row(7)], [60, row(8, 10)], [160, row(10, 12)], [250, row(11, 14)]),
    'gmaw': WIRE,
    'fcaw-g': WIRE,
    'fcaw-s': WIRE,
    'gtaw': openTable(500, [0, row(8, 10)], [50, row(8, 12)], [150, row(10, 14)]),
    'cac-a': openTable(1000, [0, row(10, 12)], [500, row(11, 14)]),
    'paw': openTable(800, [0, row(6, 6, 8)], [20, row(8, 10)], [100, row(10, 12)], [400, row(11, 14)]),
    'pac': openTable(
      800,
      [0, LOW_PLASMA],
      [20, row(5, 5)],
      [40, row(6, 6)],
      [60, row(8, 8)],
      [80, row(8, 9)],
      [300, row(9, 12)],
      [400, row(10, 14)],
    ),
  },
  byThickness: {
    ofw: openTable(Infinity, [0, suggests('ofw', 4, 5)], [3, suggests('ofw', 5, 6)], [above(12.7), suggests('ofw', 6, 8)]),
    ofc: openTable(Infinity, [0, suggests('ofc', 3, 4)], [25, suggests('ofc', 4, 5)], [above(150), suggests('ofc', 5, 6)]),
  },
  always: { tb: suggests('tb', 3, 4), ts: suggests('ts', 2, 2), caw: suggests('caw', 14, 14) },
}

/**
 * The row of the table that a current falls in: shades that people settle on are kept for it.
 *
 * @param currentA arc current, A, or undefined when unknown
 * @returns where the row begins and the next one does, A; null for a process that is not read by current; undefined where the current is
 * not known or lies beyond the table
 */
export function currentBandOf(process: ProcessId, currentA: number | undefined): readonly [from: number, below: number] | null | undefined {
  const table = TABLE.byCurrent[process]
  if (!table) return null
  const index = currentA === undefined ? -1 : bandIndex(table, currentA)
  return index < 0 ? undefined : [table.bands[index]!.from, table.bands[index + 1]?.from ?? table.ends]
}

/**
 * What the US consensus table prints: a minimum, and a shade suggested for comfort.
 *
 * @param question the work
 * @param currentA arc current at its worst end, A, or undefined when unknown
 * @returns minimum and suggestion; flame work and carbon arc carry a suggestion only
 * Source: AWS F2.2:2001 (R2010), ANSI Z49.1:2005, 2012, 2021 Table 1.
 */
export const usConsensus = (question: ShadeQuestion, currentA: number | undefined): RuleSetAnswer =>
  readPublished(TABLE, question, currentA)
