import { randomBytes } from 'node:crypto'
import type { CommandOf } from '#core/command/commands'
import type { Decision } from '#core/command/decision'
import { finding } from '#core/findings/finding'
import { decidePermit } from '#core/hotwork/decide-permit'
import type { PermitContext } from '#core/hotwork/decide-permit'
import { nearPermits } from '#core/hotwork/near-permits'
import { minutesAfter } from '#core/time/instant'
import type { Permit, PermitCommand, PermitEvent } from '#core/hotwork/permit'
import { planPermit, planWithoutPermit } from '#core/hotwork/permit-plan'
import { judgePermitKit } from '#core/hotwork/permit-readiness'
import { baysServed } from '#core/inspection/item'
import type { ItemState } from '#core/inspection/item'
import { itemFact } from '#core/inspection/item-fact'
import { tagIdOf } from '#core/tag'
import { listsInForce } from '#core/inspection/check-lists'
import { shopDayEndsAtMs, shopDayOf } from '#core/time/shop-day'
import { countScreens, readHelpers, readPermitItems, readPlacedPermits } from '../database/permit'
import { readCheckLists, readPlaces } from '../database/store'
import type { ThingRoom } from './decide-thing'
import type { Instant } from '#core/time/instant'

export const isPermitCommand = (command: CommandOf): command is Extract<CommandOf, PermitCommand> => command.type.startsWith('permit.')

/** Letters and figures that are not taken for one another when they are spoken or typed. */
const SPOKEN_LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789'

/** A short code to be typed, and the long one behind the paper's code. */
export function makeCodes(): PermitContext['codes'] {
  const short = [...randomBytes(6)].map(byte => SPOKEN_LETTERS[byte % SPOKEN_LETTERS.length]).join('')
  return { code: `HW-${short}`, token: randomBytes(24).toString('base64url') }
}

/** Which of the context a command asks about; the rest is not read. */
const ASKS_KIT: ReadonlySet<PermitCommand['type']> = new Set(['permit.authorise', 'permit.start-work', 'permit.resume'])
const ASKS_PEOPLE: ReadonlySet<PermitCommand['type']> = new Set(['permit.authorise', 'permit.extend', 'permit.take-post', 'permit.relieve'])

/** Decides on a permit with what is known around it: who is free, what is near, which screens are heard, what stands ready. */
export async function decideOnPermit(room: ThingRoom & { readonly now: Instant, readonly isSigned: boolean, readonly by: string }, permitId: string, permit: Permit | null, command: PermitCommand): Promise<Decision<PermitEvent>> {
  const { db, caller: { siteId, actor, holder }, site, rules, at, now, isSigned } = room
  if (command.type === 'permit.authorise' && rules.authorisingRule === 'lead-only' && holder !== 'system' && !holder.roles.includes('safety-lead')) {
    return { refused: [finding('hold', 'command.not-allowed', { right: 'authorise-permit', roles: holder.roles })] }
  }
  if (command.type === 'permit.request' || command.type === 'permit.report-arc') {
    const { bayId, placeId } = command.payload.place
    if (bayId !== null && !site.bays.some(bay => bay.bayId === bayId && !bay.closed)) return { refused: [finding('hold', 'command.bay-unknown', { bayId })] }
    if (placeId !== null && !(await readPlaces(db, siteId)).some(place => place.placeId === placeId)) return { refused: [finding('hold', 'kit.assigned-nowhere', { id: placeId })] }
  }
  const by = command.type === 'permit.round' && actor.kind === 'device' ? actor.forPersonId ?? room.by : room.by
  const { helpers, unknown } = await helpersFor(room, permitId, permit, command, by)
  if (unknown !== null) return { refused: [finding('hold', 'command.person-unknown', { personId: unknown })] }
  return decidePermit(permit, command, {
    at, now, by, isSigned, codes: makeCodes(), helpers,
    asked: command.type === 'permit.request' ? planPermit(command.payload, rules) : null,
    planWithout: planWithoutPermit(rules),
    near: command.type === 'permit.authorise' && permit ? await nearTo(room, permitId, permit) : [],
    secondScreen: ASKS_KIT.has(command.type) ? await countScreens(db, siteId, now) >= 2 : false,
    kit: ASKS_KIT.has(command.type) && permit ? await kitOf(room, permitId, permit) : [],
  })
}

