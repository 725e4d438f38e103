/** Works each thing out when it is first asked for, once. */
export function lazily<Key, Value>(work: (key: Key) => Value): (key: Key) => Value {
  const known = new Map<Key, Value>()
  return (key) => {
    const found = known.get(key)
    if (found !== undefined) return found
    const made = work(key)
    known.set(key, made)
    return made
  }
}

/** The same of what is asked by several things: by one text for them all. */
export function keyed<Asked extends readonly unknown[], Value>(
  of: (...asked: Asked) => { readonly key: string, readonly make: () => Value },
): (...asked: Asked) => Value {
  const known = new Map<string, Value>()
  return (...asked) => {
    const { key, make } = of(...asked)
    const found = known.get(key)
    if (found !== undefined) return found
    const made = make()
    known.set(key, made)
    return made
  }
}

/**
 * Answers that were worked out lately, by the text of what was asked: the one asked for longest ago goes first.
 *
 * @param count how many are kept, 1 or more
 */
export function keptLately<Value>(count: number): (key: string, make: () => Value) => Value {
  const known = new Map<string, { readonly value: Value }>()
  return (key, make) => {
    const found = known.get(key) ?? { value: make() }
    known.delete(key)
    known.set(key, found)
    if (known.size > count) known.delete(known.keys().next().value!)
    return found.value
  }
}

/**
 * The same of answers that belong to a thing: they are gone when it is.
 *
 * @param count how many are kept of each thing
 */
export function keptWith<Owner extends object, Value>(count: number): (owner: Owner, key: string, make: () => Value) => Value {
  const known = new WeakMap<Owner, ReturnType<typeof keptLately<Value>>>()
  return (owner, key, make) => {
    const answers = known.get(owner) ?? keptLately<Value>(count)
    known.set(owner, answers)
    return answers(key, make)
  }
}

/** A text for a thing: numbers that JSON makes one null of, what is no number and what has no end, stay apart. */
export const textOf = (thing: unknown): string =>
  JSON.stringify(thing, (_key, value: unknown) => typeof value === 'number' && !Number.isFinite(value) ? String(value) : value)

/** Short names for long texts: the same as long as a text is remembered, and never one that another had. */
export function namesLately(count: number): (text: string) => number {
  const known = keptLately<number>(count)
  let next = 0
  return text => known(text, () => next++)
}
