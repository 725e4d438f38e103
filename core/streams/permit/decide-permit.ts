import type { Decision } from '../decision'
import type { Finding } from '../../findings/finding'
import { finding } from '../../findings/finding'
import type { KitItemFact } from '../../inspection/kit-item-fact'
import type { Instant } from '../../time/instant'
import { judgeGas } from '../../hotwork/hot-work-class'
import { judgeGasTime, judgePermitKit } from '../../hotwork/permit-readiness'
import type { HotWorkPlan } from '../../hotwork/decide-hot-work'
import { hasEnded } from './permit-end'
import {
  coverMissingSince,
  gasRetestAt,
  hasLastLook,
  isCovered,
  monitoringEndsAt,
  needsCover,
  nextRound,
  permitDeadlines,
  nextVisitAt,
  roundEveryMin,
} from './permit-deadlines'
import { isOutrun } from '../../time/late-reports'
import { isAfter, laterOf, minutesAfter, minutesBetween, msOf, stands } from '../../time/instant'
import type { Permit, PermitCommand, PermitCommands, PermitEvent, PermitPlan, Post, WatchCauseId } from './permit'
import type { StopCauseId } from '../../ids/hotwork-ids'

/** Somebody as far as a permit asks: their name, the other task they have at that time, the bay they stand at. */
export interface Helper { readonly personId: string, readonly name: string, readonly busyAt: string | null, readonly bayId: string | null }

/** What a decision about a permit takes from around it. */
export interface PermitContext {
  readonly at: Instant
  readonly now: Instant
  readonly by: string
  /** Whoever decides signed with a PIN. */
  readonly isSigned: boolean
  /** Codes made by the server for a new permit. */
  readonly codes: { readonly code: string, readonly token: string }
  /** What the rules make of the request; null for a command that asks nothing. */
  readonly asked: { readonly verdict: HotWorkPlan, readonly plan: PermitPlan } | null
  /** The watch that a place without a permit gets. */
  readonly planWithout: PermitPlan
  /** People named by the command, and whoever gives it. */
  readonly helpers: readonly Helper[]
  /** Other permits near enough and at the same time, by id. */
  readonly near: readonly { readonly permitId: string, readonly code: string }[]
  /** Another screen was heard within a minute. */
  readonly secondScreen: boolean
  /** What is assigned to the permit, and what stands at its bay. */
  readonly kit: readonly KitItemFact[]
}

const refuse = (...refused: readonly Finding[]): Decision<PermitEvent> => ({ refused })
const one = (event: PermitEvent): Decision<PermitEvent> => ({ events: [event] })
const done = (
  type: Extract<PermitEvent['type'], 'permit-taken-over' | 'work-started' | 'work-ended' | 'help-called'>,
  { by, at }: PermitContext,
): PermitEvent => ({ type, version: 1, payload: { by, at } })
const stopped = (cause: StopCauseId, at: Instant, by: string, note: string | null = null): PermitEvent => ({
  type: 'work-stopped',
  version: 1,
  payload: { cause, note, at, by },
})
const watchFrom = (fromAt: Instant, because: WatchCauseId): PermitEvent => ({
  type: 'watch-began',
  version: 1,
  payload: { fromAt, because },
})
/** Told late: something newer is known of it. */
const OUTRUN = finding('caution', 'command.report-outrun', {})
const notIn = (phase: Permit['phase']): Finding => finding('hold', 'permit.not-in-phase', { phase })

/** A report older than this carries a remark, min. */
const LATE_AFTER_MIN = 5
/**
 * Decides a permit's life: requested, precautions, authorised, working and suspended by turns, watch, monitoring, closed;
 * refused, revoked, lapsed. Once an arc was struck every way out leads through the whole watch; a gap in cover or a new
 * arc begins it again. What somebody did or saw is always recorded; only what is asked for can be refused.
 */
