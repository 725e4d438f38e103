import { capital } from '../capital'
import type { ClassRule } from '#core/ids/class-ids'
import type { HeatInput } from '#core/findings/fume-findings'
import { LOCALES } from '../language'
import { words } from './words'
import type { StudyCode } from '../codes'
import type { Sentences } from '../sentences'

const list = new Intl.ListFormat(LOCALES.es)
const HEAT_INPUTS: Readonly<Record<HeatInput, string>> = { voltage: 'el voltaje', travel: 'el avance', efficiency: 'el rendimiento' }
const plural = (count: number, one: string, many: string): string => count === 1 ? `1 ${one}` : `${count} ${many}`
/** A factor as people say it. */
const timesOf = (factor: number): string => `${Number(factor.toPrecision(2))} veces`

/** Whole minutes, down: nobody is promised more. */
const minutesOf = (minutes: number): string => `${Math.floor(minutes + 1e-6)} min`
const RULES: Readonly<Record<ClassRule, string>> = {
  'air': 'el aire', 'at-once': 'lo que hay de una cosa a la vez', 'bays': 'quién puede soldar dónde',
}
/** Lo que por sí solo impide un plan; nada donde solo varias cosas juntas. */
const becauseOf = (forbids: readonly ClassRule[]): string =>
  forbids.length === 0 ? '' : ` Lo impide esto: ${forbids.map(rule => RULES[rule]).join(', ')}.`
const changeWhat = (forbids: readonly ClassRule[]): string =>
  forbids.length > 0 ? 'Cambie lo que se nombra, o pida menos.' : 'Dele más puestos u horas, o pida menos.'

