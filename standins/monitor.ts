import { randomFrom } from '#core/chance/draws'

// A stand-in for a direct-reading instrument of carbon monoxide that stays at a bay: it breathes a believable shift and tells what it
// reads, as SenML (RFC 8428), with a device key that tells. Its figures are invented.
//
//   npm run monitor -- http://127.0.0.1:3000 bay-4:carbon-monoxide        (the key in ZONARIS_KEY)
//   ... --fast 60     a minute of the shift each second
//   ... --peak 5      a hose comes off in the fifth minute

/** What it tells each time: so many readings, so far apart, s. */
const READ_EVERY_S = 5
const TELL_EVERY = 3
/** The hall without an arc, and what an arc adds to it, ppm; the air around the bay is renewed in so many minutes. */
const HALL_PPM = 1.5
const ARC_PPM = 9
const RENEWED_MIN = 3
/** An arc burns a little more than a quarter of the time, a minute or so at once. */
const ARC_SHARE = 0.28
const ARC_MIN = 1.2
const PEAK_PPM = 420

/** A record as it is sent: the value of a name, so many seconds from now. */
export interface SentReading { readonly bn?: string, readonly bu?: string, readonly v: number, readonly t: number }

/** An instrument at a bay: what it reads, step by step, the same for the same seed. */
export class StandInMonitor {
  readonly #next: () => number
  #ppm = HALL_PPM
  #isArc = false
  #minute = 0

  constructor(seed: number, private readonly peakAtMin: number | null = null) {
    this.#next = randomFrom(seed)
  }

  /** What it reads after so many minutes more, ppm. */
  read(minutes: number): number {
    this.#minute += minutes
    const meanMin = this.#isArc ? ARC_MIN : ARC_MIN * (1 - ARC_SHARE) / ARC_SHARE
    if (this.#next() < minutes / meanMin) this.#isArc = !this.#isArc
    const isPeak = this.peakAtMin !== null && this.#minute >= this.peakAtMin && this.#minute < this.peakAtMin + 2
    const toward = isPeak ? PEAK_PPM * 2 : HALL_PPM + (this.#isArc ? ARC_PPM / ARC_SHARE : 0)
    this.#ppm += (toward - this.#ppm) * (1 - Math.exp(-minutes / RENEWED_MIN))
    // A cell reads to half a part, and jitters by as much.
    return Math.max(0, Math.round((this.#ppm + (this.#next() - 0.5)) * 2) / 2)
  }

  /** The readings of a stretch that ends now, as a SenML pack. */
  pack(name: string, count: number, apartS: number, fast = 1): readonly SentReading[] {
    return Array.from({ length: count }, (_, i) => ({
      ...i === 0 ? { bn: name, bu: 'ppm' } : {},
      v: this.read(apartS * fast / 60),
      t: -(count - 1 - i) * apartS,
    }))
  }
}

/** Tells what was read. @returns what the shop answered: its status, and what it said */
export async function tellReadings(url: string, key: string, pack: readonly SentReading[]): Promise<{ status: number, said: string }> {
  const response = await fetch(`${url}/api/v1/readings`, {
    method: 'POST',
    headers: { 'authorization': `Bearer ${key}`, 'content-type': 'application/senml+json' },
    body: JSON.stringify(pack),
    signal: AbortSignal.timeout(10_000),
  })
  return { status: response.status, said: await response.text() }
}

/** Reads and tells until stopped. What cannot be told is told with the next: nothing is lost by a line that was cut for a while. */
export function keepTelling({ url, key, name, fast = 1, peakAtMin = null, told }: {
  readonly url: string
  readonly key: string
  readonly name: string
  readonly fast?: number
  readonly peakAtMin?: number | null
  readonly told: (line: string) => void
}): () => void {
  const monitor = new StandInMonitor(1, peakAtMin)
  let owed: readonly (SentReading & { readonly atS: number })[] = []
  let busy = false
  const turn = async () => {
    if (busy) return
    busy = true
    const nowS = Date.now() / 1000
    owed = [...owed, ...monitor.pack(name, TELL_EVERY, READ_EVERY_S, fast).map(one => ({ ...one, atS: nowS + one.t }))].slice(-900)
    const pack = owed.map(({ v, atS }, i): SentReading => ({ ...i === 0 ? { bn: name, bu: 'ppm' } : {}, v, t: atS }))
    try {
      const { status, said } = await tellReadings(url, key, pack)
      if (status === 200) owed = []
      told(`${status} ${pack.at(-1)!.v} ppm ${said}`)
    } catch (error) {
      told(`not heard: ${error instanceof Error ? error.message : String(error)}`)
    } finally {
      busy = false
    }
  }
  const timer = setInterval(() => void turn(), TELL_EVERY * READ_EVERY_S * 1000)
  void turn()
  return () => clearInterval(timer)
}

const [, script, url, name, ...flags] = process.argv
const flag = (what: string): number | null => (flags.includes(what) ? Number(flags[flags.indexOf(what) + 1]) : null)
if (script?.endsWith('monitor.ts') && url && name) {
  keepTelling({
    url,
    key: process.env.ZONARIS_KEY ?? '',
    name,
    fast: flag('--fast') ?? 1,
    peakAtMin: flag('--peak'),
    told: line => process.stdout.write(`${line}\n`),
  })
}
