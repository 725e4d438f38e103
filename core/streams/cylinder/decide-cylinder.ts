import type { Decision } from '../decision'
import type { Finding } from '../../findings/finding'
import { finding } from '../../findings/finding'
import type { HouseRules } from '../house-rules/house-rules'
import type { Instant } from '../../time/instant'
import { judgeAcetylenePressure } from '../../cylinder/acetylene-pressure'
import type { CylinderCommand, CylinderEvent, CylinderMarks, CylinderState } from './cylinder'
import type { GasContent } from '../../cylinder/gas'
import { partsOf } from '../../cylinder/gas'
import { isGasFor } from '../../cylinder/gas-draws'
import type { Job } from '../../job/job'
import type { Place } from '../place/place'
import { isAfter, stands } from '../../time/instant'
import { connectingSteps, jointsFor } from '../../cylinder/guided-steps'
import { settlingMinutes } from '../../cylinder/settling'

/** What a decision on a cylinder needs besides its state. */
export interface CylinderContext {
  readonly tag: string
  readonly at: Instant
  /** When the shop day that holds `at` ends. */
  readonly checksValidUntil: Instant
  readonly rules: HouseRules
  /** Whether whoever acts is named as competent for cylinders, or is the safety lead. */
  readonly isCompetent: boolean
  /** The place that the command names; null where it names none. */
  readonly place: Place | null
  /** The job of the bay that the command names; null where none is set, or it names no bay. */
  readonly job: Job | null
}

const MINUTE_MS = 60_000
const refuse = (...refused: readonly Finding[]): Decision<CylinderEvent> => ({ refused })
const one = (event: CylinderEvent): Decision<CylinderEvent> => ({ events: [event] })

/** What of a command goes on record as the marks of a cylinder. */
const marksOf = ({
  gas,
  owner,
  stamps,
  waterVolumeL,
  filledInPlace,
  filledOn,
  tareKg,
  fullM3,
  diameterM,
  heightM,
}: CylinderMarks): CylinderMarks =>
  JSON.parse(
    JSON.stringify({ gas, owner, stamps, waterVolumeL, filledInPlace, filledOn, tareKg, fullM3, diameterM, heightM }),
  ) as CylinderMarks

/** From when a cylinder that lay may be used, by the site's school. */
const settlesAt = (gas: GasContent, lyingMin: number | null, { at, rules }: CylinderContext): Instant =>
  new Date(Date.parse(at) + settlingMinutes(gas, lyingMin, rules.settlingRule) * MINUTE_MS).toISOString()

const lay = (gas: GasContent, lyingMin: number | null, context: CylinderContext): CylinderEvent =>
  ({ type: 'cylinder-lay', version: 1, payload: { lyingMin, settlesAt: settlesAt(gas, lyingMin, context), at: context.at } })

/** Reports of what somebody saw or did; the rest are requests. */
const REPORTS: ReadonlySet<CylinderCommand['type']> = new Set([
  'cylinder.note-lying', 'cylinder.read', 'cylinder.test-joints', 'cylinder.set-delivery', 'cylinder.shut-down', 'cylinder.disconnect',
  'cylinder.note-empty', 'cylinder.report-danger', 'cylinder.tag-out',
])

/**
 * Decides what happens to a cylinder. Requests (receive, place, connect, release, return) can be refused; what somebody saw
 * or did is always recorded. A leaking joint and a danger tag it out in the same breath.
 */
