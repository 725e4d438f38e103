import { finding } from '../findings/finding'
import type { RuleSetAnswer, ShadeQuestion } from './shade-question'
import { above, openTable, ruleSetRow } from './band-table'
import type { PublishedTable } from './published-table'
import { readPublished } from './published-table'

const source = 'usLawShade'
const min = (shade: number) => ruleSetRow('us-legal', shade, null, source)
const plasma = (shade: number) =>
  ruleSetRow('us-legal', shade, null, source, [finding('note', 'shade.visible-arc', { process: 'pac' }, [source])])
const flame = (shade: number) =>
  ruleSetRow('us-legal', shade, null, source, [finding('note', 'shade.sodium-light', { process: 'ofw' }, [source])])

const WIRE = openTable(500, [0, min(7)], [60, min(10)], [160, min(10)], [250, min(10)])

/**
 * 29 CFR 1910.133(a)(5). Thickness: 1/8 in = 3.175 mm, 1/2 in = 12.7 mm; 1 in is printed 25 mm and 6 in 150 mm: the darker reading of
 * each.
 */
const TABLE: PublishedTable = {
  ruleSet: 'us-legal',
  source,
  byCurrent: {
    'smaw': openTable(550, [0, min(7)], [60, min(8)], [160, min(10)], [250, min(11)]),
    'gmaw': WIRE,
    'fcaw-g': WIRE,
    'fcaw-s': WIRE,
    'gtaw': openTable(500, [0, min(8)], [50, min(8)], [150, min(10)]),
    'cac-a': openTable(1000, [0, min(10)], [500, min(11)]),
    'paw': openTable(800, [0, min(6)], [20, min(8)], [100, min(10)], [400, min(11)]),
    'pac': openTable(800, [0, plasma(8)], [300, plasma(9)], [400, plasma(10)]),
  },
  byThickness: {
    ofw: openTable(Infinity, [0, flame(4)], [3.175, flame(5)], [above(12.7), flame(6)]),
    ofc: openTable(Infinity, [0, min(3)], [25, min(4)], [above(150), min(5)]),
  },
  always: { tb: min(3), ts: min(2), caw: min(14) },
}

/**
 * What US law for general industry allows as the lightest shade.
 *
 * @param question the work; covered electrodes may be judged by size, flame work by plate thickness
 * @param currentA arc current at its worst end, A, or undefined when unknown
 * @returns a minimum with no suggestion (the law prints none); null with a note where it has no row or cannot be read
 * Source: 29 CFR 1910.133(a)(5).
 */
export const usLaw = (question: ShadeQuestion, currentA: number | undefined): RuleSetAnswer => readPublished(TABLE, question, currentA)
