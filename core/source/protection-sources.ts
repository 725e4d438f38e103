import type { SourceRef } from './source-ref'

/**
 * Documents and practices behind lasers, arcs that others see, noise and heat, once each. Published figures are recalled from memory:
 * check them against your current edition.
 */
export const PROTECTION_SOURCES = {
  laserExposure: {
    document: 'ANSI Z136.1; IEC 60825-1',
    clause: 'permissible exposure of eye and skin, 700 to 1400 nm, small source',
    edition: '2014 and later; 2014',
    basis: 'published',
    confidence: 'high',
  },
  laserTimeBase: {
    document: 'ANSI Z136.1',
    clause: 'invisible light makes nobody blink: ten seconds count',
    basis: 'published',
    confidence: 'high',
  },
  laserDistance: {
    document: 'ANSI Z136.1; IEC TR 60825-14',
    clause: 'hazard distance of a beam and of a matt reflection; diameters at 1/e',
    edition: '2000 and later',
    basis: 'published',
    confidence: 'high',
  },
  laserEyewear: {
    document: 'ANSI Z136.1',
    clause: 'optical density for the whole beam in a pupil of 7 mm',
    basis: 'published',
    confidence: 'high',
  },
  laserDamage: {
    document: 'EN 207',
    clause: 'scale number n bears 10^(n+1) W/m² of a continuous beam, 315 to 1400 nm',
    edition: '2017',
    basis: 'published',
    confidence: 'high',
  },
  ultravioletDay: {
    document: 'ACGIH TLV; ICNIRP; 2006/25/EC Annex I',
    clause: '30 J/m² of weighted ultraviolet light in eight hours',
    edition: '2004 guideline',
    basis: 'published',
    confidence: 'high',
  },
  arcEnvelope: {
    document: 'Okuno et al., Ann. Occup. Hyg.; and later surveys of arcs',
    clause: 'upper ends of measured weighted irradiance, not scaled down with current',
    edition: '2001 to 2020',
    basis: 'derived',
    confidence: 'low',
  },
  wallReflectance: {
    document: 'Common practice',
    clause: 'bright metal throws back half and more of the ultraviolet light, zinc-oxide paint under a tenth',
    basis: 'practice',
    confidence: 'medium',
  },
  usNoiseDose: {
    document: '29 CFR 1910.95',
    clause: 'App. A and Table G-16: dose and its average; (a) to (d)',
    basis: 'published',
    confidence: 'high',
  },
  usNoiseRecommended: {
    document: 'NIOSH 98-126',
    clause: '85 dBA over 8 h, 3 dB exchange',
    edition: '1998',
    basis: 'published',
    confidence: 'high',
  },
  euNoise: {
    document: '2003/10/EC',
    clause: 'action values 80 and 85, limit 87 dBA',
    edition: '2003',
    basis: 'published',
    confidence: 'high',
  },
  usProtectorRating: {
    document: '29 CFR 1910.95 App. B; OSHA Technical Manual',
    clause: 'label less 7 dB, halved; two at once: the better one and 5 dB',
    basis: 'published',
    confidence: 'high',
  },
  protectorByKind: {
    document: 'NIOSH 98-126',
    clause: 'muffs keep 75 %, formable plugs 50 %, other plugs 30 % of the label',
    edition: '1998',
    basis: 'published',
    confidence: 'high',
  },
  protectorTarget: { document: 'HSE L108', clause: '70 to 80 dBA at the ear', basis: 'published', confidence: 'high' },
  heatLimits: {
    document: 'ACGIH TLV; NIOSH 2016-106',
    clause: 'limits by metabolic rate; work and rest by the hour',
    edition: '2006 and later; 2016',
    basis: 'published',
    confidence: 'high',
  },
  heatClothing: {
    document: 'ACGIH TLV; ISO 7243:2017',
    clause: 'clothing adjustment: the larger of both schools',
    basis: 'published',
    confidence: 'medium',
  },
  heatLeathers: {
    document: 'Zonaris',
    clause: 'leathers over a coverall count as an apron over one: no figure of their own is published',
    basis: 'derived',
    confidence: 'low',
  },
  heatIndex: {
    document: 'ISO 7243',
    clause: '0.7 wet bulb and 0.3 globe; in the sun 0.7, 0.2 and 0.1',
    edition: '2017',
    basis: 'published',
    confidence: 'high',
  },
  wetBulb: {
    document: 'Stull, J. Appl. Meteor. Climatol. 50',
    clause: 'wet-bulb temperature from air temperature and humidity',
    edition: '2011',
    basis: 'published',
    confidence: 'high',
  },
  sunnyIndex: {
    document: 'Australian Bureau of Meteorology',
    clause: '0.567 T + 0.393 e + 3.94, for sun and a light wind',
    basis: 'published',
    confidence: 'medium',
  },
  switchingTime: {
    document: 'EN 379',
    clause: 'switching time by light and dark shade: about forty seconds of looking through the dark lens, at most',
    edition: '2003 + A1:2009',
    basis: 'derived',
    confidence: 'low',
  },
  nextShade: {
    document: 'EN 169; AWS F2.2',
    clause: 'the next darker or lighter shade may be used, never under the least',
    basis: 'published',
    confidence: 'high',
  },
} as const satisfies Record<string, SourceRef>
