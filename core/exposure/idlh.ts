import { mgPerM3FromPpm } from '../fume/gases'
import type { SubstanceId } from '../ids/vocabulary'
import type { BreathedBySubstance } from './hall-shift'

const ppm = mgPerM3FromPpm

/**
 * Concentrations immediately dangerous to life or health, mg/m³; metals as the element. A substance left out has none
 * printed. Zinc oxide is printed as the oxide (500) and counted as the element; chromium takes the lower of its prints.
 * Source: `usIdlh`.
 */
export const IDLH_MG_PER_M3: Readonly<Partial<Record<SubstanceId, number>>> = {
  'iron': 2500,
  'manganese': 500,
  'chromium': 25,
  'chromium-vi': 15,
  'nickel': 10,
  'zinc': 500 / 1.2447,
  'copper': 100,
  'lead': 100,
  'cadmium': 9,
  'beryllium': 4,
  'fluorides': 250,
  'ozone': ppm('ozone', 5),
  'nitrogen-dioxide': ppm('nitrogen-dioxide', 13),
  'nitric-oxide': ppm('nitric-oxide', 100),
  'carbon-monoxide': ppm('carbon-monoxide', 1200),
}

/** Substances whose peak, at its safe end, reaches what is immediately dangerous; a peak that is no number is not under it. */
export function overIdlh(breathed: BreathedBySubstance): readonly SubstanceId[] {
  return (Object.entries(IDLH_MG_PER_M3) as [SubstanceId, number][])
    .filter(([substance, idlh]) => !((breathed[substance]?.peak.high ?? 0) < idlh))
    .map(([substance]) => substance)
}
