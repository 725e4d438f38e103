/** Milliseconds the server's clock is ahead of this device's. */
const aheadMs = ref(0)
const tick = ref(Date.now())
let started = false

/** The one clock of the browser: the server's, carried on between the times it is heard. */
export function useClock() {
  if (!started) {
    started = true
    setInterval(() => {
      tick.value = Date.now()
    }, 1000)
  }
  const nowMs = computed(() => tick.value + aheadMs.value)
  return {
    nowMs,
    /** The instant now, ISO 8601 in UTC. */
    nowIso: (): string => new Date(Date.now() + aheadMs.value).toISOString(),
    heard: (serverNow: string) => { aheadMs.value = Date.parse(serverNow) - Date.now() },
  }
}
