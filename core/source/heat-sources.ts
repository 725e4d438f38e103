import type { SourceRef } from './source-ref'

/** What is said of work in heat. Recalled from memory: check your edition. */
export const HEAT_SOURCES = {
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
  heatWork: {
    document: 'Zonaris',
    clause: 'welding is moderate work; overhead, gouging, and where one cannot stand up straight heavy: common practice, no source',
    basis: 'practice',
    confidence: 'medium',
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
} as const satisfies Readonly<Record<string, SourceRef>>
