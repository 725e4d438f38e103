import { z } from 'zod'
import { hasUnseen } from '../well-formed'

/** The one word in lower case that every object of the language answers to: what is looked up by it would be found. */
const isOwnWord = (text: string): boolean => text !== 'constructor'
const RESERVED = 'this word is taken: choose another'

/** An id in lower-case words, as every id here that is no UUID. */
export const idSchema = z
  .string()
  .regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'lower-case letters, digits and hyphens, at most 64')
  .refine(isOwnWord, RESERVED)

/** The address of a stream, such as `station/bay-4`: the words of its parts. */
export const streamIdSchema = z
  .string()
  .regex(/^[a-z0-9][a-z0-9/-]{0,99}$/, 'the id of a stream, such as station/bay-4')
  .refine(text => text.split('/').every(isOwnWord), RESERVED)

/** What a device calls itself. */
export const deviceIdSchema = z.string().regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/, 'letters, digits and hyphens, at most 64')

/** A name that people tell things and each other apart by: what nobody sees may not stand in it. */
export const nameOf = (max: number, needed: string) =>
  z
    .string()
    .trim()
    .min(1, needed)
    .max(max, `at most ${max} letters`)
    .refine(text => !hasUnseen(text), 'holds marks that nobody sees: type it by hand')

export const nameSchema = nameOf(80, 'a name is needed')
export const sentenceSchema = z.string().trim().min(1, 'a few words are needed').max(500, 'at most 500 letters')
