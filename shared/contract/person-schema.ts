import { z } from 'zod'
import { LIMIT_KINDS, MIXTURE_GROUPS, MIXTURE_SPANS, SAMPLE_VERDICTS } from '#core/ids/exposure-ids'
import type { MixtureGroupId } from '#core/ids/exposure-ids'
import { COMPETENCES, EXPOSURE_RULE_SETS, PROCESSES, ROLES, SUBSTANCES } from '#core/ids/vocabulary'
import type { PersonCommands } from '#core/streams/person/person'
import { WEARABLES } from '#core/ids/wearable-ids'
import { sizeSchema, toldGarmentSchema } from './garment-schema'
import { instant } from './instant-schema'
import { nothing } from './payloads'
import type { Payloads } from './payloads'
import { shadeNumber } from './shade-number-schema'
import { idSchema as id, nameOf, nameSchema as name } from './text-schema'

const profile = z.strictObject({
  name,
  roles: z.array(z.enum(ROLES)).min(1, 'at least one role').max(ROLES.length),
  areaId: id.nullable(),
  bayId: id.nullable(),
  group: nameOf(40, 'the name of a class or crew').nullable().optional(),
})
const apart = z.strictObject({ recordId: z.uuid(), sha256: z.string().regex(/^[0-9a-f]{64}$/) }).nullable()

const share = z.number().min(0)
const mgPerM3 = z.number().min(0)

/** What somebody breathed on a day that is over. */
const airOfDaySchema = z.strictObject({
  day: z.iso.date(),
  rulesVersion: z.int().min(1),
  hours: z.number().min(0).nullable(),
  work: z.array(z.strictObject({ bayId: id, minutes: z.int().min(0), processes: z.array(z.enum(PROCESSES)) })),
  unknownBays: z.array(id),
  substances: z.array(z.strictObject({
    substance: z.enum(SUBSTANCES),
    twaMgPerM3: z.strictObject({ low: mgPerM3, mid: mgPerM3, high: mgPerM3 }),
    shortTermMgPerM3: mgPerM3,
    peakMgPerM3: mgPerM3,
    use: z.strictObject({
      ruleSet: z.enum(EXPOSURE_RULE_SETS), kind: z.enum(LIMIT_KINDS), limitMgPerM3: z.number().positive(), fraction: share,
    }).nullable(),
  })),
  mixture: z.strictObject({
    group: z.enum(Object.keys(MIXTURE_GROUPS) as [MixtureGroupId, ...MixtureGroupId[]]),
    span: z.enum(MIXTURE_SPANS),
    ruleSet: z.enum(EXPOSURE_RULE_SETS),
    fraction: share,
  }).nullable(),
  fraction: share.nullable(),
  sampled: z.array(z.strictObject({
    bayId: id,
    substance: z.enum(SUBSTANCES),
    takenOn: z.iso.date(),
    count: z.int().min(1),
    verdict: z.enum(SAMPLE_VERDICTS),
    boundMgPerM3: mgPerM3.nullable(),
  })),
})

/** What may be said of a person. */
export const personPayloads = {
  'person.add': profile,
  'person.change': profile,
  'person.enrol': z.strictObject({
    people: z.record(id, profile).refine(people => Object.keys(people).length > 0, 'at least one name'),
  }),
  'person.leave': nothing,
  'person.sign-off': z.strictObject({ process: z.enum(PROCESSES), isSignedOff: z.boolean() }),
  'person.note-training': z.strictObject({
    process: z.enum(PROCESSES),
    trainedOn: z.iso.date('a date as 2026-11-23'),
    taughtBy: nameOf(80, 'who taught it'),
    nextOn: z.iso.date('a date as 2026-11-23').nullable(),
  }),
  'person.settle-shade': z.strictObject({
    bayId: id,
    process: z.enum(PROCESSES),
    bandA: z.tuple([z.number().min(0), z.number().min(0)]).nullable(),
    shade: shadeNumber,
  }),
  'person.name-competent': z.strictObject({ competences: z.array(z.enum(COMPETENCES)).max(COMPETENCES.length) }),
  'person.keep-air': airOfDaySchema,
  'person.secret-set': z.strictObject({ kind: z.enum(['password', 'pin']) }),
  'person.offer-code': z.strictObject({ isReset: z.boolean() }),
  'person.use-code': z.strictObject({ signsFrom: instant.nullable(), pinSet: z.boolean() }),
  'person.check-shaven': z.strictObject({ isShaven: z.boolean() }),
  'person.tell-outfit': z.strictObject({ worn: z.array(toldGarmentSchema).max(60, 'at most 60 items') }),
  'person.lend': z.strictObject({ loanId: z.uuid(), wearable: z.enum(WEARABLES), size: sizeSchema }),
  'person.give-back': z.strictObject({ loanId: z.uuid(), isLost: z.boolean() }),
  'person.note-health': z.strictObject({ health: apart }),
  'person.note-care': z.strictObject({ care: apart }),
} satisfies Payloads<PersonCommands>
