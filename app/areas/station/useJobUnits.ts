import { cfhFromLPerH, inchFromMm, lPerHFromCfh, mmFromInch } from '#core/units'
import type { ShopUnit } from '~/frame/useShopUnits'
import type { JobUnit } from './jobLines'

const same = (value: number): number => value
const METRIC = {
  length: { unit: 'mm', step: 0.5, toShown: same, fromShown: same },
  flow: { unit: 'L/h', step: 50, toShown: same, fromShown: same },
  gasFlow: { unit: 'L/min', step: 1, toShown: same, fromShown: same },
} as const satisfies Partial<Record<JobUnit, ShopUnit>>
const US = {
  length: { unit: 'in', step: 0.03, toShown: inchFromMm, fromShown: mmFromInch },
  flow: { unit: 'cfh', step: 5, toShown: cfhFromLPerH, fromShown: lPerHFromCfh },
  gasFlow: { unit: 'cfh', step: 5, toShown: lPerMin => cfhFromLPerH(lPerMin * 60), fromShown: cfh => lPerHFromCfh(cfh) / 60 },
} as const satisfies Record<keyof typeof METRIC, ShopUnit>

/** The units in which this shop reads the numbers of a job; SI outside. */
export function useJobUnits() {
  const facts = useFacts()
  const shopUnits = useShopUnits()
  return computed<Readonly<Record<JobUnit, ShopUnit>>>(() => {
    const { wireFeed, travel } = shopUnits.value
    return { wireFeed, travel, ...facts.rules.units === 'us' ? US : METRIC }
  })
}
