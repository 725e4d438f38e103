import type { ConsumableId, ProcessId, ShieldingGasId } from '../ids/vocabulary'

/** What people usually reach for with a process: the keys offered first. Common practice, no source; anything else can still be typed. */
export interface UsualChoices {
  readonly consumables: readonly ConsumableId[]
  readonly diametersMm: readonly number[]
  readonly shieldingGases: readonly ShieldingGasId[]
  readonly currentsA: readonly number[]
}

const STICK: UsualChoices = {
  consumables: [
    'e6013', 'e7018', 'e6010', 'e6011', 'e7024', 'e308l-16', 'e309l-16', 'e316l-16', 'e2209-16', 'eni-ci', 'hardfacing-chromium',
    'hardfacing-manganese',
  ],
  diametersMm: [2.4, 3.2, 4, 4.8, 5],
  shieldingGases: [],
  currentsA: [70, 90, 110, 140, 165, 200],
}
const BRAZE: UsualChoices = { consumables: ['rbcuzn-a', 'bag-silver', 'tin-silver'], diametersMm: [], shieldingGases: [], currentsA: [] }
const NONE: UsualChoices = { consumables: [], diametersMm: [], shieldingGases: [], currentsA: [] }

export const USUAL_CHOICES: Readonly<Record<ProcessId, UsualChoices>> = {
  'smaw': STICK,
  'gmaw': {
    consumables: ['er70s-6', 'e70c-6m', 'low-manganese-wire', 'er308lsi', 'er316l', 'er2209', 'er4043', 'er5356', 'ersicu'],
    diametersMm: [0.8, 0.9, 1, 1.2, 1.6],
    shieldingGases: ['argon-co2', 'co2', 'argon', 'argon-oxygen', 'tri-mix', 'argon-helium'],
    currentsA: [80, 120, 150, 180, 220, 280],
  },
  'fcaw-g': {
    consumables: ['e71t-1', 'e308lt1', 'e316lt1'],
    diametersMm: [0.9, 1.2, 1.6, 2.4],
    shieldingGases: ['co2', 'argon-co2'],
    currentsA: [140, 180, 220, 260, 300],
  },
  'fcaw-s': {
    consumables: ['e71t-8', 'e71t-gs'],
    diametersMm: [0.9, 1.2, 1.6, 2],
    shieldingGases: [],
    currentsA: [100, 150, 180, 210, 250],
  },
  'gtaw': {
    consumables: ['er70s-2', 'er308l', 'er316l', 'er2209', 'ernicrmo-3', 'er4043', 'er5356', 'ercusi-a', 'no-filler'],
    diametersMm: [1, 1.6, 2.4, 3.2, 4],
    shieldingGases: ['argon', 'argon-helium', 'helium'],
    currentsA: [30, 60, 85, 120, 160, 220],
  },
  'saw': { consumables: ['em12k'], diametersMm: [2.4, 3.2, 4], shieldingGases: [], currentsA: [300, 400, 500, 650] },
  'paw': {
    consumables: ['er308l', 'er70s-2', 'no-filler'],
    diametersMm: [1, 1.6, 2.4],
    shieldingGases: ['argon', 'argon-helium'],
    currentsA: [10, 30, 80, 150],
  },
  'pac': { ...NONE, currentsA: [20, 30, 45, 65, 85, 105] },
  'cac-a': { ...NONE, currentsA: [200, 300, 400, 500] },
  'caw': { ...NONE, currentsA: [50, 100, 150] },
  'ofw': { ...NONE, consumables: ['rg45', 'no-filler'] },
  'ofc': NONE,
  'tb': BRAZE,
  'ts': { ...BRAZE, consumables: ['tin-silver', 'bag-silver'] },
  'grinding': NONE,
  'lbw': { ...NONE, shieldingGases: ['argon'] },
}

/** Plate thicknesses offered as keys, mm. */
export const USUAL_THICKNESSES_MM = [1.5, 2, 3, 4, 6, 8, 10, 12, 20, 25] as const
/** Arc minutes in an hour offered as keys. */
export const USUAL_ARC_MINUTES = [1, 2, 3, 5, 10, 15, 20, 25, 30, 40] as const
