import type { MANY, SINGLE } from './streams'

/** What somebody looks for in the record. */
export const LOG_KINDS = [
  'stops', 'gates', 'bays', 'hot-work', 'cylinders', 'kit', 'air', 'people', 'told', 'rules', 'site', 'seals',
] as const
export type LogKindId = typeof LOG_KINDS[number]

type Single = typeof SINGLE[number]
type Many = typeof MANY[number]

/** The lines of the record that are of a kind: of these streams, and where types are named, only of those types, or all but those. */
export interface LogKind {
  readonly single: readonly Single[]
  readonly many: readonly Many[]
  readonly types?: readonly string[]
  readonly without?: readonly string[]
}

const STOPS = ['stopped', 'stop-reason-given', 'reopened'] as const
const GATES = ['gate-changed', 'checks-lapsed'] as const

/** Every stream is of some kind, and no line is of two. */
export const LOG_KIND: Readonly<Record<LogKindId, LogKind>> = {
  'stops': { single: [], many: ['station'], types: STOPS },
  'gates': { single: [], many: ['station'], types: GATES },
  'bays': { single: [], many: ['station'], without: [...STOPS, ...GATES] },
  'hot-work': { single: [], many: ['permit'] },
  'cylinders': { single: [], many: ['cylinder', 'place'] },
  'kit': { single: ['check-lists', 'wardrobe'], many: ['item'] },
  'air': { single: ['fume-sheets'], many: ['hall', 'samples', 'monitor'] },
  'people': { single: [], many: ['person'] },
  'told': { single: [], many: ['notice'] },
  'rules': { single: ['house-rules'], many: [] },
  'site': { single: ['site', 'day-plans'], many: [] },
  'seals': { single: ['seal'], many: [] },
}
