import type { StudyCode } from '../codes'
import type { Sentences } from '../sentences'

const plural = (count: number, one: string, many: string): string => count === 1 ? `1 ${one}` : `${count} ${many}`
/** A factor as people say it. */
const timesOf = (factor: number): string => `${Number(factor.toPrecision(2))} veces`

/** What is said of ducts as one system, of the oxygen of a room, and of the model against samples. */
export const studySentences: Pick<Sentences, StudyCode> = {
  'ducts.starved': ({ hood, flowM3PerS, neededM3PerS }, q) => [
    `A la campana ${hood} le falta aire: extrae ${q.airFlow(flowM3PerS)} de los ${q.airFlow(neededM3PerS)} con que se cuenta.`,
    'Cierre una compuerta donde nadie trabaje.',
    `A la campana ${hood} le falta aire.`,
  ],
  'ducts.no-balance': () => [
    'No se halló ningún caudal en que ventilador y ductos concuerden.',
    'Revise la curva del ventilador y las pérdidas.',
    'No hay equilibrio.',
  ],
  'ducts.slow': ({ duct, mPerS, atLeastMPerS }, q) => [
    `El aire en el ducto ${duct} va a ${q.speed(mPerS)}; por debajo de ${q.speed(atLeastMPerS)} el humo se asienta en él.`,
    'Revíselo por dentro y haga que lo limpien.',
    `El ducto ${duct} es lento.`,
  ],
  'ducts.off-the-curve': ({ flowM3PerS, leastM3PerS, mostM3PerS }, q) => [
    `El ventilador movería ${q.airFlow(flowM3PerS)}; su curva se conoce de ${q.airFlow(leastM3PerS)} a ${q.airFlow(mostM3PerS)}.`,
    'Pida al fabricante el resto de la curva.',
    'El ventilador se sale de su curva.',
  ],
  'ducts.may-be-open': ({ count, of }) => [`${count} de ${of} campanas pueden estar abiertas a la vez, sean cuales sean.`],
  'calibration.moved': ({ n, p50, p95, before95 }) => [
    `Según ${plural(n, 'muestra', 'muestras')} hay ${timesOf(p50)} lo que dice el modelo, con 95 % de seguridad cuando mucho ${timesOf(p95)} (antes ${timesOf(before95)}).`,
  ],
  'calibration.few': ({ n, atLeast }) => [
    `${plural(n, 'muestra dice', 'muestras dicen')} poco de cómo son los turnos; al menos ${atLeast}.`,
    'Tome más muestras.',
  ],
  'calibration.only-below': ({ n }) => [
    `${n === 1 ? 'El único resultado está' : `Los ${n} resultados están`} por debajo del límite de cuantificación: solo dicen cuánto no hay.`,
  ],
  'calibration.disagrees': ({ p50, before05, before95 }) => [
    `Las muestras dicen ${timesOf(p50)} el modelo, fuera de ${timesOf(before05)} a ${timesOf(before95)} que se tenían por posibles.`,
    'Busque qué es distinto: el consumible, la campana, la nave o las muestras.',
    'Las muestras y el modelo no concuerdan.',
  ],
  'oxygen.deficient': ({ percent, limitPercent }) => [
    `${percent.toFixed(1)} % de oxígeno: con menos de ${limitPercent} % nadie entra.`,
    'Quédese fuera, ventile, mida.',
  ],
  'oxygen.enriched': ({ percent, limitPercent }) => [
    `${percent.toFixed(1)} % de oxígeno: con ${limitPercent} % la ropa arde con violencia.`,
    'Quédese fuera, sin llama; ventile, mida.',
  ],
  'oxygen.limit-ahead': ({ minutes, limitPercent }, q) => [
    `Pasa de ${limitPercent} % después de ${q.minutes(Math.floor(minutes))}.`,
    'Antes de eso cierre el gas o meta aire.',
  ],
  'oxygen.mixed-number': () => [
    'Un número para aire mezclado: el argón y el dióxido de carbono se juntan abajo, el helio arriba. Solo una lectura medida abre un espacio.',
  ],

}
