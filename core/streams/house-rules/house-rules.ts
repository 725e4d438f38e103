import type { LeastKind } from '../../ids/air-ids'
import type { ExposureBasisId, JurisdictionId, ShadeBasisId, StorageBasisId } from '../../ids/vocabulary'
import type { UnitSystem } from '../../units'
import type { SettlingRuleId } from '../../cylinder/settling'
import type { RadiusRuleId } from '../../hotwork/radius-rules'
import type { ShadeRules } from '../../shade/shade-question'
import type { GarmentHouse } from '../../ppe/judge-garments'
import type { DeratingId } from '../../ids/protection-ids'
import type { LanguageId } from '../../ids/language-ids'
import { LAWS } from '../../law/laws'
import type { WorkPattern } from '../../exposure/long-shift'

/** What becomes of regulators: on as long as they are in daily use, off and capped at the end of the week, or of each day. */
export const REGULATOR_RULES = ['on-in-daily-use', 'off-weekly', 'off-daily'] as const
export type RegulatorRuleId = typeof REGULATOR_RULES[number]

/** Who may authorise hot work; never their own. */
export const AUTHORISING_RULES = ['lead-and-authorisers', 'lead-only'] as const
export type AuthorisingRuleId = typeof AUTHORISING_RULES[number]

/** Whether somebody must be signed off for a process before they work at it: not asked, said, or held until they are. */
export const SIGN_OFF_RULES = ['not-asked', 'said', 'holds'] as const
export type SignOffRuleId = typeof SIGN_OFF_RULES[number]

/** Whose the working clothes are: the shop lends what somebody lacks, or they bring it themselves. */
export const CLOTHES_RULES = ['shop-lends', 'brought'] as const
export type ClothesRuleId = typeof CLOTHES_RULES[number]

/** Whether it must be told every day how warm a hall is, or counts only where somebody told. */
export const HEAT_RULES = ['asked-daily', 'when-told'] as const
export type HeatRuleId = typeof HEAT_RULES[number]

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
  /** Days of a week on which the same people work, 1 to 7: over forty hours a week, limits count lower. */
  readonly workDaysPerWeek: number
  /** Share of the work in which a mask that is needed is really on, 0.5 to 1. */
  readonly maskWornShare: number
  /** What a change costs here that keeps somebody under, in whatever the site counts, 0 or more; one left out is not known. */
  readonly changeCosts: Readonly<Partial<Record<LeastKind, number>>>
  /** Months that measured samples speak. */
  readonly surveyMonths: number
  /** Months that a fit test and a medical clearance for a mask stand. */
  readonly fitTestMonths: number
  readonly medicalMonths: number
  /** Share of an exposure limit at which the Air gate acts, above 0 and at most 1. */
  readonly actionFraction: number
  /** The local hour at which a shop day begins and yesterday's checks lapse, 0 to 23. */
  readonly shopDayHour: number
  /** How long acetylene stands after it lay. */
  readonly settlingRule: SettlingRuleId
  readonly regulatorRule: RegulatorRuleId
  /** The last working day of the week, 1 (Monday) to 7. */
  readonly weekEndsOn: number
  /** Law lets a cylinder past its date be used up; a site may hold it. */
  readonly pastDueHolds: boolean
  readonly storageBasis: StorageBasisId
  /** The circle kept clear for hot work; the computed reach may only make it larger. */
  readonly radiusRule: RadiusRuleId
  /** Fire watch after the last arc, min, and monitoring after that. */
  readonly watchAfterMin: number
  readonly monitoringMin: number
  /** Between rounds of the watch, and between visits of the monitoring, min. */
  readonly roundEveryMin: number
  readonly visitEveryMin: number
  /** A longer gap in cover begins the watch again, min. */
  readonly coverGapMin: number
  readonly gasRetestMin: number
  /** Flammable gas at which hot work may go on, % of its lower limit, below the 10 % that forbid it everywhere. */
  readonly lelLimitPercent: number
  readonly oxygenMaxPercent: number
  readonly longestPermitHours: number
  readonly authorisingRule: AuthorisingRuleId
  /** Numbers to call, as they are dialled here; empty where nobody wrote one down. */
  readonly emergencyNumber: string
  readonly firePointNumber: string
  readonly firstAidNumber: string
  readonly gasSupplierNumber: string
  readonly signOffRule: SignOffRuleId
  /** Boots with a safety toe, whatever the job: the law asks for them where something may fall. */
  readonly safetyToe: boolean
  /** Laces of leather count as covered. */
  readonly leatherLaces: boolean
  /** Where little spatters, a cotton shirt with sleeves down does for a jacket. */
  readonly sleevesDo: boolean
  /** No thin gloves, not for TIG either. */
  readonly linedGlovesOnly: boolean
  /** Where little spatters, low shoes of leather do for boots. */
  readonly lowShoesDo: boolean
  readonly clothesRule: ClothesRuleId
  /** How much less than its label a hearing protector is taken to do. */
  readonly protectorRule: DeratingId
  readonly heatRule: HeatRuleId
  /** What is said to whoever chose no language of their own. */
  readonly language: LanguageId
}

