/** Parts as English lists them: *a, b and c*; of none, nothing. */
export const listOf = (parts: readonly string[]): string =>
  parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`
