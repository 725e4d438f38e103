import type { SourceRef } from './source-ref'

/**
 * Sources that the Gas and Machine gates cite: they go with the board. The rest stands in `cylinder-sources` and `kit-item-sources`.
 */
export const KIT_SOURCES = {
  residualPressure: {
    document: 'CGA P-1',
    clause: 'leave about 25 psi (2 bar); never run to zero',
    basis: 'published',
    confidence: 'medium',
  },
  acetyleneWithdrawal: {
    document: 'CGA G-1; CGA SB-8',
    clause: 'a tenth of capacity an hour intermittent, a fifteenth continuous',
    edition: '2003 and later',
    basis: 'published',
    confidence: 'high',
  },
  acetyleneWithdrawalOld: {
    document: 'CGA G-1; ANSI Z49.1',
    clause: 'a seventh of capacity an hour',
    edition: 'older editions',
    basis: 'published',
    confidence: 'high',
  },
  settling: {
    document: 'Zonaris',
    clause: 'the longer of an hour and the time it lay, a day at most, a day if unknown; no law prints a time',
    basis: 'derived',
    confidence: 'low',
  },
  settlingSchools: { document: 'CGA SB-8; shop guides', clause: '15 minutes to a day, by school', basis: 'practice', confidence: 'low' },
  dutyCycle: {
    document: 'IEC 60974-1; NEMA EW 1',
    clause: 'ten-minute cycle; heat goes with the square of the current',
    basis: 'published',
    confidence: 'high',
  },
  copper: {
    document: 'IEC 60228',
    clause: 'copper, 0.017241 Ω·mm²/m at 20 °C, 0.393 % a kelvin',
    basis: 'published',
    confidence: 'high',
  },
  weldingCable: {
    document: 'EN 50565; VDE 0298-4',
    clause: 'current of rubber welding cable by duty',
    basis: 'published',
    confidence: 'medium',
  },
  cableDrop: {
    document: 'Common practice',
    clause: 'no more than about 4 V lost in lead and return',
    basis: 'practice',
    confidence: 'low',
  },
  usArcUse: {
    document: '29 CFR 1910.254',
    clause: '(d): operation and maintenance; (d)(9) defects',
    basis: 'published',
    confidence: 'high',
  },
  usArcConstruction: {
    document: '29 CFR 1926.351',
    clause: '(a) holders; (b) cables, 10 ft free of splices; (c) returns',
    basis: 'published',
    confidence: 'high',
  },
  usRegulator: { document: '29 CFR 1910.253', clause: '(e)(6): regulators and gauges', basis: 'published', confidence: 'high' },
  arrestor: {
    document: 'EN ISO 5175; DGUV',
    clause: 'annual function test by a competent person',
    basis: 'published',
    confidence: 'high',
  },
  helmetLook: { document: 'ANSI Z87.1; EN 175; EN 379', clause: 'shell, light, filter', basis: 'published', confidence: 'medium' },
  extinguisher: {
    document: 'NFPA 10; 29 CFR 1910.157',
    clause: '(e): every month, every year, inside after 6 years, under pressure after 5 or 12',
    basis: 'published',
    confidence: 'high',
  },
  cuttingTips: {
    document: 'AWS Welding Handbook; AWS C4.2',
    clause: 'cutting tips for mild steel, upper end of the ranges',
    basis: 'published',
    confidence: 'medium',
  },
  weldingTips: {
    document: 'Common practice',
    clause: '75 to 150 L/h of acetylene for each mm of plate',
    basis: 'practice',
    confidence: 'low',
  },
  heatingHeads: {
    document: 'Common practice',
    clause: 'multi-flame heating heads by class; the head has its own table',
    basis: 'practice',
    confidence: 'low',
  },
  leakTest: {
    document: 'EN 14291; common practice',
    clause: 'leak solution at every joint, five minutes of holding',
    basis: 'practice',
    confidence: 'medium',
  },
  shopInterval: {
    document: 'Common practice',
    clause: 'no published interval; the site may change it',
    basis: 'practice',
    confidence: 'medium',
  },
  usAcetylenePressure: {
    document: '29 CFR 1910.253',
    clause: '(a)(2): 15 psi gauge or 30 psi absolute, the lower',
    basis: 'published',
    confidence: 'high',
  },
  euAcetylenePressure: { document: 'EN ISO 2503; DGUV rule 100-500', clause: '1.5 bar', basis: 'published', confidence: 'high' },
  ukAcetylenePressure: {
    document: 'Acetylene Safety Regulations',
    clause: '0.62 bar, up to 1.5 bar only with approved equipment',
    edition: '2014',
    basis: 'published',
    confidence: 'medium',
  },
  usSeparation: {
    document: '29 CFR 1910.253',
    clause: '(b)(4)(iii): 20 ft, or a barrier 5 ft high with half an hour',
    basis: 'published',
    confidence: 'high',
  },
} as const satisfies Record<string, SourceRef>
