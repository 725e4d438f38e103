import { STORE_SOURCES } from '../source/store-sources'
import type { SourceRef } from '../source/source-ref'
import type { GasContent } from './gas'
import { fireRole, partsOf } from './gas'
import type { ConnectingStepId, DangerId, DangerStepId, JointId, ShuttingStepId } from '../ids/cylinder-ids'
import { CONNECTING_STEPS, JOINTS } from '../ids/cylinder-ids'

export const STEP_SOURCES: Readonly<Record<ConnectingStepId | ShuttingStepId, SourceRef>> = {
  'secured': STORE_SOURCES.usCylinderHandling,
  'label-read': STORE_SOURCES.usCylinderHandling,
  'cap-off': STORE_SOURCES.usCylinderHandling,
  'clean-hands': STORE_SOURCES.usOxygenOil,
  'crack-valve': STORE_SOURCES.usCylinderHandling,
  'seat-clean': STORE_SOURCES.usCylinderHandling,
  'regulator-fitted': STORE_SOURCES.usRegulator,
  'arrestor-fitted': STORE_SOURCES.arrestor,
  'screw-out': STORE_SOURCES.startUp,
  'stand-aside': STORE_SOURCES.usCylinderHandling,
  'open-slowly': STORE_SOURCES.startUp,
  'acetylene-turn': STORE_SOURCES.usAcetyleneValve,
  'set-pressure': STORE_SOURCES.startUp,
  'purge': STORE_SOURCES.startUp,
  'torch-shut': STORE_SOURCES.startUp,
  'valve-shut': STORE_SOURCES.startUp,
  'bleed': STORE_SOURCES.startUp,
  'screw-back': STORE_SOURCES.startUp,
  'gauges-zero': STORE_SOURCES.startUp,
  'hose-hung': STORE_SOURCES.shopPractice,
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
): { readonly steps: readonly DangerStepId[], readonly sources: readonly SourceRef[] } {
  if (danger === 'leak') {
    switch (fireRole(gas)) {
      case 'fuel':
        return { steps: ['no-sparks', 'close-valve', 'move-outdoors', 'supplier'], sources: [STORE_SOURCES.cylinderEmergency] }
      case 'feeds':
        return { steps: ['no-sparks', 'close-valve', 'ventilate', 'clothes-enriched', 'supplier'], sources: [STORE_SOURCES.oxygenLeak] }
      case 'inert':
        return { steps: ['close-valve', 'ventilate', 'no-rescue-alone', 'supplier'], sources: [STORE_SOURCES.inertLeak] }
    }
  }
  if (isAcetylene(gas)) {
    const steps: readonly DangerStepId[]
      = danger === 'flashback'
        ? ['close-valve', 'go-away-200', 'call-fire-service', 'say-acetylene', 'watch-for-heat', 'never-again']
        : ['do-not-touch', 'go-away-200', 'call-fire-service', 'say-acetylene', 'cool-from-cover', 'plug-fire', 'never-again']
    return { steps, sources: [STORE_SOURCES.acetyleneFire] }
  }
  return {
    steps:
      danger === 'flashback'
        ? ['close-valve', 'watch-for-heat', 'supplier']
        : ['do-not-touch', 'go-away-100', 'call-fire-service', 'cool-from-cover', 'supplier', 'never-again'],
    sources: [STORE_SOURCES.cylinderEmergency],
  }
}
