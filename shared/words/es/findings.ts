import { capital } from '../capital'
import type { WhyGlobular } from '#core/ids/fume-ids'
import type { MaskId, SubstanceId, ZoneId } from '#core/ids/vocabulary'
import { kitSentences } from './kit-findings'
import { fireSentences } from './fire-findings'
import { laserWords } from './laser-words'
import { words } from './words'
import { LOCALES } from '../language'
import { dayIn, timeIn } from '../site-times'
import type { Quantities } from '../quantities'
import { allowedTime } from '../rounded'
import type { Sentences } from '../sentences'
import type { CylinderCode, HotWorkCode, KitItemCode, ProtectionCode, RefusalCode, StudyCode } from '../codes'

const day = dayIn('es')
const time = timeIn('es')

const list = new Intl.ListFormat(LOCALES.es)
const zoneList = (zones: readonly ZoneId[]): string => zones.map(zone => words.zones[zone]).join(', ')
const plural = (count: number, one: string, many: string): string => count === 1 ? `1 ${one}` : `${count} ${many}`
const GLOBULAR: Readonly<Record<WhyGlobular, string>> = {
  'told': 'El metal cruza en gotas grandes',
  'co2': 'Con dióxido de carbono y esta corriente el metal cruza en gotas grandes',
  'gas-unknown': 'No se sabe el gas, y con dióxido de carbono el metal cruza en gotas grandes',
  'current-between': 'Con esta corriente el metal puede cruzar en gotas grandes',
  'current-unknown': 'Con una corriente que nadie dijo el metal puede cruzar en gotas grandes',
}
const substanceList = (substances: readonly SubstanceId[]): string => list.format(substances.map(substance => words.substances[substance]))
const PROTECTOR = { one: 'un protector', muffs: 'un par de orejeras', two: 'tapones y orejeras, el mejor' } as const
/** Lo lejos que está alguien, y cuánto aguantan sus ojos. */
const sightOf = (distanceM: number | null, safeS: number | null, arcs: number, q: Quantities): string => [
  distanceM === null ? '' : `, a ${q.distance(distanceM)}`,
  safeS === null ? '' : `: sin protección aguantan ${allowedTime(safeS)} al día`,
  safeS === null || arcs < 2 ? '' : `, con ${arcs} arcos a la vista`,
].join('')
const maskList = (masks: readonly MaskId[]): string => masks.map(mask => words.masks[mask]).join('; ')
const withoutArticle = (text: string): string => text.replace(/^(?:el|la|los|las|su) /, '')

const OTHER = { job: 'otro trabajo', hood: 'otra campana', room: 'otra nave' } as const

