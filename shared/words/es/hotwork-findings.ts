import { fireWords } from './fire-words'
import { hotworkWords } from './hotwork-words'
import { words } from './words'
import type { DangerPlaceId, PrecautionId } from '#core/ids/hotwork-ids'
import type { Sentences } from '../sentences'
import type { HotWorkCode } from '../codes'

const list = (precautions: readonly PrecautionId[]): string => precautions.map(id => hotworkWords.precautions[id].toLowerCase()).join('; ')
const one = (value: number): string => String(Number(value.toFixed(1)))
const why: Readonly<Record<DangerPlaceId, readonly [because: string, todo: string]>> = {
  'sprinklers-impaired': [
    'Los rociadores están fuera de servicio',
    'Primero haga que los repongan, o hágalo en frío.',
  ],
  'explosive-atmosphere': ['Hay gas explosivo en el aire', 'Todos fuera; busque la fuente y ventile.'],
  'oxygen-rich': ['Hay demasiado oxígeno en el aire: todo arde con fuerza en él', 'Busque la fuga, ventile, pruebe otra vez.'],
  'container-not-cleaned': [
    'Contuvo algo y no se limpió hasta que no quede duda',
    'Vacíelo, límpielo, aíslelo y ventílelo, y hágalo probar.',
  ],
  'container-unknown': [
    'Nadie sabe qué contuvo, así que cuenta como inflamable',
    'Averígüelo, o hágalo limpiar y probar por quien puede.',
  ],
  'bulk-combustibles': ['Hay un almacén grande, listo para arder', 'Mueva el trabajo.'],
  'combustible-panel': ['La pared o el panel arde por dentro, detrás de su lámina', 'Hágalo en frío, o saque la pieza.'],
}

