import { fireWords } from './fire-words'
import { words } from './words'
import type { FireCheckId } from '#core/ids/station-ids'
import { timeIn } from '../site-times'
import type { Sentences } from '../sentences'
import type { FireCode } from '../codes'

const time = timeIn('es')

export const fireSentences: Pick<Sentences, FireCode> = {
  'permit.not-in-phase': ({ phase }) => [
    `El permiso está en "${fireWords.phases[phase]}".`,
    'Ábralo y siga desde ahí.',
    `Permiso: ${fireWords.phases[phase]}.`,
  ],
  'permit.suspended': ({ cause, where }) => [
    `El trabajo en ${where} se detuvo: ${fireWords.causes[cause]}.`,
    'Primero corríjalo.',
    `Permiso detenido: ${fireWords.causes[cause]}.`,
  ],
  'permit.stopped': ({ cause, where }) => [
    `${where}: sin trabajo en caliente. ${fireWords.causes[cause].charAt(0).toUpperCase()}${fireWords.causes[cause].slice(1)}.`,
    'Ábralo y vea.',
  ],
  'permit.lapsed': ({ untilIso }) => [
    `El tiempo del permiso se acabó a las ${time(untilIso)}.`,
    'Pare; la vigilancia sigue.',
    `Permiso vencido desde las ${time(untilIso)}.`,
  ],
  'permit.round-overdue': ({ name, sinceIso }) => [
    `De ${name} no se sabe desde las ${time(sinceIso)}: faltó la ronda.`,
    'Vaya con el vigía.',
    `Vigía sin noticias desde las ${time(sinceIso)}.`,
  ],
  'permit.unheard': ({ name, sinceIso }) => [
    `De ${name} no se sabe desde las ${time(sinceIso)}; toca la ronda.`,
    'Haga la ronda.',
    `Vigía sin noticias desde las ${time(sinceIso)}.`,
  ],
  'permit.no-watch-on-post': ({ onPost, needed }) => [
    `${onPost} de ${needed} vigilando.`,
    'Primero el vigía toma su lugar.',
    'Nadie vigila.',
  ],
  'permit.no-second-channel': () => [
    'Solo se oye una pantalla, y no se nombró otro modo de llegar al vigía.',
    'Entre en una segunda pantalla.',
    'Sin segundo canal.',
  ],
  'permit.gas-not-tested': () => ['No se probó el aire.', 'Pruebe primero oxígeno, luego gas inflamable.'],
  'permit.gas-out': ({ lelPercent, oxygenPercent, point }) => [
    `El aire está fuera de límites en "${point}": ${oxygenPercent ?? '?'} % de oxígeno, ${lelPercent ?? '?'} % del límite inferior de explosividad.`,
    'Ventile y pruebe otra vez en el mismo punto.',
    'Aire fuera de límites.',
  ],
  'permit.detector-unknown': ({ instrument }) => [
    `${instrument} probó el aire, y nadie sabe si hoy pasó la prueba con gas.`,
    'Asigne el detector a este permiso, y haga su revisión antes de usar.',
    'Detector sin prueba con gas.',
  ],
  'permit.cover-missing': ({ where, sinceIso }) => [
    `Nadie vigila ${where} desde las ${time(sinceIso)}, y puede haber brasa.`,
    'Vaya y tome el lugar.',
    `Nadie vigila desde las ${time(sinceIso)}.`,
  ],
  'permit.other-process': ({ permit, job }) => [
    `El permiso es para ${words.processes[permit]}; el trabajo aquí es ${words.processes[job]}.`,
    'Pida un permiso para este trabajo.',
    'El permiso es para otro proceso.',
  ],
  'permit.other-operator': ({ name }) => [
    `El permiso no nombra a ${name}.`,
    'Ponga a quien nombra, o pida otro permiso.',
    'El permiso nombra a otra persona.',
  ],
  'permit.nobody-placed': () => [
    'Aquí no está puesto nadie: un permiso es para personas nombradas.',
    'Ponga a quien trabaja aquí.',
    'Aquí no está puesto nadie.',
  ],
  'permit.current-not-said': () => [
    'El permiso no dice hasta qué corriente se dio.',
    'Pida un permiso que lo diga.',
    'El permiso no nombra corriente.',
  ],
  'permit.current-over': ({ currentA, atMostA }, q) => [
    `${q.current(currentA)} es más de lo que da el permiso (${q.current(atMostA)}).`,
    'Bájela, o pida otro permiso.',
    `El permiso es hasta ${q.current(atMostA)}.`,
  ],
  'permit.on-post': ({ name, where }) => [`${name} vigila en ${where} y no tiene otra tarea.`, 'Primero releve al vigía.'],
  'permit.gas-retest-due': () => [
    'Hay que probar el aire otra vez.',
    'Primero oxígeno, luego gas inflamable.',
    'Toca otra vez la prueba de gas.',
  ],
  'permit.kit-out': ({ tag }) => [
    `${tag} es de este permiso y no está en servicio.`,
    'Traiga otro.',
    `${tag} fuera de servicio.`,
  ],
  'permit.no-extinguisher': () => [
    'Ningún extintor en servicio es de este permiso.',
    'Traiga uno.',
    'Sin extintor en servicio.',
  ],
  'permit.none-here': () => [
    'Un punto en una estructura lleva permiso, y no hay ninguno.',
    'Pida uno en Trabajo en caliente.',
    'Sin permiso.',
  ],
  'permit.live': ({ code, untilIso }) => [`${code} está vigente hasta las ${time(untilIso)}, con su vigía en su lugar.`],
  'permit.day-check-due': () => [
    'Hoy nadie ha revisado este puesto contra incendio.',
    'Revíselo.',
    'Toca la revisión contra incendio.',
  ],
  'permit.day-check-fails': ({ checks, count }) => [
    `La revisión contra incendio halló ${count === 1 ? 'una cosa' : `${count} cosas`} fuera de orden: ${checks.map(check => fireWords.fireChecks[check as FireCheckId].toLowerCase()).join(', ')}.`,
    'Corríjalo.',
    'Revisión contra incendio fuera de orden.',
  ],
  'permit.help-called': ({ where }) => [`Se pidió ayuda en ${where}.`, 'Vaya.'],
  'permit.watch-over': ({ where }) => [`Terminó el monitoreo de ${where}.`, 'Cierre el permiso.'],
  'permit.visit-missed': ({ where }) => [`Nadie volvió a mirar ${where} a tiempo.`, 'Vaya a mirar ahora.'],
  'permit.arc-without-permit': ({ where }) => [
    `Se encendió un arco en ${where} sin permiso vigente.`,
    'Corre la vigilancia completa.',
  ],
}
