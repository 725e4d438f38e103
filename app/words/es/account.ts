import type { accountPages as English } from '../en/account'

/** What hangs from the name of whoever is signed in, in Spanish. */
export const accountPages: typeof English = {
  signedInAs: list => `Entró como ${list}.`,
  lightLook: 'Aspecto claro',
  darkLook: 'Aspecto oscuro',
  mySignIn: 'Mi acceso',
  houseRules: 'Reglas de la casa',
  setUp: 'Configurar',
  signOut: 'Salir',
  signOutEverywhere: 'Salir en todas partes',
}