async function helpersFor({ db, caller: { siteId }, at }: ThingRoom, permitId: string, permit: Permit | null, command: PermitCommand, by: string): Promise<{ readonly helpers: PermitContext['helpers'], readonly unknown: string | null }> {
  if (command.type === 'permit.request') {
    const ids = [...new Set(command.payload.operatorIds)]
    const known = await readHelpers(db, siteId, permitId, ids, at, minutesAfter(at, 1))
    return { helpers: known, unknown: ids.find(id => !known.some(({ personId }) => personId === id)) ?? null }
  }
  if (!permit || !ASKS_PEOPLE.has(command.type)) return { helpers: [], unknown: null }
  const { plan: { afterMin }, request, watchers } = permit
  const asked = (ids: readonly string[], from: string, until: Instant) => readHelpers(db, siteId, permitId, [...new Set(ids)], from, until)
  switch (command.type) {
    case 'permit.authorise': {
      const helpers = await asked([...command.payload.watcherIds, ...request.operatorIds], request.fromAt, minutesAfter(permit.untilAt, afterMin))
      return { helpers, unknown: command.payload.watcherIds.find(id => !helpers.some(({ personId }) => personId === id)) ?? null }
    }
    case 'permit.extend': return { helpers: await asked(watchers.map(({ personId }) => personId), permit.untilAt, minutesAfter(command.payload.untilAt, afterMin)), unknown: null }
    // Whoever takes over now is kept free until the watch would end.
    case 'permit.relieve': return { helpers: await asked([by], at, minutesAfter(permit.untilAt > at ? permit.untilAt : at, afterMin)), unknown: null }
    default: return { helpers: await asked([by], at, minutesAfter(at, 1)), unknown: null }
  }
}

async function nearTo({ db, caller: { siteId } }: ThingRoom, permitId: string, permit: Permit): Promise<PermitContext['near']> {
  const all = await readPlacedPermits(db, siteId)
  const one = all.find(other => other.permitId === permitId) ?? { permitId, permit, place: null }
  return nearPermits(one, all).map(other => ({ permitId: other.permitId, code: other.permit.code }))
}

async function kitOf({ db, caller: { siteId }, site, rules, now }: ThingRoom & { readonly now: Instant }, permitId: string, { request: { place } }: Permit, after: ReadonlyMap<string, ItemState | null> = new Map()): Promise<PermitContext['kit']> {
  const [kept, { lists }] = [await readPermitItems(db, siteId, permitId, place.bayId), await readCheckLists(db, siteId)]
  const items = kept.flatMap((item) => {
    const changed = after.get(tagIdOf(item.tag))
    return changed === undefined ? [item] : changed !== null && servesPermit(changed, permitId, place.bayId) ? [changed] : []
  })
  const nowMs = Date.parse(now)
  const today = shopDayOf(nowMs, site.timeZone, rules.shopDayHour)
  const dayEnds = new Date(shopDayEndsAtMs(nowMs, site.timeZone, rules.shopDayHour)).toISOString()
  return items.map(item => itemFact(item, listsInForce(lists), today, dayEnds))
}

const servesPermit = ({ assignment, isRetired, kind }: ItemState, permitId: string, bayId: string | null): boolean =>
  !isRetired && (assignment?.to === 'permit' ? assignment.id === permitId : assignment?.to === 'bay' && bayId !== null && kind === 'extinguisher' && baysServed(assignment).includes(bayId))

/** Does a permit still have the kit it rests on, once these things are as they are about to be? */
export async function hasItsKit(room: ThingRoom, { permitId, permit, now, after }: { readonly permitId: string, readonly permit: Permit, readonly now: Instant, readonly after: ReadonlyMap<string, ItemState | null> }): Promise<boolean> {
  return judgePermitKit(await kitOf({ ...room, now }, permitId, permit, after), permit, now).every(({ severity }) => severity !== 'hold' && severity !== 'stop')
}
