import type { CylinderGasId, StorageBasisId, WithdrawalRuleSetId } from '../ids/vocabulary'
import type { ConnectingStepId, CylinderOwner, DangerId, PlusVoidReason, StarVoidReason } from '../ids/cylinder-ids'

/** Codes of cylinders: what their marks say, what they hold, how they stand. */
export interface CylinderFindings {
  'stamp.specification-missing': Record<string, never>
  'stamp.specification-unknown': { text: string }
  'stamp.two-specifications': { first: string, second: string }
  'stamp.two-families': Record<string, never>
  'stamp.date-missing': Record<string, never>
  'stamp.date-impossible': { text: string }
  'stamp.dates-disagree': { dates: readonly string[] }
  'stamp.years-ambiguous': { dates: readonly string[] }
  'stamp.unreadable': { text: string }
  'stamp.not-read': { text: string }
  'stamp.letter-missing': { text: string }
  'stamp.maker-date-missing': Record<string, never>
  'cylinder.permit': { specification: string }
  'cylinder.gas-not-for-specification': { specification: string }
  'cylinder.star-void': { reason: StarVoidReason }
  'cylinder.plus-void': { reason: PlusVoidReason }
  'cylinder.coated-assumed': { years: number }
  'cylinder.proof-disputed': { years: number }
  'cylinder.filler-too-early': { on: string }
  'cylinder.not-refillable': Record<string, never>
  'cylinder.no-requalification': { specification: string }
  'cylinder.past-due': { dueOn: string }
  'cylinder.filled-past-due': { dueOn: string, filledOn: string }
  'cylinder.filled-when-unknown': { dueOn: string }
  'cylinder.fifteen-with-approval': { dueOn: string }
  'cylinder.pressure-is-no-gauge': { gas: CylinderGasId | 'mix', kept: 'liquefied' | 'dissolved' }
  'cylinder.no-equation': { gas: CylinderGasId | 'mix' }
  'cylinder.mix-estimated': Record<string, never>
  'cylinder.gauge-band': { lowM3: number, highM3: number }
  'cylinder.nearly-empty': { residualKPa: number }
  'cylinder.warm': { temperatureC: number, limitC: number }
  'cylinder.settling': { tag: string, untilIso: string }
  'cylinder.steps-missing': { tag: string, steps: readonly ConnectingStepId[], count: number }
  'cylinder.still-connected': { tag: string }
  'cylinder.returned': { tag: string }
  'cylinder.empty': { tag: string }
  'cylinder.danger': { tag: string, danger: DangerId }
  'cylinder.not-secured': { tag: string }
  'cylinder.test-date-unknown': { tag: string }
  'cylinder.not-to-be-used': { tag: string, dueOn: string }
  'cylinder.fill-date-unknown': { tag: string, dueOn: string }
  'cylinder.past-due-here': { tag: string, dueOn: string, owner: CylinderOwner }
  'acetylene.draw-too-fast': { demandM3PerH: number, limitM3PerH: number, cylinders: number, ruleSet: WithdrawalRuleSetId }
  'acetylene.draw-allowed': { demandM3PerH: number, limitM3PerH: number, ruleSet: WithdrawalRuleSetId }
  'acetylene.old-rule': { cylinders: number, currentCylinders: number }
  'acetylene.pressure-too-high': { gaugeKPa: number, limitKPa: number }
  'storage.too-near': { first: string, second: string, distanceM: number, requiredM: number }
  'storage.barrier-does-not-count': { first: string, second: string, reason: 'low' | 'rating' | 'short' | 'not-offered' }
  'storage.barrier-narrow': { first: string, second: string, pathM: number }
  'storage.rounding': { first: string, second: string, distanceM: number }
  'storage.indoor-fuel': { amountM3: number, lpgKg: number, fraction: number }
  'storage.combustible-assumed-high': { id: string }
  'storage.in-use-left-out': { count: number }
  'storage.height-assumed': { heightM: number }
  'storage.left-at-bay': { first: string, second: string }
  'cylinder.outside-place': { place: string, fromXM: number, toXM: number, fromYM: number, toYM: number }
  'cylinder.wrong-gas': { tag: string }
  'cylinder.reason-needed': Record<string, never>
  'stamp.end-of-life': { text: string }
  'stamp.ring-asks': { text: string }
  'cylinder.life-over': { endsOn: string }
  'cylinder.life-ends': { endsOn: string }
  'storage.cap-off': { tag: string }
  'storage.content-assumed': { tags: readonly string[], count: number, fullM3: number }
  'storage.advises-only': { basis: StorageBasisId }
}
