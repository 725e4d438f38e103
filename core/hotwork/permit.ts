import type { Instant } from '../station/station'
import type { ProcessId } from '../vocabulary/vocabulary'
import type { ContentsId, HotWorkConditions, HotWorkPlace, WorkpieceId } from './hot-work-class'
import type { PrecautionId } from './precautions'

/** How far a permit has come. `authorised` waits for the watch and the first arc; the last four are ends. */
export const PERMIT_PHASES = ['requested', 'precautions', 'authorised', 'working', 'suspended', 'watch', 'monitoring', 'closed', 'refused', 'revoked', 'lapsed'] as const
export type PermitPhase = typeof PERMIT_PHASES[number]

const ENDS: ReadonlySet<PermitPhase> = new Set(['closed', 'refused', 'revoked', 'lapsed'])
export const hasEnded = (phase: PermitPhase): boolean => ENDS.has(phase)

/** Why work stands. The clock's own causes, and what people say. */
export const STOP_CAUSES = [
  'stopped', 'conditions-changed', 'watch-left', 'wind', 'gas', 'fire-or-smoke', 'kit', 'sprinklers', 'weather-light', 'scope-changed', 'break', 'shift-change',
  'round-overdue', 'gas-retest-overdue', 'lapsed', 'revoked', 'arc-without-permit',
] as const
export type StopCauseId = typeof STOP_CAUSES[number]
/** Causes that somebody may give; the others are found by the clock or by the record. */
export const SPOKEN_CAUSES = ['stopped', 'conditions-changed', 'wind', 'gas', 'fire-or-smoke', 'kit', 'sprinklers', 'weather-light', 'scope-changed', 'break', 'shift-change'] as const satisfies readonly StopCauseId[]
export type SpokenCauseId = typeof SPOKEN_CAUSES[number]

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
  readonly job: { readonly what: string, readonly process: ProcessId, readonly heightM?: number, readonly workpiece?: WorkpieceId, readonly contents?: ContentsId, readonly cleaned?: boolean, readonly metalFire?: boolean }
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
export interface GasReading { readonly lelPercent: number, readonly oxygenPercent: number, readonly instrument: string, readonly point: string, readonly by: string, readonly at: Instant, readonly isWithin: boolean }
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
  readonly authorisedBy: string | null
  readonly authorisedAt: Instant | null
  /** Who watches, from when they are kept free for it. */
  readonly watchers: readonly Watcher[]
  readonly secondChannel: string | null
  /** Until when work is allowed. */
  readonly untilAt: Instant
  readonly posts: readonly Post[]
  /** Since when fewer watchers than needed are on post, while it matters. */
  readonly coverLostAt: Instant | null
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
  readonly monitoringOverAt: Instant | null
  readonly retestSaidFor: Instant | null
  readonly restored: readonly PrecautionId[]
  readonly help: { readonly at: Instant, readonly by: string } | null
  readonly endReason: string | null
  readonly endedAt: Instant | null
}

export interface PermitCommands {
  'permit.request': PermitRequest
  'permit.see-to': { readonly precaution: PrecautionId, readonly how: 'done' | 'justified', readonly reason?: string }
  'permit.read-gas': { readonly lelPercent: number, readonly oxygenPercent: number, readonly instrument: string, readonly point: string }
  'permit.authorise': { readonly watcherIds: readonly string[], readonly secondChannel: string | null, readonly nearSeen: readonly string[] }
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
  'permit.close': Record<string, never>
  /** The clock's own: something fell due. */
  'permit.fall-due': { readonly what: PermitDeadlineId, readonly dueAt: Instant }
}
export type PermitCommand = { [T in keyof PermitCommands]: { readonly type: T, readonly payload: PermitCommands[T] } }[keyof PermitCommands]

/** What falls due for a permit, in the order in which two of one instant are worked off. */
export const PERMIT_DEADLINES = ['round-due', 'round-overdue', 'gas-retest', 'lapses', 'watch-over', 'visit-missed', 'monitoring-over'] as const
export type PermitDeadlineId = typeof PERMIT_DEADLINES[number]

