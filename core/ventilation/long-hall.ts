import type { HallAir, HallBalance } from './hall'

// A long hall is not one room: it is cut across its length into parts about as long as it is wide, each mixed by itself, that pass air to
// their neighbours. What burns at one end is thicker there than at the other.

/** A hall that is cut into parts of equal length. */
export interface LongHall {
  /** How many, 2 or more. */
  readonly parts: number
  /** Between two of them, m². */
  readonly crossM2: number
}

/** From so many times its width on a hall is long: a shorter one is mixed along as it is mixed across. Common practice, no source. */
const LONG_FROM = 2
/** More are not told apart by one air speed. */
const MOST_PARTS = 6

/**
 * How a hall is cut; null where it is not long.
 *
 * @example longHall({ lengthM: 60, widthM: 15 }, 5) // 4 parts of 15 m, 75 m² between them
 */
export function longHall({ lengthM, widthM }: { readonly lengthM: number, readonly widthM: number }, ceilingM: number): LongHall | null {
  const [long, across] = [Math.max(lengthM, widthM), Math.min(lengthM, widthM)]
  return long < LONG_FROM * across ? null : { parts: Math.min(MOST_PARTS, Math.floor(long / across)), crossM2: across * ceilingM }
}

/** Which part lies so far along a hall, 0 at its beginning and 1 at its end; what is drawn outside of it lies in the part next to it. */
export const partAlong = ({ parts }: LongHall, along: number): number => Math.min(parts - 1, Math.max(0, Math.floor(along * parts)))

/**
 * Air that passes between two neighbouring parts, each way, m³/s: on half of what lies between them it goes one way, on half the other.
 * Source: `twoZone`, ½·area·random air speed; between parts of a hall derived here. What a draught along the hall carries comes on top and
 * is not counted: nobody says which way it goes.
 */
export const passesM3PerS = ({ crossM2 }: LongHall, { airSpeedMPerS }: Pick<HallAir, 'airSpeedMPerS'>): number =>
  crossM2 * airSpeedMPerS / 2

/**
 * The modes of a hall along its length, beyond the one in which it is mixed evenly: with the air taken out spread along it, those of a
 * chain of equal parts are cosines. Their near fields, a thousandth of a part, hold back nothing worth counting.
 *
 * @returns rates, 1/s, none above zero: one fewer than there are parts
 */
export function alongRates(long: LongHall, { farM3, removalM3PerS }: HallBalance, passM3PerS: number): readonly number[] {
  const partM3 = farM3 / long.parts
  return Array.from({ length: long.parts - 1 }, (_, mode) =>
    -removalM3PerS / farM3 - 2 * passM3PerS / partM3 * (1 - Math.cos(Math.PI * (mode + 1) / long.parts)))
}

/**
 * What a mode along the hall holds in one part of a source in another, as a share of 1/V of the whole hall: above zero at the source,
 * below it where the fume has not come yet. One that nobody placed is taken to stand where the other does, which is the worst of all.
 *
 * @param mode from 0
 */
export function alongWeight({ parts }: LongHall, mode: number, from: number | undefined, to: number | undefined): number {
  const wave = (part: number): number => Math.cos(Math.PI * (mode + 1) * (part + 0.5) / parts)
  // Nobody said where either is: as if both stood at an end, where the hall is thickest.
  const [one, other] = [from ?? to ?? 0, to ?? from ?? 0]
  return 2 * wave(one) * wave(other)
}
