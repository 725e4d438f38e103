import type { FormError } from '@nuxt/ui'
import type { z } from 'zod'
import type { CommandType } from '#core/streams/commands'
import type { FormPath } from '#shared/contract/answers'
import { payloadSchemas } from '#shared/contract/command-schemas'
import { classPlanRequest } from '#shared/contract/class-plan-schema'
import { careRequest, firstRunRequest, redeemRequest, signInCodeRequest, wearerRequest } from '#shared/contract/sign-in-schema'
import { fieldInSpanish } from '#shared/words/es/fields'
import { framePages } from '~/words/frame'
import { language } from '~/words/live'

const says = framePages.form

const isNothing = (value: unknown): boolean => value === undefined || value === null || value === ''
const valueAt = (value: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>((inside, key) => (typeof inside === 'object' && inside !== null ? Reflect.get(inside, key) : undefined), value)

/** The contract speaks to programs: `at most 80 characters`. People are told in a sentence, and what is not there at all is only needed. */
function sentenceOf(issue: z.core.$ZodIssue, value: unknown): string {
  if (isNothing(valueAt(value, issue.path))) return says.needed
  if (issue.code === 'invalid_value' || issue.code === 'invalid_union') return says.chooseOne
  const inLanguage = (language.value === 'es' ? fieldInSpanish(issue.message) : null) ?? issue.message
  return `${inLanguage.charAt(0).toUpperCase()}${inLanguage.slice(1)}.`
}

/** What a form's schema says of what would be sent: at most one thing of each field. */
export function lacksBySchema(schema: z.ZodType, value: unknown): readonly FormError[] {
  const { error } = schema.safeParse(value)
  const found = new Map<string, string>()
  for (const issue of error?.issues ?? []) {
    const name = issue.path.map(String).join('.')
    if (!found.has(name)) found.set(name, sentenceOf(issue, value))
  }
  return [...found].map(([name, message]) => ({ name, message }))
}

/** What is sent past the door of commands, and filled in field by field. */
const FORMS = {
  'care': careRequest,
  'classes/plan': classPlanRequest,
  'first-run': firstRunRequest,
  'redeem': redeemRequest,
  'sign-in-codes': signInCodeRequest,
  'wearers': wearerRequest,
} satisfies Partial<Record<FormPath, z.ZodType>>
/** What a form can come to. */
export type FormOf = CommandType | keyof typeof FORMS

/** What a form lacks, by the schema that the server reads it with. */
export const lacksOf = (type: FormOf, payload: unknown): readonly FormError[] =>
  lacksBySchema(type in FORMS ? FORMS[type as keyof typeof FORMS] : payloadSchemas[type as CommandType], payload)
