import type { CommandType } from '#core/command/commands'
import type { StreamKindId } from './stream-kinds'
import type { RightId } from '#core/ids/rights'

/** What the door needs to know of a command before it decides. */
export interface CommandRule {
  /** The kind of stream it changes. */
  readonly kind: StreamKindId
  /** The right it takes. */
  readonly right: RightId
  /** A report of fact is recorded whatever version its author saw; a request is refused when something changed meanwhile. */
  readonly isReport: boolean
  /** Bays whose gates it may change besides what it names. */
  readonly follows: Follows
}

/**
 * `all` bays of the site; the other bays of the same `hall`, and those anywhere at which people of that hall's work stand now;
 * where a `person` stands; where a `thing` is or is going to be used; the bay of a `permit`; or none.
 */
export type Follows = 'all' | 'hall' | 'person' | 'thing' | 'permit' | 'none'

/**
 * Commands that decide on more than the streams they name: somebody's day, a hall's air, who is free, how many safety leads
 * are left. They have the site to themselves while they decide, so that two at once end as one after the other.
 * Looks, stops and readings of one bay or thing share it.
 */
export const decidesAlone = (type: CommandType): boolean => COMMAND_RULES[type].follows !== 'none' || ['person', 'site'].includes(COMMAND_RULES[type].kind)

const request = (kind: StreamKindId, right: RightId, follows: Follows = 'none'): CommandRule => ({ kind, right, isReport: false, follows })
const report = (kind: StreamKindId, right: RightId, follows: Follows = 'none'): CommandRule => ({ kind, right, isReport: true, follows })

