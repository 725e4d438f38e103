import type { SourceRef } from './source-ref'

/** Sources that the Fire gate cites: they go with the board. The rest of hot work stands in `hotwork-sources`. */
export const FIRE_SOURCES = {
  usHotWork: {
    document: '29 CFR 1910.252',
    clause: '(a)(2): inspection, precautions, 35 ft (10.7 m)',
    edition: 'text of about 2023',
    basis: 'published',
    confidence: 'high',
  },
  usWatch: {
    document: '29 CFR 1910.252',
    clause: '(a)(2)(iii): at least 30 minutes after the work',
    edition: 'text of about 2023',
    basis: 'published',
    confidence: 'high',
  },
  usConfined: {
    document: '29 CFR 1910.146',
    clause: '(b): oxygen 19.5 to 23.5 %, flammable gas below 10 % of its lower limit',
    edition: 'text of about 2023',
    basis: 'published',
    confidence: 'high',
  },
  lelSensor: {
    document: 'EN 60079-29',
    clause: 'a catalytic sensor reads wrong below 10 to 12 % oxygen and is unsafe above 25 %',
    basis: 'published',
    confidence: 'high',
  },
  consensusHotWork: {
    document: 'NFPA 51B',
    clause: '35 ft (11 m); designated, permit-required and non-permissible areas',
    edition: '2014, 2019, 2024',
    basis: 'published',
    confidence: 'high',
  },
  permitPeriod: {
    document: 'NFPA 51B',
    clause: 'one shift, at most a day',
    edition: '2019, 2024',
    basis: 'published',
    confidence: 'medium',
  },
  extinguisherAtWork: {
    document: 'International Fire Code',
    clause: 'chapter 35: 2-A:20-B:C within 30 ft of the work',
    edition: '2015 to 2021',
    basis: 'published',
    confidence: 'medium',
  },
  extinguisherClasses: {
    document: 'NFPA 10; EN 2',
    clause: 'which agent for which fire; never water on burning metal',
    edition: '2018, 2022; 1992',
    basis: 'published',
    confidence: 'high',
  },
  gasRetest: {
    document: 'API 2009; common practice',
    clause: 'before the start, after a break, every 2 to 4 hours',
    edition: '7th, 2002',
    basis: 'practice',
    confidence: 'medium',
  },
  coverGap: {
    document: 'House policy',
    clause: 'a gap in cover starts the watch again; nothing is published',
    basis: 'house',
    confidence: 'medium',
  },
} as const satisfies Record<string, SourceRef>
