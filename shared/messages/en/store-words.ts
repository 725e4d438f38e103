import type { CylinderGasId, EquipmentKindId, StorageBasisId, WithdrawalRuleSetId } from '#core/vocabulary/vocabulary'
import type { PlusVoidReason, StarVoidReason } from '#core/cylinder/cylinder-findings'
import type { RequalificationRule } from '#core/cylinder/requalification'
import type { ShockEnvironment } from '#core/electrical/electrical-findings'
import type { BuiltInCheckId } from '#core/inspection/built-in-lists'
import type { ItemEventId } from '#core/inspection/check-list'
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

const equipmentKinds: Record<EquipmentKindId, string> = {
  'arc-machine': 'arc machine', 'welding-leads': 'welding leads', 'electrode-holder': 'electrode holder', 'work-clamp': 'work clamp', 'wire-feed-gun': 'wire-feed gun', 'tig-torch': 'TIG torch', 'water-cooler': 'water cooler',
  'engine-drive': 'engine drive', 'plasma-cutter': 'plasma cutter', 'regulator': 'regulator', 'hose': 'hose', 'flashback-arrestor': 'flashback arrestor', 'oxy-fuel-torch': 'oxy-fuel torch', 'grinder': 'grinder', 'bench-grinder': 'bench grinder',
  'laser-welder': 'laser welder', 'extraction-arm': 'extraction arm', 'extraction-booth': 'extraction booth', 'helmet': 'helmet', 'curtain': 'curtain', 'blanket': 'fire blanket', 'respirator': 'respirator', 'extinguisher': 'extinguisher',
  'gas-detector': 'gas detector', 'eyewash': 'eyewash', 'first-aid': 'first-aid kit',
}
const itemEvents: Record<ItemEventId, string> = { dropped: 'dropped', flooded: 'flooded', repaired: 'repaired', flashback: 'in a flashback', overheated: 'overheated', moved: 'moved' }
/** What passes, said as the thing should be. */
const checks: Record<BuiltInCheckId, string> = {
  'plug-and-cord': 'Plug and cord whole, held firm, nothing bare', 'covers-on': 'All covers on', 'cooling-clear': 'Fan and vents clear', 'dry-place': 'Dry, and dry underfoot', 'frame-earthed': 'Frame earthed',
  'open-circuit-dry': 'Open-circuit voltage', 'protective-conductor': 'Protective conductor', 'insulation-supply-welding': 'Insulation, supply to welding circuit', 'insulation-welding-frame': 'Insulation, welding circuit to frame', 'insulation-supply-frame': 'Insulation, supply to frame',
  'leads-no-copper': 'No copper showing', 'leads-no-splice': 'No splice within 3 m (10 ft) of the holder', 'connectors-tight': 'Connectors tight, insulated, not discoloured', 'holder-insulated': 'Jaws insulated outside, nothing bare', 'holder-grips': 'Grips the rod',
  'clamp-contact': 'Clean metal, strong spring, cable tight', 'clamp-path': 'On the work itself; not through chains, crane, conduit or gas pipe', 'gun-cable': 'Cable and hoses without burns', 'gun-tip-nozzle': 'Tip and nozzle clean, gas holes open', 'gun-trigger': 'Trigger returns',
  'gas-path-holds': 'Pressure lost with all shut', 'tig-cap-cup': 'Cap, collet and cup sound', 'tig-switch': 'Switch insulated and returns', 'cooler-level': 'Coolant up to the mark, no leak', 'cooler-flow-switch': 'Flow switch trips when the hose is pinched',
  'engine-outdoors': 'In the open, away from every air intake', 'engine-fuel': 'No fuel leak, cap sealed', 'engine-exhaust': 'Exhaust and guards in place', 'socket-protection': 'Sockets trip at the test button', 'plasma-interlock': 'Torch dead with its cup off',
  'plasma-air-dry': 'Air dry and free of oil', 'regulator-gas': 'Made for this gas', 'regulator-zero': 'Gauges back at zero, glass whole', 'regulator-no-oil': 'No oil or grease', 'regulator-creep': 'Delivery climbs with the torch shut', 'regulator-age': 'Years since new or overhauled',
  'hose-sound': 'No leak, burn or reinforcement showing', 'hose-colour': 'Right colour and fittings for the gas', 'hose-taped': 'Taped together at most', 'arrestor-fitted': 'Fitted on both gases, the right way round', 'arrestor-clean': 'No soot, not tripped',
  'arrestor-function': 'Shuts and holds on the test rig', 'arrestor-age': 'Years since first use', 'torch-valves': 'Valves shut tight', 'torch-head': 'Head and seats without cracks or nicks', 'torch-tip': 'Right tip, clean and round', 'guard-fitted': 'Guard fitted',
  'wheel-speed': 'Speed marked on the wheel against the tool', 'wheel-sound': 'Wheel without cracks or chips, rings clear where it should', 'wheel-in-date': 'Wheel not past its date', 'handle-and-switch': 'Side handle on, switch returns', 'tool-rest': 'Gap at the rest',
  'tongue': 'Gap at the tongue', 'grinder-insulation': 'Insulation', 'laser-interlock': 'Contact interlock and trigger stop the beam', 'laser-window': 'Window and nozzle without burns', 'laser-eyewear': 'Eyewear marked for this beam, whole', 'laser-emergency-stop': 'Emergency stop stops the beam',
  'laser-area': 'Area, door and curtains as the laser officer set them', 'extraction-draws': 'Draws smoke in', 'extraction-damper': 'Damper open and moving', 'extraction-hose': 'Hose whole', 'extraction-filter': 'Filter in its band', 'face-velocity': 'Speed at the face', 'hood-velocity': 'Speed at the weld',
  'helmet-shell': 'Shell and headgear whole, stays up', 'helmet-light': 'No light round the lens', 'helmet-plates': 'Clear cover plates in and out', 'helmet-darkens': 'A spark lighter at the sensor (it proves the sensor, not the arc)', 'curtain-whole': 'No holes, down to the floor',
  'blanket-whole': 'No burn-through, no oil', 'blanket-label': 'Grade readable', 'mask-seal-valves': 'Face seal and valves whole', 'mask-filter': 'Right filter, in date', 'mask-straps': 'Straps hold', 'blower-flow': 'Blower flow and battery good, or no blower',
  'extinguisher-place': 'In its place, in sight, free to reach', 'extinguisher-pressure': 'Pressure', 'extinguisher-pin': 'Pin and seal in place', 'extinguisher-body': 'Body, hose and label sound', 'extinguisher-serviced': 'Serviced and tagged by a certified firm', 'detector-bump': 'Answers to test gas',
  'detector-calibrated': 'Calibrated', 'eyewash-runs': 'Runs within a second, both sides', 'eyewash-clear': 'Water clear and lukewarm, way free', 'eyewash-flow': 'Flow for a quarter of an hour', 'first-aid-full': 'Nothing missing', 'first-aid-in-date': 'Nothing past its date',
}
const listNames: Readonly<Record<string, string>> = {
  'before-use': 'the look before use', 'weekly': 'the weekly look', 'monthly': 'the monthly look', 'quarterly': 'the quarterly test', 'yearly': 'the yearly test', 'electrical': 'the electrical test', 'gas-path': 'the gas path test', 'examination': 'the examination', 'calibration': 'the calibration',
}
/** A list by its id; one that the site named goes by that name. */
const lists = (listId: string): string => {
  const name = listId.split('.').at(-1)!
  return listNames[name] ?? name.replaceAll('-', ' ')
}

/** The words of Gas and Kit. */
export const storeWords = { gases, starVoid, plusVoid, requalificationRules, requalificationRuleSets, withdrawalRuleSets, storageBases, barrierReasons, voltageKinds, environments, electricalTests, equipmentKinds, itemEvents, checks, lists }
