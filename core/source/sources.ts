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
  emissionFactors: {
    document: 'EPA AP-42', clause: 'section 12.19, tables 12.19-1 and 12.19-2; averages over brands, spread about half either way', edition: 'January 1995',
    basis: 'published', confidence: 'high',
  },
  fumeRates: {
    document: 'General literature on fume at the arc (Heile and Hill 1975; Gray and Hewitt 1982; Voitkevich 1995; Quimby and Ulrich 1999)', clause: 'ranges in grams per minute of arc',
    basis: 'published', confidence: 'medium',
  },
  rateClasses: { document: 'TRGS 528; DGUV Information 209-016', clause: 'classes of fume rate: low under 1 mg/s', edition: '2020', basis: 'published', confidence: 'medium' },
  fumeComposition: { document: 'General literature on welding fume', clause: 'composition by family of consumable, ranges', basis: 'published', confidence: 'medium' },
  cuttingFume: { document: 'Nordic tests of plasma cutting, mid-1990s; general literature on flame cutting', clause: 'dry cut of 8 mm plate', basis: 'published', confidence: 'low' },
  arcGases: { document: 'General literature on gases at the arc', clause: 'orders of magnitude only', basis: 'published', confidence: 'low' },
  dataSheet: { document: 'Fume data sheet of this consumable, as this shop entered it', clause: 'form after ISO 15011-4', basis: 'house', confidence: 'high' },
  meltingRate: { document: 'Lesnewich; Welding Handbook vol. 1', clause: 'wire speed = a·I + b·l·I²; mass by cross-section and density', edition: '1958', basis: 'published', confidence: 'medium' },
  stickConsumption: { document: 'Common practice', clause: 'covered electrode consumed per ampere and minute, core and covering', basis: 'practice', confidence: 'medium' },
  galvanising: { document: 'ISO 1461; EN 10346', clause: 'Table 3, lowest mean coating mass; Z275 both faces', edition: '2009; 2015', basis: 'published', confidence: 'high' },
  burnOff: { document: 'Common practice; AWS D19.0', clause: 'width that burns, share that stays in the air, widths to strip', basis: 'practice', confidence: 'low' },
  leadPaint: { document: 'Common practice; 29 CFR 1926.62', clause: 'paint loadings; share in the air when cut', basis: 'practice', confidence: 'low' },
  cadmiumBraze: { document: 'AWS A5.8', clause: 'silver brazing alloys, some with 16 to 24 % cadmium', basis: 'published', confidence: 'high' },
  wellMixed: { document: 'AIHA Mathematical Models for Estimating Occupational Exposure', clause: 'well-mixed room', edition: '2nd, 2009', basis: 'published', confidence: 'high' },
  twoZone: { document: 'Nicas 1996; AIHA Mathematical Models', clause: 'near field and far field, exchange of half the free surface times the air speed', basis: 'published', confidence: 'high' },
  openingVelocity: { document: 'Dalla Valle; ACGIH Industrial Ventilation', clause: 'velocity before plain, flanged and bench openings', edition: '1932; 1952', basis: 'published', confidence: 'high' },
  slotVelocity: { document: 'Silverman', clause: 'slots, plain 3.7·L·V·x and flanged 2.6·L·V·x', edition: '1942; 1943', basis: 'published', confidence: 'high' },
  rectangleVelocity: { document: 'Fletcher', clause: 'plain rectangular openings', edition: '1977', basis: 'published', confidence: 'high' },
  canopyVelocity: { document: 'ACGIH Industrial Ventilation', clause: 'cold canopy open on all sides, 1.4·P·V·x', basis: 'published', confidence: 'high' },
  uniformSink: { document: 'Zonaris', clause: 'potential flow to a uniform rectangular sink in a plane', basis: 'derived', confidence: 'high' },
  plume: { document: 'REHVA guide to displacement ventilation', clause: 'plume over a point source; share of arc power that rises 10 to 40 %', edition: '2002', basis: 'published', confidence: 'medium' },
  loadVoltage: { document: 'IEC 60974-1', clause: 'conventional load voltage', basis: 'published', confidence: 'high' },
  captureModel: { document: 'Zonaris', clause: 'logistic capture against draught, r50 0.5 to 1, m 3 to 6; shape after Flynn and Ellenbecker 1985, Fletcher and Johnson 1986', basis: 'derived', confidence: 'low' },
  receiving: { document: 'ACGIH Industrial Ventilation; HSG258', clause: 'receiving hoods over hot sources', basis: 'published', confidence: 'medium' },
  downdraft: { document: 'ACGIH Industrial Ventilation', clause: 'downdraft table, 150 to 250 ft³/min for each square foot', basis: 'published', confidence: 'medium' },
  gunExtraction: { document: 'ISO 21904-3', clause: 'on-torch extraction, 60 to 120 m³/h, 70 to 95 % in type tests', basis: 'published', confidence: 'medium' },
  captureVelocity: { document: 'ACGIH Industrial Ventilation; HSG258', clause: 'capture velocity for welding: 100 to 200 ft/min, 0.5 m/s', basis: 'published', confidence: 'high' },
  shieldGas: { document: 'Common practice', clause: 'air at the arc: 100 to 200 ft/min for TIG, 200 to 300 for MIG; AWS D1.1 stops at 5 mph', basis: 'practice', confidence: 'medium' },
  hoodEntry: { document: 'ACGIH Industrial Ventilation', clause: 'hood entry coefficients; Q = Ce·A·√(2·SP/ρ)', basis: 'published', confidence: 'high' },
  usVentilation: { document: '29 CFR 1910.252', clause: '(c)(2), (c)(3) and table, (c)(6) to (c)(9)', basis: 'published', confidence: 'high' },
  ukFume: { document: 'HSE safety alert STSU1', clause: 'indoor welding needs local exhaust; general ventilation alone does not do', edition: '2019', basis: 'published', confidence: 'high' },
  oxygenBalance: { document: 'Zonaris', clause: 'mass balance of a well-mixed space at constant pressure', basis: 'derived', confidence: 'high' },
  oxygenLimits: { document: '29 CFR 1910.146', clause: '(b): below 19.5 % or above 23.5 %', basis: 'published', confidence: 'high' },
  oxygenShipyard: { document: '29 CFR 1915 subpart B', clause: 'enriched at 22.0 % ("at" or "above" from memory)', basis: 'published', confidence: 'medium' },
  ppm: { document: 'Zonaris', clause: 'ideal gas at 25 °C and 101.325 kPa, 24.45 L/mol', basis: 'derived', confidence: 'high' },
  usLimits: { document: '29 CFR 1910.1000', clause: 'Table Z-1', basis: 'published', confidence: 'high' },
  usChromium: { document: '29 CFR 1910.1026', clause: '(c)', basis: 'published', confidence: 'high' },
  usCadmium: { document: '29 CFR 1910.1027', clause: '(c)', basis: 'published', confidence: 'high' },
  usLead: { document: '29 CFR 1910.1025', clause: '(c)', basis: 'published', confidence: 'high' },
  usConsensusLimits: { document: 'ACGIH TLVs', clause: 'by substance; manganese 2013, chromium 2018', edition: 'editions to 2022', basis: 'published', confidence: 'high' },
  usConsensusDust: { document: 'ACGIH TLVs', clause: 'Appendix B, particles not otherwise specified: a guideline, not a limit for fume', basis: 'published', confidence: 'high' },
  usConsensusOzone: { document: 'ACGIH TLVs', clause: 'ozone, heavy work 0.05 ppm (moderate 0.08, light 0.10)', edition: '1995', basis: 'published', confidence: 'high' },
  usRecommendedLimits: { document: 'NIOSH Pocket Guide to Chemical Hazards', clause: 'recommended exposure limits', edition: '2005-149, 2007', basis: 'published', confidence: 'high' },
  caLimits: { document: 'California Title 8 section 5155', clause: 'Table AC-1', basis: 'published', confidence: 'high' },
  caLimitsMedium: { document: 'California Title 8 section 5155', clause: 'Table AC-1, value from memory', basis: 'published', confidence: 'medium' },
  caLead: { document: 'California Title 8 section 5198', clause: 'from 1 January 2025', basis: 'published', confidence: 'high' },
  euLimits: { document: 'Directive 2006/15/EC', basis: 'published', confidence: 'high' },
  euManganese: { document: 'Directive (EU) 2017/164', basis: 'published', confidence: 'high' },
  euChromium: { document: 'Directive 2004/37/EC as amended by (EU) 2017/2398', clause: '0.005 from 18 January 2025', basis: 'published', confidence: 'high' },
  euNickel: { document: 'Directive (EU) 2022/431', clause: 'from 18 January 2025', basis: 'published', confidence: 'high' },
  euCadmium: { document: 'Directive (EU) 2019/983', clause: '0.001; 0.004 until 11 July 2027', basis: 'published', confidence: 'high' },
  euLead: { document: 'Directive (EU) 2024/869', clause: 'to be in national law by April 2026 (dates from memory)', basis: 'published', confidence: 'medium' },
  euFluorides: { document: 'Directive 2000/39/EC', basis: 'published', confidence: 'high' },
  ukLimits: { document: 'EH40/2005', edition: '4th, 2020', basis: 'published', confidence: 'high' },
  ukChromium: { document: 'EH40/2005', clause: '0.010 in the 2020 print; the step to 0.005 of January 2025 is not sure', basis: 'published', confidence: 'medium' },
  ukLead: { document: 'Control of Lead at Work Regulations', edition: '2002', basis: 'published', confidence: 'high' },
  deLimits: { document: 'TRGS 900; TRGS 528', edition: '2020', basis: 'published', confidence: 'high' },
  deLimitsMedium: { document: 'TRGS 900', clause: 'value from memory', basis: 'published', confidence: 'medium' },
  deCarcinogens: { document: 'TRGS 910; TRGS 561', basis: 'published', confidence: 'medium' },
  deRecommended: { document: 'MAK list', clause: 'recommendation, no legal limit', basis: 'published', confidence: 'medium' },
  mixtureRule: { document: '29 CFR 1910.1000(d)(2)(i); ACGIH TLVs Appendix E; TRGS 402', clause: 'Σ C/L for substances that act alike', basis: 'published', confidence: 'high' },
  timeWeighted: { document: '29 CFR 1910.1000', clause: '(d)(1)(i)', basis: 'published', confidence: 'high' },
  longShift: { document: 'Brief and Scala', clause: 'daily reduction factor; not for ceilings and irritants', edition: '1975', basis: 'published', confidence: 'high' },
  fumeCarcinogen: { document: 'IARC Monographs vol. 118', clause: 'welding fume: group 1', edition: '2018', basis: 'published', confidence: 'high' },
  usApf: { document: '29 CFR 1910.134', clause: '(d)(3)(i)(A), Table 1', basis: 'published', confidence: 'high' },
  ukApf: { document: 'HSG53; BS 4275', clause: 'assigned protection factors', basis: 'published', confidence: 'high' },
  complianceTest: { document: 'EN 689', clause: 'preliminary and statistical test, Annex F', edition: '2018 + AC:2019', basis: 'published', confidence: 'high' },
  tolerance: { document: 'EN 689 Annex F; noncentral t distribution', edition: '2018', basis: 'published', confidence: 'high' },
  lognormalTools: { document: 'AIHA A Strategy for Assessing and Managing Occupational Exposures', edition: '4th, 2015', basis: 'published', confidence: 'high' },
  substitution: { document: 'Hornung and Reed 1990; Helsel; Ganser and Hewett 2010', clause: 'results below the limit of quantification', basis: 'published', confidence: 'medium' },
} as const satisfies Record<string, SourceRef>

export type SourceKey = keyof typeof SOURCES
