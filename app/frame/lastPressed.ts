import { shallowRef } from 'vue'

/** The key that was pressed last, wherever it is: what is said of it stands beside it. */
export const lastPressed = shallowRef<Element | null>(null)

if (import.meta.client)
  document.addEventListener('click', ({ target }) => {
    if (target instanceof Element) lastPressed.value = target.closest('button, a') ?? lastPressed.value
  }, { capture: true, passive: true })
