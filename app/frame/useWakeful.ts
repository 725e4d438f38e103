/** Longer than this in the dark counts as slept, ms. */
const SLEPT_MS = 60_000

/**
 * Keeps the screen on as long as the page asks for it, and tells on waking how long it slept. Where the browser cannot
 * (plain http, an old phone), it says so in words.
 */
export function useWakeful() {
  const canStayAwake = 'wakeLock' in navigator
  const isKept = ref(false)
  const slept = ref<{ readonly fromMs: number, readonly untilMs: number } | null>(null)
  const clock = useClock()
  let lock: WakeLockSentinel | undefined
  let lastSeenMs = clock.nowMs.value

  async function keep() {
    if (!canStayAwake || document.visibilityState !== 'visible') return
    try {
      lock = await navigator.wakeLock.request('screen')
      isKept.value = true
      lock.addEventListener('release', () => {
        isKept.value = false
      })
    } catch { isKept.value = false }
  }
  const onVisible = () => {
    if (document.visibilityState === 'visible') void keep()
  }
  // A clock that jumps between two ticks was not running: the phone slept.
  watch(clock.nowMs, (now) => {
    if (now - lastSeenMs > SLEPT_MS) slept.value = { fromMs: lastSeenMs, untilMs: now }
    lastSeenMs = now
  })
  onMounted(() => {
    void keep()
    document.addEventListener('visibilitychange', onVisible)
  })
  onUnmounted(() => {
    document.removeEventListener('visibilitychange', onVisible)
    void lock?.release()
  })
  return {
    canStayAwake,
    isKept,
    slept,
    forget: () => {
      slept.value = null
    },
  }
}
