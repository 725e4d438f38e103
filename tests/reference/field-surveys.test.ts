import { describe, expect, it } from 'vitest'
import { spreadOf } from '#core/chance/draws'
import { drawSet } from '#core/chance/draw-set'
import { postureOf, USUAL_DOUBT } from '#core/exposure/hall-doubt'
import type { HallBay } from '#core/exposure/drawn-hall'
import { hallShift } from '#core/exposure/hall-shift'
import type { FumeQuestion } from '#core/fume/emission'
import { emissionOf } from '#core/fume/emission'
import { mgPerM3FromPpm } from '#core/fume/gases'
import type { SubstanceId } from '#core/ids/vocabulary'
import type { Range } from '#core/range'
import { NOTHING } from '#core/range'
import { captureEfficiency } from '#core/ventilation/capture'
import type { HallAir } from '#core/ventilation/hall'
import type { Hood } from '#core/ventilation/hood'

/**
 * What surveys of welding shops found in the air that is breathed, against what the model says of such a shop. Recalled from memory over
 * several surveys (a large European study of 2012, US construction and shipyard surveys of the 1990s and 2000s, national databases of
 * exposure): single figures are not reliable, orders are. A window of plausibility, never a limit.
 * The model's middle lies within a factor of three of the survey's, its 95th percentile within half and five times the survey's; what lies
 * outside is named here with its reason, on the high side alone.
 */
interface Survey {
  readonly name: string
  readonly jobs: readonly FumeQuestion[]
  readonly substance: SubstanceId
  /** Middle and 95th percentile of the survey, mg/m³: as the element for metals. */
  readonly middle: readonly [number, number]
  readonly p95: number
  readonly shop?: Partial<Shop>
  /** The middle is further above the survey's than a factor of three: why, and by how much at most. */
  readonly above?: { readonly times: number, readonly because: string }
}

/** How the shops of the surveys are taken to be: a hall of 3000 m³ changed four times an hour, arcs a fifth to two fifths of the time. */
interface Shop {
  readonly hall: HallAir
  readonly arcMinPerH: readonly number[]
  /** In some an arm is used, as arms are: rather far off. */
  readonly hoods: readonly (Hood | null)[]
  /** What is done beside them; left out, three others do the same. */
  readonly others: readonly FumeQuestion[] | null
}
const HALL: HallAir = {
  isOpenAir: false, volumeM3: 3000, ceilingM: 5, supplyM3PerS: 3000 * 4 / 3600, outdoorShare: 1, filterEfficiency: 0, backgroundMgPerM3: 0,
  nearFieldRadiusM: 0.5, airSpeedMPerS: 0.15,
}
const ARM: Hood = { kind: 'opening', diameterM: 0.16, flanged: false, flowM3PerS: 0.22, isMovable: true }
const ARM_OFF_M = 0.3
const SHOP: Shop = { hall: HALL, arcMinPerH: [12, 18, 24], hoods: [null, ARM], others: null }
/** One who cuts or gouges, now and then, and no hood that reaches them. */
const CUTTER: Partial<Shop> = { arcMinPerH: [3, 6, 12], hoods: [null], others: [] }

const CLEAN = { coating: 'none' } as const
const steel = (more: Omit<FumeQuestion, 'baseMetal' | 'coating'>): FumeQuestion => ({ ...CLEAN, baseMetal: 'mild-steel', ...more })
const stainless = (more: Omit<FumeQuestion, 'baseMetal' | 'coating'>): FumeQuestion => ({ ...CLEAN, baseMetal: 'stainless-steel', ...more })
const aluminium = (more: Omit<FumeQuestion, 'baseMetal' | 'coating'>): FumeQuestion => ({ ...CLEAN, baseMetal: 'aluminium', ...more })

const MIG = steel({ process: 'gmaw', consumable: 'er70s-6', currentA: 180, electrodeDiameterMm: 1, shieldingGas: 'argon-co2' })
const STICKS = [
  steel({ process: 'smaw', consumable: 'e7018', currentA: 120 }),
  steel({ process: 'smaw', consumable: 'e6013', currentA: 110 }),
]
const STAINLESS_STICK = stainless({ process: 'smaw', consumable: 'e308l-16', currentA: 90 })
const STAINLESS_MIG = stainless({
  process: 'gmaw', consumable: 'er308lsi', currentA: 170, electrodeDiameterMm: 1, shieldingGas: 'argon-co2',
})
const SHEET = steel({ process: 'gmaw', consumable: 'er70s-6', currentA: 110, electrodeDiameterMm: 0.8 })
const PLASMA = steel({ process: 'pac', currentA: 45 })
const ZINC_OF_OXIDE = 1 / 1.2447

