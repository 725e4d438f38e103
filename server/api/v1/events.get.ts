import { createEventStream, getHeader, getQuery, setHeader } from 'h3'
import { z } from 'zod'
import { noteScreen } from '../../tables/permit'
import { keepBeating } from '../../heartbeat'
import type { Beat } from '../../heartbeat'
import { api, parse, Problem, requireSignedIn, serverNow, sessionStands } from '../../http'
import { complain } from '../../logging'
import { Places } from '../../places'
import { shownChanges } from '../../readable'
import { useRunning } from '../../running'
import { personStream } from '#core/ids/streams'
import { errorsHere } from '../../words/here'

const querySchema = z.object({ after: z.coerce.number().int().min(0).default(0) })

/** A silent line is told apart from a dead one by this, ms. */
const HEARTBEAT_MS = 5_000
/** A screen is noted as heard at every so many beats. */
const NOTED_EVERY = 3

const SCREENS_AT_MOST = 400
const SCREENS_OF_ONE = 16
const screens = new Places(SCREENS_AT_MOST, SCREENS_OF_ONE)

/** Server-sent events: what changed at the site after a position. The browser's own Last-Event-ID resumes it. */
export default api(async (event) => {
  const { siteId, sessionId, deviceId, person, holder } = await requireSignedIn(event)
  const lastHeard = Number(getHeader(event, 'last-event-id'))
  const { after } = parse(querySchema, getQuery(event))
  const leave = screens.take(`${siteId} ${person.personId}`)
  if (typeof leave === 'string') {
    setHeader(event, 'retry-after', 10)
    throw new Problem(leave === 'own' ? 429 : 503, {
      error:
        leave === 'own'
          ? errorsHere().screensOfOne(SCREENS_OF_ONE)
          : errorsHere().screensInAll,
    })
  }
  const stream = createEventStream(event)
  const { pool, live } = useRunning()
  const end = () => void stream.close()
  const stop = live.subscribe(siteId, Math.max(after, Number.isInteger(lastHeard) ? lastHeard : 0), (changes) => {
    // Who they are, or what they may, may just have changed: nothing more is told before that is known.
    const isOfMine = changes.some(({ streamId }) => streamId === personStream(person.personId))
    const tell = () =>
      void stream.push({
        event: 'changes',
        id: String(changes.at(-1)!.position),
        data: JSON.stringify({ changes: shownChanges(changes, holder), now: serverNow() }),
      })
    if (isOfMine) sessionStands(sessionId).then(who => (who ? tell() : end()), end)
    else tell()
  })
  // A screen that takes what is sent is heard: hot work rests on somebody else's.
  let beats = 0
  const push = (beat: Beat) => {
    void stream.push({ event: 'heartbeat', data: JSON.stringify(beat) })
    if (beats++ % NOTED_EVERY === 0)
      noteScreen(pool, siteId, deviceId, person.personId, serverNow()).catch(error => complain('A screen could not be noted.', error))
  }
  const stands = async () => (await sessionStands(sessionId)) !== null
  const endBeating = keepBeating(pool, siteId, { now: serverNow, push, stands, end, everyMs: HEARTBEAT_MS })
  stream.onClosed(() => {
    leave()
    endBeating()
    stop()
  })
  return stream.send()
})
