import { z } from 'zod'
import { CONFINEMENTS, EXPOSURE_RULE_SETS, HEADS, POSITIONS, SUBSTANCES } from '#core/ids/vocabulary'
import { LIMIT_KINDS } from '#core/ids/exposure-ids'
import { CLASS_LIMITS } from '#core/placing/class-question'
import { CLASS_RULES } from '#core/ids/class-ids'
import { arcOfJob, isOneOf, maskSchema, minuteSchema, NOT_BOTH, place, ruleSets } from './assess-air-schema'
import { findingSchema } from './finding-schema'
import { between } from './job-schema'
import { nameOf } from './text-schema'

const label = nameOf(40, 'a name for it')
const baySchema = z
  .strictObject({
    id: label,
    capture: place.capture,
    hood: place.hood,
    job: z.strictObject({
      ...arcOfJob,
      head: z.enum(HEADS).optional(),
      position: z.enum(POSITIONS).optional(),
      confinement: z.enum(CONFINEMENTS).optional(),
    }),
  })
  .refine(isOneOf, NOT_BOTH)

/** `POST /api/v1/assess/plan`, what is asked: a class, its bays and its hours. */
export const assessPlanRequest = z
  .strictObject({
    room: place.room,
    bays: z.array(baySchema).min(1, 'at least one bay').max(CLASS_LIMITS.bays, `at most ${CLASS_LIMITS.bays} bays`),
    people: z
      .array(z.strictObject({
        id: label,
        bays: z.array(label).max(CLASS_LIMITS.bays, `at most ${CLASS_LIMITS.bays} bays`).optional().describe('At which they may weld; left out: all'),
        mask: maskSchema.optional(),
      }))
      .min(1, 'at least one person')
      .max(CLASS_LIMITS.people, `at most ${CLASS_LIMITS.people} people`),
    periods: z
      .array(z.strictObject({ fromMin: minuteSchema, toMin: minuteSchema }))
      .min(1, 'at least one period')
      .max(CLASS_LIMITS.periods, `at most ${CLASS_LIMITS.periods} periods`)
      .describe('One after the other; everybody is in the room from the first to the last'),
    atOnce: z
      .array(z.strictObject({
        what: label,
        bays: z.array(label).min(1, 'at least one bay').max(CLASS_LIMITS.bays, `at most ${CLASS_LIMITS.bays} bays`),
        most: z.int('a whole number').min(0, 'at least 0'),
      }))
      .max(20, 'at most 20')
      .default([])
      .describe('Of these bays so many at once: dampers on one fan, helmets that do'),
    wantedArcMin: between({ min: 0.5, max: 600 }, 'min').describe('Of burning arc for everybody'),
    ruleSets,
    actionFraction: z.number().min(0.05).max(1).default(1),
    daysPerWeek: z.int('a whole number').min(1, 'at least 1').max(7, 'at most 7').default(5),
  })
  .check(({ value: { bays, people, periods, atOnce }, issues }) => {
    const refuse = (input: unknown, path: (string | number)[], message: string): void => {
      issues.push({ code: 'custom', input, path, message })
    }
    const ids = new Set(bays.map(({ id }) => id))
    const once = (all: readonly { readonly id: string }[], of: string): void =>
      all.forEach(({ id }, i) => all.findIndex(one => one.id === id) === i || refuse(id, [of, i, 'id'], 'each name once'))
    once(bays, 'bays')
    once(people, 'people')
    people.forEach((person, i) => person.bays?.forEach((id, k) => ids.has(id) || refuse(id, ['people', i, 'bays', k], 'one of the bays')))
    atOnce.forEach((one, i) => one.bays.forEach((id, k) => ids.has(id) || refuse(id, ['atOnce', i, 'bays', k], 'one of the bays')))
    periods.forEach(({ fromMin, toMin }, i) => {
      if (toMin <= fromMin) refuse(toMin, ['periods', i, 'toMin'], 'after its beginning')
      if (i > 0 && fromMin < periods[i - 1]!.toMin) refuse(fromMin, ['periods', i, 'fromMin'], 'not before the end of the one before it')
    })
  })

/** `POST /api/v1/assess/plan`, what is answered. */
export const assessPlanResponse = z.strictObject({
  isEnough: z.boolean().describe('Everybody gets the arc time that is wanted'),
  isProven: z.boolean().nullable().describe('Nothing better exists; not so, it is the best that was found in time'),
  leastArcMin: z.number().nullable().describe('Of whoever gets least'),
  placings: z.array(z.strictObject({ person: z.string(), bay: z.string(), period: z.int().describe('From 0') })),
  people: z.array(z.strictObject({
    id: z.string(),
    arcMin: z.number(),
    fraction: z.number().describe('Of the hardest limit or sum; the high end, inside their mask'),
    worst: z
      .strictObject({ substance: z.enum(SUBSTANCES), ruleSet: z.enum(EXPOSURE_RULE_SETS), kind: z.enum(LIMIT_KINDS) })
      .nullable(),
  })),
  forbids: z.array(z.enum(CLASS_RULES)).describe('What by itself forbids a plan that gives everybody what is wanted'),
  changes: z
    .array(z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('at-once'), what: z.string(), most: z.int() }),
      z.strictObject({ kind: z.literal('air'), supplyM3PerS: z.number() }),
      z.strictObject({ kind: z.literal('bays'), bayId: z.string() }),
      z.strictObject({ kind: z.literal('period') }),
    ]))
    .describe('The smallest of each kind that would allow one'),
  findings: z.array(findingSchema),
})
