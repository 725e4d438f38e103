/** A part of a day, in minutes from its start. */
export interface Stay { readonly fromMin: number, readonly toMin: number }

/** Stretches that touch or overlap made one, in order. */
export function joined(stays: readonly Stay[]): readonly Stay[] {
  const whole: Stay[] = []
  for (const stay of [...stays].sort((a, b) => a.fromMin - b.fromMin)) {
    const last = whole.at(-1)
    if (last && stay.fromMin <= last.toMin) whole[whole.length - 1] = { fromMin: last.fromMin, toMin: Math.max(last.toMin, stay.toMin) }
    else whole.push({ fromMin: stay.fromMin, toMin: stay.toMin })
  }
  return whole
}

/** Minutes of stretches that do not overlap. */
export const minutesOf = (stays: readonly Stay[]): number => stays.reduce((total, stay) => total + stay.toMin - stay.fromMin, 0)

/**
 * The time between stretches, and after the last until somebody leaves.
 *
 * @param stays joined
 */
export const between = (stays: readonly Stay[], untilMin: number): readonly Stay[] =>
  stays.flatMap(({ toMin }, at) => {
    const next = Math.min(stays[at + 1]?.fromMin ?? untilMin, untilMin)
    return next > toMin ? [{ fromMin: toMin, toMin: next }] : []
  })

/**
 * What of a stretch falls within others.
 *
 * @example within({ fromMin: 0, toMin: 60 }, [{ fromMin: 20, toMin: 30 }]) // 20 to 30
 */
export const within = <Kind extends Stay>(stretch: Kind, others: readonly Stay[]): readonly Kind[] =>
  joined(others)
    .map(other => ({ ...stretch, fromMin: Math.max(stretch.fromMin, other.fromMin), toMin: Math.min(stretch.toMin, other.toMin) }))
    .filter(({ fromMin, toMin }) => toMin > fromMin)

/**
 * What is left of a stretch beside others.
 *
 * @example without({ fromMin: 0, toMin: 60 }, [{ fromMin: 20, toMin: 30 }]) // 0 to 20 and 30 to 60
 */
export const without = <Kind extends Stay>(stretch: Kind, others: readonly Stay[]): readonly Kind[] =>
  joined(others).reduce<readonly Kind[]>(
    (left, taken) => left.flatMap(part => [
      { ...part, toMin: Math.min(part.toMin, taken.fromMin) },
      { ...part, fromMin: Math.max(part.fromMin, taken.toMin) },
    ].filter(({ fromMin, toMin }) => toMin > fromMin)),
    [stretch],
  )

/**
 * When somebody leaves who stays for their shift, and longer where their work lasts, minutes from the start of the day.
 *
 * @param work at least one stretch
 */
export const leavesAtMin = (work: readonly Stay[], shiftHours: number): number =>
  Math.max(...work.map(({ toMin }) => toMin), Math.min(...work.map(({ fromMin }) => fromMin)) + shiftHours * 60)
