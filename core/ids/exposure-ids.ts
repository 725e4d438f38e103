import type { SubstanceId } from './vocabulary'

/** Over what time a limit is meant. `short-term` is 15 minutes unless its source says otherwise. */
export const LIMIT_KINDS = ['twa', 'short-term', 'ceiling'] as const
export type LimitKind = typeof LIMIT_KINDS[number]

/** Substances that act on the same part of the body: their fractions add up. Source: `mixtureRule`. */
export const MIXTURE_GROUPS = {
  'airways': ['ozone', 'nitrogen-dioxide', 'nitric-oxide', 'fluorides', 'zinc', 'copper', 'cadmium'],
  'lung-cancer': ['chromium-vi', 'nickel', 'cadmium', 'beryllium'],
  'nerves': ['manganese', 'lead'],
  'kidneys': ['cadmium', 'lead'],
  'blood-oxygen': ['carbon-monoxide'],
  'lung-load': ['iron', 'aluminium'],
} as const satisfies Record<string, readonly SubstanceId[]>
export type MixtureGroupId = keyof typeof MIXTURE_GROUPS

/** Over what a sum of fractions is taken: the shift, or the short time of short-term limits and ceilings. */
export const MIXTURE_SPANS = ['shift', 'short-time'] as const
export type MixtureSpan = typeof MIXTURE_SPANS[number]

/** What samples say of a limit. */
export const SAMPLE_VERDICTS = ['compliant', 'non-compliant', 'no-decision'] as const
export type SampleVerdict = typeof SAMPLE_VERDICTS[number]
