import type { CommandOf } from '#core/command/commands'
import type { Decision } from '#core/command/decision'
import type { CylinderCommand, CylinderEvent, CylinderState } from '#core/cylinder/cylinder'
import { decideCylinder } from '#core/cylinder/decide-cylinder'
import type { Finding } from '#core/findings/finding'
import { finding } from '#core/findings/finding'
import { hasEnded } from '#core/hotwork/permit-end'
import type { HouseRules } from '#core/houserules/house-rules'
import { checkList } from '#core/inspection/check-lists'
import { decideItem } from '#core/inspection/decide-item'
import type { Assignment, ItemCommand, ItemEvent, ItemState } from '#core/inspection/item'
import { baysServed } from '#core/inspection/item'
import type { Site } from '#core/site/site'
import { shownTag } from '#core/tag'
import type { CompetenceId } from '#core/ids/vocabulary'
import type { Queryable } from '../database/connection'
import { readPermit } from '../database/permit'
import { readPerson } from '../database/person'
import { readJobAt } from '../database/station'
import { readCheckLists, readPlaces } from '../database/store'
import type { Caller } from './caller'
import type { Instant } from '#core/time/instant'

/** What deciding on a thing or a cylinder takes from around it. */
export interface ThingRoom {
  readonly db: Queryable
  readonly caller: Caller
  readonly site: Site
  readonly rules: HouseRules
  readonly at: Instant
  readonly shopDay: string
  readonly dayEnds: Instant
}

type AnyCommand = CommandOf
export const isItemCommand = (command: AnyCommand): command is Extract<AnyCommand, ItemCommand> => command.type.startsWith('item.')
export const isCylinderCommand = (command: AnyCommand): command is Extract<AnyCommand, CylinderCommand> => command.type.startsWith('cylinder.')

/** Named competent for a kind, or the safety lead. The system itself acts for whoever made it act. */
async function isCompetentFor({ db, caller: { siteId, actor, holder } }: ThingRoom, kind: CompetenceId): Promise<boolean> {
  if (holder === 'system' || holder.roles.includes('safety-lead')) return true
  if (actor.kind !== 'person') return false
  return (await readPerson(db, siteId, actor.personId))?.competences.includes(kind) ?? false
}

/** Why nothing can be given to this place, person, bay or permit; null when it can. */
async function refuseAssignment({ db, caller: { siteId }, site }: ThingRoom, assignment: Assignment): Promise<Finding | null> {
  if (assignment === null) return null
  const { to, id } = assignment
  if (to === 'bay') {
    const missing = baysServed(assignment).find(wanted => !site.bays.some(({ bayId, closed }) => bayId === wanted && !closed))
    return missing === undefined ? null : finding('hold', 'kit.assigned-nowhere', { id: missing })
  }
  const isThere = to === 'person' ? await readPerson(db, siteId, id).then(person => person !== null && !person.hasLeft)
    : to === 'place' ? (await readPlaces(db, siteId)).some(({ placeId }) => placeId === id)
      : await readPermit(db, siteId, id).then(kept => kept !== null && !hasEnded(kept.permit.phase))
  return isThere ? null : finding('hold', 'kit.assigned-nowhere', { id })
}

export async function decideOnItem(room: ThingRoom, tagId: string, state: ItemState | null, command: ItemCommand): Promise<Decision<ItemEvent>> {
  if (command.type === 'item.assign') {
    const refused = await refuseAssignment(room, command.payload.assignment)
    if (refused) return { refused: [refused] }
  }
  const asksCompetence = command.type === 'item.inspect' || command.type === 'item.release'
  return decideItem(state, command, {
    tag: shownTag(tagId), shopDay: room.shopDay, at: room.at,
    list: command.type === 'item.inspect' ? checkList((await readCheckLists(room.db, room.caller.siteId)).lists, command.payload.listId) : null,
    isCompetent: asksCompetence && state !== null && await isCompetentFor(room, state.kind),
  })
}

export async function decideOnCylinder(room: ThingRoom, tagId: string, state: CylinderState | null, command: CylinderCommand): Promise<Decision<CylinderEvent>> {
  const to: Assignment = command.type === 'cylinder.connect' ? { to: 'bay', id: command.payload.bayId }
    : command.type === 'cylinder.place' ? { to: 'place', id: command.payload.placeId }
      : command.type === 'cylinder.receive' ? { to: 'place', id: command.payload.place.placeId } : null
  const refused = await refuseAssignment(room, to)
  if (refused) return { refused: [refused] }
  const isNamed = command.type === 'cylinder.release' || command.type === 'cylinder.withdraw-tag'
  return decideCylinder(state, command, {
    tag: shownTag(tagId), at: room.at, checksValidUntil: room.dayEnds, rules: room.rules, isCompetent: isNamed && await isCompetentFor(room, 'cylinder'),
    place: to?.to === 'place' ? (await readPlaces(room.db, room.caller.siteId)).find(({ placeId }) => placeId === to.id)?.place ?? null : null,
    job: command.type === 'cylinder.connect' ? await readJobAt(room.db, room.caller.siteId, command.payload.bayId) : null,
  })
}
