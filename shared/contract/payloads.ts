import { z } from 'zod'

/** A schema for each command of a kind: one that is left out, or that lets something else through, does not compile. */
export type Payloads<Commands> = { readonly [Type in keyof Commands]: z.ZodType<Commands[Type]> }

/** Of a command that says nothing but that it was done. */
export const nothing = z.strictObject({})
/** Why, in a few words that may be left out, and that may not. */
export const reason = z.string().trim().max(500, 'at most 500 letters')
export const said = reason.min(1, 'a few words are needed')
export const date = z.iso.date('a date as 2026-11-23')
