import type { Queryable } from './database/connection'
import { Problem } from './http'
import { readPerson } from './tables/person'
import { errorsHere, fieldHere } from './words/here'

/** @throws Problem 422 where nobody here has that id: nothing is written down of a stranger */
export async function requireHere(db: Queryable, siteId: string, personId: string): Promise<void> {
  const person = await readPerson(db, siteId, personId)
  if (person && !person.hasLeft) return
  throw new Problem(422, {
    error: errorsHere().nobodyByThatId,
    fields: [{ path: 'personId', message: fieldHere('choose somebody from the list') }],
  })
}
