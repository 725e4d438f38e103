import type { Instant } from '../../time/instant'
import type { ProcessId } from '../../ids/vocabulary'
import type { HotWorkConditions, HotWorkPlace } from '../../hotwork/hot-work-class'
import type { ContentsId, PermitPhase, PrecautionId, SpokenCauseId, StopCauseId, WorkpieceId } from '../../ids/hotwork-ids'

/** The place of a permit: in words, and on the site's grid or at a bay where it is known there. */
export interface PermitPlace {
  readonly where: string
  readonly placeId: string | null
  readonly bayId: string | null
}

/** What is asked for: one place, one job, one shift, named people. */
export interface PermitRequest {
  readonly place: PermitPlace
  readonly facts: Omit<HotWorkPlace, 'designated'>
  readonly job: {
    readonly what: string
    readonly process: ProcessId
    /** The highest current of the job, A. */ readonly currentA?: number
    readonly heightM?: number
    readonly workpiece?: WorkpieceId
    readonly contents?: ContentsId
    readonly cleaned?: boolean
    readonly metalFire?: boolean
  }
  readonly conditions: Pick<HotWorkConditions, 'sprinklers' | 'windMPerS'>
  /** Who does the work. */
  readonly operatorIds: readonly string[]
  readonly fromAt: Instant
  readonly untilAt: Instant
}

/** What the rules made of the request, fixed with it: rules changed later change no permit already asked for. */
export interface PermitPlan {
  readonly precautions: readonly { readonly id: PrecautionId, readonly mustBeDone: boolean, readonly restore: boolean }[]
  readonly watchers: number
  readonly afterMin: number
  readonly monitoringMin: number
  readonly roundEveryMin: number
  readonly visitEveryMin: number
  readonly gapMin: number
  readonly retestMin: number
  readonly lelLimitPercent: number
  readonly oxygenMaxPercent: number
  readonly needsGasTest: boolean
  /** The circle to be kept clear, m. */
  readonly radiusM: number
  readonly atMostHours: number
}

export interface SeenTo { readonly how: 'done' | 'justified', readonly reason: string | null, readonly by: string, readonly at: Instant }
export interface GasReading {
  readonly lelPercent: number
  readonly oxygenPercent: number
  readonly instrument: string
  readonly point: string
  readonly by: string
  readonly at: Instant
  readonly isWithin: boolean
}
/** A watcher on post, and when they were last heard of by a round. */
export interface Post { readonly personId: string, readonly since: Instant, readonly heardAt: Instant }

export interface Watcher { readonly personId: string, readonly fromAt: Instant }

export interface Permit {
  /** Short, to be spoken and typed. */
  readonly code: string
  /** Long and random, for the public page behind the paper's code. */
  readonly token: string
  readonly phase: PermitPhase
  readonly request: PermitRequest
  readonly plan: PermitPlan
  readonly requestedBy: string
  readonly seenTo: Readonly<Partial<Record<PrecautionId, SeenTo>>>
  readonly gas: GasReading | null
  /** The newest reading of each point: one out of limits holds until that very point is read within. */
  readonly gasByPoint: Readonly<Record<string, GasReading>>
  /** Air that was once out of limits is tested by the clock from then on, planned or not. */
  readonly wasGasOut: boolean
  readonly authorisedBy: string | null
  readonly authorisedAt: Instant | null
  /** Who watches, from when they are kept free for it. */
  readonly watchers: readonly Watcher[]
  readonly secondChannel: string | null
  /** Until when work is allowed. */
  readonly untilAt: Instant
  readonly posts: readonly Post[]
  /** Everybody who ever stood on post: what they did there is theirs to report, also after they were relieved. */
  readonly stoodWatch: readonly string[]
  /** Since when fewer watchers than needed are on post, while it matters. */
  readonly coverLostAt: Instant | null
  /** Up to when somebody who should have watched was gone or silent; null when that never was. */
  readonly coverMissingUntil: Instant | null
  /** That nobody watches was last said for this moment. */
  readonly coverSaidFor: Instant | null
  /** A watcher who was not heard past the grace; null once heard again. */
  readonly overdue: { readonly personId: string, readonly sinceAt: Instant, readonly cameDueAt: Instant } | null
  /** The round whose time has come was said once. */
  readonly roundSaidFor: Instant | null
  readonly firstArcAt: Instant | null
  readonly lastArcAt: Instant | null
  readonly suspension: { readonly cause: StopCauseId, readonly note: string | null, readonly at: Instant, readonly by: string } | null
  /** From when the watch after the work counts. */
  readonly watchFrom: Instant | null
  readonly watchOverAt: Instant | null
  readonly lastVisitAt: Instant | null
  readonly visitMissedFor: Instant | null
  /** Looks of the monitoring that nobody made, oldest first. */
  readonly visitsMissed: readonly Instant[]
  readonly monitoringOverAt: Instant | null
  readonly retestSaidFor: Instant | null
  readonly restored: readonly PrecautionId[]
  /** When each was last put back: what is told of it from before changes nothing. */
  readonly putBackAt: Readonly<Partial<Record<PrecautionId, Instant>>>
  readonly help: { readonly at: Instant, readonly by: string } | null
  /** Nobody has said yet what came of that call. */
  readonly isHelpOpen: boolean
  readonly endReason: string | null
  readonly endedAt: Instant | null
  /** Who closed it, and despite how many looks that were missed. */
  readonly closing: { readonly by: string, readonly missedLooks: number, readonly reason: string | null } | null
}

