import type { Finding } from '../../findings/finding'
import { finding } from '../../findings/finding'
import { shownTag, TAG_PATTERN } from '../../ids/tag'
import type { Place } from '../../rights/rights'
import { askWhereTo, refuseAssignment, touchedByUse } from '../assignable'
import { checkList } from '../check-lists/check-lists'
import { askWhoActs, isCompetentFor } from '../competent'
import { isOwnPermit } from '../permit/named-in'
import { shopDayAt } from '../scene'
import type { Scene } from '../scene'
import { asLanded, NOWHERE, placeOfBay, report, request } from '../stream-kind'
import type { News, Reaching, StreamKind, StreamEvent, Touched, Touching } from '../stream-kind'
import { decideKitItem, newItemOf } from './decide-kit-item'
import { baysServed, evolveKitItem } from './kit-item'
import type { Assignment, KitItem, KitItemCommand, KitItemEvent } from './kit-item'

/** Where a command puts a thing. */
function assignmentIn(command: KitItemCommand, id: string): Assignment {
  if (command.type === 'item.assign') return command.payload.assignment
  return command.type === 'item.register-many' ? newItemOf(command.payload.items, id)?.assignment ?? null : null
}
const touches = (item: KitItem | null, command: KitItemCommand, { id }: Touching): Touched =>
  touchedByUse(item?.assignment ?? null, assignmentIn(command, id))
type Command<Type extends KitItemCommand['type']> = Extract<KitItemCommand, { readonly type: Type }>

/** Where a kit item is used. Own things go with their wearer; shared with somebody's own bay, it is theirs to look at too. */
function placeOf(item: KitItem | null, command: KitItemCommand, { site, actor, holder, permits }: Reaching): Place {
  if (command.type === 'item.assign' && command.payload.assignment?.to === 'permit') {
    return { ...NOWHERE, isOwnPermit: permits.some(permit => isOwnPermit(permit, actor, command.type)) }
  }
  if (!item) return NOWHERE
  const own = holder === 'system' ? null : holder.bayId
  const isOwn = item.assignment?.to === 'person' && actor.kind === 'person' && item.assignment.id === actor.personId
  const served = baysServed(item.assignment)
  return placeOfBay(site, served.find(one => one === own) ?? served[0] ?? (isOwn ? own : null))
}

/** Why nothing can wear this tag. */
export const refuseTag
  = (kind: 'item' | 'cylinder') =>
    (tagId: string): Finding | null =>
      TAG_PATTERN.test(tagId) ? null : finding('hold', 'command.unknown-stream', { streamId: `${kind}/${tagId}` })

/** What left service, or was never known: of a kit item or a cylinder. */
export function outOfServiceNews(events: readonly StreamEvent[], tagId: string): readonly News[] {
  const tag = shownTag(tagId)
  const say = (what: Finding): readonly News[] => [{ what, personIds: [], isAbout: 'thing' }]
  if (events.some(({ type }) => type === 'unknown-tag-reported')) return say(finding('caution', 'kit.tag-unknown', { tag }))
  const out = events.find(({ type }) => type === 'item-tagged-out' || type === 'cylinder-tagged-out')
  return out ? say(finding('hold', 'kit.tagged-out', { tag, checks: [], ...(out.payload as { readonly reason: string }) })) : []
}

/** What turns on whether whoever acts is named for it. */
const ASKS_COMPETENCE: ReadonlySet<KitItemCommand['type']> = new Set([
  'item.inspect', 'item.release', 'item.tell-paper', 'item.register-many',
])

/** Something with a tag that is inspected. Its address says `item`. */
export const kitItemKind: StreamKind<'item', KitItem | null, KitItemEvent, KitItemCommand> = {
  id: 'item',
  initial: null,
  evolve: evolveKitItem,
  upcast: asLanded,
  commands: {
    'item.register': request('keep-store', { touches, isNewTag: true }),
    'item.register-many': request('keep-store', {
      touches,
      isNewTag: true,
      speaksOf: ({ payload }: Command<'item.register-many'>) => Object.keys(payload.items),
      asks: (_item, command: Command<'item.register-many'>, scene: Scene) => {
        const [who, where] = [askWhoActs(scene), askWhereTo(assignmentIn(command, scene.id))]
        return { ...where, people: [...who.people ?? [], ...where.people ?? []], lists: true }
      },
    }),
    'item.tell-paper': request('keep-store', {
      touches,
      asks: (_item, _command, scene: Scene) => ({ ...askWhoActs(scene), lists: true }),
    }),
    'item.correct': request('keep-store', { touches }),
    'item.assign': request('assign-kit', {
      touches,
      asks: (_item, { payload }: Command<'item.assign'>) => askWhereTo(payload.assignment),
    }),
    'item.inspect': report('inspect', { touches, asks: (_item, _command, scene: Scene) => ({ ...askWhoActs(scene), lists: true }) }),
    'item.tag-out': report('inspect', { touches }),
    'item.release': request('release', { touches, asks: (_item, _command, scene: Scene) => askWhoActs(scene) }),
    'item.note-event': report('inspect', { touches }),
    'item.retire': request('keep-store', { touches }),
  },
  decide(item, command, asked) {
    const assignment = assignmentIn(command, asked.id)
    const refused = refuseAssignment(assignment, asked)
    if (refused) return { refused: [refused] }
    const kind = item?.kind ?? (command.type === 'item.register-many' ? newItemOf(command.payload.items, asked.id)?.kind ?? null : null)
    return decideKitItem(item, command, {
      tag: shownTag(asked.id),
      shopDay: shopDayAt(asked, asked.at),
      at: asked.at,
      listNamed: listId => checkList(asked.answer('lists'), listId),
      isCompetent: kind !== null && ASKS_COMPETENCE.has(command.type) && isCompetentFor(asked, kind),
    })
  },
  refuseId: refuseTag('item'),
  sharesTagsWith: 'cylinder',
  placeOf,
  placeRestsOn: command =>
    command.type === 'item.assign' && command.payload.assignment?.to === 'permit' ? { permitId: command.payload.assignment.id } : null,
  workRestingOn: item => ({
    permitIds: item?.assignment?.to === 'permit' ? [item.assignment.id] : [],
    bayIds: baysServed(item?.assignment ?? null),
  }),
  news: (_before, events, id) => outOfServiceNews(events, id),
}
