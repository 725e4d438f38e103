import { z } from 'zod'
import { LEAST_KINDS } from '#core/ids/air-ids'
import { LANGUAGES } from '#core/ids/language-ids'
import { HEAT_RULES, AUTHORISING_RULES, CLOTHES_RULES, REGULATOR_RULES, SIGN_OFF_RULES } from '#core/streams/house-rules/house-rules'
import { DERATINGS } from '#core/ids/protection-ids'
import { SETTLING_RULES } from '#core/cylinder/settling'
import { RADIUS_RULES } from '#core/hotwork/radius-rules'
import { HOUSE_RULE_LIMITS } from '#core/streams/house-rules/house-rule-limits'
import type { HouseRulesCommands } from '#core/streams/house-rules/decide-house-rules'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { UNIT_SYSTEMS } from '#core/units'
import type { Payloads } from './payloads'
import { EXPOSURE_BASES, JURISDICTIONS, SHADE_BASES, STORAGE_BASES } from '#core/ids/vocabulary'

const {
  shadeMinimum,
  actionFraction,
  shopDayHour,
  shiftHours,
  workDaysPerWeek,
  maskWornShare,
  changeCost,
  surveyMonths,
  fitTestMonths,
  medicalMonths,
  weekEndsOn,
  watchAfterMin,
  monitoringMin,
  roundEveryMin,
  visitEveryMin,
  coverGapMin,
  gasRetestMin,
  lelLimitPercent,
  oxygenMaxPercent,
  longestPermitHours,
} = HOUSE_RULE_LIMITS

const minutes = ({ min, max }: { readonly min: number, readonly max: number }) =>
  z.int('whole minutes').min(min, `${min} min or more`).max(max, `${max} min or less`)
const dialled = z.string().trim().max(40, 'at most 40 characters')

export const houseRulesSchema = z.strictObject({
  jurisdiction: z.enum(JURISDICTIONS),
  shadeBasis: z.enum(SHADE_BASES),
  shadeMinimum: z.int().min(shadeMinimum.min).max(shadeMinimum.max).nullable(),
  exposureBasis: z.enum(EXPOSURE_BASES),
  shiftHours: z.number().min(shiftHours.min).max(shiftHours.max),
  workDaysPerWeek: z.int().min(workDaysPerWeek.min).max(workDaysPerWeek.max),
  maskWornShare: z.number().min(maskWornShare.min).max(maskWornShare.max),
  changeCosts: z.partialRecord(z.enum(LEAST_KINDS), z.number().min(changeCost.min).max(changeCost.max)),
  surveyMonths: z.int().min(surveyMonths.min).max(surveyMonths.max),
  fitTestMonths: z.int().min(fitTestMonths.min).max(fitTestMonths.max),
  medicalMonths: z.int().min(medicalMonths.min).max(medicalMonths.max),
  units: z.enum(UNIT_SYSTEMS),
  actionFraction: z.number().min(actionFraction.min).max(actionFraction.max),
  shopDayHour: z.int().min(shopDayHour.min).max(shopDayHour.max),
  settlingRule: z.enum(SETTLING_RULES),
  regulatorRule: z.enum(REGULATOR_RULES),
  weekEndsOn: z.int().min(weekEndsOn.min).max(weekEndsOn.max),
  pastDueHolds: z.boolean(),
  storageBasis: z.enum(STORAGE_BASES),
  radiusRule: z.enum(RADIUS_RULES),
  watchAfterMin: minutes(watchAfterMin),
  monitoringMin: minutes(monitoringMin),
  roundEveryMin: minutes(roundEveryMin),
  visitEveryMin: minutes(visitEveryMin),
  coverGapMin: minutes(coverGapMin),
  gasRetestMin: minutes(gasRetestMin),
  lelLimitPercent: z.number().min(lelLimitPercent.min).max(lelLimitPercent.max),
  oxygenMaxPercent: z.number().min(oxygenMaxPercent.min).max(oxygenMaxPercent.max),
  longestPermitHours: z.number().min(longestPermitHours.min).max(longestPermitHours.max),
  authorisingRule: z.enum(AUTHORISING_RULES),
  emergencyNumber: dialled, firePointNumber: dialled, firstAidNumber: dialled, gasSupplierNumber: dialled,
  signOffRule: z.enum(SIGN_OFF_RULES),
  safetyToe: z.boolean(),
  leatherLaces: z.boolean(),
  sleevesDo: z.boolean(),
  linedGlovesOnly: z.boolean(),
  lowShoesDo: z.boolean(),
  clothesRule: z.enum(CLOTHES_RULES),
  protectorRule: z.enum(DERATINGS),
  heatRule: z.enum(HEAT_RULES),
  language: z.enum(LANGUAGES),
}) satisfies z.ZodType<HouseRules>

export const houseRulesPayloads = { 'house-rules.change': houseRulesSchema } satisfies Payloads<HouseRulesCommands>
