import { RADIUS_OF_RULE_M } from '../hotwork/radius-rules'
import type { NoiseRuleId } from '../ids/protection-ids'
import type { SourceId } from '../source/book'
import type { ExposureRuleSetId, JurisdictionId, ShadeRuleSetId } from '../ids/vocabulary'

/**
 * What the law of one place says wherever the rules of this program differ by place. A row is complete: a place that is added
 * cannot fall to another's rule in silence, it does not compile until each question is answered for it.
 */
export interface Law {
  /** The school of shade that speaks as law. */
  readonly shade: Extract<ShadeRuleSetId, 'us-legal' | 'eu'>
  /** The body of exposure limits that is law. */
  readonly exposure: ExposureRuleSetId
  /** Whose assigned protection factors count. */
  readonly respiratorFactors: 'us' | 'uk'
  /** Lead and cadmium ask for high-efficiency filters. */
  readonly listedDustsAskHighEfficiency: boolean
  /** The American rules for air beside the arc: law, or told as good practice. */
  readonly usVentilation: 'binds' | 'is-told'
  /** Indoors an arc takes a hood, whatever the physics say. */
  readonly indoorsNeedsHood: boolean
  /** Highest working pressure of acetylene, gauge: a number, or the American pair of a gauge and an absolute one. */
  readonly acetylene: { readonly limitKPa: number | 'us-pair', readonly source: SourceId }
  /** The circle to be kept clear is never smaller, m; null where the law names none. */
  readonly hotWorkRadiusAtLeastM: number | null
  /** By which rule a day of noise asks for protection. */
  readonly noise: NoiseRuleId
}

/** The laws known here, each row complete in itself. Sources stand with each rule where it is judged. */
export const LAWS: Readonly<Record<JurisdictionId, Law>> = {
  'us': {
    shade: 'us-legal',
    exposure: 'us-legal',
    respiratorFactors: 'us',
    listedDustsAskHighEfficiency: true,
    usVentilation: 'binds',
    indoorsNeedsHood: false,
    acetylene: { limitKPa: 'us-pair', source: 'usAcetylenePressure' },
    hotWorkRadiusAtLeastM: RADIUS_OF_RULE_M['35-ft'],
    noise: 'us-hearing-conservation',
  },
  'us-ca': {
    shade: 'us-legal',
    exposure: 'us-ca',
    respiratorFactors: 'us',
    listedDustsAskHighEfficiency: true,
    usVentilation: 'binds',
    indoorsNeedsHood: false,
    acetylene: { limitKPa: 'us-pair', source: 'usAcetylenePressure' },
    hotWorkRadiusAtLeastM: RADIUS_OF_RULE_M['35-ft'],
    noise: 'us-hearing-conservation',
  },
  // The union leaves protection factors to its members; the British list stands for all of Europe, being the lower where lists differ.
  'eu': {
    shade: 'eu',
    exposure: 'eu',
    respiratorFactors: 'uk',
    listedDustsAskHighEfficiency: false,
    usVentilation: 'is-told',
    indoorsNeedsHood: false,
    acetylene: { limitKPa: 150, source: 'euAcetylenePressure' },
    hotWorkRadiusAtLeastM: null,
    noise: 'eu',
  },
  'uk': {
    shade: 'eu',
    exposure: 'uk',
    respiratorFactors: 'uk',
    listedDustsAskHighEfficiency: false,
    usVentilation: 'is-told',
    indoorsNeedsHood: true,
    acetylene: { limitKPa: 62, source: 'ukAcetylenePressure' },
    hotWorkRadiusAtLeastM: null,
    noise: 'eu',
  },
  'de': {
    shade: 'eu',
    exposure: 'de',
    respiratorFactors: 'uk',
    listedDustsAskHighEfficiency: false,
    usVentilation: 'is-told',
    indoorsNeedsHood: false,
    acetylene: { limitKPa: 150, source: 'euAcetylenePressure' },
    hotWorkRadiusAtLeastM: null,
    noise: 'eu',
  },
}