interface Done { readonly by: string, readonly at: Instant }
export type PermitEvent =
  | { readonly type: 'permit-requested', readonly version: 1, readonly payload: Done & { readonly code: string, readonly token: string, readonly request: PermitRequest, readonly plan: PermitPlan } }
  | { readonly type: 'precaution-seen-to', readonly version: 1, readonly payload: SeenTo & { readonly precaution: PrecautionId } }
  | { readonly type: 'gas-read', readonly version: 1, readonly payload: GasReading }
  | { readonly type: 'permit-authorised', readonly version: 1, readonly payload: Done & { readonly watcherIds: readonly string[], readonly untilAt: Instant, readonly secondChannel: string | null, readonly near: readonly string[] } }
  | { readonly type: 'permit-refused' | 'permit-revoked', readonly version: 1, readonly payload: Done & { readonly reason: string } }
  | { readonly type: 'permit-extended', readonly version: 1, readonly payload: Done & { readonly untilAt: Instant } }
  | { readonly type: 'permit-taken-over' | 'work-started' | 'work-ended' | 'help-called' | 'permit-closed', readonly version: 1, readonly payload: Done }
  | { readonly type: 'post-taken' | 'post-left', readonly version: 1, readonly payload: { readonly personId: string, readonly at: Instant } }
  | { readonly type: 'watch-handed-over', readonly version: 1, readonly payload: { readonly fromId: string, readonly toId: string, readonly at: Instant } }
  | { readonly type: 'round-done', readonly version: 1, readonly payload: Done & { readonly note: string | null, readonly onPost: boolean } }
  | { readonly type: 'round-came-due', readonly version: 1, readonly payload: { readonly personId: string, readonly dueAt: Instant } }
  | { readonly type: 'round-overdue', readonly version: 1, readonly payload: { readonly personId: string, readonly sinceAt: Instant, readonly dueAt: Instant } }
  | { readonly type: 'round-missed', readonly version: 1, readonly payload: { readonly personId: string, readonly fromAt: Instant, readonly untilAt: Instant } }
  | { readonly type: 'work-stopped', readonly version: 1, readonly payload: Done & { readonly cause: StopCauseId, readonly note: string | null } }
  | { readonly type: 'work-resumed', readonly version: 1, readonly payload: Done & { readonly cleared: string } }
  | { readonly type: 'arc-reported', readonly version: 1, readonly payload: Done & { readonly underPermit: boolean } }
  /** A place where no permit was ever asked for: what is known of it, and the watch that the rules ask for. */
  | { readonly type: 'arc-found', readonly version: 1, readonly payload: Done & { readonly code: string, readonly token: string, readonly place: PermitPlace, readonly plan: PermitPlan } }
  | { readonly type: 'watch-began', readonly version: 1, readonly payload: { readonly fromAt: Instant, readonly because: WatchCauseId } }
  | { readonly type: 'watch-over' | 'monitoring-over' | 'permit-lapsed', readonly version: 1, readonly payload: { readonly at: Instant } }
  | { readonly type: 'gas-retest-overdue' | 'visit-missed', readonly version: 1, readonly payload: { readonly dueAt: Instant } }
  | { readonly type: 'precaution-restored', readonly version: 1, readonly payload: Done & { readonly precaution: PrecautionId } }

/** Why the watch after the work begins, or begins again. */
export const WATCH_CAUSES = ['work-ended', 'lapsed', 'revoked', 'arc', 'gap', 'trouble'] as const
export type WatchCauseId = typeof WATCH_CAUSES[number]

const ms = (at: Instant): number => Date.parse(at)
export const laterOf = (a: Instant | null, b: Instant): Instant => a !== null && a > b ? a : b
export const minutesAfter = (at: Instant, minutes: number): Instant => new Date(ms(at) + minutes * 60_000).toISOString()

