import {
  cfmFromM3PerS,
  cubicFtFromM3,
  fpmFromMPerS,
  ftFromM,
  inchFromMm,
  m3FromCubicFt,
  m3PerSFromCfm,
  mFromFt,
  mmFromInch,
  mPerSFromFpm,
} from '#core/units'

/** A unit as this site writes it, and the way there from SI and back. */
export interface ShopUnit {
  readonly unit: string
  readonly step: number
  readonly toShown: (si: number) => number
  readonly fromShown: (shown: number) => number
}

const same = (value: number): number => value
const scaled = (unit: string, step: number, by: number): ShopUnit => ({
  unit,
  step,
  toShown: si => si * by,
  fromShown: shown => shown / by,
})

const METRIC = {
  reach: scaled('cm', 1, 100),
  height: scaled('m', 0.1, 1),
  volume: { unit: 'm³', step: 10, toShown: same, fromShown: same },
  airFlow: scaled('m³/h', 50, 3600),
  speed: { unit: 'm/s', step: 0.05, toShown: same, fromShown: same },
  wireFeed: { unit: 'm/min', step: 0.5, toShown: same, fromShown: same },
  travel: { unit: 'm/min', step: 0.05, toShown: same, fromShown: same },
  width: { unit: 'mm', step: 5, toShown: same, fromShown: same },
} as const satisfies Record<string, ShopUnit>
const US = {
  reach: { unit: 'in', step: 0.5, toShown: m => inchFromMm(m * 1000), fromShown: inch => mmFromInch(inch) / 1000 },
  height: { unit: 'ft', step: 0.5, toShown: ftFromM, fromShown: mFromFt },
  volume: { unit: 'ft³', step: 500, toShown: cubicFtFromM3, fromShown: m3FromCubicFt },
  airFlow: { unit: 'cfm', step: 25, toShown: cfmFromM3PerS, fromShown: m3PerSFromCfm },
  speed: { unit: 'ft/min', step: 10, toShown: fpmFromMPerS, fromShown: mPerSFromFpm },
  wireFeed: { unit: 'in/min', step: 20, toShown: m => inchFromMm(m * 1000), fromShown: inch => mmFromInch(inch) / 1000 },
  travel: { unit: 'in/min', step: 1, toShown: m => inchFromMm(m * 1000), fromShown: inch => mmFromInch(inch) / 1000 },
  width: { unit: 'in', step: 0.25, toShown: inchFromMm, fromShown: mmFromInch },
} as const satisfies Record<keyof typeof METRIC, ShopUnit>

/** Units of air and distance as this site writes them. */
export function useShopUnits() {
  const facts = useFacts()
  return computed<Readonly<Record<keyof typeof METRIC, ShopUnit>>>(() => facts.rules.units === 'us' ? US : METRIC)
}

/** A unit that every shop writes alike. */
export const plainUnit = (unit: string, step = 1): ShopUnit => ({ unit, step, toShown: same, fromShown: same })

/** A share of 0 to 1, written in percent. */
export const shareUnit: ShopUnit = { unit: '%', step: 1, toShown: share => share * 100, fromShown: shown => shown / 100 }

/** A number that counts in steps of one and has no unit: what is typed between two is the lower. */
export const wholeUnit: ShopUnit = { ...plainUnit(''), fromShown: shown => Math.floor(shown) }

/** A number as typed, comma or point; NaN when it is none. */
export const readNumber = (text: string): number => text.trim() === '' ? Number.NaN : Number(text.trim().replace(',', '.'))
