import { capital } from '../capital'
import { dayIn } from '../site-times'
import type { Sentences } from '../sentences'
import type { CylinderCode } from '../codes'
import { cylinderWords } from './cylinder-words'
import { kitWords } from './kit-words'

const day = dayIn('es')

/** What Gas says, but for what goes with the board. */
export const cylinderSentences: Pick<Sentences, CylinderCode> = {
  'stamp.specification-missing': () => [
    'Falta la especificación entre las marcas: sin ella nadie sabe leer las fechas.',
    'Escriba la marca que empieza con DOT, ICC o TC, o la norma ISO o EN con PW y PH.',
  ],
  'stamp.specification-unknown': ({ text }) => [
    `${text} no es una especificación conocida aquí.`,
    'Mire otra vez, o pregunte al proveedor.',
  ],
  'stamp.two-specifications': ({ first, second }) => [
    `Dos especificaciones: ${first} y ${second}.`,
    'Mire cuál está estampada para este casco.',
  ],
  'stamp.two-families': () => [
    'Marcas de EE. UU. y europeas juntas: sus fechas se leen al revés unas de otras.',
    'Pregunte al proveedor cuáles cuentan.',
  ],
  'stamp.date-missing': () => ['Falta la fecha entre las marcas.', 'Escriba todas las fechas del hombro, la más vieja primero.'],
  'stamp.date-impossible': ({ text }) => [
    `${text} no puede ser una fecha en esta clase de cilindro.`,
    'Mire otra vez: las de EE. UU. llevan primero el mes, las europeas el año.',
  ],
  'stamp.dates-disagree': ({ dates }) => [
    `Estas fechas no pueden seguirse: ${dates.join(', ')}.`,
    'Escríbalas en el orden del hombro, la más vieja primero.',
  ],
  'stamp.years-ambiguous': ({ dates }) => [`El siglo no es seguro: ${dates.join(', ')}.`, 'Escriba los años con cuatro cifras.'],
  'stamp.unreadable': ({ text }) => [
    `${text} no se lee por completo.`,
    'Limpie el hombro y mire otra vez, o pregunte al proveedor.',
  ],
  'stamp.not-read': ({ text }) => [`${text} no se leyó: tal vez una marca del fabricante o del dueño.`],
  'stamp.letter-missing': ({ text }) => [
    `${text} no lleva letra: S es el casco, F la masa porosa, FS ambos.`,
    'Busque la letra después del año.',
  ],
  'stamp.maker-date-missing': () => [
    'La primera marca es una recalificación; falta la fecha del fabricante.',
    'Escriba también la fecha más vieja.',
  ],
  'cylinder.permit': ({ specification }) => [
    `${specification} es un permiso especial: su propio texto dice cuándo se prueba.`,
    'Pregunte al proveedor.',
  ],
  'cylinder.gas-not-for-specification': ({ specification }) => [
    `Este gas no se guarda en ${specification}.`,
    'Mire otra vez etiqueta y marcas; no lo conecte.',
  ],
  'cylinder.star-void': ({ reason }) => [`La estrella no cuenta aquí: ${cylinderWords.starVoid[reason]}. Vale el intervalo corto.`],
  'cylinder.plus-void': ({ reason }) => [`El + no cuenta: ${cylinderWords.plusVoid[reason]}.`],
  'cylinder.coated-assumed': ({ years }) => [
    `${years} años solo mientras el recubrimiento esté entero y el gas no corroa; pelado o con óxido son 5.`,
    'Mire el casco.',
  ],
  'cylinder.proof-disputed': ({ years }) => [`Tras una prueba de carga las ediciones imprimen 7, 10 y 12 años; se usan ${years}.`],
  'cylinder.filler-too-early': ({ on }) => [
    `La prueba de la masa porosa del ${day(on)} fue antes de cinco años de fabricado y no cuenta.`,
  ],
  'cylinder.not-refillable': () => ['Este cilindro no se rellena.'],
  'cylinder.no-requalification': ({ specification }) => [`${specification} no se vuelve a probar; se inspecciona.`],
  'cylinder.past-due': ({ dueOn }) => [`Vencido desde ${day(dueOn)}.`, 'Acábelo; no lo mande rellenar.', `Vencido desde ${day(dueOn)}.`],
  'cylinder.filled-past-due': ({ dueOn, filledOn }) => [
    `Le tocaba el ${day(dueOn)} y se llenó el ${day(filledOn)}, después.`,
    'No lo use; devuélvalo.',
  ],
  'cylinder.filled-when-unknown': ({ dueOn }) => [
    `Pasada su prueba del ${day(dueOn)}, solo se puede acabar si ya estaba lleno; nadie dijo cuándo se llenó.`,
    'Lea la fecha de llenado en su etiqueta, o devuélvalo.',
  ],
  'cylinder.fifteen-with-approval': ({ dueOn }) => [`Quince años, hasta ${day(dueOn)}, solo con aprobación de la autoridad.`],
  'cylinder.pressure-is-no-gauge': ({ gas, kept }) =>
    kept === 'dissolved'
      ? [
          'El acetileno está disuelto: su presión sigue la temperatura y lo rápido que se sacó, no lo que queda.',
          'Péselo, sin regulador y sin capuchón.',
        ]
      : [
          `${capital(gas === 'mix' ? 'esta mezcla' : kitWords.gases[gas])}: adentro es líquido, y la presión sigue igual hasta que se acaba.`,
          'Péselo.',
        ],
  'cylinder.no-equation': ({ gas }) => [
    `No se conoce aquí una ecuación para ${gas === 'mix' ? 'esta mezcla' : kitWords.gases[gas]}.`,
    'Lea la tabla del proveedor.',
  ],
  'cylinder.mix-estimated': () => ['Una mezcla: estimada por sus partes, con un error de más o menos 2 %.'],
  'cylinder.gauge-band': ({ lowM3, highM3 }, q) => [
    `El manómetro puede fallar 3 % de su escala: entre ${q.gas(lowM3)} y ${q.gas(highM3)}.`,
  ],
  'cylinder.nearly-empty': ({ residualKPa }, q) => [
    `Ya está en los ${q.pressure(residualKPa)} que se quedan dentro.`,
    'Cierre la válvula, márquelo vacío, conecte el siguiente.',
  ],
  'cylinder.warm': ({ temperatureC, limitC }, q) => [
    `${q.temperature(temperatureC)}: ningún cilindro debe pasar de ${q.temperature(limitC)}.`,
    'Aléjelo del calor.',
  ],
  'acetylene.draw-allowed': ({ demandM3PerH, limitM3PerH, ruleSet }, q) => [
    `${q.gasRate(demandM3PerH)} de los ${q.gasRate(limitM3PerH)} que un cilindro puede dar (${kitWords.withdrawalRuleSets[ruleSet]}).`,
  ],
  'acetylene.old-rule': ({ cylinders, currentCylinders }) => [
    `Por la regla vieja ${cylinders}; la vigente pide ${currentCylinders}.`,
    `Tome ${currentCylinders}.`,
  ],
  'storage.too-near': ({ first, second, distanceM, requiredM }, q) => [
    `${first} y ${second} están a ${q.distance(distanceM)}; la regla es ${q.distance(requiredM)} o un muro clasificado entre ellos.`,
    'Mueva uno de los dos.',
  ],
  'storage.barrier-does-not-count': ({ first, second, reason }) => [
    `El muro entre ${first} y ${second} no cuenta: ${cylinderWords.barrierReasons[reason]}.`,
  ],
  'storage.barrier-narrow': ({ first, second, pathM }, q) => [
    `El muro entre ${first} y ${second} cumple la letra de la ley; los códigos de incendio lo quieren 18 in (46 cm) más alto y más largo. El camino alrededor mide ${q.distance(pathM)}.`,
  ],
  'storage.rounding': ({ first, second, distanceM }, q) => [
    `${first} y ${second}: ${q.distance(distanceM)} son 20 ft, y aun así menos que los 6.1 m impresos al lado.`,
  ],
  'storage.indoor-fuel': ({ amountM3, lpgKg, fraction }, q) => [
    `Gas combustible bajo techo: ${q.gas(amountM3)}${lpgKg > 0 ? ` y ${q.mass(lpgKg)} de gas licuado` : ''}, ${q.part(fraction)} ${fraction >= 2 ? 'lo' : 'de lo'} que puede haber en un cuarto.`,
    'Saque una parte.',
  ],
  'storage.combustible-assumed-high': ({ id }) => [
    `Nadie dijo con qué fuerza arde ${id}: cuenta como aceite, y ningún muro ayuda.`,
  ],
  'storage.in-use-left-out': ({ count }) => [`${count} en uso: no cuentan como almacenados.`],
  'storage.height-assumed': ({ heightM }, q) => [`Donde no se dio la altura se toma ${q.distance(heightM)}.`],
  'storage.cap-off': ({ tag }) => [`${tag} está sin su capuchón.`, 'Ponga el capuchón.'],
  'storage.content-assumed': ({ tags, count, fullM3 }, q) => [
    `Nadie anotó cuánto ${count === 1 ? 'contiene' : 'contienen'} ${tags.join(', ')} al estar ${count === 1 ? 'lleno' : 'llenos'}: se toma ${q.gas(fullM3)}.`,
  ],
  'storage.advises-only': ({ basis }) => [
    `Juzgado con las distancias ${cylinderWords.storageBases[basis]}. Los códigos locales de incendio pueden pedir más; ellos deciden.`,
  ],
  'cylinder.steps-missing': ({ tag, count }) => [
    `${count === 1 ? 'Falta un paso' : `Faltan ${count} pasos`} en ${tag}.`,
    'Haga cada paso y luego conecte.',
  ],
  'cylinder.still-connected': ({ tag }) => [
    `${tag} está conectado: tiene puesto su regulador.`,
    'Primero ciérrelo y quite el regulador.',
  ],
  'cylinder.wrong-gas': ({ tag }) => [
    `${tag} no es un gas del trabajo puesto en ese puesto.`,
    'Tome el cilindro que pide el trabajo, o cambie primero el trabajo.',
  ],
  'cylinder.outside-place': ({ place, fromXM, toXM, fromYM, toYM }, q) => [
    `Ese punto no está dentro de ${place}: va de ${q.distance(fromXM)} a ${q.distance(toXM)} a lo largo de la cuadrícula y de ${q.distance(fromYM)} a ${q.distance(toYM)} a lo ancho, y el cilindro entero cabe dentro.`,
    'Diga dónde está de verdad.',
  ],
  'cylinder.reason-needed': () => ['Nadie dijo por qué la etiqueta estaba mal.', 'Escriba la razón.'],
  'stamp.end-of-life': ({ text }) => [
    `"${text}" es un fin de vida: no se lee con certeza cuándo es.`,
    'Escríbalo como año y mes, así: FIN 2030/05.',
  ],
  'cylinder.life-over': ({ endsOn }) => [
    `Su vida terminó el ${day(endsOn)}: no se llena ni se usa nunca más.`,
    'Póngalo fuera de servicio, y délo a quien lo desarma.',
  ],
  'cylinder.life-ends': ({ endsOn }) => [`Su vida termina el ${day(endsOn)}; ninguna prueba la alarga.`],
  'stamp.ring-asks': ({ text }) => [
    `"${text}" está en un anillo, y un anillo puede ser de otro día que el casco.`,
    'Lea el hombro; si solo hay anillo, pregunte al proveedor cuál fecha es la de la prueba.',
  ],
  'cylinder.returned': ({ tag }) => [`${tag} regresó a su proveedor.`, 'Recíbalo otra vez cuando venga.'],
}
