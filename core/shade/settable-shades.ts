type Bands = readonly (readonly [lightest: number, darkest: number])[]

/** Of bands that were asked for before: a rack is solved for everybody of a class, and its helmets stay the ones they are. */
const known = new WeakMap<Bands, readonly number[]>()

/**
 * Shades that a helmet can be set to, half steps within its bands, and what each band ends with; what lies in the gap between bands it
 * cannot.
 *
 * @param bands lightest and darkest shade of each
 * @returns lightest first
 */
export function settableShades(bands: Bands): readonly number[] {
  const before = known.get(bands)
  if (before) return before
  const shades = shadesIn(bands)
  known.set(bands, shades)
  return shades
}

const shadesIn = (bands: Bands): readonly number[] =>
  [...new Set(bands.flatMap(([lightest, darkest]) => [
    ...Array.from({ length: Math.floor((darkest - lightest) * 2 + 1e-9) + 1 }, (_, step) => lightest + step / 2),
    darkest,
  ]))].toSorted((a, b) => a - b)

/** What of these it is set to first: the shade to start at or the next one darker, else the darkest; undefined where there is none. */
export const setFirst = (shades: readonly number[], start: number): number | undefined => shades.find(one => one >= start) ?? shades.at(-1)
