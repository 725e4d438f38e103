// What is read anew is new to its last part, though most of it says what it said before. Where the parts that did not change are the
// very ones that were there, nothing that rests on them is worked out or drawn again.

type Part = Readonly<Record<string, unknown>>

const isPart = (value: unknown): value is Part =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype

/** Whether two records have the same keys with the very same values. */
const areSame = (one: Part, other: Part, keys: readonly string[]): boolean =>
  keys.length === Object.keys(other).length && keys.every(key => Object.hasOwn(other, key) && Object.is(one[key], other[key]))

/**
 * What is said now, with each part of it that says what it said before in the place of its newer twin; all of it, where nothing
 * changed. Lists are compared place by place, records key by key; of anything else (an instant of a class, a map) only the very same is
 * the same. Neither of the two is changed.
 *
 * @param before what was said before, of whatever shape
 * @param now what is said now; holds no circles
 */
export function keepSameParts<Value>(before: unknown, now: Value): Value
export function keepSameParts(before: unknown, now: unknown): unknown {
  if (Object.is(before, now)) return before
  if (Array.isArray(before) && Array.isArray(now)) {
    const parts: readonly unknown[] = now.map((part: unknown, nth) => keepSameParts(before[nth], part))
    return parts.length === before.length && parts.every((part, nth) => Object.is(part, before[nth])) ? before : parts
  }
  if (!isPart(before) || !isPart(now)) return now
  const keys = Object.keys(now)
  const parts = Object.fromEntries(keys.map(key => [key, keepSameParts(before[key], now[key])]))
  return areSame(parts, before, keys) ? before : parts
}
