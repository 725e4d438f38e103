import type { Reply } from '~/composables/useApi'

/** A reading of the server, asked for again whenever something changed at the site. What was read stays while the next is on its way. */
export function useReading<Body>(path: () => string | null) {
  const floor = useFloor()
  const reading = shallowRef<Body | null>(null)
  const problem = ref<string | null>(null)
  let asked = 0

  async function refresh() {
    const wanted = path()
    const mine = ++asked
    if (wanted === null) {
      reading.value = null
      return
    }
    const reply: Reply<Body> = await ask<Body>(wanted)
    if (mine !== asked) return
    if (reply.ok) reading.value = reply.body
    problem.value = reply.ok ? null : wordsOf(reply)
  }
  watch([path, () => floor.reading?.position], ([now], before) => {
    // Another page, another thing: the old one must not stand under the new name.
    if (before[0] !== undefined && before[0] !== now) reading.value = null
    void refresh()
  }, { immediate: true })
  return { reading, problem, refresh }
}
