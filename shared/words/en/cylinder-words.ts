import type { StorageBasisId } from '#core/ids/vocabulary'
import type { RequalificationRule } from '#core/cylinder/requalification'
import type { DutyKind } from '#core/cylinder/withdrawal'
import type { SettlingRuleId } from '#core/cylinder/settling'
import type { RegulatorRuleId } from '#core/streams/house-rules/house-rules'
import type {
  ConnectingStepId,
  CylinderOwner,
  DangerStepId,
  JointId,
  PlusVoidReason,
  ShuttingStepId,
  StarVoidReason,
} from '#core/ids/cylinder-ids'

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
const requalificationRuleSets: Record<'by-specification' | 'flat-ten', string> = {
  'by-specification': 'By specification',
  'flat-ten': 'Ten years flat',
}
const storageBases: Record<StorageBasisId, string> = { us: 'US', uk: 'British' }
const barrierReasons: Record<'low' | 'rating' | 'short' | 'not-offered', string> = {
  'low': 'it is too low',
  'rating': 'it is rated under half an hour',
  'short': 'it does not cut every line of sight',
  'not-offered': 'no wall helps beside what burns fiercely',
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
const owners: Record<CylinderOwner, string> = { rented: 'rented: the supplier has it tested', owned: 'owned: you have it tested and pay' }

const duties: Record<DutyKind, string> = { continuous: 'continuous', intermittent: 'intermittent' }

/** The words of Gas, but for those that go with the board (`kit-words`). */
export const cylinderWords = {
  starVoid,
  plusVoid,
  requalificationRules,
  requalificationRuleSets,
  storageBases,
  barrierReasons,
  connecting,
  shutting,
  joints,
  dangerSteps,
  settlingRules,
  regulatorRules,
  owners,
  duties,
}
