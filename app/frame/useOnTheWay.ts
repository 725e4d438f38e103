import { onScopeDispose } from 'vue'
import { isNavigationFailure, NavigationFailureType } from 'vue-router'

/**
 * True while somebody has asked for another page and does not see it yet. What a page does by itself, when an answer comes in, asks this
 * first: it does not overtake whoever has already gone on. Whoever has just gone somewhere by themselves asks with `isMineDone`: only what
 * was asked for since then counts.
 */
export function useOnTheWay(): (isMineDone?: boolean) => boolean {
  const router = useRouter()
  const shown = useRoute()
  let isAsked = false
  // Before any guard: a navigation that waits in one is on its way.
  const forgetStart = useNuxtApp().hook('page:loading:start', () => {
    isAsked = true
  })
  const forgetEnd = router.afterEach((_to, _from, failure) => {
    // The end of a navigation that a later one has overtaken is told too, and ends nothing.
    if (!isNavigationFailure(failure, NavigationFailureType.cancelled)) isAsked = false
  })
  onScopeDispose(forgetStart)
  onScopeDispose(forgetEnd)
  // A page is told of its new address a moment after the router has it.
  return (isMineDone = false) => isAsked || (!isMineDone && router.currentRoute.value.fullPath !== shown.fullPath)
}

/** Goes on to another page once something is done; unless whoever did it has left this one by themselves in the meantime. */
export function useGoOn(): (to: string) => Promise<unknown> {
  const router = useRouter()
  const isOnTheWay = useOnTheWay()
  let isHere = true
  onScopeDispose(() => {
    isHere = false
  })
  return async to => isHere && !isOnTheWay() ? router.push(to) : undefined
}
