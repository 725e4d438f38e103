import type { Shown } from '../shown'

/** What hangs from the name of whoever is signed in, in English. */
export const accountPages = {
  signedInAs: (list: Shown) => `Signed in as ${list}.`,
  lightLook: 'Light look',
  darkLook: 'Dark look',
  mySignIn: 'My sign-in',
  houseRules: 'House rules',
  setUp: 'Set-up',
  signOut: 'Sign out',
  signOutEverywhere: 'Sign out everywhere',
}
