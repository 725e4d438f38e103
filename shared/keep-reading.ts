import { holdsUpTo, isOwed } from './news'
import type { News, RestsOn } from './news'

/** What came of a question: what was read, or that nothing was. */
export type Answer<Body, Refused> = { readonly ok: true, readonly body: Body } | Refused

/** A question to the server, the position up to which its answer holds at least, and the answer on its way. */
interface Asked {
  readonly path: string
  asOf: number
  readonly answered: Promise<void>
}

/**
 * Keeps something read as new as what was told. In a busy shop something newer is always on its way: an answer newer than what is shown
 * is shown, if not the newest. Only the newest question settles whether anything is owed: an older answer that comes after it failed
 * must not make what is shown look whole.
 *
 * @param path the address asked for now; null asks for nothing
 * @param position the newest position that was told of
 * @param show what was read, with the position it holds at least up to, or null where nothing is asked for any more
 * @param say what the newest answer was, when it was none; null when it came
 */
export function keepReading<Body, Refused extends { readonly ok: false }>({ path, position, ask, restsOn, show, say }: {
  readonly path: () => string | null
  readonly position: () => number
  readonly ask: () => Promise<Answer<Body, Refused>>
  readonly restsOn: RestsOn
  readonly show: (body: Body | null, asOf: number) => void
  readonly say: (refused: Refused | null) => void
}) {
  let last: Asked | undefined
  let hasFailed = false
  let shownAsOf = 0

  /** Asks, unless what was told is answered already, or about to be. */
  function refresh(): Promise<void> {
    const wanted = path()
    if (wanted === null) {
      last = undefined
      show(null, 0)
      return Promise.resolve()
    }
    if (last?.path === wanted && last.asOf >= position() && !hasFailed) return last.answered
    const asked: Asked = { path: wanted, asOf: position(), answered: ask().then(answer => take(asked, answer)) }
    last = asked
    hasFailed = false
    return asked.answered
  }

  function take(asked: Asked, answer: Answer<Body, Refused>) {
    if (asked.path !== path()) return
    if (answer.ok && asked.asOf >= shownAsOf) {
      shownAsOf = asked.asOf
      show(answer.body, shownAsOf)
    }
    if (asked !== last) return
    hasFailed = !answer.ok
    say(answer.ok ? null : answer)
  }

  /** Another address: the old one must not stand under the new name. */
  function restart(isOther: boolean) {
    if (isOther) show(null, 0)
    last = undefined
    shownAsOf = 0
    void refresh()
  }

  function hear(news: News) {
    if (!last) return
    if (hasFailed || isOwed(last.asOf, news, restsOn)) void refresh()
    else last.asOf = holdsUpTo(last.asOf, news)
  }
  return { refresh, restart, hear }
}
