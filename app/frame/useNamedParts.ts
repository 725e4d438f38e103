import { LOCALES } from '#shared/words/language'
import { framePages } from '~/words/frame'
import { language } from '~/words/live'

const says = framePages.parts
const FIELDS = ['day', 'month', 'year', 'hour', 'minute'] as const

/**
 * The parts of a day or a time that is typed, called in the reader's language: the tool below calls them in English, whatever it writes in
 * them.
 * @param root what the parts stand in
 */
export function useNamedParts(root: Readonly<Ref<HTMLElement | null>>): void {
  const observer = new MutationObserver(name)
  function name() {
    const names = new Intl.DisplayNames(LOCALES[language.value], { type: 'dateTimeField' })
    for (const part of root.value?.querySelectorAll('[data-segment]') ?? []) {
      const field = FIELDS.find(known => known === part.getAttribute('data-segment'))
      if (field) part.setAttribute('aria-label', names.of(field)!)
      if (part.getAttribute('aria-valuetext') === 'Empty') part.setAttribute('aria-valuetext', says.empty)
    }
  }
  onMounted(() => {
    name()
    observer.observe(root.value!, { subtree: true, childList: true, attributeFilter: ['aria-valuetext'] })
  })
  onUnmounted(() => observer.disconnect())
}
