import { languageOfDevice, speakLanguage } from '~/words/live'

/** Public pages and the sign-in follow the browser; whoever signs in is spoken to in their own language (`useSession`). */
export default defineNuxtPlugin(async () => {
  await speakLanguage(languageOfDevice())
})
