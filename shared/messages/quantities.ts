import { cfhFromLPerH, inchFromMm } from '#core/units'
import type { UnitSystem } from '#core/units'

const trim = (value: number, digits: number): string => String(Number(value.toFixed(digits)))

/** Writes quantities in the units a site likes, with no false precision. SI goes in. */
export interface Quantities {
  readonly current: (ampere: number) => string
  readonly length: (mm: number) => string
  readonly flow: (lPerH: number) => string
  readonly shade: (shade: number) => string
  readonly minutes: (minutes: number) => string
}

/** A shade is written with at most one decimal, rounded down: 9.98 must not read as 10. */
const shade = (value: number): string => String(Math.floor(value * 10 + 1e-9) / 10)
const current = (ampere: number): string => `${trim(ampere, ampere < 10 ? 1 : 0)} A`
const minutes = (value: number): string => `${trim(value, 0)} min`

const METRIC: Quantities = { current, shade, minutes, length: mm => `${trim(mm, 1)} mm`, flow: lPerH => `${trim(lPerH, 0)} L/h` }

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

const US: Quantities = { current, shade, minutes, length: inches, flow: lPerH => `${trim(cfhFromLPerH(lPerH), 1)} cfh` }

export const quantitiesIn = (units: UnitSystem): Quantities => units === 'us' ? US : METRIC
