import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { combinedShade, shadeForComparing, shadeFromTransmittance } from './shade-number'
import type { ShadeAnswer } from './shade-question'

/** What somebody wears over the eyes. */
export interface WornFilters {
  /** Luminous transmittance of one filter or of tinted glasses, a fraction above 0 and at most 1. */
  readonly transmittance?: number
  /** Scale numbers of the filters worn one behind the other. */
  readonly shades?: readonly number[]
}

/**
 * What the filters worn amount to, and whether they will do.
 * All of them together tell what the welder sees; only the darkest single filter counts toward the minimum, since a
 * tint carries no verified protection against an arc. A filter that computes lighter than it is named is rounded down.
 *
 * @param worn the filters
 * @param answer the shade needed
 * @returns `effectiveShade` of all together, two decimals, or null with nothing worn; and findings
 * @throws RangeError when a transmittance or a shade is out of range
 */
export function judgeWorn(
  worn: WornFilters,
  { minimum, start, bindingRuleSet }: Pick<ShadeAnswer, 'minimum' | 'start' | 'bindingRuleSet'>,
): {
  readonly effectiveShade: number | null
  readonly findings: readonly Finding[]
} {
  const shades = [...(worn.shades ?? [])]
  if (worn.transmittance !== undefined) shades.push(shadeFromTransmittance(worn.transmittance))
  if (shades.length === 0) return { effectiveShade: null, findings: [] }
  const effectiveShade = shadeForComparing(combinedShade(shades))
  const single = shadeForComparing(Math.max(...shades))
  const findings: Finding[] = []
  if (minimum !== null && bindingRuleSet !== null && single < minimum) {
    findings.push(finding('hold', 'shade.worn-lighter', { worn: single, minimum, ruleSet: bindingRuleSet }, ['shadeFormula']))
    if (effectiveShade >= minimum) {
      findings.push(finding('note', 'shade.tint-not-counted', { worn: single, effective: effectiveShade }, ['tintNeverCounts']))
    }
  } else if (start !== null && single < start) findings.push(finding('caution', 'shade.worn-below-start', { worn: single, start }))
  return { effectiveShade, findings }
}