const SURVEYS: readonly Survey[] = [
  {
    name: 'TIG, any metal, in shops where others weld too',
    jobs: [
      stainless({ process: 'gtaw', consumable: 'er308l', currentA: 100 }),
      aluminium({ process: 'gtaw', consumable: 'er4043', currentA: 150 }),
    ],
    substance: 'total-fume', middle: [0.2, 0.5], p95: 2, shop: { others: [MIG] },
  },
  { name: 'MIG, solid wire, mild steel', jobs: [MIG], substance: 'total-fume', middle: [1.5, 4], p95: 12 },
  { name: 'stick, mild steel', jobs: STICKS, substance: 'total-fume', middle: [1.5, 4], p95: 15 },
  {
    name: 'flux-cored wire, mild steel',
    jobs: [
      steel({ process: 'fcaw-g', consumable: 'e71t-1', currentA: 200, electrodeDiameterMm: 1.2, shieldingGas: 'co2' }),
      steel({ process: 'fcaw-s', consumable: 'e71t-8', currentA: 220, electrodeDiameterMm: 1.6 }),
    ],
    substance: 'total-fume', middle: [4, 10], p95: 35,
  },
  {
    name: 'MIG, aluminium',
    jobs: [
      aluminium({ process: 'gmaw', consumable: 'er4043', currentA: 180, electrodeDiameterMm: 1.2, shieldingGas: 'argon' }),
      aluminium({ process: 'gmaw', consumable: 'er5356', currentA: 180, electrodeDiameterMm: 1.2, shieldingGas: 'argon' }),
    ],
    substance: 'total-fume', middle: [1, 4], p95: 15,
  },
  { name: 'stick, stainless steel', jobs: [STAINLESS_STICK], substance: 'total-fume', middle: [1, 4], p95: 12 },
  {
    name: 'stick, stainless steel, hexavalent chromium, no hood',
    jobs: [STAINLESS_STICK],
    substance: 'chromium-vi', middle: [0.005, 0.04], p95: 0.15, shop: { hoods: [null] },
    above: {
      times: 12,
      because: 'the published factor makes it 3.3 % of the fume, the surveys 0.7 %: on filters and in the air it is reduced in hours',
    },
  },
  { name: 'MIG, stainless steel', jobs: [STAINLESS_MIG], substance: 'total-fume', middle: [1, 3], p95: 10 },
  {
    name: 'MIG, stainless steel, hexavalent chromium',
    jobs: [STAINLESS_MIG],
    substance: 'chromium-vi', middle: [0.0005, 0.004], p95: 0.02,
    above: { times: 9, because: 'the family\'s share of 0.3 % is of fume fresh from the arc, the surveys\' 0.08 % of filters days later' },
  },
  {
    name: 'an arc on galvanised sheet, zinc oxide',
    jobs: [{ ...SHEET, coating: 'zinc-strip', plateThicknessMm: 1.5 }],
    substance: 'zinc', middle: [1 * ZINC_OF_OXIDE, 6 * ZINC_OF_OXIDE], p95: 30 * ZINC_OF_OXIDE,
    above: {
      times: 10,
      because: 'what is made agrees with emission tests of the same work (0.4 to 3 g/min in all); surveyed welders met zinc now and then',
    },
  },
  {
    name: 'gouging',
    jobs: [steel({ process: 'cac-a', consumable: 'carbon-rod', currentA: 300 })],
    substance: 'total-fume', middle: [8, 30], p95: 100, shop: CUTTER,
  },
  { name: 'hand plasma cutting, dry, mild steel', jobs: [PLASMA], substance: 'total-fume', middle: [1, 8], p95: 30, shop: CUTTER },
  {
    name: 'hand plasma cutting, nitrogen dioxide',
    jobs: [PLASMA],
    substance: 'nitrogen-dioxide', middle: [mgPerM3FromPpm('nitrogen-dioxide', 0.1), mgPerM3FromPpm('nitrogen-dioxide', 0.8)],
    p95: mgPerM3FromPpm('nitrogen-dioxide', 5), shop: CUTTER,
  },
]