export function decidePermit(permit: Permit | null, command: PermitCommand, context: PermitContext): Decision<PermitEvent> {
  if (command.type === 'permit.request') return permit ? refuse(notIn(permit.phase)) : request(command.payload, context)
  if (!permit) {
    if (command.type !== 'permit.report-arc') return refuse(finding('hold', 'permit.unknown', {}))
    const { codes, planWithout: plan, by, at } = context
    return {
      events: [
        { type: 'arc-found', version: 1, payload: { ...codes, place: command.payload.place, plan, by, at } },
        watchFrom(at, 'arc'),
      ],
      remarks: [finding('stop', 'permit.arc-without-permit', { where: command.payload.place.where })],
    }
  }
  const decision = act(permit, command, context)
  if ('refused' in decision) return decision
  const minutes = Math.floor(minutesBetween(context.at, context.now))
  const remarks = [
    ...(decision.remarks ?? []),
    ...(command.type !== 'permit.fall-due' && minutes >= LATE_AFTER_MIN ? [finding('note', 'permit.late-round', { minutes })] : []),
  ]
  return remarks.length > 0 ? { ...decision, remarks } : decision
}

function request(payload: PermitCommands['permit.request'], { asked, codes, by, at, now }: PermitContext): Decision<PermitEvent> {
  if (!asked) throw new Error('a request is decided with what the rules make of it')
  const { verdict, plan } = asked
  // A hold is asked for on the walk; what forbids the place, or a fact without which nothing can be planned, ends it here.
  const forbidding = verdict.findings.filter(
    ({ severity, code }) => severity === 'stop' || (severity === 'hold' && code !== 'hotwork.gas-test-needed'),
  )
  if (forbidding.length > 0) return refuse(...forbidding)
  const hours = minutesBetween(payload.fromAt, payload.untilAt) / 60
  if (hours <= 0 || !stands(payload.untilAt, now)) return refuse(finding('hold', 'permit.past', { untilIso: payload.untilAt }))
  if (hours > plan.atMostHours)
    return refuse(finding('hold', 'permit.too-long', { hours, atMostHours: plan.atMostHours }, ['permitPeriod']))
  return {
    events: [{ type: 'permit-requested', version: 1, payload: { ...codes, request: payload, plan, by, at } }],
    remarks: verdict.findings.filter(({ severity }) => severity === 'caution'),
  }
}

function act(permit: Permit, command: Exclude<PermitCommand, { type: 'permit.request' }>, context: PermitContext): Decision<PermitEvent> {
  const { at, by, now } = context
  const { phase } = permit
  switch (command.type) {
    case 'permit.see-to':
      return seeTo(permit, command.payload, context)
    case 'permit.read-gas':
      return readGas(permit, command.payload, context)
    case 'permit.authorise':
      return authorise(permit, command.payload, context)
    case 'permit.refuse':
      return phase === 'requested' || phase === 'precautions'
        ? one({ type: 'permit-refused', version: 1, payload: { ...command.payload, by, at } })
        : refuse(notIn(phase))
    case 'permit.revoke': {
      if (hasEnded(phase) || phase === 'watch' || phase === 'monitoring') return refuse(notIn(phase))
      const revoked: PermitEvent = { type: 'permit-revoked', version: 1, payload: { ...command.payload, by, at } }
      return { events: permit.firstArcAt === null ? [revoked] : [revoked, watchFrom(laterOf(permit.lastArcAt, at), 'revoked')] }
    }
    case 'permit.extend':
      return extend(permit, command.payload.untilAt, context)
    case 'permit.take-over':
      if (hasEnded(phase)) return refuse(notIn(phase))
      return signedByOther(permit, context) ?? one(done('permit-taken-over', context))
    case 'permit.take-post':
      return takePost(permit, context)
    case 'permit.leave-post':
      return leavePost(permit, context)
    case 'permit.relieve':
      return relieve(permit, command.payload.relievedId, context)
    case 'permit.start-work': {
      if (phase !== 'authorised') return refuse(notIn(phase))
      const closed = mayNotWork(permit, context)
      return closed.length > 0 ? refuse(...closed) : one(done('work-started', context))
    }
    case 'permit.round':
      return round(permit, command.payload.note ?? null, context)
    case 'permit.stop':
      return stop(permit, command.payload.cause, command.payload.note ?? null, context)
    case 'permit.resume': {
      const isBeforeWork = phase === 'requested' || phase === 'precautions'
      if (phase !== 'suspended' && !(isBeforeWork && isStopOpen(permit))) return refuse(notIn(phase))
      const unsigned = signedByOther(permit, context)
      if (unsigned) return unsigned
      if (command.payload.cleared.trim() === '') return refuse(finding('hold', 'permit.reason-needed', {}))
      // Before it was authorised, putting right what somebody stopped it for allows nothing yet.
      if (isBeforeWork) return one({ type: 'stop-cleared', version: 1, payload: { cleared: command.payload.cleared, by, at } })
      const closed = mayNotWork(permit, context)
      return closed.length > 0
        ? refuse(...closed)
        : one({ type: 'work-resumed', version: 1, payload: { cleared: command.payload.cleared, by, at } })
    }
    case 'permit.end-work': {
      if (phase !== 'working' && phase !== 'suspended') return { events: [], remarks: [notIn(phase)] }
      // Ended before any arc, there is nothing to watch: it is over as if it had been given back.
      if (permit.firstArcAt === null) return one({ type: 'permit-revoked', version: 1, payload: { reason: '', by, at } })
      return { events: [done('work-ended', context), watchFrom(watchedSince(permit, context), 'work-ended')] }
    }
    case 'permit.report-arc':
      return reportArc(permit, context)
    case 'permit.call-help': {
      const stops: readonly PermitEvent[]
        = phase === 'working' || phase === 'authorised'
          ? [stopped('fire-or-smoke', at, by)]
          : isOverOrWatched(phase)
            ? [watchFrom(at, 'trouble')]
            : []
      return { events: [done('help-called', context), ...stops] }
    }
    case 'permit.restore': {
      const { precaution } = command.payload
      if (!permit.plan.precautions.some(({ id, restore }) => id === precaution && restore))
        return { events: [], remarks: [finding('caution', 'permit.precaution-unknown', { precaution })] }
      const restored: PermitEvent = { type: 'precaution-restored', version: 1, payload: { precaution, by, at } }
      if (isOutrun(at, permit.seenTo[precaution]?.at)) return { events: [restored], remarks: [OUTRUN] }
      // Put back while sparks may fly, the place is no longer as it was signed.
      return { events: phase === 'working' || phase === 'authorised' ? [restored, stopped('conditions-changed', at, by)] : [restored] }
    }
    case 'permit.close':
      return close(permit, command.payload.despite ?? '', context)
    case 'permit.fall-due':
      return fallDue(permit, command.payload, now)
  }
}

