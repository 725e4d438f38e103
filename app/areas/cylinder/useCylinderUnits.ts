import { cubicFtFromM3, kPaFromPsi, kgFromLb, lbFromKg, m3FromCubicFt, psiFromKPa } from '#core/units'
import type { ShopUnit } from '~/frame/useShopUnits'

const same = (value: number): number => value
const by = (unit: string, step: number, factor: number): ShopUnit => ({
  unit,
  step,
  toShown: si => si * factor,
  fromShown: shown => shown / factor,
})
const LITRES: ShopUnit = { unit: 'L', step: 1, toShown: same, fromShown: same }

const METRIC = {
  litres: LITRES,
  pressure: by('bar', 10, 0.01),
  temperature: { unit: '°C', step: 1, toShown: same, fromShown: same },
  mass: { unit: 'kg', step: 0.5, toShown: same, fromShown: same },
  flow: { unit: 'L/min', step: 1, toShown: same, fromShown: same },
  gas: { unit: 'm³', step: 0.5, toShown: same, fromShown: same },
  gasRate: { unit: 'm³/h', step: 0.1, toShown: same, fromShown: same },
} as const satisfies Record<string, ShopUnit>
const US = {
  litres: LITRES,
  pressure: { unit: 'psi', step: 50, toShown: psiFromKPa, fromShown: kPaFromPsi },
  temperature: { unit: '°F', step: 1, toShown: c => (c * 9) / 5 + 32, fromShown: f => ((f - 32) * 5) / 9 },
  mass: { unit: 'lb', step: 1, toShown: lbFromKg, fromShown: kgFromLb },
  flow: { unit: 'ft³/h', step: 5, toShown: l => cubicFtFromM3((l * 60) / 1000), fromShown: ft3 => (m3FromCubicFt(ft3) * 1000) / 60 },
  gas: { unit: 'ft³', step: 10, toShown: cubicFtFromM3, fromShown: m3FromCubicFt },
  gasRate: { unit: 'ft³/h', step: 1, toShown: cubicFtFromM3, fromShown: m3FromCubicFt },
} as const satisfies Record<keyof typeof METRIC, ShopUnit>

/** Units of gas and pressure as this site writes them. Water volume is stamped in litres everywhere it is stamped. */
export function useCylinderUnits() {
  const facts = useFacts()
  return computed<Readonly<Record<keyof typeof METRIC, ShopUnit>>>(() => facts.rules.units === 'us' ? US : METRIC)
}
