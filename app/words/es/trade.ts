import type { tradePages as English } from '../en/trade'

/** What an area is about, and the trade's words in it, in Spanish. */
export const tradePages: typeof English = {
  page: {
    whatIs: area => `¿Qué es ${area}?`,
    wordsOfTheTrade: 'Palabras del oficio',
    asTheyAreMeant: 'Qué quieren decir aquí las palabras de cada paso y de cada área.',
  },
  about: {
    floor: 'Cada renglón es un puesto: quién trabaja allí, en qué, y sus siete pasos. Puede encender cuando los siete están abiertos. Lo que está cerrado, o lo que nadie sabe, lo hace esperar, y dice por qué.',
    job: 'Qué se suelda, con qué, con cuánta corriente y por cuánto tiempo. De esto salen la sombra, la ropa, el aire y el fuego.',
    eyes: 'Un lente bastante oscuro para este arco, en una careta revisada hoy, y lentes de seguridad debajo.',
    body: 'Ropa, del cuello a las botas, que no se derrite ni atrapa chispas, para esta corriente y posición.',
    air: 'Lo que este trabajo pone en el aire del puesto, lo que se lleva la campana, y lo que queda por respirar, frente a lo que permiten la ley y la casa.',
    gas: 'Cilindros, reguladores, mangueras y arrestallamas: el gas correcto, de pie y encadenado, sin fugas, y con bastante dentro.',
    machine: 'Una fuente que aguanta esta corriente, cables enteros, la pinza de tierra en la pieza, las revisiones hechas.',
    fire: 'Lo que puede arder está lejos o cubierto, hay un extintor a mano; donde el lugar no está así todos los días, también un permiso y un vigía.',
    kit: 'Cada cosa con etiqueta: qué es, dónde está, cuándo hay que revisarla y quién lo hace.',
  },
  floor: {
    clear: {
      word: 'Puede encender',
      means: 'Todo lo que se pide se sabe y está en orden: se puede encender el arco.',
    },
    hold: {
      word: 'Espere',
      means: 'Algo falta, está mal, o nadie lo ha dicho. Lo que no se sabe cuenta como que no está en orden.',
    },
    gate: {
      word: 'Paso',
      means: 'Una de siete preguntas sobre un puesto: trabajo, ojos, cuerpo, aire, gas, máquina, fuego.',
    },
    inks: {
      word: 'Lápiz y tiza',
      means: 'A lápiz está lo supuesto, por una regla práctica o de antes. Con tiza, lo que alguien dijo.',
    },
  },
  job: {
    process: {
      word: 'Proceso',
      means: 'Cómo se une o se corta el metal: electrodo revestido, MIG con alambre que avanza, TIG con un tungsteno que no se funde, llama, plasma.',
    },
    consumable: {
      word: 'Consumible',
      means: 'El electrodo o el alambre que se funde. De él sale la mayor parte del humo; por eso hay que nombrarlo.',
    },
    coating: {
      word: 'Recubrimiento',
      means: 'Lo que hay sobre el metal: zinc, pintura, aceite. Se quema y va al aire; el que nadie conoce cuenta como el peor.',
    },
    arcTime: {
      word: 'Minutos de arco',
      means: 'Cuánto arde el arco en una hora de trabajo. El trabajo en sí dura más.',
    },
    confined: {
      word: 'Confinado',
      means: 'Un espacio del que cuesta salir, y donde se juntan humo y gas.',
    },
  },
  eyes: {
    shade: {
      word: 'Sombra',
      means: 'Lo oscuro que es un lente: cuanto más alto el número, más oscuro. Empiece oscuro y aclare hasta ver apenas el charco, nunca por debajo del mínimo que obliga.',
    },
    autoDarkening: {
      word: 'Oscurecimiento automático',
      means: 'Un lente que se oscurece solo al ver el arco. Lo claro que es antes, y lo rápido que cambia, tienen que servir para el arco.',
    },
    arcEye: {
      word: 'Quemadura de arco',
      means: 'Quemadura del ojo por la luz ultravioleta. Duele horas después, y la causa tanto el arco del vecino como el propio.',
    },
    coverPlate: {
      word: 'Mica',
      means: 'La mica transparente que guarda al lente de las salpicaduras. Rota o empañada, se cambia.',
    },
  },
  body: {
    spatter: {
      word: 'Salpicadura',
      means: 'Gotas de metal fundido que lanza la soldadura.',
    },
    flameResistant: {
      word: 'Resistente a la llama',
      means: 'Tela que se apaga sola cuando se quita la llama. Dentro de la llama arde como cualquiera.',
    },
    synthetic: {
      word: 'Sintético',
      means: 'Poliéster, nailon, acrílico: se derriten sobre la piel. Cerca de un arco nadie los lleva, tampoco debajo de otra ropa.',
    },
    cuff: {
      word: 'Doblez',
      means: 'Borde vuelto hacia arriba donde la salpicadura se queda y sigue ardiendo; un bolsillo abierto hace lo mismo.',
    },
  },
  air: {
    limit: {
      word: 'Límite de exposición',
      means: 'Cuánto de una sustancia puede tener el aire donde alguien respira, en promedio de ocho horas si no dice otra cosa.',
    },
    ceiling: {
      word: 'Techo',
      means: 'Un límite que no se pasa ni por un momento.',
    },
    capture: {
      word: 'Captura',
      means: 'La parte del humo que la campana se lleva antes de que alguien lo respire. Baja rápido con la distancia.',
    },
    action: {
      word: 'Fracción de acción',
      means: 'La parte de un límite desde la que este taller empieza a actuar.',
    },
    protection: {
      word: 'Factor de protección',
      means: 'Cuánto baja lo que se respira una mascarilla que ajusta.',
    },
  },
  gas: {
    regulator: {
      word: 'Regulador',
      means: 'Baja la presión del cilindro a la que admite el soplete. Cada uno es para un tipo de gas.',
    },
    arrestor: {
      word: 'Arrestallamas',
      means: 'Detiene un retroceso de flama en la manguera.',
    },
    leakTest: {
      word: 'Prueba de fugas',
      means: 'Un líquido hecho para eso en cada unión, con presión. Nunca una llama.',
    },
    tare: {
      word: 'Tara',
      means: 'Lo que pesa un cilindro vacío.',
    },
    testDate: {
      word: 'Fecha de prueba',
      means: 'Estampada en el hombro: cuándo se probó el cilindro por última vez. De ella sale la próxima.',
    },
  },
  machine: {
    duty: {
      word: 'Ciclo de trabajo',
      means: 'Cuántos minutos de cada diez aguanta la máquina una corriente, según su placa. Después tiene que enfriarse.',
    },
    workLead: {
      word: 'Cable de tierra',
      means: 'El cable por el que vuelve la corriente. Su pinza va en la pieza, cerca de la soldadura.',
    },
    openCircuit: {
      word: 'Voltaje en vacío',
      means: 'Lo que hay entre portaelectrodo y pieza mientras no arde el arco. En lo mojado o lo estrecho puede matar.',
    },
  },
  fire: {
    hotWork: {
      word: 'Trabajo en caliente',
      means: 'Todo lo que hace llama, arco, chispas, o calor bastante para encender algo.',
    },
    designated: {
      word: 'Puesto designado',
      means: 'Un lugar hecho para trabajo en caliente, donde no se guarda nada que arda. No necesita permiso.',
    },
    watch: {
      word: 'Vigía de incendios',
      means: 'Alguien sin otro trabajo que busca fuego durante el trabajo y después.',
    },
    lowerLimit: {
      word: 'Límite inferior',
      means: 'Lo menos de un gas en el aire que arde. Una lectura es una parte de él.',
    },
  },
  kit: {
    taggedOut: {
      word: 'Fuera de servicio',
      means: 'Nadie lo usa hasta que alguien designado para ello lo arregle y lo diga.',
    },
    named: {
      word: 'Alguien designado',
      means: 'Una persona que el taller nombró competente para un tipo de cosa.',
    },
    round: {
      word: 'Ronda',
      means: 'Un recorrido por todo lo que toca revisar, una cosa tras otra.',
    },
    grace: {
      word: 'Días de gracia',
      means: 'Cuánto se deja pasar una revisión atrasada. La ley no concede ninguno.',
    },
  },
}