/** The permit after an event. Pure: the same events always give the same permit. */
export function evolvePermit(permit: Permit | null, event: PermitEvent): Permit | null {
  if (event.type === 'permit-requested') {
    const { code, token, request, plan, by } = event.payload
    return { ...fresh(code, token, request, plan, by), phase: 'requested' }
  }
  if (event.type === 'arc-found') {
    const { code, token, place, plan, by, at } = event.payload
    const request: PermitRequest = { place, facts: {}, job: { what: '', process: 'smaw' }, conditions: {}, operatorIds: [], fromAt: at, untilAt: at }
    return { ...fresh(code, token, request, plan, by), phase: 'watch', firstArcAt: at, lastArcAt: at }
  }
  if (!permit) return null
  switch (event.type) {
    case 'precaution-seen-to': {
      const { precaution, ...seen } = event.payload
      return { ...permit, phase: permit.phase === 'requested' ? 'precautions' : permit.phase, seenTo: { ...permit.seenTo, [precaution]: seen } }
    }
    // A reading that comes later than a newer one must not undo it.
    case 'gas-read': return permit.gas && permit.gas.at > event.payload.at ? permit : { ...permit, gas: event.payload, retestSaidFor: null }
    case 'permit-authorised': {
      const { watcherIds, untilAt, secondChannel, by, at } = event.payload
      return { ...permit, phase: 'authorised', watchers: watcherIds.map(personId => ({ personId, fromAt: permit.request.fromAt })), untilAt, secondChannel, authorisedBy: by, authorisedAt: at }
    }
    case 'permit-refused': return { ...permit, phase: 'refused', endReason: event.payload.reason, endedAt: event.payload.at }
    // Once an arc was struck the way out leads through the watch: the phase is set by the watch that begins.
    case 'permit-revoked': return permit.firstArcAt === null ? { ...permit, phase: 'revoked', endReason: event.payload.reason, endedAt: event.payload.at, ...released } : { ...permit, endReason: event.payload.reason }
    case 'permit-lapsed': return permit.firstArcAt === null ? { ...permit, phase: 'lapsed', endedAt: event.payload.at, ...released } : permit
    case 'permit-extended': return { ...permit, untilAt: event.payload.untilAt }
    case 'permit-taken-over': return { ...permit, authorisedBy: event.payload.by }
    case 'post-taken': return { ...covered(withPost(permit, event.payload.personId, event.payload.at)), overdue: permit.overdue?.personId === event.payload.personId ? null : permit.overdue }
    case 'post-left': return uncovered({ ...permit, posts: permit.posts.filter(({ personId }) => personId !== event.payload.personId), overdue: permit.overdue?.personId === event.payload.personId ? null : permit.overdue }, event.payload.at)
    case 'watch-handed-over': {
      const { fromId, toId, at } = event.payload
      const relieved = { ...permit, posts: permit.posts.filter(({ personId }) => personId !== fromId), overdue: permit.overdue?.personId === fromId ? null : permit.overdue }
      return { ...covered(withPost(relieved, toId, at)), watchers: [...permit.watchers.filter(({ personId }) => personId !== fromId && personId !== toId), { personId: toId, fromAt: at }] }
    }
    case 'work-started': return { ...permit, phase: 'working', firstArcAt: permit.firstArcAt ?? event.payload.at, lastArcAt: laterOf(permit.lastArcAt, event.payload.at), posts: heardFrom(permit.posts, event.payload.at) }
    case 'work-stopped': {
      const { cause, note, at, by } = event.payload
      const stands = permit.phase === 'working' || permit.phase === 'authorised'
      return { ...permit, phase: stands ? 'suspended' : permit.phase, suspension: stands || permit.suspension === null ? { cause, note, at, by } : permit.suspension, lastArcAt: permit.phase === 'working' ? laterOf(permit.lastArcAt, at) : permit.lastArcAt }
    }
    case 'work-resumed': return { ...permit, phase: permit.firstArcAt === null ? 'authorised' : 'working', suspension: null, lastArcAt: permit.firstArcAt === null ? null : laterOf(permit.lastArcAt, event.payload.at) }
    case 'work-ended': return permit.phase === 'working' ? { ...permit, lastArcAt: laterOf(permit.lastArcAt, event.payload.at) } : permit
    case 'watch-began': return { ...permit, phase: 'watch', watchFrom: laterOf(permit.watchFrom, event.payload.fromAt), watchOverAt: null, lastVisitAt: null, visitMissedFor: null, monitoringOverAt: null, endedAt: null, suspension: event.payload.because === 'work-ended' ? null : permit.suspension }
    case 'round-done': {
      const { by, at, onPost } = event.payload
      const visited = permit.phase === 'monitoring' ? { lastVisitAt: laterOf(permit.lastVisitAt, at) } : {}
      if (!onPost) return { ...permit, ...visited }
      const posts = permit.posts.map(post => post.personId === by ? { ...post, heardAt: laterOf(post.heardAt, at) } : post)
      return { ...permit, ...visited, posts, overdue: permit.overdue?.personId === by ? null : permit.overdue }
    }
    case 'round-came-due': return { ...permit, roundSaidFor: event.payload.dueAt }
    case 'round-overdue': return { ...permit, overdue: { personId: event.payload.personId, sinceAt: event.payload.sinceAt, cameDueAt: event.payload.dueAt } }
    case 'round-missed': return permit
    case 'arc-reported': return { ...permit, firstArcAt: permit.firstArcAt ?? event.payload.at, lastArcAt: laterOf(permit.lastArcAt, event.payload.at) }
    case 'watch-over': return { ...permit, phase: 'monitoring', watchOverAt: event.payload.at, ...released }
    case 'visit-missed': return { ...permit, visitMissedFor: event.payload.dueAt }
    case 'monitoring-over': return { ...permit, monitoringOverAt: event.payload.at }
    case 'gas-retest-overdue': return { ...permit, retestSaidFor: event.payload.dueAt }
    case 'help-called': return { ...permit, help: event.payload }
    case 'precaution-restored': return { ...permit, restored: [...new Set([...permit.restored, event.payload.precaution])] }
    case 'permit-closed': return { ...permit, phase: 'closed', endedAt: event.payload.at, ...released }
  }
}

