import { z } from 'zod'
import { SETTLING_RULES } from '#core/cylinder/settling'
import { HOUSE_RULE_LIMITS, REGULATOR_RULES } from '#core/houserules/house-rules'
import type { HouseRules } from '#core/houserules/house-rules'
import { UNIT_SYSTEMS } from '#core/units'
import { EXPOSURE_BASES, JURISDICTIONS, SHADE_BASES, STORAGE_BASES } from '#core/vocabulary/vocabulary'

const { shadeMinimum, actionFraction, shopDayHour, shiftHours, surveyMonths, fitTestMonths, medicalMonths, weekEndsOn } = HOUSE_RULE_LIMITS

export const houseRulesSchema = z.strictObject({
  jurisdiction: z.enum(JURISDICTIONS),
  shadeBasis: z.enum(SHADE_BASES),
  shadeMinimum: z.int().min(shadeMinimum.min).max(shadeMinimum.max).nullable(),
  exposureBasis: z.enum(EXPOSURE_BASES),
  shiftHours: z.number().min(shiftHours.min).max(shiftHours.max),
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
}) satisfies z.ZodType<HouseRules>
