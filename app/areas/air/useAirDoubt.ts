import type { AirDoubt } from '#core/air/air-doubt'
import type { AirFacts } from '#core/air/air-facts'
import type { WhatIf } from '#core/air/what-if'
import type { DoubtAsked, DoubtTold, Least } from './air-doubt.worker'

/** What is drawn: the facts of the site, the bay, and what is tried there. */
export type DoubtQuestion = Pick<DoubtAsked, 'bayId'> & {
  readonly facts: AirFacts
  readonly change: WhatIf
  /** The same as long as nothing of it changed that the air hangs on: a shop tells of much else, and the clock goes on. */
  readonly key: string
}

const DRAWS = 10_000
const SEED = 1
/** A finger that drags asks again and again: the draws wait until it rests, ms. */
const RESTED_MS = 500

/**
 * How sure the air of a bay is, and the least that would keep whoever works there under, worked out in a worker: how far it has come, then
 * the answer. A new question ends the one before; `leave`
 * ends it for good, until something else is asked.
 */
export function useAirDoubt(asked: () => DoubtQuestion | null) {
  const doubt = shallowRef<AirDoubt | null>(null)
  const least = shallowRef<Least | null>(null)
  const share = ref<number | null>(null)
  const isLeft = ref(false)
  let worker: Worker | null = null
  let waiting: ReturnType<typeof setTimeout> | undefined
  let last = 0

  /** A worker that reckons hears nothing: it is ended, not asked to stop. */
  function end() {
    clearTimeout(waiting)
    worker?.terminate()
    worker = null
    share.value = null
  }
  function leave() {
    end()
    isLeft.value = true
  }
  function begin() {
    end()
    isLeft.value = false
    const question = asked()
    doubt.value = null
    least.value = null
    if (!question) return
    share.value = 0
    waiting = setTimeout(() => {
      const id = ++last
      worker = new Worker(new URL('./air-doubt.worker.ts', import.meta.url), { type: 'module' })
      worker.addEventListener('message', ({ data }: MessageEvent<DoubtTold>) => {
        if (data.id !== last) return
        if ('share' in data) share.value = data.share
        else {
          doubt.value = data.doubt
          least.value = data.least
          end()
        }
      })
      // A worker that cannot run says nothing of doubt: the gate's own answer stands beside it.
      worker.addEventListener('error', leave)
      const { key: _key, ...drawn } = question
      worker.postMessage(JSON.parse(JSON.stringify({ id, ...drawn, draws: DRAWS, seed: SEED })))
    }, RESTED_MS)
  }
  watch(() => asked()?.key, begin, { immediate: true })
  onScopeDispose(end)
  return { doubt, least, share, isLeft, begin, leave }
}