const fresh = (code: string, token: string, request: PermitRequest, plan: PermitPlan, requestedBy: string): Omit<Permit, 'phase'> => ({
  code, token, request, plan, requestedBy, seenTo: {}, gas: null, authorisedBy: null, authorisedAt: null, watchers: [], secondChannel: null, untilAt: request.untilAt, posts: [], coverLostAt: null, overdue: null,
  roundSaidFor: null, firstArcAt: null, lastArcAt: null, suspension: null, watchFrom: null, watchOverAt: null, lastVisitAt: null, visitMissedFor: null, monitoringOverAt: null, retestSaidFor: null, restored: [], help: null,
  endReason: null, endedAt: null,
})

/** Nobody is kept any longer: a watch that begins again takes whoever comes. */
const released = { posts: [], watchers: [], coverLostAt: null, overdue: null } as const

const heardFrom = (posts: readonly Post[], at: Instant): readonly Post[] => posts.map(post => ({ ...post, heardAt: laterOf(post.heardAt, at) }))
const withPost = (permit: Permit, personId: string, at: Instant): Permit => ({ ...permit, posts: [...permit.posts.filter(post => post.personId !== personId), { personId, since: at, heardAt: at }] })
/** Enough on post again: the gap is over. */
const covered = (permit: Permit): Permit => permit.posts.length >= permit.plan.watchers ? { ...permit, coverLostAt: null } : permit
/** Fewer on post than it takes: from when, unless it was so already. */
const uncovered = (permit: Permit, at: Instant): Permit => permit.posts.length >= permit.plan.watchers ? permit : { ...permit, coverLostAt: permit.coverLostAt ?? at }

/** Must the place be watched now: from the first arc on until the watch after the work is over. */
export const needsCover = ({ phase, firstArcAt }: Permit): boolean => phase === 'working' || phase === 'watch' || (phase === 'suspended' && firstArcAt !== null)

