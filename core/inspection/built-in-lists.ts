import type { SourceId } from '../source/book'
import type { EquipmentKindId } from '../ids/vocabulary'
import type { Check, CheckList, Examiner, Interval } from './check-list'
import type { ItemEventId } from '../ids/kit-ids'

type Unnamed<C> = C extends unknown ? Omit<C, 'id'> : never
type CheckWithoutId = Unnamed<Check>

const yes = (source: SourceId) => ({ asks: 'yes-no', source }) as const
const measured = (unit: string, limits: { readonly atLeast?: number, readonly atMost?: number }, source: SourceId) =>
  ({ asks: 'measurement', unit, ...limits, source }) as const

/**
 * The checks of the book, each once: what is asked, what passes, by which source. Their words stand in the catalogue.
 * Limits that depend on the machine (its cord, its marks) are judged by the electrical sums; here stand the strictest.
 */
export const BUILT_IN_CHECKS = {
  'plug-and-cord': yes('usArcUse'),
  'covers-on': yes('usArcUse'),
  'cooling-clear': yes('arcCooling'),
  'dry-place': yes('arcCooling'),
  'frame-earthed': yes('usArcConstruction'),
  'open-circuit-dry': measured('V', { atMost: 80 }, 'usOpenCircuit'),
  'protective-conductor': measured('Ω', { atMost: 0.3 }, 'weldingTest'),
  'insulation-supply-welding': measured('MΩ', { atLeast: 5 }, 'weldingTest'),
  'insulation-welding-frame': measured('MΩ', { atLeast: 2.5 }, 'weldingTest'),
  'insulation-supply-frame': measured('MΩ', { atLeast: 2.5 }, 'weldingTest'),
  'leads-no-copper': yes('usArcUse'),
  'leads-no-splice': yes('usArcConstruction'),
  'connectors-tight': yes('shopInterval'),
  'holder-insulated': yes('usArcConstruction'),
  'holder-grips': yes('usArcConstruction'),
  'clamp-contact': yes('usArcConstruction'),
  'clamp-path': yes('usArcConstruction'),
  'gun-cable': yes('shopInterval'),
  'gun-tip-nozzle': yes('shopInterval'),
  'gun-trigger': yes('shopInterval'),
  'gas-path-holds': measured('% in 5 min', { atMost: 5 }, 'shopInterval'),
  'tig-cap-cup': yes('shopInterval'),
  'tig-switch': yes('shopInterval'),
  'cooler-level': yes('shopInterval'),
  'cooler-flow-switch': yes('shopInterval'),
  'engine-outdoors': yes('engineDrive'),
  'engine-fuel': yes('engineDrive'),
  'engine-exhaust': yes('engineDrive'),
  'socket-protection': yes('engineDrive'),
  'plasma-interlock': yes('shopInterval'),
  'plasma-air-dry': yes('shopInterval'),
  'regulator-gas': yes('usRegulator'),
  'regulator-zero': yes('usRegulator'),
  'regulator-no-oil': yes('usRegulator'),
  'regulator-creep': measured('kPa in 2 min', { atMost: 3.4 }, 'usRegulator'),
  'regulator-age': measured('years', { atMost: 5 }, 'ukOxyfuel'),
  'hose-sound': yes('usHose'),
  'hose-colour': yes('usHose'),
  'hose-taped': measured('% covered', { atMost: 33 }, 'usHose'),
  'arrestor-fitted': yes('arrestor'),
  'arrestor-clean': yes('arrestor'),
  'arrestor-function': yes('arrestor'),
  'arrestor-age': measured('years', { atMost: 5 }, 'ukOxyfuel'),
  'torch-valves': yes('usTorch'),
  'torch-head': yes('usTorch'),
  'torch-tip': yes('usTorch'),
  'guard-fitted': yes('usGrinder'),
  'wheel-speed': measured('% of tool speed', { atLeast: 100 }, 'usGrinder'),
  'wheel-sound': yes('usGrinder'),
  'wheel-in-date': yes('wheelExpiry'),
  'handle-and-switch': yes('usGrinder'),
  'tool-rest': measured('mm', { atMost: 3 }, 'usGrinder'),
  'tongue': measured('mm', { atMost: 6 }, 'usGrinder'),
  'grinder-insulation': measured('MΩ', { atLeast: 2 }, 'shopInterval'),
  'laser-interlock': yes('laserMeasures'),
  'laser-window': yes('laserMeasures'),
  'laser-eyewear': yes('laserMeasures'),
  'laser-filter-whole': yes('laserMeasures'),
  'laser-filter-marks': yes('laserMeasures'),
  'laser-frame': yes('laserMeasures'),
  'laser-emergency-stop': yes('laserMeasures'),
  'laser-area': yes('laserMeasures'),
  'extraction-draws': yes('extractionUser'),
  'extraction-damper': yes('extractionUser'),
  'extraction-hose': yes('extractionUser'),
  'extraction-filter': yes('extractionUser'),
  'face-velocity': measured('m/s', { atLeast: 0.508 }, 'boothFace'),
  'hood-velocity': measured('m/s', { atLeast: 0.508 }, 'boothFace'),
  'helmet-shell': yes('helmetLook'),
  'helmet-light': yes('helmetLook'),
  'helmet-plates': yes('helmetLook'),
  'helmet-lens': yes('helmetLook'),
  'helmet-settings': yes('shopInterval'),
  'helmet-headband': yes('helmetLook'),
  'helmet-darkens': {
    asks: 'choice',
    options: ['darkens', 'fixed-lens', 'stays-light', 'flickers'],
    passing: ['darkens', 'fixed-lens'],
    source: 'helmetLook',
  },
  'curtain-whole': yes('curtain'),
  'blanket-whole': yes('blanket'),
  'blanket-label': yes('blanket'),
  'mask-seal-valves': yes('usRespirator'),
  'mask-filter': yes('usRespirator'),
  'mask-straps': yes('usRespirator'),
  'blower-flow': yes('usRespirator'),
  'extinguisher-place': yes('extinguisher'),
  'extinguisher-pressure': {
    asks: 'choice',
    options: ['green', 'low', 'high', 'no-gauge-weighed'],
    passing: ['green', 'no-gauge-weighed'],
    source: 'extinguisher',
  },
  'extinguisher-pin': yes('extinguisher'),
  'extinguisher-body': yes('extinguisher'),
  'extinguisher-serviced': yes('extinguisher'),
  'detector-bump': yes('gasDetector'),
  'detector-calibrated': yes('gasDetector'),
  'eyewash-runs': yes('eyewash'),
  'eyewash-clear': yes('eyewash'),
  'eyewash-flow': measured('L/min', { atLeast: 1.5 }, 'eyewash'),
  'first-aid-full': yes('firstAid'),
  'first-aid-in-date': yes('firstAid'),
} as const satisfies Readonly<Record<string, CheckWithoutId>>

