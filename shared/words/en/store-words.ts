import type { StorageBasisId } from '#core/ids/vocabulary'
import { kitWords } from './kit-words'
import type { RequalificationRule } from '#core/cylinder/requalification'
import type { BuiltInCheckId } from '#core/inspection/built-in-lists'
import type { SettlingRuleId } from '#core/cylinder/settling'
import type { RegulatorRuleId } from '#core/streams/house-rules/house-rules'
import type { ElectricalTestId, ShockEnvironment } from '#core/ids/electrical-ids'
import type {
  ConnectingStepId,
  CylinderOwner,
  DangerStepId,
  JointId,
  PlusVoidReason,
  ShuttingStepId,
  StarVoidReason,
} from '#core/ids/cylinder-ids'
import type { HandoverCheckId } from '#core/ids/station-ids'

const starVoid: Record<StarVoidReason, string> = {
  'specification': 'only 3A and 3AA steel may carry it',
  'gas': 'not for this gas',
  'too-large': 'larger than 56.7 L (125 lb of water)',
  'size-unknown': 'nobody knows the water volume',
  'made-before-1946': 'made before 1946',
  'made-unknown': 'the maker\'s date is missing',
  'filled-in-place': 'filled in a bank or on a vehicle',
  'filling-unknown': 'nobody knows how it is filled',
}
const plusVoid: Record<PlusVoidReason, string> = {
  specification: 'only for seamless steel',
  gas: 'not for a liquefied or dissolved gas',
  flammable: 'not for a gas that burns',
  lapsed: 'it was not stamped again at the newest test',
}
const requalificationRules: Record<RequalificationRule, string> = {
  'interval': 'by specification',
  'star': 'ten years with the star',
  'low-pressure-first': 'twelve years for coated low-pressure cylinders',
  'low-pressure-proof': 'seven years after a proof test',
  'low-pressure-visual': 'five years after a visual',
  'low-pressure-other': 'five years, for the gas is none of the long-interval ones',
  'acetylene-shell': 'acetylene: the shell, every ten years',
  'acetylene-filler': 'acetylene: the filler, every twenty years',
  'eu': 'ten years on the road in Europe',
  'eu-composite': 'five years for composites',
  'never': 'not tested again',
  'not-refillable': 'not refilled, not tested again',
}
const requalificationRuleSets = { 'by-specification': 'By specification', 'flat-ten': 'Ten years flat' } as const
const storageBases: Record<StorageBasisId, string> = { us: 'US', uk: 'British' }
const barrierReasons = {
  'low': 'it is too low',
  'rating': 'it is rated under half an hour',
  'short': 'it does not cut every line of sight',
  'not-offered': 'no wall helps beside what burns fiercely',
} as const
const voltageKinds = { rms: 'rms', peak: 'peak', dc: 'direct current' } as const
const environments: Record<ShockEnvironment, string> = { dry: 'in a dry place', wet: 'in a wet place', confined: 'in a tight metal place' }
const electricalTests: Record<ElectricalTestId, { readonly name: string, readonly unit: string }> = {
  protectiveConductorOhm: { name: 'protective conductor', unit: 'Ω' },
  supplyToWeldingMOhm: { name: 'insulation, supply to welding circuit', unit: 'MΩ' },
  weldingToProtectiveMOhm: { name: 'insulation, welding circuit to frame', unit: 'MΩ' },
  supplyToProtectiveMOhm: { name: 'insulation, supply to frame', unit: 'MΩ' },
  supplyToAccessibleMOhm: { name: 'insulation, supply to what can be touched', unit: 'MΩ' },
  primaryLeakageMA: { name: 'leakage of the supply side', unit: 'mA' },
  weldingLeakageMA: { name: 'leakage of the welding circuit', unit: 'mA' },
  touchCurrentMA: { name: 'touch current', unit: 'mA' },
}