/** The work is over, or was, or never began: whoever sees something now begins a watch. */
const isOverOrWatched = (phase: Permit['phase']): boolean => phase === 'watch' || phase === 'monitoring' || hasEnded(phase)
/** Somebody stopped it or called for help, and nobody has said what was put right. */
const isStopOpen = ({ suspension, isHelpOpen }: Permit): boolean => suspension !== null || isHelpOpen

/**
 * From when a watch counts whose beginning is told now: from the last arc, as far as somebody watched since then. Told late
 * it does not make a watch that nobody kept: what nobody watched was not watched.
 */
function watchedSince(permit: Permit, { at, now }: PermitContext): Instant {
  const fromAt = laterOf(permit.lastArcAt, at)
  if (minutesBetween(fromAt, now) <= permit.plan.gapMin) return fromAt
  const kept
    = coverMissingSince(permit) === null
      && permit.posts.filter(({ since }) => !isAfter(since, fromAt)).length >= permit.plan.watchers
      && permit.posts.every(({ heardAt }) => stands(minutesAfter(heardAt, permit.plan.roundEveryMin + permit.plan.gapMin), now))
  return kept ? laterOf(permit.coverMissingUntil, fromAt) : now
}

/** A signature by somebody who does not do the work; null when it is one. */
function signedByOther({ request: { operatorIds } }: Permit, { isSigned, by }: PermitContext): Decision<PermitEvent> | null {
  if (operatorIds.includes(by)) return refuse(finding('hold', 'permit.own-work', {}, ['ownWork']))
  return isSigned ? null : refuse(finding('hold', 'permit.signature-needed', {}))
}

