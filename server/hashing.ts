import pLimit from 'p-limit'

// Passwords are slow to hash on purpose, on the same few threads that open every session's cookie: twenty sign-ins at once kept
// a Stop waiting for fifteen seconds. Two hash at a time, some wait their turn, and who comes after that is told to come again.

/** Of the four threads that a process has for this, half stay free for sessions. */
const AT_ONCE = 2
/** A class of twenty at the door with room to spare: the last of them waits a few seconds. */
const WAITING_AT_MOST = 40

/** Too many wait already: nothing was looked at. */
export class TooBusy extends Error {
  constructor() {
    super('too many passwords are being looked at')
  }
}

/**
 * Work that goes a few at a time.
 *
 * @param waitingAtMost further ones are refused at once
 */
export function narrowDoor(atOnce = AT_ONCE, waitingAtMost = WAITING_AT_MOST): <Result>(work: () => Promise<Result>) => Promise<Result> {
  const limit = pLimit(atOnce)
  return async (work) => {
    if (limit.activeCount + limit.pendingCount >= atOnce + waitingAtMost) throw new TooBusy()
    return limit(work)
  }
}

/** The one door that all hashing of this process goes through. */
export const throughHashing = narrowDoor()
