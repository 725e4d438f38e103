import type { PublicShopReading } from '#shared/contract/readings'
import { longestSince, UNHEARD_AFTER_MS } from '#shared/hearing'
import type { DeviceTime } from '#shared/hearing'

/** How often a page before the door looks again, and how often it sees to it that what it shows is not old, ms. */
const LOOK_AGAIN_MS = 20_000
const SEE_TO_IT_MS = 2000

/**
 * What the shop tells before anybody signs in, looked at again and again while the page stands. How the bays stand is not shown as it
 * was: it goes once it cannot be read, or was read too long ago. Whom to call stays: a number does not grow old in an hour.
 * @param isWanted whether anything is asked for
 */
export function useOutside(isWanted: () => boolean = () => true) {
  const reading = shallowRef<PublicShopReading | null>(null)
  let timer: ReturnType<typeof setInterval> | undefined
  let askedAt: DeviceTime | null = null
  let readAt: DeviceTime | null = null
  let asked = 0

  const forgetToday = () => {
    if (reading.value?.today) reading.value = { ...reading.value, today: null }
  }
  async function look() {
    const own = ++asked
    const at = deviceTime()
    askedAt = at
    const reply = await askFor('public/shop')
    // An answer that was overtaken says how it was before.
    if (own !== asked) return
    if (reply.ok) {
      reading.value = reply.body
      // As old as the question, however long the answer took.
      readAt = at
      seeToIt()
    } else forgetToday()
  }
  function seeToIt() {
    if (readAt && longestSince(readAt, deviceTime()) > UNHEARD_AFTER_MS) forgetToday()
    if (isWanted() && (askedAt === null || longestSince(askedAt, deviceTime()) > LOOK_AGAIN_MS)) void look()
  }
  onMounted(() => {
    seeToIt()
    timer = setInterval(seeToIt, SEE_TO_IT_MS)
  })
  onUnmounted(() => clearInterval(timer))
  return { reading, look }
}