/** What is said of ducts as one system, a class that is planned, the oxygen of a room, the model against samples, and what is asked. */
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
  'class.planned': ({ leastArcMin, isWhole }) => [
    `Cada quien tiene al menos ${minutesOf(leastArcMin)} de arco, y nadie se pasa${isWhole ? '' : ' según lo que se pudo contar'}.`,
  ],
  'class.too-little': ({ leastArcMin, wantedArcMin, forbids }) => [
    `A quien menos le toca le tocan ${minutesOf(leastArcMin)} de arco, no ${minutesOf(wantedArcMin)}.${becauseOf(forbids)}`,
    changeWhat(forbids),
    `Solo ${minutesOf(leastArcMin)} de arco cada quien.`,
  ],
  'class.no-plan': ({ forbids }) => [
    `Ningún plan mantiene a todos por debajo.${becauseOf(forbids)}`,
    changeWhat(forbids),
    'Ningún plan.',
  ],
  'class.bay-unknown': ({ bay }) => [
    `El puesto ${bay} queda fuera: no se conoce su trabajo, su humo o su campana.`,
    'Ponga su trabajo y su campana.',
  ],
  'class.beside-unknown': ({ bays, count }) => [
    `En ${count === 1 ? 'el puesto' : 'los puestos'} ${list.format(bays)} de esta nave arde o ha ardido para entonces `
    + 'algo que nadie puede decir qué produce: el plan lo cuenta como nada.',
    'Que espere a que termine la clase, o haga medir todo el polvo en los puestos de la clase mientras arde.',
    'El humo de un vecino no está en el plan.',
  ],
  'class.nowhere': ({ person }) => [`${person} no está autorizado para el trabajo de ningún puesto.`, 'Autorícelo, o ponga otro trabajo.'],
  'class.no-helmet': ({ bay }) => [
    `Ninguna careta libre sirve para el trabajo del puesto ${bay}: ahí solo se planea a quien trae la suya.`,
    'Traiga una que sirva, o recupere una.',
    'Sin careta libre.',
  ],
  'class.no-helmet-for': ({ person }) => [
    `No hay careta para ${person} en ninguno de sus puestos: se queda mirando.`,
    'Préstele una que sirva.',
    'Sin careta.',
  ],
  'class.helmets-not-counted': () => ['No hay ninguna careta en el registro: no se cuentan caretas.'],
  'class.worked-before': ({ count }) => [
    `${plural(count, 'persona suelda o ayuda', 'personas sueldan o ayudan')} antes de la clase: lo que se respira hasta entonces cuenta.`,
  ],
  'class.over-before': ({ person, fraction }, q) => [
    `${person} se queda mirando: con cualquier parte de la clase se pasaría`
    + `${fraction === null ? '' : ` (límite más exigente antes de ella: ${q.part(fraction)})`}.`,
    'Que suelde otro día.',
    'Ya tuvo su parte.',
  ],
  'class.before-unknown': ({ person }) => [
    `No se puede decir qué respiró ${person} antes de la clase: se queda mirando.`,
    'Diga cuándo y qué soldó en sus otros puestos.',
    'No se conoce su día antes de la clase.',
  ],
  'class.no-time': () => ['La clase empieza cuando termina.', 'Dé dos horas.'],
  'class.nothing-to-plan': () => ['No hay nadie, o ningún puesto, que planear.', 'Elija un grupo, y puestos con trabajo.'],
  'class.not-proven': () => ['Es lo mejor que se halló a tiempo; puede haber uno mejor.'],
  'class.more-helmets': ({ bays, most }) => [`Bastaría con ${most} caretas libres que sirvan para el puesto ${bays.join(', ')}.`],
  'class.more-at-once': ({ what, most }) => [`Bastaría con ${most} a la vez de esto: ${what}.`],
  'class.more-air': ({ supplyM3PerS }, q) => [`Bastaría con ${q.airFlow(supplyM3PerS)} de aire exterior.`],
  'class.more-bays': ({ bay }) => [`Bastaría con que todos pudieran soldar en el puesto ${bay}.`],
  'class.more-time': () => ['Bastaría con un periodo más, tan largo como el último.'],
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

  'shade.worn-lighter': ({ worn, minimum, ruleSet }, q) => [
    `Se usa sombra ${q.shade(worn)}; la más clara permitida es ${q.shade(minimum)} (${words.ruleSets[ruleSet]}).`,
    `Use sombra ${q.shade(minimum)} o más oscura.`,
  ],
  'shade.worn-below-start': ({ worn, start }, q) => [
    `La sombra ${q.shade(worn)} está permitida; empezar con ${q.shade(start)} cuida más los ojos.`,
  ],
  'shade.tint-not-counted': ({ effective }, q) => [
    `Juntos los filtros parecen ${q.shade(effective)}, pero un tinte no tiene protección comprobada contra un arco y no cuenta.`,
  ],
  'fume.heat-assumed': ({ inputs }) => [
    `Nadie midió ${list.format(inputs.map(input => HEAT_INPUTS[input]))}: cuenta lo usual, con su dispersión.`,
    'Mídalo, y la respuesta se estrecha.',
  ],
  'fume.arc-cannot-boil-more': ({ boundMgPerMin }, q) => [
    `Al alcance del calor hay más de lo que este arco puede hervir: ${q.rate(boundMgPerMin)} es lo máximo.`,
  ],
  'fume.boils-beside': ({ substance, widthMm, faces }, q) => [
    `${capital(words.substances[substance])} hierve en ${q.length(widthMm)} de ${faces === 1 ? 'la cara cercana' : 'cada cara'}.`,
  ],
  'exposure.strictest-assumed': () => ['No se dieron reglas: obligan todas las que se conocen.'],
  'exposure.near-field-assumed': ({ radiusM, airSpeedMPerS }, q) => [
    `Nadie dijo qué tan quieto está el aire junto al arco: se toman ${q.reach(radiusM)} de alcance`
    + ` y ${q.speed(airSpeedMPerS)}, lo más estricto de lo usual.`,
    'Indique el campo cercano.',
  ],
  'exposure.advises-only': () => ['Un modelo, no una medición. Deciden el reglamento local y la práctica con licencia.'],
}
