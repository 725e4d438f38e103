/**
 * Where something that rises with x passes a value, by halving.
 *
 * @param low there it is below
 * @param high there it is above
 * @param isBelow whether it is still below at x
 * @returns x, to a 2⁻⁵⁰th of the way from low to high
 */
export function halved(low: number, high: number, isBelow: (x: number) => boolean): number {
  let [a, b] = [low, high]
  for (let i = 0; i < 50; i++) {
    const middle = (a + b) / 2
    if (isBelow(middle)) a = middle
    else b = middle
  }
  return (a + b) / 2
}
