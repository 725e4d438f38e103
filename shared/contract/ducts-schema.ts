import { z } from 'zod'
import type { DuctWallId } from '#core/ventilation/duct-friction'
import { DUCT_ROUGHNESS_MM } from '#core/ventilation/duct-friction'
import type { FanPoint } from '#core/ventilation/duct-balance'
import type { HallDuct, HallDucts } from '#core/ventilation/hall-ducts'
import { FLOW_FOUND_WITH, HALL_DUCTS_LIMITS } from '#core/ventilation/hall-ducts'
import type { HoodEntryId } from '#core/ventilation/hood-flow'
import { ENTRY_COEFFICIENTS } from '#core/ventilation/hood-flow'
import { between } from './job-schema'
import { idSchema, nameOf } from './text-schema'

export const ductName = nameOf(40, 'a name for it')
const fanPoint = z.strictObject({
  flowM3PerS: between(HALL_DUCTS_LIMITS.flowM3PerS, 'm³/s'),
  pressurePa: between(HALL_DUCTS_LIMITS.pressurePa, 'Pa'),
}) satisfies z.ZodType<FanPoint>
export const fanSchema = z.array(fanPoint).min(2, 'two points of its curve at least').max(50, 'at most 50 points')
export const filterSchema = fanPoint.extend({ flowM3PerS: between({ ...HALL_DUCTS_LIMITS.flowM3PerS, min: 0.001 }, 'm³/s') })
const ductSchema = z.strictObject({
  id: ductName,
  into: ductName.nullable().describe('The duct that it leads into; null: the fan'),
  lengthM: between(HALL_DUCTS_LIMITS.lengthM, 'm'),
  diameterM: between(HALL_DUCTS_LIMITS.diameterM, 'm'),
  wall: z.enum(Object.keys(DUCT_ROUGHNESS_MM) as [DuctWallId, ...DuctWallId[]]),
  lossCoefficient: between(HALL_DUCTS_LIMITS.lossCoefficient, 'velocity pressures')
    .describe('Of elbows, junctions and an arm\'s inside, together'),
}) satisfies z.ZodType<HallDuct>
export const ductsSchema = z.array(ductSchema).min(1, 'at least one duct').max(120, 'at most 120 ducts')
export const entrySchema = z.enum(Object.keys(ENTRY_COEFFICIENTS) as [HoodEntryId, ...HoodEntryId[]])

type Asked = Pick<HallDucts, 'fan' | 'ducts'> & { readonly hoods: readonly { readonly id: string, readonly ductId: string }[] }
/** What the fields of a hood are called where they are asked for. */
interface NamedParts { readonly id: string, readonly ductId: string }
interface Fault { readonly path: (string | number)[], readonly message: string }

/** What of a system cannot be, part by part. */
function faultsOf({ fan, ducts, hoods }: Asked, named: NamedParts): readonly Fault[] {
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
    else if (hoods.some(({ ductId }) => ductId === into))
      faults.push({ path: ['ducts', i, 'into'], message: 'a duct without a hood at its end' })
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
    if (hoods.findIndex(({ id }) => id === one.id) !== i) faults.push({ path: ['hoods', i, named.id], message: 'each name once' })
    if (!byId.has(one.ductId)) faults.push({ path: ['hoods', i, named.ductId], message: 'one of the ducts' })
    if (hoods.findIndex(other => other.ductId === one.ductId) !== i)
      faults.push({ path: ['hoods', i, named.ductId], message: 'one hood at the end of a duct' })
  })
  return faults
}

/** Refuses, part by part, what of a system cannot be. */
export function refuseFaults(asked: Asked, named: NamedParts, context: z.RefinementCtx): void {
  for (const { path, message } of faultsOf(asked, named)) context.addIssue({ code: 'custom', path, message })
}

/** The ducts of a hall. Without the point where nothing flows it is not known what its fan lifts for one hood alone. */
export const hallDuctsSchema = z
  .strictObject({
    fan: fanSchema.refine(([first]) => first?.flowM3PerS === 0, { path: [0, 'flowM3PerS'], error: 'a curve that begins at no flow' }),
    filter: filterSchema.optional(),
    ducts: ductsSchema,
    hoods: z.array(z.strictObject({
      bayId: idSchema,
      ductId: ductName,
      entry: entrySchema,
      foundWith: z.enum(FLOW_FOUND_WITH),
    })).min(1, 'at least one hood').max(40, 'at most 40 hoods'),
  })
  .superRefine(({ hoods, ...system }, context) => refuseFaults(
    { ...system, hoods: hoods.map(({ bayId, ductId }) => ({ id: bayId, ductId })) },
    { id: 'bayId', ductId: 'ductId' },
    context,
  )) satisfies z.ZodType<HallDucts>
