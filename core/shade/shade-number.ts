/**
 * The scale (shade) number of a filter.
 * N = 1 + (7/3) log10(1/T). Source: EN 166, EN 169, ANSI Z87.1, ISO 16321-2.
 *
 * @param transmittance luminous transmittance as a fraction, above 0 and at most 1
 * @returns the shade number, not rounded
 * @throws RangeError when the transmittance is outside its range
 * @example shadeFromTransmittance(0.0001389) // 10.00
 */
export function shadeFromTransmittance(transmittance: number): number {
  if (!(transmittance > 0 && transmittance <= 1)) {
    throw new RangeError(`transmittance: a fraction above 0 and at most 1 is needed, got ${transmittance}`)
  }
  return 1 + (7 / 3) * Math.log10(1 / transmittance)
}

/**
 * The luminous transmittance of a shade: the inverse of {@link shadeFromTransmittance}, T = 10^(-3(N-1)/7).
 *
 * @param shade scale number, 1 or more
 * @returns a fraction between 0 and 1
 * @throws RangeError when the shade is under 1
 */
export function transmittanceFromShade(shade: number): number {
  if (!(shade >= 1)) throw new RangeError(`shade: 1 or more is needed, got ${shade}`)
  return 10 ** (-3 * (shade - 1) / 7)
}

/**
 * The shade of filters worn one behind the other. Transmittances multiply, so N = sum of N - (k - 1).
 *
 * @param shades scale numbers, each 1 or more; an empty list is no filter, shade 1
 * @returns the shade of all together, not rounded
 * @throws RangeError when a shade is under 1
 * @example combinedShade([10, 1.7]) // 10.7
 */
export function combinedShade(shades: readonly number[]): number {
  let sum = 1
  for (const shade of shades) {
    if (!(shade >= 1)) throw new RangeError(`shade: 1 or more is needed, got ${shade}`)
    sum += shade - 1
  }
  return sum
}

/**
 * What tinted glasses add to the shade of a helmet worn over them: (7/3) log10(1/V).
 *
 * @param visibleTransmittance visible light transmittance of the glasses, a fraction above 0 and at most 1
 * @returns shades added
 */
export function addedByTint(visibleTransmittance: number): number {
  return shadeFromTransmittance(visibleTransmittance) - 1
}

/**
 * A shade as it is compared with a minimum: two decimals at most, since transmittances are printed to three figures
 * (a nominal shade 10 is printed 0.0139 %, which computes to 9.9996). Anything less than that is rounded down.
 */
export function shadeForComparing(shade: number): number {
  return Math.floor(shade * 100 + 0.5) / 100
}
