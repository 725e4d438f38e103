import type { KitItemMarks } from '#core/streams/kit-item/kit-item'
import type { StarterSaid } from '#core/opening/starter-kit'

/** What is known of things of one kind today: all that is asked, nothing yet, or that there are none here. */
export const KNOWN = ['known', 'later', 'not-here'] as const
export type KnownId = typeof KNOWN[number]

/** As it is typed: a paper counts once both its day and who passed it are there. */
export interface KnownKind {
  readonly known: KnownId
  readonly marks: KitItemMarks
  readonly papers: Readonly<Record<string, { readonly doneOn: string, readonly by: string }>>
  readonly distanceM: number | undefined
}
export const NOT_SAID: KnownKind = { known: 'later', marks: {}, papers: {}, distanceM: undefined }

/** What is registered of it; null where there are none here. What is put off says nothing. */
export function saidOf({ known, marks, papers, distanceM }: KnownKind): StarterSaid | null {
  if (known === 'not-here') return null
  if (known === 'later') return { marks: {}, onPaper: [] }
  const onPaper = Object.entries(papers)
    .filter(([, { doneOn, by }]) => doneOn !== '' && by.trim() !== '')
    .map(([listId, { doneOn, by }]) => ({ listId, doneOn, by: by.trim() }))
  return { marks, onPaper, ...distanceM === undefined ? {} : { distanceM } }
}