export interface PermitCommands {
  'permit.request': PermitRequest
  'permit.see-to': { readonly precaution: PrecautionId, readonly how: 'done' | 'justified', readonly reason?: string }
  'permit.read-gas': { readonly lelPercent: number, readonly oxygenPercent: number, readonly instrument: string, readonly point: string }
  'permit.authorise': {
    readonly watcherIds: readonly string[]
    readonly secondChannel: string | null
    readonly nearSeen: readonly string[]
  }
  'permit.refuse': { readonly reason: string }
  'permit.revoke': { readonly reason: string }
  'permit.extend': { readonly untilAt: Instant }
  /** Another authoriser takes the permit over, at a change of shift. */
  'permit.take-over': Record<string, never>
  'permit.take-post': Record<string, never>
  'permit.leave-post': Record<string, never>
  /** Whoever signs relieves a watcher who is still on post. */
  'permit.relieve': { readonly relievedId: string }
  'permit.start-work': Record<string, never>
  /** A device whose session has ended names the watcher whose round it is. */
  'permit.round': { readonly note?: string, readonly watcherId?: string }
  'permit.stop': { readonly cause: SpokenCauseId, readonly note?: string }
  'permit.resume': { readonly cleared: string }
  'permit.end-work': Record<string, never>
  /** An arc, wherever a permit stood; for a place without one it begins a record of its own. */
  'permit.report-arc': { readonly place: PermitPlace }
  'permit.call-help': Record<string, never>
  'permit.restore': { readonly precaution: PrecautionId }
  /** With looks missed it takes a reason, which goes on the paper. */
  'permit.close': { readonly despite?: string }
  /** The clock's own: something fell due. */
  'permit.fall-due': { readonly what: PermitDeadlineId, readonly dueAt: Instant }
}
export type PermitCommand = { [T in keyof PermitCommands]: { readonly type: T, readonly payload: PermitCommands[T] } }[keyof PermitCommands]

/** What falls due for a permit, in the order in which two of one instant are worked off. */
export const PERMIT_DEADLINES = [
  'round-due', 'round-overdue', 'cover-missing', 'gas-retest', 'lapses', 'watch-over', 'visit-missed', 'monitoring-over',
] as const
export type PermitDeadlineId = typeof PERMIT_DEADLINES[number]