const draws = drawSet(1000, 11)

/** What is breathed over a shift by somebody in such shops, all of them together. */
function breathed(jobs: readonly FumeQuestion[], substance: SubstanceId, shop: Partial<Shop> = {}): Range {
  const { hall, arcMinPerH, hoods, others } = { ...SHOP, ...shop }
  const all = jobs.flatMap(job => arcMinPerH.flatMap(minutes => hoods.flatMap((hood) => {
    const bayOf = (asked: FumeQuestion): HallBay => {
      const taken = (times: number): Range =>
        hood === null
          ? NOTHING
          : captureEfficiency({
            hood, distanceM: ARM_OFF_M, process: asked.process, currentA: asked.currentA, crossDraughtMPerS: hall.airSpeedMPerS * times,
          })!
      const { substances } = emissionOf(asked)
      return {
        hood: hood && { flowM3PerS: hood.flowM3PerS, returnsAir: false, filterEfficiency: 0 },
        capture: taken(1),
        captureInCalm: taken(USUAL_DOUBT.draught.low),
        captureInDraught: taken(USUAL_DOUBT.draught.high),
        work: [{
          fromMin: 0,
          toMin: 480,
          arcMinPerH: minutes,
          posture: postureOf(asked),
          emission: Object.fromEntries(Object.entries(substances).map(([id, { parts }]) => [id, parts])),
        }],
      }
    }
    const bays = [job, ...others ?? [job, job, job]].map(bayOf)
    return [...hallShift(hall, bays, { shiftHours: 8, draws, doubt: USUAL_DOUBT }).drawnAt(0)[substance]!.twa]
  })))
  return spreadOf(Float64Array.from(all))
}

describe('what is breathed in a shop, against surveys (from memory)', () => {
  it.each(SURVEYS)('$name', ({ jobs, substance, middle, p95, shop, above }) => {
    const { mid, high } = breathed(jobs, substance, shop)
    const ofMiddle = mid / Math.sqrt(middle[0] * middle[1])
    expect(ofMiddle).toBeGreaterThan(1 / 3)
    expect(ofMiddle).toBeLessThan(above?.times ?? 3)
    // A deviation that is named is there: when the model comes nearer, its reason goes.
    if (above) expect(ofMiddle).toBeGreaterThan(3)
    expect(high / p95).toBeGreaterThan(0.5)
    expect(high / p95).toBeLessThan(5)
  })
  it('manganese is 2 to 8 % of the fume of mild steel', () => {
    for (const job of [MIG, ...STICKS]) {
      const share = breathed([job], 'manganese').mid / breathed([job], 'total-fume').mid
      expect(share).toBeGreaterThan(0.02)
      expect(share).toBeLessThan(0.08)
    }
  })
  it('inside a tank without exhaust it is 3 to 10 times the open shop\'s', () => {
    const open = breathed([MIG], 'total-fume', { hoods: [null] })
    const tank = breathed([MIG], 'total-fume', {
      hoods: [null], others: [], hall: { ...HALL, volumeM3: 30, supplyM3PerS: 0.05, airSpeedMPerS: 0.1 },
    })
    expect(tank.mid / open.mid).toBeGreaterThan(3)
    expect(tank.mid / open.mid).toBeLessThan(10)
    // Found up to 100; as everywhere here the 95th percentile lies within half and five times of it.
    expect(tank.high / 100).toBeGreaterThan(0.5)
    expect(tank.high / 100).toBeLessThan(5)
  })
  it('an arm as it is used takes the middle down to a half or a quarter, one that stands well to a tenth and less', () => {
    const without = breathed([MIG], 'total-fume', { hoods: [null], others: [] }).mid
    const used = breathed([MIG], 'total-fume', { hoods: [ARM], others: [] }).mid
    expect(without / used).toBeGreaterThan(2)
    expect(without / used).toBeLessThan(4)
    const table: Hood = { kind: 'booth', widthM: 1.2, heightM: 1, flanged: false, flowM3PerS: 0.6 }
    expect(without / breathed([MIG], 'total-fume', { hoods: [table], others: [] }).mid).toBeGreaterThan(10)
  })
})
