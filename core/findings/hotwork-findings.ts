import type { EquipmentKindId, ProcessId } from '../ids/vocabulary'
import type { DangerPlaceId, HotWorkFactId, PermitPhase, PrecautionId, StopCauseId } from '../ids/hotwork-ids'

/** Codes of the reach of sparks. */
export interface SparkFindings {
  'spark.no-class': { process: ProcessId }
  'spark.beyond-model': { heightM: number, windMPerS: number, maxHeightM: number, maxWindMPerS: number }
  'spark.rule-binds': { radiusM: number, reachM: number }
  'spark.reach-binds': { radiusM: number, reachM: number, ruleM: number }
  'spark.roll-added': { rollM: number }
  'spark.floor-unknown': { rollM: number }
  'spark.piercing': { reachM: number }
  'spark.gouging': { reachM: number, ruleM: number }
  'spark.percentile': { percentile: number, maxM: number }
  'spark.rules-not-sent': { radiusM: number }
}

/** Codes of deciding on hot work: where, under which precautions, with how much watch. */
export interface HotWorkFindings {
  'hotwork.forbidden': { because: DangerPlaceId }
  'hotwork.bay-first': Record<string, never>
  'hotwork.designated': Record<string, never>
  'hotwork.permit-needed': Record<string, never>
  'hotwork.lel-over-limit': { lelPercent: number, limitPercent: number }
  'hotwork.lel-without-oxygen': { lelPercent: number }
  'hotwork.lel-sensor-invalid': { oxygenPercent: number }
  'hotwork.oxygen-low': { oxygenPercent: number, atLeastPercent: number }
  'hotwork.gas-test-needed': Record<string, never>
  'hotwork.no-sprinklers': Record<string, never>
  'hotwork.fact-missing': { fact: HotWorkFactId }
  'hotwork.watchers': { watchers: number }
  'hotwork.law-watch-shorter': { afterMin: number, lawMin: number }
  'hotwork.rules-not-sent': { afterMin: number, monitoringMin: number, radiusM: number }
  'hotwork.advises': Record<string, never>
}

/** Codes of a permit's life. */
export interface PermitFindings {
  'permit.not-in-phase': { phase: PermitPhase }
  'permit.precaution-open': { precautions: readonly PrecautionId[], count: number }
  'permit.precaution-unknown': { precaution: string }
  'permit.reason-needed': Record<string, never>
  'permit.watchers-short': { named: number, needed: number }
  'permit.watcher-works': { names: readonly string[] }
  'permit.watcher-busy': { name: string, where: string }
  'permit.watcher-at-bay': { name: string, bayId: string }
  'permit.not-named-watcher': { name: string }
  'permit.own-work': Record<string, never>
  'permit.signature-needed': Record<string, never>
  'permit.too-long': { hours: number, atMostHours: number }
  'permit.past': { untilIso: string }
  'permit.not-yet': { fromIso: string }
  'permit.no-second-channel': Record<string, never>
  'permit.near': { codes: readonly string[], count: number }
  'permit.no-watch-on-post': { onPost: number, needed: number }
  'permit.gas-not-tested': Record<string, never>
  'permit.gas-retest-due': { sinceIso: string }
  'permit.gas-out': { lelPercent: number | null, oxygenPercent: number | null, point: string }
  'permit.detector-unknown': { instrument: string }
  'permit.stop-open': { cause: StopCauseId }
  'permit.help-open': Record<string, never>
  'permit.over': { untilIso: string }
  'permit.looks-missed': { count: number, isLastMissing: boolean }
  'permit.cover-missing': { where: string, sinceIso: string }
  'permit.other-process': { permit: ProcessId, job: ProcessId }
  'permit.other-operator': { name: string }
  'permit.nobody-placed': Record<string, never>
  'permit.current-not-said': Record<string, never>
  'permit.current-over': { currentA: number, atMostA: number }
  'permit.on-post': { name: string, where: string }
  'permit.monitoring-not-over': { untilIso: string }
  'permit.restore-open': { precautions: readonly PrecautionId[], count: number }
  'permit.kit-out': { tag: string, kind: EquipmentKindId }
  'permit.no-extinguisher': Record<string, never>
  'permit.unheard': { name: string, sinceIso: string }
  'permit.round-overdue': { name: string, sinceIso: string }
  'permit.gap': { minutes: number }
  'permit.late-round': { minutes: number }
  'permit.arc-without-permit': { where: string }
  'permit.none-here': Record<string, never>
  'permit.suspended': { cause: StopCauseId, where: string }
  'permit.stopped': { cause: StopCauseId, where: string, by: string | null }
  'permit.lapsed': { untilIso: string }
  'permit.help-called': { where: string, name: string }
  'permit.watch-over': { where: string }
  'permit.visit-missed': { where: string }
  'permit.unknown': Record<string, never>
  'permit.day-check-due': Record<string, never>
  'permit.day-check-fails': { checks: readonly string[], count: number }
  'permit.live': { code: string, untilIso: string }
}
