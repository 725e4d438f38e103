import type { ExposureBasisId, JurisdictionId, ShadeBasisId } from '../vocabulary/vocabulary'
import type { UnitSystem } from '../units'
import type { ShadeRules } from '../shade/shade-question'

/** The schools a site has chosen among. The stricter of law and house rule binds. */
export interface HouseRules {
  readonly jurisdiction: JurisdictionId
  /** A rule set that may only make the law stricter. */
  readonly shadeBasis: ShadeBasisId
  /** Lowest shade for open arcs, or null for none. */
  readonly shadeMinimum: number | null
  readonly units: UnitSystem
  /** A body of exposure limits that may only make the law stricter. */
  readonly exposureBasis: ExposureBasisId
  /** Hours that whoever works stays in the hall. */
  readonly shiftHours: number
  /** Months that measured samples speak. */
  readonly surveyMonths: number
  /** Months that a fit test and a medical clearance for a mask stand. */
  readonly fitTestMonths: number
  readonly medicalMonths: number
  /** Share of an exposure limit at which the Air gate acts, above 0 and at most 1. */
  readonly actionFraction: number
  /** The local hour at which a shop day begins and yesterday's checks lapse, 0 to 23. */
  readonly shopDayHour: number
}

/** Numbers a site may choose between. */
export const HOUSE_RULE_LIMITS = {
  shadeMinimum: { min: 8, max: 14 },
  actionFraction: { min: 0.05, max: 1 },
  shopDayHour: { min: 0, max: 23 },
  shiftHours: { min: 1, max: 16 },
  surveyMonths: { min: 1, max: 36 },
  fitTestMonths: { min: 1, max: 24 },
  medicalMonths: { min: 1, max: 60 },
} as const

/** A new site, before anybody chose: house policy, named so. */
export const NEW_SITE_RULES: HouseRules = {
  jurisdiction: 'us', shadeBasis: 'us-consensus', shadeMinimum: null, units: 'metric', actionFraction: 0.5, shopDayHour: 4,
  exposureBasis: 'strictest', shiftHours: 8, surveyMonths: 12, fitTestMonths: 12, medicalMonths: 12,
}

export const shadeRulesOf = ({ jurisdiction, shadeBasis, shadeMinimum }: HouseRules): ShadeRules =>
  ({ jurisdiction, basis: shadeBasis, minimum: shadeMinimum })

export type HouseRulesEvent = { readonly type: 'house-rules-changed', readonly version: 2, readonly payload: HouseRules }

/** Before the second version there were no rules for air: a site that had chosen its rules gets those of a new site for air. */
export const upcastHouseRules = (version: number, payload: unknown): HouseRulesEvent =>
  ({ type: 'house-rules-changed', version: 2, payload: version === 1 ? { ...NEW_SITE_RULES, ...payload as Partial<HouseRules> } : payload as HouseRules })

/** The rules as they stand after an event. */
export const evolveHouseRules = (_rules: HouseRules, event: HouseRulesEvent): HouseRules => event.payload
