import { z } from 'zod'
import type { HoodEntryId } from '#core/ventilation/hood-flow'
import { ENTRY_COEFFICIENTS } from '#core/ventilation/hood-flow'
import type { DuctWallId } from '#core/ventilation/duct-friction'
import { DUCT_ROUGHNESS_MM } from '#core/ventilation/duct-friction'
import { findingSchema } from './finding-schema'
import { between } from './job-schema'
import { nameOf } from './text-schema'

const label = nameOf(40, 'a name for it')
const flow = between({ min: 0, max: 100 }, 'm³/s')
const fanPoint = z.strictObject({ flowM3PerS: flow, pressurePa: between({ min: 0, max: 50_000 }, 'Pa') })
const duct = z.strictObject({
  id: label,
  into: label.nullable().describe('The duct that it leads into; null: the fan'),
  lengthM: between({ min: 0, max: 500 }, 'm'),
  diameterM: between({ min: 0.05, max: 2 }, 'm'),
  wall: z.enum(Object.keys(DUCT_ROUGHNESS_MM) as [DuctWallId, ...DuctWallId[]]),
  lossCoefficient: between({ min: 0, max: 100 }, 'velocity pressures').describe('Of elbows, junctions and an arm\'s inside, together'),
})
const hood = z
  .strictObject({
    id: label,
    duct: label.describe('It stands at the end of this duct'),
    entry: z.enum(Object.keys(ENTRY_COEFFICIENTS) as [HoodEntryId, ...HoodEntryId[]]).optional(),
    entryLoss: between({ min: 0, max: 20 }, 'velocity pressures').optional(),
    openShare: between({ min: 0, max: 1 }, 'of the damper\'s travel').default(1),
    neededM3PerS: between({ min: 0.001, max: 10 }, 'm³/s').optional(),
  })
  .refine(({ entry, entryLoss }) => (entry === undefined) !== (entryLoss === undefined), {
    path: ['entry'],
    error: 'the shape of its mouth, or what it takes',
  })

type Asked = {
  readonly fan: readonly z.output<typeof fanPoint>[]
  readonly ducts: readonly z.output<typeof duct>[]
  readonly hoods: readonly z.output<typeof hood>[]
}
interface Fault { readonly path: (string | number)[], readonly message: string }

/** What of a system cannot be, part by part. */
function faultsOf({ fan, ducts, hoods }: Asked): readonly Fault[] {
  const faults: Fault[] = []
  fan.forEach((point, i) => {
    const before = fan[i - 1]
    if (before && point.flowM3PerS <= before.flowM3PerS)
      faults.push({ path: ['fan', i, 'flowM3PerS'], message: 'more than the point before it' })
    if (before && point.pressurePa > before.pressurePa)
      faults.push({ path: ['fan', i, 'pressurePa'], message: 'no more than the point before it' })
  })
  const byId = new Map(ducts.map(one => [one.id, one]))
  ducts.forEach(({ id, into }, i) => {
    if (ducts.findIndex(one => one.id === id) !== i) faults.push({ path: ['ducts', i, 'id'], message: 'each name once' })
    if (into === null) return
    if (!byId.has(into)) faults.push({ path: ['ducts', i, 'into'], message: 'one of the ducts' })
    else if (hoods.some(one => one.duct === into)) faults.push({ path: ['ducts', i, 'into'], message: 'a duct without a hood at its end' })
    const way = new Set<string>([id])
    for (let next: string | null = into; next !== null; next = byId.get(next)?.into ?? null) {
      if (way.has(next)) {
        faults.push({ path: ['ducts', i, 'into'], message: 'a way that ends at the fan' })
        break
      }
      way.add(next)
    }
  })
  hoods.forEach((one, i) => {
    if (hoods.findIndex(({ id }) => id === one.id) !== i) faults.push({ path: ['hoods', i, 'id'], message: 'each name once' })
    if (!byId.has(one.duct)) faults.push({ path: ['hoods', i, 'duct'], message: 'one of the ducts' })
    if (hoods.findIndex(other => other.duct === one.duct) !== i)
      faults.push({ path: ['hoods', i, 'duct'], message: 'one hood at the end of a duct' })
  })
  return faults
}

/** `POST /api/v1/assess/ducts`, what is asked. */
export const assessDuctsRequest = z
  .strictObject({
    fan: z.array(fanPoint).min(2, 'two points of its curve at least').max(50, 'at most 50 points'),
    filter: fanPoint.extend({ flowM3PerS: between({ min: 0.001, max: 100 }, 'm³/s') }).optional(),
    ducts: z.array(duct).min(1, 'at least one duct').max(120, 'at most 120 ducts'),
    hoods: z.array(hood).min(1, 'at least one hood').max(40, 'at most 40 hoods'),
  })
  .superRefine((asked, context) => {
    for (const { path, message } of faultsOf(asked)) context.addIssue({ code: 'custom', path, message })
  })

/** `POST /api/v1/assess/ducts`, what is answered. */
export const assessDuctsResponse = z.strictObject({
  fan: z.strictObject({ flowM3PerS: z.number(), pressurePa: z.number() }),
  hoods: z.array(z.strictObject({
    id: z.string(),
    flowM3PerS: z.number(),
    suctionPa: z.number().describe('In its duct behind the mouth'),
    share: z.number().nullable().describe('Of what it is counted on for; below 1 it is starved'),
  })),
  ducts: z.array(z.strictObject({ id: z.string(), flowM3PerS: z.number(), mPerS: z.number(), lossPa: z.number() })),
  isBalanced: z.boolean(),
  mayBeOpen: z.int().nullable().describe('However they are chosen; null with over ten hoods or forty ducts, or where a need is not said'),
  findings: z.array(findingSchema),
})
