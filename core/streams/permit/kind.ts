import type { Finding } from '../../findings/finding'
import { finding } from '../../findings/finding'
import { nearPermits } from '../../hotwork/near-permits'
import { planPermit, planWithoutPermit } from '../../hotwork/permit-plan'
import { laterOf, minutesAfter } from '../../time/instant'
import type { Asked, Asks } from '../asks'
import { refuseClosedBay } from '../bay-ids'
import { actorWord } from '../scene'
import type { Scene } from '../scene'
import { NOWHERE, report, request } from '../stream-kind'
import type { StreamKind, Touched } from '../stream-kind'
import { decidePermit } from './decide-permit'
import type { PermitContext } from './decide-permit'
import { evolvePermit } from './evolve-permit'
import { isOwnPermit } from './named-in'
import { PERMIT_DEADLINES, upcastPermit } from './permit'
import type { Permit, PermitCommand, PermitEvent, PermitPlace } from './permit'
import { permitDeadlines } from './permit-deadlines'
import { permitKitFacts } from './permit-kit'
import { permitNews } from './permit-news'

/** What the id of a permit may be: made where it was asked for. */
const PERMIT_ID = /^[a-z0-9][a-z0-9-]{0,63}$/

type Type = PermitCommand['type']
type Command<Of extends Type> = Extract<PermitCommand, { readonly type: Of }>

/** The place that a command names, where no permit stands yet. */
const placeNamedBy = (command: PermitCommand): PermitPlace | null =>
  command.type === 'permit.request' || command.type === 'permit.report-arc' ? command.payload.place : null

/** The bay that a permit is for: as it stands, or as this command would have it. */
function touches(permit: Permit | null, command: PermitCommand): Touched {
  const bayId = (permit ? permit.request.place : placeNamedBy(command))?.bayId ?? null
  return { bayIds: bayId === null ? [] : [bayId] }
}

/** Who acts, for a permit: a device on which somebody was signed in walks their rounds. */
const byOf = ({ actor }: Scene, { type }: PermitCommand): string =>
  (type === 'permit.round' && actor.kind === 'device' ? actor.forPersonId : undefined) ?? actorWord(actor)

const asksPlace = (command: PermitCommand): Asks => {
  const placeId = placeNamedBy(command)?.placeId ?? null
  return { codes: true, ...(placeId === null ? {} : { places: [placeId] }) }
}
/** Kit and screens are asked for where work is allowed to begin, or to go on. */
const asksReadiness = (permit: Permit | null, _command: PermitCommand, { id }: Scene): Asks => ({
  screens: true,
  ...(permit ? { lists: true, permitKit: { permitId: id, bayId: permit.request.place.bayId } } : {}),
})
/** Whoever takes a post now is asked about now. */
const asksWhoComes = (permit: Permit | null, command: PermitCommand, scene: Scene): Asks =>
  permit ? { helpers: { personIds: [byOf(scene, command)], fromAt: scene.at, untilAt: minutesAfter(scene.at, 1) } } : {}

const requested = request<Permit | null, Command<'permit.request'>>('request-permit', {
  touches,
  asks: (_permit, command, { at }) => ({
    ...asksPlace(command),
    helpers: { personIds: [...new Set(command.payload.operatorIds)], fromAt: at, untilAt: minutesAfter(at, 1) },
  }),
})
const authorised = request<Permit | null, Command<'permit.authorise'>>('authorise-permit', {
  touches,
  asks(permit, command, scene) {
    if (!permit) return { screens: true }
    const {
      request: {
        fromAt,
        operatorIds,
        place: { placeId },
      },
      untilAt,
      plan: { afterMin, radiusM },
    } = permit
    const personIds = [...new Set([...command.payload.watcherIds, ...operatorIds])]
    return {
      ...asksReadiness(permit, command, scene),
      nearPermits: { placeId, radiusM },
      helpers: { personIds, fromAt, untilAt: minutesAfter(untilAt, afterMin) },
    }
  },
})
const extended = request<Permit | null, Command<'permit.extend'>>('authorise-permit', {
  touches,
  asks: (permit, { payload }) =>
    permit
      ? {
          helpers: {
            personIds: permit.watchers.map(({ personId }) => personId),
            fromAt: permit.untilAt,
            untilAt: minutesAfter(payload.untilAt, permit.plan.afterMin),
          },
        }
      : {},
})
const relieved = request<Permit | null, Command<'permit.relieve'>>('stand-watch', {
  touches,
  // Whoever takes over now is kept free until the watch would end.
  asks: (permit, command, scene) =>
    permit
      ? {
          helpers: {
            personIds: [byOf(scene, command)],
            fromAt: scene.at,
            untilAt: minutesAfter(laterOf(permit.untilAt, scene.at), permit.plan.afterMin),
          },
        }
      : {},
})

