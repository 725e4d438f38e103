import type { ZoneNetwork } from './zones'

/** What is known of the air of a hall. */
export interface HallAir {
  /** In the open there is no far field to fill: what leaves the plume is gone. */
  readonly isOpenAir: boolean
  readonly volumeM3: number
  readonly ceilingM: number
  /** Air blown in by fans and through openings, m³/s; a hood's make-up air is part of it. */
  readonly supplyM3PerS: number
  /** Share of the supply that is outdoor air, 0 to 1; the rest is hall air through the filter. */
  readonly outdoorShare: number
  /** Share of particles that the hall's filter takes from what it returns, 0 to 1. Gases pass. */
  readonly filterEfficiency: number
  /** Fume in the air that comes in, mg/m³. */
  readonly backgroundMgPerM3: number
  /** Radius of the half-sphere round arc and head, m. */
  readonly nearFieldRadiusM: number
  /** Random air speed at the bays, m/s; also the draught that a hood works against. */
  readonly airSpeedMPerS: number
}

/** In the open a room's own numbers mean nothing; they are kept at what a very large hall would have. House reading. */
export const OPEN_AIR_ROOM = { volumeM3: 100_000, ceilingM: 20, supplyM3PerS: 1000 } as const
/**
 * What a hall is taken to have until somebody says otherwise, shown where its air is described: no filter, clean air from outside, a near
 * field of half a metre. Common practice, no source.
 */
export const USUAL_AIR = { filterEfficiency: 0, backgroundMgPerM3: 0, nearFieldRadiusM: 0.5 } as const

export const HALL_LIMITS = {
  volumeM3: { min: 5, max: 1_000_000 },
  ceilingM: { min: 1.8, max: 60 },
  supplyM3PerS: { min: 0, max: 1000 },
  outdoorShare: { min: 0, max: 1 },
  filterEfficiency: { min: 0, max: 1 },
  backgroundMgPerM3: { min: 0, max: 10 },
  nearFieldRadiusM: { min: 0.2, max: 1.5 },
  airSpeedMPerS: { min: 0.02, max: 5 },
} as const

/** Settling of fume is not counted as a control: a choice to the safe side. Ozone's own decay likewise. */
export interface HallHood {
  readonly flowM3PerS: number
  /** What it draws goes back into the hall through its filter; otherwise it is ducted out. */
  readonly returnsAir: boolean
  readonly filterEfficiency: number
}

/** One bay of the hall: its near field, with or without a hood. */
export interface HallSpot { readonly hood: HallHood | null }

/** Volume of the near field: a half-sphere on the bench, m³. */
export const nearFieldVolumeM3 = (radiusM: number): number => 2 / 3 * Math.PI * radiusM ** 3

/**
 * Air exchanged between near and far field, m³/s: half the free surface of the half-sphere × the random air speed.
 * Source: `twoZone`; β = ½·FSA·S with FSA = 2πr².
 *
 * @example nearFieldExchangeM3PerS(0.5, 0.15) * 60 // 7.06858 m³/min
 */
export const nearFieldExchangeM3PerS = (radiusM: number, airSpeedMPerS: number): number => Math.PI * radiusM ** 2 * airSpeedMPerS

/** Whether what floats is held back by a filter. */
export type Aerosol = 'particles' | 'gases'

/** Where the far field is swept away: a hall so large and airy that nothing gathers. */
const OPEN_AIR_VOLUME_M3 = 1e6
const OPEN_AIR_FLOW_M3_PER_S = 1e6

/** The flows of a hall, m³/s, as the balance counts them. */
export interface HallFlows {
  /** Outdoor air in, and hall air out: the outdoor supply, or what the ducted hoods draw if that is more. */
  readonly outdoorM3PerS: number
  /** Clean air that the hall's own filter is worth. */
  readonly hallFilterM3PerS: number
  /** Clean air that the hoods' filters are worth, where they return what they draw. */
  readonly hoodFilterM3PerS: number
}

/** The flows of a hall for particles or for gases. Hood flow is not counted as stirring the near field: a choice to the safe side. */
export function hallFlows(hall: HallAir, spots: readonly HallSpot[], what: Aerosol): HallFlows {
  if (hall.isOpenAir) return { outdoorM3PerS: OPEN_AIR_FLOW_M3_PER_S, hallFilterM3PerS: 0, hoodFilterM3PerS: 0 }
  let ducted = 0
  let cleaned = 0
  for (const { hood } of spots) {
    if (!hood) continue
    if (!hood.returnsAir) ducted += hood.flowM3PerS
    else if (what === 'particles') cleaned += hood.flowM3PerS * hood.filterEfficiency
  }
  return {
    outdoorM3PerS: Math.max(hall.supplyM3PerS * hall.outdoorShare, ducted),
    hallFilterM3PerS: what === 'particles' ? hall.supplyM3PerS * (1 - hall.outdoorShare) * hall.filterEfficiency : 0,
    hoodFilterM3PerS: cleaned,
  }
}

/** The far field is zone 0, the near field of spot i is zone i + 1. */
export const FAR_FIELD = 0
export const nearFieldOf = (spot: number): number => spot + 1

/** A hall as its balance counts it: one far field, and near fields that are all alike. */
export interface HallBalance {
  readonly farM3: number
  readonly nearM3: number
  /** Between the far field and each near field, both ways. */
  readonly exchangeM3PerS: number
  /** Clean air that the far field is worth. */
  readonly removalM3PerS: number
}

/** Volumes and flows of a hall for particles or for gases. */
export function hallBalance(hall: HallAir, spots: readonly HallSpot[], what: Aerosol): HallBalance {
  const { outdoorM3PerS, hallFilterM3PerS, hoodFilterM3PerS } = hallFlows(hall, spots, what)
  const nearM3 = nearFieldVolumeM3(hall.nearFieldRadiusM)
  const whole = hall.isOpenAir ? OPEN_AIR_VOLUME_M3 : hall.volumeM3
  return {
    // A hall too small for its near fields keeps a tenth of its volume between them.
    farM3: Math.max(whole - nearM3 * spots.length, whole / 10),
    nearM3,
    exchangeM3PerS: nearFieldExchangeM3PerS(hall.nearFieldRadiusM, hall.airSpeedMPerS),
    removalM3PerS: outdoorM3PerS + hallFilterM3PerS + hoodFilterM3PerS,
  }
}

/** The zones of a hall with any number of bays: one far field, and a near field round each arc. */
export function hallNetwork(hall: HallAir, spots: readonly HallSpot[], what: Aerosol): ZoneNetwork {
  const { farM3, nearM3, exchangeM3PerS, removalM3PerS } = hallBalance(hall, spots, what)
  return {
    volumesM3: [farM3, ...spots.map(() => nearM3)],
    exchanges: spots.map((_, spot) => [FAR_FIELD, nearFieldOf(spot), exchangeM3PerS]),
    removalM3PerS: [removalM3PerS, ...spots.map(() => 0)],
  }
}
