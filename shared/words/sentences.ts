import type { FindingCode, FindingValues } from '#core/findings/finding'
import type { Quantities } from './quantities'

/** A sentence that names the thing, what to do next, and the few words that fit on a board. */
export interface Spoken { readonly message: string, readonly todo: string | null, readonly brief: string }

export type Sentences = {
  readonly [Code in FindingCode]: (
    values: FindingValues[Code],
    q: Quantities,
  ) => readonly [message: string, todo?: string, brief?: string]
}
