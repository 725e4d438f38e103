import {
  cfhFromLPerH, cfmFromM3PerS, cubicFtFromM3, fpmFromMPerS, ftFromM, inchFromMm, lbFromKg, mmFromInch, psiFromKPa,
} from '#core/units'
import type { UnitSystem } from '#core/units'
import type { Language } from './language'
import { down, up } from './rounded'

const trim = (value: number, digits: number): string => String(Number(value.toFixed(digits)))

/** Writes quantities in the units a site likes, with no false precision. SI goes in. */
export interface Quantities {
  readonly current: (ampere: number) => string
  readonly length: (mm: number) => string
  /** A width to be stripped at least: rounded up. */
  readonly strip: (mm: number) => string
  readonly flow: (lPerH: number) => string
  readonly shade: (shade: number) => string
  readonly minutes: (minutes: number) => string
  /** To a quarter of an hour. */
  readonly hours: (hours: number) => string
  /** Concentrations are in mg/m³ or µg/m³ everywhere: the limits are printed so. */
  readonly concentration: (mgPerM3: number) => string
  /** A limit is written as printed: 1.25 must not read as 1.3. */
  readonly limit: (mgPerM3: number) => string
  readonly rate: (mgPerMin: number) => string
  /** Of a wire, or of the arc along the joint. */
  readonly feed: (mPerMin: number) => string
  readonly speed: (mPerS: number) => string
  readonly airFlow: (m3PerS: number) => string
  readonly volume: (m3: number) => string
  readonly reach: (m: number) => string
  readonly height: (m: number) => string
  /** A part of a limit: percent below two, times above. */
  readonly part: (fraction: number) => string
  readonly percent: (share: number) => string
  readonly factor: (times: number) => string
  /** Free gas in a cylinder. */
  readonly gas: (m3: number) => string
  readonly gasRate: (m3PerH: number) => string
  /** Shielding gas as its flowmeter shows it. */
  readonly gasFlow: (lPerMin: number) => string
  /** Gauge pressure. */
  readonly pressure: (kPa: number) => string
  readonly temperature: (celsius: number) => string
  /** An index of heat, to a tenth: rounded up, or a limit down. */
  readonly heatIndex: (celsius: number, toward?: 'up' | 'down') => string
  readonly mass: (kg: number) => string
  /** Between things on the floor. */
  readonly distance: (m: number) => string
}

/** Three figures, and no more than the number has. */
const figures = (value: number, digits = 2): string =>
  value === 0 ? '0' : Number(value.toPrecision(digits)).toLocaleString('en', { maximumFractionDigits: 12, useGrouping: value >= 10_000 })
const concentration = (mg: number): string => mg > 0 && mg < 0.1 ? `${figures(mg * 1000)} µg/m³` : `${figures(mg)} mg/m³`
const limit = (mg: number): string => mg < 0.1 ? `${figures(mg * 1000, 3)} µg/m³` : `${figures(mg, 3)} mg/m³`
const rate = (mg: number): string => mg >= 1000 ? `${figures(mg / 1000)} g/min` : `${figures(mg)} mg/min`
/** A part is rounded up: 0.996 of a limit must not read as less than it is, and what is over never reads as 100 %. */
const partIn = (times: string) => (fraction: number): string =>
  fraction >= 2
    ? `${figures(Math.ceil(fraction * 10 - 1e-9) / 10, fraction >= 10 ? 2 : 3)} ${times}`
    : `${Math.ceil(fraction * 100 - 1e-9)} %`
const percent = (share: number): string => `${figures(share * 100, 3)} %`
/** A needed factor is rounded up. */
const factor = (times: number): string =>
  times >= 100 ? figures(Math.ceil(times / 10 - 1e-9) * 10, 4) : figures(Math.ceil(times * 10 - 1e-9) / 10, 3)
const common = { concentration, limit, rate, percent, factor }
/** The one word among the quantities; everything else is a number and a symbol, which every language writes alike. */
const TIMES: Readonly<Record<Language, string>> = { en: 'times', es: 'veces' }

/** A shade is written with at most one decimal, rounded down: 9.98 must not read as 10. */
const shade = (value: number): string => String(Math.floor(value * 10 + 1e-9) / 10)
const current = (ampere: number): string => `${trim(ampere, ampere < 10 ? 1 : 0)} A`
const hours = (count: number): string => `${trim(count, 2)} h`
const minutes = (value: number): string => `${trim(value, 0)} min`

