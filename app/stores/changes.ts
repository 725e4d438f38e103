import { defineStore } from 'pinia'

type Heard = (position: number, streamIds: readonly string[] | null) => void

/**
 * What this screen was told of the site's record: how far it goes, and which streams changed. Whoever shows something of a stream
 * reads it anew when it is told of, and at no other time.
 */
export const useChanges = defineStore('changes', () => {
  /** The newest position that was told of. */
  const position = ref(0)
  const listeners = new Set<Heard>()

  /**
   * Tells of changes up to a position, by an answer or by the stream of them: once, whichever comes first.
   *
   * @param streamIds those that changed; null where nobody knows which
   */
  function tell(upTo: number, streamIds: readonly string[] | null) {
    const isNew = upTo > position.value
    if (isNew) position.value = upTo
    // A beat that brings nothing new is heard too: what could not be read is asked for again.
    for (const heard of [...listeners]) heard(position.value, isNew ? streamIds : [])
  }

  /** Hears of every change until the page is left. */
  function onTold(heard: Heard) {
    listeners.add(heard)
    onScopeDispose(() => listeners.delete(heard))
  }
  /** Another shop's record has other positions. */
  function forget() {
    position.value = 0
  }
  return { position, tell, onTold, forget }
})
