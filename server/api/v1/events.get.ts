import { createEventStream, getHeader, getQuery, setHeader } from 'h3'
import { z } from 'zod'
import { noteScreen } from '../../database/permit'
import { keepBeating } from '../../heartbeat'
import type { Beat } from '../../heartbeat'
import { knownDevice } from '../../known-device'
import { api, parse, Problem, requireSignedIn, serverNow } from '../../http'
import { Places } from '../../places'
import { useRunning } from '../../running'

const querySchema = z.object({ after: z.coerce.number().int().min(0).default(0) })

/** A silent line is told apart from a dead one by this, ms. */
const HEARTBEAT_MS = 5_000
/** A screen is noted as heard at every so many beats. */
const NOTED_EVERY = 3

const SCREENS_AT_MOST = 400
const SCREENS_OF_ONE = 16
const screens = new Places(SCREENS_AT_MOST, SCREENS_OF_ONE)

/** Server-sent events: what changed at the site after a position. The browser's own Last-Event-ID resumes it. */
export default api(async event => {
  const { siteId, person } = await requireSignedIn(event)
  const lastHeard = Number(getHeader(event, 'last-event-id'))
  const { after } = parse(querySchema, getQuery(event))
  const leave = screens.take(`${siteId} ${person.personId}`)
  if (typeof leave === 'string') {
    setHeader(event, 'retry-after', 10)
    throw new Problem(leave === 'own' ? 429 : 503, {
      error:
        leave === 'own'
          ? `One person has at most ${SCREENS_OF_ONE} screens open. Close one.`
          : 'Too many screens are open on this server.',
    })
  }
  const stream = createEventStream(event)
  const stop = useRunning().live.subscribe(siteId, Math.max(after, Number.isInteger(lastHeard) ? lastHeard : 0), changes => {
    void stream.push({ event: 'changes', id: String(changes.at(-1)!.position), data: JSON.stringify({ changes, now: serverNow() }) })
  })
  const { pool } = useRunning()
  const device = knownDevice(event)
  // A screen that takes what is sent is heard: hot work rests on a second one.
  let beats = 0
  const push = (beat: Beat) => {
    void stream.push({ event: 'heartbeat', data: JSON.stringify(beat) })
    if (device && beats++ % NOTED_EVERY === 0)
      noteScreen(pool, siteId, device.deviceId, serverNow()).catch(error => console.error('A screen could not be noted.', error))
  }
  const endBeating = keepBeating(pool, siteId, { now: serverNow, push, everyMs: HEARTBEAT_MS })
  stream.onClosed(() => {
    leave()
    endBeating()
    stop()
  })
  return stream.send()
})
