import type { SourceRef } from './source-ref'

/**
 * Documents and practices behind equipment, its checks and its electrical sums, once each; the board's own stand in `kit-sources`.
 * Published figures are recalled from memory: check them against your current edition.
 */
export const KIT_ITEM_SOURCES = {
  usOpenCircuit: { document: '29 CFR 1910.254', clause: '(b)(3): manual 80 V AC, 100 V DC', basis: 'published', confidence: 'high' },
  iecOpenCircuit: {
    document: 'IEC 60974-1',
    clause: 'no-load voltage by environment',
    edition: '2012; 2017',
    basis: 'published',
    confidence: 'high',
  },
  weldingTest: {
    document: 'IEC 60974-4',
    clause: 'periodic inspection and test',
    edition: '2010; 2016',
    basis: 'published',
    confidence: 'medium',
  },
  arcCooling: { document: 'IEC 60974-9; ANSI Z49.1', clause: 'use and pre-use look', basis: 'published', confidence: 'medium' },
  engineDrive: {
    document: 'ANSI Z49.1; 29 CFR 1926.404',
    clause: 'engines outdoors; ground-fault protection of sockets',
    basis: 'published',
    confidence: 'medium',
  },
  ukOxyfuel: {
    document: 'BCGA CP7',
    clause: 'annual test of regulators and arrestors, replacement at about five years',
    basis: 'published',
    confidence: 'medium',
  },
  usHose: { document: '29 CFR 1926.350', clause: '(f)(3): hoses at each shift; 1910.253(e)(5)', basis: 'published', confidence: 'high' },
  usTorch: { document: '29 CFR 1926.350', clause: '(g): torches at each shift', basis: 'published', confidence: 'high' },
  usGrinder: { document: '29 CFR 1910.243; 1910.215', clause: 'guards, rated speed, ring test', basis: 'published', confidence: 'high' },
  wheelExpiry: {
    document: 'EN 12413',
    clause: 'resin-bonded wheels: expiry at most three years after making',
    basis: 'published',
    confidence: 'high',
  },
  laserMeasures: {
    document: 'ANSI Z136.1; EN ISO 11553-2',
    clause: 'control measures of class 4',
    basis: 'published',
    confidence: 'medium',
  },
  ukExtraction: {
    document: 'COSHH',
    clause: 'regulation 9(2) and schedule 4: examination at least every 14 months',
    edition: '2002 as amended',
    basis: 'published',
    confidence: 'high',
  },
  extractionUser: { document: 'HSG258', clause: 'weekly look by the user', edition: '2017', basis: 'published', confidence: 'high' },
  boothFace: { document: '29 CFR 1910.252', clause: '(c)(3): 100 ft/min across the opening', basis: 'published', confidence: 'high' },
  curtain: { document: 'EN ISO 25980; AWS F2.3', clause: 'welding curtains', basis: 'published', confidence: 'medium' },
  blanket: { document: 'ANSI/FM 4950', clause: 'welding blankets', basis: 'published', confidence: 'medium' },
  usRespirator: {
    document: '29 CFR 1910.134',
    clause: '(h)(3): before each use, emergency ones every month',
    basis: 'published',
    confidence: 'high',
  },
  gasDetector: {
    document: 'OSHA safety bulletin; EN 60079-29-2',
    clause: 'bump test each day of use, calibration within six months',
    edition: '2013',
    basis: 'published',
    confidence: 'medium',
  },
  eyewash: {
    document: 'ANSI Z358.1',
    clause: 'run every week, tested every year',
    edition: '2014',
    basis: 'published',
    confidence: 'high',
  },
  firstAid: { document: '29 CFR 1910.151; ANSI Z308.1', clause: 'contents and expiry', basis: 'published', confidence: 'medium' },
} as const satisfies Record<string, SourceRef>
