import type { SourceRef } from './source-ref'

/** Who says how long records of what people were exposed to are kept. */
export const RECORD_SOURCES = {
  usExposureRecords: {
    document: '29 CFR 1910.1020 Access to employee exposure and medical records',
    clause: '(d)(1)(ii)',
    basis: 'published',
    confidence: 'high',
  },
  californianExposureRecords: {
    document: '8 CCR 3204 Access to employee exposure and medical records',
    clause: '(d)(1)(B)',
    basis: 'published',
    confidence: 'medium',
  },
  euCarcinogenRecords: {
    document: 'Directive 2004/37/EC on carcinogens, mutagens and reprotoxic substances at work',
    clause: 'Article 15',
    basis: 'published',
    confidence: 'medium',
  },
  ukExposureRecords: { document: 'COSHH Regulations 2002', clause: 'regulation 10(5)(a)', basis: 'published', confidence: 'high' },
  germanExposureRecords: { document: 'Gefahrstoffverordnung', clause: '§ 14 (3)', basis: 'published', confidence: 'medium' },
} as const satisfies Record<string, SourceRef>