export const hotworkSentences: Pick<Sentences, HotWorkCode> = {
  'spark.no-class': ({ process }) => [
    `No se sabe aquí hasta dónde lanza chispas: ${words.processes[process]}.`,
    'Espera su celda.',
  ],
  'spark.beyond-model': ({ heightM, windMPerS, maxHeightM, maxWindMPerS }, q) => [
    `A ${q.height(heightM)} de altura con ${q.speed(windMPerS)} de viento queda fuera del modelo, que termina en ${q.height(maxHeightM)} y ${q.speed(maxWindMPerS)}. Más allá no se adivina.`,
    'Encierre el trabajo con pantallas, o pregunte a los bomberos.',
  ],
  'spark.rule-binds': ({ radiusM, reachM }, q) => [
    `Despeje ${q.distance(radiusM)}: obliga la regla. Las chispas de este trabajo llegan, según la cuenta, a ${q.distance(reachM)}.`,
  ],
  'spark.reach-binds': ({ radiusM, reachM, ruleM }, q) => [
    `Despeje ${q.distance(radiusM)}: las chispas vuelan ${q.distance(reachM)}, y rodando es más que los ${q.distance(ruleM)} de la regla.`,
    'Despeje el círculo mayor, o ponga pantallas hasta el piso.',
  ],
  'spark.roll-added': ({ rollM }, q) => [`Se suman ${q.distance(rollM)} por gotas que rebotan y ruedan en piso duro.`],
  'spark.floor-unknown': ({ rollM }, q) => [
    `Nadie dijo cómo es el piso: se cuentan ${q.distance(rollM)} de rodado, como en piso duro.`,
    'Diga si el piso es duro.',
  ],
  'spark.piercing': ({ reachM }, q) => [
    `Al perforar y al soplar de regreso llega más lejos: hasta ${q.distance(reachM)}.`,
    'Perfore detrás de una pantalla, o empiece en una orilla.',
  ],
  'spark.gouging': ({ reachM, ruleM }, q) => [
    `El ranurado lanza hasta ${q.distance(reachM)}; ${q.distance(ruleM)} no bastan.`,
    'Enciérrelo con pantallas del piso hasta arriba, o despeje todo el alcance.',
  ],
  'spark.percentile': ({ percentile, maxM }, q) => [
    `Solo se cuenta ${one(percentile)} % de las gotas calientes; la más lejana llega a ${q.distance(maxM)}.`,
  ],
  'spark.rules-not-sent': ({ radiusM }, q) => [`No se mandaron reglas de la casa: se toman ${q.distance(radiusM)}.`],
  'hotwork.forbidden': ({ because }) => [`Aquí no hay trabajo en caliente. ${why[because][0]}.`, why[because][1]],
  'hotwork.bay-first': () => [
    '¿Se puede en frío, o en un puesto? Eso va primero.',
    'Asierre, atornille, o llévelo a un puesto.',
  ],
  'hotwork.designated': () => ['Un puesto designado: sin permiso, pero con su propia revisión cada día.'],
  'hotwork.permit-needed': () => ['Esto lleva permiso, con vigía durante el trabajo y después.'],
  'hotwork.lel-over-limit': ({ lelPercent, limitPercent }) => [
    `${one(lelPercent)} % del límite inferior de explosividad pasa del ${one(limitPercent)} % de este sitio.`,
    'Ventile y pruebe otra vez.',
  ],
  'hotwork.lel-without-oxygen': ({ lelPercent }) => [
    `${one(lelPercent)} % del límite inferior de explosividad no dice nada sin una lectura de oxígeno.`,
    'Lea primero el oxígeno, en el mismo lugar.',
  ],
  'hotwork.lel-sensor-invalid': ({ oxygenPercent }) => [
    `Con ${one(oxygenPercent)} % de oxígeno la lectura de inflamable está mal: su sensor necesita aire.`,
    'Use un instrumento hecho para eso.',
  ],
  'hotwork.oxygen-low': ({ oxygenPercent, atLeastPercent }) => [
    `${one(oxygenPercent)} % de oxígeno: nadie entra con menos de ${one(atLeastPercent)} %.`,
    'Ventile y pruebe otra vez.',
  ],
  'hotwork.gas-test-needed': () => [
    'Puede haber vapor: el aire se prueba antes de empezar, y otra vez según el reloj.',
    'Pruebe oxígeno, luego gas inflamable; abajo, en medio y arriba.',
  ],
  'hotwork.no-sprinklers': () => ['No hay rociadores: nada lo apagará solo.', 'Tienda una manguera con agua.'],
  'hotwork.fact-missing': ({ fact }) => [`Nadie dijo ${hotworkWords.facts[fact]}.`, 'Dígalo; nada se adivina.'],
  'hotwork.watchers': ({ watchers }) => [
    watchers === 1 ? 'Un vigía sin otra tarea.' : `${watchers} vigías sin otra tarea: uno solo no lo ve todo.`,
  ],
  'hotwork.law-watch-shorter': ({ afterMin, lawMin }) => [
    `${afterMin} min de vigilancia es menos que la ley: se toman ${lawMin} min.`,
  ],
  'hotwork.rules-not-sent': ({ afterMin, monitoringMin, radiusM }, q) => [
    `No se mandaron reglas de la casa: se toman ${afterMin} min de vigilancia, ${monitoringMin} min de monitoreo y ${q.distance(radiusM)}.`,
  ],
  'hotwork.advises': () => ['Zonaris aconseja; mandan los bomberos y el reglamento local.'],
  'permit.precaution-open': ({ precautions, count }) => [
    `${count === 1 ? 'Una precaución no está atendida' : `${count} precauciones no están atendidas`}: ${list(precautions)}.`,
    'Atienda cada una, o diga por qué no aplica.',
    `${count} precauciones abiertas.`,
  ],
  'permit.precaution-unknown': () => ['Este permiso no pide eso.'],
  'permit.reason-needed': () => ['Falta una razón.', 'Diga por qué, en pocas palabras.'],
  'permit.watchers-short': ({ named, needed }) => [`${named} de ${needed} vigías nombrados.`, 'Nombre a los demás.'],
  'permit.watcher-works': ({ names }) => [
    `${names.join(' y ')}: quien hace el trabajo no puede vigilarlo.`,
    'Nombre a otra persona.',
  ],
  'permit.watcher-busy': ({ name, where }) => [
    `${name} tiene otra tarea a esa hora: ${where}.`,
    'Nombre a alguien que esté libre.',
  ],
  'permit.watcher-at-bay': ({ name }) => [
    `${name} está en un puesto con trabajo propio.`,
    'Despeje el puesto, o nombre a otra persona.',
  ],
  'permit.not-named-watcher': ({ name }) => [
    `${name} no está entre los vigías nombrados de este permiso.`,
    'Releve a un vigía que esté en su lugar; eso lo nombra.',
  ],
  'permit.own-work': () => ['Nadie responde por un permiso de su propio trabajo.', 'Pida a otra persona que autorice.'],
  'permit.signature-needed': () => ['Esto lleva firma.', 'Firme con su PIN.'],
  'permit.too-long': ({ hours, atMostHours }) => [
    `${one(hours)} h es más de lo que aquí puede durar un permiso (${one(atMostHours)} h).`,
    'Un turno, un permiso.',
  ],
  'permit.past': () => ['Esa hora ya pasó.', 'Elija una posterior.'],
  'permit.over': () => [
    'Se acabó el tiempo del permiso: lo que se acabó se recorre y se firma de nuevo.',
    'Pida otro permiso.',
  ],
  'permit.stop-open': ({ cause }) => [
    `Se detuvo: ${fireWords.causes[cause]}. Encima de eso no se autoriza nada.`,
    'Corríjalo, y firme lo que se corrigió.',
  ],
  'permit.help-open': () => ['Se pidió ayuda aquí, y nadie dijo en qué quedó.', 'Vaya; luego firme lo que se corrigió.'],
  'permit.looks-missed': ({ count, isLastMissing }) => [
    `${count === 1 ? 'Faltó una mirada del monitoreo' : `Faltaron ${count} miradas del monitoreo`}${isLastMissing ? ', entre ellas la última' : ''}.`,
    'Mire ahora, y diga por qué se puede cerrar de todos modos: va en el papel.',
  ],
  'permit.not-yet': () => ['El permiso todavía no empieza.', 'Espere a su hora.'],
  'permit.near': ({ codes, count }) => [
    `${count === 1 ? 'Otro permiso está' : `Otros ${count} permisos están`} cerca a la misma hora: ${codes.join(', ')}. Un lugar desconocido cuenta como cercano.`,
    'Vea cada uno, hable con su gente y confirme.',
  ],
  'permit.monitoring-not-over': () => ['El monitoreo todavía no termina.', 'Mire el lugar hasta que termine.'],
  'permit.restore-open': ({ precautions, count }) => [
    `${count === 1 ? 'Una cosa no está repuesta' : `${count} cosas no están repuestas`}: ${list(precautions)}.`,
    'Repóngala y dígalo.',
  ],
  'permit.gap': ({ minutes }) => [
    `La ronda llegó ${minutes} min tarde: es un hueco en la vigilancia.`,
    'Después del trabajo la vigilancia empieza de nuevo.',
  ],
  'permit.late-round': ({ minutes }) => [`Anotado ${minutes} min después de que pasó.`],
  'permit.unknown': () => ['No hay tal permiso.', 'Mire otra vez el código.'],
}
