import type { PublicShopReading } from '#shared/contract/readings'

/** How often a page before the door looks again, ms. */
const LOOK_AGAIN_MS = 20_000

/**
 * What the shop tells before anybody signs in, looked at again and again while the page stands. What cannot be read is not shown as it
 * was: null until it can.
 */
export function useOutside() {
  const reading = shallowRef<PublicShopReading | null>(null)
  let timer: ReturnType<typeof setInterval> | undefined
  async function look() {
    const reply = await askFor('public/shop')
    reading.value = reply.ok ? reply.body : null
  }
  onMounted(() => {
    void look()
    timer = setInterval(() => void look(), LOOK_AGAIN_MS)
  })
  onUnmounted(() => clearInterval(timer))
  return { reading, look }
}
