import { SEAL_STREAM } from '#core/ids/streams'
import { holdsUpTo, isOwed } from '#shared/news'
import type { RestsOn } from '#shared/news'
import { addressOf } from '#shared/contract/answers'
import type { Given, ReadingPath, Readings } from '#shared/contract/answers'
import type { Reply } from '~/frame/useApi'

/** Rests on these streams: by their ids, or `item/` for all of a kind. What befalls people is told without their names, as `people`. */
export const among
  = (...ids: readonly string[]): RestsOn =>
    streamId =>
      ids.some(id => id === streamId || (id.endsWith('/') && streamId.startsWith(id)))

/** What a round shows: kit, and where people who wear it stand. */
export const ROUND_RESTS_ON = among('item/', 'check-lists', 'station/', 'place/', 'person/', 'people', 'site')
/** What permits show: themselves, their kit, their places and neighbours, who was told. */
export const PERMIT_RESTS_ON = among('permit/', 'item/', 'check-lists', 'place/', 'notice/', 'house-rules', 'site')

/** A question to the server, the position up to which its answer holds at least, and the answer on its way. */
interface Asked { readonly path: string, asOf: number, readonly answered: Promise<void> }

/**
 * A reading of the server, asked for again when something changed that it rests on. What was read stays while the next is on its way.
 *
 * @param route the address, with its parts in braces
 * @param given what it is asked with; null asks for nothing
 * @param restsOn the streams whose change it shows
 */
export function useReading<Path extends ReadingPath>(route: Path, given: () => Given<Path> | null, restsOn: RestsOn) {
  type Body = Readings[Path]
  const changes = useChanges()
  /** The address asked for now. */
  const path = (): string | null => {
    const asked = given()
    return asked && addressOf(route, asked)
  }
  const reading = shallowRef<Body | null>(null)
  const problem = ref<string | null>(null)
  let last: Asked | undefined
  let shownAsOf = 0

  /** Asks, unless what was told is answered already, or about to be. */
  function refresh(): Promise<void> {
    const asking = given()
    if (asking === null) {
      reading.value = null
      last = undefined
      return Promise.resolve()
    }
    const wanted = addressOf(route, asking)
    if (last?.path === wanted && last.asOf >= changes.position) return last.answered
    const asked: Asked = { path: wanted, asOf: changes.position, answered: askFor(route, asking).then(reply => show(asked, reply)) }
    last = asked
    return asked.answered
  }

  /** In a busy shop something newer is always on its way: what is newer than what is shown is shown, if not the newest. */
  function show(asked: Asked, reply: Reply<Body>) {
    if (asked.path !== path() || asked.asOf < shownAsOf) return
    if (reply.ok) {
      reading.value = reply.body
      shownAsOf = asked.asOf
    } else if (last === asked) last = undefined
    if (reply.ok || last === undefined) problem.value = reply.ok ? null : wordsOf(reply)
  }

  watch(path, (now, before) => {
    // Another page, another thing: the old one must not stand under the new name.
    if (before !== undefined && before !== now) reading.value = null
    last = undefined
    shownAsOf = 0
    void refresh()
  }, { immediate: true })
  // A day that ended is sealed: whatever was worked out for today is worked out anew.
  const restsOnIt: RestsOn = streamId => streamId === SEAL_STREAM || restsOn(streamId)
  changes.onTold((news) => {
    if (last ? isOwed(last.asOf, news, restsOnIt) : problem.value !== null) void refresh()
    else if (last) last.asOf = holdsUpTo(last.asOf, news)
  })
  return { reading, problem, refresh }
}
