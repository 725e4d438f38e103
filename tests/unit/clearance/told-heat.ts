import type { ToldHeat } from '#core/streams/hall/hall'

/** A cool hall, told on whatever day it is. */
export const COOL: ToldHeat = {
  warmth: { airC: 12, humidityPercent: 55, isInSun: false },
  isEverybodyUsed: false,
  at: '2026-01-01T08:00:00.000Z',
  validUntil: '2030-01-01T00:00:00.000Z',
}
