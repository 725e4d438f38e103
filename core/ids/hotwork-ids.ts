/** What must be said before a permit can be planned. */
export const HOT_WORK_FACTS = [
  'sprinklers', 'workpiece', 'contents', 'level', 'height', 'wind', 'current', 'confined', 'other-side', 'open-levels', 'hidden-parts',
  'bulk-combustibles', 'combustible-panel', 'metal-fire',
] as const
export type HotWorkFactId = typeof HOT_WORK_FACTS[number]

/** What is worked on. */
export const WORKPIECES = ['plate', 'pipe', 'container', 'duct', 'structure'] as const
export type WorkpieceId = typeof WORKPIECES[number]

/** What it holds or held. */
export const CONTENTS = ['never-any', 'harmless', 'flammable', 'unknown'] as const
export type ContentsId = typeof CONTENTS[number]

export const SPRINKLER_STATES = ['in-service', 'impaired', 'none'] as const
export type SprinklerStateId = typeof SPRINKLER_STATES[number]

/** Why no permit may be given for a place as it stands. */
export const DANGER_PLACES = [
  'sprinklers-impaired', 'explosive-atmosphere', 'oxygen-rich', 'container-not-cleaned', 'container-unknown', 'bulk-combustibles',
  'combustible-panel',
] as const
export type DangerPlaceId = typeof DANGER_PLACES[number]

/** What is seen to before an arc is struck, in the order it is walked. */
export const PRECAUTIONS = [
  'cold-or-bay', 'floor-swept', 'floor-wetted', 'liquids-dust-out', 'circle-clear', 'openings-covered', 'other-side', 'levels-below',
  'drop-zone', 'ducts-conveyors', 'sprinklers-live', 'heads-shielded', 'detectors-isolated', 'container-vented', 'confined-entry',
  'gas-test', 'cylinders-clear', 'breathing', 'extinguisher', 'metal-powder', 'bucket-hose', 'screens', 'alarm-route', 'hot-marked',
  'kit-looked-at',
] as const
export type PrecautionId = typeof PRECAUTIONS[number]

/** How far a permit has come. `authorised` waits for the watch and the first arc; the last four are ends. */
export const PERMIT_PHASES = [
  'requested', 'precautions', 'authorised', 'working', 'suspended', 'watch', 'monitoring', 'closed', 'refused', 'revoked', 'lapsed',
] as const
export type PermitPhase = typeof PERMIT_PHASES[number]

/** Why work stands. The clock's own causes, and what people say. */
export const STOP_CAUSES = [
  'stopped', 'conditions-changed', 'watch-left', 'wind', 'gas', 'fire-or-smoke', 'kit', 'sprinklers', 'weather-light', 'scope-changed',
  'break', 'shift-change', 'round-overdue', 'gas-retest-overdue', 'lapsed', 'revoked', 'arc-without-permit',
] as const
export type StopCauseId = typeof STOP_CAUSES[number]

/** Causes that somebody may give; the others are found by the clock or by the record. */
export const SPOKEN_CAUSES = [
  'stopped', 'conditions-changed', 'wind', 'gas', 'fire-or-smoke', 'kit', 'sprinklers', 'weather-light', 'scope-changed', 'break',
  'shift-change',
] as const satisfies readonly StopCauseId[]

/** Causes that are a danger in themselves: they stop the place, others hold it. */
export const DANGER_CAUSES: ReadonlySet<StopCauseId> = new Set(['round-overdue', 'fire-or-smoke', 'gas'])
export type SpokenCauseId = typeof SPOKEN_CAUSES[number]
