import type { SourceId } from '../source/book'
import type { EquipmentKindId } from '../ids/vocabulary'
import type { ItemEventId } from '../ids/kit-ids'

/** When a list falls due again: before each shop day's first use, or some time after it was last done. */
export type Interval
  = { readonly unit: 'use' } | { readonly unit: 'days' | 'months', readonly count: number, readonly atMonthEnd?: boolean }

/** Who may do a list: anybody trained, or somebody named as competent for this kind of equipment. */
export type Examiner = 'user' | 'competent'

interface CheckBase {
  readonly id: string
  /** Written by the site; a built-in check is spoken from the catalogue. */
  readonly text?: string
  readonly source?: SourceId
}
/** A check and what passes it. */
export type Check = CheckBase & (
  | { readonly asks: 'yes-no' }
  | { readonly asks: 'choice', readonly options: readonly string[], readonly passing: readonly string[] }
  | { readonly asks: 'measurement', readonly unit: string, readonly atLeast?: number, readonly atMost?: number }
)

/** A list of checks for one kind of equipment. A finished inspection keeps the version it was done against. */
export interface CheckList {
  readonly id: string
  readonly version: number
  readonly kind: EquipmentKindId
  readonly every: Interval
  readonly triggers: readonly ItemEventId[]
  readonly examiner: Examiner
  /** Days after the due day in which it may still be used; 0 unless the site grants some. Law grants none. */
  readonly graceDays: number
  readonly checks: readonly Check[]
}

/** What was found: true is a pass of a yes/no check; a choice or a number is judged by the check. */
export type Answer = boolean | string | number
export type Answers = Readonly<Record<string, Answer>>
