import type { Decision } from '../command/decision'
import type { Finding } from '../finding'
import { finding } from '../finding'
import type { HouseRules } from '../houserules/house-rules'
import { STORE_SOURCES } from '../source/store-sources'
import type { Instant } from '../station/station'
import { judgeAcetylenePressure } from './acetylene-pressure'
import type { CylinderCommand, CylinderEvent, CylinderMarks, CylinderState } from './cylinder'
import type { GasContent } from './gas'
import { partsOf } from './gas'
import { connectingSteps, jointsFor } from './guided-steps'
import { settlingMinutes } from './settling'

/** What a decision on a cylinder needs besides its state. */
export interface CylinderContext {
  readonly tag: string
  readonly at: Instant
  /** When the shop day that holds `at` ends. */
  readonly checksValidUntil: Instant
  readonly rules: HouseRules
  /** Whether whoever acts is named as competent for cylinders, or is the safety lead. */
  readonly isCompetent: boolean
}

const MINUTE_MS = 60_000
const refuse = (...refused: readonly Finding[]): Decision<CylinderEvent> => ({ refused })
const one = (event: CylinderEvent): Decision<CylinderEvent> => ({ events: [event] })

/** What of a command goes on record as the marks of a cylinder. */
const marksOf = ({ gas, owner, stamps, waterVolumeL, filledInPlace, filledOn, tareKg, fullM3, diameterM, heightM }: CylinderMarks): CylinderMarks =>
  JSON.parse(JSON.stringify({ gas, owner, stamps, waterVolumeL, filledInPlace, filledOn, tareKg, fullM3, diameterM, heightM })) as CylinderMarks

/** From when a cylinder that lay may be used, by the site's school. */
const settlesAt = (gas: GasContent, lyingMin: number | null, { at, rules }: CylinderContext): Instant =>
  new Date(Date.parse(at) + settlingMinutes(gas, lyingMin, rules.settlingRule) * MINUTE_MS).toISOString()

const lay = (gas: GasContent, lyingMin: number | null, context: CylinderContext): CylinderEvent =>
  ({ type: 'cylinder-lay', version: 1, payload: { lyingMin, settlesAt: settlesAt(gas, lyingMin, context), at: context.at } })

/** Reports of what somebody saw or did; the rest are requests. */
const REPORTS: ReadonlySet<CylinderCommand['type']> = new Set(['cylinder.note-lying', 'cylinder.read', 'cylinder.test-joints', 'cylinder.set-delivery', 'cylinder.shut-down', 'cylinder.disconnect', 'cylinder.note-empty', 'cylinder.report-danger', 'cylinder.tag-out'])

/**
 * Decides what happens to a cylinder. Requests (receive, place, connect, release, return) can be refused; what somebody saw
 * or did is always recorded. A leaking joint and a danger tag it out in the same breath.
 */