export function decideCylinder(state: CylinderState | null, command: CylinderCommand, context: CylinderContext): Decision<CylinderEvent> {
  const { tag, at, checksValidUntil: validUntil } = context
  if (command.type === 'cylinder.receive') return receive(state, command.payload, context)
  if (!state) {
    return REPORTS.has(command.type)
      ? {
          events: [{ type: 'unknown-tag-reported', version: 1, payload: { reported: command.type, payload: command.payload } }],
          remarks: [finding('caution', 'kit.tag-unknown', { tag })],
        }
      : refuse(finding('hold', 'kit.tag-unknown', { tag }))
  }
  switch (command.type) {
    case 'cylinder.correct':
      return correct(state, marksOf(command.payload), context)
    case 'cylinder.note-lying':
      return one(lay(state.gas, command.payload.lyingMin, context))
    case 'cylinder.place':
      if (state.isReturned) return refuse(finding('hold', 'cylinder.returned', { tag }))
      // Pulled away with its hoses on: it is taken off first, and that is recorded.
      if (state.isConnected) return refuse(finding('hold', 'cylinder.still-connected', { tag }))
      return (
        outside(command.payload, state.diameterM, context)
        ?? one({ type: 'cylinder-placed', version: 1, payload: { ...command.payload, at } })
      )
    case 'cylinder.read':
      return one({ type: 'cylinder-read', version: 1, payload: { ...command.payload, at, validUntil } })
    case 'cylinder.connect':
      return connect(state, command.payload, context)
    case 'cylinder.test-joints': {
      const { joints } = command.payload
      const leaking = jointsFor(state.gas).filter(joint => joints[joint] === false)
      const events: CylinderEvent[] = [{ type: 'joints-tested', version: 1, payload: { joints, at, validUntil } }]
      if (leaking.length > 0) events.push({ type: 'danger-found', version: 1, payload: { danger: 'leak', at } }, tagOut(''))
      return { events }
    }
    case 'cylinder.set-delivery': {
      const { gaugeKPa } = command.payload
      const remarks = partsOf(state.gas).some(({ gas }) => gas === 'acetylene')
        ? judgeAcetylenePressure(gaugeKPa, context.rules.jurisdiction)
        : []
      return { events: [{ type: 'delivery-set', version: 2, payload: { gaugeKPa, at } }], remarks }
    }
    case 'cylinder.shut-down':
      return one({ type: 'cylinder-shut-down', version: 1, payload: { ...command.payload, at } })
    case 'cylinder.disconnect':
      return one({ type: 'cylinder-disconnected', version: 1, payload: { ...command.payload, at } })
    case 'cylinder.note-empty':
      return state.isEmpty ? { events: [] } : one({ type: 'cylinder-emptied', version: 2, payload: { at } })
    case 'cylinder.report-danger':
      return { events: [{ type: 'danger-found', version: 1, payload: { ...command.payload, at } }, tagOut(command.payload.remark ?? '')] }
    case 'cylinder.tag-out':
      return one(tagOut(command.payload.reason))
    case 'cylinder.release':
      if (!state.taggedOut) return refuse(finding('hold', 'kit.not-tagged-out', { tag }))
      if (!context.isCompetent) return refuse(finding('hold', 'kit.competence-missing', { kind: 'cylinder' }))
      if (command.payload.repair.trim() === '') return refuse(finding('hold', 'kit.repair-not-said', {}))
      return one({ type: 'cylinder-released', version: 1, payload: { ...command.payload, at } })
    case 'cylinder.return':
      return state.isConnected
        ? refuse(finding('hold', 'cylinder.still-connected', { tag }))
        : one({ type: 'cylinder-returned', version: 1, payload: {} })
    case 'cylinder.withdraw-tag':
      if (state.isTagWithdrawn) return { events: [] }
      if (state.isConnected) return refuse(finding('hold', 'cylinder.still-connected', { tag }))
      if (!context.isCompetent) return refuse(finding('hold', 'kit.competence-missing', { kind: 'cylinder' }))
      return command.payload.reason.trim() === ''
        ? refuse(finding('hold', 'cylinder.reason-needed', {}))
        : one({ type: 'tag-withdrawn', version: 1, payload: { ...command.payload, at } })
    case 'cylinder.settle':
      return state.settlesAt !== null && !state.hasSettled && !isAfter(state.settlesAt, at)
        ? one({ type: 'cylinder-settled', version: 1, payload: { at } })
        : { events: [] }
  }
}

