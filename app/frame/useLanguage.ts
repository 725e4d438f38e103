import type { Language } from '#shared/words/language'
import { framePages } from '~/words/frame'
import { keepLanguageOfDevice, language, speakLanguage } from '~/words/live'

const says = framePages.api

/** The language of this screen, and choosing another: for the person who is signed in, else for the device. */
export function useLanguage() {
  const session = useSession()
  const other = computed<Language>(() => language.value === 'en' ? 'es' : 'en')

  /** Somebody was told that what is half typed would be lost, and can choose anew. */
  let isTold = false

  /** @returns what went wrong, or stands against it, in words; empty when it is chosen */
  async function choose(chosen: Language): Promise<string> {
    if (halfTyped.size > 0 && !isTold) {
      isTold = true
      return says.typedWouldBeLost
    }
    isTold = false
    if (session.person) {
      const reply = await sendTo('preferences', { language: chosen })
      if (!reply.ok) return wordsOf(reply)
    } else keepLanguageOfDevice(chosen)
    return await speakLanguage(chosen) ? '' : says.wordsNotFetched
  }
  return { language, other, choose }
}