/** Every finding of the board and of Air in Spanish. */
export const sentences: Omit<Sentences, CylinderCode | KitItemCode | HotWorkCode | ProtectionCode | StudyCode | RefusalCode> = {
  ...kitSentences,
  ...fireSentences,
  'shade.input-missing': ({ input }) => [`La sombra necesita ${words.shadeInputs[input]}.`, `Indique ${words.shadeInputs[input]}.`],
  'shade.current-beyond-table': ({ currentA, tableEndsA, ruleSet }, q) => [
    `${q.current(currentA)} pasa del final de la tabla (${words.ruleSets[ruleSet]}), que termina en ${q.current(tableEndsA)}.`,
    'Haga evaluar la sombra; más allá de la tabla no se adivina.',
    `Fuera de la tabla con ${q.current(currentA)}.`,
  ],
  'shade.flow-beyond-table': ({ flowLPerH, tableEndsLPerH, ruleSet }, q) => [
    `${q.flow(flowLPerH)} pasa del final de la tabla (${words.ruleSets[ruleSet]}), que termina en ${q.flow(tableEndsLPerH)}.`,
    'Haga evaluar la sombra; más allá de la tabla no se adivina.',
  ],
  'shade.below-table': ({ ruleSet }) => [
    `Por debajo de la primera corriente que imprime la tabla (${words.ruleSets[ruleSet]}): vale su primer renglón.`,
  ],
  'shade.no-row': ({ process, ruleSet }) => [`${words.ruleSets[ruleSet]}: no imprime sombra para ${words.processes[process]}.`],
  'shade.no-minimum-printed': ({ ruleSet }) => [`${words.ruleSets[ruleSet]}: aquí sugiere una sombra y no imprime mínimo.`],
  'shade.row-not-shipped': ({ process }) => [
    `El renglón de ${words.processes[process]} se recuerda con poca certeza para usarlo de regla. Lea su propia edición.`,
  ],
  'shade.no-rule-set-answers': ({ process }) => [`Ninguna regla responde para ${words.processes[process]}.`, 'Haga evaluar la sombra.'],
  'shade.laser-not-a-shade': () => [
    'Un número de sombra no responde por un láser: sus lentes se califican por longitud de onda y densidad óptica.',
    'Deje el haz apagado hasta que se planee la celda láser.',
    'Ninguna sombra responde por un láser.',
  ],
  'shade.clear-glasses-only': () => ['No hace falta sombra: lentes claros certificados y careta transparente.'],
  'shade.buried-arc-flash': () => [
    'El arco va enterrado, pero puede asomar: lentes claros certificados siempre, y un tinte ligero de 2 a 3 donde asome.',
  ],
  'shade.older-edition': () => [
    'De la edición anterior, más oscura; una edición nueva da más o menos una sombra menos. Los límites se recuerdan: revise su edición.',
  ],
  'shade.electrode-decides': ({ electrodeDiameterMm, currentA, shade }, q) => [
    `Una varilla de ${q.length(electrodeDiameterMm)} pertenece a un renglón más oscuro que ${q.current(currentA)}: sombra ${q.shade(shade)} por su tamaño.`,
  ],
  'shade.electrode-only': ({ electrodeDiameterMm }, q) => [
    `No se sabe la corriente: se juzga solo por la varilla de ${q.length(electrodeDiameterMm)}.`,
    'Indique la corriente.',
  ],
  'shade.construction-size-unknown': ({ shade }, q) => [
    `En construcción decide el tamaño del electrodo; no se sabe o no está impreso, así que vale el renglón más oscuro: ${q.shade(shade)}.`,
    'Indique el diámetro del electrodo.',
  ],
  'shade.construction-nearest-row': () => [
    'La tabla de construcción no tiene renglón propio para este proceso; se usa el más cercano.',
  ],
  'shade.visible-arc': () => ['Vale donde el arco se ve con claridad; un arco oculto puede mirarse con uno más claro.'],
  'shade.sodium-light': () => ['Un resplandor amarillo fuerte pide un lente que absorba la línea del sodio.'],
  'shade.house-not-for-process': ({ process }) => [
    `El mínimo de la casa es para arcos abiertos; con ${words.processes[process]} dejaría a ciegas.`,
  ],
  'shade.no-house-minimum': () => ['Este sitio no ha puesto un mínimo de la casa.'],
  'shade.law-silent': ({ ruleSet }) => [
    `La ley que obliga aquí no imprime renglón; vale la más oscura de las otras respuestas: ${words.ruleSets[ruleSet]}.`,
  ],
  'shade.strictest-assumed': ({ ruleSet }) => [
    `No se dieron reglas del sitio: obliga la respuesta más estricta que se conoce, aquí ${words.ruleSets[ruleSet]}.`,
  ],
  'shade.start-darkest': ({ shade, minimum }, q) => [
    `Empiece con ${q.shade(shade)} y aclare paso a paso hasta que apenas se vea el charco, nunca menos de ${q.shade(minimum)}.`,
  ],

  'job.not-set': () => ['Todavía no hay trabajo.', 'Ponga un trabajo.'],
  'job.field-missing': ({ field }) => [`Falta saber: ${words.jobFields[field]}.`, `Indique ${words.jobFields[field]}.`],
  'job.field-assumed': ({ field }) => [
    `${capital(words.jobFields[field])}: supuesto, a lápiz.`,
    `Confirme o corrija ${words.jobFields[field]}.`,
    `${capital(withoutArticle(words.jobFields[field]))}: todavía a lápiz.`,
  ],
  'job.coating-unknown': () => ['No se sabe qué recubrimiento tiene.', 'Busque la hoja de datos, hágalo analizar o quítelo.'],
  'job.coating-unnamed': ({ coating }) => [
    `${capital(words.coatings[coating])}, sin que nadie diga cuál: puede tener plomo, cadmio o cromato.`,
    'Busque su hoja de datos y diga cuál es, o quítelo.',
    `${capital(words.coatings[coating])}: nadie sabe cuál.`,
  ],
  'job.coating-maybe-cadmium': () => [
    'Un baño amarillento puede ser zinc o cadmio; el humo de cadmio mata.',
    'Busque la hoja de datos o hágalo analizar antes de calentar.',
    'El baño puede ser cadmio.',
  ],
  'job.coating-burns-off': ({ coating }) => [
    `${capital(words.coatings[coating])}: se quema y hace humo. Quítelo de la zona, o que decida el paso Aire.`,
  ],
  'job.residue-present': () => [
    'Hay desengrasante o limpiador de frenos en la pieza: el arco lo convierte en fosgeno.',
    'Lave con agua y jabón, seque, y dígalo después.',
    'Hay desengrasante en la pieza.',
  ],
  'job.residue-unknown': () => [
    'Nadie sabe si hay desengrasante o limpiador de frenos en la pieza.',
    'Pregunte, o lave y seque.',
    'Desengrasante: nadie sabe.',
  ],
  'job.container': ({ container }) => [
    container === 'held-something'
      ? 'Un recipiente que contuvo algo cuenta como inflamable.'
      : 'Un recipiente de contenido desconocido cuenta como inflamable.',
    'Primero ábralo, límpielo y pruébelo.',
    'Este recipiente cuenta como inflamable.',
  ],
  'job.not-signed-off': ({ name, process }) => [
    `${name} no está habilitado para ${words.processes[process]}.`,
    'Enséñele el proceso y habilítelo, o ponga a alguien que lo esté.',
  ],
  'job.training-over': ({ name, process, untilOn }) => [
    `Lo que ${name} aprendió de ${words.processes[process]} valía hasta el ${day(untilOn)}.`,
    'Enséñelo de nuevo y anótelo, o ponga a otra persona.',
    `Capacitación vencida: ${words.processes[process]}.`,
  ],
  'job.nobody-signed-off': ({ process }) => [
    `Aquí no hay nadie habilitado para ${words.processes[process]}.`,
    'Ponga a alguien que lo esté.',
  ],
  'job.times-reversed': () => ['El inicio y el término son la misma hora.', 'Indique cuándo termina el trabajo.'],

  'eyes.job-first': () => ['La sombra depende del trabajo.', 'Ponga primero el trabajo.'],
  'eyes.helmet-not-set': ({ minimum, start }, q) => [
    'No se ha indicado la sombra de la careta.',
    start > minimum ? `Empiece con ${q.shade(start)}, nunca menos de ${q.shade(minimum)}.` : `Ponga ${q.shade(minimum)} o más oscura.`,
  ],
  'eyes.helmet-lighter': ({ helmet, minimum, ruleSet }, q) => [
    `Esta careta está en ${q.shade(helmet)}; la más clara permitida es ${q.shade(minimum)} (${words.ruleSets[ruleSet]}).`,
    `Póngala en ${q.shade(minimum)} o más oscura, o tome otra careta.`,
    `Careta en ${q.shade(helmet)}, mínimo ${q.shade(minimum)}.`,
  ],
  'eyes.helmet-below-start': ({ helmet, start }, q) => [
    `La sombra ${q.shade(helmet)} está permitida; conviene empezar con ${q.shade(start)}.`,
  ],
  'eyes.helmet-not-checked': () => [
    'La careta no se ha revisado hoy.',
    'Pruebe que oscurezca; mire el lente y el casco.',
    'Careta sin revisar hoy.',
  ],
  'eyes.helmet-fault': ({ fault }) => [
    fault === 'unnamed' ? 'La careta no pasó su revisión.' : `La careta no pasó su revisión: ${words.helmetFaults[fault]}.`,
    'Tome otra careta y revísela.',
    'La careta no pasó su revisión.',
  ],
  'eyes.glasses-not-checked': () => [
    'Nadie ha visto hoy los lentes claros certificados.',
    'Mire: claros, contra impacto, con protección lateral.',
    'Lentes sin revisar hoy.',
  ],
  'eyes.glasses-wrong': ({ kind }) => [
    kind === 'none'
      ? 'No hay lentes bajo la careta.'
      : 'Lentes entintados: esconden el trabajo con la careta arriba y no cuentan contra un arco.',
    'Use lentes claros contra impacto.',
    kind === 'none' ? 'Sin lentes bajo la careta.' : 'Lentes entintados.',
  ],
  'eyes.helmet-range-unknown': ({ tag }) => [`${tag}: sus sombras no están anotadas.`, 'Léalas en la careta.'],
  'eyes.helmet-range-lighter': ({ tag, darkest, minimum, ruleSet }, q) => [
    `${tag} llega a ${q.shade(darkest)}; la más clara permitida es ${q.shade(minimum)} (${words.ruleSets[ruleSet]}).`,
    'Dele otra careta.',
    `${tag} llega a ${q.shade(darkest)}, mínimo ${q.shade(minimum)}.`,
  ],
  'eyes.prescription': () => [
    'Quien está aquí usa lentes graduados.',
    'Lentes graduados de seguridad con protección lateral, o lentes de seguridad encima de los suyos.',
  ],
  'eyes.sight-open': ({ bay, distanceM, safeS, arcs = 1 }, q) => [
    `Nada protege de este arco los ojos del puesto ${bay}${sightOf(distanceM, safeS, arcs, q)}.`,
    'Cierre una pantalla alrededor, o que todos los que lo ven usen gafas con sombra; después dígalo en Aire.',
    `El puesto ${bay} ve este arco.`,
  ],
  'eyes.sight-unsaid': ({ bay, distanceM, safeS, arcs = 1 }, q) => [
    `Nadie dijo qué protege de este arco los ojos del puesto ${bay}${sightOf(distanceM, safeS, arcs, q)}.`,
    'Cierre la pantalla antes del arco, y diga en Aire cómo está cerrado el puesto.',
    `El puesto ${bay} puede ver este arco.`,
  ],
  'eyes.sight-open-alone': () => [
    'Nada tapa este arco: quien pase lo ve.',
    'Cierre una pantalla alrededor, o aleje a la gente.',
    'Sin pantalla alrededor de este arco.',
  ],
  'eyes.helper-unseen': ({ name }) => [
    `${name} ayuda aquí, y nadie revisó qué lleva sobre los ojos.`,
    'Revíselo y dígalo junto a su nombre.',
    `Revise los ojos de ${name}.`,
  ],
  'eyes.helper-lighter': ({ name, shade, minimum, ruleSet }, q) => [
    `${name} ayuda aquí ${shade === null ? 'sin filtro' : `con sombra ${q.shade(shade)}`} ante los ojos;`
    + ` la más clara permitida es ${q.shade(minimum)} (${words.ruleSets[ruleSet]}).`,
    `Sombra ${q.shade(minimum)} o más oscura, o lejos del arco.`,
    `${name}: sombra demasiado clara.`,
  ],
  'eyes.helper-glasses': ({ name, kind }) => [
    `${name} ayuda aquí ${kind === 'none' ? 'sin lentes' : 'con lentes entintados'}.`,
    'Lentes claros contra impacto, también quien ayuda.',
    `${name}: sin lentes claros.`,
  ],
  'eyes.walls-throw-back': ({ walls }) => [
    `Las paredes de aquí son ${walls === 'shiny' ? 'brillantes' : 'claras'}: la luz del arco vuelve por detrás de la careta, y a los vecinos.`,
    'Cuelgue una pantalla o cortina mate, píntelas mates, y cubra la nuca.',
    'Las paredes devuelven el arco.',
  ],
  'eyes.start-settled': ({ start }, q) => [`Empieza en ${q.shade(start)}, la sombra que encontró para sí.`],
  'eyes.start-darker': ({ start }, q) => [`Empieza una sombra más oscura, en ${q.shade(start)}.`],
  'eyes.helmet-set-unsaid': ({ tag, minimum }, q) => [
    `${tag} se puede poner más clara que ${q.shade(minimum)}, y nadie dijo en cuál está.`,
    'Mire la perilla y diga la sombra.',
    'Falta decir la sombra puesta.',
  ],
  'eyes.which-helmet': ({ tags }) => [
    `Tiene ${tags.join(' y ')}, y nadie dijo cuál lleva puesta.`,
    'Diga cuál, y en qué sombra está; o devuelva la otra.',
    'Falta qué careta lleva.',
  ],
  'eyes.set-helmet-to': ({ tag, shade }, q) => [`Ponga ${tag} en ${q.shade(shade)}.`],
  'eyes.tint-explains': ({ helmet, added, effective }, q) => [
    `La careta en ${q.shade(helmet)} con este tinte parece ${q.shade(effective)} (${q.shade(added)} más), pero el tinte no cuenta.`,
  ],

  'eyes.laser-cell-to-check': () => ['La celda láser no se revisó hoy.', 'Revísela y diga quién está adentro.'],
  'eyes.laser-check-fails': ({ check }) => [`En la celda láser no es así: ${laserWords.checks[check]}.`, 'Corríjalo y revise otra vez.'],
  'eyes.laser-checks-unsaid': ({ checks, count }) => [
    `${plural(count, 'cosa', 'cosas')} de la celda láser sin decir: ${checks.map(check => laserWords.checks[check]).join('; ')}.`,
    'Mire y dígalo.',
    `${plural(count, 'cosa', 'cosas')} de la celda láser por decir.`,
  ],
  'eyes.laser-another': ({ tag, here }) => [
    `La celda se revisó para ${tag}; aquí está ${here.length === 0 ? 'ningún láser' : here.join(', ')}.`,
    'Revísela para el láser que está aquí, y para ningún otro a su lado.',
  ],
  'eyes.laser-beam-other': ({ tag }) => [
    `La celda se revisó con otro haz que el que el inventario dice que tiene ${tag}.`,
    'Corrija el inventario, o revísela otra vez con ese haz.',
    `Otro haz que el de ${tag}.`,
  ],
  'eyes.laser-off-plan': () => [
    'El plano de esta nave no muestra dónde está el láser.',
    'Dibuje la nave alrededor de este puesto, o ponga el puesto en ella.',
  ],
  'eyes.laser-aim-untold': () => [
    'Nadie dijo hacia dónde apunta el láser, y no todo rumbo termina en una pared o una barrera.',
    'Diga hacia dónde apunta y cómo está la pieza.',
    'Nadie dijo hacia dónde apunta el láser.',
  ],
  'eyes.laser-way-out': ({ count, nearestM }, q) => [
    count === 1
      ? `Lo que la pieza refleja puede llegar a una puerta, a ${q.distance(nearestM)}.`
      : `Lo que la pieza refleja puede llegar a ${count} puertas, la más cercana a ${q.distance(nearestM)}.`,
    'Gire la pieza, o ponga delante una barrera láser y dibújela en el plano.',
    `Lo reflejado puede llegar a ${count === 1 ? 'una puerta' : `${count} puertas`}.`,
  ],
  'eyes.laser-bays-unplaced': ({ bays, count }) => [
    count === 1
      ? `Nadie dijo dónde está el puesto ${list.format(bays)}: el láser puede alcanzar a quien trabaja ahí.`
      : `Nadie dijo dónde están los puestos ${list.format(bays)}: el láser puede alcanzar a quien trabaja ahí.`,
    'Diga dónde está cada puesto de la nave.',
    `${count === 1 ? 'Puesto' : 'Puestos'} ${list.format(bays)} sin ubicar en la nave.`,
  ],
  'eyes.laser-bays-in-reach': ({ bays, count }) => [
    count === 1
      ? `El puesto ${list.format(bays)} está donde lo que la pieza refleja daña un ojo.`
      : `Los puestos ${list.format(bays)} están donde lo que la pieza refleja daña un ojo.`,
    'Gire la pieza, o ponga en medio una pared o una barrera láser y dibújela en el plano.',
    `${count === 1 ? 'Puesto' : 'Puestos'} ${list.format(bays)} al alcance del láser.`,
  ],
  'eyes.laser-filter-away': ({ who, what, tag }) => [
    `${capital(laserWords.people[who])}: ${tag} no es de este puesto, ni de quien trabaja aquí (${laserWords.filters[what]}).`,
    'Asígnelo a este puesto, o diga otro.',
    `${tag} no está en este puesto.`,
  ],
  'eyes.laser-filter-since': ({ tag }) =>
    [`${tag} llegó a este puesto después de revisar la celda.`, 'Mire, y diga otra vez quién lo lleva.'],
  'eyes.laser-filter-twice': ({ tag }) => [`Se dijo que dos llevan ${tag} a la vez.`, 'Diga cuál de los dos, y qué lleva el otro.'],
  'eyes.laser-filter-unmarked': ({ who, what, tag, requiredOd, wavelengthNm }) => [
    `${capital(laserWords.people[who])}: nadie anotó para qué está marcado ${tag} (${laserWords.filters[what]}).`,
    `Hace falta densidad ${Math.ceil(requiredOd * 10) / 10} a ${wavelengthNm} nm: anote sus marcas, o tome otro.`,
    `Marcas de ${tag} sin anotar.`,
  ],
  'eyes.laser-nobody-told': () => ['Nadie dijo quién está en la celda láser.', 'Diga todos los que están, con lentes y careta.'],
  'eyes.laser-helpers-untold': ({ count }) => [
    `${count === 1 ? 'Alguien ayuda' : `${count} ayudan`} aquí sin estar dicho en la celda láser.`,
    'Diga qué lleva cada quien.',
    'Quien ayuda no está dicho en la celda.',
  ],
  'eyes.laser-operator-untold': () => ['Nadie dijo qué lleva quien opera el láser.', 'Diga sus lentes y su careta.'],
  'eyes.laser-without': ({ who, what, requiredOd, wavelengthNm }) => [
    `${capital(laserWords.people[who])}: sin ${laserWords.filters[what]}.`,
    `Hace falta densidad ${Math.ceil(requiredOd * 10) / 10} a ${wavelengthNm} nm, o salir de la celda.`,
  ],
  'eyes.laser-filter': ({ who, what, fault, requiredOd, wavelengthNm, od }) => [
    `${capital(laserWords.people[who])}: ${laserWords.filters[what]} (densidad ${od}): ${laserWords.faults[fault]}.`,
    `Hace falta densidad ${Math.ceil(requiredOd * 10) / 10} a ${wavelengthNm} nm, marcada para este haz.`,
  ],
  'eyes.laser-within': ({ eyeM, skinM }, q) => [
    `Recto, el haz daña un ojo a menos de ${q.distance(Math.ceil(eyeM))} y la piel a menos de ${q.distance(Math.ceil(skinM))}: lo terminan las barreras, no la distancia.`,
  ],
  'body.job-first': () => ['La ropa depende del trabajo.', 'Ponga primero el trabajo.'],
  'body.zones-to-check': ({ zones, count }) => [
    `${plural(count, 'zona', 'zonas')} por revisar: ${zoneList(zones)}.`,
    'Recorra la lista en la puerta.',
    `${plural(count, 'zona', 'zonas')} por revisar.`,
  ],
  'body.noise-of-day': ({ twaDbA, targetDbA, nrrDb, worn }) => [
    `El ruido del día suma ${Math.ceil(twaDbA)} dBA: ${PROTECTOR[worn]} con NRR ${nrrDb} o más deja ${targetDbA} dBA.`,
  ],
  'body.too-loud': ({ twaDbA, targetDbA }) => [
    `El ruido del día suma ${Math.ceil(twaDbA)} dBA: ni las mejores orejeras sobre los mejores tapones dejan ${targetDbA} dBA.`,
    'Acorte el trabajo ruidoso: menos minutos por hora, o menos horas.',
    `Un día demasiado ruidoso: ${Math.ceil(twaDbA)} dBA.`,
  ],
  'body.heat-not-told': () => [
    'Nadie dijo hoy cuánto calor hace aquí.',
    'Dígalo en la página que abre el taller: aire, humedad y sol, o el índice que se midió.',
    'Nadie dijo cuánto calor hace.',
  ],
  'body.heat-old': ({ hours }) => [
    `Aquí hacía calor, y eso se dijo hace más de ${hours} horas.`,
    'Diga otra vez cuánto calor hace: la mañana dice poco de la tarde.',
    'Se dijo hace mucho cuánto calor hace.',
  ],
  'body.heat-rest': ({ effectiveC, limitC, workMin }, q) => [
    `Hace calor aquí: ${q.heatIndex(effectiveC, 'up')} contando el cuero; sin pausa el límite es ${q.heatIndex(limitC, 'down')}.`,
    `Trabaje ${workMin} min de cada hora y descanse los demás, sin la chaqueta; beba antes de tener sed.`,
    `Trabaje ${workMin} min de cada hora.`,
  ],
  'body.too-hot': ({ effectiveC, limitC }, q) => [
    `Demasiado calor para trabajar aquí con cuero: ${q.heatIndex(effectiveC, 'up')} con él; el límite es ${q.heatIndex(limitC, 'down')}.`,
    'Enfríe el lugar o vuelva cuando haga menos calor, y dígalo otra vez.',
    'Demasiado calor para trabajar aquí.',
  ],
  'body.requirement-changed': ({ zones, count }) => [
    `El trabajo cambió lo que ${plural(count, 'zona necesita', 'zonas necesitan')}: ${zoneList(zones)}.`,
    'Revise otra vez.',
    `${plural(count, 'zona', 'zonas')} por revisar otra vez.`,
  ],
  'body.garment-fails': ({ zone, requirement }) => [
    `${capital(words.zones[zone])}: lo que lleva puesto no pasa.`,
    `Hace falta: ${words.requirements[requirement].toLowerCase()}.`,
    `${capital(words.zones[zone])}: la ropa no pasa.`,
  ],
  'body.with-caution': ({ zones }) => [`Pasa con cuidado: ${zones.map(zone => words.zones[zone]).join(', ')}.`],
  'body.zone-fails': ({ zone, requirement }) => [`${capital(words.zones[zone])}: no pasó.`, `${words.requirements[requirement]}.`],

  'fume.input-missing': ({ input }) => [
    `Para el humo falta saber: ${words.fumeInputs[input]}.`,
    `Indique ${words.fumeInputs[input]}.`,
    `Al aire le falta: ${words.fumeInputs[input]}.`,
  ],
  'fume.no-factor': ({ process, consumable }) => [
    `No hay factor de humo publicado para ${words.processes[process]}${consumable ? ` con ${words.consumables[consumable]}` : ''}.`,
    'Meta la hoja de datos de humo del fabricante, haga tomar muestras, o use equipo autónomo o línea de aire con escape.',
    'No se conoce factor de humo.',
  ],
  'fume.coating-not-modelled': ({ coating }) => [
    `No se puede decir qué se quema aquí (${words.coatings[coating]}).`,
    'Quítelo de la zona, o haga tomar muestras.',
    `${capital(words.coatings[coating])}: no se sabe qué se quema.`,
  ],
  'fume.coating-burns': ({ coating, substance, stripMm }, q) => [
    `${capital(words.coatings[coating])}: junto a la unión se quema ${words.substances[substance]}.`,
    `Quite ${q.strip(stripMm)} a cada lado, por ambas caras.`,
  ],
  'fume.diameter-unknown': () => [
    'No se sabe el diámetro: se cuentan los alambres usuales, y vale el extremo alto.',
    'Indique el diámetro.',
  ],
  'fume.tip-unknown': () => [
    'No se sabe qué boquilla arde al final de las mangueras: cuentan los óxidos de nitrógeno de un cabezal de calentar.',
    'Indique la boquilla.',
    'No se sabe la boquilla: cuenta un cabezal de calentar.',
  ],
  'fume.globular-counts': ({ why }) => [
    `${GLOBULAR[why]}: cuenta el humo de gotas grandes, cerca del doble que en rociado.`,
    why === 'told' || why === 'co2'
      ? 'Argón con poco dióxido de carbono, en rociado o pulsado, hace menos.'
      : why === 'gas-unknown' ? 'Indique el gas de protección.' : 'Diga cómo cruza el metal el arco, si alguien lo observó.',
  ],
  'fume.no-spray-on-co2': () => [
    'Con puro dióxido de carbono no hay rociado ni pulsado: cuentan gotas grandes.',
    'Revise el gas y la máquina.',
  ],
  'fume.hydrogen-under-plate': ({ baseMetal }) => [
    `Cortar ${words.baseMetals[baseMetal]} sobre agua hace hidrógeno: se junta bajo la placa y revienta.`,
    'Mueva el agua con aire, saque el lodo y levante la placa antes del primer corte; o corte en seco.',
    `${capital(words.baseMetals[baseMetal])} sobre agua hace hidrógeno.`,
  ],
  'fume.gases-unknown': ({ process, substances }) => [
    `${words.processes[process]}: ninguna tabla dice cuánto produce de ${substanceList(substances)}.`,
    'Haga tomar muestras, o use equipo autónomo o línea de aire con escape: un filtro de polvo no retiene gases.',
    'No se conocen sus gases.',
  ],
  'fume.base-metal-boils': ({ baseMetal, substances }) => [
    `${capital(words.baseMetals[baseMetal])}: al fundirse hierve y pone en el aire ${substanceList(substances)}; ninguna tabla dice cuánto.`,
    'Haga tomar muestras, o use equipo autónomo o línea de aire con escape.',
    `${capital(words.baseMetals[baseMetal])}: hierve al fundirse.`,
  ],
  'fume.measure-these': ({ substances }) => [
    `Hay que medir aquí: ${substanceList(substances)}.`,
    'Seis o más turnos completos, tomados en el cuello.',
  ],
  'fume.sheet-without-process': ({ title }) => [
    `La hoja "${title}" no dice con qué proceso se midió: no se usa.`,
    'Métala otra vez con su proceso, en Aire.',
  ],
  'fume.maybe-cadmium': () => [
    'La soldadura de plata puede tener hasta una cuarta parte de cadmio; su humo mata.',
    'Use una aleación cuya hoja de datos diga que no tiene, y meta esa hoja.',
    'La soldadura de plata puede tener cadmio.',
  ],
  'fume.factors-in-pencil': () => [
    'Se apoya en factores de humo publicados, a lápiz; varían cerca de la mitad hacia cada lado, y se usa el extremo alto.',
  ],
  'fume.from-data-sheet': ({ consumable, title }) => [
    `Se usa la hoja de datos del propio taller para ${words.consumables[consumable]}: ${title}.`,
  ],
  'fume.gases-in-pencil': ({ substances }) => [
    `${capital(substanceList(substances))}: solo órdenes de magnitud, a lápiz, en el extremo alto.`,
  ],
  'fume.not-measured': ({ substances }) => [
    `Nadie midió ${substanceList(substances)} en este humo, y puede haber bastante para que importe.`,
    'Meta la hoja del fabricante que diga cuánto, o haga tomar muestras.',
    `Sin medir: ${substanceList(substances)}.`,
  ],
  'fume.stripping-dust': ({ coating }) => [
    `Esmerilar metal ${words.coatings[coating]} hace su propio polvo: extracción y al menos una mascarilla P2 o N95 al quitarlo, y nunca ácido.`,
  ],

  'capture.size-unknown': ({ kind }) => [`No se sabe el tamaño de: ${words.hoodKinds[kind]}.`, 'Mida su boca.'],
  'capture.gun': ({ flowM3PerS }, q) => [`La extracción de la pistola jala ${q.airFlow(flowM3PerS)}.`],
  'capture.gun-weak': ({ flowM3PerS, neededM3PerS }, q) => [
    `La extracción de la pistola jala ${q.airFlow(flowM3PerS)}; necesita ${q.airFlow(neededM3PerS)}.`,
    'Límpiela o repárela.',
  ],
  'capture.too-far': ({ distanceM, farthestM, velocityMPerS, neededMPerS }, q) => [
    `A ${q.reach(distanceM)} la campana jala ${q.speed(velocityMPerS)}; junto al arco necesita ${q.speed(neededMPerS)}.`,
    farthestM > 0 ? `Acérquela a ${q.reach(farthestM)} o menos.` : 'Jala muy poco a cualquier distancia.',
    `Campana muy lejos: ${q.reach(distanceM)}, alcanza ${q.reach(farthestM)}.`,
  ],
  'capture.plume-missed': ({ distanceM, farthestM, crossDraughtMPerS }, q) => [
    `Sobre el arco, a ${q.reach(distanceM)}, el humo se sale de la boca con una corriente de ${q.speed(crossDraughtMPerS)}.`,
    farthestM > 0 ? `Bájela a ${q.reach(farthestM)} o menos, o corte la corriente.` : 'Póngala junto al arco, o corte la corriente.',
    `El humo no entra a la campana a ${q.reach(distanceM)}.`,
  ],
  'capture.too-near': ({ distanceM, nearestM, velocityMPerS, limitMPerS }, q) => [
    `A ${q.reach(distanceM)} jala ${q.speed(velocityMPerS)} sobre el arco; el gas de protección aguanta ${q.speed(limitMPerS)}.`,
    `Aléjela a ${q.reach(nearestM)}.`,
  ],
  'capture.no-window': ({ nearestM, farthestM }, q) => [
    `Ninguna distancia sirve: a menos de ${q.reach(nearestM)} se lleva el gas de protección, a más de ${q.reach(farthestM)} se le va el humo.`,
    'Hace falta otra boca u otro flujo.',
    'Ninguna distancia le sirve a esta campana.',
  ],
  'capture.gas-may-suffer': ({ velocityMPerS, cautionMPerS }, q) => [
    `${q.speed(velocityMPerS)} en el arco: desde ${q.speed(cautionMPerS)} cuide los poros.`,
  ],
  'capture.draws': ({ velocityMPerS, neededMPerS }, q) => [
    `Jala ${q.speed(velocityMPerS)} en el arco; hacen falta ${q.speed(neededMPerS)}.`,
  ],
  'capture.receives': ({ distanceM, farthestM }, q) => [
    `Sobre el arco, a ${q.reach(distanceM)}, recibe el humo que sube; sirve hasta ${q.reach(farthestM)}.`,
  ],
  'capture.face-slow': ({ velocityMPerS, neededMPerS }, q) => [
    `La cabina jala ${q.speed(velocityMPerS)} en su cara; necesita ${q.speed(neededMPerS)}.`,
    'Limpie sus filtros o ciérrela más.',
  ],
  'capture.plume-assumed': () => ['No se sabe la corriente: se juzga con una columna débil, que es más difícil de atrapar.'],
  'capture.jet-passes': ({ process }) => [
    `${words.processes[process]}: lanza su humo más allá de esta campana, que no cuenta para nada.`,
    'Ponga el trabajo dentro de una cabina, o sobre una mesa de tiro hacia abajo.',
    'El chorro pasa de largo la campana.',
  ],
  'capture.head-outside': () => ['Sobre el arco solo sirve con aire quieto y la cabeza fuera de la columna de humo.'],
  'ventilation.small-room': ({ volumePerWelderM3, limitM3 }, q) => [
    `${q.volume(volumePerWelderM3)} de nave por soldador; con menos de ${q.volume(limitM3)} hay que mover el aire con ventiladores.`,
    'Use una campana, o mueva más aire.',
    'Muy poca nave por soldador.',
  ],
  'ventilation.low-ceiling': ({ ceilingM, limitM }, q) => [
    `El techo está a ${q.height(ceilingM)}; con menos de ${q.height(limitM)} hay que mover el aire con ventiladores.`,
    'Use una campana, o mueva más aire.',
    'Techo muy bajo sin campana.',
  ],
  'ventilation.flow-per-welder': ({ flowM3PerS, neededM3PerS }, q) => [
    `${q.airFlow(flowM3PerS)} por soldador; la regla pide ${q.airFlow(neededM3PerS)} o una campana.`,
    'Use una campana, o mueva más aire.',
  ],
  'ventilation.met-by-hood': ({ velocityMPerS, neededMPerS }, q) => [
    `La campana aspira ${q.speed(velocityMPerS)} en el arco; la regla pide ${q.speed(neededMPerS)}, y entonces nada de la nave.`,
  ],
  'ventilation.met-by-flow': ({ flowM3PerS, neededM3PerS }, q) => [
    `${q.airFlow(flowM3PerS)} por soldador; la regla pide ${q.airFlow(neededM3PerS)}.`,
  ],
  'ventilation.met-by-room': ({ volumePerWelderM3, ceilingM }, q) => [
    `${q.volume(volumePerWelderM3)} de nave por soldador bajo un techo de ${q.height(ceilingM)}: la regla no pide ventilador.`,
  ],
  'ventilation.coating-needs-hood': ({ coating }) => [
    `Bajo techo, el metal ${words.coatings[coating]} necesita extracción local.`,
    'Quite el recubrimiento, o use una campana.',
    `${capital(words.coatings[coating])}: la ley pide campana.`,
  ],
  'ventilation.metal-needs-hood': ({ substance }) => [
    `Este metal o aporte trae ${words.substances[substance]}: la ley pide una campana que jale en el arco.`,
    'Ponga una campana donde jale ahí.',
    `${capital(words.substances[substance])}: se pide una campana que jale.`,
  ],
  'ventilation.stainless-cutting': ({ flowM3PerS, neededM3PerS }, q) => [
    `Cortar inoxidable pide aire movido por máquina: aquí ${q.airFlow(flowM3PerS)} por soldador, se piden ${q.airFlow(neededM3PerS)}.`,
    'Meta más aire, o use una campana que jale en el corte.',
  ],
  'ventilation.hood-does-not-count': ({ velocityMPerS, neededMPerS }, q) => [
    `La campana jala ${q.speed(velocityMPerS)} en el arco; para la ley cuenta desde ${q.speed(neededMPerS)}.`,
  ],
  'ventilation.confined': () => [
    'Espacio confinado: ventilación que lo mantenga seguro, o aire suministrado, y alguien afuera.',
    'Planéelo como trabajo en espacio confinado; este puesto no queda libre para eso aquí.',
    'Espacio confinado: aire suministrado.',
  ],
  'ventilation.indoors-needs-hood': () => [
    'Soldar bajo techo necesita aquí extracción local; la ventilación general sola no basta.',
    'Use una campana.',
    'Bajo techo hace falta campana.',
  ],
  'ventilation.hood-flow-by-table': ({ distanceM, flowM3PerS, neededM3PerS }, q) => [
    `La tabla legal pide ${q.airFlow(neededM3PerS)} a una campana móvil a ${q.reach(distanceM)}; esta jala ${q.airFlow(flowM3PerS)}.`,
  ],
  'exposure.over': ({ substance, ruleSet, kind, mgPerM3, limitMgPerM3, fraction }, q) => [
    `${capital(words.substances[substance])}: hasta ${q.concentration(mgPerM3)} ${words.limitKinds[kind]}, ${q.part(fraction)} ${fraction >= 2 ? 'el' : 'del'} límite de ${q.limit(limitMgPerM3)} (${words.exposureRuleSets[ruleSet]}).`,
    'Vea en Aire qué ayudaría.',
    `${capital(words.substances[substance])}: ${q.part(fraction)} ${fraction >= 2 ? 'el' : 'del'} límite.`,
  ],
  'exposure.under': ({ substance, ruleSet, fraction, actionFraction }, q) => [
    `Cuando mucho ${q.part(fraction)} de un límite (${words.substances[substance]}, ${words.exposureRuleSets[ruleSet]}); este sitio actúa desde ${q.percent(actionFraction)}.`,
  ],
  'exposure.mixture-over': ({ group, ruleSet, fraction, span }, q) => [
    `${capital(words.mixtureGroups[group])} suma ${q.part(fraction)} de lo permitido${span ? ' por poco tiempo' : ''} `
    + `(${words.exposureRuleSets[ruleSet]}).`,
    'Vea en Aire qué ayudaría.',
    `${capital(words.mixtureGroups[group])}: ${q.part(fraction)} en conjunto.`,
  ],
  'exposure.no-limit-for-fume': ({ ruleSets }) => [
    `${list.format(ruleSets.map(ruleSet => words.exposureRuleSets[ruleSet]))}: no hay límite para humo total${ruleSets.includes('us-legal') ? ' y el techo del manganeso es viejo' : ''}: estar por debajo no es estar a salvo.`,
  ],
  'exposure.carcinogen': () => ['El humo de soldadura causa cáncer de pulmón: lo menos posible, diga lo que diga el límite.'],
  'exposure.long-shift': ({ shiftHours, weekHours, factor }) => [
    `Un día de ${Number(shiftHours.toFixed(1))} h, ${Number(weekHours.toFixed(1))} h por semana: `
    + `los límites de la jornada cuentan ${factor.toFixed(2)} veces más.`,
  ],
  'exposure.limit-borrowed': ({ substance, ruleSet }) => [
    `Ninguna regla vigente limita ${words.substances[substance]}: se usa el límite más estricto conocido (${words.exposureRuleSets[ruleSet]}).`,
  ],
  'exposure.no-limit-known': ({ substance }) => [
    `No se conoce aquí ningún límite para ${words.substances[substance]}.`,
    'Pregunte a un higienista antes de que alguien lo respire.',
  ],
  'respirator.needed': ({ apf, masks }, q) => [
    `Hace falta un factor de protección de ${q.factor(apf)}. Basta con: ${maskList(masks)}.`,
  ],
  'respirator.none-enough': ({ apf }, q) => [
    `Hace falta un factor de protección de ${q.factor(apf)}; ninguna mascarilla lo da.`,
    'Cambie el trabajo o la extracción.',
  ],
  'respirator.gas-not-filtered': ({ substances }) => [
    `Ningún filtro de polvo detiene ${substanceList(substances)}: aire suministrado, o que haya menos.`,
  ],
  'respirator.dust-mask': () => ['Un cubrebocas para polvo no es un respirador.', 'Use uno que sí lo sea.'],
  'respirator.not-enough': ({ mask, apf, neededApf }, q) => [
    `${capital(words.masks[mask])}: protege ${q.factor(apf)} veces; hacen falta ${q.factor(neededApf)}.`,
    'Use uno que proteja más.',
  ],
  'respirator.enough': ({ mask, apf, neededApf }, q) => [
    `Solo con esto puesto: ${words.masks[mask]}. Protege ${q.factor(apf)} veces, hacen falta ${q.factor(neededApf)}.`,
  ],
  'respirator.off-too-long': ({ mask, apf, wornPercent, fraction }, q) => [
    `${capital(words.masks[mask])}: protege ${q.factor(apf)} veces mientras está puesto. `
    + `Puesto el ${wornPercent} % del trabajo y quitado entre trabajos, se respira ${q.part(fraction)} de lo permitido.`,
    'Baje el humo, haga los descansos fuera de la nave, o llévelo más tiempo y cambie la regla de la casa.',
    `Respirador quitado demasiado: se respira ${q.part(fraction)}.`,
  ],
  'respirator.wearer-unknown': () => [
    'No hay respirador anotado para quien trabaja aquí.',
    'El responsable de seguridad anota respirador, prueba de ajuste y aptitud médica.',
  ],
  'respirator.wearer-not-ready': () => [
    'Falta la prueba de ajuste o la aptitud médica, o ya venció.',
    'El responsable de seguridad ve cuál.',
  ],
  'respirator.not-shaven': () => ['Sin rasurar: el respirador no sella.', 'Rasúrese, o use uno que no tenga que sellar.'],
  'respirator.shave-not-checked': () => ['Nadie ha visto hoy si la cara está rasurada.', 'Revise en la puerta.'],
  'respirator.oxygen-lack': () => ['Falta oxígeno: solo aire suministrado.', 'Quédese fuera.'],

  'respirator.immediate-danger': ({ substances }) => [
    `${capital(substanceList(substances))}: puede llegar a peligro inmediato; solo equipo autónomo, o línea de aire con escape.`,
  ],
  'respirator.high-efficiency': ({ substances }) => [
    `Contra ${substanceList(substances)} la ley pide un filtro de la clase más alta.`,
  ],
  'respirator.highest-for-unknown': ({ mask }) => [
    `Nadie publica este humo, y cuenta como peligro inmediato: se usa ${words.masks[mask]}.`,
    'Haga tomar muestras, para que baste con menos.',
    `Humo desconocido: se usa ${words.masks[mask]}.`,
  ],
  'respirator.not-in-register': ({ mask }) => [
    `Hay una prueba anotada para ${words.masks[mask]}, pero en el inventario no tiene ninguno que se pueda usar.`,
    'Asigne el respirador por su etiqueta y revíselo antes de usarlo.',
  ],
  'monitor.over': ({ name, quantity, bound, value, limit, unit }) => [
    `${capital(words.monitorQuantities[quantity])} ${value} ${unit}, leído por ${name}: pasa de ${words.monitorBounds[bound]}, ${limit} ${unit}.`,
    'Pare, salga de ese aire y averigüe por qué.',
    `${capital(words.monitorQuantities[quantity])} ${value} ${unit}, límite ${limit}.`,
  ],
  'monitor.heading-over': ({ name, quantity, bound, value, limit, unit, minutes }, q) => [
    `${capital(words.monitorQuantities[quantity])} ${value} ${unit} de media en los ${q.minutes(minutes)} que se oyó a ${name}: así pasa de ${words.monitorBounds[bound]}, ${limit} ${unit}.`,
    'Espere a que se haya oído un cuarto de hora, con aire que corra.',
    `${capital(words.monitorQuantities[quantity])}: va a pasar de ${limit} ${unit}.`,
  ],
  'monitor.silent': ({ name, sinceIso }) => [
    `No se oye a ${name} desde las ${time(sinceIso)}: nadie sabe cómo está el aire.`,
    'Vea que tenga corriente y red, o haga que se retire.',
    `${name} callado desde las ${time(sinceIso)}.`,
  ],
  'monitor.never-heard': ({ name }) => [
    `${name} está aquí y nunca se le oyó.`,
    'Enciéndalo y vea que envíe, o haga que se retire.',
    `${name}: nunca se le oyó.`,
  ],
  'monitor.below-zero': ({ name }) => [
    `${name} marca bajo cero: su cero se corrió, y marca de menos.`,
    'Póngale el cero en aire limpio.',
    `${name} marca bajo cero.`,
  ],
  'monitor.flammable': ({ name, percent, limitPercent }) => [
    `${name} marca ${percent} % de lo que puede arder; la casa permite ${limitPercent} %.`,
    'Busque de dónde viene y deje pasar aire.',
    `Gas inflamable ${percent} %.`,
  ],
  'monitor.flammable-unproven': ({ name }) => [
    `${name} dice la verdad solo donde hay oxígeno bastante, y aquí ningún monitor de oxígeno lo dice.`,
    'Ponga a su lado un monitor de oxígeno, o haga que se retire.',
    `${name} necesita una lectura de oxígeno.`,
  ],
  'monitor.flow-low': ({ name, flowM3PerS, neededM3PerS }, q) => [
    `${name} marca ${q.airFlow(flowM3PerS)}; con la campana se cuenta por ${q.airFlow(neededM3PerS)}.`,
    'Busque una compuerta, un filtro lleno o un hoyo en la manguera.',
    `La campana extrae ${q.airFlow(flowM3PerS)} de ${q.airFlow(neededM3PerS)}.`,
  ],
  'samples.too-few': ({ n, needed }) => [
    `${plural(n, 'resultado es', 'resultados son')} muy pocos; al menos ${needed}.`,
    'Tome más muestras.',
  ],
  'samples.more-needed': ({ n, needed }) => [
    `${plural(n, 'resultado lo deja', 'resultados lo dejan')} abierto; con ${needed} o más se puede decidir.`,
    'Tome más muestras.',
  ],
  'samples.mostly-below': ({ belowLoq, n }) => [
    `${belowLoq} de ${n} quedan bajo el límite de cuantificación: demasiados para la estadística, así que cada uno cuenta como ese límite.`,
  ],
  'samples.not-lognormal': ({ n, w, p }) => [
    `Los ${n} resultados no se reparten como suelen (W ${w.toFixed(3)}, p ${p < 0.001 ? 'menor que 0.001' : p.toFixed(3)}): no se puede confiar en la prueba.`,
    'Busque si se mezclaron dos clases de trabajo, o haga tomar más muestras.',
    'Los resultados no concuerdan.',
  ],
  'samples.turns-on-substitution': ({ passes, fails, belowLoq, n }) => [
    `El veredicto depende de cómo se cuentan los ${belowLoq} de ${n} resultados bajo el límite de cuantificación: pasa con ${list.format(passes.map(method => words.substitutions[method]))}, no pasa con ${list.format(fails.map(method => words.substitutions[method]))}.`,
    'Tome más muestras, o pida un análisis más fino.',
    'El veredicto depende de la sustitución.',
  ],
  'samples.day-to-come': ({ takenOn }) => [
    `${day(takenOn)} todavía no llega: ese día no se muestreó nada.`,
    'Indique el día de la última muestra.',
  ],
  'samples.compliant': ({ substance, n, takenOn }) => [`Medido: ${words.substances[substance]} pasa (${n} resultados, ${day(takenOn)}).`],
  'samples.non-compliant': ({ substance, n, takenOn }) => [
    `Medido: ${words.substances[substance]} no pasa (${n} resultados, ${day(takenOn)}).`,
    'Cambie el trabajo o la extracción, y mida otra vez.',
    `Medido: ${words.substances[substance]} no pasa.`,
  ],
  'samples.no-decision': ({ substance, n, takenOn }) => [
    `Medido: sin decisión sobre ${words.substances[substance]} (${n} resultados, ${day(takenOn)}).`,
    'Tome más muestras.',
    `Muestras de ${words.substances[substance]}: sin decisión.`,
  ],
  'samples.aged-out': ({ substance, takenOn, months }) => [
    `Las muestras de ${words.substances[substance]} del ${day(takenOn)} tienen más de ${plural(months, 'mes', 'meses')}: vuelve a hablar el modelo.`,
  ],
  'samples.other-work': ({ substance, takenOn, changed }) => [
    `Las muestras de ${words.substances[substance]} del ${day(takenOn)} se tomaron con ${OTHER[changed]}: no hablan por esto.`,
  ],
  'samples.job-first': () => [
    'Las muestras hablan de un trabajo en una nave descrita; aquí no hay ninguno.',
    'Ponga primero el trabajo y describa la nave.',
  ],

  'air.job-first': () => ['El aire depende del trabajo.', 'Ponga primero el trabajo.'],
  'air.hall-unknown': () => ['La nave no está descrita.', 'El responsable de seguridad la describe en Aire.', 'Nave sin describir.'],
  'air.hood-unknown': () => [
    'Nadie ha dicho qué extracción tiene este puesto.',
    'El responsable de seguridad lo dice en Aire, también si no tiene.',
    'Extracción sin describir.',
  ],
  'air.position-unknown': () => [
    'Nadie ha indicado dónde está la campana.',
    'Mida de su boca al arco.',
    'Falta la posición de la campana.',
  ],
  'air.times-unknown': () => ['No se sabe cuándo empieza y termina el trabajo.', 'Indique ambas horas.', 'Al aire le faltan las horas.'],
  'air.arc-time-unknown': () => [
    'No se sabe cuántos minutos de arco hay en una hora.',
    'Indique los minutos de arco.',
    'Al aire le faltan los minutos de arco.',
  ],
  'air.flow-not-measured': () => [
    'El flujo de la campana es dato del fabricante: nadie lo midió aquí.',
    'Mídalo: succión de la campana, recorrido o cara.',
  ],
  'air.starved': ({ drawsM3PerS, foundM3PerS, openCount, idleCount }, q) => [
    `Con ${plural(openCount, 'compuerta abierta', 'compuertas abiertas')} en sus ductos, la campana jala `
    + `${q.airFlow(drawsM3PerS)} y no los ${q.airFlow(foundM3PerS)} que se midieron.`,
    idleCount > 0
      ? `Cierre ${plural(idleCount, 'compuerta', 'compuertas')} donde nadie trabaja y dígalo en la página de la nave.`
      : 'Suelde en menos puestos de estos ductos a la vez.',
    'Otros le quitan el aire a su campana.',
  ],
  'air.ducts-unknown': ({ openCount, idleCount }) => [
    `No se sabe cuánto jala la campana: la curva del ventilador no dice qué hace con ${plural(openCount, 'compuerta abierta', 'compuertas abiertas')}.`,
    idleCount > 0
      ? `Cierre ${plural(idleCount, 'compuerta', 'compuertas')} donde nadie trabaja y dígalo en la página de la nave.`
      : 'Dé la curva entera del ventilador y revise los ductos como están descritos.',
    'No se sabe cuánto jalan los ductos.',
  ],
  'air.extraction-not-checked': () => [
    'La extracción no se ha revisado hoy.',
    'Mire: encendida, compuerta abierta, en su lugar, jala humo.',
    'Extracción sin revisar hoy.',
  ],
  'air.extraction-fault': ({ fault }) => [
    `La extracción no pasó su revisión: ${words.extractionFaults[fault]}.`,
    'Corríjalo y revise otra vez.',
    `Extracción: ${words.extractionFaults[fault]}.`,
  ],
  'air.no-limit': () => [
    'Ningún límite que obligue aquí conoce nada de este humo.',
    'Elija una base más estricta en Reglas de la casa.',
  ],
  'air.engine-under-roof': ({ monoxideMgPerMin, dangerInMin }, q) => [
    [
      'Un motor alimenta este puesto bajo techo',
      monoxideMgPerMin === null ? '' : `: hace hasta ${q.rate(monoxideMgPerMin)} de monóxido de carbono`,
      dangerInMin === null ? '.' : `; si entra en esta nave, mata en ${q.minutes(Math.floor(dangerInMin))}.`,
    ].join(''),
    'Va al aire libre, con el escape a 6 m o más de toda puerta y toma de aire.',
    'El escape del motor no debe entrar en la nave.',
  ],
  'air.day-of-person': ({ count }) => [
    `Cuenta el día entero de quien está aquí, con ${plural(count, 'otro puesto', 'otros puestos')} donde trabaja.`,
  ],
  'air.helper-over': ({ name, fraction, substance }, q) => [
    [
      `${name}, que ayuda aquí, respira hoy ${q.part(fraction)} de `,
      substance === null ? 'los límites de lo que actúa igual.' : `un límite (${words.substances[substance]}).`,
    ].join(''),
    'Aléjelo del arco, dele una mascarilla que baste o baje el humo.',
    `${name} ayuda aquí y respira demasiado.`,
  ],
  'air.helper-unknown': ({ name }) => [
    `No se puede decir qué respira hoy ${name}, que ayuda aquí.`,
    'Ponga lo que falta aquí y donde más trabaje, o que no ayude.',
    `No se sabe qué respira aquí ${name}.`,
  ],
  'air.helper-under': ({ name, fraction, mask }, q) => [
    [
      `${name}, que ayuda aquí, respira hoy `,
      fraction === null ? 'lo que nadie puede decir' : `cuando mucho ${q.part(fraction)} de un límite`,
      mask === null ? '.' : `, y menos dentro de su mascarilla: ${words.masks[mask]}.`,
    ].join(''),
  ],
  'air.elsewhere-unknown': ({ count }) => [
    `Quien está aquí trabaja también en ${count === 1 ? 'un puesto' : `${count} puestos`} cuyo humo no se puede decir.`,
    'Ponga el trabajo allá, o ponga aquí a otra persona.',
    'Su otro puesto no se conoce.',
  ],
  'air.neighbour-unknown': ({ count }) => [
    `${count === 1 ? 'Un puesto de esta nave puede trabajar aunque nadie conoce su humo' : `${count} puestos de esta nave pueden trabajar aunque nadie conoce su humo`}.`,
    'Haga medir aquí todo el polvo mientras trabajan, o que esperen.',
    'No se conoce el humo de un vecino.',
  ],
  'air.neighbours-held': ({ count }) => [
    `${plural(count, 'otro puesto', 'otros puestos')} de esta nave ${count === 1 ? 'espera por su propio aire y no enciende arco: no se cuenta' : 'esperan por su propio aire y no encienden arco: no se cuentan'}.`,
  ],
  'air.measured': ({ substances, takenOn }) => [
    `Hablan las muestras medidas de ${substanceList(substances)} (última ${day(takenOn)}); del resto, el modelo.`,
  ],
  'air.rests-on-pencil': () => ['Se apoya en factores publicados, a lápiz. Sería mejor tener muestras medidas.'],

  'station.stopped': ({ reason }) => [reason ?? 'Detenido. Todavía no se da la razón.', 'Corríjalo y luego reabra.'],
  'gate.not-needed': ({ gate, process }) => [
    `${words.processes[process]} no usa ${gate === 'gas' ? 'gas de cilindro' : 'fuente de poder'}.`,
  ],

  'station.unheard': () => [
    'Todos los pasos estaban abiertos cuando esta pantalla oyó al taller por última vez; desde entonces no lo oye.',
    'Busque conexión antes de encender.',
    'Sin noticias recientes.',
  ],
  'person.sign-in-reset': ({ name }) => [
    `Se entregó un código de un solo uso que pone nueva contraseña y nuevo PIN para ${name}.`,
    'Si usted no lo pidió, avise ya al responsable de seguridad. Un PIN puesto con él firma después de un día.',
  ],
}
