/** The one clock of the server. Rules, deadlines and records ask it; nothing asks the database or the machine. */
export interface Clock { readonly nowMs: () => number }

export const nowIso = (clock: Clock): string => new Date(clock.nowMs()).toISOString()

export const systemClock: Clock = { nowMs: () => Date.now() }

/** A clock that starts at an instant and runs at a speed: for tests and for showing a day in a minute. */
export function shiftedClock(startMs: number, speed: number, real: Clock = systemClock): Clock {
  const beganMs = real.nowMs()
  return { nowMs: () => startMs + (real.nowMs() - beganMs) * speed }
}

/**
 * The clock that `ZONARIS_CLOCK` asks for: an instant, perhaps with a speed, as `2026-11-23T08:00:00Z` or `2026-11-23T03:59:50Z x10`.
 *
 * @throws RangeError when it cannot be read
 */
export function clockFrom(setting: string | undefined): Clock {
  if (!setting) return systemClock
  const [, instant, speed] = /^(\S+)(?:\s+x([\d.]+))?$/.exec(setting.trim()) ?? []
  const startMs = Date.parse(instant ?? '')
  if (Number.isNaN(startMs))
    throw new RangeError(`ZONARIS_CLOCK: an instant such as 2026-11-23T08:00:00Z, perhaps followed by x10, is needed; got ${setting}`)
  return shiftedClock(startMs, speed ? Number(speed) : 1)
}
