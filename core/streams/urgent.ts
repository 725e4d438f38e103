import type { CommandType } from './commands'

/**
 * What goes through whatever else waits: a stop, a call for help, an arc reported, the rounds of a watch. A known device sends
 * these also when nobody is signed in; they wait for no other command and no other waits for them.
 */
export const URGENT_COMMANDS: ReadonlySet<CommandType> = new Set([
  'station.stop', 'station.stop-all', 'station.give-stop-reason', 'permit.stop', 'permit.round', 'permit.report-arc', 'permit.call-help',
])

/** Of these, what stops work or calls for help is heard whatever the clock of the device says; a round without its time says nothing. */
export const HEARD_WITHOUT_CLOCK: ReadonlySet<CommandType> = new Set([...URGENT_COMMANDS].filter(type => type !== 'permit.round'))
