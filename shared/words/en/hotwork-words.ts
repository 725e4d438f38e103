import type { RadiusRuleId } from '#core/hotwork/radius-rules'
import type { ContentsId, HotWorkFactId, PrecautionId, SpokenCauseId, SprinklerStateId, WorkpieceId } from '#core/ids/hotwork-ids'

/** Words of hot work: for its pages, its paper and its answers. */
export const hotworkWords = {
  precautions: {
    'cold-or-bay': 'Neither cold nor in a bay will do', 'floor-swept': 'Floor swept to the circle', 'floor-wetted': 'Floor that burns wetted, sanded or covered', 'liquids-dust-out': 'Liquids, dust, lint and oil out',
    'circle-clear': 'Circle cleared or covered, edges tight', 'openings-covered': 'Gaps, doors and openings covered', 'other-side': 'Other side of walls and ceilings looked at', 'levels-below': 'Levels below looked at and kept clear',
    'drop-zone': 'Drop zone marked off below', 'ducts-conveyors': 'Ducts and conveyors shut or stopped', 'sprinklers-live': 'Sprinklers in service, seen', 'heads-shielded': 'Only the nearest heads shielded, written down',
    'detectors-isolated': 'Only this zone of detectors off, written down', 'container-vented': 'Vessel emptied, cleaned, isolated, vented', 'confined-entry': 'Confined entry: attendant, air, gas shut outside', 'gas-test': 'Air tested: oxygen, then flammable gas',
    'cylinders-clear': 'Cylinders out of the sparks, outside confined places', 'breathing': 'Ventilation and masks for metal and coating', 'extinguisher': 'Extinguisher of the right class at hand, in date', 'metal-powder': 'Powder for burning metal at hand, no water',
    'bucket-hose': 'Metal bucket of water, hose laid', 'screens': 'Screens and blankets of the right grade', 'alarm-route': 'Alarm, way out and meeting point known', 'hot-marked': 'Chalk and signs for hot pieces ready', 'kit-looked-at': 'Machine, hoses and arrestors looked at today',
  } satisfies Record<PrecautionId, string>,
  facts: {
    'sprinklers': 'whether there are sprinklers and how they stand', 'workpiece': 'what is worked on', 'contents': 'what it held', 'level': 'on which storey it is', 'height': 'how high the work is', 'wind': 'how strong the wind or draught is',
    'current': 'the highest current', 'confined': 'whether it is a confined place', 'other-side': 'what is behind the wall or ceiling', 'open-levels': 'how many levels below sparks reach', 'hidden-parts': 'how many parts one watcher cannot see',
    'bulk-combustibles': 'whether a store ready to burn stands there', 'combustible-panel': 'whether the wall or panel burns inside', 'metal-fire': 'whether swarf of a metal that burns is about',
  } satisfies Record<HotWorkFactId, string>,
  workpieces: { plate: 'plate or bar', pipe: 'pipe', container: 'tank, drum or box', duct: 'duct', structure: 'structure' } satisfies Record<WorkpieceId, string>,
  contents: { 'never-any': 'never held anything', 'harmless': 'held something harmless', 'flammable': 'held something flammable', 'unknown': 'nobody knows' } satisfies Record<ContentsId, string>,
  sprinklers: { 'in-service': 'in service', 'impaired': 'out of service', 'none': 'none here' } satisfies Record<SprinklerStateId, string>,
  spokenCauses: {
    'stopped': 'Stop', 'conditions-changed': 'Something changed', 'wind': 'Wind', 'gas': 'Gas or smell', 'fire-or-smoke': 'Smoke or fire', 'kit': 'Something broke', 'sprinklers': 'Sprinklers out', 'weather-light': 'Weather, light', 'scope-changed': 'Another job',
    'break': 'Break', 'shift-change': 'Shift change',
  } satisfies Record<SpokenCauseId, string>,
  radiusRules: { '25-ft': '25 ft (7.6 m), older shop practice', '10-m': '10 m', '35-ft': '35 ft (10.7 m)', '15-m': '15 m' } satisfies Record<RadiusRuleId, string>,
}
