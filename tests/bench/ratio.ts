/** One measured ratio against its target. */
export interface Ratio { readonly name: string, readonly ratio: number, readonly atMost: number, readonly absolutes: string }

export const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.floor(sorted.length / 2)]!
}

/** Prints a ratio; true when it keeps its target. */
export function report({ name, ratio, atMost, absolutes }: Ratio): boolean {
  const kept = ratio <= atMost
  process.stdout.write(`${kept ? 'kept  ' : 'MISSED'} ${name}: ${ratio.toFixed(2)} (at most ${atMost})   ${absolutes}\n`)
  return kept
}