export const COMMAND_RULES: Readonly<Record<CommandType, CommandRule>> = {
  'site.open': request('site', 'set-up-site', 'all'),
  'site.add-hall': request('site', 'set-up-site', 'all'),
  'site.add-area': request('site', 'set-up-site', 'all'),
  'site.add-bay': request('site', 'set-up-site', 'all'),
  'site.change-bay': request('site', 'set-up-site', 'all'),
  'site.make-key': request('site', 'set-up-site'),
  'site.revoke-key': request('site', 'set-up-site'),
  'person.add': request('person', 'manage-people'),
  'person.change': request('person', 'manage-people'),
  'person.leave': request('person', 'manage-people', 'person'),
  'person.check-shaven': report('person', 'door-checks', 'person'),
  'person.note-health': report('person', 'health-fields', 'person'),
  'person.name-competent': request('person', 'manage-people'),
  'person.secret-set': report('person', 'manage-people'),
  'person.offer-code': report('person', 'manage-people'),
  'person.use-code': report('person', 'manage-people'),
  'house-rules.change': request('house-rules', 'change-house-rules', 'all'),
  'station.set-job': request('station', 'set-jobs', 'hall'),
  'station.clear-job': request('station', 'set-jobs', 'hall'),
  'station.place-person': request('station', 'place-people', 'hall'),
  'station.set-helmet': report('station', 'door-checks'),
  'station.check-helmet': report('station', 'door-checks'),
  'station.check-glasses': report('station', 'door-checks'),
  'station.place-hood': report('station', 'door-checks', 'hall'),
  'station.check-extraction': report('station', 'door-checks', 'hall'),
  'station.check-outfit': report('station', 'door-checks'),
  'station.check-fire': report('station', 'inspect'),
  'station.hand-over': report('station', 'hand-over'),
  'station.stop': report('station', 'stop'),
  'station.stop-all': report('station', 'stop'),
  'station.give-stop-reason': report('station', 'stop'),
  'station.reopen': request('station', 'reopen'),
  'station.lapse-checks': report('station', 'door-checks', 'hall'),
  'hall.describe': request('hall', 'describe-air', 'hall'),
  'hall.fit-bay': request('hall', 'describe-air', 'hall'),
  'fume.enter-sheet': request('fume-sheets', 'describe-air', 'all'),
  'fume.drop-sheet': request('fume-sheets', 'describe-air', 'all'),
  'samples.record': request('samples', 'record-samples', 'hall'),
  'samples.withdraw': request('samples', 'record-samples', 'hall'),
  'item.register': request('item', 'keep-store', 'thing'),
  'item.correct': request('item', 'keep-store', 'thing'),
  'item.assign': request('item', 'assign-kit', 'thing'),
  'item.inspect': report('item', 'inspect', 'thing'),
  'item.tag-out': report('item', 'inspect', 'thing'),
  'item.release': request('item', 'release', 'thing'),
  'item.note-event': report('item', 'inspect', 'thing'),
  'item.retire': request('item', 'keep-store', 'thing'),
  'cylinder.receive': request('cylinder', 'keep-store', 'thing'),
  'cylinder.correct': request('cylinder', 'keep-store', 'thing'),
  'cylinder.note-lying': report('cylinder', 'use-gas', 'thing'),
  'cylinder.place': request('cylinder', 'use-gas', 'thing'),
  'cylinder.read': report('cylinder', 'work-gas', 'thing'),
  'cylinder.connect': request('cylinder', 'use-gas', 'thing'),
  'cylinder.test-joints': report('cylinder', 'work-gas', 'thing'),
  'cylinder.set-delivery': report('cylinder', 'work-gas', 'thing'),
  'cylinder.shut-down': report('cylinder', 'work-gas', 'thing'),
  'cylinder.disconnect': report('cylinder', 'use-gas', 'thing'),
  'cylinder.note-empty': report('cylinder', 'work-gas', 'thing'),
  // Whoever sees it says so: a danger waits for nobody's rights.
  'cylinder.report-danger': report('cylinder', 'stop', 'thing'),
  'cylinder.tag-out': report('cylinder', 'inspect', 'thing'),
  'cylinder.release': request('cylinder', 'release', 'thing'),
  'cylinder.return': request('cylinder', 'keep-store', 'thing'),
  'cylinder.withdraw-tag': request('cylinder', 'release', 'thing'),
  'cylinder.settle': report('cylinder', 'inspect', 'thing'),
  'check-lists.change': request('check-lists', 'keep-store', 'all'),
  'check-lists.drop': request('check-lists', 'keep-store', 'all'),
  'place.describe': request('place', 'keep-store'),
  'place.lay-out-store': request('place', 'keep-store'),
  'permit.request': request('permit', 'request-permit', 'permit'),
  'permit.see-to': report('permit', 'work-permit', 'permit'),
  'permit.read-gas': report('permit', 'work-permit', 'permit'),
  'permit.authorise': request('permit', 'authorise-permit', 'permit'),
  'permit.refuse': request('permit', 'authorise-permit', 'permit'),
  'permit.revoke': request('permit', 'authorise-permit', 'permit'),
  'permit.extend': request('permit', 'authorise-permit', 'permit'),
  'permit.take-over': request('permit', 'authorise-permit', 'permit'),
  // Whoever is named takes a post; one left hot takes whoever comes: the decision asks which it is.
  'permit.take-post': request('permit', 'stand-watch', 'permit'),
  'permit.leave-post': report('permit', 'work-permit', 'permit'),
  // Whoever comes to relieve was not named before: the decision asks whether they are free.
  'permit.relieve': request('permit', 'stand-watch', 'permit'),
  'permit.start-work': request('permit', 'work-permit', 'permit'),
  'permit.round': report('permit', 'work-permit', 'permit'),
  // Stop, an arc and a call for help wait for nobody's rights.
  'permit.stop': report('permit', 'stop', 'permit'),
  'permit.resume': request('permit', 'reopen-permit', 'permit'),
  'permit.end-work': report('permit', 'work-permit', 'permit'),
  'permit.report-arc': report('permit', 'stop', 'permit'),
  'permit.call-help': report('permit', 'stop', 'permit'),
  'permit.restore': report('permit', 'work-permit', 'permit'),
  'permit.close': request('permit', 'authorise-permit', 'permit'),
  'permit.fall-due': report('permit', 'stop', 'permit'),
  'notice.see': report('notice', 'see-floor'),
  'seal.day': report('seal', 'read-records'),
}
