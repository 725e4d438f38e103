/** What a part of a state is in the table: one sort of thing, or `any` where it may be several; with a question mark it may be null. */
type KindOf<Value> = [Value] extends [string | null]
  ? 'text'
  : [Value] extends [number | null]
      ? 'number'
      : [Value] extends [boolean | null]
          ? 'truth'
          : [Value] extends [readonly unknown[] | null]
              ? 'list'
              : Extract<Value, string | readonly unknown[]> extends never
                ? 'object'
                : 'any'
type PartOf<Value> = null extends Value ? `${KindOf<Value>}?` : KindOf<Value>

/** Every part of a state that is always there, with what it is: one that is forgotten, or said wrongly, does not compile. */
export type PartsOf<State> = { readonly [Key in keyof State as undefined extends State[Key] ? never : Key]: PartOf<State[Key]> }

const kindOf = (value: unknown): string => {
  if (Array.isArray(value)) return 'list'
  return (
    { string: 'text', number: 'number', boolean: 'truth' }[typeof value as string]
    ?? (typeof value === 'object' ? 'object' : typeof value)
  )
}

const fits = (value: unknown, part: string): boolean =>
  value === null ? part.endsWith('?') : part.startsWith('any') || kindOf(value) === part.replace('?', '')

/** A row that this program did not write so: its tables are to be folded anew. */
export class OddRow extends Error {
  constructor(what: string, part: string) {
    super(
      `a row of ${what} has no fitting "${part}": fold the tables anew with npm run rebuild, and raise READ_SHAPE where the state changed its shape`,
    )
  }
}

/**
 * Reads a state from its row, part by part. A state of another shape would be judged as if what it lacks were not so: it is thrown, and
 * reads clear nowhere.
 *
 * @param what the table's word for it
 * @returns how to read one; it throws OddRow
 */
export function shapedAs<State extends object>(what: string, parts: PartsOf<State>): (value: unknown) => State {
  const wanted = Object.entries(parts) as [string, string][]
  return (value) => {
    if (kindOf(value) !== 'object' || value === null) throw new OddRow(what, 'row')
    const known = value as Record<string, unknown>
    for (const [part, kind] of wanted) if (!Object.hasOwn(known, part) || !fits(known[part], kind)) throw new OddRow(what, part)
    return value as State
  }
}

/** Reads a state by name each: of halls, of bays. */
export const eachShaped = <State>(
  read: (value: unknown) => State,
  values: Readonly<Record<string, unknown>> | null,
): Record<string, State> => Object.fromEntries(Object.entries(values ?? {}).map(([id, value]) => [id, read(value)]))
