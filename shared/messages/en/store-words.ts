import type { CylinderGasId, StorageBasisId, WithdrawalRuleSetId } from '#core/vocabulary/vocabulary'
import type { PlusVoidReason, StarVoidReason } from '#core/cylinder/cylinder-findings'
import type { RequalificationRule } from '#core/cylinder/requalification'
import type { ShockEnvironment } from '#core/electrical/electrical-findings'
import type { ElectricalTestId } from '#core/electrical/electrical-test'

const gases: Record<CylinderGasId, string> = {
  'oxygen': 'oxygen', 'argon': 'argon', 'nitrogen': 'nitrogen', 'helium': 'helium', 'hydrogen': 'hydrogen', 'carbon-dioxide': 'carbon dioxide', 'air': 'air', 'acetylene': 'acetylene',
  'propane': 'propane', 'propylene': 'propylene', 'mps': 'MPS gas', 'natural-gas': 'natural gas',
}
const starVoid: Record<StarVoidReason, string> = {
  'specification': 'only 3A and 3AA steel may carry it', 'gas': 'not for this gas', 'too-large': 'larger than 56.7 L (125 lb of water)', 'size-unknown': 'nobody knows the water volume',
  'made-before-1946': 'made before 1946', 'made-unknown': 'the maker\'s date is missing', 'filled-in-place': 'filled in a bank or on a vehicle', 'filling-unknown': 'nobody knows how it is filled',
}
const plusVoid: Record<PlusVoidReason, string> = { specification: 'only for seamless steel', gas: 'not for a liquefied or dissolved gas', lapsed: 'it was not stamped again at the newest test' }
const requalificationRules: Record<RequalificationRule, string> = {
  'interval': 'by specification', 'star': 'ten years with the star', 'low-pressure-first': 'twelve years for coated low-pressure cylinders', 'low-pressure-proof': 'seven years after a proof test',
  'low-pressure-visual': 'five years after a visual', 'low-pressure-other': 'five years, for the gas is none of the long-interval ones', 'acetylene-shell': 'acetylene: the shell, every ten years',
  'acetylene-filler': 'acetylene: the filler, every twenty years', 'eu': 'ten years on the road in Europe', 'eu-composite': 'five years for composites', 'never': 'not tested again', 'not-refillable': 'not refilled, not tested again',
}
const requalificationRuleSets = { 'by-specification': 'By specification', 'flat-ten': 'Ten years flat' } as const
const withdrawalRuleSets: Record<WithdrawalRuleSetId, string> = { 'one-seventh': 'a seventh an hour', 'one-tenth': 'a tenth an hour', 'one-fifteenth': 'a fifteenth an hour' }
const storageBases: Record<StorageBasisId, string> = { us: 'US', uk: 'British' }
const barrierReasons = { 'low': 'it is too low', 'rating': 'it is rated under half an hour', 'short': 'it does not cut every line of sight', 'not-offered': 'no wall helps beside what burns fiercely' } as const
const voltageKinds = { rms: 'rms', peak: 'peak', dc: 'direct current' } as const
const environments: Record<ShockEnvironment, string> = { dry: 'in a dry place', wet: 'in a wet place', confined: 'in a tight metal place' }
const electricalTests: Record<ElectricalTestId, { readonly name: string, readonly unit: string }> = {
  protectiveConductorOhm: { name: 'protective conductor', unit: 'Ω' }, supplyToWeldingMOhm: { name: 'insulation, supply to welding circuit', unit: 'MΩ' },
  weldingToProtectiveMOhm: { name: 'insulation, welding circuit to frame', unit: 'MΩ' }, supplyToProtectiveMOhm: { name: 'insulation, supply to frame', unit: 'MΩ' },
  supplyToAccessibleMOhm: { name: 'insulation, supply to what can be touched', unit: 'MΩ' }, primaryLeakageMA: { name: 'leakage of the supply side', unit: 'mA' },
  weldingLeakageMA: { name: 'leakage of the welding circuit', unit: 'mA' }, touchCurrentMA: { name: 'touch current', unit: 'mA' },
}

/** The words of Gas and Kit. */
export const storeWords = { gases, starVoid, plusVoid, requalificationRules, requalificationRuleSets, withdrawalRuleSets, storageBases, barrierReasons, voltageKinds, environments, electricalTests }
