import type { Finding } from '../../findings/finding'
import { finding } from '../../findings/finding'
import type { News } from '../stream-kind'
import type { Permit, PermitEvent } from './permit'

/** What an event of a permit is told as; null where nobody has to hear of it. */
function toldAs(event: PermitEvent, where: string): Finding | null {
  switch (event.type) {
    case 'help-called':
      return finding('stop', 'permit.help-called', { where, name: '' })
    case 'arc-found':
      return finding('stop', 'permit.arc-without-permit', { where })
    case 'arc-reported':
      return event.payload.underPermit ? null : finding('stop', 'permit.arc-without-permit', { where })
    case 'work-stopped':
      return finding('stop', 'permit.stopped', { cause: event.payload.cause, where, by: null })
    case 'round-overdue':
      return finding('stop', 'permit.stopped', { cause: 'round-overdue', where, by: null })
    case 'permit-lapsed':
      return finding('hold', 'permit.stopped', { cause: 'lapsed', where, by: null })
    case 'permit-revoked':
      return finding('hold', 'permit.stopped', { cause: 'revoked', where, by: null })
    case 'gas-retest-overdue':
      return finding('hold', 'permit.stopped', { cause: 'gas-retest-overdue', where, by: null })
    case 'cover-missing':
      return finding('stop', 'permit.cover-missing', { where, sinceIso: event.payload.sinceAt })
    case 'visit-missed':
      return finding('hold', 'permit.visit-missed', { where })
    case 'monitoring-over':
      return finding('note', 'permit.watch-over', { where })
    default:
      return null
  }
}

/** Everybody whom a permit concerns by name. */
const concernedBy = ({ request: { operatorIds }, watchers, posts, authorisedBy }: Permit): readonly string[] => [
  ...new Set([
    ...operatorIds,
    ...[...watchers, ...posts].map(({ personId }) => personId),
    ...(authorisedBy === null ? [] : [authorisedBy]),
  ]),
]

/** What of a permit's events people are told: the first of them that stops it or wants somebody. */
export function permitNews(before: Permit | null, events: readonly PermitEvent[]): readonly News[] {
  const found = events.find(event => event.type === 'arc-found')
  const where = before?.request.place.where ?? (found?.type === 'arc-found' ? found.payload.place.where : '')
  const what = events.map(event => toldAs(event, where)).find(said => said !== null)
  if (!what) return []
  // An arc where no permit stood stops the place in the same breath.
  return [
    { what, personIds: before ? concernedBy(before) : [], isAbout: 'hot-work', isStopping: what.code === 'permit.arc-without-permit' },
  ]
}
