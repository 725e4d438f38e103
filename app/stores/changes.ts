import { defineStore } from 'pinia'
import { missedAt } from '#shared/news'
import type { News, ToldChange } from '#shared/news'

/**
 * What this screen was told of the site's record: how far it goes, and which streams changed. Whoever shows something of a stream
 * reads it anew when it is told of, and at no other time.
 */
export const useChanges = defineStore('changes', () => {
  /** The newest position that was told of, by whomever. */
  const position = ref(0)
  const listeners = new Set<(news: News) => void>()
  let heard = { told: 0, beat: 0 }

  function tell(news: News) {
    position.value = Math.max(position.value, news.upTo)
    if (news.isWhole) heard = { ...heard, told: Math.max(heard.told, news.upTo) }
    for (const hear of [...listeners]) hear(news)
  }

  /** By the stream: everything since it told last, in order. */
  function byStream(changes: readonly ToldChange[]) {
    tell({ upTo: changes.at(-1)?.position ?? 0, changes, isWhole: true })
  }
  /** By the answer to a command: what that changed, and not what others did before it. */
  function byAnswer(upTo: number, streamIds: readonly string[]) {
    tell({ upTo, changes: streamIds.map(streamId => ({ position: upTo, streamId })), isWhole: false })
  }
  /** By a beat: what could not be read is asked for again, and so is everything where the stream has lost something. */
  function byBeat(standsAt: number) {
    const missed = missedAt(heard)
    heard = { ...heard, beat: standsAt }
    tell(missed === null ? { upTo: heard.told, changes: [], isWhole: false } : { upTo: missed, changes: null, isWhole: true })
  }
  /** Of whatever changed up to a position nobody told: a board was read, and the stream begins after it. */
  function beginAt(upTo: number) {
    tell({ upTo, changes: null, isWhole: true })
  }

  /** Hears all of it until the page is left. */
  function onTold(hear: (news: News) => void) {
    listeners.add(hear)
    onScopeDispose(() => listeners.delete(hear))
  }
  /** Another shop's record has other positions. */
  function forget() {
    position.value = 0
    heard = { told: 0, beat: 0 }
  }
  return { position, byStream, byAnswer, byBeat, beginAt, onTold, forget }
})