function seeTo(
  permit: Permit,
  { precaution, how, reason }: PermitCommands['permit.see-to'],
  { by, at }: PermitContext,
): Decision<PermitEvent> {
  const planned = permit.plan.precautions.find(({ id }) => id === precaution)
  if (!planned) return { events: [], remarks: [finding('caution', 'permit.precaution-unknown', { precaution })] }
  if (how === 'justified' && (planned.mustBeDone || (reason ?? '').trim() === '')) {
    // To wave something through is asked for, not reported: it can be refused.
    return refuse(
      planned.mustBeDone
        ? finding('hold', 'permit.precaution-open', { precautions: [precaution], count: 1 })
        : finding('hold', 'permit.reason-needed', {}),
    )
  }
  const seen: PermitEvent = { type: 'precaution-seen-to', version: 1, payload: { precaution, how, reason: reason ?? null, by, at } }
  return isOutrun(at, permit.putBackAt[precaution]) ? { events: [seen], remarks: [OUTRUN] } : one(seen)
}

function readGas(permit: Permit, reading: PermitCommands['permit.read-gas'], { by, at }: PermitContext): Decision<PermitEvent> {
  const said = judgeGas(reading, permit.plan)
  const isWithin = said.every(({ severity }) => severity !== 'stop' && severity !== 'hold')
  const read: PermitEvent = { type: 'gas-read', version: 1, payload: { ...reading, by, at, isWithin } }
  const stops = !isWithin && (permit.phase === 'working' || permit.phase === 'authorised')
  return { events: stops ? [read, stopped('gas', at, by)] : [read], remarks: said }
}

/** Precautions nobody has seen to. */
export const openPrecautions = ({ plan, seenTo }: Permit): Permit['plan']['precautions'] =>
  plan.precautions.filter(({ id }) => seenTo[id] === undefined)

const sayOpen = (permit: Permit): readonly Finding[] => {
  const open = openPrecautions(permit)
  return open.length > 0 ? [finding('hold', 'permit.precaution-open', { precautions: open.map(({ id }) => id), count: open.length })] : []
}

function authorise(
  permit: Permit,
  { watcherIds, secondChannel, nearSeen }: PermitCommands['permit.authorise'],
  context: PermitContext,
): Decision<PermitEvent> {
  const { by, at, now, helpers, near, secondScreen, kit } = context
  const {
    phase,
    plan,
    request: { operatorIds },
  } = permit
  if (phase !== 'requested' && phase !== 'precautions') return refuse(notIn(phase))
  const unsigned = signedByOther(permit, context)
  if (unsigned) return unsigned
  const refused: Finding[] = []
  if (!stands(permit.untilAt, now)) refused.push(finding('hold', 'permit.past', { untilIso: permit.untilAt }))
  if (permit.suspension !== null) refused.push(finding('hold', 'permit.stop-open', { cause: permit.suspension.cause }))
  if (permit.isHelpOpen) refused.push(finding('stop', 'permit.help-open', {}))
  refused.push(...sayOpen(permit))
  refused.push(
    ...judgeGasTime(permit, now),
    ...judgePermitKit(kit, permit, now),
    ...mayNotWatch([...new Set(watcherIds)], helpers, operatorIds),
  )
  for (const { name, busyAt } of helpers.filter(({ personId }) => operatorIds.includes(personId) && !watcherIds.includes(personId)))
    if (busyAt !== null) refused.push(finding('hold', 'permit.watcher-busy', { name, where: busyAt }, ['usShipyardWatch']))
  const named = new Set(watcherIds).size
  if (named < plan.watchers)
    refused.push(finding('hold', 'permit.watchers-short', { named, needed: plan.watchers }, ['consensusWatchers']))
  const unseen = near.filter(({ permitId }) => !nearSeen.includes(permitId))
  if (unseen.length > 0)
    refused.push(
      finding('hold', 'permit.near', { codes: unseen.map(({ code }) => code), count: unseen.length }, ['neighbours']),
    )
  if ((secondChannel ?? '').trim() === '' && !secondScreen) refused.push(finding('hold', 'permit.no-second-channel', {}))
  if (refused.length > 0) return refuse(...refused)
  return one({
    type: 'permit-authorised',
    version: 1,
    payload: {
      by,
      at,
      watcherIds: [...new Set(watcherIds)],
      untilAt: permit.untilAt,
      secondChannel: (secondChannel ?? '').trim() === '' ? null : secondChannel,
      near: near.map(({ code }) => code),
    },
  })
}

