import type { AirFacts } from '#core/air/air-facts'
import type { GlanceAt, HallField, HallFieldQuestion, HallGlance } from '#core/air/hall-field'
import { msOf } from '#core/time/instant'
import type { HallAsked, HallMessage, HallTold } from './hall-field.worker'

/** A hand that drags asks again and again: the whole field waits until it rests, ms. */
const RESTED_MS = 300
const HOUR_MS = 3_600_000

/** The same as long as nothing changed that the air of any hall hangs on; what lapses does so on the hour. */
const factsKey = ({ halls, stations, sheets, surveys, rules, site, wearers, now }: AirFacts): string =>
  JSON.stringify([halls, stations, sheets, surveys, rules, site.bays, site.areas, site.halls, wearers, Math.floor(msOf(now) / HOUR_MS)])

/**
 * A hall worked out in a worker: the whole of it, and while something is dragged one look at it, as fast as the hand. Only the newest
 * question is answered.
 */
export function useHallField(
  facts: () => AirFacts,
  asked: () => Omit<HallFieldQuestion, 'facts'>,
  look: () => GlanceAt | null,
) {
  const field = shallowRef<HallField | null>(null)
  /** One look newer than the field; null once the field has caught up. */
  const glance = shallowRef<HallGlance | null>(null)
  const isKnown = ref(false)
  const isFailed = ref(false)
  const worker = new Worker(new URL('./hall-field.worker.ts', import.meta.url), { type: 'module' })
  const post = (message: HallMessage): void => worker.postMessage(JSON.parse(JSON.stringify(message)))
  let last = 0
  /** Asked and not answered yet; what came in since waits. */
  let asking = 0
  let next: Omit<HallAsked, 'id'> | null = null
  let waiting: ReturnType<typeof setTimeout> | undefined

  function ask(question: Omit<HallAsked, 'id'>): void {
    if (asking !== 0) {
      // Only the newest waits: after a glance the whole field is asked for anyway.
      next = question
      return
    }
    asking = ++last
    post({ id: asking, ...question })
  }
  const whole = (): void => ask(asked())
  function soon(): void {
    clearTimeout(waiting)
    waiting = setTimeout(whole, RESTED_MS)
  }

  worker.addEventListener('message', ({ data }: MessageEvent<HallTold>) => {
    asking = 0
    if ('field' in data) {
      field.value = data.field
      isKnown.value = true
      if (next === null) glance.value = null
    } else if (data.glance) glance.value = data.glance
    const waited = next
    next = null
    if (waited) ask(waited)
  })
  worker.addEventListener('error', () => {
    // What was worked out before stands for nothing that is asked now.
    field.value = null
    glance.value = null
    isFailed.value = true
  })

  watch(() => factsKey(facts()), () => {
    post({ facts: facts() })
    whole()
  }, { immediate: true })
  watch(() => JSON.stringify([asked().hallId, asked().substance ?? '']), whole)
  watch(() => JSON.stringify(asked().tried), () => {
    const at = look()
    if (at) ask({ ...asked(), glance: at })
    soon()
  })
  onScopeDispose(() => {
    clearTimeout(waiting)
    worker.terminate()
  })
  return { field, glance, isKnown, isFailed }
}