const tagOut = (reason: string): CylinderEvent => ({ type: 'cylinder-tagged-out', version: 1, payload: { reason } })

function receive(
  state: CylinderState | null,
  { lay: lain, place, ...marks }: Extract<CylinderCommand, { type: 'cylinder.receive' }>['payload'],
  context: CylinderContext,
): Decision<CylinderEvent> {
  const { tag } = context
  // A rented cylinder comes back with the same tag: its life goes on, with the marks it has now.
  if (state && !state.isReturned) return refuse(finding('hold', 'kit.tag-taken', { tag }))
  const refused = outside(place, marks.diameterM, context)
  if (refused) return refused
  return {
    events: [
      { type: 'cylinder-received', version: 1, payload: { ...marksOf(marks), tag } },
      ...(lain ? [lay(marks.gas, lain.lyingMin, context)] : []),
      { type: 'cylinder-placed', version: 1, payload: { ...place, at: context.at } },
    ],
  }
}

/** Marks read anew. Under another gas every rule starts from what is known: how long it lay, or that nobody asked. */
function correct(state: CylinderState, marks: CylinderMarks, context: CylinderContext): Decision<CylinderEvent> {
  const corrected: CylinderEvent = { type: 'cylinder-corrected', version: 1, payload: marks }
  const isOtherGas = JSON.stringify(partsOf(marks.gas)) !== JSON.stringify(partsOf(state.gas))
  if (!isOtherGas || settlingMinutes(marks.gas, null, context.rules.settlingRule) === 0) return one(corrected)
  return { events: [corrected, lay(marks.gas, state.lastLay?.lyingMin ?? null, { ...context, at: state.lastLay?.at ?? context.at })] }
}

/** Across a large shell, where nobody wrote down how wide this one is. */
const USUAL_DIAMETER_M = 0.27

/** Set down outside the outline of its place, nobody knows where it really stands: refused, with the outline's numbers. */
function outside(
  { xM, yM }: { readonly xM: number, readonly yM: number },
  diameterM: number | undefined,
  { place }: CylinderContext,
): Decision<CylinderEvent> | null {
  if (place === null) return null
  const across = diameterM ?? USUAL_DIAMETER_M
  const [toXM, toYM] = [place.xM + place.widthM, place.yM + place.depthM]
  const isInside = xM >= place.xM - 1e-9 && yM >= place.yM - 1e-9 && xM + across <= toXM + 1e-9 && yM + across <= toYM + 1e-9
  return isInside
    ? null
    : refuse(finding('hold', 'cylinder.outside-place', { place: place.name, fromXM: place.xM, toXM, fromYM: place.yM, toYM }))
}

function connect(
  state: CylinderState,
  payload: Extract<CylinderCommand, { type: 'cylinder.connect' }>['payload'],
  { tag, at, job }: CylinderContext,
): Decision<CylinderEvent> {
  if (state.isReturned) return refuse(finding('hold', 'cylinder.returned', { tag }))
  if (state.isConnected) return refuse(finding('hold', 'cylinder.still-connected', { tag }))
  if (state.taggedOut) return refuse(finding('hold', 'kit.tagged-out', { tag, reason: state.taggedOut.reason, checks: [] }))
  if (state.isEmpty) return refuse(finding('hold', 'cylinder.empty', { tag }))
  // The wrong gas is said before the regulator is on.
  if (job !== null && !isGasFor(job, state.gas)) return refuse(finding('hold', 'cylinder.wrong-gas', { tag }))
  if (state.settlesAt !== null && stands(state.settlesAt, at))
    return refuse(
      finding('hold', 'cylinder.settling', { tag, untilIso: state.settlesAt }, ['settling', 'settlingSchools']),
    )
  const missing = connectingSteps(state.gas).filter(step => !payload.steps.includes(step))
  if (missing.length > 0) return refuse(finding('hold', 'cylinder.steps-missing', { tag, steps: missing, count: missing.length }))
  return one({ type: 'cylinder-connected', version: 1, payload: { ...payload, at } })
}
