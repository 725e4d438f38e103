import { randomUUID } from 'node:crypto'
import Bowser from 'bowser'
import type { H3Event } from 'h3'
import { getHeader } from 'h3'
import { inTransaction } from './database/connection'
import { holdCredential } from './tables/credential'
import { keepDevice } from './tables/device'
import { openSession } from './tables/session'
import { Problem, serverNow } from './http'
import { giveDeviceCookie, knownDevice } from './known-device'
import { useRunning } from './running'
import { errorsHere } from './words/here'

const CALLED: Readonly<Record<string, string>> = { mobile: 'Phone', tablet: 'Tablet', desktop: 'Computer' }

/** What a device is called until somebody names it: by its kind, as it says itself. */
function calledByItself(event: H3Event): string {
  const said = (getHeader(event, 'user-agent') ?? '').slice(0, 400)
  return (said && CALLED[Bowser.parse(said).platform.type ?? '']) || 'Device'
}

/** Signs somebody in on this device, which acts for them from now on. */
export async function openSessionFor(event: H3Event, siteId: string, personId: string): Promise<void> {
  const { pool } = useRunning()
  const known = await knownDevice(event)
  const deviceId = known?.siteId === siteId ? known.deviceId : randomUUID()
  const sessionId = randomUUID()
  const now = serverNow()
  await inTransaction(pool, async (db) => {
    // Whoever leaves in this very moment has left no way in, and leaves no device behind: the one waits for the other.
    if (!(await holdCredential(db, siteId, personId))) throw new Problem(401, { error: errorsHere().nameAndPassword })
    await keepDevice(db, { siteId, deviceId, personId, name: calledByItself(event) }, now)
    await openSession(db, { sessionId, siteId, personId, deviceId }, now)
  })
  await setUserSession(event, { user: { sessionId } })
  giveDeviceCookie(event, { siteId, deviceId })
}
