import { ref, shallowRef } from 'vue'
import { LANGUAGES } from '#shared/words/language'
import type { Language } from '#shared/words/language'
import type { Spanish } from './es'

/** The language that this screen speaks. */
export const language = ref<Language>('en')
const spanish = shallowRef<Spanish | null>(null)

/**
 * Words that change with the language of the screen: what is read of them is read in the language spoken now, so that a page that
 * shows them shows others as soon as another is chosen. English goes with the page that says it; Spanish comes when it is first asked for.
 * @param english the words, at most rooms in rooms, with sentences as functions at the leaves
 * @param inSpanish the same words there
 */
export function live<Words extends object>(english: Words, inSpanish: (spanish: Spanish) => Words): Words {
  const rooms = new Map<PropertyKey, object>()
  return new Proxy(english, {
    get(_, key) {
      const spoken = language.value === 'es' && spanish.value ? inSpanish(spanish.value) : english
      const value: unknown = Reflect.get(spoken, key)
      if (typeof value !== 'object' || value === null) return value
      const room = rooms.get(key) ?? live(Reflect.get(english, key) as object, all => Reflect.get(inSpanish(all), key) as object)
      rooms.set(key, room)
      return room
    },
  })
}

/** What was asked for last: words that come late are of no other. */
let wanted: Language = 'en'
/** Nobody waits longer for words than this, ms: the board and Stop come first. */
const PATIENCE_MS = 6000

/**
 * Speaks another language from now on: its words are fetched first, so that no page shows two.
 * @returns false where they did not come in time: a shop that is hardly heard goes on in the language it has, until they do
 */
export async function speakLanguage(chosen: Language): Promise<boolean> {
  wanted = chosen
  if (chosen === 'es' && spanish.value === null) {
    const fetched = import('./es').then((words) => {
      spanish.value = words.spanish
      if (wanted === 'es') speakNow('es')
      return true
    }, () => false)
    return Promise.race([fetched, new Promise<false>(resolve => setTimeout(() => resolve(false), PATIENCE_MS))])
  }
  speakNow(chosen)
  return true
}

function speakNow(chosen: Language): void {
  language.value = chosen
  document.documentElement.lang = chosen
}

const KEPT = 'zonaris-language'

/** The language of a screen that nobody is signed in at: as somebody chose it here, else the browser's. */
export function languageOfDevice(): Language {
  const known = (tag: string | null): Language | undefined => LANGUAGES.find(one => one === tag?.slice(0, 2))
  return known(localStorage.getItem(KEPT)) ?? navigator.languages.map(known).find(Boolean) ?? 'en'
}

/** Keeps the choice for this screen, for when nobody is signed in. */
export const keepLanguageOfDevice = (chosen: Language): void => localStorage.setItem(KEPT, chosen)
