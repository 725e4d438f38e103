import type { SubstanceId } from '../ids/vocabulary'

/** Mass of fume and of metals in it for each mass of electrode consumed, g/kg. A metal left out was not measured: that is not zero. */
export interface EmissionFactor {
  readonly fumeGPerKg: number
  readonly metalsGPerKg: Readonly<Partial<Record<SubstanceId, number>>>
}

/** Process and electrode as the table prints them. */
export type EmissionRow = keyof typeof EMISSION_FACTORS

/** A row: fume in g/kg, then chromium, hexavalent chromium, manganese, nickel and lead in tenths of g/kg, as printed; null is "no data". */
const row = (
  fumeGPerKg: number,
  chromium: number | null,
  chromiumVi: number | null,
  manganese: number | null,
  nickel: number | null,
  lead: number | null = null,
): EmissionFactor => {
  const printed: readonly [SubstanceId, number | null][] = [
    ['chromium', chromium], ['chromium-vi', chromiumVi], ['manganese', manganese], ['nickel', nickel], ['lead', lead],
  ]
  return {
    fumeGPerKg,
    metalsGPerKg: Object.fromEntries(printed.flatMap(([substance, tenths]) => (tenths === null ? [] : [[substance, tenths / 10]]))),
  }
}

/**
 * Published emission factors by process and electrode. Values are means over several brands and currents; the spread
 * within one class is about half either way. Source: `emissionFactors` (tables 12.19-1 and 12.19-2).
 * Cobalt is left out; a printed "less than" is taken at its bound. The manganese of E8018 (0.3) looks low by about
 * thirty times and is not shipped.
 */
export const EMISSION_FACTORS = {
  'smaw 14mn-4cr': row(81.6, 13.9, null, 232, 17.1),
  'smaw e11018': row(16.4, null, null, 13.8, null),
  'smaw e308': row(10.8, 3.93, 3.59, 2.52, 0.43),
  'smaw e310': row(15.1, 25.3, 18.8, 22.0, 1.96, 0.24),
  'smaw e316': row(10.0, 5.22, 3.32, 5.44, 0.55),
  'smaw e410': row(13.2, null, null, 6.85, 0.14),
  'smaw e6010': row(25.6, 0.03, 0.01, 9.91, 0.04),
  'smaw e6011': row(38.4, 0.05, null, 9.98, 0.05),
  'smaw e6012': row(8.0, null, null, null, null),
  'smaw e6013': row(19.7, 0.04, null, 9.45, 0.02),
  'smaw e7018': row(18.4, 0.06, null, 10.3, 0.02),
  'smaw e7024': row(9.2, 0.01, null, 6.29, null),
  'smaw e7028': row(18.0, 0.13, null, 8.46, null, 1.62),
  'smaw e8018': row(17.1, 0.17, null, null, 0.51),
  'smaw e9015': row(17.0, null, null, null, null),
  'smaw e9018': row(16.9, 2.12, null, 7.83, 0.13),
  'smaw ecocr': row(27.9, null, null, null, null),
  'smaw eni-ci': row(18.2, null, null, 0.39, 8.90),
  'smaw enicrmo': row(11.7, 4.20, null, 0.43, 2.47),
  'smaw eni-cu': row(10.1, null, null, 2.12, 4.23),
  'gmaw er308l': row(5.4, 5.24, null, 3.46, 1.84),
  'gmaw e70s': row(5.2, 0.01, null, 3.18, 0.01),
  'gmaw er1260': row(20.5, 0.04, null, null, null),
  'gmaw er5154': row(24.1, 0.10, null, 0.34, null),
  'gmaw er316': row(3.2, 5.28, 0.10, 2.45, 2.26),
  'gmaw ernicrmo': row(3.9, 3.53, null, 0.70, 12.5),
  'gmaw ernicu': row(2.0, 0.01, null, 0.22, 4.51),
  'fcaw e110': row(20.8, 0.02, null, 20.2, 1.12),
  'fcaw e11018': row(57.0, 9.69, null, 7.04, 1.02),
  'fcaw e308lt': row(9.1, null, null, null, null),
  'fcaw e316lt': row(8.5, 9.70, 1.40, 5.90, 0.93),
  'fcaw e70t': row(15.1, 0.04, null, 8.91, 0.05),
  'fcaw e71t': row(12.2, 0.02, null, 6.62, 0.04),
  'saw em12k': row(0.05, null, null, null, null),
} as const satisfies Record<string, EmissionFactor>

/** The spread within one class of electrodes, either way. */
export const FACTOR_SPREAD = 0.5