const ROUNDED = { up, down } as const

const METRIC: Omit<Quantities, 'part'> = {
  ...common,
  gas: v => `${trim(v, v < 10 ? 2 : 1)} m³`,
  gasRate: v => `${trim(v, v < 1 ? 3 : 2)} m³/h`,
  gasFlow: v => `${trim(v, 1)} L/min`,
  pressure: p => `${trim(p / 100, p < 1000 ? 2 : 0)} bar`,
  temperature: t => `${trim(t, 0)} °C`,
  heatIndex: (t, toward = 'up') => `${ROUNDED[toward](t, 0.1)} °C`,
  mass: m => `${trim(m, 1)} kg`,
  distance: m => `${trim(m, 2)} m`,
  feed: v => `${trim(v, 2)} m/min`,
  speed: v => `${trim(v, 2)} m/s`,
  airFlow: q => `${trim(q * 3600, 0)} m³/h`,
  volume: v => `${trim(v, 0)} m³`,
  reach: m => `${trim(m * 100, 0)} cm`,
  height: m => `${trim(m, 1)} m`,
  current,
  shade,
  minutes,
  hours,
  length: mm => `${trim(mm, 1)} mm`,
  strip: mm => `${Math.ceil(mm - 1e-9)} mm`,
  flow: lPerH => `${trim(lPerH, 0)} L/h`,
}

/** Inches as shops say them: sixteenths and thirty-seconds where they fit, decimals elsewhere. */
function inches(mm: number): string {
  const inch = inchFromMm(mm)
  const parts = Math.round(inch * 32)
  if (Math.abs(inch * 32 - parts) < 0.07 && parts > 0) {
    let [top, bottom] = [parts, 32]
    while (top % 2 === 0 && bottom > 1) [top, bottom] = [top / 2, bottom / 2]
    const whole = Math.floor(top / bottom)
    const rest = top % bottom
    return `${[whole || '', rest ? `${rest}/${bottom}` : ''].filter(Boolean).join(' ')} in`
  }
  return `${trim(inch, 3)} in`
}

const US: Omit<Quantities, 'part'> = {
  ...common,
  gas: v => `${trim(cubicFtFromM3(v), 0)} ft³`,
  gasRate: v => `${trim(cubicFtFromM3(v), 1)} ft³/h`,
  gasFlow: v => `${trim(cfhFromLPerH(v * 60), 0)} cfh`,
  pressure: p => `${trim(psiFromKPa(p), p < 700 ? 1 : 0)} psi`,
  temperature: t => `${trim((t * 9) / 5 + 32, 0)} °F`,
  heatIndex: (t, toward = 'up') => `${ROUNDED[toward]((t * 9) / 5 + 32, 0.1)} °F`,
  mass: m => `${trim(lbFromKg(m), 1)} lb`,
  distance: m => `${trim(ftFromM(m), 1)} ft`,
  feed: v => `${trim(inchFromMm(v * 1000), 0)} in/min`,
  speed: v => `${trim(fpmFromMPerS(v), 0)} ft/min`,
  airFlow: q => `${trim(cfmFromM3PerS(q), 0)} cfm`,
  volume: v => `${trim(cubicFtFromM3(v), 0)} ft³`,
  reach: m => `${trim(inchFromMm(m * 1000), 1)} in`,
  height: m => `${trim(ftFromM(m), 1)} ft`,
  current,
  shade,
  minutes,
  hours,
  length: inches,
  strip: mm => inches(mmFromInch(Math.ceil(inchFromMm(mm) * 8 - 1e-9) / 8)),
  flow: lPerH => `${trim(cfhFromLPerH(lPerH), 1)} cfh`,
}

const inUnits = (units: UnitSystem, language: Language): Quantities => ({
  ...units === 'us' ? US : METRIC,
  part: partIn(TIMES[language]),
})
const BOOK: Readonly<Record<Language, Readonly<Record<UnitSystem, Quantities>>>> = {
  en: { metric: inUnits('metric', 'en'), us: inUnits('us', 'en') },
  es: { metric: inUnits('metric', 'es'), us: inUnits('us', 'es') },
}

/** Quantities as a site and a language write them. */
export const quantitiesIn = (units: UnitSystem, language: Language = 'en'): Quantities => BOOK[language][units]