/** Watchers have no other task: not the work itself, not another permit at that time, not a bay of their own. */
function mayNotWatch(watcherIds: readonly string[], helpers: readonly Helper[], operatorIds: readonly string[]): readonly Finding[] {
  const names = helpers.filter(({ personId }) => watcherIds.includes(personId) && operatorIds.includes(personId)).map(({ name }) => name)
  const found: Finding[] = names.length > 0 ? [finding('hold', 'permit.watcher-works', { names }, ['usShipyardWatch'])] : []
  for (const { personId, name, busyAt, bayId } of helpers.filter(({ personId }) => watcherIds.includes(personId))) {
    if (busyAt !== null) found.push(finding('hold', 'permit.watcher-busy', { name, where: busyAt }, ['usShipyardWatch']))
    if (bayId !== null && !operatorIds.includes(personId))
      found.push(finding('hold', 'permit.watcher-at-bay', { name, bayId }, ['usShipyardWatch']))
  }
  return found
}

/** Why no arc may be struck under this permit at this moment; empty when one may. */
function mayNotWork(permit: Permit, { now, kit, secondScreen }: PermitContext): readonly Finding[] {
  const found: Finding[] = [...sayOpen(permit)]
  if (isAfter(permit.request.fromAt, now)) found.push(finding('hold', 'permit.not-yet', { fromIso: permit.request.fromAt }))
  if (!stands(permit.untilAt, now)) found.push(finding('hold', 'permit.past', { untilIso: permit.untilAt }))
  if (permit.posts.length < permit.plan.watchers)
    found.push(
      finding('hold', 'permit.no-watch-on-post', { onPost: permit.posts.length, needed: permit.plan.watchers }, [
        'usWatch',
      ]),
    )
  else if (needsCover(permit) && !isCovered(permit))
    found.push(finding('hold', 'permit.no-watch-on-post', { onPost: 0, needed: permit.plan.watchers }, ['usWatch']))
  if (permit.secondChannel === null && !secondScreen) found.push(finding('hold', 'permit.no-second-channel', {}))
  return [...found, ...judgeGasTime(permit, now), ...judgePermitKit(kit, permit, now)]
}

function extend(permit: Permit, untilAt: Instant, context: PermitContext): Decision<PermitEvent> {
  const { phase, plan, request: { fromAt } } = permit
  if (phase !== 'authorised' && phase !== 'working' && phase !== 'suspended') return refuse(notIn(phase))
  const unsigned = signedByOther(permit, context)
  if (unsigned) return unsigned
  // What is over is asked for anew: it is walked and signed again.
  if (!stands(permit.untilAt, context.now)) return refuse(finding('hold', 'permit.over', { untilIso: permit.untilAt }))
  if (!isAfter(untilAt, permit.untilAt) || !stands(untilAt, context.now))
    return refuse(finding('hold', 'permit.past', { untilIso: untilAt }))
  const hours = minutesBetween(fromAt, untilAt) / 60
  if (hours > plan.atMostHours)
    return refuse(finding('hold', 'permit.too-long', { hours, atMostHours: plan.atMostHours }, ['permitPeriod']))
  const busy = mayNotWatch(permit.watchers.map(({ personId }) => personId), context.helpers, [])
  return busy.length > 0
    ? refuse(...busy)
    : one({ type: 'permit-extended', version: 1, payload: { untilAt, by: context.by, at: context.at } })
}

/** Whoever takes a post was named for it, or is named by taking it, and has no other task. */
function takePost(permit: Permit, { by, at, helpers }: PermitContext): Decision<PermitEvent> {
  const { phase, posts, request: { operatorIds }, watchers } = permit
  if (phase === 'requested' || phase === 'precautions' || phase === 'monitoring' || hasEnded(phase)) return refuse(notIn(phase))
  const self = helpers.find(({ personId }) => personId === by)
  if (!self) return refuse(finding('hold', 'command.person-unknown', { personId: by }))
  // Before and during the work it takes whoever was named, or a handover; a place left hot takes whoever comes.
  if ((phase === 'authorised' || phase === 'working') && !watchers.some(({ personId }) => personId === by))
    return refuse(finding('hold', 'permit.not-named-watcher', { name: self.name }))
  if (posts.some(({ personId }) => personId === by)) return { events: [] }
  const busy = mayNotWatch([by], helpers, operatorIds)
  if (busy.length > 0) return refuse(...busy)
  return { events: [{ type: 'post-taken', version: 1, payload: { personId: by, at } }, ...gapUntil(permit, at, posts.length + 1)] }
}

