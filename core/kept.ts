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
