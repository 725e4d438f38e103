import type { Instant } from '../../time/instant'
import { isOutrun, newest } from '../../time/late-reports'
import { pointKey } from '../../hotwork/gas-points'
import type { GasReading, Permit, PermitEvent, PermitPlan, PermitRequest, Post } from './permit'
import { isBeforeWatch } from './permit-end'
import { laterOf } from '../../time/instant'
import { DANGER_CAUSES } from '../../ids/hotwork-ids'

/** The permit after an event. Pure: the same events always give the same permit. */
export function evolvePermit(permit: Permit | null, event: PermitEvent): Permit | null {
  if (event.type === 'permit-requested') {
    const { code, token, request, plan, by } = event.payload
    return { ...fresh(code, token, request, plan, by), phase: 'requested' }
  }
  if (event.type === 'arc-found') {
    const { code, token, place, plan, by, at } = event.payload
    const request: PermitRequest = {
      place,
      facts: {},
      job: { what: '', process: 'smaw' },
      conditions: {},
      operatorIds: [],
      fromAt: at,
      untilAt: at,
    }
    return { ...fresh(code, token, request, plan, by), phase: 'watch', firstArcAt: at, lastArcAt: at }
  }
  if (!permit) return null
  switch (event.type) {
    case 'precaution-seen-to': {
      const { precaution, ...seen } = event.payload
      if (isOutrun(seen.at, permit.putBackAt[precaution])) return permit
      // Done again, it has to be put back again.
      return {
        ...permit,
        phase: permit.phase === 'requested' ? 'precautions' : permit.phase,
        seenTo: { ...permit.seenTo, [precaution]: seen },
        restored: permit.restored.filter(id => id !== precaution),
      }
    }
    case 'gas-read':
      return gasRead(permit, event.payload)
    case 'permit-authorised': {
      const { watcherIds, untilAt, secondChannel, by, at } = event.payload
      return {
        ...permit,
        phase: 'authorised',
        watchers: watcherIds.map(personId => ({ personId, fromAt: permit.request.fromAt })),
        untilAt,
        secondChannel,
        authorisedBy: by,
        authorisedAt: at,
      }
    }
    case 'permit-refused':
      return { ...permit, phase: 'refused', endReason: event.payload.reason, endedAt: event.payload.at }
    // Once an arc was struck the way out leads through the watch: the phase is set by the watch that begins.
    case 'permit-revoked':
      return permit.firstArcAt === null
        ? { ...permit, phase: 'revoked', endReason: event.payload.reason, endedAt: event.payload.at, ...released }
        : { ...permit, endReason: event.payload.reason }
    case 'permit-lapsed':
      return permit.firstArcAt === null ? { ...permit, phase: 'lapsed', endedAt: event.payload.at, ...released } : permit
    case 'permit-extended':
      return { ...permit, untilAt: event.payload.untilAt }
    case 'permit-taken-over':
      return { ...permit, authorisedBy: event.payload.by }
    case 'post-taken':
      return {
        ...covered(withPost(permit, event.payload.personId, event.payload.at), event.payload.at),
        overdue: permit.overdue?.personId === event.payload.personId ? null : permit.overdue,
      }
    case 'post-left':
      return uncovered(
        {
          ...permit,
          posts: permit.posts.filter(({ personId }) => personId !== event.payload.personId),
          overdue: permit.overdue?.personId === event.payload.personId ? null : permit.overdue,
        },
        event.payload.at,
      )
    case 'watch-handed-over': {
      const { fromId, toId, at } = event.payload
      const relieved = {
        ...permit,
        posts: permit.posts.filter(({ personId }) => personId !== fromId),
        overdue: permit.overdue?.personId === fromId ? null : permit.overdue,
      }
      return {
        ...covered(withPost(relieved, toId, at), at),
        watchers: [...permit.watchers.filter(({ personId }) => personId !== fromId && personId !== toId), { personId: toId, fromAt: at }],
      }
    }
    case 'work-started':
      return {
        ...permit,
        phase: 'working',
        firstArcAt: permit.firstArcAt ?? event.payload.at,
        lastArcAt: laterOf(permit.lastArcAt, event.payload.at),
        posts: heardFrom(permit.posts, event.payload.at),
      }
    case 'work-stopped': {
      const { cause, note, at, by } = event.payload
      const stands = permit.phase === 'working' || permit.phase === 'authorised'
      // The first cause stands until somebody clears it, and one of danger before any other.
      const speaks = stands || permit.suspension === null || (DANGER_CAUSES.has(cause) && !DANGER_CAUSES.has(permit.suspension.cause))
      return {
        ...permit,
        phase: stands ? 'suspended' : permit.phase,
        suspension: speaks ? { cause, note, at, by } : permit.suspension,
        lastArcAt: permit.phase === 'working' ? laterOf(permit.lastArcAt, at) : permit.lastArcAt,
      }
    }
    case 'stop-cleared':
      return { ...permit, suspension: null, isHelpOpen: false }
    case 'work-resumed':
      return {
        ...permit,
        phase: permit.firstArcAt === null ? 'authorised' : 'working',
        suspension: null,
        isHelpOpen: false,
        lastArcAt: permit.firstArcAt === null ? null : laterOf(permit.lastArcAt, event.payload.at),
      }
    case 'work-ended':
      return permit.phase === 'working' ? { ...permit, lastArcAt: laterOf(permit.lastArcAt, event.payload.at) } : permit
    case 'watch-began':
      return {
        ...permit,
        phase: 'watch',
        watchFrom: laterOf(permit.watchFrom, event.payload.fromAt),
        watchOverAt: null,
        lastVisitAt: null,
        visitMissedFor: null,
        visitsMissed: [],
        monitoringOverAt: null,
        endedAt: null,
        closing: null,
        suspension: event.payload.because === 'work-ended' ? null : permit.suspension,
      }
    case 'round-done': {
      const { by, at, onPost } = event.payload
      const visited = permit.phase === 'monitoring' ? { lastVisitAt: laterOf(permit.lastVisitAt, at) } : {}
      if (!onPost) return { ...permit, ...visited }
      const posts = permit.posts.map(post => (post.personId === by ? { ...post, heardAt: laterOf(post.heardAt, at) } : post))
      return { ...permit, ...visited, posts, overdue: permit.overdue?.personId === by ? null : permit.overdue }
    }
    case 'round-came-due':
      return { ...permit, roundSaidFor: event.payload.dueAt }
    case 'round-overdue':
      return { ...permit, overdue: { personId: event.payload.personId, sinceAt: event.payload.sinceAt, cameDueAt: event.payload.dueAt } }
    case 'round-missed':
      return { ...permit, coverMissingUntil: laterOf(permit.coverMissingUntil, event.payload.untilAt) }
    case 'cover-missing':
      return { ...permit, coverSaidFor: laterOf(permit.coverSaidFor, event.payload.dueAt) }
    case 'arc-reported':
      return { ...permit, firstArcAt: permit.firstArcAt ?? event.payload.at, lastArcAt: laterOf(permit.lastArcAt, event.payload.at) }
    case 'watch-over':
      return { ...permit, phase: 'monitoring', watchOverAt: event.payload.at, isHelpOpen: false, ...released }
    case 'visit-missed':
      return { ...permit, visitMissedFor: event.payload.dueAt, visitsMissed: [...permit.visitsMissed, event.payload.dueAt] }
    case 'monitoring-over':
      return { ...permit, monitoringOverAt: event.payload.at }
    case 'gas-retest-overdue':
      return { ...permit, retestSaidFor: event.payload.dueAt }
    case 'help-called':
      return { ...permit, help: event.payload, isHelpOpen: true }
    case 'precaution-restored': {
      const { precaution, at } = event.payload
      if (isOutrun(at, permit.seenTo[precaution]?.at)) return permit
      const { [precaution]: _undone, ...others } = permit.seenTo
      return {
        ...permit,
        restored: [...new Set([...permit.restored, precaution])],
        putBackAt: { ...permit.putBackAt, [precaution]: laterOf(permit.putBackAt[precaution] ?? null, at) },
        // Put back before the work has ended, it protects nothing any more: it is open again.
        seenTo: isBeforeWatch(permit.phase) ? others : permit.seenTo,
      }
    }
    case 'permit-closed': {
      const { by, at, missedLooks, reason } = event.payload
      return { ...permit, phase: 'closed', endedAt: at, closing: { by, missedLooks, reason }, ...released }
    }
  }
}

