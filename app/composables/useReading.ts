import { SEAL_STREAM } from '#core/ids/streams'
import type { Reply } from '~/composables/useApi'

/** Does a reading rest on a stream? What befalls people is told without their names, as `people`. */
export type RestsOn = (streamId: string) => boolean

/** Rests on these streams: by their ids, or `item/` for all of a kind. */
export const among = (...ids: readonly string[]): RestsOn => streamId => ids.some(id => id === streamId || (id.endsWith('/') && streamId.startsWith(id)))

/** What a round shows: kit, and where people who wear it stand. */
export const ROUND_RESTS_ON = among('item/', 'check-lists', 'station/', 'place/', 'person/', 'people', 'site')
/** What permits show: themselves, their kit, their places and neighbours, who was told. */
export const PERMIT_RESTS_ON = among('permit/', 'item/', 'check-lists', 'place/', 'notice/', 'house-rules', 'site')

/** A question to the server: how much was told when it was asked, and its answer on the way. */
interface Asked { readonly path: string, asOf: number, readonly answered: Promise<void> }

/**
 * A reading of the server, asked for again when something changed that it rests on. What was read stays while the next is on its way.
 *
 * @param path null asks for nothing
 * @param restsOn the streams whose change it shows
 */
export function useReading<Body>(path: () => string | null, restsOn: RestsOn) {
  const changes = useChanges()
  const reading = shallowRef<Body | null>(null)
  const problem = ref<string | null>(null)
  let last: Asked | undefined

  /** Asks, unless what was told is answered already, or about to be. */
  function refresh(): Promise<void> {
    const wanted = path()
    if (wanted === null) {
      reading.value = null
      last = undefined
      return Promise.resolve()
    }
    if (last?.path === wanted && last.asOf >= changes.position) return last.answered
    const asked: Asked = { path: wanted, asOf: changes.position, answered: ask<Body>(wanted).then(reply => show(asked, reply)) }
    last = asked
    return asked.answered
  }

  function show(asked: Asked, reply: Reply<Body>) {
    // Something newer was asked for meanwhile.
    if (last !== asked) return
    if (reply.ok) reading.value = reply.body
    else last = undefined
    problem.value = reply.ok ? null : wordsOf(reply)
  }

  watch(path, (now, before) => {
    // Another page, another thing: the old one must not stand under the new name.
    if (before !== undefined && before !== now) reading.value = null
    last = undefined
    void refresh()
  }, { immediate: true })
  changes.onTold((position, streamIds) => {
    // A day that ended is sealed: whatever was worked out for today is worked out anew.
    if (streamIds === null || streamIds.some(streamId => streamId === SEAL_STREAM || restsOn(streamId))) void refresh()
    // Of what it does not rest on there is nothing to be read, unless the last answer did not come.
    else if (last) last.asOf = position
    else if (problem.value !== null) void refresh()
  })
  return { reading, problem, refresh }
}
