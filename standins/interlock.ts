import { clearanceResponse } from '#shared/contract/clearance-schema'
import type { ClearanceReading } from '#shared/contract/clearance-schema'

// A stand-in for what a machine's builder would write: a small program that follows the clearance of one bay and lets a
// simulated machine strike only while that bay is clear to strike. It fails closed: what it has not heard for ten seconds,
// what it cannot read, and what is about another bay, does not enable the machine.
//
//   npm run interlock -- http://127.0.0.1:3000 bay-2        (the key in ZONARIS_KEY)

/** The machine is enabled no longer than this after the last answer that said so, ms. */
export const FAIL_CLOSED_AFTER_MS = 10_000
const ASK_EVERY_MS = 2000

/** Whether the machine may strike, and why not. */
export interface Enable {
  readonly mayStrike: boolean
  readonly because: string
}

/** What one answer says of a bay: anything but a clear bay under this very id keeps the machine off. */
export function enableFrom(reading: ClearanceReading | null, bayId: string): Enable {
  const bay = reading?.bays.find(one => one.bayId === bayId)
  if (reading === null) return { mayStrike: false, because: 'the answer could not be read' }
  if (!bay) return { mayStrike: false, because: `the shop knows no bay ${bayId}` }
  const isClear
    = bay.isClear && bay.word === 'clear-to-strike' && Object.values(bay.gates).every(state => state === 'open' || state === 'not-needed')
  return isClear ? { mayStrike: true, because: 'clear to strike' } : { mayStrike: false, because: bay.reason ?? bay.word }
}

/** A machine that strikes only while it is enabled, by a clock that never runs backwards. */
export class Interlock {
  #last: Enable & { readonly atMs: number } = { mayStrike: false, because: 'nothing heard yet', atMs: -Infinity }
  #saidAtMs = -Infinity
  constructor(private readonly nowMs: () => number) {}

  /**
   * @param saidAt the shop's own instant: an answer that is no newer than the last one, kept by something in between, is not heard
   */
  heard(enable: Enable, saidAt: string | null): void {
    const saidAtMs = saidAt === null ? null : Date.parse(saidAt)
    if (saidAtMs !== null && !(saidAtMs > this.#saidAtMs)) return
    this.#saidAtMs = saidAtMs ?? this.#saidAtMs
    this.#last = { ...enable, atMs: this.nowMs() }
  }

  /** Asked before every strike, and all the while the arc burns. */
  get state(): Enable {
    const quietMs = this.nowMs() - this.#last.atMs
    if (quietMs > FAIL_CLOSED_AFTER_MS && this.#last.atMs > -Infinity)
      return { mayStrike: false, because: `nothing heard for ${Math.floor(quietMs / 1000)} s` }
    return { mayStrike: this.#last.mayStrike, because: this.#last.because }
  }
}

/** Asks once. What fails is not an answer: the interlock hears nothing, and closes when its time is up. */
export async function askClearance(url: string, key: string): Promise<ClearanceReading | null | 'unheard'> {
  try {
    const response = await fetch(`${url}/api/v1/clearance`, {
      cache: 'no-store',
      headers: { authorization: `Bearer ${key}` },
      signal: AbortSignal.timeout(ASK_EVERY_MS * 2),
    })
    if (!response.ok) return 'unheard'
    const read = clearanceResponse.safeParse(await response.json())
    return read.success ? read.data : null
  } catch {
    return 'unheard'
  }
}

/** Follows a bay until stopped, and tells each change of the machine. */
export function follow({
  url,
  key,
  bayId,
  told,
}: {
  readonly url: string
  readonly key: string
  readonly bayId: string
  readonly told: (state: Enable) => void
}): () => void {
  const interlock = new Interlock(() => performance.now())
  let before = ''
  let asking = false
  const look = () => {
    const { state } = interlock
    const now = `${state.mayStrike} ${state.because}`
    if (now !== before) told(state)
    before = now
  }
  const ask = async () => {
    if (asking) return
    asking = true
    const reading = await askClearance(url, key)
    asking = false
    if (reading !== 'unheard') interlock.heard(enableFrom(reading, bayId), reading?.at ?? null)
    look()
  }
  const timers = [setInterval(() => void ask(), ASK_EVERY_MS), setInterval(look, 250)]
  void ask()
  return () => timers.forEach(timer => clearInterval(timer))
}

const [, script, url, bayId] = process.argv
if (script?.endsWith('interlock.ts') && url && bayId) {
  follow({
    url,
    key: process.env.ZONARIS_KEY ?? '',
    bayId,
    told: ({ mayStrike, because }) => process.stdout.write(`${mayStrike ? 'ENABLED' : 'OFF'} ${bayId}: ${because}\n`),
  })
}