/** Why a command is refused by what is around the permit, before its own rules are asked; null when it is not. */
function refuseAround(permit: Permit | null, command: PermitCommand, { rules, holder, site, answer }: Asked): Finding | null {
  if (
    command.type === 'permit.authorise'
    && rules.authorisingRule === 'lead-only'
    && holder !== 'system'
    && !holder.roles.includes('safety-lead')
  ) {
    return finding('hold', 'command.not-allowed', { right: 'authorise-permit', roles: holder.roles })
  }
  const closed = ASKS_READINESS.has(command.type) ? refuseClosedBay(permit?.request.place.bayId ?? null, site) : null
  if (closed) return closed
  const place = placeNamedBy(command)
  if (place) {
    const { bayId, placeId } = place
    // An arc that was struck where nothing is in use is heard all the same.
    const isReport = command.type === 'permit.report-arc'
    if (bayId !== null && !site.bays.some(bay => bay.bayId === bayId && (isReport || !bay.closed)))
      return finding('hold', 'command.bay-unknown', { bayId })
    if (placeId !== null && !answer('places')[placeId]) return finding('hold', 'kit.assigned-nowhere', { id: placeId })
  }
  const named
    = command.type === 'permit.request'
      ? command.payload.operatorIds
      : command.type === 'permit.authorise' && permit
        ? command.payload.watcherIds
        : []
  const unknown = named.find(id => !answer('helpers').some(({ personId }) => personId === id))
  return unknown === undefined ? null : finding('hold', 'command.person-unknown', { personId: unknown })
}

/** Other permits that are near this one and at the same time. */
function nearTo(permitId: string, permit: Permit, all: Asked['answer']): PermitContext['near'] {
  const placed = all('nearPermits')
  const own = placed.find(other => other.permitId === permitId) ?? { permitId, permit, place: null }
  return nearPermits(own, placed).map(other => ({ permitId: other.permitId, code: other.permit.code }))
}

const ASKS_READINESS: ReadonlySet<Type> = new Set(['permit.authorise', 'permit.start-work', 'permit.resume'])
const ASKS_HELPERS: ReadonlySet<Type> = new Set([
  'permit.request',
  'permit.authorise',
  'permit.extend',
  'permit.take-post',
  'permit.relieve',
])
const NO_CODES: PermitContext['codes'] = { code: '', token: '' }

/** A permit to weld or cut where things burn, with its watch. */
export const permitKind: StreamKind<'permit', Permit | null, PermitEvent, PermitCommand> = {
  id: 'permit',
  initial: null,
  evolve: evolvePermit,
  newestVersions: { 'permit-closed': 2 },
  upcast: ({ type, typeVersion, payload }) => upcastPermit(type, typeVersion, payload),
  commands: {
    'permit.request': requested,
    'permit.see-to': report('work-permit', { touches }),
    'permit.read-gas': report('work-permit', { touches }),
    'permit.authorise': authorised,
    'permit.refuse': request('authorise-permit', { touches }),
    'permit.revoke': request('authorise-permit', { touches }),
    'permit.extend': extended,
    'permit.take-over': request('authorise-permit', { touches }),
    // Whoever is named takes a post; one left hot takes whoever comes: the decision asks which it is.
    'permit.take-post': request('stand-watch', { touches, asks: asksWhoComes }),
    'permit.leave-post': report('work-permit', { touches }),
    // Whoever comes to relieve was not named before: the decision asks whether they are free.
    'permit.relieve': relieved,
    'permit.start-work': request('work-permit', { touches, asks: asksReadiness }),
    'permit.round': report('work-permit', { touches }),
    // Stop, an arc and a call for help wait for nobody's rights.
    'permit.stop': report('stop', { touches }),
    'permit.resume': request('reopen-permit', { touches, asks: asksReadiness }),
    'permit.end-work': report('work-permit', { touches }),
    'permit.report-arc': report('stop', { touches, asks: (_permit, command) => asksPlace(command) }),
    'permit.call-help': report('stop', { touches }),
    'permit.restore': report('work-permit', { touches }),
    'permit.close': request('authorise-permit', { touches }),
    'permit.fall-due': report('stop', { touches }),
  },
  decide(permit, command, asked) {
    const refused = refuseAround(permit, command, asked)
    if (refused) return { refused: [refused] }
    const { id, at, now, rules, isSigned, answer } = asked
    const asksReady = ASKS_READINESS.has(command.type)
    return decidePermit(permit, command, {
      at,
      now,
      by: byOf(asked, command),
      isSigned,
      codes: placeNamedBy(command) ? answer('codes') : NO_CODES,
      helpers: ASKS_HELPERS.has(command.type) && (permit || command.type === 'permit.request') ? answer('helpers') : [],
      asked: command.type === 'permit.request' ? planPermit(command.payload, rules) : null,
      planWithout: planWithoutPermit(rules),
      near: command.type === 'permit.authorise' && permit ? nearTo(id, permit, answer) : [],
      secondScreen: asksReady && answer('screens') >= 2,
      kit: asksReady && permit ? permitKitFacts(answer('permitKit'), answer('lists'), asked, now) : [],
    })
  },
  refuseId: permitId => (PERMIT_ID.test(permitId) ? null : finding('hold', 'command.unknown-stream', { streamId: `permit/${permitId}` })),
  placeOf: (permit, command, { actor }) => ({ ...NOWHERE, isOwnPermit: permit !== null && isOwnPermit(permit, actor, command.type) }),
  clock: {
    dueOf: permit => (permit ? permitDeadlines(permit) : []),
    commandFor({ kind, dueAt }) {
      const what = PERMIT_DEADLINES.find(one => one === kind)
      return what ? { type: 'permit.fall-due', payload: { what, dueAt } } : null
    },
  },
  news: permitNews,
}
