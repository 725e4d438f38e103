import { SEAL_STREAM } from '#core/ids/streams'
import { keepReading } from '#shared/keep-reading'
import type { RestsOn } from '#shared/news'
import { addressOf } from '#shared/contract/answers'
import type { Given, ReadingPath, Readings } from '#shared/contract/answers'
import type { Reply } from '~/frame/useApi'

type Unread = Exclude<Reply<unknown>, { readonly ok: true }>

/** Rests on these streams: by their ids, or `item/` for all of a kind. What befalls people is told without their names, as `people`. */
export const among
  = (...ids: readonly string[]): RestsOn =>
    streamId =>
      ids.some(id => id === streamId || (id.endsWith('/') && streamId.startsWith(id)))

/** What a round shows: kit, and where people who wear it stand. */
export const ROUND_RESTS_ON = among('item/', 'check-lists', 'station/', 'place/', 'person/', 'people', 'site')
/** What an opened permit shows: itself, its kit, its places and neighbours, who was told. */
export const PERMIT_RESTS_ON = among('permit/', 'item/', 'check-lists', 'place/', 'notice/', 'house-rules', 'site')

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
  /** What was told up to this position is in it; what was told after it may be. */
  const asOf = ref(0)
  const problem = ref<string | null>(null)
  const { refresh, restart, hear } = keepReading<Body, Unread>({
    path,
    position: () => changes.position,
    ask: () => askFor(route, given()!),
    // A day that ended is sealed: whatever was worked out for today is worked out anew.
    restsOn: streamId => streamId === SEAL_STREAM || restsOn(streamId),
    show: (body, upTo) => {
      asOf.value = upTo
      reading.value = body
    },
    say: (unread) => {
      problem.value = unread && wordsOf(unread)
    },
  })
  watch(path, (now, before) => restart(before !== undefined && before !== now), { immediate: true })
  changes.onTold(hear)
  /** Whatever was told, or passed over, of it. */
  const readAnew = () => restart(false)
  return { reading, asOf, problem, refresh, readAnew }
}
