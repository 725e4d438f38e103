import type { CommandType } from '#core/command/commands'
import type { RightId } from '#core/person/rights'
import type { StreamKindId } from './stream-kinds'

/** What the door needs to know of a command before it decides. */
export interface CommandRule {
  /** The kind of stream it changes. */
  readonly kind: StreamKindId
  /** The right it takes. */
  readonly right: RightId
  /** A report of fact is recorded whatever version its author saw; a request is refused when something changed meanwhile. */
  readonly isReport: boolean
}

const request = (kind: StreamKindId, right: RightId): CommandRule => ({ kind, right, isReport: false })
const report = (kind: StreamKindId, right: RightId): CommandRule => ({ kind, right, isReport: true })

export const COMMAND_RULES: Readonly<Record<CommandType, CommandRule>> = {
  'site.open': request('site', 'set-up-site'),
  'site.add-hall': request('site', 'set-up-site'),
  'site.add-area': request('site', 'set-up-site'),
  'site.add-bay': request('site', 'set-up-site'),
  'site.change-bay': request('site', 'set-up-site'),
  'person.add': request('person', 'manage-people'),
  'person.change': request('person', 'manage-people'),
  'person.leave': request('person', 'manage-people'),
  'person.secret-set': report('person', 'manage-people'),
  'house-rules.change': request('house-rules', 'change-house-rules'),
  'station.set-job': request('station', 'set-jobs'),
  'station.clear-job': request('station', 'set-jobs'),
  'station.place-person': request('station', 'place-people'),
  'station.set-helmet': report('station', 'door-checks'),
  'station.check-helmet': report('station', 'door-checks'),
  'station.check-glasses': report('station', 'door-checks'),
  'station.check-outfit': report('station', 'door-checks'),
  'station.stop': report('station', 'stop'),
  'station.stop-all': report('station', 'stop'),
  'station.give-stop-reason': report('station', 'stop'),
  'station.reopen': request('station', 'reopen'),
  'station.lapse-checks': report('station', 'door-checks'),
  'seal.day': report('seal', 'read-records'),
}