/** The watcher whose round is due soonest, and when; null while nobody has to be heard. */
export function nextRound(permit: Permit): { readonly personId: string, readonly dueAt: Instant, readonly overdueAt: Instant, readonly heardAt: Instant } | null {
  if (!needsCover(permit) || permit.posts.length === 0) return null
  const { personId, heardAt } = permit.posts.reduce((soonest, post) => post.heardAt < soonest.heardAt ? post : soonest)
  const dueAt = minutesAfter(heardAt, permit.plan.roundEveryMin)
  return { personId, dueAt, overdueAt: minutesAfter(dueAt, permit.plan.gapMin), heardAt }
}

/** When the watch will be over if cover holds; null while it does not run. */
export function watchEndsAt(permit: Permit): Instant | null {
  return permit.phase === 'watch' && permit.watchFrom !== null ? minutesAfter(permit.watchFrom, permit.plan.afterMin) : null
}

/** When the monitoring is over; null before it began. */
export const monitoringEndsAt = ({ phase, watchOverAt, plan }: Permit): Instant | null => phase === 'monitoring' && watchOverAt !== null ? minutesAfter(watchOverAt, plan.monitoringMin) : null

/** When the place is looked at next while it is monitored. */
export function nextVisitAt(permit: Permit): Instant | null {
  const endsAt = monitoringEndsAt(permit)
  if (endsAt === null || permit.monitoringOverAt !== null) return null
  const last = [permit.lastVisitAt, permit.visitMissedFor].reduce((latest: Instant, at) => at !== null && at > latest ? at : latest, permit.watchOverAt!)
  const dueAt = minutesAfter(last, permit.plan.visitEveryMin)
  return dueAt < endsAt ? dueAt : endsAt
}

/** When the air has to be tested again; null where it need not be, or was never tested. */
export const gasRetestAt = ({ plan, gas, phase }: Permit): Instant | null =>
  plan.needsGasTest && gas !== null && (phase === 'authorised' || phase === 'working') ? minutesAfter(gas.at, plan.retestMin) : null

/** Everything that falls due for a permit as it stands. Each kind once; a deadline past its answer is not there. */
export function permitDeadlines(permit: Permit): readonly { readonly kind: PermitDeadlineId, readonly dueAt: Instant }[] {
  const due: { kind: PermitDeadlineId, dueAt: Instant }[] = []
  const round = nextRound(permit)
  if (round) {
    if (permit.roundSaidFor !== round.dueAt) due.push({ kind: 'round-due', dueAt: round.dueAt })
    if (permit.overdue?.cameDueAt !== round.dueAt || permit.overdue.personId !== round.personId) due.push({ kind: 'round-overdue', dueAt: round.overdueAt })
  }
  const retestAt = gasRetestAt(permit)
  if (retestAt !== null && permit.retestSaidFor !== retestAt) due.push({ kind: 'gas-retest', dueAt: retestAt })
  if (permit.phase === 'requested' || permit.phase === 'precautions' || permit.phase === 'authorised' || permit.phase === 'working' || permit.phase === 'suspended') due.push({ kind: 'lapses', dueAt: permit.untilAt })
  const endsAt = watchEndsAt(permit)
  if (endsAt !== null && isCovered(permit)) due.push({ kind: 'watch-over', dueAt: endsAt })
  const [visitAt, overAt] = [nextVisitAt(permit), monitoringEndsAt(permit)]
  if (visitAt !== null && visitAt !== overAt) due.push({ kind: 'visit-missed', dueAt: minutesAfter(visitAt, permit.plan.gapMin) })
  if (overAt !== null && permit.monitoringOverAt === null) due.push({ kind: 'monitoring-over', dueAt: overAt })
  return due
}

/** Enough watchers on post, none of them unheard past the grace. */
export const isCovered = ({ posts, plan, coverLostAt, overdue }: Permit): boolean => posts.length >= plan.watchers && coverLostAt === null && overdue === null
