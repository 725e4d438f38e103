import { ANY_POSTURE } from '#core/exposure/hall-doubt'
import { emissionOf } from '#core/fume/emission'
import type { FumeQuestion } from '#core/fume/emission'
import type { ClassBay, ClassQuestion } from '#core/placing/class-question'

// A class in a hall of like bays: made up.

const made = (job: FumeQuestion): ClassBay['emission'] =>
  Object.fromEntries(Object.entries(emissionOf(job).substances).map(([id, { parts }]) => [id, parts]))
const STICK = made({
  process: 'smaw', currentA: 120, consumable: 'e7018', electrodeDiameterMm: 3.2, plateThicknessMm: 8, baseMetal: 'mild-steel', coating: 'none',
})
export const bay = (id: string, over: Partial<ClassBay> = {}): ClassBay => ({
  id,
  hood: { flowM3PerS: 0.3, returnsAir: false, filterEfficiency: 0 },
  capture: { low: 0.75, mid: 0.85, high: 0.95 },
  emission: STICK,
  arcMinPerH: 8,
  posture: ANY_POSTURE,
  ...over,
})
const ids = (prefix: string, count: number): readonly string[] => Array.from({ length: count }, (_, i) => `${prefix}${i + 1}`)
export const classOf = (people: number, bays: number, periods: number, over: Partial<ClassQuestion> = {}): ClassQuestion => ({
  hall: {
    isOpenAir: false, volumeM3: 2400, ceilingM: 5, supplyM3PerS: 4, outdoorShare: 1, filterEfficiency: 0, backgroundMgPerM3: 0,
    nearFieldRadiusM: 0.5, airSpeedMPerS: 0.15,
  },
  bays: ids('b', bays).map(id => bay(id)),
  people: ids('p', people).map(id => ({ id })),
  periods: Array.from({ length: periods }, (_, i) => ({ fromMin: 480 + 60 * i, toMin: 540 + 60 * i })),
  atOnce: [],
  wantedArcMin: 8,
  ruleSets: ['us-legal'],
  actionFraction: 1,
  daysAWeek: 5,
  ...over,
})
