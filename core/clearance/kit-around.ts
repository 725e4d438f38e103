import type { CylinderFact } from '../cylinder/cylinder-fact'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { KitItemFact } from '../inspection/kit-item-fact'
import type { EquipmentKindId, GateId } from '../ids/vocabulary'
import type { Instant } from '../time/instant'
import { stands } from '../time/instant'

/** What stands and hangs at a bay, as of a shop day. */
export interface KitAround {
  /** Assigned to the bay. */
  readonly items: readonly KitItemFact[]
  readonly cylinders: readonly CylinderFact[]
}

/** Nothing is known to be here: whatever needs a thing holds. */
export const NO_KIT: KitAround = { items: [], cylinders: [] }

/** Everything of a site in use, judged for a shop day: by bay, and by whom it is worn. */
export interface KitStanding {
  readonly items: Readonly<Record<string, readonly KitItemFact[]>>
  readonly worn: Readonly<Record<string, readonly KitItemFact[]>>
  readonly cylinders: Readonly<Record<string, readonly CylinderFact[]>>
}
export const NO_STANDING: KitStanding = { items: {}, worn: {}, cylinders: {} }

/** What of it stands at one bay. */
export const kitAt = ({ items, cylinders }: KitStanding, bayId: string): KitAround =>
  ({ items: items[bayId] ?? [], cylinders: cylinders[bayId] ?? [] })

/**
 * The gate that a kind of thing at a bay speaks to; what speaks to none is looked after all the same. A kind that nobody thought of does
 * not compile.
 */
export const GATE_OF_KIND: Readonly<Record<EquipmentKindId, GateId | null>> = {
  'helmet': 'eyes',
  'laser-eyewear': 'eyes',
  'curtain': 'eyes',
  'extraction-arm': 'air',
  'extraction-booth': 'air',
  'respirator': 'air',
  'regulator': 'gas',
  'hose': 'gas',
  'flashback-arrestor': 'gas',
  'oxy-fuel-torch': 'gas',
  'arc-machine': 'machine',
  'welding-leads': 'machine',
  'electrode-holder': 'machine',
  'work-clamp': 'machine',
  'wire-feed-gun': 'machine',
  'tig-torch': 'machine',
  'water-cooler': 'machine',
  'engine-drive': 'machine',
  'plasma-cutter': 'machine',
  'grinder': 'machine',
  'bench-grinder': 'machine',
  'laser-welder': 'machine',
  'extinguisher': 'fire',
  'blanket': 'fire',
  'gas-detector': 'fire',
  'eyewash': null,
  'first-aid': null,
}

/** Things of a gate among those here. */
export const ofGate = (items: readonly KitItemFact[], gate: GateId): readonly KitItemFact[] =>
  items.filter(({ kind }) => GATE_OF_KIND[kind] === gate)

/** A thing that may not be used holds its gate until it is released, looked at, or taken away; a due look is only to do. */
export function sortItemFindings(items: readonly KitItemFact[], now: Instant, found: Finding[], missing: Finding[]): void {
  for (const { tag, findings, validUntil } of items) {
    if (!stands(validUntil, now)) missing.push(finding('hold', 'gate.facts-stale', { tag }))
    else for (const said of findings) (said.code === 'kit.look-due' || said.code === 'kit.never-done' ? missing : found).push(said)
  }
}

/** A group of kinds of which one has to be here. */
export interface NeededKit { readonly kinds: readonly EquipmentKindId[], readonly count: number }

/** Says what is needed and not here. */
export function sayMissingKit(items: readonly KitItemFact[], needed: readonly NeededKit[], missing: Finding[]): void {
  for (const { kinds, count } of needed) {
    const here = items.filter(({ kind }) => kinds.includes(kind)).length
    if (here < count) missing.push(finding('hold', 'gate.item-missing', { kind: kinds[0]!, needed: count, here }))
  }
}

/** What is wrong with a place before anybody knows what is welded there: a thing tagged out, a cylinder in danger. */
export const outOfService = (items: readonly KitItemFact[], cylinders: readonly CylinderFact[] = []): readonly Finding[] =>
  [...cylinders, ...items].flatMap(({ findings }) =>
    findings.filter(({ severity, code }) => severity === 'stop' || code === 'kit.tagged-out'),
  )
