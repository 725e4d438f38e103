import { z } from 'zod'
import { citing } from '#core/inspection/built-in-lists'
import type { Check, CheckList } from '#core/inspection/check-list'
import { ITEM_EVENTS } from '#core/ids/kit-ids'
import { EQUIPMENT_KINDS } from '#core/ids/vocabulary'
import type { CheckListsCommands } from '#core/streams/check-lists/check-lists'
import type { Payloads } from './payloads'
import { idSchema as id } from './text-schema'

const check = z.discriminatedUnion('asks', [
  z.strictObject({ id, text: z.string().trim().min(1).max(160).optional(), source: z.unknown().optional(), asks: z.literal('yes-no') }),
  z
    .strictObject({
      id,
      text: z.string().trim().min(1).max(160).optional(),
      source: z.unknown().optional(),
      asks: z.literal('choice'),
      options: z.array(z.string().trim().min(1).max(60)).min(2).max(12),
      passing: z.array(z.string()).min(1),
    })
    .refine(({ options, passing }) => passing.every(one => options.includes(one)), {
      path: ['passing'],
      error: 'each must be one of the options',
    }),
  z
    .strictObject({
      id,
      text: z.string().trim().min(1).max(160).optional(),
      source: z.unknown().optional(),
      asks: z.literal('measurement'),
      unit: z.string().trim().min(1).max(24),
      atLeast: z.number().optional(),
      atMost: z.number().optional(),
    })
    .refine(({ atLeast, atMost }) => atLeast !== undefined || atMost !== undefined, {
      path: ['atLeast'],
      error: 'a lowest or a highest value',
    })
    .refine(({ atLeast, atMost }) => atLeast === undefined || atMost === undefined || atLeast <= atMost, {
      path: ['atMost'],
      error: 'not below the lowest value',
    }),
])
const interval = z.discriminatedUnion('unit', [
  z.strictObject({ unit: z.literal('use') }),
  z.strictObject({ unit: z.enum(['days', 'months']), count: z.int().min(1).max(600), atMonthEnd: z.boolean().optional() }),
])
/** A list is called by the kind of kit it is for, and a name. */
export const listId = z.string().regex(/^[a-z0-9-]{1,40}\.[a-z0-9-]{1,40}$/, 'the kind and a name, as arc-machine.weekly')

/** A list as a site edits it. What a check cites comes from the built-in list by its id; nobody sends sources. */
const list = z
  .strictObject({
    id: listId,
    kind: z.enum(EQUIPMENT_KINDS),
    every: interval,
    triggers: z.array(z.enum(ITEM_EVENTS)).max(ITEM_EVENTS.length),
    examiner: z.enum(['user', 'competent']),
    graceDays: z.int().min(0).max(90),
    checks: z.array(check).min(1, 'at least one check').max(60),
  })
  .refine(({ id: listId, kind }) => listId.startsWith(`${kind}.`), { path: ['id'], error: 'begins with its kind' })
  .refine(({ checks }) => new Set(checks.map(one => one.id)).size === checks.length, {
    path: ['checks'],
    error: 'each check has an id of its own',
  })
  .transform(({ checks, ...rest }): Omit<CheckList, 'version'> => ({
    ...rest,
    checks: checks.map(one => citing(one as Check)),
  }))

/** What may be said of the lists that kit is checked by. */
export const checkListsPayloads = {
  'check-lists.change': z.strictObject({ list }),
  'check-lists.drop': z.strictObject({ listId }),
} satisfies Payloads<CheckListsCommands>
