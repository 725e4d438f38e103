/** A value with its spread: the safe end is `high` for what harms, `low` for what protects. */
export interface Range { readonly low: number, readonly mid: number, readonly high: number }

export const exactly = (value: number): Range => ({ low: value, mid: value, high: value })
export const NOTHING: Range = exactly(0)

/** A range given by its middle and a spread on each side, as a fraction of the middle. */
export const around = (mid: number, spread: number): Range => ({ low: mid * (1 - spread), mid, high: mid * (1 + spread) })

/** Product of two ranges of positive values: low with low, high with high. */
export const times = (a: Range, b: Range | number): Range =>
  typeof b === 'number'
    ? { low: a.low * b, mid: a.mid * b, high: a.high * b }
    : { low: a.low * b.low, mid: a.mid * b.mid, high: a.high * b.high }

export const plus = (a: Range, b: Range): Range => ({ low: a.low + b.low, mid: a.mid + b.mid, high: a.high + b.high })

/** Each of the three values through a function. */
export const each = (range: Range, change: (value: number, end: keyof Range) => number): Range =>
  ({ low: change(range.low, 'low'), mid: change(range.mid, 'mid'), high: change(range.high, 'high') })
