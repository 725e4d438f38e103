import type { SourceId } from '../source/book'
import type { GasContent } from './gas'
import { fireRole, partsOf } from './gas'
import type { ConnectingStepId, DangerId, DangerStepId, JointId, ShuttingStepId } from '../ids/cylinder-ids'
import { CONNECTING_STEPS, JOINTS } from '../ids/cylinder-ids'

export const STEP_SOURCES: Readonly<Record<ConnectingStepId | ShuttingStepId, SourceId>> = {
  'secured': 'usCylinderHandling',
  'label-read': 'usCylinderHandling',
  'cap-off': 'usCylinderHandling',
  'clean-hands': 'usOxygenOil',
  'crack-valve': 'usCylinderHandling',
  'seat-clean': 'usCylinderHandling',
  'regulator-fitted': 'usRegulator',
  'arrestor-fitted': 'arrestor',
  'screw-out': 'startUp',
  'stand-aside': 'usCylinderHandling',
  'open-slowly': 'startUp',
  'acetylene-turn': 'usAcetyleneValve',
  'set-pressure': 'startUp',
  'purge': 'startUp',
  'torch-shut': 'startUp',
  'valve-shut': 'startUp',
  'bleed': 'startUp',
  'screw-back': 'startUp',
  'gauges-zero': 'startUp',
  'hose-hung': 'shopInterval',
}

const burns = (gas: GasContent): boolean => fireRole(gas) !== 'inert'
const isAcetylene = (gas: GasContent): boolean => partsOf(gas).some(part => part.gas === 'acetylene')

/** Steps that this gas asks for. Hydrogen is never cracked open: it can light by itself as it leaves. */
export function connectingSteps(gas: GasContent): readonly ConnectingStepId[] {
  return CONNECTING_STEPS.filter((step) => {
    switch (step) {
      case 'clean-hands': return fireRole(gas) === 'feeds'
      case 'crack-valve': return !partsOf(gas).some(part => part.gas === 'hydrogen')
      case 'arrestor-fitted': return burns(gas)
      case 'acetylene-turn': return isAcetylene(gas)
      default: return true
    }
  })
}

/** What of a leak test this gas asks for: shielding gas has no arrestor and ends at the feeder. */
export const jointsFor = (gas: GasContent): readonly JointId[] =>
  JOINTS.filter(joint => burns(gas) || (joint !== 'arrestor' && joint !== 'torch'))

/**
 * What to do when a cylinder leaks, burns, is hot or took a flashback, by what is in it. Calm, few, in order.
 * Source: `cylinderEmergency`, `acetyleneFire`, `inertLeak`.
 */
export function dangerSteps(
  danger: DangerId,
  gas: GasContent,
): { readonly steps: readonly DangerStepId[], readonly sources: readonly SourceId[] } {
  if (danger === 'leak') {
    switch (fireRole(gas)) {
      case 'fuel':
        return { steps: ['no-sparks', 'close-valve', 'move-outdoors', 'supplier'], sources: ['cylinderEmergency'] }
      case 'feeds':
        return { steps: ['no-sparks', 'close-valve', 'ventilate', 'clothes-enriched', 'supplier'], sources: ['oxygenLeak'] }
      case 'inert':
        return { steps: ['close-valve', 'ventilate', 'no-rescue-alone', 'supplier'], sources: ['inertLeak'] }
    }
  }
  if (isAcetylene(gas)) {
    const steps: readonly DangerStepId[]
      = danger === 'flashback'
        ? ['close-valve', 'go-away-200', 'call-fire-service', 'say-acetylene', 'watch-for-heat', 'never-again']
        : ['do-not-touch', 'go-away-200', 'call-fire-service', 'say-acetylene', 'cool-from-cover', 'plug-fire', 'never-again']
    return { steps, sources: ['acetyleneFireGuidance'] }
  }
  return {
    steps:
      danger === 'flashback'
        ? ['close-valve', 'watch-for-heat', 'supplier']
        : ['do-not-touch', 'go-away-100', 'call-fire-service', 'cool-from-cover', 'supplier', 'never-again'],
    sources: ['cylinderEmergency'],
  }
}
