import { z } from 'zod'
import type { CommandType } from '#core/streams/commands'
import type { SiteAsTold, Told } from '#core/site-facts/told-site'
import { isAfter, minutesAfter } from '#core/time/instant'
import { GATES, MASKS } from '#core/ids/vocabulary'
import { commandTypes, payloadSchemas } from './command-schemas'
import { timeZone } from './site-schema'
import { findingSchema } from './finding-schema'
import { houseRulesSchema } from './house-rules-schema'
import { instant } from './instant-schema'
import { fitTestSchema } from './sign-in-schema'
import { idSchema as id, nameSchema, streamIdSchema } from './text-schema'

const date = z.iso.date('a date as 2026-11-23').nullable()

/** One thing told: the payload is checked against its type, as at the door. */
const toldSchema = z
  .strictObject({
    at: instant,
    by: id,
    stream: streamIdSchema,
    type: z.enum(commandTypes),
    payload: z.unknown(),
    isSigned: z.boolean().optional(),
  })
  .transform((told, context): Told => {
    const payload = payloadSchemas[told.type as CommandType].safeParse(told.payload)
    if (payload.success) return { ...told, payload: payload.data } as Told
    for (const { path, message } of payload.error.issues) context.addIssue({ code: 'custom', path: ['payload', ...path], message })
    return z.NEVER
  })

/** What a question may hold: it is answered while others wait. */
const MOST = { told: 2000, bays: 40, jobs: 80, permits: 20, surveys: 60, wearers: 200 } as const
const countOf = (told: readonly Told[], type: CommandType): number => told.filter(one => one.type === type).length

/** A shop as facts: what was told of it, in the words of its own commands, and the instant to judge it at. Nothing else stands in it. */
export const assessClearanceRequest = z
  .strictObject({
    now: instant,
    site: z.strictObject({ name: nameSchema, timeZone }),
    rules: houseRulesSchema.describe('The house rules in full: a rule left out would be a rule guessed'),
    told: z.array(toldSchema).max(MOST.told, `at most ${MOST.told}`),
    wearers: z
      .array(z.strictObject({
        personId: id,
        mask: z.enum(MASKS),
        fitTestedOn: date,
        medicallyClearedOn: date,
        fit: fitTestSchema.optional(),
      }))
      .max(MOST.wearers)
      .default([]),
    screens: z.int().min(0).max(1000).default(0).describe('Screens heard within the last minute'),
  })
  .superRefine(({ now, told, wearers }, context) => {
    const complain = (path: (string | number)[], message: string) => context.addIssue({ code: 'custom', path, message })
    told.forEach(({ at }, index) => {
      if (isAfter(at, now)) complain(['told', index, 'at'], 'nothing told may be later than now')
    })
    // A day to come would make somebody ready for longer than anybody tested them. Zones differ by less than a day.
    const tomorrow = minutesAfter(now, 24 * 60).slice(0, 10)
    wearers.forEach((wearer, index) => {
      for (const field of ['fitTestedOn', 'medicallyClearedOn'] as const)
        if ((wearer[field] ?? '') > tomorrow) complain(['wearers', index, field], 'a day that has been')
    })
    if (countOf(told, 'station.set-job') > MOST.jobs) complain(['told'], `at most ${MOST.jobs} jobs`)
    if (countOf(told, 'site.add-bay') > MOST.bays) complain(['told'], `at most ${MOST.bays} bays`)
    if (new Set(told.filter(({ type }) => type.startsWith('permit.')).map(({ stream }) => stream)).size > MOST.permits)
      complain(['told'], `at most ${MOST.permits} permits`)
    if (countOf(told, 'samples.record') > MOST.surveys) complain(['told'], `at most ${MOST.surveys} surveys`)
  }) satisfies z.ZodType<SiteAsTold>

const gateState = z.enum(['open', 'hold', 'stop', 'to-do', 'not-needed'])
const word = z.enum(['clear-to-strike', 'hold', 'stopped'])

export const assessClearanceResponse = z.strictObject({
  at: z.string(),
  rulesVersion: z.int(),
  bays: z.array(
    z.strictObject({
      bayId: z.string(),
      label: z.string(),
      word,
      reason: findingSchema.nullable(),
      oldestFactAt: z.string().nullable().describe('The oldest of what was said, seen or read that this rests on'),
      gates: z.array(z.strictObject({ gate: z.enum(GATES), state: gateState, findings: z.array(findingSchema) })),
    }),
  ),
  unaccepted: z
    .array(z.strictObject({ index: z.int(), findings: z.array(findingSchema) }))
    .describe('What the rules did not accept of what was told, by its place in the list: it changed nothing'),
})

/**
 * `GET /api/v1/clearance`: the live verdicts of a site. Whoever follows it lets nothing strike on an answer that is older than ten
 * seconds.
 */
export const clearanceResponse = z.strictObject({
  site: z.string(),
  at: z.string(),
  position: z.int(),
  rulesVersion: z.int(),
  oldestFactAt: z.string().nullable(),
  bays: z.array(
    z.strictObject({
      bayId: z.string(),
      label: z.string(),
      word,
      isClear: z.boolean(),
      reason: z.string().nullable(),
      oldestFactAt: z.string().nullable(),
      gates: z.record(z.enum(GATES), gateState),
    }),
  ),
})
export type ClearanceReading = z.infer<typeof clearanceResponse>