/** A reading speaks for its own point. One that comes later than a newer one of that point changes nothing there. */
function gasRead(permit: Permit, reading: GasReading): Permit {
  const point = pointKey(reading.point)
  const gasByPoint = { ...permit.gasByPoint, [point]: newest(permit.gasByPoint[point] ?? null, reading)! }
  const isNews = !isOutrun(reading.at, permit.gas?.at)
  return { ...permit, gasByPoint, wasGasOut: permit.wasGasOut || !reading.isWithin, ...isNews ? { gas: reading, retestSaidFor: null } : {} }
}

const fresh = (code: string, token: string, request: PermitRequest, plan: PermitPlan, requestedBy: string): Omit<Permit, 'phase'> => ({
  code,
  token,
  request,
  plan,
  requestedBy,
  seenTo: {},
  gas: null,
  gasByPoint: {},
  wasGasOut: false,
  authorisedBy: null,
  authorisedAt: null,
  watchers: [],
  secondChannel: null,
  untilAt: request.untilAt,
  posts: [],
  stoodWatch: [],
  coverLostAt: null,
  coverMissingUntil: null,
  coverSaidFor: null,
  overdue: null,
  roundSaidFor: null,
  firstArcAt: null,
  lastArcAt: null,
  suspension: null,
  watchFrom: null,
  watchOverAt: null,
  lastVisitAt: null,
  visitMissedFor: null,
  visitsMissed: [],
  monitoringOverAt: null,
  retestSaidFor: null,
  restored: [],
  putBackAt: {},
  help: null,
  isHelpOpen: false,
  endReason: null,
  endedAt: null,
  closing: null,
})

/** Nobody is kept any longer: a watch that begins again takes whoever comes. */
const released = { posts: [], watchers: [], coverLostAt: null, overdue: null } as const

const heardFrom = (posts: readonly Post[], at: Instant): readonly Post[] =>
  posts.map(post => ({ ...post, heardAt: laterOf(post.heardAt, at) }))
const withPost = (permit: Permit, personId: string, at: Instant): Permit => ({
  ...permit,
  posts: [...permit.posts.filter(post => post.personId !== personId), { personId, since: at, heardAt: at }],
  stoodWatch: [...new Set([...permit.stoodWatch, personId])],
})
/** Enough on post again: the gap is over, and that there was one stays known. */
const covered = (permit: Permit, at: Instant): Permit =>
  permit.posts.length < permit.plan.watchers
    ? permit
    : {
        ...permit,
        coverLostAt: null,
        coverMissingUntil: permit.coverLostAt === null ? permit.coverMissingUntil : laterOf(permit.coverMissingUntil, at),
      }
/** Fewer on post than it takes: from when, unless it was so already. */
const uncovered = (permit: Permit, at: Instant): Permit =>
  permit.posts.length >= permit.plan.watchers ? permit : { ...permit, coverLostAt: permit.coverLostAt ?? at }