/** What passes, said as the thing should be. */
const checks: Record<BuiltInCheckId, string> = {
  'plug-and-cord': 'Plug and cord whole, held firm, nothing bare',
  'covers-on': 'All covers on',
  'cooling-clear': 'Fan and vents clear',
  'dry-place': 'Dry, and dry underfoot',
  'frame-earthed': 'Frame earthed',
  'open-circuit-dry': 'Open-circuit voltage',
  'protective-conductor': 'Protective conductor',
  'insulation-supply-welding': 'Insulation, supply to welding circuit',
  'insulation-welding-frame': 'Insulation, welding circuit to frame',
  'insulation-supply-frame': 'Insulation, supply to frame',
  'leads-no-copper': 'No copper showing',
  'leads-no-splice': 'No splice within 3 m (10 ft) of the holder',
  'connectors-tight': 'Connectors tight, insulated, not discoloured',
  'holder-insulated': 'Jaws insulated outside, nothing bare',
  'holder-grips': 'Grips the rod',
  'clamp-contact': 'Clean metal, strong spring, cable tight',
  'clamp-path': 'On the work itself; not through chains, crane, conduit or gas pipe',
  'gun-cable': 'Cable and hoses without burns',
  'gun-tip-nozzle': 'Tip and nozzle clean, gas holes open',
  'gun-trigger': 'Trigger returns',
  'gas-path-holds': 'Pressure lost with all shut',
  'tig-cap-cup': 'Cap, collet and cup sound',
  'tig-switch': 'Switch insulated and returns',
  'cooler-level': 'Coolant up to the mark, no leak',
  'cooler-flow-switch': 'Flow switch trips when the hose is pinched',
  'engine-outdoors': 'In the open, away from every air intake',
  'engine-fuel': 'No fuel leak, cap sealed',
  'engine-exhaust': 'Exhaust and guards in place',
  'socket-protection': 'Sockets trip at the test button',
  'plasma-interlock': 'Torch dead with its cup off',
  'plasma-air-dry': 'Air dry and free of oil',
  'regulator-gas': 'Made for this gas',
  'regulator-zero': 'Gauges back at zero, glass whole',
  'regulator-no-oil': 'No oil or grease',
  'regulator-creep': 'Delivery climbs with the torch shut',
  'regulator-age': 'Years since new or overhauled',
  'hose-sound': 'No leak, burn or reinforcement showing',
  'hose-colour': 'Right colour and fittings for the gas',
  'hose-taped': 'Taped together at most',
  'arrestor-fitted': 'Fitted on both gases, the right way round',
  'arrestor-clean': 'No soot, not tripped',
  'arrestor-function': 'Shuts and holds on the test rig',
  'arrestor-age': 'Years since first use',
  'torch-valves': 'Valves shut tight',
  'torch-head': 'Head and seats without cracks or nicks',
  'torch-tip': 'Right tip, clean and round',
  'guard-fitted': 'Guard fitted',
  'wheel-speed': 'Speed marked on the wheel against the tool',
  'wheel-sound': 'Wheel without cracks or chips, rings clear where it should',
  'wheel-in-date': 'Wheel not past its date',
  'handle-and-switch': 'Side handle on, switch returns',
  'tool-rest': 'Gap at the rest',
  'tongue': 'Gap at the tongue',
  'grinder-insulation': 'Insulation',
  'laser-interlock': 'Contact interlock and trigger stop the beam',
  'laser-window': 'Window and nozzle without burns',
  'laser-eyewear': 'Eyewear marked for this beam, whole',
  'laser-emergency-stop': 'Emergency stop stops the beam',
  'laser-area': 'Area, door and curtains as the laser officer set them',
  'extraction-draws': 'Draws smoke in',
  'extraction-damper': 'Damper open and moving',
  'extraction-hose': 'Hose whole',
  'extraction-filter': 'Filter in its band',
  'face-velocity': 'Speed at the face',
  'hood-velocity': 'Speed at the weld',
  'helmet-shell': 'Shell and headgear whole, stays up',
  'helmet-light': 'No light round the lens',
  'helmet-plates': 'Clear cover plates in and out',
  'helmet-darkens': 'A spark lighter at the sensor (it proves the sensor, not the arc)',
  'curtain-whole': 'No holes, down to the floor',
  'blanket-whole': 'No burn-through, no oil',
  'blanket-label': 'Grade readable',
  'mask-seal-valves': 'Face seal and valves whole',
  'mask-filter': 'Right filter, in date',
  'mask-straps': 'Straps hold',
  'blower-flow': 'Blower flow and battery good, or no blower',
  'extinguisher-place': 'In its place, in sight, free to reach',
  'extinguisher-pressure': 'Pressure',
  'extinguisher-pin': 'Pin and seal in place',
  'extinguisher-body': 'Body, hose and label sound',
  'extinguisher-serviced': 'Serviced and tagged by a certified firm',
  'detector-bump': 'Answers to test gas',
  'detector-calibrated': 'Calibrated',
  'eyewash-runs': 'Runs within a second, both sides',
  'eyewash-clear': 'Water clear and lukewarm, way free',
  'eyewash-flow': 'Flow for a quarter of an hour',
  'first-aid-full': 'Nothing missing',
  'first-aid-in-date': 'Nothing past its date',
}

