import type { RoleId } from '../ids/vocabulary'
import type { RightId } from '../ids/rights'

/** Codes of the one door for change. */
export interface CommandFindings {
  'command.stale': { streamId: string, expectedVersion: number, version: number }
  'command.not-allowed': { right: RightId, roles: readonly RoleId[] }
  'command.id-reused': { commandId: string }
  'command.unknown-stream': { streamId: string }
  'command.stop-reason-first': Record<string, never>
  'command.not-stopped': Record<string, never>
  'command.name-taken': { name: string }
  'command.place-closed': { name: string }
  'site.person-still-there': { bay: string, name: string }
  'site.permit-still-there': { bay: string, code: string }
  'site.cylinder-still-there': { bay: string, tag: string }
  'command.person-unknown': { personId: string }
  'command.bay-unknown': { bayId: string }
  'command.pin-wrong': Record<string, never>
  'command.pin-locked': { untilIso: string }
  'command.pin-of-demo': Record<string, never>
  'command.pin-too-new': { fromIso: string }
  'command.stream-twice': { streamId: string }
  'command.before-site': { openedIso: string }
  'person.nothing-to-settle': Record<string, never>
  'person.training-to-come': { trainedOn: string }
  'person.training-ends-early': { trainedOn: string, nextOn: string }
  'person.has-loans': { count: number }
  'person.settled-elsewhere': Record<string, never>
  'person.settled-too-light': { shade: number, minimum: number }
  'person.sign-in-reset': { name: string }
  'command.last-safety-lead': Record<string, never>
  'command.person-has-left': { name: string }
  'command.helps-themselves': Record<string, never>
  'command.no-helper-here': Record<string, never>
  'command.late-report': { minutes: number }
  'command.report-outrun': Record<string, never>
}
