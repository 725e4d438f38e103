import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { LAWS } from '../law/laws'
import type { SourceId } from '../source/book'
import type { JurisdictionId } from '../ids/vocabulary'
import { kPaFromPsi, psiFromKPa } from '../units'
import { ATMOSPHERE_KPA } from './contents'

/** Highest working pressure of acetylene, gauge, kPa, and whose rule it is. */
export interface AcetylenePressureLimit { readonly limitKPa: number, readonly source: SourceId }

/**
 * In the US the lower of 15 psi gauge and 30 psi absolute: the second bites in pressurised workplaces.
 * In Britain 0.62 bar, unless the equipment is approved for 1.5; elsewhere in Europe 1.5 bar.
 * Source: `usAcetylenePressure`, `euAcetylenePressure`, `ukAcetylenePressure`.
 *
 * @param ambientKPa absolute
 * @example acetylenePressureLimit('us', 101.325 + 10 * 6.894757).limitKPa / 6.894757 // 5.3
 */
export function acetylenePressureLimit(jurisdiction: JurisdictionId, ambientKPa = ATMOSPHERE_KPA): AcetylenePressureLimit {
  const { limitKPa, source } = LAWS[jurisdiction].acetylene
  return { limitKPa: limitKPa === 'us-pair' ? kPaFromPsi(Math.max(0, Math.min(15, 30 - psiFromKPa(ambientKPa)))) : limitKPa, source }
}

/** Judges a delivery gauge, whatever unit it shows: the caller converts, the limit is one. Above it acetylene can burst by itself. */
export function judgeAcetylenePressure(gaugeKPa: number, jurisdiction: JurisdictionId, ambientKPa?: number): readonly Finding[] {
  const { limitKPa, source } = acetylenePressureLimit(jurisdiction, ambientKPa)
  return gaugeKPa > limitKPa + 1e-9 ? [finding('stop', 'acetylene.pressure-too-high', { gaugeKPa, limitKPa }, [source])] : []
}
