import { capital, small } from '../capital'
import type { NoiseRuleId } from '#core/ids/protection-ids'
import type { ProtectionCode } from '../codes'
import { allowedTime, down, up } from '../rounded'
import type { Sentences } from '../sentences'
import { garmentWords } from './garment-words'
import { words } from './words'

const RULES: Readonly<Record<NoiseRuleId, string>> = {
  'us-hearing-conservation': 'conservación auditiva EE. UU.',
  'us-limit': 'límite EE. UU.',
  'us-recommended': 'recomendación EE. UU.',
  'eu': 'UE',
}
const further = (m: number): number => Math.ceil(m * 10 - 1e-9) / 10
const { garments, conditions, facts } = garmentWords

/** Lo que se dice de láseres, de arcos que otros ven, de ruido y de calor. */
export const protectionSentences: Pick<Sentences, ProtectionCode> = {
  'laser.ten-seconds-count': ({ exposureS, countedS }) => [
    `Nadie parpadea ante un haz que no se ve: ${exposureS} s cuentan como ${countedS} s.`,
  ],
  'laser.taken-as-1e': ({ factor }) => [
    `Nadie dijo cómo se miden haz y divergencia: se toman a 1/e. A 1/e², como los imprime casi todo fabricante, el haz llega ${up(factor, 0.01)} veces más lejos.`,
    'Léalo en los datos del fabricante.',
  ],
  'laser.converted': ({ divergenceMrad, beamDiameterMm }) => [
    `Pasado de 1/e² a 1/e: ${down(divergenceMrad, 0.1)} mrad${beamDiameterMm === null ? '' : `, ${down(beamDiameterMm, 0.1)} mm`}.`,
  ],
  'laser.diameter-unknown': () => ['Sin diámetro del haz: cuenta como un punto, que es lo que llega más lejos.'],
  'laser.nobody-within': ({ eyeM, skinM }, q) => [
    `En línea recta el haz daña un ojo a menos de ${q.distance(further(eyeM))} y la piel a menos de ${q.distance(further(skinM))}.`,
    'Que nadie esté allí sin lentes para este láser, detrás de barreras que lo detengan.',
  ],
  'laser.diffuse-within': ({ eyeM, reflectance }, q) => [
    `Desde una superficie mate que devuelve ${Math.round(reflectance * 100)} %, daña un ojo a menos de ${q.distance(further(eyeM))}.`,
  ],
  'laser.eyewear-not-given': ({ requiredOd, wavelengthNm }) => [
    `No se dijo qué lentes hay: hace falta densidad óptica ${up(requiredOd, 0.1)} a ${wavelengthNm} nm. Ninguna sombra de soldar responde por ella.`,
    'Diga qué lleva cada quien allí.',
  ],
  'laser.eyewear-too-light': ({ od, requiredOd, wavelengthNm }) => [
    `Densidad óptica ${od} a ${wavelengthNm} nm; hace falta ${up(requiredOd, 0.1)}.`,
    'Tome lentes bastante oscuros.',
  ],
  'laser.damage-rating-unknown': ({ irradianceWPerM2 }) => [
    `Nadie dijo qué haz aguantan estos lentes${irradianceWPerM2 === null ? '' : `: les caerían ${irradianceWPerM2.toExponential(1)} W/m²`}. Aunque sean oscuros, pueden quemarse.`,
    'Lea su número de escala.',
  ],
  'laser.damage-rating-too-low': ({ rating, needed, irradianceWPerM2 }) => [
    `El número de escala ${rating} se quema a ${irradianceWPerM2.toExponential(1)} W/m²; hace falta ${needed}.`,
    'Tome lentes que aguanten el haz.',
  ],
  'laser.damage-cannot-be-said': () => [
    'Sin el diámetro del haz nadie puede decir si estos lentes lo aguantan.', 'Diga el diámetro del haz.',
  ],
  'laser.eyewear-answers': ({ od, requiredOd, wavelengthNm }) => [
    `Densidad óptica ${od} a ${wavelengthNm} nm responde por ${up(requiredOd, 0.1)}, y aguanta el haz. La careta también tiene que responder.`,
  ],

  'bystander.no-envelope': ({ process }) => [
    `Nadie publicó cuánta luz ultravioleta da ${words.processes[process].toLowerCase()}.`,
    'Mídala, o ponga una pantalla.',
  ],
  'bystander.not-measured': ({ process, atOneMetreWPerM2 }) => [
    `Para ${words.processes[process]} se suponen ${atOneMetreWPerM2} W/m² a 1 m: no se conoce ninguna medición.`,
    'Mídala, o ponga una pantalla.',
  ],
  'bystander.metal-unknown': ({ atOneMetreWPerM2 }) => [
    `Nadie dijo acero o aluminio, o nadie midió ese metal: cuenta el arco más brillante, ${atOneMetreWPerM2} W/m² a 1 m.`,
  ],
  'bystander.envelope': ({ atOneMetreWPerM2 }) => [
    `Sin medir aquí: ${atOneMetreWPerM2} W/m² a 1 m, lo más alto de lo medido en otros lugares, con cualquier corriente.`,
  ],
  'bystander.walls-unknown': () => [
    'Paredes claras o brillantes suman hasta nueve décimas más: nadie dijo lo que devuelven.', 'Mire las paredes.',
  ],
  'bystander.input-missing': () => ['No se dijo ni a qué distancia ni por cuánto tiempo se ve el arco.', 'Diga una de las dos.'],
  'bystander.too-long': ({ safeS, seenS, distanceM }, q) => [
    `A ${q.distance(distanceM)} un ojo sin filtro aguanta este arco ${allowedTime(safeS)} al día; se ve ${up(seenS / 60, 0.1)} min.`,
    'Ponga una pantalla, aléjese, o use un filtro.',
  ],
  'bystander.within': ({ safeS, seenS, distanceM }, q) => [
    `A ${q.distance(distanceM)} un ojo sin filtro aguanta este arco ${allowedTime(safeS)} al día; se ve ${up(seenS / 60, 0.1)} min.`,
  ],
  'bystander.laser-not-an-arc': () => ['Un láser daña más lejos que cualquier arco, y de otro modo.', 'Pregunte por el láser.'],

  'noise.nothing-counts': ({ rule, thresholdDbA }) => [
    `Nada de ese día llega a ${thresholdDbA} dBA, donde ${RULES[rule]} empieza a contar.`,
  ],
  'noise.under-action': ({ rule, twaDbA }) => [
    `Promedio de ${up(twaDbA, 0.1)} dBA en ocho horas (${RULES[rule]}): por debajo de lo que pide algo.`,
  ],
  'noise.over-action': ({ rule, twaDbA, actionDbA }) => [
    `Promedio de ${up(twaDbA, 0.1)} dBA en ocho horas (${RULES[rule]}); desde ${actionDbA} dBA se prueba el oído y se ofrecen protectores.`,
    'Ofrezca protectores.',
  ],
  'noise.over-limit': ({ rule, twaDbA, limitDbA }) => [
    `Promedio de ${up(twaDbA, 0.1)} dBA en ocho horas (${RULES[rule]}); el límite para un oído sin protector es ${limitDbA} dBA.`,
    'Que haga menos ruido o dure menos; hasta entonces todos llevan protectores.',
  ],
  'noise.level-too-high': ({ levelDbA, highestDbA }) => [
    `Hay ${up(levelDbA, 0.1)} dBA: nada que dure puede pasar de ${highestDbA} dBA, por corto que sea.`,
    'Párelo, o enciérrelo.',
  ],
  'noise.protection-missing': ({ twaDbA }) => [`No se dijo ningún protector para ${up(twaDbA, 0.1)} dBA.`, 'Póngase uno, y diga cuál.'],
  'noise.derate-assumed': () => ['Nadie dijo cuánto creer de la etiqueta: cuenta la mitad.'],
  'noise.kind-assumed': ({ keptPercent }) => [
    `Nadie dijo orejera o tapón: cuenta ${keptPercent} % de la etiqueta, como el tapón que menos hace.`,
  ],
  'noise.nrr-in-europe': () => ['La etiqueta es la de EE. UU.; las reglas europeas piden la de EN ISO 4869-2.', 'Busque su SNR.'],
  'noise.protected': ({ protectedDbA, targetDbA }) => [`Quedan ${up(protectedDbA, 0.1)} dBA en el oído, de ${targetDbA} como máximo.`],
  'noise.protector-too-weak': ({ protectedDbA, targetDbA }) => [
    `Quedan ${up(protectedDbA, 0.1)} dBA en el oído; ${targetDbA} como máximo.`,
    'Tome uno que haga más, o lleve tapones y orejeras.',
  ],
  'noise.hears-nothing': ({ protectedDbA, leastDbA }) => [
    `Quedan ${down(protectedDbA, 0.1)} dBA en el oído: por debajo de ${leastDbA} dBA no se oye un llamado ni una alarma.`,
    'Tome uno que haga menos.',
  ],

  'heat.estimated': ({ wbgtC, isInSun }) => [
    `Estimado con aire y humedad${isInSun ? ' al sol' : ''}: un índice de ${up(wbgtC, 0.1)} °C. Un arco o metal caliente cerca lo sube.`,
    'Mídalo donde el trabajo es caliente.',
  ],
  'heat.clothing-by-school': ({ addedC }) => [`Lo que se lleva puesto cuenta ${addedC} °C más, según la escuela que cuenta más.`],
  'heat.within': ({ effectiveC, limitC }) => [
    `Con la ropa contada, ${up(effectiveC, 0.1)} °C; el límite para este trabajo es ${down(limitC, 0.1)} °C.`,
  ],
  'heat.rest-needed': ({ effectiveC, limitC, workMin }) => [
    `Con la ropa contada, ${up(effectiveC, 0.1)} °C; el límite para este trabajo sin pausa es ${down(limitC, 0.1)} °C.`,
    `Trabaje ${workMin} min de cada hora, y descanse los demás.`,
  ],
  'heat.no-work': ({ effectiveC, limitC }) => [
    `Con la ropa contada, ${up(effectiveC, 0.1)} °C; el límite es ${down(limitC, 0.1)} °C, y no se permite ninguna parte de la hora.`,
    'Refresque el lugar, quítese capas, o salga.',
  ],
  'heat.not-acclimatised': () => ['Para quien no está hecho al calor: los límites más bajos cuentan de una a dos semanas.'],

  'garment.nothing-worn': ({ zone, requirement }) => [
    `${capital(words.zones[zone])}: no se lleva nada que sirva. Hace falta: ${words.requirements[requirement].toLowerCase()}.`,
    'Preste uno, o póngaselo.',
  ],
  'garment.not-for-this': ({ item, requirement }) => [
    `${capital(garments[item])}: aquí no sirve. Hace falta: ${words.requirements[requirement].toLowerCase()}.`,
    'Preste uno, o póngaselo.',
  ],
  'garment.material-unknown': ({ item, percent }) => [
    `${capital(garments[item])}: nadie dijo de qué es ${up(percent)} %. Lo que no se sabe cuenta como que se derrite.`,
    'Lea la etiqueta.',
  ],
  'garment.melts': ({ item, percent }) => [
    `${capital(garments[item])}: ${up(percent)} % se derrite sobre la piel.`,
    'Quíteselo: en su lugar algodón, lana, cuero o tela tratada.',
  ],
  'garment.melts-a-little': ({ item, percent }) => [`${capital(garments[item])}: ${up(percent)} % se derretiría, un hilo o una pretina.`],
  'garment.material-too-light': ({ item, requirement }) => [
    `${capital(garments[item])}: no es de lo que aquí hace falta: ${words.requirements[requirement].toLowerCase()}.`,
    'Preste uno, o póngase otro.',
  ],
  'garment.chars': ({ item }) => [`${capital(garments[item])}: el algodón se carboniza donde cae salpicadura. Para poca, sirve.`],
  'garment.not-looked-at': ({ item }) => [`${capital(garments[item])}: nadie buscó agujeros, flecos, aceite.`, 'Mírelo.'],
  'garment.condition': ({ item, condition }) => [`${capital(garments[item])}: ${conditions[condition][0]}.`, conditions[condition][1]],
  'garment.fact-unknown': ({ item, fact }) => [`${capital(garments[item])}: todavía no se dijo: ${facts[fact][0]}.`, 'Mire, y diga.'],
  'garment.fact-wrong': ({ item, fact }) => [`${capital(garments[item])}: no es así: ${facts[fact][0]}.`, facts[fact][1]],
  'garment.tinted': () => ['Los lentes oscuros se suman a la sombra de la careta: se ve más oscuro de lo que dice la careta.'],
  'garment.noise-decides': () => ['Si su etiqueta basta, lo dice el ruido del día.', 'Calcule el ruido con ella.'],
  'garment.label-unread': ({ item, twaDbA, targetDbA, nrrDb }) => [
    `${capital(garments[item])}: nadie leyó la etiqueta. El día suma ${up(twaDbA, 0.1)} dBA; en el oído pueden quedar ${targetDbA} dBA.`,
    nrrDb === null ? 'Léala, y acorte el trabajo ruidoso.' : `Léala: NRR ${nrrDb} como mínimo.`,
  ],
  'garment.protector-too-weak': ({ protectedDbA, twaDbA, targetDbA, nrrDb }) => [
    `En el oído quedan ${up(protectedDbA, 0.1)} dBA de los ${up(twaDbA, 0.1)} dBA del día; pueden quedar ${targetDbA} dBA.`,
    nrrDb === null ? 'Acorte el trabajo ruidoso.' : `Use uno con NRR ${nrrDb} como mínimo, u orejeras sobre tapones.`,
  ],
  'garment.base-layer-not-told': () => ['Nadie dijo qué se lleva debajo: lo sintético se derrite allí también.', 'Pregunte.'],
  'garment.air-decides': () => ['Si hace falta un respirador, y cuál, lo dice el aire del puesto.'],
  'garment.laser-decides': () => [
    'Si sirve para este láser se pregunta por su potencia y longitud de onda.',
    'Pregunte por el láser, con estos lentes.',
  ],
  'garment.passes': ({ item, requirement }) => [`${capital(garments[item])}: pasa. Hace falta: ${small(words.requirements[requirement])}.`],

  'helmet.shade-not-known': () => [
    'Todavía no se puede decir qué sombra pide este trabajo; así no se puede elegir careta.',
    'Diga lo que falta.',
  ],
  'helmet.no-shade-needed': () => ['Este trabajo no pide sombra: un lente oscuro sólo ciega.', 'Tome una pantalla facial clara.'],
  'helmet.too-light': ({ darkest, minimum }, q) => [`No pasa de ${q.shade(darkest)}; el mínimo es ${q.shade(minimum)}.`, 'Tome otra careta.'],
  'helmet.gap': ({ below, above, minimum, start }, q) => [
    `No tiene nada entre ${below === null ? 'la más clara' : q.shade(below)} y ${q.shade(above)}: el mínimo es ${q.shade(minimum)}, el inicio ${q.shade(start)}, y con ${q.shade(above)} no se ve la soldadura.`,
    'Tome otra careta.',
  ],
  'helmet.lighter-than-start': ({ shade, start }, q) => [`Llega a ${q.shade(shade)}; lo usual es empezar con ${q.shade(start)}.`],
  'helmet.set-to': ({ shade }, q) => [`Está puesta distinto de lo que debe: ${q.shade(shade)}.`, `Póngala en ${q.shade(shade)}.`],
  'helmet.set-right': ({ shade }, q) => [`Está en ${q.shade(shade)}.`],
  'helmet.set-between-jobs': ({ shade }, q) => [
    `Ninguna sombra suya sirve para todos los trabajos; el primero pide ${q.shade(shade)}.`,
    'Ajústela antes de cada trabajo.',
  ],
  'helmet.set-unknown': ({ shade }, q) => [`Nadie dijo en qué está puesta; lo correcto es ${q.shade(shade)}.`, `Póngala en ${q.shade(shade)}.`],
  'helmet.flash-too-long': ({ flashS, allowedS, switchingMs }) => [
    `Oscurece en ${switchingMs} ms: cada encendido deslumbra como ${up(flashS)} s por el lente oscuro; ${allowedS} s como máximo.`,
    'Tome otra careta.',
  ],
  'helmet.flash-unknown': () => [
    'Nadie dijo lo clara que es antes de oscurecer, o lo rápido que oscurece: puede ser muy lenta.',
    'Léalo en los datos del fabricante.',
  ],
  'helmet.battery-flat': () => ['Tiene la pila agotada: se queda clara.', 'Cambie la pila.'],
  'helmet.battery-to-see-to': () => ['Tiene la pila baja, o nadie miró.', 'Pruébela, y cambie la pila.'],
  'helmet.plates-to-see-to': () => ['Tiene las micas gastadas, o nadie miró.', 'Mire los dos lados, y cámbielas.'],
  'helmet.check-failed': () => ['No pasó la revisión del día.', 'Póngala fuera de servicio, y tome otra careta.'],
  'helmet.check-due': () => ['Nadie la miró hoy.', 'Haga el minuto de la careta.'],
  'helmet.one-darker': ({ start }, q) => [`Una más oscura para esta persona: ${q.shade(start)}.`],
  'helmet.settled': ({ shade }, q) => [`Esta persona se quedó con ${q.shade(shade)} para este trabajo.`],
  'helmet.jobs-differ': ({ lightest, darkest }, q) => [
    `Los trabajos del día empiezan con ${q.shade(lightest)} y con ${q.shade(darkest)}: hay que ajustar una careta entre ellos.`,
    'Ajústela antes de cada trabajo.',
  ],
}