/** A gap in cover that ends now and was longer than the house allows begins the watch again. */
function gapUntil(permit: Permit, at: Instant, onPost: number): readonly PermitEvent[] {
  const { coverLostAt, plan, phase } = permit
  // Nobody has been on post since the work ended: that is a gap from its beginning.
  const since = coverLostAt ?? (phase === 'watch' && permit.posts.length < plan.watchers ? permit.watchFrom : null)
  if (phase !== 'watch' || since === null || onPost < plan.watchers) return []
  return minutesBetween(since, at) > plan.gapMin ? [watchFrom(at, 'gap')] : []
}

function leavePost(permit: Permit, { by, at }: PermitContext): Decision<PermitEvent> {
  if (!permit.posts.some(({ personId }) => personId === by)) return { events: [] }
  const left: PermitEvent = { type: 'post-left', version: 1, payload: { personId: by, at } }
  return {
    events: permit.phase === 'working' && permit.posts.length - 1 < permit.plan.watchers ? [left, stopped('watch-left', at, by)] : [left],
  }
}

/** The new watcher signs at the place while the old one is still there: no minute without cover. */
function relieve(permit: Permit, relievedId: string, context: PermitContext): Decision<PermitEvent> {
  const { by, at, helpers } = context
  const relieved = permit.posts.find(({ personId }) => personId === relievedId)
  if (!relieved)
    return refuse(
      finding('hold', 'permit.no-watch-on-post', { onPost: permit.posts.length, needed: permit.plan.watchers }, [
        'usWatch',
      ]),
    )
  if (!context.isSigned) return refuse(finding('hold', 'permit.signature-needed', {}))
  if (permit.posts.some(({ personId }) => personId === by))
    return refuse(finding('hold', 'permit.not-named-watcher', { name: helpers.find(({ personId }) => personId === by)?.name ?? '' }))
  const busy = mayNotWatch([by], helpers, permit.request.operatorIds)
  if (busy.length > 0) return refuse(...busy)
  return {
    events: [
      { type: 'watch-handed-over', version: 1, payload: { fromId: relievedId, toId: by, at } },
      ...silenceUntil(permit, relieved, at),
    ],
  }
}

/** What a silence comes to that ends now: nothing within the grace; past it a missed round, and the watch begins again. */
function silenceUntil(permit: Permit, { personId, heardAt }: Post, at: Instant): readonly PermitEvent[] {
  const fromAt = minutesAfter(heardAt, roundEveryMin(permit))
  if (!needsCover(permit) || !isAfter(at, minutesAfter(fromAt, permit.plan.gapMin))) return []
  const missed: PermitEvent = { type: 'round-missed', version: 1, payload: { personId, fromAt, untilAt: at } }
  // Heard of before the clock had said so: the work stops all the same.
  return permit.phase === 'watch'
    ? [missed, watchFrom(at, 'gap')]
    : permit.phase === 'working'
      ? [missed, stopped('round-overdue', at, personId)]
      : [missed]
}

function round(permit: Permit, note: string | null, { by, at }: PermitContext): Decision<PermitEvent> {
  const post = permit.posts.find(({ personId }) => personId === by)
  const walked: PermitEvent = { type: 'round-done', version: 1, payload: { by, at, note, onPost: post !== undefined } }
  const silence = post ? silenceUntil(permit, post, at) : []
  if (silence.length === 0) return { events: [walked] }
  const minutes = Math.ceil(minutesBetween(minutesAfter(post!.heardAt, roundEveryMin(permit)), at))
  return { events: [walked, ...silence], remarks: [finding('caution', 'permit.gap', { minutes }, ['coverGap'])] }
}

/** Anybody stops, in every phase. After the work, and after it was closed, it says that something is wrong, and the watch begins again. */
function stop(permit: Permit, cause: StopCauseId, note: string | null, { at, by }: PermitContext): Decision<PermitEvent> {
  const said = stopped(cause, at, by, note)
  return { events: isOverOrWatched(permit.phase) ? [said, watchFrom(at, 'trouble')] : [said] }
}

