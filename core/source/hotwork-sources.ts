import { FIRE_SOURCES } from './fire-sources'
import type { SourceRef } from './source-ref'

/**
 * Documents and practices behind hot work, its watch and its emergencies, once each. Published figures are recalled from memory: check
 * your current edition.
 */
export const HOTWORK_SOURCES = {
  ...FIRE_SOURCES,
  usProhibited: {
    document: '29 CFR 1910.252',
    clause: '(a)(2)(vi): not authorised, sprinklers impaired, explosive atmosphere, bulk ready to ignite',
    edition: 'text of about 2023',
    basis: 'published',
    confidence: 'high',
  },
  usContainers: {
    document: '29 CFR 1910.252',
    clause: '(a)(3): cleaned until there is no doubt; hollow parts vented',
    edition: 'text of about 2023',
    basis: 'published',
    confidence: 'high',
  },
  usConfinedWork: {
    document: '29 CFR 1910.252; 1926.352; 1926.353',
    clause: '(a)(4); (g): gas shut outside, torch and hose out; ventilation and attendant',
    edition: 'text of about 2023',
    basis: 'published',
    confidence: 'high',
  },
  usShipyardWatch: {
    document: '29 CFR 1915.504',
    clause: '(b), (c): no other duty, view and access, authority to stop',
    edition: 'subpart P of 2004',
    basis: 'published',
    confidence: 'high',
  },
  usShipyardOxygen: {
    document: '29 CFR 1915.12; NFPA 306',
    clause: 'oxygen no more than 22.0 %',
    edition: 'text of about 2023',
    basis: 'published',
    confidence: 'high',
  },
  consensusWatch: {
    document: 'NFPA 51B',
    clause: 'watch of at least 60 minutes; 30 up to the 2014 edition',
    edition: '2019, 2024',
    basis: 'published',
    confidence: 'high',
  },
  consensusGouging: {
    document: 'NFPA 51B',
    clause: 'air-carbon-arc: more than 35 ft, as the authoriser decides',
    edition: '2019, 2024',
    basis: 'published',
    confidence: 'medium',
  },
  consensusWatchers: {
    document: 'NFPA 51B; 29 CFR 1910.252',
    clause: '(a)(2)(iii), (a)(2)(x): one more for each part that one watcher does not see',
    basis: 'published',
    confidence: 'high',
  },
  insurerMonitoring: {
    document: 'Insurers\' practice',
    clause: '60 minutes of watch, then a look every 15 to 30 minutes for 3 hours',
    basis: 'practice',
    confidence: 'medium',
  },
  blankets: {
    document: 'ANSI/FM 4950',
    clause: 'pad under cutting, blanket under grinding and welding, curtain only as a side screen',
    edition: '2007 to 2021',
    basis: 'published',
    confidence: 'high',
  },
  strictGas: {
    document: 'Common practice',
    clause: 'no flammable gas at all (0 %), at most 1 %',
    basis: 'practice',
    confidence: 'medium',
  },
  sparkModel: {
    document: 'Zonaris',
    clause: 'flight of a steel drop with drag, cooled until 600 °C; class speeds assumed; an upper estimate',
    basis: 'derived',
    confidence: 'medium',
  },
  sphereDrag: {
    document: 'Schiller and Naumann',
    clause: 'drag of a sphere up to Reynolds number 1000',
    basis: 'published',
    confidence: 'medium',
  },
  roll: { document: 'Zonaris', clause: '3 m of bounce and roll on a hard floor', basis: 'derived', confidence: 'low' },
  watchClock: {
    document: 'Zonaris',
    clause: 'elapsed minutes in UTC: no clock change makes a watch shorter or longer',
    basis: 'derived',
    confidence: 'high',
  },
  neighbours: { document: 'Zonaris', clause: 'two circles that touch while both are live', basis: 'derived', confidence: 'medium' },
  ownWork: {
    document: 'NFPA 51B',
    clause: 'whoever authorises does not do the work',
    edition: '2019, 2024',
    basis: 'published',
    confidence: 'medium',
  },
  detectors: {
    document: 'NFPA 51B; common practice',
    clause: 'shield one head, one zone; written down and put back',
    basis: 'practice',
    confidence: 'medium',
  },
  burnCooling: {
    document: 'First-aid guidance of the UK and Australia; American Red Cross',
    clause: 'cool running water for 20 minutes (10 to 20 in the US)',
    basis: 'published',
    confidence: 'high',
  },
  acetyleneFire: {
    document: 'UK guidance on acetylene in fires; CGA SB-4',
    clause: '200 m, cooled an hour, watched an hour; older 24 hours',
    basis: 'published',
    confidence: 'medium',
  },
  acetyleneGuide: {
    document: 'Emergency Response Guidebook',
    clause: 'guide 116: 100 m (330 ft) all round',
    edition: '2016 to 2024',
    basis: 'published',
    confidence: 'high',
  },
  flashback: {
    document: 'ANSI Z49.1; BCGA CP7; 29 CFR 1926.350',
    clause: 'oxygen first in a sustained flashback; teachings differ: the torch maker\'s order',
    basis: 'published',
    confidence: 'high',
  },
  smallFire: {
    document: '29 CFR 1910.157; common practice',
    clause: '(g): trained, with the way out behind; leave after one extinguisher or half a minute',
    basis: 'published',
    confidence: 'high',
  },
  shock: {
    document: 'ANSI Z49.1',
    clause: 'supply off before touching; every shock is looked at',
    edition: '2021',
    basis: 'published',
    confidence: 'high',
  },
  eyeSplash: { document: 'ANSI Z358.1', clause: '15 minutes of water', edition: '2014', basis: 'published', confidence: 'high' },
  arcEye: {
    document: 'Textbooks of occupational medicine',
    clause: 'hours later; no rubbing, no lenses',
    basis: 'published',
    confidence: 'high',
  },
  fumeFever: {
    document: 'Textbooks of occupational medicine',
    clause: '4 to 12 hours after zinc or copper, over in one or two days',
    basis: 'published',
    confidence: 'high',
  },
  phosgene: {
    document: 'Textbooks of occupational medicine; NIOSH',
    clause: 'well at first, breathless up to a day later',
    basis: 'published',
    confidence: 'high',
  },
} as const satisfies Record<string, SourceRef>
