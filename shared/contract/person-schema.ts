import { z } from 'zod'
import { COMPETENCES, ROLES } from '#core/ids/vocabulary'
import type { PersonCommands } from '#core/streams/person/person'
import { instant } from './instant-schema'
import { nothing } from './payloads'
import type { Payloads } from './payloads'
import { idSchema as id, nameSchema as name } from './text-schema'

const profile = z.strictObject({
  name,
  roles: z.array(z.enum(ROLES)).min(1, 'at least one role').max(ROLES.length),
  areaId: id.nullable(),
  bayId: id.nullable(),
})

/** What may be said of a person. */
export const personPayloads = {
  'person.add': profile,
  'person.change': profile,
  'person.leave': nothing,
  'person.name-competent': z.strictObject({ competences: z.array(z.enum(COMPETENCES)).max(COMPETENCES.length) }),
  'person.secret-set': z.strictObject({ kind: z.enum(['password', 'pin']) }),
  'person.offer-code': z.strictObject({ isReset: z.boolean() }),
  'person.use-code': z.strictObject({ signsFrom: instant.nullable(), pinSet: z.boolean() }),
  'person.check-shaven': z.strictObject({ isShaven: z.boolean() }),
  'person.note-health': z.strictObject({
    health: z.strictObject({ recordId: z.uuid(), sha256: z.string().regex(/^[0-9a-f]{64}$/) }).nullable(),
  }),
} satisfies Payloads<PersonCommands>
