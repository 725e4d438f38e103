import { kitWords as kit } from './kit-words'
import { words } from './words'
import { dayIn } from '../site-times'
import type { Sentences } from '../sentences'
import type { GateCode, KitCode } from '../codes'

const day = dayIn('es')

const one = (value: number): string => String(Number(value.toFixed(1)))
const days = (count: number): string => count === 1 ? 'un día' : `${count} días`

export const kitSentences: Pick<Sentences, KitCode | GateCode> = {
  'acetylene.draw-too-fast': ({ demandM3PerH, limitM3PerH, cylinders, ruleSet }, q) => [
    `${q.gasRate(demandM3PerH)} es más de lo que un cilindro puede dar (${q.gasRate(limitM3PerH)}, ${kit.withdrawalRuleSets[ruleSet]}).`,
    `Una ${cylinders} cilindros en múltiple antes de encender.`,
    `Necesita ${cylinders} cilindros.`,
  ],
  'acetylene.pressure-too-high': ({ gaugeKPa, limitKPa }, q) => [
    `Acetileno a ${q.pressure(gaugeKPa)}: por encima de ${q.pressure(limitKPa)} puede estallar solo.`,
    'Bájelo ya.',
  ],
  'electrical.duty': ({ currentA, dutyPercent, minutes }, q) => [
    `A ${q.current(currentA)} el arco puede arder ${one(Math.floor(minutes * 10) / 10)} de cada diez minutos (${Math.floor(dutyPercent)} %).`,
  ],
  'electrical.over-rating': ({ currentA, ratedCurrentA }, q) => [
    `${q.current(currentA)} pasa de los ${q.current(ratedCurrentA)} de su placa: solo por la suma de calor; su fabricante puede permitir menos.`,
  ],
  'electrical.duty-short': ({ currentA, dutyPercent, neededPercent }, q) => [
    `A ${q.current(currentA)} esta máquina aguanta ${Math.floor(dutyPercent)} % de ciclo; el trabajo pide ${Math.ceil(neededPercent)} %.`,
    'Descanse más, o tome una máquina mayor.',
  ],
  'electrical.cable-too-small': ({ currentA, allowedA, areaMm2, dutyPercent }, q) => [
    `${one(areaMm2)} mm² aguantan ${q.current(Math.floor(allowedA))} con ciclo de ${Math.round(dutyPercent)} %; aquí van ${q.current(currentA)}.`,
    'Tome un cable más grueso.',
  ],
  'electrical.cable-off-table': ({ areaMm2 }) => [
    `${one(areaMm2)} mm² es menos que cualquier cable de soldar de la tabla.`,
    'Tome 25 mm² o más.',
  ],
  'electrical.drop-high': ({ dropV, limitV }) => [
    `Se pierden ${one(dropV)} V en el camino; la práctica acepta unos ${limitV} V.`,
    'Un cable más corto o más grueso.',
  ],
  'kit.tag-unknown': ({ tag }) => [`Aquí nada lleva la etiqueta ${tag}.`, 'Mire otra vez la etiqueta, o regístrelo.'],
  'kit.tagged-out': ({ tag, reason, checks }) => [
    `${tag} está fuera de servicio${reason ? `: ${reason.replace(/\.$/, '')}` : checks.length > 0 ? `: ${checks.length === 1 ? 'no pasó un punto' : `no pasaron ${checks.length} puntos`}` : ''}.`,
    'Tome otro; alguien nombrado devuelve este al servicio.',
    `${tag} fuera de servicio.`,
  ],
  'kit.retired': ({ tag }) => [`${tag} está fuera de uso para siempre.`, 'Tome otro.'],
  'kit.never-done': ({ tag, listId }) => [`${tag}: no cuenta ninguna pasada de ${kit.lists(listId)}.`, 'Hágala primero.'],
  'kit.late': ({ tag, listId, dueOn, days: late }) => [
    `${tag}: ${kit.lists(listId)} tocaba el ${day(dueOn)}, hace ${days(late)}.`,
    'Hágala, o tome otro.',
    `${tag} está vencido.`,
  ],
  'kit.in-grace': ({ tag, listId, dueOn, days: used }) => [
    `${tag}: ${kit.lists(listId)} tocaba el ${day(dueOn)}; va usado ${days(used)} de la tolerancia de este sitio.`,
    'Hágala.',
  ],
  'kit.due-after-event': ({ tag, listId, events }) => [
    `${tag}: desde ${kit.lists(listId)} hubo ${events.map(event => kit.itemEvents[event]).join(', ')}.`,
    'Hágala otra vez antes de usarlo.',
  ],
  'kit.look-due': ({ tag }) => [`${tag} no se ha revisado hoy.`, 'Revíselo antes de usarlo.'],
  'kit.mark-unknown': ({ tag }) => [`${tag}: nadie anotó de qué tipo es y cuándo se hizo.`, 'Lea su etiqueta y anótelo.'],
  'kit.mark-due': ({ tag, what, dueOn }) => [
    `${tag}: ${what === 'pressure-test' ? 'la prueba de presión' : 'la revisión interior'} tocaba el ${day(dueOn)}.`,
    'Mándelo a servicio, o tome otro.',
  ],
  'kit.no-list': ({ tag, kind }) => [
    `${tag}: este sitio no tiene lista para revisar ${kit.aKind(kind)}.`,
    'Haga una lista y cúmplala.',
  ],
  'extinguisher.rating-unknown': ({ tag }) => [
    `${tag}: nadie anotó su capacidad de extinción.`,
    'Lea su placa, como 4-A:60-B:C o 43A 233B C.',
    `${tag}: capacidad desconocida.`,
  ],
  'extinguisher.distance-unknown': ({ tag }) => [
    `${tag}: nadie anotó a qué distancia del trabajo cuelga.`,
    'Mida el camino y anótelo.',
    `${tag}: distancia desconocida.`,
  ],
  'extinguisher.too-far': ({ tag, distanceM, atMostM }, q) => [
    `${tag} cuelga a ${q.distance(distanceM)} del trabajo; lo más es ${q.distance(atMostM)}.`,
    'Cuélguelo más cerca, o traiga otro.',
    `${tag} cuelga muy lejos.`,
  ],
  'extinguisher.too-small': ({ lacks }) => [
    lacks === 'both'
      ? 'Ningún extintor a la mano alcanza para lo que arde aquí.'
      : `Ningún extintor a la mano alcanza para ${lacks === 'solids' ? 'madera, papel y tela en llamas' : 'líquidos en llamas'}.`,
    'Traiga uno de 2-A:20-B:C o 13A 55B al menos.',
    'Extintor muy chico.',
  ],
  'extinguisher.not-for-voltage': () => [
    'Ningún extintor a la mano puede usarse en una máquina con tensión.',
    'Traiga polvo o CO₂.',
    'El extintor no es para tensión.',
  ],
  'extinguisher.not-for-metal': () => [
    'Este metal arde, y ningún extintor a la mano es para metal en llamas: cualquier otro lo empeora.',
    'Traiga polvo seco de clase D.',
    'No hay polvo de clase D a la mano.',
  ],
  'extinguisher.metal-unknown': () => ['Nadie dijo si aquí se trabaja metal que arde.', 'Diga qué metal es.'],
  'storage.left-at-bay': ({ first, second }) => [
    `${first} y ${second} están aquí desconectados, oxígeno junto a combustible: nadie midió la distancia entre ellos.`,
    'Lleve uno a su almacén.',
    `${first} junto a ${second}, desconectados.`,
  ],
  'cylinder.settling': ({ tag }) => [
    `${tag} estuvo acostado: su solvente debe asentarse antes de abrir la válvula.`,
    'Déjelo de pie hasta que termine su reloj.',
    `${tag} se está asentando.`,
  ],
  'cylinder.empty': ({ tag }) => [`${tag} está vacío.`, 'Cierre la válvula, ponga el capuchón, tome otro.'],
  'cylinder.danger': ({ tag, danger }) => [
    `${tag}: ${kit.dangers[danger]}.`,
    'Haga lo que dice su página; aquí nadie trabaja.',
    `${tag}: ${kit.dangers[danger]}.`,
  ],
  'cylinder.not-secured': ({ tag }) => [`${tag} no está de pie y encadenado.`, 'Encadénelo de pie.'],
  'cylinder.test-date-unknown': ({ tag }) => [`${tag}: no se sabe con certeza la fecha de su prueba.`, 'Lea otra vez el hombro.'],
  'cylinder.not-to-be-used': ({ tag }) => [`${tag} se llenó después de vencida su prueba: no se puede usar.`, 'Devuélvalo.'],
  'cylinder.fill-date-unknown': ({ tag, dueOn }) => [
    `A ${tag} le tocaba su prueba el ${day(dueOn)}, y nadie dijo cuándo se llenó: si fue después, no se puede usar.`,
    'Anote la fecha de llenado de su etiqueta, o devuélvalo.',
    `${tag}: prueba vencida, llenado desconocido.`,
  ],
  'cylinder.past-due-here': ({ tag, dueOn, owner }) => [
    `A ${tag} le tocaba su prueba el ${day(dueOn)}: se puede acabar, no rellenar.`,
    owner === 'rented' ? 'Etiquételo; el proveedor lo manda probar.' : 'Etiquételo y mándelo probar antes de llenarlo.',
    `${tag}: prueba vencida, acabar sin rellenar.`,
  ],
  'gate.job-first': ({ gate }) => [`${words.gates[gate]}: depende del trabajo.`, 'Ponga el trabajo.'],
  'gate.facts-stale': ({ tag }) => [`Lo que se sabe de ${tag} es de otro día.`, 'Espere al servidor, o revíselo otra vez.'],
  'gate.item-missing': ({ kind, needed, here }) => [
    here === 0
      ? `Este puesto no tiene lo que necesita: ${kit.equipmentKinds[kind]}.`
      : `Este puesto tiene ${here} de ${needed} que necesita: ${kit.equipmentKinds[kind]}.`,
    'Asigne uno por su etiqueta.',
    `${here === 0 ? 'Falta' : 'Falta otro'}: ${kit.equipmentKinds[kind]}.`,
  ],
  'gas.none-connected': ({ need, shieldingGas }) => [
    `Aquí no está conectado: ${need === 'shielding' && shieldingGas ? words.shieldingGases[shieldingGas] : kit.gasNeeds[need]}.`,
    need === 'cutting' ? 'Conecte un cilindro, o ponga el trabajo con aire del taller.' : 'Conecte un cilindro, paso a paso.',
  ],
  'gas.not-for-this-job': ({ tag }) => [
    `${tag} está conectado y no es un gas de este trabajo.`,
    'Ciérrelo y desconéctelo, o cambie el trabajo.',
    `${tag}: no es un gas de este trabajo.`,
  ],
  'gas.not-leak-tested': ({ tag }) => [
    `${tag}: hoy no se probaron fugas en todas las uniones.`,
    'Pase solución en cada unión y diga lo que ve.',
  ],
  'gas.not-read': ({ tag }) => [`${tag}: hoy nadie leyó cuánto queda.`, 'Lea su manómetro, o péselo.'],
  'gas.flow-unknown': ({ need }) => [
    `Nadie dijo cuánto fluye: ${kit.gasNeeds[need]}.`,
    need === 'shielding' || need === 'cutting' ? 'Indique el flujo de gas del trabajo.' : 'Indique la boquilla del trabajo.',
  ],
  'gas.time-unknown': () => ['No se sabe cuánto dura el trabajo.', 'Indique sus horas y sus minutos de arco.'],
  'gas.full-unknown': ({ tag }) => [
    `No se sabe cuánto contiene ${tag} lleno: nadie puede decir qué tan rápido se puede sacar.`,
    'Anote su contenido, de la etiqueta.',
  ],
  'gas.not-enough': ({ need, leftM3, neededM3 }, q) => [
    `Queda al menos ${q.gas(leftM3)} de ${kit.gasNeeds[need]}; el trabajo lleva ${q.gas(neededM3)}.`,
    'Tome uno más lleno antes de la clase.',
    `No alcanza para el trabajo: ${kit.gasNeeds[need]}.`,
  ],
  'gas.enough': ({ need, leftM3, neededM3 }, q) => [
    `Queda al menos ${q.gas(leftM3)} de ${kit.gasNeeds[need]}; el trabajo lleva ${q.gas(neededM3)}.`,
  ],
  'machine.current-unknown': () => [
    'Nadie dijo qué corriente debe dar la máquina.',
    'Indíquela en la tarjeta de trabajo.',
    'No se sabe la corriente.',
  ],
  'machine.rating-unknown': ({ tag }) => [
    `${tag}: su corriente nominal y su ciclo de trabajo no están anotados.`,
    'Lea su placa.',
  ],
  'machine.cable-unknown': ({ tag }) => [`${tag}: su largo y su sección no están anotados.`, 'Lea el cable.'],
  'machine.over-maximum': ({ tag, currentA, maxCurrentA }, q) => [
    `${q.current(currentA)} es más de lo que da ${tag} (${q.current(maxCurrentA)}).`,
    'Tome una máquina mayor.',
  ],
}
