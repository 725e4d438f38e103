import { z } from 'zod'
import { MONITOR_QUANTITIES } from '#core/ids/monitor-ids'
import { SENML_NAME } from '#core/monitor/monitor-name'
import type { SenmlRecord } from '#core/monitor/senml'
import type { MonitorCommands } from '#core/streams/monitor/monitor'
import { MONITOR_LIMITS } from '#core/streams/monitor/monitor'
import { instant } from './instant-schema'
import { between } from './job-schema'
import { nothing } from './payloads'
import type { Payloads } from './payloads'
import { idSchema, nameSchema, sentenceSchema } from './text-schema'

const { readings, bays, silentAfterS } = MONITOR_LIMITS

/** What may be said of instruments that stay at bays. */
export const monitorPayloads = {
  'monitor.place': z.strictObject({
    name: nameSchema,
    senmlName: z.string().regex(SENML_NAME, 'the name it sends: letters, digits and : . / _ -, at most 64'),
    bayIds: z.array(idSchema).min(bays.min, 'at least one bay').max(bays.max, `at most ${bays.max} bays`)
      .refine(ids => new Set(ids).size === ids.length, 'each bay once'),
    quantity: z.enum(MONITOR_QUANTITIES),
    silentAfterS: between(silentAfterS, 's'),
  }),
  'monitor.remove': z.strictObject({ reason: sentenceSchema }),
  'monitor.hear': z.strictObject({
    readings: z.array(z.strictObject({ at: instant, value: z.number() })).min(readings.min).max(readings.max),
  }),
  'monitor.fall-silent': nothing,
} satisfies Payloads<MonitorCommands>

/** Larger than any reading, and small enough to stay a number in whatever unit. */
const LARGEST = 1e12
const number = z.number('a number').min(-LARGEST, `at least ${-LARGEST}`).max(LARGEST, `at most ${LARGEST}`).optional()
const text = z.string().max(200, 'at most 200 characters').optional()
/** A SenML record of a reading. What it may hold besides, and has to be understood, is not taken. */
const senmlRecord = z.strictObject({
  bn: text, bt: number, bu: text, bv: number, bs: number, bver: number, n: text, u: text, v: number, t: number, ut: number,
}) satisfies z.ZodType<SenmlRecord>

/** What an instrument sends: a SenML pack. */
export const readingsRequest = z
  .array(senmlRecord, 'a list of SenML records (RFC 8428)')
  .min(1, 'at least one record')
  .max(readings.max, `at most ${readings.max} records at once`)

/** What was made of it, monitor by monitor. */
export const readingsResponse = z.strictObject({
  monitors: z.array(z.strictObject({
    monitorId: z.string(),
    name: z.string(),
    taken: z.int().describe('readings that were new'),
    repeated: z.int().describe('readings that were kept already'),
    standing: z
      .enum(['within', 'over', 'holds', 'not-heard'])
      .describe('over: past a limit within the last quarter of an hour; holds: heading past it, below zero, or over the house\'s own'),
  })),
})