export function decideCylinder(state: CylinderState | null, command: CylinderCommand, context: CylinderContext): Decision<CylinderEvent> {
  const { tag, at, checksValidUntil: validUntil } = context
  if (command.type === 'cylinder.receive') return receive(state, command.payload, context)
  if (!state) {
    return REPORTS.has(command.type)
      ? { events: [{ type: 'unknown-tag-reported', version: 1, payload: { reported: command.type, payload: command.payload } }], remarks: [finding('caution', 'kit.tag-unknown', { tag })] }
      : refuse(finding('hold', 'kit.tag-unknown', { tag }))
  }
  switch (command.type) {
    case 'cylinder.correct': return one({ type: 'cylinder-corrected', version: 1, payload: marksOf(command.payload) })
    case 'cylinder.note-lying': return one(lay(state.gas, command.payload.lyingMin, context))
    case 'cylinder.place':
      if (state.isReturned) return refuse(finding('hold', 'cylinder.returned', { tag }))
      // Pulled away with its hoses on: it is taken off first, and that is recorded.
      return state.isConnected ? refuse(finding('hold', 'cylinder.still-connected', { tag })) : one({ type: 'cylinder-placed', version: 1, payload: { ...command.payload, at } })
    case 'cylinder.read': return one({ type: 'cylinder-read', version: 1, payload: { ...command.payload, at, validUntil } })
    case 'cylinder.connect': return connect(state, command.payload, context)
    case 'cylinder.test-joints': {
      const { joints } = command.payload
      const leaking = jointsFor(state.gas).filter(joint => joints[joint] === false)
      const events: CylinderEvent[] = [{ type: 'joints-tested', version: 1, payload: { joints, at, validUntil } }]
      if (leaking.length > 0) events.push({ type: 'danger-found', version: 1, payload: { danger: 'leak', at } }, tagOut(''))
      return { events }
    }
    case 'cylinder.set-delivery': {
      const { gaugeKPa } = command.payload
      const remarks = partsOf(state.gas).some(({ gas }) => gas === 'acetylene') ? judgeAcetylenePressure(gaugeKPa, context.rules.jurisdiction) : []
      return { events: [{ type: 'delivery-set', version: 1, payload: { gaugeKPa } }], remarks }
    }
    case 'cylinder.shut-down': return one({ type: 'cylinder-shut-down', version: 1, payload: { ...command.payload, at } })
    case 'cylinder.disconnect': return one({ type: 'cylinder-disconnected', version: 1, payload: { ...command.payload, at } })
    case 'cylinder.note-empty': return state.isEmpty ? { events: [] } : one({ type: 'cylinder-emptied', version: 1, payload: {} })
    case 'cylinder.report-danger': return { events: [{ type: 'danger-found', version: 1, payload: { ...command.payload, at } }, tagOut(command.payload.remark ?? '')] }
    case 'cylinder.tag-out': return one(tagOut(command.payload.reason))
    case 'cylinder.release':
      if (!state.taggedOut) return refuse(finding('hold', 'kit.not-tagged-out', { tag }))
      if (!context.isCompetent) return refuse(finding('hold', 'kit.competence-missing', { kind: 'cylinder' }))
      if (command.payload.repair.trim() === '') return refuse(finding('hold', 'kit.repair-not-said', {}))
      return one({ type: 'cylinder-released', version: 1, payload: { ...command.payload, at } })
    case 'cylinder.return': return state.isConnected ? refuse(finding('hold', 'cylinder.still-connected', { tag })) : one({ type: 'cylinder-returned', version: 1, payload: {} })
    case 'cylinder.settle': return state.settlesAt !== null && state.settlesAt <= at ? one({ type: 'cylinder-settled', version: 1, payload: { at } }) : { events: [] }
  }
}

const tagOut = (reason: string): CylinderEvent => ({ type: 'cylinder-tagged-out', version: 1, payload: { reason } })

function receive(state: CylinderState | null, { lay: lain, place, ...marks }: Extract<CylinderCommand, { type: 'cylinder.receive' }>['payload'], context: CylinderContext): Decision<CylinderEvent> {
  const { tag } = context
  // A rented cylinder comes back with the same tag: its life goes on, with the marks it has now.
  if (state && !state.isReturned) return refuse(finding('hold', 'kit.tag-taken', { tag }))
  return { events: [
    { type: 'cylinder-received', version: 1, payload: { ...marksOf(marks), tag } },
    ...lain ? [lay(marks.gas, lain.lyingMin, context)] : [],
    { type: 'cylinder-placed', version: 1, payload: { ...place, at: context.at } },
  ] }
}

function connect(state: CylinderState, payload: Extract<CylinderCommand, { type: 'cylinder.connect' }>['payload'], { tag, at }: CylinderContext): Decision<CylinderEvent> {
  if (state.isReturned) return refuse(finding('hold', 'cylinder.returned', { tag }))
  if (state.isConnected) return refuse(finding('hold', 'cylinder.still-connected', { tag }))
  if (state.taggedOut) return refuse(finding('hold', 'kit.tagged-out', { tag, reason: state.taggedOut.reason, checks: [] }))
  if (state.isEmpty) return refuse(finding('hold', 'cylinder.empty', { tag }))
  if (state.settlesAt !== null && state.settlesAt > at) return refuse(finding('hold', 'cylinder.settling', { tag, untilIso: state.settlesAt }, [STORE_SOURCES.settling, STORE_SOURCES.settlingSchools]))
  const missing = connectingSteps(state.gas).filter(step => !payload.steps.includes(step))
  if (missing.length > 0) return refuse(finding('hold', 'cylinder.steps-missing', { tag, steps: missing, count: missing.length }))
  return one({ type: 'cylinder-connected', version: 1, payload: { ...payload, at } })
}
