import type { WhyGlobular } from '../ids/fume-ids'
import type { ConsumableId, ShieldingGasId, TransferId } from '../ids/vocabulary'
import type { Range } from '../range'
import { times } from '../range'
import type { FumeKnowledge } from './consumable-fume'
import type { MeltingQuestion } from './melting-rate'
import { currentRangeOf, highestCurrentA } from './melting-rate'

/** What decides how the metal of a wire crosses its arc. */
export interface TransferQuestion extends MeltingQuestion {
  readonly shieldingGas?: ShieldingGasId
  /** As somebody said who watched the arc or set the machine. */
  readonly transfer?: TransferId
}

/**
 * Fume of solid steel wire by transfer, g/kg: rates of the general literature over the wire that melts at the middle of their currents.
 * Short-circuit 0.05 to 0.25 g/min over 30 (140 A); globular on carbon dioxide 0.4 to 0.9 over 65 (250 A); spray 0.2 to 0.6 over 72
 * (270 A); pulsed 0.05 to 0.25 over 48 (200 A). Source: `fumeRates`, `meltingRate`.
 */
const G_PER_KG: Readonly<Record<TransferId, Range>> = {
  'short-circuit': { low: 1.7, mid: 4, high: 8.3 },
  'globular': { low: 6.2, mid: 9.2, high: 13.9 },
  'spray': { low: 2.8, mid: 4.9, high: 8.3 },
  'pulsed': { low: 1, mid: 2.7, high: 5.2 },
}

/** Currents of 1.2 mm wire, A: short-circuit up to the one, spray from the other, scaled with the wire's diameter. Source: `fumeRates`. */
const SHORT_UP_TO_A = 180
const SPRAY_FROM_A = 220
const PUBLISHED_FOR_MM = 1.2
/** Where nobody said which wire: the thin one leaves short-circuit first, the thick one sprays last. */
const THINNEST_MM = 0.8
const THICKEST_MM = 1.6

const STEEL: ReadonlySet<ConsumableId> = new Set(['er70s-6', 'er70s-2', 'low-manganese-wire'])
/** The light metals are never welded under carbon dioxide. */
const NEVER_ON_CO2: ReadonlySet<ConsumableId> = new Set(['er4043', 'er5356'])
/** Is the wire one whose fume goes by how its metal crosses? */
export const isSteelWire = ({ process, consumable }: TransferQuestion): boolean =>
  process === 'gmaw' && consumable !== undefined && STEEL.has(consumable)
/** What carbon dioxide alone makes of the fume under argon with a little of it: "doubles to triples". Source: `fumeRates`. */
const ON_CO2: Range = { low: 1, mid: 2, high: 3 }

/** Gases in which the published spray, pulse and mean were found. Another, or none, shields no such arc: it counts as one nobody said. */
const OF_ARGON: ReadonlySet<ShieldingGasId> = new Set([
  'argon', 'argon-co2', 'argon-oxygen', 'argon-helium', 'argon-hydrogen', 'helium', 'tri-mix',
])

/** Which gas counts: carbon dioxide by itself, argon with or without some, or nobody said. */
const gasOf = (gas: ShieldingGasId | undefined): 'co2' | 'argon' | 'unknown' =>
  gas === 'co2' ? 'co2' : gas !== undefined && OF_ARGON.has(gas) ? 'argon' : 'unknown'

/** How the metal crosses, as far as it can be said. */
export interface Crossing {
  /** As it is counted; null: the table's own mean over brands and currents. */
  readonly transfer: TransferId | null
  /** Why globular transfer is or may be what happens, so that its high end counts; null where it cannot be. */
  readonly globular: WhyGlobular | null
  /** Somebody said spray or pulse, and carbon dioxide alone allows neither. */
  readonly isContradicted: boolean
}

/**
 * How metal crosses the arc of a steel wire. What somebody said is believed as far as gas and current allow: carbon dioxide alone never
 * sprays, under a gas that nobody said a spray may be none, and a short circuit at a higher current may be globular.
 *
 * Source: `fumeRates`.
 */
export function crossingOf(question: TransferQuestion): Crossing {
  const { transfer: said, electrodeDiameterMm } = question
  const gas = gasOf(question.shieldingGas)
  const highA = highestCurrentA(question)
  // Of a wire whose size nobody knows its feed says only what the thickest may take: the thin one takes less.
  const lowA = currentRangeOf(question)?.low ?? (electrodeDiameterMm === undefined ? undefined : highA)
  const shortUpToA = SHORT_UP_TO_A * Math.min(1, (electrodeDiameterMm ?? THINNEST_MM) / PUBLISHED_FOR_MM)
  const sprayFromA = SPRAY_FROM_A * (electrodeDiameterMm ?? THICKEST_MM) / PUBLISHED_FOR_MM
  const isShort = highA !== undefined && highA <= shortUpToA
  const isSpray = said === 'spray' || said === 'pulsed'
  const counted = (transfer: TransferId | null, globular: WhyGlobular | null): Crossing =>
    ({ transfer, globular, isContradicted: gas === 'co2' && isSpray })
  if (said === 'globular') return counted('globular', 'told')
  if (gas === 'co2') return isShort ? counted('short-circuit', null) : counted('globular', 'co2')
  if (gas === 'argon' && isSpray) return counted(said, null)
  const crosses = isSpray ? null : said ?? null
  if (isShort) return counted(crosses, null)
  if (gas === 'unknown') return counted(crosses, 'gas-unknown')
  if (highA === undefined || lowA === undefined) return counted(crosses, 'current-unknown')
  return counted(crosses, lowA < sprayFromA || said === 'short-circuit' ? 'current-between' : null)
}

/** Up to the high end of something worse, which it may be. */
const upTo = (range: Range, worse: Range): Range => ({ ...range, high: Math.max(range.high, worse.high) })

/**
 * What is known of the fume of a wire, by how its metal crosses the arc and under which gas: of steel wire by transfer; of other wire
 * what carbon dioxide adds, also where nobody said the gas. Its metals keep their share of the fume.
 *
 * Source: `fumeRates`.
 */
export function byTransfer(knowledge: FumeKnowledge, question: TransferQuestion): FumeKnowledge {
  const { process, consumable, shieldingGas } = question
  const { rate } = knowledge
  const gas = gasOf(shieldingGas)
  if (process !== 'gmaw' || rate.by !== 'mass' || consumable === undefined || NEVER_ON_CO2.has(consumable)) return knowledge
  const withRate = (gPerKg: Range): FumeKnowledge =>
    ({ ...knowledge, rate: { ...rate, gPerKg, keepsShares: true, sources: [...new Set([...rate.sources, 'fumeRates' as const])] } })
  if (isSteelWire(question)) {
    const { transfer, globular } = crossingOf(question)
    const crossing = transfer === null ? rate.gPerKg : G_PER_KG[transfer]
    if (globular !== null) return withRate(upTo(crossing, G_PER_KG.globular))
    // Under a gas that nobody said a short circuit may burn in carbon dioxide, whose rate lies a little over the mean of the table.
    if (gas === 'unknown') return withRate(upTo(crossing, G_PER_KG['short-circuit']))
    return transfer === null ? knowledge : withRate(crossing)
  }
  if (gas === 'argon') return knowledge
  const onCo2 = times(rate.gPerKg, ON_CO2)
  return withRate(gas === 'co2' ? onCo2 : upTo(rate.gPerKg, onCo2))
}
