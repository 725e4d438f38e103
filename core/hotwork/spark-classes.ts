import type { ProcessId } from '../ids/vocabulary'

/** How a process throws hot metal: drop sizes, m, and the speed they leave at, m/s. */
export interface SparkClass {
  readonly id: 'spatter' | 'cutting' | 'piercing' | 'gouging'
  readonly smallestM: number
  readonly largestM: number
  readonly speedMPerS: number
  readonly leavesAtC: number
}

const throws = (id: SparkClass['id'], smallestMm: number, largestMm: number, speedMPerS: number): SparkClass =>
  ({ id, smallestM: smallestMm / 1000, largestM: largestMm / 1000, speedMPerS, leavesAtC: 2000 })

/** The four classes. Published speeds range widely; these are assumed, at the upper end. Source: `sparkModel`. */
export const SPARK_CLASSES = {
  spatter: throws('spatter', 0.5, 2, 6),
  cutting: throws('cutting', 1, 3, 8),
  piercing: throws('piercing', 1, 3, 12),
  gouging: throws('gouging', 1, 3, 20),
} as const satisfies Record<string, SparkClass>

/** The class of each process; null where none is known: a laser waits for its cell. Sparks of a grinder count as cutting. */
export const SPARK_CLASS_OF: Readonly<Record<ProcessId, SparkClass | null>> = {
  'smaw': SPARK_CLASSES.spatter,
  'gmaw': SPARK_CLASSES.spatter,
  'fcaw-g': SPARK_CLASSES.spatter,
  'fcaw-s': SPARK_CLASSES.spatter,
  'gtaw': SPARK_CLASSES.spatter,
  'saw': SPARK_CLASSES.spatter,
  'paw': SPARK_CLASSES.spatter,
  'caw': SPARK_CLASSES.spatter,
  'ofw': SPARK_CLASSES.spatter,
  'tb': SPARK_CLASSES.spatter,
  'ts': SPARK_CLASSES.spatter,
  'pac': SPARK_CLASSES.cutting,
  'ofc': SPARK_CLASSES.cutting,
  'grinding': SPARK_CLASSES.cutting,
  'cac-a': SPARK_CLASSES.gouging,
  'lbw': null,
}
