import type { SourceId } from '../source/book'

/** What may happen, in the order in which it is looked for. */
export const EMERGENCIES = ['fire', 'cylinder-in-fire', 'flashback', 'burn', 'shock', 'eyes', 'fume-fever', 'phosgene'] as const
export type EmergencyId = typeof EMERGENCIES[number]

/** A number of the site's house rules that is called for it. */
export type CallId = 'emergency' | 'fire-point' | 'first-aid' | 'gas-supplier'

/** First steps, few and in order; how far to go away, where a document prints it, m; whom to call. No dosing, ever. */
export interface Emergency {
  readonly steps: readonly string[]
  readonly clearM: number | null
  readonly calls: readonly CallId[]
  readonly sources: readonly SourceId[]
}

/** First aid wording is plain and short; it waits for a clinician's review and says so. Ids of steps; the words are in the catalogue. */
export const EMERGENCY: Readonly<Record<EmergencyId, Emergency>> = {
  'fire': {
    steps: ['stop-work', 'alarm', 'small-only', 'leave', 'meet'],
    clearM: null,
    calls: ['emergency', 'fire-point'],
    sources: ['smallFire'],
  },
  'cylinder-in-fire': {
    steps: ['everybody-out', 'do-not-touch', 'do-not-put-out', 'tell-acetylene', 'stay-away', 'never-again'],
    clearM: 200,
    calls: ['emergency', 'fire-point', 'gas-supplier'],
    sources: ['acetyleneFire', 'acetyleneGuide'],
  },
  'flashback': {
    steps: ['close-torch', 'close-valves', 'feel-heat', 'hot-then-out', 'kit-out'],
    clearM: null,
    calls: ['fire-point', 'gas-supplier'],
    sources: ['flashback', 'acetyleneFire'],
  },
  'burn': {
    steps: ['roll', 'cool', 'rings-off', 'cover', 'medical'],
    clearM: null,
    calls: ['first-aid', 'emergency'],
    sources: ['burnCooling'],
  },
  'shock': {
    steps: ['power-off', 'no-touch', 'call-now', 'breathing', 'medical-always'],
    clearM: null,
    calls: ['emergency', 'first-aid'],
    sources: ['shock'],
  },
  'eyes': {
    steps: ['stop-arc', 'no-rubbing', 'rinse', 'dark', 'medical'],
    clearM: null,
    calls: ['first-aid', 'emergency'],
    sources: ['arcEye', 'eyeSplash'],
  },
  'fume-fever': {
    steps: ['fresh-air', 'stop-job', 'day-or-two', 'medical-worse'],
    clearM: null,
    calls: ['first-aid', 'emergency'],
    sources: ['fumeFever'],
  },
  'phosgene': {
    steps: ['fresh-air', 'no-effort', 'looks-well', 'hospital', 'tell-them'],
    clearM: null,
    calls: ['emergency', 'first-aid'],
    sources: ['phosgene'],
  },
}
