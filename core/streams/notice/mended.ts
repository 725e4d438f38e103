import type { StopCauseId } from '../../ids/hotwork-ids'
import { isAfter } from '../../time/instant'
import type { CylinderState } from '../cylinder/cylinder'
import type { KitItem } from '../kit-item/kit-item'
import type { Permit } from '../permit/permit'
import type { Notice } from './notice'

/** What a notice is about, as it stands now; null where nothing of that name is there. */
export interface AboutNow {
  readonly item: KitItem | null
  readonly cylinder: CylinderState | null
  readonly permit: Permit | null
}

/** A permit that is over by itself or by somebody: what was told of it while it ran has run out with it. */
const isClosed = (permit: Permit): boolean => permit.phase === 'closed'

/** Why a permit is over, whatever phase comes after: whoever was told of that has to see it. */
const OVER: ReadonlySet<unknown> = new Set<StopCauseId>(['lapsed', 'revoked'])

/** Work goes on, or what comes after it does. */
const goesOn = ({ phase, suspension }: Permit): boolean =>
  suspension === null && (phase === 'working' || phase === 'watch' || phase === 'monitoring' || phase === 'closed')

/**
 * Whether what people were told has been put right since, so that nobody has to see to it any more. Only what the thing itself says counts:
 * unknown stays told. That somebody was never seen to have seen it stays in the record.
 *
 * House rule: calls for help, arcs without a permit, and reports on a tag that nothing wore (whoever registers it later says nothing of
 * what was reported) are seen by those who were told, whatever came after.
 */
export function isMended({ what, givenAt }: Pick<Notice, 'what' | 'givenAt'>, { item, cylinder, permit }: AboutNow): boolean {
  switch (what.code) {
    case 'kit.tagged-out':
      if (item) return item.taggedOut === null
      return cylinder !== null && cylinder.taggedOut === null && cylinder.danger === null
    case 'cylinder.danger':
      return cylinder !== null && cylinder.danger === null && cylinder.taggedOut === null
    case 'permit.stopped':
      return permit !== null && !('cause' in what.values && OVER.has(what.values.cause)) && goesOn(permit)
    case 'permit.cover-missing':
      return permit !== null && (permit.coverLostAt === null || isClosed(permit))
    case 'permit.visit-missed':
      return permit !== null && ((permit.lastVisitAt !== null && isAfter(permit.lastVisitAt, givenAt)) || isClosed(permit))
    default:
      return false
  }
}