export type BuiltInCheckId = keyof typeof BUILT_IN_CHECKS

/** A check with what it cites: a built-in one in its own words what it always cites, and no other anything, whatever it was said to. */
export function citing(said: Check): Check {
  const check = uncited(said)
  const isBuiltIn = Object.hasOwn(BUILT_IN_CHECKS, check.id) && check.text === undefined
  return isBuiltIn ? { ...check, source: BUILT_IN_CHECKS[check.id as BuiltInCheckId].source } : check
}

export const uncited = ({ source: _said, ...check }: Check): Check => check as Check

const USE: Interval = { unit: 'use' }
const days = (count: number): Interval => ({ unit: 'days', count })
const months = (count: number): Interval => ({ unit: 'months', count })

interface Entry {
  readonly name: string
  readonly kind: EquipmentKindId
  readonly every: Interval
  readonly checks: readonly BuiltInCheckId[]
  readonly triggers?: readonly ItemEventId[]
  readonly examiner?: Examiner
  /** Raised when its checks change: what was done against the one before keeps its version. */
  readonly version?: number
}

/** Lists in the order of a round. */
const ENTRIES: readonly Entry[] = [
  { name: 'before-use', kind: 'arc-machine', every: USE, checks: ['plug-and-cord', 'covers-on', 'cooling-clear', 'dry-place'] },
  {
    name: 'electrical',
    kind: 'arc-machine',
    every: months(12),
    checks: [
      'frame-earthed', 'protective-conductor', 'insulation-supply-welding', 'insulation-welding-frame', 'insulation-supply-frame',
      'open-circuit-dry',
    ],
    triggers: ['flooded', 'repaired', 'dropped'],
    examiner: 'competent',
  },
  { name: 'before-use', kind: 'welding-leads', every: USE, checks: ['leads-no-copper', 'leads-no-splice'] },
  { name: 'weekly', kind: 'welding-leads', every: days(7), checks: ['connectors-tight'] },
  { name: 'before-use', kind: 'electrode-holder', every: USE, checks: ['holder-insulated', 'holder-grips'] },
  { name: 'before-use', kind: 'work-clamp', every: USE, checks: ['clamp-contact', 'clamp-path'] },
  { name: 'before-use', kind: 'wire-feed-gun', every: USE, checks: ['gun-cable', 'gun-tip-nozzle', 'gun-trigger'] },
  { name: 'gas-path', kind: 'wire-feed-gun', every: months(1), checks: ['gas-path-holds'], triggers: ['repaired'] },
  { name: 'before-use', kind: 'tig-torch', every: USE, checks: ['gun-cable', 'tig-cap-cup', 'tig-switch'] },
  { name: 'weekly', kind: 'water-cooler', every: days(7), checks: ['cooler-level', 'cooler-flow-switch'] },
  { name: 'before-use', kind: 'engine-drive', every: USE, checks: ['engine-outdoors', 'engine-fuel', 'engine-exhaust'] },
  { name: 'monthly', kind: 'engine-drive', every: months(1), checks: ['socket-protection'] },
  { name: 'before-use', kind: 'plasma-cutter', every: USE, checks: ['plug-and-cord', 'gun-cable', 'plasma-air-dry'] },
  { name: 'monthly', kind: 'plasma-cutter', every: months(1), checks: ['plasma-interlock'], triggers: ['repaired', 'dropped'] },
  { name: 'before-use', kind: 'regulator', every: USE, checks: ['regulator-gas', 'regulator-zero', 'regulator-no-oil'] },
  { name: 'quarterly', kind: 'regulator', every: months(3), checks: ['regulator-creep'], triggers: ['dropped', 'repaired', 'flashback'] },
  {
    name: 'yearly',
    kind: 'regulator',
    every: months(12),
    checks: ['regulator-creep', 'regulator-age'],
    triggers: ['repaired'],
    examiner: 'competent',
  },
  { name: 'before-use', kind: 'hose', every: USE, checks: ['hose-sound', 'hose-colour', 'hose-taped'], triggers: ['flashback'] },
  { name: 'before-use', kind: 'flashback-arrestor', every: USE, checks: ['arrestor-fitted', 'arrestor-clean'] },
  {
    name: 'yearly',
    kind: 'flashback-arrestor',
    every: months(12),
    checks: ['arrestor-function', 'arrestor-age'],
    triggers: ['flashback', 'dropped', 'repaired'],
    examiner: 'competent',
  },
  {
    name: 'before-use',
    kind: 'oxy-fuel-torch',
    every: USE,
    checks: ['torch-valves', 'torch-head', 'torch-tip'],
    triggers: ['flashback'],
  },
  {
    name: 'before-use',
    kind: 'grinder',
    every: USE,
    checks: ['guard-fitted', 'wheel-speed', 'wheel-sound', 'wheel-in-date', 'handle-and-switch'],
  },
  {
    name: 'yearly',
    kind: 'grinder',
    every: months(12),
    checks: ['grinder-insulation'],
    triggers: ['flooded', 'repaired'],
    examiner: 'competent',
  },
  { name: 'before-use', kind: 'bench-grinder', every: USE, checks: ['guard-fitted', 'tool-rest', 'tongue', 'wheel-sound'] },
  { name: 'before-use', kind: 'laser-welder', every: USE, checks: ['laser-interlock', 'laser-window', 'laser-eyewear'] },
  { name: 'weekly', kind: 'laser-welder', every: days(7), checks: ['laser-emergency-stop'] },
  {
    name: 'yearly',
    kind: 'laser-welder',
    every: months(12),
    checks: ['laser-area', 'laser-interlock', 'laser-emergency-stop'],
    triggers: ['moved', 'repaired'],
    examiner: 'competent',
  },
  {
    name: 'weekly',
    kind: 'extraction-arm',
    every: days(7),
    checks: ['extraction-draws', 'extraction-damper', 'extraction-hose', 'extraction-filter'],
  },
  {
    name: 'examination',
    kind: 'extraction-arm',
    every: months(14),
    checks: ['hood-velocity', 'extraction-filter'],
    triggers: ['repaired', 'moved'],
    examiner: 'competent',
  },
  { name: 'weekly', kind: 'extraction-booth', every: days(7), checks: ['extraction-draws', 'extraction-damper', 'extraction-filter'] },
  {
    name: 'examination',
    kind: 'extraction-booth',
    every: months(14),
    checks: ['face-velocity', 'extraction-filter'],
    triggers: ['repaired', 'moved'],
    examiner: 'competent',
  },
  {
    name: 'before-use',
    kind: 'helmet',
    every: USE,
    version: 2,
    checks: ['helmet-shell', 'helmet-light', 'helmet-plates', 'helmet-lens', 'helmet-darkens', 'helmet-settings', 'helmet-headband'],
    triggers: ['dropped'],
  },
  {
    name: 'before-use',
    kind: 'laser-eyewear',
    every: USE,
    checks: ['laser-filter-whole', 'laser-filter-marks', 'laser-frame'],
    triggers: ['dropped'],
  },
  { name: 'weekly', kind: 'curtain', every: days(7), checks: ['curtain-whole'] },
  { name: 'before-use', kind: 'blanket', every: USE, checks: ['blanket-whole', 'blanket-label'] },
  { name: 'before-use', kind: 'respirator', every: USE, checks: ['mask-seal-valves', 'mask-filter', 'mask-straps', 'blower-flow'] },
  {
    name: 'monthly',
    kind: 'respirator',
    every: months(1),
    checks: ['mask-seal-valves', 'mask-filter', 'mask-straps'],
    examiner: 'competent',
  },
  {
    name: 'monthly',
    kind: 'extinguisher',
    every: days(31),
    checks: ['extinguisher-place', 'extinguisher-pressure', 'extinguisher-pin', 'extinguisher-body'],
    triggers: ['dropped'],
  },
  {
    name: 'yearly',
    kind: 'extinguisher',
    every: months(12),
    checks: ['extinguisher-serviced'],
    triggers: ['repaired'],
    examiner: 'competent',
  },
  { name: 'before-use', kind: 'gas-detector', every: USE, checks: ['detector-bump'], triggers: ['dropped'] },
  {
    name: 'calibration',
    kind: 'gas-detector',
    every: months(6),
    checks: ['detector-calibrated'],
    triggers: ['repaired', 'overheated'],
    examiner: 'competent',
  },
  { name: 'weekly', kind: 'eyewash', every: days(7), checks: ['eyewash-runs', 'eyewash-clear'] },
  { name: 'yearly', kind: 'eyewash', every: months(12), checks: ['eyewash-flow', 'eyewash-clear'], examiner: 'competent' },
  { name: 'monthly', kind: 'first-aid', every: months(1), checks: ['first-aid-full', 'first-aid-in-date'] },
]

/** A look before use is never from before a repair, a fall or a flood. */
const BEFORE_USE_TRIGGERS: readonly ItemEventId[] = ['repaired', 'dropped', 'flooded']

/** The lists that a new site begins with; it may edit each, and the old version stays with what was done against it. */
export const BUILT_IN_LISTS: readonly CheckList[] = ENTRIES.map(
  ({ name, kind, every, checks, triggers = [], examiner = 'user', version = 1 }) => ({
    id: `${kind}.${name}`,
    version,
    kind,
    every,
    triggers: every.unit === 'use' ? [...new Set([...BEFORE_USE_TRIGGERS, ...triggers])] : triggers,
    examiner,
    graceDays: 0,
    checks: checks.map(id => ({ id, ...BUILT_IN_CHECKS[id] })),
  }),
)

/** Lists of a kind among a site's own. */
export const listsFor = (kind: EquipmentKindId, lists: readonly CheckList[] = BUILT_IN_LISTS): readonly CheckList[] =>
  lists.filter(list => list.kind === kind)
