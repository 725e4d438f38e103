import type { Range } from '../range'
import { around } from '../range'
import type { BaseMetalId, ConsumableId, ProcessId } from '../ids/vocabulary'
import type { SourceId } from '../source/book'
import type { EmissionFactor, EmissionRow } from './emission-factors'
import { EMISSION_FACTORS, FACTOR_SPREAD } from './emission-factors'
import type { FumeFamily } from './fume-composition'

/** How much fume a job makes: by the mass melted, by the minute of arc where that is how it is published, or by the cut (`kerf.ts`). */
export type FumeRate
  = | {
    readonly by: 'mass'
    readonly gPerKg: Range
    readonly factor: EmissionFactor | null
    /** The metals of the factor are as large a part of this fume as of the printed one. Left out: as much of the mass melted. */
    readonly keepsShares?: true
    readonly sources: readonly SourceId[]
  }
  | { readonly by: 'minute', readonly gPerMin: Range, readonly sources: readonly SourceId[] }
  | { readonly by: 'cut' }

/** What is known of the fume of a process with its consumable and base metal. */
export interface FumeKnowledge { readonly rate: FumeRate, readonly family: FumeFamily, readonly familySource: SourceId }

const printed = (row: EmissionRow): Extract<FumeRate, { readonly by: 'mass' }> => {
  const factor: EmissionFactor = EMISSION_FACTORS[row]
  return { by: 'mass', gPerKg: around(factor.fumeGPerKg, FACTOR_SPREAD), factor, sources: ['emissionFactors'] }
}
/** A factor worked out from fume rates in grams per minute, where the table of factors has no row. */
const worked = (low: number, mid: number, high: number, factor: EmissionFactor | null = null): FumeRate =>
  ({ by: 'mass', gPerKg: { low, mid, high }, factor, sources: ['fumeRates'] })
const perMinute = (low: number, mid: number, high: number, source: SourceId = 'fumeRates'): FumeRate => ({
  by: 'minute',
  gPerMin: { low, mid, high },
  sources: [source],
})

const known = (rate: FumeRate, family: FumeFamily): FumeKnowledge => ({ rate, family, familySource: 'fumeComposition' })

/** E309 lies between two printed rows: its middle and low from E308, its high from E310. */
const E309: FumeRate = {
  by: 'mass', gPerKg: { low: 5.4, mid: 10.8, high: 15.1 * (1 + FACTOR_SPREAD) }, sources: ['emissionFactors'],
  factor: EMISSION_FACTORS['smaw e310'],
}
/** Self-shielded wires: 2 to 5 % of the metal deposited, at four fifths deposited. */
const SELF_SHIELDED = worked(7.6, 15.1, 40)

const STICKS: Readonly<Partial<Record<ConsumableId, FumeKnowledge>>> = {
  'e6010': known(printed('smaw e6010'), 'cellulosic-stick'),
  'e6011': known(printed('smaw e6011'), 'cellulosic-stick'),
  'e6013': known(printed('smaw e6013'), 'rutile-stick'),
  'e7018': known(printed('smaw e7018'), 'basic-stick'),
  'e7024': known(printed('smaw e7024'), 'rutile-stick'),
  'e308l-16': known(printed('smaw e308'), 'stainless-stick'),
  'e309l-16': known(E309, 'stainless-stick'),
  'eni-ci': known(printed('smaw eni-ci'), 'nickel-stick'),
  'e316l-16': known(printed('smaw e316'), 'stainless-stick'),
  // Nobody printed a duplex rod: between 308 and 310, as 309 is.
  'e2209-16': known(E309, 'stainless-stick'),
  'enicrmo-3': known(printed('smaw enicrmo'), 'nickel-chromium-stick'),
  'enicu-7': known(printed('smaw eni-cu'), 'nickel-copper-stick'),
  // 0.8 to 2.5 g/min of a 4 mm rod that melts some 40 g/min.
  'hardfacing-chromium': known(worked(20, 32, 62), 'hardfacing-chromium'),
  'hardfacing-manganese': known(printed('smaw 14mn-4cr'), 'hardfacing-manganese'),
}

