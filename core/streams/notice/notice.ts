import type { Decision } from '../decision'
import type { Finding } from '../../findings/finding'
import { finding } from '../../findings/finding'
import type { RoleId } from '../../ids/vocabulary'
import type { Instant } from '../../time/instant'

/** Why somebody is told: a role they hold, because they stand at a bay it concerns, or because a permit names them. */
export type ToldAs = RoleId | 'at-bay' | 'named'

/** Something that people of this site must hear of. Told means seen; until then it is not yet seen. */
export interface Notice {
  readonly what: Finding
  /** The stream it is about, so that a tap opens the thing. */
  readonly about: string
  readonly bayIds: readonly string[]
  readonly to: readonly { readonly personId: string, readonly as: ToldAs }[]
  readonly givenAt: Instant
  /** When each of them saw it, by person. */
  readonly seenAt: Readonly<Record<string, string>>
}

export interface NoticeCommands { 'notice.see': Record<string, never> }
export type NoticeCommand = { [T in keyof NoticeCommands]: { readonly type: T, readonly payload: NoticeCommands[T] } }[keyof NoticeCommands]

export type NoticeEvent
  = | { readonly type: 'notice-given', readonly version: 1, readonly payload: Omit<Notice, 'seenAt'> }
    | { readonly type: 'notice-seen', readonly version: 1, readonly payload: { readonly personId: string, readonly at: Instant } }

export function evolveNotice(notice: Notice | null, event: NoticeEvent): Notice | null {
  if (event.type === 'notice-given') return { ...event.payload, seenAt: {} }
  const { personId, at } = event.payload
  return notice && { ...notice, seenAt: { ...notice.seenAt, [personId]: at } }
}

/** Only who was told can see it, and only the first look counts. */
export function decideNotice(
  notice: Notice | null,
  noticeId: string,
  { personId, at }: { readonly personId: string | null, readonly at: Instant },
): Decision<NoticeEvent> {
  if (!notice || personId === null) return { refused: [finding('hold', 'command.unknown-stream', { streamId: noticeId })] }
  const isTold = notice.to.some(one => one.personId === personId)
  return {
    events: isTold && notice.seenAt[personId] === undefined ? [{ type: 'notice-seen', version: 1, payload: { personId, at } }] : [],
  }
}

/** Somebody who may have to be told. */
export interface Tellable { readonly personId: string, readonly roles: readonly RoleId[], readonly areaId: string | null }

/** Roles that hear of everything of a sort, whoever is concerned. */
const ALWAYS_TOLD = {
  'thing': ['safety-lead', 'store-keeper'],
  'hot-work': ['safety-lead', 'permit-authoriser', 'instructor'],
  'sign-in': ['safety-lead'],
} as const satisfies Readonly<Record<string, readonly RoleId[]>>

/**
 * Who hears that a thing is out of service: whoever stands at a bay it concerns, the instructors of those areas, the
 * safety leads and the store keepers. Of hot work: whoever the permit names, the authorisers and
 * all instructors, for it may be anywhere on the yard. Of a sign-in that is reset: its owner, and the safety leads.
 * Not whoever did it: they know.
 */
export function whoHears(
  people: readonly Tellable[],
  concerned: {
    readonly personIds: readonly string[]
    readonly namedIds?: readonly string[]
    readonly areaIds: readonly string[]
    readonly isAbout?: keyof typeof ALWAYS_TOLD
  },
  actorId: string | null,
): Notice['to'] {
  const isTheirs = (areaId: string | null): boolean =>
    concerned.areaIds.length > 0 && (areaId === null || concerned.areaIds.includes(areaId))
  return people
    .filter(({ personId }) => personId !== actorId)
    .flatMap(({ personId, roles, areaId }): Notice['to'] => {
      if (concerned.namedIds?.includes(personId)) return [{ personId, as: 'named' }]
      if (concerned.personIds.includes(personId)) return [{ personId, as: 'at-bay' }]
      const role
        = roles.find(one => (ALWAYS_TOLD[concerned.isAbout ?? 'thing'] as readonly RoleId[]).includes(one))
          ?? roles.find(one => one === 'instructor' && isTheirs(areaId))
      return role ? [{ personId, as: role }] : []
    })
}
