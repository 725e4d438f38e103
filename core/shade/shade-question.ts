import type { BaseMetalId, JurisdictionId, ProcessId, ShadeBasisId, ShadeRuleSetId, ShieldingGasId, WorkplaceId } from '../ids/vocabulary'
import type { Finding } from '../findings/finding'
import type { SourceId } from '../source/book'

/** What a shade is asked for. Lengths in mm, currents in A, flows in litres an hour. */
export interface ShadeQuestion {
  readonly process: ProcessId
  /** Arc current, A, above 0. */
  readonly currentA?: number
  /** Lowest and highest current, A (pulsed, or "80 to 120"): judged at the worst end, which is the high one. */
  readonly currentRangeA?: readonly [number, number]
  /** Rod, wire or tungsten diameter, mm. */
  readonly electrodeDiameterMm?: number
  /** Plate thickness, mm, for flame work. */
  readonly plateThicknessMm?: number
  readonly acetyleneFlowLPerH?: number
  readonly oxygenFlowLPerH?: number
  readonly baseMetal?: BaseMetalId
  readonly shieldingGas?: ShieldingGasId
  /** `construction` reads its own, darker table. Default `general`. */
  readonly workplace?: WorkplaceId
}

/** The rules a site puts in force for shade. Whatever is left out, the strictest known stands in for it. */
export interface ShadeRules {
  readonly jurisdiction?: JurisdictionId
  readonly basis?: ShadeBasisId
  /** House minimum, for open arcs only. */
  readonly minimum?: number | null
}

/** What one rule set says: a minimum that gates, and a suggestion to start from (lighter end, darker end). */
export interface RuleSetAnswer {
  readonly ruleSet: ShadeRuleSetId
  readonly minimum: number | null
  readonly suggested: readonly [number, number] | null
  readonly source: SourceId
  readonly notes: readonly Finding[]
}

/** Every school side by side, and the one that binds here. */
export interface ShadeAnswer {
  /** The lowest shade allowed; null when it cannot be said. */
  readonly minimum: number | null
  /** Where to start: the darker end of the binding suggestion, never under the minimum. */
  readonly start: number | null
  readonly bindingRuleSet: ShadeRuleSetId | null
  readonly ruleSets: readonly RuleSetAnswer[]
  readonly findings: readonly Finding[]
}
