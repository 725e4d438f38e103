/** Why a star on the shoulder does not give ten years. */
export const STAR_VOID_REASONS = [
  'specification', 'gas', 'too-large', 'size-unknown', 'made-before-1946', 'made-unknown', 'filled-in-place', 'filling-unknown',
] as const
export type StarVoidReason = typeof STAR_VOID_REASONS[number]

export const PLUS_VOID_REASONS = ['specification', 'gas', 'flammable', 'lapsed'] as const
export type PlusVoidReason = typeof PLUS_VOID_REASONS[number]

export const CYLINDER_OWNERS = ['rented', 'owned'] as const
export type CylinderOwner = typeof CYLINDER_OWNERS[number]

/** Steps of putting a cylinder to use, in order. Their words, and why, stand in the catalogue. */
export const CONNECTING_STEPS = [
  'secured', 'label-read', 'cap-off', 'clean-hands', 'crack-valve', 'seat-clean', 'regulator-fitted', 'arrestor-fitted', 'screw-out',
  'stand-aside', 'open-slowly', 'acetylene-turn', 'set-pressure', 'purge',
] as const
export type ConnectingStepId = typeof CONNECTING_STEPS[number]

/** Steps of shutting down, in order. */
export const SHUTTING_STEPS = ['torch-shut', 'valve-shut', 'bleed', 'screw-back', 'gauges-zero', 'hose-hung'] as const
export type ShuttingStepId = typeof SHUTTING_STEPS[number]

/** Joints that a leak test looks at, from the valve to the torch. */
export const JOINTS = ['valve-stem', 'regulator-inlet', 'regulator-outlet', 'arrestor', 'hose-end', 'torch'] as const
export type JointId = typeof JOINTS[number]

/** What somebody found at a cylinder that cannot wait. */
export const DANGERS = ['leak', 'in-fire', 'hot', 'flashback'] as const
export type DangerId = typeof DANGERS[number]

/** What to do, in order; words in the catalogue. */
export const DANGER_STEPS = [
  'no-sparks', 'close-valve', 'do-not-touch', 'go-away-200', 'go-away-100', 'call-fire-service', 'say-acetylene', 'cool-from-cover',
  'move-outdoors', 'ventilate', 'clothes-enriched', 'no-rescue-alone', 'watch-for-heat', 'plug-fire', 'supplier', 'never-again',
] as const
export type DangerStepId = typeof DANGER_STEPS[number]

/** What a gas is drawn for. */
export type GasNeedId = 'shielding' | 'oxygen' | 'fuel' | 'cutting'
