import type { SourceRef } from './source-ref'

/**
 * Every document and trade practice that a rule cites, once.
 * Names of standards bodies appear here and in docs/, nowhere else.
 * Published figures are recalled from memory: check them against your current edition.
 */
export const SOURCES = {
  usLawShade: {
    document: '29 CFR 1910.133', clause: '(a)(5), table Filter Lenses for Protection Against Radiant Energy',
    edition: '1994 rule, carried unchanged', basis: 'published', confidence: 'high',
  },
  usConstructionShade: {
    document: '29 CFR 1926.102', clause: '(c)(1), Table E-1 (formerly Table E-2; paragraph number from memory)',
    edition: '2016 rewrite', basis: 'published', confidence: 'high',
  },
  usConsensusShade: {
    document: 'AWS F2.2 Lens Shade Selector; ANSI Z49.1 Table 1', clause: 'shade guide table',
    edition: 'F2.2:2001 (R2010); Z49.1:2005, 2012, 2021', basis: 'published', confidence: 'high',
  },
  usConsensusShadeLowPlasma: {
    document: 'AWS F2.2 Lens Shade Selector; ANSI Z49.1 Table 1', clause: 'shade guide table, plasma arc cutting below 20 A',
    edition: 'F2.2:2001 (R2010); Z49.1:2005, 2012, 2021', basis: 'published', confidence: 'medium',
  },
  usConsensusBuriedArc: {
    document: 'ANSI Z49.1', clause: 'eye protection for submerged arc', edition: '2005, 2012, 2021',
    basis: 'published', confidence: 'medium',
  },
  euArcShade: {
    document: 'ISO 4850; EN 169', clause: 'selection annex, arc welding', edition: '1979; 1992 (the older, darker edition)',
    basis: 'published', confidence: 'medium',
  },
  euGasShade: {
    document: 'ISO 4850; EN 169', clause: 'selection annex, gas welding by acetylene flow and oxygen cutting by oxygen flow',
    edition: '1979; 1992; 2002', basis: 'published', confidence: 'high',
  },
  euLowConfidence: {
    document: 'EN 169', clause: 'selection annex, rows recalled only in gist', edition: '1992; 2002',
    basis: 'published', confidence: 'low',
  },
  shadeFormula: {
    document: 'EN 166; EN 169; ANSI Z87.1; ISO 16321-2', clause: 'scale number N = 1 + (7/3) log10(1/T)',
    basis: 'published', confidence: 'high',
  },
  shadeAlgebra: {
    document: 'Zonaris', clause: 'filters in series: transmittances multiply, so N = N1 + N2 - 1',
    basis: 'derived', confidence: 'high',
  },
  tintNeverCounts: {
    document: 'Zonaris', clause: 'tinted glasses carry no verified UV and IR for an arc: none of the tint counts toward the minimum',
    basis: 'derived', confidence: 'high',
  },
  darkestFirst: {
    document: '29 CFR 1910.133', clause: '(a)(5), table footnote: start too dark, step lighter to a clear view, never below the minimum',
    edition: '1994 rule', basis: 'published', confidence: 'high',
  },
  laserNotAShade: {
    document: 'ANSI Z49.1; ANSI Z136.1', clause: 'laser beam welding is not answered by a shade number', basis: 'published', confidence: 'high',
  },
  houseRule: { document: 'House rules of this site', basis: 'house', confidence: 'high' },
  bandEdges: {
    document: 'Zonaris', clause: 'a current printed at the end of two bands is read in the darker one', basis: 'house', confidence: 'high',
  },
  clothingClasses: {
    document: 'ISO 11611', clause: 'class definitions and Annex A (clause number from memory)', edition: '2015', basis: 'published', confidence: 'high',
  },
  weldingGloves: { document: 'EN 12477', clause: 'type A and type B', edition: '2001 + A1:2005', basis: 'published', confidence: 'high' },
  usClothing: {
    document: 'ANSI Z49.1', clause: 'protective clothing (believed 4.3)', edition: '2012, 2021', basis: 'published', confidence: 'medium',
  },
  usClothingDuty: { document: '29 CFR 1910.252', clause: '(b)(3)', basis: 'published', confidence: 'high' },
  usEyeDuty: { document: '29 CFR 1910.133', clause: '(a)(1) and (a)(2)', basis: 'published', confidence: 'high' },
  helmetIsSecondary: {
    document: 'ANSI Z87.1', clause: 'face shields and helmets are secondary protectors', edition: '2020', basis: 'published', confidence: 'high',
  },
  usRespirators: { document: '29 CFR 1910.134', basis: 'published', confidence: 'high' },
  usConfinedSpaces: { document: '29 CFR 1910.252', clause: '(c)(4)', basis: 'published', confidence: 'medium' },
  noiseLevels: {
    document: 'Trade safety sheets on noise in welding', clause: 'typical A-weighted levels at the ear, order only', basis: 'practice', confidence: 'medium',
  },
  usNoise: { document: '29 CFR 1910.95', clause: '(a) to (d): action level 85 dBA', basis: 'published', confidence: 'high' },
  fabricBehaviour: {
    document: 'Common practice', clause: 'synthetics melt and stick, untreated cotton chars, wool and leather do not melt', basis: 'practice', confidence: 'high',
  },
  shopPractice: { document: 'Common practice, no source', basis: 'practice', confidence: 'medium' },
  rodRuleOfThumb: {
    document: 'Common practice, no source', clause: 'one ampere for each thousandth of an inch of rod, within the usual range of the rod kind',
    basis: 'practice', confidence: 'medium',
  },
  plateRuleOfThumb: {
    document: 'Common practice, no source', clause: 'about one ampere for each thousandth of an inch of plate, one pass', basis: 'practice', confidence: 'medium',
  },
  degreaserPhosgene: {
    document: 'Common practice', clause: 'chlorinated solvent residue makes phosgene under an arc', basis: 'practice', confidence: 'high',
  },
  containers: {
    document: '29 CFR 1910.252', clause: '(a)(3): welding or cutting containers', basis: 'published', confidence: 'high',
  },
  coatings: { document: '29 CFR 1910.252', clause: '(c): metals and coatings named; strip or ventilate', basis: 'published', confidence: 'medium' },
} as const satisfies Record<string, SourceRef>

export type SourceKey = keyof typeof SOURCES
