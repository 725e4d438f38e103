import type { sitePages as English } from '../en/site'

/** What the pages of this area say, in Spanish. */
export const sitePages: typeof English = {
  deviceKeys: {
    deviceKeys: 'Llaves de aparatos',
    aLampAWallOr:
      'Una lámpara, una pared o el enclavamiento de una máquina lee con su llave qué puestos pueden encender, y nada más.',
    theKeyOfShownThis: name => `La llave de ${name}, se muestra solo esta vez:`,
    iHaveIt: 'Ya la tengo',
    revoked: 'retirada',
    revoke: 'Retirar',
    whatItIsFor: 'Para qué es',
    interlockOfBay2: 'Enclavamiento del puesto 2',
    makeAKey: 'Hacer una llave',
  },
  error: {
    thereIsNoSuchPage: 'No hay tal página',
    thisPageFailed: 'Esta página falló',
    theAddressLeadsNowhereNothing: 'La dirección no lleva a ningún lado. No se perdió nada.',
    somethingWentWrongThatShould:
      'Salió mal algo que no debía. Lo anotado está a salvo; lo último que hizo tal vez no se ha enviado y se guarda en este aparato.',
    backToTheFloor: 'Volver al piso',
  },
  firstRun: {
    openTheShop: 'Abrir el taller',
    nothingIsHereYetName:
      'Aquí no hay nada todavía. Ponga nombre al taller y a su primer responsable de seguridad, que configura los puestos y las personas. El código está en la terminal donde se inició Zonaris. Zonaris aconseja; no sustituye a la ley, a un higienista, a los bomberos ni al criterio médico.',
    code: 'Código',
    asAbcdEfghJkmn: 'como ABCD-EFGH-JKMN',
    nameOfTheShop: 'Nombre del taller',
    timeZone: 'Zona horaria',
    asEuropeLondon: 'como America/Chicago',
    yourName: 'Su nombre',
    signInName: 'Nombre de acceso',
    password: 'Contraseña',
    atLeast10Characters: 'al menos 10 caracteres',
  },
  setUp: {
    setUp: 'Configurar',
    hallsHoldAreasAreasHold:
      'Las naves tienen áreas, las áreas tienen puestos. Un puesto es un lugar donde una persona enciende un arco; un punto en una estructura lee las tablas de construcción y necesitará permiso.',
    halls: 'Naves',
    noneYet: 'Ninguna todavía.',
    anotherHall: 'Otra nave',
    addHall: 'Agregar nave',
    areas: 'Áreas',
    anotherArea: 'Otra área',
    inHall: 'En la nave',
    addArea: 'Agregar área',
    bays: 'Puestos',
    numberOrName: 'Número o nombre',
    inArea: 'En el área',
    kind: 'Tipo',
    addBay: 'Agregar puesto',
    bay: 'Puesto',
    area: 'Área',
    change: 'Cambiar',
    closed: ', cerrado',
    useAgain: 'Usar otra vez',
    close: 'Cerrar',
    bay2: label => `puesto ${label}`,
  },
  signIn: {
    signIn: 'Entrar',
    zonarisWorksOutWhatIt:
      'Zonaris calcula lo que hace falta para encender un arco con seguridad, y guarda la prueba. Aconseja; deciden el reglamento local y la práctica con licencia.',
    name: 'Nombre',
    password: 'Contraseña',
    iWasHandedAOne: 'Me dieron un código de un solo uso',
    stopAll: 'Parar todo',
    worksOnThisDeviceWithout: 'Funciona en este aparato sin entrar.',
    everyBayIsStoppedSign: 'Todos los puestos están detenidos. Entre para decir por qué.',
  },
  welcome: {
    setYourOwnSignIn: 'Ponga su propio acceso',
    withTheCodeThatThe:
      'Con el código que le dio el responsable de seguridad. Sirve una vez; la contraseña y el PIN son suyos, y nadie más los ve nunca.',
    signInName: 'Nombre de acceso',
    oneTimeCode: 'Código de un solo uso',
    asAbcdEfghJkmn: 'como ABCD-EFGH-JKMN',
    yourNewPassword: 'Su nueva contraseña',
    atLeast10Characters: 'al menos 10 caracteres',
    yourNewPin: 'Su nuevo PIN',
    n4To8DigitsSigns: '4 a 8 cifras; firma por usted en una tableta compartida. Puede esperar.',
    setMySignIn: 'Poner mi acceso',
    iHaveAPassword: 'Ya tengo contraseña',
  },
}