function reportArc(permit: Permit, { at, by }: PermitContext): Decision<PermitEvent> {
  const { phase } = permit
  const isLive = phase === 'working'
  const reported: PermitEvent = { type: 'arc-reported', version: 1, payload: { at, by, underPermit: isLive } }
  if (isLive) return one(reported)
  // A watch that runs begins again at the arc; everywhere else the place is stopped and the full watch begins.
  const events: readonly PermitEvent[]
    = phase === 'watch' || phase === 'monitoring'
      ? [reported, watchFrom(at, 'arc')]
      : [reported, stopped('arc-without-permit', at, by), watchFrom(at, 'arc')]
  return { events, remarks: [finding('stop', 'permit.arc-without-permit', { where: permit.request.place.where })] }
}

function close(permit: Permit, despite: string, context: PermitContext): Decision<PermitEvent> {
  const { phase, plan, restored, seenTo, visitsMissed } = permit
  if (phase !== 'monitoring') return refuse(notIn(phase))
  const unsigned = signedByOther(permit, context)
  if (unsigned) return unsigned
  const refused: Finding[] = []
  const endsAt = monitoringEndsAt(permit)!
  if (isAfter(endsAt, context.now)) refused.push(finding('hold', 'permit.monitoring-not-over', { untilIso: endsAt }))
  const isLastMissing = !hasLastLook(permit)
  const missedLooks = visitsMissed.length + (isLastMissing ? 1 : 0)
  // Nobody signs that nothing smoulders over looks that nobody made, unless they say so.
  if (missedLooks > 0 && despite.trim() === '') refused.push(finding('hold', 'permit.looks-missed', { count: missedLooks, isLastMissing }))
  const open = plan.precautions.filter(({ id, restore }) => restore && seenTo[id]?.how === 'done' && !restored.includes(id))
  if (open.length > 0)
    refused.push(
      finding('hold', 'permit.restore-open', { precautions: open.map(({ id }) => id), count: open.length }, ['detectors']),
    )
  if (refused.length > 0) return refuse(...refused)
  return one({
    type: 'permit-closed',
    version: 2,
    payload: { by: context.by, at: context.at, missedLooks, reason: missedLooks > 0 ? despite.trim() : null },
  })
}

/** A deadline counts only as long as it is still the one that the permit has: whoever woke late, or second, changes nothing. */
function fallDue(permit: Permit, { what, dueAt }: PermitCommands['permit.fall-due'], now: Instant): Decision<PermitEvent> {
  const still = permitDeadlines(permit).some(({ kind, dueAt: at }) => kind === what && msOf(at) === msOf(dueAt))
  if (!still || isAfter(dueAt, now)) return { events: [] }
  switch (what) {
    case 'round-due': return one({ type: 'round-came-due', version: 1, payload: { personId: nextRound(permit)!.personId, dueAt } })
    case 'round-overdue': {
      const { personId, heardAt, dueAt: cameDueAt } = nextRound(permit)!
      const overdue: PermitEvent = { type: 'round-overdue', version: 1, payload: { personId, sinceAt: heardAt, dueAt: cameDueAt } }
      return { events: permit.phase === 'working' ? [overdue, stopped('round-overdue', dueAt, 'clock')] : [overdue] }
    }
    case 'cover-missing': return one({ type: 'cover-missing', version: 1, payload: { sinceAt: coverMissingSince(permit)!, dueAt } })
    case 'gas-retest': {
      const overdue: PermitEvent = { type: 'gas-retest-overdue', version: 1, payload: { dueAt: gasRetestAt(permit)! } }
      return { events: permit.phase === 'working' ? [overdue, stopped('gas-retest-overdue', dueAt, 'clock')] : [overdue] }
    }
    case 'lapses': {
      const lapsed: PermitEvent = { type: 'permit-lapsed', version: 1, payload: { at: dueAt } }
      if (permit.firstArcAt === null) return one(lapsed)
      // While it was not heard, an arc may have burned on: what was reported after the lapse counts.
      const from = laterOf(permit.lastArcAt, dueAt)
      return { events: [lapsed, stopped('lapsed', dueAt, 'clock'), watchFrom(from, 'lapsed')] }
    }
    case 'watch-over': return one({ type: 'watch-over', version: 1, payload: { at: dueAt } })
    case 'visit-missed': return one({ type: 'visit-missed', version: 1, payload: { dueAt: nextVisitAt(permit)! } })
    case 'monitoring-over': return one({ type: 'monitoring-over', version: 1, payload: { at: dueAt } })
  }
}
