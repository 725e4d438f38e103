import type { CylinderGasId } from '../ids/vocabulary'

/** Parts of a mix in percent by volume; they make 100 together. */
export type GasMix = Readonly<Partial<Record<CylinderGasId, number>>>
/** What is in a cylinder: one gas, or a mix. */
export type GasContent = CylinderGasId | GasMix

/** How a gas is kept, what it does to a fire, and the figures that its amount is computed with. */
export interface GasTraits {
  /** A liquefied or dissolved gas shows nothing of its amount by its pressure. */
  readonly kept: 'compressed' | 'liquefied' | 'dissolved'
  readonly fire: 'fuel' | 'feeds' | 'inert'
  /** Vapour at 21.1 °C and 101.325 kPa. */
  readonly densityKgPerM3: number
  /** Where it gathers when it leaks. */
  readonly gathers: 'low' | 'high' | 'mixes'
  /** Among the dry gases of the ten-year star. */
  readonly starListed: boolean
}

/**
 * Properties of the gases a shop keeps.
 * Density at 70 °F and 1 atm from molar mass and second virial coefficient. Source: `gasDensity`.
 */
export const GAS_TRAITS: Readonly<Record<CylinderGasId, GasTraits>> = {
  'oxygen': { kept: 'compressed', fire: 'feeds', densityKgPerM3: 1.326, gathers: 'low', starListed: true },
  'argon': { kept: 'compressed', fire: 'inert', densityKgPerM3: 1.656, gathers: 'low', starListed: true },
  'nitrogen': { kept: 'compressed', fire: 'inert', densityKgPerM3: 1.160, gathers: 'mixes', starListed: true },
  'helium': { kept: 'compressed', fire: 'inert', densityKgPerM3: 0.1657, gathers: 'high', starListed: true },
  'hydrogen': { kept: 'compressed', fire: 'fuel', densityKgPerM3: 0.0834, gathers: 'high', starListed: true },
  'carbon-dioxide': { kept: 'liquefied', fire: 'inert', densityKgPerM3: 1.832, gathers: 'low', starListed: false },
  'air': { kept: 'compressed', fire: 'inert', densityKgPerM3: 1.200, gathers: 'mixes', starListed: true },
  'acetylene': { kept: 'dissolved', fire: 'fuel', densityKgPerM3: 1.087, gathers: 'mixes', starListed: false },
  'propane': { kept: 'liquefied', fire: 'fuel', densityKgPerM3: 1.857, gathers: 'low', starListed: false },
  'propylene': { kept: 'liquefied', fire: 'fuel', densityKgPerM3: 1.769, gathers: 'low', starListed: false },
  'mps': { kept: 'liquefied', fire: 'fuel', densityKgPerM3: 1.75, gathers: 'low', starListed: false },
  'natural-gas': { kept: 'compressed', fire: 'fuel', densityKgPerM3: 0.666, gathers: 'high', starListed: false },
}

/** The parts of a content as shares of 1, largest first. */
export function partsOf(content: GasContent): readonly { readonly gas: CylinderGasId, readonly share: number }[] {
  if (typeof content === 'string') return [{ gas: content, share: 1 }]
  const parts = Object.entries(content) as [CylinderGasId, number][]
  const whole = parts.reduce((sum, [, percent]) => sum + percent, 0)
  return parts
    .filter(([, percent]) => percent > 0)
    .map(([gas, percent]) => ({ gas, share: percent / whole }))
    .sort((a, b) => b.share - a.share)
}

/** Share of one gas in a content, 0 to 1. */
export const shareOf = (content: GasContent, wanted: CylinderGasId): number =>
  partsOf(content).find(({ gas }) => gas === wanted)?.share ?? 0

/** More oxygen than this counts as oxygen: 23.5 % is where clothes begin to burn. Source: `oxygenLimits`. */
const FEEDS_FROM_SHARE = 0.235
/** About where hydrogen in argon begins to burn at the outlet; the label decides, this is the safe reading. */
const FUEL_FROM_SHARE = 0.05

/** What a content does to a fire. A mix is judged by what it holds of fuel and of oxygen. */
export function fireRole(content: GasContent): 'fuel' | 'feeds' | 'inert' {
  const total = (role: 'fuel' | 'feeds') =>
    partsOf(content).reduce((sum, { gas, share }) => sum + (GAS_TRAITS[gas].fire === role ? share : 0), 0)
  if (total('fuel') >= FUEL_FROM_SHARE) return 'fuel'
  return total('feeds') > FEEDS_FROM_SHARE ? 'feeds' : 'inert'
}

/** How a content is kept: a mix with any dissolved gas is dissolved; a little carbon dioxide stays a gas under pressure. */
export function keptAs(content: GasContent): GasTraits['kept'] {
  const parts = partsOf(content)
  if (parts.some(({ gas }) => GAS_TRAITS[gas].kept === 'dissolved')) return 'dissolved'
  const liquefied = parts.reduce((sum, { gas, share }) => sum + (GAS_TRAITS[gas].kept === 'liquefied' ? share : 0), 0)
  return liquefied > 0.5 ? 'liquefied' : 'compressed'
}
