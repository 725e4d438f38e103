import { nearFieldExchangeM3PerS, nearFieldVolumeM3 } from './hall'
import { Zones } from './zones'

/** One room with one source. */
export interface RoomQuestion {
  readonly volumeM3: number
  /** Clean air in, and room air out, m³/s. */
  readonly supplyM3PerS: number
  readonly emissionMgPerMin: number
  readonly minutes: number
  readonly initialMgPerM3?: number
  readonly nearField?: { readonly radiusM: number, readonly airSpeedMPerS: number }
  /** First-order loss besides the air that leaves, 1/h. */
  readonly lossPerH?: number
}

export interface RoomLevels {
  /** Null where nothing leaves the room: it rises for ever. */
  readonly steadyMgPerM3: number | null
  readonly atEndMgPerM3: number
  readonly meanMgPerM3: number
}
export interface RoomAnswer extends RoomLevels { readonly nearField?: RoomLevels }

/**
 * Concentration in a well-mixed room, and round the source where a near field is given: settled, at the end, and its mean.
 * Source: `wellMixed`, `twoZone`. Without a near field C(t) = C∞ + (C₀ − C∞)·e^(−λt), λ = Q/V + k, C∞ = G/(Q + kV).
 *
 * @example roomLevels({ volumeM3: 283.17, supplyM3PerS: 0.9439, emissionMgPerMin: 138, minutes: 480 }).steadyMgPerM3 // 2.4367
 */
export function roomLevels({
  volumeM3,
  supplyM3PerS,
  emissionMgPerMin,
  minutes,
  initialMgPerM3 = 0,
  nearField,
  lossPerH = 0,
}: RoomQuestion): RoomAnswer {
  const near = nearField ? Math.min(nearFieldVolumeM3(nearField.radiusM), volumeM3 / 2) : 0
  const volumesM3 = nearField ? [volumeM3 - near, near] : [volumeM3]
  const loss = lossPerH / 3600
  const zones = new Zones({
    volumesM3,
    exchanges: nearField ? [[0, 1, nearFieldExchangeM3PerS(nearField.radiusM, nearField.airSpeedMPerS)]] : [],
    removalM3PerS: volumesM3.map((volume, zone) => (zone === 0 ? supplyM3PerS : 0) + loss * volume),
  })
  const source = volumesM3.map((_, zone) => (zone === volumesM3.length - 1 ? emissionMgPerMin / 60 : 0))
  const { endMgPerM3, meanMgPerM3 } = zones.advance(
    volumesM3.map(() => initialMgPerM3),
    source,
    minutes * 60,
  )
  const steady = zones.steady(source)
  const levels = (zone: number): RoomLevels => ({
    steadyMgPerM3: steady?.[zone] ?? null,
    atEndMgPerM3: endMgPerM3[zone]!,
    meanMgPerM3: minutes > 0 ? meanMgPerM3[zone]! : initialMgPerM3,
  })
  return { ...levels(0), ...(nearField ? { nearField: levels(1) } : {}) }
}

/**
 * Minutes to clear a room from one concentration to another, the source off.
 * Source: `wellMixed`; t = K·(V/Q)·ln(C₀/C).
 *
 * @param mixingFactor 1 for perfect mixing, up to 10 for poor
 * @example purgeMinutes(283.17, 0.9439, 6, 0.3) // 59.915
 */
export const purgeMinutes = (volumeM3: number, supplyM3PerS: number, fromMgPerM3: number, toMgPerM3: number, mixingFactor = 1): number =>
  mixingFactor * volumeM3 / supplyM3PerS * Math.log(fromMgPerM3 / toMgPerM3) / 60
