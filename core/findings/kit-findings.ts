import type { CompetenceId, EquipmentKindId } from '../ids/vocabulary'
import type { ItemEventId } from '../ids/kit-ids'

/** Codes of equipment: tagged out, due, in whose hands. */
export interface InspectionFindings {
  'kit.tag-taken': { tag: string }
  'kit.tag-unknown': { tag: string }
  'kit.tagged-out': { tag: string, reason: string, checks: readonly string[] }
  'kit.not-tagged-out': { tag: string }
  'kit.retired': { tag: string }
  'kit.list-of-other-kind': { tag: string, kind: EquipmentKindId }
  'kit.list-version-old': { listId: string, version: number, current: number }
  'kit.report-outrun': { tag: string }
  /** A date on paper is not taken for a look: of what is looked at before each use, of the future, of what is known better here. */
  'kit.paper-before-use': { tag: string, listId: string }
  'kit.paper-future': { tag: string, doneOn: string }
  'kit.paper-outrun': { tag: string, listId: string }
  'kit.checks-missing': { checks: readonly string[], count: number }
  'kit.competence-missing': { kind: CompetenceId }
  'kit.repair-not-said': Record<string, never>
  'kit.look-due': { tag: string, listId: string }
  'kit.never-done': { tag: string, listId: string }
  'kit.late': { tag: string, listId: string, dueOn: string, days: number }
  'kit.in-grace': { tag: string, listId: string, dueOn: string, days: number }
  'kit.mark-unknown': { tag: string, what: 'made-on' }
  'kit.mark-due': { tag: string, what: 'pressure-test' | 'look-inside', dueOn: string }
  'kit.no-list': { tag: string, kind: EquipmentKindId }
  'kit.list-must-stay': { listId: string }
  'extinguisher.rating-unknown': { tag: string }
  'extinguisher.distance-unknown': { tag: string }
  'extinguisher.too-far': { tag: string, distanceM: number, atMostM: number }
  'extinguisher.too-small': { lacks: 'solids' | 'liquids' | 'both' }
  'extinguisher.not-for-voltage': Record<string, never>
  'extinguisher.not-for-metal': Record<string, never>
  'extinguisher.metal-unknown': Record<string, never>
  'kit.assigned-nowhere': { id: string }
  'kit.due-after-event': { tag: string, listId: string, events: readonly ItemEventId[] }
}
