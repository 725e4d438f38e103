import type { Language } from '#shared/words/language'
import { keepLanguageOfDevice, language, speakLanguage } from '~/words/live'

/** The language of this screen, and choosing another: for the person who is signed in, else for the device. */
export function useLanguage() {
  const session = useSession()
  const other = computed<Language>(() => language.value === 'en' ? 'es' : 'en')

  /** @returns what went wrong, in words; empty when it is chosen */
  async function choose(chosen: Language): Promise<string> {
    if (session.person) {
      const reply = await sendTo('preferences', { language: chosen })
      if (!reply.ok) return wordsOf(reply)
    } else keepLanguageOfDevice(chosen)
    await speakLanguage(chosen)
    return ''
  }
  return { language, other, choose }
}