/** Each step: what to do, and why. */
const connecting: Record<ConnectingStepId, readonly [what: string, why: string]> = {
  'secured': ['Chain it upright before anything else', 'A falling cylinder breaks its valve and flies.'],
  'label-read': ['Read the label: this gas, this job', 'The colour of a cylinder proves nothing.'],
  'cap-off': ['Unscrew the cap by hand', 'A bar through the cap can open the valve.'],
  'clean-hands': ['Look at hands, gloves and tools: no oil, no grease', 'Grease burns by itself in oxygen under pressure.'],
  'crack-valve': [
    'Stand aside and open the valve for a moment',
    'It blows the dust out that would burn in the regulator. Away from sparks with fuel gas.',
  ],
  'seat-clean': ['Wipe and look at the seat of the valve', 'Dirt or a nick leaks.'],
  'regulator-fitted': ['Fit the regulator made for this gas; fuel turns left, its nut is notched', 'A wrong one can burst or burn.'],
  'arrestor-fitted': ['Arrestors on both gases, the right way round', 'They stop a flame that runs back.'],
  'screw-out': ['Turn the adjusting screw out until it is loose', 'Otherwise full pressure hits the gauge and the hose.'],
  'stand-aside': ['Stand beside the gauges, not in front', 'A gauge that bursts throws its glass forward.'],
  'open-slowly': [
    'Open the valve slowly; oxygen then all the way',
    'Pressed together at once, the gas gets hot enough to light the seat.',
  ],
  'acetylene-turn': ['No more than three quarters of a turn; leave the key on', 'It must be shut at once when something goes wrong.'],
  'set-pressure': ['Set the working pressure; acetylene never above its limit', 'Above it acetylene can burst by itself.'],
  'purge': ['Blow each hose through by itself', 'Mixed gas in a hose explodes at the first spark.'],
}
const shutting: Record<ShuttingStepId, readonly [what: string, why: string]> = {
  'torch-shut': ['Shut the torch, in its maker\'s order', 'Teachings differ; the torch was tested with its own.'],
  'valve-shut': ['Shut the valve of the cylinder', 'A hose or a seat that fails then empties nothing.'],
  'bleed': ['Open the torch and let each line empty, one after the other', 'Pressure left in a line moves gas where it should not be.'],
  'screw-back': ['Turn the adjusting screw out', 'The next opening then hits nothing.'],
  'gauges-zero': ['Look: both gauges at zero', 'A gauge that climbs again says that the valve is not shut.'],
  'hose-hung': ['Hang the hoses up, off the floor and the hot steel', 'Burnt and run-over hoses are most of the leaks.'],
}
const joints: Record<JointId, string> = {
  'valve-stem': 'Stem of the valve',
  'regulator-inlet': 'Cylinder to regulator',
  'regulator-outlet': 'Regulator to hose',
  'arrestor': 'Arrestor',
  'hose-end': 'Hose at its far end',
  'torch': 'Torch and its valves',
}
const dangerSteps: Record<DangerStepId, string> = {
  'no-sparks': 'No flame, no switch, no spark near it.',
  'close-valve': 'Close the valve, if you can reach it safely.',
  'do-not-touch': 'Do not touch it and do not move it.',
  'go-away-200': 'Everybody out, up to 200 m away, behind something solid.',
  'go-away-100': 'Everybody out, 100 m away, behind something solid.',
  'call-fire-service': 'Call the fire service.',
  'say-acetylene': 'Say the word acetylene.',
  'cool-from-cover':
    'Plenty of water from cover, if trained people can; cool for an hour, then watch for an hour that it stays cold and wet.',
  'move-outdoors': 'It does not stop: outdoors, far from anything that lights, and warn people off.',
  'ventilate': 'Open doors; leave the room until it is aired.',
  'clothes-enriched': 'Clothes hold oxygen: no flame near them for a quarter of an hour in the open.',
  'no-rescue-alone': 'Somebody down in there: do not go in. Call; only trained people with breathing sets.',
  'watch-for-heat': 'Feel from a distance for heat, half an hour at least; warm at the top, it is on fire inside: go.',
  'plug-fire': 'A flame from a fusible plug: leave it burning, leave the place.',
  'supplier': 'Tag it and call the supplier.',
  'never-again': 'It is never used again. Tell the supplier what happened.',
}
const settlingRules: Record<SettlingRuleId, string> = {
  'longer-of-hour-and-lying': 'an hour, or as long as it lay',
  'equal-time': 'as long as it lay',
  'half-hour': 'half an hour',
  'one-hour': 'one hour',
  'two-hours': 'two hours',
  'one-day': 'a day',
}
const regulatorRules: Record<RegulatorRuleId, string> = {
  'on-in-daily-use': 'on while in daily use',
  'off-weekly': 'off and capped at the week\'s end',
  'off-daily': 'off and capped each day',
}
const handoverChecks: Record<HandoverCheckId, string> = {
  'bench-ground': 'Bench ground flush',
  'stubs-binned': 'Stubs in the scrap bin',
  'leads-coiled': 'Leads in big loops',
  'machine-off': 'Machine unplugged, pulled out',
  'gas-shut': 'Gas shut, lines empty',
  'floor-swept': 'Floor swept',
}
const owners: Record<CylinderOwner, string> = { rented: 'rented: the supplier has it tested', owned: 'owned: you have it tested and pay' }

/** The words of Gas and Kit. */
export const storeWords = {
  ...kitWords,
  starVoid,
  plusVoid,
  requalificationRules,
  requalificationRuleSets,
  storageBases,
  barrierReasons,
  voltageKinds,
  environments,
  electricalTests,
  checks,
  connecting,
  shutting,
  joints,
  dangerSteps,
  settlingRules,
  regulatorRules,
  handoverChecks,
  owners,
}
