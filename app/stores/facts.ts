import { defineStore } from 'pinia'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { NO_SITE } from '#core/streams/site/site'
import { keepSameParts } from '#shared/same-parts'
import { afterRead, afterTold, isBehind, NOTHING_HEARD, quietForMs, QUIET_AFTER_MS, UNHEARD_AFTER_MS } from '#shared/hearing'
import type { ToldChange } from '#shared/news'
import type { CommandAccepted, FloorReading } from '#shared/contract/readings'
import { speakTimesIn, speakYear } from '#shared/words/site-times'

/** What the shop says of itself: the board as it was last read, kept live, and how well the shop is heard. */
export const useFacts = defineStore('facts', () => {
  const reading = shallowRef<FloorReading | null>(null)
  const hearing = shallowRef(NOTHING_HEARD)
  /** The line is known to be cut: the browser said so, or the stream broke. */
  const isCut = ref(false)
  /** The last try to read the board failed, whatever is heard besides. */
  const isUnread = ref(false)
  const clock = useClock()
  const outbox = useOutbox()
  const session = useSession()
  const changes = useChanges()
  let source: EventSource | undefined
  let refreshing: Promise<void> | undefined
  let again = false
  /** As much was told when the board was last asked for. */
  let askedAsOf = 0

  /** When the board was last read, by the server's clock, ms. */
  const readAtMs = ref(0)
  /** Looked at every second, not at the next turn of judging: what is said to count until an instant counts no longer. */
  const unheardSince = computed(() =>
    clock.nowMs.value > 0 && quietForMs(hearing.value, deviceTime()) > UNHEARD_AFTER_MS ? hearing.value.wholeAt : null,
  )
  /** Whether the shop is not heard now, said at once. */
  const isQuiet = computed(
    () =>
      isCut.value
      || isUnread.value
      || (clock.nowMs.value > 0 && hearing.value.wholeAt !== null && quietForMs(hearing.value, deviceTime()) > QUIET_AFTER_MS),
  )
  /** Since when it is not heard; null while it is, and before it ever was. */
  const quietSince = computed(() => (isQuiet.value ? hearing.value.wholeAt : null))
  const rules = computed(() => reading.value?.rules ?? NEW_SITE_RULES)
  const site = computed(() => reading.value?.site ?? NO_SITE)
  const names = computed(() => new Map(reading.value?.people.map(({ personId, name }) => [personId, name]) ?? []))

  /** One read at a time; a change heard meanwhile makes another one after it, unless it was asked for with that in mind. */
  function refresh(): Promise<void> {
    if (refreshing) {
      again ||= hearing.value.told > askedAsOf
      return refreshing
    }
    refreshing = (async () => {
      do {
        again = false
        askedAsOf = hearing.value.told
        const [askedAt, askedOn] = [clock.nowIso(), deviceTime()]
        const reply = await askFor('floor')
        isUnread.value = !reply.ok && !('refusal' in reply && reply.refusal.status === 401)
        if (reply.ok && (reading.value === null || reply.body.position >= reading.value.position)) {
          reading.value = keepSameParts(reading.value, reply.body)
          outbox.shown(reply.body.position)
          readAtMs.value = Date.parse(clock.nowIso())
          hearing.value = afterRead(hearing.value, reply.body.position, askedAt, askedOn)
          speakTimesIn(reply.body.site.timeZone)
          speakYear(readAtMs.value)
        } else if (!reply.ok && 'refusal' in reply && reply.refusal.status === 401) await session.load()
      } while (again)
    })().finally(() => {
      refreshing = undefined
    })
    return refreshing
  }

  /** What is owed is asked for again at every beat, until it is shown. */
  function heard(position: number, now: string, asOf: string) {
    isCut.value = false
    clock.heard(now)
    hearing.value = afterTold(hearing.value, position, asOf, deviceTime())
    if (isBehind(hearing.value)) void refresh()
  }

  /** What was done here is in the record: asked for at once, before the shop tells of it. */
  function accepted({ position, streams }: CommandAccepted) {
    hearing.value = { ...hearing.value, told: Math.max(hearing.value.told, position) }
    if (isBehind(hearing.value)) void refresh()
    const streamIds = streams.map(({ id }) => id)
    changes.byAnswer(position, streamIds)
  }

  const cut = () => {
    isCut.value = true
  }

  function listen() {
    source?.close()
    source = new EventSource(`/api/v1/events?after=${reading.value?.position ?? 0}`)
    source.addEventListener('changes', (event) => {
      const told = JSON.parse(event.data as string) as { changes: readonly ToldChange[], now: string }
      heard(told.changes.at(-1)!.position, told.now, told.now)
      changes.byStream(told.changes)
    })
    source.addEventListener('heartbeat', (event) => {
      const beat = JSON.parse(event.data as string) as { position: number, now: string, asOf: string }
      heard(beat.position, beat.now, beat.asOf)
      changes.byBeat(beat.position)
    })
    source.addEventListener('error', () => {
      cut()
      // The browser gives up on a stream that was refused; look who is signed in, and begin again.
      if (source?.readyState === EventSource.CLOSED)
        setTimeout(() => {
          if (session.person) void session.load().then(() => session.person && open())
        }, 2000)
    })
  }

  async function open() {
    outbox.whenAccepted(accepted)
    // Before the first answer: a line that is cut while it is on its way is said too.
    window.addEventListener('offline', cut)
    await refresh()
    // What changed before the board was read is told by nobody: pages that were asked for earlier are asked for again.
    if (reading.value) changes.beginAt(reading.value.position)
    listen()
  }

  function close() {
    window.removeEventListener('offline', cut)
    source?.close()
    source = undefined
    reading.value = null
    outbox.shown(Infinity)
    changes.forget()
    useOpened().forget()
    hearing.value = NOTHING_HEARD
    isCut.value = false
    isUnread.value = false
  }

  return { reading, readAtMs, unheardSince, isQuiet, quietSince, rules, site, names, open, close, refresh }
})