interface Done { readonly by: string, readonly at: Instant }
export type PermitEvent
  = | {
    readonly type: 'permit-requested'
    readonly version: 1
    readonly payload: Done & {
      readonly code: string
      readonly token: string
      readonly request: PermitRequest
      readonly plan: PermitPlan
    }
  }
  | { readonly type: 'precaution-seen-to', readonly version: 1, readonly payload: SeenTo & { readonly precaution: PrecautionId } }
  | { readonly type: 'gas-read', readonly version: 1, readonly payload: GasReading }
  | {
    readonly type: 'permit-authorised'
    readonly version: 1
    readonly payload: Done & {
      readonly watcherIds: readonly string[]
      readonly untilAt: Instant
      readonly secondChannel: string | null
      readonly near: readonly string[]
    }
  }
  | { readonly type: 'permit-refused' | 'permit-revoked', readonly version: 1, readonly payload: Done & { readonly reason: string } }
  | { readonly type: 'permit-extended', readonly version: 1, readonly payload: Done & { readonly untilAt: Instant } }
  | { readonly type: 'permit-taken-over' | 'work-started' | 'work-ended' | 'help-called', readonly version: 1, readonly payload: Done }
  | {
    readonly type: 'permit-closed'
    readonly version: 2
    readonly payload: Done & { readonly missedLooks: number, readonly reason: string | null }
  }
  | { readonly type: 'stop-cleared', readonly version: 1, readonly payload: Done & { readonly cleared: string } }
  | { readonly type: 'cover-missing', readonly version: 1, readonly payload: { readonly sinceAt: Instant, readonly dueAt: Instant } }
  | {
    readonly type: 'post-taken' | 'post-left'
    readonly version: 1
    readonly payload: { readonly personId: string, readonly at: Instant }
  }
  | {
    readonly type: 'watch-handed-over'
    readonly version: 1
    readonly payload: { readonly fromId: string, readonly toId: string, readonly at: Instant }
  }
  | {
    readonly type: 'round-done'
    readonly version: 1
    readonly payload: Done & { readonly note: string | null, readonly onPost: boolean }
  }
  | { readonly type: 'round-came-due', readonly version: 1, readonly payload: { readonly personId: string, readonly dueAt: Instant } }
  | {
    readonly type: 'round-overdue'
    readonly version: 1
    readonly payload: { readonly personId: string, readonly sinceAt: Instant, readonly dueAt: Instant }
  }
  | {
    readonly type: 'round-missed'
    readonly version: 1
    readonly payload: { readonly personId: string, readonly fromAt: Instant, readonly untilAt: Instant }
  }
  | {
    readonly type: 'work-stopped'
    readonly version: 1
    readonly payload: Done & { readonly cause: StopCauseId, readonly note: string | null }
  }
  | { readonly type: 'work-resumed', readonly version: 1, readonly payload: Done & { readonly cleared: string } }
  | { readonly type: 'arc-reported', readonly version: 1, readonly payload: Done & { readonly underPermit: boolean } }
  /** A place where no permit was ever asked for: what is known of it, and the watch that the rules ask for. */
  | {
    readonly type: 'arc-found'
    readonly version: 1
    readonly payload: Done & { readonly code: string, readonly token: string, readonly place: PermitPlace, readonly plan: PermitPlan }
  }
  | { readonly type: 'watch-began', readonly version: 1, readonly payload: { readonly fromAt: Instant, readonly because: WatchCauseId } }
  | { readonly type: 'watch-over' | 'monitoring-over' | 'permit-lapsed', readonly version: 1, readonly payload: { readonly at: Instant } }
  | { readonly type: 'gas-retest-overdue' | 'visit-missed', readonly version: 1, readonly payload: { readonly dueAt: Instant } }
  | { readonly type: 'precaution-restored', readonly version: 1, readonly payload: Done & { readonly precaution: PrecautionId } }

/** Why the watch after the work begins, or begins again. */
export const WATCH_CAUSES = ['work-ended', 'lapsed', 'revoked', 'arc', 'gap', 'trouble'] as const
export type WatchCauseId = typeof WATCH_CAUSES[number]

/** Reads a permit's event of any landed version as the newest. The first closing did not count the looks that were missed. */
export const upcastPermit = (type: string, version: number, payload: unknown): PermitEvent =>
  (type === 'permit-closed' && version === 1
    ? { type, version: 2, payload: { ...(payload as Done), missedLooks: 0, reason: null } }
    : { type, version, payload }) as PermitEvent
