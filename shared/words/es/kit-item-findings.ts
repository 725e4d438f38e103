import { capital } from '../capital'
import { kitWords } from './kit-words'
import { kitItemWords } from './kit-item-words'
import { dayIn } from '../site-times'
import type { Sentences } from '../sentences'
import type { KitItemCode } from '../codes'

const day = dayIn('es')
const one = (value: number): string => String(Number(value.toFixed(1)))

/** What Kit says, but for what goes with the board. */
export const kitItemSentences: Pick<Sentences, KitItemCode> = {
  'electrical.cable-carries': ({ allowedA, areaMm2, dutyPercent }, q) => [
    `${one(areaMm2)} mm² aguantan ${q.current(Math.floor(allowedA))} con ciclo de ${Math.round(dutyPercent)} %.`,
  ],
  'electrical.duty-assumed': ({ dutyPercent }) => [`No se dio ciclo: cuenta ${dutyPercent} %.`],
  'electrical.temperature-assumed': ({ temperatureC }, q) => [
    `No se dio temperatura del conductor: ${q.temperature(temperatureC)}, un cable trabajando.`,
  ],
  'electrical.open-circuit-high': ({ volts, limitV, kind, environment }) => [
    `${one(volts)} V ${kitItemWords.voltageKinds[kind]} en las terminales abiertas; ${kitItemWords.environments[environment]} el límite es ${limitV} V.`,
    'Sáquela de servicio, o use una máquina para ese lugar.',
  ],
  'electrical.reading-fails': ({ test, value, limit }) => [
    `${capital(kitItemWords.electricalTests[test].name)}: ${value} ${kitItemWords.electricalTests[test].unit}; el límite es ${limit} ${kitItemWords.electricalTests[test].unit}.`,
    'Póngala fuera de servicio y mándela reparar.',
  ],
  'electrical.reading-missing': ({ test }) => [`Sin medir: ${kitItemWords.electricalTests[test].name}.`, 'Mídalo.'],
  'electrical.environment-unknown': () => ['Nadie dijo dónde se usa: se toman los límites de un lugar mojado y estrecho.'],
  'electrical.test-passed': ({ count }) => [`Las ${count} lecturas cumplen sus límites.`],
  'kit.tag-taken': ({ tag }) => [`${tag} ya la lleva otra cosa.`, 'Tome otra etiqueta.'],
  'kit.not-tagged-out': ({ tag }) => [`${tag} no está fuera de servicio.`],
  'kit.list-of-other-kind': ({ tag, kind }) => [
    `Esa lista no es de ${tag}, ${kitWords.equipmentKinds[kind]}: se anota, y no renueva nada.`,
    'Haga una de sus propias listas.',
  ],
  'kit.list-version-old': ({ version, current }) => [
    `Hecho con la versión ${version} de la lista; vale la versión ${current}. Se anota y no renueva fecha.`,
    'Hágala otra vez con la lista nueva.',
  ],
  'kit.report-outrun': ({ tag }) => [
    `Esta revisión de ${tag} es de antes de lo que ya se sabe: se anota, y no renueva nada.`,
    'Revíselo otra vez.',
  ],
  'kit.paper-before-use': ({ tag, listId }) => [
    `${tag}: ${kitWords.lists(listId)} se revisa antes de cada uso, aquí: ningún papel lo dice por hoy.`,
    'Revíselo donde se usa.',
  ],
  'kit.paper-future': ({ tag, doneOn }) => [`${tag}: ${day(doneOn)} aún no llega.`, 'Escriba el día en que se aprobó.'],
  'kit.paper-outrun': ({ tag, listId }) => [
    `${tag}: aquí se sabe más de ${kitWords.lists(listId)} que lo que dice ese papel.`,
    'Revíselo y regístrelo como inspección.',
  ],
  'kit.checks-missing': ({ count }) => [
    `${count === 1 ? 'Falta contestar un punto' : `Falta contestar ${count} puntos`}: se anota, y queda abierto.`,
    'Conteste el resto.',
  ],
  'kit.competence-missing': ({ kind }) => [
    `Esto lo hace alguien nombrado competente para ${kitWords.aKind(kind)}.`,
    'Pida al responsable de seguridad.',
  ],
  'kit.repair-not-said': () => ['Nadie dijo qué se reparó.', 'Escriba la reparación.'],
  'kit.list-must-stay': () => [
    'Una revisión antes de usar se queda: se puede redactar de nuevo, no quitar ni aplazar.',
    'Déjela como revisión antes de usar, de su propio tipo.',
  ],
  'kit.assigned-nowhere': ({ id }) => [`Aquí no hay ${id} a quien dárselo.`, 'Elija otra vez.'],
}
