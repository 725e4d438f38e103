import { shadeForComparing } from './shade-number'

/** As dark as anybody begins: beyond this many over the start nobody sees a puddle. */
const DARKER_TO_BEGIN = 2

/**
 * Shades to try, one after the other, from the darkest: until the puddle is just seen. None is under the least. Common practice.
 *
 * @param settable shades that the helmet can be set to; where nobody wrote them down, whole ones are taken
 * @returns darkest first; none where the helmet has none that may be used
 */
export function darkestSteps(minimum: number, start: number, settable: readonly number[] | null): readonly number[] {
  const darkest = start + DARKER_TO_BEGIN
  const shades = settable ?? Array.from({ length: Math.floor(darkest) }, (_, i) => i + 1)
  const allowed = shades.filter(shade => shadeForComparing(shade) >= minimum)
  const seen = allowed.filter(shade => shade <= darkest)
  // A helmet whose lightest is darker than anybody begins at is tried all the same.
  const tried = seen.length > 0 ? seen : allowed.slice(0, 1)
  const whole = tried.filter(Number.isInteger)
  return (whole.length > 1 ? whole : tried).toSorted((a, b) => b - a)
}
