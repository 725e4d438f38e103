import type { RefusalCode } from '../codes'
import type { Sentences } from '../sentences'
import { dayIn } from '../site-times'
import { words } from './words'

const day = dayIn('es')
const plural = (count: number, one: string, many: string): string => count === 1 ? `1 ${one}` : `${count} ${many}`

/** What the door says of what it refuses or remarks on. It says it itself: the board does not carry it. */
export const refusalSentences: Pick<Sentences, RefusalCode> = {
  'command.stale': () => [
    'Entretanto alguien más cambió esto. Lo que usted escribió se conserva.',
    'Mire cómo quedó y envíe otra vez.',
  ],
  'command.not-allowed': ({ right, roles }) => [
    `No permitido para ${roles.map(role => words.roles[role]).join(', ')}: ${words.rights[right]}.`,
    'Pida a alguien que sí pueda.',
  ],
  'command.id-reused': () => ['Este número de orden ya se usó para otra cosa.', 'Envíe otra vez con uno nuevo.'],
  'command.unknown-stream': ({ streamId }) => [`Aquí no hay nada llamado ${streamId}.`, 'Elija uno que exista.'],
  'command.stop-reason-first': () => ['Nadie ha dicho todavía por qué se detuvo este puesto.', 'Diga por qué; entonces se puede reabrir.'],
  'command.not-stopped': () => ['Este puesto no está detenido.'],
  'command.name-taken': ({ name }) => [`${name} ya está en uso.`, 'Elija otro nombre.'],
  'command.place-closed': ({ name }) => [`${name} está cerrado.`, 'Ábralo primero, o elija otro.'],
  'site.person-still-there': ({ bay, name }) => [
    `${name} tiene asignado el puesto ${bay}.`,
    'Asígnele otro puesto, o deje este sin nadie; después ciérrelo.',
  ],
  'site.permit-still-there': ({ bay, code }) => [
    `El permiso ${code} del puesto ${bay} no ha terminado.`,
    'Complete su vigilancia y ciérrelo, o rechácelo; después cambie el puesto.',
  ],
  'site.cylinder-still-there': ({ bay, tag }) => [
    `El cilindro ${tag} está en el puesto ${bay}.`,
    'Desconéctelo y llévelo a otro lugar; después cierre el puesto.',
  ],
  'command.person-unknown': () => ['Nadie con esa clave está en la lista de personas.', 'Elija a alguien de la lista.'],
  'command.bay-unknown': () => ['No hay tal puesto.', 'Elija un puesto de este sitio.'],
  'command.pin-wrong': () => ['Ese PIN no coincide.', 'Pruebe otra vez.'],
  'command.pin-locked': () => ['Demasiados PIN equivocados; firmar con PIN descansa un rato.', 'Espere, o entre con la contraseña.'],
  'command.pin-of-demo': () => [
    'Los PIN de demostración están impresos para todos: fuera de esta máquina no firman nada.',
    'Firme con un PIN propio, puesto con un código de un solo uso.',
  ],
  'command.pin-too-new': () => [
    'Este acceso se restableció hace menos de un día, y todavía no firma.',
    'Que firme otra persona, o espere a que pase el día.',
  ],
  'command.stream-twice': ({ streamId }) => [`Una orden nombra dos veces ${streamId}.`, 'Nombre cada cosa una vez.'],
  'command.before-site': () => [
    'El aparato dice que esto fue antes de abrir el sitio.',
    'Ponga a la hora el reloj del aparato y hágalo otra vez.',
  ],
  'person.nothing-to-settle': () => [
    'Una sombra se fija para un trabajo definido, del que se sabe la sombra mínima.',
    'Defina primero el trabajo del puesto.',
  ],
  'person.training-to-come': ({ trainedOn }) => [
    `El ${day(trainedOn)} todavía no llega: nadie aprendió ese día.`,
    'Dé el día de la capacitación.',
  ],
  'person.training-ends-early': ({ trainedOn, nextOn }) => [
    `Valdría hasta el ${day(nextOn)}, y fue el ${day(trainedOn)}.`,
    'Dé un día posterior, o ninguno si no vence.',
  ],
  'person.has-loans': ({ count }) => [
    `Todavía tiene ${plural(count, 'prenda', 'prendas')} del taller.`,
    'Recíbala en la entrada, o diga que se perdió.',
  ],
  'person.settled-elsewhere': () => [
    'En ese puesto ya hay otro trabajo, o la persona ya no está ahí: la sombra se encontró en otra cosa.',
    'Encuéntrela de nuevo con el trabajo que hay ahí.',
  ],
  'person.settled-too-light': ({ shade, minimum }, q) => [
    `La sombra ${q.shade(shade)} es más clara que la mínima de este trabajo, ${q.shade(minimum)}.`,
    'Use una más oscura.',
  ],
  'command.last-safety-lead': () => [
    'Es la única persona responsable de seguridad; nadie más podría llevar la lista de personas.',
    'Nombre primero a otra.',
  ],
  'command.no-helper-here': () => ['Hoy no ayuda en este puesto.'],
  'command.helps-themselves': () => ['Quien suelda en un puesto no ayuda además ahí.'],
  'command.person-has-left': ({ name }) => [`${name} ya no está en el sitio.`],
  'command.late-report': ({ minutes }, q) => [`Anotado ${q.minutes(minutes)} después de que pasó.`],
  'command.report-outrun': () => ['Ya se sabe algo más nuevo: esto se anota, y no cambia nada.'],
}
