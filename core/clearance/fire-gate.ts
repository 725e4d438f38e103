import type { Finding } from '../finding'
import { finding } from '../finding'
import { judgePermit } from '../hotwork/judge-permit'
import { hasEnded } from '../hotwork/permit-end'
import type { PermitFact } from '../hotwork/permit-fact'
import type { ItemFact } from '../inspection/item-fact'
import { FIRE_SOURCES } from '../source/fire-sources'
import { FIRE_CHECKS } from '../station/station'
import type { Instant, Station } from '../station/station'
import type { WorkplaceId } from '../vocabulary/vocabulary'
import type { Gate } from './gate'
import { gateFrom } from './gate'
import { ofGate, sayMissingKit, sortItemFindings } from './kit-around'
import type { KitAround } from './kit-around'

/** What the Fire gate of a bay rests on besides its things. */
export interface FireAround {
  /** Permits for this bay that have not ended. */
  readonly permits: readonly PermitFact[]
  /** Another screen of the site was heard within a minute. */
  readonly secondScreen: boolean
  readonly nameOf: (personId: string) => string
}

/** Nothing is known of any permit: a spot on a structure holds. */
export const NO_FIRE_AROUND: FireAround = { permits: [], secondScreen: false, nameOf: id => id }

/**
 * Is the bay in order for fire? A designated bay by today's look and an extinguisher in date; a spot on a structure by a
 * live permit with its watch on post.
 */
export function judgeFire(station: Station, workplace: WorkplaceId, kit: KitAround, fire: FireAround, now: Instant): Gate {
  const found: Finding[] = []
  const missing: Finding[] = []
  const here = ofGate(kit.items, 'fire')
  sortItemFindings(here, now, found, missing)
  if (workplace === 'construction') judgeStructure(fire, here, now, found, missing)
  else {
    sayMissingKit(here, [{ kinds: ['extinguisher'], count: 1 }], missing)
    judgeDay(station, now, found, missing)
  }
  return gateFrom('fire', found, missing)
}

function judgeDay({ fireCheck }: Station, now: Instant, found: Finding[], missing: Finding[]): void {
  if (!fireCheck || fireCheck.validUntil <= now) {
    missing.push(finding('hold', 'permit.day-check-due', {}, [FIRE_SOURCES.consensusHotWork]))
    return
  }
  const failed = FIRE_CHECKS.filter(check => fireCheck.answers[check] !== true)
  if (failed.length > 0) found.push(finding('hold', 'permit.day-check-fails', { checks: failed, count: failed.length }, [FIRE_SOURCES.consensusHotWork]))
}

/** The farthest come of the permits here speaks; an ended one is no permit. */
const FARTHEST = ['working', 'suspended', 'watch', 'monitoring', 'authorised', 'precautions', 'requested'] as const

function judgeStructure({ permits, secondScreen, nameOf }: FireAround, here: readonly ItemFact[], now: Instant, found: Finding[], missing: Finding[]): void {
  const live = permits.filter(({ permit }) => !hasEnded(permit.phase))
  const first = FARTHEST.map(phase => live.find(({ permit }) => permit.phase === phase)).find(one => one !== undefined)
  if (!first) {
    missing.push(finding('hold', 'permit.none-here', {}, [FIRE_SOURCES.usHotWork]))
    return
  }
  const said = judgePermit(first.permit, { kit: [...first.kit, ...here], secondScreen, nameOf }, now)
  if (said.length === 0) found.push(finding('note', 'permit.live', { code: first.permit.code, untilIso: first.permit.untilAt }))
  // Not begun yet is only to do; a permit that stands, or a place that is still watched, holds.
  const toDo = first.permit.phase === 'requested' || first.permit.phase === 'precautions' || first.permit.phase === 'authorised'
  for (const one of said) (toDo ? missing : found).push(one)
}