const SOLID_WIRES: Readonly<Partial<Record<ConsumableId, FumeKnowledge>>> = {
  'er70s-6': known(printed('gmaw e70s'), 'solid-steel'),
  'er70s-2': known(printed('gmaw e70s'), 'solid-steel'),
  'er308lsi': known(printed('gmaw er308l'), 'stainless-wire'),
  'er308l': known(printed('gmaw er308l'), 'stainless-wire'),
  'er316l': known(printed('gmaw er316'), 'stainless-wire'),
  // Nobody printed a duplex wire: as much fume as 308, of its own make-up.
  'er2209': known({ by: 'mass', gPerKg: printed('gmaw er308l').gPerKg, factor: null, sources: ['emissionFactors'] }, 'duplex-wire'),
  'ernicrmo-3': known(printed('gmaw ernicrmo'), 'nickel-chromium-wire'),
  'ernicu-7': known(printed('gmaw ernicu'), 'nickel-copper-wire'),
  // How much less manganese it makes is its maker's to say: until a sheet does, as any steel wire.
  'low-manganese-wire': known(printed('gmaw e70s'), 'solid-steel'),
  // 0.2 to 0.9 g/min at 200 to 320 A, over about 70 g/min of wire.
  'e70c-6m': known(worked(2.9, 6.4, 13), 'metal-cored'),
  // 0.1 to 0.5 g/min at 140 to 250 A, over about 27 g/min of wire; the high end from the printed aluminium row.
  'er4043': known(worked(3.7, 9.3, 20.5), 'aluminium-silicon'),
  // The printed row is the middle; 0.4 to 2 g/min at 140 to 250 A gives up to 59 g/kg.
  'er5356': known(worked(12, 24.1, 59), 'aluminium-magnesium'),
}

const CORED_WIRES: Readonly<Partial<Record<ConsumableId, FumeKnowledge>>> = {
  'e71t-1': known(printed('fcaw e71t'), 'flux-core-gas'),
  'e308lt1': known(printed('fcaw e308lt'), 'stainless-flux-core'),
  'e316lt1': known(printed('fcaw e316lt'), 'stainless-flux-core'),
}
const SELF_SHIELDED_WIRES: Readonly<Partial<Record<ConsumableId, FumeKnowledge>>> = {
  'e71t-8': known(SELF_SHIELDED, 'flux-core-self'), 'e71t-gs': known(SELF_SHIELDED, 'flux-core-self'),
}

const TIG_RATE = perMinute(0.001, 0.006, 0.02)
/** Low class of processes: under 1 mg/s. */
const FLAME_RATE = perMinute(0.003, 0.02, 0.06, 'rateClasses')

const TIG_FAMILY: Readonly<Partial<Record<ConsumableId, FumeFamily>>> = {
  'er70s-2': 'solid-steel',
  'er70s-6': 'solid-steel',
  'er308l': 'stainless-tig',
  'er4043': 'aluminium-silicon',
  'er5356': 'aluminium-magnesium',
  'er316l': 'stainless-tig',
  'er2209': 'duplex-wire',
  'ernicrmo-3': 'nickel-chromium-wire',
  'ernicu-7': 'nickel-copper-wire',
  'low-manganese-wire': 'solid-steel',
}
/** What rises when only the work itself melts. */
const METAL_FAMILY: Readonly<Partial<Record<BaseMetalId, FumeFamily>>> = {
  'mild-steel': 'solid-steel',
  // Of these it is not known how much chromium they have: a boiler tube has nine per cent.
  'low-alloy-steel': 'low-alloy-steel',
  'stainless-steel': 'stainless-tig',
  'aluminium': 'aluminium-silicon',
}

const CUT: FumeRate = { by: 'cut' }
const LASER_RATE = perMinute(0.06, 0.09, 0.12)

/**
 * What is known of the fume of a process with its consumable; null where nothing is published (then the gate holds and
 * asks for the maker's data sheet or for measured samples).
 */
export function fumeKnowledge(
  process: ProcessId,
  consumable: ConsumableId | undefined,
  baseMetal: BaseMetalId | undefined,
): FumeKnowledge | null {
  const ofMetal = baseMetal && METAL_FAMILY[baseMetal]
  switch (process) {
    case 'smaw':
      return (consumable && STICKS[consumable]) ?? null
    case 'gmaw':
      return (consumable && SOLID_WIRES[consumable]) ?? null
    case 'fcaw-g':
      return (consumable && CORED_WIRES[consumable]) ?? null
    case 'fcaw-s':
      return (consumable && SELF_SHIELDED_WIRES[consumable]) ?? null
    case 'saw':
      return consumable === 'em12k' ? known(printed('saw em12k'), 'solid-steel') : null
    case 'gtaw': {
      const family = consumable === 'no-filler' ? ofMetal : consumable && TIG_FAMILY[consumable]
      return family ? known(TIG_RATE, family) : null
    }
    case 'pac':
    case 'ofc':
      return ofMetal ? known(CUT, ofMetal) : null
    case 'lbw':
      return ofMetal ? known(LASER_RATE, ofMetal) : null
    case 'cac-a':
      return ofMetal === 'solid-steel' ? known(perMinute(2, 6, 20), 'gouging') : null
    case 'ofw':
      return consumable === 'rg45' ? known(FLAME_RATE, 'solid-steel') : null
    case 'tb':
      return consumable === 'rbcuzn-a' ? known(FLAME_RATE, 'brass-rod') : null
    case 'ts':
      return consumable === 'tin-silver' ? known(FLAME_RATE, 'tin-solder') : null
    case 'paw':
    case 'caw':
    case 'grinding':
      return null
  }
}
