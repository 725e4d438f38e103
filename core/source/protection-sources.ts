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
  usScreens: {
    document: '29 CFR 1910.252(b)(2)(iii)',
    clause: 'others near by are protected by screens or booths, or wear goggles',
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
} as const satisfies Record<string, SourceRef>