/** A new site, before anybody chose: house policy, named so. */
export const NEW_SITE_RULES: HouseRules = {
  jurisdiction: 'us',
  shadeBasis: 'us-consensus',
  shadeMinimum: null,
  units: 'metric',
  actionFraction: 0.5,
  shopDayHour: 4,
  exposureBasis: 'strictest',
  shiftHours: 8,
  workDaysPerWeek: 5,
  maskWornShare: 0.95,
  changeCosts: {},
  surveyMonths: 12,
  fitTestMonths: 12,
  medicalMonths: 12,
  settlingRule: 'longer-of-hour-and-lying',
  regulatorRule: 'off-weekly',
  weekEndsOn: 5,
  pastDueHolds: false,
  storageBasis: 'us',
  radiusRule: '35-ft',
  watchAfterMin: 60,
  monitoringMin: 180,
  roundEveryMin: 15,
  visitEveryMin: 30,
  coverGapMin: 5,
  gasRetestMin: 120,
  lelLimitPercent: 0,
  oxygenMaxPercent: 22,
  longestPermitHours: 8,
  authorisingRule: 'lead-and-authorisers',
  emergencyNumber: '',
  firePointNumber: '',
  firstAidNumber: '',
  gasSupplierNumber: '',
  signOffRule: 'said',
  safetyToe: false,
  leatherLaces: false,
  sleevesDo: false,
  linedGlovesOnly: false,
  lowShoesDo: false,
  clothesRule: 'shop-lends',
  protectorRule: 'half',
  heatRule: 'asked-daily',
  language: 'en',
}

/** What a new shop says first of all: whose law, which units, which language. */
export type FirstChoice = Pick<HouseRules, 'jurisdiction' | 'units' | 'language'>

/** The rules of a new site under a law: shades and storage by the schools of its side of the ocean, all else as for any new site. */
export function rulesUnder(choice: FirstChoice): HouseRules {
  const isUs = LAWS[choice.jurisdiction].shade === 'us-legal'
  return { ...NEW_SITE_RULES, ...choice, shadeBasis: isUs ? 'us-consensus' : 'eu', storageBasis: isUs ? 'us' : 'uk' }
}

export const shadeRulesOf = ({ jurisdiction, shadeBasis, shadeMinimum }: HouseRules): ShadeRules =>
  ({ jurisdiction, basis: shadeBasis, minimum: shadeMinimum })

export type HouseRulesEvent = { readonly type: 'house-rules-changed', readonly version: 10, readonly payload: HouseRules }

/**
 * The first version had no rules for air, the second none for gas, the third none for hot work, the fourth no language, the fifth none
 * for signing off, the sixth none for clothes, the seventh none for hearing protectors and heat, the eighth none for weeks and for masks
 * that are off, the ninth no costs of changes: a site that had chosen its rules gets those of a new site for what came later.
 */
export const upcastHouseRules = (_version: number, payload: unknown): HouseRulesEvent =>
  ({ type: 'house-rules-changed', version: 10, payload: { ...NEW_SITE_RULES, ...payload as Partial<HouseRules> } })

/** How long people work here: the house's day where nobody's own is known. */
export const workPatternOf = (
  { shiftHours, workDaysPerWeek }: Pick<HouseRules, 'shiftHours' | 'workDaysPerWeek'>,
  hoursADay = shiftHours,
): WorkPattern => ({ hoursADay, daysAWeek: workDaysPerWeek })

/** What a house says of clothes. */
export const garmentHouseOf = (
  { safetyToe, leatherLaces, sleevesDo, linedGlovesOnly, lowShoesDo, protectorRule }: HouseRules,
): GarmentHouse => ({ safetyToe, leatherLaces, sleevesDo, linedGlovesOnly, lowShoesDo, protectorRule })

/** The rules as they stand after an event. */
export const evolveHouseRules = (_rules: HouseRules, event: HouseRulesEvent): HouseRules => event.payload
