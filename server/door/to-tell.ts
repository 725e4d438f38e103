import type { Finding } from '#core/findings/finding'
import { finding } from '#core/findings/finding'
import type { Permit, PermitEvent } from '#core/hotwork/permit'
import type { Person, PersonEvent } from '#core/person/person'
import { shownTag } from '#core/tag'
import { spoken } from '../spoken'
import { kindOf } from './fold'
import type { DangerId } from '#core/ids/cylinder-ids'

interface Told { readonly type: string, readonly payload: unknown }
/** One stream as a decision leaves it: its state before, and what is appended. */
export interface ToldChange { readonly streamId: string, readonly before: unknown, readonly events: readonly Told[] }

/** Something that people must hear of, and whom it concerns besides those who always hear. */
export interface ToTell { readonly streamId: string, readonly what: Finding, readonly personIds: readonly string[] }

/** What of these changes people are told: what left service, and what stopped or wants somebody at a permit. */
export function toTell(changes: readonly ToldChange[]): readonly ToTell[] {
  return changes.flatMap((change) => {
    const { kindId } = kindOf(change.streamId)
    return kindId === 'permit' ? ofPermit(change) : kindId === 'person' ? ofPerson(change) : ofThing(change)
  })
}

function ofThing({ streamId, events }: ToldChange): readonly ToTell[] {
  const tag = shownTag(kindOf(streamId).id)
  const say = (what: Finding): readonly ToTell[] => [{ streamId, what, personIds: [] }]
  const danger = events.find(({ type }) => type === 'danger-found')
  if (danger) return say(finding('stop', 'cylinder.danger', { tag, danger: (danger.payload as { danger: DangerId }).danger }))
  if (events.some(({ type }) => type === 'unknown-tag-reported')) return say(finding('caution', 'kit.tag-unknown', { tag }))
  const out = events.find(({ type }) => type === 'item-tagged-out' || type === 'cylinder-tagged-out')
  return out ? say(finding('hold', 'kit.tagged-out', { tag, checks: [], ...out.payload as { reason: string } })) : []
}

/** Whoever owns a sign-in hears that somebody gave out a code that sets it anew. */
function ofPerson({ streamId, before, events }: ToldChange): readonly ToTell[] {
  const given = (events as readonly PersonEvent[]).find(({ type }) => type === 'sign-in-code-given')
  return given?.type === 'sign-in-code-given' && given.payload.isReset
    ? [{ streamId, what: finding('caution', 'person.sign-in-reset', { name: (before as Person).name }), personIds: [kindOf(streamId).id] }]
    : []
}

function ofPermit({ streamId, before, events }: ToldChange): readonly ToTell[] {
  const permit = before as Permit | null
  const found = events.find(({ type }) => type === 'arc-found')
  const where = permit?.request.place.where ?? (found?.payload as { place: { where: string } } | undefined)?.place.where ?? ''
  const personIds = permit ? [...new Set([...permit.request.operatorIds, ...permit.watchers.map(({ personId }) => personId), ...permit.posts.map(({ personId }) => personId), ...permit.authorisedBy === null ? [] : [permit.authorisedBy]])] : []
  const what = (events as readonly PermitEvent[]).map((event): Finding | null => {
    switch (event.type) {
      case 'help-called': return finding('stop', 'permit.help-called', { where, name: '' })
      case 'arc-found': return finding('stop', 'permit.arc-without-permit', { where })
      case 'arc-reported': return event.payload.underPermit ? null : finding('stop', 'permit.arc-without-permit', { where })
      case 'work-stopped': return finding('stop', 'permit.stopped', { cause: event.payload.cause, where, by: null })
      case 'round-overdue': return finding('stop', 'permit.stopped', { cause: 'round-overdue', where, by: null })
      case 'permit-lapsed': return finding('hold', 'permit.stopped', { cause: 'lapsed', where, by: null })
      case 'permit-revoked': return finding('hold', 'permit.stopped', { cause: 'revoked', where, by: null })
      case 'gas-retest-overdue': return finding('hold', 'permit.stopped', { cause: 'gas-retest-overdue', where, by: null })
      case 'cover-missing': return finding('stop', 'permit.cover-missing', { where, sinceIso: event.payload.sinceAt })
      case 'visit-missed': return finding('hold', 'permit.visit-missed', { where })
      case 'monitoring-over': return finding('note', 'permit.watch-over', { where })
      default: return null
    }
  }).find(said => said !== null)
  return what ? [{ streamId, what, personIds }] : []
}

/** The words by which a bay is stopped: a cylinder in danger, an arc where no permit stood; null when nothing of the kind happened. */
export function stopBecause(changes: readonly ToldChange[]): string | null {
  const stopping = toTell(changes).find(({ what: { code } }) => code === 'cylinder.danger' || code === 'permit.arc-without-permit')
  return stopping ? spoken(stopping.what).message : null
}
