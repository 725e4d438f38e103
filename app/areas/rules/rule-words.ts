import { upcastHouseRules } from '#core/streams/house-rules/house-rules'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { LEAST_KINDS } from '#core/ids/air-ids'
import type { UnitSystem } from '#core/units'
import { LANGUAGE_NAMES } from '#shared/words/language'
import { cylinderWords } from '~/words/cylinder-words'
import { hotWorkPages } from '~/words/hotWork'
import { hotworkWords } from '~/words/hotwork-words'
import { rulesPages } from '~/words/rules'
import { quantitiesIn } from '~/words/speak'
import { words } from '~/words/vocabulary'

const says = rulesPages.page
const hotWork = hotWorkPages.rules

/** What a house rule is called, and what it says when it has a value. Read when it is said: the language may have changed. */
export type RuleWords = { readonly [Key in keyof HouseRules]: readonly [name: () => string, say: (value: HouseRules[Key]) => string] }

const hour = (hour: number): string => `${String(hour).padStart(2, '0')}:00`
const months = (count: number): string => says.months(count)
const number = (text: string): string => text || says.none
const inUnit = (unit: string) => (value: number): string => `${value} ${unit}`
/** Quantities of rules are times and shares, which every shop writes alike. */
const percent = (share: number): string => quantitiesIn('metric').percent(share)
const WEEKDAYS = [() => says.mon, () => says.tue, () => says.wed, () => says.thu, () => says.fri, () => says.sat, () => says.sun] as const
const unitWords = (units: UnitSystem): string => units === 'us' ? says.inFtCfhCfm : 'mm, m, L/h, m³/h'

export const RULE_WORDS: RuleWords = {
  jurisdiction: [() => says.jurisdiction, id => words.jurisdictions[id]],
  shadeBasis: [() => says.basisForShade, id => words.ruleSets[id]],
  shadeMinimum: [() => says.houseMinimumForOpenArcs, shade => String(shade ?? says.none)],
  exposureBasis: [() => says.basisForExposureLimits, id => words.exposureBases[id]],
  shiftHours: [() => says.hoursOfAShift, inUnit('h')],
  workDaysPerWeek: [() => says.daysOfAWeek, days => says.aWeek(days)],
  maskWornShare: [() => says.aMaskThatIsNeeded, share => says.ofTheWork(percent(share))],
  changeCosts: [() => says.whatChangesCost, costs =>
    LEAST_KINDS.flatMap(kind => costs[kind] === undefined ? [] : [says.changeCosts(says.changes[kind], costs[kind])]).join(', ')
    || says.none],
  surveyMonths: [() => says.measuredSamples, months],
  fitTestMonths: [() => says.fitTestOfAMask, months],
  medicalMonths: [() => says.medicalClearance, months],
  settlingRule: [() => says.acetyleneThatLayStandsFor, id => cylinderWords.settlingRules[id]],
  regulatorRule: [() => says.regulators, id => cylinderWords.regulatorRules[id]],
  weekEndsOn: [() => says.theWeekEndsOn, day => WEEKDAYS[day - 1]!()],
  pastDueHolds: [() => says.aCylinderPastItsTest, holds => holds ? says.holdsTheBay : says.mayBeUsedUpWith],
  storageBasis: [() => says.distancesInTheStore, id => cylinderWords.storageBases[id]],
  radiusRule: [() => hotWork.hotWorkCircleToKeep, id => hotworkWords.radiusRules[id]],
  watchAfterMin: [() => hotWork.watchAfterTheLastArc, inUnit('min')],
  monitoringMin: [() => hotWork.monitoringAfterThat, inUnit('min')],
  roundEveryMin: [() => hotWork.betweenRounds, inUnit('min')],
  visitEveryMin: [() => hotWork.betweenLooksWhileMonitoring, inUnit('min')],
  coverGapMin: [() => hotWork.gapThatBeginsTheWatch, inUnit('min')],
  gasRetestMin: [() => hotWork.airTestedAgainAfter, inUnit('min')],
  lelLimitPercent: [() => hotWork.flammableGasAllowed, value => `${value} ${hotWork.ofTheLowerLimit}`],
  oxygenMaxPercent: [() => hotWork.oxygenAtMost, inUnit('%')],
  longestPermitHours: [() => hotWork.longestPermit, inUnit('h')],
  authorisingRule: [() => hotWork.whoMayAuthorise, id => id === 'lead-only' ? hotWork.theSafetyLeadAlone : hotWork.theSafetyLeadAndPermit],
  emergencyNumber: [() => hotWork.emergency, number],
  firePointNumber: [() => hotWork.firePoint, number],
  firstAidNumber: [() => hotWork.firstAid, number],
  gasSupplierNumber: [() => hotWork.gasSupplier, number],
  signOffRule: [() => says.signingOff, id => says.signOffRules[id]],
  safetyToe: [() => says.safetyToe, asked => asked ? says.always : says.whereTheJobSays],
  leatherLaces: [() => says.laces, count => count ? says.leatherLacesCount : says.covered],
  sleevesDo: [() => says.overTheShirt, isEnough => isEnough ? says.shirtDoes : says.jacketOnly],
  linedGlovesOnly: [() => says.lightestGlove, only => only ? says.linedOnly : says.byProcess],
  lowShoesDo: [() => says.height, isEnough => isEnough ? says.lowShoesDo : says.bootsOnly],
  protectorRule: [() => says.protectors, id => says.protectorRules[id]],
  heatRule: [() => says.heat, id => says.heatRules[id]],
  clothesRule: [() => says.furnishes, id => says.clothesRules[id]],
  units: [() => says.units, unitWords],
  language: [() => says.language, id => LANGUAGE_NAMES[id]],
  actionFraction: [() => says.actionFraction, percent],
  shopDayHour: [() => says.shopDay, hour],
}

/** One rule that reads otherwise than before. */
export interface RuleChange { readonly name: string, readonly from: string, readonly to: string }

function changeOf<Key extends keyof HouseRules>(key: Key, was: HouseRules, is: HouseRules): RuleChange | null {
  const [name, say] = RULE_WORDS[key]
  // What a rule says is what it is: one with parts is the same when all of them are.
  return was[key] === is[key] || say(was[key]) === say(is[key]) ? null : { name: name(), from: say(was[key]), to: say(is[key]) }
}

/**
 * From what to what rules changed, in the order of the page.
 * @param was the rules before, as they were recorded: what later rules added to them counts as a new site's
 * @param is the rules after, as they were recorded
 */
export function rulesChanged(was: unknown, is: unknown): readonly RuleChange[] {
  const [before, after] = [upcastHouseRules(0, was).payload, upcastHouseRules(0, is).payload]
  return (Object.keys(RULE_WORDS) as (keyof HouseRules)[]).map(key => changeOf(key, before, after)).filter(one => one !== null)
}
